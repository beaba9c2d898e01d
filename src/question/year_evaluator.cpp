// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_evaluator.h"

#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "light/replicates.h"

namespace wp::question {

using light::Entry;
using metric::HourlyLux;

namespace {

/// Light that was computed is kept up to this many bytes.
constexpr size_t kRoomOfHours = size_t{512} << 20;

}  // namespace

YearAnswer::Evaluator::Evaluator(Inputs inputs) : in_(std::move(inputs)) {
    const YearLight& light = *in_.light;
    group_of_opening_.assign(light.openings.size() + 1, -1);
    for (size_t o = 0; o < light.openings.size(); ++o)
        for (size_t g = 0; g < in_.groups.size(); ++g) {
            const auto& list = in_.groups[g].openings;
            if (std::find(list.begin(), list.end(), light.openings[o]) != list.end())
                group_of_opening_[o] = static_cast<int>(g);
        }
    blocks_of_plane_.resize(light.planes.size());
    for (size_t b = 0; b < light.blocks.size(); ++b) blocks_of_plane_[light.blocks[b].plane].push_back(b);
    group_of_portal_ = groups_of_portals(light, group_of_opening_);
    // Another answer's will do where nothing but control differs.
    if (in_.hourly == nullptr || !in_.hourly->serves(in_.light.get(), in_.sky.get(), in_.panes, group_of_opening_))
        in_.hourly = std::make_shared<HourlyLight>(in_.light, in_.sky, in_.panes, group_of_opening_, in_.groups.size());
}

PlaneYear YearAnswer::Evaluator::describe(size_t plane) const {
    const YearLight& light = *in_.light;
    PlaneYear out;
    out.plane = light.planes[plane];
    for (size_t g = 0; g < in_.groups.size(); ++g)
        if (!in_.groups[g].states.empty() && in_.groups[g].room == out.plane.room)
            out.groups.push_back(static_cast<int>(g));
    for (const size_t b : blocks_of(plane)) {
        std::vector<float> open(light.blocks[b].count, 0.0f), most;
        for (size_t k = 0; k < light.layers.size(); ++k) {
            const auto widths = half_widths(b, k);
            const double common = common_of(b, k);
            if (k == 0) most = open = widths, out.common = std::max(out.common, common);
            out.closed_common = std::max(out.closed_common, common);
            for (size_t i = 0; i < widths.size(); ++i) most[i] = std::max(most[i], widths[i]);
        }
        out.half_width.insert(out.half_width.end(), open.begin(), open.end());
        out.closed_half_width.insert(out.closed_half_width.end(), most.begin(), most.end());
    }
    if (light.layers.size() < 2) out.closed_half_width.clear();
    // What an edit elsewhere may have changed is one and the same for all points, and adds to what chance left.
    if (const double more = may_differ(plane); more > 0) {
        for (auto* widths : {&out.half_width, &out.closed_half_width})
            for (float& w : *widths) w += static_cast<float>(more);
        out.common += more;
        out.closed_common += more;
    }
    out.relative_half_width = out.width(0);
    return out;
}

double YearAnswer::Evaluator::common_of(size_t block, size_t layer) const {
    double out = 0;
    for (size_t s = 0; s < in_.light->states.all.size(); ++s)
        if (const auto from = in_.hourly->piece(block, s, layer)) out = std::max(out, from->common);
    return out;
}

// Of each point the error of its mean light over the lit hours, as a share of that: what figures of a year depend on.
// The sky's error is one and the same in all hours; those of what is taken off patches are independent, each for all
// hours the patch is lit in; states of trees and ground are told apart as if they were independent, too.
std::vector<float> YearAnswer::Evaluator::half_widths(size_t block, size_t layer) const {
    const YearLight& light = *in_.light;
    std::vector<double> error(light.blocks[block].count, 0.0), lux(error);
    for (size_t s = 0; s < light.states.all.size(); ++s) {
        const auto from = in_.hourly->piece(block, s, layer);
        const auto& shone = in_.hourly->shone(s);
        if (from == nullptr || shone.hours == 0) continue;
        const auto& sunlit = in_.hourly->sunlit_sum(s, HourlyLight::kAnyGroup, layer, from->panes);
        const auto& patches = in_.hourly->patches_of(block, s, layer);
        parallel_for(from->points(), [&](size_t i) {
            double sky = 0, sun = 0;
            for (const auto& row : from->rows(i)) {
                const auto columns = from->columns(row);
                for (uint32_t e = 0; e < columns.size(); ++e) {
                    const double light_hours = static_cast<double>(from->value(row, e)) * shone.sum[columns[e]];
                    sky += light_hours;
                    error[i] += std::pow(light::kStudent95, 2) * static_cast<double>(from->sky_noise(i)) * light_hours *
                                shone.sum[columns[e]];
                }
            }
            for (const auto& row : from->patch_rows(i)) {
                const auto of = from->patches_of(row);
                double square = 0;
                for (uint32_t e = 0; e < of.size(); ++e) {
                    const double fell = sunlit[patches[of[e]]],
                                 lux_hours = static_cast<double>(from->value(row, e)) * fell;
                    sun += lux_hours;
                    square += lux_hours * fell;
                }
                error[i] += std::pow(light::kStudent95, 2) * static_cast<double>(row.noise) * square;
            }
            lux[i] += sky + sun;
        });
    }
    std::vector<float> out(error.size(), 0.0f);
    for (size_t i = 0; i < out.size(); ++i)
        if (lux[i] > 0) out[i] = static_cast<float>(std::sqrt(error[i]) / lux[i]);
    return out;
}

// What is kept is released all at once where it grows too much: it is quickly made again.
void YearAnswer::Evaluator::make_room(size_t bytes) {
    if (kept_ + bytes > kRoomOfHours) {
        lux_.clear();
        direct_.clear();
        kept_ = 0;
    }
    kept_ += bytes;
}

const std::vector<light::ScenePortal>& YearAnswer::Evaluator::portals_now(size_t layer) {
    panes_now_.resize(in_.light->layers.size());
    if (!panes_now_[layer]) panes_now_[layer] = std::make_unique<light::Panes>(in_.panes, in_.light->layers[layer]);
    return panes_now_[layer]->portals();
}

size_t YearAnswer::Evaluator::state_of_portal(int portal, Operation operation, size_t lit_hour) {
    if (portal < 0 || operation == Operation::open) return 0;
    const int group = group_of_portal_[static_cast<size_t>(portal)];
    if (group < 0) return 0;
    return states_.at(operation)[static_cast<size_t>(group)][static_cast<size_t>(in_.sky->hours[lit_hour])];
}

namespace {

/// lux: lit hours x points.
std::shared_ptr<HourlyLux> year_of(const YearSky& sky, size_t points, std::vector<float> lux) {
    return std::make_shared<HourlyLux>(HourlyLux{points, sky.row_of, std::move(lux)});
}

}  // namespace

std::shared_ptr<const HourlyLux> YearAnswer::Evaluator::direct(size_t block) {
    const std::lock_guard lock(mutex_);
    if (const auto it = direct_.find(block); it != direct_.end()) return it->second;
    const YearBlock& points = in_.light->blocks[block];
    auto out = year_of(*in_.sky, points.count, std::vector<float>(lit() * points.count, 0.0f));
    each_beam(*in_.light->sun->at(block), in_.light->planes[points.plane].normal,
              [&](size_t row, uint32_t point, int, float lux, const float* left) {
                  out->lux[row * out->points + point] += lux * left[0];
              });
    make_room(out->lux.size() * sizeof(float));
    return direct_[block] = out;
}

HourlyLight::Course YearAnswer::Evaluator::course(Operation operation) const {
    HourlyLight::Course out(in_.groups.size(), std::vector<uint8_t>(lit(), 0));
    for (size_t g = 0; g < out.size() && operation != Operation::open; ++g)
        for (size_t r = 0; r < lit(); ++r) out[g][r] = states_.at(operation)[g][static_cast<size_t>(in_.sky->hours[r])];
    return out;
}

std::shared_ptr<const HourlyLux> YearAnswer::Evaluator::lux(size_t block, Operation operation) {
    const std::lock_guard lock(mutex_);
    if (const auto it = lux_.find({block, operation}); it != lux_.end()) return it->second;
    decide(operation);
    const YearBlock& points = in_.light->blocks[block];
    auto out = year_of(*in_.sky, points.count, in_.hourly->block(block, course(operation)));
    each_beam(*in_.light->sun->at(block), in_.light->planes[points.plane].normal,
              [&](size_t row, uint32_t point, int portal, float lux, const float* left) {
                  out->lux[row * out->points + point] += lux * left[state_of_portal(portal, operation, row)];
              });
    make_room(out->lux.size() * sizeof(float));
    return lux_[{block, operation}] = out;
}

std::shared_ptr<const HourlyLux> YearAnswer::Evaluator::shade(size_t block, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    return year_of(*in_.sky, in_.light->blocks[block].count, in_.hourly->block(block, course(operation)));
}

std::shared_ptr<const HourlyLux> YearAnswer::Evaluator::half_widths_by_hour(size_t block, Operation operation) {
    const double more = may_differ(in_.light->blocks[block].plane);
    const auto light_by_hour = more > 0 ? lux(block, operation) : nullptr;
    const std::lock_guard lock(mutex_);
    decide(operation);
    auto variance = in_.hourly->variance(block, course(operation));
    for (float& v : variance) v = static_cast<float>(light::kStudent95) * std::sqrt(v);
    if (light_by_hour != nullptr)
        for (size_t i = 0; i < variance.size(); ++i) variance[i] += static_cast<float>(more) * light_by_hour->lux[i];
    return year_of(*in_.sky, in_.light->blocks[block].count, std::move(variance));
}

double YearAnswer::Evaluator::may_differ(size_t plane) const {
    const auto& by_plane = in_.light->may_differ;
    return plane < by_plane.size() ? by_plane[plane] : 0.0;
}

const std::vector<uint8_t>& YearAnswer::Evaluator::states(size_t group, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    return states_.at(operation)[group];
}

metric::Hours YearAnswer::Evaluator::unmet(size_t plane, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    const auto& points = in_.light->planes[plane];
    std::vector<uint32_t> sunny(lit(), 0);
    each_beam_of_plane(plane, [&](size_t row, size_t, int portal, float lux, const float* left) {
        if (static_cast<double>(lux * left[state_of_portal(portal, operation, row)]) >= kBlindLux) ++sunny[row];
    });
    metric::Hours out(climate::kHours, false);
    for (size_t r = 0; r < lit(); ++r)
        if (static_cast<double>(sunny[r]) > kBlindShare * static_cast<double>(points.points.size()))
            out[static_cast<size_t>(in_.sky->hours[r])] = true;
    return out;
}

}  // namespace wp::question
