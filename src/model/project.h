// SPDX-License-Identifier: GPL-3.0-or-later
// The building as the designer thinks of it. Plain values: copying a project copies all of it, two equal projects are
// equal field by field. Metres, degrees for angles a person types, shares from 0 to 1.
//
// Axes: x to the right of the drawing, y up the drawing, z up. Site::north says where true north lies.
#pragma once
#include <map>
#include <set>
#include <string>
#include <vector>

#include "base/fingerprint.h"
#include "base/vec.h"
#include "climate/calendar.h"
#include "model/material.h"
#include "model/shading.h"
#include "model/thing.h"
#include "model/use.h"

namespace wp::model {

/// How rain and dirt reach a pane; what dirt takes follows from it, from the slope and from the site.
enum class Exposure { normal, sheltered, driving_rain };

/// A hole in a wall of a room and what fills it.
struct Opening {
    enum class Kind { window, door, panel, opening_void };
    Id id;
    std::string name;
    Kind kind = Kind::window;
    int edge = 0;      ///< the wall: footprint edge from corner edge to corner edge + 1
    double along = 0;  ///< from the edge's first corner to the opening's near side
    double width = 1, height = 1, sill = 0.9;
    double frame = 0.06;  ///< width seen of the frame, and of every mullion and transom; window only
    int columns = 1,
        rows = 1;          ///< lights side by side and above each other, divided by mullions and transoms; window only
    double reveal = 0.12;  ///< how far the middle of the pane or leaf stands from the inner face of the wall
    Id glazing;  ///< what fills it: of a window a glazing; of a door or panel an opaque material or a glazing; empty:
                 ///< by type
    Id reveals;  ///< material of reveal, sill and head; empty: by type
    Id frames;   ///< of its frame and mullions; empty: by type
    bool blind = false;               ///< an inner blind that criteria may close
    Id blind_material;                ///< a fabric or slats; empty: the project's plain blind
    std::vector<ShadeLayer> shading;  ///< fixed, from the pane outwards and inwards
    Exposure exposure = Exposure::normal;
    Extra extra;
    bool operator==(const Opening&) const;
};

/// A wall whose thickness is its own, not the option's.
struct Wall {
    int edge = 0;
    double thickness = 0.1;
    bool operator==(const Wall&) const;
};

/// One surface of a room whose material is its own.
struct OwnFinish {
    static constexpr int kFloor = -1, kCeiling = -2;
    int surface = 0;  ///< an edge of the footprint, or kFloor, kCeiling
    Id material;
    bool operator==(const OwnFinish&) const;
};

/// A room: its footprint is drawn along the inner face of outside walls and along the middle of walls to other rooms,
/// counter-clockwise, without holes. Two rooms that share (part of) an edge share one wall there.
struct Room {
    enum class Top { follows_roof, flat };
    Id id;
    std::string name;
    std::vector<Vec2> footprint;
    double height = 3;  ///< clear height; may reach through the storeys above
    Top top =
        Top::follows_roof;     ///< whether the ceiling follows a pitched roof, where the storey has one above the room
    Id floor, walls, ceiling;  ///< materials of this room; empty: by type
    std::vector<OwnFinish> own_finishes;
    std::vector<Wall> own_walls;  ///< by edge; both sides of a shared wall say the same, else the thicker counts
    std::vector<Opening> openings;
    Id occupancy;  ///< its pattern of occupied hours; empty: the hours of the question
    Extra extra;
    bool operator==(const Room&) const;
};

/// A wall that stands free in a room, or reaches only part of its height.
struct Partition {
    Id id;
    std::string name;
    Vec2 from, to;  ///< its middle line
    double thickness = 0.1, height = 1.5;
    Id material;
    Extra extra;
    bool operator==(const Partition&) const;
};

/// A hole in a storey's floor, down into the room below: a stair, or the open side of a gallery.
struct FloorVoid {
    Id id;
    std::string name;
    std::vector<Vec2> outline;  ///< counter-clockwise
    Extra extra;
    bool operator==(const FloorVoid&) const;
};

/// A roof above rooms of a storey. Without one, a storey is covered flat.
struct Roof {
    enum class Kind { mono_pitch, gable, sawtooth };
    Id id;
    std::string name;
    Kind kind = Kind::gable;
    std::vector<Id> rooms;  ///< none means all of the storey
    double eaves = 2.6;     ///< height of the lowest line of the ceiling above the storey's floor
    double pitch = 35;      ///< degrees from the horizontal
    double direction =
        0;                ///< degrees clockwise from +y, the way the roof rises; a sawtooth's upright lights look there
    int bays = 3;         ///< sawtooth only
    double overhang = 0;  ///< past the outer face of the walls, in plan
    Extra extra;
    bool operator==(const Roof&) const;
};

/// A glazed hole in a roof: lying in it, or upright in the riser of a sawtooth.
struct Rooflight {
    Id id;
    std::string name;
    Vec2 centre;
    double width = 1;      ///< across the slope, or along the turned x axis on a flat roof; along the riser
    double length = 1;     ///< up the slope, in plan; height of the glass where upright
    double turn = 0;       ///< degrees counter-clockwise, flat roofs only
    bool upright = false;  ///< stands in the riser nearest to its centre
    double upstand =
        0.15;  ///< of the glass above the roof's outer face; where upright, of its sill above the lower roof
    double frame = 0.06;
    Id glazing;  ///< empty: by type
    bool blind = false;
    Id blind_material;
    std::vector<ShadeLayer> shading;
    Exposure exposure = Exposure::normal;
    Extra extra;
    bool operator==(const Rooflight&) const;
};

/// A picture or one page of a PDF, laid under a storey to be traced.
struct Underlay {
    std::string file;  ///< relative to the project file; empty: none
    int page = 1;
    Vec2 place;             ///< where its lower left corner lies
    double width = 20;      ///< metres that its width stands for
    double turn = 0;        ///< degrees counter-clockwise about its place
    double strength = 0.5;  ///< 0 invisible, 1 as it is
    bool operator==(const Underlay&) const;
};

/// A permanent dimension line.
struct Dimension {
    Id id;
    Vec2 from, to;
    double offset = 0.6;  ///< of the line from what it measures, to the left of from-to
    bool operator==(const Dimension&) const;
};

struct Storey {
    Id id;
    std::string name;
    double level = 0;   ///< of the floor, above the site's zero
    double height = 3;  ///< clear height that new rooms take
    std::vector<Room> rooms;
    std::vector<Partition> partitions;
    std::vector<FloorVoid> voids;
    std::vector<Roof> roofs;
    std::vector<Rooflight> rooflights;
    std::vector<Dimension> dimensions;
    Underlay underlay;
    Extra extra;
    bool operator==(const Storey&) const;

    Storey();
    Storey(const Storey&);
    Storey(Storey&&) noexcept;
    Storey& operator=(const Storey&);
    Storey& operator=(Storey&&) noexcept;
    ~Storey();
};

/// A neighbouring building or other solid: a prism, with a roof of its own if it has one.
struct Block {
    enum class Top { flat, mono_pitch, gable };
    Id id;
    std::string name;
    std::vector<Vec2> footprint;
    double base = 0, height = 6;  ///< to the eaves
    Top top = Top::flat;
    double pitch = 35;     ///< degrees
    double direction = 0;  ///< degrees clockwise from +y, the way the roof rises
    Id material;           ///< empty: by type
    Extra extra;
    bool operator==(const Block&) const;
};

/// Where light is asked about: points in cells no wider than the spacing.
struct ReferencePlane {
    enum class On {
        floor,   ///< level, at a height above a room's floor
        wall,    ///< upright, before a wall of a room, facing into it
        facade,  ///< upright, before the outer face of a wall, facing outwards
        deck,    ///< on a part of a thing: a flight or landing of a stair, a ramp, the top of a table
    };
    enum class Along { drawing, longest_edge, true_north };
    Id id;
    std::string name;
    On on = On::floor;
    Id room;               ///< floor, wall, facade; of a deck the room its thing stands in, if any
    int edge = 0;          ///< wall, facade
    Id thing;              ///< deck
    int deck = 0;          ///< which of decks_of(thing)
    double height = 0.76;  ///< floor: above the floor. Else: how far the points stand before the surface
    double margin = 0.3;   ///< from the walls, or from the edges
    double spacing = 0.5;
    int number = 0;                ///< so many points at least, instead of the spacing; 0: the spacing counts
    Along along = Along::drawing;  ///< floor: which way the cells lie
    std::vector<Vec2> area;        ///< floor: only within; empty: all of the room
    std::vector<std::vector<Vec2>> left_out;  ///< floor: not within
    bool turned_over =
        false;             ///< looks the other way: down, or into the wall. The model check asks whether that is meant
    bool occupied = true;  ///< counts as regularly occupied floor area for criteria
    Extra extra;
    bool operator==(const ReferencePlane&) const;
};

/// An eye that looks somewhere.
struct Observer {
    Id id;
    std::string name;
    Id room;
    Vec3 eye{0, 0, 1.2};
    double heading = 0;          ///< degrees clockwise from +y of the drawing
    double altitude = 0;         ///< degrees above the horizon
    std::vector<double> others;  ///< further headings from the same place
    Extra extra;
    bool operator==(const Observer&) const;
};

/// Heights of eyes above the floor: EN 17037:2018, annex E, seated and standing.
inline constexpr double kSeatedEye = 1.2, kStandingEye = 1.7;
/// Headings of an observer, its own first.
std::vector<double> headings(const Observer& observer);
/// "Reading table, 135\u00b0": place and direction of one of its views.
std::string view_name(const Observer& observer, size_t heading);

/// A place where light is told as a number: on a desk, a stair, a wall.
struct Reading {
    Id id;
    std::string name;
    Id room;  ///< empty: outdoors
    Vec3 at;
    Vec3 facing{0, 0, 1};  ///< unit, away from what it lies on
    Extra extra;
    bool operator==(const Reading&) const;
};

/// A way of looking at the option that was given a name.
struct View {
    enum class Kind { plan, elevation, section, model };
    Id id;
    std::string name;
    Kind kind = Kind::plan;
    Id storey;  ///< plan, elevation
    Id room;    ///< elevation: of this room's wall
    int edge = 0;
    bool outside = false;                        ///< elevation: seen from outside
    Vec2 from, to;                               ///< section: the cut, seen towards its left
    double cut = 1.2;                            ///< plan: height of the cut above the floor
    double turn = 30, tilt = 40, distance = 30;  ///< model: degrees, degrees, metres
    Vec3 target;                                 ///< model
    bool operator==(const View&) const;
};

/// A design alternative: everything that is drawn.
struct Option {
    Id id;
    std::string name;
    std::string note;
    double outer_wall = 0.35;  ///< thickness of outside walls
    double inner_wall = 0.12;  ///< thickness of walls between rooms
    double roof = 0.3;         ///< thickness of roof and slabs
    std::map<Part, Id> types;  ///< materials of what has none of its own
    std::vector<Storey> storeys;
    std::vector<Block> blocks;
    std::vector<Thing> things;
    std::vector<ReferencePlane> planes;
    std::vector<Observer> observers;
    std::vector<Reading> readings;
    std::vector<WindowGroup> groups;  ///< made by hand
    BlindControl control;             ///< of all windows that no group by hand holds
    std::vector<Lighting> lighting;
    std::vector<View> views;
    Extra extra;
    bool operator==(const Option&) const;

    Option();
    Option(const Option&);
    Option(Option&&) noexcept;
    Option& operator=(const Option&);
    Option& operator=(Option&&) noexcept;
    ~Option();
};

struct Site {
    std::string name;
    double latitude = 0, longitude = 0, time_zone = 0, elevation = 0;
    double north = 0;  ///< azimuth of the drawing's +y, degrees clockwise from true north
    double ground_reflectance = 0.2;
    std::vector<double>
        ground_by_month;  ///< empty: the same all the year; else twelve reflectances for moments and years
    double ground_level = 0;
    double dirt = 0;                  ///< share of light that dirt takes from an upright pane under normal exposure
    int leaf_from = 5, leaf_to = 10;  ///< months in which trees are in leaf, both included; may run over the new year
    std::string weather;              ///< path of the EPW file, relative to the project file
    bool light_from_file = false;  ///< outdoor light as the file carries it, where it does, instead of from irradiance
    Extra extra;
    bool operator==(const Site&) const;
};

/// Trees with or without leaves.
enum class Season { in_leaf, bare };
Season season_of(int leaf_from, int leaf_to, int month);
/// What dirt leaves of a pane's light: 1 for a clean site. tilt: degrees between the pane and the upright, 0 to 90.
/// A loss by the site times a factor by slope and weather, after BS 8206-2:2008 (withdrawn), annex A.
double maintenance_factor(const Site& site, Exposure exposure, double tilt);

/// Which sky and sun are looked at.
struct SkyChoice {
    enum class Shape {
        weather,  ///< all-weather sky of the hour
        cie,      ///< one of the sixteen of CIE S 011
        uniform,
    };
    /// Where the amounts of light come from.
    enum class Amount {
        weather,      ///< the hour's diffuse and direct light
        place,        ///< latitude and the sun's altitude, by the kind of sky
        illuminance,  ///< given in lux
        irradiance,   ///< given in W/m^2
    };
    Shape shape = Shape::weather;
    Amount amount = Amount::weather;
    int type = 16;           ///< of CIE S 011, shape cie only
    double diffuse = 10000;  ///< given amounts: on the horizontal
    double direct = 0;       ///< and normal to the sun
    bool needs_weather() const {
        return amount == Amount::weather || (shape == Shape::weather && amount == Amount::place);
    }
    bool operator==(const SkyChoice&) const;
};

/// What is asked of an option.
struct Question {
    enum class Kind {
        daylight_factor,
        moment,     ///< illuminance under the sky and sun of one moment or several
        sun_hours,  ///< how long the sun reaches a place, when first and when last
        sky_view,   ///< how much sky a place sees, and where none
        exposure,   ///< light and irradiation added up over a period
        year,
        glare,
    };
    enum class At {
        planes,
        windows,         ///< the middle of every window and rooflight, on the outer face of its wall
        window_reveals,  ///< the same on the inner face, 1.2 m above the floor and 0.3 m above the sill at least
        readings,        ///< at the option's readings
    };
    Id id;
    std::string name;
    Kind kind = Kind::daylight_factor;
    At at = At::planes;          ///< not for the year and glare
    double faintest_source = 0;  ///< glare: cd/m^2 below which nothing is a source of glare; 0: the usual rule alone
    std::vector<Id> planes;      ///< none means all of the option
    Id observer;                 ///< glare only
    climate::Moment moment;      ///< glare only
    std::vector<climate::Moment> moments;  ///< moment only: at least one
    SkyChoice sky;                         ///< moment only
    climate::Moment first{3, 21, 0},
        last{3, 21, 24};        ///< sun_hours, exposure: days, both included; may run over the new year
    double step = 5;            ///< sun_hours: minutes between looks
    double least_altitude = 0;  ///< sun_hours: degrees; a lower sun does not count
    bool probable = false;      ///< sun_hours: only when the weather's sun shines, not whenever it is up
    double accuracy = 0.02;     ///< wanted half-width (95 %) as a share of the stated figure
    unsigned seed = 1;
    double from = 8, to = 18;  ///< occupied hours of standard time, every day, of rooms without a pattern; year only
    double target = 300;       ///< lux; year only
    double useful_low = 100, useful_high = 3000;  ///< limits of useful daylight, lux; the target parts it; year only
    int pixels = 256;                             ///< picture width, glare only
    int heading = 0;                              ///< which of the observer's headings, glare only
    Season season = Season::in_leaf;              ///< daylight factor only
    std::vector<std::string> without;  ///< things and blocks that are left out: ids, or kinds ("tree", "block")
    Extra extra;
    bool operator==(const Question&) const;
};

struct Project;
/// The project's first question of a kind that is asked on planes, asked on all of them; a usual one where it has none:
/// what is kept live.
Question question_of(const Project& project, Question::Kind kind);

struct Project {
    std::string name;
    Site site;
    std::vector<Material> materials;
    std::vector<Option> options;
    std::vector<Question> questions;
    std::vector<Occupancy> occupancies;
    YearCalendar calendar;
    std::vector<std::string> criteria;  ///< ids of criteria sets
    double blind_transmittance = 0.05;  ///< diffuse visible transmittance of closed blinds
    Extra extra;
    bool operator==(const Project&) const;

    Project();
    Project(const Project&);
    Project(Project&&) noexcept;
    Project& operator=(const Project&);
    Project& operator=(Project&&) noexcept;
    ~Project();
};

// Look-ups. Null where there is none.
template <class T>
T* find(std::vector<T>& list, const Id& id) {
    for (T& item : list)
        if (item.id == id) return &item;
    return nullptr;
}
template <class T>
const T* find(const std::vector<T>& list, const Id& id) {
    return find(const_cast<std::vector<T>&>(list), id);
}

/// A room and the storey it is on.
struct RoomPlace {
    Storey* storey = nullptr;
    Room* room = nullptr;
    explicit operator bool() const { return room != nullptr; }
};
RoomPlace find_room(Option& option, const Id& id);
struct ConstRoomPlace {
    const Storey* storey = nullptr;
    const Room* room = nullptr;
    explicit operator bool() const { return room != nullptr; }
};
ConstRoomPlace find_room(const Option& option, const Id& id);
/// The room that holds an opening, and the opening.
struct OpeningPlace {
    Storey* storey = nullptr;
    Room* room = nullptr;
    Opening* opening = nullptr;
    explicit operator bool() const { return opening != nullptr; }
};
OpeningPlace find_opening(Option& option, const Id& id);

/// The storey and the rooflight, partition or the like that it holds, by id. Null where there is none.
template <class T>
struct Placed {
    Storey* storey = nullptr;
    T* item = nullptr;
    explicit operator bool() const { return item != nullptr; }
};
template <class T>
Placed<T> find_on_storeys(Option& option, std::vector<T> Storey::*list, const Id& id) {
    for (Storey& storey : option.storeys)
        if (T* item = find(storey.*list, id)) return {&storey, item};
    return {};
}

/// The smallest "prefix-N" that nothing of a list has.
template <class T>
Id unused_id(const std::vector<T>& list, const std::string& prefix) {
    for (int n = 1;; ++n)
        if (Id id = prefix + "-" + std::to_string(n); find(list, id) == nullptr) return id;
}

/// An empty storey.
Storey new_storey(const Id& id, const std::string& name, double level);

/// The smallest "prefix-NN" that nothing of the option has yet.
Id fresh_id(const Option& option, const std::string& prefix);
/// The same among ids that are gathered once, for many at a time.
std::set<Id> taken_ids(const Option& option);
Id fresh_id(const std::set<Id>& taken, const std::string& prefix);

/// Why a surface has the material it has.
enum class Reason { own, room, type, none };
const char* reason_name(Reason reason);
struct Finish {
    const Material* material = nullptr;  ///< null where there is none, or where the id names none
    Id id;
    Reason reason = Reason::none;
};
/// The first of these that is named: the surface's own, its room's, the option's by type.
Finish finish_of(const Project& project, const Option& option, Part part, const Id& own, const Id& of_room = {});
/// The same for one surface of a room: an edge, OwnFinish::kFloor or kCeiling.
Finish room_finish(const Project& project, const Option& option, const Room& room, int surface);
/// Gives one surface of a room a material of its own; an empty id takes it away.
void set_own_finish(Room& room, int surface, const Id& material);
/// Reflectance and the like computed for parts without a material: what IES LM-83-12 gives for unknown finishes.
Material assumed_for(Part part);

/// True where a question leaves a thing or block out.
bool left_out(const std::vector<std::string>& without, const Id& id, const char* kind);

/// Corners of an edge: from footprint[edge] to the next one.
Vec2 edge_begin(const Room& room, int edge);
Vec2 edge_end(const Room& room, int edge);
double edge_length(const Room& room, int edge);

/// Turns the order of a room's corners about; openings, thicknesses and finishes stay on their walls.
void turn_ring(Room& room);

/// Thickness of the wall at an edge if it has its own, else the given one.
double own_thickness(const Room& room, int edge, double otherwise);
void set_own_thickness(Room& room, int edge, double thickness);

/// Moves an opening along its wall and clips its size so that it stays within the wall. top: how high the wall reaches
/// there above the room's floor; the room's height where nothing else is known.
void keep_in_wall(const Room& room, Opening& opening, double top);
void keep_in_wall(const Room& room, Opening& opening);

}  // namespace wp::model

// Copying, comparing and releasing a model is compiled once, in values.cpp: every file that touches one would make it
// anew, a fifth of its time.
extern template class std::vector<wp::model::Opening>;
extern template class std::vector<wp::model::Wall>;
extern template class std::vector<wp::model::OwnFinish>;
extern template class std::vector<wp::model::Room>;
extern template class std::vector<wp::model::Partition>;
extern template class std::vector<wp::model::FloorVoid>;
extern template class std::vector<wp::model::Roof>;
extern template class std::vector<wp::model::Rooflight>;
extern template class std::vector<wp::model::Dimension>;
extern template class std::vector<wp::model::Storey>;
extern template class std::vector<wp::model::Block>;
extern template class std::vector<wp::model::ReferencePlane>;
extern template class std::vector<wp::model::Observer>;
extern template class std::vector<wp::model::Reading>;
extern template class std::vector<wp::model::View>;
extern template class std::vector<wp::model::Option>;
extern template class std::vector<wp::model::Question>;
extern template class std::vector<wp::model::ShadeLayer>;
extern template class std::vector<wp::model::WindowGroup>;
extern template class std::vector<wp::model::Thing>;
extern template class std::vector<wp::model::Material>;
extern template class std::vector<wp::model::Lighting>;
extern template class std::vector<wp::model::Occupancy>;
extern template class std::vector<wp::model::Holiday>;
extern template class std::vector<wp::model::Underlay>;
