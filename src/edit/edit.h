// SPDX-License-Identifier: GPL-3.0-or-later
// What a designer does to a drawing: moving, turning, mirroring, copying, splitting, joining, deleting. Each function
// takes an option as it is and leaves it whole; false means that nothing was changed, because it could not be done.
#pragma once
#include <optional>
#include <vector>

#include "edit/item_kind.h"
#include "geometry/polygon.h"

namespace wp::edit {

/// The places in plan that an item covers: its corners or ends; none where it has no place or is gone.
std::vector<Vec2> outline_of(const model::Option& option, const model::Item& item);
/// Middle of the box around the items; none where nothing of them has a place.
std::optional<Vec2> middle_of(const model::Option& option, const Items& items);

/// Places the items anew. Openings move along their wall by what of a shift lies along it; walls move with their
/// neighbours.
bool place_items(model::Option& option, const Items& items, const Placing& placing);

/// Copies the items onto a storey, placed anew; rooms take their openings and planes along. The copies, in the same
/// order. An opening is copied along its own wall.
Items copy_items(model::Option& option, const Items& items, size_t to_storey, const Placing& placing);

/// Puts what a storey of another drawing holds onto a storey, with ids of its own; planes are those of its rooms,
/// things what stands there.
Items insert_items(model::Option& option, size_t to_storey, const model::Storey& from,
                   const std::vector<model::ReferencePlane>& planes, const std::vector<model::Thing>& things,
                   const Placing& placing);

/// Takes the items away, and only them: a room with its openings, planes and observers; a wall between two rooms by
/// joining them; an outside wall by leaving it open.
bool remove_items(model::Option& option, const Items& items);

/// Shifts an edge of a room along its normal (outwards positive); walls of other rooms on the same line follow.
bool move_edge(model::Option& option, size_t storey, const model::Id& room, int edge, double outwards);
/// Makes a wall longer (or shorter) by moving the wall at its far end; false where the two are about in line.
bool stretch_wall(model::Option& option, size_t storey, const model::Id& room, int edge, double by);
/// Moves a corner, and every corner of the storey's rooms in the same place.
bool move_corner(model::Option& option, size_t storey, const model::Id& room, int corner, Vec2 to);
/// A new corner on an edge, metres from its begin. Openings and thicknesses stay on their part.
bool add_corner(model::Room& room, int edge, double along);
/// Takes a corner away; openings that no longer fit their wall are shortened or, if none is left, taken away.
bool remove_corner(model::Room& room, int corner);

/// Cuts a room along the line through two points: two rooms that share the new wall. The new room's id; empty: not
/// done.
model::Id split_room(model::Option& option, size_t storey, const model::Id& room, Vec2 a, Vec2 b);
/// Two rooms that share a wall become one, the first.
bool join_rooms(model::Option& option, size_t storey, const model::Id& first, const model::Id& second);
/// Grows (or shrinks) a room on all sides.
bool offset_room(model::Option& option, size_t storey, const model::Id& room, double distance);

/// The room on the other side of most of an edge, if any.
std::optional<model::Item> wall_behind(const model::Option& option, size_t storey, const model::Id& room, int edge);
/// The same thickness for a wall and what of other rooms lies on it.
void set_wall_thickness(model::Option& option, size_t storey, const model::Id& room, int edge, double thickness);

/// As many openings as fit into a wall like the given one, with at least that much wall between them; the given one is
/// the first. How many there are then.
int fill_wall(model::Option& option, const model::Id& opening, double between);
/// Sizes an opening so that it is that share of its wall's area, 0 to 1, wide first, then high.
bool take_share_of_wall(model::Option& option, const model::Id& opening, double share);
/// From the floor to the top of its wall.
bool make_full_height(model::Option& option, const model::Id& opening);
/// Lines openings of any walls up by their sills, heads or middles of the first.
enum class Align { sill, head, width, height };
bool align_openings(model::Option& option, const Items& items, Align how);
/// Openings of one wall at equal distances between the first and the last.
bool spread_openings(model::Option& option, const Items& items);

/// Planes on walls follow their wall where corners came or went between two states of an option.
void keep_planes_on_walls(const model::Option& before, model::Option& after);

// Storeys.
size_t add_storey(model::Option& option, size_t above, bool with_rooms);
bool remove_storey(model::Option& option, size_t storey);
/// Puts a storey elsewhere in the order; levels are stacked anew from the lowest.
bool move_storey(model::Option& option, size_t from, size_t to);

}  // namespace wp::edit
