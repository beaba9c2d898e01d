// SPDX-License-Identifier: GPL-3.0-or-later
// Light through one window group is traced with the blinds of all groups in the state of its own. Where others stand
// otherwise, what they send back makes the room lighter or darker than it was traced: reflected light by as much as
// evenly spread light in a closed room (W. E. Sumpner, Proceedings of the Physical Society 12 (1892) 10-29): of what
// comes in first it is r + r^2 + ... = r / (1 - r), with r the mean reflectance.
#pragma once
#include <cstdint>
#include <span>
#include <vector>

#include "geometry/surfaces.h"
#include "light/panes.h"

namespace wp::question {

/// What bounds a space and stands in it, less its windows: with all spaces of the same air.
struct Enclosure {
    double area = 0;       ///< m^2
    double reflected = 0;  ///< m^2 times reflectance
};
/// By space.
std::vector<Enclosure> enclosures_of(const geometry::Surfaces& surfaces);

class MixedBlinds {
 public:
    /// panes: portals and blinds as they are now. layers: by state. group_of_portal: -1 for those of no group.
    MixedBlinds(std::vector<Enclosure> enclosures, const geometry::Surfaces& panes,
                const std::vector<light::BlindLayers>& layers, const std::vector<int>& group_of_portal);
    /// By what share reflected light in a space is more than it was traced, with all groups in the state `traced`.
    /// states: by group.
    double more(int space, size_t traced, std::span<const uint8_t> states) const;

 private:
    struct Group {
        size_t group;
        std::vector<double> sends_back;  // by state: m^2 times reflectance
    };
    struct Room {
        double area = 0, reflected = 0;  // windows without a group among it
        std::vector<Group> groups;
    };
    std::vector<Room> rooms_;  // by space
};

}  // namespace wp::question
