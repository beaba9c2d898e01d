// SPDX-License-Identifier: GPL-3.0-or-later
// What is selected, put into other options as it is here: a change made to several at once.
#pragma once
#include <QWidget>

#include "gui/document/document.h"

namespace wp::gui {

/// Asks which options. What is to be said of it; empty: nothing was done.
QString put_selected_into(Document& document, QWidget* parent);

}  // namespace wp::gui
