// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/electric.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "geometry/polygon.h"
#include "model/project.h"
#include "question/ask_year.h"
#include "question/electric_field.h"
#include "question/year_counted.h"
#include "question/year_over_time.h"

namespace wp::question {
using model::Lighting;

double power_at(const Lighting& l, double lux) {
    const double power = output_of(l, std::clamp(1 - lux / l.target, 0.0, 1.0)).power;
    return power > 0 ? l.power * power : l.stand_by;
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

// A circuit with its place in the year.
struct Circuit {
    size_t lighting;  // index into Option::lighting
    size_t plane, sensor;
    double area, installed, stand_by;
    size_t luminaires;
    std::vector<float> lux;  // daylight at its sensor by hour
    double width;            // of that, as a share
};

Circuit circuit_of(const model::Project& project, const YearAnswer& year, const model::Option& option, size_t index,
                   size_t plane, const std::vector<size_t>& points, const YearUse& use) {
    const Lighting& l = option.lighting[index];
    const auto& on = year.planes[plane].plane;
    Circuit out{index, plane, sensor_of(year, plane, l, points, use.hours[plane], use.operation), 0, 0, 0, 0, {}, 0};
    out.area = static_cast<double>(points.size()) * on.dx * on.dy;
    out.installed = power_of(project, option, l, out.area);
    out.stand_by = l.stand_by * out.area;
    out.lux = year_of_point(year, plane, out.sensor, use.operation);
    out.width = std::min(0.95, year.width_of(plane, out.sensor, use.operation));
    if (!has_luminaires(option, l.id)) return out;
    out.stand_by = 0;
    for (const auto& luminaire : option.luminaires)
        if (luminaire.circuit == l.id)
            if (const auto* type = model::find(project.luminaire_types, luminaire.type))
                out.stand_by += type->stand_by, ++out.luminaires;
    return out;
}

std::vector<Circuit> circuits_of(const model::Project& project, const YearAnswer& year, const model::Option& option,
                                 const YearUse& use) {
    std::vector<Circuit> out;
    for (size_t c = 0; c < option.lighting.size(); ++c)
        for (size_t p = 0; p < year.planes.size(); ++p) {
            if (year.planes[p].plane.plane != option.lighting[c].plane) continue;
            const auto points = points_of(option.lighting[c], year.planes[p].plane);
            if (!points.empty()) out.push_back(circuit_of(project, year, option, c, p, points, use));
        }
    return out;
}

constexpr double kSensorAccuracy = 0.02;

SensorLight light_at_sensors(const model::Project& project, const YearAnswer& year, const model::Option& option,
                             const std::vector<Circuit>& circuits) {
    const size_t n = circuits.size();
    SensorLight out{std::vector<std::vector<double>>(n, std::vector<double>(n, 0.0)), std::vector<double>(n, 0.0)};
    const auto& lighting = option.lighting;
    for (size_t c = 0; c < n; ++c) out.of_circuit[c][c] = lighting[circuits[c].lighting].target;
    if (option.luminaires.empty()) return out;
    std::vector<geometry::PlanePoints> sensors;
    for (const Circuit& c : circuits) {
        geometry::PlanePoints at = year.planes[c.plane].plane;
        at.points = {at.points[c.sensor]};
        at.cell_of = {0};
        sensors.push_back(std::move(at));
    }
    const auto surfaces = geometry::build_surfaces(project, option);
    // Blinds open. Hours and targets change without tracing anything again.
    const auto field = kept_electric({&project, &option, &surfaces, &sensors, {}, {}, {}, 0}, {kSensorAccuracy, 1, 0});
    for (size_t c = 0; c < n; ++c) {
        const CircuitLight there = circuit_light(*field, option, field->first_of(c));
        out.always[c] = there.always;
        for (size_t k = 0; k < n; ++k)
            if (circuits[k].luminaires > 0) out.of_circuit[c][k] = there.of_circuit[circuits[k].lighting];
    }
    return out;
}

// Circuits that see each other's light are settled together.
std::vector<std::vector<size_t>> joined(const SensorLight& light, size_t n) {
    constexpr double kSeen = 1;  // lux
    std::vector<size_t> of(n);
    std::iota(of.begin(), of.end(), size_t{0});
    for (size_t a = 0; a < n; ++a)
        for (size_t b = 0; b < n; ++b)
            if (of[a] != of[b] && light.of_circuit[a][b] > kSeen)
                std::ranges::replace(of, std::max(of[a], of[b]), std::min(of[a], of[b]));
    std::vector<std::vector<size_t>> out;
    for (size_t k = 0; k < n; ++k) {
        std::vector<size_t> group;
        for (size_t c = 0; c < n; ++c)
            if (of[c] == k) group.push_back(c);
        if (!group.empty()) out.push_back(std::move(group));
    }
    return out;
}

// How circuits of one group run through the year.
class Run {
 public:
    Run(const model::Option& option, const std::vector<Circuit>& circuits, const std::vector<size_t>& group,
        const SensorLight& light, const std::vector<int>& scenes, const YearUse& use)
        : option_(option), circuits_(circuits), group_(group), scenes_(scenes), use_(use) {
        for (const size_t a : group) {
            lighting_.push_back(option.lighting[circuits[a].lighting]);
            light_.always.push_back(light.always[a]);
            light_.of_circuit.emplace_back();
            for (const size_t b : group) light_.of_circuit.back().push_back(light.of_circuit[a][b]);
        }
        for (const auto& scene : option.scenes) scene_levels_.push_back(levels_of(option, &scene));
    }
    /// Daylight times 1 + off times its width; give takes place in the group, hour and output.
    template <class Give>
    void through(double off, Give&& give) const {
        const size_t n = group_.size();
        std::vector<double> daylight(n), levels(n);
        std::vector<char> by_hand(n, 0);
        for (size_t h = 0; h < static_cast<size_t>(climate::kHours); ++h) {
            const int scene = scenes_[h];
            const bool dims = scene < 0 || option_.scenes[static_cast<size_t>(scene)].dims;
            bool any = false;
            for (size_t i = 0; i < n; ++i) {
                const Circuit& c = circuits_[group_[i]];
                daylight[i] = static_cast<double>(c.lux[h]) * std::max(0.0, 1 + off * c.width);
                levels[i] = level(i, h, scene);
                if (lighting_[i].control == Lighting::Control::manual && dims) {
                    // People look when they come, and forget about it till they go.
                    const bool here = levels[i] > 0, came = h == 0 || !(level(i, h - 1, scenes_[h - 1]) > 0);
                    if (!here)
                        by_hand[i] = 0;
                    else if (came)
                        by_hand[i] = daylight[i] < lighting_[i].target;
                    if (!by_hand[i]) levels[i] = 0;
                }
                any = any || levels[i] > 0;
            }
            if (!any) {
                for (size_t i = 0; i < n; ++i) give(i, h, CircuitOutput{});
                continue;
            }
            const Settled now = dims ? settle(lighting_, light_, daylight, levels) : Settled{};
            for (size_t i = 0; i < n; ++i) {
                // Who came to too little light has switched it on, whatever the day brings.
                const bool wholly = !dims || by_hand[i];
                give(i, h, wholly ? CircuitOutput{levels[i], power_share(lighting_[i], levels[i])} : now.output[i]);
            }
        }
    }

 private:
    // What its control may give in an hour: scenes by the clock hold whether people are there or not.
    double level(size_t i, size_t h, int scene) const {
        const Circuit& c = circuits_[group_[i]];
        const bool occupied = use_.hours[c.plane][h];
        if (scene < 0) return occupied ? 1 : 0;
        const auto& holds = option_.scenes[static_cast<size_t>(scene)];
        if (!occupied && holds.when != model::LightScene::When::clock) return 0;
        return scene_levels_[static_cast<size_t>(scene)][c.lighting];
    }

    const model::Option& option_;
    const std::vector<Circuit>& circuits_;
    const std::vector<size_t>& group_;
    const std::vector<int>& scenes_;
    const YearUse& use_;
    std::vector<Lighting> lighting_;
    SensorLight light_;
    std::vector<std::vector<double>> scene_levels_;
};

std::vector<float> outdoor_lux(const YearAnswer& year) {
    std::vector<float> out;
    for (const auto& hour : year.outdoor) out.push_back(static_cast<float>(hour.global_lux()));
    return out;
}

LightingYear empty_year(const Circuit& c, const Lighting& l, double own_lux) {
    LightingYear out;
    out.id = l.id;
    out.name = l.name;
    out.plane = c.plane;
    out.sensor = static_cast<int>(c.sensor);
    out.area = c.area;
    out.installed = c.installed;
    out.luminaires = c.luminaires;
    out.own_lux = own_lux;
    out.watts.assign(climate::kHours, 0.0f);
    out.light.assign(climate::kHours, 0.0f);
    out.light_half_width.assign(climate::kHours, 0.0f);
    return out;
}

}  // namespace

std::vector<LightingYear> electric_years(const model::Project& project, const YearAnswer& year,
                                         const model::Option& option, const YearUse& use) {
    const auto circuits = circuits_of(project, year, option, use);
    std::vector<LightingYear> out;
    if (circuits.empty()) return out;
    const SensorLight light = light_at_sensors(project, year, option, circuits);
    for (size_t c = 0; c < circuits.size(); ++c)
        out.push_back(empty_year(circuits[c], option.lighting[circuits[c].lighting], light.of_circuit[c][c]));
    const auto scenes = scenes_of_year(option, project.calendar, outdoor_lux(year));
    for (const auto& group : joined(light, circuits.size())) {
        const Run run(option, circuits, group, light, scenes, use);
        const auto watts = [&](size_t i, const CircuitOutput& output) {
            const Circuit& c = circuits[group[i]];
            return output.on() ? c.installed * output.power : c.stand_by;
        };
        run.through(0, [&](size_t i, size_t h, const CircuitOutput& output) {
            LightingYear& one = out[group[i]];
            const double w = watts(i, output);
            one.watts[h] = static_cast<float>(w);
            one.light[h] = static_cast<float>(output.light);
            one.kwh += w / 1000;
            one.by_month[static_cast<size_t>(climate::moment_of(static_cast<int>(h) / 24, 12).month - 1)] += w / 1000;
            const Circuit& c = circuits[group[i]];
            one.kwh_always += (use.hours[c.plane][h] ? c.installed : c.stand_by) / 1000;
        });
        for (const size_t c : group) out[c].kwh_low = out[c].kwh_high = out[c].kwh;
        for (const double off : {1.0, -1.0}) {
            std::vector<double> sums(group.size(), 0.0);
            run.through(off, [&](size_t i, size_t h, const CircuitOutput& output) {
                sums[i] += watts(i, output) / 1000;
                LightingYear& one = out[group[i]];
                const float apart = std::fabs(static_cast<float>(output.light) - one.light[h]);
                one.light_half_width[h] = std::max(one.light_half_width[h], apart);
            });
            for (size_t i = 0; i < group.size(); ++i) {
                LightingYear& one = out[group[i]];
                one.kwh_low = std::min(one.kwh_low, sums[i]);
                one.kwh_high = std::max(one.kwh_high, sums[i]);
            }
        }
    }
    return out;
}

double leni_of(const std::vector<LightingYear>& years) {
    double kwh = 0, area = 0;
    for (const auto& one : years) kwh += one.kwh, area += one.area;
    return area > 0 ? kwh / area : 0;
}

}  // namespace wp::question
