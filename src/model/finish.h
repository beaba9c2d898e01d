// SPDX-License-Identifier: GPL-3.0-or-later
// What a surface is made of, and why.
#pragma once
#include "model/material.h"

namespace wp::model {

struct Option;
struct Project;
struct Room;

/// Why a surface has the material it has.
enum class Reason { own, room, type, none };
const char* reason_name(Reason reason);
struct Finish {
    const Material* material = nullptr;  ///< null where there is none, or where the id names none
    Id id;
    Reason reason = Reason::none;
};
/// The first of these that is named: the surface's own, its room's, the option's by type.
Finish finish_of(const Project& project, const Option& option, Part part, const Id& own, const Id& of_room = {});
/// The same for one surface of a room: an edge, OwnFinish::kFloor or kCeiling.
Finish room_finish(const Project& project, const Option& option, const Room& room, int surface);
/// Gives one surface of a room a material of its own; an empty id takes it away.
void set_own_finish(Room& room, int surface, const Id& material);
/// Reflectance and the like computed for parts without a material: what IES LM-83-12 gives for unknown finishes.
Material assumed_for(Part part);

}  // namespace wp::model
