// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/plan_things.h"

#include <QPainterPath>
#include <cmath>

#include "geometry/plane_points.h"
#include "model/project.h"
#include "shading/device.h"

namespace wp::report {
using namespace model;

namespace {

QPolygonF outline_of(const PlanView& view, const std::vector<Vec2>& points) {
    QPolygonF out;
    for (const Vec2 p : points) out << view.to_screen(p);
    return out;
}

struct Pen {
    QPainter& painter;
    const PlanView& view;
    const Thing& thing;
    void line(Vec2 a, Vec2 b) const {
        painter.drawLine(view.to_screen(place_of(thing, a)), view.to_screen(place_of(thing, b)));
    }
};

void draw_stair(const Pen& pen, bool up) {
    const Thing& t = pen.thing;
    const double x = t.width / 2, y = t.length / 2;
    const auto treads = [&](double x0, double x1, double y0, double y1, int n) {
        for (int i = 1; i < n; ++i) {
            const double at = y0 + (y1 - y0) * i / n;
            pen.line({x0, at}, {x1, at});
        }
    };
    // The arrow climbs.
    const auto arrow = [&](Vec2 from, Vec2 to) {
        const Vec2 d = normalized(to - from), side{-d.y, d.x};
        pen.line(from, to);
        pen.line(to, to - d * 0.2 + side * 0.1);
        pen.line(to, to - d * 0.2 - side * 0.1);
    };
    if (t.flights == 1) {
        treads(-x, x, -y, y, t.parts);
        if (up) arrow({0, -y + 0.1}, {0, y - 0.1});
        return;
    }
    const double back = y - t.landing;
    const int first = std::max(1, t.parts / 2);
    treads(0, x, -y, back, first);
    treads(-x, 0, back, -y, std::max(1, t.parts - first));
    pen.line({0, -y}, {0, back});
    pen.line({-x, back}, {x, back});
    if (up) {
        arrow({x / 2, -y + 0.1}, {x / 2, back - 0.1});
        arrow({-x / 2, back - 0.1}, {-x / 2, -y + 0.1});
    }
}

void draw_tree(QPainter& painter, const PlanView& view, const Thing& t, const QColor& line) {
    // A canopy of shallow scallops around the trunk.
    QPainterPath canopy;
    constexpr int n = 14;
    const double r = t.width / 2;
    const auto at = [&](double i, double reach) {
        const double a = 2 * kPi * i / n;
        return view.to_screen(t.at + Vec2{std::cos(a), std::sin(a)} * (r * reach));
    };
    canopy.moveTo(at(0, 0.92));
    for (int i = 0; i < n; ++i) canopy.quadTo(at(i + 0.5, 1.1), at(i + 1, 0.92));
    painter.drawPath(canopy);
    painter.setBrush(line);
    painter.drawEllipse(view.to_screen(t.at), 2.2, 2.2);
}

// Its outline in plan, or its box where nobody knows it.
void draw_shape(QPainter& painter, const PlanScene& scene, const PlanView& view, const Thing& t, const QPolygonF& box) {
    const Shape* form = scene.project != nullptr ? find(scene.project->shapes, t.shape) : nullptr;
    if (form == nullptr || form->outline.empty()) return painter.drawPolygon(box);
    QPolygonF outline;
    for (const Vec2 p : form->outline)
        outline << view.to_screen(place_of(t, {p.x * t.width / form->width, p.y * t.length / form->length}));
    painter.drawPolygon(outline);
}

void draw_thing(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink, const Thing& drawn) {
    const Thing t = within_reason(drawn);
    const bool chosen = scene.selected.contains(t.id), out = left_out(scene.without, t.id, kind_name(t.kind));
    // On a map lines of paper read, wherever it is dark or bright enough.
    const bool over_map = !scene.maps.empty() && !t.storey.empty();
    QColor on_map = ink.room;
    on_map.setAlpha(190);
    const QColor line = chosen ? ink.accent : out ? ink.faint : over_map ? on_map : ink.ink;
    QColor fill = ink.paper;
    if (const QColor c =
            tint_of(scene, part_of(t.kind),
                    scene.project == nullptr ? Finish{}
                                             : finish_of(*scene.project, *scene.option, part_of(t.kind), t.material));
        c.isValid())
        fill = c;
    fill.setAlpha(out || over_map ? 0 : t.kind == Thing::Kind::tree || t.kind == Thing::Kind::terrain ? 120 : 215);
    painter.setPen(QPen(line, chosen ? 2.2 : 1, out ? Qt::DotLine : Qt::SolidLine));
    painter.setBrush(fill);
    const QPolygonF shape = outline_of(view, footprint_of(t));
    const Pen pen{painter, view, t};
    const double x = t.width / 2, y = t.length / 2;
    switch (t.kind) {
        case Thing::Kind::tree:
            return draw_tree(painter, view, t, line);
        case Thing::Kind::fence: {
            painter.setPen(QPen(line, chosen ? 2.6 : 1.8));
            pen.line({-x, 0}, {x, 0});
            const int posts = std::clamp(static_cast<int>(t.width / 1.5), 1, 400);
            for (int i = 0; i <= posts; ++i)
                pen.line({-x + t.width * i / posts, -0.12}, {-x + t.width * i / posts, 0.12});
            return;
        }
        case Thing::Kind::shelf:
            painter.drawPolygon(shape);
            pen.line({-x, y - 0.06}, {x, y - 0.06});
            pen.line({-x, -y}, {x, y});
            return;
        case Thing::Kind::box:
            painter.drawPolygon(shape);
            pen.line({-x, -y}, {x, y});
            pen.line({-x, y}, {x, -y});
            return;
        case Thing::Kind::shape:
            return draw_shape(painter, scene, view, t, shape);
        case Thing::Kind::stair:
            painter.drawPolygon(shape);
            return draw_stair(pen, true);
        case Thing::Kind::ramp:
        case Thing::Kind::terrain: {
            painter.drawPolygon(shape);
            // Fall lines: close where it is low, as on slopes of old maps.
            for (int i = 1; i < 12; ++i) {
                const double at = -x + t.width * i / 12;
                pen.line({at, y}, {at, y - t.length * (i % 2 == 0 ? 0.6 : 0.3)});
            }
            return;
        }
        default:
            painter.drawPolygon(shape);
    }
}

}  // namespace

QColor tint_of(const PlanScene& scene, Part part, const Finish& finish) {
    return scene.tint == TintBy::nothing || scene.project == nullptr ? QColor() : tint(scene.tint, part, finish);
}

void draw_things(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink) {
    const Id& here = scene.option->storeys[scene.storey].id;
    for (const bool outdoors : {true, false})
        for (const Thing& thing : scene.option->things)
            if (thing.storey.empty() ? outdoors : !outdoors && thing.storey == here)
                draw_thing(painter, scene, view, ink, thing);
}

void draw_blocks(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink) {
    for (const Block& block : scene.option->blocks) {
        const QPolygonF shape = outline_of(view, block.footprint);
        const bool high = block.base <= 0, out = left_out(scene.without, block.id, "block"),
                   chosen = scene.selected.contains(block.id);
        painter.setPen(QPen(chosen ? ink.accent : ink.faint, chosen ? 2.2 : 1, out ? Qt::DotLine : Qt::SolidLine));
        QColor fill = ink.ground;
        if (const QColor c = tint_of(scene, Part::block,
                                     scene.project == nullptr
                                         ? Finish{}
                                         : finish_of(*scene.project, *scene.option, Part::block, block.material));
            c.isValid())
            fill = c;
        painter.setBrush(high && !out ? QBrush(fill) : QBrush(Qt::NoBrush));
        painter.drawPolygon(shape);
        if (block.top == Block::Top::gable) {  // its ridge
            const double a = radians(block.direction);
            const Vec2 rise{std::sin(a), std::cos(a)}, across{rise.y, -rise.x};
            double low = 1e18, high_u = -1e18, from = 1e18, to = -1e18;
            for (const Vec2 p : block.footprint) {
                low = std::min(low, dot(p, rise));
                high_u = std::max(high_u, dot(p, rise));
                from = std::min(from, dot(p, across));
                to = std::max(to, dot(p, across));
            }
            const Vec2 middle = rise * ((low + high_u) / 2);
            painter.save();
            QPainterPath clip;
            clip.addPolygon(shape);
            painter.setClipPath(clip, Qt::IntersectClip);
            painter.drawLine(view.to_screen(middle + across * from), view.to_screen(middle + across * to));
            painter.restore();
        }
        if (!high) continue;
        painter.setBrush(QBrush(ink.faint, Qt::BDiagPattern));
        painter.setOpacity(0.35);
        painter.drawPolygon(shape);
        painter.setOpacity(1);
        const QRectF box = shape.boundingRect();
        const QString name = QString::fromStdString(block.name);
        if (box.width() < painter.fontMetrics().horizontalAdvance(name) + 12) continue;
        painter.setPen(ink.faint);
        painter.drawText(box, Qt::AlignCenter, name);
    }
}

void draw_shading(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink,
                  const geometry::StoreyWalls& walls) {
    const Storey& storey = scene.option->storeys[scene.storey];
    for (size_t r = 0; r < storey.rooms.size(); ++r)
        for (const Opening& o : storey.rooms[r].openings) {
            if (o.shading.empty()) continue;
            const auto way = geometry::passage(walls, *scene.option, r, o.edge, o.along, o.width);
            if (way.side < 0) continue;
            const Vec2 u = way.inner[1] - way.inner[0], d = normalized(u), out{d.y, -d.x};
            const double share = std::min(1.0, o.reveal / std::max(1e-6, way.depth));
            const Vec2 corner = way.inner[0] + (way.outer[0] - way.inner[0]) * share;
            const shading::ShadeFrame frame{
                {corner.x, corner.y, o.sill}, {d.x, d.y, 0},    {0, 0, 1}, {out.x, out.y, 0}, length(u), o.height,
                way.depth * (1 - share),      way.depth * share};
            const bool chosen = scene.selected.contains(o.id);
            for (const ShadeLayer& layer : o.shading) {
                painter.setPen(QPen(chosen ? ink.accent : ink.ink, chosen ? 1.6 : 0.8));
                QColor fill = ink.ground;
                if (const QColor c = tint_of(scene, Part::shading,
                                             scene.project == nullptr ? Finish{}
                                                                      : finish_of(*scene.project, *scene.option,
                                                                                  Part::shading, layer.material));
                    c.isValid())
                    fill = c;
                fill.setAlpha(170);
                painter.setBrush(fill);
                const auto& device = shading::device_of(layer.kind);
                ShadeLayer seen = layer;
                if (device.seen_from_above != nullptr) device.seen_from_above(seen);
                shading::build_shade(seen, frame, [&](Vec3 a, Vec3 b, Vec3 c, Vec3 e) {
                    if (cross(b - a, e - a).z > 1e-9)
                        painter.drawPolygon(outline_of(view, {{a.x, a.y}, {b.x, b.y}, {c.x, c.y}, {e.x, e.y}}));
                    else if (device.is_sheet)
                        painter.drawLine(view.to_screen({a.x, a.y}), view.to_screen({b.x, b.y}));
                });
            }
        }
}

void draw_planes(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink) {
    const Storey& storey = scene.option->storeys[scene.storey];
    for (const ReferencePlane& plane : scene.option->planes) {
        if (!scene.selected.contains(plane.id)) continue;
        const auto points = geometry::plane_points(*scene.option, plane, scene.north);
        if (!points || points->storey != storey.id) continue;
        painter.setPen(QPen(ink.accent, 1));
        painter.setBrush(Qt::NoBrush);
        const auto at = [&](double i, double j) {
            const Vec3 p = points->corner + points->across * (points->dx * i) + points->up * (points->dy * j);
            return view.to_screen({p.x, p.y});
        };
        const double cell = points->dx * view.scale;
        for (size_t i = 0; i < points->points.size(); ++i) {
            const int column = points->cell_of[i] % points->columns, row = points->cell_of[i] / points->columns;
            if (cell >= 5)
                painter.drawPolygon(
                    QPolygonF{at(column, row), at(column + 1, row), at(column + 1, row + 1), at(column, row + 1)});
            else
                painter.drawPoint(view.to_screen({points->points[i].x, points->points[i].y}));
        }
        painter.setPen(QPen(ink.accent, 1.6, Qt::DashLine));
        if (!plane.area.empty()) painter.drawPolygon(outline_of(view, plane.area));
        for (const auto& hole : plane.left_out) {
            const QPolygonF shape = outline_of(view, hole);
            painter.drawPolygon(shape);
            for (qsizetype i = 0; i + 2 < shape.size(); ++i) painter.drawLine(shape[i], shape[i + 2]);
        }
    }
}

// What electric light is for and where its sensor is, in rooms that are selected.
void draw_lighting(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink) {
    const Storey& storey = scene.option->storeys[scene.storey];
    for (const Lighting& light : scene.option->lighting) {
        const ReferencePlane* plane = model::find(scene.option->planes, light.plane);
        if (plane == nullptr || model::find(storey.rooms, plane->room) == nullptr ||
            !(scene.selected.contains(plane->room) || scene.selected.contains(plane->id)))
            continue;
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(ink.accent, 1.6, Qt::DotLine));
        if (!light.area.empty()) painter.drawPolygon(outline_of(view, light.area));
        if (!light.sensor_placed) continue;
        painter.setPen(QPen(ink.accent, 1.6));
        painter.setBrush(ink.paper);
        const QPointF at = view.to_screen(light.sensor);
        painter.drawEllipse(at, 5, 5);
        painter.drawLine(at - QPointF(2, 2), at + QPointF(2, 2));
        painter.drawLine(at - QPointF(-2, 2), at + QPointF(-2, 2));
    }
}

void draw_luminaires(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink) {
    constexpr double kLeast = 7, kArrow = 13;  // pixels
    const Storey& storey = scene.option->storeys[scene.storey];
    for (const Luminaire& l : scene.option->luminaires) {
        if (!l.storey.empty() && l.storey != storey.id) continue;
        const LuminaireType* type =
            scene.project != nullptr ? model::find(scene.project->luminaire_types, l.type) : nullptr;
        const bool chosen = scene.selected.contains(l.id);
        painter.save();
        painter.translate(view.to_screen(l.at));
        painter.rotate(-l.turn);
        painter.setPen(QPen(chosen ? ink.accent : ink.ink, chosen ? 2 : 1.2));
        painter.setBrush(ink.paper);
        const double x = std::max(kLeast, (type != nullptr ? type->size_x : 0) * view.scale),
                     y = std::max(kLeast, (type != nullptr ? type->size_y : 0) * view.scale);
        const QRectF box(-x / 2, -y / 2, x, y);
        if (type == nullptr || type->opening != LuminaireType::Opening::rectangle || type->size_x <= 0)
            painter.drawEllipse(box);
        else
            painter.drawRect(box);
        // A cross in what shines: no thing is drawn so.
        painter.drawLine(box.topLeft(), box.bottomRight());
        painter.drawLine(box.bottomLeft(), box.topRight());
        if (l.tilt != 0) {
            const double from = x / 2, to = from + kArrow;
            painter.drawLine(QPointF(from, 0), QPointF(to, 0));
            painter.drawLine(QPointF(to - 4, -3), QPointF(to, 0));
            painter.drawLine(QPointF(to - 4, 3), QPointF(to, 0));
        }
        painter.restore();
    }
}

void draw_wall_tints(QPainter& painter, const PlanScene& scene, const PlanView& view,
                     const geometry::StoreyWalls& walls) {
    if (scene.tint == TintBy::nothing || scene.project == nullptr) return;
    const Storey& storey = scene.option->storeys[scene.storey];
    for (size_t r = 0; r < storey.rooms.size(); ++r) {
        const auto& face = walls.rooms[r];
        for (size_t i = 0; i < face.ring.size(); ++i) {
            if (face.edge[i] < 0) continue;
            const Vec2 a = face.ring[i], b = face.ring[(i + 1) % face.ring.size()], d = normalized(b - a),
                       in = Vec2{-d.y, d.x} * (3.5 / view.scale);
            painter.setPen(QPen(
                tint(scene.tint, Part::wall, room_finish(*scene.project, *scene.option, storey.rooms[r], face.edge[i])),
                6, Qt::SolidLine, Qt::FlatCap));
            painter.drawLine(view.to_screen(a + in), view.to_screen(b + in));
        }
    }
}

void draw_upright_map(QPainter& painter, const PlanScene& scene, const MapLayer& layer, const PlanView& view,
                      const Ink& ink, Labels& labels) {
    const Storey& storey = scene.option->storeys[std::min(scene.storey, scene.option->storeys.size() - 1)];
    const auto& p = layer.plane;
    if (p.storey != storey.id || p.columns < 1) return;
    std::vector<double> sum(static_cast<size_t>(p.columns), 0.0);
    std::vector<int> count(sum.size(), 0);
    for (size_t i = 0; i < p.points.size() && i < layer.value.size(); ++i) {
        if (std::isnan(layer.value[i])) continue;
        const auto column = static_cast<size_t>(p.cell_of[i] % p.columns);
        sum[column] += layer.value[i];
        ++count[column];
    }
    painter.save();
    if (layer.stale) painter.setOpacity(0.45);
    const auto at = [&](double column) {
        const Vec3 place = p.corner + p.across * (p.dx * column);
        return view.to_screen({place.x, place.y});
    };
    // Half the band's width before the face, so that the wall itself stays to be seen.
    const QPointF away = QPointF(p.normal.x, -p.normal.y) * 5;
    for (size_t c = 0; c < sum.size(); ++c) {
        if (count[c] == 0) continue;
        painter.setPen(QPen(scene.scale.colour(sum[c] / count[c]), 8, Qt::SolidLine, Qt::FlatCap));
        painter.drawLine(at(static_cast<double>(c)) + away, at(static_cast<double>(c) + 1) + away);
    }
    if (p.columns == 1 && count[0] > 0 && scene.marks.values) {
        QFont font = painter.font();
        font.setPixelSize(11);
        painter.setFont(font);
        const QPointF middle = at(0.5) + away * 4.4;
        const QString text = figure(sum[0] / count[0]);
        const double w = painter.fontMetrics().horizontalAdvance(text) + 8;
        const QRectF box(middle.x() - w / 2, middle.y() - 8, w, 16);
        if (labels.take(box)) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(ink.paper);
            painter.drawRoundedRect(box, 3, 3);
            painter.setPen(ink.ink);
            painter.drawText(box, Qt::AlignCenter, text);
        }
    }
    painter.restore();
}

}  // namespace wp::report
