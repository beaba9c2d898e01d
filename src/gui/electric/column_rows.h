// SPDX-License-Identifier: GPL-3.0-or-later
// What columns of the pages of electric light are made of.
#pragma once
#include <QFormLayout>
#include <QVBoxLayout>

#include "gui/entry/rows.h"
#include "gui/look/look.h"

namespace wp::gui {

/// A form at the end of a column.
inline QFormLayout* column_form(QVBoxLayout& column) {
    auto* host = new QWidget(column.parentWidget());
    auto* form = new QFormLayout(host);
    form->setContentsMargins(space::small, 0, space::small, space::small);
    form->setSpacing(space::tight);
    column.addWidget(host);
    return form;
}

inline void column_heading(QVBoxLayout& column, const QString& text) {
    auto* out = label(text, "heading", column.parentWidget());
    out->setContentsMargins(space::small, space::small, space::small, 0);
    column.addWidget(out);
}

}  // namespace wp::gui
