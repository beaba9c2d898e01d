// SPDX-License-Identifier: GPL-3.0-or-later
// What the pointer does where no other tool is in hand: it selects and moves while one draws, reads the map where it
// is read, and only selects elsewhere.
#pragma once
#include "gui/tool/item_drag.h"

namespace wp::gui {

class SelectTool : public SheetTool {
    Q_OBJECT
 public:
    explicit SelectTool(Sheet& sheet);
    bool rests() const override { return true; }
    Qt::CursorShape cursor() const override { return Qt::ArrowCursor; }
    bool shows_values() const override { return !hold_.holds() && !band_; }
    QString hint() const override;
    void press(const Pointing& pointing) override;
    void move(const Pointing& pointing) override { hold_.drag(pointing); }
    void release(const Pointing& pointing) override;
    void double_click(const Pointing& pointing) override;
    bool key(const QKeyEvent& event) override;
    bool cancel() override;
    void paint(QPainter& painter) const override;

 private:
    bool take_corner(const Pointing& pointing);
    void take(const Selection& under, const Pointing& pointing);
    void select_band(QPointF to, bool add);
    bool nudge(const QKeyEvent& event);

    ItemDrag hold_;
    std::optional<std::pair<Selection, QPointF>> pressed_among_;  // of several that are selected
    std::optional<QPointF> band_;                                 // where it was begun
};

/// A click selects; nothing moves.
class LookTool : public SheetTool {
    Q_OBJECT
 public:
    explicit LookTool(Sheet& sheet, SheetUse use = SheetUse::look);
    bool rests() const override { return true; }
    Qt::CursorShape cursor() const override { return Qt::ArrowCursor; }
    bool shows_values() const override { return true; }
    QString hint() const override;
    void press(const Pointing& pointing) override { sheet().document().select(sheet().pick(pointing.at)); }
};

/// A click asks about a place of the map, a drag takes the mean of an area.
class ReadTool : public LookTool {
    Q_OBJECT
 public:
    explicit ReadTool(Sheet& sheet) : LookTool(sheet, SheetUse::read) {}
    bool shows_values() const override { return !pressed_; }
    QString hint() const override;
    void press(const Pointing& pointing) override { pressed_ = pointing; }
    void move(const Pointing& pointing) override;
    void release(const Pointing& pointing) override;
    bool key(const QKeyEvent& event) override;
    bool cancel() override;

 private:
    std::optional<Pointing> pressed_;
};

}  // namespace wp::gui
