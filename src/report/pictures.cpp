// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/pictures.h"

#include <QImage>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <functional>

#include "base/file.h"
#include "metric/annual.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/paper.h"

namespace wp::report {

void draw_map_page(QPainter& painter, const PlanScene& scene, const QString& title, const QString& legend,
                   const QString& unit, QSize size) {
    const Ink ink;
    const double w = size.width(), h = size.height();
    painter.fillRect(QRectF(0, 0, w, h), ink.paper);
    painter.setFont(page_font(12));
    const QRectF area(40, 70, w - 80, h - 180);
    const PlanView view = PlanView::fit(*scene.option, scene.storey, area);
    painter.setClipRect(area);
    draw_plan(painter, scene, view, ink, area);
    painter.setClipping(false);
    draw_scale_bar(painter, view, ink, QRectF(24, 0, w - 48, h - 10), scene.north);
    painter.setFont(page_font(20, QFont::DemiBold));
    painter.setPen(ink.ink);
    painter.drawText(QRectF(40, 20, w - 80, 36), Qt::AlignLeft | Qt::AlignVCenter, title);
    draw_legend(painter, scene.scale, legend, unit, ink, QRectF(w / 2 - 220, h - 72, 440, 50));
}

Outcome write_map(const PlanScene& scene, const std::string& title, const std::string& legend, const std::string& unit,
                  const std::filesystem::path& path) {
    const QSize size(1400, 900);
    return write_paper(path, size, QString::fromStdString(title), [&](QPainter& painter) {
        draw_map_page(painter, scene, QString::fromStdString(title), QString::fromStdString(legend),
                      QString::fromStdString(unit), size);
    });
}

Outcome write_plan_to_scale(const PlanScene& scene, const std::filesystem::path& path, double scale, double dots) {
    constexpr double margin = 1.0;  // metres of paper around the building
    const auto& option = *scene.option;
    Vec2 low{1e9, 1e9}, high{-1e9, -1e9};
    if (scene.storey < option.storeys.size())
        for (const auto& room : option.storeys[scene.storey].rooms)
            for (const Vec2 p : room.footprint) {
                low = {std::min(low.x, p.x - option.outer_wall - margin),
                       std::min(low.y, p.y - option.outer_wall - margin)};
                high = {std::max(high.x, p.x + option.outer_wall + margin),
                        std::max(high.y, p.y + option.outer_wall + margin)};
            }
    if (low.x > high.x)
        return Fault{path.string(), QT_TRANSLATE_NOOP("QObject", "there is no room on this storey"),
                     QT_TRANSLATE_NOOP("QObject", "Draw one first")};
    // Pens and letters are those of the screen; the drawing is as large as the paper wants.
    const double zoom = dots / kPageDots, metre = kPageDots / kInch / scale;
    const QSize size(static_cast<int>(std::ceil((high.x - low.x) * metre)),
                     static_cast<int>(std::ceil((high.y - low.y) * metre)));
    if (std::max(size.width(), size.height()) * zoom > kMostPixels)
        return Fault{path.string(),
                     QT_TRANSLATE_NOOP("QObject", "the picture would be more than 20000 pixels wide or high"),
                     QT_TRANSLATE_NOOP("QObject", "Choose a smaller scale or fewer dots an inch")};
    PlanView view;
    view.scale = metre;
    view.origin = QPointF(-low.x * metre, high.y * metre);
    const auto paint = [&](QPainter& painter) {
        painter.setFont(page_font(11));
        draw_plan(painter, scene, view, Ink(), QRectF(QPointF(0, 0), size));
    };
    const auto number = [](double v) { return QString::number(v, 'f', 9); };
    if (path.extension() == ".svg") {
        const QByteArray bytes = svg_of(size, QString::fromStdString(option.name), paint, kPageDots,
                                        QObject::tr("1:%1; upper left corner at x %2 m, y %3 m of the drawing")
                                            .arg(scale)
                                            .arg(number(low.x), number(high.y)));
        return write_file(path, {bytes.constData(), static_cast<size_t>(bytes.size())});
    }
    const QByteArray bytes = png_of(size, paint, zoom, dots);
    if (const auto fault = write_file(path, {bytes.constData(), static_cast<size_t>(bytes.size())})) return fault;
    const double pixel = 1 / (metre * zoom);
    const QString world =
        QStringList{
            number(pixel), number(0), number(0), number(-pixel), number(low.x + pixel / 2), number(high.y - pixel / 2)}
            .join(QLatin1Char('\n')) +
        QLatin1Char('\n');
    auto beside = path;
    beside.replace_extension(".pgw");
    return write_file(beside, world.toStdString());
}

double high_of(const std::vector<MapLayer>& layers) {
    double top = 0;
    for (const auto& layer : layers) {
        std::vector<double> sorted;
        for (const double v : layer.value)
            if (!std::isnan(v)) sorted.push_back(v);
        std::sort(sorted.begin(), sorted.end());
        if (!sorted.empty()) top = std::max(top, sorted[(sorted.size() - 1) * 95 / 100]);
    }
    return top;
}

Scale light_scale(const std::vector<MapLayer>& layers) {
    std::vector<double> all;
    for (const auto& layer : layers)
        for (const double v : layer.value)
            if (!std::isnan(v) && v > 0) all.push_back(v);
    if (all.empty()) return {0, 1, false};
    std::sort(all.begin(), all.end());
    const auto at = [&](size_t percent) { return all[(all.size() - 1) * percent / 100]; };
    const double top = nice_top(high_of(layers));
    if (at(95) < 8 * at(50)) return {0, top, false};
    return {std::max(1.0, std::pow(10, std::floor(std::log10(at(2))))), nice_top(at(98)), true};
}

std::vector<MapLayer> maps_of(const question::PointTable& table, size_t column) {
    std::vector<MapLayer> out;
    for (size_t p = 0; p < table.planes.size(); ++p)
        out.push_back({table.planes[p], table.columns[column].value[p], 0, false});
    return out;
}

std::vector<MapLayer> daylight_maps(const question::DaylightFactorAnswer& answer) {
    std::vector<MapLayer> out;
    for (const auto& plane : answer.planes) out.push_back({plane.plane, plane.value, plane.reached, false});
    return out;
}

std::vector<MapLayer> year_maps(const question::YearAnswer& answer, const figure::YearPointFigure& figure,
                                const question::YearUse& use) {
    std::vector<MapLayer> out;
    for (size_t p = 0; p < answer.planes.size(); ++p)
        out.push_back({answer.planes[p].plane,
                       figure::point_values(answer, p, figure, use.limits, use.hours[p], use.operation).value,
                       answer.planes[p].relative_half_width, false});
    return out;
}

}  // namespace wp::report
