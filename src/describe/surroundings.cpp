// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

using Kind = Thing::Kind;
constexpr Word kThings[] = {{"table", Kind::table}, {"shelf", Kind::shelf}, {"bench", Kind::bench},
                            {"box", Kind::box},     {"stair", Kind::stair}, {"ramp", Kind::ramp},
                            {"tree", Kind::tree},   {"fence", Kind::fence}, {"terrain", Kind::terrain},
                            {"shape", Kind::shape}};

Field gap(const char* key, const char* label, const char* meaning) {
    return {.key = key, .label = label, .meaning = meaning, .unit = unit::share, .low = 0, .high = 1};
}
bool climbs(Kind kind) { return kind == Kind::stair || kind == Kind::ramp; }

void describe_stair(Describer& d, Thing& t) {
    const auto of = [&](std::initializer_list<Kind> kinds) { return when("kind", t.kind, kThings, kinds); };
    d.only(of({Kind::shelf, Kind::stair}), [&] {
        d.whole({.key = "parts",
                 .label = t.kind == Kind::stair ? "Risers" : "Boards",
                 .meaning = "a shelf's boards, a stair's risers",
                 .low = 1,
                 .high = 200},
                t.parts);
    });
    d.only(of({Kind::stair}), [&] {
        d.whole({.key = "flights",
                 .label = "Flights",
                 .meaning = "1 straight, 2 side by side with a landing half-way up",
                 .low = 1,
                 .high = 2},
                t.flights);
        d.only({t.flights == 2, "flights", {"2"}}, [&] {
            d.number(in_metres("landing", "Landing", 0.05, 100, "depth of the landing", Need::optional), t.landing);
        });
    });
}

}  // namespace

void describe(Describer& d, Block& b) {
    static constexpr Word tops[] = {{"flat", Block::Top::flat, "flat"},
                                    {"mono_pitch", Block::Top::mono_pitch, "mono-pitch"},
                                    {"gable", Block::Top::gable, "gable"}};
    describe_id(d, b.id);
    describe_name(d, b.name);
    d.polygon({.key = "footprint", .unit = unit::metre, .need = Need::required}, b.footprint);
    d.number(in_metres("base", "Base", -1000, 1000, "above the site's zero"), b.base);
    d.number(in_metres("height", "Height", 0.01, 1000, "to the eaves"), b.height);
    d.choice({.key = "top", .label = "Roof"}, b.top, tops);
    d.only(when("top", b.top, tops, {Block::Top::mono_pitch, Block::Top::gable}), [&] {
        d.number({.key = "pitch", .label = "Pitch", .unit = unit::degree, .low = 0, .high = 80}, b.pitch);
        d.number({.key = "direction",
                  .label = "Rises towards",
                  .meaning = "clockwise from the top of the sheet",
                  .unit = unit::degree,
                  .low = -360,
                  .high = 720},
                 b.direction);
    });
    d.material({.key = "material", .label = "Made of", .meaning = "missing: by type"}, b.material);
    d.rest(b.extra);
}

void describe(Describer& d, Thing& t) {
    const auto of = [&](std::initializer_list<Kind> kinds) { return when("kind", t.kind, kThings, kinds); };
    describe_id(d, t.id);
    describe_name(d, t.name);
    d.choice({.key = "kind", .need = Need::required}, t.kind, kThings);
    d.text({.key = "storey", .meaning = "whose floor it stands on; missing: outdoors, on the ground"}, t.storey);
    d.point({.key = "at", .meaning = "the middle of its rectangle", .unit = unit::metre, .need = Need::required}, t.at);
    d.number(in_metres("width",
                       t.kind == Kind::tree    ? "Canopy"
                       : t.kind == Kind::fence ? "Length"
                                               : "Width",
                       0.01, 2000, "across; of a tree its canopy, of a fence its length"),
             t.width);
    d.only(of({Kind::table, Kind::shelf, Kind::bench, Kind::box, Kind::stair, Kind::ramp, Kind::fence, Kind::terrain,
               Kind::shape}),
           [&] {
               d.number(
                   in_metres("length", climbs(t.kind) ? "Run" : "Depth", 0.01, 2000,
                             "along: the way a stair or ramp climbs, the way terrain rises; of a fence its thickness"),
                   t.length);
           });
    if (d.is_reading() && t.kind == Kind::tree) t.length = t.width;
    d.number(in_metres("height", climbs(t.kind) || t.kind == Kind::terrain ? "Climbs" : "Height", 0.01, 2000,
                       "all of it: what a stair, ramp or terrain climbs, a tree's top"),
             t.height);
    d.number(in_metres("base", "Stands at", -100, 500, "of its foot above the floor or the ground", Need::optional),
             t.base);
    d.number({.key = "turn",
              .label = "Turn",
              .meaning = "counter-clockwise",
              .unit = unit::degree,
              .low = -360,
              .high = 360},
             t.turn);
    describe_stair(d, t);
    d.only(of({Kind::tree}), [&] {
        d.number(in_metres("trunk", "Trunk", 0, 200, "height below the canopy", Need::optional), t.landing);
    });
    d.only(of({Kind::tree, Kind::fence}), [&] {
        d.number(gap("gap", t.kind == Kind::tree ? "Gaps, in leaf" : "Gaps",
                     "share of a sunbeam that goes through the whole canopy in leaf, or through a fence"),
                 t.gap);
    });
    d.only(of({Kind::tree}), [&] { d.number(gap("bare_gap", "Gaps, bare", "the same without leaves"), t.bare_gap); });
    d.only(of({Kind::shape}),
           [&] { d.shape({.key = "shape", .meaning = "id of the project's shape that it is a copy of"}, t.shape); });
    d.material({.key = "material",
                .label = t.kind == Kind::tree ? "Leaves" : "Made of",
                .meaning = "missing: the option's, by type"},
               t.material);
    d.rest(t.extra);
}

}  // namespace wp::describe
