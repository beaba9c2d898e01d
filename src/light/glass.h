// SPDX-License-Identifier: GPL-3.0-or-later
// What panes do with light by angle: Fresnel's equations with absorption, panes in series with all interreflections.
#pragma once
#include <cstddef>
#include <vector>

namespace wp::light {

/// Refractive index of soda-lime glass for visible light.
inline constexpr double kGlassIndex = 1.526;

struct PaneAnswer {
    double transmittance, reflectance;
};

/// Uncoated glazing of so many panes whose transmittance at normal incidence is given. What Fresnel's reflection at
/// index 1.526 does not take away is computed as absorption, the same in every pane; a glazing clearer than that keeps
/// its normal transmittance and the angle dependence of clear panes. Both polarisations are computed apart and averaged
/// (Hecht, Optics, ch. 4; layers combined as in ISO 9050:2003, clause 5).
class GlassCurve {
 public:
    /// reflectance_out, reflectance_in: at normal incidence, as coatings make it; 0: uncoated. Towards grazing angles
    /// they rise like those of the uncoated panes, and never beyond what the transmittance leaves.
    GlassCurve(double normal_transmittance, int panes, double reflectance_out = 0, double reflectance_in = 0);
    /// cosine of the angle of incidence, 0 to 1. Linear between 1024 stored values.
    float transmittance(float cosine) const { return look_up(transmittance_, cosine); }
    /// Seen from inside, unless told otherwise.
    float reflectance(float cosine, bool from_outside = false) const {
        return look_up(from_outside ? outside_ : reflectance_, cosine);
    }

    /// Transmittance for evenly spread light: 2 times the integral of t(c) c dc from 0 to 1.
    float hemispherical() const { return hemispherical_; }
    /// The closed form that the table holds.
    PaneAnswer exact(double cosine) const;

 private:
    static constexpr int kSteps = 1024;
    static float look_up(const std::vector<float>& table, float cosine) {
        const float at = (cosine < 0 ? -cosine : cosine) * kSteps;
        const int i = at >= kSteps ? kSteps - 1 : static_cast<int>(at);
        const float t = at - static_cast<float>(i);
        return table[static_cast<size_t>(i)] + (table[static_cast<size_t>(i) + 1] - table[static_cast<size_t>(i)]) * t;
    }
    int panes_;
    double clear_path_;  ///< transmittance of one pane's thickness at normal incidence
    double scale_ = 1;   ///< for glazings clearer than index 1.526 allows
    float mean_over_hemisphere() const;
    std::vector<float> transmittance_, reflectance_, outside_;
    float hemispherical_ = 1;
};

}  // namespace wp::light
