// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_figures.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "light/replicates.h"

namespace wp::question {

namespace {

constexpr double kEndless = 1e30;
constexpr double kThreeLow = 100, kThreeHigh = 2000, kSaturated[2] = {430, 4300};
/// Maximum autonomy: ten times the target (Z. Rogers 2006); a point counts as over-lit above 5 % of the hours.
constexpr double kTooMuch = 10, kOverLitShare = 0.05;

std::vector<double> reckon(const metric::HourlyLux& light, PointFigure figure, const YearLimits& l, const metric::Hours& hours, metric::Scale scale) {
    const auto band = [&](double low, double high) { return metric::share_between(light, hours, low, high, scale); };
    switch (figure) {
        case PointFigure::autonomy: return metric::autonomy(light, hours, l.target, scale);
        case PointFigure::continuous: return metric::continuous_autonomy(light, hours, l.target, scale);
        case PointFigure::maximum: return metric::autonomy(light, hours, kTooMuch * l.target, scale);
        case PointFigure::too_dark: return band(0, l.low);
        case PointFigure::supplementary: return band(l.low, l.target);
        case PointFigure::useful: return band(l.target, l.high);
        case PointFigure::too_bright: return band(l.high, kEndless);
        case PointFigure::useful_three: return band(kThreeLow, kThreeHigh);
        case PointFigure::bright_three: return band(kThreeHigh, kEndless);
        case PointFigure::saturation: return band(kSaturated[0], kSaturated[1]);
        case PointFigure::sun_hours: return metric::hours_at_least(light, hours, kBlindLux);
        case PointFigure::mean: {
            auto mean = metric::mean_of_points(light, hours);
            for (size_t i = 0; i < scale.size(); ++i) mean[i] *= scale[i];
            return mean;
        }
    }
    return {};
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

PointValues point_values(const YearAnswer& year, size_t plane, PointFigure figure, const YearLimits& limits, const metric::Hours& hours, Operation operation) {
    PointValues out;
    if (figure == PointFigure::sun_hours) {
        out.value = reckon(*year.direct(plane), figure, limits, hours, {});
        out.low = out.high = out.value;
        return out;
    }
    const auto light = year.lux(plane, operation);
    out.value = reckon(*light, figure, limits, hours, {});
    // The error of a point's light is of one piece for the sky, by the hour for the sun. To move it as a whole is on the safe side.
    std::vector<double> below(light->points), above(light->points);
    for (size_t i = 0; i < light->points; ++i) {
        const double w = std::min(year.planes[plane].width_of(i, operation), 0.95);
        below[i] = 1 - w;
        above[i] = 1 + w;
    }
    out.low = reckon(*light, figure, limits, hours, below);
    out.high = reckon(*light, figure, limits, hours, above);
    const double percent = figure == PointFigure::mean ? 1 : 100;
    for (size_t i = 0; i < out.value.size(); ++i) {
        const double ends[3] = {out.value[i], out.low[i], out.high[i]};
        out.value[i] *= percent;
        out.low[i] = percent * *std::min_element(ends, ends + 3);
        out.high[i] = percent * *std::max_element(ends, ends + 3);
    }
    return out;
}

SpatialAutonomy spatial_autonomy(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux, double time_share, Operation operation) {
    const auto light = year.lux(plane, operation);
    SpatialAutonomy out;
    out.autonomy = metric::autonomy(*light, hours, lux);
    out.value = metric::share_at_least(out.autonomy, time_share);
    // A point passes where the light it has in that share of the hours reaches the target: its error is a share of that light.
    const auto has = metric::lux_in_share(*light, hours, time_share);
    const PlaneYear& p = year.planes[plane];
    std::vector<double> margin(has.size()), error(has.size());
    for (size_t i = 0; i < has.size(); ++i) {
        margin[i] = has[i] - lux;
        error[i] = has[i] * p.width_of(i, operation) / light::kStudent95;
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
    const double w = std::min(year.planes[plane].width(operation), 0.95);
    SpatialAutonomy out;
    out.value = metric::spatial_provision(*light, hours, lux, area_share);
    out.low = metric::spatial_provision(*light, hours, lux / (1 - w), area_share);
    out.high = metric::spatial_provision(*light, hours, lux / (1 + w), area_share);
    return out;
}

std::vector<RoomFigure> room_figures(const YearAnswer& year, size_t plane, const YearLimits& limits, const metric::Hours& hours, Operation operation) {
    std::vector<RoomFigure> out;
    const auto of_points = [&](PointFigure f) { return point_values(year, plane, f, limits, hours, operation); };
    const auto mean = [&](PointFigure f) { out.push_back(mean_figure(name_of(f).id, name_of(f).name, name_of(f).unit, of_points(f))); };
    const auto share = [&](const char* id, const char* name, const SpatialAutonomy& s) { out.push_back({id, name, "%", 100 * s.value, 100 * s.low, 100 * s.high}); };
    const auto usual = metric::daily_hours(8, 18);
    const auto daylight = climate::daylight_hours(year.outdoor);
    mean(PointFigure::mean);
    mean(PointFigure::autonomy);
    mean(PointFigure::continuous);
    share("spatial_autonomy", "Area with the target half the time", spatial_autonomy(year, plane, hours, limits.target, 0.5, operation));
    share("spatial_autonomy_lm83", "Spatial autonomy 300 lx / 50 %, LM-83", spatial_autonomy(year, plane, usual, 300, 0.5, Operation::lm83));
    const double exposed = 100 * sunlight_exposure(year, plane, usual, 1000, 250).value;
    out.push_back({"sunlight_exposure_lm83", "Sunlight exposure 1000 lx / 250 h, LM-83", "%", exposed, exposed, exposed});
    for (const auto f : {PointFigure::too_dark, PointFigure::supplementary, PointFigure::useful, PointFigure::too_bright, PointFigure::useful_three, PointFigure::saturation}) mean(f);
    const auto most = of_points(PointFigure::maximum);
    const auto over = [&](const std::vector<double>& v) { return 100 * metric::share_above(v, 100 * kOverLitShare); };
    out.push_back({"over_lit", "Over-lit area", "%", over(most.value), over(most.low), over(most.high)});
    share("provision_target", "EN 17037, 300 lx over half, of daylight hours", provision(year, plane, daylight, 300, 0.5, Operation::open));
    share("provision_minimum", "EN 17037, 100 lx over 95 %, of daylight hours", provision(year, plane, daylight, 100, 0.95, Operation::open));
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
