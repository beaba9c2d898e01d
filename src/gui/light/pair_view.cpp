// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/pair_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "exchange/point_table.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"

namespace wp::gui {

namespace {

constexpr double kTitle = 30, kFoot = 70, kBetween = 1;

report::PlanView moved(report::PlanView view, QPointF by) {
    view.origin += by;
    return view;
}

}  // namespace

PairView::PairView(Document& document, Legends& legends, QWidget* parent)
    : QWidget(parent), document_(document), legend_(new LegendBar(legends, QStringLiteral("pair-legend"), this)) {
    setObjectName(QStringLiteral("pair"));
    setAccessibleName(QObject::tr("Two maps side by side"));
    setMouseTracking(true);
    connect(&document, &Document::storey_changed, this, [this] { fitted_ = false; });
}

namespace {

QRectF plan_area(QRectF box) { return box.adjusted(24, kTitle + 14, -24, -34); }

}  // namespace

// One above the other where that makes the plans larger.
bool PairView::stacked(QSizeF size) const {
    if (!right_.project || size.isEmpty()) return false;
    const auto& option = right_.project->options[right_.option];
    const auto scale = [&](QSizeF half) {
        return report::PlanView::fit(option, right_.storey, plan_area(QRectF(QPointF(0, 0), half))).scale;
    };
    return scale({size.width(), (size.height() - kFoot) / 2}) > scale({size.width() / 2, size.height() - kFoot});
}

QRectF PairView::box_in(QSizeF size, int side) const {
    const double w = size.width(), h = size.height() - kFoot;
    if (difference_) return {0, 0, w, h};
    if (stacked(size)) return {0, side * (h + kBetween) / 2, w, (h - kBetween) / 2};
    return {side * (w + kBetween) / 2, 0, (w - kBetween) / 2, h};
}

QRectF PairView::box(int side) const { return box_in(size(), side); }

void PairView::show_pair(PairSide left, PairSide right, bool difference) {
    if (difference != difference_) fitted_ = false;
    left_ = std::move(left);
    right_ = std::move(right);
    difference_ = difference;
    difference_map_ = difference ? difference_of(left_.map, right_.map) : SheetMap{};
    if (difference)
        difference_map_.name = left_.map.name == right_.map.name
                                   ? QObject::tr("%1: %2 less %3").arg(right_.map.name, right_.who, left_.who)
                                   : QObject::tr("%1 less %2").arg(right_.title(), left_.title());
    legend_->show_map(difference ? difference_map_ : right_.map.layers.empty() ? left_.map : right_.map);
    update();
}

void PairView::fit() {
    if (!right_.project) return;
    const QRectF in = box(0);
    view_ = report::PlanView::fit(right_.project->options[right_.option], right_.storey,
                                  plan_area(QRectF(QPointF(0, 0), in.size())));
    fitted_ = true;
}

void PairView::resizeEvent(QResizeEvent*) {
    fitted_ = false;
    legend_->place_in(size());
}

void PairView::paint_side(QPainter& painter, const PairSide& side, const SheetMap& map, QRectF in,
                          const report::PlanView& view, const report::Ink& ink) const {
    painter.save();
    painter.setClipRect(in);
    const auto& storeys = side.project->options[side.option].storeys;
    report::PlanScene scene = plan_scene(*side.project, side.option,
                                         std::min(side.storey, storeys.empty() ? size_t{0} : storeys.size() - 1), map);
    scene.dimensions = false;
    report::draw_plan(painter, scene, view, ink, in);
    report::draw_scale_bar(painter, view, ink, in, scene.north);
    QColor plate = ink.paper;
    plate.setAlpha(235);
    painter.fillRect(QRectF(in.left(), in.top(), in.width(), kTitle), plate);
    QFont font = painter.font();
    font.setPixelSize(type::body);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.setPen(ink.ink);
    const bool stale = std::any_of(map.layers.begin(), map.layers.end(), [](const auto& l) { return l.stale; });
    const QString title = difference_ ? map.name : side.title();
    painter.drawText(
        QRectF(in.left() + space::medium, in.top(), in.width() - 2 * space::medium, kTitle),
        Qt::AlignLeft | Qt::AlignVCenter,
        painter.fontMetrics().elidedText(map.layers.empty() ? QObject::tr("%1: nothing to show yet").arg(title)
                                         : stale            ? title + QObject::tr(" (stale)")
                                                            : title,
                                         Qt::ElideRight, static_cast<int>(in.width()) - 2 * space::medium));
    painter.restore();
}

std::optional<Vec2> PairView::place_at(QPointF p) const {
    for (const int side : {0, 1}) {
        if (difference_ && side == 1) break;
        if (box(side).contains(p)) return view_.to_model(p - box(side).topLeft());
    }
    return {};
}

QStringList PairView::reading(const PairSide& side, const SheetMap& map, Vec2 place) const {
    const auto& option = side.project->options[side.option];
    if (side.storey >= option.storeys.size()) return {};
    for (size_t l = 0; l < map.layers.size(); ++l) {
        const auto& plane = map.layers[l].plane;
        if (!plane.lies() || plane.storey != option.storeys[side.storey].id || map.layers[l].value.empty()) continue;
        const int point = plane.point_at(place);
        if (point < 0) continue;
        return map.reading(l, static_cast<size_t>(point)).mid(0, 1);
    }
    return {};
}

void PairView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), ink().paper);
    if (!left_.project || !right_.project) return;
    if (!fitted_) fit();
    if (difference_ && difference_map_.layers.empty()) {
        painter.setPen(ink().faint);
        painter.drawText(rect().adjusted(40, 0, -40, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         QObject::tr("The two have no points in the same places: nothing can be taken from the "
                                     "other. Choose Side by side."));
        return;
    }
    for (const int side : {0, 1}) {
        if (difference_ && side == 1) break;
        const PairSide& of = difference_ || side == 1 ? right_ : left_;
        paint_side(painter, of, shown(side), box(side), moved(view_, box(side).topLeft()), ink());
    }
    if (!difference_) {
        painter.setPen(QPen(ink().faint, 1));
        painter.drawLine(box(1).topLeft(), stacked(size()) ? box(1).topRight() : box(1).bottomLeft());
    }
    const auto place = panning_ ? std::nullopt : place_at(pointer_);
    if (!place) return;
    // The same place is read on both.
    for (const int side : {0, 1}) {
        if (difference_ && side == 1) break;
        const auto lines = reading(difference_ || side == 1 ? right_ : left_, shown(side), *place);
        if (!lines.isEmpty()) draw_tag(painter, moved(view_, box(side).topLeft()).to_screen(*place), box(side), lines);
    }
}

void PairView::mousePressEvent(QMouseEvent* event) {
    pressed_ = event->position();
    origin_before_ = view_.origin;
    panning_ = event->button() == Qt::LeftButton || event->button() == Qt::MiddleButton;
}

void PairView::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    if (panning_) view_.origin = origin_before_ + pointer_ - pressed_;
    update();
}

void PairView::mouseReleaseEvent(QMouseEvent*) {
    panning_ = false;
    update();
}

void PairView::wheelEvent(QWheelEvent* event) {
    const QRectF in = box(!difference_ && box(1).contains(event->position()) ? 1 : 0);
    const QPointF at = event->position() - in.topLeft();
    const double scale = std::clamp(view_.scale * std::pow(1.0015, event->angleDelta().y()), 1.0, 1500.0);
    view_.origin = at + (view_.origin - at) * (scale / view_.scale);
    view_.scale = scale;
    update();
}

void PairView::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    update();
}

Takeaway PairView::takeaway() const {
    Takeaway out;
    out.title = difference_ ? difference_map_.name : QObject::tr("%1 and %2").arg(left_.title(), right_.title());
    out.size = {1600, 800};
    if (!left_.project || !right_.project) return out;
    out.paint = [this](QPainter& painter) {
        const report::Ink paper;
        painter.setRenderHint(QPainter::Antialiasing);
        painter.fillRect(QRectF(0, 0, 1600, 800), paper.paper);
        painter.setFont(report::page_font(12));
        for (const int side : {0, 1}) {
            if (difference_ && side == 1) break;
            const QRectF in = box_in({1600, 800}, side);
            const PairSide& of = difference_ || side == 1 ? right_ : left_;
            paint_side(painter, of, shown(side), in,
                       report::PlanView::fit(of.project->options[of.option], of.storey, plan_area(in)), paper);
        }
        const SheetMap& map = difference_ ? difference_map_ : right_.map;
        report::draw_legend(painter, map.scale, map.name, map.unit, paper, QRectF(580, 734, 440, 50), map.marks,
                            map.usual);
    };
    // One column a side on the points of the right one, the left one's where it has them; or the difference.
    out.csv = [this] {
        question::PointTable table;
        const auto add = [&](const SheetMap& map, const QString& name) {
            question::Column column{name.toStdString(), "", map.unit.toStdString(), {}, {}};
            std::replace(column.id.begin(), column.id.end(), ',', ' ');
            for (size_t p = 0; p < table.planes.size(); ++p) {
                const auto same = std::find_if(map.layers.begin(), map.layers.end(), [&](const auto& l) {
                    return l.plane.fingerprint() == table.planes[p].fingerprint();
                });
                column.value.push_back(
                    same != map.layers.end() ? same->value : std::vector<double>(table.planes[p].points.size(), NAN));
            }
            table.columns.push_back(std::move(column));
        };
        for (const auto& layer : right_.map.layers) table.planes.push_back(layer.plane);
        if (difference_) {
            add(difference_map_, difference_map_.name);
        } else {
            add(left_.map, left_.title());
            add(right_.map, right_.title());
        }
        return exchange::table_csv(table);
    };
    return out;
}

}  // namespace wp::gui
