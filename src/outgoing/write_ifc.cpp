// SPDX-License-Identifier: GPL-3.0-or-later
// IFC 4 (ISO 16739-1) in clear text (ISO 10303-21): site, storeys, spaces, and a wall for each opening that it goes
// through.
#include <fmt/core.h>

#include <cmath>

#include "base/fingerprint.h"
#include "geometry/roof_shape.h"
#include "outgoing/writer.h"

namespace wp::outgoing {
using namespace model;

namespace {

// 128 bits in the 64 letters of IFC, the same for the same element every time.
std::string global_id(const std::string& of) {
    static constexpr char letters[] = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz_$";
    Fingerprint print;
    print.add(std::string_view(of));
    std::string out(22, '0');
    uint64_t high = print.high, low = print.low;
    for (size_t i = 0; i < 22; ++i) {
        // The first letter has two bits only.
        out[21 - i] = letters[low & (i == 21 ? 3 : 63)];
        low = low >> 6 | high << 58;
        high >>= 6;
    }
    return out;
}

std::string text(const std::string& utf8) {
    std::string out = "'";
    for (size_t i = 0; i < utf8.size();) {
        const auto c = static_cast<unsigned char>(utf8[i]);
        if (c < 0x20) {
            ++i;
        } else if (c < 0x80) {
            if (c == '\'' || c == '\\') out += static_cast<char>(c);
            out += static_cast<char>(c);
            ++i;
        } else {
            const size_t n = c >= 0xf0 ? 4 : c >= 0xe0 ? 3 : 2;
            uint32_t code = c & (0xff >> (n + 1));
            for (size_t k = 1; k < n && i + k < utf8.size(); ++k)
                code = code << 6 | (static_cast<unsigned char>(utf8[i + k]) & 63);
            out += code < 0x10000 ? fmt::format("\\X2\\{:04X}\\X0\\", code) : fmt::format("\\X4\\{:08X}\\X0\\", code);
            i += n;
        }
    }
    return out + "'";
}

class Step {
 public:
    int add(const std::string& what) {
        lines_ += fmt::format("#{}={};\n", ++n_, what);
        return n_;
    }
    int point(Vec3 p) { return add(fmt::format("IFCCARTESIANPOINT(({:.6f},{:.6f},{:.6f}))", p.x, p.y, p.z)); }
    int direction(Vec3 d) { return add(fmt::format("IFCDIRECTION(({:.9f},{:.9f},{:.9f}))", d.x, d.y, d.z)); }
    int axes(Vec3 origin) { return add(fmt::format("IFCAXIS2PLACEMENT3D(#{},$,$)", point(origin))); }
    int axes(Vec3 origin, Vec3 z, Vec3 x) {
        const int o = point(origin), dz = direction(z), dx = direction(x);
        return add(fmt::format("IFCAXIS2PLACEMENT3D(#{},#{},#{})", o, dz, dx));
    }
    const std::string& lines() const { return lines_; }

 private:
    std::string lines_;
    int n_ = 0;
};

std::string list(const std::vector<int>& ids) {
    std::string out;
    for (const int id : ids) out += fmt::format("{}#{}", out.empty() ? "" : ",", id);
    return "(" + out + ")";
}

class Ifc {
 public:
    explicit Ifc(const Writing& w) : w_(w) {}

    std::string write() {
        const double a = radians(w_.project.site.north);
        const int world = s_.axes({0, 0, 0});
        // True north as the drawing sees it.
        const int north = s_.add(fmt::format("IFCDIRECTION(({:.9f},{:.9f}))", -std::sin(a), std::cos(a)));
        context_ = s_.add(fmt::format("IFCGEOMETRICREPRESENTATIONCONTEXT($,'Model',3,1.E-5,#{},#{})", world, north));
        const std::vector<int> units{
            s_.add("IFCSIUNIT(*,.LENGTHUNIT.,$,.METRE.)"), s_.add("IFCSIUNIT(*,.AREAUNIT.,$,.SQUARE_METRE.)"),
            s_.add("IFCSIUNIT(*,.VOLUMEUNIT.,$,.CUBIC_METRE.)"), s_.add("IFCSIUNIT(*,.PLANEANGLEUNIT.,$,.RADIAN.)")};
        const int assigned = s_.add("IFCUNITASSIGNMENT(" + list(units) + ")");
        const int project = s_.add(fmt::format("IFCPROJECT('{}',$,{},$,$,$,$,(#{}),#{})", global_id("project"),
                                               text(w_.project.name), context_, assigned));
        const int site = add_site();
        ground_ = s_.add(fmt::format("IFCLOCALPLACEMENT($,#{})", s_.axes({0, 0, 0})));
        const int building = s_.add(fmt::format("IFCBUILDING('{}',$,{},$,$,#{},$,$,.ELEMENT.,$,$,$)",
                                                global_id("building"), text(w_.option.name), ground_));
        aggregate("project", project, {site});
        aggregate("site", site, {building});
        std::vector<int> storeys;
        for (const Storey& storey : w_.option.storeys) storeys.push_back(add_storey(storey));
        aggregate("building", building, storeys);
        return "ISO-10303-21;\nHEADER;\nFILE_DESCRIPTION(('ViewDefinition [ReferenceView_V1.2]'),'2;1');\n"
               "FILE_NAME('','',(''),(''),'','Warm Pane','');\nFILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n" +
               s_.lines() + "ENDSEC;\nEND-ISO-10303-21;\n";
    }

 private:
    static std::string angle(double degrees) {
        const double all = std::fabs(degrees) * 3600e6;
        const auto whole = std::llround(all);
        const long long sign = degrees < 0 ? -1 : 1;
        return fmt::format("({},{},{},{})", sign * (whole / 3600000000), sign * (whole / 60000000 % 60),
                           sign * (whole / 1000000 % 60), sign * (whole % 1000000));
    }
    int add_site() {
        const Site& site = w_.project.site;
        const int place = s_.add(fmt::format("IFCLOCALPLACEMENT($,#{})", s_.axes({0, 0, 0})));
        return s_.add(fmt::format("IFCSITE('{}',$,{},$,$,#{},$,$,.ELEMENT.,{},{},{:.3f},$,$)", global_id("site"),
                                  text(site.name), place, angle(site.latitude), angle(site.longitude), site.elevation));
    }
    void aggregate(const std::string& of, int whole, const std::vector<int>& parts) {
        if (!parts.empty())
            s_.add(fmt::format("IFCRELAGGREGATES('{}',$,$,$,#{},{})", global_id("parts of " + of), whole, list(parts)));
    }
    int shape(int item, const char* type) {
        const int rep = s_.add(fmt::format("IFCSHAPEREPRESENTATION(#{},'Body','{}',(#{}))", context_, type, item));
        return s_.add(fmt::format("IFCPRODUCTDEFINITIONSHAPE($,$,(#{}))", rep));
    }
    int extrusion(const std::vector<Vec2>& outline, int axes, double depth) {
        std::vector<int> points;
        for (size_t i = 0; i <= outline.size(); ++i) {
            const Vec2 p = outline[i % outline.size()];
            points.push_back(s_.add(fmt::format("IFCCARTESIANPOINT(({:.6f},{:.6f}))", p.x, p.y)));
        }
        const int line = s_.add("IFCPOLYLINE(" + list(points) + ")");
        const int profile = s_.add(fmt::format("IFCARBITRARYCLOSEDPROFILEDEF(.AREA.,$,#{})", line));
        const int up = s_.direction({0, 0, 1});
        return s_.add(fmt::format("IFCEXTRUDEDAREASOLID(#{},#{},#{},{:.6f})", profile, axes, up, depth));
    }

    int add_storey(const Storey& storey) {
        const int place = s_.add(fmt::format("IFCLOCALPLACEMENT(#{},#{})", ground_, s_.axes({0, 0, storey.level})));
        const int node = s_.add(fmt::format("IFCBUILDINGSTOREY('{}',$,{},$,$,#{},$,$,.ELEMENT.,{:.6f})",
                                            global_id("storey " + storey.id), text(storey.name), place, storey.level));
        std::vector<int> spaces, walls;
        for (const RoomForm& form : forms_) {
            if (form.storey != &storey) continue;
            spaces.push_back(add_space(form, place));
            for (const auto& hole : form.holes) walls.push_back(add_opening(hole));
        }
        for (const FloorVoid& open : storey.voids) walls.push_back(add_void(storey, open));
        aggregate(storey.id, node, spaces);
        if (!walls.empty())
            s_.add(fmt::format("IFCRELCONTAINEDINSPATIALSTRUCTURE('{}',$,$,$,{},#{})",
                               global_id("walls of " + storey.id), list(walls), node));
        return node;
    }

    int add_space(const RoomForm& form, int storey) {
        const int place = s_.add(fmt::format("IFCLOCALPLACEMENT(#{},#{})", storey, s_.axes({0, 0, 0})));
        const int body = shape(extrusion(form.inner, s_.axes({0, 0, 0}), form.height), "SweptSolid");
        const int space =
            s_.add(fmt::format("IFCSPACE('{}',$,{},$,$,#{},#{},{},.ELEMENT.,.INTERNAL.,$)",
                               global_id("room " + form.room->id), text(form.room->name), place, body, "$"));
        const double area = geometry::floor_area(w_.option, *form.storey, *form.room);
        const int quantity = s_.add(fmt::format("IFCQUANTITYAREA('NetFloorArea',$,$,{:.4f},$)", area));
        const int set = s_.add(fmt::format("IFCELEMENTQUANTITY('{}',$,'Qto_SpaceBaseQuantities',$,$,(#{}))",
                                           global_id("quantities " + form.room->id), quantity));
        define(space, set, form.room->id);
        return space;
    }
    void define(int product, int set, const std::string& of) {
        s_.add(
            fmt::format("IFCRELDEFINESBYPROPERTIES('{}',$,$,$,(#{}),#{})", global_id("defines " + of), product, set));
    }

    // A piece of slab with the hole in it.
    int add_void(const Storey& storey, const FloorVoid& open) {
        const double depth = std::max(w_.option.roof, 0.01);
        const auto body = [&] {
            return shape(extrusion(open.outline, s_.axes({0, 0, storey.level - depth}), depth), "SweptSolid");
        };
        const int slab = s_.add(fmt::format("IFCSLAB('{}',$,{},$,$,#{},#{},$,.FLOOR.)", global_id("slab of " + open.id),
                                            text("Floor at " + open.name), ground_, body()));
        const int opening = s_.add(fmt::format("IFCOPENINGELEMENT('{}',$,{},$,$,#{},#{},$,.OPENING.)",
                                               global_id("opening " + open.id), text(open.name), ground_, body()));
        s_.add(fmt::format("IFCRELVOIDSELEMENT('{}',$,$,$,#{},#{})", global_id("voids " + open.id), slab, opening));
        return slab;
    }

    // A piece of wall as long as the opening, the hole in it, and what fills it.
    int add_opening(const RoomForm::Hole& hole) {
        const Opening& o = *hole.opening;
        const Vec3 along = hole.corners[1] - hole.corners[0];
        const double width = length(along), thick = std::max(length(hole.through), 0.01);
        const Vec3 x = along * (1 / width), z{0, 0, 1};
        const auto box = [&](double beyond) {
            const Vec3 foot = hole.corners[0] - x * beyond;
            const int axes = s_.axes({foot.x, foot.y, hole.corners[0].z - beyond}, z, x);
            return extrusion(
                {{0, -thick / 2}, {width + 2 * beyond, -thick / 2}, {width + 2 * beyond, thick / 2}, {0, thick / 2}},
                axes, o.height + 2 * beyond);
        };
        const int wall = s_.add(fmt::format("IFCWALL('{}',$,{},$,$,#{},#{},$,$)", global_id("wall of " + o.id),
                                            text("Wall of " + o.name), ground_, shape(box(0.1), "SweptSolid")));
        const int opening =
            s_.add(fmt::format("IFCOPENINGELEMENT('{}',$,{},$,$,#{},#{},$,.OPENING.)", global_id("opening " + o.id),
                               text(o.name), ground_, shape(box(0), "SweptSolid")));
        s_.add(fmt::format("IFCRELVOIDSELEMENT('{}',$,$,$,#{},#{})", global_id("voids " + o.id), wall, opening));
        if (o.kind == Opening::Kind::opening_void) return wall;
        const bool window = o.kind == Opening::Kind::window;
        const int filling =
            s_.add(fmt::format("{}('{}',$,{},$,$,#{},$,$,{:.6f},{:.6f},$,$,$)", window ? "IFCWINDOW" : "IFCDOOR",
                               global_id("filling " + o.id), text(o.name), ground_, o.height, o.width));
        s_.add(fmt::format("IFCRELFILLSELEMENT('{}',$,$,$,#{},#{})", global_id("fills " + o.id), opening, filling));
        const Material* glass =
            window ? find(w_.project.materials, finish_of(w_.project, w_.option, Part::glazing, o.glazing).id)
                   : nullptr;
        if (glass == nullptr) return wall;
        const int value =
            s_.add(fmt::format("IFCPROPERTYSINGLEVALUE('VisibleLightTransmittance',$,"
                               "IFCNORMALISEDRATIOMEASURE({:.4f}),$)",
                               glass->transmittance));
        const int set = s_.add(fmt::format("IFCPROPERTYSET('{}',$,'Pset_DoorWindowGlazingType',$,(#{}))",
                                           global_id("glazing " + o.id), value));
        define(filling, set, o.id);
        return wall;
    }

    const Writing& w_;
    std::vector<RoomForm> forms_ = room_forms(w_.option);
    Step s_;
    int context_ = 0, ground_ = 0;
};

}  // namespace

std::string write_ifc(const Writing& writing) { return Ifc(writing).write(); }

}  // namespace wp::outgoing
