// SPDX-License-Identifier: GPL-3.0-or-later
// Things in and around the building as surfaces: furniture, stairs, ramps, trees, fences, terrain; neighbouring blocks.
#include <algorithm>
#include <array>
#include <cmath>

#include "geometry/block_shape.h"
#include "geometry/builder.h"
#include "geometry/mesh.h"
#include "model/project.h"

namespace wp::geometry {
using namespace model;

namespace {

constexpr double kBoard = 0.03, kLeg = 0.06;       // thickness of boards and legs
constexpr int kCanopyRound = 14, kCanopyHigh = 7;  // parts of a canopy
constexpr double kLeast = 1e-4;

// A thing's own axes (x across, y along, z above the floor or ground) as surfaces.
class ThingShape {
 public:
    ThingShape(Surfaces& out, const Thing& thing, double level) : out_(out), t_(thing), level_(level) {}

    void box(uint32_t surface, Vec3 low, Vec3 high, bool with_foot) const {
        const auto p = [&](int i, int j, int k) {
            return at({i ? high.x : low.x, j ? high.y : low.y, k ? high.z : low.z});
        };
        if (high.x - low.x < kLeast || high.y - low.y < kLeast || high.z - low.z < kLeast) return;
        out_.add_quad(surface, p(0, 0, 0), p(1, 0, 0), p(1, 0, 1), p(0, 0, 1));
        out_.add_quad(surface, p(1, 0, 0), p(1, 1, 0), p(1, 1, 1), p(1, 0, 1));
        out_.add_quad(surface, p(1, 1, 0), p(0, 1, 0), p(0, 1, 1), p(1, 1, 1));
        out_.add_quad(surface, p(0, 1, 0), p(0, 0, 0), p(0, 0, 1), p(0, 1, 1));
        out_.add_quad(surface, p(0, 0, 1), p(1, 0, 1), p(1, 1, 1), p(0, 1, 1));
        if (with_foot) out_.add_quad(surface, p(0, 0, 0), p(0, 1, 0), p(1, 1, 0), p(1, 0, 0));
    }
    void quad(uint32_t surface, Vec3 a, Vec3 b, Vec3 c, Vec3 d) const {
        out_.add_quad(surface, at(a), at(b), at(c), at(d));
    }
    void triangle(uint32_t surface, Vec3 a, Vec3 b, Vec3 c) const { out_.add_triangle(surface, at(a), at(b), at(c)); }

    void table(uint32_t surface) const {
        const double x = t_.width / 2, y = t_.length / 2, z = t_.base, top = z + t_.height,
                     under = std::max(z, top - kBoard), leg = std::min(kLeg, std::min(x, y));
        box(surface, {-x, -y, under}, {x, y, top}, under > 0);
        for (const double i : {-1.0, 1.0})
            for (const double j : {-1.0, 1.0}) {
                const double ax = i * x, bx = i * (x - leg), ay = j * y, by = j * (y - leg);
                box(surface, {std::min(ax, bx), std::min(ay, by), z}, {std::max(ax, bx), std::max(ay, by), under},
                    z > 0);
            }
    }
    void shelf(uint32_t surface) const {
        const double x = t_.width / 2, y = t_.length / 2, z = t_.base, top = z + t_.height;
        box(surface, {-x, y - kBoard / 2, z}, {x, y, top}, z > 0);
        for (const double side : {-x, x - kBoard})
            box(surface, {side, -y, z}, {side + kBoard, y - kBoard / 2, top}, z > 0);
        const int n = std::max(t_.parts, 2);
        for (int i = 0; i < n; ++i) {
            const double foot = z + (t_.height - kBoard) * i / (n - 1);
            box(surface, {-x + kBoard, -y, foot}, {x - kBoard, y - kBoard / 2, foot + kBoard}, foot > 0);
        }
    }
    // Steps that are solid down to a sloping soffit.
    void flight(uint32_t surface, Vec2 low, Vec2 high, bool up_y, double z0, double z1, int risers) const {
        const double rise = (z1 - z0) / risers, run = (high.y - low.y) / risers, slab = std::max(0.12, 0.6 * rise);
        for (int i = 0; i < risers; ++i) {
            const double y0 = up_y ? low.y + run * i : high.y - run * (i + 1), top = z0 + rise * (i + 1);
            box(surface, {low.x, y0, std::max(t_.base, top - rise - slab)}, {high.x, y0 + run, top}, true);
        }
    }
    void stair(uint32_t surface) const {
        const double x = t_.width / 2, y = t_.length / 2, z = t_.base, top = z + t_.height;
        if (t_.flights == 1) return flight(surface, {-x, -y}, {x, y}, true, z, top, t_.parts);
        const double half = z + t_.height / 2, back = y - t_.landing;
        const int first = std::max(1, t_.parts / 2);
        flight(surface, {0, -y}, {x, back}, true, z, half, first);
        box(surface, {-x, back, std::max(z, half - 0.2)}, {x, y, half}, true);
        flight(surface, {-x, -y}, {0, back}, false, half, top, std::max(1, t_.parts - first));
    }
    // Its box is stretched to the thing's sizes.
    void mesh(uint32_t surface, const Shape& shape) const {
        const auto mesh = mesh_of(shape);
        if (!mesh) return;
        const double x = t_.width / shape.width, y = t_.length / shape.length, z = t_.height / shape.height;
        const auto own = [&](uint32_t i) {
            const Vec3& p = mesh->points[i];
            return Vec3{p.x * x, p.y * y, t_.base + p.z * z};
        };
        for (const auto& [a, b, c] : mesh->triangles) triangle(surface, own(a), own(b), own(c));
    }
    // A wedge; its upper face is the slope.
    void wedge(uint32_t surface) const {
        const double x = t_.width / 2, y = t_.length / 2, z = t_.base, top = z + t_.height;
        quad(surface, {-x, -y, z}, {x, -y, z}, {x, y, top}, {-x, y, top});
        quad(surface, {x, y, z}, {-x, y, z}, {-x, y, top}, {x, y, top});
        triangle(surface, {x, -y, z}, {x, y, z}, {x, y, top});
        triangle(surface, {-x, y, z}, {-x, -y, z}, {-x, y, top});
        if (z > 0) quad(surface, {-x, -y, z}, {-x, y, z}, {x, y, z}, {x, -y, z});
    }
    void trunk(uint32_t surface) const {
        const double r = std::clamp(0.03 * t_.height, 0.04, 0.6);
        box(surface, {-r, -r, t_.base}, {r, r, t_.base + t_.landing + 0.3 * (t_.height - t_.landing)}, t_.base > 0);
    }
    // An ellipsoid, the same for every tree: what passes a line is given by its gap, not by its leaves.
    void canopy(uint32_t surface) const {
        const double r = t_.width / 2, half = (t_.height - t_.landing) / 2, middle = t_.base + t_.landing + half;
        const auto p = [&](int i, int j) {
            const double a = 2 * kPi * i / kCanopyRound, b = kPi * j / kCanopyHigh - kPi / 2;
            return Vec3{r * std::cos(b) * std::cos(a), r * std::cos(b) * std::sin(a), middle + half * std::sin(b)};
        };
        for (int j = 0; j < kCanopyHigh; ++j)
            for (int i = 0; i < kCanopyRound; ++i) {
                if (j == 0)
                    triangle(surface, {0, 0, middle - half}, p(i + 1, 1), p(i, 1));
                else if (j == kCanopyHigh - 1)
                    triangle(surface, p(i, j), p(i + 1, j), {0, 0, middle + half});
                else
                    quad(surface, p(i, j), p(i + 1, j), p(i + 1, j + 1), p(i, j + 1));
            }
    }

 private:
    Vec3 at(Vec3 own) const {
        const Vec2 p = place_of(t_, {own.x, own.y});
        return {p.x, p.y, level_ + own.z};
    }
    Surfaces& out_;
    const Thing& t_;
    double level_;
};

Element element_of(Thing::Kind kind) {
    switch (kind) {
        case Thing::Kind::stair:
        case Thing::Kind::ramp:
            return Element::stair;
        case Thing::Kind::tree:
            return Element::tree;
        case Thing::Kind::fence:
            return Element::fence;
        case Thing::Kind::terrain:
            return Element::terrain;
        default:
            return Element::furniture;
    }
}

}  // namespace

// The room a place of a storey lies in; outdoors where it lies in none.
int Builder::space_at(size_t storey, Vec2 p) const {
    for (size_t r = 0; r < option_.storeys[storey].rooms.size(); ++r)
        if (contains(walls_[storey].rooms[r].ring, p)) return space({storey, r});
    return kOutdoors;
}

void Builder::add_thing(const Thing& drawn) {
    const Thing thing = within_reason(drawn);
    double level = project_.site.ground_level;
    int seen_from = kOutdoors;
    for (size_t s = 0; s < option_.storeys.size(); ++s)
        if (option_.storeys[s].id == thing.storey) {
            level = option_.storeys[s].level;
            seen_from = space_at(s, thing.at);
        }
    const ThingShape shape(out_, thing, level);
    const Part part = part_of(thing.kind);
    const uint32_t surface = add_finished(element_of(thing.kind), thing.id, part,
                                          finish_of(project_, option_, part, thing.material), seen_from);
    switch (thing.kind) {
        case Thing::Kind::table:
        case Thing::Kind::bench:
            return shape.table(surface);
        case Thing::Kind::shelf:
            return shape.shelf(surface);
        case Thing::Kind::box:
            return shape.box(surface, {-thing.width / 2, -thing.length / 2, thing.base},
                             {thing.width / 2, thing.length / 2, thing.base + thing.height}, thing.base > 0);
        case Thing::Kind::stair:
            return shape.stair(surface);
        case Thing::Kind::ramp:
        case Thing::Kind::terrain:
            return shape.wedge(surface);
        case Thing::Kind::shape:
            if (const Shape* form = find(project_.shapes, thing.shape)) shape.mesh(surface, *form);
            return;
        case Thing::Kind::fence: {
            // A sheet in the middle of its thickness; gaps of its own, unless its material has them.
            Surface& s = out_.surfaces[surface];
            if (!s.porous()) {
                s.openness = s.bare_openness = thing.gap;
                s.reflectance *= 1 - thing.gap;
                s.specular *= 1 - thing.gap;
            }
            const double x = thing.width / 2, z = thing.base;
            return shape.quad(surface, {-x, 0, z}, {x, 0, z}, {x, 0, z + thing.height}, {-x, 0, z + thing.height});
        }
        case Thing::Kind::tree: {
            const uint32_t canopy = out_.add_surface(out_.surfaces[surface]);
            // Each line crosses a canopy twice.
            Surface& s = out_.surfaces[canopy];
            s.openness = std::sqrt(thing.gap);
            s.bare_openness = std::sqrt(thing.bare_gap);
            s.reflectance *= 1 - s.openness;
            s.specular = 0;
            shape.trunk(surface);
            return shape.canopy(canopy);
        }
    }
}

void Builder::add_block(const Block& block) {
    const uint32_t surface = add_finished(Element::block, block.id, Part::block,
                                          finish_of(project_, option_, Part::block, block.material), kOutdoors);
    build_block(block, project_.site.ground_level,
                [&](Vec3 a, Vec3 b, Vec3 c) { out_.add_triangle(surface, a, b, c); });
}

}  // namespace wp::geometry
