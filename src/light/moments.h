// SPDX-License-Identifier: GPL-3.0-or-later
// Light at given moments, each with its own sky and its own sun: nothing is kept that others could use, and nothing
// stands between.
//
// What the sun lights is found twice: by paths that meet it, and by joining paths to places where its beams lie
// (sun_joins.h).
#pragma once
#include <array>
#include <functional>
#include <vector>

#include "base/progress.h"
#include "base/sparse_rows.h"
#include "geometry/plane_points.h"
#include "light/daylight.h"
#include "light/replicates.h"
#include "light/scene.h"
#include "light/trail.h"

namespace wp::light {

struct MomentTask {
    const Scene* scene = nullptr;  ///< in one state
    const std::vector<geometry::PlanePoints>* planes = nullptr;
    std::vector<Daylight> moments;
    std::vector<int> source_of_portal;  ///< -1: none
    size_t sources = 0;
    uint32_t first_samples = 8;  ///< of each replicate in the first round
    double accuracy = 0.05;
    unsigned seed = 1;
};

/// One point at one moment, lux; direct sun is not in it.
struct PointMoment {
    std::array<double, kWays> by_way{};
    SparseRow by_source;  ///< one more than sources: the last came through none; told at the end only
    Estimate all;
};

struct TracedMoments {
    std::vector<std::vector<PointMoment>> points;  ///< by moment, then by point, planes one after the other
    double reached = 0;                            ///< the worst of all planes and moments
    bool settled = false;
    Tally tally;
};

/// direct: of each moment and point the direct sun, lux: what error is judged beside. Traces until on every plane and
/// at every moment the root mean square of the points' half-widths is at most accuracy times the mean. Same bits for
/// any number of threads.
using MomentStep = std::function<void(const TracedMoments&)>;
TracedMoments trace_moments(const MomentTask& task, const std::vector<std::vector<double>>& direct,
                            const Cancel& cancel, const MomentStep& step = {});

}  // namespace wp::light
