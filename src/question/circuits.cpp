// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/circuits.h"

#include <algorithm>
#include <cmath>

#include "climate/calendar.h"

namespace wp::question {
using model::Lighting;

double power_share(const Lighting& l, double light) {
    if (!(light > 0)) return 0;
    light = std::min(light, 1.0);
    if (l.control != Lighting::Control::dimmed) return light;
    if (l.dimming.size() > 1) {
        const double place = light * static_cast<double>(l.dimming.size() - 1);
        const auto k = std::min(static_cast<size_t>(place), l.dimming.size() - 2);
        return l.dimming[k] + (place - static_cast<double>(k)) * (l.dimming[k + 1] - l.dimming[k]);
    }
    const double over = l.least_light < 1 ? (std::max(light, l.least_light) - l.least_light) / (1 - l.least_light) : 1;
    return l.least_power + (1 - l.least_power) * over;
}

CircuitOutput output_of(const Lighting& l, double wanted) {
    if (!(wanted > 0)) return {};
    wanted = std::min(wanted, 1.0);
    switch (l.control) {
        case Lighting::Control::manual:
        case Lighting::Control::switched:
            return {1, 1};
        case Lighting::Control::stepped: {
            const double steps = std::max(1, l.steps), light = std::ceil(wanted * steps - 1e-9) / steps;
            return {light, light};
        }
        case Lighting::Control::dimmed: {
            const double light = std::max(wanted, l.least_light);
            return {light, power_share(l, light)};
        }
    }
    return {};
}

std::vector<double> levels_of(const model::Option& option, const model::LightScene* scene) {
    std::vector<double> out(option.lighting.size(), scene == nullptr ? 1.0 : 0.0);
    if (scene == nullptr) return out;
    for (const auto& level : scene->levels)
        for (size_t c = 0; c < out.size(); ++c)
            if (option.lighting[c].id == level.circuit) out[c] = level.level;
    return out;
}

std::vector<int> scenes_of_year(const model::Option& option, const model::YearCalendar& calendar,
                                std::span<const float> outdoor) {
    using When = model::LightScene::When;
    std::vector<int> out(climate::kHours, -1);
    // The first that holds, holds: from the last on.
    for (size_t s = option.scenes.size(); s-- > 0;) {
        const model::LightScene& scene = option.scenes[s];
        if (scene.when == When::by_hand) continue;
        for (int h = 0; h < climate::kHours; ++h) {
            const double clock = std::fmod(h % 24 + 0.5 + model::clock_ahead(calendar, h), 24.0);
            const bool within = scene.from < scene.to ? clock >= scene.from && clock < scene.to
                                                      : clock >= scene.from || clock < scene.to;
            const auto i = static_cast<size_t>(h);
            const bool dark = i < outdoor.size() && static_cast<double>(outdoor[i]) < scene.below;
            if (scene.when == When::clock ? within : dark) out[i] = static_cast<int>(s);
        }
    }
    return out;
}

Settled settle(const std::vector<Lighting>& circuits, const SensorLight& sensors, std::span<const double> daylight,
               std::span<const double> levels) {
    constexpr int kTurns = 30;
    const size_t n = circuits.size();
    Settled out{std::vector<double>(n, 0.0), std::vector<CircuitOutput>(n)};
    for (int turn = 0; turn < kTurns; ++turn) {
        double moved = 0;
        for (size_t c = 0; c < n; ++c) {
            double there = daylight[c] + (c < sensors.always.size() ? sensors.always[c] : 0.0);
            for (size_t k = 0; k < n; ++k)
                if (k != c) there += out.output[k].light * sensors.of_circuit[c][k];
            const double own = sensors.of_circuit[c][c], missing = circuits[c].target - there;
            const double wanted = missing <= 0 ? 0.0 : own > 0 ? std::min(1.0, missing / own) : 1.0;
            CircuitOutput now = output_of(circuits[c], wanted);
            if (now.light > levels[c]) now = {levels[c], power_share(circuits[c], levels[c])};
            moved = std::max(moved, std::fabs(now.light - out.output[c].light));
            out.wanted[c] = wanted;
            out.output[c] = now;
        }
        if (moved < 1e-4) break;
    }
    return out;
}

}  // namespace wp::question
