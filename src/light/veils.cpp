// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/veils.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "light/patch_merging.h"
#include "light/replicates.h"
#include "model/frame.h"

namespace wp::light {

namespace {

/// More cells than this make points slower than they make them better.
constexpr size_t kMostCells = 1000;

/// A point sees some of the cells only, so that a patch is worth more to it than to all; spots are thinned out later,
/// when it is known what else met them.
constexpr float kWorthOfSome = 4, kSpotsMore = 4;
/// Squares of veils are others than those that points' own paths meet.
constexpr PatchKey kOfVeils = 0x5a17c3e9b2d84f61ull;

bool leads_out(const ScenePortal& p) { return (p.outside == geometry::kOutdoors) != (p.inside == geometry::kOutdoors); }
Vec3f outwards(const ScenePortal& p) { return p.outside == geometry::kOutdoors ? p.normal : -p.normal; }

int pieces(float length, float widest) { return std::max(1, static_cast<int>(std::ceil(length / widest - 1e-4f))); }

bool is_met_close(const Scene& scene, Vec3f at, Vec3f direction, int portal, Tally& tally) {
    ++tally.rays;
    return scene.intersect(at, direction, portal).distance <= static_cast<float>(model::kBeforeFrame);
}

}  // namespace

// What stands close on one side only is shading, and is met by paths as it is.
std::optional<Vec3f> seen_place(const Scene& scene, const VeilCell& cell, random::Stream& stream, Tally& tally) {
    for (int tries = 0; tries < 32; ++tries) {
        const random::Pair dice = stream.next();
        const Vec3f at = cell.corner + cell.u * dice.u + cell.v * dice.v;
        if (!is_met_close(scene, at, -cell.normal, cell.portal, tally) ||
            !is_met_close(scene, at, cell.normal, cell.portal, tally))
            return at;
    }
    return std::nullopt;
}

VeilCells::VeilCells(const Scene& scene, const std::vector<bool>& spaces, float widest) {
    std::vector<int> portals;
    for (size_t i = 0; i < scene.portals().size(); ++i) {
        const ScenePortal& p = scene.portals()[i];
        if (!leads_out(p) || !(p.scatter_mean(outwards(p)) > 0)) continue;
        const auto inner = static_cast<size_t>(std::max(p.inside, p.outside));
        if (inner < spaces.size() && spaces[inner]) portals.push_back(static_cast<int>(i));
    }
    for (;; widest *= 1.5f) {
        size_t count = 0;
        for (const int i : portals) {
            const ScenePortal& p = scene.portals()[static_cast<size_t>(i)];
            count += static_cast<size_t>(pieces(p.length_u, widest)) * static_cast<size_t>(pieces(p.length_v, widest));
        }
        if (count <= std::max(kMostCells, portals.size())) break;
    }
    cut(scene, portals, widest);
}

void VeilCells::cut(const Scene& scene, const std::vector<int>& portals, float widest) {
    grids_.resize(scene.portals().size());
    for (const int i : portals) {
        const ScenePortal& p = scene.portals()[static_cast<size_t>(i)];
        Grid& grid = grids_[static_cast<size_t>(i)];
        grid = {static_cast<int>(cells_.size()), pieces(p.length_u, widest), pieces(p.length_v, widest)};
        const Vec3f u = p.u * (1 / static_cast<float>(grid.across)), v = p.v * (1 / static_cast<float>(grid.up));
        for (int t = 0; t < grid.up; ++t)
            for (int s = 0; s < grid.across; ++s)
                cells_.push_back(
                    {i, p.corner + u * static_cast<float>(s) + v * static_cast<float>(t), u, v, outwards(p)});
        counts_.push_back(cells_.size() - static_cast<size_t>(grid.first));
    }
}

int VeilCells::cell_at(const ScenePortal& portal, int index, Vec3f at) const {
    const Grid& grid = grids_[static_cast<size_t>(index)];
    if (grid.first < 0) return -1;
    const auto place = [&](Vec3f unit, float length, int count) {
        const float share = dot(at - portal.corner, unit) / length;
        return std::clamp(static_cast<int>(share * static_cast<float>(count)), 0, count - 1);
    };
    return grid.first + place(portal.unit_v, portal.length_v, grid.up) * grid.across +
           place(portal.unit_u, portal.length_u, grid.across);
}

namespace {

// Of each merged patch what typical suns bring onto it: of what it is made of, by what comes off each.
std::vector<ByState> merged_shone(const TracedCells& traced, const std::vector<uint32_t>& place, size_t count) {
    std::vector<ByState> out(count, ByState{});
    for (size_t k = 0; k < traced.light.size(); ++k) {
        std::vector<double> lux(count, 0.0), all(count, 0.0);
        for (const PointCoefficients& cell : traced.light[k].points)
            for (const PatchShare& share : cell.patches) {
                all[place[share.patch]] += static_cast<double>(share.value);
                lux[place[share.patch]] +=
                    static_cast<double>(share.value) * static_cast<double>(traced.shone[share.patch][k]);
            }
        for (size_t p = 0; p < count; ++p) out[p][k] = all[p] > 0 ? static_cast<float>(lux[p] / all[p]) : 0.0f;
    }
    return out;
}

void move_shares(PointCoefficients& cell, const std::vector<uint32_t>& place) {
    std::map<std::pair<uint32_t, uint32_t>, PatchShare> merged;
    for (const PatchShare& share : cell.patches) {
        auto& to = merged[{share.row, place[share.patch]}];
        to = {place[share.patch], share.row, to.value + share.value, to.variance + share.variance};
    }
    cell.patches.clear();
    for (const auto& [key, share] : merged) cell.patches.push_back(share);
}

void number_slots(VeilLight& veils) {
    std::map<std::pair<uint32_t, uint32_t>, uint32_t> known;
    for (const Coefficients& light : veils.light) {
        auto& by_cell = veils.slot_of.emplace_back();
        for (const PointCoefficients& cell : light.points) {
            auto& to = by_cell.emplace_back();
            for (const PatchShare& share : cell.patches) {
                const auto [slot, is_new] =
                    known.try_emplace({share.row, share.patch}, static_cast<uint32_t>(veils.slots.size()));
                if (is_new) veils.slots.push_back({share.row, share.patch});
                to.push_back(slot->second);
            }
        }
    }
}

}  // namespace

VeilLight trace_veils(const CoefficientTask& task, VeilCells cells, const Cancel& cancel) {
    TracedCells traced = trace_cells(task, cells, cancel);
    VeilLight out;
    out.cells = std::move(cells);
    if (cancel.requested()) return out;
    PatchBudget budget = patch_budget(task.accuracy);
    budget.spots_indoors *= kSpotsMore, budget.spots_outdoors *= kSpotsMore;
    const WeighedPatches met{traced.light.front().patches.get(), kWorthOfSome};
    MergedPatches merged = merge_patches(std::span(&met, 1), task.patch_size, budget);
    for (Patch& patch : merged.set.patches) patch.key ^= kOfVeils;
    for (PatchSpot& spot : merged.set.spots) spot.part ^= kOfVeils;
    const auto& place = merged.place.front();
    out.shone = merged_shone(traced, place, merged.set.count());
    const auto patches = std::make_shared<const PatchSet>(std::move(merged.set));
    out.light = std::move(traced.light);
    out.typical.resize(out.cells.all().size(), ByState{});
    out.error = out.typical;
    for (size_t k = 0; k < out.light.size(); ++k) {
        out.light[k].patches = patches;
        for (size_t c = 0; c < out.typical.size(); ++c) {
            PointCoefficients& cell = out.light[k].points[c];
            move_shares(cell, place);
            out.typical[c][k] = cell.typical;
            out.error[c][k] = cell.typical * cell.half_width / static_cast<float>(kStudent95);
        }
    }
    number_slots(out);
    return out;
}

}  // namespace wp::light
