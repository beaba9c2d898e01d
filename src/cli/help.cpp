// SPDX-License-Identifier: GPL-3.0-or-later
// What every process of a run but the first does: parts of what is asked, in the order in which the first asks it.
// Nothing is said or written here.
#include "analysis/analysis.h"
#include "base/log.h"
#include "cli/arguments.h"
#include "cli/many.h"
#include "cli/solve_plan.h"
#include "cli/terminal.h"
#include "cli/work.h"
#include "exchange/kept_table.h"
#include "many/helper.h"
#include "question/ask_glare_year.h"
#include "question/ask_year.h"

namespace wp::cli {

namespace {

class Helping {
 public:
    Helping(const Plan& plan, const SolveArguments& arguments, many::Helper& helper)
        : plan_(plan), arguments_(arguments), helper_(helper), cache_(helper.cache()) {}
    void run() const {
        for (const Job& job : plan_.jobs) {
            if (helper_.stopped().requested()) return;
            const question::Effort effort = effort_of(job, arguments_);
            if (analysis::gives_table(job.question.kind)) table(job, effort);
            if (job.question.kind == model::Question::Kind::year) year(job, effort);
        }
    }

 private:
    // A table is made by one.
    void table(const Job& job, const question::Effort& effort) const {
        const climate::WeatherYear* weather = plan_.weather_or_null();
        const Fingerprint print = analysis::asked_print(plan_.project, *job.option, job.question, weather);
        if (cache_.find(print) || !cache_.claim(print)) return;
        log(LogOf::cli, "helps with {} of {}", job.question.id, job.option->id);
        Cache pieces;
        pieces.find = cache_.find;
        pieces.keep = cache_.keep;
        const auto answer =
            analysis::ask(plan_.project, *job.option, job.question, weather, effort, helper_.stopped(), {}, pieces);
        // What cannot be answered is left to the first, who tells why.
        if (answer && !helper_.stopped().requested()) cache_.keep(print, exchange::write_kept(*answer));
        cache_.done(print);
    }
    // A year is made by all.
    void year(const Job& job, const question::Effort& effort) const {
        const auto scene = question::year_scene(plan_.project, *job.option, job.question, *plan_.weather);
        if (!scene) return;
        log(LogOf::cli, "helps with {} of {}", job.question.id, job.option->id);
        question::ask_year(*scene, *plan_.weather, effort, {}, helper_.stopped(), {}, cache_);
        if (!arguments_.glare || job.option->observers.empty()) return;
        question::Effort own = effort;
        own.accuracy = question::kSurfaceAccuracy;
        question::light_rooms(*scene, *plan_.weather, question::spaces_around(scene->surfaces, job.option->observers),
                              own, helper_.stopped(), {}, cache_);
    }

    const Plan& plan_;
    const SolveArguments& arguments_;
    many::Helper& helper_;
    Cache cache_;
};

}  // namespace

int help(const Arguments& arguments, Many& many) {
    many::Helper helper(many.post(), interrupted());
    const auto told = helper.work();
    if (!told || told->empty() || !arguments.solve) return kDone;
    auto work = unpack_work(*told);
    if (!work) {
        complain(work.fault());
        return kBadInput;
    }
    Plan plan;
    plan.project = std::move(work->project);
    plan.weather = std::move(work->weather);
    // The first has said whatever there is to say about it.
    if (choose_jobs(*arguments.solve, plan)) return kDone;
    Helping(plan, *arguments.solve, helper).run();
    return kDone;
}

}  // namespace wp::cli
