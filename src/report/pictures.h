// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures of answers as files, drawn without a display.
#pragma once
#include <filesystem>
#include <string>

#include "base/result.h"
#include "figure/year_points.h"
#include "question/ask_year.h"
#include "question/glare.h"
#include "question/table.h"
#include "report/plan.h"

namespace wp::report {

/// A plan with maps and a legend, painted on a page.
void draw_map_page(QPainter& painter, const PlanScene& scene, const QString& title, const QString& legend,
                   const QString& unit, QSize size);
/// The same as PNG or SVG.
Outcome write_map(const PlanScene& scene, const std::string& title, const std::string& legend, const std::string& unit,
                  const std::filesystem::path& path);

/// The plan alone, 1:scale on paper at so many dots an inch, to be laid under another drawing: without legend or page.
/// Beside a PNG a world file is written (".pgw": metres a pixel, place of the upper left pixel's middle in the
/// drawing's axes); an SVG tells the same in its description. Faults: the paths cannot be written, or the picture would
/// be larger than kMostPixels.
Outcome write_plan_to_scale(const PlanScene& scene, const std::filesystem::path& path, double scale, double dots);
inline constexpr double kMostPixels = 20000;  ///< each way

/// The 95th percentile of the brightest layer: the top of a legend that must not jump with every coarse map.
double high_of(const std::vector<MapLayer>& layers);
/// A scale for lux: linear, but logarithmic where sun patches would leave all else in the dark.
Scale light_scale(const std::vector<MapLayer>& layers);
std::vector<MapLayer> maps_of(const question::PointTable& table, size_t column);
std::vector<MapLayer> daylight_maps(const question::DaylightFactorAnswer& answer);
std::vector<MapLayer> year_maps(const question::YearAnswer& answer, const figure::YearPointFigure& figure,
                                const question::YearUse& use);

}  // namespace wp::report
