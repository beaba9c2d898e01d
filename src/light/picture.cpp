// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/picture.h"

#include <algorithm>
#include <cmath>
#include <mutex>

#include "base/parallel.h"
#include "climate/sun.h"
#include "light/path.h"
#include "light/replicates.h"

namespace wp::light {

Eye make_eye(Vec3 at, double heading, double altitude, int space) {
    Eye eye;
    eye.at = at;
    eye.space = space;
    eye.forward = direction(heading, altitude);
    eye.up = direction(heading, altitude + kPi / 2);
    return eye;
}

bool pixel_direction(const Eye& eye, int size, double x, double y, Vec3& out, double& solid_angle) {
    const auto ray = ray_at({Lens::Kind::hemisphere, size, size}, eye, {x, y});
    if (!ray) return false;
    out = ray->along;
    solid_angle = ray->solid_angle;
    return true;
}

namespace {

// Luminance of a ray's end: sky, ground, and sunlight on surfaces.
struct EyeSink {
    const Scene& scene;
    const Daylight& daylight;
    Vec3f sun;
    Tally& tally;
    double sum = 0;

    void sky(Vec3f d, float weight, const Trail&) {
        sum += static_cast<double>(weight) * daylight.sky.luminance(d.as<double>());
    }
    void ground(float weight, const Trail&) { sum += static_cast<double>(weight) * daylight.ground_luminance; }
    void vertex(const LitPlace& place, float weight, const Trail&, random::Stream&) {
        const float cosine = dot(sun, place.normal);
        if (daylight.sun_lux <= 0 || cosine <= 0) return;
        ++tally.rays;
        const float share = scene.beam(place.at, sun).share * veil_share(scene, place.veil, sun);
        sum += static_cast<double>(weight * cosine * share) * daylight.sun_lux;
    }
    void gloss(const LitPlace& place, const GlossLobe& lobe, float weight, const Trail&, random::Stream&) {
        const float density = daylight.sun_lux > 0 ? lobe.density(sun) : 0;
        if (density <= 0) return;
        ++tally.rays;
        sum += static_cast<double>(weight * density * scene.beam(place.at, sun).share) * daylight.sun_lux;
    }
};

constexpr uint32_t kFewest = 16, kMost = 4096;

// By what each pixel's luminance counts in the vertical illuminance; nothing outside the circle.
std::vector<double> vertical_weights(int size) {
    const Eye eye;
    const auto wide = static_cast<size_t>(size);
    std::vector<double> out(wide * wide, 0.0);
    for (size_t at = 0; at < out.size(); ++at) {
        Vec3 d;
        double omega;
        if (pixel_direction(eye, size, static_cast<double>(at % wide) + 0.5, static_cast<double>(at / wide) + 0.5, d,
                            omega))
            out[at] = omega * dot(d, eye.forward);
    }
    return out;
}

}  // namespace

double vertical_illuminance(const std::vector<float>& luminance, int size) {
    const auto weights = vertical_weights(size);
    double out = 0;
    for (size_t at = 0; at < luminance.size(); ++at) out += static_cast<double>(luminance[at]) * weights[at];
    return out;
}

Picture trace_picture(const Scene& scene, const Eye& eye, const Daylight& daylight, int size, double accuracy,
                      unsigned seed, const Cancel& cancel, const Progress& progress) {
    Picture picture;
    picture.size = size;
    picture.sun = daylight.sun;
    const auto pixels = static_cast<size_t>(size) * static_cast<size_t>(size);
    picture.luminance.assign(pixels, 0.0f);
    std::vector<double> sums(pixels, 0.0), squares(pixels, 0.0);
    picture.parts.assign(Picture::kParts, std::vector<float>(pixels, 0.0f));  // sums till the end
    if (daylight.sun_lux > 0 && dot(daylight.sun, eye.forward) > 0) {
        picture.sun_normal_lux =
            daylight.sun_lux * static_cast<double>(scene.beam(eye.at.as<float>(), daylight.sun.as<float>()).share);
        ++picture.tally.rays;
    }
    std::mutex mutex;
    const auto weights = vertical_weights(size);
    for (uint32_t done = 0, target = kFewest; done < kMost && !cancel.requested(); target *= 2) {
        parallel_for(static_cast<size_t>(size), [&](size_t row) {
            if (cancel.requested()) return;
            Tally tally;
            EyeSink sink{scene, daylight, daylight.sun.as<float>(), tally};
            Tracer<random::Stream, EyeSink> tracer(scene, sink, Guidance::openings);
            for (size_t column = 0; column < static_cast<size_t>(size); ++column) {
                const size_t at = row * static_cast<size_t>(size) + column;
                const uint32_t pixel_seed = random::hash(seed, static_cast<uint32_t>(at));
                for (uint32_t i = done; i < target && !cancel.requested(); ++i) {
                    random::Stream stream(pixel_seed, i);
                    const random::Pair place = stream.next();
                    Vec3 d;
                    double omega;
                    if (!pixel_direction(eye, size, static_cast<double>(column) + place.u,
                                         static_cast<double>(row) + place.v, d, omega))
                        continue;
                    sink.sum = 0;
                    tracer.from_ray(eye.at.as<float>(), d.as<float>(), 1.0f, stream);
                    sums[at] += sink.sum;
                    picture.parts[i % Picture::kParts][at] += static_cast<float>(sink.sum);
                    squares[at] += sink.sum * sink.sum;
                }
            }
            tally += tracer.tally();
            const std::lock_guard lock(mutex);
            picture.tally += tally;
        });
        if (cancel.requested()) break;
        done = target;
        picture.samples = done;
        double vertical = 0, variance = 0;
        for (size_t at = 0; at < pixels; ++at) {
            const double n = done, mean = sums[at] / n, weight = weights[at];
            picture.luminance[at] = static_cast<float>(mean);
            vertical += mean * weight;
            variance += weight * weight * std::max(0.0, squares[at] / n - mean * mean) / n;
        }
        picture.sky_vertical_lux = vertical;
        picture.relative_half_width = vertical > 0 ? 1.96 * std::sqrt(variance) / vertical : 0;
        if (progress) progress(std::min(1.0, std::pow(accuracy / std::max(picture.relative_half_width, 1e-9), 2)));
        if (picture.relative_half_width <= accuracy) break;
    }
    // kFewest and its doubles are multiples of the number of parts.
    const float scale = static_cast<float>(Picture::kParts) / static_cast<float>(std::max(picture.samples, 1u));
    for (auto& part : picture.parts)
        for (float& v : part) v *= scale;
    return picture;
}

}  // namespace wp::light
