// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/differing.h"

#include <algorithm>

#include "describe/depends.h"
#include "describe/field.h"
#include "model/project.h"

namespace wp::describe {

std::optional<std::vector<model::Id>> differing_openings(const model::Project& a, const model::Project& b,
                                                         const model::Id& option) {
    const auto *of_a = model::find(a.options, option), *of_b = model::find(b.options, option);
    if (of_a == nullptr || of_b == nullptr || of_a->storeys.size() != of_b->storeys.size()) return {};
    std::vector<model::Id> out;
    // Those that differ are as they were before: whatever else there is shows.
    model::Option undone = *of_b;
    for (size_t s = 0; s < undone.storeys.size(); ++s) {
        auto& rooms = undone.storeys[s].rooms;
        const auto& before = of_a->storeys[s].rooms;
        if (rooms.size() != before.size()) return {};
        for (size_t r = 0; r < rooms.size(); ++r) {
            if (rooms[r].openings.size() != before[r].openings.size()) return {};
            for (size_t o = 0; o < rooms[r].openings.size(); ++o) {
                const auto& was = before[r].openings[o];
                if (rooms[r].openings[o].id != was.id) return {};
                if (rooms[r].openings[o] == was) continue;
                out.push_back(was.id);
                rooms[r].openings[o] = was;
            }
        }
    }
    constexpr unsigned traced = bears::light | bears::blinds;
    if (depends(b, undone, traced) != depends(a, *of_a, traced)) return {};
    return out;
}

}  // namespace wp::describe
