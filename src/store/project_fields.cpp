// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/project_fields.h"

#include <fmt/core.h>

#include <cmath>

#include "shading/device.h"
#include "store/material_file.h"
#include "store/use_fields.h"

namespace wp::store {
using namespace model;

namespace {

// One function a type, the same for reading and writing: see fields.h.

void visit(Fields& f, Vec2& p) { f.pair(p.x, p.y); }

struct ShadeField {
    Fields& f;
    ShadeLayer& of;
    const shading::ShadeFigure& figure;
    void operator()(double ShadeLayer::*field) const {
        f.number(figure.key, of.*field, figure.least, figure.most, Fields::optional);
    }
    void operator()(int ShadeLayer::*field) const {
        f.whole(figure.key, of.*field, static_cast<int>(figure.least), static_cast<int>(figure.most), Fields::optional);
    }
    void operator()(bool ShadeLayer::*field) const { f.flag(figure.key, of.*field, Fields::optional); }
};

void visit(Fields& f, ShadeLayer& s) {
    static const auto kinds = [] {
        std::vector<std::pair<const char*, ShadeLayer::Kind>> out;
        for (const auto& device : shading::devices()) out.emplace_back(device.id, device.kind);
        return out;
    }();
    f.choice("kind", s.kind, std::span(kinds));
    f.flag("inside", s.inside, Fields::optional);
    for (const auto* figure : shading::in_file_order(shading::device_of(s.kind)))
        std::visit(ShadeField{f, s, *figure}, figure->field);
    f.text("material", s.material, Fields::optional);
}

// What openings and rooflights have before and behind their panes.
template <class O>
void visit_shading(Fields& f, O& o) {
    f.flag("blind", o.blind, Fields::optional);
    f.text("blind_material", o.blind_material, Fields::optional);
    f.list(
        "shading", o.shading, [](Fields& g, ShadeLayer& s) { visit(g, s); }, Fields::optional);
    f.choice(
        "exposure", o.exposure,
        {{"normal", Exposure::normal}, {"sheltered", Exposure::sheltered}, {"driving_rain", Exposure::driving_rain}},
        Fields::optional);
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
    f.choice("kind", o.kind,
             {{"window", Opening::Kind::window},
              {"door", Opening::Kind::door},
              {"panel", Opening::Kind::panel},
              {"void", Opening::Kind::opening_void}});
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
    if (o.kind != Opening::Kind::opening_void)
        f.text(o.kind == Opening::Kind::window ? "glazing" : "infill", o.glazing, Fields::optional);
    f.text("reveals", o.reveals, Fields::optional);
    f.text("frames", o.frames, Fields::optional);
    visit_shading(f, o);
    f.rest(o.extra);
}

void visit(Fields& f, Room& r) {
    f.text("id", r.id);
    f.text("name", r.name);
    f.list("footprint", r.footprint, [](Fields& g, Vec2& p) { visit(g, p); });
    f.number("height", r.height, 0.001, 10000);  // a slip of units is for the model check
    f.choice("top", r.top, {{"follows_roof", Room::Top::follows_roof}, {"flat", Room::Top::flat}}, Fields::optional);
    f.text("floor", r.floor, Fields::optional);
    f.text("walls", r.walls, Fields::optional);
    f.text("ceiling", r.ceiling, Fields::optional);
    f.list(
        "own_finishes", r.own_finishes,
        [](Fields& g, OwnFinish& o) {
            g.whole("surface", o.surface, OwnFinish::kCeiling, 9999);
            g.text("material", o.material);
        },
        Fields::optional);
    f.list(
        "own_walls", r.own_walls,
        [](Fields& g, Wall& w) {
            g.whole("edge", w.edge, 0, 9999);
            g.number("thickness", w.thickness, 0.001, 10);
        },
        Fields::optional);
    f.list("openings", r.openings, [](Fields& g, Opening& o) { visit(g, o); });
    f.text("occupancy", r.occupancy, Fields::optional);
    f.rest(r.extra);
}

void visit(Fields& f, Partition& p) {
    f.text("id", p.id);
    f.text("name", p.name);
    f.point("from", p.from);
    f.point("to", p.to);
    f.number("thickness", p.thickness, 0.001, 10);
    f.number("height", p.height, 0.01, 100);
    f.text("material", p.material, Fields::optional);
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
    f.choice(
        "kind", r.kind,
        {{"mono_pitch", Roof::Kind::mono_pitch}, {"gable", Roof::Kind::gable}, {"sawtooth", Roof::Kind::sawtooth}});
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
    f.text("glazing", r.glazing, Fields::optional);
    visit_shading(f, r);
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
    if (f.reading() ? f.has("underlay") : !s.underlay.file.empty())
        f.object("underlay", [&](Fields& g) { visit(g, s.underlay); });
    f.rest(s.extra);
}

void visit(Fields& f, View& v) {
    using Kind = View::Kind;
    f.text("id", v.id);
    f.text("name", v.name);
    f.choice(
        "kind", v.kind,
        {{"plan", Kind::plan}, {"elevation", Kind::elevation}, {"section", Kind::section}, {"model", Kind::model}});
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
    f.choice("top", b.top,
             {{"flat", Block::Top::flat}, {"mono_pitch", Block::Top::mono_pitch}, {"gable", Block::Top::gable}},
             Fields::optional);
    if (b.top != Block::Top::flat) {
        f.number("pitch", b.pitch, 0, 80, Fields::optional);
        f.number("direction", b.direction, -360, 720, Fields::optional);
    }
    f.text("material", b.material, Fields::optional);
    f.rest(b.extra);
}

void visit(Fields& f, Thing& t) {
    using Kind = Thing::Kind;
    f.text("id", t.id);
    f.text("name", t.name);
    f.choice("kind", t.kind,
             {{"table", Kind::table},
              {"shelf", Kind::shelf},
              {"bench", Kind::bench},
              {"box", Kind::box},
              {"stair", Kind::stair},
              {"ramp", Kind::ramp},
              {"tree", Kind::tree},
              {"fence", Kind::fence},
              {"terrain", Kind::terrain}});
    f.text("storey", t.storey, Fields::optional);
    f.point("at", t.at);
    f.number("width", t.width, 0.01, 2000);
    if (t.kind != Kind::tree)
        f.number("length", t.length, 0.01, 2000);
    else
        t.length = t.width;
    f.number("height", t.height, 0.01, 2000);
    f.number("base", t.base, -100, 500, Fields::optional);
    f.number("turn", t.turn, -360, 360, Fields::optional);
    if (t.kind == Kind::shelf || t.kind == Kind::stair) f.whole("parts", t.parts, 1, 200, Fields::optional);
    if (t.kind == Kind::stair) f.whole("flights", t.flights, 1, 2, Fields::optional);
    if (t.kind == Kind::stair && t.flights == 2) f.number("landing", t.landing, 0.05, 100, Fields::optional);
    if (t.kind == Kind::tree) f.number("trunk", t.landing, 0, 200, Fields::optional);
    if (t.kind == Kind::tree || t.kind == Kind::fence) f.number("gap", t.gap, 0, 1, Fields::optional);
    if (t.kind == Kind::tree) f.number("bare_gap", t.bare_gap, 0, 1, Fields::optional);
    f.text("material", t.material, Fields::optional);
    f.rest(t.extra);
}

void visit(Fields& f, ReferencePlane& p) {
    using On = ReferencePlane::On;
    using Along = ReferencePlane::Along;
    f.text("id", p.id);
    f.text("name", p.name);
    f.choice("on", p.on, {{"floor", On::floor}, {"wall", On::wall}, {"facade", On::facade}, {"deck", On::deck}},
             Fields::optional);
    f.text("room", p.room, p.on == On::deck ? Fields::optional : Fields::required);
    if (p.on == On::wall || p.on == On::facade) f.whole("edge", p.edge, 0, 9999);
    if (p.on == On::deck) {
        f.text("thing", p.thing);
        f.whole("deck", p.deck, 0, 99, Fields::optional);
    }
    f.number("height", p.height, 0, 100);
    f.number("margin", p.margin, 0, 100);
    f.number("spacing", p.spacing, 0.02, 100);
    f.whole("number", p.number, 0, 100000, Fields::optional);
    if (p.on == On::floor) {
        f.choice(
            "along", p.along,
            {{"drawing", Along::drawing}, {"longest_edge", Along::longest_edge}, {"true_north", Along::true_north}},
            Fields::optional);
        f.list(
            "area", p.area, [](Fields& g, Vec2& v) { visit(g, v); }, Fields::optional);
        f.list(
            "left_out", p.left_out,
            [](Fields& g, std::vector<Vec2>& ring) {
                g.list("outline", ring, [](Fields& h, Vec2& v) { visit(h, v); });
            },
            Fields::optional);
    }
    f.flag("turned_over", p.turned_over, Fields::optional);
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
    f.numbers("others", o.others, -360, 720, Fields::optional);
    f.rest(o.extra);
}

void visit(Fields& f, Reading& r) {
    f.text("id", r.id);
    f.text("name", r.name);
    f.text("room", r.room, Fields::optional);
    f.triple("at", r.at.x, r.at.y, r.at.z);
    f.triple("facing", r.facing.x, r.facing.y, r.facing.z);
    f.rest(r.extra);
}

// Early files had four materials by type under keys of their own.
void read_early_types(Fields& f, Option& o) {
    if (!f.reading()) return;
    for (const auto& [key, part] : {std::pair{"reveals", Part::reveal},
                                    {"facade", Part::facade},
                                    {"roof_finish", Part::roof},
                                    {"frames", Part::frame}}) {
        Id id;
        f.text(key, id, Fields::optional);
        if (!id.empty()) o.types[part] = id;
    }
}

void visit_types(Fields& f, Option& o) {
    read_early_types(f, o);
    if (f.reading() ? !f.has("types") : o.types.empty()) return;
    f.object("types", [&](Fields& g) {
        for (int i = 0; i < kParts; ++i) {
            const auto part = static_cast<Part>(i);
            Id id = o.types.contains(part) ? o.types.at(part) : Id();
            g.text(part_word(part), id, Fields::optional);
            if (!id.empty()) o.types[part] = id;
        }
    });
}

void visit(Fields& f, Option& o) {
    f.text("id", o.id);
    f.text("name", o.name);
    f.text("note", o.note, Fields::optional);
    f.number("outer_wall", o.outer_wall, 0.01, 10);
    f.number("inner_wall", o.inner_wall, 0.001, 10, Fields::optional);
    f.number("roof", o.roof, 0.01, 10);
    visit_types(f, o);
    f.list("storeys", o.storeys, [](Fields& g, Storey& s) { visit(g, s); });
    f.list("blocks", o.blocks, [](Fields& g, Block& b) { visit(g, b); });
    f.list(
        "things", o.things, [](Fields& g, Thing& t) { visit(g, t); }, Fields::optional);
    f.list("planes", o.planes, [](Fields& g, ReferencePlane& p) { visit(g, p); });
    f.list("observers", o.observers, [](Fields& g, Observer& e) { visit(g, e); });
    f.list(
        "readings", o.readings, [](Fields& g, Reading& r) { visit(g, r); }, Fields::optional);
    visit_use(f, o);
    f.list(
        "views", o.views, [](Fields& g, View& v) { visit(g, v); }, Fields::optional);
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
    f.numbers("ground_by_month", s.ground_by_month, 0, 1, Fields::optional);
    if (f.reading() && !s.ground_by_month.empty() && s.ground_by_month.size() != 12)
        f.fail("/ground_by_month", fmt::format("has {} numbers", s.ground_by_month.size()),
               "Give twelve, from January on, or leave it out");
    f.number("ground_level", s.ground_level, -1000, 1000, Fields::optional);
    f.number("dirt", s.dirt, 0, 0.3, Fields::optional);
    f.whole("leaf_from", s.leaf_from, 1, 12, Fields::optional);
    f.whole("leaf_to", s.leaf_to, 1, 12, Fields::optional);
    f.text("weather", s.weather);
    f.flag("light_from_file", s.light_from_file, Fields::optional);
    f.rest(s.extra);
}

void visit(Fields& f, SkyChoice& s) {
    using Shape = SkyChoice::Shape;
    using Amount = SkyChoice::Amount;
    f.choice("shape", s.shape, {{"weather", Shape::weather}, {"cie", Shape::cie}, {"uniform", Shape::uniform}},
             Fields::optional);
    f.choice("amount", s.amount,
             {{"weather", Amount::weather},
              {"place", Amount::place},
              {"illuminance", Amount::illuminance},
              {"irradiance", Amount::irradiance}},
             Fields::optional);
    if (s.shape == Shape::cie) f.whole("type", s.type, 1, 16, Fields::optional);
    if (s.amount == Amount::illuminance || s.amount == Amount::irradiance) {
        f.number("diffuse", s.diffuse, 0, 200000, Fields::optional);
        f.number("direct", s.direct, 0, 200000, Fields::optional);
    }
}

void visit_moments(Fields& f, Question& q) {
    f.list("moments", q.moments, [](Fields& g, climate::Moment& m) { visit(g, m); });
    if (f.reading() && q.moments.empty()) f.fail("/moments", "no moment is named", "Name at least one");
    if (f.reading() && q.moments.size() > 8760)
        f.fail("/moments", "there are more moments than a year has hours", "Name fewer");
    f.object(
        "sky", [&](Fields& g) { visit(g, q.sky); }, Fields::optional);
}

// Days from the first to the last, both included.
void visit_period(Fields& f, Question& q) {
    f.object("first", [&](Fields& g) { visit_day(g, q.first); });
    f.object("last", [&](Fields& g) { visit_day(g, q.last); });
    if (q.kind != Question::Kind::sun_hours) return;
    f.number("step", q.step, 1, 60, Fields::optional);
    f.number("least_altitude", q.least_altitude, 0, 89, Fields::optional);
    f.flag("probable", q.probable, Fields::optional);
}

void visit(Fields& f, Question& q) {
    using Kind = Question::Kind;
    f.text("id", q.id);
    f.text("name", q.name);
    f.choice("kind", q.kind,
             {{"daylight_factor", Kind::daylight_factor},
              {"moment", Kind::moment},
              {"sun_hours", Kind::sun_hours},
              {"sky_view", Kind::sky_view},
              {"exposure", Kind::exposure},
              {"year", Kind::year},
              {"glare", Kind::glare}});
    if (q.kind != Kind::year && q.kind != Kind::glare)
        f.choice("at", q.at,
                 {{"planes", Question::At::planes},
                  {"windows", Question::At::windows},
                  {"window_reveals", Question::At::window_reveals},
                  {"readings", Question::At::readings}},
                 Fields::optional);
    f.texts("planes", q.planes, Fields::optional);
    f.texts("without", q.without, Fields::optional);
    if (q.kind == Kind::daylight_factor || q.kind == Kind::sky_view)
        f.choice("season", q.season, {{"in_leaf", Season::in_leaf}, {"bare", Season::bare}}, Fields::optional);
    f.number("accuracy", q.accuracy, 0.0005, 0.5, Fields::optional);
    f.seed("seed", q.seed, Fields::optional);
    if (q.kind == Kind::year) {
        f.number("from", q.from, 0, 24, Fields::optional);
        f.number("to", q.to, 0, 24, Fields::optional);
        f.number("target", q.target, 1, 100000, Fields::optional);
        f.number("useful_low", q.useful_low, 0, 100000, Fields::optional);
        f.number("useful_high", q.useful_high, 1, 200000, Fields::optional);
        if (f.reading() && !(q.useful_low <= q.target && q.target <= q.useful_high))
            f.fail("/target", "does not lie between the limits of useful daylight", "Give a target between them");
        if (f.reading() && q.to <= q.from)
            f.fail("/to", "the occupied hours end before they begin", "Give a later hour");
    }
    if (q.kind == Kind::moment) visit_moments(f, q);
    if (q.kind == Kind::sun_hours || q.kind == Kind::exposure) visit_period(f, q);
    if (q.kind == Kind::glare) {
        f.text("observer", q.observer);
        f.whole("heading", q.heading, 0, 999, Fields::optional);
        f.object("moment", [&](Fields& g) { visit(g, q.moment); });
        f.whole("pixels", q.pixels, 16, 4096, Fields::optional);
        if (f.reading() || q.faintest_source > 0)
            f.number("faintest_source", q.faintest_source, 0, 100000, Fields::optional);
    }
    f.rest(q.extra);
}

}  // namespace

void visit(Fields& f, Project& p) {
    f.text("name", p.name);
    f.object("site", [&](Fields& g) { visit(g, p.site); });
    f.number("blind_transmittance", p.blind_transmittance, 0, 1, Fields::optional);
    f.list("materials", p.materials, [](Fields& g, Material& m) { visit(g, m); });
    f.list("options", p.options, [](Fields& g, Option& o) { visit(g, o); });
    f.list("questions", p.questions, [](Fields& g, Question& q) { visit(g, q); });
    visit_use(f, p);
    f.texts("criteria", p.criteria, Fields::optional);
    f.rest(p.extra);
}

}  // namespace wp::store
