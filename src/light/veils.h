// SPDX-License-Identifier: GPL-3.0-or-later
// Veils: panes that scatter what comes from outdoors, whether by a closed blind, by a fabric or by their glass. What a
// veil sends in is the same light for every point of a room: what falls onto its outer face is traced once, cell by
// cell, and paths of points end at it. All of a cell counts alike; its error is common to all that see it.
#pragma once
#include <optional>
#include <vector>

#include "base/random.h"
#include "light/coefficients.h"

namespace wp::light {

/// A rectangle of a pane: corner + s u + t v.
struct VeilCell {
    int portal = -1;
    Vec3f corner, u, v;
    Vec3f normal;  ///< unit, outwards
};

/// Anywhere on a cell where it can be seen from the room: not within frame and bars, which stand out on both sides.
/// None: hardly any of it can.
std::optional<Vec3f> seen_place(const Scene& scene, const VeilCell& cell, random::Stream& stream, Tally& tally);

class VeilCells {
 public:
    VeilCells() = default;
    /// Of all panes that scatter light from outdoors into one of these spaces (by number of the space), at most so wide
    /// in metres; wider where there were too many.
    VeilCells(const Scene& scene, const std::vector<bool>& spaces, float widest);
    const std::vector<VeilCell>& all() const { return cells_; }
    /// Which holds a place on a portal; -1: the portal has none.
    int cell_at(const ScenePortal& portal, int index, Vec3f at) const;
    /// Cells of each portal that has some, in the order of all.
    const std::vector<size_t>& counts() const { return counts_; }

 private:
    struct Grid {
        int first = -1, across = 0, up = 0;
    };
    void cut(const Scene& scene, const std::vector<int>& portals, float widest);
    std::vector<VeilCell> cells_;
    std::vector<size_t> counts_;
    std::vector<Grid> grids_;  // by portal
};

/// What falls onto the outer faces of veils.
struct VeilLight {
    VeilCells cells;
    /// By state of the scene, a point a cell: of light that is scattered in, by column and patch, as of points. The
    /// cell itself lies on patches, too.
    std::vector<Coefficients> light;
    std::vector<ByState> typical, error;  ///< by cell: typical illuminance and the standard error of it
    std::vector<ByState> shone;           ///< by patch of light: what typical suns bring onto it
    /// What cells' shares of patches have in common: each row and patch once, and by state and cell which of them each
    /// share is of.
    struct Slot {
        uint32_t row, patch;
    };
    std::vector<Slot> slots;
    std::vector<std::vector<std::vector<uint32_t>>> slot_of;
};

/// Traces until the half-widths of each portal's cells are at most the task's accuracy. Planes, boost and first point
/// of the task are not looked at. Cancelled: light is empty.
VeilLight trace_veils(const CoefficientTask& task, VeilCells cells, const Cancel& cancel);

/// The half of it that paths do: patches as they were met.
struct TracedCells {
    std::vector<Coefficients> light;
    std::vector<ByState> shone;
};
TracedCells trace_cells(const CoefficientTask& task, const VeilCells& cells, const Cancel& cancel);

}  // namespace wp::light
