// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/sheet_map.h"

#include <cmath>

namespace wp::gui {

QStringList SheetMap::reading(size_t layer, size_t point) const {
    const double value = layers[layer].value[point];
    if (std::isnan(value)) return {};
    QString text = (scale.difference && value > 0 ? QStringLiteral("+") : QString()) + report::figure(value);
    if (layer < half_width.size() && point < half_width[layer].size())
        text += QStringLiteral(" \u00b1 ") + report::error_figure(half_width[layer][point]);
    text += QStringLiteral(" ") + unit;
    if (layers[layer].stale) text += QObject::tr(" (stale)");
    QStringList lines{text};
    if (detail) lines << detail(layer, point);
    lines.removeAll(QString());
    return lines;
}

report::PlanScene plan_scene(const model::Project& project, size_t option, size_t storey, const SheetMap& map) {
    report::PlanScene scene;
    scene.project = &project;
    scene.option = &project.options[option];
    scene.storey = storey;
    scene.maps = map.layers;
    scene.scale = map.scale;
    scene.marks = map.marks;
    scene.unit = map.unit;
    scene.north = project.site.north;
    return scene;
}

}  // namespace wp::gui
