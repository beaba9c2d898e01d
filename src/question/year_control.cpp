// SPDX-License-Identifier: GPL-3.0-or-later
// When blinds are closed, group by group.
#include "question/year_evaluator.h"

#include <algorithm>
#include <cmath>

namespace wp::question {

namespace {

// IES LM-83 counts points that are no farther apart; with a little room for cells that divide a floor evenly.
constexpr double kFineEnough = 0.61;

bool is_fine(const geometry::PlanePoints& points) { return std::max(points.dx, points.dy) <= kFineEnough; }

}  // namespace

// Planes that lie in a room where people are: what stands upright, or outdoors, asks for no blinds. Where a room has a
// plane that is fine enough for the rule, a coarser one, laid for another rule, does not count: one of its few points
// is more than the share of all.
bool YearAnswer::Evaluator::counts_for_blinds(size_t plane) const {
    const auto counts = [&](size_t p) {
        const auto& points = in_.light->planes[p];
        const bool occupied = in_.occupied.empty() || in_.occupied[p];
        return occupied && points.space >= 0 && points.lies() && !points.points.empty();
    };
    const auto& own = in_.light->planes[plane];
    if (!counts(plane)) return false;
    if (is_fine(own)) return true;
    for (size_t p = 0; p < in_.light->planes.size(); ++p)
        if (in_.light->planes[p].space == own.space && is_fine(in_.light->planes[p]) && counts(p)) return false;
    return true;
}

void YearAnswer::Evaluator::decide(Operation operation) {
    if (states_.contains(operation)) return;
    using Kind = model::BlindControl::Kind;
    std::vector<std::vector<uint8_t>> all;
    for (size_t g = 0; g < in_.groups.size(); ++g) {
        const auto& group = in_.groups[g];
        const Kind kind = operation == Operation::lm83     ? Kind::direct_sun
                          : operation == Operation::closed ? Kind::closed
                                                           : group.control.kind;
        std::vector<uint8_t> states(climate::kHours, 0);
        if (!group.states.empty() && operation != Operation::open) {
            if (kind == Kind::direct_sun) states = decide_direct_sun(g);
            if (kind == Kind::plane_lux) states = decide_plane(g, group.control.limit);
            if (kind == Kind::window_lux || kind == Kind::window_irradiance)
                states = decide_window(g, group.control.limit, kind == Kind::window_irradiance);
            if (kind == Kind::closed) states.assign(climate::kHours, static_cast<uint8_t>(group.states.size()));
            if (kind == Kind::schedule) states = decide_schedule(group.control, g);
            const bool follows = kind == Kind::closed || kind == Kind::schedule || kind == Kind::window_lux ||
                                 kind == Kind::window_irradiance;
            if (group.control.tracks_sun && follows && operation != Operation::closed) track_sun(g, states);
        }
        all.push_back(std::move(states));
    }
    states_[operation] = std::move(all);
}

// The first state that keeps enough of the sun out of every plane; the last where none does.
std::vector<uint8_t> YearAnswer::Evaluator::decide_direct_sun(size_t group) {
    const size_t n = layers_of(static_cast<int>(group));
    std::vector<uint8_t> states(climate::kHours, 0);
    for (size_t plane = 0; plane < in_.light->planes.size(); ++plane) {
        if (!counts_for_blinds(plane)) continue;
        const auto& points = in_.light->planes[plane];
        std::vector<uint32_t> sunny(lit() * n, 0);
        each_beam_of_plane(plane, [&](size_t row, size_t, int portal, float lux, const float* left) {
            if (portal < 0 || group_of_portal_[static_cast<size_t>(portal)] != static_cast<int>(group)) return;
            for (size_t k = 0; k < n; ++k) sunny[row * n + k] += static_cast<double>(lux * left[k]) >= kBlindLux;
        });
        for (size_t r = 0; r < lit(); ++r) {
            size_t k = 0;
            while (k + 1 < n &&
                   static_cast<double>(sunny[r * n + k]) > kBlindShare * static_cast<double>(points.points.size()))
                ++k;
            auto& state = states[static_cast<size_t>(in_.sky->hours[r])];
            state = std::max(state, static_cast<uint8_t>(k));
        }
    }
    return states;
}

std::vector<uint8_t> YearAnswer::Evaluator::decide_schedule(const model::BlindControl& control, size_t group) const {
    std::vector<uint8_t> states(climate::kHours, 0);
    for (int h = 0; h < climate::kHours; ++h) {
        const double middle = std::fmod(h % 24 + 0.5 + model::clock_ahead(in_.calendar, h), 24.0);
        const bool by_day = control.from <= control.to ? middle > control.from && middle < control.to
                                                       : middle > control.from || middle < control.to;
        if (by_day && model::within_months(control.month_from, control.month_to, climate::moment_of(h / 24, 12).month))
            states[static_cast<size_t>(h)] = static_cast<uint8_t>(in_.groups[group].states.size());
    }
    return states;
}

// Means over the planes of the group's room with all other blinds open: the first state that keeps below the limit.
std::vector<uint8_t> YearAnswer::Evaluator::decide_plane(size_t group, double limit) {
    const size_t n = layers_of(static_cast<int>(group));
    std::vector<uint8_t> states(climate::kHours, 0);
    for (size_t plane = 0; plane < in_.light->planes.size(); ++plane) {
        const auto& points = in_.light->planes[plane];
        if (!counts_for_blinds(plane) || points.room != in_.groups[group].room) continue;
        // By state of the group's blinds: what comes through the others, and through it.
        std::vector<std::vector<double>> mean(n, std::vector<double>(lit(), 0.0));
        for (int g = -1; g < static_cast<int>(in_.groups.size()); ++g)
            for (size_t k = 0; k < n; ++k) {
                if (k > 0 && g != static_cast<int>(group)) continue;
                const auto through = in_.hourly->mean_through(plane, g, k);
                for (size_t to = g == static_cast<int>(group) ? k : 0; to < (g == static_cast<int>(group) ? k + 1 : n);
                     ++to)
                    for (size_t r = 0; r < lit(); ++r) mean[to][r] += through[r];
            }
        each_beam_of_plane(plane, [&](size_t row, size_t, int portal, float lux, const float* left) {
            const bool own = portal >= 0 && group_of_portal_[static_cast<size_t>(portal)] == static_cast<int>(group);
            for (size_t k = 0; k < n; ++k)
                mean[k][row] +=
                    static_cast<double>(lux * left[own ? k : 0]) / static_cast<double>(points.points.size());
        });
        for (size_t r = 0; r < lit(); ++r) {
            size_t k = 0;
            while (k + 1 < n && mean[k][r] > limit) ++k;
            auto& state = states[static_cast<size_t>(in_.sky->hours[r])];
            state = std::max(state, static_cast<uint8_t>(k));
        }
    }
    return states;
}

std::vector<uint8_t> YearAnswer::Evaluator::decide_window(size_t group, double limit, bool watts) {
    std::vector<double> sum(lit(), 0.0);
    double area = 0;
    for (size_t f = 0; f < in_.light->faces.size(); ++f) {
        const auto& list = in_.groups[group].openings;
        if (std::find(list.begin(), list.end(), in_.light->faces[f].plane) == list.end()) continue;
        const auto face = face_light(f, watts);
        const double weight = glass_area(in_.light->faces[f].plane);
        for (size_t r = 0; r < lit(); ++r) sum[r] += weight * static_cast<double>(face.on[r]);
        area += weight;
    }
    std::vector<uint8_t> states(climate::kHours, 0);
    for (size_t r = 0; r < lit() && area > 0; ++r)
        if (sum[r] / area > limit)
            states[static_cast<size_t>(in_.sky->hours[r])] = static_cast<uint8_t>(in_.groups[group].states.size());
    return states;
}

// Where blinds are closed, no farther than keeps the beam out of every window of the group.
void YearAnswer::Evaluator::track_sun(size_t group, std::vector<uint8_t>& states) {
    const size_t n = in_.groups[group].states.size() + 1;
    for (int h = 0; h < climate::kHours; ++h) {
        auto& state = states[static_cast<size_t>(h)];
        if (state == 0) continue;
        const int row = in_.sky->row_of[static_cast<size_t>(h)];
        state = 1;
        if (row < 0 || in_.sky->beam[static_cast<size_t>(row)] <= 0) continue;
        const Vec3f to = in_.sky->to_sun[static_cast<size_t>(row)].as<float>();
        while (state + 1u < n && sun_shines_through(portals_now(state), group_of_portal_, group, to)) ++state;
    }
}

}  // namespace wp::question
