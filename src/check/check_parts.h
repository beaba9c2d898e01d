// SPDX-License-Identifier: GPL-3.0-or-later
// What the model check and its mends share. Used by check*.cpp and mend*.cpp alone.
#pragma once
#include <optional>

#include "check/check.h"
#include "geometry/polygon.h"
#include "geometry/walls.h"
#include "model/project.h"

namespace wp::check {
using namespace model;
using namespace geometry;
using namespace edit;

/// Mean of the corners.
Vec2 middle(const Polygon& ring);
/// What a size outside its usual range would have to be multiplied by if it is a slip of units; 1 where it is none.
double likely_factor(double size, double low, double high);
const model::Room* room_at(const model::Storey& storey, Vec2 p);
/// Room that a luminaire hangs in, or whose wall it is in; null outdoors.
const model::Room* room_around(const model::Option& option, const model::Luminaire& luminaire);
const model::Room* nearest_room(const model::Storey& storey, Vec2 p);
/// How much of a thing's rectangle lies beyond the inner faces of a room, m2.
double area_outside(const model::Option& option, const model::Storey& storey, const model::Room& room,
                    const model::Thing& thing);

/// What a block or an outdoor thing takes up. Of a tree its canopy.
struct Body {
    Polygon plan;
    double low, high;
};
Body body_of(const model::Block& block);
Body body_of(const model::Site& site, const model::Thing& thing);
/// The first room that a body reaches into, if any.
std::optional<RoomIndex> room_cut_by(const model::Option& option, const Body& body);

/// Shading of an opening or rooflight, with the size of what it is before. Null where the item has none.
struct Shaded {
    std::vector<model::ShadeLayer>* layers = nullptr;
    double width = 0, height = 0;
};
Shaded shaded(model::Option& option, const model::Item& item);

}  // namespace wp::check
