// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/thing.h"

#include <algorithm>
#include <cmath>

namespace wp::model {
using Kind = Thing::Kind;

const char* kind_name(Kind kind) {
    static constexpr const char* names[] = {"table", "shelf", "bench", "box",     "stair",
                                            "ramp",  "tree",  "fence", "terrain", "shape"};
    return names[static_cast<int>(kind)];
}

Part part_of(Kind kind) {
    switch (kind) {
        case Kind::stair:
        case Kind::ramp:
            return Part::stair;
        case Kind::tree:
            return Part::tree;
        case Kind::fence:
            return Part::fence;
        case Kind::terrain:
            return Part::terrain;
        default:
            return Part::furniture;
    }
}

bool is_outdoors(Kind kind) { return kind == Kind::tree || kind == Kind::fence || kind == Kind::terrain; }

Thing usual(Kind kind) {
    Thing t;
    t.kind = kind;
    const auto size = [&](double w, double l, double h) {
        t.width = w;
        t.length = l;
        t.height = h;
    };
    switch (kind) {
        case Kind::table:
            size(1.6, 0.8, 0.74);
            break;
        case Kind::shelf:
            size(1.0, 0.35, 2.0);
            t.parts = 5;
            break;
        case Kind::bench:
            size(1.6, 0.45, 0.45);
            break;
        case Kind::box:
            size(1.0, 0.6, 0.9);
            break;
        case Kind::stair:
            size(1.1, 4.2, 3.0);
            t.parts = 17;
            break;
        case Kind::ramp:
            size(1.5, 6.0, 0.4);
            break;
        case Kind::tree:
            size(5.0, 5.0, 8.0);
            t.landing = 2.2;
            t.gap = 0.2;
            t.bare_gap = 0.6;
            break;
        case Kind::fence:
            size(6.0, 0.06, 1.4);
            t.gap = 0.3;
            break;
        case Kind::terrain:
            size(20.0, 12.0, 1.5);
            break;
        case Kind::shape:
            size(1.0, 1.0, 1.0);
            break;
    }
    return t;
}

Thing within_reason(Thing t) {
    for (double* size : {&t.width, &t.length, &t.height}) *size = std::clamp(*size, 0.01, 2000.0);
    if (t.kind == Kind::tree) t.length = t.width;
    t.base = std::clamp(t.base, -100.0, 500.0);
    t.turn = std::fmod(t.turn, 360.0);
    t.parts = std::clamp(t.parts, 1, 200);
    t.flights = std::clamp(t.flights, 1, 2);
    t.landing = t.kind == Kind::tree ? std::clamp(t.landing, 0.0, t.height - 0.01)
                                     : std::clamp(t.landing, 0.1, std::max(0.1, t.length - 0.1));
    t.gap = std::clamp(t.gap, 0.0, 1.0);
    t.bare_gap = std::clamp(t.bare_gap, 0.0, 1.0);
    return t;
}

Vec2 place_of(const Thing& t, Vec2 own) {
    const double a = radians(t.turn);
    return t.at + Vec2{std::cos(a) * own.x - std::sin(a) * own.y, std::sin(a) * own.x + std::cos(a) * own.y};
}

std::vector<Vec2> footprint_of(const Thing& t) {
    const double x = t.width / 2, y = t.length / 2;
    return {place_of(t, {-x, -y}), place_of(t, {x, -y}), place_of(t, {x, y}), place_of(t, {-x, y})};
}

std::vector<Deck> decks_of(const Thing& t) {
    const double x = t.width / 2, y = t.length / 2, z = t.base;
    switch (t.kind) {
        case Kind::table:
        case Kind::bench:
        case Kind::box:
            return {{"top", {-x, -y, z + t.height}, {t.width, 0, 0}, {0, t.length, 0}}};
        case Kind::ramp:
            return {{"ramp", {-x, -y, z}, {t.width, 0, 0}, {0, t.length, t.height}}};
        case Kind::terrain:
            return {{"slope", {-x, -y, z}, {t.width, 0, 0}, {0, t.length, t.height}}};
        case Kind::stair: {
            if (t.flights == 1) return {{"flight", {-x, -y, z}, {t.width, 0, 0}, {0, t.length, t.height}}};
            // Up on the right, back down the plan on the left.
            const double run = t.length - t.landing, half = t.height / 2;
            return {{"flight 1", {0, -y, z}, {x, 0, 0}, {0, run, half}},
                    {"landing", {-x, -y + run, z + half}, {t.width, 0, 0}, {0, t.landing, 0}},
                    {"flight 2", {0, -y + run, z + half}, {-x, 0, 0}, {0, -run, half}}};
        }
        default:
            return {};
    }
}

}  // namespace wp::model
