// SPDX-License-Identifier: GPL-3.0-or-later
// The report on options as PDF, as the desktop composes it.
#include "report/book/facts.h"

#include <QDate>
#include <QLocale>
#include <deque>
#include <map>
#include <optional>

#include "base/text.h"
#include "cli/certifier.h"
#include "cli/terminal.h"
#include "question/ask.h"
#include "report/book/compose.h"
#include "report/book/pdf.h"
#include "report/language/language.h"

namespace wp::cli {
namespace fs = std::filesystem;
using model::Question;

namespace {

/// All that pages point to, of all options.
struct Everything {
    ToCertify plan;
    std::unique_ptr<Certifiers> certifiers;
    std::deque<question::GlareAnswer> pictures;
    std::map<model::Id, std::vector<std::shared_ptr<const report::BookShots>>> shots;  // by option
};

// What every report tells, whatever the sets ask for.
bool belongs(const Question& question, bool pictures) {
    switch (question.kind) {
        case Question::Kind::daylight_factor:
        case Question::Kind::year:
            return question.planes.empty() && question.at == Question::At::planes && question.without.empty();
        case Question::Kind::glare_year:
            return pictures;
        default:
            return false;
    }
}

bool is_told_of(const Everything& all, const ReportArguments& arguments, const Question& question) {
    return belongs(question, arguments.pictures) &&
           (all.plan.weather || question.kind == Question::Kind::daylight_factor);
}

constexpr int kSmall = 260;  // pixels across

question::Effort effort_of(const Question& question, const ReportArguments& arguments) {
    question::Effort out = question::effort_of(question);
    out.accuracy = arguments.accuracy.value_or(out.accuracy);
    out.threads = arguments.threads;
    return out;
}

// One picture of the option as it stands; where it cannot be asked the code to leave with.
int take_picture(const Everything& all, const ReportArguments& arguments, Certifier& one, const Question& question,
                 const std::string& name, std::optional<question::GlareAnswer>& out) {
    ProgressLine progress(one.option().name + ", " + name);
    auto taken = all.certifiers->kept().picture(
        all.plan.project, one.option(), question, one.surfaces(), all.plan.weather_or_null(),
        effort_of(question, arguments), [&](const auto& so_far) { progress.show(question::progress_of(so_far)); });
    if (!taken) {
        complain(taken.fault());
        return kBadInput;
    }
    out = std::move(*taken);
    return interrupted().requested() ? kCancelled : kDone;
}

// All pictures of a question that asks for many.
int take_shots(Everything& all, const ReportArguments& arguments, Certifier& one, const Question& question) {
    const auto shots = question::shots_of(one.option(), question, all.plan.project.site.north);
    if (!shots) {
        complain(shots.fault());
        return kBadInput;
    }
    auto out = std::make_shared<report::BookShots>();
    out->name = question.name;
    out->in_row = question::shots_in_row(*shots);
    for (const auto& shot : *shots) {
        std::optional<question::GlareAnswer> answer;
        if (const int code = take_picture(all, arguments, one, shot.question, shot.words(), answer); code != kDone)
            return code;
        out->pictures.push_back(question::taken(one.option(), shot, *answer, kSmall));
    }
    all.shots[one.option().id].push_back(std::move(out));
    return kDone;
}

int take_pictures(Everything& all, const ReportArguments& arguments, Certifier& one, report::BookOption& out) {
    const auto& project = all.plan.project;
    for (const auto& question : project.questions) {
        if (question.kind != Question::Kind::glare) continue;
        if (question::is_batch(question)) {
            if (const int code = take_shots(all, arguments, one, question); code != kDone) return code;
            continue;
        }
        if (model::find(one.option().observers, question.observer) == nullptr) continue;
        std::optional<question::GlareAnswer> answer;
        if (const int code = take_picture(all, arguments, one, question, question.name, answer); code != kDone)
            return code;
        all.pictures.push_back(std::move(*answer));
        out.made.push_back({question.name, all.pictures.back().record});
        out.answers.glares.push_back(&all.pictures.back());
    }
    return kDone;
}

// Tells other processes of the run what all options are asked.
void share(Everything& all, const ReportArguments& arguments) {
    all.certifiers->share();
    Kept& kept = all.certifiers->kept();
    for (const auto& id : all.plan.options) {
        Certifier& one = all.certifiers->of(id);
        for (const auto& question : all.plan.project.questions) {
            if (is_told_of(all, arguments, question)) one.share_also(question);
            if (!arguments.pictures || question.kind != Question::Kind::glare) continue;
            Question asked = question;
            asked.accuracy = arguments.accuracy.value_or(asked.accuracy);
            kept.share_pictures(all.plan.project, one.option(), asked, all.plan.weather_or_null(),
                                effort_of(asked, arguments));
        }
    }
}

int gather(Everything& all, const ReportArguments& arguments, const model::Id& id, report::BookOption& out) {
    Certifier& one = all.certifiers->of(id);
    const auto* former = all.certifiers->former();
    if (const int code = one.settle(former != &one ? former : nullptr, out.certified); code != kDone) return code;
    for (const auto& question : all.plan.project.questions)
        if (is_told_of(all, arguments, question))
            if (const int code = one.ask_also(question); code != kDone) return code;
    out.option = &one.option();
    out.surfaces = &one.surfaces();
    out.answers = one.answers();
    for (const auto& [name, record] : one.records()) {
        out.made.push_back({name, record});
        out.settles = out.settles || !record.settled;
    }
    for (const auto& set : all.plan.sets)
        for (const auto& question : rule::missing_questions(set, out.answers, one.circumstances()))
            out.missing.push_back(question.name);
    return arguments.pictures ? take_pictures(all, arguments, one, out) : kDone;
}

}  // namespace

int report_on(const ReportArguments& arguments) {
    auto all = std::make_shared<Everything>();
    auto refusal = make_plan(arguments, all->plan);
    if (!refusal) refusal = make_out_folder(arguments.out);
    if (!refusal && !arguments.language.empty() && !language::use_language(QString::fromStdString(arguments.language)))
        refusal = Refusal{{"--language", "the program does not speak \"" + plain_text(arguments.language, 20) + "\"",
                           "en and de are there"},
                          kBadArguments};
    if (refusal) {
        complain(refusal->fault);
        return refusal->code;
    }
    all->certifiers = std::make_unique<Certifiers>(all->plan, arguments);
    share(*all, arguments);
    if (const int code = all->certifiers->ask_former(); code != kDone) return code;
    std::vector<report::BookOption> options;
    VerdictCode verdicts;
    for (const auto& id : all->plan.options) {
        report::BookOption one;
        if (const int code = gather(*all, arguments, id, one); code != kDone) return code;
        verdicts.note(one.certified);
        if (const int code = write_verdicts(arguments, all->plan, all->certifiers->of(id), one.certified);
            code != kDone)
            return code;
        options.push_back(std::move(one));
    }
    const QString day = QLocale().toString(QDate::currentDate(), QLocale::LongFormat);
    for (size_t i = 0; i < options.size(); ++i) {
        const auto facts = std::make_shared<report::BookFacts>();
        facts->holds = all;
        facts->project = &all->plan.project;
        facts->weather = all->plan.weather_or_null();
        facts->folder = all->plan.file.parent_path();
        facts->day = day;
        facts->shots = all->shots[options[i].option->id];
        facts->options = options;
        std::swap(facts->options.front(), facts->options[i]);
        const bool made_up = all->plan.weather && all->plan.weather->made_up;
        const fs::path path = fs::path(arguments.out) / (file_name_of(options[i].option->id) + ".report" +
                                                         (made_up ? ".made-up-weather" : "") + ".pdf");
        const auto book = report::compose(facts, interrupted());
        if (interrupted().requested()) return kCancelled;
        if (const auto fault = report::write_pdf(book, path)) {
            complain(*fault);
            return kCannotWrite;
        }
        say("{}: {} pages, {}\n", options[i].option->name, book.pages.size(), path.string());
    }
    return verdicts.code();
}

}  // namespace wp::cli
