// SPDX-License-Identifier: GPL-3.0-or-later
// Fewer triangles for a mesh that is thicker than light can tell.
#pragma once
#include "geometry/mesh.h"

namespace wp::incoming {

struct Simplified {
    geometry::Mesh mesh;
    size_t triangles_before = 0;
    double moved = 0;  ///< metres that a corner was moved by at most
};
/// Corners within a lattice are taken together, coarser until no more triangles are left than wanted; slivers and
/// doubles go in any case.
Simplified simplified_mesh(const geometry::Mesh& mesh, size_t most);

}  // namespace wp::incoming
