// SPDX-License-Identifier: GPL-3.0-or-later
// Green Building XML, schema 6.01: spaces with closed shells, walls with openings, neighbours as shades.
#include <fmt/core.h>

#include <algorithm>
#include <pugixml.hpp>
#include <sstream>

#include "geometry/block_shape.h"
#include "geometry/polygon.h"
#include "geometry/roof_shape.h"
#include "outgoing/writer.h"

namespace wp::outgoing {
using namespace model;

namespace {

using Node = pugi::xml_node;

void add_loop(Node parent, const std::vector<Vec3>& ring) {
    Node loop = parent.append_child("PolyLoop");
    for (const Vec3& p : ring) {
        Node point = loop.append_child("CartesianPoint");
        for (const double v : {p.x, p.y, p.z})
            point.append_child("Coordinate").text().set(fmt::format("{:.5f}", v).c_str());
    }
}

void add_text(Node parent, const char* name, const std::string& text) {
    parent.append_child(name).text().set(text.c_str());
}

std::vector<Vec3> level(const std::vector<Vec2>& outline, double z, bool up) {
    std::vector<Vec3> out;
    for (const Vec2 p : outline) out.push_back({p.x, p.y, z});
    if (!up) std::ranges::reverse(out);
    return out;
}

Vec2 middle(const std::vector<Vec2>& ring) {
    Vec2 sum{};
    for (const Vec2 p : ring) sum = sum + p * (1 / static_cast<double>(ring.size()));
    return sum;
}

class Gbxml {
 public:
    explicit Gbxml(const Writing& w) : w_(w), forms_(room_forms(w.option)) {}

    std::string write() {
        pugi::xml_document document;
        root_ = document.append_child("gbXML");
        for (const auto& [key, value] : {std::pair{"xmlns", "http://www.gbxml.org/schema"},
                                         {"temperatureUnit", "C"},
                                         {"lengthUnit", "Meters"},
                                         {"areaUnit", "SquareMeters"},
                                         {"volumeUnit", "CubicMeters"},
                                         {"useSIUnitsForResults", "true"},
                                         {"version", "6.01"}})
            root_.append_attribute(key).set_value(value);
        Node campus = root_.append_child("Campus");
        campus.append_attribute("id").set_value("campus");
        add_place(campus);
        add_building(campus);
        for (const RoomForm& form : forms_) add_surfaces(campus, form);
        for (const Block& block : w_.option.blocks) add_shade(campus, block);
        add_glazings();
        std::ostringstream out;
        document.save(out, "  ");
        return out.str();
    }

 private:
    void add_place(Node campus) {
        const Site& site = w_.project.site;
        Node place = campus.append_child("Location");
        add_text(place, "Latitude", fmt::format("{:.6g}", site.latitude));
        add_text(place, "Longitude", fmt::format("{:.6g}", site.longitude));
        add_text(place, "Elevation", fmt::format("{:.6g}", site.elevation));
        add_text(place, "CADModelAzimuth", fmt::format("{:.6g}", site.north));
        add_text(place, "Name", site.name);
    }
    void add_building(Node campus) {
        Node building = campus.append_child("Building");
        building.append_attribute("id").set_value("building");
        building.append_attribute("buildingType").set_value("Unknown");
        add_text(building, "Name", w_.project.name);
        for (const Storey& storey : w_.option.storeys) {
            Node node = building.append_child("BuildingStorey");
            node.append_attribute("id").set_value(storey.id.c_str());
            add_text(node, "Name", storey.name);
            add_text(node, "Level", fmt::format("{:.5f}", storey.level));
        }
        for (const RoomForm& form : forms_) {
            Node space = building.append_child("Space");
            space.append_attribute("id").set_value(form.room->id.c_str());
            space.append_attribute("buildingStoreyIdRef").set_value(form.storey->id.c_str());
            add_text(space, "Name", form.room->name);
            add_text(space, "Area", fmt::format("{:.4f}", geometry::floor_area(w_.option, *form.storey, *form.room)));
            Node shell = space.append_child("ShellGeometry");
            shell.append_attribute("id").set_value(("shell-" + form.room->id).c_str());
            Node closed = shell.append_child("ClosedShell");
            add_loop(closed, level(form.inner, form.floor, false));
            add_loop(closed, level(form.inner, form.floor + form.height, true));
            for (size_t i = 0; i < form.inner.size(); ++i) add_loop(closed, wall(form, i));
        }
    }
    static std::vector<Vec3> wall(const RoomForm& form, size_t i) {
        const Vec2 a = form.inner[i], b = form.inner[(i + 1) % form.inner.size()];
        const double z = form.floor, top = z + form.height;
        return {{a.x, a.y, z}, {b.x, b.y, z}, {b.x, b.y, top}, {a.x, a.y, top}};
    }
    Node add_surface(Node campus, const std::string& id, const char* type, const Id& space,
                     const std::vector<Vec3>& ring) {
        Node surface = campus.append_child("Surface");
        surface.append_attribute("id").set_value(id.c_str());
        surface.append_attribute("surfaceType").set_value(type);
        if (!space.empty())
            surface.append_child("AdjacentSpaceId").append_attribute("spaceIdRef").set_value(space.c_str());
        add_loop(surface.append_child("PlanarGeometry"), ring);
        return surface;
    }
    // The side of the room that an opening goes through: the nearest to it.
    static size_t side_of(const RoomForm& form, const RoomForm::Hole& hole) {
        const Vec3 m = (hole.corners[0] + hole.corners[1]) * 0.5;
        size_t best = 0;
        double least = 1e18;
        for (size_t i = 0; i < form.inner.size(); ++i) {
            const double d =
                geometry::distance_to_segment({m.x, m.y}, form.inner[i], form.inner[(i + 1) % form.inner.size()]);
            if (d < least) least = d, best = i;
        }
        return best;
    }
    void add_surfaces(Node campus, const RoomForm& form) {
        const Id& id = form.room->id;
        Node floor = add_surface(campus, "floor-" + id, "InteriorFloor", id, level(form.inner, form.floor, false));
        for (const FloorVoid& open : form.storey->voids) {
            if (!geometry::contains(form.inner, middle(open.outline))) continue;
            Node node = floor.append_child("Opening");
            node.append_attribute("id").set_value(open.id.c_str());
            node.append_attribute("openingType").set_value("Air");
            add_text(node, "Name", open.name);
            add_loop(node.append_child("PlanarGeometry"), level(open.outline, form.floor, false));
        }
        add_surface(campus, "ceiling-" + id, "Ceiling", id, level(form.inner, form.floor + form.height, true));
        for (size_t i = 0; i < form.inner.size(); ++i) {
            Node node = add_surface(campus, fmt::format("wall-{}-{}", id, i + 1), "ExteriorWall", id, wall(form, i));
            for (const auto& hole : form.holes)
                if (side_of(form, hole) == i) add_opening(node, hole);
        }
    }
    void add_opening(Node surface, const RoomForm::Hole& hole) {
        Node node = surface.append_child("Opening");
        const Opening& o = *hole.opening;
        node.append_attribute("id").set_value(o.id.c_str());
        node.append_attribute("openingType")
            .set_value(o.kind == Opening::Kind::window         ? "FixedWindow"
                       : o.kind == Opening::Kind::opening_void ? "Air"
                                                               : "NonSlidingDoor");
        if (o.kind == Opening::Kind::window) {
            const auto glass = finish_of(w_.project, w_.option, Part::glazing, o.glazing).id;
            if (!glass.empty()) node.append_attribute("windowTypeIdRef").set_value(glass.c_str());
        }
        add_text(node, "Name", o.name);
        add_loop(node.append_child("PlanarGeometry"), {hole.corners, hole.corners + 4});
    }
    void add_shade(Node campus, const Block& block) {
        int n = 0;
        geometry::build_block(block, w_.project.site.ground_level, [&](Vec3 a, Vec3 b, Vec3 c) {
            add_surface(campus, fmt::format("shade-{}-{}", block.id, ++n), "Shade", {}, {a, b, c});
        });
    }
    void add_glazings() {
        for (const Material& m : w_.project.materials) {
            if (m.kind != Material::Kind::glazing) continue;
            Node node = root_.append_child("WindowType");
            node.append_attribute("id").set_value(m.id.c_str());
            add_text(node, "Name", m.name);
            Node t = node.append_child("Transmittance");
            t.append_attribute("unit").set_value("Fraction");
            t.append_attribute("type").set_value("Visible");
            t.append_attribute("surfaceType").set_value("Both");
            t.text().set(fmt::format("{:.4g}", m.transmittance).c_str());
        }
    }

    const Writing& w_;
    std::vector<RoomForm> forms_;
    Node root_;
};

}  // namespace

std::string write_gbxml(const Writing& writing) { return Gbxml(writing).write(); }

}  // namespace wp::outgoing
