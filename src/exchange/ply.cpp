// SPDX-License-Identifier: GPL-3.0-or-later
// Points as a polygon file (PLY 1.0, ASCII) without polygons: place, normal, and every figure as a property of its own.
#include <fmt/format.h>

#include <iterator>

#include "exchange/table_formats.h"

namespace wp::exchange {

namespace {

// Property names are words: what a column's id has besides letters, digits and underscores is left out.
std::string property(const std::string& id) {
    std::string out;
    for (const char c : id)
        if ((c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') || c == '_') out += c;
    return out;
}

std::string header(const question::PointTable& table) {
    size_t points = 0;
    for (const auto& plane : table.planes) points += plane.points.size();
    std::string out =
        fmt::format("ply\nformat ascii 1.0\ncomment metres; one vertex a point\nelement vertex {}\n", points);
    for (const char* name : {"x", "y", "z", "nx", "ny", "nz"}) out += fmt::format("property double {}\n", name);
    for (const auto& column : table.columns) out += fmt::format("property double {}\n", property(column.id));
    return out + "end_header\n";
}

}  // namespace

std::string table_ply(const question::PointTable& table) {
    std::string out = header(table);
    auto to = std::back_inserter(out);
    for (size_t p = 0; p < table.planes.size(); ++p)
        for (size_t i = 0; i < table.planes[p].points.size(); ++i) {
            const Vec3 at = table.planes[p].points[i], n = table.planes[p].normal;
            fmt::format_to(to, "{:.9g} {:.9g} {:.9g} {:.9g} {:.9g} {:.9g}", at.x, at.y, at.z, n.x, n.y, n.z);
            for (const auto& column : table.columns) fmt::format_to(to, " {:.9g}", column.value[p][i]);
            out += '\n';
        }
    return out;
}

}  // namespace wp::exchange
