// SPDX-License-Identifier: GPL-3.0-or-later
// How sure the light of each single hour is: squares of standard errors, hour by hour.
#include "base/parallel.h"
#include "question/hourly_light.h"

namespace wp::question {

void HourlyLight::add_sun_variance(size_t points, const Part& rows, int group, const SunThrough& through, std::span<const size_t> hours, float* to) const {
    each_of_part(rows, group, through, hours, [&](uint32_t place, size_t h, light::Sunlit::Beam beam, float lux) {
        beam.share = lux;
        const float doubt = light::doubt_of(beam);
        for (size_t t = 0; t < rows.tiles; ++t) {
            const size_t at = (t * rows.patches.size() + place) * kTile;
            for (size_t p = 0; p < std::min(kTile, points - t * kTile); ++p)
                to[hours[h] * points + t * kTile + p] += rows.noise_of_patches[at + p] * lux * lux + rows.of_patches[at + p] * rows.of_patches[at + p] * doubt;
        }
    });
}

void HourlyLight::add_variance(size_t block, size_t state, int group, size_t layer, std::span<const size_t> hours, std::vector<float>& to) {
    const auto from = piece(block, state, layer);
    if (from == nullptr || hours.empty()) return;
    const Part rows = unpack(block, state, group, layer, true);
    if (rows.tiles == 0) return;
    const size_t points = light_->blocks[block].count;
    const SunThrough through = sun_through(rows.panes, layer);
    std::vector<float> sky(to.size(), 0.0f);
    parallel_for((hours.size() + kPanel - 1) / kPanel, [&](size_t k) {
        const auto panel = hours.subspan(k * kPanel, std::min(kPanel, hours.size() - k * kPanel));
        reckon(points, rows, panel, true, sky.data());
        for (const size_t r : panel)
            for (size_t p = 0; p < points; ++p) to[r * points + p] += sky[r * points + p] * from->sky_noise(p);
        add_sun_variance(points, rows, group, through, panel, to.data());
    });
}

std::vector<float> HourlyLight::variance(size_t block, const Course& course) {
    const std::lock_guard lock(mutex_);
    const size_t lit = sky_->hours.size();
    std::vector<float> out(lit * light_->blocks[block].count, 0.0f);
    for (int g = -1; g < static_cast<int>(groups_); ++g) {
        if (!gives(block, g)) continue;
        std::map<std::pair<size_t, size_t>, std::vector<size_t>> hours;
        for (size_t r = 0; r < lit; ++r) hours[{g < 0 ? 0 : same_layer(block, course[static_cast<size_t>(g)][r]), state_of_lit_[r]}].push_back(r);
        for (const auto& [key, list] : hours) add_variance(block, key.second, g, key.first, list, out);
    }
    return out;
}

}  // namespace wp::question
