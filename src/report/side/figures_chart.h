// SPDX-License-Identifier: GPL-3.0-or-later
// Figures of rooms in several options as marks with their errors: a panel a figure, a row a room, a shape an option.
#pragma once
#include <filesystem>
#include <optional>
#include <vector>

#include "base/result.h"
#include "figure/measures.h"
#include "report/plan.h"

namespace wp::report {

struct FiguresChart {
    struct Row {
        QString room;
        std::vector<std::optional<figure::Band>> bands;  ///< by option, in the panel's unit
    };
    struct Panel {
        QString figure, unit;
        std::vector<Row> rows;
    };
    QString title;
    std::vector<QString> options;
    std::vector<Panel> panels;
};

/// What it takes to be drawn without crowding.
QSize figures_chart_size(const FiguresChart& chart);
void draw_figures_chart(QPainter& painter, const FiguresChart& chart, const Ink& ink);
/// ".svg" gives a drawing, anything else a picture.
Outcome write_figures_chart(const FiguresChart& chart, const std::filesystem::path& path);

}  // namespace wp::report
