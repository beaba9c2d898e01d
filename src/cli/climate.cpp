// SPDX-License-Identifier: GPL-3.0-or-later
// What a place has: the weather year in tables and charts, and the sky as it is seen from a point.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <numeric>

#include "base/csv.h"
#include "base/file.h"
#include "base/text.h"
#include "cli/arguments.h"
#ifdef WARMPANE_PICTURES
#include "cli/pictures.h"
#endif
#include "cli/terminal.h"
#include "climate/statistics.h"
#include "climate/weather_table.h"
#include "exchange/climate_tables.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/sky_view.h"
#include "store/project_file.h"

namespace wp::cli {
namespace fs = std::filesystem;

namespace {

int write_all(const std::vector<std::pair<fs::path, std::string>>& files) {
    std::error_code error;
    for (const auto& [path, text] : files) {
        fs::create_directories(path.parent_path(), error);
        if (const auto fault = write_file(path, text)) {
            complain(*fault);
            return kCannotWrite;
        }
    }
    return kDone;
}

void print_climate(const climate::WeatherYear& year, const std::vector<climate::OutdoorHour>& outdoor) {
    const auto diffuse = climate::hourly(year, outdoor, climate::Quantity::diffuse_illuminance),
               global = climate::hourly(year, outdoor, climate::Quantity::global_illuminance);
    const std::vector<double> levels = {5000, 10000, 20000, 50000};
    const auto above_diffuse = climate::hours_above(diffuse, levels),
               above_global = climate::hours_above(global, levels);
    for (size_t i = 0; i < levels.size(); ++i)
        say("Hours above {:5.0f} lx: diffuse {:4.0f}, global {:4.0f}\n", levels[i], above_diffuse[i], above_global[i]);
    const auto sunshine = climate::sunshine_hours(year, outdoor);
    say("Sunshine {:.0f} h a year\n", std::accumulate(sunshine.begin(), sunshine.end(), 0.0));
    say("Daylit hours by nearest CIE sky type:");
    const auto types = climate::sky_types(outdoor);
    for (size_t t = 0; t < types.size(); ++t) say(" {}:{}", t + 1, types[t]);
    say("\n");
    for (const auto& day : climate::notable_days(year, outdoor))
        say("{:<26} {:<13} {}\n", day.name, climate::text(day.moment), day.why);
}

}  // namespace

int climate(const ClimateArguments& a) {
    const auto year = climate::read_weather(a.file);
    if (!year) {
        complain(year.fault());
        return kBadInput;
    }
    const auto outdoor = climate::outdoor_year(*year);
    print_climate(*year, outdoor);
    const fs::path base = fs::path(a.out) / fs::path(a.file).stem();
    if (const int code = write_all({{base.string() + ".hours.csv", exchange::climate_hours_csv(*year, outdoor)},
                                    {base.string() + ".mean-days.csv", exchange::mean_days_csv(*year, outdoor)},
                                    {base.string() + ".hours-above.csv", exchange::hours_above_csv(*year, outdoor)}});
        code != kDone)
        return code;
#ifdef WARMPANE_PICTURES
    for (const char* kind : {".png", ".svg"}) {
        if (!(kind[1] == 'p' ? a.pictures : a.drawings)) continue;
        if (const auto fault = draw_climate(*year, outdoor, base, kind)) {
            complain(*fault);
            return kCannotWrite;
        }
    }
#endif
    return kDone;
}

namespace {

model::SkyChoice choice_of(const SkyArguments& a) {
    model::SkyChoice out;
    using Shape = model::SkyChoice::Shape;
    using Amount = model::SkyChoice::Amount;
    if (a.uniform) out.shape = Shape::uniform;
    if (a.type) {
        out.shape = Shape::cie;
        out.type = *a.type;
    }
    if (a.by_place) out.amount = Amount::place;
    if (a.diffuse_lux || a.direct_lux) {
        out.amount = Amount::illuminance;
        out.diffuse = a.diffuse_lux.value_or(0);
        out.direct = a.direct_lux.value_or(0);
    }
    if (a.diffuse_watts || a.direct_watts) {
        out.amount = Amount::irradiance;
        out.diffuse = a.diffuse_watts.value_or(0);
        out.direct = a.direct_watts.value_or(0);
    }
    return out;
}

std::string dome_csv(const question::Outdoors& outdoors, const question::Dome& dome, const geometry::Surfaces& surfaces,
                     const model::Option& option, double north) {
    std::string out = "azimuth_degrees,altitude_degrees,sky_cd_m2,stands\n";
    for (int row = 0; row < dome.rows; ++row)
        for (int column = 0; column < dome.columns; ++column) {
            const double azimuth = 2 * kPi * (column + 0.5) / dome.columns,
                         altitude = kPi / 2 * (row + 0.5) / dome.rows;
            const int stands = dome.at(azimuth, altitude);
            out += fmt::format(
                "{:.2f},{:.2f},{:.6g},{}\n", degrees(azimuth), degrees(altitude),
                outdoors.sky_and_sun.sky.luminance(direction(azimuth - north, altitude)),
                stands == question::Dome::kSky
                    ? ""
                    : csv_field(question::surface_words(surfaces.surfaces[static_cast<size_t>(stands)], option)));
        }
    return out;
}

std::string cut_csv(const light::Scene& scene, Vec3 from, const model::Site& site, const geometry::Surfaces& surfaces,
                    const model::Option& option) {
    std::string out = "month,day,from_hour,to_hour,stands\n";
    for (int month = 1; month <= 12; ++month)
        for (const auto& stretch : question::sun_cut_off(scene, from, question::place_of(site), radians(site.north),
                                                         climate::days_before(month) + 20))
            out += fmt::format("{},21,{:.2f},{:.2f},{}\n", month, stretch.from, stretch.to,
                               stretch.surface == question::Dome::kSky
                                   ? ""
                                   : csv_field(question::surface_words(
                                         surfaces.surfaces[static_cast<size_t>(stretch.surface)], option)));
    return out;
}

}  // namespace

int sky(const SkyArguments& a) {
    const auto project = store::read_project(a.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    const model::Option* option =
        a.option.empty() ? &project->options.front() : model::find(project->options, a.option);
    if (option == nullptr) {
        complain({"--option", fmt::format("the project has no option \"{}\"", a.option), "Name one of its options"});
        return kBadArguments;
    }
    if (a.day > climate::days_in(a.month)) {
        complain({"--day", fmt::format("month {} has no day {}", a.month, a.day), "Give a day of that month"});
        return kBadArguments;
    }
    const auto choice = choice_of(a);
    std::vector<climate::OutdoorHour> outdoor;
    if (choice.needs_weather()) {
        const auto weather = question::weather_of(*project, a.project);
        if (!weather) {
            complain(weather.fault());
            return kBadInput;
        }
        outdoor = climate::outdoor_year(*weather);
    }
    const auto outdoors = question::outdoors_at(project->site, choice, {a.month, a.day, a.hour}, outdoor);
    if (!outdoors) {
        complain(outdoors.fault());
        return kBadInput;
    }
    const auto surfaces = geometry::build_surfaces(*project, *option);
    const auto states = light::states_of(surfaces);
    const light::Scene scene(surfaces, light::Blinds::open, states.all[states.in(a.month)]);
    const Vec3 from{a.x, a.y, a.z};
    const double north = radians(project->site.north);
    const auto dome = question::sky_dome(scene, from, north);
    const double carried = question::carried_lux(outdoors->sky_and_sun.sky);
    say("{}: {}\nSun {:.2f} degrees up, azimuth {:.2f} degrees\n", climate::text(outdoors->moment), outdoors->words,
        degrees(outdoors->sky_and_sun.sun.altitude), degrees(outdoors->sky_and_sun.sun.azimuth));
    say("Diffuse told {:.1f} lx, carried {:.1f} lx ({:+.3f} %); direct normal {:.0f} lx; global {:.0f} lx\n",
        outdoors->diffuse_lux, carried, outdoors->diffuse_lux > 0 ? 100 * (carried / outdoors->diffuse_lux - 1) : 0,
        outdoors->direct_lux(), outdoors->global_lux());
    const fs::path base = fs::path(a.out) / (file_name_of(option->id) + ".sky");
    if (const int code =
            write_all({{base.string() + ".csv", dome_csv(*outdoors, dome, surfaces, *option, north)},
                       {base.string() + ".sun.csv", cut_csv(scene, from, project->site, surfaces, *option)}});
        code != kDone)
        return code;
#ifdef WARMPANE_PICTURES
    for (const char* kind : {".png", ".svg"}) {
        if (!(kind[1] == 'p' ? a.pictures : a.drawings)) continue;
        if (const auto fault = draw_sky_views(*project, *outdoors, scene, surfaces, from, base, kind)) {
            complain(*fault);
            return kCannotWrite;
        }
    }
#endif
    return kDone;
}

}  // namespace wp::cli
