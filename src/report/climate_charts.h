// SPDX-License-Identifier: GPL-3.0-or-later
// Charts of a weather year: day-by-hour carpets, mean days, frequency curves, kinds of skies. Drawn by the same hand on
// the desktop, on paper and from the command line.
#pragma once
#include <QPainter>
#include <array>
#include <vector>

#include "climate/statistics.h"
#include "report/plan.h"

namespace wp::report {

/// A quantity of the year, ready to be drawn.
struct ClimateSeries {
    climate::Quantity quantity = climate::Quantity::global_illuminance;
    std::vector<double> hours;    ///< 8760, NaN where there is none
    std::vector<unsigned> doubt;  ///< bits of climate::Doubt, or empty
    Scale scale;                  ///< of the carpet's colours
    QString name, unit;
};
ClimateSeries climate_series(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor,
                             climate::Quantity quantity);

/// 365 days across, 24 hours up, in the colours of a scale, with months and hours at the edges. Where there is no value
/// the ground shows.
void draw_hours_of_year(QPainter& painter, const std::vector<double>& hours, const Scale& scale, const Ink& ink,
                        QRectF r);
/// 365 days across, 24 hours up; doubtful hours are dotted. The rectangle that the days fill is returned, for pointers.
QRectF carpet_area(QRectF area);
void draw_carpet(QPainter& painter, const ClimateSeries& series, const Ink& ink, QRectF area);
/// Twelve mean days side by side on one scale.
void draw_mean_days(QPainter& painter, const ClimateSeries& series, const Ink& ink, QRectF area);
/// Hours of the year above each level. The marked value, where it is not NaN, is drawn with its words.
void draw_hours_above(QPainter& painter, const ClimateSeries& series, const Ink& ink, QRectF area, double marked,
                      const QString& words);
/// Daylit hours by the type of CIE S 011 that is nearest.
void draw_sky_types(QPainter& painter, const std::array<int, 16>& types, const Ink& ink, QRectF area);

/// All four on one page of the size given.
void draw_climate_page(QPainter& painter, const climate::WeatherYear& weather,
                       const std::vector<climate::OutdoorHour>& outdoor, climate::Quantity quantity, const Ink& ink,
                       QSize size);

}  // namespace wp::report
