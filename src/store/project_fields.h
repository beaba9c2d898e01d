// SPDX-License-Identifier: GPL-3.0-or-later
// Which fields a project has in its file: see fields.h. Used by project_file.cpp alone.
#pragma once
#include "model/project.h"
#include "store/fields.h"

namespace wp::store {

void visit(Fields& fields, model::Project& project);

}  // namespace wp::store
