// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <string_view>

#include "exchange/point_table.h"
#include "fuzz/must.h"

namespace wp::fuzz {

/// What must hold of every text given as a table of figures.
inline void one_table(std::string_view text) {
    const auto table = exchange::parse_table(text, "fuzz");
    if (!table) {
        must(!table.fault().place.empty() && !table.fault().what.empty() && !table.fault().remedy.empty());
        return;
    }
    must(!table->at.empty() && table->normal.size() == table->at.size() && !table->columns.empty());
    for (const auto& column : table->columns) must(column.value.size() == table->at.size());
    geometry::PlanePoints plane;
    plane.dx = plane.dy = 0.5;
    plane.points = {table->at.front(), {0, 0, 0}};
    for (size_t c = 0; c < table->columns.size(); ++c) must(exchange::laid_on(*table, c, {plane}).value[0].size() == 2);
}

}  // namespace wp::fuzz
