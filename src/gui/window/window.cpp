// SPDX-License-Identifier: GPL-3.0-or-later
// How the window is laid out; its own commands are in window_commands.cpp.
#include "gui/window/window.h"

#include <QCloseEvent>
#include <QHBoxLayout>
#include <QListView>
#include <QTabBar>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>

#include "base/parallel.h"
#include "gui/build/named_views.h"
#include "gui/inspector/inspector.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/window/parts.h"
#include "report/language/language.h"

namespace wp::gui {

namespace {

// A stack whose size is that of what it shows.
class Stack : public QStackedWidget {
 public:
    /// Shows a widget, taking it in if it is new; null hides the stack.
    static void show(QStackedWidget* stack, QWidget* widget) {
        stack->setVisible(widget != nullptr);
        if (widget == nullptr || widget == stack->currentWidget()) return;
        if (stack->indexOf(widget) < 0) stack->addWidget(widget);
        stack->setCurrentWidget(widget);
        stack->updateGeometry();
    }
    QSize sizeHint() const override { return currentWidget() != nullptr ? currentWidget()->sizeHint() : QSize(); }
    QSize minimumSizeHint() const override {
        return currentWidget() != nullptr ? currentWidget()->minimumSizeHint() : QSize();
    }
};

}  // namespace

Window::Window(QWidget* parent) : QMainWindow(parent) {
    keep_workers_behind();
    setMinimumSize(960, 640);
    resize(1280, 800);
    desktop_.set_companion_host(new QWidget(this));
    desktop_.furnish(tool_makers(), companion_makers(), page_makers(), desk_makers());
    // What is shown nowhere yet stays out of sight: stacks show what they are given.
    for (QWidget* part : findChildren<QWidget*>(Qt::FindDirectChildrenOnly)) part->hide();
    bars_ = new Stack;
    bars_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    middles_ = new Stack;
    sides_ = new Stack;

    auto* centre = new QWidget;
    auto* column = new QVBoxLayout(centre);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(build_bar());
    column->addWidget(build_mishap_bar());
    column->addWidget(bars_);
    split_ = new QSplitter(Qt::Horizontal);
    split_->setChildrenCollapsible(false);
    split_->addWidget(middles_);
    split_->addWidget(sides_);
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    row->addWidget(split_, 1);
    row->addWidget(build_pages());
    column->addLayout(row, 1);
    column->addWidget(&desktop_.strip());
    desktop_.strip().show();
    build_companions();
    setCentralWidget(centre);
    build_status();
    build_commands(*menu_);

    connect(&desktop_, &Desktop::desk_changed, this, &Window::follow_desk);
    connect(&desktop_, &Desktop::layout_changed, this, &Window::lay_out);
    connect(&desktop_, &Desktop::companion_changed, this, &Window::follow_companion);
    connect(&desktop_, &Desktop::page_changed, this, &Window::follow_page);
    connect(&document(), &Document::project_changed, this, &Window::refresh_options);
    connect(&document(), &Document::path_changed, this, &Window::refresh_title);
    connect(&document().undo_stack(), &QUndoStack::cleanChanged, this, &Window::refresh_title);
    refresh_title();
    refresh_options();
    show_desk(DeskKind::build);
    sheet().rest();
}

// Pages say goodbye while what they speak to is still there.
Window::~Window() {
    hide();
    delete centralWidget();
}

QWidget* Window::build_bar() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, space::tight, space::small, space::tight);
    row->setSpacing(space::tight);
    row->addWidget(build_menu());
    row->addSpacing(space::large);
    build_desks(*row);
    row->addStretch(1);
    build_options(*row);
    row->addSpacing(space::medium);
    build_hold(*row);
    lamp_ = new Lamp;
    row->addWidget(lamp_);
    connect(&desktop_, &Desktop::map_shown, lamp_, [this] {
        const auto reading = maps().lamp(desktop_.shown());
        lamp_->show_state(reading.state, reading.reached, reading.wanted);
    });
    return bar;
}

QToolButton* Window::build_menu() {
    auto* button = new QToolButton;
    button->setText(QObject::tr("Project"));
    button->setObjectName(QStringLiteral("project-menu"));
    button->setPopupMode(QToolButton::InstantPopup);
    menu_ = new QMenu(button);
    button->setMenu(menu_);
    return button;
}

void Window::build_desks(QBoxLayout& row) {
    desk_buttons_ = new QButtonGroup(this);
    int n = 0;
    for (Desk* desk : desktop_.desks()) {
        const QKeySequence keys(QStringLiteral("Ctrl+%1").arg(++n));
        auto* button = new QToolButton;
        button->setText(desk->title());
        button->setCheckable(true);
        button->setObjectName(language::object_name("desk", desk->title()));
        button->setToolTip(QStringLiteral("%1 (%2)").arg(desk->tip(), keys.toString(QKeySequence::NativeText)));
        desk_buttons_->addButton(button, static_cast<int>(desk->kind()));
        row.addWidget(button);
        desktop_.commands().add(
            CommandGroup::desks, QObject::tr("%1 desk").arg(desk->title()), keys,
            [this, desk] { show_desk(desk->kind()); }, desk->tip() + QLatin1Char(' ') + desk->also());
    }
    connect(desk_buttons_, &QButtonGroup::idClicked, this, [this](int id) { show_desk(static_cast<DeskKind>(id)); });
}

void Window::build_options(QBoxLayout& row) {
    auto* title = new QLabel(QObject::tr("Option"));
    title->setProperty("role", QStringLiteral("small"));
    row.addWidget(title);
    options_ = new QComboBox;
    options_->setObjectName(QStringLiteral("options"));
    options_->setAccessibleName(QObject::tr("Option"));
    options_->setMinimumWidth(190);
    connect(options_, &QComboBox::activated, this, [this](int i) { document().show_option(static_cast<size_t>(i)); });
    row.addWidget(options_);
    auto* add = icon_button("copy-plus", "new-option", QObject::tr("New option from this one"));
    connect(add, &QToolButton::clicked, this, &Window::add_option);
    row.addWidget(add);
}

QWidget* Window::build_companions() {
    QWidget* host = desktop_.companion_host();
    host->setObjectName(QStringLiteral("panel"));
    auto* column = new QVBoxLayout(host);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(space::small, space::tight, space::small, space::tight);
    companion_buttons_ = new QButtonGroup(this);
    companions_ = new QStackedWidget;
    for (const Page& page : desktop_.companions()) {
        auto* button = new QToolButton;
        button->setText(page.title);
        button->setCheckable(true);
        button->setObjectName(language::object_name("companion", page.title));
        button->setToolTip(page.tip);
        companion_buttons_->addButton(button, companions_->addWidget(page.widget));
        row->addWidget(button);
    }
    row->addStretch(1);
    row->addWidget(part<NamedViews>().button());
    part<NamedViews>().button()->show();
    column->addLayout(row);
    column->addWidget(companions_, 1);
    connect(companion_buttons_, &QButtonGroup::idClicked, this,
            [this](int i) { desktop_.show_companion(companions_->widget(i)); });
    return host;
}

QWidget* Window::build_pages() {
    pages_ = new QTabWidget;
    pages_->setObjectName(QStringLiteral("pages"));
    pages_->setDocumentMode(true);
    pages_->tabBar()->setDrawBase(false);
    for (const Page& page : desktop_.pages()) pages_->setTabToolTip(pages_->addTab(page.widget, page.title), page.tip);
    connect(pages_, &QTabWidget::currentChanged, this, [this](int i) {
        if (i >= 0 && desktop_.desk_or_null() != nullptr) desktop_.show_page(pages_->widget(i));
    });
    pages_->setFixedWidth(part<Inspector>().maximumWidth());
    return pages_;
}

void Window::follow_desk() {
    const Desk& desk = desktop_.desk();
    desk_buttons_->button(static_cast<int>(desk.kind()))->setChecked(true);
    // The page that is wanted first: tabs that go would choose others on their way, which would all be built.
    if (!desk.has_pages()) pages_->hide();
    const QSignalBlocker quiet(pages_);
    const auto stand = [&](bool on) {
        for (size_t i = 0; i < desktop_.pages().size(); ++i)
            if (desktop_.pages()[i].stands_on(desk.kind()) == on) pages_->setTabVisible(static_cast<int>(i), on);
    };
    stand(true);
    if (desk.has_pages()) pages_->setCurrentWidget(desktop_.page());
    stand(false);
    pages_->setVisible(desk.has_pages());
    desktop_.strip().setVisible(desk.follows_moment());
    for (const Page& page : desktop_.companions())
        companion_buttons_->button(companions_->indexOf(page.widget))->setVisible(page.stands_on(desk.kind()));
    lay_out();
    // The width to be shared is what the pages leave, now.
    centralWidget()->layout()->activate();
    const int w = split_->width(), share = desk.middle_share();
    split_->setSizes({w * share / 100, w * (100 - share) / 100});
    sheet().fit();
}

void Window::lay_out() {
    if (desktop_.desk_or_null() == nullptr) return;
    Desk& desk = desktop_.desk();
    Stack::show(bars_, desk.bar());
    Stack::show(middles_, desk.middle());
    Stack::show(sides_, desk.side());
}

void Window::follow_companion() {
    companions_->setCurrentWidget(desktop_.companion());
    companion_buttons_->button(companions_->currentIndex())->setChecked(true);
}

void Window::follow_page() { pages_->setCurrentWidget(desktop_.page()); }

void Window::refresh_options() {
    options_->clear();
    for (const auto& option : document().project().options) options_->addItem(QString::fromStdString(option.name));
    options_->setCurrentIndex(static_cast<int>(document().option_index()));
    // What is put away keeps its place, and is not offered.
    if (auto* list = qobject_cast<QListView*>(options_->view()))
        for (int i = 0; i < options_->count(); ++i)
            list->setRowHidden(i, document().project().options[static_cast<size_t>(i)].archived);
}

void Window::refresh_title() {
    const QString name = document().path().empty() ? QObject::tr("Untitled")
                                                   : QString::fromStdString(document().path().filename().string());
    setWindowTitle(QObject::tr("%1[*] \u2013 Warm Pane").arg(name));
    setWindowModified(document().is_changed());
}

void Window::showEvent(QShowEvent* event) {
    QMainWindow::showEvent(event);
    follow_desk();  // only now are the widths known that the desk divides
}

void Window::closeEvent(QCloseEvent* event) {
    if (!files_.may_lose_changes()) return event->ignore();
    event->accept();
}

}  // namespace wp::gui
