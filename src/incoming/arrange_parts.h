// SPDX-License-Identifier: GPL-3.0-or-later
// What arranging is made of.
#pragma once
#include "incoming/arrange.h"
#include "incoming/outlines.h"

namespace wp::incoming {

/// A room that is being made.
struct RoomInMaking {
    Outline outline;
    size_t storey = 0;
    model::Room room;
};

// place_openings.cpp
void place_openings(const Building& building, const Wishes& wishes, std::vector<RoomInMaking>& rooms, Arranged& out);
/// Once all rooms stand in their storeys: openings no higher than their walls.
void fit_heights(Arranged& out);
// place_bodies.cpp
void place_bodies(const Building& building, const Wishes& wishes, const std::vector<RoomInMaking>& rooms,
                  Arranged& out);

// place_lamps.cpp
void place_lamps(const Building& building, const std::vector<RoomInMaking>& rooms, Arranged& out);

/// The building as it lies in the drawing.
Building moved(const Building& building, const Wishes& wishes);
/// The material of ours for something of the file; empty: by type.
model::Id material_for(const Building& building, const std::string& substance, bool is_glass, Arranged& out);

}  // namespace wp::incoming
