// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/climate_charts.h"
#include "report/language/dates.h"
#include "report/language/words.h"

#include <QImage>
#include <algorithm>
#include <cmath>

namespace wp::report {

using climate::Quantity;

namespace {

void set_size(QPainter& painter, int pixels, bool heavy = false) {
    QFont font = painter.font();
    font.setPixelSize(pixels);
    font.setWeight(heavy ? QFont::DemiBold : QFont::Normal);
    painter.setFont(font);
}

void heading(QPainter& painter, const Ink& ink, QRectF area, const QString& text) {
    set_size(painter, 13, true);
    painter.setPen(ink.ink);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 18), Qt::AlignLeft | Qt::AlignVCenter, text);
    set_size(painter, 11);
}

// Values to pixels along one axis.
struct Axis {
    double low = 0, high = 1, from = 0, to = 1;
    double operator()(double v) const { return from + (v - low) / (high - low) * (to - from); }
};

// Steps of 1, 2 or 5 that give about so many ticks.
double nice_step(double span, int ticks) {
    const double rough = span / std::max(ticks, 1),
                 power = std::pow(10.0, std::floor(std::log10(std::max(rough, 1e-12))));
    for (const double m : {1.0, 2.0, 5.0, 10.0})
        if (m * power >= rough) return m * power;
    return 10 * power;
}

QString short_figure(double v) {
    return std::fabs(v) >= 10000 ? QStringLiteral("%1k").arg(v / 1000) : QString::number(v);
}

void draw_value_axis(QPainter& painter, const Ink& ink, const Axis& axis, double left, double right, int ticks) {
    const double step = nice_step(axis.high - axis.low, ticks);
    for (double v = std::ceil(axis.low / step) * step; v <= axis.high + step * 1e-6; v += step) {
        const double y = axis(v);
        painter.setPen(QPen(ink.faint, 0.6, Qt::DotLine));
        painter.drawLine(QPointF(left, y), QPointF(right, y));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(left - 46, y - 8, 40, 16), Qt::AlignRight | Qt::AlignVCenter,
                         short_figure(std::fabs(v) < step * 1e-6 ? 0 : v));
    }
}

std::pair<double, double> range_of(const std::vector<double>& hours) {
    double low = 0, high = 0;
    for (const double v : hours) {
        if (std::isnan(v)) continue;
        low = std::min(low, v);
        high = std::max(high, v);
    }
    return {low, high > low ? high : low + 1};
}

constexpr double kNarrow = 400;  // pixels: below that months have room for one letter only

QRectF chart_area(QRectF area) { return area.adjusted(50, 26, -10, -24); }

}  // namespace

ClimateSeries climate_series(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor,
                             Quantity quantity) {
    ClimateSeries out;
    out.quantity = quantity;
    out.hours = climate::hourly(weather, outdoor, quantity);
    for (const auto& hour : weather.hours) out.doubt.push_back(hour.doubt);
    const auto& name = climate::name_of(quantity);
    out.name = language::words(name.name);
    out.unit = language::words(name.unit);
    const auto [low, high] = range_of(out.hours);
    out.scale = {quantity == Quantity::dry_bulb ? std::floor(low / 5) * 5 : 0,
                 quantity == Quantity::cloud      ? 10
                 : quantity == Quantity::dry_bulb ? std::ceil(high / 5) * 5
                                                  : nice_top(high),
                 false};
    return out;
}

QRectF carpet_area(QRectF area) { return chart_area(area).adjusted(0, 0, -74, 0); }

void draw_hours_of_year(QPainter& painter, const std::vector<double>& hours, const Scale& scale, const Ink& ink,
                        QRectF r) {
    QImage image(365, 24, QImage::Format_RGB32);
    for (int day = 0; day < 365; ++day)
        for (int hour = 0; hour < 24; ++hour) {
            const double v = hours[static_cast<size_t>(day * 24 + hour)];
            image.setPixelColor(day, 23 - hour, std::isnan(v) ? ink.ground : scale.colour(v));
        }
    painter.drawImage(r, image);
    painter.setPen(ink.ink);
    for (int hour = 0; hour <= 24; hour += r.height() < 100 ? 12 : 6) {
        const double y = r.bottom() - hour / 24.0 * r.height();
        painter.drawText(QRectF(r.left() - 48, y - 8, 42, 16), Qt::AlignRight | Qt::AlignVCenter,
                         QStringLiteral("%1:00").arg(hour));
    }
    for (int m = 1; m <= 12; ++m) {
        const double x = r.left() + climate::days_before(m) / 365.0 * r.width(),
                     w = climate::days_in(m) / 365.0 * r.width();
        painter.drawText(QRectF(x, r.bottom() + 4, w, 16), Qt::AlignCenter,
                         r.width() > kNarrow ? language::month_short(m) : language::month(m).left(1));
        if (m > 1) painter.drawLine(QPointF(x, r.bottom()), QPointF(x, r.bottom() + 4));
    }
}

void draw_carpet(QPainter& painter, const ClimateSeries& series, const Ink& ink, QRectF area) {
    heading(painter, ink, area, QStringLiteral("%1, %2").arg(series.name, series.unit));
    const QRectF r = carpet_area(area);
    draw_hours_of_year(painter, series.hours, series.scale, ink, r);
    painter.setPen(QPen(ink.paper, 1));
    int doubtful = 0;
    for (size_t h = 0; h < series.doubt.size(); ++h) {
        if (series.doubt[h] == 0) continue;
        ++doubtful;
        painter.drawPoint(QPointF(r.left() + (static_cast<double>(h / 24) + 0.5) / 365 * r.width(),
                                  r.bottom() - (static_cast<double>(h % 24) + 0.5) / 24 * r.height()));
    }
    painter.setPen(ink.ink);
    // The scale stands beside its carpet.
    const double span = series.scale.top - series.scale.bottom;
    QImage ramp(1, 128, QImage::Format_RGB32);
    for (int i = 0; i < 128; ++i) ramp.setPixelColor(0, 127 - i, light_colour(i / 127.0));
    const QRectF bar(r.right() + 14, r.top(), 12, r.height());
    painter.drawImage(bar, ramp);
    for (int i = 0; i <= 4; ++i) {
        const double v = series.scale.bottom + span * i / 4;
        painter.drawText(QRectF(bar.right() + 5, bar.bottom() - bar.height() * i / 4 - 8, 46, 16),
                         Qt::AlignLeft | Qt::AlignVCenter, short_figure(v));
    }
    if (doubtful > 0) {
        painter.setPen(ink.faint.darker(120));
        painter.drawText(QRectF(r.left(), area.top(), r.width(), 18), Qt::AlignRight | Qt::AlignVCenter,
                         QObject::tr("dotted: %1 hours filled or corrected").arg(doubtful));
    }
}

void draw_mean_days(QPainter& painter, const ClimateSeries& series, const Ink& ink, QRectF area) {
    heading(painter, ink, area, QObject::tr("Mean day of each month, %1").arg(series.unit));
    const QRectF r = chart_area(area);
    const auto days = climate::mean_days(series.hours);
    double low = 0, high = 1e-9;
    for (const auto& day : days)
        for (const double v : day)
            if (!std::isnan(v)) low = std::min(low, v), high = std::max(high, v);
    const double step = nice_step(high - low, 4);
    const Axis y{std::floor(low / step) * step, std::ceil(high / step) * step, r.bottom(), r.top()};
    draw_value_axis(painter, ink, y, r.left(), r.right(), 4);
    const double w = r.width() / 12;
    for (int m = 0; m < 12; ++m) {
        const double left = r.left() + m * w;
        QPolygonF line;
        for (int h = 0; h < 24; ++h)
            if (const double v = days[static_cast<size_t>(m)][static_cast<size_t>(h)]; !std::isnan(v))
                line << QPointF(left + 3 + (h + 0.5) / 24 * (w - 6), y(v));
        QPolygonF body = line;
        if (!line.isEmpty())
            body << QPointF(line.last().x(), y(std::max(0.0, y.low)))
                 << QPointF(line.first().x(), y(std::max(0.0, y.low)));
        QColor fill = light_colour(0.62);
        fill.setAlphaF(0.35f);
        painter.setPen(Qt::NoPen);
        painter.setBrush(fill);
        painter.drawPolygon(body);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(ink.ink, 1.3));
        painter.drawPolyline(line);
        painter.setPen(QPen(ink.faint, 0.6));
        if (m > 0) painter.drawLine(QPointF(left, r.top()), QPointF(left, r.bottom()));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(left, r.bottom() + 4, w, 16), Qt::AlignCenter,
                         language::month_short(static_cast<int>(m) + 1));
    }
}

void draw_hours_above(QPainter& painter, const ClimateSeries& series, const Ink& ink, QRectF area, double marked,
                      const QString& words) {
    heading(painter, ink, area, QObject::tr("Hours of the year above a level, %1").arg(series.unit));
    const QRectF r = chart_area(area);
    std::vector<double> levels;
    for (int i = 0; i <= 200; ++i)
        levels.push_back(series.scale.bottom + (series.scale.top - series.scale.bottom) * i / 200);
    const auto above = climate::hours_above(series.hours, levels);
    const double rise = nice_step(std::max(above.front(), 1.0), 5);
    const Axis x{series.scale.bottom, series.scale.top, r.left(), r.right()},
        y{0, std::ceil(above.front() / rise) * rise, r.bottom(), r.top()};
    draw_value_axis(painter, ink, y, r.left(), r.right(), 5);
    QPolygonF line;
    for (size_t i = 0; i < levels.size(); ++i) line << QPointF(x(levels[i]), y(above[i]));
    painter.setPen(QPen(ink.accent, 1.8));
    painter.drawPolyline(line);
    painter.setPen(ink.ink);
    const double step = nice_step(x.high - x.low, 5);
    for (double v = std::ceil(x.low / step) * step; v <= x.high + step * 1e-6; v += step)
        painter.drawText(QRectF(x(v) - 30, r.bottom() + 4, 60, 16), Qt::AlignCenter,
                         short_figure(std::fabs(v) < step * 1e-6 ? 0 : v));
    if (std::isnan(marked)) return;
    const double hours = climate::hours_above(series.hours, {marked})[0];
    painter.setPen(QPen(ink.ink, 1, Qt::DashLine));
    painter.drawLine(QPointF(x(marked), r.bottom()), QPointF(x(marked), y(hours)));
    painter.setBrush(ink.paper);
    painter.drawEllipse(QPointF(x(marked), y(hours)), 3.5, 3.5);
    painter.drawText(QRectF(x(marked) + 8, y(hours) - 20, r.right() - x(marked) - 8, 18),
                     Qt::AlignLeft | Qt::AlignVCenter, words);
}

void draw_sky_types(QPainter& painter, const std::array<int, 16>& types, const Ink& ink, QRectF area) {
    heading(painter, ink, area, QObject::tr("Kinds of sky, daylit hours by nearest CIE type"));
    const QRectF r = chart_area(area).adjusted(0, 0, 0, -14);
    const int most = std::max(1, *std::max_element(types.begin(), types.end()));
    const double step = nice_step(most, 4);
    const Axis y{0, std::ceil(most / step) * step, r.bottom(), r.top()};
    draw_value_axis(painter, ink, y, r.left(), r.right(), 4);
    const double w = r.width() / 16;
    for (int t = 0; t < 16; ++t) {
        const int n = types[static_cast<size_t>(t)];
        // From dull to clear: lighter.
        painter.setPen(Qt::NoPen);
        painter.setBrush(light_colour(t == 15 ? 0.2 : 0.15 + 0.05 * t));
        painter.drawRect(QRectF(QPointF(r.left() + t * w + 2, y(n)), QPointF(r.left() + (t + 1) * w - 2, r.bottom())));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(r.left() + t * w, r.bottom() + 3, w, 15), Qt::AlignCenter, QString::number(t + 1));
    }
    for (const auto& [from, to, name] : {std::tuple{0, 5, QT_TRANSLATE_NOOP("QObject", "overcast")},
                                         std::tuple{5, 10, QT_TRANSLATE_NOOP("QObject", "intermediate")},
                                         std::tuple{10, 15, QT_TRANSLATE_NOOP("QObject", "clear")}})
        painter.drawText(QRectF(r.left() + from * w, r.bottom() + 18, (to - from) * w, 15), Qt::AlignCenter,
                         language::words(name));
}

void draw_climate_page(QPainter& painter, const climate::WeatherYear& weather,
                       const std::vector<climate::OutdoorHour>& outdoor, Quantity quantity, const Ink& ink,
                       QSize size) {
    const double w = size.width(), h = size.height();
    painter.fillRect(QRectF(0, 0, w, h), ink.paper);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto series = climate_series(weather, outdoor, quantity);
    const bool diffuse = quantity == Quantity::diffuse_illuminance;
    const double median = climate::median_diffuse(outdoor), gap = 16;
    draw_carpet(painter, series, ink, QRectF(gap, gap, w - 2 * gap, h * 0.36 - gap));
    draw_mean_days(painter, series, ink, QRectF(gap, h * 0.37, w - 2 * gap, h * 0.28));
    const double half = (w - 3 * gap) / 2;
    draw_hours_above(painter, series, ink, QRectF(gap, h * 0.66, half, h * 0.34 - gap), diffuse ? median : NAN,
                     QObject::tr("median of the daylight hours %L1 lx").arg(median, 0, 'f', 0));
    draw_sky_types(painter, climate::sky_types(outdoor), ink, QRectF(2 * gap + half, h * 0.66, half, h * 0.34 - gap));
}

}  // namespace wp::report
