// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/glare.h"

#include <algorithm>
#include <chrono>
#include <cmath>

#include "base/parallel.h"

namespace wp::question {

light::Daylight daylight_at(const std::vector<climate::OutdoorHour>& outdoor, const climate::Place& place,
                            const climate::Moment& moment, double north, double ground_reflectance) {
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

metric::GlareView GlareAnswer::view() const {
    const light::Eye eye;
    const auto wide = static_cast<size_t>(picture.size);
    double flux = picture.sun_normal_lux, solid = 0;
    for (size_t at = 0; at < picture.luminance.size(); ++at) {
        Vec3 d;
        double omega;
        if (!light::pixel_direction(eye, picture.size, static_cast<double>(at % wide) + 0.5,
                                    static_cast<double>(at / wide) + 0.5, d, omega))
            continue;
        flux += static_cast<double>(picture.luminance[at]) * omega;
        solid += omega;
    }
    return {vertical_lux, solid > 0 ? flux / solid : 0, sources};
}

namespace {

// Student's t for 95 % and 7 degrees of freedom.
constexpr double kStudentOfParts = 2.365;

double dgp_of(metric::GlareField field, const std::vector<float>& luminance, int size, double vertical_lux,
              const metric::SourceRule& rule) {
    field.luminance = &luminance;
    field.size = size;
    return metric::daylight_glare_probability(vertical_lux, metric::find_sources(field, rule));
}

// Half as many pixels each way.
std::vector<float> coarser(const std::vector<float>& fine, int size) {
    const auto half = static_cast<size_t>(size / 2), wide = static_cast<size_t>(size);
    std::vector<float> out(half * half);
    for (size_t y = 0; y < half; ++y)
        for (size_t x = 0; x < half; ++x) {
            const size_t at = 2 * y * wide + 2 * x;
            out[y * half + x] = (fine[at] + fine[at + 1] + fine[at + wide] + fine[at + wide + 1]) / 4;
        }
    return out;
}

void tell_band(GlareAnswer& answer, const metric::GlareField& field, double disc, const metric::SourceRule& rule) {
    const auto& picture = answer.picture;
    double sum = 0, square = 0;
    for (const auto& part : picture.parts) {
        const double dgp =
            dgp_of(field, part, picture.size, light::vertical_illuminance(part, picture.size) + disc, rule);
        sum += dgp;
        square += dgp * dgp;
    }
    const auto n = static_cast<double>(std::max<size_t>(picture.parts.size(), 1));
    const double variance = std::max(0.0, square / n - sum / n * sum / n) / std::max(1.0, n - 1);
    answer.dgp_by_chance = kStudentOfParts * std::sqrt(variance);
    answer.dgp_by_resolution =
        std::fabs(dgp_of(field, coarser(picture.luminance, picture.size), picture.size / 2, answer.vertical_lux, rule) -
                  answer.dgp);
    for (const double times : {0.8, 1.2})
        answer.dgp_by_sources = std::max(answer.dgp_by_sources,
                                         std::fabs(dgp_of(field, picture.luminance, picture.size, answer.vertical_lux,
                                                          {rule.over_mean * times, rule.faintest}) -
                                                   answer.dgp));
    const double all = std::hypot(answer.dgp_by_chance, answer.dgp_by_resolution, answer.dgp_by_sources);
    answer.dgp_low = std::max(0.0, answer.dgp - all);
    answer.dgp_high = std::min(1.0, answer.dgp + all);
}

}  // namespace

GlareAnswer solve_glare(const GlareTask& task, const Effort& effort, const Cancel& cancel, const Progress& progress) {
    const auto start = std::chrono::steady_clock::now();
    GlareAnswer answer;
    answer.observer = task.observer;
    answer.moment = task.moment;
    const light::States states = light::states_of(*task.surfaces);
    const light::State& state = states.all[states.in(task.moment.month)];
    const auto daylight = daylight_at(climate::outdoor_year(*task.weather), task.weather->place, task.moment,
                                      task.north_azimuth, state.ground);
    answer.sun_altitude = degrees(std::asin(std::clamp(daylight.sun.z, -1.0, 1.0)));
    const light::Eye eye =
        light::make_eye(task.observer.eye, radians(task.observer.heading), radians(task.observer.altitude), task.space);
    const light::Scene scene(
        *task.surfaces,
        task.blinds.layers.empty() ? light::layers_of(*task.surfaces, light::Blinds::open) : task.blinds.layers, state);
    answer.blinds = task.blinds;
    with_threads(effort.threads, [&] {
        answer.picture =
            light::trace_picture(scene, eye, daylight, task.pixels, effort.accuracy, effort.seed, cancel, progress);
    });
    const Vec3 right = cross(eye.forward, eye.up), sun = daylight.sun;
    metric::GlareField field{task.pixels,
                             &answer.picture.luminance,
                             answer.picture.sun_normal_lux,
                             {dot(sun, right), dot(sun, eye.up), dot(sun, eye.forward)}};
    answer.sources = metric::find_sources(field, task.sources);
    const double disc = answer.picture.sun_normal_lux * std::max(0.0, field.sun.z);
    answer.vertical_lux = answer.picture.sky_vertical_lux + disc;
    answer.half_width = answer.picture.relative_half_width * answer.picture.sky_vertical_lux;
    answer.dgp = metric::daylight_glare_probability(answer.vertical_lux, answer.sources);
    tell_band(answer, field, disc, task.sources);
    answer.in_range = metric::dgp_in_range(answer.vertical_lux, answer.dgp);

    Record& record = answer.record;
    record.inputs.add(std::string_view("glare 4"));
    record.inputs.add(task.surfaces->fingerprint());
    record.inputs.add(task.weather->fingerprint());
    for (const double v : {task.observer.eye.x, task.observer.eye.y, task.observer.eye.z, task.observer.heading,
                           task.observer.altitude, task.moment.hour, task.north_azimuth, effort.accuracy})
        record.inputs.add(v);
    record.inputs.add(state.ground);
    for (const int v : {task.moment.month, task.moment.day, task.pixels}) record.inputs.add(v);
    for (const int layer : task.blinds.layers) record.inputs.add(layer);
    record.inputs.add(task.sources.faintest);
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
