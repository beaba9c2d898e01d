// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <limits>

#include "analysis/analysis.h"
#include "describe/field.h"
#include "light/replicates.h"
#include "model/project.h"
#include "model/use.h"
#include "question/ask.h"
#include "question/ask_glare_year.h"
#include "question/clear_arc.h"
#include "question/spectral_year.h"

namespace wp::analysis {

using model::BodyClockChoice;
using model::Question;
using namespace question;

namespace {

/// Light at an eye changes with the cosine: between these straight lines do.
constexpr int kHeadings = 16;
constexpr double kStep = 360.0 / kHeadings;
constexpr double kNone = std::numeric_limits<double>::quiet_NaN();
/// Of the time that an answer takes: how blinds are worked, then light by wavelength.
constexpr double kBlinds = 0.2;

constexpr size_t kDaysOfYear = 365;

// What is gathered of one eye in the hours of use; low and high: at the ends of every hour's band.
struct Gathered {
    double melanopic = 0, melanopic_width = 0, lux = 0, lux_width = 0;
    double hours = 0, hours_low = 0, hours_high = 0;                 // with enough light
    std::array<float, kDaysOfYear> held{}, held_low{}, held_high{};  // of each day, by the clock: lx held for the run
};

// A value with the ends of its band.
struct Told {
    double value = kNone, low = kNone, high = kNone;
};

// What of a day's hours.
using DayOfHours = std::array<float, 24>;

// The hours that count at a place, and which of them are of which day.
class UsedHours {
 public:
    UsedHours(const model::YearCalendar& calendar, metric::Hours hours, const BodyClockChoice& choice)
        : hours_(std::move(hours)), run_(static_cast<int>(std::ceil(choice.hours - 1e-9))), by_(choice.begins_by) {
        for (int h = 0; h < climate::kHours; ++h) {
            const int clock = h + model::clock_ahead(calendar, h);
            day_[static_cast<size_t>(h)] = static_cast<uint16_t>(clock / 24 % 365);
            of_day_[static_cast<size_t>(h)] = static_cast<uint8_t>(clock % 24);
            if (!hours_[static_cast<size_t>(h)]) continue;
            ++count_;
            used_[day_[static_cast<size_t>(h)]] = true;
        }
    }
    bool counts(size_t hour) const { return hours_[hour]; }
    size_t day(size_t hour) const { return day_[hour]; }
    size_t of_day(size_t hour) const { return of_day_[hour]; }
    /// What is held in all hours of a run that begins early enough: of the best of these.
    float held(const DayOfHours& day) const {
        float best = 0;
        for (int from = 0; from + run_ <= 24 && from <= by_; ++from)
            best = std::max(best, *std::min_element(day.begin() + from, day.begin() + from + run_));
        return best;
    }
    /// Share of the days of use on which so much is held; and what is held on a share of them.
    double days(const std::array<float, kDaysOfYear>& held, double level) const {
        const auto all = of_use(held);
        if (all.empty()) return kNone;
        return static_cast<double>(
                   std::ranges::count_if(all, [&](float v) { return static_cast<double>(v) >= level; })) /
               static_cast<double>(all.size());
    }
    double level(const std::array<float, kDaysOfYear>& held, double share) const {
        auto all = of_use(held);
        if (all.empty()) return kNone;
        const double n = static_cast<double>(all.size());
        const auto k = static_cast<std::ptrdiff_t>(std::clamp(std::ceil(share * n - 1e-9) - 1, 0.0, n - 1));
        std::nth_element(all.begin(), all.begin() + k, all.end(), std::greater<>());
        return static_cast<double>(all[static_cast<size_t>(k)]);
    }
    double count() const { return count_; }

 private:
    std::vector<float> of_use(const std::array<float, kDaysOfYear>& held) const {
        std::vector<float> out;
        for (size_t d = 0; d < held.size(); ++d)
            if (used_[d]) out.push_back(held[d]);
        return out;
    }
    metric::Hours hours_;
    int run_;
    double by_, count_ = 0;
    std::array<uint16_t, climate::kHours> day_{};
    std::array<uint8_t, climate::kHours> of_day_{};
    std::array<bool, kDaysOfYear> used_{};
};

// Eyes of all places in all directions, and those of observers as they look.
struct Eyes {
    std::vector<geometry::PlanePoints> planes;
    size_t own = 0;  // the first plane of eyes as they look
};
Eyes eyes_of(const Request& a, bool of_observers) {
    Eyes out;
    for (const auto& places : a.points)
        for (int k = 0; k < kHeadings; ++k) {
            out.planes.push_back(places);
            face(out.planes.back(), radians(kStep * k), 0, a.question.brow);
        }
    out.own = out.planes.size();
    for (const auto& places : a.points)
        if (const auto* observer = of_observers ? model::find(a.option.observers, places.plane) : nullptr) {
            out.planes.push_back(places);
            face(out.planes.back(), radians(observer->heading), radians(observer->altitude), a.question.brow);
        }
    return out;
}

// Blinds of every group by hour, as they are worked; none: all open.
std::vector<std::vector<uint8_t>> states_of(const Request& a, const YearScene& scene) {
    const Operation operation = operation_of(a.question.body_clock.blinds);
    const bool any = std::ranges::any_of(scene.groups, [](const YearGroup& g) { return !g.states.empty(); });
    std::vector<std::vector<uint8_t>> out;
    if (operation == Operation::open || !any) return out;
    // As far as they go, whatever the light: nothing need be traced for it.
    if (operation == Operation::closed) {
        for (const YearGroup& g : scene.groups)
            out.emplace_back(climate::kHours, static_cast<uint8_t>(g.states.size()));
        return out;
    }
    Effort effort = a.effort;
    effort.accuracy = std::max(effort.accuracy, kSurfaceAccuracy);
    const YearAnswer year = ask_year(
        scene, *a.weather, effort, {}, a.cancel,
        [&](double share) {
            if (a.progress) a.progress(kBlinds * share);
        },
        a.cache);
    for (size_t g = 0; g < scene.groups.size() && !a.cancel.requested(); ++g) out.push_back(year.states(g, operation));
    return out;
}

// Everything that is read of the eyes.
class Reading {
 public:
    Reading(const Request& a, const Eyes& eyes) : a_(a), eyes_(eyes) {
        for (const auto& plane : eyes.planes) {
            gathered_.emplace_back(plane.points.size());
            used_.emplace_back(a.project.calendar, occupied_hours(a.project, a.option, a.question, plane.room),
                               a.question.body_clock);
        }
        series_.resize(eyes.planes.size() - eyes.own);
        for (auto& one : series_) one.assign(2, std::vector<float>(climate::kHours, 0.0f));
    }

    void take(const SpectralDays& days) {
        if (days.plane >= eyes_.own) {
            auto& series = series_[days.plane - eyes_.own];
            for (size_t h = 0; h < days.hours.size(); ++h) {
                const auto hour = static_cast<size_t>(days.hours[h]);
                series[0][hour] = days.melanopic[days.at(h, 0)], series[1][hour] = days.lux[days.at(h, 0)];
            }
        }
        for (size_t i = 0; i < days.points; ++i) gather(days, i);
    }

    Told days(size_t plane, size_t point) const {
        const Gathered& g = gathered_[plane][point];
        const UsedHours& used = used_[plane];
        const double level = a_.question.body_clock.level;
        return {100 * used.days(g.held, level), 100 * used.days(g.held_low, level),
                100 * used.days(g.held_high, level)};
    }
    Told held(size_t plane, size_t point) const {
        const Gathered& g = gathered_[plane][point];
        const UsedHours& used = used_[plane];
        const double share = a_.question.body_clock.share;
        return {used.level(g.held, share), used.level(g.held_low, share), used.level(g.held_high, share)};
    }
    Told time(size_t plane, size_t point) const {
        const Gathered& g = gathered_[plane][point];
        const double n = used_[plane].count();
        return n > 0 ? Told{100 * g.hours / n, 100 * g.hours_low / n, 100 * g.hours_high / n} : Told{};
    }
    Told mean(size_t plane, size_t point) const {
        const Gathered& g = gathered_[plane][point];
        const double n = used_[plane].count();
        return n > 0
                   ? Told{g.melanopic / n, (g.melanopic - g.melanopic_width) / n, (g.melanopic + g.melanopic_width) / n}
                   : Told{};
    }
    Told ratio(size_t plane, size_t point) const {
        const Gathered& g = gathered_[plane][point];
        if (!(g.lux > 0) || !(g.melanopic > 0)) return {};
        const double value = g.melanopic / g.lux,
                     wide = value * std::hypot(g.melanopic_width / g.melanopic, g.lux_width / g.lux);
        return {value, value - wide, value + wide};
    }
    /// Directions in which there is enough light on so many days, degrees.
    Told enough(size_t places, size_t point) const {
        if (std::isnan(days(places * kHeadings, point).value)) return {};
        const double wanted = 100 * a_.question.body_clock.share;
        const auto arc = [&](double Told::*end) {
            Ring ring;
            ring.rises = false;
            for (size_t k = 0; k < kHeadings; ++k) ring.value.emplace_back(days(places * kHeadings + k, point).*end);
            ring.worst.resize(kHeadings);
            return clear_arc(ring, wanted).clear;
        };
        return {arc(&Told::value), arc(&Told::low), arc(&Told::high)};
    }
    const std::vector<std::vector<float>>& series(size_t own) const { return series_[own]; }

 private:
    void gather(const SpectralDays& days, size_t i) {
        const UsedHours& used = used_[days.plane];
        const auto level = static_cast<float>(a_.question.body_clock.level);
        Gathered& to = gathered_[days.plane][i];
        DayOfHours value{}, low{}, high{};
        size_t day = kDaysOfYear;
        const auto end_day = [&] {
            if (day == kDaysOfYear) return;
            to.held[day] = std::max(to.held[day], used.held(value));
            to.held_low[day] = std::max(to.held_low[day], used.held(low));
            to.held_high[day] = std::max(to.held_high[day], used.held(high));
            value = low = high = {};
        };
        for (size_t h = 0; h < days.hours.size(); ++h) {
            const auto hour = static_cast<size_t>(days.hours[h]);
            if (!used.counts(hour)) continue;
            if (used.day(hour) != day) end_day(), day = used.day(hour);
            const float now = days.melanopic[days.at(h, i)], half = days.melanopic_half_width[days.at(h, i)];
            const size_t at = used.of_day(hour);
            value[at] = now, low[at] = std::max(0.0f, now - half), high[at] = now + half;
            to.melanopic += static_cast<double>(now), to.melanopic_width += static_cast<double>(half);
            to.lux += static_cast<double>(days.lux[days.at(h, i)]);
            to.lux_width += static_cast<double>(days.lux_half_width[days.at(h, i)]);
            to.hours += now >= level, to.hours_low += low[at] >= level, to.hours_high += high[at] >= level;
        }
        end_day();
    }
    const Request& a_;
    const Eyes& eyes_;
    std::vector<std::vector<Gathered>> gathered_;  // by plane and point
    std::vector<UsedHours> used_;
    std::vector<std::vector<std::vector<float>>> series_;  // of eyes as they look: melanopic, illuminance
};

class Table {
 public:
    Table(const Request& a, const Eyes& eyes, const Reading& reading) : a_(a), eyes_(eyes), reading_(reading) {
        table_.planes = a.points;
        const BodyClockChoice& c = a.question.body_clock;
        const std::string level = fmt::format("{:g} lx", c.level),
                          run = fmt::format("{:g} h begun by {:g} h", c.hours, c.begins_by),
                          share = fmt::format("{:g} %", 100 * c.share), enough = ": " + level + " for " + run;
        add("enough_degrees",
            "Directions with enough melanopic light" + enough + " on " + share + " of the days of use", "\u00b0",
            [&](size_t places, size_t i) { return reading_.enough(places, i); });
        const std::string days = "Days with enough melanopic light, ", time = "Time with enough melanopic light, ",
                          mean = "Mean melanopic EDI, ", own = "as one looks";
        if (eyes.own < eyes.planes.size()) {
            add_own("days_own_percent", days + own + enough, "%", &Reading::days);
            add_own("held_own_lx",
                    "Melanopic EDI held, " + own + ": for " + run + " on " + share + " of the days of use", "lx",
                    &Reading::held);
            add_own("time_own_percent", time + own + ": " + level, "%", &Reading::time);
            add_own("mean_own_lx", mean + own, "lx", &Reading::mean);
            add_own("der_own", "Melanopic daylight efficacy ratio of the year, " + own, "", &Reading::ratio);
        }
        add_ends("days", "percent", days, enough, "%", &Reading::days);
        add_ends("time", "percent", time, ": " + level, "%", &Reading::time);
        add_ends("mean", "lx", mean, "", "lx", &Reading::mean);
        for (int k = 0; k < kHeadings; ++k)
            add(fmt::format("days_towards_{:03.0f}_percent", std::floor(kStep * k)),
                fmt::format("{}towards {:g}\u00b0{}", days, kStep * k, enough), "%", [&, k](size_t places, size_t i) {
                    return reading_.days(places * kHeadings + static_cast<size_t>(k), i);
                });
    }
    PointTable finish() { return std::move(table_); }

 private:
    using Of = Told (Reading::*)(size_t plane, size_t point) const;
    template <class Find>
    void add(std::string id, std::string name, const char* unit, Find&& find) {
        Column column{std::move(id), std::move(name), unit, {}, {}};
        for (size_t p = 0; p < table_.planes.size(); ++p) {
            column.value.emplace_back(), column.standard_error.emplace_back();
            for (size_t i = 0; i < table_.planes[p].points.size(); ++i) {
                const Told told = find(p, i);
                column.value.back().push_back(told.value);
                // The farther end: shares of days move by steps.
                const double half = std::max(told.high - told.value, told.value - told.low);
                column.standard_error.back().push_back(std::isfinite(half) ? half / light::kStudent95 : 0);
            }
        }
        table_.columns.push_back(std::move(column));
    }
    void add_own(const char* id, const std::string& name, const char* unit, Of of) {
        add(id, name, unit, [&](size_t places, size_t i) { return (reading_.*of)(eyes_.own + places, i); });
    }
    void add_ends(const std::string& id, const std::string& unit_id, const std::string& name, const std::string& more,
                  const char* unit, Of of) {
        for (const bool best : {true, false})
            add(fmt::format("{}_{}_{}", id, best ? "best" : "worst", unit_id),
                name + (best ? "in the best direction" : "in the worst direction") + more, unit,
                [&, best](size_t places, size_t i) {
                    Told end;
                    for (size_t k = 0; k < kHeadings; ++k) {
                        const Told here = (reading_.*of)(places * kHeadings + k, i);
                        if (std::isnan(end.value) || (best ? here.value > end.value : here.value < end.value))
                            end = here;
                    }
                    return end;
                });
    }
    const Request& a_;
    const Eyes& eyes_;
    const Reading& reading_;
    PointTable table_;
};

Result<TableAnswer> run(const Request& a) {
    Question year = a.question;
    year.planes.clear();  // blinds are worked for all of the option
    const auto scene = year_scene(a.project, a.option, year, *a.weather);
    if (!scene) return scene.fault();
    TableAnswer out;
    out.kind = "body_clock";
    const bool of_observers = a.question.body_clock.places == model::SeatsChoice::Places::observers;
    const Eyes eyes = eyes_of(a, of_observers);
    Reading reading(a, eyes);
    SpectralYearTask task;
    task.project = &a.project;
    task.surfaces = &scene->surfaces;
    task.groups = &scene->groups;
    task.planes = &eyes.planes;
    task.place = scene->place;
    task.north_azimuth = scene->north_azimuth;
    task.bands = static_cast<size_t>(a.question.bands);
    task.colour = a.question.sky_colour;
    task.states = states_of(a, *scene);
    if (a.cancel.requested()) return out;
    const auto sky = year_sky(*a.weather, scene->place, scene->north_azimuth, scene->ground_by_month);
    out.record = spectral_year(
        task, *sky, a.effort, [&](const SpectralDays& days) { reading.take(days); }, a.cancel,
        [&](double share) {
            if (a.progress) a.progress(kBlinds + (1 - kBlinds) * share);
        });
    out.record.inputs.add(a.weather->fingerprint());
    if (a.cancel.requested()) return out;
    out.table = Table(a, eyes, reading).finish();
    out.main_columns = out.table.columns.size();
    for (size_t p = eyes.own; p < eyes.planes.size(); ++p) {
        const auto& found = reading.series(p - eyes.own);
        out.hours.push_back({eyes.planes[p].plane, "melanopic_edi_lx", "Melanopic EDI", "lx", found[0]});
        out.hours.push_back({eyes.planes[p].plane, "lux", "Illuminance", "lx", found[1]});
    }
    const BodyClockChoice& c = a.question.body_clock;
    out.facts = {{"bands", std::to_string(a.question.bands)},
                 {"level_lux", fmt::format("{:g}", c.level)},
                 {"hours", fmt::format("{:g}", c.hours)},
                 {"begun_by", fmt::format("{:g}", c.begins_by)},
                 {"share_percent", fmt::format("{:g}", 100 * c.share)},
                 {"brow", a.question.brow ? "true" : "false"}};
    return out;
}

}  // namespace

Analysis body_clock() {
    return {.kind = Question::Kind::body_clock,
            .name = "Melanopic light over the year",
            .asks = "melanopic light over the year",
            .words =
                [](const Question& q) {
                    return std::string("Melanopic light over the year, ") +
                           (q.body_clock.places == model::SeatsChoice::Places::lattice ? "all over the rooms"
                                                                                       : "at the observers");
                },
            .needs_weather = [](const Question&) { return true; },
            .bears = describe::bears::light | describe::bears::blinds | describe::bears::observers |
                     describe::bears::use | describe::bears::planes | describe::bears::colours,
            .cost = [](const Question&) { return 8; },
            .run = run};
}

}  // namespace wp::analysis
