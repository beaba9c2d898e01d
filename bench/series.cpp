// SPDX-License-Identifier: GPL-3.0-or-later
// What a series costs beside one option, and how honest its differences are: warmpane-bench-series PROJECT [OPTION
// [SEEDS [WINDOW]]]. Ten widths of one window of every room, or of that window, and ten transmittances of a glass,
// against the first step; then two widths by further seeds: how far differences scatter, against each step by itself,
// and how often the stated error holds the mean of all.
#include <fmt/core.h>

#include <cmath>
#include <cstdio>
#include <cstdlib>

#include "model/project.h"
#include "question/ask.h"
#include "series/series.h"
#include "series/variables.h"
#include "store/project_file.h"

using namespace wp;

namespace {

// Rougher than one would ask: what is measured are ratios.
constexpr double kAccuracy = 0.15;

struct Cost {
    double seconds = 0, rays = 0;
};
Cost cost_of(const series::StepAnswer& step) { return {step.seconds, static_cast<double>(step.rays)}; }

struct Study {
    std::shared_ptr<const model::Project> project;
    std::shared_ptr<const climate::WeatherYear> weather;
    const model::Option& option;

    model::Series of(model::VariedNumber varied, std::vector<model::Id> questions) const {
        model::Series out;
        out.id = "bench";
        out.option = option.id;
        out.varied = {std::move(varied)};
        out.questions = std::move(questions);
        return out;
    }

    // The first step is what one option costs.
    void tell(const std::string& what, const model::Series& s) const {
        series::Asker asker(project, s, weather, kAccuracy);
        Cost first, all;
        const auto order = series::asking_order(s, asker.answer().present);
        for (size_t i = 0; i < order.size(); ++i) {
            if (const auto fault = asker.ask(order[i])) return fmt::print("{}: {}\n", what, fault->line());
            const Cost one = cost_of(*asker.answer().of[order[i]]);
            if (i == 0) first = one;
            all.seconds += one.seconds, all.rays += one.rays;
        }
        fmt::print(
            "{}: {} steps {:.1f} s and {:.1f} million rays; one option {:.1f} s, {:.1f}; {:.2f} times the rays, {:.2f} "
            "the time\n",
            what, order.size(), all.seconds, all.rays / 1e6, first.seconds, first.rays / 1e6, all.rays / first.rays,
            all.seconds / first.seconds);
        std::fflush(stdout);
    }
};

// Of one room's mean daylight factor at two widths, by many seeds.
void tell_differences(const Study& study, const model::Id& window, double width, int seeds) {
    std::vector<series::SeriesAnswer> runs;
    for (int seed = 1; seed <= seeds; ++seed) {
        auto project = std::make_shared<model::Project>(*study.project);
        for (auto& q : project->questions) q.seed = static_cast<unsigned>(seed);
        series::Asker asker(project, study.of({"opening", {window}, "width", width, 1.25 * width, 2}, {"df"}),
                            study.weather);
        for (size_t i = 0; i < 2; ++i)
            if (const auto fault = asker.ask(i)) return fmt::print("{}\n", fault->line());
        runs.push_back(asker.answer());
    }
    const auto& one = runs.front();
    size_t line = 0;
    while (one.lines[line]->id != "daylight_factor.mean") ++line;
    for (size_t r = 0; r < one.rooms.size(); ++r) {
        double step = 0, step2 = 0, by = 0, by2 = 0, stated = 0;
        for (const auto& run : runs) {
            const double value = run.band(0, r, line)->value;
            const auto change = *run.change(0, 1, r, line);
            step += value, step2 += value * value, by += change.by, by2 += change.by * change.by,
                stated += change.error;
        }
        const double n = seeds, mean = by / n;
        const auto spread = [n](double sum, double square) {
            return std::sqrt(std::max(0.0, (square - sum * sum / n) / (n - 1)));
        };
        int held = 0;
        for (const auto& run : runs) {
            const auto change = *run.change(0, 1, r, line);
            held += std::fabs(change.by - mean) <= change.error ? 1 : 0;
        }
        fmt::print(
            "  {}: by {:+.4f} %; scatter of the difference {:.5f}, of a step {:.5f} ({:.1f} times); stated {:.5f} on "
            "the mean; holds in {} of {}\n",
            one.room_names[r], mean, spread(by, by2), spread(step, step2),
            spread(by, by2) > 0 ? std::sqrt(2.0) * spread(step, step2) / spread(by, by2) : 0.0, stated / n, held,
            seeds);
    }
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) return std::fputs("usage: warmpane-bench-series PROJECT [OPTION [SEEDS [WINDOW]]]\n", stderr), 2;
    auto read = store::read_project(argv[1]);
    if (!read) return std::fputs((read.fault().line() + "\n").c_str(), stderr), 1;
    auto weather = question::weather_of(*read, argv[1]);
    if (!weather) return std::fputs((weather.fault().line() + "\n").c_str(), stderr), 1;
    const auto project = std::make_shared<const model::Project>(std::move(*read));
    const auto& option = argc > 2 ? *model::find(project->options, argv[2]) : project->options.front();
    const Study study{project, std::make_shared<const climate::WeatherYear>(std::move(*weather)), option};
    std::vector<model::Id> both;
    for (const auto& q : project->questions)
        if (q.kind == model::Question::Kind::year ||
            (q.kind == model::Question::Kind::daylight_factor && q.at == model::Question::At::planes))
            both.push_back(q.id);
    model::Id first;
    double width = 1;
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms)
            for (const auto& o : room.openings) {
                if (o.kind != model::Opening::Kind::window) continue;
                if (argc > 4 && o.id != argv[4]) continue;
                if (first.empty()) first = o.id, width = o.width;
                study.tell(fmt::format("{}, {}: widths", room.name, o.id),
                           study.of({"opening", {o.id}, "width", 0.8 * o.width, 1.25 * o.width, 10}, both));
                break;
            }
    const auto glass = model::finish_of(*project, option, model::Part::glazing, {});
    study.tell("transmittances of " + glass.id,
               study.of({"material", {glass.id}, "transmittance", 0.5, 0.86, 11}, both));
    const int seeds = argc > 3 ? std::atoi(argv[3]) : 20;
    fmt::print("{} a quarter wider, {} seeds, mean daylight factor:\n", first, seeds);
    tell_differences(study, first, width, seeds);
    return 0;
}
