// SPDX-License-Identifier: GPL-3.0-or-later
// What arrived becomes part of an option; read again, it updates what came from the same file and keeps what was made
// here: finishes, blinds, planes, observers.
#pragma once
#include "incoming/arrange.h"
#include "model/project.h"

namespace wp::incoming {

struct Put {
    std::vector<model::Id> rooms;  ///< new ones
    size_t added = 0, updated = 0, removed = 0;
    Account account;  ///< of what was added, changed and removed
};
/// arrival: file, format, unit, layers and place of the reading; its option must be there. An earlier reading of the
/// same file into the same option is taken up again.
Put put_into(model::Project& project, const Arranged& arranged, model::Arrival arrival);

/// The site's place as far as the file tells it.
void take_place(const Building& building, model::Site& site);
/// A project of its own around a building: its site where the file tells it, the usual questions, materials assumed.
model::Project project_of(const Building& building, const Arranged& arranged, const model::Arrival& arrival);

}  // namespace wp::incoming
