// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/pane_light.h"

#include <algorithm>
#include <cmath>

#include "light/panes.h"

namespace wp::question {

using light::kWays;

size_t PaneColumns::of(const light::Trail& trail) const {
    const auto way = static_cast<size_t>(trail.way);
    if (trail.portal < 0) return panes_ * (kSlants + 1) * kWays + way;
    const size_t slant = trail.slant > 0 ? std::min(static_cast<size_t>(trail.slant * kSlants), kSlants - 1) : kSlants;
    return (static_cast<size_t>(trail.portal) * (kSlants + 1) + slant) * kWays + way;
}

PaneColumns::Place PaneColumns::place(size_t column) const {
    const size_t of = column / kWays;
    const auto way = static_cast<light::Way>(column % kWays);
    if (of >= panes_ * (kSlants + 1)) return {-1, way, kSlants};
    return {static_cast<int>(of / (kSlants + 1)), way, of % (kSlants + 1)};
}

namespace {

// What a pane lets through straight at a cosine; within a step of it as in its middle.
double straight(const light::ScenePortal& pane, size_t slant) {
    const float cosine = (static_cast<float>(slant) + 0.5f) / kSlants;
    const Vec3f along = pane.normal * cosine + pane.unit_u * std::sqrt(1 - cosine * cosine);
    return static_cast<double>(pane.pass(along).straight);
}
double scattered(const light::ScenePortal& pane) {
    return static_cast<double>(pane.scatters_from_outside + pane.scatters_from_inside);
}

}  // namespace

std::vector<double> factors_of(const geometry::Surfaces& was, const geometry::Surfaces& is) {
    const size_t panes = std::min(was.portals.size(), is.portals.size());
    const light::Panes before(was, light::layers_of(was, light::Blinds::open)),
        now(is, light::layers_of(is, light::Blinds::open));
    std::vector<double> out(PaneColumns(panes).count(), 1.0);
    for (size_t c = 0; c < out.size(); ++c) {
        const auto place = PaneColumns(panes).place(c);
        if (place.pane < 0) continue;
        const auto& a = before.portals()[static_cast<size_t>(place.pane)];
        const auto& b = now.portals()[static_cast<size_t>(place.pane)];
        const double from = place.slant == kSlants ? scattered(a) : straight(a, place.slant),
                     to = place.slant == kSlants ? scattered(b) : straight(b, place.slant);
        if (from > 0) out[c] = to / from;
    }
    return out;
}

double sent_back_otherwise(const geometry::Surfaces& was, const geometry::Surfaces& is) {
    constexpr double kMeets = 1.5;
    const light::Panes before(was, light::layers_of(was, light::Blinds::open)),
        now(is, light::layers_of(is, light::Blinds::open));
    double most = 0;
    for (size_t p = 0; p < std::min(was.portals.size(), is.portals.size()); ++p)
        most = std::max(most, std::fabs(static_cast<double>(now.portals()[p].sends_back_evenly()) -
                                        static_cast<double>(before.portals()[p].sends_back_evenly())));
    return kMeets * most;
}

}  // namespace wp::question
