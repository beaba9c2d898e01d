// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {

std::vector<InspectorPage>& inspector_pages() {
    using Kind = Selection::Kind;
    static std::vector<InspectorPage> all{
        {Kind::none, show_nothing},          {Kind::room, show_room},         {Kind::wall, show_wall},
        {Kind::opening, show_opening},       {Kind::observer, show_observer}, {Kind::reading, show_reading},
        {Kind::block, show_block},           {Kind::storey, show_storey},     {Kind::partition, show_partition},
        {Kind::floor_void, show_floor_void}, {Kind::roof, show_roof},         {Kind::rooflight, show_rooflight},
        {Kind::dimension, show_dimension},   {Kind::thing, show_thing},       {Kind::plane, show_plane},
        {Kind::luminaire, show_luminaire}};
    return all;
}

}  // namespace wp::gui
