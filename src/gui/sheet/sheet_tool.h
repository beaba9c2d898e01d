// SPDX-License-Identifier: GPL-3.0-or-later
// A tool of the sheet: what the pointer and the keys do while it is in hand. Adding one: a file in gui/tool/ (or in
// the folder of what it serves), and a line in window/parts.cpp.
#pragma once
#include <QKeyEvent>
#include <QObject>
#include <QPainter>
#include <optional>

#include "base/vec.h"
#include "gui/entry/number_field.h"

namespace wp::gui {

class Sheet;

/// What a desk does with the sheet: it draws on it, reads the map on it, or only looks at it.
enum class SheetUse { draw, read, look };

/// Where the pointer is, in pixels and in metres.
struct Pointing {
    QPointF at;
    Vec2 place;
    Qt::KeyboardModifiers modifiers;
};

/// Tools of one group stand side by side.
enum class ToolGroup { select, rooms, openings, places, measures };

/// How a tool is offered. Without a command it is only taken up by others.
struct ToolTraits {
    const char* name;  ///< on its button
    ToolGroup group = ToolGroup::select;
    const char* command = nullptr;  ///< in the palette
    const char* icon = nullptr;
    const char* key = nullptr;
    const char* tip = nullptr;   ///< what it is for
    const char* also = nullptr;  ///< the trade's other words for it
};

class SheetTool : public QObject {
    Q_OBJECT
 public:
    SheetTool(Sheet& sheet, const ToolTraits& traits, SheetUse use = SheetUse::draw);

    const ToolTraits& traits() const { return traits_; }
    /// The desks that it is used on.
    SheetUse use() const { return use_; }
    /// Whether it is the one in hand where no other is.
    virtual bool rests() const { return false; }
    virtual Qt::CursorShape cursor() const { return Qt::CrossCursor; }
    /// Whether the value under the pointer is shown meanwhile.
    virtual bool shows_values() const { return false; }

    // The left button
    virtual void press(const Pointing& pointing) = 0;
    virtual void move(const Pointing&) {}
    virtual void release(const Pointing&) {}
    virtual void double_click(const Pointing& pointing) { press(pointing); }
    /// False where the key is none of its own.
    virtual bool key(const QKeyEvent&) { return false; }

    /// Gives up what is begun; false where nothing is.
    virtual bool cancel() { return false; }
    /// One line: what to do next.
    virtual QString hint() const = 0;
    /// What it shows over the drawing.
    virtual void paint(QPainter&) const {}

    /// What can be typed beside the pointer now.
    struct Typing {
        QString first, second;  ///< titles; no second where one figure is enough
        Unit second_unit = Unit::degree;
    };
    virtual std::optional<Typing> typing() const { return {}; }
    virtual void typed(double, std::optional<double>) {}

 protected:
    Sheet& sheet() const { return sheet_; }

 private:
    Sheet& sheet_;
    const ToolTraits& traits_;
    SheetUse use_;
};

using MakeTool = SheetTool* (*)(Sheet& sheet);

}  // namespace wp::gui
