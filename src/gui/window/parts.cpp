// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/window/parts.h"

#include "gui/build/build_desk.h"
#include "gui/building/building_tree.h"
#include "gui/certify/certify_desk.h"
#include "gui/check/model_check.h"
#include "gui/clock/body_clock_page.h"
#include "gui/companion/eye_view.h"
#include "gui/companion/model_view.h"
#include "gui/companion/section_view.h"
#include "gui/companion/wall_view.h"
#include "gui/compare/compare_desk.h"
#include "gui/electric/luminaires_page.h"
#include "gui/electric/scenes_page.h"
#include "gui/glare/glare_page.h"
#include "gui/light/light_desk.h"
#include "gui/light/map_tools.h"
#include "gui/light/profile_view.h"
#include "gui/light/readings_panel.h"
#include "gui/light/why_panel.h"
#include "gui/matter/materials_panel.h"
#include "gui/matter/types_panel.h"
#include "gui/report/report_desk.h"
#include "gui/site/site_desk.h"
#include "gui/tool/tools.h"
#include "gui/year/use_panel.h"
#include "gui/year/year_panel.h"
#include "gui/year/year_view.h"

namespace wp::gui {

std::vector<MakeTool>& tool_makers() {
    static std::vector<MakeTool> all{
        make_select_tool,   make_room_tool,    make_outline_tool,   make_trace_tool,      make_window_tool,
        make_door_tool,     make_opening_tool, make_partition_tool, make_floor_void_tool, make_rooflight_tool,
        make_observer_tool, make_split_tool,   make_dimension_tool, make_measure_tool,    make_section_tool,
        make_thing_tool,    make_block_tool,   make_area_tool,      make_aim_tool,        make_scale_tool,
        make_look_tool,     make_read_tool,    make_reading_tool,   make_profile_tool,    make_luminaire_tool};
    return all;
}

std::vector<MakePage>& companion_makers() {
    static std::vector<MakePage> all{model_companion,   wall_companion, section_companion, eye_companion,
                                     profile_companion, year_companion, check_companion};
    return all;
}

std::vector<MakePage>& page_makers() {
    static std::vector<MakePage> all{building_page,   materials_page, types_page,    luminaires_page,
                                     why_page,        scenes_page,    readings_page, glare_page,
                                     body_clock_page, year_page,      use_page};
    return all;
}

// A desk may use the bar of one before it: Certify comes after Light.
std::vector<MakeDesk>& desk_makers() {
    static std::vector<MakeDesk> all{make_site_desk,    make_build_desk,   make_light_desk,
                                     make_compare_desk, make_certify_desk, make_report_desk};
    return all;
}

}  // namespace wp::gui
