// SPDX-License-Identifier: GPL-3.0-or-later
// Painting of the sheet; its tools are in sheet_tools.cpp.
#include "gui/sheet/sheet.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"
#include "gui/look/look.h"

namespace wp::gui {
using namespace model;

Sheet::Sheet(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(QStringLiteral("Sheet"));
    setObjectName(QStringLiteral("sheet"));
    setMinimumSize(320, 240);
    connect(&document, &Document::project_changed, this, qOverload<>(&QWidget::update));
    connect(&document, &Document::selection_changed, this, [this] {
        update();
        say_hint();
    });
    connect(&document, &Document::path_changed, this, [this] {
        fitted_ = false;
        update();
    });
}

const Storey* Sheet::storey() const {
    const auto& storeys = document_.option().storeys;
    return document_.storey_index() < storeys.size() ? &storeys[document_.storey_index()] : nullptr;
}

void Sheet::show_map(SheetMap map) {
    map_ = std::move(map);
    new_map_ = true;
    update();
}

void Sheet::set_with_blocks(bool on) {
    if (with_blocks_ == on) return;
    with_blocks_ = on;
    fit();
}

void Sheet::fit() {
    view_ = report::PlanView::fit(document_.option(), document_.storey_index(), QRectF(rect()).adjusted(50, 50, -50, -90), with_blocks_);
    fitted_ = true;
    update();
}

void Sheet::resizeEvent(QResizeEvent*) { fitted_ = false; }

void Sheet::paintEvent(QPaintEvent*) {
    if (!fitted_) fit();
    QPainter painter(this);
    report::PlanScene scene;
    scene.option = &document_.option();
    scene.storey = document_.storey_index();
    scene.maps = map_.layers;
    scene.scale = map_.scale;
    scene.north = document_.project().site.north;
    const Selection& selection = document_.selection();
    if (selection.kind != Selection::Kind::none && selection.kind != Selection::Kind::wall) scene.selected.insert(selection.id);
    report::draw_plan(painter, scene, view_, ink(), rect());
    report::draw_scale_bar(painter, view_, ink(), rect(), scene.north);
    draw_dimensions(painter);
    draw_tools(painter);
    const bool empty = storey() == nullptr || storey()->rooms.empty();
    if (empty && tool_ == Tool::select) {
        QFont font = painter.font();
        font.setPixelSize(type::heading);
        painter.setFont(font);
        painter.setPen(ink().faint);
        painter.drawText(rect(), Qt::AlignCenter, QStringLiteral("An empty sheet. Press R and drag a rectangle to draw the first room."));
    }
    if (!map_.layers.empty()) {
        const double w = std::min(340.0, width() - 330.0);
        if (w > 150) {
            const QRectF plate((width() - w) / 2 - 12, height() - 62, w + 24, 56);
            QColor paper = ink().paper;
            paper.setAlpha(235);
            painter.setPen(Qt::NoPen);
            painter.setBrush(paper);
            painter.drawRoundedRect(plate, 4, 4);
            report::draw_legend(painter, map_.scale, map_.name, map_.unit, ink(), plate.adjusted(12, 4, -12, 0));
        }
    }
    draw_reading(painter);
    if (new_map_) {
        new_map_ = false;
        ++maps_painted_;
    }
}

namespace {

void dimension(QPainter& painter, const report::PlanView& view, Vec2 a, Vec2 b, Vec2 away, double offset_px) {
    const QPointF p = view.to_screen(a), q = view.to_screen(b), o(away.x * offset_px, -away.y * offset_px);
    painter.drawLine(p + o, q + o);
    const QPointF tick(o.x() / offset_px * 4, o.y() / offset_px * 4);
    painter.drawLine(p + o - tick, p + o + tick);
    painter.drawLine(q + o - tick, q + o + tick);
    const QString text = QString::number(length(b - a), 'f', 2);
    const QPointF middle = (p + q) / 2 + o;
    const double w = painter.fontMetrics().horizontalAdvance(text) + 8;
    const QRectF box(middle.x() - w / 2, middle.y() - 8, w, 16);
    painter.save();
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().paper);
    painter.drawRect(box);
    painter.restore();
    painter.drawText(box, Qt::AlignCenter, text);
}

}  // namespace

void Sheet::draw_dimensions(QPainter& painter) const {
    const Selection& selection = document_.selection();
    QFont font = painter.font();
    font.setPixelSize(type::small);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.setPen(QPen(ink().accent, 1));
    Option& option = const_cast<Option&>(document_.option());
    if (selection.kind == Selection::Kind::room || selection.kind == Selection::Kind::wall) {
        const auto place = find_room(option, selection.id);
        if (!place) return;
        for (int e = 0; e < static_cast<int>(place.room->footprint.size()); ++e) {
            if (selection.kind == Selection::Kind::wall && e != selection.edge) continue;
            const Vec2 a = edge_begin(*place.room, e), b = edge_end(*place.room, e), d = normalized(b - a);
            if (selection.kind == Selection::Kind::wall) {
                painter.setPen(QPen(ink().accent, 4));
                painter.drawLine(view_.to_screen(a), view_.to_screen(b));
                painter.setPen(QPen(ink().accent, 1));
            }
            dimension(painter, view_, a, b, {-d.y, d.x}, 22);  // inside: inner dimensions are what people quote
        }
        for (const Vec2 p : place.room->footprint) {
            painter.setBrush(ink().paper);
            painter.drawRect(QRectF(view_.to_screen(p) - QPointF(4, 4), QSizeF(8, 8)));
        }
    }
    if (selection.kind == Selection::Kind::opening) {
        const auto place = find_opening(option, selection.id);
        if (!place) return;
        const Vec2 a = edge_begin(*place.room, place.opening->edge), b = edge_end(*place.room, place.opening->edge), d = normalized(b - a);
        const Vec2 p = a + d * place.opening->along, q = p + d * place.opening->width, in{-d.y, d.x};
        dimension(painter, view_, p, q, in, 22);
        dimension(painter, view_, a, p, in, 22);
        dimension(painter, view_, q, b, in, 22);
    }
}

void Sheet::draw_reading(QPainter& painter) const {
    if (pointer_.x() < 0 || grip_.what != Grip::What::none || tool_ != Tool::select) return;
    const Vec2 p = view_.to_model(pointer_);
    for (size_t l = 0; l < map_.layers.size(); ++l) {
        const auto& layer = map_.layers[l];
        const auto& plane = layer.plane;
        if (plane.dx <= 0 || layer.value.empty()) continue;
        const int x = static_cast<int>(std::floor((p.x - plane.origin.x) / plane.dx)), y = static_cast<int>(std::floor((p.y - plane.origin.y) / plane.dy));
        if (x < 0 || y < 0 || x >= plane.columns || y >= plane.rows) continue;
        const auto it = std::find(plane.cell_of.begin(), plane.cell_of.end(), y * plane.columns + x);
        if (it == plane.cell_of.end()) continue;
        const auto i = static_cast<size_t>(it - plane.cell_of.begin());
        QString text = report::figure(layer.value[i]);
        if (l < map_.half_width.size() && i < map_.half_width[l].size()) text += QStringLiteral(" \u00b1 ") + report::error_figure(map_.half_width[l][i]);
        text += QStringLiteral(" ") + map_.unit;
        if (layer.stale) text += QStringLiteral(" (stale)");
        QFont font = painter.font();
        font.setPixelSize(12);
        font.setWeight(QFont::DemiBold);
        painter.setFont(font);
        const double w = painter.fontMetrics().horizontalAdvance(text) + 16;
        QRectF box(pointer_.x() + 14, pointer_.y() - 30, w, 22);
        if (box.right() > width()) box.moveRight(pointer_.x() - 10);
        painter.setPen(QPen(ink().faint, 1));
        painter.setBrush(ink().room);
        painter.drawRoundedRect(box, 3, 3);
        painter.setPen(ink().ink);
        painter.drawText(box, Qt::AlignCenter, text);
        return;
    }
}

void Sheet::draw_tools(QPainter& painter) const {
    painter.setPen(QPen(ink().accent, 1.6));
    painter.setBrush(Qt::NoBrush);
    if (tool_ == Tool::outline && !outline_.empty()) {
        QPolygonF line;
        for (const Vec2 p : outline_) line << view_.to_screen(p);
        line << view_.to_screen(snap(view_.to_model(pointer_), {}).at);
        painter.drawPolyline(line);
        dimension(painter, view_, outline_.back(), snap(view_.to_model(pointer_), {}).at, {0, 1}, 18);
    }
    if (grip_.what == Grip::What::rectangle) {
        const Vec2 a = grip_.from, b = snap(view_.to_model(pointer_), {}).at;
        painter.drawRect(QRectF(view_.to_screen(a), view_.to_screen(b)).normalized());
        const double low_x = std::min(a.x, b.x), high_x = std::max(a.x, b.x), low_y = std::min(a.y, b.y), high_y = std::max(a.y, b.y);
        painter.setPen(QPen(ink().accent, 1));
        dimension(painter, view_, {low_x, high_y}, {high_x, high_y}, {0, 1}, 18);
        dimension(painter, view_, {low_x, low_y}, {low_x, high_y}, {-1, 0}, 18);
    }
    if (tool_ == Tool::window && editable_) draw_ghost_window(painter);
    const bool drawing = tool_ == Tool::rectangle || tool_ == Tool::outline;
    if (drawing && pointer_.x() >= 0) {
        const Snap s = snap(view_.to_model(pointer_), {});
        const QPointF at = view_.to_screen(s.at);
        painter.setPen(QPen(ink().accent, 1, Qt::DashLine));
        if (s.on_x) painter.drawLine(QPointF(at.x(), 0), QPointF(at.x(), height()));
        if (s.on_y) painter.drawLine(QPointF(0, at.y()), QPointF(width(), at.y()));
        painter.setPen(QPen(ink().accent, 1.6));
        painter.drawLine(at - QPointF(6, 0), at + QPointF(6, 0));
        painter.drawLine(at - QPointF(0, 6), at + QPointF(0, 6));
    }
}

void Sheet::draw_ghost_window(QPainter& painter) const {
    const auto spot = wall_near(pointer_, 24);
    if (!spot) return;
    const auto place = find_room(document_.option(), spot->room);
    const Vec2 a = edge_begin(*place.room, spot->edge), d = normalized(edge_end(*place.room, spot->edge) - a), out{d.y, -d.x};
    const Vec2 p = a + d * (spot->along - 0.6), q = p + d * 1.2;
    painter.setPen(QPen(ink().accent, 2, Qt::DashLine));
    QPolygonF box;
    for (const Vec2 c : {p, q, q + out * document_.option().outer_wall, p + out * document_.option().outer_wall}) box << view_.to_screen(c);
    painter.drawPolygon(box);
}

}  // namespace wp::gui
