// SPDX-License-Identifier: GPL-3.0-or-later
// Openings: the hole through every face it meets, the reveals between the faces, the pane with its frame, or the leaf.
#include <fmt/core.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "geometry/builder.h"
#include "model/frame.h"
#include "model/project.h"
#include "shading/shade.h"

namespace wp::geometry {
using namespace model;

namespace {

constexpr double kRiserPane = 0.1;  // how far an upright pane stands in its riser
constexpr double kCurb = 0.08;      // thickness of an upstand

const char* quarter(double azimuth) {
    static constexpr const char* names[] = {"north", "north-east", "east", "south-east",
                                            "south", "south-west", "west", "north-west"};
    return names[static_cast<size_t>((std::lround(azimuth / 45.0) % 8 + 8) % 8)];
}

}  // namespace

// Windows of a room that look the same way; rooflights of a room are one group, whatever their slope.
int Builder::group_of(RoomIndex at_room, std::optional<double> azimuth) {
    const Room& of = room(at_room);
    const long sector = azimuth ? std::lround(*azimuth) : 1000;
    const auto [it, is_new] = groups_.try_emplace({of.id, sector}, static_cast<int>(out_.groups.size()));
    if (is_new)
        out_.groups.push_back(
            {of.id, azimuth.value_or(0),
             fmt::format("{}, {}", of.name,
                         azimuth ? quarter(static_cast<double>(sector) + project_.site.north) : "rooflights")});
    return it->second;
}

void Builder::add_portal(const Pane& pane, const Id& source, const Material* glass, int group) {
    Portal portal;
    portal.corner = pane.corner;
    portal.u = pane.u;
    portal.v = pane.v;
    portal.inside = pane.inside;
    portal.outside = pane.outside;
    portal.opening = source;
    if (glass != nullptr) {
        const Material m = possible(*glass);
        portal.glazing = out_.add_glazing(
            {m.transmittance, m.panes, m.diffuse, m.reflectance_out, m.reflectance_in, m.solar_factor, m.id});
    }
    portal.group = group;
    out_.portals.push_back(portal);
}

// The portal is the last one added.
template <class O>
void Builder::equip_portal(const Pane& pane, const O& opening, bool may_have_blind, double to_outer, double to_inner) {
    Portal& portal = out_.portals.back();
    portal.reveal_in = to_inner;
    portal.reveal_out = to_outer;
    if (may_have_blind) {
        portal.blind = opening.blind;
        if (portal.glazing >= 0 && pane.outside == kOutdoors)
            portal.maintenance = maintenance_factor(project_.site, opening.exposure,
                                                    degrees(std::asin(std::clamp(std::fabs(pane.normal.z), 0.0, 1.0))));
        const Material* m = opening.blind_material.empty() ? nullptr : find(project_.materials, opening.blind_material);
        if (opening.blind && m != nullptr) portal.blind_layer = out_.keep_blind(blind_of(*m));
    }
    shading::ShadeFrame frame{pane.corner,    normalized(pane.u), normalized(pane.v), pane.normal,
                              length(pane.u), length(pane.v),     to_outer,           to_inner};
    for (const ShadeLayer& layer : opening.shading) {
        const int seen_from = layer.inside ? pane.inside : pane.outside;
        const uint32_t surface = add_finished(Element::shading, opening.id, Part::shading,
                                              finish_of(project_, option_, Part::shading, layer.material), seen_from);
        shading::build_shade(layer, frame, [&](Vec3 a, Vec3 b, Vec3 c, Vec3 d) { out_.add_quad(surface, a, b, c, d); });
    }
}

// Bars around and between the lights: a front and a back, and sides that half belong to each.
void Builder::add_frame(const Pane& pane, const Id& source, const Id& own, double width, int columns, int rows) {
    const double w = length(pane.u), h = length(pane.v);
    const double bar_u = std::min(width, 0.45 * w / (columns + 1)), bar_v = std::min(width, 0.45 * h / (rows + 1));
    if (bar_u < 1e-4 || bar_v < 1e-4) return;
    // Frames of no material of their own are taken to be like the reveals they stand in.
    Finish finish = finish_of(project_, option_, Part::frame, own);
    if (finish.id.empty()) finish = finish_of(project_, option_, Part::reveal, {});
    const uint32_t in = add_finished(Element::frame, source, Part::frame, finish, pane.inside);
    const uint32_t out = add_finished(Element::frame, source, Part::frame, finish, pane.outside);
    const Vec3 du = pane.u * (1 / w), dv = pane.v * (1 / h), step = pane.normal * pane.half_depth;
    const auto place = [&](double s, double t) { return pane.corner + du * s + dv * t; };
    const auto plate = [&](double s0, double t0, double s1, double t1) {
        const Vec3 a = place(s0, t0), b = place(s1, t0), c = place(s1, t1), d = place(s0, t1);
        out_.add_quad(out, a + step, b + step, c + step, d + step);
        out_.add_quad(in, a - step, d - step, c - step, b - step);
    };
    const auto side = [&](Vec3 a, Vec3 b) {  // looks to the left of a to b, seen from outside
        out_.add_quad(out, a, a + step, b + step, b);
        out_.add_quad(in, a - step, a, b, b - step);
    };
    const double light_u = (w - bar_u * (columns + 1)) / columns, light_v = (h - bar_v * (rows + 1)) / rows;
    if (!out_.portals.empty() && out_.portals.back().opening == source)
        out_.portals.back().glass_share = light_u * columns * light_v * rows / (w * h);
    for (int i = 0; i <= columns; ++i) plate(i * (bar_u + light_u), 0, i * (bar_u + light_u) + bar_u, h);
    for (int i = 0; i < columns; ++i) {
        const double s0 = bar_u + i * (bar_u + light_u), s1 = s0 + light_u;
        for (int j = 0; j <= rows; ++j) plate(s0, j * (bar_v + light_v), s1, j * (bar_v + light_v) + bar_v);
        for (int j = 0; j < rows; ++j) {
            const double t0 = bar_v + j * (bar_v + light_v), t1 = t0 + light_v;
            const std::array<Vec3, 4> hole = {place(s0, t0), place(s1, t0), place(s1, t1), place(s0, t1)};
            for (size_t k = 0; k < 4; ++k) side(hole[k], hole[(k + 1) % 4]);
        }
    }
}

// A closed leaf between the jambs, which may stand askew.
void Builder::add_leaf(const Pane& pane, const Passage& way, double share, const Id& source, const Finish& finish) {
    const double half = pane.half_depth / way.depth, z0 = pane.corner.z;
    const auto face = [&](double depth, bool to_outside) {
        const Vec2 a = way.inner[0] + (way.outer[0] - way.inner[0]) * depth,
                   b = way.inner[1] + (way.outer[1] - way.inner[1]) * depth;
        const uint32_t surface =
            add_finished(Element::leaf, source, Part::door, finish, to_outside ? pane.outside : pane.inside);
        if (to_outside)
            out_.add_quad(surface, at(a, z0), at(b, z0), at(b, z0 + pane.v.z), at(a, z0 + pane.v.z));
        else
            out_.add_quad(surface, at(a, z0), at(a, z0 + pane.v.z), at(b, z0 + pane.v.z), at(b, z0));
    };
    face(share + half, true);
    face(share - half, false);
}

// Sill, head and jambs between two faces of the wall.
void Builder::add_reveal(const Id& source, const Id& own, const Vec2 from[2], const Vec2 to[2], double z0, double z1,
                         int seen_from) {
    if (length(to[0] - from[0]) < 1e-6) return;
    const uint32_t surface =
        add_finished(Element::reveal, source, Part::reveal, finish_of(project_, option_, Part::reveal, own), seen_from);
    const Vec2 a = from[0], b = from[1], c = to[1], d = to[0];
    out_.add_quad(surface, at(a, z0), at(d, z0), at(c, z0), at(b, z0));  // sill, looks up
    out_.add_quad(surface, at(a, z1), at(b, z1), at(c, z1), at(d, z1));  // head, looks down
    out_.add_quad(surface, at(a, z0), at(a, z1), at(d, z1), at(d, z0));  // jamb at a
    out_.add_quad(surface, at(b, z0), at(c, z0), at(c, z1), at(b, z1));  // jamb at b
}

// How high the wall reaches over the whole of an opening; a floor void beside it carries the wall on into the next
// storey.
double Builder::highest(size_t s, size_t index, const Passage& way) const {
    double top = -1e18;
    const int air = out_.air[static_cast<size_t>(space({s, index}))];
    for (size_t level = s; level < rooms_.size(); ++level)
        for (size_t r = 0; r < rooms_[level].size(); ++r) {
            if (out_.air[static_cast<size_t>(space({level, r}))] != air) continue;
            for (const Face* face : rooms_[level][r].upright) {
                const auto span = face->span_over(way.inner[0], way.inner[1], true);
                if (!span) continue;
                const bool own = level == s && r == index;
                if (own || span->first <= top + 1e-6) top = std::max(top, span->second);
            }
        }
    // A steep roof may come down over the outer face below the inner one's top.
    if (way.room_behind < 0)
        each_outer_at(way.outer[0], way.outer[1], [&](const Face& face) {
            const auto span = face.span_over(way.outer[0], way.outer[1], false);
            const double z = option_.storeys[s].level;
            if (span && span->first < top && span->first <= z + 1e-6 && span->second > z)
                top = std::min(top, std::max(span->second, above_facade(span->second, way)));
        });
    return top;
}

// The facade goes on where another stretch of it begins at the height where one ends: storey over storey.
double Builder::above_facade(double z, const Passage& way) const {
    double higher = z;
    each_outer_at(way.outer[0], way.outer[1], [&](const Face& face) {
        if (const auto span = face.span_over(way.outer[0], way.outer[1], true); span && span->first <= z + 1e-6)
            higher = std::max(higher, span->second);
    });
    return higher > z + 1e-6 ? above_facade(higher, way) : z;
}

void Builder::add_opening(size_t s, size_t index, const Opening& opening) {
    // What was drawn past the ends of its wall is cut off there; the model check says so.
    const Room& own = option_.storeys[s].rooms[index];
    const double wall = edge_length(own, opening.edge), from = std::clamp(opening.along, 0.0, wall);
    const double width = std::min(opening.along + opening.width, wall) - from;
    if (width < 1e-3) return;
    const Passage way = passage(walls_[s], option_, index, opening.edge, from, width);
    if (way.side < 0 || length(way.inner[1] - way.inner[0]) < 1e-3) return;
    const double z0 = on_grid(option_.storeys[s].level + opening.sill);
    double z1 = on_grid(option_.storeys[s].level + opening.sill + opening.height);
    z1 = std::min(z1, highest(s, index, way));
    if (z1 - z0 < 1e-3) return;

    const RoomIndex behind =
        way.room_behind >= 0 ? walls_[s].standing[static_cast<size_t>(way.room_behind)] : RoomIndex{};
    const int inside = space({s, index}), outside = way.room_behind >= 0 ? space(behind) : kOutdoors;
    const int air = out_.air[static_cast<size_t>(inside)];
    for (size_t level = s; level < rooms_.size(); ++level)
        for (size_t r = 0; r < rooms_[level].size(); ++r)
            if (out_.air[static_cast<size_t>(space({level, r}))] == air)
                for (Face* face : rooms_[level][r].upright) face->cut_stretch(way.inner[0], way.inner[1], z0, z1);
    if (outside != kOutdoors)
        for (Face* face : rooms_[behind.storey][behind.room].upright)
            face->cut_stretch(way.outer[0], way.outer[1], z0, z1);
    else
        outer_cuts_.push_back({way.outer[0], way.outer[1], z0, z1});

    // Frame and leaf stay within the wall.
    const double half_depth = std::min(kFrameHalf, 0.45 * way.depth);
    const double share = std::clamp(opening.reveal, half_depth, way.depth - half_depth) / way.depth;
    const Vec2 pane[2] = {way.inner[0] + (way.outer[0] - way.inner[0]) * share,
                          way.inner[1] + (way.outer[1] - way.inner[1]) * share};
    add_reveal(opening.id, opening.reveals, way.inner, pane, z0, z1, inside);
    add_reveal(opening.id, opening.reveals, pane, way.outer, z0, z1, outside);

    const Vec2 d = normalized(pane[1] - pane[0]);
    const Pane hole{
        at(pane[0], z0), at(pane[1], z0) - at(pane[0], z0), {0, 0, z1 - z0}, {d.y, -d.x, 0}, inside, outside,
        half_depth};
    const bool is_void = opening.kind == Opening::Kind::opening_void;
    const Part part = opening.kind == Opening::Kind::window ? Part::glazing : Part::door;
    const Finish finish = finish_of(project_, option_, part, opening.glazing);
    const Material none = assumed_for(part);
    const Material* fill = is_void ? nullptr : finish.material != nullptr ? finish.material : &none;
    if (fill != nullptr && fill->kind != Material::Kind::glazing) return add_leaf(hole, way, share, opening.id, finish);
    const int group = outside == kOutdoors ? group_of({s, index}, degrees(std::atan2(d.y, -d.x))) : -1;
    add_portal(hole, opening.id, fill, group);
    if (fill != nullptr && opening.kind != Opening::Kind::panel)
        add_frame(hole, opening.id, opening.frames, opening.frame, opening.columns, opening.rows);
    equip_portal(hole, opening, !is_void, way.depth * (1 - share), way.depth * share);
}

void Builder::add_rooflight(size_t s, const Rooflight& light) {
    for (size_t r = 0; r < option_.storeys[s].rooms.size(); ++r) {
        if (!contains(walls_[s].rooms[r].ring, light.centre)) continue;
        if (light.upright) return add_upright_light(s, r, light);
        return add_lying_light(s, r, light);
    }
}

void Builder::add_lying_light(size_t s, size_t index, const Rooflight& light) {
    RoomFaces& faces = rooms_[s][index];
    // The roof above decides which way the rectangle lies.
    const Vec2 centre = light.centre;
    TopFace* top = nullptr;
    const auto in_hole = [&](const Face& face) {
        return std::any_of(face.holes().begin(), face.holes().end(),
                           [&](const Polygon& hole) { return contains(hole, centre); });
    };
    for (TopFace& face : tops_)
        if (contains(face.face->outline(), centre) && !in_hole(*face.face) &&
            (top == nullptr || face.storey >= top->storey))
            top = &face;
    if (top == nullptr) return;
    const double turn =
        top->shape != nullptr ? std::atan2(-top->shape->rise().x, top->shape->rise().y) : radians(light.turn);
    const Vec2 x{std::cos(turn), std::sin(turn)}, y{-x.y, x.x};
    const auto rectangle = [&](double grow) {
        const Vec2 u = x * (light.width / 2 + grow), v = y * (light.length / 2 + grow);
        return Polygon{on_grid(centre - u - v), on_grid(centre + u - v), on_grid(centre + u + v),
                       on_grid(centre - u + v)};
    };
    const Polygon hole = rectangle(0), curb = rectangle(kCurb);
    // All of it must lie in one face of the roof and in one of the ceiling.
    const auto within = [](const Polygon& outline, const Polygon& part) {
        return std::all_of(part.begin(), part.end(), [&](Vec2 p) { return contains(outline, p); });
    };
    if (!within(top->face->outline(), curb)) return;
    size_t k = 0;
    while (k < faces.ceiling.size() && !within(faces.ceiling[k]->outline(), hole)) ++k;
    if (k == faces.ceiling.size()) return;
    const double flat_ceiling = on_grid(option_.storeys[s].level + option_.storeys[s].rooms[index].height);
    const auto inner = [&](Vec2 p) {
        return faces.slope[k] != nullptr ? on_grid(faces.slope[k]->at(faces.shape->along(p))) : flat_ceiling;
    };
    const auto outer = [&](Vec2 p) {
        return top->slope != nullptr ? on_grid(top->slope->at(top->shape->along(p))) : top->z;
    };
    if (inner(centre) >= outer(centre)) return;
    faces.ceiling[k]->cut(hole);
    top->face->cut(curb);

    const int inside = space({s, index});
    const uint32_t shaft = add_by_type(Element::reveal, light.id, Part::reveal, inside);
    const uint32_t outside = add_by_type(Element::roof, light.id, Part::roof, kOutdoors);
    const double rise = std::max(0.001, light.upstand);
    for (size_t i = 0; i < 4; ++i) {
        const Vec2 a = hole[i], b = hole[(i + 1) % 4], c = curb[i], d = curb[(i + 1) % 4];
        // The shaft is seen from within the rectangle, the upstand from without; between them runs its rim.
        out_.add_quad(shaft, at(b, inner(b)), at(a, inner(a)), at(a, outer(a) + rise), at(b, outer(b) + rise));
        out_.add_quad(outside, at(c, outer(c)), at(d, outer(d)), at(d, outer(d) + rise), at(c, outer(c) + rise));
        out_.add_quad(outside, at(a, outer(a) + rise), at(c, outer(c) + rise), at(d, outer(d) + rise),
                      at(b, outer(b) + rise));
    }
    Pane pane{at(hole[0], outer(hole[0]) + rise),
              at(hole[1], outer(hole[1])) - at(hole[0], outer(hole[0])),
              at(hole[3], outer(hole[3])) - at(hole[0], outer(hole[0])),
              {},
              inside,
              kOutdoors,
              0.01};
    pane.normal = normalized(cross(pane.u, pane.v));
    const double shaft_depth = (outer(centre) + rise - inner(centre)) * std::max(0.1, pane.normal.z);
    glaze_rooflight(pane, light, group_of({s, index}, std::nullopt), 0, shaft_depth);
}

void Builder::add_upright_light(size_t s, size_t index, const Rooflight& light) {
    RoomFaces& faces = rooms_[s][index];
    if (faces.shape == nullptr) return;
    const RoofShape& shape = *faces.shape;
    const Vec2 across{shape.rise().y, -shape.rise().x};
    double nearest = 1e18;
    size_t slope = 0;
    for (size_t k = 0; k + 1 < shape.inner().size(); ++k) {
        const double u = shape.inner()[k].to, d = std::fabs(u - shape.along(light.centre));
        if (d >= nearest ||
            RoofShape::height(shape.inner(), u, -1e-3) - RoofShape::height(shape.inner(), u, 1e-3) < 1e-3)
            continue;
        nearest = d;
        slope = k;
    }
    if (nearest > 1e17) return;
    const double u_in = shape.inner()[slope].to, u_out = shape.outer()[slope].to, v = dot(light.centre, across);
    const auto place = [&](double u, double w) { return on_grid(shape.rise() * u + across * w); };
    // Seen from the room the riser runs so that its air is on the left.
    const double half = light.width / 2;
    const Vec2 inner[2] = {place(u_in, v + half), place(u_in, v - half)},
               outer[2] = {place(u_out, v + half), place(u_out, v - half)};
    const double foot = shape.outer()[slope + 1].at(u_out), head = shape.inner()[slope].at(u_in);
    const double z0 = on_grid(std::max(foot + 0.02, foot + light.upstand)),
                 z1 = on_grid(std::min(z0 + light.length, head - 0.01));
    if (z1 - z0 < 0.02) return;
    bool found = false;
    for (Face* face : faces.upright) found = face->cut_stretch(inner[0], inner[1], z0, z1) || found;
    if (!found) return;
    outer_cuts_.push_back({outer[0], outer[1], z0, z1});
    const double share = std::min(1.0, kRiserPane / std::max(1e-6, u_out - u_in));
    const Vec2 pane[2] = {inner[0] + (outer[0] - inner[0]) * share, inner[1] + (outer[1] - inner[1]) * share};
    const int inside = space({s, index});
    add_reveal(light.id, {}, inner, pane, z0, z1, inside);
    add_reveal(light.id, {}, pane, outer, z0, z1, kOutdoors);
    const Pane hole{
        at(pane[0], z0), at(pane[1], z0) - at(pane[0], z0), {0, 0, z1 - z0}, at(shape.rise(), 0), inside, kOutdoors,
        kFrameHalf};
    glaze_rooflight(hole, light, group_of({s, index}, std::nullopt), (u_out - u_in) * (1 - share),
                    (u_out - u_in) * share);
}

void Builder::glaze_rooflight(const Pane& pane, const Rooflight& light, int group, double to_outer, double to_inner) {
    const Finish finish = finish_of(project_, option_, Part::rooflight, light.glazing);
    const Material none = assumed_for(Part::rooflight);
    add_portal(pane, light.id, finish.material != nullptr ? finish.material : &none, group);
    add_frame(pane, light.id, {}, light.frame, 1, 1);
    equip_portal(pane, light, true, to_outer, to_inner);
}

}  // namespace wp::geometry
