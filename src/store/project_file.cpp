// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/project_file.h"

#include <fmt/core.h>

#include <cmath>
#include <limits>
#include <set>

#include "base/file.h"
#include "store/fields.h"

namespace wp::store {
using namespace model;

namespace {

// One function a type, the same for reading and writing: see fields.h.

void visit(Fields& f, Vec2& p) { f.pair(p.x, p.y); }

void visit(Fields& f, Material& m) {
    f.text("id", m.id);
    f.text("name", m.name);
    f.choice("kind", m.kind, {{"opaque", Material::Kind::opaque}, {"glazing", Material::Kind::glazing}});
    if (m.kind == Material::Kind::opaque) f.number("reflectance", m.reflectance, 0, 1);
    if (m.kind == Material::Kind::glazing) {
        f.number("transmittance", m.transmittance, 0, 1);
        f.whole("panes", m.panes, 1, 4);
    }
    f.text("source", m.source, Fields::optional);
    f.rest(m.extra);
}

// Early files gave the frame as a share of the opening: the width of a frame around one light that covers that share.
void read_frame_share(Fields& f, Opening& o) {
    if (!f.reading() || !f.has("frame_fraction")) return;
    double share = 0;
    f.number("frame_fraction", share, 0, 0.99);
    const double half = (o.width + o.height) / 4;
    o.frame = half - std::sqrt(std::max(0.0, half * half - share * o.width * o.height / 4));
}

void visit(Fields& f, Opening& o) {
    f.text("id", o.id);
    f.text("name", o.name);
    f.choice("kind", o.kind, {{"window", Opening::Kind::window}, {"door", Opening::Kind::door}, {"panel", Opening::Kind::panel}, {"void", Opening::Kind::opening_void}});
    f.whole("edge", o.edge, 0, 9999);
    f.number("along", o.along, 0, 1e4);
    f.number("width", o.width, 0.01, 1e4);
    f.number("height", o.height, 0.01, 1e4);
    f.number("sill", o.sill, 0, 1e4);
    if (o.kind != Opening::Kind::opening_void) {
        read_frame_share(f, o);
        f.number("frame", o.frame, 0, 1, Fields::optional);
        f.whole("columns", o.columns, 1, 50, Fields::optional);
        f.whole("rows", o.rows, 1, 50, Fields::optional);
    }
    f.number("reveal", o.reveal, 0, 10, Fields::optional);
    if (o.kind != Opening::Kind::opening_void) f.text(o.kind == Opening::Kind::window ? "glazing" : "infill", o.glazing);
    f.text("reveals", o.reveals, Fields::optional);
    f.flag("blind", o.blind, Fields::optional);
    f.rest(o.extra);
}

void visit(Fields& f, Room& r) {
    f.text("id", r.id);
    f.text("name", r.name);
    f.list("footprint", r.footprint, [](Fields& g, Vec2& p) { visit(g, p); });
    f.number("height", r.height, 0.1, 1000);
    f.choice("top", r.top, {{"follows_roof", Room::Top::follows_roof}, {"flat", Room::Top::flat}}, Fields::optional);
    f.text("floor", r.floor);
    f.text("walls", r.walls);
    f.text("ceiling", r.ceiling);
    f.list("own_walls", r.own_walls, [](Fields& g, Wall& w) {
        g.whole("edge", w.edge, 0, 9999);
        g.number("thickness", w.thickness, 0.001, 10);
    }, Fields::optional);
    f.list("openings", r.openings, [](Fields& g, Opening& o) { visit(g, o); });
    f.rest(r.extra);
}

void visit(Fields& f, Partition& p) {
    f.text("id", p.id);
    f.text("name", p.name);
    f.point("from", p.from);
    f.point("to", p.to);
    f.number("thickness", p.thickness, 0.001, 10);
    f.number("height", p.height, 0.01, 100);
    f.text("material", p.material);
    f.rest(p.extra);
}

void visit(Fields& f, FloorVoid& v) {
    f.text("id", v.id);
    f.text("name", v.name);
    f.list("outline", v.outline, [](Fields& g, Vec2& p) { visit(g, p); });
    f.rest(v.extra);
}

void visit(Fields& f, Roof& r) {
    f.text("id", r.id);
    f.text("name", r.name);
    f.choice("kind", r.kind, {{"mono_pitch", Roof::Kind::mono_pitch}, {"gable", Roof::Kind::gable}, {"sawtooth", Roof::Kind::sawtooth}});
    f.texts("rooms", r.rooms, Fields::optional);
    f.number("eaves", r.eaves, 0.1, 1000);
    f.number("pitch", r.pitch, 0, 80);
    f.number("direction", r.direction, -360, 720);
    f.whole("bays", r.bays, 1, 100, Fields::optional);
    f.number("overhang", r.overhang, 0, 20, Fields::optional);
    f.rest(r.extra);
}

void visit(Fields& f, Rooflight& r) {
    f.text("id", r.id);
    f.text("name", r.name);
    f.point("centre", r.centre);
    f.number("width", r.width, 0.05, 1000);
    f.number("length", r.length, 0.05, 1000);
    f.number("turn", r.turn, -360, 360, Fields::optional);
    f.flag("upright", r.upright, Fields::optional);
    f.number("upstand", r.upstand, 0, 20, Fields::optional);
    f.number("frame", r.frame, 0, 1, Fields::optional);
    f.text("glazing", r.glazing);
    f.flag("blind", r.blind, Fields::optional);
    f.rest(r.extra);
}

void visit(Fields& f, Underlay& u) {
    f.text("file", u.file);
    f.whole("page", u.page, 1, 9999, Fields::optional);
    f.point("place", u.place);
    f.number("width", u.width, 0.01, 1e5);
    f.number("turn", u.turn, -360, 360, Fields::optional);
    f.number("strength", u.strength, 0, 1, Fields::optional);
}

void visit(Fields& f, Dimension& d) {
    f.text("id", d.id);
    f.point("from", d.from);
    f.point("to", d.to);
    f.number("offset", d.offset, -1000, 1000, Fields::optional);
}

void visit(Fields& f, Storey& s) {
    const auto each = [](Fields& g, auto& item) { visit(g, item); };
    f.text("id", s.id);
    f.text("name", s.name);
    f.number("level", s.level, -1000, 1000);
    f.number("height", s.height, 0.1, 1000, Fields::optional);
    f.list("rooms", s.rooms, each);
    f.list("partitions", s.partitions, each, Fields::optional);
    f.list("voids", s.voids, each, Fields::optional);
    f.list("roofs", s.roofs, each, Fields::optional);
    f.list("rooflights", s.rooflights, each, Fields::optional);
    f.list("dimensions", s.dimensions, each, Fields::optional);
    if (f.reading() ? f.has("underlay") : !s.underlay.file.empty()) f.object("underlay", [&](Fields& g) { visit(g, s.underlay); });
    f.rest(s.extra);
}

void visit(Fields& f, View& v) {
    using Kind = View::Kind;
    f.text("id", v.id);
    f.text("name", v.name);
    f.choice("kind", v.kind, {{"plan", Kind::plan}, {"elevation", Kind::elevation}, {"section", Kind::section}, {"model", Kind::model}});
    if (v.kind == Kind::plan || v.kind == Kind::elevation) f.text("storey", v.storey);
    if (v.kind == Kind::plan) f.number("cut", v.cut, 0, 1000, Fields::optional);
    if (v.kind == Kind::elevation) {
        f.text("room", v.room);
        f.whole("edge", v.edge, 0, 9999);
        f.flag("outside", v.outside, Fields::optional);
    }
    if (v.kind == Kind::section) {
        f.point("from", v.from);
        f.point("to", v.to);
    }
    if (v.kind == Kind::model) {
        f.number("turn", v.turn, -1e6, 1e6);
        f.number("tilt", v.tilt, -90, 90);
        f.number("distance", v.distance, 0.1, 1e5);
        f.triple("target", v.target.x, v.target.y, v.target.z);
    }
}

void visit(Fields& f, Block& b) {
    f.text("id", b.id);
    f.text("name", b.name);
    f.list("footprint", b.footprint, [](Fields& g, Vec2& p) { visit(g, p); });
    f.number("base", b.base, -1000, 1000);
    f.number("height", b.height, 0.01, 1000);
    f.text("material", b.material);
    f.rest(b.extra);
}

void visit(Fields& f, ReferencePlane& p) {
    f.text("id", p.id);
    f.text("name", p.name);
    f.text("room", p.room);
    f.number("height", p.height, 0, 100);
    f.number("margin", p.margin, 0, 100);
    f.number("spacing", p.spacing, 0.02, 100);
    f.flag("occupied", p.occupied, Fields::optional);
    f.rest(p.extra);
}

void visit(Fields& f, Observer& o) {
    f.text("id", o.id);
    f.text("name", o.name);
    f.text("room", o.room);
    f.triple("eye", o.eye.x, o.eye.y, o.eye.z);
    f.number("heading", o.heading, -360, 720);
    f.number("altitude", o.altitude, -90, 90, Fields::optional);
    f.rest(o.extra);
}

void visit(Fields& f, Option& o) {
    f.text("id", o.id);
    f.text("name", o.name);
    f.text("note", o.note, Fields::optional);
    f.number("outer_wall", o.outer_wall, 0.01, 10);
    f.number("inner_wall", o.inner_wall, 0.001, 10, Fields::optional);
    f.number("roof", o.roof, 0.01, 10);
    f.text("reveals", o.reveals);
    f.text("facade", o.facade);
    f.text("roof_finish", o.roof_finish);
    f.text("frames", o.frames, Fields::optional);
    f.list("storeys", o.storeys, [](Fields& g, Storey& s) { visit(g, s); });
    f.list("blocks", o.blocks, [](Fields& g, Block& b) { visit(g, b); });
    f.list("planes", o.planes, [](Fields& g, ReferencePlane& p) { visit(g, p); });
    f.list("observers", o.observers, [](Fields& g, Observer& e) { visit(g, e); });
    f.list("views", o.views, [](Fields& g, View& v) { visit(g, v); }, Fields::optional);
    f.rest(o.extra);
}

void visit(Fields& f, Site& s) {
    f.text("name", s.name);
    f.number("latitude", s.latitude, -90, 90);
    f.number("longitude", s.longitude, -180, 180);
    f.number("time_zone", s.time_zone, -12, 14);
    f.number("elevation", s.elevation, -1000, 9999, Fields::optional);
    f.number("north", s.north, -360, 360, Fields::optional);
    f.number("ground_reflectance", s.ground_reflectance, 0, 1, Fields::optional);
    f.number("ground_level", s.ground_level, -1000, 1000, Fields::optional);
    f.text("weather", s.weather);
    f.rest(s.extra);
}

void visit(Fields& f, climate::Moment& m) {
    f.whole("month", m.month, 1, 12);
    f.whole("day", m.day, 1, 31);
    f.number("hour", m.hour, 0, 24);
    if (f.reading() && m.month >= 1 && m.month <= 12 && m.day > climate::days_in(m.month))
        f.fail("/day", fmt::format("month {} has no day {}", m.month, m.day), "Give a day of that month");
}

void visit(Fields& f, Question& q) {
    using Kind = Question::Kind;
    f.text("id", q.id);
    f.text("name", q.name);
    f.choice("kind", q.kind, {{"daylight_factor", Kind::daylight_factor}, {"year", Kind::year}, {"glare", Kind::glare}});
    f.texts("planes", q.planes, Fields::optional);
    f.number("accuracy", q.accuracy, 0.0005, 0.5, Fields::optional);
    f.seed("seed", q.seed, Fields::optional);
    if (q.kind == Kind::year) {
        f.number("from", q.from, 0, 24, Fields::optional);
        f.number("to", q.to, 0, 24, Fields::optional);
        if (f.reading() && q.to <= q.from) f.fail("/to", "the occupied hours end before they begin", "Give a later hour");
    }
    if (q.kind == Kind::glare) {
        f.text("observer", q.observer);
        f.object("moment", [&](Fields& g) { visit(g, q.moment); });
        f.whole("pixels", q.pixels, 16, 4096, Fields::optional);
    }
    f.rest(q.extra);
}

void visit(Fields& f, Project& p) {
    f.text("name", p.name);
    f.object("site", [&](Fields& g) { visit(g, p.site); });
    f.number("blind_transmittance", p.blind_transmittance, 0, 1, Fields::optional);
    f.list("materials", p.materials, [](Fields& g, Material& m) { visit(g, m); });
    f.list("options", p.options, [](Fields& g, Option& o) { visit(g, o); });
    f.list("questions", p.questions, [](Fields& g, Question& q) { visit(g, q); });
    f.texts("criteria", p.criteria, Fields::optional);
    f.rest(p.extra);
}

double twice_area(const std::vector<Vec2>& polygon) {
    double sum = 0;
    for (size_t i = 0; i < polygon.size(); ++i) sum += cross(polygon[i], polygon[(i + 1) % polygon.size()]);
    return sum;
}

// What single fields cannot tell: names that must exist or be unique, polygons that must have an area.
class Checker {
 public:
    explicit Checker(const Project& project) : project_(project) {}

    Outcome run() {
        unique("/materials", project_.materials);
        unique("/options", project_.options);
        unique("/questions", project_.questions);
        if (project_.options.empty()) fail("/options", "there is no option", "A project holds at least one option");
        for (size_t i = 0; i < project_.options.size(); ++i) check(fmt::format("/options/{}", i), project_.options[i]);
        return outcome_;
    }

 private:
    void fail(const std::string& place, const std::string& what, const std::string& remedy) {
        if (!outcome_) outcome_ = Fault{place, what, remedy};
    }
    template <class T>
    void unique(const std::string& place, const std::vector<T>& list) {
        std::set<Id> seen;
        for (size_t i = 0; i < list.size(); ++i)
            if (!seen.insert(list[i].id).second)
                fail(fmt::format("{}/{}/id", place, i), "\"" + list[i].id + "\" is taken already", "Give it an id of its own");
    }
    void material(const std::string& place, const Id& id, Material::Kind kind) {
        const Material* found = find(project_.materials, id);
        const char* word = kind == Material::Kind::opaque ? "opaque material" : "glazing";
        if (found == nullptr || found->kind != kind)
            fail(place, fmt::format("there is no {} \"{}\"", word, id), "Name one that /materials holds");
    }
    void footprint(const std::string& place, const std::vector<Vec2>& polygon) {
        if (polygon.size() < 3 || std::fabs(twice_area(polygon)) < 2e-4)
            fail(place, "the footprint has no area", "Give three or more corners that span an area");
    }
    void check(const std::string& place, const Option& option) {
        for (const auto& [key, id] : {std::pair{"reveals", &option.reveals}, std::pair{"facade", &option.facade},
                                      std::pair{"roof_finish", &option.roof_finish}})
            material(place + "/" + key, *id, Material::Kind::opaque);
        std::set<Id> rooms, openings;
        if (!option.frames.empty()) material(place + "/frames", option.frames, Material::Kind::opaque);
        unique(place + "/storeys", option.storeys);
        unique(place + "/views", option.views);
        unique(place + "/planes", option.planes);
        unique(place + "/observers", option.observers);
        for (size_t s = 0; s < option.storeys.size(); ++s)
            for (size_t r = 0; r < option.storeys[s].rooms.size(); ++r) {
                const Room& room = option.storeys[s].rooms[r];
                const std::string here = fmt::format("{}/storeys/{}/rooms/{}", place, s, r);
                if (!rooms.insert(room.id).second) fail(here + "/id", "\"" + room.id + "\" is taken already", "Give it an id of its own");
                check(here, room, openings);
            }
        for (size_t s = 0; s < option.storeys.size(); ++s) check(fmt::format("{}/storeys/{}", place, s), option.storeys[s]);
        for (size_t b = 0; b < option.blocks.size(); ++b) {
            footprint(fmt::format("{}/blocks/{}/footprint", place, b), option.blocks[b].footprint);
            material(fmt::format("{}/blocks/{}/material", place, b), option.blocks[b].material, Material::Kind::opaque);
        }
        for (size_t p = 0; p < option.planes.size(); ++p)
            if (!rooms.contains(option.planes[p].room))
                fail(fmt::format("{}/planes/{}/room", place, p), "there is no room \"" + option.planes[p].room + "\"",
                     "Name a room of this option");
    }
    void check(const std::string& place, const Storey& storey) {
        unique(place + "/partitions", storey.partitions);
        unique(place + "/voids", storey.voids);
        unique(place + "/roofs", storey.roofs);
        unique(place + "/rooflights", storey.rooflights);
        unique(place + "/dimensions", storey.dimensions);
        for (size_t i = 0; i < storey.partitions.size(); ++i) {
            const Partition& p = storey.partitions[i];
            const std::string here = fmt::format("{}/partitions/{}", place, i);
            material(here + "/material", p.material, Material::Kind::opaque);
            if (length(p.to - p.from) < 1e-3) fail(here + "/to", "the partition has no length", "Give two different ends");
        }
        for (size_t i = 0; i < storey.voids.size(); ++i) footprint(fmt::format("{}/voids/{}/outline", place, i), storey.voids[i].outline);
        for (size_t i = 0; i < storey.roofs.size(); ++i)
            for (const Id& room : storey.roofs[i].rooms)
                if (find(storey.rooms, room) == nullptr)
                    fail(fmt::format("{}/roofs/{}/rooms", place, i), "there is no room \"" + room + "\" on this storey", "Name rooms of the same storey");
        for (size_t i = 0; i < storey.rooflights.size(); ++i)
            material(fmt::format("{}/rooflights/{}/glazing", place, i), storey.rooflights[i].glazing, Material::Kind::glazing);
    }
    void check(const std::string& place, const Room& room, std::set<Id>& openings) {
        footprint(place + "/footprint", room.footprint);
        material(place + "/floor", room.floor, Material::Kind::opaque);
        material(place + "/walls", room.walls, Material::Kind::opaque);
        material(place + "/ceiling", room.ceiling, Material::Kind::opaque);
        for (size_t w = 0; w < room.own_walls.size(); ++w)
            if (static_cast<size_t>(room.own_walls[w].edge) >= room.footprint.size())
                fail(fmt::format("{}/own_walls/{}/edge", place, w), fmt::format("the room has no wall {}", room.own_walls[w].edge), "Number walls from 0");
        for (size_t o = 0; o < room.openings.size(); ++o) {
            const Opening& opening = room.openings[o];
            const std::string here = fmt::format("{}/openings/{}", place, o);
            if (!openings.insert(opening.id).second)
                fail(here + "/id", "\"" + opening.id + "\" is taken already", "Give it an id of its own");
            if (static_cast<size_t>(opening.edge) >= room.footprint.size()) {
                fail(here + "/edge", fmt::format("the room has no wall {}", opening.edge), "Number walls from 0");
                continue;
            }
            if (opening.kind == Opening::Kind::window) material(here + "/glazing", opening.glazing, Material::Kind::glazing);
            else if (opening.kind != Opening::Kind::opening_void && find(project_.materials, opening.glazing) == nullptr)
                fail(here + "/infill", "there is no material \"" + opening.glazing + "\"", "Name one that /materials holds");
            if (!opening.reveals.empty()) material(here + "/reveals", opening.reveals, Material::Kind::opaque);
            if (opening.along + opening.width > edge_length(room, opening.edge) + 1e-6)
                fail(here, "the opening is outside its wall", "Make it narrower or move it along the wall");
        }
    }

    const Project& project_;
    Outcome outcome_;
};

// Counter-clockwise footprints, with edge numbers of openings kept on their walls.
void orient(Room& room) {
    if (twice_area(room.footprint) >= 0) return;
    const int n = static_cast<int>(room.footprint.size());
    for (Opening& o : room.openings) {
        o.along = std::max(0.0, edge_length(room, o.edge) - o.along - o.width);
        // Edge e joins corners e and e+1; reversed, corner i becomes n-1-i.
        o.edge = (2 * n - 2 - o.edge) % n;
    }
    for (Wall& w : room.own_walls) w.edge = (2 * n - 2 - w.edge) % n;
    std::reverse(room.footprint.begin(), room.footprint.end());
}

Fault in_file(const std::string& name, const Fault& fault) { return {name + ", " + fault.place, fault.what, fault.remedy}; }

}  // namespace

Result<Project> parse_project(std::string_view text, const std::string& name) {
    Json document = Json::parse(text, nullptr, false);
    if (document.is_discarded()) return syntax_fault(text, name);
    if (!document.is_object() || !document.contains("warmpane"))
        return Fault{name, "this is no Warm Pane project", "Open a .warmpane file"};
    if (!document["warmpane"].is_number_integer() || document["warmpane"].get<int64_t>() < 1)
        return Fault{name + ", /warmpane", "the version is not a whole number", "Restore the file from a copy"};
    if (document["warmpane"].get<int64_t>() > kProjectVersion)
        return Fault{name + ", /warmpane",
                     fmt::format("the file was written by a newer program (version {}; this one reads {})",
                                 document["warmpane"].get<int64_t>(), kProjectVersion),
                     "Update Warm Pane; the file was left as it is"};
    document.erase("warmpane");
    Project project;
    Fields fields = Fields::reader(document);
    visit(fields, project);
    if (fields.fault()) return in_file(name, *fields.fault());
    if (const auto fault = Checker(project).run()) return in_file(name, *fault);
    for (Option& option : project.options) {
        for (Storey& storey : option.storeys) {
            for (Room& room : storey.rooms) orient(room);
            for (FloorVoid& v : storey.voids)
                if (twice_area(v.outline) < 0) std::reverse(v.outline.begin(), v.outline.end());
        }
        for (Block& block : option.blocks)
            if (twice_area(block.footprint) < 0) std::reverse(block.footprint.begin(), block.footprint.end());
    }
    return project;
}

Result<Project> read_project(const std::filesystem::path& path) {
    const auto bytes = read_file(path, size_t{64} << 20);
    if (!bytes) return bytes.fault();
    return parse_project(*bytes, path.filename().string());
}

std::string write_project(const Project& project) {
    Json document = Json::object();
    document["warmpane"] = kProjectVersion;
    Project copy = project;  // the visitors read and write through one signature
    Fields fields = Fields::writer(document);
    visit(fields, copy);
    return document.dump(1) + "\n";
}

Outcome save_project(const Project& project, const std::filesystem::path& path) {
    std::error_code error;
    if (std::filesystem::exists(path, error)) {
        const auto there = read_project(path);
        if (!there)
            return Fault{there.fault().place, "not overwritten: " + there.fault().what, "Save under another name"};
    }
    return write_file(path, write_project(project));
}

}  // namespace wp::store
