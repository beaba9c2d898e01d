// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/hourly_light.h"

#include <algorithm>
#include <cmath>

#include "base/give_up.h"
#include "base/parallel.h"

namespace wp::question {

using light::Entry;

namespace {

/// Light that was computed is kept up to this many bytes.
constexpr size_t kRoom = size_t{512} << 20;

// All columns, of which each hour has a number in sky_and_sun.
[[gnu::always_inline]] inline void sum_columns(const float* sky_and_sun, const float* rows, size_t columns,
                                               float* sums) {
    sum_rows(
        columns, rows, [](size_t c) { return c; }, [&](size_t c, size_t h) { return sky_and_sun[h * columns + c]; },
        sums);
}
void tile(const float* sky_and_sun, const float* rows, size_t columns, float* sums) {
    sum_columns(sky_and_sun, rows, columns, sums);
}
[[gnu::target("avx2")]] void tile_wide(const float* sky_and_sun, const float* rows, size_t columns, float* sums) {
    sum_columns(sky_and_sun, rows, columns, sums);
}

Fingerprint print_of(const std::vector<geometry::Glazing>& glazings) {
    Fingerprint print;
    for (const auto& g : glazings)
        for (const double v :
             {g.transmittance, g.reflectance_out, g.reflectance_in, g.diffuse, static_cast<double>(g.panes)})
            print.add(v);
    return print;
}

}  // namespace

PaneChange::PaneChange(const geometry::Surfaces& then, const geometry::Surfaces& now, const light::BlindLayers& layers,
                       const std::vector<int>& opening_of_portal, size_t openings, const std::vector<Vec3f>& directions)
    : columns_(directions.size()), at_(openings * directions.size(), 1.0f), evenly_(openings, 1.0f) {
    const light::Panes panes_then(then, layers), panes_now(now, layers);
    std::vector<bool> known(openings, false);
    for (size_t p = 0; p < opening_of_portal.size(); ++p) {
        if (opening_of_portal[p] < 0 || known[static_cast<size_t>(opening_of_portal[p])]) continue;
        const auto o = static_cast<size_t>(opening_of_portal[p]);
        known[o] = true;
        const auto &old = panes_then.portals()[p], &fresh = panes_now.portals()[p];
        const float before = old.passes_evenly();
        evenly_[o] = before > 0 ? fresh.passes_evenly() / before : 0.0f;
        for (size_t c = 0; c < columns_; ++c) {
            const auto a = old.pass(directions[c]), b = fresh.pass(directions[c]);
            const float all = a.straight + a.through;
            at_[o * columns_ + c] = all > 1e-6f ? (b.straight + b.through) / all : evenly_[o];
        }
    }
}

std::vector<int> groups_of_portals(const YearLight& light, const std::vector<int>& group_of_opening) {
    std::vector<int> out;
    for (const int o : light.opening_of_portal) out.push_back(o < 0 ? -1 : group_of_opening[static_cast<size_t>(o)]);
    return out;
}

HourlyLight::HourlyLight(std::shared_ptr<const YearLight> light, std::shared_ptr<const YearSky> sky,
                         const geometry::Surfaces& panes, std::vector<int> group_of_opening, size_t groups)
    : light_(std::move(light)),
      sky_(std::move(sky)),
      panes_(panes),
      figures_now_(light::figures_of(panes)),
      glass_(print_of(panes.glazings)),
      group_of_opening_(std::move(group_of_opening)),
      group_of_portal_(groups_of_portals(*light_, group_of_opening_)),
      groups_(groups),
      mixed_(light_->enclosures, panes_, light_->layers, group_of_portal_) {
    const SkyColumns columns(true);
    const auto& layout = light_->layout;
    direction_of_column_.assign(layout.columns(), Vec3f{0, 0, 1});
    for (size_t c = 0; c < layout.parts; ++c) direction_of_column_[c] = columns.parts().directions(c, 1)[0].as<float>();
    for (size_t c = 0; c < layout.coarse; ++c)
        direction_of_column_[layout.coarse_part(c)] = columns.coarse()->directions(c, 1)[0].as<float>();
    for (const int hour : sky_->hours)
        state_of_lit_.push_back(light_->states.in(climate::moment_of(hour / 24, 12).month));
    for (const auto& note : light_->notes) changed_ = changed_ || (!note.panes.empty() && note.panes != figures_now_);
    shone_.resize(light_->states.all.size());
    for (Shone& s : shone_) s.sum.assign(layout.columns(), 0.0);
    for (size_t r = 0; r < sky_->hours.size(); ++r) {
        Shone& s = shone_[state_of_lit_[r]];
        const auto row = sky_->row(r);
        for (size_t c = 0; c < row.size(); ++c) s.sum[c] += static_cast<double>(row[c]);
        ++s.hours;
    }
    number_suns();
    size_t points = 0;
    for (const auto& block : light_->blocks) points += block.count;
    keeps_ = points * sky_->hours.size() * sizeof(float) <= kRoom / 4;
}

bool HourlyLight::serves(const YearLight* light, const YearSky* sky, const geometry::Surfaces& panes,
                         const std::vector<int>& group_of_opening) const {
    return light == light_.get() && sky == sky_.get() && light::figures_of(panes) == figures_now_ &&
           print_of(panes.glazings) == glass_ && group_of_opening == group_of_opening_;
}

size_t HourlyLight::piece_index(size_t block, size_t state, size_t layer) const {
    while (layer > 0 && !light_->has_piece(block, state, layer)) --layer;
    return light_->piece_index(block, state, layer);
}

YearLight::Piece HourlyLight::piece(size_t block, size_t state, size_t layer) const {
    const size_t index = piece_index(block, state, layer);
    return light_->pieces->has(index) ? light_->pieces->at(index) : nullptr;
}

const PaneChange* HourlyLight::change_of(const light::PaneFigures& then, size_t layer) {
    if (then == figures_now_) return nullptr;
    const std::lock_guard lock(mutex_);
    for (const auto& [figures, k, change] : changes_)
        if (k == layer && figures == then) return change.get();
    changes_.emplace_back(
        then, layer,
        std::make_unique<PaneChange>(light::with_figures(panes_, then), panes_, light_->layers[layer],
                                     light_->opening_of_portal, light_->openings.size(), direction_of_column_));
    return std::get<2>(changes_.back()).get();
}

float HourlyLight::factor(const PaneChange* change, Entry entry, size_t opening, size_t column) const {
    if (change == nullptr || opening >= light_->openings.size()) return 1;
    // Off the ground and what stands outdoors, light comes to the pane from anywhere.
    if (entry == Entry::off_ground || entry == Entry::off_outdoors || column == light_->layout.ground())
        return change->evenly(opening);
    return change->at(opening, column);
}

HourlyLight::Part HourlyLight::unpack(size_t block, size_t state, int group, size_t layer, bool noise) {
    Part out;
    const auto from = piece(block, state, layer);
    if (from == nullptr) return out;
    const auto& layout = light_->layout;
    const auto through = [&](const auto& row) { return group_of(row.row / light::kEntries) == group; };
    std::vector<int> place(layout.columns(), -1);
    for (size_t i = 0; i < from->points(); ++i)
        for (const auto& row : from->rows(i))
            if (through(row))
                for (const uint16_t c : from->columns(row)) place[c] = 0;
    for (uint32_t c = 0; c < layout.columns(); ++c) {
        if (place[c] < 0) continue;
        place[c] = static_cast<int>(out.columns.size());
        out.columns.push_back(c);
    }
    out.tiles = (light_->blocks[block].count + kTile - 1) / kTile;
    out.panes = from->panes;
    out.outdoors = unpack_patches(block, state, group, layer, *from, noise);
    out.indoors = indoors(block, state, layer, *from, noise);
    out.dense.assign(out.tiles * out.columns.size() * kTile, 0.0f);
    const PaneChange* change = change_of(from->panes, layer);
    parallel_for(out.tiles, [&](size_t tile) {
        for (size_t i = tile * kTile; i < std::min(from->points(), (tile + 1) * kTile); ++i)
            for (const auto& row : from->rows(i)) {
                if (!through(row)) continue;
                const size_t opening = row.row / light::kEntries;
                const auto entry = static_cast<Entry>(row.row % light::kEntries);
                const auto columns = from->columns(row);
                for (uint32_t e = 0; e < columns.size(); ++e)
                    out.dense[(tile * out.columns.size() + static_cast<size_t>(place[columns[e]])) * kTile +
                              i % kTile] += from->value(row, e) * factor(change, entry, opening, columns[e]);
            }
    });
    return out;
}

std::vector<std::span<const size_t>> HourlyLight::by_span(std::span<const size_t> hours) {
    std::vector<std::span<const size_t>> out;
    for (size_t first = 0, last = 0; first < hours.size(); first = last) {
        while (last < hours.size() && hours[last] / kSpan == hours[first] / kSpan) ++last;
        out.push_back(hours.subspan(first, last - first));
    }
    return out;
}

std::vector<size_t> HourlyLight::alike(std::span<const size_t> hours) const {
    std::vector<size_t> out(hours.begin(), hours.end());
    std::stable_sort(out.begin(), out.end(),
                     [&](size_t a, size_t b) { return sky_->hours[a] % 24 < sky_->hours[b] % 24; });
    return out;
}

const HourlyLight::Part& HourlyLight::part(size_t block, size_t state, int group, size_t layer) {
    if (bytes_of_parts_ > kRoom / 4) {
        parts_.clear();
        indoors_.clear();
        bytes_of_parts_ = 0;
    }
    const auto [it, is_new] = parts_.try_emplace({block, state, group, layer});
    if (is_new) {
        it->second = unpack(block, state, group, layer);
        bytes_of_parts_ += it->second.dense.size() * sizeof(float) + it->second.outdoors.bytes();
    }
    return it->second;
}

void HourlyLight::compute(size_t points, const Part& rows, std::span<const size_t> hours, bool squared,
                          float* to) const {
    static const bool wide = __builtin_cpu_supports("avx2");
    const size_t width = rows.columns.size();
    std::vector<float> sky_and_sun((hours.size() + kAbreast - 1) / kAbreast * kAbreast * width, 0.0f);
    for (size_t h = 0; h < hours.size(); ++h) {
        const auto row = sky_->row(hours[h]);
        for (size_t c = 0; c < width; ++c)
            sky_and_sun[h * width + c] = row[rows.columns[c]] * (squared ? row[rows.columns[c]] : 1.0f);
    }
    float sums[kAbreast * kTile];
    for (size_t t = 0; t < rows.tiles; ++t)
        for (size_t h = 0; h < hours.size(); h += kAbreast) {
            (wide ? tile_wide : tile)(sky_and_sun.data() + h * width, rows.dense.data() + t * width * kTile, width,
                                      sums);
            add_sums(sums, points, t, hours.subspan(h, std::min(kAbreast, hours.size() - h)), to);
        }
}

bool HourlyLight::gives(size_t block, int group) const {
    for (size_t s = 0; s < light_->states.all.size(); ++s) {
        const auto& gives = light_->notes[light_->piece_index(block, s, 0)].gives;
        for (size_t o = 0; o < gives.size(); ++o)
            if (gives[o] && group_of(o) == group) return true;
    }
    return false;
}

size_t HourlyLight::same_layer(size_t block, size_t layer) const {
    for (; layer > 0; --layer)
        for (size_t s = 0; s < light_->states.all.size(); ++s)
            if (light_->has_piece(block, s, layer)) return layer;
    return 0;
}

void HourlyLight::compute_block(size_t block, int group, size_t layer, const std::vector<size_t>& hours, float* to) {
    for (size_t s = 0; s < light_->states.all.size(); ++s) {
        std::vector<size_t> here;
        std::copy_if(hours.begin(), hours.end(), std::back_inserter(here),
                     [&](size_t r) { return state_of_lit_[r] == s; });
        if (here.empty()) continue;
        // Made before threads share the work: those must not wait for the lock.
        const Part& rows = part(block, s, group, layer);
        if (rows.tiles == 0) continue;
        const SunThrough through = sun_through(rows.panes, layer);
        const size_t points = light_->blocks[block].count;
        const auto spans = by_span(here);
        parallel_for(spans.size(), [&](size_t k) {
            const auto span = alike(spans[k]);
            for (size_t h = 0; h < span.size(); h += kPanel)
                compute(points, rows, std::span(span).subspan(h, std::min(kPanel, span.size() - h)), false, to);
            add_sun(points, rows.outdoors, group, through, span, to);
            add_sun(points, *rows.indoors, group, through, span, to);
        });
    }
}

const std::vector<float>& HourlyLight::reflected_share(size_t block, size_t state, int group, size_t layer) {
    const std::lock_guard lock(mutex_);
    const auto [it, is_new] = reflected_.try_emplace({block, state, group, layer});
    if (!is_new) return it->second;
    std::vector<float>& out = it->second;
    out.assign(light_->blocks[block].count, 0.0f);
    const auto from = piece(block, state, layer);
    if (from == nullptr) return out;
    const auto& shone = shone_[state].sum;
    const auto& sunlit = sunlit_sum(state, group, layer, from->panes);
    const auto& all_patches = patches_of(block, state, layer);
    // Onto what faces up, light off the ground comes by the ceiling.
    const bool up = light_->planes[light_->blocks[block].plane].normal.z > 0.5;
    parallel_for(out.size(), [&](size_t i) {
        double all = 0, reflected = 0;
        for (const auto& row : from->rows(i)) {
            if (group_of(row.row / light::kEntries) != group) continue;
            const auto entry = static_cast<Entry>(row.row % light::kEntries);
            const auto columns = from->columns(row);
            double sum = 0;
            for (uint32_t e = 0; e < columns.size(); ++e)
                sum += static_cast<double>(from->value(row, e)) * shone[columns[e]];
            all += sum;
            if (entry == Entry::interreflected || (up && entry == Entry::off_ground)) reflected += sum;
        }
        for (const auto& row : from->patch_rows(i)) {
            const auto entry = static_cast<Entry>(row.row % light::kEntries);
            const auto patches = from->patches_of(row);
            double sum = 0;
            for (uint32_t e = 0; e < patches.size(); ++e)
                if (from->patches().patches[patches[e]].space >= 0 || group_of(row.row / light::kEntries) == group)
                    sum += static_cast<double>(from->value(row, e)) * sunlit[all_patches[patches[e]]];
            all += sum;
            if (entry == Entry::interreflected || (up && entry == Entry::off_ground)) reflected += sum;
        }
        if (all > 0) out[i] = static_cast<float>(reflected / all);
    });
    return out;
}

void HourlyLight::add_lightened(size_t block, int group, size_t layer, const std::vector<size_t>& hours,
                                const std::vector<float>& more, const float* from, float* to) {
    const size_t points = light_->blocks[block].count;
    std::vector<const float*> share;
    for (size_t s = 0; s < light_->states.all.size(); ++s)
        share.push_back(more.empty() ? nullptr : reflected_share(block, s, group, layer).data());
    parallel_for(
        hours.size(),
        [&](size_t k) {
            const float* light = from + hours[k] * points;
            float* out = to + hours[k] * points;
            const float lightened = more.empty() ? 0.0f : more[k];
            const float* of = share[state_of_lit_[hours[k]]];
            if (lightened == 0)
                for (size_t p = 0; p < points; ++p) out[p] += light[p];
            else
                for (size_t p = 0; p < points; ++p) out[p] += light[p] * (1 + lightened * of[p]);
        },
        128);
}

// Kept where there is room: another control wants most of it again.
void HourlyLight::add(size_t block, int group, size_t layer, const std::vector<size_t>& hours,
                      const std::vector<float>& more, float* to) {
    const size_t points = light_->blocks[block].count, size = sky_->hours.size() * points, bytes = size * sizeof(float);
    if (!keeps_ && more.empty()) return compute_block(block, group, layer, hours, to);
    if (!keeps_) {
        std::vector<float> light(size, 0.0f);
        compute_block(block, group, layer, hours, light.data());
        return add_lightened(block, group, layer, hours, more, light.data(), to);
    }
    auto it = through_.find({block, group, layer});
    if (it == through_.end()) {
        if (bytes_ + bytes > kRoom) {
            through_.clear();
            bytes_ = 0;
        }
        it = through_.try_emplace({block, group, layer}).first;
        it->second.light.assign(size, 0.0f);
        it->second.known.assign(sky_->hours.size(), false);
        bytes_ += bytes;
    }
    Through& kept = it->second;
    std::vector<size_t> left;
    std::copy_if(hours.begin(), hours.end(), std::back_inserter(left), [&](size_t r) { return !kept.known[r]; });
    compute_block(block, group, layer, left, kept.light.data());
    for (const size_t r : left) kept.known[r] = true;
    add_lightened(block, group, layer, hours, more, kept.light.data(), to);
}

std::vector<float> HourlyLight::block(size_t block, const Course& course) {
    const std::lock_guard lock(mutex_);
    const size_t lit = sky_->hours.size();
    std::vector<float> out(lit * light_->blocks[block].count, 0.0f);
    std::vector<uint8_t> states(groups_, 0);
    // Group by group in their order: the sum's bits do not depend on what was asked before.
    for (int g = -1; g < static_cast<int>(groups_); ++g) {
        if (!gives(block, g)) continue;
        std::map<size_t, std::vector<size_t>> hours;
        for (size_t r = 0; r < lit; ++r)
            hours[g < 0 ? 0 : same_layer(block, course[static_cast<size_t>(g)][r])].push_back(r);
        for (const auto& [layer, list] : hours) {
            std::vector<float> lightened;
            for (const size_t r : list) {
                for (size_t k = 0; k < groups_; ++k) states[k] = course[k][r];
                lightened.push_back(static_cast<float>(more(light_->blocks[block].plane, layer, states)));
            }
            if (std::all_of(lightened.begin(), lightened.end(), [](float v) { return v == 0; })) lightened.clear();
            GiveUpScope::look();
            add(block, g, layer, list, lightened, out.data());
        }
    }
    return out;
}

std::vector<double> HourlyLight::mean_through(size_t plane, int group, size_t layer) {
    const auto& layout = light_->layout;
    const size_t states = light_->states.all.size();
    std::vector<std::vector<double>> mean(states, std::vector<double>(layout.columns(), 0.0));
    std::vector<std::vector<double>> off_patches(states, std::vector<double>(light_->patches.count(), 0.0));
    light::PaneFigures figures_then = figures_now_;
    const auto points = static_cast<double>(light_->planes[plane].points.size());
    std::vector<uint8_t> others_open(groups_, 0);
    if (group >= 0) others_open[static_cast<size_t>(group)] = static_cast<uint8_t>(layer);
    const double lightened = more(plane, layer, others_open);
    for (size_t b = 0; b < light_->blocks.size(); ++b)
        for (size_t s = 0; s < states && light_->blocks[b].plane == plane; ++s) {
            const auto from = piece(b, s, layer);
            if (from == nullptr) continue;
            const PaneChange* change = change_of(from->panes, layer);
            figures_then = from->panes;
            const auto& all_patches = patches_of(b, s, layer);
            const std::vector<float>* share = lightened != 0 ? &reflected_share(b, s, group, layer) : nullptr;
            for (size_t i = 0; i < from->points(); ++i)
                for (const auto& row : from->rows(i)) {
                    const size_t opening = row.row / light::kEntries;
                    if (group_of(opening) != group) continue;
                    const double times = share != nullptr ? 1 + lightened * static_cast<double>((*share)[i]) : 1;
                    const auto columns = from->columns(row);
                    for (uint32_t e = 0; e < columns.size(); ++e)
                        mean[s][columns[e]] +=
                            times *
                            static_cast<double>(
                                from->value(row, e) *
                                factor(change, static_cast<Entry>(row.row % light::kEntries), opening, columns[e])) /
                            points;
                }
            for (size_t i = 0; i < from->points(); ++i)
                for (const auto& row : from->patch_rows(i)) {
                    const double times = (share != nullptr ? 1 + lightened * static_cast<double>((*share)[i]) : 1) *
                                         static_cast<double>(patch_factor(change, row.row)) / points;
                    const auto patches = from->patches_of(row);
                    for (uint32_t e = 0; e < patches.size(); ++e)
                        if (from->patches().patches[patches[e]].space >= 0 ||
                            group_of(row.row / light::kEntries) == group)
                            off_patches[s][all_patches[patches[e]]] += times * static_cast<double>(from->value(row, e));
                }
        }
    std::vector<double> out(sky_->hours.size(), 0.0);
    const SunThrough through = sun_through(figures_then, layer);
    for (size_t r = 0; r < out.size(); ++r) {
        const auto row = sky_->row(r);
        const size_t s = state_of_lit_[r];
        for (size_t c = 0; c < row.size(); ++c) out[r] += mean[s][c] * static_cast<double>(row[c]);
    }
    for (size_t p = 0; p < light_->patches.count(); ++p) {
        if (std::all_of(off_patches.begin(), off_patches.end(), [&](const auto& list) { return list[p] == 0; }))
            continue;
        const bool outdoors = light_->patches.patches[p].space < 0;
        each_hour_on(p, through, [&](size_t r, const light::Sunlit::Beam& beam, float lux) {
            if (outdoors || group_of_portal(beam.portal) == group)
                out[r] += static_cast<double>(lux) * off_patches[state_of_lit_[r]][p];
        });
    }
    return out;
}

}  // namespace wp::question
