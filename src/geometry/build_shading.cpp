// SPDX-License-Identifier: GPL-3.0-or-later
// Shading layers as real surfaces, in the axes of their opening: s to the right as seen from outside, t up, w outwards.
#include <algorithm>
#include <array>
#include <cmath>

#include "geometry/shade.h"

namespace wp::geometry {
using namespace model;

namespace {

// Boards and blades thinner than this are sheets that are seen from both sides.
constexpr double kSheet = 1e-3;

class Shade {
 public:
    Shade(const ShadeLayer& layer, const ShadeFrame& frame, const AddQuad& add)
        : layer_(within_reason(layer)), f_(frame), add_(add) {
        face_ = layer_.inside ? frame.to_inner_face : frame.to_outer_face;
        way_ = layer_.inside ? -1 : 1;
    }

    void build() {
        switch (layer_.kind) {
            case ShadeLayer::Kind::surround:
                return surround();
            case ShadeLayer::Kind::overhang:
                return overhang();
            case ShadeLayer::Kind::fins:
                return fins();
            case ShadeLayer::Kind::louvres:
                return louvres();
            case ShadeLayer::Kind::screen:
                return screen();
        }
    }

 private:
    using Corner = std::array<double, 3>;  // s, t, and how far past the wall's face
    Vec3 place(Corner c) const { return f_.corner + f_.right * c[0] + f_.up * c[1] + f_.out * (way_ * (face_ + c[2])); }
    void quad(Corner a, Corner b, Corner c, Corner d) const {
        // Inside, the axis outwards is turned about, and with it the sense of every face.
        if (way_ > 0)
            add_(place(a), place(b), place(c), place(d));
        else
            add_(place(a), place(d), place(c), place(b));
    }

    // A board with a rectangle as its section, along a line: from and to are its ends, u and v the section's edges.
    void board(Corner from, Corner to, Corner u, Corner v) const {
        const auto plus = [](Corner a, Corner b) { return Corner{a[0] + b[0], a[1] + b[1], a[2] + b[2]}; };
        const Corner a0 = from, a1 = plus(from, u), a2 = plus(a1, v), a3 = plus(from, v), b0 = to, b1 = plus(to, u),
                     b2 = plus(b1, v), b3 = plus(to, v);
        const double thin = std::sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]);
        if (thin < kSheet) return quad(a0, b0, b1, a1);
        // Which way round depends on the axes: the sign of (to - from, u, v).
        const Corner l{to[0] - from[0], to[1] - from[1], to[2] - from[2]};
        const double turn = l[0] * (u[1] * v[2] - u[2] * v[1]) - l[1] * (u[0] * v[2] - u[2] * v[0]) +
                            l[2] * (u[0] * v[1] - u[1] * v[0]);
        const auto face = [&](Corner a, Corner b, Corner c, Corner d) {
            turn > 0 ? quad(a, b, c, d) : quad(a, d, c, b);
        };
        face(a0, a3, a2, a1);
        face(b0, b1, b2, b3);
        face(a0, a1, b1, b0);
        face(a1, a2, b2, b1);
        face(a2, a3, b3, b2);
        face(a3, a0, b0, b3);
    }

    void surround() const {
        const double s0 = -layer_.left, s1 = f_.width + layer_.right, t0 = -layer_.below, t1 = f_.height + layer_.above,
                     d = layer_.depth, k = layer_.thickness;
        if (s1 - s0 < 0.01 || t1 - t0 < 0.01) return;
        board({s0 - k, t1, 0}, {s1 + k, t1, 0}, {0, 0, d}, {0, k, 0});
        board({s0 - k, t0 - k, 0}, {s1 + k, t0 - k, 0}, {0, 0, d}, {0, k, 0});
        board({s0 - k, t0, 0}, {s0 - k, t1, 0}, {0, 0, d}, {k, 0, 0});
        board({s1, t0, 0}, {s1, t1, 0}, {0, 0, d}, {k, 0, 0});
    }

    void overhang() const {
        const double a = radians(layer_.tilt), s0 = -layer_.left, s1 = f_.width + layer_.right,
                     t = f_.height + layer_.offset;
        if (s1 - s0 < 0.01) return;
        const Corner out{0, -layer_.depth * std::sin(a), layer_.depth * std::cos(a)},
            thick{0, layer_.thickness * std::cos(a), layer_.thickness * std::sin(a)};
        const double lift = std::max(0.0, -layer_.thickness * std::sin(a));
        board({s0, t, lift}, {s1, t, lift}, out, thick);
    }

    void fins() const {
        const double a = radians(layer_.tilt), t0 = -layer_.below, t1 = f_.height + layer_.above;
        if (t1 - t0 < 0.01) return;
        const Corner out{layer_.depth * std::sin(a), 0, layer_.depth * std::cos(a)},
            thick{layer_.thickness * std::cos(a), 0, -layer_.thickness * std::sin(a)};
        // Turned boards lean on the wall with one edge only, never into it.
        const double lift = std::max(0.0, layer_.thickness * std::sin(a));
        if (layer_.fin_left)
            board({-layer_.offset - layer_.thickness, t0, lift}, {-layer_.offset - layer_.thickness, t1, lift}, out,
                  thick);
        if (layer_.fin_right)
            board({f_.width + layer_.offset, t0, lift}, {f_.width + layer_.offset, t1, lift}, out, thick);
    }

    // Blades across one axis, lined up along the other.
    void louvres() const {
        const double across0 = layer_.upright ? -layer_.below : -layer_.left,
                     across1 = layer_.upright ? f_.height + layer_.above : f_.width + layer_.right;
        const double from = layer_.upright ? -layer_.left : -layer_.below,
                     to = layer_.upright ? f_.width + layer_.right : f_.height + layer_.above;
        if (across1 - across0 < 0.01 || to - from < 1e-3) return;
        for (const double middle : blade_places(layer_, to - from)) blade(from + middle, across0, across1);
    }
    void blade(double middle, double across0, double across1) const {
        const double a = radians(layer_.tilt), d = layer_.depth, k = layer_.thickness, n = layer_.upright ? 1 : -1;
        // Along the line: the edge towards the wall is higher by depth sin(tilt) than the outer one.
        const double along = n * d * std::sin(a), out = d * std::cos(a), thick_along = k * std::cos(a),
                     thick_out = -n * k * std::sin(a);
        const double near_wall = layer_.offset + std::max(0.0, -thick_out);
        const auto corner = [&](double line, double over, double w) {
            return layer_.upright ? Corner{line, over, w} : Corner{over, line, w};
        };
        const double start = middle - (along + thick_along) / 2;
        board(corner(start, across0, near_wall), corner(start, across1, near_wall), corner(along, 0, out),
              corner(thick_along, 0, thick_out));
    }

    void screen() const {
        const double s0 = -layer_.left, s1 = f_.width + layer_.right, t0 = -layer_.below, t1 = f_.height + layer_.above,
                     w = std::max(kSheet, layer_.offset);
        if (s1 - s0 < 0.01 || t1 - t0 < 0.01) return;
        quad({s0, t0, w}, {s1, t0, w}, {s1, t1, w}, {s0, t1, w});
    }

    ShadeLayer layer_;
    const ShadeFrame& f_;
    const AddQuad& add_;
    double face_, way_;
};

}  // namespace

std::vector<double> blade_places(const ShadeLayer& layer, double span) {
    const double a = radians(layer.tilt), size = std::fabs(layer.depth * std::sin(a)) + layer.thickness * std::cos(a);
    std::vector<double> out;
    const double room = span - size;
    if (room < -1e-9) return out;  // not one blade keeps within
    int n = layer.number;
    double step = n > 1 ? room / (n - 1) : 0;
    if (!layer.by_number) {
        step = layer.spacing;
        n = std::min(2000, static_cast<int>(std::floor(room / step + 1e-6)) + 1);
    }
    for (int i = 0; i < n; ++i) {
        const double way = size / 2 + (layer.by_number && n == 1 && !layer.from_end ? room / 2 : step * i);
        out.push_back(layer.from_end ? span - way : way);
    }
    return out;
}

bool leaves_no_blade(const ShadeLayer& layer, double width, double height) {
    const double span = layer.upright ? width + layer.left + layer.right : height + layer.above + layer.below;
    return layer.kind == ShadeLayer::Kind::louvres && blade_places(within_reason(layer), span).empty();
}

void build_shade(const ShadeLayer& layer, const ShadeFrame& frame, const AddQuad& add) {
    Shade(layer, frame, add).build();
}

}  // namespace wp::geometry
