// SPDX-License-Identifier: GPL-3.0-or-later
// Circuits of electric light: how much light and power their control gives for what is wanted, which scene holds, and
// how circuits that see each other settle beside daylight.
#pragma once
#include <span>
#include <vector>

#include "metric/annual.h"
#include "model/option.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

/// Shares of what a circuit gives and takes wholly on.
struct CircuitOutput {
    double light = 0, power = 0;
    bool on() const { return light > 0 || power > 0; }
};
/// wanted: share of its light, 0 to 1. Manual light is on wholly for anything that is wanted: when it is switched is a
/// matter of the day.
CircuitOutput output_of(const model::Lighting& circuit, double wanted);
/// Power that a circuit takes when it gives that share of its light.
double power_share(const model::Lighting& circuit, double light);

/// Levels of an option's circuits (in the order of Option::lighting) in a scene; null: all wholly on.
std::vector<double> levels_of(const model::Option& option, const model::LightScene* scene);
/// The scene that holds by itself in each hour of the year, an index into Option::scenes; -1: none. outdoor: global
/// illuminance on the open ground in each hour.
std::vector<int> scenes_of_year(const model::Option& option, const model::YearCalendar& calendar,
                                std::span<const float> outdoor);

/// What sensors see: of each circuit's own sensor (rows) the light of every circuit wholly on (columns), and of
/// luminaires that are on no circuit; lux.
struct SensorLight {
    std::vector<std::vector<double>> of_circuit;
    std::vector<double> always;
};
/// What each circuit gives so that its sensor has its target beside daylight, none beyond its level: found in turns
/// until they agree. wanted: shares before the control makes of them what it can.
struct Settled {
    std::vector<double> wanted;
    std::vector<CircuitOutput> output;
};
Settled settle(const std::vector<model::Lighting>& circuits, const SensorLight& sensors,
               std::span<const double> daylight, std::span<const double> levels);

}  // namespace wp::question
