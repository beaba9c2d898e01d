// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/commands/commands.h"

#include <QWidget>
#include <algorithm>

namespace wp::gui {

QString words_of(CommandGroup group) {
    switch (group) {
        case CommandGroup::project:
            return QObject::tr("Project");
        case CommandGroup::desks:
            return QObject::tr("Desks");
        case CommandGroup::draw:
            return QObject::tr("Draw");
        case CommandGroup::edit:
            return QObject::tr("Edit");
        case CommandGroup::building:
            return QObject::tr("Building");
        case CommandGroup::view:
            return QObject::tr("View");
        case CommandGroup::light:
            return QObject::tr("Light");
        case CommandGroup::site:
            return QObject::tr("Site");
    }
    return {};
}

Commands::Commands(QWidget& window) : QObject(&window), window_(window) {}

QAction* Commands::take(CommandGroup group, QAction* action, const QString& also) {
    window_.addAction(action);
    all_.push_back({action, group, also});
    return action;
}

QAction* Commands::add(CommandGroup group, const QString& text, const QKeySequence& keys, std::function<void()> run,
                       const QString& also) {
    auto* action = new QAction(text, &window_);
    action->setShortcut(keys);
    connect(action, &QAction::triggered, this, [run = std::move(run)] { run(); });
    return take(group, action, also);
}

QAction* Commands::add_switch(CommandGroup group, const QString& text, const QKeySequence& keys, bool on,
                              std::function<void(bool)> run, const QString& also) {
    auto* action = new QAction(text, &window_);
    action->setShortcut(keys);
    action->setCheckable(true);
    action->setChecked(on);
    connect(action, &QAction::toggled, this, [run = std::move(run)](bool now) { run(now); });
    return take(group, action, also);
}

QAction* Commands::find(const QString& text) const {
    const auto at = std::find_if(all_.begin(), all_.end(), [&](const Command& c) { return c.action->text() == text; });
    return at != all_.end() ? at->action : nullptr;
}

}  // namespace wp::gui
