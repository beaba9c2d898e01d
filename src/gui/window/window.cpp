// SPDX-License-Identifier: GPL-3.0-or-later
// What the window is made of; its commands are in window_commands.cpp.
#include "gui/window/window.h"

#include <QCloseEvent>
#include <QHBoxLayout>
#include <QMenu>
#include <QSplitter>
#include <QStatusBar>
#include <QVBoxLayout>

#include "base/parallel.h"
#include "gui/look/look.h"

namespace wp::gui {

Window::Window(QWidget* parent) : QMainWindow(parent) {
    keep_workers_behind();
    setMinimumSize(960, 640);
    resize(1280, 800);
    sheet_ = new Sheet(document_);
    strip_ = new YearStrip(document_, kept_);
    inspector_ = new Inspector(document_, kept_);
    site_panel_ = new SitePanel(document_);
    compare_panel_ = new ComparePanel(document_, kept_);
    certify_panel_ = new CertifyPanel(document_, kept_);
    lamp_ = new Lamp;

    auto* centre = new QWidget;
    auto* column = new QVBoxLayout(centre);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    hint_ = new QLabel;
    column->addWidget(build_bar());
    column->addWidget(build_mishap_bar());
    tools_ = build_tools();
    build_reading();
    build_middle();
    light_bar_ = build_light_bar();
    site_bar_ = build_site_bar();
    column->addWidget(tools_);
    column->addWidget(light_bar_);
    column->addWidget(site_bar_);

    side_ = new QStackedWidget;
    companion_ = build_companion();
    for (QWidget* page : {static_cast<QWidget*>(site_panel_), companion_, static_cast<QWidget*>(compare_panel_),
                          static_cast<QWidget*>(certify_panel_)})
        side_->addWidget(page);
    middle_ = new QSplitter(Qt::Horizontal);
    middle_->setChildrenCollapsible(false);
    middle_->addWidget(middle_views_);
    middle_->addWidget(side_);
    right_ = build_right();
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    row->addWidget(middle_, 1);
    row->addWidget(right_);
    column->addLayout(row, 1);
    column->addWidget(strip_);
    setCentralWidget(centre);
    hint_->setObjectName(QStringLiteral("hint"));
    statusBar()->addWidget(hint_, 1);
    statusBar()->setSizeGripEnabled(false);
    statusBar()->setContentsMargins(space::small, 0, 0, 0);
    build_job_line();
    build_actions();
    build_building_actions();
    build_matter_actions();
    build_views();
    build_recovery();

    connect(sheet_, &Sheet::hint, hint_, &QLabel::setText);
    connect(sheet_, &Sheet::tool_changed, this, [this](Tool tool) {
        if (auto* button = tool_buttons_->button(static_cast<int>(tool))) button->setChecked(true);
    });
    connect(&asker_, &Asker::said, hint_, &QLabel::setText);
    connect(&asker_.jobs(), &JobQueue::changed, this, &Window::refresh_job);
    connect(eye_view_, &EyeView::ask, this, [this] { asker_.ask_glare(document_.selection().id); });
    connect(inspector_, &Inspector::ask_glare, this, [this](const QString& id, int heading) {
        show_eye(true);
        asker_.ask_glare(id.toStdString(), heading);
    });
    connect(inspector_, &Inspector::area_wanted, this, [this](const QString& id, bool out) {
        sheet_->draw_area(id.toStdString(), out ? Sheet::AreaOf::left_out : Sheet::AreaOf::plane);
    });
    connect(inspector_, &Inspector::aim_wanted, this,
            [this](const QString& id) { sheet_->aim_observer(id.toStdString()); });
    connect(certify_panel_, &CertifyPanel::ask_year, this, [this] { asker_.ask_year(); });
    connect(compare_panel_, &ComparePanel::ask_all, this, [this] { asker_.ask_all(); });
    connect(&kept_, &KeptAnswers::changed, this, &Window::refresh_answers);
    connect(&document_, &Document::project_changed, this, &Window::refresh_options);
    connect(&document_, &Document::project_changed, this, &Window::refresh_answers);
    connect(&document_, &Document::path_changed, this, &Window::refresh_title);
    connect(&document_.undo_stack(), &QUndoStack::cleanChanged, this, &Window::refresh_title);
    refresh_title();
    refresh_options();
    refresh_job();
    show_desk(Desk::build);
    sheet_->set_tool(Tool::select);
}

// Pages say goodbye while what they speak to is still there.
Window::~Window() { hide(); }

QWidget* Window::build_bar() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, space::tight, space::small, space::tight);
    row->setSpacing(space::tight);
    auto* menu = new QToolButton;
    menu->setText(QStringLiteral("Project"));
    menu->setObjectName(QStringLiteral("project-menu"));
    menu->setPopupMode(QToolButton::InstantPopup);
    project_menu_ = new QMenu(menu);
    menu->setMenu(project_menu_);
    row->addWidget(menu);
    row->addSpacing(space::large);
    desks_ = new QButtonGroup(this);
    static constexpr const char* names[] = {"Site", "Build", "Light", "Compare", "Certify"};
    for (int i = 0; i < 5; ++i) {
        auto* button = new QToolButton;
        button->setText(QString::fromLatin1(names[i]));
        button->setCheckable(true);
        button->setObjectName(QStringLiteral("desk-%1").arg(button->text().toLower()));
        button->setToolTip(QStringLiteral("%1 desk (Ctrl+%2)").arg(button->text()).arg(i + 1));
        desks_->addButton(button, i);
        row->addWidget(button);
    }
    connect(desks_, &QButtonGroup::idClicked, this, [this](int id) { show_desk(static_cast<Desk>(id)); });
    row->addStretch(1);
    auto* title = new QLabel(QStringLiteral("Option"));
    title->setProperty("role", QStringLiteral("small"));
    row->addWidget(title);
    options_ = new QComboBox;
    options_->setObjectName(QStringLiteral("options"));
    options_->setAccessibleName(QStringLiteral("Option"));
    options_->setMinimumWidth(190);
    connect(options_, &QComboBox::activated, this, [this](int i) { document_.show_option(static_cast<size_t>(i)); });
    row->addWidget(options_);
    auto* add = new QToolButton;
    set_icon(add, QStringLiteral("copy-plus"));
    add->setToolTip(QStringLiteral("New option from this one"));
    add->setAccessibleName(QStringLiteral("New option"));
    connect(add, &QToolButton::clicked, this, &Window::add_option);
    row->addWidget(add);
    row->addSpacing(space::medium);
    hold_ = new QToolButton;
    set_icon(hold_, QStringLiteral("pause"));
    hold_->setCheckable(true);
    hold_->setObjectName(QStringLiteral("hold"));
    hold_->setAccessibleName(QStringLiteral("Hold automatic work"));
    hold_->setToolTip(QStringLiteral("Hold automatic work (H): maps stay as they are until it is released"));
    row->addWidget(hold_);
    row->addWidget(lamp_);
    return bar;
}

QWidget* Window::build_tools() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, 0, space::small, space::tight);
    row->setSpacing(space::tight);
    tool_buttons_ = new QButtonGroup(this);
    struct Entry {
        Tool tool;
        const char *name, *icon, *key, *tip;
        bool named;
    };
    for (const Entry& e :
         {Entry{Tool::select, "Select", "mouse-pointer-2", "S", "Select, move and reshape", true},
          Entry{Tool::rectangle, "Room", "square-dashed", "R", "Draw a rectangular room", true},
          Entry{Tool::outline, "Outline", "pentagon", "O", "Draw a room corner by corner", true},
          Entry{Tool::window, "Window", "grid-2x2", "W", "Place windows on walls", true},
          Entry{Tool::door, "Door", "door-closed", "D", "Place doors on walls", true},
          Entry{Tool::opening, "Opening", "door-open", "G", "Place openings without a leaf on walls", false},
          Entry{Tool::partition, "Partition", "fence", "P", "Draw a free-standing or partial-height wall", false},
          Entry{Tool::floor_void, "Floor void", "square-dashed-x", "V", "Open the floor to the room below", false},
          Entry{Tool::rooflight, "Rooflight", "panel-top-bottom-dashed", "K", "Place rooflights", false},
          Entry{Tool::observer, "Observer", "eye", "E", "Place an observer", false},
          Entry{Tool::split, "Split", "split-square-horizontal", "X", "Split a room by a new wall", false},
          Entry{Tool::dimension, "Dimension", "ruler-dimension-line", "N", "Place a dimension line", false},
          Entry{Tool::measure, "Measure", "ruler", "M", "Measure length, angle and area", false},
          Entry{Tool::section, "Section", "scissors", "C", "Cut a section", false}}) {
        auto* button = new QToolButton;
        button->setText(QString::fromLatin1(e.name));
        button->setAccessibleName(button->text());
        set_icon(button, QString::fromLatin1(e.icon));
        button->setToolButtonStyle(e.named ? Qt::ToolButtonTextBesideIcon : Qt::ToolButtonIconOnly);
        button->setCheckable(true);
        button->setObjectName(QStringLiteral("tool-%1").arg(
            QString::fromLatin1(e.name).toLower().replace(QLatin1Char(' '), QLatin1Char('-'))));
        button->setToolTip(QStringLiteral("%1 (%2)").arg(QString::fromLatin1(e.tip), QString::fromLatin1(e.key)));
        tool_buttons_->addButton(button, static_cast<int>(e.tool));
        row->addWidget(button);
    }
    auto* roof = new QToolButton;
    set_icon(roof, QStringLiteral("house"));
    roof->setObjectName(QStringLiteral("add-roof"));
    roof->setToolTip(QStringLiteral("A pitched roof over the storey, or over the selected rooms (T)"));
    roof->setAccessibleName(QStringLiteral("Add roof"));
    connect(roof, &QToolButton::clicked, this, &Window::add_roof);
    row->addWidget(roof);
    row->addWidget(build_things_button());
    connect(tool_buttons_, &QButtonGroup::idClicked, this, [this](int id) {
        sheet_->set_tool(static_cast<Tool>(id));
        sheet_->setFocus();
    });
    row->addStretch(1);
    row->addWidget(build_tint_box());
    auto* find = new QToolButton;
    set_icon(find, QStringLiteral("search"));
    find->setObjectName(QStringLiteral("find"));
    find->setToolTip(QStringLiteral("Find a thing or a command (Ctrl+Space)"));
    find->setAccessibleName(QStringLiteral("Find or do"));
    connect(find, &QToolButton::clicked, this, &Window::open_palette);
    row->addWidget(find);
    auto* snaps = new QToolButton;
    set_icon(snaps, QStringLiteral("magnet"));
    snaps->setObjectName(QStringLiteral("snaps"));
    snaps->setToolTip(QStringLiteral("What the pointer snaps to"));
    snaps->setAccessibleName(QStringLiteral("Snaps"));
    snaps->setPopupMode(QToolButton::InstantPopup);
    snaps_menu_ = new QMenu(snaps);
    snaps->setMenu(snaps_menu_);
    row->addWidget(snaps);
    return bar;
}

// Work in the background is told on every desk, where it is out of the way.
void Window::build_job_line() {
    job_title_ = new QLabel;
    progress_ = new QProgressBar;
    progress_->setFixedWidth(160);
    progress_->setTextVisible(false);
    progress_->setObjectName(QStringLiteral("progress"));
    cancel_ = new QPushButton(QStringLiteral("Cancel"));
    set_icon(cancel_, QStringLiteral("circle-stop"));
    cancel_->setObjectName(QStringLiteral("cancel"));
    connect(cancel_, &QPushButton::clicked, this, [this] { asker_.cancel(); });
    jobs_button_ = new QToolButton;
    set_icon(jobs_button_, QStringLiteral("list-todo"));
    jobs_button_->setObjectName(QStringLiteral("show-jobs"));
    jobs_button_->setAccessibleName(QStringLiteral("Jobs and answers"));
    jobs_button_->setToolTip(QStringLiteral("Jobs and answers: what runs, what waits, what is kept (Ctrl+J)"));
    connect(jobs_button_, &QToolButton::clicked, this, &Window::show_jobs);
    for (QWidget* part : {static_cast<QWidget*>(job_title_), static_cast<QWidget*>(progress_),
                          static_cast<QWidget*>(cancel_), static_cast<QWidget*>(jobs_button_)})
        statusBar()->addPermanentWidget(part);
}

QWidget* Window::build_companion() {
    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("panel"));
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(space::small, space::tight, space::small, space::tight);
    companion_buttons_ = new QButtonGroup(this);
    model_view_ = new ModelView(document_);
    wall_view_ = new WallView(document_);
    section_view_ = new SectionView(document_);
    eye_view_ = new EyeView(document_, kept_);
    check_view_ = new CheckView(document_);
    companion_views_ = new QStackedWidget;
    int index = 0;
    for (const auto& [name, tip, view] :
         {std::tuple<const char*, const char*, QWidget*>{"Model", "The building in three dimensions", model_view_},
          {"Wall", "The selected wall straight on: a working view", wall_view_},
          {"Section", "The building cut along a line", section_view_},
          {"Eye", "What an observer sees", eye_view_},
          {"Profile", "The map along a line, over the section cut there", profile_},
          {"Year", "The year of the point or room that is asked about, in charts", year_view_},
          {"Check", "What is wrong with the model, and what is only assumed", check_view_}}) {
        auto* button = new QToolButton;
        button->setText(QString::fromLatin1(name));
        button->setCheckable(true);
        button->setObjectName(QStringLiteral("companion-%1").arg(button->text().toLower()));
        button->setToolTip(QString::fromLatin1(tip));
        companion_buttons_->addButton(button, index++);
        row->addWidget(button);
        companion_views_->addWidget(view);
    }
    row->addStretch(1);
    auto* views = new QToolButton;
    set_icon(views, QStringLiteral("bookmark"));
    views->setObjectName(QStringLiteral("views"));
    views->setToolTip(QStringLiteral("Named views"));
    views->setAccessibleName(QStringLiteral("Named views"));
    views->setPopupMode(QToolButton::InstantPopup);
    views_menu_ = new QMenu(views);
    views->setMenu(views_menu_);
    connect(views_menu_, &QMenu::aboutToShow, this, &Window::fill_views);
    row->addWidget(views);
    column->addLayout(row);
    column->addWidget(companion_views_, 1);
    connect(companion_buttons_, &QButtonGroup::idClicked, this,
            [this](int i) { show_companion(companion_views_->widget(i)); });
    companion_buttons_->button(0)->setChecked(true);
    return page;
}

// Signals of the building's own parts.
void Window::build_views() {
    faults_ = new QPushButton;
    faults_->setObjectName(QStringLiteral("faults"));
    faults_->setToolTip(QStringLiteral("What the model check found"));
    set_icon(faults_, QStringLiteral("triangle-alert"));
    faults_->hide();
    statusBar()->addPermanentWidget(faults_);
    connect(faults_, &QPushButton::clicked, this, &Window::show_check);
    connect(check_view_, &CheckView::wanted, this, &Window::show_fault);
    connect(check_view_, &CheckView::mend_wanted, this, &Window::mend);
    connect(check_view_, &CheckView::mend_all_wanted, this, &Window::mend_all);
    connect(sheet_, &Sheet::menu_wanted, this, &Window::open_menu);
    connect(tree_, &BuildingTree::menu_wanted, this, &Window::open_menu);
    connect(tree_, &BuildingTree::picked, this, [this](const Selection& item) {
        sheet_->reveal(item);
        if (item.kind == Selection::Kind::storey) document_.show_storey(model::storey_of(document_.option(), item));
    });
    connect(sheet_, &Sheet::section_drawn, this, [this](Vec2 a, Vec2 b) {
        section_view_->show_line(a, b);
        show_companion(section_view_);
    });
    connect(wall_view_, &WallView::hint, hint_, &QLabel::setText);
    // The model check waits for a pause in the hand's work.
    check_timer_.setSingleShot(true);
    check_timer_.setInterval(150);
    connect(&check_timer_, &QTimer::timeout, this, &Window::refresh_faults);
    connect(&document_, &Document::project_changed, this, [this] { check_timer_.start(); });
    connect(&document_, &Document::project_changed, this, &Window::refresh_underlay);
    connect(&document_, &Document::path_changed, this, [this] {
        underlay_shown_ = {};
        refresh_underlay();
    });
    connect(&document_, &Document::project_changed, this, &Window::refresh_sun);
    connect(&document_, &Document::moment_changed, this, &Window::refresh_sun);
    connect(
        &sun_, &SunShade::found, this,
        [this](std::shared_ptr<const question::SunPatches> patches, double altitude) { show_sun(*patches, altitude); });
    refresh_faults();
}

void Window::show_companion(QWidget* view) {
    companion_views_->setCurrentWidget(view);
    companion_buttons_->button(companion_views_->indexOf(view))->setChecked(true);
    if (desk_ == Desk::site || desk_ == Desk::compare || desk_ == Desk::certify)
        show_desk(view == eye_view_ ? Desk::light : Desk::build);
}

void Window::show_eye(bool on) { show_companion(on ? static_cast<QWidget*>(eye_view_) : model_view_); }

void Window::show_desk(Desk desk) {
    desk_ = desk;
    desks_->button(static_cast<int>(desk))->setChecked(true);
    const bool build = desk == Desk::build, wide = desk == Desk::compare || desk == Desk::certify;
    tools_->setVisible(build);
    light_bar_->setVisible(desk == Desk::light || desk == Desk::certify);
    sheet_->set_editable(build);
    inspector_->set_editable(build || desk == Desk::light);
    sheet_->set_reads(desk == Desk::light);
    if (desk != Desk::light) maps_.set_gone({});
    show_pages();
    if (!build) sheet_->set_tool(Tool::select);
    site_bar_->setVisible(desk == Desk::site);
    if (build || desk == Desk::site) set_shown(Shown::daylight_factor);
    middle_views_->setVisible(desk != Desk::compare);
    sheet_->set_with_blocks(desk == Desk::site);
    right_->setVisible(!wide && desk != Desk::site);
    side_->setCurrentWidget(desk == Desk::site      ? static_cast<QWidget*>(site_panel_)
                            : desk == Desk::compare ? static_cast<QWidget*>(compare_panel_)
                            : desk == Desk::certify ? static_cast<QWidget*>(certify_panel_)
                                                    : companion_);
    const int w = middle_->width();
    middle_->setSizes(desk == Desk::certify ? QList<int>{w * 30 / 100, w * 70 / 100}
                      : desk == Desk::site  ? QList<int>{w * 62 / 100, w * 38 / 100}
                      : desk == Desk::light ? QList<int>{w * 66 / 100, w * 34 / 100}
                                            : QList<int>{w * 63 / 100, w * 37 / 100});
    sheet_->fit();
    refresh_answers();
    refresh_middle();
}

void Window::refresh_answers() {
    const SheetMap map = dressed(maps_.map(shown_), document_.option().id);
    sheet_->show_map(map);
    model_view_->show_map(map);
    const auto reading = maps_.lamp(shown_);
    lamp_->show_state(reading.state, reading.reached, reading.wanted);
    refresh_reading(map);
    refresh_shown();
}

void Window::refresh_job() {
    const JobQueue& job = asker_.jobs();
    job_title_->setText(job.is_running() ? job.title() : QString());
    progress_->setVisible(job.is_running());
    progress_->setValue(static_cast<int>(100 * job.share()));
    cancel_->setVisible(job.is_running());
}

void Window::refresh_options() {
    options_->clear();
    for (const auto& option : document_.project().options) options_->addItem(QString::fromStdString(option.name));
    options_->setCurrentIndex(static_cast<int>(document_.option_index()));
}

void Window::refresh_title() {
    const QString name = document_.path().empty() ? QStringLiteral("Untitled")
                                                  : QString::fromStdString(document_.path().filename().string());
    setWindowTitle(QStringLiteral("%1[*] \u2013 Warm Pane").arg(name));
    setWindowModified(document_.is_changed());
}

void Window::showEvent(QShowEvent* event) {
    QMainWindow::showEvent(event);
    show_desk(desk_);  // only now are the widths known that the desk divides
}

void Window::closeEvent(QCloseEvent* event) {
    if (!may_lose_changes()) return event->ignore();
    event->accept();
}

}  // namespace wp::gui
