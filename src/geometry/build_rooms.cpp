// SPDX-License-Identifier: GPL-3.0-or-later
// Rooms from inside: floors, ceilings, walls, the voids between storeys, and walls that stand free.
#include <algorithm>
#include <cmath>

#include "geometry/builder.h"

namespace wp::geometry {
using namespace model;

namespace {

constexpr double kFound = 3e-5;  // corners that the grid has moved are found again within this

// Places in plan that several faces share: whoever comes later takes the place of whoever came first.
class Places {
 public:
    explicit Places(const Polygon& ring) : places_(ring) {}
    Vec2 settle(Vec2 p) {
        for (const Vec2 q : places_)
            if (std::fabs(p.x - q.x) < kFound && std::fabs(p.y - q.y) < kFound) return q;
        places_.push_back(p);
        return p;
    }
    const Polygon& all() const { return places_; }

 private:
    Polygon places_;
};

Face::Lift level_lift(double z) {
    return [z](Vec2 p) { return Vec3{p.x, p.y, z}; };
}

}  // namespace

void Builder::add_room(size_t s, size_t index) {
    const Storey& storey = option_.storeys[s];
    const Room& room = storey.rooms[index];
    RoomFaces& faces = rooms_[s][index];
    const uint32_t floor = add_finished(Element::floor, room.id, Part::floor,
                                        room_finish(project_, option_, room, OwnFinish::kFloor), space({s, index}));
    faces.floor.push_back(&keep(Face(floor, walls_[s].rooms[index].ring, level_lift(on_grid(storey.level)), false)));
    add_ceiling(s, index, faces);
    add_walls(s, index, faces);
}

void Builder::add_ceiling(size_t s, size_t index, RoomFaces& faces) {
    const Storey& storey = option_.storeys[s];
    const Room& room = storey.rooms[index];
    const Roof* roof = room.top == Room::Top::follows_roof ? roof_over(storey, room) : nullptr;
    if (roof != nullptr) {
        faces.shape = shape_of(s, roof);
        return add_sloped_ceiling(s, index, *faces.shape, faces);
    }
    const uint32_t ceiling = add_finished(Element::ceiling, room.id, Part::ceiling,
                                          room_finish(project_, option_, room, OwnFinish::kCeiling), space({s, index}));
    faces.ceiling.push_back(
        &keep(Face(ceiling, walls_[s].rooms[index].ring, level_lift(on_grid(storey.level + room.height)), true)));
    faces.slope.push_back(nullptr);
}

void Builder::add_sloped_ceiling(size_t s, size_t index, const RoofShape& shape, RoomFaces& faces) {
    const Room& room = option_.storeys[s].rooms[index];
    const Polygon& ring = walls_[s].rooms[index].ring;
    const uint32_t ceiling = add_finished(Element::ceiling, room.id, Part::ceiling,
                                          room_finish(project_, option_, room, OwnFinish::kCeiling), space({s, index}));
    Places places(ring);
    for (size_t k = 0; k < shape.inner().size(); ++k) {
        const auto& slope = shape.inner()[k];
        auto regions = intersection({ring}, {shape.strip(slope)});
        const auto lift = [&shape, &slope](Vec2 p) { return Vec3{p.x, p.y, on_grid(slope.at(shape.along(p)))}; };
        for (Region& region : regions) {
            for (Vec2& p : region.outer) p = places.settle(p);
            faces.ceiling.push_back(&keep(Face(ceiling, region.outer, lift, true)));
            faces.slope.push_back(&slope);
        }
        add_inner_risers(shape, ring, regions, k, ceiling, faces);
    }
}

void Builder::add_inner_risers(const RoofShape& shape, const Polygon& ring, const std::vector<Region>& regions,
                               size_t k, uint32_t surface, RoomFaces& faces) {
    if (k + 1 >= shape.inner().size()) return;
    const auto &high = shape.inner()[k], &low = shape.inner()[k + 1];
    if (high.at(high.to) - low.at(high.to) < 1e-6) return;
    for (const Region& region : regions)
        for (size_t i = 0; i < region.outer.size(); ++i) {
            const Vec2 p = region.outer[i], q = region.outer[(i + 1) % region.outer.size()];
            if (std::fabs(shape.along(p) - high.to) > kFound || std::fabs(shape.along(q) - high.to) > kFound) continue;
            if (distance_to_edges(ring, (p + q) * 0.5) < 1e-4) continue;  // the room ends here: that is a wall
            Face face = Face::upright(surface, p, q, true);
            const double l = on_grid(length(q - p));
            const double p0 = on_grid(low.at(shape.along(p))), q0 = on_grid(low.at(shape.along(q)));
            const double p1 = on_grid(high.at(shape.along(p))), q1 = on_grid(high.at(shape.along(q)));
            face.set_outline({{0, p0}, {l, q0}, {l, q1}, {0, p1}});
            face.pin({0, p0}, {p.x, p.y, p0});
            face.pin({0, p1}, {p.x, p.y, p1});
            face.pin({l, q0}, {q.x, q.y, q0});
            face.pin({l, q1}, {q.x, q.y, q1});
            faces.upright.push_back(&keep(std::move(face)));
        }
}

void Builder::add_walls(size_t s, size_t index, RoomFaces& faces) {
    const Storey& storey = option_.storeys[s];
    const Room& room = storey.rooms[index];
    const Polygon& ring = walls_[s].rooms[index].ring;
    // One surface for each drawn edge; a jog between two thicknesses goes with the edge before it.
    std::map<int, uint32_t> surface_of;
    int last = 0;
    const auto wall_surface = [&](size_t side) {
        const int edge = walls_[s].rooms[index].edge[side];
        if (edge >= 0) last = edge;
        const auto [it, is_new] = surface_of.try_emplace(last, 0u);
        if (is_new)
            it->second = add_finished(Element::wall, room.id, Part::wall, room_finish(project_, option_, room, last),
                                      space({s, index}));
        return it->second;
    };
    const double z0 = on_grid(storey.level), flat = on_grid(storey.level + room.height);
    // Where the ceiling has corners over a wall, the wall has them too.
    std::vector<Vec2> corners;
    if (faces.shape != nullptr)
        for (const Face* face : faces.ceiling)
            corners.insert(corners.end(), face->outline().begin(), face->outline().end());
    for (size_t i = 0; i < ring.size(); ++i) {
        const Vec2 a = ring[i], b = ring[(i + 1) % ring.size()];
        Face face = Face::upright(wall_surface(i), a, b, true);
        const double l = on_grid(length(b - a));
        Polygon outline = {{0, z0}, {l, z0}};
        face.pin({0, z0}, {a.x, a.y, z0});
        face.pin({l, z0}, {b.x, b.y, z0});
        const auto top = [&](double way, double z, Vec2 place) {
            if (outline.back() == Vec2{way, z}) return;
            outline.push_back({way, z});
            face.pin({way, z}, {place.x, place.y, z});
        };
        if (faces.shape == nullptr) {
            top(l, flat, b);
            top(0, flat, a);
        } else {
            const RoofShape& shape = *faces.shape;
            const double climb = dot(face.along(), shape.rise());
            // Along a riser the room's own side of it counts.
            const double inward = std::fabs(climb) > 1e-6 ? 0 : dot({-face.along().y, face.along().x}, shape.rise());
            const auto height = [&](Vec2 p, double way) {
                const double side = inward != 0 ? inward : climb * way;
                return on_grid(RoofShape::height(shape.inner(), shape.along(p), side > 0 ? 1e-4 : -1e-4));
            };
            std::vector<std::pair<double, Vec2>> between;
            for (const Vec2 p : corners) {
                const double way = on_grid(dot(p - a, face.along()));
                if (way > 1e-4 && way < l - 1e-4 && std::fabs(cross(face.along(), p - a)) < kFound)
                    between.emplace_back(way, p);
            }
            std::sort(between.begin(), between.end(), [](const auto& x, const auto& y) { return x.first > y.first; });
            top(l, height(b, -1), b);
            for (const auto& [way, p] : between) {
                top(way, height(p, 1), p);
                top(way, height(p, -1), p);
            }
            top(0, height(a, 1), a);
        }
        face.set_outline(std::move(outline));
        faces.upright.push_back(&keep(std::move(face)));
    }
}

// A void is open where it, the room above and the room below all are.
void Builder::add_floor_voids(size_t s) {
    if (s == 0) return;
    for (const FloorVoid& hole : option_.storeys[s].voids)
        for (size_t above = 0; above < option_.storeys[s].rooms.size(); ++above)
            for (size_t below = 0; below < option_.storeys[s - 1].rooms.size(); ++below) {
                RoomFaces &upper = rooms_[s][above], &lower = rooms_[s - 1][below];
                const double z0 = on_grid(option_.storeys[s - 1].level + option_.storeys[s - 1].rooms[below].height),
                             z1 = on_grid(option_.storeys[s].level);
                if (lower.shape != nullptr || z0 > z1) continue;
                const auto both = intersection({walls_[s].rooms[above].ring}, {walls_[s - 1].rooms[below].ring});
                for (const Region& region : intersection({hole.outline}, rings(both))) {
                    if (signed_area(region.outer) < 1e-3) continue;
                    upper.floor[0]->cut(region.outer);
                    lower.ceiling[0]->cut(region.outer);
                    const int space_above = space({s, above}), space_below = space({s - 1, below});
                    const int keep_air = out_.air[static_cast<size_t>(space_below)],
                              lose_air = out_.air[static_cast<size_t>(space_above)];
                    for (int& air : out_.air)
                        if (air == lose_air) air = keep_air;
                    if (z1 - z0 < 1e-6) continue;
                    const uint32_t edge = add_by_type(Element::reveal, hole.id, Part::reveal, space_above);
                    // The void's sides look into it: seen from the left of its outline.
                    for (size_t i = 0; i < region.outer.size(); ++i) {
                        const Vec2 a = region.outer[i], b = region.outer[(i + 1) % region.outer.size()];
                        Face face = Face::upright(edge, a, b, true);
                        const double l = on_grid(length(b - a));
                        face.set_outline({{0, z0}, {l, z0}, {l, z1}, {0, z1}});
                        for (const double z : {z0, z1}) {
                            face.pin({0, z}, {a.x, a.y, z});
                            face.pin({l, z}, {b.x, b.y, z});
                        }
                        lower.upright.push_back(&keep(std::move(face)));
                    }
                }
            }
}

void Builder::add_partition(size_t s, const Partition& partition) {
    const Vec2 d = normalized(partition.to - partition.from), half = Vec2{-d.y, d.x} * (partition.thickness / 2);
    const Polygon plan = {partition.from - half, partition.to - half, partition.to + half, partition.from + half};
    for (size_t r = 0; r < option_.storeys[s].rooms.size(); ++r) {
        const RoomFaces& faces = rooms_[s][r];
        const Polygon& ring = walls_[s].rooms[r].ring;
        const double z0 = on_grid(option_.storeys[s].level);
        for (const Region& region : intersection({plan}, {ring})) {
            const uint32_t surface =
                add_finished(Element::partition, partition.id, Part::partition,
                             finish_of(project_, option_, Part::partition, partition.material), space({s, r}));
            // Never through the ceiling: the lowest of it above the partition's corners is as high as it goes.
            double z1 = z0 + partition.height;
            for (const Vec2 p : region.outer)
                z1 = std::min(z1, faces.shape != nullptr
                                      ? RoofShape::height(faces.shape->inner(), faces.shape->along(p))
                                      : option_.storeys[s].level + option_.storeys[s].rooms[r].height);
            z1 = on_grid(z1);
            keep(Face(surface, region.outer, level_lift(z1), false));
            for (size_t i = 0; i < region.outer.size(); ++i) {
                const Vec2 a = region.outer[i], b = region.outer[(i + 1) % region.outer.size()];
                if (distance_to_edges(ring, (a + b) * 0.5) < 1e-4 && distance_to_edges(ring, a * 0.9 + b * 0.1) < 1e-4)
                    continue;  // against the wall
                out_.add_quad(surface, {a.x, a.y, z0}, {b.x, b.y, z0}, {b.x, b.y, z1}, {a.x, a.y, z1});
            }
        }
    }
}

}  // namespace wp::geometry
