// SPDX-License-Identifier: GPL-3.0-or-later
// What the sheet tells of a map: the value under the pointer, the mean of a dragged area, readings, the line of a
// profile.
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "gui/sheet/sheet.h"
#include "report/labels.h"
#include "report/plan_map.h"

namespace wp::gui {
using namespace model;

namespace {

QFont plate_font(QFont font) {
    font.setPixelSize(type::small);
    font.setWeight(QFont::DemiBold);
    return font;
}

}  // namespace

void Sheet::show_readings(std::map<Id, QString> values) {
    if (values == readings_) return;
    readings_ = std::move(values);
    update();
}

void Sheet::highlight(std::set<Id> items) {
    if (items == highlighted_) return;
    highlighted_ = std::move(items);
    update();
}

void Sheet::show_profile(std::optional<std::pair<Vec2, Vec2>> line, std::optional<Vec2> mark) {
    profile_ = line;
    profile_mark_ = mark;
    QWidget::update();
}

void Sheet::pin_value() {
    const auto p = pointer_.x() < 0 ? std::nullopt : std::optional(view_.to_model(pointer_));
    const bool same = p && pinned_ && length(*p - *pinned_) * view_.scale < kSnapPixels;
    pinned_ = same ? std::nullopt : p;
    QWidget::update();
}

void Sheet::show_asked(std::optional<Vec2> at) {
    asked_ = at;
    QWidget::update();
}

void Sheet::show_mean_of(std::optional<std::pair<Vec2, Vec2>> corners) {
    mean_area_.reset();
    if (corners) {
        const auto& [a, b] = *corners;
        mean_area_ =
            std::pair{Vec2{std::min(a.x, b.x), std::min(a.y, b.y)}, Vec2{std::max(a.x, b.x), std::max(a.y, b.y)}};
    }
    QWidget::update();
}

void Sheet::draw_reads(QPainter& painter) const {
    if (profile_) {
        const QPointF a = view_.to_screen(profile_->first), b = view_.to_screen(profile_->second);
        painter.setPen(QPen(ink().paper, 4));
        painter.drawLine(a, b);
        painter.setPen(QPen(ink().accent, 1.8, Qt::DashLine));
        painter.drawLine(a, b);
        painter.setPen(QPen(ink().paper, 1.5));
        painter.setBrush(ink().accent);
        for (const QPointF end : {a, b}) painter.drawEllipse(end, 4, 4);
        if (profile_mark_) {
            painter.setBrush(ink().room);
            painter.setPen(QPen(ink().accent, 2));
            painter.drawEllipse(view_.to_screen(*profile_mark_), 5, 5);
        }
    }
    if (asked_ && is_read()) {
        const QPointF at = view_.to_screen(*asked_);
        for (const auto& [colour, width] : {std::pair{ink().paper, 4.0}, {ink().accent, 1.8}}) {
            painter.setPen(QPen(colour, width));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, 6, 6);
        }
    }
    draw_seats(painter);
    draw_readings(painter);
    draw_mean(painter);
    draw_reading(painter);
}

// Beside each reading of the storey, where no other is.
std::vector<std::pair<const Reading*, QRectF>> Sheet::reading_plates() const {
    std::vector<std::pair<const Reading*, QRectF>> out;
    if (storey() == nullptr) return out;
    const QFontMetricsF metrics(plate_font(font()));
    report::Labels labels;
    for (const Reading& r : document_.option().readings) {
        if (edit::storey_of(document_.option(), {Selection::Kind::reading, r.id, -1}) != document_.storey_index())
            continue;
        const QPointF at = view_.to_screen({r.at.x, r.at.y});
        const double w = metrics.horizontalAdvance(reading_text(r)) + 10, h = 17;
        const auto place = labels.take_first({{at.x() - w / 2, at.y() - 26, w, h},
                                              {at.x() - w / 2, at.y() + 6, w, h},
                                              {at.x() + 9, at.y() - 10, w, h},
                                              {at.x() - w - 9, at.y() - 10, w, h},
                                              {at.x() - w / 2, at.y() - 45, w, h}});
        if (place && place->top() >= 0) out.emplace_back(&r, *place);
    }
    return out;
}

QString Sheet::reading_text(const Reading& reading) const {
    const auto value = readings_.find(reading.id);
    return value == readings_.end() || value->second.isEmpty() ? QString::fromStdString(reading.name) : value->second;
}

void Sheet::draw_readings(QPainter& painter) const {
    if (storey() == nullptr) return;
    painter.setFont(plate_font(painter.font()));
    for (const Reading& r : document_.option().readings) {
        if (edit::storey_of(document_.option(), {Selection::Kind::reading, r.id, -1}) != document_.storey_index())
            continue;
        const QPointF at = view_.to_screen({r.at.x, r.at.y});
        const QColor colour = document_.is_selected({Selection::Kind::reading, r.id, -1}) ? ink().accent : ink().ink;
        painter.setPen(QPen(ink().paper, 1.5));
        painter.setBrush(colour);
        painter.drawPolygon(QPolygonF{at, at + QPointF(-5, -9), at + QPointF(5, -9)});
        // One that faces a side shows which.
        if (std::fabs(r.facing.z) < 0.9) {
            painter.setPen(QPen(colour, 1.6));
            painter.drawLine(at, at + QPointF(r.facing.x, -r.facing.y) * 12);
        }
    }
    for (const auto& [reading, box] : reading_plates()) {
        const bool chosen = document_.is_selected({Selection::Kind::reading, reading->id, -1});
        painter.setPen(QPen(chosen ? ink().accent : ink().faint, 1));
        painter.setBrush(ink().room);
        painter.drawRoundedRect(box, 3, 3);
        painter.setPen(ink().ink);
        painter.drawText(box, Qt::AlignCenter, reading_text(*reading));
    }
}

void Sheet::draw_mean(QPainter& painter) const {
    if (!mean_area_ || storey() == nullptr) return;
    const auto [low, high] = *mean_area_;
    const QRectF box = QRectF(view_.to_screen({low.x, high.y}), view_.to_screen({high.x, low.y}));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(ink().paper, 3.5));
    painter.drawRect(box);
    painter.setPen(QPen(ink().accent, 1.6, Qt::DashLine));
    painter.drawRect(box);
    report::MapLayer inside;
    double square_metres = 0;
    for (const auto& layer : map_.layers) {
        if (!layer.plane.lies() || layer.plane.storey != storey()->id) continue;
        for (size_t i = 0; i < layer.value.size(); ++i) {
            const Vec3 p = layer.plane.points[i];
            if (p.x < low.x || p.x > high.x || p.y < low.y || p.y > high.y || std::isnan(layer.value[i])) continue;
            inside.value.push_back(layer.value[i]);
            square_metres += layer.plane.dx * layer.plane.dy;
        }
    }
    QStringList lines;
    if (inside.value.empty()) {
        lines << QObject::tr("no point of the map in here");
    } else {
        const auto figures = report::figures_of(inside, map_.marks);
        lines << QObject::tr("mean %1 %2").arg(report::figure(figures.mean), map_.unit)
              << QObject::tr("median %1, least %2, most %3")
                     .arg(report::figure(figures.median), report::figure(figures.least), report::figure(figures.most));
        QString third = QObject::tr("%1 points, %L2 m\u00b2").arg(inside.value.size()).arg(square_metres, 0, 'f', 1);
        if (figures.share)
            third += QObject::tr(", %L1 % at %2 or more")
                         .arg(100 * *figures.share, 0, 'f', 0)
                         .arg(report::figure(*map_.marks.level));
        lines << third;
    }
    draw_tag(painter, box.topRight() - QPointF(14, -8), rect(), lines);
}

void Sheet::draw_reading(QPainter& painter) const {
    if (pinned_) draw_value(painter, *pinned_, view_.to_screen(*pinned_), true);
    if (pointer_.x() < 0 || hold_.what != Hold::What::none || !tool_->shows_values()) return;
    draw_value(painter, view_.to_model(pointer_), pointer_, false);
}

// Beside the pointer the value alone, so that it hides little; what it is made of where it is pinned.
void Sheet::draw_value(QPainter& painter, Vec2 p, QPointF at, bool whole) const {
    if (storey() == nullptr) return;
    for (size_t l = 0; l < map_.layers.size(); ++l) {
        const auto& layer = map_.layers[l];
        const auto& plane = layer.plane;
        if (layer.value.empty() || !plane.lies() || plane.storey != storey()->id) continue;
        const int found = plane.point_at(p);
        if (found < 0) continue;
        const auto lines = map_.reading(l, static_cast<size_t>(found));
        if (lines.isEmpty()) continue;
        if (whole) {
            painter.setPen(QPen(ink().accent, 2));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, 4, 4);
        }
        return draw_tag(painter, at, rect(), whole ? lines : lines.mid(0, 1));
    }
}

}  // namespace wp::gui
