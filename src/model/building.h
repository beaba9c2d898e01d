// SPDX-License-Identifier: GPL-3.0-or-later
// What is drawn of a building: storeys with rooms, openings, roofs, and its neighbours. Metres, degrees for angles a
// person types, shares from 0 to 1.
//
// Axes: x to the right of the drawing, y up the drawing, z up. Site::north says where true north lies.
#pragma once
#include <string>
#include <vector>

#include "base/vec.h"
#include "model/material.h"
#include "model/shading.h"

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

/// What a room is for: rules ask different things of different rooms.
enum class RoomUse {
    unsaid,
    office,
    meeting,
    classroom,
    reading,
    workshop,
    shop,
    play,
    patients,
    living,
    bedroom,
    kitchen,
    hall,
    corridor,
    washroom,
    store,
    plant
};
struct RoomUseWord {
    RoomUse use;
    const char *word, *name;  ///< in files and criteria; for people
    bool regularly_occupied;  ///< as a rule
};
const std::vector<RoomUseWord>& room_uses();
const RoomUseWord& room_use(RoomUse use);

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
    RoomUse use = RoomUse::unsaid;
    bool regularly_occupied = true;  ///< its floor counts in criteria on regularly occupied floor area
    std::string glare_note;          ///< how glare is dealt with, where a rule asks for a written note
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

/// A picture, one page of a PDF or a drawing of lines (DXF), laid under a storey to be traced.
struct Underlay {
    std::string file;  ///< relative to the project file; empty: none
    int page = 1;
    Vec2 place;                           ///< where its lower left corner lies
    double width = 20;                    ///< metres that its width stands for
    double turn = 0;                      ///< degrees counter-clockwise about its place
    double strength = 0.5;                ///< 0 invisible, 1 as it is
    std::vector<std::string> layers_off;  ///< of a drawing of lines: layers that are not shown
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

// Copying, comparing and releasing these is compiled once, in values.cpp: every file that touches one would make it
// anew.
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
extern template class std::vector<wp::model::ShadeLayer>;
extern template class std::vector<wp::model::Underlay>;
