// SPDX-License-Identifier: GPL-3.0-or-later
// What DGP owes to the size of its picture and to its dice: warmpane-bench-glare-steady PROJECT [OPTION [SEEDS]]. Every
// observer at some hours of sun and cloud, through hemispheres of 128 to 1024 pixels, and by further seeds at 256.
#include <fmt/core.h>

#include <algorithm>

#include "model/project.h"
#include "question/ask.h"
#include "question/glare.h"
#include "store/project_file.h"

using namespace wp;

namespace {

constexpr int kSizes[] = {128, 256, 512, 1024};
constexpr climate::Moment kHours[] = {{2, 3, 12.5}, {3, 21, 9.5}, {6, 21, 12.5}, {9, 27, 15.5}, {12, 21, 12.5}};

struct Study {
    const model::Project& project;
    const model::Option& option;
    const climate::WeatherYear& weather;
    const geometry::Surfaces& surfaces;

    question::GlareAnswer look(const model::Id& observer, const climate::Moment& moment, int pixels,
                               unsigned seed) const {
        auto asked = model::question_of(project, model::Question::Kind::glare);
        asked.observer = observer;
        asked.heading = 0;
        asked.moment = moment;
        asked.picture = {};
        asked.picture.pixels = pixels;
        auto own = surfaces;
        const auto task = question::glare_task(project, option, asked, own, &weather);
        return question::solve_glare(*task, {0.01, seed, 0});
    }
};

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) return std::fputs("usage: warmpane-bench-glare-steady PROJECT [OPTION [SEEDS]]\n", stderr), 2;
    const auto project = store::read_project(argv[1]);
    if (!project) return std::fputs((project.fault().line() + "\n").c_str(), stderr), 1;
    const auto weather = question::weather_of(*project, argv[1]);
    if (!weather) return std::fputs((weather.fault().line() + "\n").c_str(), stderr), 1;
    const auto* option = argc > 2 ? model::find(project->options, argv[2]) : &project->options[0];
    if (option == nullptr) return std::fputs("no such option\n", stderr), 1;
    const unsigned seeds = argc > 3 ? static_cast<unsigned>(std::atoi(argv[3])) : 4;
    const auto surfaces = geometry::build_surfaces(*project, *option);
    const Study study{*project, *option, *weather, surfaces};
    double most_by_size = 0, most_by_seed = 0;
    size_t held = 0, all = 0;
    for (const auto& observer : option->observers)
        for (const auto& moment : kHours) {
            fmt::print("{}, {}:", observer.name, climate::text(moment));
            double low = 1e9, high = -1e9, finest = 0;
            std::vector<question::GlareAnswer> told;
            for (const int pixels : kSizes) {
                told.push_back(study.look(observer.id, moment, pixels, 1));
                finest = told.back().dgp;
                low = std::min(low, finest), high = std::max(high, finest);
                fmt::print(" {:.4f}", finest);
            }
            for (const auto& answer : told) held += answer.dgp_low <= finest && finest <= answer.dgp_high, ++all;
            most_by_size = std::max(most_by_size, high - low);
            fmt::print("; seeds");
            low = high = told[1].dgp;
            for (unsigned seed = 2; seed <= seeds; ++seed) {
                const double dgp = study.look(observer.id, moment, 256, seed).dgp;
                low = std::min(low, dgp), high = std::max(high, dgp);
                fmt::print(" {:.4f}", dgp);
            }
            most_by_seed = std::max(most_by_seed, high - low);
            fmt::print("\n");
            std::fflush(stdout);
        }
    fmt::print("from 128 to 1024 pixels at most {:.4f} apart, from seed to seed {:.4f}; the band held {} of {}\n",
               most_by_size, most_by_seed, held, all);
    return 0;
}
