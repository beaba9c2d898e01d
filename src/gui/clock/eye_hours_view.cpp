// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/clock/eye_hours_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "analysis/analysis.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "report/climate_charts.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

namespace {

constexpr double kLeft = 46, kLine = 18, kHead = 2 * kLine + 2, kFoot = 18;  // pixels

void set_small(QPainter& painter, bool bold = false) {
    QFont font = painter.font();
    font.setPixelSize(type::small);
    font.setWeight(bold ? QFont::DemiBold : QFont::Normal);
    painter.setFont(font);
}

}  // namespace

EyeHoursView::EyeHoursView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("eye-hours"));
    setAccessibleName(QObject::tr("Melanopic light at the eye by hour"));
    setMinimumSize(260, 300);
    setMouseTracking(true);
}

void EyeHoursView::show_light(Light light) {
    light_ = std::move(light);
    update();
}

QRectF EyeHoursView::day_area() const { return {kLeft, kHead, width() - kLeft - 6, height() * 0.42 - kHead - kFoot}; }
QRectF EyeHoursView::year_area() const {
    const double top = height() * 0.42 + kHead + 8;
    return {kLeft, top, width() - kLeft - 6, height() - top - kFoot};
}

int EyeHoursView::day_at(QPointF at) const {
    const QRectF days = year_area();
    if (!days.contains(at) || light_.melanopic.empty()) return -1;
    return std::clamp(static_cast<int>((at.x() - days.left()) / days.width() * 365), 0, 364);
}

void EyeHoursView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), ink().paper);
    if (light_.melanopic.empty()) return;
    paint_day(painter);
    paint_year(painter);
    if (pointer_.x() < 0) return;
    if (const int day = day_at(pointer_); day >= 0) {
        const QRectF days = year_area();
        const int hour = std::clamp(static_cast<int>((days.bottom() - pointer_.y()) / days.height() * 24), 0, 23);
        const auto at = static_cast<size_t>(day * 24 + hour);
        draw_tag(painter, pointer_, rect(),
                 {QStringLiteral("%1, %2\u2013%3")
                      .arg(language::words(analysis::day_words(climate::moment_of(day, 12))))
                      .arg(hour)
                      .arg(hour + 1),
                  QObject::tr("melanopic %1 lx, illuminance %2 lx")
                      .arg(report::figure(static_cast<double>(light_.melanopic[at])),
                           report::figure(static_cast<double>(light_.lux[at])))});
    }
}

// Both curves on one scale, the level across them.
void EyeHoursView::paint_day(QPainter& painter) const {
    const QRectF r = day_area();
    const auto of = [&](const std::vector<float>& all, int hour) {
        return static_cast<double>(all[static_cast<size_t>(light_.day * 24 + hour)]);
    };
    double most = light_.level;
    for (int h = 0; h < 24; ++h) most = std::max({most, of(light_.melanopic, h), of(light_.lux, h)});
    const double top = report::nice_top(std::max(most * 1.05, 1.0));
    const auto at = [&](double hour, double value) {
        return QPointF(r.left() + hour / 24 * r.width(), r.bottom() - value / top * r.height());
    };
    set_small(painter, true);
    painter.setPen(ink().ink);
    painter.drawText(
        QRectF(0, 0, width(), kLine), Qt::AlignLeft | Qt::AlignVCenter,
        QObject::tr("At the eye, %1").arg(language::words(analysis::day_words(climate::moment_of(light_.day, 12)))));
    set_small(painter);
    for (int i = 0; i <= 2; ++i) {
        painter.setPen(QPen(ink().faint, 0.5));
        painter.drawLine(at(0, top * i / 2), at(24, top * i / 2));
        painter.setPen(ink().ink);
        painter.drawText(QRectF(0, at(0, top * i / 2).y() - 8, kLeft - 5, 16), Qt::AlignRight | Qt::AlignVCenter,
                         language::number(top * i / 2, 'g', 4));
    }
    for (const int hour : {0, 6, 12, 18, 24})
        painter.drawText(QRectF(at(hour, 0).x() - 20, r.bottom() + 2, 40, 14), Qt::AlignCenter, QString::number(hour));
    const auto curve = [&](const std::vector<float>& all, const QPen& pen) {
        QPainterPath path;
        for (int h = 0; h < 24; ++h) {
            h == 0 ? path.moveTo(at(h, of(all, h))) : path.lineTo(at(h, of(all, h)));
            path.lineTo(at(h + 1, of(all, h)));
        }
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(path);
    };
    curve(light_.lux, QPen(ink().faint, 1.4, Qt::DashLine));
    curve(light_.melanopic, QPen(ink().accent, 2));
    painter.setPen(QPen(ink().ink, 1, Qt::DotLine));
    painter.drawLine(at(0, light_.level), at(24, light_.level));
    // What they are, above.
    const QFontMetricsF metrics(painter.font());
    double x = 0;
    const auto key = [&](const QString& words, const QPen& pen) {
        painter.setPen(pen);
        painter.drawLine(QPointF(x, kLine * 1.5), QPointF(x + 16, kLine * 1.5));
        painter.setPen(ink().ink);
        painter.drawText(QRectF(x + 20, kLine, metrics.horizontalAdvance(words) + 2, kLine),
                         Qt::AlignLeft | Qt::AlignVCenter, words);
        x += 20 + metrics.horizontalAdvance(words) + 10;
    };
    key(QObject::tr("melanopic EDI, lx"), QPen(ink().accent, 2));
    key(QObject::tr("illuminance"), QPen(ink().faint, 1.4, Qt::DashLine));
    key(QObject::tr("asked for"), QPen(ink().ink, 1, Qt::DotLine));
}

void EyeHoursView::paint_year(QPainter& painter) const {
    const QRectF r = year_area();
    set_small(painter, true);
    painter.setPen(ink().ink);
    painter.drawText(QRectF(0, r.top() - kHead, width(), kLine), Qt::AlignLeft | Qt::AlignVCenter,
                     QObject::tr("The year, melanopic EDI: day by hour"));
    std::vector<double> hours(light_.melanopic.begin(), light_.melanopic.end());
    // Bands that part at the level, at twice and at four times of it.
    report::Scale scale{light_.level / 2, light_.level * 8, true, 4};
    for (double& v : hours)
        if (v <= 0) v = std::nan("");
    set_small(painter);
    report::draw_hours_of_year(painter, hours, scale, ink(), r);
    const double x = r.left() + (light_.day + 0.5) / 365 * r.width();
    painter.setPen(QPen(ink().accent, 1.5));
    painter.drawLine(QPointF(x, r.top()), QPointF(x, r.bottom()));
    double at = 0;
    const QFontMetricsF metrics(painter.font());
    for (int band = 0; band < 4; ++band) {
        const double low = scale.value_at(band / 4.0);
        painter.setPen(QPen(ink().ground, 1));
        painter.setBrush(scale.colour(low * 1.05));
        painter.drawRect(QRectF(at, r.top() - kHead + kLine + 4, 10, 10));
        const QString words = band == 0 ? QObject::tr("less") : QObject::tr("from %1 lx").arg(report::figure(low));
        painter.setPen(ink().ink);
        painter.drawText(QRectF(at + 14, r.top() - kHead + kLine, metrics.horizontalAdvance(words) + 2, kLine),
                         Qt::AlignLeft | Qt::AlignVCenter, words);
        at += 14 + metrics.horizontalAdvance(words) + 10;
    }
}

void EyeHoursView::mousePressEvent(QMouseEvent* event) {
    if (const int day = day_at(event->position()); day >= 0) emit day_pressed(day);
}
void EyeHoursView::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    update();
}
void EyeHoursView::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    update();
}

}  // namespace wp::gui
