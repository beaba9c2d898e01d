// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

using Planes = LuminaireType::Planes;
constexpr Word kPlanes[] = {{"C", Planes::c_gamma}, {"B", Planes::b_beta}, {"A", Planes::a_alpha}};
using Shines = LuminaireType::Opening;
constexpr Word kOpenings[] = {{"rectangle", Shines::rectangle, "rectangle"},
                              {"ellipse", Shines::ellipse, "round"},
                              {"ball", Shines::ball, "ball"}};
using Holds = LightScene::When;
constexpr Word kWhen[] = {{"by_hand", Holds::by_hand, "by hand"},
                          {"clock", Holds::clock, "by the clock"},
                          {"outdoor_lux", Holds::outdoor_lux, "by daylight"}};

Field angles(const char* key, const char* meaning) {
    Field f{.key = key, .meaning = meaning, .unit = unit::degree, .low = -180, .high = 360, .need = Need::required};
    f.least = 1;
    f.most = 2000;
    return f;
}
Field amount(const char* key, const char* label, double high, const char* in, const char* meaning = "",
             Need need = Need::optional) {
    return {.key = key, .label = label, .meaning = meaning, .unit = in, .low = 0, .high = high, .need = need};
}

bool rises(const std::vector<double>& angles) {
    return std::ranges::adjacent_find(angles, std::greater_equal<>()) == angles.end();
}

void describe_intensities(Describer& d, LuminaireType& t) {
    d.choice({.key = "planes", .meaning = "that intensities are given in (CIE 121)", .need = Need::required}, t.planes,
             kPlanes);
    d.numbers(angles("horizontals", "C, B or A as the file has them, rising; the rest by symmetry"), t.horizontals);
    d.numbers(angles("verticals", "gamma, beta or alpha, rising; beyond them no light"), t.verticals);
    d.numbers({.key = "candela",
               .meaning = "of the whole luminaire, undimmed; verticals within horizontals",
               .unit = "cd",
               .low = 0,
               .high = 1e8,
               .need = Need::required,
               .most = 400000},
              t.candela);
    d.rule("horizontals", rises(t.horizontals), "do not rise", "Give them in rising order");
    d.rule("verticals", rises(t.verticals), "do not rise", "Give them in rising order");
    d.rule(
        "candela", t.candela.size() == t.horizontals.size() * t.verticals.size(),
        fmt::format("{} values for {} times {} directions", t.candela.size(), t.horizontals.size(), t.verticals.size()),
        "Give one a direction");
}

void describe_light(Describer& d, LuminaireType& t) {
    d.number(amount("kelvin", "Colour temperature", 25000, "K", "correlated; 0: not known"), t.kelvin);
    d.number(amount("ra", "Colour rendering", 100, "", "general index Ra (CIE 13); 0: not known"), t.ra);
    d.numbers({.key = "spectrum",
               .meaning = "relative, at 380 nm and every 5 nm to 780; none: by its colour temperature",
               .low = 0,
               .high = 1e12,
               .bears = bears::colours,
               .most = 81},
              t.spectrum);
    d.rule("spectrum", t.spectrum.empty() || t.spectrum.size() == 81,
           fmt::format("{} values are no spectrum", t.spectrum.size()), "Give 81 values, 380 to 780 nm, or none");
    Field tilts{.key = "tilts", .meaning = "degrees from straight down, rising", .low = 0, .high = 180};
    tilts.most = 200;
    d.numbers(tilts, t.tilts);
    Field lights{.key = "tilt_light", .meaning = "share of its light when tilted so far", .low = 0, .high = 10};
    lights.most = 200;
    d.numbers(lights, t.tilt_light);
    d.rule("tilt_light", t.tilts.size() == t.tilt_light.size() && rises(t.tilts), "is not one a tilt, tilts rising",
           "Give one share a tilt");
}

}  // namespace

void describe(Describer& d, LuminaireType& t) {
    describe_id(d, t.id);
    describe_name(d, t.name);
    describe_intensities(d, t);
    d.choice({.key = "opening", .label = "Shines", .meaning = "form of what shines"}, t.opening, kOpenings);
    d.number(amount("size_x", "Along C0", 100, unit::metre, "of what shines; 0: a point"), t.size_x);
    d.number(amount("size_y", "Along C90", 100, unit::metre, "of what shines"), t.size_y);
    d.number(amount("depth", "Depth", 100, unit::metre, "of what shines; its sides shine, too"), t.depth);
    d.number(amount("power", "Power", 100000, "W", "with its gear", Need::required), t.power);
    d.number(amount("stand_by", "Stand-by", 1000, "W", "while it gives no light"), t.stand_by);
    d.number(amount("lamp_lumens", "Lamps", 1e8, "lm", "of its lamps; 0: photometry is absolute"), t.lamp_lumens);
    d.number({.key = "maintenance",
              .label = "Maintenance",
              .meaning = "what is left of its light when it is maintained (EN 12464-1)",
              .unit = unit::share,
              .low = 0.01,
              .high = 1},
             t.maintenance);
    describe_light(d, t);
    d.text({.key = "colour", .label = "Colour", .meaning = "#rrggbb, of drawings only", .bears = bears::nothing},
           t.colour);
    d.text({.key = "source", .label = "Source", .meaning = "where the figures come from", .bears = bears::nothing},
           t.source);
    d.rest(t.extra);
}

void describe(Describer& d, Luminaire& l) {
    describe_id(d, l.id);
    describe_name(d, l.name);
    d.luminaire_type({.key = "type", .meaning = "id of a kind of luminaire", .need = Need::required}, l.type);
    d.text({.key = "storey", .meaning = "whose floor its height counts from; missing: outdoors, from the site's zero"},
           l.storey);
    d.point({.key = "at", .meaning = "the middle of what shines", .unit = unit::metre, .need = Need::required}, l.at);
    d.number(in_metres("height", "Height", -1000, 1000, "of what shines, above the floor"), l.height);
    const auto angle = [](const char* key, const char* label, double most, const char* meaning) {
        return Field{.key = key, .label = label, .meaning = meaning, .unit = unit::degree, .low = -most, .high = most};
    };
    d.number(angle("turn", "Turn", 360, "counter-clockwise: where C0 looks"), l.turn);
    d.number(angle("tilt", "Tilt", 180, "that straight down is raised towards C0; 90 looks level"), l.tilt);
    d.text({.key = "circuit", .meaning = "id of electric light; missing: none, always on"}, l.circuit);
    d.rest(l.extra);
}

void describe(Describer& d, LightScene& s) {
    describe_id(d, s.id);
    describe_name(d, s.name);
    d.list<SceneLevel>(
        {.key = "levels", .meaning = "of circuits; those that are missing are off", .most = 1000}, "scene_level",
        s.levels, [](Describer& in, SceneLevel& level) {
            in.text({.key = "circuit", .need = Need::required}, level.circuit);
            in.number(
                {.key = "level", .label = "Level", .meaning = "of its light", .unit = unit::share, .low = 0, .high = 1},
                level.level);
        });
    d.flag({.key = "dims",
            .label = "Dims",
            .meaning = "circuits go below their level as far as their control has them do by daylight"},
           s.dims);
    d.choice({.key = "when", .label = "Holds"}, s.when, kWhen);
    d.only(when("when", s.when, kWhen, {Holds::clock}), [&] {
        d.number(
            {.key = "from", .label = "From", .meaning = "hour of the clock", .unit = unit::hour, .low = 0, .high = 24},
            s.from);
        d.number(
            {.key = "to", .label = "To", .meaning = "may run over midnight", .unit = unit::hour, .low = 0, .high = 24},
            s.to);
    });
    d.only(when("when", s.when, kWhen, {Holds::outdoor_lux}), [&] {
        d.number({.key = "below",
                  .label = "Below",
                  .meaning = "on the open ground",
                  .unit = unit::lux,
                  .low = 0,
                  .high = 200000},
                 s.below);
    });
    d.rest(s.extra);
}

}  // namespace wp::describe
