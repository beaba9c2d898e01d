// SPDX-License-Identifier: GPL-3.0-or-later
// Green Building XML (gbxml.org, schema 6 and 7): campus, building, storeys, spaces, surfaces, openings, shades.
#include <fmt/core.h>

#include <algorithm>
#include <cstdlib>
#include <map>
#include <pugixml.hpp>

#include "geometry/polygon.h"
#include "incoming/ears.h"
#include "incoming/reader.h"

namespace wp::incoming {

namespace {

using Node = pugi::xml_node;

constexpr double kMostMetres = 1e5;
constexpr int kDeepestElement = 200;

double unit_of(const std::string& name) {
    static const std::map<std::string, double> units = {
        {"Kilometers", 1000}, {"Meters", 1},      {"Centimeters", 0.01}, {"Millimeters", 0.001},
        {"Feet", 0.3048},     {"Inches", 0.0254}, {"Yards", 0.9144},     {"Miles", 1609.344}};
    const auto at = units.find(name);
    return at != units.end() ? at->second : 0;
}

double area_unit_of(const std::string& name) {
    static const std::map<std::string, double> units = {
        {"SquareKilometers", 1e6},       {"SquareMeters", 1},
        {"SquareCentimeters", 1e-4},     {"SquareMillimeters", 1e-6},
        {"SquareFeet", 0.3048 * 0.3048}, {"SquareInches", 0.0254 * 0.0254},
        {"SquareYards", 0.9144 * 0.9144}};
    const auto at = units.find(name);
    return at != units.end() ? at->second : 0;
}

std::optional<double> number_of(Node node) {
    if (!node) return {};
    const std::string text = node.text().as_string();
    char* end = nullptr;
    const double value = std::strtod(text.c_str(), &end);
    while (end != nullptr && (*end == ' ' || *end == '\n' || *end == '\t' || *end == '\r')) ++end;
    if (end == text.c_str() || (end != nullptr && *end != 0) || !std::isfinite(value)) return {};
    return value;
}

std::string name_in(Node node) {
    const std::string name = node.child("Name").text().as_string();
    return name.empty() ? node.attribute("id").as_string("nameless") : name;
}

class Gbxml {
 public:
    Gbxml(Node root, const Reading& reading) : root_(root), reading_(reading) {}

    Result<Building> read() {
        const std::string unit = root_.attribute("lengthUnit").as_string();
        scale_ = reading_.wishes.metres_per_unit > 0 ? reading_.wishes.metres_per_unit : unit_of(unit);
        out_.unit_is_told = unit_of(unit) > 0;
        if (scale_ <= 0) {
            scale_ = 1;
            out_.account.changed("gbXML", unit.empty()
                                              ? "it tells no unit of length: metres were taken"
                                              : "its unit of length " + unit + " is not known: metres were taken");
        }
        out_.metres_per_unit = scale_;
        read_matter();
        const Node campus = root_.child("Campus");
        if (!campus) return Fault{reading_.path.filename().string(), "it has no Campus", "Write it again as gbXML"};
        read_place(campus.child("Location"));
        for (const Node building : campus.children("Building")) {
            if (out_.name.empty()) out_.name = name_in(building);
            for (const Node storey : building.children("BuildingStorey")) read_storey(storey);
            for (const Node space : building.children("Space")) read_space(space);
        }
        for (const Node surface : campus.children("Surface")) {
            if (reading_.cancel.requested()) return cancelled_fault(reading_.path);
            read_surface(surface);
        }
        for (Space& space : out_.spaces)
            if (space.faces.empty()) {
                space.faces = by_surfaces_[space.id];
                if (!space.faces.empty())
                    out_.account.changed(space.name, "it has no shell: its hull is that of the surfaces around it");
            }
        if (!thickness_.empty()) out_.outer_wall = thickness_[thickness_.size() / 2];
        return std::move(out_);
    }

 private:
    std::optional<Vec3> point_of(Node point) {
        double v[3] = {0, 0, 0};
        int n = 0;
        for (const Node c : point.children("Coordinate")) {
            const auto value = number_of(c);
            if (!value || n == 3 || std::fabs(*value * scale_) > kMostMetres) return {};
            v[n++] = *value * scale_;
        }
        if (n != 3) return {};
        return Vec3{v[0], v[1], v[2]};
    }

    Ring ring_of(Node loop, const std::string& name) {
        Ring out;
        for (const Node point : loop.children("CartesianPoint")) {
            const auto p = point_of(point);
            if (!p) {
                out_.account.left_out(name, "a corner of it is no point of three numbers");
                return {};
            }
            out.push_back(*p);
        }
        if (out.size() > 3 && length(out.front() - out.back()) < 1e-6) out.pop_back();
        return out;
    }

    void read_place(Node place) {
        out_.latitude = number_of(place.child("Latitude"));
        out_.longitude = number_of(place.child("Longitude"));
        out_.height = number_of(place.child("Elevation"));
        if (out_.height) *out_.height *= scale_;
        out_.north = number_of(place.child("CADModelAzimuth"));
    }

    void read_storey(Node storey) {
        const auto level = number_of(storey.child("Level"));
        if (!level) return out_.account.left_out(name_in(storey), "the storey has no level");
        out_.levels.push_back({storey.attribute("id").as_string(), name_in(storey), *level * scale_});
    }

    void read_space(Node node) {
        Space space;
        space.id = node.attribute("id").as_string();
        space.name = name_in(node);
        space.level = node.attribute("buildingStoreyIdRef").as_string();
        const double area_unit = area_unit_of(root_.attribute("areaUnit").as_string());
        if (const auto area = number_of(node.child("Area")); area && area_unit > 0) space.area = *area * area_unit;
        for (const Node shell : node.children("ShellGeometry"))
            for (const Node loop : shell.child("ClosedShell").children("PolyLoop"))
                if (auto ring = ring_of(loop, space.name); ring.size() >= 3) space.faces.push_back(std::move(ring));
        out_.spaces.push_back(std::move(space));
    }

    void read_surface(Node node) {
        const std::string id = node.attribute("id").as_string(), type = node.attribute("surfaceType").as_string();
        const std::string name = name_in(node);
        Ring ring = ring_of(node.child("PlanarGeometry").child("PolyLoop"), name);
        if (ring.size() < 3) {
            out_.account.left_out(name, "it has no outline");
        } else if (type == "Shade" || node.children("AdjacentSpaceId").empty()) {
            add_shade(node, id, name, type, ring);
        } else {
            for (const Node of : node.children("AdjacentSpaceId"))
                by_surfaces_[of.attribute("spaceIdRef").as_string()].push_back(ring);
        }
        if (type == "ExteriorWall") note_thickness(node.attribute("constructionIdRef").as_string());
        std::vector<std::string> spaces;
        for (const Node of : node.children("AdjacentSpaceId"))
            spaces.emplace_back(of.attribute("spaceIdRef").as_string());
        for (const Node opening : node.children("Opening")) read_opening(opening, spaces);
    }

    void add_shade(Node node, const std::string& id, const std::string& name, const std::string& type,
                   const Ring& ring) {
        Body body;
        body.id = id;
        body.name = name;
        body.layer = type.empty() ? "Shade" : type;
        body.role = Body::Role::surroundings;
        body.substance = node.attribute("constructionIdRef").as_string();
        body.mesh.points = ring;
        body.mesh.triangles = ears_of(ring);
        out_.bodies.push_back(std::move(body));
    }

    void read_opening(Node node, const std::vector<std::string>& spaces) {
        Hole hole;
        hole.spaces = spaces;
        hole.id = node.attribute("id").as_string();
        hole.name = name_in(node);
        hole.substance = node.attribute("windowTypeIdRef").as_string();
        const std::string type = node.attribute("openingType").as_string();
        hole.kind = type == "Air"                            ? Hole::Kind::empty
                    : type.find("Door") != std::string::npos ? Hole::Kind::door
                                                             : Hole::Kind::window;
        hole.ring = ring_of(node.child("PlanarGeometry").child("PolyLoop"), hole.name);
        if (hole.ring.size() < 3) return out_.account.left_out(hole.name, "it has no outline");
        out_.holes.push_back(std::move(hole));
    }

    void read_matter() {
        for (const Node window : root_.children("WindowType")) {
            Substance s{window.attribute("id").as_string(), name_in(window), {}, {}, true};
            for (const Node t : window.children("Transmittance"))
                if (std::string(t.attribute("type").as_string()) == "Visible")
                    if (const auto value = number_of(t))
                        s.transmittance =
                            std::string(t.attribute("unit").as_string()) == "Percent" ? *value / 100 : *value;
            if (s.transmittance && (*s.transmittance < 0 || *s.transmittance > 1)) {
                out_.account.changed(s.name, fmt::format("a transmittance of {:g} cannot be: the type's own is taken",
                                                         *s.transmittance));
                s.transmittance.reset();
            }
            out_.substances.push_back(std::move(s));
        }
        for (const Node c : root_.children("Construction")) {
            Substance s{c.attribute("id").as_string(), name_in(c), {}, {}, false};
            for (const Node r : c.children("Reflectance"))
                if (std::string(r.attribute("type").as_string()) == "ExtVisible" ||
                    std::string(r.attribute("type").as_string()) == "Visible")
                    s.reflectance = number_of(r);
            out_.substances.push_back(std::move(s));
        }
    }

    void note_thickness(const std::string& construction) {
        const auto known = by_construction_.find(construction);
        if (known != by_construction_.end()) {
            if (known->second > 0) thickness_.push_back(known->second);
            return;
        }
        double sum = 0;
        const Node c = root_.find_child_by_attribute("Construction", "id", construction.c_str());
        for (const Node layers : c.children("LayerId")) {
            const Node layer = root_.find_child_by_attribute("Layer", "id", layers.attribute("layerIdRef").as_string());
            for (const Node materials : layer.children("MaterialId")) {
                const Node material =
                    root_.find_child_by_attribute("Material", "id", materials.attribute("materialIdRef").as_string());
                const Node thick = material.child("Thickness");
                const double unit = unit_of(thick.attribute("unit").as_string());
                sum += number_of(thick).value_or(0) * (unit > 0 ? unit : scale_);
            }
        }
        by_construction_[construction] = sum;
        if (sum > 0) thickness_.push_back(sum);
    }

    Node root_;
    const Reading& reading_;
    double scale_ = 1;
    Building out_;
    std::map<std::string, std::vector<Ring>> by_surfaces_;
    std::map<std::string, double> by_construction_;
    std::vector<double> thickness_;
};

int depth_of(Node root) {
    int deepest = 0, depth = 0;
    // A walk without recursion: files may be nested as deep as they like.
    for (Node node = root; node;) {
        deepest = std::max(deepest, depth);
        if (depth > kDeepestElement) return depth;
        if (node.first_child()) {
            node = node.first_child(), ++depth;
            continue;
        }
        while (node && node != root && !node.next_sibling()) node = node.parent(), --depth;
        node = node == root ? Node() : node.next_sibling();
    }
    return deepest;
}

}  // namespace

Result<Building> read_gbxml(const Reading& reading) {
    const std::string name = reading.path.filename().string();
    pugi::xml_document document;
    // Entities of a document's own are not followed, nor is anything outside the file.
    const auto parsed = document.load_buffer(reading.bytes.data(), reading.bytes.size());
    if (!parsed) {
        const auto line =
            1 + std::count(reading.bytes.begin(),
                           reading.bytes.begin() +
                               static_cast<std::ptrdiff_t>(std::min<size_t>(
                                   static_cast<size_t>(std::max<ptrdiff_t>(parsed.offset, 0)), reading.bytes.size())),
                           '\n');
        return Fault{fmt::format("{}, line {}", name, line), std::string("this is no XML: ") + parsed.description(),
                     "Write the file again"};
    }
    const Node root = document.child("gbXML");
    if (!root) return Fault{name, "its outermost element is not gbXML", "Choose a gbXML file"};
    if (depth_of(root) > kDeepestElement)
        return Fault{name, "its elements are nested too deep", "Write the file again"};
    return Gbxml(root, reading).read();
}

}  // namespace wp::incoming
