// SPDX-License-Identifier: GPL-3.0-or-later
// The window's own commands: undo, holding work, paper, options, finding, shortcuts, jobs.
#include <QMessageBox>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QStatusBar>
#include <QToolButton>

#include "edit/options.h"
#include "gui/check/model_check.h"
#include "gui/commands/palette.h"
#include "gui/jobs/jobs_panel.h"
#include "gui/jobs/machines_panel.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/window/language_menu.h"
#include "gui/window/window.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

void go_to(Desktop& desktop, const Selection& item) {
    desktop.sheet().reveal(item);
    desktop.document().select(item);
    if (item.kind == Selection::Kind::storey)
        desktop.document().show_storey(edit::storey_of(desktop.document().option(), item));
}

void open_palette(Desktop& desktop) {
    std::vector<Palette::Entry> commands;
    for (const auto& command : desktop.commands().all()) {
        QAction* action = command.action;
        if (action->text().isEmpty() || !action->isEnabled()) continue;
        commands.push_back({QString(action->text()).remove(QLatin1Char('&')),
                            action->shortcut().toString(QKeySequence::NativeText), [action] { action->trigger(); },
                            command.also});
    }
    for (auto& entry : desktop.found()) commands.push_back(std::move(entry));
    const auto things = [&desktop](const QString& typed) {
        std::vector<Palette::Entry> out;
        for (const Selection& item : edit::find_by_name(desktop.document().option(), typed.toStdString())) {
            if (out.size() >= 30) break;
            out.push_back({language::words(edit::item_name(desktop.document().option(), item)),
                           language::words(edit::kind_word(item.kind)), [&desktop, item] { go_to(desktop, item); }});
        }
        return out;
    };
    auto* palette = new Palette(std::move(commands), things, desktop.window());
    palette->setAttribute(Qt::WA_DeleteOnClose);
    palette->show();
}

// Pages and companions, of whichever desk.
std::vector<Palette::Entry> pages_found(Desktop& desktop) {
    std::vector<Palette::Entry> out;
    for (const Page& page : desktop.pages())
        out.push_back({page.title, QObject::tr("page"), [&desktop, page] { desktop.go_to_page(page); }, page.tip});
    for (const Page& page : desktop.companions())
        out.push_back({page.title, QObject::tr("companion"), [&desktop, page] { desktop.show_companion(page.widget); },
                       page.tip});
    return out;
}

// Group by group, in the order in which they were made.
QString shortcut_table(const Commands& commands) {
    QString text = QStringLiteral("<table cellspacing=\"3\">");
    for (const CommandGroup group :
         {CommandGroup::project, CommandGroup::desks, CommandGroup::draw, CommandGroup::edit, CommandGroup::building,
          CommandGroup::view, CommandGroup::light, CommandGroup::site}) {
        QString rows;
        int column = 0;
        for (const auto& command : commands.all()) {
            if (command.group != group || command.action->shortcut().isEmpty()) continue;
            if (column % 3 == 0) rows += QStringLiteral("<tr>");
            rows += QStringLiteral("<td><b>%1</b>&nbsp;</td><td>%2&nbsp;&nbsp;&nbsp;</td>")
                        .arg(command.action->shortcut().toString(QKeySequence::NativeText).toHtmlEscaped(),
                             QString(command.action->text()).remove(QLatin1Char('&')).toHtmlEscaped());
            if (++column % 3 == 0) rows += QStringLiteral("</tr>");
        }
        if (column % 3 != 0) rows += QStringLiteral("</tr>");
        if (!rows.isEmpty())
            text += QStringLiteral("<tr><td colspan=\"6\"><br><u>%1</u></td></tr>").arg(words_of(group)) + rows;
    }
    return text + QStringLiteral("</table>");
}

void show_shortcuts(Desktop& desktop) {
    QMessageBox box(QMessageBox::NoIcon, QObject::tr("Shortcuts"), shortcut_table(desktop.commands()),
                    QMessageBox::Close, desktop.window());
    box.setTextFormat(Qt::RichText);
    box.setInformativeText(QObject::tr(
        "While drawing: digits open the entry for lengths and angles (Tab between them), A draws an arc, Backspace "
        "takes the last point back, Enter closes, Escape leaves.\n"
        "On the sheet: arrows nudge by a grid step, with Shift by 1 cm; Ctrl+drag copies; Shift+click adds; "
        "double-click on a wall makes a corner. Enter pins the value under the pointer, with what it is made of. "
        "Holding "
        "Space shows the map as it was before the last edit.\n"
        "In a figure: Up and Down change it by a step; units and arithmetic are understood (12'6\", 3*0.9)."));
    box.exec();
}

}  // namespace

void Window::build_commands(QMenu& menu) {
    auto& commands = desktop_.commands();
    files_.fill_menu(menu);
    menu.addSeparator();
    QAction* undo = document().undo_stack().createUndoAction(this, QObject::tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = document().undo_stack().createRedoAction(this, QObject::tr("Redo"));
    redo->setShortcuts({QKeySequence(QStringLiteral("Ctrl+Y")), QKeySequence(QStringLiteral("Ctrl+Shift+Z"))});
    for (QAction* action : {undo, redo}) menu.addAction(commands.take(CommandGroup::edit, action));
    menu.addSeparator();
    if (QAction* hold = commands.find(QObject::tr("Hold automatic work"))) menu.addAction(hold);
    menu.addAction(commands.add_switch(
        CommandGroup::view, QObject::tr("Dark paper"), {}, current_paper() == Paper::dark,
        [this](bool on) { use_dark_paper(on); }, QObject::tr("night theme colours")));
    add_language_menu(menu, desktop_);
    menu.addAction(commands.add(
        CommandGroup::project, QObject::tr("Shortcuts"), QKeySequence(QStringLiteral("F1")),
        [this] { show_shortcuts(desktop_); }, QObject::tr("keys help")));
    menu.addSeparator();
    menu.addAction(commands.add(CommandGroup::project, QObject::tr("Quit"), QKeySequence::Quit, [this] { close(); }));
    const auto find = [this] { open_palette(desktop_); };
    commands.add(CommandGroup::project, QObject::tr("Find or do\u2026"), QKeySequence(QStringLiteral("Ctrl+Space")),
                 find);
    commands.add(CommandGroup::project, QObject::tr("Find by name\u2026"), QKeySequence(QStringLiteral("Ctrl+F")),
                 find);
    commands.add(
        CommandGroup::view, QObject::tr("Fit the sheet"), QKeySequence(QStringLiteral("F")),
        [this] { sheet().fit_on(); }, QObject::tr("zoom extents all surroundings"));
    desktop_.add_finder([this] { return pages_found(desktop_); });
    commands.add(
        CommandGroup::project, QObject::tr("Jobs and answers"), QKeySequence(QStringLiteral("Ctrl+J")),
        [this] { show_jobs(); }, QObject::tr("queue progress runs"));
    commands.add(
        CommandGroup::project, QObject::tr("Many machines"), {}, [this] { show_machines(*this); },
        QObject::tr("hosts processes cluster settings"));
}

void Window::build_hold(QBoxLayout& row) {
    auto* button = icon_button("pause", "hold",
                               QObject::tr("Hold automatic work (H): maps stay as they are until it is released"));
    button->setCheckable(true);
    QAction* hold = desktop_.commands().add_switch(
        CommandGroup::project, QObject::tr("Hold automatic work"), QKeySequence(QStringLiteral("H")), false,
        [this, button](bool on) {
            asker().hold(on);
            button->setChecked(on);
        },
        QObject::tr("pause stop"));
    connect(button, &QToolButton::toggled, hold, &QAction::setChecked);
    row.addWidget(button);
}

void Window::use_dark_paper(bool on) {
    apply_look(*qApp, on ? Paper::dark : Paper::light);
    QSettings().setValue(QStringLiteral("dark"), on);
    renew_icons(*this);
    answers().tell();
    for (QWidget* widget : findChildren<QWidget*>()) widget->update();
}

void Window::add_option() {
    size_t made = 0;
    document().edit(QObject::tr("New option"), [&](model::Project& project) {
        const size_t index = document().option_index();
        made =
            edit::copy_option(project, index, project.options[index].name + QT_TRANSLATE_NOOP("QObject", ", varied"));
    });
    document().show_option(made);
    document().select({});
    desktop_.say(QObject::tr("A new option, the same as the last: change it, and compare them on the Compare desk"));
}

void Window::build_status() {
    hint_ = new QLabel;
    hint_->setObjectName(QStringLiteral("hint"));
    connect(&desktop_, &Desktop::said, hint_, &QLabel::setText);
    statusBar()->addWidget(hint_, 1);
    statusBar()->setSizeGripEnabled(false);
    statusBar()->setContentsMargins(space::small, 0, 0, 0);
    build_job_line();
    statusBar()->addPermanentWidget(part<ModelCheck>().button());
}

// Work in the background is told on every desk, where it is out of the way.
void Window::build_job_line() {
    auto* title = new QLabel;
    auto* progress = new QProgressBar;
    progress->setFixedWidth(160);
    progress->setTextVisible(false);
    progress->setObjectName(QStringLiteral("progress"));
    auto* cancel = new QPushButton(QObject::tr("Cancel"));
    set_icon(cancel, QStringLiteral("circle-stop"));
    cancel->setObjectName(QStringLiteral("cancel"));
    connect(cancel, &QPushButton::clicked, this, [this] { asker().cancel(); });
    auto* jobs = icon_button("list-todo", "show-jobs",
                             QObject::tr("Jobs and answers: what runs, what waits, what is kept (Ctrl+J)"));
    connect(jobs, &QToolButton::clicked, this, &Window::show_jobs);
    for (QWidget* part : {static_cast<QWidget*>(title), static_cast<QWidget*>(progress), static_cast<QWidget*>(cancel),
                          static_cast<QWidget*>(jobs)})
        statusBar()->addPermanentWidget(part);
    const auto follow = [this, title, progress, cancel] {
        const JobQueue& queue = asker().jobs();
        title->setText(queue.is_running() ? queue.title() : QString());
        progress->setVisible(queue.is_running());
        progress->setValue(static_cast<int>(100 * queue.share()));
        cancel->setVisible(queue.is_running());
    };
    connect(&asker().jobs(), &JobQueue::changed, this, follow);
    follow();
}

void Window::show_jobs() {
    auto* panel = findChild<JobsPanel*>();
    if (panel == nullptr) panel = new JobsPanel(document(), asker(), this);
    panel->show();
    panel->raise();
}

}  // namespace wp::gui
