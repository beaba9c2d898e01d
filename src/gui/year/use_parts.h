// SPDX-License-Identifier: GPL-3.0-or-later
// What parts of the page on use share.
#pragma once
#include <QFormLayout>
#include <QVBoxLayout>

#include "gui/look/look.h"

namespace wp::gui {

/// Days of the week in names of objects.
inline constexpr const char* kDayNames[] = {"mon", "tue", "wed", "thu", "fri", "sat", "sun"};

inline QFormLayout* new_form(QVBoxLayout& column) {
    auto* form = new QFormLayout;
    form->setContentsMargins(0, 0, 0, 0);
    form->setSpacing(space::tight);
    column.addLayout(form);
    return form;
}

}  // namespace wp::gui
