// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/year_reading.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "describe/field.h"
#include "gui/document/asked_prints.h"
#include "question/ask.h"
#include "question/year_counted.h"
#include "question/year_over_time.h"
#include "report/pictures.h"

namespace wp::gui {
using question::Operation;
using question::YearAnswer;

namespace {

constexpr size_t kListed = 24;  // best and worst hours

std::optional<size_t> plane_of_room(const YearAnswer& year, const model::Id& room) {
    std::optional<size_t> upright;
    for (size_t p = 0; p < year.planes.size(); ++p) {
        if (year.planes[p].plane.room != room || year.planes[p].plane.points.empty()) continue;
        if (year.planes[p].plane.lies()) return p;
        upright = p;
    }
    return upright;
}

std::optional<size_t> plane_named(const YearAnswer& year, const model::Id& id) {
    for (size_t p = 0; p < year.planes.size(); ++p)
        if (year.planes[p].plane.plane == id) return p;
    return {};
}

void add_map(YearReading& out) {
    const YearAnswer& year = *out.counted;
    for (size_t p = 0; p < year.planes.size(); ++p) {
        report::MapLayer layer{year.planes[p].plane, {}, year.planes[p].relative_half_width, false};
        std::vector<double> half;
        if (out.wish.hour_on_map) {
            auto hour = year.hour(p, out.wish.hour, out.wish.operation);
            layer.value = std::move(hour.lux);
            half = std::move(hour.half_width);
        } else {
            auto values =
                figure::point_values(year, p, *out.wish.figure, out.use.limits,
                                     question::in_months(out.use.hours[p], out.wish.months), out.wish.operation);
            for (size_t i = 0; i < values.value.size(); ++i) half.push_back((values.high[i] - values.low[i]) / 2);
            layer.value = std::move(values.value);
        }
        out.layers.push_back(std::move(layer));
        out.half_width.push_back(std::move(half));
    }
}

void add_place(YearReading& out, const model::Option& option) {
    const YearAnswer& year = *out.counted;
    auto plane = plane_named(year, out.wish.plane);
    int point = plane ? out.wish.point : -1;
    if (!plane) plane = plane_of_room(year, out.wish.room);
    if (!plane && !year.planes.empty() && !option.planes.empty()) plane = 0;
    if (!plane || year.planes[*plane].plane.points.empty()) return;
    if (point >= static_cast<int>(year.planes[*plane].plane.points.size())) point = -1;
    YearReading::Place place{*plane, point, {}, {}, 0};
    const auto hours = question::in_months(out.use.hours[*plane], out.wish.months);
    place.lux = point < 0 ? question::year_of_plane(year, *plane, out.wish.operation)
                          : question::year_of_point(year, *plane, static_cast<size_t>(point), out.wish.operation);
    place.shares = year.shares(*plane, point, hours, out.wish.operation);
    const auto& of = year.planes[*plane];
    place.half_width = point >= 0 ? year.width_of(*plane, static_cast<size_t>(point), out.wish.operation)
                                  : year.width(*plane, out.wish.operation) /
                                        std::sqrt(static_cast<double>(std::max<size_t>(of.plane.points.size(), 1)));
    out.place = std::move(place);
}

void set_strip(YearReading& out, std::vector<float> values, QString name, QString unit, double top) {
    out.strip = std::move(values);
    out.strip_name = std::move(name);
    out.strip_unit = std::move(unit);
    out.strip_top = top;
}

std::optional<size_t> group_shown(const YearReading& out) {
    const auto& groups = out.answer->groups;
    for (size_t g = 0; g < groups.size(); ++g)
        if (!groups[g].states.empty() && groups[g].name == out.wish.group) return g;
    for (size_t g = 0; g < groups.size(); ++g)
        if (!groups[g].states.empty() && (out.wish.room.empty() || groups[g].room == out.wish.room)) return g;
    return {};
}

void add_strip(YearReading& out, const model::Project& project, const model::Option& option) {
    const YearAnswer &year = *out.answer, &counted = *out.counted;
    const YearReading::Place* const place = out.place ? &*out.place : nullptr;
    const auto name_of = [&](size_t p) {
        const auto place = model::find_room(option, year.planes[p].plane.room);
        return QString::fromStdString(place ? place.room->name : year.planes[p].plane.plane);
    };
    switch (out.wish.strip) {
        case StripOf::outdoor:
            return;
        case StripOf::room:
            if (place)
                set_strip(out, question::year_of_plane(counted, place->plane, out.wish.operation),
                          QObject::tr("Mean illuminance, %1").arg(name_of(place->plane)), QStringLiteral("lx"), 3000);
            return;
        case StripOf::share:
            if (place) {
                auto share = question::share_above(counted, place->plane, out.use.limits.target, out.wish.operation);
                for (float& v : share) v *= 100;
                set_strip(out, std::move(share), QObject::tr("Area with the target, %1").arg(name_of(place->plane)),
                          QStringLiteral("%"), 100);
            }
            return;
        case StripOf::point:
            if (place)
                set_strip(out, place->lux,
                          (place->point < 0 ? QObject::tr("Mean of %1") : QObject::tr("A point of %1"))
                              .arg(name_of(place->plane)),
                          "lx", 3000);
            return;
        case StripOf::blinds:
            if (const auto group = group_shown(out)) {
                const auto& states = year.states(*group, out.wish.operation);
                const auto n = static_cast<float>(year.groups[*group].states.size());
                std::vector<float> share;
                for (const uint8_t s : states) share.push_back(100 * static_cast<float>(s) / n);
                set_strip(out, std::move(share),
                          QObject::tr("Blinds closed, %1").arg(QString::fromStdString(year.groups[*group].name)),
                          QStringLiteral("%"), 100);
            }
            return;
        case StripOf::power: {
            std::vector<float> sum(climate::kHours, 0.0f);
            double installed = 0;
            for (const auto& l : question::electric_years(project, year, option, out.use)) {
                if (!out.wish.room.empty() && year.planes[l.plane].plane.room != out.wish.room) continue;
                for (size_t h = 0; h < sum.size(); ++h) sum[h] += l.watts[h];
                installed += static_cast<double>(*std::max_element(l.watts.begin(), l.watts.end()));
            }
            set_strip(out, std::move(sum), QObject::tr("Electric light"), QStringLiteral("W"),
                      std::max(1.0, installed));
            return;
        }
    }
}

// Hours of the room, from the worst to the best: by the share of it that has the target, then by its light.
void add_hours(const YearReading& reading, YearTables& out) {
    if (!reading.place) return;
    const YearAnswer& year = *reading.counted;
    const size_t plane = reading.place->plane;
    const auto share = question::share_above(year, plane, reading.use.limits.target, reading.wish.operation);
    const auto mean = question::year_of_plane(year, plane, reading.wish.operation);
    const auto hours = question::in_months(reading.use.hours[plane], reading.wish.months);
    std::vector<int> all;
    for (int h = 0; h < climate::kHours; ++h)
        if (hours[static_cast<size_t>(h)]) {
            ++out.counted;
            out.failing += share[static_cast<size_t>(h)] < 0.5f;
            // That it is dark at night is no news, but where lamps should shine.
            if (year.counted() != question::LightCounted::daylight || year.outdoor[static_cast<size_t>(h)].daylit())
                all.push_back(h);
        }
    std::stable_sort(all.begin(), all.end(), [&](int a, int b) {
        const auto key = [&](int h) { return std::pair{share[static_cast<size_t>(h)], mean[static_cast<size_t>(h)]}; };
        return key(a) < key(b);
    });
    for (size_t i = 0; i < std::min(kListed, all.size()); ++i) {
        out.worst.push_back({all[i], static_cast<double>(share[static_cast<size_t>(all[i])])});
        const int b = all[all.size() - 1 - i];
        out.best.push_back({b, static_cast<double>(share[static_cast<size_t>(b)])});
    }
    const auto unmet = question::in_months(year.unmet(plane, reading.wish.operation), reading.wish.months);
    for (int h = 0; h < climate::kHours; ++h)
        if (unmet[static_cast<size_t>(h)]) out.unmet.push_back({h, static_cast<double>(share[static_cast<size_t>(h)])});
}

void add_months(YearReading& out) {
    for (size_t m = 0; m < 12; ++m) {
        std::array<bool, 12> one{};
        one[m] = true;
        std::vector<report::MapLayer> layers;
        for (size_t p = 0; p < out.answer->planes.size(); ++p)
            layers.push_back({out.answer->planes[p].plane,
                              figure::point_values(*out.answer, p, *out.wish.figure, out.use.limits,
                                                   question::in_months(out.use.hours[p], one), out.wish.operation)
                                  .value,
                              out.answer->planes[p].relative_half_width, false});
        out.by_month.push_back(std::move(layers));
    }
}

void add_groups(const YearReading& reading, YearTables& out) {
    const YearAnswer& year = *reading.answer;
    const auto daylit =
        std::max<double>(1, static_cast<double>(std::count_if(year.outdoor.begin(), year.outdoor.end(),
                                                              [](const auto& h) { return h.daylit(); })));
    for (size_t g = 0; g < year.groups.size(); ++g) {
        if (year.groups[g].states.empty()) continue;
        YearTables::GroupShare share{g, std::vector<double>(year.groups[g].states.size() + 1, 0.0)};
        const auto& states = year.states(g, reading.wish.operation);
        for (size_t h = 0; h < states.size(); ++h)
            if (year.outdoor[h].daylit()) share.of_state[states[h]] += 1 / daylit;
        out.groups.push_back(std::move(share));
    }
}

}  // namespace

bool same_building(const model::Project& a, const model::Project& b, const model::Id& id) {
    namespace bears = describe::bears;
    return are_alike(a, b, id, bears::light | bears::planes | bears::blinds);
}

YearReading read_year(std::shared_ptr<const YearAnswer> answer, const model::Project& project,
                      const model::Option& option, const YearWish& wish) {
    YearReading out;
    out.answer = std::move(answer);
    out.wish = wish;
    std::vector<geometry::PlanePoints> planes;
    for (const auto& p : out.answer->planes) planes.push_back(p.plane);
    out.use = question::year_use(project, option, model::question_of(project, model::Question::Kind::year), planes);
    out.use.operation = wish.operation;
    out.use.counted = wish.counted;
    out.counted = wish.counted == question::LightCounted::daylight
                      ? out.answer
                      : std::make_shared<const YearAnswer>(counted_year(project, *out.answer, option, out.use));
    add_map(out);
    add_place(out, option);
    add_strip(out, project, option);
    if (wish.by_month && !wish.hour_on_map) add_months(out);
    return out;
}

YearTables read_tables(const YearReading& reading, const model::Project& project, const model::Option& option) {
    YearTables out;
    out.lighting = question::electric_years(project, *reading.answer, option, reading.use);
    add_hours(reading, out);
    add_groups(reading, out);
    for (size_t p = 0; p < reading.answer->planes.size(); ++p)
        out.rooms.push_back(figure::room_figures(*reading.counted, p, reading.use.limits,
                                                 question::in_months(reading.use.hours[p], reading.wish.months),
                                                 reading.wish.operation));
    return out;
}

}  // namespace wp::gui
