// SPDX-License-Identifier: GPL-3.0-or-later
// What every process of a run but the first does: parts of the jobs that the first publishes, in their order, as far as
// nobody else is at them. Nothing is said or written here.
#include <map>

#include "analysis/analysis.h"
#include "base/log.h"
#include "cli/arguments.h"
#include "cli/many.h"
#include "cli/shared_job.h"
#include "cli/terminal.h"
#include "cli/work.h"
#include "exchange/kept_table.h"
#include "many/helper.h"
#include "question/ask.h"
#include "question/ask_glare_year.h"
#include "question/ask_year.h"
#include "question/shots.h"
#include "series/series.h"

namespace wp::cli {

namespace {

class Helping {
 public:
    Helping(Work work, int threads, many::Helper& helper)
        : project_(std::make_shared<const model::Project>(std::move(work.project))),
          threads_(threads),
          helper_(helper),
          cache_(helper.cache()) {
        if (work.weather) weather_ = std::make_shared<const climate::WeatherYear>(std::move(*work.weather));
    }

    void run() {
        while (const auto bytes = helper_.next_job())
            if (const auto job = read_shared_job(*bytes)) help(*job);
    }

 private:
    using What = SharedJob::What;

    void help(const SharedJob& job) {
        if (job.what == What::steps) return steps(job);
        const auto* option = model::find(project_->options, job.option);
        if (option == nullptr) return;
        log(LogOf::cli, "helps with {} of {}", job.question.id, option->id);
        if (job.what == What::table) table(*option, job.question);
        if (job.what == What::pictures) pictures(*option, job.question);
        if (weather_ == nullptr) return;
        if (job.what == What::year) year(*option, job.question, false);
        if (job.what == What::seats) year(*option, job.question, true);
    }

    question::Effort effort(const model::Question& question) const {
        auto out = question::effort_of(question);
        out.threads = threads_;
        return out;
    }
    // Of what is made by one.
    Cache pieces() const { return {cache_.find, cache_.keep}; }
    template <class Make>
    void whole(const Fingerprint& print, Make&& make) {
        if (helper_.stopped().requested() || !cache_.claim(print)) return;
        if (!cache_.find(print)) make();
        // What could not be made is left to the first, who tells why.
        if (!helper_.stopped().requested()) cache_.done(print);
    }

    void table(const model::Option& option, const model::Question& question) {
        const Fingerprint print = analysis::asked_print(*project_, option, question, weather_.get());
        whole(print, [&] {
            const auto answer = analysis::ask(*project_, option, question, weather_.get(), effort(question),
                                              helper_.stopped(), {}, pieces());
            if (answer && !helper_.stopped().requested()) cache_.keep(print, exchange::write_kept(*answer));
        });
    }

    void pictures(const model::Option& option, const model::Question& question) {
        const auto surfaces = geometry::build_surfaces(*project_, option, question.without);
        const auto shots = question::shots_of(option, question, project_->site.north);
        if (!shots) return;
        for (const auto& shot : *shots) {
            geometry::Surfaces own = surfaces;
            const auto task = question::glare_task(*project_, option, shot.question, own, weather_.get());
            if (!task) return;
            whole(question::glare_inputs(*task, effort(question)),
                  [&] { question::solve_glare(*task, effort(question), helper_.stopped(), {}, pieces()); });
        }
    }

    void year(const model::Option& option, const model::Question& question, bool around_observers) {
        const auto scene = question::year_scene(*project_, option, question, *weather_);
        if (!scene) return;
        question::Effort own = effort(question);
        if (!around_observers) {
            question::ask_year(*scene, *weather_, own, {}, helper_.stopped(), {}, cache_);
            return;
        }
        own.accuracy = question::kSurfaceAccuracy;
        question::light_rooms(*scene, *weather_, question::spaces_around(scene->surfaces, option.observers), own,
                              helper_.stopped(), {}, cache_);
    }

    void steps(const SharedJob& job) {
        const bool is_varied = !job.series.varied.empty();
        if (is_varied ? series::check(*project_, job.series).has_value()
                      : model::find(project_->options, job.series.option) == nullptr)
            return;
        series::Asker asker(project_, job.series, weather_, job.accuracy, threads_);
        asker.keep_in(pieces());
        Cache shared = cache_;
        shared.helps = false;  // a step needs its year
        asker.share(std::move(shared));
        for (const size_t step : asker.order())
            whole(asker.print(step), [&] { (void)asker.ask(step, helper_.stopped()); });
    }

    std::shared_ptr<const model::Project> project_;
    std::shared_ptr<const climate::WeatherYear> weather_;
    int threads_;
    many::Helper& helper_;
    Cache cache_;
};

int threads_of(const Arguments& a) {
    if (a.solve) return a.solve->threads;
    if (a.series) return a.series->threads;
    if (a.compare) return a.compare->threads;
    if (a.certify) return a.certify->threads;
    return a.report ? a.report->threads : 0;
}

}  // namespace

int help(const Arguments& arguments, Many& many) {
    many::Helper helper(many.post(), interrupted());
    const auto about = helper.about();
    if (!about || about->empty()) return kDone;
    auto work = unpack_work(*about);
    if (!work) {
        complain(work.fault());
        return kBadInput;
    }
    Helping(std::move(*work), threads_of(arguments), helper).run();
    return kDone;
}

}  // namespace wp::cli
