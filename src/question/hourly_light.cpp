// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/hourly_light.h"

#include <algorithm>
#include <cmath>

#include "base/parallel.h"

namespace wp::question {

using light::Entry;

namespace {

/// Light that was reckoned is kept up to this many bytes.
constexpr size_t kRoom = size_t{512} << 20;
/// Points of a tile, and hours that are reckoned with it together: as many sums as registers hold.
constexpr size_t kTile = 16, kAbreast = 4;
/// Hours whose sky is laid out together, and from which on a bucket is worth all threads.
constexpr size_t kPanel = 32, kManyHours = 128;

// Eight numbers abreast, in one register where the machine has such wide ones. Each sum is made in the order of its columns whatever the
// width and whatever hours are made with it, so that every machine gives the same bits.
using Lanes = float __attribute__((vector_size(32), aligned(4), may_alias));

[[gnu::always_inline]] inline void tile_lanes(const float* shine, size_t stride, const float* rows, size_t columns, float* sums) {
    Lanes a[kAbreast][2] = {};
    for (size_t c = 0; c < columns; ++c) {
        const Lanes* row = reinterpret_cast<const Lanes*>(rows + c * kTile);
        const Lanes low = row[0], high = row[1];
        for (size_t h = 0; h < kAbreast; ++h) {
            const float s = shine[h * stride + c];
            a[h][0] += s * low;
            a[h][1] += s * high;
        }
    }
    for (size_t h = 0; h < kAbreast; ++h) {
        reinterpret_cast<Lanes*>(sums + h * kTile)[0] = a[h][0];
        reinterpret_cast<Lanes*>(sums + h * kTile)[1] = a[h][1];
    }
}
void tile(const float* shine, size_t stride, const float* rows, size_t columns, float* sums) { tile_lanes(shine, stride, rows, columns, sums); }
[[gnu::target("avx2")]] void tile_wide(const float* shine, size_t stride, const float* rows, size_t columns, float* sums) { tile_lanes(shine, stride, rows, columns, sums); }

Fingerprint print_of(const std::vector<geometry::Glazing>& glazings) {
    Fingerprint print;
    for (const auto& g : glazings)
        for (const double v : {g.transmittance, g.reflectance_out, g.reflectance_in, g.diffuse, static_cast<double>(g.panes)}) print.add(v);
    return print;
}

}  // namespace

PaneChange::PaneChange(const geometry::Surfaces& then, const geometry::Surfaces& now, const light::BlindLayers& layers, const std::vector<int>& opening_of_portal, size_t openings,
                       const std::vector<Vec3f>& directions)
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

HourlyLight::HourlyLight(std::shared_ptr<const YearLight> light, std::shared_ptr<const YearSky> sky, const geometry::Surfaces& panes, std::vector<int> group_of_opening, size_t groups)
    : light_(std::move(light)), sky_(std::move(sky)), panes_(panes), figures_now_(light::figures_of(panes)), glass_(print_of(panes.glazings)), group_of_opening_(std::move(group_of_opening)), groups_(groups) {
    const SkyColumns columns(light_->place, light_->north_azimuth, true);
    const auto& layout = light_->layout;
    direction_of_column_.assign(layout.columns(), Vec3f{0, 0, 1});
    for (size_t c = 0; c < layout.parts; ++c) direction_of_column_[c] = columns.parts().directions(c, 1)[0].as<float>();
    for (size_t c = 0; c < layout.nodes; ++c) direction_of_column_[layout.node(c)] = columns.nodes().direction(c);
    for (size_t c = 0; c < layout.coarse; ++c) direction_of_column_[layout.coarse_part(c)] = columns.coarse()->directions(c, 1)[0].as<float>();
    for (const int hour : sky_->hours) state_of_lit_.push_back(light_->states.in(climate::moment_of(hour / 24, 12).month));
    for (const auto& p : light_->pieces) changed_ = changed_ || (p && p->panes != figures_now_);
}

bool HourlyLight::serves(const YearLight* light, const YearSky* sky, const geometry::Surfaces& panes, const std::vector<int>& group_of_opening) const {
    return light == light_.get() && sky == sky_.get() && light::figures_of(panes) == figures_now_ && print_of(panes.glazings) == glass_ && group_of_opening == group_of_opening_;
}

const light::CompactCoefficients* HourlyLight::piece(size_t block, size_t state, size_t layer) const {
    for (size_t k = layer + 1; k-- > 0;)
        if (const auto* found = light_->piece(block, state, k)) return found;
    return nullptr;
}

const PaneChange* HourlyLight::change_of(const light::PaneFigures& then, size_t layer) {
    if (then == figures_now_) return nullptr;
    const std::lock_guard lock(mutex_);
    for (const auto& [figures, k, change] : changes_)
        if (k == layer && figures == then) return change.get();
    changes_.emplace_back(then, layer, std::make_unique<PaneChange>(light::with_figures(panes_, then), panes_, light_->layers[layer], light_->opening_of_portal, light_->openings.size(), direction_of_column_));
    return std::get<2>(changes_.back()).get();
}

float HourlyLight::factor(const PaneChange* change, Entry entry, size_t opening, size_t column) const {
    if (change == nullptr || opening >= light_->openings.size()) return 1;
    // Off the ground and what stands outdoors, light comes to the pane from anywhere.
    if (entry == Entry::off_ground || entry == Entry::off_outdoors || column == light_->layout.ground()) return change->evenly(opening);
    return change->at(opening, column);
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
    parallel_for(sky_->hours.size(), [&](size_t r) {
        if (sky_->beam[r] <= 0) return;
        const Vec3f to = sky_->to_sun[r].as<float>();
        for (size_t p = 0; p < portals; ++p) {
            const float before = open.portals()[p].pass(to).straight;
            for (size_t k = 0; k < layers && before > 0; ++k) (*out)[(r * portals + p) * layers + k] = now[k].portals()[p].pass(to).straight / before;
        }
    }, 64);
    beams_.emplace_back(then, out);
    return out;
}

const HourlyLight::Used& HourlyLight::used(size_t block, size_t state) {
    const auto [it, is_new] = used_.try_emplace({block, state});
    Used& out = it->second;
    if (!is_new) return out;
    const auto& layout = light_->layout;
    std::vector<bool> met(layout.columns(), false);
    for (size_t k = 0; k < light_->layers.size(); ++k)
        if (const auto* from = light_->piece(block, state, k))
            for (size_t i = 0; i < from->points(); ++i)
                for (const auto& row : from->rows(i))
                    for (const uint16_t c : from->columns(row)) met[c] = true;
    out.place.assign(layout.columns(), -1);
    for (uint32_t c = 0; c < layout.columns(); ++c) {
        if (!met[c]) continue;
        auto& list = layout.is_node(c) ? out.nodes : out.columns;
        out.place[c] = static_cast<int>(list.size());
        list.push_back(c);
    }
    return out;
}

HourlyLight::Changes HourlyLight::changes_of(size_t block, size_t state) {
    Changes out;
    for (size_t k = 0; k < light_->layers.size(); ++k) {
        const auto* from = piece(block, state, k);
        out.push_back(from != nullptr ? change_of(from->panes, k) : nullptr);
    }
    return out;
}

HourlyLight::Packed HourlyLight::pack(size_t block, const Bucket& bucket, const Used& used, const Changes& changes, bool spread) const {
    Packed out;
    const size_t points = light_->blocks[block].count;
    out.tiles = (points + kTile - 1) / kTile;
    out.dense.assign(out.tiles * used.columns.size() * kTile, 0.0f);
    out.nodes.assign(out.tiles * used.nodes.size() * kTile, 0.0f);
    std::vector<bool> wanted(light_->layers.size(), false);
    wanted[0] = true;  // what comes through no group
    for (const uint8_t k : bucket.blinds) wanted[k] = true;
    for (size_t k = 0; k < wanted.size(); ++k) {
        const auto* from = wanted[k] ? piece(block, bucket.state, k) : nullptr;
        if (from == nullptr) continue;
        const PaneChange* change = changes[k];
        const size_t grain = spread ? kTile : from->points();
        parallel_for((from->points() + grain - 1) / grain, [&](size_t part) {
          for (size_t i = part * grain; i < std::min(from->points(), (part + 1) * grain); ++i)
            for (const auto& row : from->rows(i)) {
                const size_t opening = row.row / light::kEntries;
                const int group = group_of(opening);
                if ((group < 0 ? 0u : bucket.blinds[static_cast<size_t>(group)]) != k) continue;
                const auto entry = static_cast<Entry>(row.row % light::kEntries);
                const auto columns = from->columns(row);
                for (uint32_t e = 0; e < columns.size(); ++e) {
                    const bool node = light_->layout.is_node(columns[e]);
                    const size_t width = node ? used.nodes.size() : used.columns.size(), at = (i / kTile * width + static_cast<size_t>(used.place[columns[e]])) * kTile + i % kTile;
                    (node ? out.nodes : out.dense)[at] += from->value(row, e) * (change != nullptr ? factor(change, entry, opening, columns[e]) : 1.0f);
                }
            }
        });
    }
    return out;
}

void HourlyLight::reckon(size_t block, const Bucket& bucket, const Used& used, const Packed& rows, size_t first, size_t count, float* to, size_t stride) const {
    static const bool wide = __builtin_cpu_supports("avx2");
    const size_t width = used.columns.size(), begin = light_->blocks[block].first, points = light_->blocks[block].count;
    std::vector<float> shine(kPanel * width);
    float sums[kAbreast * kTile];
    for (size_t panel = first; panel < first + count; panel += kPanel) {
        const size_t hours = std::min(kPanel, first + count - panel);
        std::fill(shine.begin(), shine.end(), 0.0f);
        for (size_t h = 0; h < hours; ++h) {
            const auto row = sky_->row(bucket.hours[panel + h]);
            for (size_t c = 0; c < width; ++c) shine[h * width + c] = row[used.columns[c]];
        }
        for (size_t t = 0; t < rows.tiles; ++t)
            for (size_t h = 0; h < hours; h += kAbreast) {
                (wide ? tile_wide : tile)(shine.data() + h * width, width, rows.dense.data() + t * width * kTile, width, sums);
                const size_t last = std::min(kTile, points - t * kTile);
                for (size_t k = 0; k < kAbreast && h + k < hours; ++k) {
                    const size_t lit = bucket.hours[panel + h + k];
                    const auto row = sky_->row(lit);
                    float* sum = sums + k * kTile;
                    // The sun stands between few of its nodes.
                    for (size_t n = 0; n < used.nodes.size(); ++n) {
                        const float beam = row[used.nodes[n]];
                        if (beam == 0) continue;
                        const float* of = rows.nodes.data() + (t * used.nodes.size() + n) * kTile;
                        for (size_t p = 0; p < kTile; ++p) sum[p] += beam * of[p];
                    }
                    std::copy(sum, sum + last, to + lit * stride + begin + t * kTile);
                }
            }
    }
}

bool HourlyLight::same(const Course& a, const Course& b, size_t lit_hour) const {
    for (size_t g = 0; g < groups_; ++g)
        if (a[g][lit_hour] != b[g][lit_hour]) return false;
    return true;
}

std::vector<HourlyLight::Bucket> HourlyLight::buckets(const Course& course, const std::vector<size_t>& hours) const {
    std::map<std::pair<size_t, std::vector<uint8_t>>, std::vector<size_t>> found;
    for (const size_t r : hours) {
        std::vector<uint8_t> blinds;
        for (size_t g = 0; g < groups_; ++g) blinds.push_back(course[g][r]);
        found[{state_of_lit_[r], blinds}].push_back(r);
    }
    std::vector<Bucket> out;
    for (auto& [key, list] : found) out.push_back({key.second, key.first, std::move(list)});
    return out;
}

HourlyLight::Hours HourlyLight::plane(size_t plane, const Course& given) {
    const std::lock_guard lock(mutex_);
    // Groups that give this plane no light may stand as they like.
    Course course = given;
    std::vector<bool> gives(groups_, false);
    for (size_t b = 0; b < light_->blocks.size(); ++b)
        for (size_t s = 0; s < light_->states.all.size() && light_->blocks[b].plane == plane; ++s)
            if (const auto* from = light_->piece(b, s, 0))
                for (size_t i = 0; i < from->points(); ++i)
                    for (const auto& row : from->rows(i))
                        if (const int g = group_of(row.row / light::kEntries); g >= 0) gives[static_cast<size_t>(g)] = true;
    for (size_t g = 0; g < groups_; ++g)
        if (!gives[g]) std::fill(course[g].begin(), course[g].end(), uint8_t{0});

    auto& kept = kept_[plane];
    const size_t lit = sky_->hours.size(), points = light_->planes[plane].points.size();
    auto out = std::make_shared<std::vector<float>>(lit * points, 0.0f);
    std::vector<size_t> left;
    for (size_t r = 0; r < lit; ++r) {
        const auto known = std::find_if(kept.begin(), kept.end(), [&](const Kept& k) { return same(k.course, course, r); });
        if (known == kept.end()) left.push_back(r);
        else std::copy_n(known->light->begin() + static_cast<std::ptrdiff_t>(r * points), points, out->begin() + static_cast<std::ptrdiff_t>(r * points));
    }
    if (left.empty())
        for (const Kept& k : kept)
            if (k.course == course) return k.light;
    const auto all = buckets(course, left);
    for (size_t b = 0; b < light_->blocks.size(); ++b) {
        if (light_->blocks[b].plane != plane) continue;
        std::vector<Changes> changes;
        for (size_t s = 0; s < light_->states.all.size(); ++s) {
            used(b, s);
            changes.push_back(changes_of(b, s));
        }
        std::vector<const Bucket*> few;
        for (const Bucket& bucket : all) {
            if (bucket.hours.size() < kManyHours) {
                few.push_back(&bucket);
                continue;
            }
            const Packed rows = pack(b, bucket, used(b, bucket.state), changes[bucket.state], true);
            const size_t parts = (bucket.hours.size() + kPanel - 1) / kPanel;
            parallel_for(parts, [&](size_t k) { reckon(b, bucket, used_.at({b, bucket.state}), rows, k * kPanel, std::min(kPanel, bucket.hours.size() - k * kPanel), out->data(), points); });
        }
        parallel_for(few.size(), [&](size_t k) {
            const Used& columns = used_.at({b, few[k]->state});
            reckon(b, *few[k], columns, pack(b, *few[k], columns, changes[few[k]->state], false), 0, few[k]->hours.size(), out->data(), points);
        });
    }
    const size_t bytes = out->size() * sizeof(float);
    if (bytes_ + bytes > kRoom) {
        kept_.clear();
        bytes_ = 0;
    }
    if (bytes <= kRoom) {
        kept_[plane].push_back({std::move(course), out});
        bytes_ += bytes;
    }
    return out;
}

std::vector<double> HourlyLight::mean_through(size_t plane, int group, size_t layer) {
    const auto& layout = light_->layout;
    const size_t states = light_->states.all.size();
    std::vector<std::vector<double>> mean(states, std::vector<double>(layout.columns(), 0.0));
    const auto points = static_cast<double>(light_->planes[plane].points.size());
    for (size_t b = 0; b < light_->blocks.size(); ++b)
        for (size_t s = 0; s < states && light_->blocks[b].plane == plane; ++s) {
            const auto* from = piece(b, s, layer);
            if (from == nullptr) continue;
            const PaneChange* change = change_of(from->panes, layer);
            for (size_t i = 0; i < from->points(); ++i)
                for (const auto& row : from->rows(i)) {
                    const size_t opening = row.row / light::kEntries;
                    if (group_of(opening) != group) continue;
                    const auto columns = from->columns(row);
                    for (uint32_t e = 0; e < columns.size(); ++e)
                        mean[s][columns[e]] += static_cast<double>(from->value(row, e) * factor(change, static_cast<Entry>(row.row % light::kEntries), opening, columns[e])) / points;
                }
        }
    std::vector<double> out(sky_->hours.size(), 0.0);
    for (size_t r = 0; r < out.size(); ++r) {
        const auto row = sky_->row(r);
        for (size_t c = 0; c < row.size(); ++c) out[r] += mean[state_of_lit_[r]][c] * static_cast<double>(row[c]);
    }
    return out;
}

}  // namespace wp::question
