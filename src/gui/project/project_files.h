// SPDX-License-Identifier: GPL-3.0-or-later
// The project as a file: new, open, save, what was open lately, and unsaved work that outlives a run.
#pragma once
#include <QMenu>
#include <QObject>
#include <QTimer>
#include <filesystem>

#include "gui/desk/desktop.h"
#include "gui/work/behind.h"
#include "store/recovery.h"

namespace wp::gui {

class ProjectFiles : public QObject {
    Q_OBJECT
 public:
    explicit ProjectFiles(Desktop& desktop);

    /// Where unsaved work is kept.
    static std::filesystem::path unsaved_folder();

    /// Opens a project; a fault is said and returned.
    Outcome open(const std::filesystem::path& path);
    bool save();
    /// Asks what to do with unsaved changes; false: stay.
    bool may_lose_changes();
    /// Says why a project was not opened, and offers a way on.
    void tell_not_opened(const Fault& fault);
    /// Asks about unsaved work of runs that ended without saving.
    void offer_leftovers();
    /// The commands, for the project's menu.
    void fill_menu(QMenu& menu);

 private:
    enum class Outside { keep_mine, mine_elsewhere, cancel };
    Outside ask_about_outside();
    bool save_as();
    void ask_open();
    void export_option();
    void save_view();
    void remember_recent();
    void fill_recent();
    void watch();
    Document& document() const { return desktop_.document(); }

    Desktop& desktop_;
    QMenu* recent_ = nullptr;
    std::optional<std::pair<Vec2, Vec2>> section_;  // drawn last
    struct Unsaved {
        std::shared_ptr<const model::Project> project;  ///< null: nothing is unsaved
        std::filesystem::path path;
    };
    Outcome keep(const Unsaved& unsaved);
    std::mutex recovery_mutex_;
    store::Recovery recovery_{unsaved_folder()};
    QTimer keep_pause_;
    Behind<Unsaved, Outcome> keeper_;  // last: it ends before what it works with
};

}  // namespace wp::gui
