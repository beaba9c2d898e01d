// SPDX-License-Identifier: GPL-3.0-or-later
// How sure the light of each single hour is: squares of standard errors, hour by hour.
#include "base/parallel.h"
#include "question/hourly_light.h"

namespace wp::question {

void HourlyLight::add_sun_variance(size_t points, const PatchPart& rows, int group, const SunThrough& through,
                                   std::span<const size_t> hours, float* to) const {
    each_of_part(rows, group, through, hours, kAll,
                 [&](uint32_t place, size_t h, const light::Sunlit::Beam& beam, float lux) {
                     const float doubt = light::doubt_of(beam, lux), fallen = beam.lit > 0 ? lux * lux : 0.0f;
                     for (size_t t = 0; t * kTile < points; ++t) {
                         const size_t at = (t * rows.patches.size() + place) * kTile;
                         for (size_t p = 0; p < std::min(kTile, points - t * kTile); ++p)
                             to[hours[h] * points + t * kTile + p] +=
                                 rows.noise[at + p] * fallen + rows.taken[at + p] * rows.taken[at + p] * doubt;
                     }
                 });
}

void HourlyLight::add_variance(size_t block, size_t state, int group, size_t layer, std::span<const size_t> hours,
                               std::vector<float>& to) {
    const auto from = piece(block, state, layer);
    if (from == nullptr || hours.empty()) return;
    const Part rows = unpack(block, state, group, layer, true);
    if (rows.tiles == 0) return;
    const size_t points = light_->blocks[block].count;
    const SunThrough through = sun_through(rows.panes, layer);
    std::vector<float> sky(to.size(), 0.0f);
    const auto spans = by_span(hours);
    parallel_for(spans.size(), [&](size_t k) {
        for (size_t h = 0; h < spans[k].size(); h += kPanel)
            compute(points, rows, spans[k].subspan(h, std::min(kPanel, spans[k].size() - h)), true, sky.data());
        for (const size_t r : spans[k])
            for (size_t p = 0; p < points; ++p) to[r * points + p] += sky[r * points + p] * from->sky_noise(p);
        add_sun_variance(points, rows.outdoors, group, through, spans[k], to.data());
        add_sun_variance(points, *rows.indoors, group, through, spans[k], to.data());
    });
}

std::vector<float> HourlyLight::variance(size_t block, const Course& course) {
    const std::lock_guard lock(mutex_);
    const size_t lit = sky_->hours.size();
    std::vector<float> out(lit * light_->blocks[block].count, 0.0f);
    for (int g = -1; g < static_cast<int>(groups_); ++g) {
        if (!gives(block, g)) continue;
        std::map<std::pair<size_t, size_t>, std::vector<size_t>> hours;
        for (size_t r = 0; r < lit; ++r)
            hours[{g < 0 ? 0 : same_layer(block, course[static_cast<size_t>(g)][r]), state_of_lit_[r]}].push_back(r);
        for (const auto& [key, list] : hours) add_variance(block, key.second, g, key.first, list, out);
    }
    return out;
}

}  // namespace wp::question
