// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/window/language_menu.h"

#include <QActionGroup>
#include <QCoreApplication>
#include <QMessageBox>
#include <QProcess>
#include <QPushButton>
#include <QSettings>
#include <filesystem>

#include "gui/desk/desktop.h"
#include "report/language/language.h"

namespace wp::gui {
namespace {

// The project goes with it; what is not saved is asked about first.
void start_again(Desktop& desktop) {
    const auto path = desktop.document().path();
    if (!desktop.window()->close()) return;
    QStringList arguments;
    if (!path.empty()) arguments << QString::fromStdString(std::filesystem::absolute(path).string());
    QProcess::startDetached(QCoreApplication::applicationFilePath(), arguments);
}

void choose(Desktop& desktop, const language::Language& language) {
    QSettings().setValue(QStringLiteral("language"), language.id);
    if (language.id == language::language_in_use()) return;
    QMessageBox box(QMessageBox::NoIcon, QObject::tr("Language"),
                    QObject::tr("Warm Pane speaks %1 from its next start on.").arg(language.name),
                    QMessageBox::NoButton, desktop.window());
    auto* now = box.addButton(QObject::tr("Start again now"), QMessageBox::AcceptRole);
    now->setObjectName(QStringLiteral("language-now"));
    box.addButton(QObject::tr("Not now"), QMessageBox::RejectRole)->setObjectName(QStringLiteral("language-later"));
    box.exec();
    if (box.clickedButton() == now) start_again(desktop);
}

}  // namespace

void add_language_menu(QMenu& menu, Desktop& desktop) {
    QMenu* languages = menu.addMenu(QObject::tr("Language"));
    auto* group = new QActionGroup(languages);
    for (const language::Language& language : language::languages()) {
        QAction* action = desktop.commands().add(
            CommandGroup::project, QObject::tr("Language: %1").arg(language.name), {},
            [&desktop, language] { choose(desktop, language); }, QStringLiteral("language Sprache locale translation"));
        action->setIconText(language.name);
        action->setObjectName(QStringLiteral("language-") + language.id);
        action->setCheckable(true);
        action->setChecked(language.id == language::language_in_use());
        group->addAction(action);
        languages->addAction(action);
    }
}

}  // namespace wp::gui
