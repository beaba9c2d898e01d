// SPDX-License-Identifier: GPL-3.0-or-later
// The window's part in matter, things, planes and observers: the right-hand pages, the things button, colours, dialogs.
#include <QAction>
#include <QComboBox>
#include <QMenu>
#include <QTabBar>
#include <algorithm>
#include <cmath>

#include "geometry/lay.h"
#include "geometry/plane_points.h"
#include "gui/entry/figure_box.h"
#include "gui/look/look.h"
#include "gui/window/window.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

constexpr Thing::Kind kKinds[] = {Thing::Kind::table, Thing::Kind::bench, Thing::Kind::shelf,
                                  Thing::Kind::box,   Thing::Kind::stair, Thing::Kind::ramp,
                                  Thing::Kind::tree,  Thing::Kind::fence, Thing::Kind::terrain};

QString word_of(Thing::Kind kind) {
    QString word = QString::fromLatin1(kind_name(kind));
    word[0] = word[0].toUpper();
    return kind == Thing::Kind::terrain ? QStringLiteral("Sloped ground") : word;
}

}  // namespace

QWidget* Window::build_right() {
    tree_ = new BuildingTree(document_);
    auto* building = new QSplitter(Qt::Vertical);
    building->setChildrenCollapsible(false);
    building->addWidget(tree_);
    building->addWidget(inspector_);
    building->setSizes({170, 380});
    materials_ = new MaterialsPanel(document_);
    types_ = new TypesPanel(document_);
    pages_ = new QTabWidget;
    pages_->setObjectName(QStringLiteral("pages"));
    pages_->setDocumentMode(true);
    pages_->tabBar()->setDrawBase(false);
    pages_->addTab(building, QStringLiteral("Building"));
    connect(pages_, &QTabWidget::currentChanged, this, &Window::refresh_asked);
    pages_->addTab(materials_, QStringLiteral("Materials"));
    pages_->addTab(types_, QStringLiteral("By type"));
    pages_->addTab(why_, QStringLiteral("Why"));
    pages_->addTab(readings_, QStringLiteral("Readings"));
    pages_->addTab(year_, QStringLiteral("Year"));
    pages_->addTab(use_, QStringLiteral("Use"));
    pages_->setFixedWidth(inspector_->maximumWidth());
    return pages_;
}

QToolButton* Window::build_things_button() {
    auto* button = new QToolButton;
    set_icon(button, QStringLiteral("armchair"));
    button->setObjectName(QStringLiteral("things"));
    button->setToolTip(QStringLiteral("Furniture, stairs, trees, fences, neighbours, ground (B)"));
    button->setAccessibleName(QStringLiteral("Things"));
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    menu->setObjectName(QStringLiteral("things-menu"));
    for (const Thing::Kind kind : kKinds) {
        if (kind == Thing::Kind::stair || kind == Thing::Kind::tree) menu->addSeparator();
        auto* action = menu->addAction(word_of(kind), this, [this, kind] {
            sheet_->place_things(kind);
            sheet_->setFocus();
        });
        action->setObjectName(QStringLiteral("place-%1").arg(QString::fromLatin1(kind_name(kind))));
    }
    auto* block = menu->addAction(QStringLiteral("Neighbouring block"), this, [this] {
        sheet_->set_tool(Tool::block);
        sheet_->setFocus();
    });
    block->setObjectName(QStringLiteral("place-block"));
    button->setMenu(menu);
    return button;
}

QComboBox* Window::build_tint_box() {
    auto* box = new QComboBox;
    box->setObjectName(QStringLiteral("tint"));
    box->setAccessibleName(QStringLiteral("Colour by"));
    box->setToolTip(QStringLiteral("What sheet, wall and model are coloured by"));
    box->addItems({QStringLiteral("Drawn plain"), QStringLiteral("By material"), QStringLiteral("By reflectance"),
                   QStringLiteral("By kind of part"), QStringLiteral("By what is assumed")});
    connect(box, &QComboBox::currentIndexChanged, this, [this](int i) {
        const auto by = static_cast<report::TintBy>(i);
        sheet_->set_tint(by);
        wall_view_->set_tint(by);
        model_view_->set_tint(by);
    });
    return box;
}

// Each desk has the pages that its work needs; the building is on all of them.
void Window::show_pages() {
    const bool light = desk_ == Desk::light;
    for (QWidget* page : {static_cast<QWidget*>(why_), static_cast<QWidget*>(readings_), static_cast<QWidget*>(year_),
                          static_cast<QWidget*>(use_)})
        pages_->setTabVisible(pages_->indexOf(page), light);
    for (QWidget* page : {static_cast<QWidget*>(materials_), static_cast<QWidget*>(types_)})
        pages_->setTabVisible(pages_->indexOf(page), !light);
    companion_buttons_->button(companion_views_->indexOf(check_view_))->setVisible(!light);
    for (QWidget* view : {static_cast<QWidget*>(profile_), static_cast<QWidget*>(year_view_)})
        companion_buttons_->button(companion_views_->indexOf(view))->setVisible(light);
    if (light && companion_views_->currentWidget() == check_view_) show_companion(model_view_);
    if (!light && (companion_views_->currentWidget() == profile_ || companion_views_->currentWidget() == year_view_))
        show_companion(model_view_);
    QWidget* const page = pages_->currentWidget();
    const bool reads = page == why_ || page == readings_ || page == year_ || page == use_;
    if (light && !reads) pages_->setCurrentWidget(why_);
    if (!light && reads) pages_->setCurrentIndex(0);
    refresh_asked();
}

// The selected rooms, else all of the option.
std::vector<Id> Window::rooms_meant() const {
    std::vector<Id> rooms;
    for (const Selection& item : document_.selected())
        if (item.kind == Kind::room) rooms.push_back(item.id);
    if (!rooms.empty()) return rooms;
    for (const Storey& storey : document_.option().storeys)
        for (const Room& room : storey.rooms) rooms.push_back(room.id);
    return rooms;
}

void Window::lay_planes() {
    const auto rooms = rooms_meant();
    if (rooms.empty()) return hint_->setText(QStringLiteral("Draw a room first"));
    FigureBox box(this, rooms.size() == 1 ? QStringLiteral("Plane on one room")
                                          : QStringLiteral("Planes on %1 rooms").arg(rooms.size()));
    geometry::PlaneWish wish;
    QStringList heights{QStringLiteral("own height")};
    for (const auto& h : geometry::usual_heights())
        heights << QStringLiteral("%1 m \u2013 %2").arg(h.height, 0, 'f', 2).arg(QString::fromLatin1(h.source));
    auto* usual = box.choice(QStringLiteral("Usual height"), heights, "plane-usual");
    usual->setCurrentIndex(3);
    double number = 0;
    box.number(QStringLiteral("Own height"), wish.height, Unit::metre, "plane-height");
    box.number(QStringLiteral("Off the walls"), wish.margin, Unit::metre, "plane-margin");
    box.number(QStringLiteral("Spacing at most"), wish.spacing, Unit::metre, "plane-spacing");
    box.number(QStringLiteral("or points at least"), number, Unit::plain, "plane-number");
    auto* along = box.choice(QStringLiteral("Cells lie"),
                             {QStringLiteral("along the drawing"), QStringLiteral("along the longest wall"),
                              QStringLiteral("along true north")},
                             "plane-along");
    box.text(QStringLiteral(
        "Planes that are there are fitted anew; the parts they cover or leave out stay. They follow their rooms."));
    if (!box.ask()) return;
    if (usual->currentIndex() > 0)
        wish.height = geometry::usual_heights()[static_cast<size_t>(usual->currentIndex() - 1)].height;
    wish.height = std::clamp(wish.height, 0.0, 50.0);
    wish.margin = std::clamp(wish.margin, 0.0, 20.0);
    wish.spacing = std::clamp(wish.spacing, 0.05, 20.0);
    wish.number = whole_number(number, 0, 20000);
    wish.along = static_cast<ReferencePlane::Along>(along->currentIndex());
    geometry::Items made;
    document_.edit_option(QStringLiteral("Lay planes"),
                          [&](Option& o) { made = geometry::lay_planes(o, rooms, wish); });
    hint_->setText(QStringLiteral("%1 planes laid").arg(made.size()));
}

void Window::lay_lattice() {
    const auto rooms = rooms_meant();
    if (rooms.empty()) return hint_->setText(QStringLiteral("Draw a room first"));
    FigureBox box(this, QStringLiteral("Observers in a lattice"));
    geometry::LatticeWish wish;
    double directions = wish.directions;
    box.number(QStringLiteral("Apart"), wish.spacing, Unit::metre, "lattice-spacing");
    box.number(QStringLiteral("Off the walls"), wish.margin, Unit::metre, "lattice-margin");
    auto* eyes = box.choice(QStringLiteral("Eyes"),
                            {QStringLiteral("seated, 1.20 m"), QStringLiteral("standing, 1.70 m")}, "lattice-eyes");
    box.number(QStringLiteral("Directions"), directions, Unit::plain, "lattice-directions");
    box.number(QStringLiteral("The first towards"), wish.first, Unit::degree, "lattice-first");
    box.text(QStringLiteral("In %1. Places are named by row and number from the foot of the sheet, views by their "
                            "direction: \u201cRoom B3, 090\u00b0\u201d.")
                 .arg(rooms.size() == 1 ? QString::fromStdString(find_room(document_.option(), rooms[0]).room->name)
                                        : QStringLiteral("%1 rooms").arg(rooms.size())));
    if (!box.ask()) return;
    wish.spacing = std::clamp(wish.spacing, 0.2, 50.0);
    wish.margin = std::clamp(wish.margin, 0.05, 20.0);
    wish.eye = eyes->currentIndex() == 0 ? kSeatedEye : kStandingEye;
    wish.directions = whole_number(directions, 1, 36);
    geometry::Items made;
    document_.edit_option(QStringLiteral("Observers in a lattice"), [&](Option& o) {
        for (const Id& room : rooms)
            for (const Selection& item : geometry::place_lattice(o, room, wish)) made.push_back(item);
    });
    document_.select_all(made);
    hint_->setText(
        QStringLiteral("%1 observers, %2 views").arg(made.size()).arg(static_cast<int>(made.size()) * wish.directions));
}

void Window::build_matter_actions() {
    add_action(QStringLiteral("Place furniture"), QKeySequence(QStringLiteral("B")), [this] {
        sheet_->place_things(sheet_->thing_kind());
        sheet_->setFocus();
    });
    for (const Thing::Kind kind : kKinds)
        add_action(QStringLiteral("Place: %1").arg(word_of(kind).toLower()), {}, [this, kind] {
            sheet_->place_things(kind);
            sheet_->setFocus();
        });
    add_action(QStringLiteral("Place: neighbouring block"), {}, [this] { sheet_->set_tool(Tool::block); });
    add_action(QStringLiteral("Lay planes\u2026"), QKeySequence(QStringLiteral("Ctrl+L")), [this] { lay_planes(); });
    add_action(QStringLiteral("Observers in a lattice\u2026"), QKeySequence(QStringLiteral("Ctrl+E")),
               [this] { lay_lattice(); });
    add_action(QStringLiteral("Model check"), QKeySequence(QStringLiteral("Ctrl+K")), [this] { show_check(); });
    add_action(QStringLiteral("Materials"), {}, [this] { pages_->setCurrentWidget(materials_); });
    add_action(QStringLiteral("Materials by type"), {}, [this] { pages_->setCurrentWidget(types_); });
    connect(materials_, &MaterialsPanel::said, hint_, &QLabel::setText);
    connect(types_, &TypesPanel::said, hint_, &QLabel::setText);
}

}  // namespace wp::gui
