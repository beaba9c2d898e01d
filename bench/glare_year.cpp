// SPDX-License-Identifier: GPL-3.0-or-later
// A year's glare held against full pictures at hours, places and directions that are drawn:
// warmpane-bench-glare-year PROJECT [OPTION [PICTURES]]. Also what the year costs beside settled pictures.
#include <fmt/core.h>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <random>

#include "model/project.h"
#include "question/ask.h"
#include "question/glare_year.h"
#include "store/project_file.h"

using namespace wp;

namespace {

double now() { return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count(); }

constexpr double kSteps = 8;

question::GlareAnswer picture_of(const model::Project& project, const model::Option& option,
                                 const geometry::Surfaces& surfaces, const climate::WeatherYear& weather,
                                 const model::Observer& place, double heading, int hour,
                                 const light::BlindLayers& layers) {
    auto question = model::question_of(project, model::Question::Kind::glare);
    question.observer.clear();
    question.picture = {};
    question.picture.pixels = 160;
    question.picture.surely = 20;
    question.picture.blinds = model::PictureChoice::Blinds::open;
    question.picture.from = place.eye;
    question.picture.heading = heading;
    question.moment = climate::moment_of(hour / 24, hour % 24 + 0.5);
    auto own = surfaces;
    auto task = question::glare_task(project, option, question, own, &weather);
    task->blinds.layers = layers;
    return question::solve_glare(*task, {0.02, 1, 0});
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) return std::fputs("usage: warmpane-bench-glare-year PROJECT [OPTION [PICTURES]]\n", stderr), 2;
    const auto project = store::read_project(argv[1]);
    if (!project) return std::fputs((project.fault().line() + "\n").c_str(), stderr), 1;
    const auto weather = question::weather_of(*project, argv[1]);
    if (!weather) return std::fputs((weather.fault().line() + "\n").c_str(), stderr), 1;
    const auto& option = project->options[argc > 2 ? static_cast<size_t>(std::atoi(argv[2])) : 0];
    const int pictures = argc > 3 ? std::atoi(argv[3]) : 40;
    const auto year_question = model::question_of(*project, model::Question::Kind::year);
    const auto scene = question::year_scene(*project, option, year_question, *weather);
    if (!scene) return std::fputs((scene.fault().line() + "\n").c_str(), stderr), 1;
    const double begun = now();
    const auto rooms = question::light_rooms(*scene, *weather,
                                             question::spaces_around(scene->surfaces, option.observers), {0.3, 1, 0});
    size_t points = 0;
    for (const auto& plane : rooms.planes) points += plane.points.points.size();
    const double lit = now();
    fmt::print("{}: {} points on {} surfaces, lit in {:.1f} s, {:.1f} million rays\n", option.name, points,
               rooms.planes.size(), lit - begun, static_cast<double>(rooms.record.rays) / 1e6);
    question::GlareYearTask task;
    task.rooms = &rooms;
    task.option = &option;
    task.places = option.observers;
    for (int i = 0; i < kSteps; ++i) task.headings.push_back(i * 360 / kSteps);
    task.hours = model::clock_hours(project->calendar, 8, 18);
    task.north_azimuth = scene->north_azimuth;
    const auto glare = question::glare_year(task);
    fmt::print("{} places by {} directions, all hours from 8 to 18: {:.1f} s\n", glare.size(), task.headings.size(),
               now() - lit);
    std::fflush(stdout);
    std::mt19937 dice(5);
    double square = 0, worst = 0, square_lux = 0, seconds = 0;
    int same = 0, done = 0;
    const auto& dgp = *metric::find_glare_index("dgp");
    while (done < pictures) {
        const auto& place = glare[dice() % glare.size()];
        const size_t heading = dice() % task.headings.size();
        const int hour = static_cast<int>(dice() % 8760);
        const float value = place.dgp[heading][static_cast<size_t>(hour)];
        if (value < 0) continue;
        light::BlindLayers layers(scene->surfaces.portals.size(), light::kNoBlind);
        for (size_t p = 0; p < layers.size(); ++p) {
            const int group = question::group_of_opening(scene->groups, scene->surfaces.portals[p].opening);
            if (group < 0) continue;
            const auto state =
                rooms.year->states(static_cast<size_t>(group), task.operation)[static_cast<size_t>(hour)];
            layers[p] = question::layers_of(scene->surfaces, scene->groups, state)[p];
        }
        const double start = now();
        const auto full =
            picture_of(*project, option, scene->surfaces, *weather, place.place, task.headings[heading], hour, layers);
        seconds += now() - start;
        ++done;
        const double apart = static_cast<double>(value) - full.dgp,
                     of_lux =
                         static_cast<double>(place.lux[heading][static_cast<size_t>(hour)]) / full.vertical_lux - 1;
        square += apart * apart;
        square_lux += of_lux * of_lux;
        worst = std::max(worst, std::fabs(apart));
        const bool one_class =
            metric::class_of(dgp, static_cast<double>(value)).name == metric::class_of(dgp, full.dgp).name;
        same += one_class;
        if (std::fabs(apart) > 0.02 || std::fabs(of_lux) > 0.1 || !one_class)
            fmt::print(
                "  {} {:3.0f} at {}: DGP {:.3f}, picture {:.3f} ({:.3f} to {:.3f}); Ev {:.0f}, picture {:.0f}; by {}\n",
                place.place.name, task.headings[heading], climate::text(climate::moment_of(hour / 24, hour % 24 + 0.5)),
                value, full.dgp, full.dgp_low, full.dgp_high, place.lux[heading][static_cast<size_t>(hour)],
                full.vertical_lux, full.parts.empty() ? std::string() : question::words_of(full.parts[0]));
        std::fflush(stdout);
    }
    fmt::print(
        "{} pictures: DGP apart {:.4f} root mean square, {:.3f} at most; Ev {:.1f} %; the same class in {:.1f} %; "
        "{:.1f} s a picture\n",
        done, std::sqrt(square / done), worst, 100 * std::sqrt(square_lux / done), 100.0 * same / done, seconds / done);
    return 0;
}
