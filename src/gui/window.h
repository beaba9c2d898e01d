// SPDX-License-Identifier: GPL-3.0-or-later
// The window: five desks over one project, one selection, one moment, one option.
#pragma once
#include <QButtonGroup>
#include <QComboBox>
#include <QLabel>
#include <QMainWindow>
#include <QProgressBar>
#include <QPushButton>
#include <QSplitter>
#include <QStackedWidget>
#include <QToolButton>

#include "gui/asker.h"
#include "gui/certify/certify_panel.h"
#include "gui/companion/eye_view.h"
#include "gui/companion/model_view.h"
#include "gui/compare/compare_panel.h"
#include "gui/document.h"
#include "gui/inspector/inspector.h"
#include "gui/lamp.h"
#include "gui/sheet/sheet.h"
#include "gui/site/site_panel.h"
#include "gui/yearstrip/yearstrip.h"

namespace wp::gui {

enum class Desk { site, build, light, compare, certify };

class Window : public QMainWindow {
    Q_OBJECT
 public:
    explicit Window(QWidget* parent = nullptr);
    ~Window() override;

    /// Opens a project; a fault is shown and returned.
    Outcome open(const std::filesystem::path& path);
    void show_desk(Desk desk);
    void show_eye(bool on);
    void set_shown(Shown shown);

    Document& document() { return document_; }
    Asker& asker() { return asker_; }
    Sheet& sheet() { return *sheet_; }
    YearStrip& year_strip() { return *strip_; }
    Lamp& lamp() { return *lamp_; }

 protected:
    void closeEvent(QCloseEvent*) override;
    void showEvent(QShowEvent*) override;

 private:
    QWidget* build_bar();
    QWidget* build_tools();
    QWidget* build_light_bar();
    QWidget* build_companion();
    void build_job_line();
    void build_actions();
    QAction* add_action(const QString& text, const QKeySequence& keys, std::function<void()> run);
    void refresh_title();
    void refresh_options();
    void refresh_answers();
    void refresh_job();
    bool may_lose_changes();
    bool save();
    bool save_as();
    void ask_open();
    void fill_recent();
    void remember_recent();
    void add_option();
    void show_shortcuts();

    Document document_;
    Asker asker_;
    Desk desk_ = Desk::build;
    Shown shown_ = Shown::daylight_factor;
    Sheet* sheet_ = nullptr;
    ModelView* model_view_ = nullptr;
    EyeView* eye_view_ = nullptr;
    QStackedWidget* companion_views_ = nullptr;
    QStackedWidget* side_ = nullptr;
    QWidget *tools_ = nullptr, *light_bar_ = nullptr, *companion_ = nullptr;
    SitePanel* site_panel_ = nullptr;
    ComparePanel* compare_panel_ = nullptr;
    CertifyPanel* certify_panel_ = nullptr;
    Inspector* inspector_ = nullptr;
    YearStrip* strip_ = nullptr;
    Lamp* lamp_ = nullptr;
    QSplitter* middle_ = nullptr;
    QButtonGroup *desks_ = nullptr, *tool_buttons_ = nullptr, *companion_buttons_ = nullptr;
    QComboBox *options_ = nullptr, *shown_box_ = nullptr;
    QPushButton *run_year_ = nullptr, *cancel_ = nullptr;
    QProgressBar* progress_ = nullptr;
    QLabel *job_title_ = nullptr, *hint_ = nullptr;
    QMenu *project_menu_ = nullptr, *recent_menu_ = nullptr;
};

}  // namespace wp::gui
