// SPDX-License-Identifier: GPL-3.0-or-later
// What shading devices are built of, in the axes of their opening: s to the right as seen from outside, t up, w
// outwards from the wall's face; inside, w goes into the room.
#pragma once
#include <array>

#include "shading/shade.h"

namespace wp::shading {

/// Boards and blades thinner than this, metres, are sheets that are seen from both sides.
inline constexpr double kSheet = 1e-3;

class Boards {
 public:
    Boards(bool inside, const ShadeFrame& frame, const AddQuad& add)
        : f_(frame), add_(add), face_(inside ? frame.to_inner_face : frame.to_outer_face), way_(inside ? -1 : 1) {}

    double width() const { return f_.width; }
    double height() const { return f_.height; }
    /// From the pane's plane to the wall's face on this side.
    double to_face() const { return face_; }

    using Corner = std::array<double, 3>;  ///< s, t, w
    void quad(Corner a, Corner b, Corner c, Corner d) const;
    /// A board with a rectangle as its section, along a line: from and to are its ends, u and v the section's edges.
    void board(Corner from, Corner to, Corner u, Corner v) const;

 private:
    Vec3 place(Corner c) const { return f_.corner + f_.right * c[0] + f_.up * c[1] + f_.out * (way_ * (face_ + c[2])); }
    const ShadeFrame& f_;
    const AddQuad& add_;
    double face_, way_;
};

}  // namespace wp::shading
