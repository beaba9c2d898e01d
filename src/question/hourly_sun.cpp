// SPDX-License-Identifier: GPL-3.0-or-later
// What the sun brings onto patches, hour by hour, and from there to points.
#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "question/hourly_light.h"
#include "question/tiles.h"

namespace wp::question {

using light::Entry;

namespace {

// Of patches those that the sun reaches.
template <class Row>
[[gnu::always_inline]] inline void sum_patches(const std::vector<Row>& sun, const float* rows, float* sums) {
    sum_rows(
        sun.size(), rows, [&](size_t i) { return sun[i].place; }, [&](size_t i, size_t h) { return sun[i].lux[h]; },
        sums);
}
template <class Row>
void tile(const std::vector<Row>& sun, const float* rows, float* sums) {
    sum_patches(sun, rows, sums);
}
template <class Row>
[[gnu::target("avx2")]] void tile_wide(const std::vector<Row>& sun, const float* rows, float* sums) {
    sum_patches(sun, rows, sums);
}

}  // namespace

void HourlyLight::number_suns() {
    uint32_t suns = 0;
    for (size_t r = 0, h = 0; h < climate::kHours; ++h) {
        const bool lit = r < sky_->hours.size() && static_cast<size_t>(sky_->hours[r]) == h;
        if (lit) first_sun_.push_back(suns);
        if (light_->sun_of_hour[h] >= 0) {
            lit_of_sun_.push_back(lit && sky_->beam[r] > 0 ? static_cast<int>(r) : -1);
            ++suns;
        }
        r += lit ? 1 : 0;
    }
    first_sun_.push_back(suns);
    spans_ = (sky_->hours.size() + kSpan - 1) / kSpan + 1;
    span_first_.resize(light_->patches.count() * spans_);
    parallel_for(
        light_->patches.count(),
        [&](size_t p) {
            for (size_t n = 0; n < spans_; ++n)
                span_first_[p * spans_ + n] =
                    light_->sunlit.from_sun(p, first_sun_[std::min(n * kSpan, sky_->hours.size())]);
        },
        64);
}

std::shared_ptr<const std::vector<float>> HourlyLight::veils_of(const light::PaneFigures& then, size_t layer) {
    const std::lock_guard lock(mutex_);
    for (const auto& [figures, k, veils] : veils_)
        if (k == layer && figures == then) return veils;
    const size_t portals = panes_.portals.size();
    auto out = std::make_shared<std::vector<float>>(sky_->hours.size() * portals, 0.0f);
    const light::Panes before(light::with_figures(panes_, then), light_->layers[layer]),
        now(panes_, light_->layers[layer]);
    const bool any = std::any_of(before.portals().begin(), before.portals().end(), [](const auto& p) {
        return p.scatters_from_outside > 0 || p.scatters_from_inside > 0;
    });
    for (size_t r = 0; r < sky_->hours.size() && any; ++r) {
        const Vec3f to = sky_->to_sun[r].as<float>();
        for (size_t p = 0; p < portals && sky_->beam[r] > 0; ++p) {
            const float mean = before.portals()[p].scatter_mean(to);
            if (mean > 0) (*out)[r * portals + p] = now.portals()[p].scatters(to) / mean;
        }
    }
    veils_.emplace_back(then, layer, out);
    return out;
}

const std::vector<double>& HourlyLight::sunlit_sum(size_t state, int group, size_t layer,
                                                   const light::PaneFigures& then) {
    const std::lock_guard lock(mutex_);
    const auto [it, is_new] = sunlit_sums_.try_emplace({state, layer, then});
    auto& sums = it->second;
    const auto place = [&](int g) { return g == kAnyGroup ? groups_ + 1 : static_cast<size_t>(g + 1); };
    if (!is_new) return sums[place(group)];
    sums.assign(groups_ + 2, std::vector<double>(light_->patches.count(), 0.0));
    const SunThrough through = sun_through(then, layer);
    parallel_for(
        light_->patches.count(),
        [&](size_t p) {
            const bool indoors = light_->patches.patches[p].space >= 0;
            each_hour_on(p, through, [&](size_t r, const light::Sunlit::Beam& beam, float lux) {
                if (state_of_lit_[r] != state) return;
                sums[groups_ + 1][p] += static_cast<double>(lux);
                if (indoors) sums[place(group_of_portal(beam.portal))][p] += static_cast<double>(lux);
            });
            for (size_t g = 0; g <= groups_ && !indoors; ++g) sums[g][p] = sums[groups_ + 1][p];
        },
        64);
    return sums[place(group)];
}

std::shared_ptr<const HourlyLight::BeamShares> HourlyLight::beam_shares(const light::PaneFigures& then) {
    const std::lock_guard lock(mutex_);
    for (const auto& [figures, known] : beams_)
        if (figures == then) return known;
    const size_t portals = panes_.portals.size(), layers = light_->layers.size();
    const light::Panes open(light::with_figures(panes_, then), light::BlindLayers());
    std::vector<light::Panes> now;
    for (const auto& layer : light_->layers) now.emplace_back(panes_, layer);
    auto out = std::make_shared<BeamShares>(sky_->hours.size() * portals * layers, 0.0f);
    parallel_for(
        sky_->hours.size(),
        [&](size_t r) {
            if (sky_->beam[r] <= 0) return;
            const Vec3f to = sky_->to_sun[r].as<float>();
            for (size_t p = 0; p < portals; ++p) {
                const float before = open.portals()[p].pass(to).straight;
                for (size_t k = 0; k < layers && before > 0; ++k)
                    (*out)[(r * portals + p) * layers + k] = now[k].portals()[p].pass(to).straight / before;
            }
        },
        64);
    beams_.emplace_back(then, out);
    return out;
}

HourlyLight::PatchPart HourlyLight::unpack_patches(size_t block, size_t state, int group, size_t layer,
                                                   const light::CompactCoefficients& from, bool noise) {
    const auto& all = patches_of(block, state, layer);
    const auto counts = [&](const light::CompactCoefficients::PatchRow& row, uint32_t patch) {
        const bool inside = from.patches().patches[patch].space >= 0;
        return group == kAnyGroup ? inside : !inside && group_of(row.row / light::kEntries) == group;
    };
    PatchPart out;
    std::vector<int32_t> place(light_->patches.count(), -1);
    for (size_t i = 0; i < from.points(); ++i)
        for (const auto& row : from.patch_rows(i))
            for (const uint32_t p : from.patches_of(row))
                if (counts(row, p)) place[all[p]] = 0;
    for (uint32_t p = 0; p < place.size(); ++p) {
        if (place[p] < 0) continue;
        place[p] = static_cast<int32_t>(out.patches.size());
        out.patches.push_back(p);
    }
    const size_t tiles = (from.points() + kTile - 1) / kTile;
    out.taken.assign(tiles * out.patches.size() * kTile, 0.0f);
    if (noise) out.noise = out.taken;
    const PaneChange* change = change_of(from.panes, layer);
    parallel_for(tiles, [&](size_t tile) {
        for (size_t i = tile * kTile; i < std::min(from.points(), (tile + 1) * kTile); ++i)
            for (const auto& row : from.patch_rows(i)) {
                const auto patches = from.patches_of(row);
                const float times = patch_factor(change, row.row);
                for (uint32_t e = 0; e < patches.size(); ++e) {
                    if (!counts(row, patches[e])) continue;
                    const size_t at =
                        (tile * out.patches.size() + static_cast<size_t>(place[all[patches[e]]])) * kTile + i % kTile;
                    out.taken[at] += from.value(row, e) * times;
                    if (noise) out.noise[at] += from.value(row, e) * times * times * row.noise;
                }
            }
    });
    return out;
}

std::shared_ptr<const HourlyLight::PatchPart> HourlyLight::indoors(size_t block, size_t state, size_t layer,
                                                                   const light::CompactCoefficients& from, bool noise) {
    if (noise) return std::make_shared<const PatchPart>(unpack_patches(block, state, kAnyGroup, layer, from, true));
    auto& known = indoors_[{block, state, layer}];
    if (known == nullptr) {
        known = std::make_shared<const PatchPart>(unpack_patches(block, state, kAnyGroup, layer, from, false));
        bytes_of_parts_ += known->bytes();
    }
    return known;
}

float HourlyLight::patch_factor(const PaneChange* change, uint32_t row) const {
    const auto entry = static_cast<Entry>(row % light::kEntries);
    return entry == Entry::off_ground || entry == Entry::off_outdoors ? factor(change, entry, row / light::kEntries, 0)
                                                                      : 1.0f;
}

std::vector<std::vector<HourlyLight::SunRow>> HourlyLight::sun_rows(const PatchPart& rows, int group,
                                                                    const SunThrough& through,
                                                                    std::span<const size_t> hours) const {
    std::vector<std::vector<SunRow>> out((hours.size() + kAbreast - 1) / kAbreast);
    each_of_part(rows, group, through, hours, kLit,
                 [&](uint32_t place, size_t h, const light::Sunlit::Beam&, float lux) {
                     auto& list = out[h / kAbreast];
                     if (list.empty() || list.back().place != place) list.push_back({place, {}});
                     list.back().lux[h % kAbreast] += lux;
                 });
    return out;
}

void HourlyLight::add_sun(size_t points, const PatchPart& rows, int group, const SunThrough& through,
                          std::span<const size_t> hours, float* to) const {
    if (rows.patches.empty()) return;
    const auto sun = sun_rows(rows, group, through, hours);
    static const bool wide = __builtin_cpu_supports("avx2");
    float sums[kAbreast * kTile];
    for (size_t t = 0; t * kTile < points; ++t)
        for (size_t h = 0; h < hours.size(); h += kAbreast) {
            if (sun[h / kAbreast].empty()) continue;
            (wide ? tile_wide<SunRow> : tile<SunRow>)(sun[h / kAbreast],
                                                      rows.taken.data() + t * rows.patches.size() * kTile, sums);
            add_sums(sums, points, t, hours.subspan(h, std::min(kAbreast, hours.size() - h)), to);
        }
}

}  // namespace wp::question
