// SPDX-License-Identifier: GPL-3.0-or-later
// Windows whose blinds move together, and the states those blinds can be in.
#pragma once
#include <string>
#include <vector>

#include "geometry/surfaces.h"
#include "light/panes.h"
#include "model/option.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

struct YearGroup {
    model::Id id;  ///< of the group made by hand; empty: formed by itself
    std::string name;
    model::Id room;  ///< of its first window
    std::vector<model::Id> openings;
    model::BlindControl control;
    /// Closed states, from the most open to the most closed; of each the blind of every opening: an index into
    /// Surfaces::blinds, or light::kPlainBlind, or light::kNoBlind for windows without one. Empty: nothing to close.
    std::vector<std::vector<int>> states;
    std::vector<std::string> state_names;
};

/// All windows and rooflights of an option that lead outdoors, each in one group. Those that no group by hand holds are
/// put together where they are in the same room, look the same way, are shaded alike and see the same parts of the sky.
/// Blinds of the states are added to surfaces, which are else as built.
std::vector<YearGroup> window_groups(const model::Project& project, const model::Option& option,
                                     geometry::Surfaces& surfaces);

/// The most states any group has, the open one included.
size_t state_count(const std::vector<YearGroup>& groups);

/// Index of the group that holds an opening; -1: none.
int group_of_opening(const std::vector<YearGroup>& groups, const model::Id& opening);

/// Whether the sun passes straight through any portal of a group. portals: as blinds hang before them.
bool sun_shines_through(const std::vector<light::ScenePortal>& portals, const std::vector<int>& group_of_portal,
                        size_t group, Vec3f to_sun);

/// Blinds of all portals when each group is in its state `state` (0: open), or in its last where it has fewer.
light::BlindLayers layers_of(const geometry::Surfaces& surfaces, const std::vector<YearGroup>& groups, size_t state);

}  // namespace wp::question
