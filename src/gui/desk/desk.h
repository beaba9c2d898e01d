// SPDX-License-Identifier: GPL-3.0-or-later
// A desk: what the window shows for one of the jobs that a project takes. The window hosts them; a desk says what
// stands where, and does what its bar offers. Adding one: a folder of its own, and a line in window/parts.cpp.
#pragma once
#include <QObject>
#include <QString>
#include <QWidget>

#include "gui/answers/shown.h"
#include "gui/desk/page.h"

namespace wp::gui {

class Desk : public QObject {
    Q_OBJECT
 public:
    Desk(Desktop& desktop, DeskKind kind) : desktop_(desktop), kind_(kind) {}

    DeskKind kind() const { return kind_; }
    virtual QString title() const = 0;
    /// What one does there, for its button.
    virtual QString tip() const = 0;
    /// The trade's other words for what is there, for searching.
    virtual QString also() const { return {}; }
    /// Stands above the rest; null for none. Two desks may have the same.
    virtual QWidget* bar() { return nullptr; }
    /// Stands in the middle; null for nothing. The sheet where the desk says nothing else.
    virtual QWidget* middle();
    /// Stands beside the middle; null for nothing. The companions where the desk says nothing else.
    virtual QWidget* side();
    /// Whether the pages at the right are wanted.
    virtual bool has_pages() const { return true; }
    /// Whether anything there follows the moment: the year strip stands below.
    virtual bool follows_moment() const { return true; }
    /// The page that it opens with; null: the first that stands on it.
    virtual QWidget* first_page() { return nullptr; }
    /// The share of the middle in the width that it divides with the side, in per cent.
    virtual int middle_share() const { return 63; }
    /// What is on the sheet whenever it is entered; none: what was there.
    virtual std::optional<Shown> shows() const { return {}; }
    /// Whether it tells figures of the year, whatever is on the sheet: then the year is traced while one is there.
    virtual bool judges_year() const { return false; }
    virtual void enter() {}
    virtual void leave() {}

 protected:
    Desktop& desktop() const { return desktop_; }

 private:
    Desktop& desktop_;
    DeskKind kind_;
};

using MakeDesk = Desk* (*)(Desktop& desktop);

}  // namespace wp::gui
