// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include <algorithm>
#include <filesystem>
#include <map>

#include "analysis/analysis.h"
#include "base/file.h"
#include "base/text.h"
#include "cli/arguments.h"
#include "cli/faults.h"
#include "cli/kept.h"
#include "cli/refusal.h"
#include "cli/said.h"
#include "cli/terminal.h"
#include "exchange/verdict_tables.h"
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

namespace {

/// Sets, weather and options: read and checked before anything is asked.
struct ToCertify {
    model::Project project;
    fs::path file;
    std::optional<climate::WeatherYear> weather;
    std::vector<rule::CriteriaSet> sets;
    std::vector<std::string> options;
    const climate::WeatherYear* weather_or_null() const { return weather ? &*weather : nullptr; }
};

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
        if (a.options.empty() || std::ranges::find(a.options, option.id) != a.options.end())
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

/// Answers of one option, and the verdicts on them.
class Certifier {
 public:
    Certifier(const ToCertify& plan, const CertifyArguments& arguments, Kept& kept, model::Option& option)
        : plan_(plan), arguments_(arguments), kept_(kept), option_(option) {}

    /// Asks what the sets need. The code to leave with where something went wrong; kDone: all that could be asked was.
    int ask() {
        for (const auto& set : plan_.sets)
            for (const Question& question : rule::questions_of(set, circumstances())) {
                if (accuracies_.contains(question.id) || (analysis::needs_weather(question) && !plan_.weather))
                    continue;
                accuracies_[question.id] = arguments_.accuracy.value_or(question.accuracy);
                if (const int code = ask_one(question); code != kDone) return code;
            }
        return kDone;
    }
    /// Asks again, twice as accurately, what undecided verdicts stand on, down to the limit. again: whether anything
    /// was.
    int ask_finer(const exchange::Certified& certified, bool& again) {
        std::map<model::Id, Question> open;
        for (const auto& set : certified.sets)
            for (const auto& v : set.verdicts)
                if (v.state == rule::State::undecided)
                    if (auto question = rule::question_of(*v.criterion, circumstances()))
                        open[question->id] = *question;
        again = false;
        for (const auto& [id, question] : open) {
            double& accuracy = accuracies_[id];
            if (accuracy <= arguments_.decide_to) continue;
            accuracy = std::max(accuracy / 2, arguments_.decide_to);
            again = true;
            if (const int code = ask_one(question); code != kDone) return code;
        }
        return kDone;
    }

    exchange::Certified judge(const Certifier* former) {
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

    void lay_planes() {
        std::vector<const rule::CriteriaSet*> sets;
        for (const auto& set : plan_.sets) sets.push_back(&set);
        const auto planes = rule::planes_wanted(sets, make_case(nullptr));
        rule::lay(option_, planes);
        if (!planes.empty()) say("{}: {} planes laid as the rules ask for\n", option_.name, planes.size());
    }

    const std::vector<std::pair<std::string, question::Record>>& records() const { return records_; }
    const model::Option& option() const { return option_; }

 private:
    rule::Circumstances circumstances() const { return {&plan_.project, plan_.weather_or_null()}; }
    const geometry::Surfaces& surfaces() {
        if (!surfaces_) surfaces_ = geometry::build_surfaces(plan_.project, option_);
        return *surfaces_;
    }

    int ask_one(Question question) {
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
    int ask_year(const Question& question, const question::Effort& effort, const Progress& show) {
        auto scene = question::year_scene(plan_.project, option_, question, *plan_.weather);
        if (!scene) {
            complain(scene.fault());
            return kBadInput;
        }
        store::JobCache cache(kept_.answers());
        auto answer = question::ask_year(*scene, *plan_.weather, effort, {}, interrupted(), show, cache.cache());
        if (interrupted().requested()) return kCancelled;
        cache.finish(store::entry_of("year", option_, question, answer.record));
        if (cache.fault()) complain(*cache.fault());
        note_record(question, answer.record);
        year_ = std::make_unique<question::YearAnswer>(std::move(answer));
        return kDone;
    }
    void note_record(const Question& question, const question::Record& record) {
        std::erase_if(records_, [&](const auto& r) { return r.first == question.name; });
        records_.emplace_back(question.name, record);
    }

    figure::Answers answers() const {
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
    rule::Case make_case(const Certifier* former) {
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

    struct Asked {
        Question question;
        question::TableAnswer answer;
    };
    const ToCertify& plan_;
    const CertifyArguments& arguments_;
    Kept& kept_;
    model::Option& option_;
    std::optional<geometry::Surfaces> surfaces_;
    std::map<model::Id, Asked> tables_;
    std::map<model::Id, double> accuracies_;  // by question, as asked last
    std::unique_ptr<question::YearAnswer> year_;
    std::vector<std::pair<std::string, question::Record>> records_;
};

bool any(const exchange::Certified& certified, rule::State state) {
    for (const auto& set : certified.sets)
        for (const auto& c : set.conclusions)
            if (!c.optional && c.state == state) return true;
    return false;
}

void tell_remarks(const rule::Verdict& v) {
    if (!v.why.empty()) say("      {}\n", v.why);
    for (const auto& remark : v.remarks)
        if (remark != v.criterion->doubt) say("      {}\n", remark);
}

// A part in one line, and below it what keeps it from being met.
void tell(const exchange::Certified::Set& set, const rule::Conclusion& c) {
    const auto& first = set.verdicts[c.verdicts.front()];
    if (c.verdicts.size() == 1) {
        if (c.optional && c.state != rule::State::met) return;
        say("    {}\n", verdict_line(first));
        return tell_remarks(first);
    }
    say("    {:<12} {:<22} {}: {}{}\n", rule::state_words(c.state), c.subject, c.name,
        c.level.empty() ? "none" : c.level, c.perhaps.empty() ? "" : ", perhaps " + c.perhaps);
    for (const size_t i : c.verdicts) {
        const auto& v = set.verdicts[i];
        if (c.state == rule::State::met || v.criterion->optional || v.state == rule::State::met) continue;
        say("      {}\n", verdict_line(v));
        tell_remarks(v);
    }
}

void tell(const exchange::Certified& certified, const std::string& name) {
    say("{}\n", name);
    for (const auto& line : certified.assumptions) say("  stands on: {}\n", line);
    for (const auto& set : certified.sets) {
        say("  {}: {}\n", set.set->name, joined(set.outcome.words, "; "));
        if (!set.doubt.empty()) say("    not checked: {}\n", set.doubt);
        for (const auto& c : set.conclusions) tell(set, c);
    }
}

int certify_option(Certifier& one, const Certifier* former, exchange::Certified& certified) {
    if (const int code = one.ask(); code != kDone) return code;
    for (bool again = true; again;) {
        certified = one.judge(former);
        if (const int code = one.ask_finer(certified, again); code != kDone) return code;
    }
    return kDone;
}

int write(const CertifyArguments& arguments, const ToCertify& plan, const Certifier& one,
          const exchange::Certified& certified) {
    const bool made_up = plan.weather && plan.weather->made_up;
    const std::string stem = file_name_of(certified.option) + ".certify" + (made_up ? ".made-up-weather" : "");
    const exchange::Origin origin{plan.project.name, certified.option, "",
                                  plan.weather ? climate::weather_name(*plan.weather) : "", made_up};
    const std::pair<std::string, std::string> files[] = {
        {".csv", exchange::verdicts_csv(certified)},
        {".json", exchange::certified_json(origin, certified, one.records())}};
    for (const auto& [suffix, text] : files)
        if (const auto fault = write_file(fs::path(arguments.out) / (stem + suffix), text)) {
            complain(*fault);
            return kCannotWrite;
        }
    return kDone;
}

}  // namespace

int certify(const CertifyArguments& arguments) {
    ToCertify plan;
    auto refusal = make_plan(arguments, plan);
    if (!refusal) refusal = make_out_folder(arguments.out);
    if (refusal) {
        complain(refusal->fault);
        return refusal->code;
    }
    Kept kept(plan.file, arguments.forget);
    std::map<model::Id, std::unique_ptr<Certifier>> all;
    const auto certifier = [&](const model::Id& id) -> Certifier& {
        auto& one = all[id];
        if (one == nullptr) {
            one = std::make_unique<Certifier>(plan, arguments, kept, *model::find(plan.project.options, id));
            if (arguments.lay_planes) one->lay_planes();
        }
        return *one;
    };
    const bool compares = std::ranges::any_of(plan.sets, [](const auto& set) {
        return std::ranges::any_of(set.criteria, [](const auto& c) { return c.former_share > 0 || c.loss_most >= 0; });
    });
    const Certifier* former = nullptr;
    if (compares && model::find(plan.project.options, plan.project.former) != nullptr) {
        Certifier& before = certifier(plan.project.former);
        if (const int code = before.ask(); code != kDone) return code;
        former = &before;
    }
    bool failed = false, open = false;
    for (const auto& id : plan.options) {
        Certifier& one = certifier(id);
        exchange::Certified certified;
        const int code = certify_option(one, former != &one ? former : nullptr, certified);
        if (code != kDone) return code;
        tell(certified, one.option().name);
        if (const int failure = write(arguments, plan, one, certified); failure != kDone) return failure;
        failed = failed || any(certified, rule::State::not_met);
        open = open || any(certified, rule::State::undecided) || any(certified, rule::State::not_asked);
    }
    return failed ? kNotMet : open ? kNotSettled : kDone;
}

}  // namespace wp::cli
