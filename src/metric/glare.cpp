// SPDX-License-Identifier: GPL-3.0-or-later
#include "metric/glare.h"

#include <algorithm>
#include <cmath>

#include "climate/sun.h"

namespace wp::metric {

double position_index(Vec3 d) {
    // tau: angle from the vertical of the plane through source and line of sight; sigma: angle from the line of sight.
    const double sigma = degrees(std::acos(std::clamp(d.z, -1.0, 1.0)));
    if (d.y >= 0) {
        const double tau = degrees(std::atan2(std::fabs(d.x), d.y));
        return std::exp((35.2 - 0.31889 * tau - 1.22 * std::exp(-2 * tau / 9)) * 1e-3 * sigma +
                        (21 + 0.26667 * tau - 0.002963 * tau * tau) * 1e-5 * sigma * sigma);
    }
    // Below: P = 1 + 0.8 R/D for R < 0.6 D, else 1 + 1.2 R/D, with R^2 = H^2 + Y^2 measured at distance D.
    const double along = std::max(d.z, 1e-6), ratio = std::hypot(d.x, d.y) / along;
    return std::min(16.0, 1 + (ratio < 0.6 ? 0.8 : 1.2) * ratio);
}

double daylight_glare_probability(double ev, const std::vector<GlareSource>& sources) {
    if (ev <= 0) return 0;
    double sum = 0;
    for (const GlareSource& s : sources)
        sum += s.luminance * s.luminance * s.solid_angle / (std::pow(ev, 1.87) * s.position * s.position);
    const double dgp = 5.87e-5 * ev + 9.18e-2 * std::log10(1 + sum) + 0.16;
    const double low_light = ev < 1000 ? std::exp(0.024 * ev - 4) / (1 + std::exp(0.024 * ev - 4)) : 1.0;
    return std::clamp(dgp * low_light, 0.0, 1.0);
}

bool dgp_in_range(double ev, double dgp) { return ev >= 380 && dgp >= 0.2 && dgp <= 0.8; }

namespace {

struct Pixel {
    Vec3 direction;
    double solid_angle = 0;
};

Pixel pixel_at(int size, int x, int y) {
    const double half = size / 2.0, dx = (x + 0.5 - half) / half, dy = (half - y - 0.5) / half, r = std::hypot(dx, dy);
    if (r > 1) return {};
    const double theta = r * kPi / 2, s = r > 0 ? std::sin(theta) / r : 0, step = kPi / size;
    return {{s * dx, s * dy, std::cos(theta)}, step * step * (theta > 1e-9 ? std::sin(theta) / theta : 1.0)};
}

}  // namespace

std::vector<GlareSource> find_sources(const GlareField& field, const SourceRule& rule) {
    const int n = field.size;
    const auto& lum = *field.luminance;
    double total = 0, solid = 0;
    for (int i = 0; i < n * n; ++i) {
        const Pixel p = pixel_at(n, i % n, i / n);
        total += static_cast<double>(lum[static_cast<size_t>(i)]) * p.solid_angle;
        solid += p.solid_angle;
    }
    std::vector<GlareSource> sources;
    if (solid <= 0) return sources;
    const double limit = std::max(rule.faintest, rule.over_mean * total / solid);
    if (limit <= 0) return sources;
    std::vector<char> seen(lum.size(), 0);
    for (int start = 0; start < n * n; ++start) {
        if (seen[static_cast<size_t>(start)] || static_cast<double>(lum[static_cast<size_t>(start)]) < limit) continue;
        GlareSource source;
        double flux = 0;
        Vec3 middle;
        std::vector<int> queue{start};
        seen[static_cast<size_t>(start)] = 1;
        while (!queue.empty()) {
            const int at = queue.back(), x = at % n, y = at / n;
            queue.pop_back();
            const Pixel p = pixel_at(n, x, y);
            const double l = static_cast<double>(lum[static_cast<size_t>(at)]);
            source.solid_angle += p.solid_angle;
            flux += l * p.solid_angle;
            middle = middle + p.direction * (l * p.solid_angle);
            for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                const int u = x + dx, v = y + dy, next = v * n + u;
                if (u < 0 || v < 0 || u >= n || v >= n || seen[static_cast<size_t>(next)]) continue;
                if (static_cast<double>(lum[static_cast<size_t>(next)]) < limit) continue;
                seen[static_cast<size_t>(next)] = 1;
                queue.push_back(next);
            }
        }
        if (source.solid_angle <= 0) continue;
        source.luminance = flux / source.solid_angle;
        source.direction = normalized(middle);
        source.position = position_index(source.direction);
        sources.push_back(source);
    }
    if (field.sun_normal_lux > 0 && field.sun.z > 0)
        sources.push_back({field.sun_normal_lux / climate::kSunSolidAngle, climate::kSunSolidAngle,
                           position_index(field.sun), field.sun, true});
    return sources;
}

}  // namespace wp::metric
