// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

using On = ReferencePlane::On;
constexpr Word kSurfaces[] = {{"floor", On::floor, "the floor"},
                              {"wall", On::wall, "a wall"},
                              {"facade", On::facade, "a facade"},
                              {"deck", On::deck, "a thing"}};
using Along = ReferencePlane::Along;
constexpr Word kAlong[] = {{"drawing", Along::drawing, "along the drawing"},
                           {"longest_edge", Along::longest_edge, "along the longest wall"},
                           {"true_north", Along::true_north, "along true north"}};
using Kind = View::Kind;
constexpr Word kViews[] = {{"plan", Kind::plan, "Plan"},
                           {"elevation", Kind::elevation, "Elevation"},
                           {"section", Kind::section, "Section"},
                           {"model", Kind::model, "Model"}};

Field degrees(const char* key, const char* label, double low, double high, const char* meaning = "",
              Need need = Need::required) {
    return {
        .key = key, .label = label, .meaning = meaning, .unit = unit::degree, .low = low, .high = high, .need = need};
}
Field wall() { return {.key = "edge", .meaning = "the wall", .low = 0, .high = 9999, .need = Need::required}; }

void describe_place(Describer& d, ReferencePlane& p) {
    d.only(when("on", p.on, kSurfaces, {On::floor, On::wall, On::facade}),
           [&] { d.text({.key = "room", .need = Need::required}, p.room); });
    d.only(when("on", p.on, kSurfaces, {On::deck}),
           [&] { d.text({.key = "room", .meaning = "the room the thing stands in, if any"}, p.room); });
    d.only(when("on", p.on, kSurfaces, {On::wall, On::facade}), [&] { d.whole(wall(), p.edge); });
    d.only(when("on", p.on, kSurfaces, {On::deck}), [&] {
        d.text({.key = "thing", .need = Need::required}, p.thing);
        d.whole({.key = "deck", .meaning = "flights and landings from below, or the one top", .low = 0, .high = 99},
                p.deck);
    });
}

void describe_floor_plane(Describer& d, ReferencePlane& p) {
    d.choice({.key = "along", .label = "Cells lie"}, p.along, kAlong);
    d.polygon({.key = "area", .meaning = "only within; missing: all of the room", .unit = unit::metre}, p.area);
    d.list<std::vector<Vec2>>({.key = "left_out", .meaning = "not within these"}, "outline", p.left_out,
                              [](Describer& in, std::vector<Vec2>& ring) {
                                  in.polygon({.key = "outline", .unit = unit::metre, .need = Need::required}, ring);
                              });
}

}  // namespace

void describe(Describer& d, ReferencePlane& p) {
    describe_id(d, p.id);
    describe_name(d, p.name);
    d.choice({.key = "on", .label = "Lies on"}, p.on, kSurfaces);
    describe_place(d, p);
    d.number(in_metres("height", p.on == On::floor ? "Plane height" : "Stands off", 0, 100,
                       "above the floor; else how far the points stand before the surface"),
             p.height);
    d.number(in_metres("margin", "Margin", 0, 100, "from the walls, or from the edges"), p.margin);
    d.number(in_metres("spacing", "Spacing", 0.02, 100, "cells are no wider"), p.spacing);
    d.whole({.key = "number",
             .label = "Points wanted",
             .meaning = "so many at least, instead of the spacing; 0: the spacing counts",
             .low = 0,
             .high = 100000},
            p.number);
    d.only(when("on", p.on, kSurfaces, {On::floor}), [&] { describe_floor_plane(d, p); });
    d.flag({.key = "turned_over", .label = "Turned over", .meaning = "looks the other way: down, or into the wall"},
           p.turned_over);
    d.flag({.key = "occupied",
            .label = "Occupied",
            .meaning = "counts as regularly occupied floor area for criteria",
            .bears = bears::use},
           p.occupied);
    d.flag({.key = "for_rules",
            .label = "For rules",
            .meaning = "laid for criteria: not drawn on maps where its room has another",
            .bears = bears::nothing},
           p.for_rules);
    d.rest(p.extra);
}

void describe(Describer& d, Observer& o) {
    describe_id(d, o.id);
    describe_name(d, o.name);
    d.text({.key = "room", .need = Need::required}, o.room);
    d.triple({.key = "eye", .unit = unit::metre, .need = Need::required}, o.eye);
    d.number(degrees("heading", "Heading", -360, 720, "clockwise from the top of the sheet"), o.heading);
    d.number(degrees("altitude", "Looks up", -90, 90, "above the horizon", Need::optional), o.altitude);
    d.numbers(degrees("others", "", -360, 720, "further headings from the same place", Need::optional), o.others);
    d.rest(o.extra);
}

void describe(Describer& d, Reading& r) {
    describe_id(d, r.id);
    describe_name(d, r.name);
    d.text({.key = "room", .meaning = "missing: outdoors"}, r.room);
    d.triple({.key = "at", .unit = unit::metre, .need = Need::required}, r.at);
    d.triple({.key = "facing", .meaning = "unit, away from what it lies on", .need = Need::required}, r.facing);
    d.rest(r.extra);
}

void describe(Describer& d, View& v) {
    const auto of = [&](std::initializer_list<Kind> kinds) { return when("kind", v.kind, kViews, kinds); };
    describe_id(d, v.id);
    describe_name(d, v.name);
    d.choice({.key = "kind", .need = Need::required}, v.kind, kViews);
    d.only(of({Kind::plan, Kind::elevation}), [&] { d.text({.key = "storey", .need = Need::required}, v.storey); });
    d.only(of({Kind::plan}), [&] {
        d.number(in_metres("cut", "Cut at", 0, 1000, "height of the cut above the floor", Need::optional), v.cut);
    });
    d.only(of({Kind::elevation}), [&] {
        d.text({.key = "room", .need = Need::required}, v.room);
        d.whole(wall(), v.edge);
        d.flag({.key = "outside", .meaning = "seen from outside"}, v.outside);
    });
    d.only(of({Kind::section}), [&] {
        d.point(
            {.key = "from", .meaning = "the cut, seen towards its left", .unit = unit::metre, .need = Need::required},
            v.from);
        d.point({.key = "to", .unit = unit::metre, .need = Need::required}, v.to);
    });
    d.only(of({Kind::model}), [&] {
        d.number(degrees("turn", "Turn", -1e6, 1e6), v.turn);
        d.number(degrees("tilt", "Tilt", -90, 90), v.tilt);
        d.number(in_metres("distance", "Distance", 0.1, 1e5), v.distance);
        d.triple({.key = "target", .unit = unit::metre, .need = Need::required}, v.target);
    });
}

}  // namespace wp::describe
