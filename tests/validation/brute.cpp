// SPDX-License-Identifier: GPL-3.0-or-later
#include "validation/brute.h"

#include "light/path.h"

namespace wp::validation {

namespace {

// Adds up what paths bring, for light::Tracer.
struct ShineSink {
    const light::Scene& scene;
    const question::SkyAndSun& shine;
    double sum = 0;
    void sky(Vec3f d, float w, const light::Trail&) {
        sum += static_cast<double>(w) * shine.sky.luminance(d.as<double>());
    }
    void ground(float w, const light::Trail&) { sum += static_cast<double>(w) * shine.ground_luminance; }
    void vertex(const light::LitPlace& place, float w, const light::Trail&, random::Stream&) {
        const Vec3f sun = shine.to_sun.as<float>();
        const float c = dot(sun, place.normal);
        if (c > 0 && shine.sun_lux > 0)
            sum += static_cast<double>(w * c * scene.beam(place.at, sun).share *
                                       light::veil_share(scene, place.veil, sun)) *
                   shine.sun_lux;
    }
};

}  // namespace

double brute_sum(const light::Scene& scene, const question::SkyAndSun& shine, Vec3 point, Vec3 normal, int space,
                 uint32_t samples, uint32_t key) {
    ShineSink sink{scene, shine};
    light::Tracer<random::Stream, ShineSink> tracer(scene, sink, light::Guidance::openings);
    for (uint32_t i = 0; i < samples; ++i)
        tracer.from_point(point.as<float>(), normal.as<float>(), space, 1.0f, random::Stream(key, i));
    return sink.sum;
}

}  // namespace wp::validation
