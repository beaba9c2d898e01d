// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/electric.h"

#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"
#include "question/year_over_time.h"

namespace wp::question {
using model::Lighting;

double power_at(const Lighting& l, double lux) {
    const double wanted = std::clamp(1 - lux / l.target, 0.0, 1.0);
    if (wanted <= 0) return l.stand_by;
    switch (l.control) {
        case Lighting::Control::manual:
        case Lighting::Control::switched:
            return l.power;
        case Lighting::Control::stepped: {
            const double steps = std::max(1, l.steps);
            return l.power * std::ceil(wanted * steps - 1e-9) / steps;
        }
        case Lighting::Control::dimmed: {
            const double over =
                l.least_light < 1 ? (std::max(wanted, l.least_light) - l.least_light) / (1 - l.least_light) : 1;
            return l.power * (l.least_power + (1 - l.least_power) * over);
        }
    }
    return 0;
}

namespace {

// Points of a plane that a lighting lights.
std::vector<size_t> points_of(const Lighting& lighting, const geometry::PlanePoints& plane) {
    std::vector<size_t> out;
    for (size_t i = 0; i < plane.points.size(); ++i)
        if (lighting.area.empty() || geometry::contains(lighting.area, {plane.points[i].x, plane.points[i].y}))
            out.push_back(i);
    return out;
}

size_t sensor_of(const YearAnswer& year, size_t plane, const Lighting& lighting, const std::vector<size_t>& points,
                 const metric::Hours& hours, Operation operation) {
    const auto& all = year.planes[plane].plane.points;
    if (lighting.sensor_placed)
        return *std::min_element(points.begin(), points.end(), [&](size_t a, size_t b) {
            const auto away = [&](size_t i) {
                return std::hypot(all[i].x - lighting.sensor.x, all[i].y - lighting.sensor.y);
            };
            return away(a) < away(b);
        });
    // Not the darkest of all: that may lie in a cupboard.
    const auto mean = mean_of_points(year, plane, hours, operation);
    std::vector<size_t> rising = points;
    const auto dark = rising.begin() + static_cast<std::ptrdiff_t>(rising.size() / 10);
    std::nth_element(rising.begin(), dark, rising.end(),
                     [&](size_t a, size_t b) { return std::pair(mean[a], a) < std::pair(mean[b], b); });
    return *dark;
}

// W/m^2 in every hour.
std::vector<float> powers(const Lighting& l, const std::vector<float>& lux, const metric::Hours& hours, double scale) {
    std::vector<float> out(climate::kHours, static_cast<float>(l.stand_by));
    bool on = false;
    for (size_t h = 0; h < out.size(); ++h) {
        const double daylight = scale * static_cast<double>(lux[h]);
        if (!hours[h])
            on = false;
        else if (l.control == Lighting::Control::manual) {
            // People look when they come, and forget about it till they go.
            if (h == 0 || !hours[h - 1]) on = daylight < l.target;
            if (on) out[h] = static_cast<float>(l.power);
        } else
            out[h] = static_cast<float>(power_at(l, daylight));
    }
    return out;
}

double sum_kwh(const std::vector<float>& watts_per_area, double area) {
    double sum = 0;
    for (const float w : watts_per_area) sum += static_cast<double>(w);
    return sum * area / 1000;
}

}  // namespace

std::optional<LightingYear> electric_year(const YearAnswer& year, const Lighting& lighting, const metric::Hours& hours,
                                          Operation operation) {
    for (size_t p = 0; p < year.planes.size(); ++p) {
        const auto& plane = year.planes[p].plane;
        if (plane.plane != lighting.plane) continue;
        const auto points = points_of(lighting, plane);
        if (points.empty()) return {};
        LightingYear out;
        out.id = lighting.id;
        out.name = lighting.name;
        out.plane = p;
        out.area = static_cast<double>(points.size()) * plane.dx * plane.dy;
        const size_t sensor = sensor_of(year, p, lighting, points, hours, operation);
        out.sensor = static_cast<int>(sensor);
        const auto lux = year_of_point(year, p, sensor, operation);
        const double w = std::min(0.95, year.width_of(p, sensor, operation));
        const auto each = powers(lighting, lux, hours, 1);
        out.kwh = sum_kwh(each, out.area);
        out.kwh_low = std::min(out.kwh, sum_kwh(powers(lighting, lux, hours, 1 + w), out.area));
        out.kwh_high = std::max(out.kwh, sum_kwh(powers(lighting, lux, hours, 1 - w), out.area));
        for (size_t h = 0; h < each.size(); ++h) {
            const double watts = static_cast<double>(each[h]) * out.area;
            out.watts.push_back(static_cast<float>(watts));
            out.by_month[static_cast<size_t>(climate::moment_of(static_cast<int>(h) / 24, 12).month - 1)] +=
                watts / 1000;
            out.kwh_always += (hours[h] ? lighting.power : lighting.stand_by) * out.area / 1000;
        }
        return out;
    }
    return {};
}

}  // namespace wp::question
