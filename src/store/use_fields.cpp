// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/use_fields.h"

#include <fmt/core.h>

namespace wp::store {
using namespace model;

void visit_day(Fields& f, climate::Moment& m) {
    f.whole("month", m.month, 1, 12);
    f.whole("day", m.day, 1, 31);
    if (f.reading() && m.month >= 1 && m.month <= 12 && m.day > climate::days_in(m.month))
        f.fail("/day", fmt::format("month {} has no day {}", m.month, m.day), "Give a day of that month");
}

void visit(Fields& f, climate::Moment& m) {
    visit_day(f, m);
    f.number("hour", m.hour, 0, 24);
}

namespace {

void visit(Fields& f, BlindControl& c) {
    using Kind = BlindControl::Kind;
    f.choice("kind", c.kind,
             {{"open", Kind::open},
              {"closed", Kind::closed},
              {"schedule", Kind::schedule},
              {"direct_sun", Kind::direct_sun},
              {"plane_lux", Kind::plane_lux},
              {"window_lux", Kind::window_lux},
              {"window_irradiance", Kind::window_irradiance}});
    if (c.kind == Kind::plane_lux || c.kind == Kind::window_lux || c.kind == Kind::window_irradiance)
        f.number("limit", c.limit, 0, 200000, Fields::optional);
    if (c.kind == Kind::schedule) {
        f.number("from", c.from, 0, 24, Fields::optional);
        f.number("to", c.to, 0, 24, Fields::optional);
        f.whole("month_from", c.month_from, 1, 12, Fields::optional);
        f.whole("month_to", c.month_to, 1, 12, Fields::optional);
    }
    f.texts("states", c.states, Fields::optional);
    if (f.reading() && c.states.size() > 8)
        f.fail("/states", "there are more than 8 states", "Leave some out: each is traced for itself");
    f.flag("tracks_sun", c.tracks_sun, Fields::optional);
}

void visit(Fields& f, WindowGroup& g) {
    f.text("id", g.id);
    f.text("name", g.name);
    f.texts("openings", g.openings);
    f.object("control", [&](Fields& h) { visit(h, g.control); });
    f.rest(g.extra);
}

void visit(Fields& f, Lighting& l) {
    using Control = Lighting::Control;
    f.text("id", l.id);
    f.text("name", l.name);
    f.text("plane", l.plane);
    f.list(
        "area", l.area, [](Fields& g, Vec2& v) { g.pair(v.x, v.y); }, Fields::optional);
    if (f.reading() ? f.has("sensor") : l.sensor_placed) {
        f.point("sensor", l.sensor);
        l.sensor_placed = true;
    }
    f.number("power", l.power, 0, 1000);
    f.number("target", l.target, 1, 100000);
    f.choice("control", l.control,
             {{"manual", Control::manual},
              {"switched", Control::switched},
              {"stepped", Control::stepped},
              {"dimmed", Control::dimmed}});
    if (l.control == Control::stepped) f.whole("steps", l.steps, 1, 20, Fields::optional);
    if (l.control == Control::dimmed) {
        f.number("least_power", l.least_power, 0, 1, Fields::optional);
        f.number("least_light", l.least_light, 0, 1, Fields::optional);
    }
    f.number("stand_by", l.stand_by, 0, 100, Fields::optional);
    f.rest(l.extra);
}

void visit(Fields& f, Occupancy& o) {
    static constexpr const char* days[] = {"monday", "tuesday",  "wednesday", "thursday",
                                           "friday", "saturday", "sunday"};
    f.text("id", o.id);
    f.text("name", o.name);
    for (size_t d = 0; d < o.week.size(); ++d) {
        // A day that is not named is a day off.
        DayHours& day = o.week[d];
        if (f.reading()) day = {0, 0};
        if (!f.reading() && day.to <= day.from) continue;
        f.object(
            days[d],
            [&](Fields& g) {
                g.number("from", day.from, 0, 24);
                g.number("to", day.to, 0, 24);
            },
            Fields::optional);
    }
    f.flag("on_holidays", o.on_holidays, Fields::optional);
    f.rest(o.extra);
}

void visit(Fields& f, YearCalendar& c) {
    f.whole("first_weekday", c.first_weekday, 0, 6, Fields::optional);
    f.list(
        "holidays", c.holidays,
        [](Fields& g, Holiday& h) {
            g.text("name", h.name);
            g.object("first", [&](Fields& i) { visit_day(i, h.first); });
            g.object("last", [&](Fields& i) { visit_day(i, h.last); });
        },
        Fields::optional);
    f.flag("summer_time", c.summer_time, Fields::optional);
    if (!c.summer_time) return;
    f.object(
        "summer_from", [&](Fields& g) { store::visit(g, c.summer_from); }, Fields::optional);
    f.object(
        "summer_to", [&](Fields& g) { store::visit(g, c.summer_to); }, Fields::optional);
}

}  // namespace

void visit_use(Fields& f, Option& o) {
    f.list(
        "groups", o.groups, [](Fields& g, WindowGroup& w) { visit(g, w); }, Fields::optional);
    if (f.reading() ? f.has("control") : o.control != BlindControl{})
        f.object("control", [&](Fields& g) { visit(g, o.control); });
    f.list(
        "lighting", o.lighting, [](Fields& g, Lighting& l) { visit(g, l); }, Fields::optional);
}

void visit_use(Fields& f, Project& p) {
    f.list(
        "occupancies", p.occupancies, [](Fields& g, Occupancy& o) { visit(g, o); }, Fields::optional);
    if (f.reading() ? f.has("calendar") : p.calendar != YearCalendar{})
        f.object("calendar", [&](Fields& g) { visit(g, p.calendar); });
}

}  // namespace wp::store
