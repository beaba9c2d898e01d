// SPDX-License-Identifier: GPL-3.0-or-later
// Where light is asked about, by points, eyes and readings; and named views.
#pragma once
#include <string>
#include <vector>

#include "base/vec.h"
#include "model/material.h"

namespace wp::model {

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
    bool for_rules = false;  ///< laid for criteria: not drawn on maps where its room has another
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

}  // namespace wp::model

// Copying, comparing and releasing these is compiled once, in values.cpp: every file that touches one would make it
// anew.
extern template class std::vector<wp::model::ReferencePlane>;
extern template class std::vector<wp::model::Observer>;
extern template class std::vector<wp::model::Reading>;
extern template class std::vector<wp::model::View>;
