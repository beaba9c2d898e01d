// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <cmath>
#include <string>

#include "fuzz/must.h"
#include "incoming/put.h"
#include "incoming/reader.h"
#include "store/project_file.h"

namespace wp::fuzz {

/// What must hold of every text given as a building in a format: a fault with a place, or a project that can be saved
/// and opened again.
inline void one_building(Result<incoming::Building> (*read)(const incoming::Reading&), const char* file,
                         std::string_view text) {
    const auto building = read({std::string(text), file, {}, {}, {}});
    if (!building) {
        must(!building.fault().place.empty() && !building.fault().what.empty());
        must(building.fault().line().size() < 4000);
        return;
    }
    const auto arranged = incoming::arrange(*building, {});
    for (const auto& storey : arranged.storeys)
        for (const auto& room : storey.rooms) {
            must(room.footprint.size() >= 3 && room.height > 0);
            for (const Vec2 p : room.footprint) must(std::isfinite(p.x) && std::isfinite(p.y));
            for (const auto& o : room.openings) must(o.width > 0 && o.height > 0 && o.along >= 0 && o.sill >= 0);
        }
    auto project = incoming::project_of(*building, arranged, {});
    const auto back = store::parse_project(store::write_project(project), "again");
    must(static_cast<bool>(back));
    // Read again it is the same building: nothing is added.
    model::Arrival arrival = project.arrivals.front();
    const auto put = incoming::put_into(project, arranged, arrival);
    must(put.removed == 0);
}

}  // namespace wp::fuzz
