// SPDX-License-Identifier: GPL-3.0-or-later
// A part of the window that desks share: a page at the right, or a companion beside the sheet. It knows the rest of the
// window through the desktop, and connects itself to what it follows. Adding one: a pair of files, and a line in
// window/parts.cpp.
#pragma once
#include <QString>
#include <QWidget>

namespace wp::gui {

class Desktop;

enum class DeskKind { site, build, light, compare, certify, report };

/// Desks as bits, so that a page may stand on several.
constexpr unsigned on_desk(DeskKind desk) { return 1u << static_cast<unsigned>(desk); }

struct Page {
    QString title;
    QString tip;         ///< what it is for
    unsigned desks = 0;  ///< on_desk of each that it stands on
    QWidget* widget = nullptr;
    bool stands_on(DeskKind desk) const { return (desks & on_desk(desk)) != 0; }
};

using MakePage = Page (*)(Desktop& desktop);

}  // namespace wp::gui
