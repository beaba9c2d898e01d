// SPDX-License-Identifier: GPL-3.0-or-later
// The choice of the program's language, in the menu of the project and among the commands.
#pragma once
#include <QMenu>

namespace wp::gui {

class Desktop;

/// Windows keep the words they were made with: another language stands from the next start, which is offered.
void add_language_menu(QMenu& menu, Desktop& desktop);

}  // namespace wp::gui
