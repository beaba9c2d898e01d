// SPDX-License-Identifier: GPL-3.0-or-later
// Triangles of any form, and the shapes that projects keep of them.
#pragma once
#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "base/vec.h"
#include "model/arrival.h"

namespace wp::geometry {

struct Mesh {
    std::vector<Vec3> points;  ///< metres
    std::vector<std::array<uint32_t, 3>> triangles;
};

/// Of a shape's own bytes. None where they are damaged: no base64, a corner that is not there, what is no number.
std::optional<Mesh> mesh_of(const model::Shape& shape);

/// A shape about the middle of its foot, and where that lay.
struct PlacedShape {
    model::Shape shape;
    Vec3 at;
};
PlacedShape shape_of(const Mesh& mesh, const model::Id& id, const std::string& name);

}  // namespace wp::geometry
