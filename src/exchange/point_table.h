// SPDX-License-Identifier: GPL-3.0-or-later
// Tables of answers as CSV, out and in again: comma, full stop, one header line, position and normal first.
#pragma once
#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

#include "base/result.h"
#include "question/table.h"

namespace wp::exchange {

/// One line a point: plane, room, number, position, normal, then every column, its standard error behind it where there
/// is one.
std::string table_csv(const question::PointTable& table);
/// One line a point and window, for windows that give anything.
std::string windows_csv(const question::WindowTable& table);

/// An answer from elsewhere: points in space and figures, without a model behind them.
struct ForeignTable {
    std::string name;  ///< of the file
    std::vector<Vec3> at, normal;
    struct Column {
        std::string id;
        std::vector<double> value;
    };
    std::vector<Column> columns;  ///< standard errors are columns of their own
};
/// Any CSV with x_m, y_m and z_m in its header (nx, ny, nz where there are any) and at least one column of numbers
/// besides. At most 2 million lines. The fault names line and column.
Result<ForeignTable> parse_table(std::string_view text, const std::string& name);
Result<ForeignTable> read_table(const std::filesystem::path& path);

/// Figures of a foreign column at the points of our planes: the nearest foreign point within half a cell, and facing
/// the same way where normals are known; NaN where there is none.
question::Column laid_on(const ForeignTable& table, size_t column, const std::vector<geometry::PlanePoints>& planes);

}  // namespace wp::exchange
