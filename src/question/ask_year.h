// SPDX-License-Identifier: GPL-3.0-or-later
// A project's year: from its words to what is traced, and what hours, limits and light its figures are for.
#pragma once
#include <memory>
#include <string>
#include <vector>

#include "model/question.h"
#include "question/electric.h"
#include "question/year.h"
#include "question/year_limits.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

/// What figures of a year are told of.
struct YearUse {
    YearLimits limits;
    std::vector<metric::Hours> hours;  ///< by plane: when its room is occupied
    Operation operation = Operation::control;
    LightCounted counted = LightCounted::daylight;
};
/// Target and limits of a year's question.
YearLimits limits_of(const model::Question& question);
/// planes: in the order of the answer.
YearUse year_use(const model::Project& project, const model::Option& option, const model::Question& question,
                 const std::vector<geometry::PlanePoints>& planes);
/// Occupied hours of a room; the question's where it has no pattern.
metric::Hours occupied_hours(const model::Project& project, const model::Option& option,
                             const model::Question& question, const model::Id& room);

/// What a year needs of an option: built once, and again when the option changes.
struct YearScene {
    geometry::Surfaces surfaces;  ///< with the blinds of all states
    std::vector<YearGroup> groups;
    std::vector<geometry::PlanePoints> planes;
    climate::Place place;
    double north_azimuth = 0;
    std::vector<double> ground_by_month;
    std::vector<bool> occupied;    ///< by plane
    model::YearCalendar calendar;  ///< hours are given by its clock
    YearTask task() const { return {&surfaces, &planes, &groups, place, north_azimuth}; }
};
Result<YearScene> year_scene(const model::Project& project, const model::Option& option,
                             const model::Question& question, const climate::WeatherYear& weather);

Operation operation_of(model::SeatsChoice::Blinds blinds);

/// What may be used again from an earlier answer.
struct YearKnown {
    std::shared_ptr<const YearLight> light;
    std::shared_ptr<const YearSky> sky;
    std::shared_ptr<HourlyLight> hourly;       ///< what was computed for another control or other hours
    std::shared_ptr<const YearBefore> before;  ///< pieces on the cache that an edit hardly reaches
    YearKnown() = default;
    YearKnown(std::shared_ptr<const YearLight> traced, std::shared_ptr<const YearSky> shone)
        : light(std::move(traced)), sky(std::move(shone)) {}
    explicit YearKnown(const YearAnswer& before);
};

/// Traces what is not known and not on the cache. Cancelled: settled is false and planes are empty.
YearAnswer ask_year(const YearScene& scene, const climate::WeatherYear& weather, const Effort& effort,
                    const YearKnown& known = {}, const Cancel& cancel = {}, const Progress& progress = {},
                    const Cache& cache = {});
/// What an answer depends on, traced or not: hours, limits and electric light are not among it.
Fingerprint year_inputs(const YearScene& scene, const climate::WeatherYear& weather, const Effort& effort);

}  // namespace wp::question
