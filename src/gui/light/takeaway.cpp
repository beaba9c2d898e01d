// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/takeaway.h"

#include <QPainter>
#include <algorithm>

#include "exchange/point_table.h"
#include "report/pictures.h"

namespace wp::gui {

Outcome save_plan(Desktop& desktop, const std::filesystem::path& path, double scale, double dots) {
    return report::write_plan_to_scale(plan_scene(desktop.document().project(), desktop.document().option_index(),
                                                  desktop.document().storey_index(), desktop.sheet().map()),
                                       path, scale, dots);
}

// The sheet as a page, with the map that is on it.
Takeaway takeaway_of(Desktop& desktop, const SeriesView* series, const Pairing& pairing) {
    if (series != nullptr) return series->takeaway();
    if (pairing.is_on()) return pairing.view().takeaway();
    Takeaway out;
    out.title = desktop.sheet().map().name;
    out.size = {1400, 900};
    const auto project = desktop.document().snapshot();
    const size_t option = desktop.document().option_index(), storey = desktop.document().storey_index();
    out.paint = [project, option, storey, map = desktop.sheet().map(), size = out.size](QPainter& painter) {
        const auto scene = plan_scene(*project, option, storey, map);
        report::draw_map_page(
            painter, scene,
            QStringLiteral("%1, %2: %3")
                .arg(QString::fromStdString(project->name), QString::fromStdString(scene.option->name), map.name),
            map.name, map.unit, size);
    };
    out.plan = [&desktop](const std::filesystem::path& path, double scale, double dots) {
        return save_plan(desktop, path, scale, dots);
    };
    out.csv = [map = desktop.sheet().map()] {
        question::PointTable table;
        question::Column column{map.name.toStdString(), "", map.unit.toStdString(), {}, {}};
        for (size_t l = 0; l < map.layers.size(); ++l) {
            table.planes.push_back(map.layers[l].plane);
            column.value.push_back(map.layers[l].value);
        }
        std::replace(column.id.begin(), column.id.end(), ',', ' ');
        table.columns.push_back(std::move(column));
        return exchange::table_csv(table);
    };
    return out;
}

}  // namespace wp::gui
