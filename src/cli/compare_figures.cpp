// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/compare_figures.h"

#include <fmt/core.h>

#include <algorithm>
#include <deque>
#include <memory>

#include "analysis/analysis.h"
#include "base/csv.h"
#include "base/file.h"
#include "base/text.h"
#include "cli/shared_steps.h"
#include "cli/terminal.h"
#include "question/ask.h"
#include "series/series.h"

namespace wp::cli {

namespace {

std::optional<int> check_questions(const CompareArguments& a, const model::Project& project) {
    for (const auto& id : a.questions)
        if (model::find(project.questions, id) == nullptr) {
            std::vector<std::string> has;
            for (const auto& q : project.questions) has.push_back(q.id);
            complain(
                {"--question", "the project has no question \"" + plain_text(id, 60) + "\"", "It has: " + joined(has)});
            return kBadArguments;
        }
    return {};
}

Json change_json(const figure::Change& change, double by) {
    return {{"by", by * change.by}, {"error", by * change.error}, {"told_apart", change.told_apart}};
}

}  // namespace

int compare_figures(const CompareArguments& a, const model::Project& project, const model::Option& base, Json& file) {
    if (const auto code = check_questions(a, project)) return *code;
    const auto shared = std::make_shared<const model::Project>(project);
    std::shared_ptr<const climate::WeatherYear> weather;
    if (auto read = question::weather_of(project, a.project))
        weather = std::make_shared<const climate::WeatherYear>(std::move(*read));
    Kept kept(a.project, a);
    std::deque<SharedSteps> asked;
    for (const auto& option : project.options) {
        const bool wanted =
            (a.options.empty() && !option.archived) || std::ranges::find(a.options, option.id) != a.options.end();
        if (!wanted && option.id != base.id) continue;
        model::Series as_it_is;
        as_it_is.id = "compare";
        as_it_is.option = option.id;
        as_it_is.questions = a.questions;
        asked.emplace_back(kept, shared, as_it_is, weather, a.accuracy, a.threads);
    }
    std::vector<AskedOption> all;
    for (SharedSteps& one : asked) {
        const auto* option = model::find(project.options, one.asker().answer().series.option);
        ProgressLine progress(option->name);
        if (const auto fault = one.ask(0, [&](double share) { progress.show(share); })) {
            complain(*fault);
            return kBadInput;
        }
        if (interrupted().requested()) return kCancelled;
        one.finish();
        all.push_back({option, one.asker().answer()});
    }
    const auto& of_base = *std::ranges::find(all, base.id, [](const auto& one) { return one.option->id; });
    std::string csv = "option,room,figure,value,low_95,high_95,unit,against_base,error_95,told_apart\n";
    Json list = Json::array();
    for (const AskedOption& one : all)
        for (size_t r = 0; r < one.answer.rooms.size(); ++r)
            for (size_t l = 0; l < one.answer.lines.size(); ++l) {
                const figure::Line& line = *one.answer.lines[l];
                const auto band = one.answer.band(0, r, l), was = of_base.band(one.answer.rooms[r], l);
                if (!band) continue;
                const double by = figure::printed(line);
                const std::string unit = figure::unit_of(*line.measure, line.wanted);
                csv += fmt::format("{},{},{},{:.6g},{:.6g},{:.6g},{},", csv_field(one.option->id),
                                   csv_field(one.answer.room_names[r]), line.id, by * band->value, by * band->low,
                                   by * band->high, csv_field(unit));
                Json entry = {{"option", one.option->id},
                              {"room", one.answer.rooms[r]},
                              {"figure", line.id},
                              {"value", by * band->value},
                              {"low_95", by * band->low},
                              {"high_95", by * band->high},
                              {"unit", unit}};
                if (was && &one != &of_base) {
                    const auto change = figure::change(*was, *band);
                    csv += fmt::format("{:.6g},{:.3g},{}", by * change.by, by * change.error,
                                       change.told_apart ? "yes" : "no");
                    entry["against_base"] = change_json(change, by);
                    if (l == 0)
                        say("{}, {}: {} {:.4g} {} ({}{:.3g}{})\n", plain_text(one.option->name),
                            plain_text(one.answer.room_names[r]), figure::words_of(line), by * band->value, unit,
                            change.by < 0 ? "" : "+", by * change.by, change.told_apart ? "" : ", not told apart");
                } else {
                    csv += ",,";
                }
                csv += "\n";
                list.push_back(std::move(entry));
            }
    file["figures"] = std::move(list);
#ifdef WARMPANE_PICTURES
    if (!a.chart.empty())
        if (const auto fault = draw_figures(project, all, a.chart)) {
            complain(*fault);
            return kCannotWrite;
        }
#endif
    if (a.csv.empty()) return kDone;
    if (const auto fault = write_file(a.csv, csv)) {
        complain(*fault);
        return kCannotWrite;
    }
    return kDone;
}

}  // namespace wp::cli
