// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <string_view>

#include "check/check.h"
#include "fuzz/must.h"
#include "geometry/surfaces.h"
#include "model/project.h"
#include "store/project_file.h"

namespace wp::fuzz {

/// What must hold of every text given as a project.
inline void one_project(std::string_view text) {
    const auto project = store::parse_project(text, "fuzz");
    if (!project) {
        must(!project.fault().place.empty() && !project.fault().what.empty() && !project.fault().remedy.empty());
        return;
    }
    const auto again = store::parse_project(store::write_project(*project), "again");
    must(static_cast<bool>(again));
    must(store::write_project(*again) == store::write_project(*project));
    size_t size = 0;
    for (const auto& option : project->options)
        for (const auto& storey : option.storeys) {
            size += storey.rooms.size() + storey.rooflights.size() + storey.partitions.size() + storey.voids.size();
            for (const auto& room : storey.rooms) size += room.footprint.size() + room.openings.size();
        }
    if (size > 200) return;  // large ones are slow, not different
    for (const auto& option : project->options) {
        check::check_drawing(option);
        geometry::build_surfaces(*project, option);
    }
}

}  // namespace wp::fuzz
