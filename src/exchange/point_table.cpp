// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/point_table.h"

#include <fmt/core.h>
#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <iterator>
#include <limits>
#include <map>
#include <optional>

#include "base/csv.h"
#include "base/file.h"
#include "base/text.h"

namespace wp::exchange {

namespace {

constexpr double kNone = std::numeric_limits<double>::quiet_NaN();
constexpr size_t kMostLines = 2000000, kMostBytes = size_t{512} << 20;

void place(std::string& out, const geometry::PlanePoints& plane, size_t i) {
    const Vec3 p = plane.points[i], n = plane.normal;
    fmt::format_to(std::back_inserter(out), "{},{},{},{:.4f},{:.4f},{:.4f},{:.4f},{:.4f},{:.4f}",
                   csv_field(plane.plane), csv_field(plane.room), i, p.x, p.y, p.z, n.x, n.y, n.z);
}

constexpr const char* kPlace = "plane,room,point,x_m,y_m,z_m,nx,ny,nz";

void number(std::string& out, double v) {
    // An empty field says that there is none.
    if (std::isnan(v))
        out += ",";
    else
        fmt::format_to(std::back_inserter(out), ",{:.6g}", v);
}

}  // namespace

std::string table_csv(const question::PointTable& table) {
    std::string out = kPlace;
    for (const auto& column : table.columns) {
        out += "," + csv_field(column.id);
        if (!column.standard_error.empty()) out += "," + csv_field(column.id + "_standard_error");
    }
    out += "\n";
    for (size_t p = 0; p < table.planes.size(); ++p)
        for (size_t i = 0; i < table.planes[p].points.size(); ++i) {
            place(out, table.planes[p], i);
            for (const auto& column : table.columns) {
                number(out, column.value[p][i]);
                if (!column.standard_error.empty()) number(out, column.standard_error[p][i]);
            }
            out += "\n";
        }
    return out;
}

std::string windows_csv(const question::WindowTable& table) {
    std::string out = std::string(kPlace) + ",window";
    for (const auto& id : table.ids) out += "," + csv_field(id);
    out += "\n";
    const size_t across = table.windows.size();
    for (size_t p = 0; p < table.planes.size(); ++p)
        for (size_t i = 0; i < table.planes[p].points.size(); ++i)
            for (size_t w = 0; w < across; ++w) {
                const bool any = std::any_of(table.value.begin(), table.value.end(),
                                             [&](const auto& figure) { return figure[p][i * across + w] > 0; });
                if (!any) continue;
                place(out, table.planes[p], i);
                out += "," + csv_field(table.windows[w]);
                for (const auto& figure : table.value) number(out, figure[p][i * across + w]);
                out += "\n";
            }
    return out;
}

namespace {

std::optional<double> read_number(std::string_view s) {
    double value = 0;
    const auto [end, error] = std::from_chars(s.data(), s.data() + s.size(), value);
    if (error != std::errc() || end != s.data() + s.size() || !std::isfinite(value)) return {};
    return value;
}

constexpr std::array<const char*, 6> kAxes = {"x_m", "y_m", "z_m", "nx", "ny", "nz"};

// Which field is which: places first, then columns of figures.
struct Header {
    size_t fields = 0;
    std::array<int, 6> axis{-1, -1, -1, -1, -1, -1};
    std::vector<std::pair<size_t, std::string>> figures;
};

Result<Header> read_header(const std::vector<std::string_view>& fields, const std::string& name) {
    Header out;
    out.fields = fields.size();
    if (fields.size() == 1 && fields[0].find(';') != std::string_view::npos)
        return Fault{name + ", line 1", "fields are separated by semicolons",
                     "Save the table with commas between fields and full stops in numbers"};
    for (size_t i = 0; i < fields.size(); ++i) {
        const auto axis = std::find(kAxes.begin(), kAxes.end(), fields[i]);
        if (axis != kAxes.end())
            out.axis[static_cast<size_t>(axis - kAxes.begin())] = static_cast<int>(i);
        else if (fields[i] != "plane" && fields[i] != "room" && fields[i] != "point" && fields[i] != "window")
            out.figures.emplace_back(i, plain_text(fields[i], 80));
    }
    for (size_t k = 0; k < 3; ++k)
        if (out.axis[k] < 0)
            return Fault{name + ", line 1", fmt::format("there is no column \"{}\"", kAxes[k]),
                         "Name the columns of positions x_m, y_m, z_m, in metres"};
    if (out.figures.empty())
        return Fault{name + ", line 1", "there is no column of figures", "Give at least one besides the positions"};
    return out;
}

// A point's line into the table; a fault's words where it cannot be read.
std::optional<std::string> read_line(const std::vector<std::string_view>& fields, const Header& header,
                                     ForeignTable& out) {
    if (fields.size() != header.fields)
        return fmt::format("has {} fields, the header has {}", fields.size(), header.fields);
    std::array<double, 6> axis{0, 0, 0, 0, 0, 0};
    for (size_t k = 0; k < 6; ++k) {
        if (header.axis[k] < 0) continue;
        const auto value = read_number(fields[static_cast<size_t>(header.axis[k])]);
        if (!value || std::fabs(*value) > 1e6)
            return fmt::format("column {} is no place: \"{}\"", kAxes[k],
                               plain_text(fields[static_cast<size_t>(header.axis[k])], 40));
        axis[k] = *value;
    }
    for (size_t c = 0; c < header.figures.size(); ++c) {
        const std::string_view field = fields[header.figures[c].first];
        const auto value = read_number(field);
        if (!value && !field.empty())
            return fmt::format("column {} is no number: \"{}\"", header.figures[c].second, plain_text(field, 40));
        out.columns[c].value.push_back(value.value_or(kNone));
    }
    out.at.push_back({axis[0], axis[1], axis[2]});
    out.normal.push_back({axis[3], axis[4], axis[5]});
    return {};
}

}  // namespace

Result<ForeignTable> parse_table(std::string_view text, const std::string& name) {
    ForeignTable out;
    out.name = name;
    std::optional<Header> header;
    CsvReader reader(text);
    std::vector<std::string_view> fields;
    for (;;) {
        const auto any = reader.next(fields);
        if (!any) return Fault{name + ", " + any.fault().place, any.fault().what, any.fault().remedy};
        if (!*any) break;
        if (reader.line() > kMostLines)
            return Fault{name, "has more than 2 million lines", "Leave out points that are not needed"};
        if (fields.size() == 1 && fields[0].empty()) continue;
        if (!header) {
            auto found = read_header(fields, name);
            if (!found) return found.fault();
            header = std::move(*found);
            for (const auto& [field, id] : header->figures) out.columns.push_back({id, {}});
            continue;
        }
        if (const auto what = read_line(fields, *header, out))
            return Fault{fmt::format("{}, line {}", name, reader.line()), *what,
                         "Correct the line, or export the table again"};
    }
    if (!header) return Fault{name, "is empty", "Choose a table of an answer"};
    if (out.at.empty()) return Fault{name, "has a header and no points", "Choose a table with at least one point"};
    return out;
}

Result<ForeignTable> read_table(const std::filesystem::path& path) {
    const auto bytes = read_file(path, kMostBytes);
    if (!bytes) return bytes.fault();
    return parse_table(*bytes, path.filename().string());
}

question::Column laid_on(const ForeignTable& table, size_t column, const std::vector<geometry::PlanePoints>& planes) {
    const auto& from = table.columns[column];
    question::Column out{from.id, table.name + ": " + from.id, "", {}, {}};
    // Points by cubes of half a metre: a search looks into the cubes around.
    constexpr double cube = 0.5;
    using Key = std::array<long, 3>;
    const auto key = [](Vec3 p) {
        return Key{std::lround(std::floor(p.x / cube)), std::lround(std::floor(p.y / cube)),
                   std::lround(std::floor(p.z / cube))};
    };
    std::map<Key, std::vector<size_t>> cubes;
    for (size_t i = 0; i < table.at.size(); ++i) cubes[key(table.at[i])].push_back(i);
    for (const auto& plane : planes) {
        std::vector<double> value;
        const double reach = std::min(cube, 0.51 * std::hypot(plane.dx, plane.dy));
        for (const Vec3 p : plane.points) {
            double best = reach, found = kNone;
            const Key middle = key(p);
            for (long x = -1; x <= 1; ++x)
                for (long y = -1; y <= 1; ++y)
                    for (long z = -1; z <= 1; ++z) {
                        const auto near = cubes.find({middle[0] + x, middle[1] + y, middle[2] + z});
                        if (near == cubes.end()) continue;
                        for (const size_t i : near->second) {
                            const double far = length(table.at[i] - p), facing = dot(table.normal[i], plane.normal);
                            if (far > best || (length(table.normal[i]) > 0.5 && facing < 0.9)) continue;
                            best = far;
                            found = from.value[i];
                        }
                    }
            value.push_back(found);
        }
        out.value.push_back(std::move(value));
    }
    return out;
}

}  // namespace wp::exchange
