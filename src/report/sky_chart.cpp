// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/sky_chart.h"

#include <QImage>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "climate/weather.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::report {

SkyFrame::SkyFrame(SkyProjection projection, QRectF area) : projection_(projection) {
    centre_ = area.center();
    radius_ = std::max(10.0, std::min(area.width(), area.height()) / 2 - 22);
    // Unrolled: 360 degrees across, 90 up, in equal steps where there is room.
    const double w = std::max(20.0, area.width() - 72), h = std::clamp(w / 4, 20.0, std::max(20.0, area.height() - 44));
    box_ = projection == SkyProjection::unrolled
               ? QRectF(centre_.x() - w / 2 + 8, centre_.y() - h / 2 - 6, w, h)
               : QRectF(centre_.x() - radius_, centre_.y() - radius_, 2 * radius_, 2 * radius_);
}

double SkyFrame::ring(double altitude) const {
    const double zenith = kPi / 2 - altitude;
    return projection_ == SkyProjection::stereographic ? std::tan(zenith / 2) : zenith / (kPi / 2);
}

QPointF SkyFrame::place(double azimuth, double altitude) const {
    if (!is_round()) {
        const double turn = azimuth / (2 * kPi);
        return {box_.left() + (turn - std::floor(turn)) * box_.width(),
                box_.bottom() - altitude / (kPi / 2) * box_.height()};
    }
    const double r = radius_ * ring(altitude);
    return centre_ + QPointF(std::sin(azimuth) * r, -std::cos(azimuth) * r);
}

std::optional<SkyFrame::Direction> SkyFrame::direction(QPointF at) const {
    if (!is_round()) {
        if (!box_.contains(at)) return {};
        return Direction{(at.x() - box_.left()) / box_.width() * 2 * kPi,
                         (box_.bottom() - at.y()) / box_.height() * kPi / 2};
    }
    const QPointF d = at - centre_;
    const double r = std::hypot(d.x(), d.y()) / radius_;
    if (r > 1) return {};
    const double zenith = projection_ == SkyProjection::stereographic ? 2 * std::atan(r) : r * kPi / 2;
    return Direction{std::atan2(d.x(), -d.y()), kPi / 2 - zenith};
}

Scale sky_scale() { return {200, 50000, true}; }

std::vector<int> path_days() {
    std::vector<int> out;
    for (const int month : {12, 1, 2, 3, 4, 5, 6}) out.push_back(climate::days_before(month) + 20);
    return out;
}

QString path_name(int day) {
    // Paths of spring and autumn are the same to a few days.
    static constexpr const char* names[] = {QT_TRANSLATE_NOOP("QObject", "21 Jan, Nov"),
                                            QT_TRANSLATE_NOOP("QObject", "21 Feb, Oct"),
                                            QT_TRANSLATE_NOOP("QObject", "21 Mar, Sep"),
                                            QT_TRANSLATE_NOOP("QObject", "21 Apr, Aug"),
                                            QT_TRANSLATE_NOOP("QObject", "21 May, Jul"),
                                            QT_TRANSLATE_NOOP("QObject", "21 Jun"),
                                            "",
                                            "",
                                            "",
                                            "",
                                            "",
                                            QT_TRANSLATE_NOOP("QObject", "21 Dec")};
    const auto m = climate::moment_of(day, 0);
    if (m.day == 21 && names[m.month - 1][0] != 0) return language::words(names[m.month - 1]);
    const QString text = language::text(climate::moment_of(day, 0));
    return text.left(text.lastIndexOf(QLatin1Char(' ')));
}

namespace {

using geometry::Element;

QColor stands_colour(const SkyScene& scene, int surface, const Ink& ink) {
    const auto element = scene.surfaces != nullptr && static_cast<size_t>(surface) < scene.surfaces->surfaces.size()
                             ? scene.surfaces->surfaces[static_cast<size_t>(surface)].element
                             : Element::block;
    switch (element) {
        case Element::tree:
            return ink.poche.lighter(190);
        case Element::block:
            return ink.poche.lighter(135);
        case Element::ground:
        case Element::terrain:
            return ink.ground.darker(125);
        case Element::shading:
            return ink.faint.darker(130);
        case Element::frame:
            return ink.faint;
        default:
            return ink.poche;
    }
}

QImage sky_image(const SkyScene& scene, const SkyFrame& frame, const Ink& ink) {
    const QRect box = frame.box().toAlignedRect();
    QImage image(box.size(), QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    const Scale scale = sky_scale();
    for (int y = 0; y < image.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        for (int x = 0; x < image.width(); ++x) {
            const auto d = frame.direction(QPointF(box.left() + x + 0.5, box.top() + y + 0.5));
            if (!d) continue;
            const int stands = scene.dome.at(d->azimuth, d->altitude);
            QColor c = ink.room;
            if (stands != question::Dome::kSky)
                c = stands_colour(scene, stands, ink);
            else if (scene.outdoors)
                c = light_colour(scale.place(
                    scene.outdoors->sky_and_sun.sky.luminance(wp::direction(d->azimuth - scene.north, d->altitude))));
            line[x] = c.rgba();
        }
    }
    return image;
}

void draw_grid(QPainter& painter, const SkyFrame& frame, const Ink& ink) {
    const QString winds[] = {QObject::tr("N"), QObject::tr("E"), QObject::tr("S"), QObject::tr("W")};
    painter.setBrush(Qt::NoBrush);
    const QPen thin(ink.faint, 0.8, Qt::DotLine);
    if (frame.is_round()) {
        painter.setPen(QPen(ink.ink, 1.2));
        painter.drawEllipse(frame.centre(), frame.radius(), frame.radius());
        painter.setPen(thin);
        for (int a = 30; a < 90; a += 30)
            painter.drawEllipse(frame.centre(), frame.radius() * frame.ring(radians(a)),
                                frame.radius() * frame.ring(radians(a)));
        for (int k = 0; k < 8; ++k)
            painter.drawLine(frame.place(k * kPi / 4, radians(84)), frame.place(k * kPi / 4, 0));
        painter.setPen(ink.ink);
        for (int k = 0; k < 4; ++k) {
            const QPointF p =
                frame.centre() + (frame.place(k * kPi / 2, 0) - frame.centre()) * (1 + 12 / frame.radius());
            painter.drawText(QRectF(p.x() - 10, p.y() - 9, 20, 18), Qt::AlignCenter, winds[k]);
        }
        return;
    }
    const QRectF box = frame.box();
    painter.setPen(QPen(ink.ink, 1.2));
    painter.drawRect(box);
    for (int a = 0; a <= 90; a += 30) {
        const double y = box.bottom() - a / 90.0 * box.height();
        painter.setPen(thin);
        if (a > 0 && a < 90) painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(box.left() - 40, y - 8, 34, 16), Qt::AlignRight | Qt::AlignVCenter,
                         QStringLiteral("%1\u00b0").arg(a));
    }
    for (int k = 0; k <= 8; ++k) {
        const double x = box.left() + k / 8.0 * box.width();
        painter.setPen(thin);
        if (k > 0 && k < 8) painter.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom()));
        painter.setPen(ink.ink);
        if (k % 2 == 0) painter.drawText(QRectF(x - 12, box.bottom() + 4, 24, 16), Qt::AlignCenter, winds[(k / 2) % 4]);
    }
}

// A line through directions, broken where an unrolled view jumps from one end to the other.
class PathLine {
 public:
    PathLine(QPainter& painter, const SkyFrame& frame) : painter_(painter), frame_(frame) {}
    ~PathLine() { flush(); }
    void to(double azimuth, double altitude) {
        const QPointF p = frame_.place(azimuth, altitude);
        if (!frame_.is_round() && !line_.isEmpty() && std::fabs(p.x() - line_.last().x()) > frame_.box().width() / 2)
            flush();
        line_ << p;
    }
    void flush() {
        if (line_.size() > 1) painter_.drawPolyline(line_);
        line_.clear();
    }

 private:
    QPainter& painter_;
    const SkyFrame& frame_;
    QPolygonF line_;
};

// A light edge under the line, so that it is seen on bright sky and dark walls alike.
void draw_path(QPainter& painter, const SkyScene& scene, const SkyFrame& frame, const SunPath& path, const Ink& ink) {
    const auto stretch = [&](double from, double to, bool free) {
        for (const bool edge : {true, false}) {
            painter.setPen(
                edge ? QPen(ink.paper, free ? 3.4 : 2.4)
                     : QPen(free ? ink.accent : ink.ink, free ? 1.8 : 1.0, free ? Qt::SolidLine : Qt::DotLine));
            PathLine line(painter, frame);
            for (double hour = from;; hour = std::min(to, hour + 0.1)) {
                const auto sun =
                    climate::sun_position(scene.place, climate::moment_of(path.day, std::min(hour, 23.999)));
                if (sun.altitude >= 0) line.to(sun.azimuth, sun.altitude);
                if (hour >= to) break;
            }
        }
    };
    if (path.stretches.empty()) stretch(0, 24, true);
    for (const auto& s : path.stretches) stretch(s.from, s.to, s.surface == question::Dome::kSky);
}

// On a plate that lets some of the sky through.
void draw_label(QPainter& painter, const Ink& ink, QRectF box, const QString& text) {
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink.paper);
    painter.setOpacity(0.85);
    painter.drawRoundedRect(box, 3, 3);
    painter.setOpacity(1);
    painter.setPen(ink.ink);
    painter.drawText(box, Qt::AlignCenter, text);
}

void draw_hours(QPainter& painter, const SkyScene& scene, const SkyFrame& frame, const Ink& ink) {
    QFont font = painter.font();
    font.setPixelSize(10);
    painter.setFont(font);
    std::vector<QRectF> taken;
    for (int hour = 0; hour < 24; ++hour) {
        painter.setPen(QPen(ink.faint, 0.8));
        QPointF label;
        bool any = false;
        {
            PathLine line(painter, frame);
            for (int day = 171; day <= 354; day += 4) {
                const auto sun = climate::sun_position(scene.place, climate::moment_of(day, hour));
                if (sun.altitude <= 0) {
                    line.flush();
                    continue;
                }
                if (!any) label = frame.place(sun.azimuth, sun.altitude);
                any = true;
                line.to(sun.azimuth, sun.altitude);
            }
        }
        if (!any || hour % 2 != 0) continue;
        const QRectF box(label.x() - 9, label.y() - 16, 18, 13);
        if (std::any_of(taken.begin(), taken.end(), [&](const QRectF& other) { return other.intersects(box); }))
            continue;
        taken.push_back(box);
        draw_label(painter, ink, box, QString::number(hour));
    }
    painter.setBrush(Qt::NoBrush);
}

// Each path's name at its highest point; those that would lie on another are left out.
void name_paths(QPainter& painter, const SkyScene& scene, const SkyFrame& frame, const Ink& ink) {
    std::vector<QRectF> taken;
    for (size_t i = 0; i < scene.paths.size(); ++i) {
        climate::SunPosition top;
        top.altitude = -1;
        for (double h = 0; h < 24; h += 0.1)
            if (const auto sun = climate::sun_position(scene.place, climate::moment_of(scene.paths[i].day, h));
                sun.altitude > top.altitude)
                top = sun;
        if (top.altitude <= 0) continue;
        const QPointF at = frame.place(top.azimuth, top.altitude);
        const QString& name = scene.path_names[i];
        const double w = painter.fontMetrics().horizontalAdvance(name) + 8;
        const QRectF box(at.x() + 16, at.y() - 7, w, 14);
        if (std::any_of(taken.begin(), taken.end(), [&](const QRectF& other) { return other.intersects(box); }))
            continue;
        taken.push_back(box);
        draw_label(painter, ink, box, name);
    }
}

}  // namespace

void draw_sky(QPainter& painter, const SkyScene& scene, SkyProjection projection, const Ink& ink, QRectF area) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const SkyFrame frame(projection, area);
    painter.drawImage(frame.box().toAlignedRect().topLeft(), sky_image(scene, frame, ink));
    QFont font = painter.font();
    font.setPixelSize(11);
    painter.setFont(font);
    draw_grid(painter, frame, ink);
    draw_hours(painter, scene, frame, ink);
    for (const auto& path : scene.paths) draw_path(painter, scene, frame, path, ink);
    font.setPixelSize(10);
    painter.setFont(font);
    name_paths(painter, scene, frame, ink);
    if (scene.outdoors && scene.outdoors->sky_and_sun.sun.altitude > 0) {
        painter.setPen(QPen(ink.ink, 1.4));
        painter.setBrush(QColor(0xf9, 0xd9, 0x8a));
        painter.drawEllipse(
            frame.place(scene.outdoors->sky_and_sun.sun.azimuth, scene.outdoors->sky_and_sun.sun.altitude), 8, 8);
    }
    painter.restore();
}

}  // namespace wp::report
