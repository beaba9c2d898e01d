// SPDX-License-Identifier: GPL-3.0-or-later
// What the page of glare says and shows of numbers, in the language of the screen.
#pragma once
#include <QString>
#include <QTableWidgetItem>

#include "question/clear_arc.h"

namespace wp::gui {

/// Of an index, behind the point.
int digits_of(const metric::GlareIndex& index);
QTableWidgetItem* glare_cell(const QString& text, bool is_figure);
/// As question::words_of.
QString arc_words(const question::ClearArc& arc, const metric::GlareIndex& index, double north);

}  // namespace wp::gui
