// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include "gui/desk/desktop.h"

namespace wp::gui {

Desk* make_light_desk(Desktop& desktop);

}  // namespace wp::gui
