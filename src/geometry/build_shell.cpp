// SPDX-License-Identifier: GPL-3.0-or-later
// The building from outside: facades, roofs, eaves; neighbours; the ground.
#include <algorithm>
#include <cmath>

#include "geometry/builder.h"
#include "model/project.h"

namespace wp::geometry {
using namespace model;

namespace {

bool inside(const std::vector<Polygon>& rings, Vec2 p) {
    bool in = false;
    for (const Polygon& ring : rings) in = in != contains(ring, p);
    return in;
}

constexpr double kHair = 5e-4;  // metres

// Without hairs: where two outlines differ by less than a millimetre nothing lies between them.
std::vector<Polygon> without_hairs(const std::vector<Region>& regions) {
    return rings(offset_union(rings(offset_union(rings(regions), -kHair)), kHair));
}

}  // namespace

// Direction to 0.01 radians, whichever way round, and distance from the origin to 5 cm.
Builder::LineKey Builder::line_of(Vec2 at_place, Vec2 along) {
    const bool turn = along.y < -1e-9 || (std::fabs(along.y) <= 1e-9 && along.x < 0);
    const Vec2 d = turn ? along * -1.0 : along;
    return {std::lround(std::atan2(d.y, d.x) * 100), std::lround(cross(d, at_place) * 20)};
}

void Builder::keep_outer(Face face) {
    const LineKey key = line_of(face.begin(), face.along());
    outer_upright_[key].push_back(&keep(std::move(face)));
}

void Builder::each_outer_at(Vec2 a, Vec2 b, const std::function<void(Face&)>& visit) const {
    const LineKey key = line_of(a, normalized(b - a));
    // Rounding may put neighbours on the same line into neighbouring drawers; half a turn is no turn.
    for (long turn = -1; turn <= 1; ++turn)
        for (const long half : {0L, 314L, -314L})
            for (long shift = -1; shift <= 1; ++shift) {
                const long sign = half == 0 ? 1 : -1;
                const auto found = outer_upright_.find({key.first + turn + half, sign * key.second + shift});
                if (found == outer_upright_.end()) continue;
                for (Face* face : found->second) visit(*face);
            }
}

// Top of the flat cover of a storey: over the highest room that ends in it and has no roof of its own.
double Builder::flat_top(size_t s) const {
    double top = option_.storeys[s].level;
    for (const RoomIndex k : walls_[s].standing)
        if (roof_over(option_.storeys[k.storey], room(k)) == nullptr)
            top = std::max(top, option_.storeys[k.storey].level + room(k).height);
    return on_grid(top + option_.roof);
}

std::vector<Builder::Cover> Builder::covers(size_t s) {
    const auto& outline = walls_[s].outline;
    std::vector<Polygon> above = s + 1 < option_.storeys.size() ? walls_[s + 1].outline : std::vector<Polygon>{};
    std::vector<Cover> out;
    if (!above.empty()) {
        Cover cover;
        cover.kind = Cover::Kind::storey_above;
        cover.z = on_grid(option_.storeys[s + 1].level);
        cover.rings = without_hairs(intersection(outline, above));
        out.push_back(cover);
    }
    std::vector<Polygon> taken = above;
    for (size_t of = 0; of <= s; ++of)
        for (const Roof& roof : option_.storeys[of].roofs) {
            std::vector<size_t> rooms;
            for (size_t r = 0; r < option_.storeys[of].rooms.size(); ++r)
                if (roof_over(option_.storeys[of], option_.storeys[of].rooms[r]) == &roof) rooms.push_back(r);
            if (rooms.empty()) continue;
            // A roof belongs to the highest storey that its eaves reach.
            size_t reach = of;
            while (reach + 1 < option_.storeys.size() &&
                   option_.storeys[of].level + roof.eaves > option_.storeys[reach + 1].level)
                ++reach;
            if (reach != s) continue;
            Cover cover;
            cover.kind = Cover::Kind::roof;
            cover.shape = shape_of(of, &roof);
            cover.roof = &roof;
            cover.rings =
                without_hairs(difference(rings(intersection(outline, rings(outer_faces(option_, of, rooms)))), taken));
            taken.insert(taken.end(), cover.rings.begin(), cover.rings.end());
            if (cover.rings.empty()) continue;
            if (roof.overhang > 1e-3)
                cover.eaves = difference(rings(offset_union(cover.rings, roof.overhang)), outline);
            out.push_back(cover);
        }
    Cover flat;
    flat.z = flat_top(s);
    flat.rings = without_hairs(difference(outline, taken));
    if (!flat.rings.empty()) out.push_back(flat);
    return out;
}

void Builder::add_shell(size_t s) {
    if (walls_[s].outline.empty()) return;
    const double base =
        on_grid(s == 0 ? std::min(option_.storeys[s].level, project_.site.ground_level) : option_.storeys[s].level);
    const auto parts = covers(s);
    const uint32_t facade = add_by_type(Element::facade, option_.storeys[s].id, Part::facade, kOutdoors);
    const uint32_t roof = add_by_type(Element::roof, option_.storeys[s].id, Part::roof, kOutdoors);
    for (const Cover& part : parts) {
        for (const Polygon& ring : part.rings) add_facade(parts, part, ring, base, facade);
        if (part.kind != Cover::Kind::storey_above) add_roof_faces(part, s, roof);
    }
    if (s > 0) add_overhang(s, base, facade);
}

// Where a storey stands out over the one below: the underside of its slab, and the slab's edge.
void Builder::add_overhang(size_t s, double level, uint32_t surface) {
    const auto& below = walls_[s - 1].outline;
    const auto regions = difference(without_hairs(difference(walls_[s].outline, below)), {});
    const double under = on_grid(level - option_.roof);
    add_flat(surface, regions, under, false);
    for (const Polygon& ring : rings(regions))
        for (size_t i = 0; i < ring.size(); ++i) {
            const Vec2 a = ring[i], b = ring[(i + 1) % ring.size()];
            const double l = length(b - a);
            if (l < 1e-4) continue;
            const Vec2 d = (b - a) * (1 / l), outward{d.y, -d.x};
            if (!inside(below, (a + b) * 0.5 + outward * 1e-3))
                out_.add_quad(surface, at(a, under), at(b, under), at(b, level), at(a, level));
        }
}

void Builder::add_facade(const std::vector<Cover>& parts, const Cover& cover, const Polygon& ring, double base,
                         uint32_t surface) {
    for (size_t i = 0; i < ring.size(); ++i) {
        const Vec2 a = ring[i], b = ring[(i + 1) % ring.size()];
        const double l = length(b - a);
        if (l < 1e-4) continue;
        const Vec2 d = (b - a) * (1 / l), outward{d.y, -d.x};
        // What lies beside may change along the edge: at the corners of the other parts.
        std::vector<double> cuts = {0, l};
        std::vector<Polygon> corners = rings(cover.eaves);
        for (const Cover& other : parts) corners.insert(corners.end(), other.rings.begin(), other.rings.end());
        for (const Polygon& theirs : corners)
            for (const Vec2 p : theirs) {
                const double way = dot(p - a, d);
                if (way > 1e-4 && way < l - 1e-4 && std::fabs(cross(d, p - a)) < 1e-4) cuts.push_back(way);
            }
        std::sort(cuts.begin(), cuts.end());
        for (size_t k = 0; k + 1 < cuts.size(); ++k) {
            if (cuts[k + 1] - cuts[k] < 1e-4) continue;
            const Vec2 beside_at = a + d * ((cuts[k] + cuts[k + 1]) / 2) + outward * 1e-3;
            const Cover* beside = nullptr;
            for (const Cover& other : parts)
                if (&other != &cover && inside(other.rings, beside_at)) beside = &other;
            const bool under_eaves = beside == nullptr && inside(rings(cover.eaves), beside_at);
            add_facade_stretch(cover, beside, under_eaves, a + d * cuts[k], a + d * cuts[k + 1], base, surface);
        }
    }
}

// The upright face between what covers this part and what covers the part beside it, where this one is higher.
// Under eaves it ends at their soffit.
void Builder::add_facade_stretch(const Cover& cover, const Cover* beside, bool under_eaves, Vec2 a, Vec2 b, double base,
                                 uint32_t surface) {
    Face whole = Face::upright(surface, a, b, false);
    const double l = on_grid(length(b - a));
    std::vector<double> cuts = {0, l};
    for (const Cover* c : {&cover, beside}) {
        if (c == nullptr || c->shape == nullptr) continue;
        const double u = c->shape->along(a), climb = dot(whole.along(), c->shape->rise());
        if (std::fabs(climb) < 1e-9) continue;
        for (const auto& slope : c == &cover && under_eaves ? c->shape->inner() : c->shape->outer()) {
            const double way = on_grid((slope.to - u) / climb);
            if (way > 1e-4 && way < l - 1e-4) cuts.push_back(way);
        }
    }
    std::sort(cuts.begin(), cuts.end());
    const auto height = [&](const Cover& c, double way, double middle) {
        if (c.shape == nullptr) return c.z;
        const double climb = dot(whole.along(), c.shape->rise()), u = c.shape->along(a);
        const auto& face = &c == &cover && under_eaves ? c.shape->inner() : c.shape->outer();
        return on_grid(RoofShape::slope_at(face, u + climb * middle).at(u + climb * way));
    };
    for (size_t k = 0; k + 1 < cuts.size(); ++k) {
        double s = cuts[k], t = cuts[k + 1];
        if (t - s < 1e-4) continue;
        const double middle = (s + t) / 2;
        const auto low = [&](double way) {
            return beside != nullptr ? std::max(base, height(*beside, way, middle)) : base;
        };
        const double gap_s = height(cover, s, middle) - low(s), gap_t = height(cover, t, middle) - low(t);
        if (gap_s <= 1e-6 && gap_t <= 1e-6) continue;
        if (gap_s < 0)
            s = on_grid(s + (t - s) * gap_s / (gap_s - gap_t));
        else if (gap_t < 0)
            t = on_grid(s + (t - s) * gap_s / (gap_s - gap_t));
        Face face = Face::upright(surface, a, b, false);
        Polygon outline = {{s, low(s)}, {t, low(t)}, {t, height(cover, t, middle)}, {s, height(cover, s, middle)}};
        for (const double way : {s, t}) {
            const Vec2 p = way == 0 ? a : way == l ? b : a + whole.along() * way;
            for (const double z : {low(way), height(cover, way, middle)}) face.pin({way, z}, at(p, z));
        }
        face.set_outline(std::move(outline));
        keep_outer(std::move(face));
    }
}

void Builder::add_roof_faces(const Cover& cover, size_t s, uint32_t surface) {
    if (cover.shape == nullptr) {
        for (const Region& region : difference(cover.rings, {})) {
            Face& face = keep(Face(
                surface, region.outer, [z = cover.z](Vec2 p) { return at(p, z); }, false));
            for (const Polygon& hole : region.holes) face.cut(hole);
            tops_.push_back({&face, nullptr, nullptr, s, cover.z});
        }
        return;
    }
    std::vector<Polygon> all = cover.rings;
    for (const Polygon& ring : rings(cover.eaves)) all.push_back(ring);
    // One roof, without the hair between the two.
    const auto plan = rings(offset_union(rings(offset_union(all, kHair)), -kHair));
    const auto& slopes = cover.shape->outer();
    for (size_t k = 0; k < slopes.size(); ++k) {
        const auto& slope = slopes[k];
        for (const Region& region : intersection(plan, {cover.shape->strip(slope)})) {
            Face& face = keep(Face(
                surface, region.outer,
                [shape = cover.shape, &slope](Vec2 p) { return at(p, on_grid(slope.at(shape->along(p)))); }, false));
            for (const Polygon& hole : region.holes) face.cut(hole);
            tops_.push_back({&face, cover.shape, &slope, s, 0});
            if (k + 1 == slopes.size()) continue;
            // The riser down to the next slope.
            const auto& next = slopes[k + 1];
            if (slope.at(slope.to) - next.at(slope.to) < 1e-6) continue;
            for (size_t i = 0; i < region.outer.size(); ++i) {
                const Vec2 p = region.outer[i], q = region.outer[(i + 1) % region.outer.size()];
                if (length(q - p) < 1e-4 || std::fabs(cover.shape->along(p) - slope.to) > 3e-5 ||
                    std::fabs(cover.shape->along(q) - slope.to) > 3e-5)
                    continue;
                const auto z = [&](const RoofShape::Slope& of, Vec2 at_place) {
                    return on_grid(of.at(cover.shape->along(at_place)));
                };
                Face riser = Face::upright(surface, p, q, false);
                const double l = on_grid(length(q - p));
                riser.set_outline({{0, z(next, p)}, {l, z(next, q)}, {l, z(slope, q)}, {0, z(slope, p)}});
                keep_outer(std::move(riser));
            }
        }
    }
    if (!cover.eaves.empty()) add_eaves(cover, s, surface);
}

void Builder::add_eaves(const Cover& cover, size_t s, uint32_t surface) {
    const RoofShape& shape = *cover.shape;
    const auto under = rings(cover.eaves);
    for (size_t k = 0; k < shape.inner().size(); ++k) {
        const auto& slope = shape.inner()[k];
        for (const Region& region : intersection(under, {shape.strip(slope)})) {
            Face& face = keep(Face(
                surface, region.outer, [&shape, &slope](Vec2 p) { return at(p, on_grid(slope.at(shape.along(p)))); },
                true));
            for (const Polygon& hole : region.holes) face.cut(hole);
        }
    }
    for (const Polygon& ring : under)
        for (size_t i = 0; i < ring.size(); ++i) {
            const Vec2 a = ring[i], b = ring[(i + 1) % ring.size()];
            const double l = length(b - a);
            if (l < 1e-4) continue;
            const Vec2 d = (b - a) * (1 / l), outward{d.y, -d.x};
            if (inside(walls_[s].outline, (a + b) * 0.5 + outward * 1e-3)) continue;
            std::vector<double> cuts = {0, l};
            const double climb = dot(d, shape.rise());
            for (const auto* face : {&shape.inner(), &shape.outer()})
                for (const auto& slope : *face)
                    if (const double way = std::fabs(climb) > 1e-9 ? (slope.to - shape.along(a)) / climb : -1;
                        way > 1e-4 && way < l - 1e-4)
                        cuts.push_back(way);
            std::sort(cuts.begin(), cuts.end());
            for (size_t k = 0; k + 1 < cuts.size(); ++k) {
                const Vec2 p = a + d * cuts[k], q = a + d * cuts[k + 1];
                const double middle = shape.along((p + q) * 0.5);
                const auto z = [&](const std::vector<RoofShape::Slope>& face, Vec2 place) {
                    return on_grid(RoofShape::slope_at(face, middle).at(shape.along(place)));
                };
                out_.add_quad(surface, at(p, z(shape.inner(), p)), at(q, z(shape.inner(), q)),
                              at(q, z(shape.outer(), q)), at(p, z(shape.outer(), p)));
            }
        }
}

void Builder::add_flat(uint32_t surface, const std::vector<Region>& regions, double z, bool up) {
    for (const Region& region : regions)
        for (const auto& t : triangulate(region)) {
            if (up)
                out_.add_triangle(surface, at(t[0], z), at(t[1], z), at(t[2], z));
            else
                out_.add_triangle(surface, at(t[0], z), at(t[2], z), at(t[1], z));
        }
}

// A disc of real ground around everything drawn, so that buildings shade it; beyond it the ground is computed open.
void Builder::add_ground() {
    Vec2 low{-10, -10}, high{10, 10};
    bool first = true;
    for (const Vec3 v : out_.vertices) {
        low = first ? Vec2{v.x, v.y} : Vec2{std::min(low.x, v.x), std::min(low.y, v.y)};
        high = first ? Vec2{v.x, v.y} : Vec2{std::max(high.x, v.x), std::max(high.y, v.y)};
        first = false;
    }
    const Vec2 centre = (low + high) * 0.5;
    const double radius = std::max(150.0, 4 * length(high - low));
    Polygon disc;
    for (int i = 0; i < 48; ++i) {
        const double a = 2 * kPi * i / 48;
        disc.push_back(centre + Vec2{std::cos(a), std::sin(a)} * radius);
    }
    std::vector<Polygon> standing;
    if (!walls_.empty()) standing = walls_.front().outline;
    for (const Block& block : option_.blocks)
        if (block.base <= project_.site.ground_level && !left_out(without_, block.id, "block"))
            standing.push_back(block.footprint);
    const uint32_t ground = out_.add_surface({Element::ground, "ground", project_.site.ground_reflectance, kOutdoors});
    out_.surfaces[ground].material = project_.site.ground_colour;
    add_flat(ground, difference({disc}, standing), project_.site.ground_level, true);
}

}  // namespace wp::geometry
