// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

using Hours = Criterion::Hours;
constexpr Word kHours[] = {{"clock", Hours::clock, "Of the clock"},
                           {"daylight", Hours::daylight, "The 4380 daylight hours"},
                           {"use", Hours::use, "The room's own"}};
using Blinds = Criterion::Blinds;
constexpr Word kBlinds[] = {{"open", Blinds::open, "Open"},
                            {"lm83", Blinds::lm83, "By IES LM-83"},
                            {"groups", Blinds::groups, "As their groups are worked"}};
using Judges = Criterion::Judges;
constexpr Word kJudges[] = {{"rooms", Judges::rooms, "Each room"},
                            {"floor_area", Judges::floor_area, "All rooms by floor area"},
                            {"places", Judges::places, "Each window or place"},
                            {"best_place", Judges::best_place, "Each room by its best window"},
                            {"option", Judges::option, "One room is enough"},
                            {"open_ground", Judges::open_ground, "Each open ground"}};
using LitBy = Criterion::LitBy;
constexpr Word kLitBy[] = {{"any", LitBy::any, "Any openings"},
                           {"walls", LitBy::walls, "Upright or inclined openings"},
                           {"roof", LitBy::roof, "Horizontal openings alone"}};
using Otherwise = Criterion::Otherwise;
constexpr Word kOtherwise[] = {{"fails", Otherwise::fails, "Not met"}, {"note", Otherwise::note, "Needs a note"}};
using Spacing = RulePlane::Spacing;
constexpr Word kSpacings[] = {{"fixed", Spacing::fixed, "At most"},
                              {"by_size", Spacing::by_size, "By the room's size"}};

Field amount(const char* key, const char* label, double high, const char* in, const char* meaning = "") {
    return {.key = key, .label = label, .meaning = meaning, .unit = in, .low = 0, .high = high};
}
Field words(const char* key, const char* label, const char* meaning = "", Need need = Need::optional) {
    return {.key = key, .label = label, .meaning = meaning, .need = need};
}

void describe_threshold(Describer& d, Threshold& t) {
    d.number({.key = "value",
              .label = "Needed",
              .meaning = "in the measure's own terms; shares from 0 to 1",
              .low = 0,
              .high = 1e6,
              .need = Need::required},
             t.value);
    d.text(words("level", "Level", "what reaching it earns", Need::required), t.level);
    d.number(amount("points", "Points", 100, unit::none), t.points);
}

void describe_plane(Describer& d, RulePlane& p) {
    d.number(in_metres("height", "Height", 0, 10, "above the floor"), p.height);
    d.number(in_metres("margin_least", "Margin from", 0, 10, "from the walls, at least", Need::optional),
             p.margin_least);
    d.number(in_metres("margin_most", "Margin to", 0, 10, "at most", Need::optional), p.margin_most);
    d.rule("margin_most", p.margin_most >= p.margin_least, "is less than the least", "Give a greater one");
    d.choice(
        {.key = "by",
         .label = "Spacing",
         .meaning = "by_size: 0.5 · 5^log10(d) of the room's longer side d, at most 10 m (EN 17037:2018, annex B)"},
        p.by, kSpacings);
    d.only(when("by", p.by, kSpacings, {Spacing::fixed}),
           [&] { d.number(in_metres("spacing", "Points apart", 0.05, 10, "at most", Need::optional), p.spacing); });
}

void describe_measure(Describer& d, Criterion& c) {
    d.text(words("measure", "Measure", "see the list of measures", Need::required), c.measure);
    d.text(words("figure", "Figure", "of measures that take one: see the list of figures"), c.figure);
    d.text(words("asks", "Asked",
                 "how its analysis must have been asked: see the list; missing: on the reference "
                 "planes, nothing left out"),
           c.asks);
    d.number(amount("lux", "Illuminance", 1e6, unit::lux, "target"), c.lux);
    d.number(amount("most_lux", "At most", 1e6, unit::lux, "upper end of a range"), c.most_lux);
    d.number(amount("time_share", "Share of the hours", 1, unit::share), c.time_share);
    d.number(amount("hours_limit", "More hours than", 8760, unit::hour), c.hours_limit);
    d.number(amount("area_share", "Share of the plane", 1, unit::share), c.area_share);
    d.number(amount("value", "At least", 1e6, unit::none, "in the figure's unit"), c.value);
}

void describe_hours(Describer& d, Criterion& c) {
    d.choice(
        {.key = "hours", .label = "Hours", .meaning = "of the clock every day, the 4380 h of EN 17037, or the room's"},
        c.hours, kHours);
    d.only(when("hours", c.hours, kHours, {Hours::clock}), [&] {
        d.number(amount("from", "From", 24, unit::hour), c.from);
        d.number(amount("to", "To", 24, unit::hour), c.to);
        d.rule("to", c.to > c.from, "the hours end before they begin",
               "Give hours of one day, the first before the last");
    });
    d.choice({.key = "blinds", .label = "Blinds"}, c.blinds, kBlinds);
}

void describe_where(Describer& d, Criterion& c) {
    d.choice({.key = "judges", .label = "Judged", .meaning = "what has a verdict of its own"}, c.judges, kJudges);
    d.flag({.key = "regularly_occupied", .label = "Only regularly occupied rooms"}, c.regularly_occupied);
    d.texts({.key = "uses", .label = "Only rooms for", .meaning = "words of a room's use; none: any"}, c.uses);
    d.choice({.key = "lit_by", .label = "Lit through"}, c.lit_by, kLitBy);
    d.flag({.key = "sunward",
            .label = "Only towards the sun",
            .meaning = "windows that face within 90 degrees of the noon sun"},
           c.sunward);
    d.object({.key = "plane", .meaning = "that it is judged on; missing: as drawn"}, "rule_plane", c.has_plane,
             [&](Describer& in) { describe_plane(in, c.plane); });
}

void describe_need(Describer& d, Criterion& c) {
    d.flag({.key = "at_least", .label = "At least", .meaning = "else: at most", .need = Need::required}, c.at_least);
    d.list<Threshold>({.key = "thresholds",
                       .label = "Levels",
                       .meaning = "from the easiest to the hardest",
                       .need = Need::required,
                       .least = 1,
                       .most = 20},
                      "threshold", c.thresholds, describe_threshold);
    d.number({.key = "former_share",
              .label = "Or, of the former",
              .meaning = "also met at that share of what the former option has",
              .unit = unit::share,
              .low = 0,
              .high = 10,
              .unless_zero = true},
             c.former_share);
    d.number({.key = "loss_most",
              .label = "Or a loss of",
              .meaning = "also met where it lost at most that against the former option; negative: not",
              .low = -1,
              .high = 1e6},
             c.loss_most);
    d.choice({.key = "otherwise", .label = "Otherwise", .meaning = "what follows where it is not met"}, c.otherwise,
             kOtherwise);
    d.flag({.key = "optional", .label = "A level above", .meaning = "need not be met"}, c.optional);
    d.text(words("part", "Part", "criteria of a part are concluded together: a room has the lowest of their levels"),
           c.part);
    d.text(words("either", "One of", "criteria of that name, or parts of them, of which a room needs one"), c.either);
}

}  // namespace

void describe(Describer& d, Criterion& c) {
    describe_id(d, c.id);
    describe_name(d, c.name);
    d.text(words("meaning", "Meaning", "", Need::required), c.meaning);
    d.text(words("source", "Source", "standard, edition, clause", Need::required), c.source);
    d.text(words("doubt", "Doubt", "what nobody has checked against the edition"), c.doubt);
    describe_measure(d, c);
    describe_hours(d, c);
    describe_where(d, c);
    describe_need(d, c);
}

void describe(Describer& d, CriteriaSet& s) {
    describe_id(d, s.id);
    describe_name(d, s.name);
    d.text(words("source", "Source", "standard, edition, clause", Need::required), s.source);
    d.text(words("doubt", "Doubt", "what nobody has checked against the edition, of all of it"), s.doubt);
    d.number({.key = "floor_share",
              .label = "Share of the floor area",
              .meaning = "of the judged rooms together, in which what is required must be met; 0: in every room",
              .unit = unit::share,
              .low = 0,
              .high = 1,
              .unless_zero = true},
             s.floor_share);
    d.list({.key = "criteria", .need = Need::required, .least = 1, .most = 200}, "criterion", s.criteria);
    d.rest(s.extra);
}

void describe(Describer& d, SetCheck& c) {
    d.text(words("set", "", "id of a criteria set", Need::required), c.set);
    d.text(words("by", "Checked by", "", Need::required), c.by);
    d.text(words("day", "On", "YYYY-MM-DD", Need::required), c.day);
    d.text(words("edition", "Edition", "", Need::required), c.edition);
}

}  // namespace wp::describe
