// SPDX-License-Identifier: GPL-3.0-or-later
// Daylight factor on reference planes: illuminance inside as a share of the unobstructed horizontal illuminance outside
// under the CIE traditional overcast sky (CIE S 011 type 16), all interreflection included.
#pragma once
#include <cstdint>
#include <functional>
#include <map>
#include <memory>
#include <span>
#include <utility>
#include <vector>

#include "base/progress.h"
#include "base/sparse_rows.h"
#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "question/pane_light.h"
#include "question/record.h"

namespace wp::question {

/// Figures of one plane, in per cent.
struct PlaneFigures {
    double mean = 0, mean_half_width = 0;
    double median = 0, least = 0, most = 0;
    double uniformity = 0;  ///< least over mean
};

/// Components as they are told: the three of CIE S 017, 17-29-128 to 131, and light in off the ground, straight or by
/// way of the room, which is part of the last two.
enum class Component { sky, external, internal, off_ground };

struct PlaneDaylight {
    geometry::PlanePoints plane;
    std::vector<double> value;       ///< daylight factor of each point, per cent
    std::vector<double> half_width;  ///< 95 %, per cent
    /// Point-major by light::Way, per cent; they sum to value. The externally reflected component is that of the ground
    /// and of what stands outdoors together.
    std::vector<double> by_way, by_way_half_width;
    SparseRows by_portal;  ///< of each point what came past each portal, per cent; the rest came past none
    SparseRows by_pane;    ///< of each point, per cent, by PaneColumns; without rows where it is not kept
    /// Means of the replicates that the mean was found from, per cent: of two answers by the same dice their
    /// differences tell how sure the difference is.
    std::vector<double> replicates;
    PlaneFigures figures;
    /// What came one way to each point.
    std::vector<double> component(light::Way way) const;
    std::vector<double> component(Component which) const;
    /// Half-widths of ways that were traced together add up at the most: no less than the component's own.
    std::vector<double> half_width_of(Component which) const;
    double reached = 0;  ///< root mean square of the points' half-widths over the plane's mean
};

struct DaylightFactorAnswer {
    std::vector<PlaneDaylight> planes;
    std::vector<model::Id> portals;  ///< opening of each portal
    Fingerprint surfaces;            ///< of what was asked, without the planes
    size_t kept = 0;                 ///< points that were taken from an earlier answer
    Record record;
};

/// An answer of another state of the building, by the same dice on the same points.
struct DaylightBefore {
    std::shared_ptr<const DaylightFactorAnswer> answer;  ///< settled, with its light by pane
    geometry::Surfaces surfaces;
    /// By space whose light is the same but for what panes let through: the share that it may have changed by
    /// otherwise, which is added to the error.
    std::map<int, double> change;
};
/// Spaces of a building that meet the same as in another state of it, but for what outer panes let through and send
/// back: to be completed by who knows that others hold.
std::map<int, double> spaces_alike(const geometry::Surfaces& was, const geometry::Surfaces& is);

/// A sky to ask under, scaled to 1 lx on the open horizontal, and the engine's way of drawing directions. What a test
/// or a bench may vary; the daylight factor proper is the default.
struct DaylightFactorSetup {
    int cie_type = 16;
    Vec3 sun{0, 0, 1};
    light::Guidance guidance = light::Guidance::openings;
    bool low_discrepancy = true;
    model::Season season = model::Season::in_leaf;
    /// A settled answer of the same surfaces, sky and season, whose points are taken over where they are in the same
    /// place: what a finer spacing keeps. Only for the desktop's live map; null elsewhere.
    const DaylightFactorAnswer* known = nullptr;
    /// Whether light is kept by pane, too.
    bool keeps_panes = false;
    /// Of a building that differs from this one: what of its answer still holds. Null: nothing does.
    const DaylightBefore* before = nullptr;
    uint32_t fixed_samples = 0;  ///< samples of each replicate, regardless of accuracy; 0: until settled
};

/// Called after every round with the answer so far.
using DaylightFactorStep = std::function<void(const DaylightFactorAnswer&)>;

/// Fingerprint of an answer before it is computed.
Fingerprint daylight_factor_inputs(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                                   const Effort& effort, model::Season season = model::Season::in_leaf);

/// Settles when the root mean square of the points' half-widths is at most accuracy times the mean, on every plane.
/// Cancelled: the answer so far, with settled false.
DaylightFactorAnswer daylight_factor(const geometry::Surfaces& surfaces,
                                     const std::vector<geometry::PlanePoints>& planes, const Effort& effort,
                                     const Cancel& cancel = {}, const DaylightFactorStep& step = {},
                                     const DaylightFactorSetup& setup = {});

PlaneFigures figures_of(const std::vector<double>& value, const std::vector<double>& half_width);

}  // namespace wp::question
