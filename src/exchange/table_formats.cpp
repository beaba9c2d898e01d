// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/table_formats.h"

#include "exchange/point_table.h"

namespace wp::exchange {

namespace {

constexpr TableFormat kAll[] = {
    {"csv", "a table: comma, full stop, one line a point", table_csv},
    {"ply", "a cloud of points with their figures, for programs of three dimensions", table_ply},
};

}  // namespace

std::span<const TableFormat> table_formats() { return kAll; }

const TableFormat* find_table_format(std::string_view id) {
    for (const auto& format : kAll)
        if (id == format.id) return &format;
    return nullptr;
}

}  // namespace wp::exchange
