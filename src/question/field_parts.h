// SPDX-License-Identifier: GPL-3.0-or-later
// What the coefficients of a field give of a sky and a sun, part by part: for those who make moments, sums over periods
// and years of them.
#pragma once
#include <Eigen/Core>
#include <array>
#include <numeric>
#include <span>
#include <vector>

#include "light/replicates.h"
#include "question/light_field.h"

namespace wp::question {

/// What shines, in the columns of the coefficients.
using CoefficientRow = Eigen::Map<const Eigen::RowVectorXf>;

/// What the sun of a moment brings onto the patches of a field, lux: all of it, and what of it came by which beam.
class SunOnPatches {
 public:
    SunOnPatches() = default;
    SunOnPatches(const LightField& field, Vec3 to_sun, double lux);
    /// Of fields of one scene with the same patches: one look serves all. lux: of each field.
    static std::vector<SunOnPatches> of(std::span<const LightField> fields, Vec3 to_sun, std::span<const double> lux);

    float on(uint32_t patch) const { return lux_.empty() ? 0.0f : lux_[patch]; }
    /// Square of its standard error, for what of a patch is looked at.
    float doubt(uint32_t patch) const { return doubt_.empty() ? 0.0f : doubt_[patch]; }
    /// Beams whose share is in lux.
    template <class See>
    void each(uint32_t patch, See&& see) const {
        for (const auto& beam : sunlit_.on(patch)) see(beam);
    }

 private:
    std::vector<float> lux_, doubt_;
    light::Sunlit sunlit_;
};

/// Sky, ground and reflected sun of one point by way; in the unit of what shines.
struct Reflected {
    std::array<double, light::kWays> by_way{};
    double variance = 0;  ///< of the sun's part
    double total() const { return std::accumulate(by_way.begin(), by_way.end(), 0.0); }
};
Reflected reflected(const light::CoefficientLayout& layout, const light::PointCoefficients& point,
                    const CoefficientRow& sky);
void add_sun(Reflected& to, const light::PointCoefficients& point, const SunOnPatches& sun);

/// 95 %, of what was traced; sun_variance: of the sun's part.
double half_width_of(const light::CoefficientLayout& layout, const light::PointCoefficients& point,
                     const CoefficientRow& sky, double sun_variance);

/// Straight onto a point of a plane.
struct DirectSun {
    double share = 0;  ///< of the beam normal to the sun, times the cosine
    int portal = -1;
};
/// band: of the scene's states.
DirectSun direct_sun(const light::Scene& scene, const geometry::PlanePoints& plane, size_t i, Vec3 to_sun,
                     size_t band = 0);

/// light_at where the sun on the patches is known.
MomentAnswer light_at(const LightField& field, const Outdoors& outdoors, bool by_source, const Shine* shine,
                      const SunOnPatches& sun);

}  // namespace wp::question
