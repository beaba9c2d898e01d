// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/plan.h"

#include <QFontMetricsF>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <optional>

#include "geometry/polygon.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "report/language/words.h"
#include "report/plan_map.h"
#include "report/plan_things.h"

namespace wp::report {
using namespace model;

Ink Ink::dark() {
    Ink i;
    i.paper = QColor(0x24, 0x20, 0x1d);
    i.ink = QColor(0xee, 0xe6, 0xd8);
    i.faint = QColor(0x8a, 0x80, 0x74);
    i.accent = QColor(0xe0, 0x84, 0x4d);
    i.poche = QColor(0xa8, 0x9c, 0x8c);
    i.room = QColor(0x2d, 0x28, 0x24);
    i.glass = QColor(0x8f, 0xb0, 0xba);
    i.ground = QColor(0x33, 0x2e, 0x29);
    return i;
}

QString figure(double v) {
    const double a = std::fabs(v);
    return language::number(v, 'f', a >= 99.95 ? 0 : a >= 9.995 ? 1 : 2);
}

// Two digits: more would be known of the error than of the value.
QString error_figure(double h) {
    return h > 0 && h < 0.01 ? language::number(h, 'f', h < 0.001 ? 4 : 3)
                             : language::number(h, 'f',
                                                h >= 9.95    ? 0
                                                : h >= 0.995 ? 1
                                                             : 2);
}

QString metres(double length) { return language::number(length, 'f', 2); }

PlanView PlanView::fit(const Option& option, size_t storey, QRectF area, bool with_blocks) {
    Vec2 low{1e9, 1e9}, high{-1e9, -1e9};
    const auto include = [&](Vec2 p, double by) {
        low = {std::min(low.x, p.x - by), std::min(low.y, p.y - by)};
        high = {std::max(high.x, p.x + by), std::max(high.y, p.y + by)};
    };
    if (storey < option.storeys.size())
        for (const Room& room : option.storeys[storey].rooms)
            for (const Vec2 p : room.footprint) include(p, option.outer_wall);
    if (with_blocks)
        for (const Block& block : option.blocks)
            for (const Vec2 p : block.footprint) include(p, 0);
    if (low.x > high.x) {
        low = {-1, -1};
        high = {11, 8};
    }
    PlanView view;
    view.scale = std::min(area.width() / (high.x - low.x), area.height() / (high.y - low.y)) * 0.96;
    view.scale = std::clamp(view.scale, 2.0, 400.0);
    const Vec2 middle = (low + high) * 0.5;
    view.origin = area.center() - QPointF(middle.x * view.scale, -middle.y * view.scale);
    return view;
}

namespace {

QPolygonF polygon(const PlanView& view, const std::vector<Vec2>& points) {
    QPolygonF out;
    for (const Vec2 p : points) out << view.to_screen(p);
    return out;
}

QPainterPath rings_path(const PlanView& view, const std::vector<geometry::Polygon>& rings) {
    QPainterPath path;
    for (const auto& ring : rings) {
        path.addPolygon(polygon(view, ring));
        path.closeSubpath();
    }
    return path;
}

QFont title_font(const QPainter& painter) {
    QFont font = painter.font();
    font.setPixelSize(12);
    font.setWeight(QFont::DemiBold);
    return font;
}
QFont line_font(const QPainter& painter) {
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Normal);
    return font;
}

// A room's name with its area, in one line or two; under it, where they are wanted, the figures of its floor's map.
struct NamePlate {
    QRectF box;
    QStringList title, lines;
};

constexpr double kPlateEdge = 6, kPlateSide = 5, kTitleLine = 18, kFigureLine = 14;

// In two lines, broken where it is about even; in one where there is no space.
QStringList broken(const QString& text) {
    int best = -1;
    for (int i = text.indexOf(QLatin1Char(' ')); i >= 0; i = text.indexOf(QLatin1Char(' '), i + 1))
        if (best < 0 || std::abs(2 * i - text.size()) < std::abs(2 * best - text.size())) best = i;
    return best < 0 ? QStringList{text} : QStringList{text.left(best), text.mid(best + 1)};
}

QStringList figures_under(const PlanScene& scene, const Room& room) {
    if (!scene.marks.figures) return {};
    for (const MapLayer& layer : scene.maps) {
        const auto* plane = find(scene.option->planes, layer.plane.plane);
        if (plane != nullptr && plane->on == ReferencePlane::On::floor && layer.plane.room == room.id)
            return figure_lines(figures_of(layer, scene.marks), scene.marks, scene.unit);
    }
    return {};
}

// What may stand on a room's plate, from all that is wanted to the name alone.
std::vector<NamePlate> plates_wanted(const PlanScene& scene, const Storey& storey, const Room& room) {
    const QString name = QString::fromStdString(room.name);
    const QStringList figures = figures_under(scene, room);
    std::vector<NamePlate> out;
    if (scene.show_areas)
        out.push_back({{},
                       {QStringLiteral("%1  %L2 m\u00b2")
                            .arg(name)
                            .arg(geometry::floor_area(*scene.option, storey, room), 0, 'f', 1)},
                       figures});
    if (!figures.isEmpty()) {
        out.push_back({{}, {name}, figures});
        out.push_back({{}, broken(name), figures});
    }
    out.push_back({{}, {name}, {}});
    out.push_back({{}, broken(name), {}});
    return out;
}

// Corners of the room, then its middle.
std::vector<QRectF> places_in(const QRectF& room, QSizeF plate) {
    const double w = plate.width(), h = plate.height(), left = room.left() + kPlateEdge, top = room.top() + kPlateEdge,
                 right = room.right() - kPlateEdge - w, foot = room.bottom() - kPlateEdge - h;
    if (right < left || foot < top) return {};
    return {{left, top, w, h},
            {right, top, w, h},
            {left, foot, w, h},
            {right, foot, w, h},
            {room.center().x() - w / 2, room.center().y() - h / 2, w, h}};
}

// Names are whole or left out.
std::vector<NamePlate> name_plates(const QPainter& painter, const PlanScene& scene, const PlanView& view,
                                   const Storey& storey, Labels& labels) {
    std::vector<NamePlate> out;
    const QFontMetricsF metrics(title_font(painter)), small(line_font(painter));
    const auto size = [&](const NamePlate& plate) {
        double width = 0;
        for (const QString& line : plate.title) width = std::max(width, metrics.horizontalAdvance(line));
        for (const QString& line : plate.lines) width = std::max(width, small.horizontalAdvance(line));
        return QSizeF(width + 2 * kPlateSide, kTitleLine * static_cast<double>(plate.title.size()) +
                                                  kFigureLine * static_cast<double>(plate.lines.size()));
    };
    for (const Room& room : storey.rooms) {
        // The selected room carries its dimensions there, and its name in the inspector.
        if (scene.selected.contains(room.id) && !scene.marks.figures) continue;
        const QRectF bounds = polygon(view, room.footprint).boundingRect().adjusted(2, 2, -2, -2);
        for (NamePlate& plate : plates_wanted(scene, storey, room)) {
            const auto place = labels.take_first(places_in(bounds, size(plate)));
            if (!place) continue;
            plate.box = *place;
            out.push_back(std::move(plate));
            break;
        }
    }
    return out;
}

void draw_map(QPainter& painter, const PlanScene& scene, const MapLayer& layer, const PlanView& view, const Ink& ink,
              Labels& labels) {
    if (layer.value.empty() || scene.option->storeys.empty()) return;
    if (!layer.plane.lies()) return draw_upright_map(painter, scene, layer, view, ink, labels);
    const Storey& storey = scene.option->storeys[std::min(scene.storey, scene.option->storeys.size() - 1)];
    if (layer.plane.storey != storey.id) return;
    const auto& p = layer.plane;
    const auto* plane = find(scene.option->planes, p.plane);
    painter.save();
    if (plane != nullptr && plane->on == ReferencePlane::On::floor)
        if (const Room* room = find(storey.rooms, p.room)) {
            auto within = geometry::rings(
                geometry::offset_union({geometry::inner_face(*scene.option, storey, *room).ring}, -plane->margin));
            if (!plane->area.empty()) within = geometry::rings(geometry::intersection(within, {plane->area}));
            if (!plane->left_out.empty()) within = geometry::rings(geometry::difference(within, plane->left_out));
            painter.setClipPath(rings_path(view, within), Qt::IntersectClip);
        }
    // A slope is drawn as its shadow on the floor.
    draw_layer(
        painter, layer, scene.scale, scene.marks,
        [&view](Vec3 at) {
            return view.to_screen({at.x, at.y});
        },
        ink, labels);
    painter.restore();
}

struct Hand {
    QPainter& painter;
    const PlanScene& scene;
    const PlanView& view;
    const Ink& ink;
};

// at: height of the cut above the floor that the opening stands on.
void draw_opening(const Hand& hand, const geometry::StoreyWalls& walls, size_t index, const Opening& o, double at) {
    auto& [painter, scene, view, ink] = hand;
    const auto way = geometry::passage(walls, *scene.option, index, o.edge, o.along, o.width);
    if (way.side < 0) return;
    const Vec2 p = way.inner[0], q = way.inner[1], through = way.outer[0] - p, out = normalized(through);
    const double depth = way.depth;
    const bool chosen = scene.selected.contains(o.id);
    const bool cut = o.sill < at && o.sill + o.height > at;
    if (!cut) {  // above or below the cut: a dashed outline in the solid wall
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(chosen ? ink.accent : ink.paper, chosen ? 2.2 : 1.2, Qt::DashLine));
        painter.drawPolygon(polygon(view, {p, q, q + through, p + through}));
        return;
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink.room);
    painter.drawPolygon(
        polygon(view, {p - out * 0.01, q - out * 0.01, q + through + out * 0.01, p + through + out * 0.01}));
    painter.setPen(QPen(chosen ? ink.accent : ink.ink, chosen ? 2.2 : 1));
    painter.drawLine(view.to_screen(p), view.to_screen(p + through));
    painter.drawLine(view.to_screen(q), view.to_screen(q + through));
    if (o.kind == Opening::Kind::opening_void) {
        QPen dashed(chosen ? ink.accent : ink.faint, 1, Qt::DashLine);
        painter.setPen(dashed);
        painter.drawLine(view.to_screen(p), view.to_screen(q));
        painter.drawLine(view.to_screen(p + through), view.to_screen(q + through));
        return;
    }
    const Vec2 pane = out * std::min(o.reveal, depth);
    if (o.kind == Opening::Kind::door) {  // the leaf stands open, with the way it swings
        const Vec2 hinge = p + pane, leaf = hinge - out * length(q - p);
        painter.setPen(QPen(chosen ? ink.accent : ink.ink, chosen ? 2.4 : 1.6));
        painter.drawLine(view.to_screen(hinge), view.to_screen(leaf));
        painter.setPen(QPen(chosen ? ink.accent : ink.faint, 1));
        painter.setBrush(Qt::NoBrush);
        const QPointF c = view.to_screen(hinge);
        const double r = length(q - p) * view.scale, from = degrees(std::atan2(-out.y, -out.x)),
                     to = degrees(std::atan2(q.y - p.y, q.x - p.x));
        const double sweep = std::fmod(to - from + 540, 360) - 180;
        painter.drawArc(QRectF(c.x() - r, c.y() - r, 2 * r, 2 * r), static_cast<int>(from * 16),
                        static_cast<int>(sweep * 16));
        return;
    }
    if (o.kind == Opening::Kind::panel) {
        painter.setPen(QPen(chosen ? ink.accent : ink.poche, chosen ? 6 : 5));
        painter.drawLine(view.to_screen(p + pane), view.to_screen(q + pane));
        return;
    }
    painter.setPen(QPen(chosen ? ink.accent : ink.glass, chosen ? 3 : 2.2));
    painter.drawLine(view.to_screen(p + pane), view.to_screen(q + pane));
    painter.setPen(QPen(chosen ? ink.accent : ink.ink, 1.2));
    for (int i = 0; i <= o.columns; ++i) {  // frame and mullions
        const Vec2 at = p + pane + (q - p) * (static_cast<double>(i) / o.columns);
        painter.drawLine(view.to_screen(at - out * 0.04), view.to_screen(at + out * 0.04));
    }
    painter.setPen(QPen(chosen ? ink.accent : ink.faint, 1));
    painter.drawLine(view.to_screen(p + through), view.to_screen(q + through));
    painter.drawLine(view.to_screen(p), view.to_screen(q));
}

// Tall openings of lower storeys that the cut still meets: windows beside a stair.
void draw_from_below(const Hand& hand) {
    const auto& storeys = hand.scene.option->storeys;
    for (size_t s = 0; s < hand.scene.storey; ++s) {
        const double at = storeys[hand.scene.storey].level + hand.scene.cut - storeys[s].level;
        std::optional<geometry::StoreyWalls> walls;
        for (size_t r = 0; r < storeys[s].rooms.size(); ++r)
            for (const Opening& o : storeys[s].rooms[r].openings) {
                if (o.sill + o.height <= at) continue;
                if (!walls) walls = geometry::storey_walls(*hand.scene.option, s);
                draw_opening(hand, *walls, r, o, at);
            }
    }
}

void draw_storey_below(const Hand& hand) {
    if (!hand.scene.show_below || hand.scene.storey == 0) return;
    hand.painter.setBrush(Qt::NoBrush);
    QColor faint = hand.ink.faint;
    faint.setAlpha(150);
    hand.painter.setPen(QPen(faint, 1, Qt::DotLine));
    for (const Room& room : hand.scene.option->storeys[hand.scene.storey - 1].rooms)
        hand.painter.drawPolygon(polygon(hand.view, room.footprint));
}

void draw_floor_voids(const Hand& hand, const Storey& storey) {
    auto& [painter, scene, view, ink] = hand;
    for (const FloorVoid& hole : storey.voids) {
        const bool chosen = scene.selected.contains(hole.id);
        const QPolygonF shape = polygon(view, hole.outline);
        painter.setBrush(ink.paper);
        painter.setPen(QPen(chosen ? ink.accent : ink.ink, chosen ? 2.2 : 1));
        painter.drawPolygon(shape);
        painter.setPen(QPen(chosen ? ink.accent : ink.faint, 1));
        for (qsizetype i = 0; i + 2 < shape.size(); ++i) painter.drawLine(shape[i], shape[i + 2]);
    }
}

void draw_partitions(const Hand& hand, const Storey& storey) {
    auto& [painter, scene, view, ink] = hand;
    for (const Partition& wall : storey.partitions) {
        const Vec2 d = normalized(wall.to - wall.from), half = Vec2{-d.y, d.x} * (wall.thickness / 2);
        const bool chosen = scene.selected.contains(wall.id);
        painter.setBrush(wall.height > scene.cut ? ink.poche : ink.ground);
        painter.setPen(QPen(chosen ? ink.accent : ink.ink, chosen ? 2.4 : 1));
        painter.drawPolygon(polygon(view, {wall.from - half, wall.to - half, wall.to + half, wall.from + half}));
    }
}

// What is above the cut: ridges, steps and rooflights, dashed.
void draw_above(const Hand& hand, const Storey& storey, const std::vector<geometry::Polygon>& outline) {
    auto& [painter, scene, view, ink] = hand;
    painter.setBrush(Qt::NoBrush);
    for (const Roof& roof : storey.roofs) {
        const geometry::RoofShape shape(storey, roof, scene.option->roof);
        const Vec2 across{shape.rise().y, -shape.rise().x};
        const bool chosen = scene.selected.contains(roof.id);
        std::vector<geometry::Polygon> under;
        for (const Room& room : storey.rooms)
            if (geometry::roof_over(storey, room) == &roof) under.push_back(room.footprint);
        painter.save();
        painter.setClipPath(
            rings_path(view, roof.rooms.empty() ? outline : geometry::rings(geometry::offset_union(under, 0.02))),
            Qt::IntersectClip);
        painter.setPen(QPen(chosen ? ink.accent : ink.faint, chosen ? 2 : 1, Qt::DashDotLine));
        for (size_t k = 0; k + 1 < shape.inner().size(); ++k) {
            const Vec2 at = shape.rise() * shape.inner()[k].to;
            painter.drawLine(view.to_screen(at - across * 500.0), view.to_screen(at + across * 500.0));
        }
        painter.restore();
        if (!chosen) continue;
        painter.setPen(QPen(ink.accent, 2));
        for (const auto& ring : geometry::rings(geometry::offset_union(under, 0.0)))
            painter.drawPolygon(polygon(view, ring));
    }
    for (const Rooflight& light : storey.rooflights) {
        const Roof* roof = nullptr;
        for (const Room& room : storey.rooms)
            if (geometry::contains(room.footprint, light.centre)) roof = geometry::roof_over(storey, room);
        const double turn = roof != nullptr ? -radians(roof->direction) : radians(light.turn);
        const Vec2 x{std::cos(turn), std::sin(turn)}, y{-x.y, x.x};
        const Vec2 u = x * (light.width / 2), v = y * (light.upright ? 0.12 : light.length / 2);
        const bool chosen = scene.selected.contains(light.id);
        painter.setPen(QPen(chosen ? ink.accent : ink.glass, chosen ? 2.4 : 1.6, Qt::DashLine));
        painter.drawPolygon(
            polygon(view, {light.centre - u - v, light.centre + u - v, light.centre + u + v, light.centre - u + v}));
    }
}

// A dimension line, and where on it its figure stands: below nought where nothing is free.
struct PlacedDimension {
    const Dimension* line;
    double share;
};

std::vector<PlacedDimension> place_dimensions(const Hand& hand, const Storey& storey, Labels& labels) {
    auto& [painter, scene, view, ink] = hand;
    std::vector<PlacedDimension> out;
    const QFontMetricsF metrics(line_font(painter));
    for (const Dimension& line : storey.dimensions) {
        if (length(line.to - line.from) < 1e-6) continue;
        const Vec2 d = normalized(line.to - line.from), off = Vec2{-d.y, d.x} * line.offset;
        const double w = metrics.horizontalAdvance(metres(length(line.to - line.from))) + 8;
        out.push_back({&line, -1});
        for (const double share : {0.5, 0.35, 0.65, 0.2, 0.8}) {
            const QPointF at = view.to_screen(line.from + off + (line.to - line.from) * share);
            if (!labels.take_bare({at.x() - w / 2, at.y() - 8, w, 16})) continue;
            out.back().share = share;
            break;
        }
    }
    return out;
}

void draw_dimensions(const Hand& hand, const std::vector<PlacedDimension>& dimensions) {
    auto& [painter, scene, view, ink] = hand;
    painter.setFont(line_font(painter));
    for (const auto& [at, share] : dimensions) {
        const Dimension& line = *at;
        const Vec2 d = normalized(line.to - line.from), left{-d.y, d.x};
        painter.setPen(QPen(scene.selected.contains(line.id) ? ink.accent : ink.ink, 1));
        painter.drawLine(view.to_screen(line.from), view.to_screen(line.from + left * line.offset));
        painter.drawLine(view.to_screen(line.to), view.to_screen(line.to + left * line.offset));
        draw_dimension(painter, view, ink, line.from, line.to, line.offset < 0 ? left * -1.0 : left,
                       std::fabs(line.offset) * view.scale, metres(length(line.to - line.from)), share);
    }
}

void draw_observer(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink, const Observer& o) {
    const QPointF at = view.to_screen({o.eye.x, o.eye.y});
    const bool chosen = scene.selected.contains(o.id);
    painter.setPen(QPen(chosen ? ink.accent : ink.ink, chosen ? 2.2 : 1.4));
    painter.setBrush(ink.paper);
    QPainterPath fan;
    fan.moveTo(at);
    fan.arcTo(QRectF(at.x() - 22, at.y() - 22, 44, 44), 90 - o.heading - 25, 50);
    fan.closeSubpath();
    // Further directions are thin rays.
    painter.save();
    painter.setPen(QPen(chosen ? ink.accent : ink.faint, chosen ? 1.6 : 1));
    for (const double heading : o.others) {
        const double a = radians(heading);
        painter.drawLine(at, at + QPointF(std::sin(a), -std::cos(a)) * 20);
    }
    painter.restore();
    painter.setOpacity(0.9);
    painter.drawPath(fan);
    painter.setOpacity(1);
    painter.setBrush(chosen ? ink.accent : ink.ink);
    painter.drawEllipse(at, 4, 4);
}

void draw_names(QPainter& painter, const std::vector<NamePlate>& plates, const Ink& ink) {
    QColor under = ink.paper;
    under.setAlpha(225);
    for (const NamePlate& plate : plates) {
        const QRectF& box = plate.box;
        painter.setPen(Qt::NoPen);
        painter.setBrush(under);
        painter.drawRoundedRect(box, 3, 3);
        painter.setPen(ink.ink);
        double y = box.top();
        const auto write = [&](const QString& text, double height) {
            painter.drawText(QRectF(box.left() + kPlateSide, y, box.width(), height), Qt::AlignLeft | Qt::AlignVCenter,
                             text);
            y += height;
        };
        painter.setFont(title_font(painter));
        for (const QString& line : plate.title) write(line, kTitleLine);
        painter.setFont(line_font(painter));
        for (const QString& line : plate.lines) write(line, kFigureLine);
    }
}

}  // namespace

QRectF draw_dimension(QPainter& painter, const PlanView& view, const Ink& ink, Vec2 a, Vec2 b, Vec2 away, double pixels,
                      const QString& text, double share) {
    const QPointF p = view.to_screen(a), q = view.to_screen(b), unit(away.x, -away.y), o = unit * pixels,
                  tick = unit * 4;
    painter.drawLine(p + o, q + o);
    painter.drawLine(p + o - tick, p + o + tick);
    painter.drawLine(q + o - tick, q + o + tick);
    if (share < 0) return {};
    const QPointF middle = p + (q - p) * share + o;
    const double w = painter.fontMetrics().horizontalAdvance(text) + 8;
    const QRectF box(middle.x() - w / 2, middle.y() - 8, w, 16);
    painter.save();
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink.paper);
    painter.drawRect(box);
    painter.restore();
    painter.drawText(box, Qt::AlignCenter, text);
    return box;
}

void draw_plan(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink, QRectF area) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(area, ink.paper);
    const Option& option = *scene.option;
    if (!scene.underlay.isNull() && scene.storey < option.storeys.size()) {
        const Underlay& under = option.storeys[scene.storey].underlay;
        painter.save();
        painter.translate(view.to_screen(under.place));
        painter.rotate(-under.turn);
        painter.setOpacity(under.strength);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        const double w = under.width * view.scale, h = w * scene.underlay.height() / scene.underlay.width();
        painter.drawImage(QRectF(0, -h, w, h), scene.underlay);
        painter.restore();
    }
    draw_blocks(painter, scene, view, ink);
    if (scene.storey >= option.storeys.size()) return;
    const Storey& storey = option.storeys[scene.storey];
    const auto walls = geometry::storey_walls(option, scene.storey);
    painter.setPen(QPen(ink.ink, 1.2));
    painter.setBrush(ink.poche);
    auto mass = walls.outline;  // what is left of it between the rooms
    for (const auto& room : walls.rooms) mass.push_back(room.ring);
    painter.drawPath(rings_path(view, mass));
    const Hand hand{painter, scene, view, ink};
    // While a drawing is traced the rooms let it show through.
    QColor floor = ink.room;
    if (!scene.underlay.isNull()) floor.setAlphaF(0.25f);
    for (size_t k = 0; k < walls.rooms.size(); ++k) {
        const QPolygonF shape = polygon(view, walls.rooms[k].ring);
        QColor under = floor;
        if (k < storey.rooms.size() && scene.project != nullptr)
            if (const QColor c = tint_of(scene, Part::floor,
                                         room_finish(*scene.project, option, storey.rooms[k], OwnFinish::kFloor));
                c.isValid())
                under = c;
        painter.setBrush(under);
        painter.setPen(QPen(ink.ink, 1.2));
        painter.drawPolygon(shape);
        if (k >= storey.rooms.size() || !scene.selected.contains(storey.rooms[k].id)) continue;
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(ink.accent, 2.4));
        painter.drawPolygon(shape);
    }
    draw_wall_tints(painter, scene, view, walls);
    // Who looks on, figures of lengths, names, values: in that order they take their places.
    Labels labels(scene.taken, scene.crossed);
    for (const Observer& o : option.observers)
        if (find(storey.rooms, o.room) != nullptr)
            labels.take(QRectF(view.to_screen({o.eye.x, o.eye.y}) - QPointF(9, 9), QSizeF(18, 18)));
    const auto dimensions = scene.dimensions ? place_dimensions(hand, storey, labels) : std::vector<PlacedDimension>();
    const auto names = scene.room_names ? name_plates(painter, scene, view, storey, labels) : std::vector<NamePlate>();
    // Names of rooms matter more: they may lie over luminaires, figures of maps may not.
    for (const Luminaire& l : option.luminaires)
        if (l.storey == storey.id) labels.take(QRectF(view.to_screen(l.at) - QPointF(6, 6), QSizeF(12, 12)));
    for (const MapLayer& layer : scene.maps) draw_map(painter, scene, layer, view, ink, labels);
    draw_floor_voids(hand, storey);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (!scene.sun.isNull())
        painter.drawImage(QRectF(view.to_screen({scene.sun_low.x, scene.sun_high.y}),
                                 view.to_screen({scene.sun_high.x, scene.sun_low.y})),
                          scene.sun);
    draw_storey_below(hand);
    draw_things(painter, scene, view, ink);
    draw_partitions(hand, storey);
    for (size_t k = 0; k < storey.rooms.size(); ++k)
        for (const Opening& opening : storey.rooms[k].openings) draw_opening(hand, walls, k, opening, scene.cut);
    draw_shading(painter, scene, view, ink, walls);
    draw_from_below(hand);
    draw_above(hand, storey, walls.outline);
    draw_planes(painter, scene, view, ink);
    draw_lighting(painter, scene, view, ink);
    draw_luminaires(painter, scene, view, ink);
    draw_dimensions(hand, dimensions);
    for (const Observer& observer : option.observers)
        if (find(storey.rooms, observer.room) != nullptr) draw_observer(painter, scene, view, ink, observer);
    draw_names(painter, names, ink);
}

}  // namespace wp::report
