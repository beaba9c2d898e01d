// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/solve_plan.h"

#include <fmt/core.h>

#include <algorithm>

#include "analysis/analysis.h"
#include "cli/faults.h"
#include "cli/terminal.h"
#include "question/shots.h"
#include "store/project_file.h"

namespace wp::cli {
using model::Question;

namespace {

template <class T>
Outcome pick(const std::vector<T>& all, const std::vector<std::string>& wanted, const char* word,
             std::vector<const T*>& out) {
    for (const auto& id : wanted)
        if (model::find(all, id) == nullptr) {
            std::string known;
            for (const T& item : all) known += (known.empty() ? "" : ", ") + item.id;
            return Fault{std::string("--") + word, fmt::format("the project has no {} \"{}\"", word, id),
                         "It has: " + known};
        }
    const auto is_put_away = [](const T& item) {
        if constexpr (requires { item.archived; }) return item.archived;
        return false;
    };
    for (const T& item : all)
        if ((wanted.empty() && !is_put_away(item)) || std::find(wanted.begin(), wanted.end(), item.id) != wanted.end())
            out.push_back(&item);
    return {};
}

// Which jobs are asked for, from the one that costs least.
std::optional<Refusal> choose_jobs(const SolveArguments& a, Plan& plan) {
    std::vector<const model::Option*> options;
    std::vector<const Question*> questions;
    if (auto fault = pick(plan.project.options, a.options, "option", options)) return Refusal{*fault, kBadArguments};
    if (auto fault = pick(plan.project.questions, a.questions, "question", questions))
        return Refusal{*fault, kBadArguments};
    for (const auto* option : options)
        for (const auto* question : questions) {
            Job job{option, *question};
            if (a.accuracy) job.question.accuracy = *a.accuracy;
            if (a.seed) job.question.seed = *a.seed;
            if (a.readings) {
                if (!analysis::gives_table(question->kind)) continue;
                job.question.at = Question::At::readings;
                job.question.planes.clear();
            }
            if (auto fault = question::can_be_asked(*option, job.question)) return Refusal{*fault, kBadInput};
            if (question->kind == Question::Kind::glare)
                if (const auto shots = question::shots_of(*option, *question, plan.project.site.north); !shots)
                    return Refusal{shots.fault(), kBadInput};
            plan.jobs.push_back(std::move(job));
        }
    if (plan.jobs.empty())
        return Refusal{{plan.file.filename().string(), "there is no question to be answered", "Ask one in the project"},
                       kBadInput};
    // What costs least is answered first.
    std::ranges::stable_sort(
        plan.jobs, {}, [](const Job& job) { return analysis::analysis_of(job.question.kind).cost(job.question); });
    return {};
}

}  // namespace

question::Effort effort_of(const Job& job, const SolveArguments& arguments) {
    question::Effort out = question::effort_of(job.question);
    out.threads = arguments.threads;
    return out;
}

std::optional<Refusal> make_plan(const SolveArguments& a, Plan& plan) {
    auto project = store::read_project(a.project);
    if (!project) return Refusal{project.fault(), kBadInput};
    plan.project = std::move(*project);
    plan.file = a.project;
    if (auto refusal = choose_jobs(a, plan)) return refusal;
    std::vector<const model::Option*> options;
    for (const Job& job : plan.jobs)
        if (std::ranges::find(options, job.option) == options.end()) options.push_back(job.option);
    const bool needs_weather =
        std::ranges::any_of(plan.jobs, [](const Job& job) { return analysis::needs_weather(job.question); });
    const bool has_year =
        std::ranges::any_of(plan.jobs, [](const Job& job) { return job.question.kind == Question::Kind::year; });
    // Weather that no question needs is used where it is there, and not missed where it is not.
    auto weather = question::weather_of(plan.project, plan.file);
    if (!weather && needs_weather) return Refusal{weather.fault(), kBadInput};
    if (weather) {
        if (const auto apart = climate::measured_elsewhere(weather->measured, question::place_of(plan.project.site));
            !apart.empty())
            note("note: {}\n", apart);
        plan.weather = std::move(*weather);
    }
    if (told_of_faults(plan.project, options, plan.weather ? &plan.weather->measured : nullptr) && !a.despite_faults)
        return Refusal{{plan.file.filename().string(), "nothing was solved: these faults would make answers wrong",
                        "Mend them, or solve with --despite-faults"},
                       kFaults};
    for (const auto& id : plan.project.criteria) {
        if (!has_year) break;
        auto set = rule::set_of(plan.project, id);
        if (!set) return Refusal{set.fault(), kBadInput};
        plan.criteria.push_back(std::move(*set));
    }
    return {};
}

}  // namespace wp::cli
