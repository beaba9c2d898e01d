// SPDX-License-Identifier: GPL-3.0-or-later
// The building as the designer thinks of it. Plain values: copying a project copies all of it, two equal projects are
// equal field by field. Metres, degrees for angles a person types, shares from 0 to 1.
//
// Axes: x to the right of the drawing, y up the drawing, z up. Site::north says where true north lies.
#pragma once
#include <map>
#include <string>
#include <vector>

#include "base/fingerprint.h"
#include "base/vec.h"
#include "climate/calendar.h"

namespace wp::model {

/// A name unique within its list, stable across edits; what files and answers refer to.
using Id = std::string;

/// Unknown keys of a project file, kept as JSON text so that a newer program's additions survive a round trip.
using Extra = std::string;

struct Material {
    enum class Kind { opaque, glazing };
    Id id;
    std::string name;
    Kind kind = Kind::opaque;
    double reflectance = 0.5;    ///< diffuse, visible, 0 to 1; opaque only
    double transmittance = 0.7;  ///< visible, normal incidence, 0 to 1; glazing only
    int panes = 2;               ///< number of panes, 1 to 4; glazing only
    std::string source;          ///< where the figures come from
    Extra extra;
    bool operator==(const Material&) const = default;
};

/// A hole in a wall of a room: a window with glass, or an unglazed void.
struct Opening {
    enum class Kind { window, opening_void };
    Id id;
    std::string name;
    Kind kind = Kind::window;
    int edge = 0;                ///< the wall: footprint edge from corner edge to corner edge + 1
    double along = 0;            ///< from the edge's first corner to the opening's near side
    double width = 1, height = 1, sill = 0.9;
    double frame_fraction = 0.2;  ///< share of the opening that the frame covers, 0 to 1
    double reveal = 0.12;         ///< how far the pane stands from the inner face of the wall
    Id glazing;
    bool blind = false;           ///< an inner blind that criteria may close
    Extra extra;
    bool operator==(const Opening&) const = default;
};

/// A room: its footprint is the inner face of its walls, counter-clockwise, without holes.
struct Room {
    Id id;
    std::string name;
    std::vector<Vec2> footprint;
    double height = 3;
    Id floor, walls, ceiling;  ///< materials
    std::vector<Opening> openings;
    Extra extra;
    bool operator==(const Room&) const = default;
};

struct Storey {
    Id id;
    std::string name;
    double level = 0;  ///< of the floor, above the site's zero
    std::vector<Room> rooms;
    Extra extra;
    bool operator==(const Storey&) const = default;
};

/// A neighbouring building or other solid: a prism.
struct Block {
    Id id;
    std::string name;
    std::vector<Vec2> footprint;
    double base = 0, height = 6;
    Id material;
    Extra extra;
    bool operator==(const Block&) const = default;
};

/// Points in a room at a height, in cells no wider than spacing, inside the footprint less the margin.
struct ReferencePlane {
    Id id;
    std::string name;
    Id room;
    double height = 0.76;
    double margin = 0.3;
    double spacing = 0.5;
    bool occupied = true;  ///< counts as regularly occupied floor area for criteria
    Extra extra;
    bool operator==(const ReferencePlane&) const = default;
};

/// An eye that looks somewhere.
struct Observer {
    Id id;
    std::string name;
    Id room;
    Vec3 eye{0, 0, 1.2};
    double heading = 0;   ///< degrees clockwise from +y of the drawing
    double altitude = 0;  ///< degrees above the horizon
    Extra extra;
    bool operator==(const Observer&) const = default;
};

/// A design alternative: everything that is drawn.
struct Option {
    Id id;
    std::string name;
    std::string note;
    double outer_wall = 0.35;  ///< thickness of outside walls
    double roof = 0.3;         ///< thickness of roof and slabs
    Id reveals, facade, roof_finish;
    std::vector<Storey> storeys;
    std::vector<Block> blocks;
    std::vector<ReferencePlane> planes;
    std::vector<Observer> observers;
    Extra extra;
    bool operator==(const Option&) const = default;
};

struct Site {
    std::string name;
    double latitude = 0, longitude = 0, time_zone = 0, elevation = 0;
    double north = 0;  ///< azimuth of the drawing's +y, degrees clockwise from true north
    double ground_reflectance = 0.2;
    double ground_level = 0;
    std::string weather;  ///< path of the EPW file, relative to the project file
    Extra extra;
    bool operator==(const Site&) const = default;
};

/// What is asked of an option.
struct Question {
    enum class Kind { daylight_factor, year, glare };
    Id id;
    std::string name;
    Kind kind = Kind::daylight_factor;
    std::vector<Id> planes;     ///< none means all of the option
    Id observer;                ///< glare only
    climate::Moment moment;     ///< glare only
    double accuracy = 0.02;     ///< wanted half-width (95 %) as a share of the stated figure
    unsigned seed = 1;
    double from = 8, to = 18;   ///< occupied hours, year only
    int pixels = 256;           ///< picture width, glare only
    Extra extra;
    bool operator==(const Question&) const = default;
};

struct Project {
    std::string name;
    Site site;
    std::vector<Material> materials;
    std::vector<Option> options;
    std::vector<Question> questions;
    std::vector<std::string> criteria;  ///< ids of criteria sets
    double blind_transmittance = 0.05;  ///< diffuse visible transmittance of closed blinds
    Extra extra;
    bool operator==(const Project&) const = default;
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

/// The smallest "prefix-NN" that no room, opening, plane, observer, block or storey of the option has yet.
Id fresh_id(const Option& option, const std::string& prefix);

/// Corners of an edge: from footprint[edge] to the next one.
Vec2 edge_begin(const Room& room, int edge);
Vec2 edge_end(const Room& room, int edge);
double edge_length(const Room& room, int edge);

/// Moves an opening along its wall and clips its size so that it stays within the wall.
void keep_in_wall(const Room& room, Opening& opening);

}  // namespace wp::model
