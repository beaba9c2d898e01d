// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers varied in steps: the project's series, or one that is named on the command line.
#include <fmt/core.h>

#include <algorithm>
#include <filesystem>
#include <memory>
#include <optional>

#include "analysis/analysis.h"
#include "base/file.h"
#include "base/text.h"
#include "cli/arguments.h"
#include "cli/faults.h"
#include "cli/refusal.h"
#include "cli/shared_steps.h"
#include "cli/terminal.h"
#include "model/project.h"
#include "question/ask.h"
#include "series/curves.h"
#include "series/tables.h"
#include "store/project_file.h"
#ifdef WARMPANE_PICTURES
#include "report/series_chart.h"
#endif

namespace wp::cli {
namespace fs = std::filesystem;
using model::Series;

namespace {

struct ToVary {
    std::shared_ptr<const model::Project> project;
    std::shared_ptr<const climate::WeatherYear> weather;
    std::vector<Series> series;
};

std::optional<Refusal> named_series(const SeriesArguments& a, const model::Project& project, std::vector<Series>& out) {
    for (const auto& id : a.series) {
        const Series* found = model::find(project.series, id);
        if (found == nullptr) {
            std::vector<std::string> has;
            for (const auto& s : project.series) has.push_back(s.id);
            return Refusal{{"--series", "the project has no series \"" + plain_text(id, 60) + "\"",
                            has.empty() ? "Vary a number with --vary" : "It has: " + joined(has)},
                           kBadArguments};
        }
        out.push_back(*found);
    }
    if (a.series.empty() && a.varied.empty()) out = project.series;
    return {};
}

std::optional<Refusal> own_series(const SeriesArguments& a, const model::Project& project, std::vector<Series>& out) {
    if (a.varied.empty()) return {};
    if (a.varied.size() > 2) return Refusal{{"--vary", "two numbers at most", "Vary fewer at a time"}, kBadArguments};
    Series own;
    own.id = "series";
    own.option = a.option.empty() ? project.options.front().id : a.option;
    const auto* option = model::find(project.options, own.option);
    if (option == nullptr)
        return Refusal{{"--option", "the project has no option \"" + plain_text(own.option, 60) + "\"",
                        "warmpane-cli show lists those it has"},
                       kBadArguments};
    for (const auto& text : a.varied) {
        auto varied = series::parse_varied(project, *option, text);
        if (!varied) return Refusal{varied.fault(), kBadArguments};
        own.name += (own.name.empty() ? "" : ", ") + text;
        own.varied.push_back(std::move(*varied));
    }
    own.questions = a.questions;
    out.push_back(std::move(own));
    return {};
}

std::optional<Refusal> make_plan(const SeriesArguments& a, ToVary& plan) {
    auto project = store::read_project(a.project);
    if (!project) return Refusal{project.fault(), kBadInput};
    plan.project = std::make_shared<const model::Project>(std::move(*project));
    if (auto refusal = named_series(a, *plan.project, plan.series)) return refusal;
    if (auto refusal = own_series(a, *plan.project, plan.series)) return refusal;
    if (plan.series.empty())
        return Refusal{{fs::path(a.project).filename().string(), "the project has no series",
                        "Name one with --vary, as in --vary W-02.width=0.9:1.8:4"},
                       kBadArguments};
    std::vector<const model::Option*> options;
    bool needs_weather = false;
    for (const Series& s : plan.series) {
        if (auto fault = series::check(*plan.project, s)) return Refusal{*fault, kBadArguments};
        options.push_back(model::find(plan.project->options, s.option));
        for (const auto& q : series::questions_of(*plan.project, s))
            needs_weather = needs_weather || analysis::needs_weather(q);
    }
    auto weather = question::weather_of(*plan.project, a.project);
    if (!weather && needs_weather) return Refusal{weather.fault(), kBadInput};
    if (weather) plan.weather = std::make_shared<const climate::WeatherYear>(std::move(*weather));
    if (told_of_faults(*plan.project, options, plan.weather ? &plan.weather->measured : nullptr) && !a.despite_faults)
        return Refusal{
            {fs::path(a.project).filename().string(), "nothing was varied: these faults would make answers wrong",
             "Mend them, or vary with --despite-faults"},
            kFaults};
    return {};
}

// One figure that is worth a line of text: the first that has a value.
void tell(const model::Project& project, const series::SeriesAnswer& answer, size_t step) {
    const auto plotted = series::plotted_of(answer);
    std::string line;
    for (size_t r = 0; r < answer.rooms.size() && !plotted.empty(); ++r)
        if (const auto band = series::band_of(answer, plotted.front(), step, r))
            line += fmt::format("  {} {:.4g} \u00b1 {:.2g}", answer.room_names[r], plotted.front().times * band->value,
                                plotted.front().times * (band->high - band->low) / 2);
    const auto& of = *answer.of[step];
    say("{}:{} ({:.1f} s, {:.2f} million rays{})\n",
        plain_text(series::words_of(project, answer.series, answer.steps[step])), plain_text(line), of.seconds,
        static_cast<double>(of.rays) / 1e6, of.settled ? "" : ", NOT settled");
    std::fflush(stdout);
}

int write(const SeriesArguments& a, const ToVary& plan, const series::SeriesAnswer& answer) {
    const bool made_up = plan.weather != nullptr && plan.weather->made_up;
    const fs::path base = fs::path(a.out) / (file_name_of(answer.series.option) + "." + file_name_of(answer.series.id) +
                                             (made_up ? ".made-up-weather" : ""));
    for (const auto& [suffix, text] : {std::pair{".csv", series::series_csv(*plan.project, answer)},
                                       std::pair{".json", series::series_json(*plan.project, answer)}})
        if (const auto fault = write_file(base.string() + suffix, text)) {
            complain(*fault);
            return kCannotWrite;
        }
#ifdef WARMPANE_PICTURES
    for (const char* suffix : {".png", ".svg"}) {
        if (!(suffix[1] == 'p' ? a.pictures : a.drawings)) continue;
        if (const auto fault = report::write_series(*plan.project, answer, base, suffix)) {
            complain(*fault);
            return kCannotWrite;
        }
    }
#endif
    return kDone;
}

int vary(const SeriesArguments& a, const ToVary& plan, const Series& one, Kept& kept, bool& settled) {
    SharedSteps steps(kept, plan.project, one, plan.weather, a.accuracy, a.threads);
    series::Asker& asker = steps.asker();
    say("{}\n", plain_text(one.name));
    for (const size_t step : asker.order()) {
        ProgressLine progress(series::words_of(*plan.project, one, asker.answer().steps[step]));
        if (const auto fault = steps.ask(step, [&](double share) { progress.show(share); })) {
            complain(*fault);
            return kBadInput;
        }
        if (interrupted().requested()) break;
        tell(*plan.project, asker.answer(), step);
        settled = settled && asker.answer().of[step]->settled;
    }
    steps.finish();
    // What was asked until then is worth keeping.
    if (asker.answer().asked() > 0)
        if (const int code = write(a, plan, asker.answer()); code != kDone) return code;
    return interrupted().requested() ? kCancelled : kDone;
}

}  // namespace

int vary_in_series(const SeriesArguments& arguments) {
    ToVary plan;
    if (const auto refusal = make_plan(arguments, plan)) {
        complain(refusal->fault);
        return refusal->code;
    }
    if (const auto refusal = make_out_folder(arguments.out)) {
        complain(refusal->fault);
        return refusal->code;
    }
    bool settled = true;
    Kept kept(arguments.project, arguments);
    for (const Series& one : plan.series)
        if (const int code = vary(arguments, plan, one, kept, settled); code != kDone) return code;
    return settled ? kDone : kNotSettled;
}

}  // namespace wp::cli
