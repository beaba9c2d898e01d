// SPDX-License-Identifier: GPL-3.0-or-later
// Weather out of tables of commas, and the nearest of a folder.
#include <fmt/core.h>

#include "base/file.h"
#include "base/text.h"
#include "cli/arguments.h"
#include "cli/terminal.h"
#include "climate/epw.h"
#include "climate/weather_table.h"
#include "store/project_file.h"

namespace wp::cli {

namespace {

// "global=GHI".
Outcome add_column(const std::string& text, climate::WeatherColumns& columns) {
    const size_t at = text.find('=');
    std::vector<std::string> known;
    for (const auto& q : climate::weather_quantities()) known.push_back(q.id);
    if (at == std::string::npos || std::ranges::find(known, text.substr(0, at)) == known.end())
        return Fault{"--column", "\"" + plain_text(text, 60) + "\" is no quantity and head",
                     "For example --column global=GHI; quantities: " + joined(known)};
    columns.heads[text.substr(0, at)] = text.substr(at + 1);
    return {};
}

}  // namespace

int weather_from(const WeatherTableArguments& a) {
    std::error_code error;
    if (!a.force && std::filesystem::exists(a.out, error)) {
        complain({a.out, "is there already", "Name another file, or overwrite it with --force"});
        return kCannotWrite;
    }
    climate::WeatherColumns columns;
    columns.place = {a.latitude, a.longitude, a.time_zone, a.elevation};
    columns.station = a.station;
    columns.head_row = a.head_row;
    for (const auto& text : a.columns)
        if (const auto fault = add_column(text, columns)) {
            complain(*fault);
            return kBadArguments;
        }
    const auto bytes = read_file(a.table, size_t{64} << 20);
    if (!bytes) {
        complain(bytes.fault());
        return kBadInput;
    }
    const std::string name = std::filesystem::path(a.table).filename().string();
    const auto year = climate::is_tmy3(*bytes) ? climate::parse_tmy3(*bytes, name)
                                               : climate::parse_weather_table(*bytes, name, columns);
    if (!year) {
        complain(year.fault());
        return kBadInput;
    }
    for (const auto& note : year->notes) say("  {}\n", plain_text(note));
    if (const auto fault = write_file(a.out, climate::write_epw(*year))) {
        complain(*fault);
        return kCannotWrite;
    }
    say("{} written\n", a.out);
    return kDone;
}

int weather_near(const WeatherNearArguments& a) {
    const auto project = store::read_project(a.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    const auto& site = project->site;
    const auto found =
        climate::weather_in_folder(a.folder, {site.latitude, site.longitude, site.time_zone, site.elevation});
    for (const auto& one : found)
        say("{:8.1f} km {:+7.0f} m  {}  {}\n", one.kilometres, one.higher, plain_text(one.station),
            plain_text(one.path.string()));
    if (found.empty()) {
        complain({a.folder, "there are no EPW or TMY3 files in it", "Name a folder of weather files"});
        return kBadInput;
    }
    return kDone;
}

}  // namespace wp::cli
