// SPDX-License-Identifier: GPL-3.0-or-later
// What came from files of other programs: shapes that nobody draws by hand, and the memory of which element came from
// where, so that an edited file can be read again.
#pragma once
#include <string>
#include <vector>

#include "base/vec.h"
#include "model/material.h"

namespace wp::model {

/// Triangles of any form, of which things are copies. In its own axes: the middle of its box in plan is at nought, its
/// foot at z = 0, metres.
struct Shape {
    Id id;
    std::string name;
    double width = 1, length = 1, height = 1;  ///< of its box along x, y, z
    std::string points;                        ///< base64 of float32 x y z, little endian
    std::string triangles;                     ///< base64 of uint32, three an item, little endian
    std::vector<Vec2> outline;                 ///< in plan, counter-clockwise
    Extra extra;
    bool operator==(const Shape&) const;
};

/// An element of ours and what it was in the file.
struct Origin {
    Id element;
    std::string foreign;  ///< how the file calls it
    bool operator==(const Origin&) const;
};

/// What becomes of the elements of a layer, or of a material, of a file.
struct LayerChoice {
    enum class Role {
        as_found,      ///< as the reader takes it to be
        surroundings,  ///< neighbours, ground
        furniture,
        room,    ///< the closed hull of a room
        window,  ///< panes in such hulls
        leave_out
    };
    std::string layer;
    Role role = Role::as_found;
    Id material;  ///< of ours; empty: by type
    bool operator==(const LayerChoice&) const;
};

/// A file that was read, and how.
struct Arrival {
    Id id;
    std::string file;    ///< relative to the project file where it lies beside it
    std::string format;  ///< "ifc", "gbxml", "mesh", "dxf"
    Id option;           ///< it was read into
    double metres_per_unit = 1;
    bool y_up = false;  ///< else z
    double turn = 0;    ///< degrees counter-clockwise, before it is moved
    Vec3 offset;        ///< metres
    std::vector<LayerChoice> layers;
    std::vector<Origin> origins;
    Extra extra;
    bool operator==(const Arrival&) const;
};

}  // namespace wp::model

extern template class std::vector<wp::model::Shape>;
extern template class std::vector<wp::model::Arrival>;
