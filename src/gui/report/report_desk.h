// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include "gui/desk/desk.h"

namespace wp::gui {

Desk* make_report_desk(Desktop& desktop);

}  // namespace wp::gui
