// SPDX-License-Identifier: GPL-3.0-or-later
// The light of luminaires onto points, by source: what comes straight is summed over what shines, what surfaces send on
// is traced. Of luminaires that are dimmed or switched it is a product of numbers.
#pragma once
#include <functional>
#include <vector>

#include "base/progress.h"
#include "geometry/plane_points.h"
#include "light/luminaires.h"
#include "light/replicates.h"

namespace wp::light {

struct LuminaireTask {
    const Scene* scene = nullptr;
    const Luminaires* luminaires = nullptr;
    const std::vector<geometry::PlanePoints>* planes = nullptr;
    std::vector<bool> cylindrical{};  ///< of planes whose points are asked for cylindrical illuminance; empty: none
    double accuracy = 0.05;           ///< of all luminaires together; of each source three times as much
    unsigned seed = 1;
    std::vector<double> counts{};  ///< by state, how much its errors count; empty: all alike
};

/// By point (planes one after the other), source and state; lux of luminaires that are wholly on.
struct LuminaireLight {
    size_t sources = 0, states = 1, points = 0;
    std::vector<float> direct;     ///< straight, and mirrored once by a pane
    std::vector<float> doubt;      ///< of that, without states: how far it may be off
    std::vector<float> reflected;  ///< by replicate within these: each an estimate
    std::vector<float> widened;    ///< by point: what its spreads are widened by
    double reached = 0;
    bool settled = false;
    Tally tally;

    size_t at(size_t point, size_t source, size_t state) const { return (point * sources + source) * states + state; }
    /// Of sources that give these shares of their light.
    Estimate reflected_of(size_t point, std::span<const double> shares, size_t state = 0) const;
    double direct_of(size_t point, std::span<const double> shares, size_t state = 0) const;
    /// 95 %, of both.
    double half_width_of(size_t point, std::span<const double> shares, size_t state = 0) const;
};

/// Traces until on every plane the root mean square of the points' half-widths is at most accuracy times the mean; of
/// planes with less than a fifth of the brightest one's light, of that.
/// Same bits for any number of threads. Cancelled: what was reached, with settled false.
using LuminaireStep = std::function<void(const LuminaireLight&)>;
LuminaireLight trace_luminaires(const LuminaireTask& task, const Cancel& cancel = {}, const LuminaireStep& step = {});

}  // namespace wp::light
