// SPDX-License-Identifier: GPL-3.0-or-later
// Things in and around the building: furniture, stairs, trees, fences, sloped ground. Each stands on a rectangle in
// plan.
#pragma once
#include "base/vec.h"
#include "model/material.h"

namespace wp::model {

struct Thing {
    enum class Kind { table, shelf, bench, box, stair, ramp, tree, fence, terrain, shape };
    Id id;
    std::string name;
    Kind kind = Kind::table;
    Id storey;             ///< whose floor it stands on; empty: outdoors, on the ground
    Vec2 at;               ///< the middle of its rectangle
    double width = 1.6;    ///< across; of a tree its canopy, of a fence its length
    double length = 0.8;   ///< along: the way a stair or ramp climbs, the way terrain rises; of a fence its thickness
    double height = 0.74;  ///< all of it: what a stair, ramp or terrain climbs, a tree's top
    double base = 0;       ///< of its foot above the floor or the ground
    double turn = 0;       ///< degrees counter-clockwise
    int parts = 1;         ///< a shelf's boards, a stair's risers
    int flights = 1;       ///< stair: 1 straight, 2 side by side with a landing half-way up
    double landing = 1.2;  ///< stair with two flights: depth of its landing; tree: height of the trunk below the canopy
    double gap = 0.2;      ///< tree in leaf, fence: share of the light that goes straight through it
    Id shape;              ///< of the project, of a shape; its box is stretched to the thing's sizes
    double bare_gap = 0.2;  ///< tree without leaves
    Id material;            ///< empty: the option's, by type
    Extra extra;
    bool operator==(const Thing&) const;
};

const char* kind_name(Thing::Kind kind);
/// The part whose material a thing takes by type.
Part part_of(Thing::Kind kind);
bool is_outdoors(Thing::Kind kind);
/// One of its kind with the sizes that are usual for it.
Thing usual(Thing::Kind kind);
/// Sizes within what can be built.
Thing within_reason(Thing thing);

/// From the thing's own axes (x across, y along, from its middle) to the drawing.
Vec2 place_of(const Thing& thing, Vec2 own);
/// Its rectangle, counter-clockwise.
std::vector<Vec2> footprint_of(const Thing& thing);

/// The sloped or level parts that one walks on or works at: each flight and landing of a stair, a ramp, the top of a
/// table, bench or box, terrain. Corner, edges u and v (v up the slope), heights above the thing's foot.
struct Deck {
    std::string name;   ///< "flight 1", "landing", "top"
    Vec3 corner, u, v;  ///< own axes in plan: x across, y along, z above the floor or ground
};
std::vector<Deck> decks_of(const Thing& thing);

}  // namespace wp::model
