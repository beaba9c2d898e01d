// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/why.h"

#include <algorithm>
#include <map>

namespace wp::question {

namespace {

// Sums over the points that are meant, as their mean.
template <class Of>
double mean_over(size_t points, int point, Of&& of) {
    if (point >= 0) return of(static_cast<size_t>(point));
    double sum = 0;
    for (size_t i = 0; i < points; ++i) sum += of(i);
    return points > 0 ? sum / static_cast<double>(points) : 0;
}

// Ranks windows by what they give; what is left of the total came past all of them.
void rank(Shares& out, const std::map<model::Id, double>& by_window) {
    double rest = out.total;
    for (const auto& [id, value] : by_window) {
        if (value > 0) out.windows.push_back({id, value});
        rest -= value;
    }
    if (rest > 1e-6 * out.total) out.windows.push_back({{}, rest});
    std::sort(out.windows.begin(), out.windows.end(),
              [](const auto& a, const auto& b) { return a.value != b.value ? a.value > b.value : a.id < b.id; });
}

// A window may have several panes, each a source of its own. part: of point i through source k.
template <class Part>
void add_windows(Shares& out, const std::vector<model::Id>& sources, size_t points, int point, Part&& part) {
    std::map<model::Id, double> by_window;
    for (size_t k = 0; k < sources.size(); ++k)
        by_window[sources[k]] += mean_over(points, point, [&](size_t i) { return part(i, k); });
    rank(out, by_window);
}

}  // namespace

Shares Shares::times(double factor) const {
    Shares out = *this;
    for (double* value :
         {&out.sun, &out.sky, &out.ground, &out.around, &out.inside, &out.inside_off_ground, &out.electric, &out.total})
        *value *= factor;
    for (Window& window : out.windows) window.value *= factor;
    return out;
}

Shares shares_of(const DaylightFactorAnswer& answer, size_t index, int point) {
    using light::Way;
    const auto& plane = answer.planes[index];
    const size_t n = plane.value.size();
    const auto by = [&](Way way) {
        return mean_over(n, point, [&](size_t i) { return plane.by_way[i * light::kWays + static_cast<size_t>(way)]; });
    };
    Shares out;
    out.total = mean_over(n, point, [&](size_t i) { return plane.value[i]; });
    out.sky = by(Way::straight);
    out.ground = by(Way::from_ground);
    out.around = by(Way::from_outside);
    out.inside = by(Way::from_inside);
    out.inside_off_ground = by(Way::inside_off_ground);
    add_windows(out, answer.portals, n, point, [&](size_t i, size_t k) { return plane.by_portal.at(i, k); });
    return out;
}

Shares shares_of(const MomentAnswer& answer, size_t index, int point) {
    const auto& plane = answer.planes[index];
    const size_t n = plane.lux.size();
    const auto mean = [&](const std::vector<double>& values) {
        return mean_over(n, point, [&](size_t i) { return values[i]; });
    };
    Shares out;
    out.total = mean(plane.lux);
    out.sun = mean(plane.sun);
    out.sky = mean(plane.sky);
    out.ground = mean(plane.ground);
    out.around = mean(plane.outside);
    out.inside_off_ground = mean(plane.inside_off_ground);
    out.inside = mean(plane.inside) - out.inside_off_ground;
    if (plane.by_source.rows() == n)
        add_windows(out, answer.sources, n, point, [&](size_t i, size_t k) { return plane.by_source.at(i, k); });
    return out;
}

std::vector<std::vector<double>> value_without(const DaylightFactorAnswer& answer, const std::set<model::Id>& windows) {
    std::vector<std::vector<double>> out;
    const size_t portals = answer.portals.size();
    for (const auto& plane : answer.planes) {
        out.push_back(plane.value);
        for (size_t k = 0; k < portals; ++k)
            if (windows.contains(answer.portals[k]))
                for (size_t i = 0; i < out.back().size(); ++i)
                    out.back()[i] = std::max(0.0, out.back()[i] - plane.by_portal.at(i, k));
    }
    return out;
}

std::vector<std::vector<double>> value_without(const MomentAnswer& answer, const std::set<model::Id>& windows) {
    std::vector<std::vector<double>> out;
    for (const auto& plane : answer.planes) {
        out.push_back(plane.lux);
        if (plane.by_source.rows() != plane.lux.size()) continue;
        for (size_t k = 0; k < answer.sources.size(); ++k)
            if (windows.contains(answer.sources[k]))
                for (size_t i = 0; i < out.back().size(); ++i)
                    out.back()[i] = std::max(0.0, out.back()[i] - plane.by_source.at(i, k));
    }
    return out;
}

}  // namespace wp::question
