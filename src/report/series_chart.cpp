// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/series_chart.h"

#include <QFontMetricsF>
#include <algorithm>
#include <cmath>

#include "base/text.h"
#include "geometry/contours.h"
#include "model/project.h"
#include "report/labels.h"
#include "report/language/words.h"
#include "report/paper.h"
#include "report/plan_map.h"
#include "series/variables.h"

namespace wp::report {

namespace {

using series::CurvePoint;

constexpr double kLeft = 58, kTop = 26, kFoot = 46, kRight = 150, kLegend = 70;

const model::VariedNumber& varied_of(const SeriesChart& c, size_t k) { return c.answer->series.varied[k]; }
bool is_map(const SeriesChart& c) { return c.answer->series.varied.size() > 1; }

QString value_text(const SeriesChart& c, size_t k, double value) {
    return language::figures(series::value_words(*c.project, c.answer->series, k, value));
}

/// Curves of all rooms, as printed.
std::vector<std::vector<CurvePoint>> curves_of(const SeriesChart& c) {
    std::vector<std::vector<CurvePoint>> out;
    for (size_t r = 0; r < c.answer->rooms.size(); ++r) {
        out.push_back(series::curve_of(*c.answer, c.what, r));
        for (CurvePoint& p : out.back())
            for (double* v : {&p.band.value, &p.band.low, &p.band.high}) *v *= c.what.times;
    }
    return out;
}

double top_of(const SeriesChart& c) {
    double top = 0;
    for (size_t i = 0; i < c.answer->steps.size(); ++i)
        for (size_t r = 0; r < c.answer->rooms.size(); ++r)
            if (const auto band = series::band_of(*c.answer, c.what, i, r)) top = std::max(top, band->high);
    if (!c.what.thresholds.empty()) top = std::max(top, c.what.thresholds.front() * 1.1);
    top *= c.what.times;
    return c.what.unit == "%" && c.what.times > 1 ? std::min(100.0, nice_top(top)) : nice_top(top);
}

void draw_axes(QPainter& painter, const SeriesFrame& frame, const Ink& ink) {
    QColor grid = ink.faint;
    grid.setAlpha(90);
    const Scale scale{frame.low, frame.high, false};
    for (const double value : marks_of(scale)) {
        const double y = frame.at(frame.from, value).y();
        painter.setPen(QPen(grid, 1));
        painter.drawLine(QPointF(frame.plot.left(), y), QPointF(frame.plot.right(), y));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(frame.plot.left() - kLeft, y - 8, kLeft - 8, 16), Qt::AlignRight | Qt::AlignVCenter,
                         language::number(value, 'g', 4));
    }
}

// Steps along the foot: those that were asked are filled.
void draw_steps(QPainter& painter, const SeriesChart& c, const SeriesFrame& frame, const Ink& ink) {
    const QFontMetricsF metrics(painter.font());
    double free_from = -1e9;
    for (size_t i = 0; i < c.answer->steps.size(); ++i) {
        const double value = c.answer->steps[i].values[0], x = frame.at(value, frame.low).x();
        painter.setPen(QPen(ink.ink, 1));
        painter.setBrush(c.answer->of[i] != nullptr ? QBrush(ink.ink) : QBrush(ink.paper));
        painter.drawEllipse(QPointF(x, frame.plot.bottom()), 2.6, 2.6);
        const QString text = value_text(c, 0, value);
        const double w = metrics.horizontalAdvance(text);
        if (x - w / 2 < free_from) continue;
        free_from = x + w / 2 + 10;
        painter.setPen(ink.ink);
        painter.drawText(QRectF(x - w / 2 - 2, frame.plot.bottom() + 6, w + 4, 15), Qt::AlignCenter, text);
    }
    painter.setPen(ink.ink);
    painter.drawText(QRectF(frame.plot.left(), frame.plot.bottom() + 23, frame.plot.width(), 18), Qt::AlignCenter,
                     varied_words(c, 0));
}

void draw_present(QPainter& painter, const SeriesChart& c, const SeriesFrame& frame, const Ink& ink) {
    const double now = c.answer->present[0];
    if (now < std::min(frame.from, frame.to) || now > std::max(frame.from, frame.to)) return;
    const double x = frame.at(now, frame.low).x();
    painter.setPen(QPen(ink.faint, 1, Qt::DotLine));
    painter.drawLine(QPointF(x, frame.plot.top()), QPointF(x, frame.plot.bottom()));
    painter.setPen(ink.faint);
    painter.drawText(QRectF(x - 60, frame.plot.top() - 16, 120, 15), Qt::AlignCenter, QObject::tr("as it is"));
}

// Words on a plate, above all curves.
struct Plate {
    QRectF box;
    QString text;
};
void draw_plates(QPainter& painter, const std::vector<Plate>& plates, const Ink& ink) {
    for (const Plate& plate : plates) {
        painter.setPen(QPen(ink.ink, 1));
        painter.setBrush(ink.room);
        painter.drawRoundedRect(plate.box, 3, 3);
        painter.drawText(plate.box, Qt::AlignCenter, plate.text);
    }
}

std::vector<Plate> draw_thresholds(QPainter& painter, const SeriesChart& c, const SeriesFrame& frame, const Ink& ink) {
    std::vector<Plate> plates;
    for (const double threshold : c.what.thresholds) {
        const double value = threshold * c.what.times;
        if (value < frame.low || value > frame.high) continue;
        const double y = frame.at(frame.from, value).y();
        painter.setPen(QPen(ink.ink, 1.2, Qt::DashLine));
        painter.drawLine(QPointF(frame.plot.left(), y), QPointF(frame.plot.right(), y));
        const QString text = QObject::tr("%1 %2 %3", "at least 55 %")
                                 .arg(c.what.at_least ? QObject::tr("at least") : QObject::tr("at most"),
                                      language::number(value, 'g', 4), language::words(c.what.unit));
        const double w = QFontMetricsF(painter.font()).horizontalAdvance(text) + 10;
        plates.push_back({QRectF(frame.plot.right() - w - 2, y - 8, w, 16), text});
    }
    return plates;
}

// Where the room's curve passes a threshold: a mark, and a bar over where that may be.
void draw_turns(QPainter& painter, const SeriesChart& c, const SeriesFrame& frame, const std::vector<CurvePoint>& curve,
                const Ink& ink) {
    for (const double threshold : c.what.thresholds) {
        const double value = threshold * c.what.times;
        for (const series::Turn& turn : series::turns_of(curve, value)) {
            const QPointF at = frame.at(turn.at, value), from = frame.at(turn.from, value),
                          to = frame.at(turn.to, value);
            painter.setPen(QPen(ink.accent, 4, Qt::SolidLine, Qt::FlatCap));
            painter.drawLine(from, to);
            painter.setPen(QPen(ink.accent, 1.4));
            painter.setBrush(ink.paper);
            painter.drawPolygon(
                QPolygonF{at + QPointF(-6, 0), at + QPointF(0, -6), at + QPointF(6, 0), at + QPointF(0, 6)});
            const double half = std::fabs(turn.to - turn.from) / 2;
            const QString words =
                half > 0 ? QStringLiteral("%1 \u00b1 %2").arg(value_text(c, 0, turn.at), value_text(c, 0, half))
                         : value_text(c, 0, turn.at);
            painter.setPen(ink.accent);
            painter.drawText(QRectF(at.x() - 90, at.y() + 8, 180, 15), Qt::AlignCenter, words);
        }
    }
}

QPen pen_of(const Ink& ink, size_t index, bool main) {
    static const std::vector<QList<qreal>> strokes = {{1, 0}, {6, 3}, {1.5, 2.5}, {8, 3, 1.5, 3}, {3, 2}};
    QPen pen(main ? ink.accent : ink.ink, main ? 2.4 : 1.3);
    if (!main) pen.setDashPattern(strokes[index % strokes.size()]);
    pen.setCapStyle(Qt::FlatCap);
    return pen;
}

void draw_curve(QPainter& painter, const SeriesFrame& frame, const std::vector<CurvePoint>& curve, const QPen& pen,
                bool with_band) {
    if (curve.empty()) return;
    QPolygonF line, band;
    for (const CurvePoint& p : curve) {
        line << frame.at(p.at, p.band.value);
        band << frame.at(p.at, p.band.high);
    }
    for (auto p = curve.rbegin(); p != curve.rend(); ++p) band << frame.at(p->at, p->band.low);
    if (with_band) {
        QColor wash = pen.color();
        wash.setAlpha(46);
        painter.setPen(Qt::NoPen);
        painter.setBrush(wash);
        painter.drawPolygon(band);
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(pen);
    painter.drawPolyline(line);
    painter.setBrush(pen.color());
    painter.setPen(Qt::NoPen);
    for (const QPointF& p : line) painter.drawEllipse(p, with_band ? 3.2 : 2, with_band ? 3.2 : 2);
}

// Names at the right, apart from each other.
void draw_names(QPainter& painter, const SeriesChart& c, const SeriesFrame& frame,
                const std::vector<std::vector<CurvePoint>>& curves, const Ink& ink) {
    struct Name {
        double y;
        size_t room;
    };
    std::vector<Name> names;
    for (size_t r = 0; r < curves.size(); ++r)
        if (!curves[r].empty()) names.push_back({frame.at(0, curves[r].back().band.value).y(), r});
    std::ranges::sort(names, {}, &Name::y);
    double lowest = frame.plot.top();
    for (Name& n : names) lowest = (n.y = std::max(n.y, lowest)) + 15;
    double highest = frame.plot.bottom();
    for (auto n = names.rbegin(); n != names.rend(); ++n) highest = (n->y = std::min(n->y, highest)) - 15;
    const QFontMetricsF metrics(painter.font());
    const double x = frame.plot.right() + 10;
    for (const Name& n : names) {
        const bool main = n.room == c.room;
        painter.setPen(pen_of(ink, n.room, main));
        painter.drawLine(QPointF(x, n.y), QPointF(x + 14, n.y));
        painter.setPen(main ? ink.accent : ink.ink);
        painter.drawText(
            QRectF(x + 18, n.y - 8, kRight - 30, 16), Qt::AlignLeft | Qt::AlignVCenter,
            metrics.elidedText(QString::fromStdString(c.answer->room_names[n.room]), Qt::ElideRight, kRight - 30));
    }
}

void draw_under(QPainter& painter, const SeriesChart& c, const SeriesFrame& frame, const Ink& ink) {
    if (!c.under) return;
    const auto band = series::band_of(*c.answer, c.what, *c.under, c.room);
    const double x = frame.at(c.answer->steps[*c.under].values[0], frame.low).x();
    painter.setPen(QPen(ink.accent, 1));
    painter.drawLine(QPointF(x, frame.plot.top()), QPointF(x, frame.plot.bottom()));
    if (!band) return;
    painter.setBrush(ink.accent);
    painter.drawEllipse(frame.at(c.answer->steps[*c.under].values[0], c.what.times * band->value), 4.5, 4.5);
}

void draw_curves(QPainter& painter, const SeriesChart& c, const SeriesFrame& frame, const Ink& ink) {
    const auto curves = curves_of(c);
    draw_axes(painter, frame, ink);
    draw_present(painter, c, frame, ink);
    const auto plates = draw_thresholds(painter, c, frame, ink);
    for (size_t r = 0; r < curves.size(); ++r)
        if (r != c.room) draw_curve(painter, frame, curves[r], pen_of(ink, r, false), false);
    if (c.room < curves.size()) {
        draw_curve(painter, frame, curves[c.room], pen_of(ink, c.room, true), true);
        draw_turns(painter, c, frame, curves[c.room], ink);
    }
    draw_plates(painter, plates, ink);
    draw_names(painter, c, frame, curves, ink);
    draw_under(painter, c, frame, ink);
    draw_steps(painter, c, frame, ink);
}

// Two numbers: each step a field of the map; lines once all are there.
void draw_map(QPainter& painter, const SeriesChart& c, const SeriesFrame& frame, const Ink& ink) {
    const auto columns = static_cast<size_t>(varied_of(c, 0).steps), rows = static_cast<size_t>(varied_of(c, 1).steps);
    const double w = frame.plot.width() / static_cast<double>(columns),
                 h = frame.plot.height() / static_cast<double>(rows);
    const Scale scale{0, top_of(c), false};
    geometry::Lattice lattice{static_cast<int>(columns), static_cast<int>(rows), std::vector<double>(columns * rows)};
    bool whole = true;
    for (size_t i = 0; i < c.answer->steps.size(); ++i) {
        const auto& at = c.answer->steps[i].at;
        const QRectF cell(frame.plot.left() + static_cast<double>(at[0]) * w,
                          frame.plot.bottom() - static_cast<double>(at[1] + 1) * h, w, h);
        const auto band = series::band_of(*c.answer, c.what, i, c.room);
        whole = whole && band;
        if (!band) {
            painter.fillRect(cell, QBrush(ink.faint, Qt::BDiagPattern));
            continue;
        }
        const double value = c.what.times * band->value;
        lattice.cell[at[1] * columns + at[0]] = value;
        painter.fillRect(cell.adjusted(0, 0, 0.5, 0.5), scale.colour(value));
        if (w < 44 || h < 20) continue;
        painter.setPen(scale.ink(value));
        painter.drawText(cell, Qt::AlignCenter, language::number(value, 'g', 3));
    }
    Labels labels;
    const auto place = [&](Vec2 p) { return QPointF(frame.plot.left() + p.x * w, frame.plot.bottom() - p.y * h); };
    if (whole && columns > 2 && rows > 2) draw_contours(painter, lattice, scale, place, ink, labels);
    painter.setPen(ink.ink);
    const QFontMetricsF metrics(painter.font());
    double free_from = -1e9;
    for (size_t i = 0; i < columns; ++i) {
        const QString text = value_text(c, 0, series::value_at(varied_of(c, 0), i));
        const double x = frame.plot.left() + (static_cast<double>(i) + 0.5) * w,
                     half = metrics.horizontalAdvance(text) / 2;
        if (x - half < free_from) continue;
        free_from = x + half + 8;
        painter.drawText(QRectF(x - half - 2, frame.plot.bottom() + 4, 2 * half + 4, 15), Qt::AlignCenter, text);
    }
    for (size_t i = 0; i < rows; ++i)
        painter.drawText(QRectF(frame.plot.left() - kLeft, frame.plot.bottom() - (static_cast<double>(i) + 0.5) * h - 8,
                                kLeft - 6, 16),
                         Qt::AlignRight | Qt::AlignVCenter, value_text(c, 1, series::value_at(varied_of(c, 1), i)));
    painter.drawText(QRectF(frame.plot.left(), frame.plot.bottom() + 20, frame.plot.width(), 18), Qt::AlignCenter,
                     varied_words(c, 0));
    painter.drawText(QRectF(frame.plot.left() - kLeft + 4, frame.plot.top() - 24, 400, 18),
                     Qt::AlignLeft | Qt::AlignVCenter, varied_words(c, 1));
    if (c.under) {
        const auto& at = c.answer->steps[*c.under].at;
        painter.setPen(QPen(ink.accent, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(frame.plot.left() + static_cast<double>(at[0]) * w,
                                frame.plot.bottom() - static_cast<double>(at[1] + 1) * h, w, h));
    }
}

}  // namespace

QPointF SeriesFrame::at(double along, double value) const {
    return {plot.left() + (to != from ? (along - from) / (to - from) : 0.5) * plot.width(),
            plot.bottom() - (value - low) / (high - low) * plot.height()};
}

QString varied_words(const SeriesChart& c, size_t k) {
    const auto found =
        series::variable_of(*c.project, *model::find(c.project->options, c.answer->series.option), varied_of(c, k));
    if (!found) return QString::fromStdString(varied_of(c, k).number);
    const QString label = language::words(found->label);
    return found->elements.empty()
               ? label
               : QObject::tr("%1 of %2", "a number of elements").arg(label, QString::fromStdString(found->of));
}

QString plotted_words(const series::Plotted& what) {
    const QString name = language::words(what.name);
    return what.line == nullptr || what.of.empty() ? name
                                                   : QStringLiteral("%1, %2").arg(name, language::words(what.of));
}

SeriesFrame series_frame(const SeriesChart& c, QRectF area) {
    SeriesFrame out;
    out.plot = area.adjusted(kLeft, kTop, is_map(c) ? -kLegend : -kRight, -kFoot);
    if (out.plot.width() < 20 || out.plot.height() < 20) out.plot.setSize({20, 20});
    const auto& v = varied_of(c, 0);
    out.from = std::min(v.from, v.to);
    out.to = std::max(v.from, v.to);
    if (is_map(c)) return out;
    // Room at both ends, so that marks are not cut.
    const double margin = 0.03 * (out.to - out.from);
    out.from -= margin;
    out.to += margin;
    out.high = std::max(top_of(c), 1e-6);
    return out;
}

std::optional<size_t> step_at(const SeriesChart& c, const SeriesFrame& frame, QPointF place) {
    if (!frame.plot.adjusted(-8, -8, 8, 30).contains(place)) return {};
    if (is_map(c)) {
        const int columns = varied_of(c, 0).steps, rows = varied_of(c, 1).steps;
        const int x = static_cast<int>((place.x() - frame.plot.left()) / frame.plot.width() * columns),
                  y = static_cast<int>((frame.plot.bottom() - place.y()) / frame.plot.height() * rows);
        return static_cast<size_t>(std::clamp(x, 0, columns - 1)) * static_cast<size_t>(rows) +
               static_cast<size_t>(std::clamp(y, 0, rows - 1));
    }
    size_t nearest = 0;
    double least = 1e18;
    for (size_t i = 0; i < c.answer->steps.size(); ++i)
        if (const double d = std::fabs(frame.at(c.answer->steps[i].values[0], 0).x() - place.x()); d < least)
            least = d, nearest = i;
    return nearest;
}

void draw_series(QPainter& painter, const SeriesChart& c, const Ink& ink, QRectF area) {
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    const SeriesFrame frame = series_frame(c, area);
    if (is_map(c)) return draw_map(painter, c, frame, ink);
    draw_curves(painter, c, frame, ink);
    painter.setPen(ink.ink);
    painter.drawText(QRectF(area.left() + 4, area.top() + 2, kLeft - 12, 16), Qt::AlignRight | Qt::AlignVCenter,
                     language::words(c.what.unit));
}

Outcome write_series(const model::Project& project, const series::SeriesAnswer& answer,
                     const std::filesystem::path& base, const std::string& suffix) {
    for (const series::Plotted& what : series::plotted_of(answer)) {
        SeriesChart chart{&project, &answer, what, 0, {}};
        const QSize size(860, 520);
        const QString title = plotted_words(what);
        std::string name = what.id;
        std::ranges::replace_if(
            name, [](char of) { return of == '.' || of == '/'; }, '-');
        name = file_name_of(name);
        const auto paint = [&](QPainter& painter) {
            const Ink ink;
            painter.fillRect(QRect(QPoint(0, 0), size), ink.paper);
            painter.setFont(page_font(15, QFont::DemiBold));
            painter.setPen(ink.ink);
            painter.drawText(QRectF(20, 12, size.width() - 40, 24), Qt::AlignLeft | Qt::AlignVCenter, title);
            painter.setFont(page_font(11));
            draw_series(painter, chart, ink, QRectF(10, 44, size.width() - 20, size.height() - 54));
        };
        if (auto fault = write_paper(base.string() + "." + name + suffix, size, title, paint, 2)) return fault;
    }
    return {};
}

}  // namespace wp::report
