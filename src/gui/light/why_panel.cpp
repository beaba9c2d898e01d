// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/why_panel.h"

#include <QHeaderView>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

#include "geometry/polygon.h"
#include "gui/desk/desktop.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr int kShare = Qt::UserRole + 1, kId = Qt::UserRole + 2;

// A bar behind the figures: as long as the share.
class BarDelegate : public QStyledItemDelegate {
 public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const double share = index.sibling(index.row(), 0).data(kShare).toDouble();
        const QRectF box = QRectF(option.rect).adjusted(2, 4, -2, -4);
        painter->fillRect(QRectF(box.left(), box.top(), box.width() * std::clamp(share, 0.0, 1.0), box.height()),
                          QColor(0xe7, 0xb4, 0x6b, 150));
        QStyledItemDelegate::paint(painter, option, index);
    }
};

QTreeWidget* list(const char* name, const QString& title, const QStringList& columns) {
    auto* tree = new QTreeWidget;
    tree->setObjectName(QString::fromLatin1(name));
    tree->setAccessibleName(title);
    tree->setHeaderLabels(columns);
    tree->setRootIsDecorated(false);
    tree->setUniformRowHeights(true);
    tree->setMouseTracking(true);
    tree->setItemDelegateForColumn(1, new BarDelegate(tree));
    tree->header()->setStretchLastSection(false);
    tree->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    tree->header()->setSectionResizeMode(1, QHeaderView::Fixed);
    tree->header()->setSectionResizeMode(2, QHeaderView::Fixed);
    tree->header()->resizeSection(1, 60);
    tree->header()->resizeSection(2, 72);
    tree->headerItem()->setTextAlignment(1, Qt::AlignRight);
    tree->headerItem()->setTextAlignment(2, Qt::AlignRight);
    return tree;
}

// What a part is, in whole sentences.
QString part_meaning(const std::string& name) {
    if (name.starts_with("Sun")) return QObject::tr("Direct sun, unreflected");
    if (name.starts_with("Sky")) return QObject::tr("From the sky that the point sees: the sky component");
    if (name.starts_with("Ground"))
        return QObject::tr("From lit ground that the point sees; a table, which looks up, sees none");
    if (name.starts_with("Facades"))
        return QObject::tr("From facades, neighbours, trees and blades that the point sees");
    if (name.starts_with("Via the ground"))
        return QObject::tr("What came in through the windows via the ground, straight or reflected in the room");
    if (name.starts_with("Via facades"))
        return QObject::tr("What came in via facades, neighbours, trees and blades, straight or reflected in the room");
    if (name.ends_with("ground"))
        return QObject::tr("Reflected last within the room, of light that came in via the ground");
    return QObject::tr("Reflected last within the room, of light that came in from the sky, the sun or facades");
}

void set_figures(QTreeWidgetItem* item, double value, double total, const QString& unit) {
    const double share = total > 0 ? value / total : 0;
    item->setData(0, kShare, share);
    item->setText(1, QStringLiteral("%L1 %").arg(100 * share, 0, 'f', share < 0.0995 ? 1 : 0));
    item->setText(2, QStringLiteral("%1 %2").arg(report::figure(value), unit));
    item->setTextAlignment(1, Qt::AlignRight | Qt::AlignVCenter);
    item->setTextAlignment(2, Qt::AlignRight | Qt::AlignVCenter);
}

}  // namespace

WhyPanel::WhyPanel(Document& document, Maps& maps, Legends& legends, QWidget* parent)
    : QWidget(parent), document_(document), maps_(maps), legends_(legends) {
    setObjectName(QStringLiteral("why"));
    setAccessibleName(QObject::tr("Why"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    column->setSpacing(space::small);
    title_ = label({}, "heading");
    title_->setObjectName(QStringLiteral("why-title"));
    total_ = label({});
    total_->setObjectName(QStringLiteral("why-total"));
    empty_ = label({}, "small");
    whole_room_ = new QPushButton(QObject::tr("The whole room"));
    whole_room_->setObjectName(QStringLiteral("why-room"));
    whole_room_->setToolTip(QObject::tr("The mean over the room instead of this point"));
    connect(whole_room_, &QPushButton::clicked, this, [this] { ask_at({}); });
    parts_ = list("why-parts", QObject::tr("How the light came"),
                  {QObject::tr("How it came"), QObject::tr("Share"), QObject::tr("Gives")});
    parts_->setFixedHeight(152);
    windows_ = list("why-windows", QObject::tr("Windows by what they give"),
                    {QObject::tr("Through"), QObject::tr("Share"), QObject::tr("Gives")});
    windows_->setToolTip(
        QObject::tr("Point at a window to see it on the sheet; take its tick away to see the map without it. "
                    "Nothing is traced: what a wall in its place would reflect is not added."));
    without_ = label({}, "small");
    without_->setObjectName(QStringLiteral("why-without"));
    all_back_ = new QPushButton(QObject::tr("All windows back"));
    all_back_->setObjectName(QStringLiteral("why-back"));
    connect(all_back_, &QPushButton::clicked, this, [this] { maps_.set_gone({}); });
    auto* row = new QHBoxLayout;
    row->addWidget(total_, 1);
    row->addWidget(whole_room_);
    column->addWidget(title_);
    column->addLayout(row);
    column->addWidget(empty_);
    column->addWidget(parts_);
    column->addWidget(windows_, 1);
    column->addWidget(without_);
    column->addWidget(all_back_);
    connect(windows_, &QTreeWidget::itemEntered, this, [this](QTreeWidgetItem* item) { point_at(item); });
    connect(windows_, &QTreeWidget::currentItemChanged, this, [this](QTreeWidgetItem* item) {
        if (!filling_) point_at(item);
    });
    connect(windows_, &QTreeWidget::itemChanged, this, [this](QTreeWidgetItem* item) {
        if (!filling_) tick(item);
    });
    connect(&document, &Document::selection_changed, this, &WhyPanel::refresh);
    for (const auto signal : {&Document::option_changed, &Document::project_replaced})
        connect(&document, signal, this, [this] {
            place_.reset();
            maps_.set_gone({});
        });
    refresh();
}

void WhyPanel::show_map(const SheetMap& map, Shown shown) {
    map_ = map;
    shown_ = shown;
    refresh();
}

void WhyPanel::ask_at(std::optional<Vec2> place) {
    place_ = place;
    refresh();
    emit place_changed();
}

// The point asked about, else the selected room, else the first that has a map.
std::optional<WhyPanel::Subject> WhyPanel::subject() const {
    const auto& storeys = document_.option().storeys;
    if (document_.storey_index() >= storeys.size()) return {};
    const auto& storey = storeys[document_.storey_index()];
    if (place_)
        for (size_t l = 0; l < map_.layers.size(); ++l) {
            const auto& plane = map_.layers[l].plane;
            if (!plane.lies() || plane.storey != storey.id || map_.layers[l].value.empty()) continue;
            if (const int point = plane.point_at(*place_); point >= 0)
                return Subject{l, point,
                               QObject::tr("A point of %1")
                                   .arg(QString::fromStdString(
                                       edit::item_name(document_.option(), {Selection::Kind::room, plane.room, -1})))};
        }
    const auto of_room = [&](const model::Id& room) -> std::optional<Subject> {
        for (size_t l = 0; l < map_.layers.size(); ++l)
            if (map_.layers[l].plane.room == room && !map_.layers[l].value.empty())
                return Subject{l, -1,
                               language::words(edit::item_name(document_.option(), {Selection::Kind::room, room, -1}))};
        return {};
    };
    if (document_.selection().kind == Selection::Kind::room || document_.selection().kind == Selection::Kind::wall)
        if (const auto room = of_room(document_.selection().id)) return room;
    for (const auto& room : storey.rooms)
        if (const auto found = of_room(room.id)) return found;
    return {};
}

void WhyPanel::showEvent(QShowEvent*) {
    refresh();
    emit place_changed();
}

void WhyPanel::refresh() {
    if (!isVisible()) return;
    const auto about = subject();
    const auto shares = about ? maps_.why(shown_, about->layer, about->point) : std::nullopt;
    const bool has = shares.has_value();
    for (QWidget* part :
         {static_cast<QWidget*>(parts_), static_cast<QWidget*>(windows_), static_cast<QWidget*>(total_)})
        part->setVisible(has);
    whole_room_->setVisible(has && about->point >= 0);
    empty_->setVisible(!has);
    all_back_->setVisible(has && !maps_.gone().empty());
    without_->setVisible(has);
    if (!has) {
        title_->setText(QObject::tr("Why"));
        empty_->setText(
            is_daylight(shown_) || is_moment(shown_)
                ? QObject::tr("Click a point of the map, or select a room: what its light is made of is told here.")
            : is_year(shown_) ? QObject::tr("Click a point of the map of the year, or select a room: what its mean "
                                            "light is made of is told here.")
                              : QObject::tr("Put the daylight factor or the moment on the sheet: of these it is "
                                            "known which window gives what."));
        return;
    }
    title_->setText(about->name);
    const auto& half = map_.half_width;
    const bool at_point = about->point >= 0 && about->layer < half.size() &&
                          static_cast<size_t>(about->point) < half[about->layer].size();
    if (is_year(shown_)) return fill(*shares, 0, QStringLiteral("lx"));
    fill(shares->times(legends_.shown(map_.figure, 1)),
         at_point ? half[about->layer][static_cast<size_t>(about->point)] : 0, map_.unit);
}

void WhyPanel::fill(const question::Shares& shares, double half_width, const QString& unit) {
    const bool year = is_year(shown_);
    const QString error =
        half_width > 0 ? QStringLiteral(" \u00b1 %1").arg(report::error_figure(half_width)) : QString();
    filling_ = true;
    total_->setText(QStringLiteral("%1%2 %3").arg(report::figure(shares.total), error, unit) +
                    (year ? QObject::tr(", mean of the occupied hours") : QString()));
    using Parts = std::vector<std::pair<const char*, double>>;
    const Parts parts = year
                            ? Parts{{QT_TRANSLATE_NOOP("QObject", "Sun, straight"), shares.sun},
                                    {QT_TRANSLATE_NOOP("QObject", "Sky, straight"), shares.sky},
                                    {QT_TRANSLATE_NOOP("QObject", "Via the ground"), shares.ground},
                                    {QT_TRANSLATE_NOOP("QObject", "Via facades and trees"), shares.around},
                                    {QT_TRANSLATE_NOOP("QObject", "Inside, reflected"), shares.inside}}
                            : Parts{{QT_TRANSLATE_NOOP("QObject", "Sun, straight"), shares.sun},
                                    {QT_TRANSLATE_NOOP("QObject", "Sky, straight"), shares.sky},
                                    {QT_TRANSLATE_NOOP("QObject", "Ground, straight"), shares.ground},
                                    {QT_TRANSLATE_NOOP("QObject", "Facades, neighbours"), shares.around},
                                    {QT_TRANSLATE_NOOP("QObject", "Inside, from the sky"), shares.inside},
                                    {QT_TRANSLATE_NOOP("QObject", "Inside, via the ground"), shares.inside_off_ground}};
    parts_->clear();
    for (const auto& [name, value] : parts) {
        if (value <= 0 && is_daylight(shown_) && name == parts[0].first) continue;
        auto* item = new QTreeWidgetItem(parts_, {language::words(name)});
        set_figures(item, value, shares.total, unit);
        item->setToolTip(0, part_meaning(name));
    }
    double left = shares.total;
    const QString current =
        windows_->currentItem() != nullptr ? windows_->currentItem()->data(0, kId).toString() : QString();
    windows_->clear();
    for (const auto& window : shares.windows) {
        const QString id = QString::fromStdString(window.id);
        auto* item = new QTreeWidgetItem(windows_, {window.id.empty() ? QObject::tr("past all windows") : id});
        set_figures(item, window.value, shares.total, unit);
        item->setData(0, kId, id);
        if (id == current) windows_->setCurrentItem(item);
        // What a figure of the year would be without a window is not in proportion to its light.
        if (window.id.empty() || year) continue;
        const bool gone = maps_.gone().contains(window.id);
        item->setCheckState(0, gone ? Qt::Unchecked : Qt::Checked);
        if (gone) left -= window.value;
    }
    filling_ = false;
    without_->setVisible(!year);
    without_->setText(maps_.gone().empty()
                          ? QObject::tr("Take a window's tick away: the map shows what would be without it.")
                          : QObject::tr("Without %1: %2 %3, %L4 % less. Nothing was traced for it.")
                                .arg(maps_.gone().size() == 1 ? QString::fromStdString(*maps_.gone().begin())
                                                              : QObject::tr("%1 windows").arg(maps_.gone().size()),
                                     report::figure(left), unit)
                                .arg(shares.total > 0 ? 100 * (1 - left / shares.total) : 0, 0, 'f', 0));
}

void WhyPanel::point_at(QTreeWidgetItem* item) {
    const QString id = item != nullptr ? item->data(0, kId).toString() : QString();
    emit pointed_at(id.isEmpty() ? std::set<model::Id>() : std::set<model::Id>{id.toStdString()});
}

void WhyPanel::leaveEvent(QEvent*) { emit pointed_at({}); }

void WhyPanel::tick(QTreeWidgetItem* item) {
    auto gone = maps_.gone();
    const auto id = item->data(0, kId).toString().toStdString();
    if (id.empty()) return;
    if (item->checkState(0) == Qt::Unchecked)
        gone.insert(id);
    else
        gone.erase(id);
    // The list is filled anew by what follows: the item must be left first.
    QMetaObject::invokeMethod(
        this, [this, gone = std::move(gone)] { maps_.set_gone(gone); }, Qt::QueuedConnection);
}

Page why_page(Desktop& desktop) {
    auto* panel = new WhyPanel(desktop.document(), desktop.maps(), desktop.legends(), desktop.window());
    const auto mark = [&desktop, panel] {
        const bool on = desktop.is_on(DeskKind::light) && desktop.page() == panel;
        desktop.sheet().show_asked(on ? panel->place() : std::nullopt);
    };
    QObject::connect(&desktop, &Desktop::map_shown, panel,
                     [&desktop, panel](const SheetMap& map) { panel->show_map(map, desktop.shown()); });
    QObject::connect(&desktop.sheet(), &Sheet::place_read, panel, [panel](Vec2 at) { panel->ask_at(at); });
    QObject::connect(&desktop.sheet(), &Sheet::place_read, panel, mark);
    QObject::connect(panel, &WhyPanel::place_changed, panel, mark);
    QObject::connect(&desktop, &Desktop::page_changed, panel, mark);
    QObject::connect(panel, &WhyPanel::pointed_at, &desktop.sheet(), &Sheet::highlight);
    desktop.commands().add(CommandGroup::light, QObject::tr("Why"), QKeySequence(QStringLiteral("Shift+Q")),
                           [&desktop, panel] {
                               desktop.go_to_desk(DeskKind::light);
                               desktop.show_page(panel);
                           });
    return {QObject::tr("Why"), QObject::tr("What the light at a point is made of"), on_desk(DeskKind::light), panel};
}

}  // namespace wp::gui
