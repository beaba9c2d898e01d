// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/section_drawing.h"

#include <QPainterPath>
#include <cmath>
#include <map>

namespace wp::report {

namespace {

QPolygonF on_paper(const geometry::Polygon& polygon, const std::function<QPointF(Vec2)>& place) {
    QPolygonF out;
    for (const Vec2 p : polygon) out << place(p);
    return out;
}

}  // namespace

void draw_section(QPainter& painter, const geometry::Section& section, const model::Option& option,
                  const std::function<QPointF(Vec2)>& place, const Ink& ink, QRectF area,
                  const std::set<std::string>& selected) {
    for (const auto& air : section.air) {
        painter.setPen(selected.contains(air.room) ? QPen(ink.accent, 2) : QPen(Qt::NoPen));
        painter.setBrush(ink.room);
        painter.drawPolygon(on_paper(air.outline, place));
    }
    painter.setBrush(Qt::NoBrush);
    for (const auto& beyond : section.beyond) {
        painter.setPen(QPen(selected.contains(beyond.id) ? ink.accent : ink.faint, 1));
        painter.drawPolygon(on_paper(beyond.outline, place));
    }
    QPainterPath solid;
    for (const auto& region : section.solid) {
        solid.addPolygon(on_paper(region.outer, place));
        solid.closeSubpath();
        for (const auto& hole : region.holes) {
            solid.addPolygon(on_paper(hole, place));
            solid.closeSubpath();
        }
    }
    painter.setPen(QPen(ink.ink, 1.2));
    painter.setBrush(ink.poche);
    painter.drawPath(solid);
    painter.setPen(QPen(ink.glass, 3));
    for (const auto& [p, q] : section.glass) painter.drawLine(place(p), place(q));
    const double ground = place({0, section.ground}).y();
    painter.setPen(QPen(ink.ink, 1.6));
    painter.drawLine(QPointF(area.left(), ground), QPointF(place(section.low).x(), ground));
    painter.drawLine(QPointF(place(section.high).x(), ground), QPointF(area.right(), ground));
    // A room that is cut in several pieces is named in the largest.
    std::map<model::Id, const geometry::Section::Air*> largest;
    for (const auto& air : section.air) {
        auto& known = largest[air.room];
        if (known == nullptr ||
            std::fabs(geometry::signed_area(air.outline)) > std::fabs(geometry::signed_area(known->outline)))
            known = &air;
    }
    for (const auto& [id, piece] : largest) {
        const auto& air = *piece;
        const QRectF box = on_paper(air.outline, place).boundingRect();
        const model::Room* room = nullptr;
        for (const auto& storey : option.storeys)
            if (const auto* found = model::find(storey.rooms, air.room)) room = found;
        if (room == nullptr || box.width() < 40) continue;
        painter.setPen(ink.ink);
        const QString name = painter.fontMetrics().elidedText(QString::fromStdString(room->name), Qt::ElideRight,
                                                              static_cast<int>(box.width()) - 8);
        painter.drawText(QRectF(box.left(), box.bottom() - 20, box.width(), 16), Qt::AlignCenter, name);
    }
}

}  // namespace wp::report
