// SPDX-License-Identifier: GPL-3.0-or-later
// Fields of what a building's use through the year is told by (model/use.h), and of moments.
#pragma once
#include "model/project.h"
#include "store/fields.h"

namespace wp::store {

/// Month and day, and that the month has it.
void visit_day(Fields& fields, climate::Moment& moment);
void visit(Fields& fields, climate::Moment& moment);

/// Groups, blinds and electric light of an option: written only where there are any.
void visit_use(Fields& fields, model::Option& option);
/// Patterns of hours and the calendar of a project.
void visit_use(Fields& fields, model::Project& project);

}  // namespace wp::store
