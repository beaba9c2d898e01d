// SPDX-License-Identifier: GPL-3.0-or-later
// Forms in which a table of points is written: a catalogue. A further form is one file and one line in
// table_formats.cpp.
#pragma once
#include <span>
#include <string>
#include <string_view>

#include "question/table.h"

namespace wp::exchange {

struct TableFormat {
    const char* id;    ///< its word on the command line, and the file's suffix after a full stop
    const char* what;  ///< for a list
    std::string (*write)(const question::PointTable& table);
};

// ply.cpp
std::string table_ply(const question::PointTable& table);

std::span<const TableFormat> table_formats();
/// Null where there is none of that id.
const TableFormat* find_table_format(std::string_view id);

}  // namespace wp::exchange
