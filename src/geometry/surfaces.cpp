// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/surfaces.h"

#include <algorithm>
#include <cmath>

#include "geometry/builder.h"

namespace wp::geometry {
using namespace model;

const char* name(Element element) {
    static constexpr const char* names[] = {"floor", "ceiling", "wall", "reveal", "facade", "roof", "ground", "block", "frame", "leaf", "partition"};
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
    for (const int a : air) print.add(a);
    for (const double v : {ground_reflectance, blind_transmittance}) print.add(v);
    return print;
}

Builder::Builder(const Project& project, const Option& option) : project_(project), option_(option) {
    out_.ground_reflectance = project.site.ground_reflectance;
    out_.blind_transmittance = project.blind_transmittance;
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

double Builder::reflectance(const Id& id, double otherwise) const {
    const Material* material = find(project_.materials, id);
    return material != nullptr ? material->reflectance : otherwise;
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
    for (const Block& block : option_.blocks) add_block(block);
    add_ground();
    return std::move(out_);
}

Surfaces build_surfaces(const Project& project, const Option& option) { return Builder(project, option).build(); }

}  // namespace wp::geometry
