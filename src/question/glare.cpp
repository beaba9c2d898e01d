// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/glare.h"

#include <algorithm>
#include <chrono>
#include <cmath>

#include "base/parallel.h"

namespace wp::question {

light::Daylight daylight_at(const std::vector<climate::OutdoorHour>& outdoor, const climate::Place& place, const climate::Moment& moment,
                            double north, double ground_reflectance) {
    climate::OutdoorHour hour = climate::weather_at(outdoor, moment);
    hour.sun.sun = climate::sun_position(place, moment);
    light::Daylight out;
    out.sky = climate::sky_of(hour, north);
    out.sun = climate::sun_direction(hour.sun.sun, north);
    const bool up = hour.sun.sun.altitude > 0;
    out.sun_lux = up ? hour.direct_lux : 0;
    out.ground_luminance = ground_reflectance * (hour.diffuse_lux + out.sun_lux * std::max(0.0, out.sun.z)) / kPi;
    return out;
}

GlareAnswer solve_glare(const GlareTask& task, const Effort& effort, const Cancel& cancel, const Progress& progress) {
    const auto start = std::chrono::steady_clock::now();
    GlareAnswer answer;
    answer.observer = task.observer;
    answer.moment = task.moment;
    const light::States states = light::states_of(*task.surfaces);
    const light::State& state = states.all[states.in(task.moment.month)];
    const auto daylight = daylight_at(climate::outdoor_year(*task.weather), task.weather->place, task.moment, task.north_azimuth, state.ground);
    answer.sun_altitude = degrees(std::asin(std::clamp(daylight.sun.z, -1.0, 1.0)));
    const light::Eye eye = light::make_eye(task.observer.eye, radians(task.observer.heading), radians(task.observer.altitude), task.space);
    const light::Scene scene(*task.surfaces, light::Blinds::open, state);
    with_threads(effort.threads, [&] {
        answer.picture = light::trace_picture(scene, eye, daylight, task.pixels, effort.accuracy, effort.seed, cancel, progress);
    });
    const Vec3 right = cross(eye.forward, eye.up), sun = daylight.sun;
    metric::GlareField field{task.pixels, &answer.picture.luminance, answer.picture.sun_normal_lux,
                             {dot(sun, right), dot(sun, eye.up), dot(sun, eye.forward)}};
    answer.sources = metric::find_sources(field);
    const double disc = answer.picture.sun_normal_lux * std::max(0.0, field.sun.z);
    answer.vertical_lux = answer.picture.sky_vertical_lux + disc;
    answer.half_width = answer.picture.relative_half_width * answer.picture.sky_vertical_lux;
    answer.dgp = metric::daylight_glare_probability(answer.vertical_lux, answer.sources);
    const double a = metric::daylight_glare_probability(std::max(0.0, answer.vertical_lux - answer.half_width), answer.sources);
    const double b = metric::daylight_glare_probability(answer.vertical_lux + answer.half_width, answer.sources);
    answer.dgp_low = std::min({a, b, answer.dgp});
    answer.dgp_high = std::max({a, b, answer.dgp});
    answer.in_range = metric::dgp_in_range(answer.vertical_lux, answer.dgp);

    Record& record = answer.record;
    record.inputs.add(std::string_view("glare 3"));
    record.inputs.add(task.surfaces->fingerprint());
    record.inputs.add(task.weather->fingerprint());
    for (const double v : {task.observer.eye.x, task.observer.eye.y, task.observer.eye.z, task.observer.heading, task.observer.altitude,
                           task.moment.hour, task.north_azimuth, effort.accuracy})
        record.inputs.add(v);
    record.inputs.add(state.ground);
    for (const int v : {task.moment.month, task.moment.day, task.pixels}) record.inputs.add(v);
    record.inputs.add(effort.seed);
    record.wanted = effort.accuracy;
    record.reached = answer.picture.relative_half_width;
    record.settled = record.reached <= record.wanted && !cancel.requested();
    record.seed = effort.seed;
    record.rays = answer.picture.tally.rays;
    record.paths = answer.picture.tally.paths;
    record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    return answer;
}

}  // namespace wp::question
