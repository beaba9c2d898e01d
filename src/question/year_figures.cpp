// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_figures.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <optional>

#include "light/replicates.h"

namespace wp::question {

namespace {

constexpr double kEndless = 1e30;
constexpr double kThreeLow = 100, kThreeHigh = 2000, kSaturated[2] = {430, 4300};
/// Maximum autonomy: ten times the target (Z. Rogers 2006); a point counts as over-lit above 5 % of the hours.
constexpr double kTooMuch = 10, kOverLitShare = 0.05;

/// EN 17037:2018, table A.1: a target over half of the plane, a minimum over 95 % of it, lux.
struct Level {
    const char *target_id, *target_name, *minimum_id, *minimum_name;
    double target, minimum;
};
constexpr Level kLevels[] = {
    {"provision_target", "EN 17037, 300 lx on half", "provision_minimum", "EN 17037, 100 lx on 95 %", 300, 100},
    {"provision_target_medium", "EN 17037, 500 lx on half", "provision_minimum_medium", "EN 17037, 300 lx on 95 %", 500, 300},
    {"provision_target_high", "EN 17037, 750 lx on half", "provision_minimum_high", "EN 17037, 500 lx on 95 %", 750, 500}};

// Between which limits, lux, the hours of a figure lie; none for figures that are no shares of hours.
std::optional<std::pair<double, double>> limits_of(PointFigure figure, const YearLimits& l) {
    switch (figure) {
        case PointFigure::autonomy: return {{l.target, kEndless}};
        case PointFigure::maximum: return {{kTooMuch * l.target, kEndless}};
        case PointFigure::too_dark: return {{0, l.low}};
        case PointFigure::supplementary: return {{l.low, l.target}};
        case PointFigure::useful: return {{l.target, l.high}};
        case PointFigure::too_bright: return {{l.high, kEndless}};
        case PointFigure::useful_three: return {{kThreeLow, kThreeHigh}};
        case PointFigure::bright_three: return {{kThreeHigh, kEndless}};
        case PointFigure::saturation: return {{kSaturated[0], kSaturated[1]}};
        default: return {};
    }
}

double mean_of(const std::vector<double>& v) { return v.empty() ? 0 : std::accumulate(v.begin(), v.end(), 0.0) / static_cast<double>(v.size()); }

// A mean over points whose errors are independent: the band of each shrinks with the root of their number.
RoomFigure mean_figure(std::string id, std::string name, std::string unit, const PointValues& v) {
    RoomFigure out{std::move(id), std::move(name), std::move(unit), mean_of(v.value), 0, 0};
    double below = 0, above = 0;
    for (size_t i = 0; i < v.value.size(); ++i) {
        below += std::pow(v.value[i] - v.low[i], 2);
        above += std::pow(v.high[i] - v.value[i], 2);
    }
    const auto n = static_cast<double>(std::max<size_t>(v.value.size(), 1));
    out.low = out.value - std::sqrt(below) / n;
    out.high = out.value + std::sqrt(above) / n;
    return out;
}

// The band of a share: what its points' chances leave, wide enough to hold the value itself.
void set_band(SpatialAutonomy& share, const metric::Passing& p) {
    share.low = std::clamp(std::min(share.value, p.expected - p.half_width), 0.0, 1.0);
    share.high = std::clamp(std::max(share.value, p.expected + p.half_width), 0.0, 1.0);
}

}  // namespace

const PointFigureName& name_of(PointFigure figure) {
    static constexpr PointFigureName names[kPointFigures] = {
        {"autonomy", "Daylight autonomy", "%"}, {"continuous_autonomy", "Continuous autonomy", "%"}, {"maximum_autonomy", "Ten times the target", "%"},
        {"too_dark", "Below the useful", "%"}, {"supplementary", "Useful with some electric light", "%"}, {"useful", "Useful by itself", "%"}, {"too_bright", "Above the useful", "%"},
        {"useful_three", "Useful, 100 to 2000 lx", "%"}, {"bright_three", "Above 2000 lx", "%"}, {"saturation", "Saturation, 430 to 4300 lx", "%"},
        {"direct_sun_hours", "Direct sun of 1000 lx", "h a year"}, {"mean", "Mean illuminance", "lx"}};
    return names[static_cast<size_t>(figure)];
}

namespace {

// Ends of a band that was reckoned as value, less, more: the value is never outside.
void set_ends(PointValues& out, double unit) {
    for (size_t i = 0; i < out.value.size(); ++i) {
        const double ends[3] = {out.value[i], out.low[i], out.high[i]};
        out.value[i] *= unit;
        out.low[i] = unit * *std::min_element(ends, ends + 3);
        out.high[i] = unit * *std::max_element(ends, ends + 3);
    }
}

}  // namespace

std::vector<PointValues> point_values(const YearAnswer& year, size_t plane, std::span<const PointFigure> figures, const YearLimits& limits, const metric::Hours& hours, Operation operation) {
    const auto light = year.lux(plane, operation);
    // The error of a point's light is of one piece for the sky, by the hour for the sun. To move it as a whole is on the safe side.
    std::vector<double> below(light->points), above(light->points);
    const PlaneYear& widths = year.planes[plane];
    const double closed = year.closed_share(plane, operation);
    for (size_t i = 0; i < light->points; ++i) {
        const double w = std::min(widths.width_of(i, closed), 0.95);
        below[i] = 1 - w;
        above[i] = 1 + w;
    }
    const metric::Scale ends[3] = {{}, below, above};
    std::vector<metric::Limit> wanted;
    for (const PointFigure f : figures)
        if (const auto between = limits_of(f, limits))
            for (const auto& end : ends) wanted.insert(wanted.end(), {{between->first, end}, {between->second, end}});
    const auto found = metric::hours_at_least(*light, hours, wanted);
    const auto n = static_cast<double>(std::max<size_t>(metric::count(hours), 1));
    std::vector<PointValues> out;
    size_t next = 0;
    for (const PointFigure f : figures) {
        PointValues& v = out.emplace_back();
        if (f == PointFigure::sun_hours) {
            v.value = metric::hours_at_least(*year.direct(plane), hours, kBlindLux);
            v.low = v.high = v.value;
            continue;
        }
        if (f == PointFigure::mean) {
            v.value = v.low = v.high = metric::mean_of_points(*light, hours);
            for (size_t i = 0; i < v.value.size(); ++i) v.low[i] *= below[i], v.high[i] *= above[i];
            continue;
        }
        size_t end = 0;
        for (auto* list : {&v.value, &v.low, &v.high}) {
            if (f == PointFigure::continuous) {
                *list = metric::continuous_autonomy(*light, hours, limits.target, ends[end++]);
                continue;
            }
            *list = found[next];
            for (size_t i = 0; i < list->size(); ++i) (*list)[i] = ((*list)[i] - found[next + 1][i]) / n;
            next += 2;
        }
        set_ends(v, 100);
    }
    return out;
}

PointValues point_values(const YearAnswer& year, size_t plane, PointFigure figure, const YearLimits& limits, const metric::Hours& hours, Operation operation) {
    return std::move(point_values(year, plane, std::span(&figure, 1), limits, hours, operation).front());
}

SpatialAutonomy spatial_autonomy(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux, double time_share, Operation operation) {
    const auto light = year.lux(plane, operation);
    SpatialAutonomy out;
    out.autonomy = metric::autonomy(*light, hours, lux);
    out.value = metric::share_at_least(out.autonomy, time_share);
    // A point passes where the light it has in that share of the hours reaches the target: its error is a share of that light.
    const auto has = metric::lux_in_share(*light, hours, time_share);
    const PlaneYear& p = year.planes[plane];
    const double closed = year.closed_share(plane, operation);
    std::vector<double> margin(has.size()), error(has.size());
    for (size_t i = 0; i < has.size(); ++i) {
        margin[i] = has[i] - lux;
        error[i] = has[i] * p.width_of(i, closed) / light::kStudent95;
    }
    set_band(out, metric::passing(margin, error));
    return out;
}

SunlightExposure sunlight_exposure(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux, double limit_hours) {
    SunlightExposure out;
    out.hours = metric::hours_at_least(*year.direct(plane), hours, lux);
    out.value = metric::share_above(out.hours, limit_hours);
    return out;
}

SpatialAutonomy provision(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux, double area_share, Operation operation) {
    const auto light = year.lux(plane, operation);
    // Whatever share of the plane is asked for hangs on few points: their error is taken whole, which is on the safe side.
    const double w = std::min(year.width(plane, operation), 0.95);
    SpatialAutonomy out;
    out.value = metric::spatial_provision(*light, hours, lux, area_share);
    out.low = metric::spatial_provision(*light, hours, lux / (1 - w), area_share);
    out.high = metric::spatial_provision(*light, hours, lux / (1 + w), area_share);
    return out;
}

std::vector<RoomFigure> room_figures(const YearAnswer& year, size_t plane, const YearLimits& limits, const metric::Hours& hours, Operation operation) {
    std::vector<RoomFigure> out;
    static constexpr PointFigure figures[] = {PointFigure::mean, PointFigure::autonomy, PointFigure::continuous, PointFigure::too_dark, PointFigure::supplementary, PointFigure::useful,
                                              PointFigure::too_bright, PointFigure::useful_three, PointFigure::saturation, PointFigure::maximum};
    const auto values = point_values(year, plane, figures, limits, hours, operation);
    const auto mean = [&](PointFigure f) {
        const auto at = static_cast<size_t>(std::find(std::begin(figures), std::end(figures), f) - std::begin(figures));
        out.push_back(mean_figure(name_of(f).id, name_of(f).name, name_of(f).unit, values[at]));
    };
    const auto share = [&](const char* id, const char* name, const SpatialAutonomy& s) { out.push_back({id, name, "%", 100 * s.value, 100 * s.low, 100 * s.high}); };
    // These have hours of their own: whoever drags a band of others does not wait for them.
    const auto fixed = [&](const char* id, const char* name, const std::function<SpatialAutonomy()>& reckon) {
        const auto [value, low, high] = year.once(plane, id, [&]() -> std::array<double, 3> {
            const SpatialAutonomy s = reckon();
            return {s.value, s.low, s.high};
        });
        out.push_back({id, name, "%", 100 * value, 100 * low, 100 * high});
    };
    const auto usual = metric::daily_hours(8, 18);
    mean(PointFigure::mean);
    mean(PointFigure::autonomy);
    mean(PointFigure::continuous);
    share("spatial_autonomy", "Area with target half the time", spatial_autonomy(year, plane, hours, limits.target, 0.5, operation));
    fixed("spatial_autonomy_lm83", "Spatial autonomy, LM-83", [&] { return spatial_autonomy(year, plane, usual, 300, 0.5, Operation::lm83); });
    fixed("spatial_autonomy_open", "The same without blinds", [&] { return spatial_autonomy(year, plane, usual, 300, 0.5, Operation::open); });
    fixed("sunlight_exposure_lm83", "Sunlight exposure, LM-83", [&] {
        const double exposed = sunlight_exposure(year, plane, usual, 1000, 250).value;
        return SpatialAutonomy{exposed, exposed, exposed, {}};
    });
    for (const auto f : {PointFigure::too_dark, PointFigure::supplementary, PointFigure::useful, PointFigure::too_bright, PointFigure::useful_three, PointFigure::saturation}) mean(f);
    const PointValues& most = values.back();
    const auto over = [&](const std::vector<double>& v) { return 100 * metric::share_above(v, 100 * kOverLitShare); };
    out.push_back({"over_lit", "Over-lit area", "%", over(most.value), over(most.low), over(most.high)});
    for (const Level& l : kLevels) {
        const auto provided = [&](double lux, double area) { return provision(year, plane, climate::daylight_hours(year.outdoor), lux, area, Operation::open); };
        fixed(l.target_id, l.target_name, [&] { return provided(l.target, 0.5); });
        fixed(l.minimum_id, l.minimum_name, [&] { return provided(l.minimum, 0.95); });
    }
    const double unmet = year.once(plane, "unmet_hours " + std::to_string(static_cast<int>(operation)), [&]() -> std::array<double, 3> { return {static_cast<double>(metric::count(year.unmet(plane, operation)))}; })[0];
    out.push_back({"unmet_hours", "No blind keeps the sun out", "h a year", unmet, unmet, unmet});
    return out;
}

metric::Hours in_months(metric::Hours hours, const std::array<bool, 12>& months) {
    for (size_t h = 0; h < hours.size(); ++h)
        if (hours[h] && !months[static_cast<size_t>(climate::moment_of(static_cast<int>(h) / 24, 12).month - 1)]) hours[h] = false;
    return hours;
}

std::array<std::array<double, 24>, 12> typical_days(const std::vector<float>& values) {
    std::array<std::array<double, 24>, 12> out{};
    for (size_t h = 0; h < values.size(); ++h) {
        const int month = climate::moment_of(static_cast<int>(h) / 24, 12).month;
        out[static_cast<size_t>(month - 1)][h % 24] += static_cast<double>(values[h]) / climate::days_in(month);
    }
    return out;
}

namespace {

template <class Of>
std::vector<float> by_hour(const metric::HourlyLux& light, Of&& of) {
    std::vector<float> out(climate::kHours, 0.0f);
    for (int h = 0; h < climate::kHours; ++h)
        if (const auto lux = light.at(h); !lux.empty()) out[static_cast<size_t>(h)] = of(lux);
    return out;
}

}  // namespace

std::vector<float> year_of_point(const YearAnswer& year, size_t plane, size_t point, Operation operation) {
    return by_hour(*year.lux(plane, operation), [&](auto lux) { return lux[point]; });
}

std::vector<float> year_of_plane(const YearAnswer& year, size_t plane, Operation operation) {
    return by_hour(*year.lux(plane, operation), [](auto lux) { return std::accumulate(lux.begin(), lux.end(), 0.0f) / static_cast<float>(lux.size()); });
}

std::vector<float> share_above(const YearAnswer& year, size_t plane, double target, Operation operation) {
    return by_hour(*year.lux(plane, operation), [&](auto lux) {
        return static_cast<float>(std::count_if(lux.begin(), lux.end(), [&](float v) { return static_cast<double>(v) >= target; })) / static_cast<float>(lux.size());
    });
}

}  // namespace wp::question
