// SPDX-License-Identifier: GPL-3.0-or-later
// A figure on a storey's plan: values, errors, legend, words.
#pragma once
#include <QString>
#include <QStringList>
#include <functional>
#include <vector>

#include "report/plan.h"

namespace wp::gui {

/// What is painted in the rooms, and how it is named.
struct SheetMap {
    std::vector<report::MapLayer> layers;
    report::Scale scale;
    report::Scale own_scale;  ///< as this map alone would have it, where the legend made something else of it
    report::MapMarks marks;
    QString name, unit;
    QString figure, definition;  ///< which figure it is, as usual values and legends know it; may be empty
    std::vector<report::LegendMark> usual;
    bool settled = true;                          ///< else finer ones are on their way
    std::vector<std::vector<double>> half_width;  ///< of each layer's points; may be empty
    /// What the figure of a layer's point is made of, line by line; may be empty.
    std::function<QStringList(size_t layer, size_t point)> detail;
    /// A point's value with its error and unit, then what it is made of; empty where it has none.
    QStringList reading(size_t layer, size_t point) const;
};

/// The plan of a storey with a map on it, as it is drawn outside the sheet.
report::PlanScene plan_scene(const model::Project& project, size_t option, size_t storey, const SheetMap& map);

}  // namespace wp::gui
