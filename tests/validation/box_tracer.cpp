// SPDX-License-Identifier: GPL-3.0-or-later
#include "validation/box_tracer.h"

#include <algorithm>
#include <cmath>

namespace wp::validation::boxes {

namespace {

constexpr double kIndex = 1.526;

// Transmittance and reflectance of one pane for one face reflectance r and a body that passes a, terms added up one by
// one.
PaneShares series(double r, double a) {
    double t = 0, back = r, inside = (1 - r) * a;
    for (int i = 0; i < 60; ++i) {
        t += inside * (1 - r);
        inside *= r * a;
        back += inside * (1 - r);
        inside *= r * a;
    }
    return {t, back};
}

PaneShares with_body(double cosine, double normal_body) {
    const double incident = std::acos(std::clamp(cosine, 0.0, 1.0));
    const double refracted = std::asin(std::sin(incident) / kIndex),
                 body = std::pow(normal_body, 1 / std::cos(refracted));
    double s = std::pow((kIndex - 1) / (kIndex + 1), 2), p = s;
    if (incident > 1e-6) {
        s = std::pow(std::sin(incident - refracted) / std::sin(incident + refracted), 2);
        p = std::pow(std::tan(incident - refracted) / std::tan(incident + refracted), 2);
    }
    const auto a = series(s, body), b = series(p, body);
    return {(a.transmittance + b.transmittance) / 2, (a.reflectance + b.reflectance) / 2};
}

double body_for(double normal_transmittance) {
    double low = 0, high = 1;
    for (int i = 0; i < 50; ++i)
        (with_body(1, (low + high) / 2).transmittance < normal_transmittance ? low : high) = (low + high) / 2;
    return (low + high) / 2;
}

struct Hit {
    double distance = 1e30;
    Vec3 normal;
    double reflectance = 0;
    const Pane* pane = nullptr;
};

class Tracer {
 public:
    Tracer(const Scene& scene, const Sky& sky, unsigned seed) : scene_(scene), sky_(sky), dice_(seed) {
        sun_ = normalized(sky.sun);
        for (const Pane& p : scene.panes) bodies_.push_back(body_for(p.transmittance));
    }

    bool sees_sun(Vec3 at) { return sunlight(at, {0, 0, 1}) > 0; }
    // Of one path: illuminance.
    double path(Vec3 at, Vec3 normal) {
        double sum = 0, weight = 1;
        Vec3 d = cosine(normal);
        sum += sunlight(at, normal);
        at = at + normal * 1e-6;
        for (int bounce = 0; bounce < 400; ++bounce) {
            const Hit hit = nearest(at, d);
            if (hit.distance > 1e29) return sum + kPi * weight * luminance(d);
            at = at + d * hit.distance;
            if (hit.pane != nullptr) {
                if (!cross(*hit.pane, at, d, weight, sum)) return sum;
                continue;
            }
            // Every surface shows the side that was met.
            weight *= hit.reflectance;
            at = at + hit.normal * 1e-6;
            sum += weight * sunlight(at, hit.normal);
            if (weight < 0.1) {
                if (roll() > weight / 0.1) return sum;
                weight = 0.1;
            }
            d = cosine(hit.normal);
        }
        return sum;
    }

 private:
    double roll() { return std::uniform_real_distribution<double>(0, 1)(dice_); }
    Vec3 cosine(Vec3 n) {
        // A point of the unit sphere on top of the normal: its direction is cosine-weighted.
        const double z = 2 * roll() - 1, turn = 2 * kPi * roll(), r = std::sqrt(1 - z * z);
        const Vec3 d = n + Vec3{r * std::cos(turn), r * std::sin(turn), z};
        const double l = length(d);
        return l > 1e-9 ? d * (1 / l) : n;
    }
    double shape(Vec3 d) const {
        const double a = sky_.type == 12 ? -1 : 0, b = sky_.type == 12 ? -0.32 : -1, c = sky_.type == 12 ? 10 : 0,
                     dd = -3, e = sky_.type == 12 ? 0.45 : 0;
        const double chi = std::acos(std::clamp(dot(d, sun_), -1.0, 1.0));
        return (1 + a * std::exp(b / std::max(d.z, 1e-4))) *
               (1 + c * (std::exp(dd * chi) - std::exp(dd * kPi / 2)) + e * std::cos(chi) * std::cos(chi));
    }
    // What the sky carries on the horizontal at unit scale, by rings.
    double carried() const {
        double sum = 0;
        for (int i = 0; i < 400; ++i)
            for (int j = 0; j < 400; ++j) {
                const double altitude = (i + 0.5) / 400 * kPi / 2, azimuth = (j + 0.5) / 400 * 2 * kPi;
                const Vec3 d{std::cos(altitude) * std::sin(azimuth), std::cos(altitude) * std::cos(azimuth),
                             std::sin(altitude)};
                sum += shape(d) * std::sin(altitude) * std::cos(altitude) * (kPi / 800) * (2 * kPi / 400);
            }
        return sum;
    }
    double luminance(Vec3 d) {
        if (scale_ < 0) scale_ = sky_.diffuse / carried();
        return d.z > 0 ? scale_ * shape(d) : 0;
    }

    const Pane* pane_between(Vec3 at, Vec3 d, double to, double& distance) const {
        const Pane* found = nullptr;
        for (const Pane& p : scene_.panes) {
            if (std::fabs(d.y) < 1e-12) continue;
            const double t = (p.y - at.y) / d.y, x = at.x + t * d.x, z = at.z + t * d.z;
            if (t > 1e-9 && t < to && x > p.x0 && x < p.x1 && z > p.z0 && z < p.z1) found = &p, distance = to = t;
        }
        return found;
    }
    // Whether a leaf is met is thrown anew for every ray.
    void meet_leaves(Vec3 at, Vec3 d, Hit& out) {
        for (const Leaf& leaf : scene_.leaves) {
            const Vec3 u = leaf.b - leaf.a, v = leaf.c - leaf.a, n = wp::cross(u, v);
            const double facing = dot(n, d);
            if (std::fabs(facing) < 1e-14) continue;
            const double t = dot(n, leaf.a - at) / facing;
            if (t < 1e-9 || t >= out.distance) continue;
            const Vec3 p = at + d * t - leaf.a;
            const double inverse = 1 / dot(n, n), s = dot(wp::cross(p, v), n) * inverse,
                         r = dot(wp::cross(u, p), n) * inverse;
            if (s < 0 || r < 0 || s + r > 1 || roll() < leaf.through) continue;
            out = {t, normalized(n) * (facing < 0 ? 1.0 : -1.0), leaf.reflectance, nullptr};
        }
    }
    Hit nearest(Vec3 at, Vec3 d) {
        Hit out;
        if (d.z < 0) {
            const double t = -at.z / d.z;
            if (t > 1e-9) out = {t, {0, 0, 1}, scene_.ground, nullptr};
        }
        const double o[3] = {at.x, at.y, at.z}, v[3] = {d.x, d.y, d.z};
        for (const Box& b : scene_.boxes) {
            const double low[3] = {b.low.x, b.low.y, b.low.z}, high[3] = {b.high.x, b.high.y, b.high.z};
            double in = 1e-9, away = 1e30, side = 0;
            int axis = -1;
            for (int k = 0; k < 3; ++k) {
                if (std::fabs(v[k]) < 1e-14) {
                    if (o[k] < low[k] || o[k] > high[k]) away = -1;
                    continue;
                }
                double t0 = (low[k] - o[k]) / v[k], t1 = (high[k] - o[k]) / v[k], s = -1;
                if (t0 > t1) std::swap(t0, t1), s = 1;
                if (t0 > in) in = t0, axis = k, side = s;
                away = std::min(away, t1);
            }
            if (axis < 0 || in > away || in >= out.distance) continue;
            out = {in, {axis == 0 ? side : 0, axis == 1 ? side : 0, axis == 2 ? side : 0}, b.reflectance, nullptr};
        }
        if (!scene_.leaves.empty()) meet_leaves(at, d, out);
        double distance = out.distance;
        if (const Pane* pane = pane_between(at, d, out.distance, distance))
            return {distance, {0, d.y > 0 ? -1.0 : 1.0, 0}, 0, pane};
        return out;
    }
    PaneShares shares(const Pane& p, double cosine) const {
        return with_body(cosine, bodies_[static_cast<size_t>(&p - scene_.panes.data())]);
    }

    // A path that meets a pane: goes on beyond it, comes back as from a mirror, or ends. Behind a fabric light comes
    // from everywhere, each way by the pane's angle.
    bool cross(const Pane& p, Vec3& at, Vec3& d, double& weight, double& sum) {
        if (p.scatters) return scatter(p, at, d, weight, sum);
        const auto s = shares(p, std::fabs(d.y));
        const double dice = roll();
        if (dice >= s.transmittance + s.reflectance) return false;
        if (dice >= s.transmittance) d.y = -d.y;
        at = at + d * 1e-7;
        return true;
    }
    // The room lies on the side of greater y; the fabric hangs there.
    bool scatter(const Pane& p, Vec3& at, Vec3& d, double& weight, double& sum) {
        if (d.y > 0) return false;  // from outside in: light that left the room and comes back, of no account here
        if (roll() < p.cloth_back / (p.cloth_back + p.cloth_through)) {
            weight *= p.cloth_back + p.cloth_through;
            at = at + Vec3{0, 1e-6, 0};
            d = cosine({0, 1, 0});
            return true;
        }
        weight *= p.cloth_back + p.cloth_through;
        at = at + Vec3{0, -1e-6, 0};
        const double facing = -sun_.y;
        if (facing > 0 && open(at, sun_)) sum += weight * sky_.direct * facing * shares(p, facing).transmittance;
        d = cosine({0, -1, 0});
        weight *= shares(p, std::fabs(d.y)).transmittance;
        return weight > 0;
    }
    bool open(Vec3 at, Vec3 d) {
        const Hit hit = nearest(at, d);
        return hit.distance > 1e29;
    }
    // Direct sun onto a place, through clear panes.
    double sunlight(Vec3 at, Vec3 normal) {
        const double facing = dot(normal, sun_);
        if (facing <= 0 || sky_.direct <= 0) return 0;
        double left = sky_.direct * facing;
        Vec3 from = at;
        for (int i = 0; i < 8; ++i) {
            const Hit hit = nearest(from, sun_);
            if (hit.distance > 1e29) return left;
            if (hit.pane == nullptr || hit.pane->scatters) return 0;
            left *= shares(*hit.pane, std::fabs(sun_.y)).transmittance;
            from = from + sun_ * (hit.distance + 1e-7);
        }
        return 0;
    }

    const Scene& scene_;
    const Sky& sky_;
    Vec3 sun_;
    double scale_ = -1;  // not known before light of the sky is asked for
    std::vector<double> bodies_;
    std::mt19937 dice_;
};

}  // namespace

double sunlit_around(const Scene& scene, const Sky& sky, Vec3 at) {
    Tracer tracer(scene, sky, 1);
    double lit = 0;
    for (const Vec3& beside : {Vec3{0, 0, 0}, Vec3{0.01, 0, 0}, Vec3{-0.01, 0, 0}, Vec3{0, 0.01, 0}, Vec3{0, -0.01, 0}})
        lit += tracer.sees_sun(at + beside) ? 0.2 : 0;
    return lit;
}

PaneShares pane_at(double cosine, double normal_transmittance) {
    return with_body(cosine, body_for(normal_transmittance));
}

Vec3 almanac_sun(double latitude, double longitude, int day, double hour) {
    // Days from 2000-01-01 12:00: 2023-01-01 0:00 is 8400.5 of them later.
    const double n = 8400.5 + day + hour / 24;
    const auto rad = [](double d) { return d * kPi / 180; };
    const double mean = 280.460 + 0.9856474 * n, anomaly = rad(357.528 + 0.9856003 * n);
    const double ecliptic = rad(mean + 1.915 * std::sin(anomaly) + 0.020 * std::sin(2 * anomaly)),
                 tilt = rad(23.439 - 0.0000004 * n);
    const double ascension = std::atan2(std::cos(tilt) * std::sin(ecliptic), std::cos(ecliptic)),
                 declination = std::asin(std::sin(tilt) * std::sin(ecliptic));
    const double sidereal = 6.697375 + 0.0657098242 * n + hour, angle = rad(sidereal * 15 + longitude) - ascension,
                 phi = rad(latitude);
    const double east = -std::cos(declination) * std::sin(angle),
                 north =
                     std::sin(declination) * std::cos(phi) - std::cos(declination) * std::cos(angle) * std::sin(phi);
    const double up = std::sin(declination) * std::sin(phi) + std::cos(declination) * std::cos(angle) * std::cos(phi);
    // Lifted by the air: T. Saemundsson, Sky and Telescope 72 (1986) 70; true altitude in degrees, minutes of arc.
    const double true_altitude = std::asin(up), h = true_altitude * 180 / kPi,
                 lift = h > -1 ? rad(1.02 / std::tan(rad(h + 10.3 / (h + 5.11))) / 60) : 0;
    const double level = std::hypot(east, north), across = level > 0 ? std::cos(true_altitude + lift) / level : 0;
    return {east * across, north * across, std::sin(true_altitude + lift)};
}

Estimate illuminance(const Scene& scene, const Sky& sky, Vec3 at, size_t paths, unsigned seed) {
    Tracer tracer(scene, sky, seed);
    double sum = 0, square = 0;
    for (size_t i = 0; i < paths; ++i) {
        const double v = tracer.path(at, {0, 0, 1});
        sum += v;
        square += v * v;
    }
    const auto n = static_cast<double>(paths);
    return {sum / n, std::sqrt(std::max(0.0, square / n - sum * sum / n / n) / n)};
}

}  // namespace wp::validation::boxes
