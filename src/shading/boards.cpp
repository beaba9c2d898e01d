// SPDX-License-Identifier: GPL-3.0-or-later
#include "shading/boards.h"

#include <cmath>

namespace wp::shading {

void Boards::quad(Corner a, Corner b, Corner c, Corner d) const {
    // Inside, the axis outwards is turned about, and with it the sense of every face.
    if (way_ > 0)
        add_(place(a), place(b), place(c), place(d));
    else
        add_(place(a), place(d), place(c), place(b));
}

void Boards::board(Corner from, Corner to, Corner u, Corner v) const {
    const auto plus = [](Corner a, Corner b) { return Corner{a[0] + b[0], a[1] + b[1], a[2] + b[2]}; };
    const Corner a0 = from, a1 = plus(from, u), a2 = plus(a1, v), a3 = plus(from, v), b0 = to, b1 = plus(to, u),
                 b2 = plus(b1, v), b3 = plus(to, v);
    const double thin = std::sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]);
    if (thin < kSheet) return quad(a0, b0, b1, a1);
    // Which way round depends on the axes: the sign of (to - from, u, v).
    const Corner l{to[0] - from[0], to[1] - from[1], to[2] - from[2]};
    const double turn =
        l[0] * (u[1] * v[2] - u[2] * v[1]) - l[1] * (u[0] * v[2] - u[2] * v[0]) + l[2] * (u[0] * v[1] - u[1] * v[0]);
    const auto face = [&](Corner a, Corner b, Corner c, Corner d) { turn > 0 ? quad(a, b, c, d) : quad(a, d, c, b); };
    face(a0, a3, a2, a1);
    face(b0, b1, b2, b3);
    face(a0, a1, b1, b0);
    face(a1, a2, b2, b1);
    face(a2, a3, b3, b2);
    face(a3, a0, b0, b3);
}

}  // namespace wp::shading
