// SPDX-License-Identifier: GPL-3.0-or-later
#include <filesystem>

#include "base/file.h"
#include "cli/arguments.h"
#include "cli/terminal.h"
#include "climate/epw.h"
#include "climate/synthetic.h"
#include "climate/weather_table.h"
#include "geometry/roof_shape.h"
#include "model/project.h"
#include "store/project_file.h"

namespace wp::cli {

int show(const ShowArguments& arguments) {
    const auto project = store::read_project(arguments.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    say("{}\n{}: {:.2f} N, {:.2f} E, weather {}\n", project->name, project->site.name, project->site.latitude,
        project->site.longitude,
        project->site.weather.empty() && project->site.made_up_weather ? "made up, for trying out"
                                                                       : project->site.weather);
    for (const auto& option : project->options) {
        say("\nOption {}: {}\n", option.id, option.name);
        for (const auto& storey : option.storeys)
            for (const auto& room : storey.rooms)
                say("  room {:<18} {:<24} {:7.1f} m2  {} openings  ({})\n", room.id, room.name,
                    geometry::floor_area(option, storey, room), room.openings.size(), storey.name);
        for (const auto& plane : option.planes)
            say("  plane {:<17} {:<24} {:.2f} m high, {:.2f} m apart\n", plane.id, plane.name, plane.height,
                plane.spacing);
        for (const auto& observer : option.observers)
            say("  observer {:<14} {:<24} heading {:.0f} degrees\n", observer.id, observer.name, observer.heading);
    }
    say("\nQuestions:");
    for (const auto& question : project->questions) say(" {}", question.id);
    say("\nCriteria:");
    for (const auto& id : project->criteria) say(" {}", id);
    say("\n");
    return kDone;
}

int weather(const WeatherArguments& arguments) {
    const auto year = climate::read_weather(arguments.file);
    if (!year) {
        complain(year.fault());
        return kBadInput;
    }
    const auto outdoor = climate::outdoor_year(*year);
    double direct = 0, diffuse = 0;
    for (const auto& h : year->hours) {
        direct += h.direct_normal / 1000;
        diffuse += h.diffuse_horizontal / 1000;
    }
    say("{} ({}): {:.2f} N, {:.2f} E, UT{:+g}, {:.0f} m\n{}\n", year->station, year->source, year->place.latitude,
        year->place.longitude, year->place.time_zone, year->place.elevation, year->comment);
    if (year->first_year > 0) say("Hours of the years {} to {}\n", year->first_year, year->last_year);
    say("Direct normal {:.0f} kWh/m2 a year, diffuse horizontal {:.0f} kWh/m2 a year\n", direct, diffuse);
    say("Median diffuse illuminance over the 4380 daylight hours: {:.0f} lx\n", climate::median_diffuse(outdoor));
    if (year->summer_time)
        say("Summer time by the file: {} to {}; a project's own calendar is what counts\n",
            climate::text(year->summer_time->first), climate::text(year->summer_time->second));
    for (const auto& note : year->notes) say("Note: {}\n", note);
    return kDone;
}

int make_weather(const MakeWeatherArguments& a) {
    std::error_code error;
    if (!a.force && std::filesystem::exists(a.out, error)) {
        complain({a.out, "is there already", "Name another file, or overwrite it with --force"});
        return kCannotWrite;
    }
    const auto year = climate::synthetic_year({a.latitude, a.longitude, a.time_zone, a.elevation}, a.station, a.seed);
    if (const auto fault = write_file(a.out, climate::write_epw(year))) {
        complain(*fault);
        return kCannotWrite;
    }
    return kDone;
}

}  // namespace wp::cli
