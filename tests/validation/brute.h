// SPDX-License-Identifier: GPL-3.0-or-later
// Light under one sky and sun, path by path: what coefficients, sky parts and nodes of the sun are checked against.
#pragma once
#include "light/path.h"
#include "question/sky_columns.h"

namespace wp::validation {

/// Of an hour of the weather, with +y due north. ground: reflectance of the far ground.
inline question::Shine shine_of(const climate::OutdoorHour& hour, double ground) {
    question::Shine shine;
    shine.sky = climate::sky_of(hour, 0);
    shine.to_sun = climate::sun_direction(hour.sun.sun, 0);
    shine.sun_lux = hour.direct_lux * hour.sun.sunlit;
    shine.ground_luminance = ground * hour.global_lux() / kPi;
    return shine;
}

/// Adds up what paths bring, for light::Tracer.
struct ShineSink {
    const light::Scene& scene;
    const question::Shine& shine;
    double sum = 0;
    void sky(Vec3f d, float w, const light::Trail&) { sum += static_cast<double>(w) * shine.sky.luminance(d.as<double>()); }
    void ground(float w, const light::Trail&) { sum += static_cast<double>(w) * shine.ground_luminance; }
    void vertex(Vec3f at, Vec3f n, int, float w, const light::Trail&, random::Stream&) {
        const Vec3f sun = shine.to_sun.as<float>();
        const float c = dot(sun, n);
        if (c > 0 && shine.sun_lux > 0) sum += static_cast<double>(w * c * scene.beam(at, sun).share) * shine.sun_lux;
    }
};

/// Sum over so many paths from a point; key: its random numbers.
inline double brute_sum(const light::Scene& scene, const question::Shine& shine, Vec3 point, Vec3 normal, int space, uint32_t samples, uint32_t key) {
    ShineSink sink{scene, shine};
    light::Tracer<random::Stream, ShineSink> tracer(scene, sink, light::Guidance::openings);
    for (uint32_t i = 0; i < samples; ++i) tracer.from_point(point.as<float>(), normal.as<float>(), space, 1.0f, random::Stream(key, i));
    return sink.sum;
}

}  // namespace wp::validation
