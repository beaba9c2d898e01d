// SPDX-License-Identifier: GPL-3.0-or-later
// The kinds of the model, for item_kind.cpp.
#pragma once
#include "edit/item_kind.h"

namespace wp::edit {

std::unique_ptr<ItemKind> make_storey_kind();
std::unique_ptr<ItemKind> make_room_kind();
std::unique_ptr<ItemKind> make_wall_kind();
std::unique_ptr<ItemKind> make_opening_kind();
std::unique_ptr<ItemKind> make_partition_kind();
std::unique_ptr<ItemKind> make_floor_void_kind();
std::unique_ptr<ItemKind> make_roof_kind();
std::unique_ptr<ItemKind> make_rooflight_kind();
std::unique_ptr<ItemKind> make_dimension_kind();
std::unique_ptr<ItemKind> make_block_kind();
std::unique_ptr<ItemKind> make_thing_kind();
std::unique_ptr<ItemKind> make_plane_kind();
std::unique_ptr<ItemKind> make_observer_kind();
std::unique_ptr<ItemKind> make_reading_kind();
std::unique_ptr<ItemKind> make_luminaire_kind();

}  // namespace wp::edit
