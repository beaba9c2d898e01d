// SPDX-License-Identifier: GPL-3.0-or-later
// Buttons with an icon. name: by which the program and its tests find it; tip: what it is for, spoken where it bears no
// word.
#pragma once
#include <QPushButton>
#include <QToolButton>

namespace wp::gui {

QToolButton* icon_button(const char* icon, const char* name, const QString& tip);
/// With its word beside the icon.
QToolButton* worded_button(const char* icon, const char* name, const QString& word, const QString& tip);
/// With its word, in small letters, under the icon: for bars of many.
QToolButton* tool_button(const char* icon, const char* name, const QString& word, const QString& tip);

/// A word alone, in dialogs: Enter in a field does not press it.
QPushButton* plain_button(const char* name, const QString& word, QWidget* parent);

}  // namespace wp::gui
