// SPDX-License-Identifier: GPL-3.0-or-later
// Many planes or observers at once: what a person would else place one by one.
#pragma once
#include <string>
#include <vector>

#include "edit/edit.h"

namespace wp::edit {

struct PlaneWish {
    double height = 0.76, margin = 0.3, spacing = 0.5;
    int number = 0;  ///< so many points at least; 0: by spacing
    model::ReferencePlane::Along along = model::ReferencePlane::Along::drawing;
    bool beside = false;  ///< one more, beside those that are there
};
/// One plane on the floor of each room: the room's first such plane is fitted anew, its sub-areas stay; where there is
/// none, or one more is wished, it is made. A plane of that height that is there already is fitted anew in any case.
/// The planes.
Items lay_planes(model::Option& option, const std::vector<model::Id>& rooms, const PlaneWish& wish);

/// A plane on every deck of a thing that has none yet: each flight and landing, or the top of a table.
Items lay_on_decks(model::Option& option, const model::Id& thing, double spacing, double margin);

/// A plane before a wall of a room, or before its outer face. Empty where it is there already.
Items lay_on_wall(model::Option& option, const model::Id& room, int edge, bool facade, double spacing);

/// Splits every cell in nine where that keeps its middle, so that points already known stay; else in four.
/// True where all middles stay.
bool make_finer(const model::Option& option, model::ReferencePlane& plane, double north);

struct LatticeWish {
    double spacing = 2, margin = 0.6;
    double eye = model::kSeatedEye;  ///< above the floor
    int directions = 4;              ///< evenly around, the first one as below
    double first = 0;                ///< degrees clockwise from +y
};
/// Observers over a room, row by row. Each is named by its room, the letter of its row (from the foot of the drawing)
/// and its number in the row, so that a picture is given by name and direction: "Reading room B3, 090\u00b0".
Items place_lattice(model::Option& option, const model::Id& room, const LatticeWish& wish);

/// Turns an observer towards a place, up or down too.
void aim(model::Observer& observer, Vec3 at);

/// So many headings, evenly around from the observer's own.
void look_around(model::Observer& observer, int directions);

}  // namespace wp::edit
