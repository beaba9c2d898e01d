// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/surfaces.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

#include "geometry/polygon.h"

namespace wp::geometry {
using namespace model;

const char* name(Element element) {
    static constexpr const char* names[] = {"floor", "ceiling", "wall", "reveal", "facade", "roof", "ground", "block"};
    return names[static_cast<int>(element)];
}

uint32_t Surfaces::add_surface(Surface surface) {
    surfaces.push_back(std::move(surface));
    return static_cast<uint32_t>(surfaces.size() - 1);
}

void Surfaces::add_triangle(uint32_t surface, Vec3 a, Vec3 b, Vec3 c) {
    const auto first = static_cast<uint32_t>(vertices.size());
    vertices.insert(vertices.end(), {a, b, c});
    triangles.push_back({first, first + 1, first + 2});
    surface_of.push_back(surface);
}

void Surfaces::add_quad(uint32_t surface, Vec3 a, Vec3 b, Vec3 c, Vec3 d) {
    const auto first = static_cast<uint32_t>(vertices.size());
    vertices.insert(vertices.end(), {a, b, c, d});
    triangles.push_back({first, first + 1, first + 2});
    triangles.push_back({first, first + 2, first + 3});
    surface_of.insert(surface_of.end(), 2, surface);
}

int Surfaces::add_glazing(const Glazing& glazing) {
    const auto it = std::find(glazings.begin(), glazings.end(), glazing);
    if (it != glazings.end()) return static_cast<int>(it - glazings.begin());
    glazings.push_back(glazing);
    return static_cast<int>(glazings.size() - 1);
}

Fingerprint Surfaces::fingerprint() const {
    Fingerprint print;
    for (const Vec3 v : vertices)
        for (const double c : {v.x, v.y, v.z}) print.add(c);
    for (size_t i = 0; i < triangles.size(); ++i) {
        for (const uint32_t k : triangles[i]) print.add(k);
        print.add(surface_of[i]);
    }
    for (const Surface& s : surfaces) {
        print.add(static_cast<int>(s.element));
        print.add(s.reflectance);
        print.add(s.space);
    }
    for (const Portal& p : portals) {
        for (const Vec3 v : {p.corner, p.u, p.v})
            for (const double c : {v.x, v.y, v.z}) print.add(c);
        for (const int k : {p.inside, p.outside, p.glazing, p.group, static_cast<int>(p.blind)}) print.add(k);
        print.add(p.free_share);
    }
    for (const Glazing& g : glazings) {
        print.add(g.transmittance);
        print.add(g.panes);
    }
    for (const double v : {ground_reflectance, blind_transmittance}) print.add(v);
    return print;
}

namespace {

struct Edge {
    Vec2 begin, along, outward;  // unit vectors
    double length;
};

Edge edge_of(const Room& room, int index) {
    const Vec2 a = edge_begin(room, index), b = edge_end(room, index);
    const double l = wp::length(b - a);
    const Vec2 d = (b - a) * (1 / l);
    return {a, d, {d.y, -d.x}, l};
}

Vec3 lift(Vec2 p, double z) { return {p.x, p.y, z}; }

double storey_height(const Storey& storey) {
    double height = 0;
    for (const Room& room : storey.rooms) height = std::max(height, room.height);
    return height;
}

std::vector<Polygon> footprints(const Storey& storey) {
    std::vector<Polygon> out;
    for (const Room& room : storey.rooms) out.push_back(room.footprint);
    return out;
}

// Distance from p along unit d to the segment a-b, or infinity.
double hit_segment(Vec2 p, Vec2 d, Vec2 a, Vec2 b) {
    const Vec2 e = b - a;
    const double denominator = cross(d, e);
    if (std::fabs(denominator) < 1e-12) return std::numeric_limits<double>::infinity();
    const double t = cross(a - p, e) / denominator, s = cross(a - p, d) / denominator;
    return t > -1e-9 && s >= -1e-9 && s <= 1 + 1e-9 ? std::max(t, 0.0) : std::numeric_limits<double>::infinity();
}

class Builder {
 public:
    Builder(const Project& project, const Option& option) : project_(project), option_(option) {
        out_.ground_reflectance = project.site.ground_reflectance;
        out_.blind_transmittance = project.blind_transmittance;
        for (const Storey& storey : option.storeys)
            for (const Room& room : storey.rooms) {
                space_[&room] = static_cast<int>(out_.spaces.size());
                out_.spaces.push_back(room.id);
            }
    }

    Surfaces build() {
        for (const Storey& storey : option_.storeys) {
            const auto outline = storey_outline(option_, storey);
            for (const Room& room : storey.rooms)
                for (const Opening& opening : room.openings) add_opening(storey, outline, room, opening);
        }
        for (const Storey& storey : option_.storeys)
            for (const Room& room : storey.rooms) add_room(storey, room);
        add_shell();
        for (const Block& block : option_.blocks) add_block(block);
        add_ground();
        return std::move(out_);
    }

 private:
    struct Hole {
        Vec2 a, b;       // ends in plan, on the face it pierces
        double z0, z1;
    };

    double reflectance(const Id& id) const {
        const Material* material = find(project_.materials, id);
        return material != nullptr ? material->reflectance : 0.5;
    }

    int group_of(const Room& room, const Edge& edge) {
        const double azimuth = std::round(degrees(std::atan2(edge.outward.x, edge.outward.y)));
        const std::pair key{room.id, azimuth};
        const auto [it, is_new] = groups_.try_emplace(key, static_cast<int>(out_.groups.size()));
        if (is_new) {
            static constexpr const char* names[] = {"north", "north-east", "east", "south-east",
                                                    "south", "south-west", "west", "north-west"};
            const double true_azimuth = azimuth + project_.site.north;
            const int sector = static_cast<int>(std::lround(true_azimuth / 45.0) % 8 + 8) % 8;
            out_.groups.push_back({room.id, azimuth, fmt::format("{}, {}", room.name, names[sector])});
        }
        return it->second;
    }

    void add_opening(const Storey& storey, const std::vector<Polygon>& outline, const Room& room, const Opening& opening) {
        const Edge edge = edge_of(room, opening.edge);
        const WallDepth wall = wall_behind(option_, storey, outline, room, opening.edge, opening.along + opening.width / 2);
        const double z0 = storey.level + opening.sill, z1 = z0 + opening.height;
        const Vec2 a = edge.begin + edge.along * opening.along, b = a + edge.along * opening.width;
        const Vec2 through = edge.outward * wall.depth;
        inner_holes_[{&room, opening.edge}].push_back({a, b, z0, z1});
        if (wall.behind != nullptr) inner_holes_[{wall.behind, wall.behind_edge}].push_back({a + through, b + through, z0, z1});
        else outer_holes_.push_back({a + through, b + through, z0, z1});

        const int inside = space_.at(&room), outside = wall.behind != nullptr ? space_.at(wall.behind) : kOutdoors;
        const double depth = std::min(opening.reveal, wall.depth);
        const Vec2 pane = edge.outward * depth;
        Portal portal;
        portal.corner = lift(a + pane, z0);
        portal.u = lift(b - a, 0);
        portal.v = {0, 0, z1 - z0};
        portal.inside = inside;
        portal.outside = outside;
        portal.opening = opening.id;
        if (opening.kind == Opening::Kind::window) {
            const Material* glass = find(project_.materials, opening.glazing);
            if (glass != nullptr) portal.glazing = out_.add_glazing({glass->transmittance, glass->panes});
            portal.free_share = 1 - opening.frame_fraction;
            portal.blind = opening.blind;
        }
        if (outside == kOutdoors) portal.group = group_of(room, edge);
        out_.portals.push_back(portal);
        add_reveal(opening, a, b, pane, z0, z1, inside);
        add_reveal(opening, a + pane, b + pane, through - pane, z0, z1, outside);
    }

    // Sill, head and jambs of an opening between two depths of the wall.
    void add_reveal(const Opening& opening, Vec2 a, Vec2 b, Vec2 depth, double z0, double z1, int space) {
        if (length(depth) < 1e-6) return;
        const uint32_t surface = out_.add_surface({Element::reveal, opening.id, reflectance(option_.reveals), space});
        const Vec2 c = b + depth, d = a + depth;
        out_.add_quad(surface, lift(a, z0), lift(d, z0), lift(c, z0), lift(b, z0));  // sill, looks up
        out_.add_quad(surface, lift(a, z1), lift(b, z1), lift(c, z1), lift(d, z1));  // head, looks down
        out_.add_quad(surface, lift(a, z0), lift(a, z1), lift(d, z1), lift(d, z0));  // jamb at a
        out_.add_quad(surface, lift(b, z0), lift(c, z0), lift(c, z1), lift(b, z1));  // jamb at b
    }

    void add_room(const Storey& storey, const Room& room) {
        const int space = space_.at(&room);
        const double z0 = storey.level, z1 = storey.level + room.height;
        const uint32_t floor = out_.add_surface({Element::floor, room.id, reflectance(room.floor), space});
        const uint32_t ceiling = out_.add_surface({Element::ceiling, room.id, reflectance(room.ceiling), space});
        const uint32_t walls = out_.add_surface({Element::wall, room.id, reflectance(room.walls), space});
        for (const auto& t : triangulate({room.footprint, {}})) {
            out_.add_triangle(floor, lift(t[0], z0), lift(t[1], z0), lift(t[2], z0));
            out_.add_triangle(ceiling, lift(t[0], z1), lift(t[2], z1), lift(t[1], z1));
        }
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            const Edge edge = edge_of(room, e);
            std::vector<WallRect> holes;
            for (const Hole& hole : inner_holes_[{&room, e}]) {
                const double s = dot(hole.a - edge.begin, edge.along), t = dot(hole.b - edge.begin, edge.along);
                holes.push_back({std::min(s, t), hole.z0, std::max(s, t), hole.z1});
            }
            for (const WallRect& r : wall_without({0, z0, edge.length, z1}, holes)) {
                const Vec2 a = edge.begin + edge.along * r.s0, b = edge.begin + edge.along * r.s1;
                out_.add_quad(walls, lift(b, r.z0), lift(a, r.z0), lift(a, r.z1), lift(b, r.z1));
            }
        }
    }

    // Facades, roofs and undersides of every storey.
    void add_shell() {
        const auto& storeys = option_.storeys;
        std::vector<std::vector<Region>> outlines;
        for (const Storey& storey : storeys) outlines.push_back(offset_union(footprints(storey), option_.outer_wall));
        for (size_t i = 0; i < storeys.size(); ++i) {
            if (outlines[i].empty()) continue;
            const double base = i == 0 ? std::min(storeys[i].level, project_.site.ground_level) : storeys[i].level;
            double top = storeys[i].level + storey_height(storeys[i]) + option_.roof;
            if (i + 1 < storeys.size() && !outlines[i + 1].empty()) top = std::max(storeys[i].level, storeys[i + 1].level);
            for (const Polygon& ring : rings(outlines[i])) add_facade(storeys[i], ring, base, top);
            const auto above = i + 1 < storeys.size() ? rings(outlines[i + 1]) : std::vector<Polygon>{};
            const auto below = i > 0 ? rings(outlines[i - 1]) : std::vector<Polygon>{};
            const uint32_t roof = out_.add_surface({Element::roof, storeys[i].id, reflectance(option_.roof_finish), kOutdoors});
            add_flat(roof, difference(rings(outlines[i]), above), top, true);
            if (i > 0) add_flat(roof, difference(rings(outlines[i]), below), base, false);
        }
    }

    void add_flat(uint32_t surface, const std::vector<Region>& regions, double z, bool up) {
        for (const Region& region : regions)
            for (const auto& t : triangulate(region)) {
                if (up) out_.add_triangle(surface, lift(t[0], z), lift(t[1], z), lift(t[2], z));
                else out_.add_triangle(surface, lift(t[0], z), lift(t[2], z), lift(t[1], z));
            }
    }

    void add_facade(const Storey& storey, const Polygon& ring, double base, double top) {
        const uint32_t surface = out_.add_surface({Element::facade, storey.id, reflectance(option_.facade), kOutdoors});
        for (size_t i = 0; i < ring.size(); ++i) {
            const Vec2 a = ring[i], b = ring[(i + 1) % ring.size()];
            const double l = length(b - a);
            if (l < 1e-6) continue;
            const Vec2 d = (b - a) * (1 / l);
            std::vector<WallRect> holes;
            for (const Hole& hole : outer_holes_) {
                const Vec2 middle = (hole.a + hole.b) * 0.5;
                if (distance_to_segment(middle, a, b) > 1e-3 || std::fabs(cross(d, hole.b - hole.a)) > 1e-3) continue;
                if (hole.z1 <= base || hole.z0 >= top) continue;
                const double s = dot(hole.a - a, d), t = dot(hole.b - a, d);
                holes.push_back({std::min(s, t), hole.z0, std::max(s, t), hole.z1});
            }
            for (const WallRect& r : wall_without({0, base, l, top}, holes)) {
                const Vec2 p = a + d * r.s0, q = a + d * r.s1;
                out_.add_quad(surface, lift(p, r.z0), lift(q, r.z0), lift(q, r.z1), lift(p, r.z1));
            }
        }
    }

    void add_block(const Block& block) {
        const uint32_t surface = out_.add_surface({Element::block, block.id, reflectance(block.material), kOutdoors});
        const double top = block.base + block.height;
        for (size_t i = 0; i < block.footprint.size(); ++i) {
            const Vec2 a = block.footprint[i], b = block.footprint[(i + 1) % block.footprint.size()];
            out_.add_quad(surface, lift(a, block.base), lift(b, block.base), lift(b, top), lift(a, top));
        }
        add_flat(surface, {{block.footprint, {}}}, top, true);
        if (block.base > project_.site.ground_level) add_flat(surface, {{block.footprint, {}}}, block.base, false);
    }

    // A disc of real ground around everything drawn, so that buildings shade it; beyond it the ground is reckoned open.
    void add_ground() {
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
        if (!option_.storeys.empty())
            standing = rings(offset_union(footprints(option_.storeys.front()), option_.outer_wall));
        for (const Block& block : option_.blocks)
            if (block.base <= project_.site.ground_level) standing.push_back(block.footprint);
        const uint32_t ground = out_.add_surface({Element::ground, "ground", project_.site.ground_reflectance, kOutdoors});
        add_flat(ground, difference({disc}, standing), project_.site.ground_level, true);
    }

    const Project& project_;
    const Option& option_;
    Surfaces out_;
    std::map<const Room*, int> space_;
    std::map<std::pair<const Room*, int>, std::vector<Hole>> inner_holes_;
    std::vector<Hole> outer_holes_;
    std::map<std::pair<Id, double>, int> groups_;
};

}  // namespace

std::vector<Polygon> storey_outline(const Option& option, const Storey& storey) {
    return rings(offset_union(footprints(storey), option.outer_wall));
}

WallDepth wall_behind(const Option& option, const Storey& storey, const std::vector<Polygon>& outline, const Room& room, int edge_index, double s) {
    const Edge edge = edge_of(room, edge_index);
    const Vec2 p = edge.begin + edge.along * s;
    WallDepth best{std::numeric_limits<double>::infinity(), nullptr, 0};
    for (const Room& other : storey.rooms) {
        if (&other == &room) continue;
        for (int e = 0; e < static_cast<int>(other.footprint.size()); ++e) {
            const Edge facing = edge_of(other, e);
            if (dot(facing.outward, edge.outward) > -0.999) continue;
            const double d = hit_segment(p, edge.outward, edge_begin(other, e), edge_end(other, e));
            if (d <= 2 * option.outer_wall + 1e-6 && d < best.depth) best = {d, &other, e};
        }
    }
    if (best.behind != nullptr) return best;
    for (const Polygon& ring : outline)
        for (size_t i = 0; i < ring.size(); ++i)
            best.depth = std::min(best.depth, hit_segment(p, edge.outward, ring[i], ring[(i + 1) % ring.size()]));
    if (!std::isfinite(best.depth)) best.depth = option.outer_wall;
    return best;
}

Surfaces build_surfaces(const Project& project, const Option& option) { return Builder(project, option).build(); }

}  // namespace wp::geometry
