// SPDX-License-Identifier: GPL-3.0-or-later
// The look: warm paper, ink lines, one accent; colour is kept for light. Spacing and type sizes are named here and
// nowhere else.
#pragma once
#include <QAbstractButton>
#include <QApplication>
#include <QIcon>
#include <QString>

#include "report/plan.h"

namespace wp::gui {

namespace space {
inline constexpr int tight = 4, small = 8, medium = 12, large = 20;
}
namespace type {
inline constexpr int small = 11, body = 13, heading = 15;
}

/// Paper by day or by night.
enum class Paper { light, dark };
void apply_look(QApplication& application, Paper paper);
Paper current_paper();
const report::Ink& ink();

/// A line icon in the colour of the ink.
QIcon icon(const QString& name);
/// Gives a button an icon that renew_icons can colour anew.
void set_icon(QAbstractButton* button, const QString& name);
/// After the paper changed: all icons below a widget in the new ink.
void renew_icons(QWidget& root);

}  // namespace wp::gui
