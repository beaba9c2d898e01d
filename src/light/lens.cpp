// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/lens.h"

#include <algorithm>
#include <cmath>

namespace wp::light {
namespace {

Vec3 in_space(const Pose& pose, double right, double up, double forward) {
    return pose.forward * forward + pose.right() * right + pose.up * up;
}

std::optional<LensRay> hemisphere(const Lens& lens, const Pose& pose, const PicturePlace& p) {
    const double half = lens.width / 2.0, dx = (p.x - half) / half, dy = (lens.height / 2.0 - p.y) / half,
                 r = std::hypot(dx, dy);
    if (r > 1) return {};
    const double theta = r * kPi / 2, even = r > 0 ? std::sin(theta) / r : 0, step = kPi / lens.width;
    // d(omega) = sin(theta)/theta d(theta x) d(theta y).
    return LensRay{pose.at, in_space(pose, even * dx, even * dy, std::cos(theta)),
                   step * step * (theta > 1e-9 ? std::sin(theta) / theta : 1.0), std::cos(theta)};
}

std::optional<LensRay> sphere(const Lens& lens, const Pose& pose, const PicturePlace& p) {
    const double azimuth = (p.x / lens.width - 0.5) * 2 * kPi, altitude = (0.5 - p.y / lens.height) * kPi;
    if (std::fabs(azimuth) > kPi || std::fabs(altitude) > kPi / 2) return {};
    const Vec3 along = in_space(pose, std::cos(altitude) * std::sin(azimuth), std::sin(altitude),
                                std::cos(altitude) * std::cos(azimuth));
    return LensRay{pose.at, along, 2 * kPi / lens.width * kPi / lens.height * std::cos(altitude),
                   dot(along, pose.forward)};
}

// Half the width of the picture on a plane at distance 1.
double half_width(const Lens& lens) { return std::tan(lens.field / 2); }

std::optional<LensRay> perspective(const Lens& lens, const Pose& pose, const PicturePlace& p) {
    const double pixel = 2 * half_width(lens) / lens.width, x = (p.x - lens.width / 2.0) * pixel,
                 y = (lens.height / 2.0 - p.y) * pixel;
    if (p.x < 0 || p.y < 0 || p.x > lens.width || p.y > lens.height) return {};
    const double cosine = 1 / std::sqrt(1 + x * x + y * y);
    return LensRay{pose.at, in_space(pose, x * cosine, y * cosine, cosine), pixel * pixel * cosine * cosine * cosine,
                   cosine};
}

std::optional<LensRay> parallel(const Lens& lens, const Pose& pose, const PicturePlace& p) {
    if (p.x < 0 || p.y < 0 || p.x > lens.width || p.y > lens.height) return {};
    const double metre = lens.across / lens.width;
    return LensRay{
        pose.at + pose.right() * ((p.x - lens.width / 2.0) * metre) + pose.up * ((lens.height / 2.0 - p.y) * metre),
        pose.forward, 0, 1};
}

// The directions of a hemisphere that are behind the eye, and what lies beside a picture, are not in it.
std::optional<PicturePlace> within(const Lens& lens, PicturePlace p) {
    if (p.x < 0 || p.y < 0 || p.x > lens.width || p.y > lens.height) return {};
    return p;
}

}  // namespace

std::optional<LensRay> ray_at(const Lens& lens, const Pose& pose, const PicturePlace& place) {
    switch (lens.kind) {
        case Lens::Kind::hemisphere:
            return hemisphere(lens, pose, place);
        case Lens::Kind::sphere:
            return sphere(lens, pose, place);
        case Lens::Kind::perspective:
            return perspective(lens, pose, place);
        case Lens::Kind::parallel:
            return parallel(lens, pose, place);
    }
    return {};
}

std::optional<PicturePlace> place_of(const Lens& lens, const Pose& pose, const Vec3& seen) {
    const double middle_x = lens.width / 2.0, middle_y = lens.height / 2.0;
    if (lens.kind == Lens::Kind::parallel) {
        const double pixel = lens.width / lens.across;
        const Vec3 off = seen - pose.at;
        return within(lens, {middle_x + dot(off, pose.right()) * pixel, middle_y - dot(off, pose.up) * pixel});
    }
    const Vec3 d = normalized(seen);
    const double x = dot(d, pose.right()), y = dot(d, pose.up), z = dot(d, pose.forward);
    if (lens.kind == Lens::Kind::sphere)
        return PicturePlace{(std::atan2(x, z) / (2 * kPi) + 0.5) * lens.width,
                            (0.5 - std::asin(std::clamp(y, -1.0, 1.0)) / kPi) * lens.height};
    if (z < 0 || (z == 0 && lens.kind == Lens::Kind::perspective)) return {};
    if (lens.kind == Lens::Kind::perspective) {
        const double pixels = middle_x / half_width(lens);
        return within(lens, {middle_x + x / z * pixels, middle_y - y / z * pixels});
    }
    const double across = std::hypot(x, y), theta = std::atan2(across, z),
                 grow = across > 0 ? theta / (kPi / 2) / across * middle_x : 0;
    return PicturePlace{middle_x + x * grow, middle_y - y * grow};
}

}  // namespace wp::light
