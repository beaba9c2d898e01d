// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/commands/commands.h"

#include <QWidget>
#include <algorithm>

namespace wp::gui {

QString words_of(CommandGroup group) {
    switch (group) {
        case CommandGroup::project:
            return QStringLiteral("Project");
        case CommandGroup::desks:
            return QStringLiteral("Desks");
        case CommandGroup::draw:
            return QStringLiteral("Draw");
        case CommandGroup::edit:
            return QStringLiteral("Edit");
        case CommandGroup::building:
            return QStringLiteral("Building");
        case CommandGroup::view:
            return QStringLiteral("View");
        case CommandGroup::light:
            return QStringLiteral("Light");
        case CommandGroup::site:
            return QStringLiteral("Site");
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
