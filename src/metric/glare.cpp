// SPDX-License-Identifier: GPL-3.0-or-later
#include "metric/glare.h"

#include <algorithm>
#include <cmath>

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
    double sum = 0;
    for (const GlareSource& s : sources) sum += s.contrast();
    return daylight_glare_probability(ev, sum);
}

double daylight_glare_probability(double ev, double contrast) {
    if (ev <= 0) return 0;
    const double dgp = 5.87e-5 * ev + 9.18e-2 * std::log10(1 + contrast / std::pow(ev, 1.87)) + 0.16;
    const double low_light = ev < 1000 ? std::exp(0.024 * ev - 4) / (1 + std::exp(0.024 * ev - 4)) : 1.0;
    return std::clamp(dgp * low_light, 0.0, 1.0);
}

bool dgp_in_range(double ev, double dgp) { return ev >= 380 && dgp >= 0.2 && dgp <= 0.8; }

}  // namespace wp::metric
