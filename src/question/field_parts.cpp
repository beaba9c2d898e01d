// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/field_parts.h"

#include <cmath>

#include "light/directions.h"

namespace wp::question {

SunOnPatches::SunOnPatches(const LightField& field, Vec3 to_sun, double lux) {
    *this = std::move(of(std::span(&field, 1), to_sun, std::span(&lux, 1)).front());
}

std::vector<SunOnPatches> SunOnPatches::of(std::span<const LightField> fields, Vec3 to_sun,
                                           std::span<const double> lux) {
    std::vector<SunOnPatches> out(fields.size());
    if (fields.empty() || to_sun.z <= 0) return out;
    const auto& set = fields.front().coefficients.patches;
    if (set == nullptr) return out;
    std::vector<light::SunLook> looks;
    for (const LightField& field : fields) looks.push_back({to_sun.as<float>(), field.scene.get(), field.band, {}});
    for (auto& look : looks) look.seen_as = {0, 0, 0};
    const light::Sunlit all = light::look_for_suns(*set, looks);
    for (size_t k = 0; k < out.size(); ++k) {
        if (lux[k] <= 0) continue;
        SunOnPatches& own = out[k];
        own.lux_.assign(set->count(), 0.0f);
        own.doubt_ = own.lux_;
        own.sunlit_.first.assign(1, 0);
        for (size_t p = 0; p < set->count(); ++p) {
            for (light::Sunlit::Beam beam : all.on(p)) {
                if (beam.sun != k) continue;
                beam.share *=
                    static_cast<float>(lux[k]) * light::veil_share(*fields[k].scene, set->patches[p].veil, looks[k].to);
                own.lux_[p] += beam.share;
                own.doubt_[p] += light::doubt_of(beam, beam.share);
                own.sunlit_.beams.push_back(beam);
            }
            own.sunlit_.first.push_back(static_cast<uint32_t>(own.sunlit_.beams.size()));
        }
    }
    return out;
}

Reflected reflected(const light::CoefficientLayout& layout, const light::PointCoefficients& point,
                    const CoefficientRow& sky) {
    Reflected out;
    for (size_t r = 0; r < point.rows.size(); ++r)
        out.by_way[static_cast<size_t>(point.rows[r]) % light::kWays] +=
            static_cast<double>(CoefficientRow(point.values.data() + r * layout.columns(), sky.size()).dot(sky));
    return out;
}

void add_sun(Reflected& to, const light::PointCoefficients& point, const SunOnPatches& sun) {
    for (const light::PatchShare& p : point.patches) {
        const float on = sun.on(p.patch);
        if (on <= 0) continue;
        to.by_way[p.row % light::kWays] += static_cast<double>(p.value * on);
        to.variance += static_cast<double>(p.variance * on * on + p.value * p.value * sun.doubt(p.patch));
    }
}

double half_width_of(const light::CoefficientLayout& layout, const light::PointCoefficients& point,
                     const CoefficientRow& sky, double sun_variance) {
    double sum = 0;
    for (size_t r = 0; r < point.rows.size(); ++r)
        sum += static_cast<double>(
            (CoefficientRow(point.values.data() + r * layout.columns(), sky.size()).array() * sky.array().square())
                .sum());
    return light::kStudent95 * std::sqrt(sun_variance + static_cast<double>(point.sky_noise) * sum);
}

DirectSun direct_sun(const light::Scene& scene, const geometry::PlanePoints& plane, size_t i, Vec3 to_sun,
                     size_t band) {
    const double cosine = dot(to_sun, plane.normal);
    if (cosine <= 0 || to_sun.z <= 0 || !plane.sees(to_sun)) return {};
    const auto beam = scene.beam((plane.points[i] + plane.normal * 1e-4).as<float>(), to_sun.as<float>());
    return {cosine * static_cast<double>(beam.states[band]), beam.portal};
}

}  // namespace wp::question
