// SPDX-License-Identifier: GPL-3.0-or-later
// Of all patches that paths met, as many as are worth looking at for every sun: those that bring little are taken
// together with their neighbours, and where the sun is looked for is chosen in proportion to what comes off.
#pragma once
#include <span>
#include <vector>

#include "light/patches.h"

namespace wp::light {

struct MergedPatches {
    PatchSet set;
    std::vector<std::vector<uint32_t>> place;  ///< by set that was given, of each of its patches the place among these
};

/// Neighbours are taken together while their worth is at most share; every share has about so many spots, and every
/// patch one at least.
struct PatchBudget {
    float indoors = 0.002f, outdoors = 0.006f;     ///< shares
    float spots_indoors = 16, spots_outdoors = 2;  ///< of a share
};
PatchBudget patch_budget(double accuracy);

struct WeighedPatches {
    const PatchSet* set = nullptr;  ///< null: passed over
    float weight = 1;               ///< how much its patches' worth counts beside others'
};
/// sets: cut with one size.
MergedPatches merge_patches(std::span<const WeighedPatches> sets, const PatchSize& size, const PatchBudget& budget);

}  // namespace wp::light
