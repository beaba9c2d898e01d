// SPDX-License-Identifier: GPL-3.0-or-later
// What paths of one point find, summed by row and column, patch and veil.
#pragma once
#include <vector>

#include "light/coefficients.h"
#include "light/path.h"
#include "light/veil_sums.h"

namespace wp::light {

// Coefficients of one point in the making, dense over rows that were met: by column, then by state.
struct Rows {
    std::vector<std::vector<float>> all;
    float* row(size_t index, size_t columns, size_t states) {
        if (all[index].empty()) all[index].assign(columns * states, 0.0f);
        return all[index].data();
    }
};

struct CoefficientSink {
    const CoefficientTask& task;
    const CoefficientLayout& layout;
    const size_t states;
    Rows& rows;       // of this point
    PatchSums& sums;  // likewise
    VeilSums* veils;  // likewise, by state
    PatchGatherer& met;
    uint32_t dice;  // of this path
    std::array<double, kMostStates> typical_sky{};

    size_t row_of(int portal, const Trail& trail) const {
        const int found = portal >= 0 ? task.source_of_portal[static_cast<size_t>(portal)] : -1;
        const size_t source = found >= 0 ? static_cast<size_t>(found) : layout.sources;
        return layout.split == Split::entry ? layout.row(source, entry_of(trail)) : layout.row(source, trail.way);
    }
    void add(const Trail& trail, size_t column, float weight) {
        const size_t row = row_of(trail.portal, trail);
        float* to = rows.row(row, layout.columns(), states) + column * states;
        for (size_t k = 0; k < states; ++k) {
            const float found = weight * trail.states[k];
            to[k] += found;
            typical_sky[k] += static_cast<double>(found) * task.typical[k].columns[column];
        }
    }
    void sky(Vec3f d, float weight, const Trail& trail) {
        // What was reflected outdoors came to the window from anywhere: coarse parts do. What came in straight does
        // not: near the sun the sky is uneven, and a patch of it on a floor is all the light of a room behind.
        const Entry entry = entry_of(trail);
        const bool fine = layout.split != Split::entry || entry == Entry::straight || entry == Entry::interreflected;
        add(trail, fine ? task.parts->part_of(d) : layout.coarse_part(task.coarse->part_of(d)), weight);
    }
    void ground(float weight, const Trail& trail) { add(trail, layout.ground(), weight); }
    // What sunlight may fall onto. The first vertex is the point itself, whose direct sun is computed exactly
    // elsewhere.
    void vertex(const LitPlace& place, float weight, const Trail& trail, random::Stream&) {
        if (trail.order > 0) note(place, nullptr, weight, trail);
    }
    // What left the room by another way before is followed further.
    bool ends_at(const LitPlace& place, float weight, const Trail& trail) {
        if (task.veils == nullptr || place.space != geometry::kOutdoors || trail.outdoors) return false;
        const int cell =
            task.veils->cells.cell_at(task.scene->portals()[static_cast<size_t>(place.veil)], place.veil, place.at);
        if (cell < 0) return false;
        for (size_t k = 0; k < states; ++k) {
            const float carried = weight * trail.states[k];
            if (!(carried > 0)) continue;
            veils[k].add(cell, trail.way != Way::straight, carried);
            typical_sky[k] +=
                static_cast<double>(carried) * static_cast<double>(task.veils->typical[static_cast<size_t>(cell)][k]);
        }
        return true;
    }
    void gloss(const LitPlace& place, const GlossLobe& lobe, float weight, const Trail& trail, random::Stream&) {
        note(place, &lobe, weight, trail);
    }
    void note(const LitPlace& place, const GlossLobe* lobe, float weight, const Trail& trail) {
        const PatchKeys keys = keys_of(place, task.patch_size, lobe);
        const auto row = static_cast<uint32_t>(row_of(place.space >= 0 ? -1 : trail.portal, trail));
        sums.add(keys.patch, row, weight, trail.states.data());
        PatchSpot spot{place.at, place.normal, {}, -1, random::hash(dice, static_cast<uint32_t>(keys.part)),
                       1,        keys.part};
        if (lobe != nullptr) spot.mirror = lobe->mirror, spot.sharpness = lobe->sharpness;
        met.add({keys.patch, place.space, place.veil, keys.level, spot});
    }
};

}  // namespace wp::light
