// SPDX-License-Identifier: GPL-3.0-or-later
// The window: hosts the desks over one project, one selection, one moment, one option. What stands where is the desks'
// business; what there is, is listed in parts.cpp.
#pragma once
#include <QButtonGroup>
#include <QComboBox>
#include <QLabel>
#include <QMainWindow>
#include <QMenu>
#include <QSplitter>
#include <QStackedWidget>
#include <QTabWidget>

#include "gui/desk/desktop.h"
#include "gui/look/lamp.h"
#include "gui/project/project_files.h"

class QBoxLayout;
class QToolButton;

namespace wp::gui {

class Window : public QMainWindow {
    Q_OBJECT
 public:
    explicit Window(QWidget* parent = nullptr);
    ~Window() override;

    Desktop& desktop() { return desktop_; }
    /// Any part of the window by its type.
    template <class T>
    T& part() {
        return desktop_.part<T>();
    }
    Document& document() { return desktop_.document(); }
    KeptAnswers& answers() { return desktop_.answers(); }
    Asker& asker() { return desktop_.asker(); }
    Maps& maps() { return desktop_.maps(); }
    Sheet& sheet() { return desktop_.sheet(); }
    void show_desk(DeskKind desk) { desktop_.show_desk(desk); }
    Lamp& lamp() { return *lamp_; }

    /// Opens a project; a fault is said and returned.
    Outcome open(const std::filesystem::path& path) { return files_.open(path); }
    ProjectFiles& files() { return files_; }

 protected:
    void closeEvent(QCloseEvent*) override;
    void showEvent(QShowEvent*) override;

 private:
    QWidget* build_bar();
    QWidget* build_mishap_bar();
    QToolButton* build_menu();
    void build_desks(QBoxLayout& row);
    void build_options(QBoxLayout& row);
    void build_hold(QBoxLayout& row);
    QWidget* build_companions();
    QWidget* build_pages();
    void build_commands(QMenu& menu);
    void build_status();
    void build_job_line();
    void follow_desk();
    void lay_out();
    void follow_companion();
    void follow_page();
    void refresh_title();
    void refresh_options();
    void add_option();
    void use_dark_paper(bool on);
    void show_jobs();

    Desktop desktop_{*this};
    ProjectFiles files_{desktop_};
    QButtonGroup *desk_buttons_ = nullptr, *companion_buttons_ = nullptr;
    QComboBox* options_ = nullptr;
    QMenu* menu_ = nullptr;
    Lamp* lamp_ = nullptr;
    QLabel* hint_ = nullptr;
    QStackedWidget *bars_ = nullptr, *middles_ = nullptr, *sides_ = nullptr, *companions_ = nullptr;
    QSplitter* split_ = nullptr;
    QTabWidget* pages_ = nullptr;
};

}  // namespace wp::gui
