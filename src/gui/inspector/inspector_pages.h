// SPDX-License-Identifier: GPL-3.0-or-later
// The pages of the inspector, a file each. A new kind of item has a function that adds groups and rows, and a line in
// inspector_pages.cpp.
#pragma once
#include <vector>

#include "gui/inspector/inspector.h"

namespace wp::gui {

struct InspectorPage {
    Selection::Kind kind;
    void (*show)(Inspector& in);
};
std::vector<InspectorPage>& inspector_pages();

/// Where nothing is selected: the option.
void show_nothing(Inspector& in);
void show_room(Inspector& in);
void show_wall(Inspector& in);
void show_opening(Inspector& in);
void show_observer(Inspector& in);
void show_reading(Inspector& in);
void show_block(Inspector& in);
void show_storey(Inspector& in);
void show_partition(Inspector& in);
void show_floor_void(Inspector& in);
void show_roof(Inspector& in);
void show_rooflight(Inspector& in);
void show_dimension(Inspector& in);
void show_thing(Inspector& in);
void show_plane(Inspector& in);
void show_luminaire(Inspector& in);
/// Many at once: what they have in common is edited for all of them in one step.
void show_many(Inspector& in);

}  // namespace wp::gui
