// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/side/other_cells.h"

#include <algorithm>
#include <cmath>

#include "report/side/plan_cell.h"

namespace wp::report {

ProfileChart ProfileCell::whole() const {
    ProfileChart out = chart;
    out.section = &section;
    out.option = &project->options[option];
    return out;
}

namespace {

// A section keeps its shape: wider, it would not fit below the curves.
QRectF suited(const QRectF& box) {
    const double w = std::min(box.width(), 1.5 * box.height());
    return {box.center().x() - w / 2, box.top(), w, box.height()};
}

}  // namespace

void ProfileCell::paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const {
    painter.setRenderHint(QPainter::Antialiasing);
    const auto all = whole();
    draw_profile(painter, all, ink, suited(box));
    if (!under) return;
    const auto frame = profile_frame(all, suited(box));
    const double x = frame.x(under->x());
    painter.setPen(QPen(ink.ink, 1, Qt::DotLine));
    painter.drawLine(QPointF(x, frame.plot.top()), QPointF(x, std::max(frame.plot.bottom(), frame.below.bottom())));
}

std::optional<QPointF> ProfileCell::place_at(const QRectF& box, QPointF point) const {
    const auto frame = profile_frame(whole(), suited(box));
    if (point.x() < frame.plot.left() || point.x() > frame.plot.right()) return {};
    return QPointF(std::clamp(frame.along(point.x()), 0.0, chart.length), 0);
}

QString ProfileCell::told(QPointF place) const {
    QStringList out;
    for (const auto& curve : chart.curves) {
        const auto at =
            std::ranges::min_element(curve.points, {}, [&](const auto& p) { return std::fabs(p.along - place.x()); });
        if (at != curve.points.end() && !std::isnan(at->value))
            out << QStringLiteral("%1 %2").arg(curve.name, value_words(at->value, chart.scale, chart.unit));
    }
    return out.join(QStringLiteral("   "));
}

QString ProfileCell::where(QPointF place) const { return QStringLiteral("%L1 m").arg(place.x(), 0, 'f', 2); }

double PictureCell::shape() const {
    return static_cast<double>(answer->picture.lens.width) / std::max(answer->picture.lens.height, 1);
}

void PictureCell::paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF frame = frame_within(answer->picture.lens, box);
    draw_picture(painter, *answer, image, style, frame, ink);
    if (!under) return;
    const QPointF at = in_frame(answer->picture.lens, frame, {under->x(), under->y()});
    painter.setPen(QPen(Qt::white, 2.4));
    painter.drawEllipse(at, 6, 6);
    painter.setPen(QPen(Qt::black, 1));
    painter.drawEllipse(at, 6, 6);
}

std::optional<QPointF> PictureCell::place_at(const QRectF& box, QPointF point) const {
    const QRectF frame = frame_within(answer->picture.lens, box);
    if (!frame.contains(point)) return {};
    const auto place = in_picture(answer->picture.lens, frame, point);
    return QPointF(place.x, place.y);
}

QString PictureCell::told(QPointF place) const {
    const auto& lens = answer->picture.lens;
    const int x = static_cast<int>(place.x()), y = static_cast<int>(place.y());
    if (x < 0 || y < 0 || x >= lens.width || y >= lens.height) return {};
    const auto value =
        answer->picture.value[static_cast<size_t>(y) * static_cast<size_t>(lens.width) + static_cast<size_t>(x)];
    return value > 0 ? value_words(static_cast<double>(value), {}, unit_words(answer->picture)) : QString();
}

}  // namespace wp::report
