// SPDX-License-Identifier: GPL-3.0-or-later
// Daylight coefficients (P. R. Tregenza, I. M. Waters, Lighting Research and Technology 15 (1983) 65-71): the
// illuminance of a point for a unit luminance of each sky part, by the source the light came through (a window group,
// or a single window) and, where that is wanted, by the way it came; and for a unit illuminance of each patch that
// sunlight may fall onto (patches.h).
#pragma once
#include <functional>
#include <memory>
#include <vector>

#include "base/progress.h"
#include "climate/sky_parts.h"
#include "geometry/plane_points.h"
#include "light/patches.h"
#include "light/scene.h"
#include "light/trail.h"

namespace wp::light {

/// How a path of light came to its point, as far as its window is concerned: told apart where panes may change later,
/// since only light that meets the pane straight from the sky or the sun has an angle of its own there.
enum class Entry : uint8_t {
    straight,        ///< from the sky through the window to the point
    interreflected,  ///< from sky or sun through the window, then by surfaces of the room
    off_ground,      ///< reflected outdoors, seen from the window last by the ground
    off_outdoors,    ///< reflected outdoors, last by anything else
};
inline constexpr size_t kEntries = 4;
inline Entry entry_of(const Trail& trail) {
    if (trail.way == Way::straight) return Entry::straight;
    if (trail.way == Way::from_ground || trail.way == Way::inside_off_ground) return Entry::off_ground;
    return trail.outdoors ? Entry::off_outdoors : Entry::interreflected;
}

/// What rows are split by, besides sources.
enum class Split { none, way, entry };

/// Columns of a coefficient row: sky parts, then the far ground (per unit luminance), then, where rows are split by
/// entry, the coarse sky parts of what was reflected outdoors.
struct CoefficientLayout {
    size_t parts = 0;
    size_t sources = 0;  ///< window groups or windows; one more stands for light through none of them
    Split split = Split::none;
    size_t coarse = 0;  ///< coarse sky parts
    size_t ways() const { return split == Split::way ? kWays : split == Split::entry ? kEntries : 1; }
    size_t rows() const { return (sources + 1) * ways(); }
    /// Row of a source (sources: through none) and a way.
    size_t row(size_t source, Way way = Way::straight) const {
        return source * ways() + (split == Split::way ? static_cast<size_t>(way) : 0);
    }
    size_t row(size_t source, Entry entry) const { return source * kEntries + static_cast<size_t>(entry); }
    size_t columns() const { return parts + 1 + coarse; }
    size_t ground() const { return parts; }
    size_t coarse_part(size_t n) const { return parts + 1 + n; }
};

/// What a point takes of light that falls onto a patch: of one lux there. Light onto patches indoors came through the
/// window that the sun shone through, and stands in the rows of no source; that onto patches outdoors in those of the
/// window it was seen through.
struct PatchShare {
    uint32_t patch = 0;  ///< place in the set
    uint32_t row = 0;
    float value = 0;
    float variance = 0;  ///< of the estimate
};

struct PointCoefficients {
    std::vector<int> rows;            ///< rows of the layout in which light of sky or ground was found, ascending
    std::vector<float> values;        ///< row-major: for each of them, columns() numbers
    std::vector<PatchShare> patches;  ///< by row, then by patch
    /// Variance of what sky and ground bring: so many times the sum of value times the square of the luminance. From
    /// the spread of the replicates under typical light.
    float sky_noise = 0;
    float typical = 0;     ///< illuminance by typical light, sky and suns
    float half_width = 0;  ///< 95 %, as a share of the point's typical light
};

struct Coefficients {
    CoefficientLayout layout;
    std::vector<PointCoefficients> points;
    std::shared_ptr<const PatchSet> patches;
    double reached = 0;  ///< root mean square of the points' relative half-widths of the typical illuminance
    double common = 0;   ///< what of that all points share, veils being traced once for all: 95 %, of the points' mean
    bool settled = false;
    uint32_t samples = 0;  ///< of each replicate
    Tally tally;
};

/// Light typical of a place, by which error is judged: luminances in the layout's columns, and suns, each with its
/// illuminance normal to it times its share of all the time that counts.
struct TypicalSun {
    Vec3f to;
    double lux = 0;
};
struct TypicalLight {
    std::vector<double> columns;
    std::vector<TypicalSun> suns;
};

struct VeilLight;

struct CoefficientTask {
    const Scene* scene = nullptr;
    const climate::SkyParts* parts = nullptr;
    const std::vector<geometry::PlanePoints>* planes = nullptr;  ///< points in the order of planes
    std::vector<TypicalLight> typical;  ///< by state of the scene; all with the same suns in the same order
    /// By state, how much its error counts in what is settled by, 0 to 1: bands that eyes hardly see need not be as
    /// sure as others. Empty: all alike.
    std::vector<double> counts{};
    PatchSize patch_size;
    /// Roulette judges what a path carries as if it had begun with this much: for scenes in which little light is left
    /// of what comes in.
    float boost = 1;
    std::vector<int> source_of_portal;  ///< -1: none
    size_t sources = 0;
    Split split = Split::none;
    const climate::SkyParts* coarse = nullptr;  ///< wanted with Split::entry
    /// What falls onto veils, traced before with the same scene, parts and typical light; wanted only where rows are
    /// split by entry. Null: paths go on past veils.
    const VeilLight* veils = nullptr;
    uint32_t first_point = 0;  ///< number of the first point among all: what its random numbers depend on
    /// What to settle by instead of typical light, where given: the error there is now, as a share.
    std::function<double(const Coefficients&)> error;
    uint32_t first_samples = 8;  ///< of each replicate in the first round; fewer show a map sooner
    double accuracy = 0.05;
    unsigned seed = 1;
};

/// Traces until the root mean square over each plane of the half-widths of typical illuminance is at most accuracy
/// times its mean, in every state of the scene. Gives one set for each; rays and paths are told with the first. Same
/// bits for any number of threads. step, where given, sees the coefficients of the first state after every round, as
/// error does.
using CoefficientStep = std::function<void(const Coefficients&)>;
std::vector<Coefficients> trace_coefficients(const CoefficientTask& task, const Cancel& cancel,
                                             const Progress& progress, const CoefficientStep& step = {});

/// Sources by opening: a name each, and which of them every portal belongs to; -1 for portals between rooms.
struct Sources {
    std::vector<model::Id> openings;
    std::vector<int> of_portal;
};
Sources sources_of(const geometry::Surfaces& surfaces);

}  // namespace wp::light
