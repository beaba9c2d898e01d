// SPDX-License-Identifier: GPL-3.0-or-later
// The catalogue of what can be done: each command has its words, its keys and the group it belongs to. Menus, palette,
// and the sheet of shortcuts are made from it, so that a key that a text names is the key that works.
#pragma once
#include <QAction>
#include <QObject>
#include <functional>
#include <vector>

namespace wp::gui {

/// Where a command stands in the sheet of shortcuts.
enum class CommandGroup { project, desks, draw, edit, building, view, light, site };
QString words_of(CommandGroup group);

class Commands : public QObject {
    Q_OBJECT
 public:
    /// Keys work in that window.
    explicit Commands(QWidget& window);

    struct Command {
        QAction* action;
        CommandGroup group;
        QString also;  ///< the trade's other words for it, for searching
    };
    /// keys may be empty.
    QAction* add(CommandGroup group, const QString& text, const QKeySequence& keys, std::function<void()> run,
                 const QString& also = {});
    /// One that is on or off.
    QAction* add_switch(CommandGroup group, const QString& text, const QKeySequence& keys, bool on,
                        std::function<void(bool)> run, const QString& also = {});
    /// One that is made elsewhere.
    QAction* take(CommandGroup group, QAction* action, const QString& also = {});
    const std::vector<Command>& all() const { return all_; }
    /// By its words; null where there is none.
    QAction* find(const QString& text) const;

 private:
    QWidget& window_;
    std::vector<Command> all_;
};

}  // namespace wp::gui
