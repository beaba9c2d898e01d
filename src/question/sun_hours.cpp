// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/sun_hours.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <limits>

#include "base/parallel.h"
#include "climate/sun.h"

namespace wp::question {

namespace {

// One look at the sun.
struct Look {
    Vec3 to_sun;
    double hour;   // of the day, the middle of the step
    double lasts;  // hours
    size_t state;
};

std::vector<Look> looks_of(const SunHoursTask& task, const light::States& states, int first, int days) {
    std::vector<Look> out;
    const double step = std::clamp(task.step, 1.0, 60.0) / 60;
    const int steps = static_cast<int>(std::lround(24 / step));
    for (int d = 0; d < days; ++d) {
        const int day = (first + d) % 365;
        const size_t state = states.in(climate::moment_of(day, 12).month);
        for (int i = 0; i < steps; ++i) {
            const auto moment = climate::moment_of(day, (i + 0.5) * 24 / steps);
            const auto sun = climate::sun_position(task.place, moment);
            if (sun.altitude <= std::max(task.least_altitude, 0.0)) continue;
            if (task.weather != nullptr &&
                task.weather->hours[static_cast<size_t>(moment.hour_of_year())].direct_normal < kSunshine)
                continue;
            out.push_back({climate::sun_direction(sun, task.north_azimuth), moment.hour, 24.0 / steps, state});
        }
    }
    return out;
}

bool reaches(const light::Scene& scene, const geometry::PlanePoints& plane, size_t i, Vec3 to_sun) {
    if (dot(to_sun, plane.normal) <= 0) return false;
    const auto beam = scene.beam((plane.points[i] + plane.normal * 1e-4).as<float>(), to_sun.as<float>());
    return beam.share > 0 && static_cast<double>(beam.holes) >= 1 - kShadesAt;
}

}  // namespace

SunHoursAnswer sun_hours(const SunHoursTask& task, const Effort& effort, const Cancel& cancel,
                         const Progress& progress) {
    const auto start = std::chrono::steady_clock::now();
    SunHoursAnswer out;
    out.days = (task.last_day - task.first_day + 365) % 365 + 1;
    const light::States states = light::states_of(*task.surfaces);
    std::vector<std::unique_ptr<const light::Scene>> by_state;
    for (const auto& state : states.all)
        by_state.push_back(std::make_unique<const light::Scene>(*task.surfaces, light::Blinds::open, state));
    const std::vector<Look> looks = looks_of(task, states, task.first_day, out.days);
    for (const Look& look : looks) out.open_hours += look.lasts;
    out.open_year_hours = out.open_hours;
    if (out.days < 365) {
        const int rest = (task.last_day + 1) % 365;
        for (const Look& look : looks_of(task, states, rest, 365 - out.days)) out.open_year_hours += look.lasts;
    }
    size_t all = 0, done = 0;
    for (const auto& points : *task.planes) all += points.points.size();
    constexpr double never = std::numeric_limits<double>::quiet_NaN();
    with_threads(effort.threads, [&] {
        for (const auto& points : *task.planes) {
            PlaneSun plane{points, std::vector<double>(points.points.size(), 0.0),
                           std::vector<double>(points.points.size(), never),
                           std::vector<double>(points.points.size(), never)};
            parallel_for(
                points.points.size(),
                [&](size_t i) {
                    if (cancel.requested()) return;
                    for (const Look& look : looks) {
                        if (!reaches(*by_state[look.state], points, i, look.to_sun)) continue;
                        plane.hours[i] += look.lasts;
                        const double begin = look.hour - look.lasts / 2, end = look.hour + look.lasts / 2;
                        plane.first[i] = std::isnan(plane.first[i]) ? begin : std::min(plane.first[i], begin);
                        plane.last[i] = std::isnan(plane.last[i]) ? end : std::max(plane.last[i], end);
                    }
                },
                8);
            done += points.points.size();
            out.record.rays += points.points.size() * looks.size();
            out.planes.push_back(std::move(plane));
            if (progress) progress(static_cast<double>(done) / static_cast<double>(std::max<size_t>(all, 1)));
        }
    });
    Record& record = out.record;
    record.inputs.add(std::string_view("sun hours 1"));
    record.inputs.add(task.surfaces->fingerprint());
    for (const auto& points : *task.planes) record.inputs.add(points.fingerprint());
    for (const double v : {task.place.latitude, task.place.longitude, task.place.time_zone, task.north_azimuth,
                           task.step, task.least_altitude})
        record.inputs.add(v);
    for (const int v : {task.first_day, task.last_day}) record.inputs.add(v);
    if (task.weather != nullptr) record.inputs.add(task.weather->fingerprint());
    record.settled = !cancel.requested();
    record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    return out;
}

}  // namespace wp::question
