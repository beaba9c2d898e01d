// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/side/year_cells.h"

#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "climate/calendar.h"
#include "report/climate_charts.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/side/plan_cell.h"

namespace wp::report {

namespace {

constexpr double kLeft = 48, kBelow = 20, kGridName = 18;

void set_small(QPainter& painter) {
    QFont font = painter.font();
    font.setPixelSize(kSideText);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
}

QRectF year_area(const QRectF& box) { return box.adjusted(kLeft, 9, -6, -kBelow); }

// Where a point lies in a rectangle, as shares from its lower left corner.
std::optional<QPointF> share_at(const QRectF& r, QPointF point) {
    if (!r.contains(point)) return {};
    return QPointF((point.x() - r.left()) / r.width(), (r.bottom() - point.y()) / r.height());
}

QPointF at_share(const QRectF& r, double x, double y) {
    return {r.left() + x * r.width(), r.bottom() - y * r.height()};
}

void cross(QPainter& painter, QPointF at, const QRectF& within, const Ink& ink) {
    painter.setPen(QPen(ink.accent, 1));
    painter.drawLine(QPointF(at.x(), within.top()), QPointF(at.x(), within.bottom()));
    painter.drawLine(QPointF(within.left(), at.y()), QPointF(within.right(), at.y()));
}

QString month_hour(double month, double hour) {
    const int m = std::clamp(static_cast<int>(month), 0, 11);
    return QStringLiteral("%1 %2:00").arg(language::month_short(m + 1)).arg(std::clamp(static_cast<int>(hour), 0, 23));
}

}  // namespace

void HoursCell::paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const {
    set_small(painter);
    const QRectF r = year_area(box);
    draw_hours_of_year(painter, hours, scale, ink, r);
    if (under) cross(painter, at_share(r, under->x() / 365, under->y() / 24), r, ink);
}

std::optional<QPointF> HoursCell::place_at(const QRectF& box, QPointF point) const {
    const auto share = share_at(year_area(box), point);
    if (!share) return {};
    return QPointF(share->x() * 365, share->y() * 24);
}

QString HoursCell::told(QPointF place) const {
    const auto day = static_cast<size_t>(std::clamp(place.x(), 0.0, 364.0)),
               hour = static_cast<size_t>(std::clamp(place.y(), 0.0, 23.0));
    const double value = hours[day * 24 + hour];
    return std::isnan(value) ? QString() : value_words(value, scale, unit);
}

QString HoursCell::where(QPointF place) const {
    const int day = static_cast<int>(std::clamp(place.x(), 0.0, 364.0));
    return language::text(climate::moment_of(day, std::floor(std::clamp(place.y(), 0.0, 23.0)) + 0.5));
}

namespace {

QPainterPath days_path(const QRectF& r, const TypicalDays& days, double top) {
    QPainterPath line;
    line.moveTo(r.bottomLeft());
    for (size_t m = 0; m < 12; ++m) {
        for (size_t h = 0; h < 24; ++h)
            line.lineTo(at_share(r, (static_cast<double>(m) + (static_cast<double>(h) + 0.5) / 24) / 12,
                                 std::min(days[m][h] / top, 1.0)));
        line.lineTo(at_share(r, static_cast<double>(m + 1) / 12, 0));
    }
    return line;
}

}  // namespace

void DaysCell::paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const {
    set_small(painter);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF r = year_area(box);
    for (int i = 0; i <= 2; ++i) {
        painter.setPen(QPen(ink.faint, 0.5));
        painter.drawLine(at_share(r, 0, i / 2.0), at_share(r, 1, i / 2.0));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(box.left(), at_share(r, 0, i / 2.0).y() - 8, kLeft - 6, 16),
                         Qt::AlignRight | Qt::AlignVCenter, mark_text(top * i / 2));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(light_colour(0.72));
    painter.drawPath(days_path(r, days, top));
    painter.setBrush(Qt::NoBrush);
    if (base) {
        painter.setPen(QPen(ink.ink, 1.2, Qt::DashLine));
        painter.drawPath(days_path(r, *base, top));
    }
    if (target > 0 && target < top) {
        painter.setPen(QPen(ink.accent, 1, Qt::DotLine));
        painter.drawLine(at_share(r, 0, target / top), at_share(r, 1, target / top));
    }
    painter.setPen(ink.ink);
    for (int m = 1; m <= 12; ++m)
        painter.drawText(QRectF(at_share(r, (m - 1) / 12.0, 0), QSizeF(r.width() / 12, kBelow)), Qt::AlignCenter,
                         r.width() > 400 ? language::month_short(m) : language::month(m).left(1));
    if (!under) return;
    const double x = at_share(r, under->x() / 12, 0).x();
    painter.setPen(QPen(ink.accent, 1));
    painter.drawLine(QPointF(x, r.top()), QPointF(x, r.bottom()));
}

std::optional<QPointF> DaysCell::place_at(const QRectF& box, QPointF point) const {
    const auto share = share_at(year_area(box), point);
    if (!share) return {};
    return QPointF(share->x() * 12, share->y());
}

QString DaysCell::told(QPointF place) const {
    const double month = std::clamp(place.x(), 0.0, 11.999), hour = 24 * (month - std::floor(month));
    const double value = days[static_cast<size_t>(month)][std::min<size_t>(static_cast<size_t>(hour), 23)];
    return value_words(value, {}, unit);
}

QString DaysCell::where(QPointF place) const {
    const double month = std::clamp(place.x(), 0.0, 11.999);
    return month_hour(month, 24 * (month - std::floor(month)));
}

// As many beside each other as keep them wider than they are high.
std::vector<QRectF> MonthsCell::grids(const QRectF& box) const {
    std::vector<QRectF> out;
    const size_t n = std::max<size_t>(1, rooms.size());
    size_t across = 1;
    double largest = 0;
    for (size_t k = 1; k <= n; ++k) {
        const double w = (box.width() - 8) / static_cast<double>(k) - 14,
                     h = box.height() / std::ceil(static_cast<double>(n) / static_cast<double>(k)) - kGridName - 20;
        const double size = std::min(w / 1.7, h);
        if (size > largest) largest = size, across = k;
    }
    const size_t down = (n + across - 1) / across;
    const double w = (box.width() - 8) / static_cast<double>(across), h = box.height() / static_cast<double>(down);
    for (size_t i = 0; i < rooms.size(); ++i)
        out.emplace_back(box.left() + 8 + static_cast<double>(i % across) * w,
                         box.top() + static_cast<double>(i / across) * h + kGridName, w - 14, h - kGridName - 18);
    return out;
}

void MonthsCell::paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const {
    set_small(painter);
    const auto places = grids(box);
    for (size_t i = 0; i < rooms.size(); ++i) {
        const QRectF& r = places[i];
        painter.setPen(ink.ink);
        painter.drawText(QRectF(r.left(), r.top() - kGridName, r.width(), kGridName), Qt::AlignLeft | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(rooms[i].name, Qt::ElideRight, static_cast<int>(r.width())));
        if (!rooms[i].days) {
            painter.setPen(ink.faint);
            painter.drawText(r, Qt::AlignCenter, QStringLiteral("\u2013"));
            continue;
        }
        QImage image(12, 24, QImage::Format_RGB32);
        for (int m = 0; m < 12; ++m)
            for (int h = 0; h < 24; ++h)
                image.setPixelColor(m, 23 - h,
                                    scale.colour((*rooms[i].days)[static_cast<size_t>(m)][static_cast<size_t>(h)]));
        painter.drawImage(r, image);
        painter.setPen(ink.ink);
        for (int m = 1; m <= 12; ++m)
            painter.drawText(QRectF(at_share(r, (m - 1) / 12.0, 0), QSizeF(r.width() / 12, 16)), Qt::AlignCenter,
                             language::month(m).left(1));
        // Noon, to count the hours from.
        painter.setPen(QPen(QColor(255, 250, 240, 120), 1, Qt::DotLine));
        painter.drawLine(at_share(r, 0, 0.5), at_share(r, 1, 0.5));
        if (under && static_cast<size_t>(under->y() / 24) == i)
            cross(painter, at_share(r, under->x() / 12, std::fmod(under->y(), 24) / 24), r, ink);
    }
}

std::optional<QPointF> MonthsCell::place_at(const QRectF& box, QPointF point) const {
    const auto places = grids(box);
    for (size_t i = 0; i < places.size(); ++i)
        if (const auto share = share_at(places[i], point))
            return QPointF(share->x() * 12, 24 * (static_cast<double>(i) + std::min(share->y(), 0.9999)));
    return {};
}

QString MonthsCell::told(QPointF place) const {
    const auto room = static_cast<size_t>(place.y() / 24);
    if (room >= rooms.size() || !rooms[room].days) return {};
    return value_words((*rooms[room].days)[std::min<size_t>(static_cast<size_t>(place.x()), 11)]
                                          [static_cast<size_t>(std::fmod(place.y(), 24))],
                       scale, unit);
}

QString MonthsCell::where(QPointF place) const {
    const auto room = static_cast<size_t>(place.y() / 24);
    const QString when = month_hour(place.x(), std::fmod(place.y(), 24));
    return room < rooms.size() ? QStringLiteral("%1, %2").arg(rooms[room].name, when) : when;
}

}  // namespace wp::report
