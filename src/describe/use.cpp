// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

using Blinds = BlindControl::Kind;
constexpr Word kBlinds[] = {{"open", Blinds::open},
                            {"closed", Blinds::closed},
                            {"schedule", Blinds::schedule},
                            {"direct_sun", Blinds::direct_sun},
                            {"plane_lux", Blinds::plane_lux},
                            {"window_lux", Blinds::window_lux},
                            {"window_irradiance", Blinds::window_irradiance}};
using Control = Lighting::Control;
constexpr Word kLighting[] = {{"manual", Control::manual},
                              {"switched", Control::switched},
                              {"stepped", Control::stepped},
                              {"dimmed", Control::dimmed}};
constexpr const char* kDays[] = {"monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"};
constexpr unsigned kClock = bears::blinds | bears::use;  // both go by the clock

Field of_blinds(const char* key, const char* label, double low, double high, const char* meaning = "",
                const char* in = unit::none) {
    return {.key = key, .label = label, .meaning = meaning, .unit = in, .low = low, .high = high};
}
Field hour(const char* key, const char* label, Need need = Need::required) {
    return {.key = key,
            .label = label,
            .meaning = "hour of the clock",
            .unit = unit::hour,
            .low = 0,
            .high = 24,
            .need = need};
}
Field of_light(const char* key, const char* label, double low, double high, const char* in, const char* meaning = "",
               Need need = Need::optional) {
    return {.key = key, .label = label, .meaning = meaning, .unit = in, .low = low, .high = high, .need = need};
}

void describe_schedule(Describer& d, BlindControl& c) {
    d.number(of_blinds("from", "From", 0, 24, "hour of the clock", unit::hour), c.from);
    d.number(of_blinds("to", "To", 0, 24, "hour of the clock", unit::hour), c.to);
    d.whole(of_blinds("month_from", "Months from", 1, 12, "both included; may run over the new year"), c.month_from);
    d.whole(of_blinds("month_to", "to", 1, 12), c.month_to);
}

void describe_holiday(Describer& d, Holiday& h) {
    describe_name(d, h.name);
    d.object({.key = "first", .need = Need::required}, "day", [&](Describer& in) { describe_day(in, h.first); });
    d.object({.key = "last", .meaning = "included; may run over the new year", .need = Need::required}, "day",
             [&](Describer& in) { describe_day(in, h.last); });
}

}  // namespace

void describe_day(Describer& d, climate::Moment& m) {
    d.whole({.key = "month", .low = 1, .high = 12, .need = Need::required}, m.month);
    d.whole({.key = "day", .low = 1, .high = 31, .need = Need::required}, m.day);
    d.rule("day", m.month < 1 || m.month > 12 || m.day <= climate::days_in(m.month),
           fmt::format("month {} has no day {}", m.month, m.day), "Give a day of that month");
}

void describe(Describer& d, climate::Moment& m) {
    describe_day(d, m);
    d.number({.key = "hour",
              .meaning = "of standard time",
              .unit = unit::hour,
              .low = 0,
              .high = 24,
              .need = Need::required},
             m.hour);
}

void describe(Describer& d, BlindControl& c) {
    d.choice({.key = "kind", .label = "Closed", .need = Need::required}, c.kind, kBlinds);
    d.only(when("kind", c.kind, kBlinds, {Blinds::plane_lux, Blinds::window_lux, Blinds::window_irradiance}),
           [&] { d.number(of_blinds("limit", "Limit", 0, 200000, "lx or W/m²"), c.limit); });
    d.only(when("kind", c.kind, kBlinds, {Blinds::schedule}), [&] { describe_schedule(d, c); });
    d.materials({.key = "states",
                 .meaning = "fabrics and venetian blinds, from the most open to the most closed; none: each window's "
                            "own blind",
                 .most = 8},
                c.states);
    d.flag({.key = "tracks_sun", .label = "Slats", .meaning = "tilted just as far as keeps the direct sun out"},
           c.tracks_sun);
}

void describe(Describer& d, WindowGroup& g) {
    describe_id(d, g.id);
    describe_name(d, g.name);
    d.texts({.key = "openings", .meaning = "ids of windows and rooflights", .need = Need::required}, g.openings);
    d.object({.key = "control", .need = Need::required}, "blind_control",
             [&](Describer& in) { describe(in, g.control); });
    d.rest(g.extra);
}

void describe(Describer& d, Lighting& l) {
    describe_id(d, l.id);
    describe_name(d, l.name);
    d.text({.key = "plane", .meaning = "whose points it lights", .need = Need::required}, l.plane);
    d.polygon({.key = "area", .meaning = "only within; missing: all of the plane", .unit = unit::metre}, l.area);
    d.optional_point({.key = "sensor",
                      .meaning = "in plan: what the photosensor knows is the nearest point; missing: a point that a "
                                 "tenth of the area is darker than",
                      .unit = unit::metre},
                     l.sensor, l.sensor_placed);
    d.number(of_light("power", "Power", 0, 1000, "W/m²", "installed", Need::required), l.power);
    d.number(of_light("target", "Target", 1, 100000, unit::lux, "", Need::required), l.target);
    d.choice({.key = "control", .label = "Control", .need = Need::required}, l.control, kLighting);
    d.only(when("control", l.control, kLighting, {Control::stepped}),
           [&] { d.whole(of_light("steps", "Steps", 1, 20, unit::none, "above nought"), l.steps); });
    d.only(when("control", l.control, kLighting, {Control::dimmed}), [&] {
        d.number(of_light("least_power", "Least power", 0, 1, unit::share, "at the lowest light"), l.least_power);
        d.number(of_light("least_light", "Least light", 0, 1, unit::share), l.least_light);
        Field curve = of_light("dimming", "", 0, 1.5, unit::share,
                               "of the power at no light and on in equal steps to all of it; missing: straight from "
                               "the least to all");
        curve.most = 101;
        d.numbers(curve, l.dimming);
        d.rule("dimming", l.dimming.size() != 1, "one value is no curve", "Give two at least, or none");
    });
    d.number(of_light("stand_by", "Stand-by", 0, 100, "W/m²", "in all hours in which the light is not on"), l.stand_by);
    d.rest(l.extra);
}

void describe(Describer& d, Occupancy& o) {
    describe_id(d, o.id);
    describe_name(d, o.name);
    for (size_t i = 0; i < o.week.size(); ++i) {
        DayHours& day = o.week[i];
        bool present = day.to > day.from;
        d.object({.key = kDays[i], .meaning = "missing: a day off"}, "day_hours", present, [&](Describer& in) {
            in.number(hour("from", "From"), day.from);
            in.number(hour("to", "To"), day.to);
        });
        if (d.is_reading() && !present) day = {0, 0};
    }
    d.flag({.key = "on_holidays", .meaning = "holidays are days like others"}, o.on_holidays);
    d.rest(o.extra);
}

void describe(Describer& d, EnergyFactors& e) {
    d.number({.key = "price", .label = "Price of a kWh", .low = 0, .high = 1000}, e.price);
    d.text({.key = "currency", .label = "Currency", .meaning = "as ISO 4217"}, e.currency);
    d.number({.key = "co2", .label = "CO2 of a kWh", .meaning = "equivalent", .unit = "kg", .low = 0, .high = 10},
             e.co2);
}

void describe(Describer& d, YearCalendar& c) {
    d.whole({.key = "first_weekday", .meaning = "of 1 January: 0 Monday to 6 Sunday", .low = 0, .high = 6},
            c.first_weekday);
    d.list<Holiday>({.key = "holidays"}, "holiday", c.holidays, describe_holiday);
    d.flag({.key = "summer_time",
            .meaning = "the clock is an hour ahead between these moments of standard time",
            .bears = kClock},
           c.summer_time);
    d.only({c.summer_time, "summer_time", {"true"}}, [&] {
        bool given = true;
        d.object({.key = "summer_from", .bears = kClock}, "moment", given,
                 [&](Describer& in) { describe(in, c.summer_from); });
        given = true;
        d.object({.key = "summer_to", .bears = kClock}, "moment", given,
                 [&](Describer& in) { describe(in, c.summer_to); });
    });
}

}  // namespace wp::describe
