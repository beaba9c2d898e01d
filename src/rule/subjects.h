// SPDX-License-Identifier: GPL-3.0-or-later
// What criteria judge: the rooms of an option by their reference planes, with what rules ask of either.
#pragma once
#include <map>
#include <string>
#include <vector>

#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "metric/annual.h"
#include "model/criteria.h"
#include "model/option.h"

namespace wp::rule {

/// A reference plane, its name for people, and its room.
struct Subject {
    geometry::PlanePoints plane;
    std::string name;      ///< of the plane, with its room
    bool occupied = true;  ///< counts as occupied floor
    std::string room;      ///< its room's name; empty: as name
    std::string use;       ///< word of its room's use
    bool regularly_occupied = true;
    double floor_area = 0;  ///< of its room, m^2; 0: what its points cover
    model::Criterion::LitBy lit_by = model::Criterion::LitBy::walls;
    std::vector<std::string> without_blind;  ///< names of its room's glazed openings to the outside that have no blind
    std::string glare_note;
    /// As it was drawn; not known of planes that were never drawn, which fit any rule.
    bool is_drawn = false;
    model::ReferencePlane drawn;
};

/// The planes of an option as subjects. surfaces: as built.
std::vector<Subject> subjects_of(const model::Option& option, const std::vector<geometry::PlanePoints>& planes,
                                 const geometry::Surfaces& surfaces);

/// A room whether or not it has a plane.
struct RoomFacts {
    model::Id room;
    std::string name, use;
    double floor_area = 0;   ///< m^2
    double longer_side = 0;  ///< of the rectangle around its footprint, metres
    bool regularly_occupied = true;
};
std::vector<RoomFacts> rooms_of(const model::Option& option);

/// Whether a criterion is of such rooms, wherever their light comes from. use: word of a room's use.
bool wants_room(const model::Criterion& criterion, const std::string& use, bool regularly_occupied);

/// Occupied hours of rooms that have a pattern of their own.
std::map<model::Id, metric::Hours> room_hours(const model::Project& project, const model::Option& option);

/// What keeps a plane from being the one a rule asks for, in plain words; empty: nothing.
std::string misfit(const model::RulePlane& rule, const Subject& subject);

/// The spacing that a rule asks for in a room of that longer side, metres.
double spacing_of(const model::RulePlane& rule, double longer_side);

}  // namespace wp::rule
