// SPDX-License-Identifier: GPL-3.0-or-later
// Closed hulls of rooms and their panes out of meshes, by the layers that are said to be them.
#pragma once
#include "incoming/building.h"

namespace wp::incoming {

/// Bodies of layers that are rooms or windows become spaces and holes; coplanar triangles are joined.
void make_rooms_of_meshes(Building& building, const std::vector<model::LayerChoice>& layers);

/// Flat patches of a mesh as outlines: triangles of one plane that share edges.
std::vector<Ring> flat_patches(const geometry::Mesh& mesh);

}  // namespace wp::incoming
