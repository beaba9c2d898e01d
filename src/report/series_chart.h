// SPDX-License-Identifier: GPL-3.0-or-later
// A figure of rooms over a number that is varied, with its band, the thresholds of criteria and where they are passed;
// over two numbers a map with lines of equal value.
#pragma once
#include <filesystem>

#include "report/plan.h"
#include "series/curves.h"

namespace wp::report {

struct SeriesChart {
    const model::Project* project = nullptr;
    const series::SeriesAnswer* answer = nullptr;
    series::Plotted what;
    size_t room = 0;              ///< whose curve stands out; whose map it is
    std::optional<size_t> under;  ///< the step that the pointer is at
};

/// Where things lie: for pointers.
struct SeriesFrame {
    QRectF plot;
    double low = 0, high = 1;  ///< of the figure, as printed; of two numbers, of the second one
    double from = 0, to = 1;   ///< of the number along the foot
    QPointF at(double along, double value) const;
};
SeriesFrame series_frame(const SeriesChart& chart, QRectF area);
/// The step whose place is nearest; none outside the plot.
std::optional<size_t> step_at(const SeriesChart& chart, const SeriesFrame& frame, QPointF place);
void draw_series(QPainter& painter, const SeriesChart& chart, const Ink& ink, QRectF area);

/// "Width of W-02".
QString varied_words(const SeriesChart& chart, size_t varied);
/// "Daylight factor, mean".
QString plotted_words(const series::Plotted& what);

/// A page for each figure and criterion that has a value: ".svg" gives drawings, anything else pictures. BASE.FIGURE
/// and the suffix.
Outcome write_series(const model::Project& project, const series::SeriesAnswer& answer,
                     const std::filesystem::path& base, const std::string& suffix);

}  // namespace wp::report
