// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_reckoner.h"

#include <algorithm>
#include <cmath>

#include "base/parallel.h"

namespace wp::question {

using light::Entry;
using metric::HourlyLux;

namespace {

/// Light that was reckoned is kept up to this many bytes.
constexpr size_t kRoom = size_t{768} << 20;

}  // namespace

PaneChange::PaneChange(const geometry::Surfaces& then, const geometry::Surfaces& now, const light::BlindLayers& layers, const std::vector<int>& opening_of_portal, size_t openings)
    : then_(then, layers), now_(now, layers), portal_of_(openings, -1), evenly_(openings, 1.0f) {
    for (size_t p = 0; p < opening_of_portal.size(); ++p)
        if (const int o = opening_of_portal[p]; o >= 0 && portal_of_[static_cast<size_t>(o)] < 0) portal_of_[static_cast<size_t>(o)] = static_cast<int>(p);
    for (size_t o = 0; o < openings; ++o) {
        if (portal_of_[o] < 0) continue;
        const auto portal = static_cast<size_t>(portal_of_[o]);
        const float sum_then = then_.portals()[portal].passes_evenly(), sum_now = now_.portals()[portal].passes_evenly();
        evenly_[o] = sum_then > 0 ? sum_now / sum_then : 0.0f;
    }
}

float PaneChange::at(size_t opening, Vec3f d) const {
    const int portal = portal_of_[opening];
    if (portal < 0) return 1;
    const auto a = then_.portals()[static_cast<size_t>(portal)].pass(d), b = now_.portals()[static_cast<size_t>(portal)].pass(d);
    const float before = a.straight + a.through;
    return before > 1e-6f ? (b.straight + b.through) / before : evenly_[opening];
}

YearAnswer::Reckoner::Reckoner(Inputs inputs) : in_(std::move(inputs)) {
    const YearLight& light = *in_.light;
    group_of_opening_.assign(light.openings.size() + 1, -1);
    for (size_t o = 0; o < light.openings.size(); ++o)
        for (size_t g = 0; g < in_.groups.size(); ++g) {
            const auto& list = in_.groups[g].openings;
            if (std::find(list.begin(), list.end(), light.openings[o]) != list.end()) group_of_opening_[o] = static_cast<int>(g);
        }
    for (const int o : light.opening_of_portal) group_of_portal_.push_back(o < 0 ? -1 : group_of_opening_[static_cast<size_t>(o)]);
    const SkyColumns columns(light.place, light.north_azimuth, true);
    const auto& layout = light.layout;
    direction_of_column_.assign(layout.columns(), Vec3f{0, 0, 1});
    for (size_t c = 0; c < layout.parts; ++c) direction_of_column_[c] = columns.parts().directions(c, 1)[0].as<float>();
    for (size_t c = 0; c < layout.nodes; ++c) direction_of_column_[layout.node(c)] = columns.nodes().direction(c);
    for (size_t c = 0; c < layout.coarse; ++c) direction_of_column_[layout.coarse_part(c)] = columns.coarse()->directions(c, 1)[0].as<float>();
    for (size_t r = 0; r < lit(); ++r) {
        const size_t state = light.states.in(climate::moment_of(in_.sky->hours[r] / 24, 12).month);
        state_of_lit_.push_back(state);
        constexpr Eigen::Index longest = 256;
        if (bands_.empty() || bands_.back().state != state || bands_.back().count >= longest) bands_.push_back({static_cast<Eigen::Index>(r), 0, state});
        ++bands_.back().count;
    }
    shone_ = shone_by_state();
    figures_now_ = light::figures_of(in_.panes);
    for (const auto& p : light.pieces) changed_ = changed_ || (p && p->panes != figures_now_);
}

PlaneYear YearAnswer::Reckoner::describe(size_t plane) const {
    const YearLight& light = *in_.light;
    PlaneYear out;
    out.plane = light.planes[plane];
    for (size_t g = 0; g < in_.groups.size(); ++g)
        if (!in_.groups[g].states.empty() && in_.groups[g].room == out.plane.room) out.groups.push_back(static_cast<int>(g));
    for (size_t b = 0; b < light.blocks.size(); ++b) {
        if (light.blocks[b].plane != plane) continue;
        std::vector<float> open(light.blocks[b].count, 0.0f), most;
        for (size_t k = 0; k < light.layers.size(); ++k) {
            const auto widths = half_widths(b, k);
            if (k == 0) most = open = widths;
            for (size_t i = 0; i < widths.size(); ++i) most[i] = std::max(most[i], widths[i]);
        }
        out.half_width.insert(out.half_width.end(), open.begin(), open.end());
        out.closed_half_width.insert(out.closed_half_width.end(), most.begin(), most.end());
    }
    if (light.layers.size() < 2) out.closed_half_width.clear();
    out.relative_half_width = out.width(Operation::open);
    return out;
}

// What shone in the lit hours of one state of trees and ground: sums, and how uneven it was.
std::vector<YearAnswer::Reckoner::Shone> YearAnswer::Reckoner::shone_by_state() const {
    const auto& layout = in_.light->layout;
    std::vector<Shone> out(in_.light->states.all.size());
    for (Shone& s : out) {
        s.sum.assign(layout.columns(), 0.0);
        s.node_square.assign(layout.nodes, 0.0);
    }
    for (size_t r = 0; r < lit(); ++r) {
        Shone& s = out[state_of_lit_[r]];
        const auto row = in_.sky->row(r);
        for (size_t c = 0; c < row.size(); ++c) s.sum[c] += static_cast<double>(row[c]);
        for (size_t n = 0; n < layout.nodes; ++n) s.node_square[n] += std::pow(static_cast<double>(row[layout.node(n)]), 2);
        const double sky = in_.sky->outdoor[static_cast<size_t>(in_.sky->hours[r])].diffuse_lux, sun = static_cast<double>(in_.sky->beam[r]);
        ++s.hours;
        s.sky += sky;
        s.sky_square += sky * sky;
        s.sun += sun;
        s.sun_square += sun * sun;
    }
    return out;
}

// Root mean square over the lit hours of each point's error, as a share of that of its light. Sky and sun at a point are as uneven over the year as they
// are outdoors; that both may shine at once, which would make the share less, is left out.
std::vector<float> YearAnswer::Reckoner::half_widths(size_t block, size_t layer) const {
    const YearLight& light = *in_.light;
    const size_t plane = light.blocks[block].plane;
    const double between = plane < light.sun_error.size() ? static_cast<double>(light.sun_error[plane]) : 0;
    std::vector<double> error(light.blocks[block].count, 0.0), lux(error);
    for (size_t s = 0; s < light.states.all.size(); ++s) {
        const auto* from = piece(block, s, layer);
        const Shone& shone = shone_[s];
        if (from == nullptr || shone.hours == 0) continue;
        // Sum of squares over hours of what is in proportion to outdoors, from its sum.
        const double of_sky = shone.sky > 0 ? shone.sky_square / (shone.sky * shone.sky) : 0, of_sun = shone.sun > 0 ? shone.sun_square / (shone.sun * shone.sun) : 0;
        for (size_t i = 0; i < from->points(); ++i) {
            double sky = 0, sun = 0;
            for (const auto& row : from->rows(i)) {
                const auto columns = from->columns(row);
                for (uint32_t e = 0; e < columns.size(); ++e) (light.layout.is_node(columns[e]) ? sun : sky) += static_cast<double>(from->value(row, e)) * shone.sum[columns[e]];
            }
            const auto widths = from->node_half_widths(i);
            for (size_t n = 0; n < widths.size(); ++n) error[i] += std::pow(static_cast<double>(widths[n]), 2) * shone.node_square[n];
            error[i] += std::pow(static_cast<double>(from->sky_half_width(i)) * sky, 2) * of_sky + std::pow(between * sun, 2) * of_sun;
            lux[i] += sky * sky * of_sky + sun * sun * of_sun;
        }
    }
    std::vector<float> out(error.size(), 0.0f);
    for (size_t i = 0; i < out.size(); ++i)
        if (lux[i] > 0) out[i] = static_cast<float>(std::sqrt(error[i] / lux[i]));
    return out;
}

const light::CompactCoefficients* YearAnswer::Reckoner::piece(size_t block, size_t state, size_t layer) const {
    // A state that changes nothing has no piece of its own.
    for (size_t k = layer + 1; k-- > 0;)
        if (const auto* found = in_.light->piece(block, state, k)) return found;
    return nullptr;
}

const PaneChange* YearAnswer::Reckoner::change_of(const light::PaneFigures& then, size_t layer) {
    if (then == figures_now_) return nullptr;
    for (const auto& [figures, k, change] : changes_)
        if (k == layer && figures == then) return change.get();
    changes_.emplace_back(then, layer, std::make_unique<PaneChange>(light::with_figures(in_.panes, then), in_.panes, in_.light->layers[layer], in_.light->opening_of_portal, in_.light->openings.size()));
    return std::get<2>(changes_.back()).get();
}

float YearAnswer::Reckoner::factor(const PaneChange* change, Entry entry, size_t opening, size_t column) const {
    if (change == nullptr || opening >= in_.light->openings.size()) return 1;
    // Off the ground and what stands outdoors, light comes to the pane from anywhere.
    if (entry == Entry::off_ground || entry == Entry::off_outdoors || column == in_.light->layout.ground()) return change->evenly(opening);
    return change->at(opening, direction_of_column_[column]);
}

YearAnswer::Reckoner::Matrix YearAnswer::Reckoner::group_rows(size_t block, size_t state, size_t layer, int group) {
    const auto* from = piece(block, state, layer);
    const auto& layout = in_.light->layout;
    Matrix out = Matrix::Zero(static_cast<Eigen::Index>(in_.light->blocks[block].count), static_cast<Eigen::Index>(layout.columns()));
    if (from == nullptr) return out;
    const PaneChange* change = change_of(from->panes, layer);
    for (size_t i = 0; i < from->points(); ++i)
        for (const auto& row : from->rows(i)) {
            const size_t opening = row.row / light::kEntries;
            if (group_of(opening) != group) continue;
            const auto entry = static_cast<Entry>(row.row % light::kEntries);
            const auto columns = from->columns(row);
            float* to = out.row(static_cast<Eigen::Index>(i)).data();
            for (uint32_t e = 0; e < columns.size(); ++e) to[columns[e]] += from->value(row, e) * (change != nullptr ? factor(change, entry, opening, columns[e]) : 1.0f);
        }
    return out;
}

std::shared_ptr<const YearAnswer::Reckoner::Matrix> YearAnswer::Reckoner::group_light(size_t plane, int group, size_t layer) {
    const YearLight& light = *in_.light;
    const size_t points = light.planes[plane].points.size();
    auto out = std::make_shared<Matrix>(Matrix::Zero(static_cast<Eigen::Index>(lit()), static_cast<Eigen::Index>(points)));
    const Eigen::Map<const Matrix> sky(in_.sky->light.data(), static_cast<Eigen::Index>(lit()), static_cast<Eigen::Index>(in_.sky->columns));
    for (size_t b = 0; b < light.blocks.size(); ++b) {
        if (light.blocks[b].plane != plane) continue;
        const auto first = static_cast<Eigen::Index>(light.blocks[b].first), count = static_cast<Eigen::Index>(light.blocks[b].count);
        std::vector<Matrix> rows;
        std::vector<std::vector<Eigen::Index>> used(light.states.all.size());
        for (size_t s = 0; s < light.states.all.size(); ++s) {
            // Only columns in which any point has light: of straight light few are.
            const Matrix all = group_rows(b, s, layer, group);
            for (Eigen::Index c = 0; c < all.cols(); ++c)
                if (all.col(c).maxCoeff() > 0) used[s].push_back(c);
            Matrix kept(static_cast<Eigen::Index>(used[s].size()), count);
            for (size_t c = 0; c < used[s].size(); ++c) kept.row(static_cast<Eigen::Index>(c)) = all.col(used[s][c]).transpose();
            rows.push_back(std::move(kept));
        }
        // Bands of hours on the threads; each number is one dot product, so the split does not change its bits.
        parallel_for(bands_.size(), [&](size_t k) {
            const Band& band = bands_[k];
            const auto& columns = used[band.state];
            Matrix shine(band.count, static_cast<Eigen::Index>(columns.size()));
            for (Eigen::Index h = 0; h < band.count; ++h)
                for (size_t c = 0; c < columns.size(); ++c) shine(h, static_cast<Eigen::Index>(c)) = sky(band.first + h, columns[c]);
            out->block(band.first, first, band.count, count).noalias() = shine * rows[band.state];
        });
    }
    return out;
}

std::shared_ptr<const YearAnswer::Reckoner::PlaneLight> YearAnswer::Reckoner::plane_light(size_t plane) {
    if (const auto it = lights_.find(plane); it != lights_.end()) return it->second;
    const YearLight& light = *in_.light;
    // Groups that give light to any of the points.
    std::vector<int> groups;
    for (size_t b = 0; b < light.blocks.size(); ++b) {
        if (light.blocks[b].plane != plane) continue;
        for (size_t s = 0; s < light.states.all.size(); ++s)
            if (const auto* from = light.piece(b, s, 0))
                for (size_t i = 0; i < from->points(); ++i)
                    for (const auto& row : from->rows(i)) groups.push_back(group_of(row.row / light::kEntries));
    }
    std::sort(groups.begin(), groups.end());
    groups.erase(std::unique(groups.begin(), groups.end()), groups.end());
    auto out = std::make_shared<PlaneLight>();
    size_t bytes = 0;
    for (const int g : groups) {
        GroupLight one{g, {}};
        for (size_t k = 0; k < layers_of(g); ++k) {
            bool own = k == 0;
            for (size_t b = 0; b < light.blocks.size() && !own; ++b)
                for (size_t s = 0; s < light.states.all.size(); ++s) own = own || (light.blocks[b].plane == plane && light.piece(b, s, k) != nullptr);
            one.by_state.push_back(own ? group_light(plane, g, k) : one.by_state.back());
            if (own) bytes += static_cast<size_t>(one.by_state.back()->size()) * sizeof(float);
        }
        out->push_back(std::move(one));
    }
    make_room(bytes);
    return lights_[plane] = out;
}

// What is kept is let go all at once where it grows too much: it is quickly made again.
void YearAnswer::Reckoner::make_room(size_t bytes) {
    if (kept_ + bytes > kRoom) {
        lights_.clear();
        lux_.clear();
        direct_.clear();
        kept_ = 0;
    }
    kept_ += bytes;
}

const std::vector<light::ScenePortal>& YearAnswer::Reckoner::portals_now(size_t layer) {
    panes_now_.resize(in_.light->layers.size());
    if (!panes_now_[layer]) panes_now_[layer] = std::make_unique<light::Panes>(in_.panes, in_.light->layers[layer]);
    return panes_now_[layer]->portals();
}

float YearAnswer::Reckoner::straight(const light::PaneFigures& then, size_t portal, size_t layer, Vec3f to_sun) {
    auto known = std::find_if(panes_then_.begin(), panes_then_.end(), [&](const auto& k) { return k.first == then; });
    if (known == panes_then_.end()) {
        panes_then_.emplace_back(then, std::make_unique<light::Panes>(light::with_figures(in_.panes, then), light::BlindLayers()));
        known = panes_then_.end() - 1;
    }
    const float before = known->second->portals()[portal].pass(to_sun).straight;
    return before > 0 ? portals_now(layer)[portal].pass(to_sun).straight / before : 0.0f;
}

size_t YearAnswer::Reckoner::state_of_portal(int portal, Operation operation, size_t lit_hour) {
    if (portal < 0 || operation == Operation::open) return 0;
    const int group = group_of_portal_[static_cast<size_t>(portal)];
    if (group < 0) return 0;
    return states_.at(operation)[static_cast<size_t>(group)][static_cast<size_t>(in_.sky->hours[lit_hour])];
}

namespace {

HourlyLux empty_year(const YearSky& sky, size_t points) {
    HourlyLux out;
    out.points = points;
    out.row_of = sky.row_of;
    out.lux.assign(sky.hours.size() * points, 0.0f);
    return out;
}

}  // namespace

std::shared_ptr<const HourlyLux> YearAnswer::Reckoner::direct(size_t plane) {
    const std::lock_guard lock(mutex_);
    if (const auto it = direct_.find(plane); it != direct_.end()) return it->second;
    const auto& points = in_.light->planes[plane];
    auto out = std::make_shared<HourlyLux>(empty_year(*in_.sky, points.points.size()));
    each_beam(*in_.light->sun[plane], points, [&](size_t row, uint32_t point, int, float lux, const std::vector<float>& left) { out->lux[row * out->points + point] += lux * left[0]; });
    make_room(out->lux.size() * sizeof(float));
    return direct_[plane] = out;
}

std::shared_ptr<const HourlyLux> YearAnswer::Reckoner::lux(size_t plane, Operation operation) {
    const std::lock_guard lock(mutex_);
    if (const auto it = lux_.find({plane, operation}); it != lux_.end()) return it->second;
    decide(operation);
    const auto light = plane_light(plane);
    const auto& points = in_.light->planes[plane];
    auto out = std::make_shared<HourlyLux>(empty_year(*in_.sky, points.points.size()));
    parallel_for(lit(), [&](size_t r) {
        float* to = out->lux.data() + r * out->points;
        for (const GroupLight& group : *light) {
            const size_t state = group.group < 0 || operation == Operation::open ? 0 : states_.at(operation)[static_cast<size_t>(group.group)][static_cast<size_t>(in_.sky->hours[r])];
            const float* from = group.by_state[state]->row(static_cast<Eigen::Index>(r)).data();
            for (size_t p = 0; p < out->points; ++p) to[p] += from[p];
        }
    }, 64);
    each_beam(*in_.light->sun[plane], points, [&](size_t row, uint32_t point, int portal, float lux, const std::vector<float>& left) {
        out->lux[row * out->points + point] += lux * left[state_of_portal(portal, operation, row)];
    });
    make_room(out->lux.size() * sizeof(float));
    return lux_[{plane, operation}] = out;
}

const std::vector<uint8_t>& YearAnswer::Reckoner::states(size_t group, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    return states_.at(operation)[group];
}

metric::Hours YearAnswer::Reckoner::unmet(size_t plane, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    const auto& points = in_.light->planes[plane];
    std::vector<uint32_t> sunny(lit(), 0);
    each_beam(*in_.light->sun[plane], points, [&](size_t row, uint32_t, int portal, float lux, const std::vector<float>& left) {
        if (static_cast<double>(lux * left[state_of_portal(portal, operation, row)]) >= kBlindLux) ++sunny[row];
    });
    metric::Hours out(climate::kHours, false);
    for (size_t r = 0; r < lit(); ++r)
        if (static_cast<double>(sunny[r]) > kBlindShare * static_cast<double>(points.points.size())) out[static_cast<size_t>(in_.sky->hours[r])] = true;
    return out;
}

}  // namespace wp::question
