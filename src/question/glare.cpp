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
    double flux = picture.sun_normal_lux(), solid = 0;
    const auto wide = static_cast<size_t>(picture.lens.width);
    for (size_t at = 0; at < picture.value.size(); ++at) {
        const auto ray = light::ray_at(picture.lens, {},
                                       {static_cast<double>(at % wide) + 0.5, static_cast<double>(at / wide) + 0.5});
        if (!ray) continue;
        flux += static_cast<double>(picture.value[at]) * ray->solid_angle;
        solid += ray->solid_angle;
    }
    return {vertical_lux, solid > 0 ? flux / solid : 0, sources};
}

namespace {

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
    const int size = picture.lens.width;
    const auto weights = light::field_weights(picture.lens);
    double sum = 0, square = 0;
    for (const auto& part : picture.parts) {
        const double dgp = dgp_of(field, part, size, light::field_of(part, weights) + disc, rule);
        sum += dgp;
        square += dgp * dgp;
    }
    const auto n = static_cast<double>(std::max<size_t>(picture.parts.size(), 1));
    const double variance = std::max(0.0, square / n - sum / n * sum / n) / std::max(1.0, n - 1);
    answer.dgp_by_chance = light::Picture::kStudent * std::sqrt(variance);
    answer.dgp_by_resolution =
        std::fabs(dgp_of(field, coarser(picture.value, size), size / 2, answer.vertical_lux, rule) - answer.dgp);
    answer.dgp_by_sources = 0;
    for (const double times : {0.8, 1.2})
        answer.dgp_by_sources = std::max(
            answer.dgp_by_sources,
            std::fabs(dgp_of(field, picture.value, size, answer.vertical_lux, {rule.over_mean * times, rule.faintest}) -
                      answer.dgp));
    const double all = std::hypot(answer.dgp_by_chance, answer.dgp_by_resolution, answer.dgp_by_sources);
    answer.dgp_low = std::max(0.0, answer.dgp - all);
    answer.dgp_high = std::min(1.0, answer.dgp + all);
}

void judge(GlareAnswer& answer, const GlareTask& task, const Vec3& sun) {
    const light::Pose& eye = answer.picture.pose;
    metric::GlareField field{task.pixels,
                             &answer.picture.value,
                             answer.picture.sun_normal_lux(),
                             {dot(sun, eye.right()), dot(sun, eye.up), dot(sun, eye.forward)}};
    answer.sources = metric::find_sources(field, task.sources);
    const double disc = answer.picture.sun_normal_lux() * std::max(0.0, field.sun.z);
    answer.vertical_lux = answer.picture.field + disc;
    answer.half_width = answer.picture.relative_half_width * answer.picture.field;
    answer.dgp = metric::daylight_glare_probability(answer.vertical_lux, answer.sources);
    tell_band(answer, field, disc, task.sources);
    answer.in_range = metric::dgp_in_range(answer.vertical_lux, answer.dgp);
}

Fingerprint inputs_of(const GlareTask& task, const Effort& effort, double ground) {
    Fingerprint inputs;
    inputs.add(std::string_view("glare 5"));
    inputs.add(task.surfaces->fingerprint());
    inputs.add(task.weather->fingerprint());
    for (const double v : {task.observer.eye.x, task.observer.eye.y, task.observer.eye.z, task.observer.heading,
                           task.observer.altitude, task.moment.hour, task.north_azimuth, effort.accuracy})
        inputs.add(v);
    inputs.add(ground);
    for (const int v : {task.moment.month, task.moment.day, task.pixels}) inputs.add(v);
    for (const int layer : task.blinds.layers) inputs.add(layer);
    for (const double v : {task.sources.over_mean, task.sources.faintest}) inputs.add(v);
    inputs.add(effort.seed);
    return inputs;
}

void tell_record(Record& record, const light::Picture& picture, std::chrono::steady_clock::time_point start) {
    record.reached = picture.relative_half_width;
    record.settled = picture.settled;
    record.rays = picture.tally.rays;
    record.paths = picture.tally.paths;
    record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

}  // namespace

double progress_of(const GlareAnswer& answer) {
    if (answer.record.settled) return 1;
    return std::min(0.99, std::pow(answer.record.wanted / std::max(answer.record.reached, 1e-9), 2));
}

GlareAnswer solve_glare(const GlareTask& task, const Effort& effort, const Cancel& cancel, const GlareStep& step) {
    const auto start = std::chrono::steady_clock::now();
    const light::States states = light::states_of(*task.surfaces);
    const light::State& state = states.all[states.in(task.moment.month)];
    const auto daylight = daylight_at(climate::outdoor_year(*task.weather), task.weather->place, task.moment,
                                      task.north_azimuth, state.ground);
    GlareAnswer answer;
    answer.observer = task.observer;
    answer.moment = task.moment;
    answer.sun_altitude = degrees(std::asin(std::clamp(daylight.sun.z, -1.0, 1.0)));
    answer.blinds = task.blinds;
    answer.record.inputs = inputs_of(task, effort, state.ground);
    answer.record.wanted = effort.accuracy;
    answer.record.seed = effort.seed;
    const light::Scene scene(
        *task.surfaces,
        task.blinds.layers.empty() ? light::layers_of(*task.surfaces, light::Blinds::open) : task.blinds.layers, state);
    light::PictureTask work;
    work.scene = &scene;
    work.lens.width = work.lens.height = task.pixels;
    work.pose = light::make_eye(task.observer.eye, radians(task.observer.heading), radians(task.observer.altitude));
    work.daylight = daylight;
    work.accuracy = effort.accuracy;
    work.seed = effort.seed;
    const auto tell = [&](light::Picture picture) {
        answer.picture = std::move(picture);
        judge(answer, task, daylight.sun);
        tell_record(answer.record, answer.picture, start);
    };
    light::PictureStep judged;
    if (step)
        judged = [&](const light::Picture& so_far) {
            tell(so_far);
            step(answer);
        };
    with_threads(effort.threads, [&] { tell(light::trace_picture(work, cancel, judged)); });
    if (cancel.requested()) answer.record.settled = false;
    return answer;
}

}  // namespace wp::question
