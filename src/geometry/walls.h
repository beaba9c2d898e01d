// SPDX-License-Identifier: GPL-3.0-or-later
// Walls from drawn lines. A room's line runs along the inner face of outside walls and along the middle of walls
// between rooms; from it come the faces that one sees, and the outer faces of the storey.
#pragma once
#include <vector>

#include "geometry/polygon.h"
#include "model/option.h"

namespace wp::geometry {

/// Lines closer than this are the same line, metres. What is farther apart, but by less than kNearMiss, is a slip.
inline constexpr double kSameLine = 1e-3, kNearMiss = 0.06;

/// What always remains of a wall at its ends beside an opening.
inline constexpr double kLeastJamb = 0.02;

/// A stretch of a room's drawn edge with one and the same thing behind it.
struct WallPiece {
    int edge = 0;
    double from = 0, to = 0;  ///< along the edge, metres
    int neighbour = -1;       ///< index into standing_rooms of the room that shares the line; -1: none
    double thickness = 0;     ///< of the whole wall
};

/// The inner faces of a room's walls, counter-clockwise, on the grid of 0.01 mm.
struct InnerFace {
    Polygon ring;
    std::vector<int>
        edge;  ///< for each side of the ring the drawn edge it belongs to; -1: a jog between two thicknesses
};

/// A room and where it is in its option.
struct RoomIndex {
    size_t storey = 0, room = 0;
};

/// The rooms that stand in a storey: first its own, then those from below that reach up into it as walls without a
/// floor.
std::vector<RoomIndex> standing_rooms(const model::Option& option, size_t storey);

/// The walls of one storey, one entry for each standing room.
struct StoreyWalls {
    std::vector<RoomIndex> standing;
    std::vector<std::vector<WallPiece>> pieces;  ///< in the order of the edges
    std::vector<InnerFace> rooms;
    std::vector<Polygon> outline;  ///< outer faces: outer rings counter-clockwise, courtyards clockwise
};

/// Stretches of one room's edges; only rooms whose boxes touch are looked at.
std::vector<WallPiece> wall_pieces(const model::Option& option, size_t storey, size_t room);
InnerFace inner_face(const model::Room& room, const std::vector<WallPiece>& pieces);
/// The same for a room of a storey of the option; both must be parts of it, not copies.
InnerFace inner_face(const model::Option& option, const model::Storey& storey, const model::Room& room);

StoreyWalls storey_walls(const model::Option& option, size_t storey);

/// Outer faces of the walls around some of a storey's own rooms.
std::vector<Region> outer_faces(const model::Option& option, size_t storey, const std::vector<size_t>& rooms);

/// Where an opening goes through its wall.
struct Passage {
    int side = -1;         ///< of the own room's inner face; -1: it opens onto nothing, or onto a face too askew
    int room_behind = -1;  ///< index into standing; -1: outdoors
    int side_behind = -1;
    Vec2 inner[2], outer[2];  ///< jambs in plan on both faces, on the grid along them
    double depth = 0;         ///< between the faces, at the middle
};
/// The passage of a stretch along a drawn edge of a standing room.
Passage passage(const StoreyWalls& walls, const model::Option& option, size_t room, int edge, double along,
                double width);

/// To the grid of 0.01 mm on which all corners lie.
double on_grid(double metres);
inline Vec2 on_grid(Vec2 p) { return {on_grid(p.x), on_grid(p.y)}; }

}  // namespace wp::geometry
