// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/surfaces.h"

#include <algorithm>
#include <cmath>

#include "base/log.h"
#include "geometry/builder.h"
#include "model/project.h"

namespace wp::geometry {
using namespace model;

const char* name(Element element) {
    static constexpr const char* names[] = {"floor",  "ceiling", "wall",  "reveal", "facade",    "roof",
                                            "ground", "block",   "frame", "leaf",   "partition", "furniture",
                                            "stair",  "shading", "tree",  "fence",  "terrain"};
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

int Surfaces::keep_blind(const Blind& blind) {
    const auto it = std::find(blinds.begin(), blinds.end(), blind);
    if (it != blinds.end()) return static_cast<int>(it - blinds.begin());
    blinds.push_back(blind);
    return static_cast<int>(blinds.size() - 1);
}

bool Surfaces::has_seasons() const {
    return std::any_of(surfaces.begin(), surfaces.end(),
                       [](const Surface& s) { return s.openness != s.bare_openness; });
}

namespace {
// A pane that lets less through lets nothing through: there is nothing to scale.
constexpr double kOpaquePane = 1e-3;
}  // namespace

void Blind::add_to(Fingerprint& print) const {
    for (const double v : {reflectance, transmittance, openness, slat_width, slat_spacing, slat_tilt}) print.add(v);
    for (const bool v : {slats, upright}) print.add(static_cast<int>(v));
}

Blind blind_of(const model::Material& material) {
    const model::Material b = model::possible(material);
    return {b.kind == model::Material::Kind::slats,
            b.reflectance,
            b.transmittance,
            b.openness,
            b.slat_width,
            b.slat_spacing,
            b.slat_tilt,
            b.slats_upright,
            model::is_coloured(b) ? b.id : model::Id()};
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
        for (const double v : {s.reflectance, s.specular, s.roughness, s.openness, s.bare_openness, s.through})
            print.add(v);
        print.add(s.space);
    }
    for (const Portal& p : portals) {
        for (const Vec3 v : {p.corner, p.u, p.v})
            for (const double c : {v.x, v.y, v.z}) print.add(c);
        for (const int k : {p.inside, p.outside, p.glazing, p.group, static_cast<int>(p.blind), p.blind_layer})
            print.add(k);
        for (const double v : {p.free_share, p.maintenance}) print.add(v);
    }
    for (const Glazing& g : glazings) {
        for (const double v : {g.transmittance, g.diffuse, g.reflectance_out, g.reflectance_in}) print.add(v);
        print.add(g.panes);
    }
    for (const Blind& b : blinds) b.add_to(print);
    for (const int a : air) print.add(a);
    for (const double v : {ground_reflectance, blind_transmittance}) print.add(v);
    if (has_seasons())
        for (const int month : {leaf_from, leaf_to}) print.add(month);
    return print;
}

std::vector<bool> Surfaces::joined(int space) const {
    std::vector<bool> in(spaces.size(), false);
    if (space < 0 || static_cast<size_t>(space) >= in.size()) return in;
    in[static_cast<size_t>(space)] = true;
    for (bool grew = true; grew;) {
        grew = false;
        const auto join = [&](size_t a, size_t b) {
            if (a >= in.size() || b >= in.size() || in[a] == in[b]) return;
            in[a] = in[b] = true;
            grew = true;
        };
        for (const Portal& p : portals)
            if (p.inside >= 0 && p.outside >= 0) join(static_cast<size_t>(p.inside), static_cast<size_t>(p.outside));
        for (size_t a = 0; a < air.size(); ++a)
            for (size_t b = a + 1; b < air.size(); ++b)
                if (air[a] == air[b]) join(a, b);
    }
    return in;
}

Fingerprint Surfaces::light_fingerprint(int space) const {
    const std::vector<bool> in = joined(space);
    const auto counts = [&](int s) {
        return s < 0 || static_cast<size_t>(s) >= in.size() || in[static_cast<size_t>(s)];
    };
    Fingerprint print;
    const auto add = [&](Vec3 v) {
        for (const double c : {v.x, v.y, v.z}) print.add(c);
    };
    for (size_t i = 0; i < triangles.size(); ++i) {
        const Surface& s = surfaces[surface_of[i]];
        if (!counts(s.space)) continue;
        for (const uint32_t k : triangles[i]) add(vertices[k]);
        print.add(static_cast<int>(s.element));
        print.add(s.space);
        for (const double v : {s.reflectance, s.specular, s.roughness, s.openness, s.bare_openness, s.through})
            print.add(v);
    }
    for (const Portal& p : portals) {
        if (!counts(p.inside) || !counts(p.outside)) continue;
        for (const Vec3 v : {p.corner, p.u, p.v}) add(v);
        const bool outer = p.inside < 0 || p.outside < 0;
        print.add(static_cast<int>(outer));
        for (const int side : {p.inside, p.outside}) print.add(side);
        print.add(p.free_share * (outer ? 1 : p.maintenance));
        print.add(p.opening);
        if (p.glazing < 0) continue;
        const Glazing& g = glazings[static_cast<size_t>(p.glazing)];
        for (const double v : {g.diffuse, g.reflectance_out, g.reflectance_in}) print.add(v);
        print.add(g.panes);
        print.add(outer ? (g.transmittance > kOpaquePane ? 1.0 : 0.0) : g.transmittance);
    }
    for (const double v : {ground_reflectance, blind_transmittance}) print.add(v);
    if (has_seasons())
        for (const int month : {leaf_from, leaf_to}) print.add(month);
    for (const double v : ground_by_month) print.add(v);
    for (size_t i = 0; i < air.size(); ++i)
        if (in.size() > i && in[i]) print.add(air[i]);
    return print;
}

Builder::Builder(const Project& project, const Option& option, std::vector<std::string> without)
    : project_(project), option_(option), without_(std::move(without)) {
    out_.ground_reflectance = project.site.ground_reflectance;
    out_.ground_by_month = project.site.ground_by_month;
    out_.blind_transmittance = project.blind_transmittance;
    out_.leaf_from = project.site.leaf_from;
    out_.leaf_to = project.site.leaf_to;
    for (size_t s = 0; s < option.storeys.size(); ++s) {
        first_space_.push_back(static_cast<int>(out_.spaces.size()));
        for (const Room& room : option.storeys[s].rooms) {
            out_.air.push_back(static_cast<int>(out_.spaces.size()));
            out_.spaces.push_back(room.id);
        }
        walls_.push_back(storey_walls(option, s));
        rooms_.emplace_back(option.storeys[s].rooms.size());
    }
}

uint32_t Builder::add_finished(Element element, const Id& source, Part part, const Finish& finish, int space) {
    const Material m = possible(finish.material != nullptr ? *finish.material : assumed_for(part));
    Surface s;
    s.element = element;
    s.source = source;
    s.space = space;
    s.part = part;
    s.material = finish.material != nullptr ? finish.id : Id();
    s.reason = finish.material != nullptr ? finish.reason : Reason::none;
    s.reflectance = m.reflectance - (m.kind == Material::Kind::opaque ? m.specular : 0);
    if (m.kind == Material::Kind::opaque) {
        s.specular = m.specular;
        s.roughness = m.roughness;
    }
    if (m.kind == Material::Kind::fabric) {
        s.openness = s.bare_openness = m.openness;
        s.through = m.transmittance;
    }
    return out_.add_surface(std::move(s));
}

const RoofShape* Builder::shape_of(size_t storey, const Roof* roof) {
    return &shapes_.try_emplace(roof, option_.storeys[storey], *roof, option_.roof).first->second;
}

Face& Builder::keep(Face face) { return faces_.emplace_back(std::move(face)); }

Surfaces Builder::build() {
    const auto& storeys = option_.storeys;
    for (size_t s = 0; s < storeys.size(); ++s)
        for (size_t r = 0; r < storeys[s].rooms.size(); ++r) add_room(s, r);
    for (size_t s = 0; s < storeys.size(); ++s) {
        add_floor_voids(s);
        for (const Partition& partition : storeys[s].partitions) add_partition(s, partition);
    }
    for (size_t s = 0; s < storeys.size(); ++s) add_shell(s);
    for (size_t s = 0; s < storeys.size(); ++s) {
        for (size_t r = 0; r < storeys[s].rooms.size(); ++r)
            for (const Opening& opening : storeys[s].rooms[r].openings) add_opening(s, r, opening);
        for (const Rooflight& light : storeys[s].rooflights) add_rooflight(s, light);
    }
    for (const Cut& cut : outer_cuts_)
        each_outer_at(cut.a, cut.b, [&](Face& face) { face.cut_stretch(cut.a, cut.b, cut.z0, cut.z1); });
    for (const Face& face : faces_) face.add_to(out_);
    for (const Thing& thing : option_.things)
        if (!left_out(without_, thing.id, kind_name(thing.kind))) add_thing(thing);
    for (const Block& block : option_.blocks)
        if (!left_out(without_, block.id, "block")) add_block(block);
    add_ground();
    return std::move(out_);
}

Surfaces build_surfaces(const Project& project, const Option& option, const std::vector<std::string>& without) {
    Surfaces out = Builder(project, option, without).build();
    log(LogOf::geometry, "surfaces of {}: {} triangles, {} portals, {} spaces", option.id, out.triangles.size(),
        out.portals.size(), out.spaces.size());
    return out;
}

}  // namespace wp::geometry
