// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/ask_year.h"

#include <algorithm>

#include "model/project.h"
#include "question/ask.h"

namespace wp::question {

metric::Hours occupied_hours(const model::Project& project, const model::Option& option,
                             const model::Question& question, const model::Id& room) {
    const auto place = model::find_room(option, room);
    const auto* pattern = place ? model::find(project.occupancies, place.room->occupancy) : nullptr;
    return pattern != nullptr ? model::hours_of(*pattern, project.calendar)
                              : model::clock_hours(project.calendar, question.from, question.to);
}

YearLimits limits_of(const model::Question& question) {
    return {question.target, question.useful_low, question.useful_high};
}

YearUse year_use(const model::Project& project, const model::Option& option, const model::Question& question,
                 const std::vector<geometry::PlanePoints>& planes) {
    YearUse out;
    out.limits = limits_of(question);
    for (const auto& plane : planes) out.hours.push_back(occupied_hours(project, option, question, plane.room));
    return out;
}

Result<YearScene> year_scene(const model::Project& project, const model::Option& option,
                             const model::Question& question, const climate::WeatherYear& weather) {
    auto planes = planes_of(option, question, project.site.north);
    if (!planes) return planes.fault();
    YearScene out;
    out.surfaces = geometry::build_surfaces(project, option, question.without);
    out.groups = window_groups(project, option, out.surfaces);
    out.planes = std::move(*planes);
    out.place = place_of_year(place_of(project.site), weather);
    out.north_azimuth = radians(project.site.north);
    out.ground_by_month = ground_of_months(project.site);
    out.calendar = project.calendar;
    out.occupied = occupied_planes(option, out.planes);
    return out;
}

Operation operation_of(model::SeatsChoice::Blinds blinds) {
    using Blinds = model::SeatsChoice::Blinds;
    switch (blinds) {
        case Blinds::as_worked:
            return Operation::control;
        case Blinds::lm83:
            return Operation::lm83;
        case Blinds::open:
            return Operation::open;
        case Blinds::closed:
            return Operation::closed;
    }
    return Operation::control;
}

YearKnown::YearKnown(const YearAnswer& before) {
    if (const auto* inputs = before.inputs()) light = inputs->light, sky = inputs->sky, hourly = inputs->hourly;
}

YearAnswer ask_year(const YearScene& scene, const climate::WeatherYear& weather, const Effort& effort,
                    const YearKnown& known, const Cancel& cancel, const Progress& progress, const Cache& cache) {
    YearTask task = scene.task();
    task.before = known.before.get();
    std::shared_ptr<const YearLight> light = known.light;
    const Fingerprint wanted = year_light_inputs(task, effort);
    if (light == nullptr || light->record.inputs != wanted || !light->record.settled)
        light = std::make_shared<const YearLight>(trace_year_light(task, effort, cancel, progress, cache));
    if (cancel.requested() || cache.helps) {
        YearAnswer none;
        none.record = light->record;
        none.record.settled = false;
        return none;
    }
    auto sky = known.sky;
    if (sky == nullptr ||
        sky->inputs != year_sky_inputs(weather, scene.place, scene.north_azimuth, scene.ground_by_month))
        sky = year_sky(weather, scene.place, scene.north_azimuth, scene.ground_by_month);
    YearAnswer::Inputs inputs{light,          sky,           scene.groups, panes_of(scene.surfaces), known.hourly,
                              scene.calendar, scene.occupied};
    YearAnswer answer(std::move(inputs));
    answer.record.inputs = year_inputs(scene, weather, effort);
    return answer;
}

Fingerprint year_inputs(const YearScene& scene, const climate::WeatherYear& weather, const Effort& effort) {
    Fingerprint print;
    print.add(std::string_view("year 3"));
    print.add(year_light_inputs(scene.task(), effort));
    print.add(year_sky_inputs(weather, scene.place, scene.north_azimuth, scene.ground_by_month));
    for (const float f : light::figures_of(scene.surfaces)) print.add(static_cast<double>(f));
    for (const auto& g : scene.surfaces.glazings) print.add(g.solar_factor);
    for (const auto& group : scene.groups) {
        print.add(group.name);
        for (const auto& id : group.openings) print.add(id);
        const auto& c = group.control;
        print.add(static_cast<int>(c.kind));
        for (const double v : {c.limit, c.from, c.to}) print.add(v);
        for (const int v : {c.month_from, c.month_to, static_cast<int>(c.tracks_sun)}) print.add(v);
        print.add(group.states.size());
    }
    for (const bool o : scene.occupied) print.add(static_cast<int>(o));
    if (scene.calendar.summer_time) {
        for (const auto& m : {scene.calendar.summer_from, scene.calendar.summer_to}) {
            print.add(m.month);
            print.add(m.day);
            print.add(m.hour);
        }
    }
    return print;
}

}  // namespace wp::question
