// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/glass.h"

#include <algorithm>
#include <cmath>

namespace wp::light {

namespace {

// One pane for one polarisation: r the reflection of one face, a the transmittance of the body along the ray.
PaneAnswer one_pane(double r, double a) {
    const double t = (1 - r) * (1 - r) * a / (1 - r * r * a * a);
    return {t, r * (1 + a * t)};
}

PaneAnswer stack(PaneAnswer one, int panes) {
    PaneAnswer all = one;
    for (int i = 1; i < panes; ++i) {
        const double between = 1 - all.reflectance * one.reflectance;
        all = {all.transmittance * one.transmittance / between,
               all.reflectance + all.transmittance * all.transmittance * one.reflectance / between};
    }
    return all;
}

PaneAnswer panes_at(double cosine, int panes, double clear_path) {
    const double sine = std::sqrt(std::max(0.0, 1 - cosine * cosine)) / kGlassIndex;
    const double inner = std::sqrt(1 - sine * sine);
    const double s = (cosine - kGlassIndex * inner) / (cosine + kGlassIndex * inner);
    const double p = (kGlassIndex * cosine - inner) / (kGlassIndex * cosine + inner);
    const double body = std::pow(clear_path, 1 / inner);
    const PaneAnswer a = stack(one_pane(s * s, body), panes), b = stack(one_pane(p * p, body), panes);
    return {(a.transmittance + b.transmittance) / 2, (a.reflectance + b.reflectance) / 2};
}

}  // namespace

GlassCurve::GlassCurve(double normal_transmittance, int panes, double reflectance_out, double reflectance_in)
    : panes_(panes), clear_path_(1) {
    const double clearest = panes_at(1, panes, 1).transmittance;
    if (normal_transmittance >= clearest) {
        scale_ = normal_transmittance / clearest;
    } else {
        double low = 0, high = 1;
        for (int i = 0; i < 60; ++i) {
            const double middle = (low + high) / 2;
            (panes_at(1, panes, middle).transmittance < normal_transmittance ? low : high) = middle;
        }
        clear_path_ = (low + high) / 2;
    }
    for (int i = 0; i <= kSteps; ++i) {
        const PaneAnswer answer = exact(static_cast<double>(i) / kSteps);
        transmittance_.push_back(static_cast<float>(answer.transmittance));
        const double plain = exact(1).reflectance,
                     rise = plain < 1 ? std::clamp((answer.reflectance - plain) / (1 - plain), 0.0, 1.0) : 0;
        const auto coated = [&](double normal) {
            return static_cast<float>(normal > 0 ? std::min(1 - answer.transmittance, normal + (1 - normal) * rise)
                                                 : answer.reflectance);
        };
        reflectance_.push_back(coated(reflectance_in));
        outside_.push_back(coated(reflectance_out));
    }
    hemispherical_ = mean_over_hemisphere();
}

float GlassCurve::mean_over_hemisphere() const {
    double sum = 0;
    for (int i = 0; i < kSteps; ++i) {
        const double c = (i + 0.5) / kSteps;
        sum += 2 * c * static_cast<double>(transmittance(static_cast<float>(c))) / kSteps;
    }
    return static_cast<float>(sum);
}

PaneAnswer GlassCurve::exact(double cosine) const {
    if (cosine <= 0) return {0, 1};
    PaneAnswer answer = panes_at(std::min(cosine, 1.0), panes_, clear_path_);
    answer.transmittance *= scale_;
    answer.reflectance = std::min(answer.reflectance, 1 - answer.transmittance);
    return answer;
}

}  // namespace wp::light
