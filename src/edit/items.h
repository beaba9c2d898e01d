// SPDX-License-Identifier: GPL-3.0-or-later
// Items of whatever kind: their names, where they are, which there are.
#pragma once
#include "edit/item_kind.h"

namespace wp::edit {

/// What people call that kind of thing.
const char* kind_word(model::Item::Kind kind);
/// The name of an item, or its id where it has none; empty where it is gone.
std::string item_name(const model::Option& option, const model::Item& item);
bool exists(const model::Option& option, const model::Item& item);
/// The storey an item is on; the number of storeys for things that are on none (blocks) or are gone.
size_t storey_of(const model::Option& option, const model::Item& item);
void rename(model::Option& option, const model::Item& item, const std::string& name);

/// Everything of an option whose name or id holds the text, whatever its case, kind by kind.
Items find_by_name(const model::Option& option, const std::string& text);
/// Everything that the plan of a storey draws: what is on it, and outdoors.
Items items_drawn(const model::Option& option, size_t storey);
/// What lies uppermost at a place; of no kind where nothing does.
model::Item item_at(const model::Option& option, const Touch& touch);

}  // namespace wp::edit
