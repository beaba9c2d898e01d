// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/building/building_tree.h"

#include <QDropEvent>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QSplitter>
#include <QVBoxLayout>

#include "edit/edit.h"
#include "gui/desk/desktop.h"
#include "gui/inspector/inspector.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/tool/aim_tool.h"
#include "gui/tool/area_tool.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

Selection item_of(const QTreeWidgetItem* item) {
    if (item == nullptr) return {};
    return {static_cast<Kind>(item->data(0, Qt::UserRole).toInt()),
            item->data(0, Qt::UserRole + 1).toString().toStdString(), -1};
}

bool row_holds(const QTreeWidgetItem* row, const Id& id) {
    for (int i = 0; i < row->childCount(); ++i)
        if (item_of(row->child(i)).id == id) return true;
    return false;
}

std::string rows_of(const Option& option) {
    std::string out;
    const auto take = [&](const auto& list) {
        for (const auto& item : list) out += item.id + '\n' + item.name + '\n';
    };
    for (const Storey& storey : option.storeys) {
        out += storey.id + '\n' + storey.name + '\n';
        for (const Room& room : storey.rooms) {
            out += room.id + '\n' + room.name + '\n';
            take(room.openings);
        }
        take(storey.roofs);
        take(storey.rooflights);
        take(storey.voids);
        take(storey.partitions);
    }
    take(option.things);
    for (const Thing& t : option.things) out += t.storey + '\n';
    take(option.blocks);
    take(option.planes);
    take(option.observers);
    for (const Observer& o : option.observers) out += o.room + '\n';
    return out;
}

}  // namespace

// Qt moves rows by itself; here a drop is an edit of the project, and the rows follow it.
class BuildingTree::List : public QTreeWidget {
 public:
    explicit List(BuildingTree& owner) : owner_(owner) {}

 protected:
    void dropEvent(QDropEvent* event) override {
        const Selection what = item_of(currentItem()), onto = item_of(itemAt(event->position().toPoint()));
        event->setDropAction(Qt::IgnoreAction);
        event->accept();
        owner_.dropped(what, onto);
    }

 private:
    BuildingTree& owner_;
};

BuildingTree::BuildingTree(Document& document, QWidget* parent)
    : QWidget(parent), document_(document), list_(new List(*this)) {
    setObjectName(QStringLiteral("panel"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(space::medium, space::tight, space::small, space::tight);
    auto* title = new QLabel(QObject::tr("Building"));
    title->setProperty("role", QStringLiteral("heading"));
    row->addWidget(title);
    row->addStretch(1);
    const auto button = [&](const char* icon_name, const char* name, const QString& tip, std::function<void()> run) {
        auto* b = icon_button(icon_name, name, tip);
        connect(b, &QToolButton::clicked, this, std::move(run));
        row->addWidget(b);
    };
    button("layers-plus", "new-storey", QObject::tr("New storey above this one"), [this] { add_storey(false); });
    button("copy-plus", "copy-storey", QObject::tr("Copy this storey above itself"), [this] { add_storey(true); });
    column->addLayout(row);
    list_->setObjectName(QStringLiteral("building"));
    list_->setAccessibleName(QObject::tr("Building"));
    list_->setHeaderHidden(true);
    list_->setFrameShape(QFrame::NoFrame);
    list_->setIndentation(14);
    list_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    list_->setEditTriggers(QAbstractItemView::EditKeyPressed | QAbstractItemView::DoubleClicked);
    list_->setDragDropMode(QAbstractItemView::InternalMove);
    list_->setContextMenuPolicy(Qt::CustomContextMenu);
    column->addWidget(list_, 1);
    connect(list_, &QTreeWidget::itemSelectionChanged, this, &BuildingTree::take_selection);
    connect(list_, &QTreeWidget::itemChanged, this, &BuildingTree::renamed);
    connect(list_, &QTreeWidget::customContextMenuRequested, this,
            [this](const QPoint& at) { emit menu_wanted(list_->viewport()->mapToGlobal(at)); });
    connect(&document, &Document::project_changed, this, &BuildingTree::refresh);
    connect(&document, &Document::path_changed, this, &BuildingTree::refresh);
    connect(&document, &Document::selection_changed, this, &BuildingTree::show_selection);
    refresh();
}

void BuildingTree::add_storey(bool with_rooms) {
    size_t made = 0;
    document_.edit_option(with_rooms ? QObject::tr("Copy storey") : QObject::tr("New storey"),
                          [&](Option& o) { made = edit::add_storey(o, document_.storey_index(), with_rooms); });
    document_.show_storey(made);
    document_.select({Kind::storey, document_.option().storeys[made].id, -1});
}

QTreeWidgetItem* BuildingTree::add(QTreeWidgetItem* under, const Selection& item, const QString& text) {
    auto* row = under != nullptr ? new QTreeWidgetItem(under) : new QTreeWidgetItem(list_);
    row->setText(0, text);
    row->setData(0, Qt::UserRole, static_cast<int>(item.kind));
    row->setData(0, Qt::UserRole + 1, QString::fromStdString(item.id));
    row->setFlags(row->flags() | Qt::ItemIsEditable);
    row->setToolTip(0, language::words(edit::kind_word(item.kind)));
    return row;
}

void BuildingTree::refresh() {
    // Most edits move things: the rows stay as they are.
    const std::string rows = rows_of(document_.option()) + std::to_string(document_.storey_index());
    if (rows == shown_ && shown_option_ == document_.option_index()) return;
    const bool same_building = !shown_.empty() && shown_option_ == document_.option_index();
    shown_ = rows;
    shown_option_ = document_.option_index();
    filling_ = true;
    // What was open stays open.
    std::set<QString> open;
    for (QTreeWidgetItemIterator it(list_); *it != nullptr; ++it)
        if ((*it)->isExpanded()) open.insert((*it)->data(0, Qt::UserRole + 1).toString());
    list_->clear();
    const auto& storeys = document_.option().storeys;
    const auto name = [](const auto& thing) {
        return QString::fromStdString(thing.name.empty() ? thing.id : thing.name);
    };
    for (size_t s = storeys.size(); s-- > 0;) {
        const Storey& storey = storeys[s];
        auto* floor = add(nullptr, {Kind::storey, storey.id, -1}, name(storey));
        QFont font = list_->font();
        font.setWeight(s == document_.storey_index() ? QFont::Bold : QFont::Normal);
        floor->setFont(0, font);
        for (const Room& room : storey.rooms) {
            auto* row = add(floor, {Kind::room, room.id, -1}, name(room));
            const auto leaf = [&](Kind kind, const auto& thing) {
                add(row, {kind, thing.id, -1}, name(thing))
                    ->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsEditable);
            };
            for (const Opening& o : room.openings) leaf(Kind::opening, o);
            for (const Thing& t : document_.option().things)
                if (t.storey == storey.id && geometry::contains(room.footprint, t.at)) leaf(Kind::thing, t);
            for (const Luminaire& l : document_.option().luminaires)
                if (l.storey == storey.id && geometry::contains(room.footprint, l.at)) leaf(Kind::luminaire, l);
            for (const ReferencePlane& p : document_.option().planes)
                if (p.room == room.id || (p.on == ReferencePlane::On::deck && row_holds(row, p.thing)))
                    leaf(Kind::plane, p);
            for (const Observer& o : document_.option().observers)
                if (o.room == room.id) leaf(Kind::observer, o);
            for (const Reading& r : document_.option().readings)
                if (r.room == room.id) leaf(Kind::reading, r);
        }
        for (const Roof& r : storey.roofs) add(floor, {Kind::roof, r.id, -1}, name(r));
        for (const Rooflight& r : storey.rooflights) add(floor, {Kind::rooflight, r.id, -1}, name(r));
        for (const FloorVoid& v : storey.voids) add(floor, {Kind::floor_void, v.id, -1}, name(v));
        for (const Partition& p : storey.partitions) add(floor, {Kind::partition, p.id, -1}, name(p));
        floor->setExpanded(!same_building || open.contains(QString::fromStdString(storey.id)) ||
                           s == document_.storey_index());
        for (int i = 0; i < floor->childCount(); ++i)
            floor->child(i)->setExpanded(open.contains(floor->child(i)->data(0, Qt::UserRole + 1).toString()));
    }
    if (!document_.option().blocks.empty() ||
        std::any_of(document_.option().luminaires.begin(), document_.option().luminaires.end(),
                    [](const Luminaire& l) { return l.storey.empty(); }) ||
        std::any_of(document_.option().things.begin(), document_.option().things.end(),
                    [](const Thing& t) { return t.storey.empty(); })) {
        auto* around = add(nullptr, {}, QObject::tr("Around the building"));
        around->setFlags(Qt::ItemIsEnabled);
        for (const Block& b : document_.option().blocks) add(around, {Kind::block, b.id, -1}, name(b));
        for (const Thing& t : document_.option().things)
            if (t.storey.empty()) add(around, {Kind::thing, t.id, -1}, name(t));
        for (const Luminaire& l : document_.option().luminaires)
            if (l.storey.empty()) add(around, {Kind::luminaire, l.id, -1}, name(l));
        around->setExpanded(open.contains(QString()));
    }
    filling_ = false;
    show_selection();
}

void BuildingTree::show_selection() {
    if (filling_) return;
    filling_ = true;
    list_->clearSelection();
    for (QTreeWidgetItemIterator it(list_); *it != nullptr; ++it)
        if (document_.is_selected(item_of(*it))) {
            (*it)->setSelected(true);
            list_->scrollToItem(*it);
        }
    filling_ = false;
}

void BuildingTree::take_selection() {
    if (filling_) return;
    std::vector<Selection> items;
    for (const QTreeWidgetItem* row : list_->selectedItems())
        if (item_of(row).kind != Kind::none) items.push_back(item_of(row));
    filling_ = true;
    document_.select_all(items);
    filling_ = false;
    if (!items.empty()) emit picked(items.back());
}

void BuildingTree::renamed(QTreeWidgetItem* row) {
    if (filling_) return;
    const Selection item = item_of(row);
    const std::string text = row->text(0).trimmed().toStdString();
    if (text.empty()) {
        shown_.clear();
        return refresh();
    }
    document_.edit_option(QObject::tr("Rename %1").arg(language::words(edit::kind_word(item.kind))),
                          [&](Option& o) { edit::rename(o, item, text); });
}

void BuildingTree::dropped(const Selection& what, const Selection& onto) {
    const size_t to = edit::storey_of(document_.option(), onto);
    if (to >= document_.option().storeys.size()) return;
    const size_t from = edit::storey_of(document_.option(), what);
    if (what.kind == Kind::storey) {
        document_.edit_option(QObject::tr("Reorder storeys"), [&](Option& o) { edit::move_storey(o, from, to); });
    } else if (what.kind == Kind::room && from != to) {
        document_.edit_option(QObject::tr("Move room to another storey"), [&](Option& o) {
            Room room = *find_room(o, what.id).room;
            const double lift = o.storeys[to].level - o.storeys[from].level;
            std::erase_if(o.storeys[from].rooms, [&](const Room& r) { return r.id == what.id; });
            for (Roof& roof : o.storeys[from].roofs) std::erase(roof.rooms, what.id);
            for (Observer& e : o.observers)
                if (e.room == what.id) e.eye.z += lift;
            for (Thing& t : o.things)
                if (t.storey == o.storeys[from].id && geometry::contains(room.footprint, t.at))
                    t.storey = o.storeys[to].id;
            o.storeys[to].rooms.push_back(std::move(room));
        });
        document_.show_storey(to);
    }
}

Page building_page(Desktop& desktop) {
    auto* inspector = new Inspector(desktop.document(), desktop.answers());
    auto* tree = new BuildingTree(desktop.document());
    auto* page = new QSplitter(Qt::Vertical, desktop.window());
    page->setChildrenCollapsible(false);
    page->addWidget(tree);
    page->addWidget(inspector);
    page->setSizes({170, 380});
    desktop.know(inspector);
    desktop.know(tree);
    QObject::connect(&desktop, &Desktop::desk_changed, inspector, [&desktop, inspector] {
        inspector->set_editable(desktop.is_on(DeskKind::build) || desktop.is_on(DeskKind::light));
    });
    QObject::connect(tree, &BuildingTree::picked, &desktop, [&desktop](const Selection& item) {
        desktop.sheet().reveal(item);
        if (item.kind == Kind::storey)
            desktop.document().show_storey(edit::storey_of(desktop.document().option(), item));
    });
    QObject::connect(inspector, &Inspector::area_wanted, &desktop.sheet(), [&desktop](const QString& id, bool out) {
        desktop.sheet().tool<AreaTool>().take_up_for(id.toStdString(),
                                                     out ? AreaTool::Of::left_out : AreaTool::Of::plane);
    });
    QObject::connect(inspector, &Inspector::aim_wanted, &desktop.sheet(),
                     [&desktop](const QString& id) { desktop.sheet().tool<AimTool>().take_up_for(id.toStdString()); });
    desktop.commands().add(
        CommandGroup::building, QObject::tr("Shading of the selected window"), {},
        [&desktop, inspector, page] {
            desktop.go_to_desk(DeskKind::build);
            desktop.show_page(page);
            if (desktop.document().selection().kind == Kind::none)
                return desktop.say(QObject::tr("Select a window or rooflight: its shading stands below its figures"));
            inspector->show_shading_rows();
        },
        QObject::tr("louvres overhang fins blind venetian screen light shelf awning solar protection"));
    return {QObject::tr("Building"), QObject::tr("All parts of the building, and the figures of the selected one"),
            on_desk(DeskKind::build) | on_desk(DeskKind::light), page};
}

}  // namespace wp::gui
