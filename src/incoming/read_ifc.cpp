// SPDX-License-Identifier: GPL-3.0-or-later
// IFC 2x3 TC1 and IFC 4 (ISO 16739): site, storeys, spaces, what fills openings, furniture, shades, surroundings.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <set>

#include "geometry/polygon.h"
#include "incoming/ifc_geometry.h"
#include "incoming/ifc_lamp.h"
#include "incoming/ifc_matter.h"
#include "incoming/reader.h"

namespace wp::incoming {

namespace {

constexpr double kThinnest = 0.001;  // metres

std::string name_of(const StepInstance& product, uint64_t id) {
    const std::string name = product.at(2).as_text();
    return name.empty() ? fmt::format("{} #{}", product.type, id) : name;
}

double prefix_of(const std::string& word) {
    static const std::map<std::string, double> prefixes = {
        {"KILO", 1e3}, {"HECTO", 1e2}, {"DECA", 10}, {"DECI", 0.1}, {"CENTI", 1e-2}, {"MILLI", 1e-3}, {"MICRO", 1e-6}};
    const auto at = prefixes.find(word);
    return at != prefixes.end() ? at->second : 1;
}

// Degrees, minutes, seconds, millionths of seconds.
std::optional<double> angle_of(const StepValue& value) {
    if (value.items.empty()) return {};
    double out = 0, by = 1;
    for (size_t i = 0; i < std::min<size_t>(4, value.items.size()); ++i) {
        out += value.items[i].as_number().value_or(0) / by;
        by *= i == 2 ? 1e6 : 60;
    }
    return out;
}

geometry::Mesh mesh_of(const std::vector<Ring>& rings) {
    geometry::Mesh out;
    for (const Ring& ring : rings) {
        const auto first = static_cast<uint32_t>(out.points.size());
        out.points.insert(out.points.end(), ring.begin(), ring.end());
        // A fan is right for what is convex, and light hardly tells it from what is not.
        for (uint32_t i = 1; i + 1 < ring.size(); ++i) out.triangles.push_back({first, first + i, first + i + 1});
    }
    return out;
}

// The rectangle that stands upright in the middle of a solid's thickness: an opening as its wall sees it.
Ring outline_of_hole(const std::vector<Ring>& rings) {
    double low = 1e18, high = -1e18, least = 1e18;
    Vec2 best{1, 0};
    std::vector<Vec2> plan;
    for (const Ring& ring : rings)
        for (const Vec3& p : ring) plan.push_back({p.x, p.y}), low = std::min(low, p.z), high = std::max(high, p.z);
    if (plan.empty()) return {};
    const auto extent = [&](Vec2 along) {
        double from = 1e18, to = -1e18;
        for (const Vec2 p : plan) from = std::min(from, dot(p, along)), to = std::max(to, dot(p, along));
        return std::pair(from, to);
    };
    // The thickness lies square to one of its upright faces.
    for (const Ring& ring : rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            const Vec3 d = ring[(i + 1) % ring.size()] - ring[i];
            const Vec2 along{d.x, d.y};
            const double l = length(along);
            if (l < kThinnest) continue;
            const Vec2 across{-along.y / l, along.x / l};
            const auto [from, to] = extent(across);
            if (to - from < least - 1e-9) least = to - from, best = across;
        }
    const Vec2 along{best.y, -best.x};
    const auto [t0, t1] = extent(along);
    const auto [d0, d1] = extent(best);
    const double d = (d0 + d1) / 2;
    // Level ones lie in floors and roofs.
    if (high - low < std::min(0.05, 0.2 * std::min(t1 - t0, d1 - d0))) return {};
    const auto at = [&](double t, double z) {
        const Vec2 p = along * t + best * d;
        return Vec3{p.x, p.y, z};
    };
    return {at(t0, low), at(t1, low), at(t1, high), at(t0, high)};
}

// The largest of the faces that lie level, at their mean height; the box in plan where none does.
Ring level_outline(const std::vector<Ring>& rings) {
    double low_x = 1e18, high_x = -1e18, low_y = 1e18, high_y = -1e18, z = 0, n = 0, most = 0;
    const Ring* largest = nullptr;
    for (const Ring& ring : rings) {
        geometry::Polygon plan;
        for (const Vec3& p : ring) {
            plan.push_back({p.x, p.y});
            low_x = std::min(low_x, p.x), high_x = std::max(high_x, p.x);
            low_y = std::min(low_y, p.y), high_y = std::max(high_y, p.y);
            z += p.z, n += 1;
        }
        if (const double area = std::fabs(geometry::signed_area(plan)); area > most) most = area, largest = &ring;
    }
    if (n == 0) return {};
    Ring out = largest != nullptr && most > 1e-6
                   ? *largest
                   : Ring{{low_x, low_y, 0}, {high_x, low_y, 0}, {high_x, high_y, 0}, {low_x, high_y, 0}};
    for (Vec3& p : out) p.z = z / n;
    return out;
}

class Ifc {
 public:
    Ifc(const StepFile& file, const Reading& reading)
        : file_(file), reading_(reading), metres_(unit()), geometry_(file, metres_), matter_(file) {}

    Result<Building> read() {
        out_.metres_per_unit = metres_;
        relate();
        read_place();
        read_storeys();
        read_spaces();
        if (reading_.cancel.requested()) return cancelled_fault(reading_.path);
        read_holes();
        read_bodies();
        read_lamps();
        if (reading_.cancel.requested()) return cancelled_fault(reading_.path);
        if (out_.spaces.empty()) {
            out_.account.left_out("IFC", "it has no spaces: walls and slabs stand as surroundings, no rooms were made");
            for (const char* type : {"IFCWALL", "IFCWALLSTANDARDCASE", "IFCSLAB", "IFCROOF"})
                add_bodies(type, Body::Role::surroundings);
        }
        return std::move(out_);
    }

 private:
    // Metres that a length of 1 stands for.
    double unit() {
        if (reading_.wishes.metres_per_unit > 0) return reading_.wishes.metres_per_unit;
        for (const uint64_t assignment : file_.of_type("IFCUNITASSIGNMENT"))
            for (const uint64_t id : file_.get(assignment).at(0).as_references())
                if (const double found = length_unit(id, 0); found > 0) return found;
        out_.unit_is_told = false;
        out_.account.changed("IFC", "it tells no unit of length: metres were taken");
        return 1;
    }
    double length_unit(uint64_t id, int depth) const {
        const auto u = file_.get(id);
        if (depth > 4 || !u.at(1).is_word("LENGTHUNIT")) return 0;
        if (u.type == "IFCSIUNIT") return u.at(2).is_set() ? prefix_of(u.at(2).text) : 1;
        if (u.type != "IFCCONVERSIONBASEDUNIT") return 0;
        const auto factor = file_.get(u.at(3).as_reference());
        const double by = length_unit(factor.at(1).as_reference(), depth + 1);
        return factor.at(0).as_number().value_or(0) * (by > 0 ? by : 1);
    }

    void relate() {
        for (const uint64_t id : file_.of_type("IFCRELAGGREGATES")) {
            const auto r = file_.get(id);
            for (const uint64_t part : r.at(5).as_references()) whole_[part] = r.at(4).as_reference();
        }
        for (const uint64_t id : file_.of_type("IFCRELCONTAINEDINSPATIALSTRUCTURE")) {
            const auto r = file_.get(id);
            for (const uint64_t part : r.at(4).as_references()) within_[part] = r.at(5).as_reference();
        }
        for (const uint64_t id : file_.of_type("IFCRELVOIDSELEMENT")) {
            const auto r = file_.get(id);
            host_[r.at(5).as_reference()] = r.at(4).as_reference();
        }
        for (const uint64_t id : file_.of_type("IFCRELFILLSELEMENT")) {
            const auto r = file_.get(id);
            filled_[r.at(4).as_reference()].push_back(r.at(5).as_reference());
            fills_[r.at(5).as_reference()] = r.at(4).as_reference();
        }
        for (const uint64_t id : file_.of_type("IFCRELDEFINESBYPROPERTIES")) {
            const auto r = file_.get(id);
            for (const uint64_t part : r.at(4).as_references()) sets_[part].push_back(r.at(5).as_reference());
        }
        for (const char* type : {"IFCRELSPACEBOUNDARY", "IFCRELSPACEBOUNDARY1STLEVEL", "IFCRELSPACEBOUNDARY2NDLEVEL"})
            for (const uint64_t id : file_.of_type(type)) {
                const auto r = file_.get(id);
                const uint64_t space = r.at(4).as_reference();
                boundaries_[space].push_back(r.at(6).as_reference());
                bounded_[r.at(5).as_reference()].insert(file_.get(space).at(0).as_text());
            }
        for (const uint64_t id : file_.of_type("IFCRELCOVERSSPACES")) {
            const auto r = file_.get(id);
            for (const uint64_t part : r.at(5).as_references()) covers_[r.at(4).as_reference()].push_back(part);
        }
    }

    std::optional<double> property(uint64_t product, const char* name) const {
        const auto sets = sets_.find(product);
        if (sets == sets_.end()) return {};
        for (const uint64_t set : sets->second) {
            const auto s = file_.get(set);
            const bool quantities = s.type == "IFCELEMENTQUANTITY";
            for (const uint64_t one : s.at(quantities ? 5 : 4).as_references()) {
                const auto p = file_.get(one);
                if (p.at(0).as_text() != name) continue;
                if (const auto value = p.at(quantities ? 3 : 2).as_number()) return value;
            }
        }
        return {};
    }

    void read_place() {
        for (const uint64_t id : file_.of_type("IFCSITE")) {
            const auto site = file_.get(id);
            out_.latitude = angle_of(site.at(9));
            out_.longitude = angle_of(site.at(10));
            if (const auto height = site.at(11).as_number()) out_.height = *height * metres_;
            break;
        }
        for (const uint64_t id : file_.of_type("IFCBUILDING")) {
            out_.name = name_of(file_.get(id), id);
            break;
        }
        for (const uint64_t id : file_.of_type("IFCGEOMETRICREPRESENTATIONCONTEXT")) {
            const auto context = file_.get(id);
            const uint64_t north = context.at(5).as_reference();
            if (north == 0) continue;
            // True north in the drawing: the drawing's +y lies as far from it the other way.
            const Vec3 d = geometry_.direction(north, {0, 1, 0});
            out_.north = degrees(std::atan2(-d.x, d.y));
            if (*out_.north < 0) *out_.north += 360;
            break;
        }
    }

    void read_storeys() {
        for (const uint64_t id : file_.of_type("IFCBUILDINGSTOREY")) {
            const auto storey = file_.get(id);
            const Frame placed = geometry_.placement(storey.at(5).as_reference());
            const auto told = storey.at(9).as_number();
            // Elevations are told from the building's zero; placements are where it is drawn.
            const double z = storey.at(5).as_reference() != 0 ? placed.origin.z : told.value_or(0) * metres_;
            out_.levels.push_back({storey.at(0).as_text(), name_of(storey, id), z});
            storey_ids_[id] = storey.at(0).as_text();
        }
    }

    void tell_unread(const std::string& name) {
        std::string what;
        for (const auto& type : geometry_.take_unread()) what += (what.empty() ? "" : ", ") + type;
        if (!what.empty()) out_.account.changed(name, "not read of its form: " + what);
    }

    void read_spaces() {
        for (const uint64_t id : file_.of_type("IFCSPACE")) {
            if (reading_.cancel.requested()) return;
            const auto product = file_.get(id);
            Space space;
            space.id = product.at(0).as_text();
            const std::string longer = product.at(7).as_text(), number = product.at(2).as_text();
            space.name = longer.empty() ? name_of(product, id) : number.empty() ? longer : number + " " + longer;
            if (const auto of = whole_.find(id); of != whole_.end()) space.level = storey_ids_[of->second];
            const Frame placed = geometry_.placement(product.at(5).as_reference());
            space.faces = geometry_.body(product.at(6).as_reference(), placed);
            if (space.faces.empty()) {
                for (const uint64_t surface : boundaries_[id])
                    for (Ring& ring : geometry_.connection(surface, placed)) space.faces.push_back(std::move(ring));
                if (!space.faces.empty())
                    out_.account.changed(space.name, "it has no solid: its hull is that of its boundaries");
            }
            tell_unread(space.name);
            read_coverings(id, space);
            for (const char* name : {"NetFloorArea", "GrossFloorArea"})
                if (!space.area)
                    if (const auto area = property(id, name)) space.area = *area * area_unit();
            out_.spaces.push_back(std::move(space));
        }
    }

    // Finishes of a space: what is told to cover it.
    void read_coverings(uint64_t id, Space& space) {
        const auto known = covers_.find(id);
        if (known == covers_.end()) return;
        for (const uint64_t covering : known->second) {
            const auto type = file_.get(covering).at(8);
            std::string* finish = type.is_word("FLOORING")   ? &space.floor
                                  : type.is_word("CEILING")  ? &space.ceiling
                                  : type.is_word("CLADDING") ? &space.walls
                                                             : nullptr;
            if (finish != nullptr) *finish = substance_of(covering, false);
        }
    }

    // What a product is made of, where its material tells how it meets light.
    std::string substance_of(uint64_t product, bool is_glass) {
        const auto found = matter_.of(product);
        if (!found || !(is_glass ? found->transmittance : found->reflectance)) return {};
        Substance made{(is_glass ? "glass of " : "surface of ") + found->name, found->name, found->reflectance,
                       found->transmittance, is_glass};
        if (std::ranges::find(out_.substances, made.id, &Substance::id) == out_.substances.end())
            out_.substances.push_back(made);
        return made.id;
    }

    // Areas are square metres in nearly all files, even where lengths are not.
    double area_unit() const {
        for (const uint64_t assignment : file_.of_type("IFCUNITASSIGNMENT"))
            for (const uint64_t id : file_.get(assignment).at(0).as_references()) {
                const auto u = file_.get(id);
                if (!u.at(1).is_word("AREAUNIT")) continue;
                if (u.type == "IFCSIUNIT") return u.at(2).is_set() ? std::pow(prefix_of(u.at(2).text), 2) : 1;
                const auto factor = file_.get(u.at(3).as_reference());
                return factor.at(0).as_number().value_or(1);
            }
        return 1;
    }

    std::string glass_of(uint64_t window) {
        for (const char* name : {"VisibleLightTransmittance", "VisualLightTransmittance"})
            if (const auto value = property(window, name); value && *value >= 0 && *value <= 1) {
                const std::string id = fmt::format("glass {:.3f}", *value);
                const auto known = std::ranges::find(out_.substances, id, &Substance::id);
                if (known == out_.substances.end())
                    out_.substances.push_back({id, fmt::format("Glazing {:.0f} %", 100 * *value), {}, *value, true});
                return id;
            }
        return substance_of(window, true);
    }

    void add_hole(uint64_t element, const StepInstance& named, uint64_t named_id, Hole::Kind kind) {
        const auto product = file_.get(element);
        const auto rings =
            geometry_.body(product.at(6).as_reference(), geometry_.placement(product.at(5).as_reference()));
        Hole hole;
        hole.id = named.at(0).as_text();
        hole.name = name_of(named, named_id);
        hole.kind = kind;
        const auto host = host_.find(element);
        const std::string of = host != host_.end() ? file_.get(host->second).type : std::string();
        if (of != "IFCSLAB" && of != "IFCROOF") hole.ring = outline_of_hole(rings);
        if (hole.ring.empty()) hole.ring = level_outline(rings);
        geometry_.take_unread();
        if (hole.ring.empty()) return out_.account.left_out(hole.name, "it has no form");
        if (kind == Hole::Kind::window) {
            hole.substance = glass_of(named_id);
            if (const auto share = property(named_id, "GlazingAreaFraction"); share && *share > 0.1 && *share <= 1)
                hole.frame_share = 1 - *share;
        }
        for (const uint64_t known : {element, named_id})
            if (const auto of = bounded_.find(known); of != bounded_.end())
                hole.spaces.insert(hole.spaces.end(), of->second.begin(), of->second.end());
        note_wall(element);
        out_.holes.push_back(std::move(hole));
    }

    // The thickness of walls that have windows is that of the outside walls.
    void note_wall(uint64_t opening) {
        const auto host = host_.find(opening);
        if (host == host_.end()) return;
        const double sum = matter_.thickness(host->second) * metres_;
        if (sum < kThinnest) return;
        walls_.push_back(sum);
        std::ranges::sort(walls_);
        out_.outer_wall = walls_[walls_.size() / 2];
    }

    void read_holes() {
        for (const auto& [opening, host] : host_) {
            if (reading_.cancel.requested()) return;
            const auto fillings = filled_.find(opening);
            if (fillings == filled_.end()) {
                const std::string type = file_.get(host).type;
                if (type.starts_with("IFCWALL") || type == "IFCSLAB")
                    add_hole(opening, file_.get(opening), opening, Hole::Kind::empty);
                continue;
            }
            for (const uint64_t filling : fillings->second) {
                const auto product = file_.get(filling);
                const bool door = product.type == "IFCDOOR" || product.type == "IFCDOORSTANDARDCASE";
                add_hole(opening, product, filling, door ? Hole::Kind::door : Hole::Kind::window);
            }
        }
        // Those that fill no opening, and what curtain walls are made of.
        for (const char* type : {"IFCWINDOW", "IFCWINDOWSTANDARDCASE"})
            for (const uint64_t id : file_.of_type(type))
                if (!fills_.contains(id)) add_hole(id, file_.get(id), id, Hole::Kind::window);
        for (const char* type : {"IFCDOOR", "IFCDOORSTANDARDCASE"})
            for (const uint64_t id : file_.of_type(type))
                if (!fills_.contains(id)) add_hole(id, file_.get(id), id, Hole::Kind::door);
        for (const uint64_t id : file_.of_type("IFCPLATE")) {
            const auto of = whole_.find(id);
            if (of != whole_.end() && file_.get(of->second).type == "IFCCURTAINWALL")
                add_hole(id, file_.get(id), id, Hole::Kind::window);
        }
    }

    void add_bodies(const char* type, Body::Role role) {
        for (const uint64_t id : file_.of_type(type)) {
            const auto product = file_.get(id);
            // Parts are told by what they are parts of where that has no form of its own.
            const auto rings =
                geometry_.body(product.at(6).as_reference(), geometry_.placement(product.at(5).as_reference()));
            geometry_.take_unread();
            if (rings.empty()) continue;
            Body body;
            body.id = product.at(0).as_text();
            body.name = name_of(product, id);
            body.layer = type;
            body.role = role;
            body.substance = substance_of(id, false);
            body.mesh = mesh_of(rings);
            out_.bodies.push_back(std::move(body));
        }
    }

    void read_lamps() {
        for (const uint64_t id : file_.of_type("IFCLIGHTFIXTURE")) add_lamp(id);
        // Of IFC 2x3 a flow terminal is a luminaire where its shape has a source of light.
        for (const uint64_t id : file_.of_type("IFCFLOWTERMINAL"))
            if (light_source(file_.get(id).at(6).as_reference()) != 0) add_lamp(id);
    }
    void add_lamp(uint64_t id) {
        const auto product = file_.get(id);
        const Frame placed = geometry_.placement(product.at(5).as_reference());
        Lamp lamp;
        lamp.id = product.at(0).as_text();
        lamp.name = name_of(product, id);
        lamp.at = placed.origin;
        lamp.ahead = placed.x;
        lamp.up = placed.z;
        const uint64_t source = light_source(product.at(6).as_reference());
        LampLight light = source != 0 ? lamp_light(file_, source) : LampLight{};
        if (light.position != 0) {
            const Frame own = placed.within(geometry_.axes(light.position));
            lamp.at = own.origin, lamp.ahead = own.x, lamp.up = own.z;
        }
        lamp.type = std::move(light.type);
        if (lamp.type.name.empty())
            lamp.type.name = product.at(4).as_text().empty() ? "Luminaire of the file" : product.at(4).as_text();
        lamp.type.source = "IFC";
        if (light.is_assumed)
            out_.account.changed(
                lamp.name,
                "the file tells no intensities: it shines evenly downwards until a photometric file is given");
        out_.lamps.push_back(std::move(lamp));
    }
    // Of a product's shape the source that is told by intensities; 0: none.
    uint64_t light_source(uint64_t shape) const {
        for (const uint64_t representation : file_.get(shape).at(2).as_references())
            for (const uint64_t item : file_.get(representation).at(3).as_references())
                if (file_.get(item).type == "IFCLIGHTSOURCEGONIOMETRIC") return item;
        return 0;
    }

    void read_bodies() {
        for (const char* type : {"IFCFURNISHINGELEMENT", "IFCFURNITURE", "IFCSYSTEMFURNITUREELEMENT", "IFCSTAIR",
                                 "IFCSTAIRFLIGHT", "IFCRAMP", "IFCRAMPFLIGHT", "IFCRAILING", "IFCCOLUMN"})
            add_bodies(type, Body::Role::furniture);
        for (const char* type :
             {"IFCSHADINGDEVICE", "IFCBUILDINGELEMENTPROXY", "IFCGEOGRAPHICELEMENT", "IFCCIVILELEMENT", "IFCSITE"})
            add_bodies(type, Body::Role::surroundings);
    }

    const StepFile& file_;
    const Reading& reading_;
    Building out_;
    double metres_;
    IfcGeometry geometry_;
    IfcMatter matter_;
    std::map<uint64_t, uint64_t> whole_, within_, host_, fills_;
    std::map<uint64_t, std::vector<uint64_t>> filled_, sets_, boundaries_, covers_;
    std::map<uint64_t, std::set<std::string>> bounded_;  // ids of spaces by element
    std::map<uint64_t, std::string> storey_ids_;
    std::vector<double> walls_;
};

}  // namespace

Result<Building> read_ifc(const Reading& reading) {
    const std::string name = reading.path.filename().string();
    auto file = StepFile::read(reading.bytes, name, reading.cancel, reading.progress);
    if (!file) return file.fault();
    if (!file->schema().starts_with("IFC2X3") && !file->schema().starts_with("IFC4"))
        return Fault{name, "its schema is " + (file->schema().empty() ? "not told" : file->schema()),
                     "Write it as IFC 2x3 or IFC 4"};
    return Ifc(*file, reading).read();
}

}  // namespace wp::incoming
