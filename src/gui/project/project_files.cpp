// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/project/project_files.h"

#include <QFileDialog>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>

#include "gui/importing/import_dialog.h"
#include "gui/saving/save.h"
#include "outgoing/writer.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr int kRecent = 8;
const auto kRecentKey = QStringLiteral("recent");
QString project_filter() { return QObject::tr("Warm Pane projects (*.warmpane);;All files (*)"); }
constexpr int kKeepAfter = 1500;  // ms without a further edit

}  // namespace

std::filesystem::path ProjectFiles::unsaved_folder() {
    return std::filesystem::path(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation).toStdString()) /
           "unsaved";
}

ProjectFiles::ProjectFiles(Desktop& desktop)
    : QObject(desktop.window()),
      desktop_(desktop),
      keeper_(
          QT_TRANSLATE_NOOP("QObject", "Keeping unsaved work"), this,
          [this](const Unsaved& unsaved) { return keep(unsaved); },
          [this](const Outcome& fault) {
              if (fault) desktop_.say(QObject::tr("Unsaved work cannot be kept: %1").arg(language::line(*fault)));
          }) {
    watch();
    connect(&desktop.sheet(), &Sheet::section_drawn, this, [this](Vec2 a, Vec2 b) { section_ = {a, b}; });
}

// A disk may take its time: it is written in the background.
Outcome ProjectFiles::keep(const Unsaved& unsaved) {
    const std::lock_guard lock(recovery_mutex_);
    if (unsaved.project != nullptr) return recovery_.keep(*unsaved.project, unsaved.path);
    recovery_.drop();
    return {};
}

void ProjectFiles::fill_menu(QMenu& menu) {
    auto& commands = desktop_.commands();
    const auto add = [&](const QString& text, const QKeySequence& keys, std::function<void()> run) {
        menu.addAction(commands.add(CommandGroup::project, text, keys, std::move(run)));
    };
    add(QObject::tr("New"), QKeySequence::New, [this] {
        if (may_lose_changes()) document().start_new();
    });
    add(QObject::tr("Open\u2026"), QKeySequence::Open, [this] { ask_open(); });
    recent_ = menu.addMenu(QObject::tr("Recent"));
    connect(recent_, &QMenu::aboutToShow, this, &ProjectFiles::fill_recent);
    add(QObject::tr("Save"), QKeySequence::Save, [this] { save(); });
    add(QObject::tr("Save as\u2026"), QKeySequence(QStringLiteral("Ctrl+Shift+S")), [this] { save_as(); });
    menu.addAction(commands.add(
        CommandGroup::project, QObject::tr("Import a building\u2026"), QKeySequence(QStringLiteral("Ctrl+Shift+I")),
        [this] {
            if (const QString said = import_building(document(), desktop_.window()); !said.isEmpty())
                desktop_.say(said);
        },
        QObject::tr("IFC gbXML OBJ glTF mesh BIM model read")));
    menu.addAction(commands.add(
        CommandGroup::project, QObject::tr("Export this option\u2026"), {}, [this] { export_option(); },
        QObject::tr("IFC gbXML OBJ glTF DXF write out")));
    menu.addAction(commands.add(
        CommandGroup::project, QObject::tr("Save a view\u2026"), QKeySequence(QStringLiteral("Ctrl+Shift+P")),
        [this] { save_view(); }, QObject::tr("PNG SVG PDF picture plan section model print")));
}

Outcome ProjectFiles::open(const std::filesystem::path& path) {
    const auto fault = document().open(path);
    if (fault) {
        desktop_.say(language::line(*fault));
        return fault;
    }
    remember_recent();
    desktop_.sheet().fit();
    return {};
}

// With the map that is on the sheet, where the format has room for it.
void ProjectFiles::export_option() {
    QStringList filters;
    for (const auto& writer : outgoing::writers())
        filters << QStringLiteral("%1 (*%2)").arg(QString::fromLatin1(writer.name), QString::fromLatin1(writer.suffix));
    QString chosen = filters.front();
    const QString name = QFileDialog::getSaveFileName(desktop_.window(), QObject::tr("Export this option"),
                                                      QString::fromStdString(document().option().id + ".xml"),
                                                      filters.join(QStringLiteral(";;")), &chosen);
    if (name.isEmpty()) return;
    outgoing::Writing writing{document().project(), document().option(), {}};
    // Cut where it is cut on the screen.
    if (section_) writing.sections = {*section_};
    const SheetMap& map = desktop_.sheet().map();
    for (const auto& layer : map.layers)
        for (size_t i = 0; i < layer.plane.points.size() && i < layer.value.size(); ++i) {
            if (std::isnan(layer.value[i])) continue;
            const QColor c = map.scale.colour(layer.value[i]);
            writing.map.push_back({layer.plane.points[i], layer.plane.across * (layer.plane.dx / 2),
                                   layer.plane.up * (layer.plane.dy / 2), static_cast<float>(c.redF()),
                                   static_cast<float>(c.greenF()), static_cast<float>(c.blueF())});
        }
    if (const auto fault = outgoing::write_building(writing, name.toStdString()))
        return desktop_.say(language::line(*fault));
    desktop_.say(QObject::tr("%1 is written").arg(name));
}

// What is on the screen: the middle, what stands beside it, the page at the right.
void ProjectFiles::save_view() {
    std::vector<Takeaway> views;
    const auto add = [&](QWidget* view, const QString& title) {
        if (view != nullptr && view->isVisible() && !view->size().isEmpty()) views.push_back(takeaway_of(*view, title));
    };
    add(desktop_.desk().middle(), desktop_.desk().title());
    for (const Page& page : desktop_.companions())
        if (page.widget == desktop_.companion()) add(page.widget, page.title);
    for (const Page& page : desktop_.pages())
        if (page.widget == desktop_.page()) add(page.widget, page.title);
    save_out(desktop_.window(), views);
}

bool ProjectFiles::may_lose_changes() {
    if (!document().is_changed()) return true;
    QMessageBox box(QMessageBox::Question, QObject::tr("Unsaved changes"),
                    QObject::tr("The project has changes that are not saved."),
                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, desktop_.window());
    box.setDefaultButton(QMessageBox::Save);
    const int answer = box.exec();
    if (answer == QMessageBox::Save) return save();
    return answer == QMessageBox::Discard;
}

bool ProjectFiles::save() {
    if (document().path().empty()) return save_as();
    if (document().changed_outside()) {
        switch (ask_about_outside()) {
            case Outside::keep_mine:
                break;
            case Outside::mine_elsewhere:
                return save_as();
            case Outside::cancel:
                return false;
        }
    }
    if (const auto fault = document().save(document().path())) {
        QMessageBox::warning(desktop_.window(), QObject::tr("Not saved"), language::line(*fault));
        return false;
    }
    desktop_.say(QObject::tr("Saved"));
    remember_recent();
    return true;
}

// Somebody else, or a second window, saved the same project meanwhile.
ProjectFiles::Outside ProjectFiles::ask_about_outside() {
    QMessageBox box(QMessageBox::Question, QObject::tr("Changed outside"),
                    QObject::tr("%1 was changed by another program since it was opened or saved here.")
                        .arg(QString::fromStdString(document().path().filename().string())),
                    QMessageBox::NoButton, desktop_.window());
    box.setInformativeText(
        QObject::tr("Saving over it takes away what was changed there. Saved under another name, both are kept."));
    auto* elsewhere = box.addButton(QObject::tr("Save mine under another name\u2026"), QMessageBox::AcceptRole);
    auto* over = box.addButton(QObject::tr("Save mine over it"), QMessageBox::DestructiveRole);
    box.addButton(QObject::tr("Do not save"), QMessageBox::RejectRole);
    box.setDefaultButton(elsewhere);
    box.exec();
    return box.clickedButton() == elsewhere ? Outside::mine_elsewhere
           : box.clickedButton() == over    ? Outside::keep_mine
                                            : Outside::cancel;
}

bool ProjectFiles::save_as() {
    const QString file =
        file_to_write(desktop_.window(), QObject::tr("Save project"), project_filter(), QStringLiteral(".warmpane"));
    if (file.isEmpty()) return false;
    if (const auto fault = document().save(file.toStdString())) {
        QMessageBox::warning(desktop_.window(), QObject::tr("Not saved"), language::line(*fault));
        return false;
    }
    remember_recent();
    return true;
}

void ProjectFiles::ask_open() {
    if (!may_lose_changes()) return;
    const QString file =
        QFileDialog::getOpenFileName(desktop_.window(), QObject::tr("Open project"), {}, project_filter());
    if (file.isEmpty()) return;
    if (const auto fault = open(file.toStdString()))
        QMessageBox::warning(desktop_.window(), QObject::tr("Not opened"), language::line(*fault));
}

void ProjectFiles::remember_recent() {
    QSettings settings;
    QStringList recent = settings.value(kRecentKey).toStringList();
    const QString path = QString::fromStdString(std::filesystem::absolute(document().path()).string());
    recent.removeAll(path);
    recent.prepend(path);
    while (recent.size() > kRecent) recent.removeLast();
    settings.setValue(kRecentKey, recent);
}

void ProjectFiles::fill_recent() {
    recent_->clear();
    for (const QString& path : QSettings().value(kRecentKey).toStringList())
        connect(recent_->addAction(path), &QAction::triggered, this, [this, path] {
            if (!may_lose_changes()) return;
            if (const auto fault = open(path.toStdString()))
                QMessageBox::warning(desktop_.window(), QObject::tr("Not opened"), language::line(*fault));
        });
    if (recent_->isEmpty()) recent_->addAction(QObject::tr("Nothing yet"))->setEnabled(false);
}

void ProjectFiles::tell_not_opened(const Fault& fault) {
    QMessageBox box(QMessageBox::Warning, QObject::tr("Not opened"),
                    QStringLiteral("%1: %2.").arg(language::words(fault.place), language::words(fault.what)),
                    QMessageBox::NoButton, desktop_.window());
    box.setTextFormat(Qt::PlainText);
    box.setInformativeText(QObject::tr("%1. The file was left as it is.").arg(language::words(fault.remedy)));
    auto* other = box.addButton(QObject::tr("Open another\u2026"), QMessageBox::AcceptRole);
    box.addButton(QObject::tr("Begin a new project"), QMessageBox::RejectRole);
    box.exec();
    if (box.clickedButton() == other) ask_open();
}

void ProjectFiles::offer_leftovers() {
    for (const auto& leftover : store::find_leftovers(unsaved_folder())) {
        const QString name = leftover.project.empty() ? QObject::tr("an unnamed project")
                                                      : QString::fromStdString(leftover.project.filename().string());
        QMessageBox box(QMessageBox::Question, QObject::tr("Unsaved work found"),
                        QObject::tr("Warm Pane ended without saving %1 (last kept %2).")
                            .arg(name, QString::fromStdString(leftover.when)),
                        QMessageBox::NoButton, desktop_.window());
        auto* take = box.addButton(QObject::tr("Restore it"), QMessageBox::AcceptRole);
        auto* away = box.addButton(QObject::tr("Discard it"), QMessageBox::DestructiveRole);
        box.addButton(QObject::tr("Later"), QMessageBox::RejectRole);
        box.exec();
        if (box.clickedButton() == away) store::discard(leftover);
        if (box.clickedButton() != take) continue;
        const auto project = store::read_leftover(leftover);
        if (!project) continue;
        document().restore(*project, leftover.project);
        keep({document().snapshot(), document().path()});
        store::discard(leftover);
        desktop_.sheet().fit();
        return;
    }
}

void ProjectFiles::watch() {
    connect(&document(), &Document::weather_changed, this, [this] {
        if (document().weather_fault()) desktop_.say(language::line(*document().weather_fault()));
    });
    keep_pause_.setSingleShot(true);
    keep_pause_.setInterval(kKeepAfter);
    connect(&keep_pause_, &QTimer::timeout, this, [this] {
        keeper_.ask({document().is_changed() ? document().snapshot() : nullptr, document().path()});
    });
    connect(&document(), &Document::project_changed, this, [this] { keep_pause_.start(); });
    connect(&document(), &Document::path_changed, this, [this] { keep_pause_.start(); });
}

}  // namespace wp::gui
