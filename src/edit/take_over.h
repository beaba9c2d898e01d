// SPDX-License-Identifier: GPL-3.0-or-later
// Elements as another option has them: taken over one by one, or put into many options at once.
#pragma once
#include <string>
#include <vector>

#include "base/result.h"
#include "model/option.h"

namespace wp::edit {

/// The option's type, in the words of schemas: thicknesses, materials by type, control of blinds.
inline constexpr const char* kWholeOption = "option";

/// Makes an element what it is in another option: of the same id it is replaced, else added where its room or storey
/// is; one that the other option has not is taken out. type: as in schemas, "opening", "room", "block". A fault where
/// there is no place for it, and nothing is changed then.
Outcome take_over(model::Option& to, const model::Option& from, const std::string& type, const model::Id& id);

/// Whether elements of that type can be taken over.
bool can_take_over(const std::string& type);

}  // namespace wp::edit
