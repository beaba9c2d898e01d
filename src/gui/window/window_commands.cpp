// SPDX-License-Identifier: GPL-3.0-or-later
// The window's commands: files, undo, options, shortcuts.
#include <QAction>
#include <QFileDialog>
#include <QMenu>
#include <QMessageBox>
#include <QSettings>

#include "gui/look/look.h"
#include "gui/saving/save.h"
#include "gui/window/window.h"

namespace wp::gui {

namespace {

constexpr int kRecent = 8;
const auto kRecentKey = QStringLiteral("recent");
const auto kFilter = QStringLiteral("Warm Pane projects (*.warmpane);;All files (*)");

}  // namespace

QAction* Window::add_action(const QString& text, const QKeySequence& keys, std::function<void()> run) {
    auto* action = new QAction(text, this);
    action->setShortcut(keys);
    connect(action, &QAction::triggered, this, std::move(run));
    addAction(action);
    return action;
}

void Window::build_actions() {
    QMenu* menu = project_menu_;
    menu->addAction(add_action(QStringLiteral("New"), QKeySequence::New, [this] {
        if (may_lose_changes()) document_.start_new();
    }));
    menu->addAction(add_action(QStringLiteral("Open\u2026"), QKeySequence::Open, [this] { ask_open(); }));
    recent_menu_ = menu->addMenu(QStringLiteral("Recent"));
    connect(recent_menu_, &QMenu::aboutToShow, this, &Window::fill_recent);
    menu->addAction(add_action(QStringLiteral("Save"), QKeySequence::Save, [this] { save(); }));
    menu->addAction(add_action(QStringLiteral("Save as\u2026"), QKeySequence(QStringLiteral("Ctrl+Shift+S")),
                               [this] { save_as(); }));
    menu->addSeparator();
    QAction* undo = document_.undo_stack().createUndoAction(this, QStringLiteral("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = document_.undo_stack().createRedoAction(this, QStringLiteral("Redo"));
    redo->setShortcuts({QKeySequence(QStringLiteral("Ctrl+Y")), QKeySequence(QStringLiteral("Ctrl+Shift+Z"))});
    for (QAction* action : {undo, redo}) {
        addAction(action);
        menu->addAction(action);
    }
    menu->addSeparator();
    QAction* hold = add_action(QStringLiteral("Hold automatic work"), QKeySequence(QStringLiteral("H")), {});
    hold->setCheckable(true);
    hold->disconnect();
    connect(hold, &QAction::toggled, this, [this](bool on) {
        asker_.hold(on);
        hold_->setChecked(on);
        refresh_answers();
    });
    connect(hold_, &QToolButton::toggled, hold, &QAction::setChecked);
    menu->addAction(hold);
    QAction* dark = add_action(QStringLiteral("Dark paper"), {}, {});
    dark->setCheckable(true);
    dark->setChecked(current_paper() == Paper::dark);
    dark->disconnect();
    connect(dark, &QAction::toggled, this, [this](bool on) {
        apply_look(*qApp, on ? Paper::dark : Paper::light);
        QSettings().setValue(QStringLiteral("dark"), on);
        renew_icons(*this);
        kept_.tell();
        for (QWidget* widget : findChildren<QWidget*>()) widget->update();
    });
    menu->addAction(dark);
    menu->addAction(
        add_action(QStringLiteral("Shortcuts"), QKeySequence(QStringLiteral("F1")), [this] { show_shortcuts(); }));
    menu->addSeparator();
    menu->addAction(add_action(QStringLiteral("Quit"), QKeySequence::Quit, [this] { close(); }));

    static constexpr const char* desks[] = {"Site desk", "Build desk", "Light desk", "Compare desk", "Certify desk"};
    for (int i = 0; i < 5; ++i)
        add_action(QString::fromLatin1(desks[i]), QKeySequence(QStringLiteral("Ctrl+%1").arg(i + 1)),
                   [this, i] { show_desk(static_cast<Desk>(i)); });
    const auto tool = [this](const char* name, const char* key, Tool which) {
        add_action(QString::fromLatin1(name), QKeySequence(QString::fromLatin1(key)), [this, which] {
            show_desk(Desk::build);
            sheet_->set_tool(which);
            sheet_->setFocus();
        });
    };
    tool("Select", "S", Tool::select);
    tool("Draw room by rectangle", "R", Tool::rectangle);
    tool("Draw room by outline", "O", Tool::outline);
    tool("Place window", "W", Tool::window);
    tool("Place door", "D", Tool::door);
    tool("Place opening", "G", Tool::opening);
    tool("Place observer", "E", Tool::observer);
    tool("Draw partition", "P", Tool::partition);
    tool("Draw floor void", "V", Tool::floor_void);
    tool("Place rooflight", "K", Tool::rooflight);
    tool("Split room", "X", Tool::split);
    tool("Place dimension", "N", Tool::dimension);
    tool("Measure", "M", Tool::measure);
    tool("Cut section", "C", Tool::section);
    add_action(QStringLiteral("Fit the sheet"), QKeySequence(QStringLiteral("F")), [this] { sheet_->fit(); });
    add_action(QStringLiteral("Run the year"), QKeySequence(QStringLiteral("Y")), [this] { run_year(); });
    add_action(QStringLiteral("Look through the observer"), QKeySequence(QStringLiteral("L")), [this] {
        show_eye(true);
        asker_.ask_glare(document_.selection().id);
    });
}

void Window::show_shortcuts() {
    QString text = QStringLiteral("<table cellspacing=\"4\">");
    int column = 0;
    for (const QAction* action : actions()) {
        if (action->shortcut().isEmpty() || action->text().isEmpty()) continue;
        if (column % 2 == 0) text += QStringLiteral("<tr>");
        text += QStringLiteral("<td><b>%1</b>&nbsp;</td><td>%2&nbsp;&nbsp;&nbsp;</td>")
                    .arg(action->shortcut().toString(QKeySequence::NativeText).toHtmlEscaped(),
                         QString(action->text()).remove(QLatin1Char('&')).toHtmlEscaped());
        if (++column % 2 == 0) text += QStringLiteral("</tr>");
    }
    text += QStringLiteral(
        "</table><p>While drawing: digits open the entry for lengths and angles (Tab between them), A draws an arc, "
        "Backspace takes the last point back, Enter closes, Escape leaves.<br>"
        "On the sheet: arrows nudge by a grid step, with Shift by 1 cm; Ctrl+drag copies; Shift+click adds; "
        "double-click on a wall makes a corner.<br>"
        "Up and Down in a figure change it by a step; figures take units and arithmetic (12'6\", 3*0.9).</p>");
    QMessageBox box(QMessageBox::NoIcon, QStringLiteral("Shortcuts"), text, QMessageBox::Close, this);
    box.setTextFormat(Qt::RichText);
    box.exec();
}

Outcome Window::open(const std::filesystem::path& path) {
    const auto fault = document_.open(path);
    if (fault) {
        hint_->setText(QString::fromStdString(fault->line()));
        return fault;
    }
    remember_recent();
    sheet_->fit();
    if (document_.weather_fault()) hint_->setText(QString::fromStdString(document_.weather_fault()->line()));
    return {};
}

bool Window::may_lose_changes() {
    if (!document_.is_changed()) return true;
    QMessageBox box(QMessageBox::Question, QStringLiteral("Unsaved changes"),
                    QStringLiteral("The project has changes that are not saved."),
                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, this);
    box.setDefaultButton(QMessageBox::Save);
    const int answer = box.exec();
    if (answer == QMessageBox::Save) return save();
    return answer == QMessageBox::Discard;
}

bool Window::save() {
    if (document_.path().empty()) return save_as();
    if (document_.changed_outside()) {
        switch (ask_about_outside()) {
            case Outside::keep_mine:
                break;
            case Outside::mine_elsewhere:
                return save_as();
            case Outside::cancel:
                return false;
        }
    }
    if (const auto fault = document_.save(document_.path())) {
        QMessageBox::warning(this, QStringLiteral("Not saved"), QString::fromStdString(fault->line()));
        return false;
    }
    hint_->setText(QStringLiteral("Saved"));
    remember_recent();
    return true;
}

// Somebody else, or a second window, saved the same project meanwhile.
Window::Outside Window::ask_about_outside() {
    QMessageBox box(QMessageBox::Question, QStringLiteral("Changed outside"),
                    QStringLiteral("%1 was changed by another program since it was opened or saved here.")
                        .arg(QString::fromStdString(document_.path().filename().string())),
                    QMessageBox::NoButton, this);
    box.setInformativeText(
        QStringLiteral("Saving over it takes away what was changed there. Saved under another name, both are kept."));
    auto* elsewhere = box.addButton(QStringLiteral("Save mine under another name\u2026"), QMessageBox::AcceptRole);
    auto* over = box.addButton(QStringLiteral("Save mine over it"), QMessageBox::DestructiveRole);
    box.addButton(QStringLiteral("Do not save"), QMessageBox::RejectRole);
    box.setDefaultButton(elsewhere);
    box.exec();
    return box.clickedButton() == elsewhere ? Outside::mine_elsewhere
           : box.clickedButton() == over    ? Outside::keep_mine
                                            : Outside::cancel;
}

bool Window::save_as() {
    const QString file = file_to_write(this, QStringLiteral("Save project"), kFilter, QStringLiteral(".warmpane"));
    if (file.isEmpty()) return false;
    if (const auto fault = document_.save(file.toStdString())) {
        QMessageBox::warning(this, QStringLiteral("Not saved"), QString::fromStdString(fault->line()));
        return false;
    }
    remember_recent();
    return true;
}

void Window::ask_open() {
    if (!may_lose_changes()) return;
    const QString file = QFileDialog::getOpenFileName(this, QStringLiteral("Open project"), {}, kFilter);
    if (file.isEmpty()) return;
    if (const auto fault = open(file.toStdString()))
        QMessageBox::warning(this, QStringLiteral("Not opened"), QString::fromStdString(fault->line()));
}

void Window::remember_recent() {
    QSettings settings;
    QStringList recent = settings.value(kRecentKey).toStringList();
    const QString path = QString::fromStdString(std::filesystem::absolute(document_.path()).string());
    recent.removeAll(path);
    recent.prepend(path);
    while (recent.size() > kRecent) recent.removeLast();
    settings.setValue(kRecentKey, recent);
}

void Window::fill_recent() {
    recent_menu_->clear();
    for (const QString& path : QSettings().value(kRecentKey).toStringList())
        connect(recent_menu_->addAction(path), &QAction::triggered, this, [this, path] {
            if (!may_lose_changes()) return;
            if (const auto fault = open(path.toStdString()))
                QMessageBox::warning(this, QStringLiteral("Not opened"), QString::fromStdString(fault->line()));
        });
    if (recent_menu_->isEmpty()) recent_menu_->addAction(QStringLiteral("Nothing yet"))->setEnabled(false);
}

void Window::add_option() {
    document_.edit(QStringLiteral("New option"), [&](model::Project& project) {
        model::Option option = project.options[document_.option_index()];
        int n = static_cast<int>(project.options.size()) + 1;
        while (model::find(project.options, "option-" + std::to_string(n)) != nullptr) ++n;
        option.id = "option-" + std::to_string(n);
        option.name += ", varied";
        option.extra.clear();
        project.options.push_back(std::move(option));
    });
    document_.show_option(document_.project().options.size() - 1);
    document_.select({});
    hint_->setText(
        QStringLiteral("A new option, the same as the last: change it, and compare them on the Compare desk"));
}

}  // namespace wp::gui
