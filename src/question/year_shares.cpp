// SPDX-License-Identifier: GPL-3.0-or-later
// One hour of the year, what a mean over hours is made of, and the irradiance of panes.
#include "question/year_reckoner.h"

#include <Eigen/Core>
#include <algorithm>
#include <cmath>

namespace wp::question {

using light::Entry;

YearAnswer::Reckoner::FaceLight YearAnswer::Reckoner::face_light(size_t face, bool watts) {
    const YearLight& light = *in_.light;
    const auto& points = light.faces[face];
    const auto& layout = light.layout;
    const auto n = static_cast<float>(points.points.size());
    FaceLight out{std::vector<float>(lit(), 0.0f), std::vector<float>(lit(), 0.0f)};
    // What the pane passes of light square to it: through is told as a share of that, so that the solar factor may take its place.
    size_t portal = 0;
    while (portal < light.panes.portals.size() && light.panes.portals[portal].opening != points.plane) ++portal;
    const auto& pane = portals_now(0)[portal];
    const auto passes = [&](Vec3f d) {
        const auto p = pane.pass(d);
        return p.straight + p.through;
    };
    const float square = std::max(1e-6f, passes(points.normal.as<float>()));
    const float evenly = pane.glass != nullptr ? pane.glass->hemispherical() / std::max(1e-6f, pane.glass->transmittance(1.0f)) : 1.0f;
    for (size_t s = 0; s < light.states.all.size(); ++s) {
        const auto* piece = light.face_pieces[face * light.states.all.size() + s].get();
        if (piece == nullptr) continue;
        Eigen::VectorXf on = Eigen::VectorXf::Zero(static_cast<Eigen::Index>(layout.columns())), through = on;
        for (size_t i = 0; i < piece->points(); ++i)
            for (const auto& row : piece->rows(i)) {
                const bool straight = static_cast<Entry>(row.row % light::kEntries) == Entry::straight;
                const auto columns = piece->columns(row);
                for (uint32_t e = 0; e < columns.size(); ++e) {
                    const float v = piece->value(row, e) / n;
                    on[columns[e]] += v;
                    through[columns[e]] += v * (straight ? passes(in_.hourly->direction_of(columns[e])) / square : evenly);
                }
            }
        for (size_t r = 0; r < lit(); ++r) {
            if (in_.hourly->state_of(r) != s) continue;
            const Eigen::Map<const Eigen::VectorXf> shine(in_.sky->row(r).data(), static_cast<Eigen::Index>(layout.columns()));
            const auto sun = Eigen::seqN(static_cast<Eigen::Index>(layout.node(0)), static_cast<Eigen::Index>(layout.nodes));
            const float sky_watts = watts ? in_.sky->watts_of_sky[r] : 1.0f, beam_watts = watts ? in_.sky->watts_of_beam[r] : 1.0f;
            const auto add = [&](const Eigen::VectorXf& row) {
                const float of_sun = shine(sun).dot(row(sun));
                return sky_watts * (shine.dot(row) - of_sun) + beam_watts * of_sun;
            };
            out.on[r] += add(on);
            out.through[r] += add(through);
        }
    }
    each_beam(*light.face_sun[face], points.normal, [&](size_t row, uint32_t, int, float lux, const float*) {
        const float v = lux / n * (watts ? in_.sky->watts_of_beam[row] : 1.0f);
        out.on[row] += v;
        out.through[row] += v * passes(in_.sky->to_sun[row].as<float>()) / square;
    });
    return out;
}

double YearAnswer::Reckoner::glass_area(const model::Id& opening) const {
    double area = 0;
    for (const auto& portal : in_.panes.portals)
        if (portal.opening == opening) area += length(portal.u) * length(portal.v) * portal.free_share * portal.glass_share;
    return area;
}

std::vector<PaneHeat> YearAnswer::Reckoner::heat() {
    const std::lock_guard lock(mutex_);
    std::vector<PaneHeat> out;
    for (size_t f = 0; f < in_.light->faces.size(); ++f) {
        PaneHeat heat;
        heat.opening = in_.light->faces[f].plane;
        heat.area = glass_area(heat.opening);
        for (const auto& portal : in_.panes.portals) {
            if (portal.opening != heat.opening) continue;
            if (portal.glazing < 0) {
                heat.passes = 1;
                heat.solar_known = true;
                continue;
            }
            const auto& glass = in_.panes.glazings[static_cast<size_t>(portal.glazing)];
            heat.solar_known = glass.solar_factor > 0;
            heat.passes = heat.solar_known ? glass.solar_factor : glass.transmittance;
        }
        const auto light = face_light(f, true);
        heat.on.assign(climate::kHours, 0.0f);
        heat.through.assign(climate::kHours, 0.0f);
        for (size_t r = 0; r < lit(); ++r) {
            heat.on[static_cast<size_t>(in_.sky->hours[r])] = light.on[r];
            heat.through[static_cast<size_t>(in_.sky->hours[r])] = light.through[r] * static_cast<float>(heat.passes);
        }
        out.push_back(std::move(heat));
    }
    return out;
}

namespace {

// What a piece gives a point in one hour, lux: all of it, and what counts because its windows are in the piece's state.
struct Spread {
    double all = 0, used = 0, sky = 0, sun = 0;
};

// The sky's part by its own error; the sun's by that of the nodes about it. What is used of a piece is as sure as all of it.
double traced_half_width(const light::CompactCoefficients& piece, size_t point, const Spread& spread, std::span<const float> shine) {
    if (!(spread.used > 0)) return 0;
    const double square = std::pow(static_cast<double>(piece.sky_half_width(point)) * spread.sky, 2);
    const auto widths = piece.node_half_widths(point);
    double nodes = 0;
    for (size_t n = 0; n < widths.size(); ++n) nodes += std::pow(static_cast<double>(widths[n] * shine[n]), 2);
    return std::sqrt(square + nodes * std::pow(spread.used / spread.all, 2));
}

}  // namespace

namespace {

// What light through each group is multiplied by in a block because others' blinds stand otherwise than they were traced.
class Lightened {
 public:
    Lightened(HourlyLight& light, size_t block, size_t state, size_t layer, double more, size_t groups) : more_(more) {
        for (int g = -1; g < static_cast<int>(groups) && more != 0; ++g) share_.push_back(&light.reflected_share(block, state, g, layer));
    }
    double times(int group, size_t point) const { return share_.empty() ? 1 : 1 + more_ * of(group, point); }
    double of(int group, size_t point) const { return share_.empty() ? 0 : static_cast<double>((*share_[static_cast<size_t>(group + 1)])[point]); }

 private:
    double more_;
    std::vector<const std::vector<float>*> share_;  // through none, then by group
};

}  // namespace

std::vector<uint8_t> YearAnswer::Reckoner::states_in(Operation operation, size_t hour) const {
    std::vector<uint8_t> out(in_.groups.size(), 0);
    for (size_t g = 0; g < out.size() && operation != Operation::open; ++g) out[g] = states_.at(operation)[g][hour];
    return out;
}

YearHour YearAnswer::Reckoner::hour(size_t plane, int hour, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    const YearLight& light = *in_.light;
    const size_t n = light.planes[plane].points.size();
    YearHour out;
    for (auto* list : {&out.lux, &out.sun, &out.sky, &out.reflected, &out.half_width}) list->assign(n, 0.0);
    const int lit_row = in_.sky->row_of[static_cast<size_t>(hour)];
    if (lit_row < 0) return out;
    const auto r = static_cast<size_t>(lit_row);
    const auto shine = in_.sky->row(r);
    const auto nodes = shine.subspan(light.layout.node(0), light.layout.nodes);
    const double between = plane < light.sun_error.size() ? static_cast<double>(light.sun_error[plane]) : 0;
    std::vector<double> interpolated(n, 0.0);
    const auto states = states_in(operation, static_cast<size_t>(hour));
    for (const size_t b : blocks_of(plane)) {
        for (size_t k = 0; k < light.layers.size(); ++k) {
            const auto from = in_.hourly->piece(b, in_.hourly->state_of(r), k);
            if (from == nullptr) continue;
            const PaneChange* change = in_.hourly->change_of(from->panes, k);
            const Lightened lightened(*in_.hourly, b, in_.hourly->state_of(r), k, in_.hourly->more(plane, in_.hourly->same_layer(b, k), states), in_.groups.size());
            for (size_t i = 0; i < from->points(); ++i) {
                Spread spread;
                for (const auto& row : from->rows(i)) {
                    const size_t opening = row.row / light::kEntries;
                    const int group = in_.hourly->group_of(opening);
                    const size_t state = group < 0 ? 0 : states[static_cast<size_t>(group)];
                    const auto entry = static_cast<Entry>(row.row % light::kEntries);
                    const auto columns = from->columns(row);
                    double sum = 0, of_sun = 0;
                    for (uint32_t e = 0; e < columns.size(); ++e) {
                        const auto lux = static_cast<double>(from->value(row, e) * shine[columns[e]] * in_.hourly->factor(change, entry, opening, columns[e]));
                        sum += lux;
                        if (light.layout.is_node(columns[e])) of_sun += lux;
                    }
                    sum *= lightened.times(group, i);
                    of_sun *= lightened.times(group, i);
                    spread.all += sum;
                    if (state != k) continue;
                    spread.used += sum;
                    spread.sky += sum - of_sun;
                    spread.sun += of_sun;
                    (entry == Entry::straight ? out.sky : out.reflected)[light.blocks[b].first + i] += sum;
                }
                out.half_width[light.blocks[b].first + i] += traced_half_width(*from, i, spread, nodes);
                interpolated[light.blocks[b].first + i] += between * spread.sun;
            }
        }
    }
    each_beam_of_plane(plane, r, r + 1, [&](size_t row, size_t point, int portal, float lux, const float* left) {
        out.sun[point] += static_cast<double>(lux * left[state_of_portal(portal, operation, row)]);
    });
    double independent = 0, common = 0;
    for (size_t i = 0; i < n; ++i) {
        out.lux[i] = out.sun[i] + out.sky[i] + out.reflected[i];
        independent += out.half_width[i] * out.half_width[i];
        common += interpolated[i];
        out.half_width[i] = std::hypot(out.half_width[i], interpolated[i]);
    }
    if (n > 0) out.mean_half_width = std::hypot(std::sqrt(independent), common) / static_cast<double>(n);
    return out;
}

YearShares YearAnswer::Reckoner::shares(size_t plane, int point, const metric::Hours& hours, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    const YearLight& light = *in_.light;
    const size_t width = light.layout.columns(), states = light.states.all.size(), layers = light.layers.size(), points = light.planes[plane].points.size();
    const double counted = std::max<size_t>(1, metric::count(hours)), share = 1 / (counted * (point < 0 ? static_cast<double>(points) : 1.0));
    // What shone in all these hours together, by state of the trees and, for each group, by state of its blinds; and what comes to it, for light that is reflected
    // indoors, because other groups stand otherwise.
    std::vector<std::vector<double>> shone((in_.groups.size() + 1) * states * layers), more(shone.size());
    for (size_t r = 0; r < lit(); ++r) {
        const auto h = static_cast<size_t>(in_.sky->hours[r]);
        if (!hours[h]) continue;
        const auto now = states_in(operation, h);
        for (size_t g = 0; g <= in_.groups.size(); ++g) {
            const size_t k = g == in_.groups.size() ? 0 : now[g], at = (g * states + in_.hourly->state_of(r)) * layers + k;
            const auto row = in_.sky->row(r);
            const auto add = [&](std::vector<double>& sum, double times) {
                if (sum.empty()) sum.assign(width, 0.0);
                for (size_t c = 0; c < width; ++c) sum[c] += times * static_cast<double>(row[c]);
            };
            add(shone[at], 1);
            if (const double lightened = in_.hourly->more(plane, k, now); lightened != 0) add(more[at], lightened);
        }
    }
    YearShares out;
    std::vector<YearShares::Window> windows(light.openings.size() + 1);
    for (size_t o = 0; o < light.openings.size(); ++o) windows[o].id = light.openings[o];
    for (const size_t b : blocks_of(plane)) {
        for (size_t s = 0; s < states; ++s)
            for (size_t k = 0; k < layers; ++k) {
                const auto from = in_.hourly->piece(b, s, k);
                if (from == nullptr) continue;
                const PaneChange* change = in_.hourly->change_of(from->panes, k);
                for (size_t i = 0; i < from->points(); ++i) {
                    if (point >= 0 && light.blocks[b].first + i != static_cast<size_t>(point)) continue;
                    for (const auto& row : from->rows(i)) {
                        const size_t opening = row.row / light::kEntries;
                        const int group = in_.hourly->group_of(opening);
                        const size_t at = ((group < 0 ? in_.groups.size() : static_cast<size_t>(group)) * states + s) * layers + k;
                        const auto &sum = shone[at], &lightened = more[at];
                        if (sum.empty()) continue;
                        const double reflected = lightened.empty() ? 0 : static_cast<double>(in_.hourly->reflected_share(b, s, group, k)[i]);
                        const auto entry = static_cast<Entry>(row.row % light::kEntries);
                        const auto columns = from->columns(row);
                        double lux = 0;
                        for (uint32_t e = 0; e < columns.size(); ++e) lux += static_cast<double>(from->value(row, e) * in_.hourly->factor(change, entry, opening, columns[e])) * (sum[columns[e]] + (reflected != 0 ? reflected * lightened[columns[e]] : 0));
                        lux *= share;
                        windows[opening].lux += lux;
                        (entry == Entry::straight ? out.sky : entry == Entry::interreflected ? out.inside : entry == Entry::off_ground ? out.ground : out.outdoors) += lux;
                    }
                }
            }
    }
    each_beam_of_plane(plane, [&](size_t row, size_t p, int portal, float lux, const float* left) {
        if (!hours[static_cast<size_t>(in_.sky->hours[row])] || (point >= 0 && p != static_cast<size_t>(point))) return;
        const double v = share * static_cast<double>(lux * left[state_of_portal(portal, operation, row)]);
        const int opening = portal >= 0 ? light.opening_of_portal[static_cast<size_t>(portal)] : -1;
        auto& window = windows[opening >= 0 ? static_cast<size_t>(opening) : light.openings.size()];
        window.lux += v;
        window.sun += v;
        out.sun += v;
    });
    out.total = out.sun + out.sky + out.inside + out.ground + out.outdoors;
    for (auto& w : windows)
        if (w.lux > 0) out.windows.push_back(w);
    std::stable_sort(out.windows.begin(), out.windows.end(), [](const auto& a, const auto& b) { return a.lux > b.lux; });
    return out;
}

}  // namespace wp::question
