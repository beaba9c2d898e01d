// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/certifier.h"

#include <algorithm>

#include "analysis/analysis.h"
#include "base/file.h"
#include "base/text.h"
#include "cli/faults.h"
#include "cli/said.h"
#include "cli/terminal.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "rule/data.h"
#include "rule/remedies.h"
#include "store/asked.h"
#include "store/project_file.h"

namespace wp::cli {
namespace fs = std::filesystem;
using model::Question;

std::optional<Refusal> make_plan(const CertifyArguments& a, ToCertify& plan) {
    auto project = store::read_project(a.project);
    if (!project) return Refusal{project.fault(), kBadInput};
    plan.project = std::move(*project);
    plan.file = a.project;
    for (const auto& id : a.options)
        if (model::find(plan.project.options, id) == nullptr)
            return Refusal{{"--option", "the project has no option \"" + plain_text(id, 60) + "\"",
                            "warmpane-cli show lists those it has"},
                           kBadArguments};
    for (const auto& option : plan.project.options)
        if ((a.options.empty() && !option.archived) || std::ranges::find(a.options, option.id) != a.options.end())
            plan.options.push_back(option.id);
    const auto& ids = a.sets.empty() ? plan.project.criteria : a.sets;
    for (const auto& id : ids) {
        auto set = rule::set_of(plan.project, id);
        if (!set) return Refusal{set.fault(), a.sets.empty() ? kBadInput : kBadArguments};
        plan.sets.push_back(std::move(*set));
    }
    if (plan.sets.empty()) {
        return Refusal{{plan.file.filename().string(), "the project answers to no criteria set",
                        "Choose with --set: " + joined(rule::criteria_sets())},
                       kBadInput};
    }
    auto weather = question::weather_of(plan.project, plan.file);
    if (weather)
        plan.weather = std::move(*weather);
    else if (!plan.project.site.weather.empty())
        return Refusal{weather.fault(), kBadInput};
    std::vector<const model::Option*> options;
    for (const auto& id : plan.options) options.push_back(model::find(plan.project.options, id));
    if (told_of_faults(plan.project, options, plan.weather ? &plan.weather->measured : nullptr) && !a.despite_faults)
        return Refusal{{plan.file.filename().string(), "nothing was judged: these faults would make answers wrong",
                        "Mend them, or judge with --despite-faults"},
                       kFaults};
    return {};
}

std::vector<Question> Certifier::first_questions() const {
    std::vector<Question> out;
    for (const auto& set : plan_.sets)
        for (Question& question : rule::questions_of(set, circumstances())) {
            const bool is_there =
                std::ranges::any_of(out, [&](const Question& other) { return other.id == question.id; });
            if (is_there || (analysis::needs_weather(question) && !plan_.weather)) continue;
            question.accuracy = arguments_.accuracy.value_or(question.accuracy);
            out.push_back(std::move(question));
        }
    return out;
}

int Certifier::ask() {
    for (const Question& question : first_questions()) {
        if (accuracies_.contains(question.id)) continue;
        accuracies_[question.id] = question.accuracy;
        if (const int code = ask_one(question); code != kDone) return code;
    }
    return kDone;
}

void Certifier::share() {
    for (const Question& question : first_questions()) share(question);
}

void Certifier::share_also(Question question) {
    question.accuracy = arguments_.accuracy.value_or(question.accuracy);
    share(question);
}

void Certifier::share(const Question& question) {
    if (question.kind == Question::Kind::year)
        return kept_.publish(plan_.project, {SharedJob::What::year, option_.id, question, {}, {}});
    question::Effort effort = question::effort_of(question);
    effort.threads = arguments_.threads;
    kept_.share_table(plan_.project, option_, question, plan_.weather_or_null(), effort);
}

int Certifier::ask_finer(const exchange::Certified& certified, bool& again) {
    std::map<model::Id, Question> open;
    for (const auto& set : certified.sets)
        for (const auto& v : set.verdicts)
            if (v.state == rule::State::undecided)
                if (auto question = rule::question_of(*v.criterion, circumstances())) open[question->id] = *question;
    std::erase_if(open, [&](const auto& one) { return accuracies_[one.first] <= arguments_.decide_to; });
    again = !open.empty();
    for (auto& [id, question] : open) {
        double& accuracy = accuracies_[id];
        question.accuracy = accuracy = std::max(accuracy / 2, arguments_.decide_to);
        share(question);
    }
    for (const auto& [id, question] : open)
        if (const int code = ask_one(question); code != kDone) return code;
    return kDone;
}

exchange::Certified Certifier::judge(const Certifier* former) {
    const rule::Case judged = make_case(former);
    exchange::Certified out;
    out.option = option_.id;
    for (const auto& set : plan_.sets) {
        exchange::Certified::Set one;
        one.set = &set;
        one.doubt = rule::doubt_of(plan_.project, set);
        one.verdicts = rule::evaluate(set, judged);
        one.conclusions = rule::conclude(one.verdicts);
        one.outcome = rule::outcome_of(set, one.conclusions);
        out.sets.push_back(std::move(one));
    }
    out.assumptions = rule::assumptions_of(plan_.project, surfaces(), plan_.weather_or_null());
    return out;
}

void Certifier::lay_planes() {
    std::vector<const rule::CriteriaSet*> sets;
    for (const auto& set : plan_.sets) sets.push_back(&set);
    const auto planes = rule::planes_wanted(sets, make_case(nullptr));
    rule::lay(option_, planes);
    if (!planes.empty()) say("{}: {} planes laid as the rules ask for\n", option_.name, planes.size());
}

const geometry::Surfaces& Certifier::surfaces() {
    if (!surfaces_) surfaces_ = geometry::build_surfaces(plan_.project, option_);
    return *surfaces_;
}

int Certifier::ask_one(Question question) {
    question.accuracy = accuracies_[question.id];
    if (const auto fault = question::can_be_asked(option_, question)) {
        complain(*fault);
        return kBadInput;
    }
    question::Effort effort = question::effort_of(question);
    effort.threads = arguments_.threads;
    ProgressLine progress(option_.name + ", " + question.name);
    const auto show = [&](double share) { progress.show(share); };
    if (question.kind == Question::Kind::year) return ask_year(question, effort, show);
    auto found = kept_.table(plan_.project, option_, question, plan_.weather_or_null(), effort, show);
    if (!found) {
        complain(found.fault());
        return kBadInput;
    }
    if (interrupted().requested()) return kCancelled;
    note_record(question, found->answer.record);
    tables_[question.id] = {question, std::move(found->answer)};
    return kDone;
}

int Certifier::ask_year(const Question& question, const question::Effort& effort, const Progress& show) {
    auto scene = question::year_scene(plan_.project, option_, question, *plan_.weather);
    if (!scene) {
        complain(scene.fault());
        return kBadInput;
    }
    store::JobCache cache(kept_.answers());
    auto answer = question::ask_year(*scene, *plan_.weather, effort, {}, interrupted(), show, kept_.shared(cache));
    if (interrupted().requested()) return kCancelled;
    cache.finish(store::entry_of("year", option_, question, answer.record));
    if (cache.fault()) complain(*cache.fault());
    note_record(question, answer.record);
    year_ = std::make_unique<question::YearAnswer>(std::move(answer));
    return kDone;
}

void Certifier::note_record(const Question& question, const question::Record& record) {
    std::erase_if(records_, [&](const auto& r) { return r.first == question.name; });
    records_.emplace_back(question.name, record);
}

figure::Answers Certifier::answers() const {
    figure::Answers out;
    out.year = year_.get();
    for (const auto& [id, asked] : tables_) {
        out.asked.push_back({&asked.question, &asked.answer.table});
        if (asked.question.at == Question::At::planes && asked.question.without.empty())
            out.tables.try_emplace(asked.question.kind, &asked.answer.table);
    }
    out.room_hours = rule::room_hours(plan_.project, option_);
    return out;
}

rule::Case Certifier::make_case(const Certifier* former) {
    rule::Case out;
    const auto planes = question::planes_of(option_, {}, plan_.project.site.north);
    if (planes) out.subjects = rule::subjects_of(option_, *planes, surfaces());
    out.rooms = rule::rooms_of(option_);
    out.answers = answers();
    if (former != nullptr) out.former = former->answers();
    out.option = &option_;
    out.panes = surfaces().glazings;
    out.of = circumstances();
    return out;
}

int Certifier::settle(const Certifier* former, exchange::Certified& certified) {
    if (const int code = ask(); code != kDone) return code;
    for (bool again = true; again;) {
        certified = judge(former);
        if (const int code = ask_finer(certified, again); code != kDone) return code;
    }
    return kDone;
}

int Certifier::ask_also(const Question& question) {
    if (accuracies_.contains(question.id)) return kDone;
    accuracies_[question.id] = arguments_.accuracy.value_or(question.accuracy);
    return ask_one(question);
}

void VerdictCode::note(const exchange::Certified& certified) {
    for (const auto& set : certified.sets)
        for (const auto& c : set.conclusions) {
            if (c.optional) continue;
            failed_ = failed_ || c.state == rule::State::not_met;
            open_ = open_ || c.state == rule::State::undecided || c.state == rule::State::not_asked;
        }
}

Certifier& Certifiers::of(const model::Id& option) {
    auto& one = all_[option];
    if (one == nullptr) {
        one = std::make_unique<Certifier>(plan_, arguments_, kept_, *model::find(plan_.project.options, option));
        if (arguments_.lay_planes) one->lay_planes();
    }
    return *one;
}

void Certifiers::share() {
    // The project is sent as it is once all planes are laid.
    auto ids = plan_.options;
    if (compares_with_former()) ids.insert(ids.begin(), plan_.project.former);
    for (const auto& id : ids) of(id);
    for (const auto& id : ids) of(id).share();
}

bool Certifiers::compares_with_former() const {
    const bool compares = std::ranges::any_of(plan_.sets, [](const auto& set) {
        return std::ranges::any_of(set.criteria, [](const auto& c) { return c.former_share > 0 || c.loss_most >= 0; });
    });
    return compares && model::find(plan_.project.options, plan_.project.former) != nullptr;
}

int Certifiers::ask_former() {
    if (!compares_with_former()) return kDone;
    Certifier& before = of(plan_.project.former);
    former_ = &before;
    return before.ask();
}

}  // namespace wp::cli
