// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/series_runner.h"

#include "analysis/analysis.h"
#include "describe/depends.h"
#include "describe/field.h"
#include "gui/work/many_machines.h"
#include "report/language/words.h"
#include "series/kept_step.h"
#include "series/variables.h"
#include "store/asked.h"

namespace wp::gui {

/// One run of a series: what a paused job goes on with.
struct SeriesRunner::Run {
    std::shared_ptr<const model::Project> project;
    std::unique_ptr<series::Asker> asker;
    size_t done = 0;
    std::shared_ptr<store::Answers> answers;  ///< beside the project; null: it has no file
    std::unique_ptr<store::JobCache> cache;
};

SeriesRunner::SeriesRunner(Document& document, Asker& asker, QObject* parent)
    : QObject(parent),
      document_(document),
      asker_(asker),
      jobs_(asker.jobs()),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Kept series"), this, [](const Kept& of) { return find_kept(of); },
          [this](const Kept& kept) { take_kept(kept); }) {
    connect(&document, &Document::project_replaced, this, [this] {
        given_.clear();
        runs_.clear();
        emit changed();
    });
    connect(&jobs_, &JobQueue::changed, this, [this] {
        // A run that was cancelled works no more.
        bool any = false;
        for (auto& [id, given] : given_) {
            const QString key = QStringLiteral("series-%1").arg(QString::fromStdString(id));
            const bool there = std::ranges::any_of(jobs_.entries(), [&](const auto& e) { return e.key == key; });
            any = any || (given.working && !there);
            given.working = given.working && there;
        }
        if (any) emit changed();
    });
}

Outcome SeriesRunner::run(const model::Series& series) {
    const auto project = document_.snapshot();
    if (auto fault = series::check(*project, series)) return fault;
    bool needs_weather = false;
    for (const auto& q : series::questions_of(*project, series))
        needs_weather = needs_weather || analysis::needs_weather(q);
    if (needs_weather && document_.weather() == nullptr)
        return Fault{series.name, "the year needs a weather file", "Choose one on the Site desk"};
    auto run = std::make_shared<Run>();
    run->project = project;
    run->asker = std::make_unique<series::Asker>(project, series, document_.weather());
    run->answers = asker_.answers();
    run->cache = std::make_unique<store::JobCache>(run->answers);
    run->asker->keep_in(run->cache->cache());
    runs_[series.id] = run;
    given_[series.id] = {project, std::make_shared<const series::SeriesAnswer>(run->asker->answer()), true};
    add_on_many(
        jobs_, QStringLiteral("series-%1").arg(QString::fromStdString(series.id)),
        QObject::tr("Series: %1").arg(QString::fromStdString(series.name)),
        {project,
         document_.path(),
         run->answers,
         {},
         {QStringLiteral("series"), QStringLiteral("--series"), QString::fromStdString(series.id)}},
        [this, run](const Cancel& cancel, const Progress& progress) { return work(run, cancel, progress); },
        [this](const QString& line) { emit said(line); });
    emit changed();
    return {};
}

// Pieces that no answer stands on would be tidied away.
void SeriesRunner::note_kept(const Run& run) {
    const auto& answer = run.asker->answer();
    const auto* option = model::find(run.project->options, answer.series.option);
    if (run.answers == nullptr || option == nullptr) return;
    model::Question question;
    question.id = answer.series.id;
    run.cache->finish(store::entry_of("series", *option, question, series::record_of(answer, run.cache->pieces())));
}

SeriesRunner::Kept SeriesRunner::find_kept(Kept of) {
    if (of.answers == nullptr) return of;
    store::JobCache cache(of.answers);
    for (const auto& series : of.project->series) {
        if (series::check(*of.project, series)) continue;
        series::Asker asker(of.project, series, of.weather);
        asker.keep_in({cache.cache().find, {}});
        size_t found = 0;
        for (size_t step = 0; step < asker.answer().steps.size(); ++step) found += asker.find_kept(step) ? 1 : 0;
        if (found > 0) of.found.push_back(std::make_shared<const series::SeriesAnswer>(asker.answer()));
    }
    return of;
}

void SeriesRunner::look_for_kept() {
    const auto project = document_.snapshot();
    const bool all_known = std::ranges::all_of(project->series, [&](const auto& s) { return given_.contains(s.id); });
    if (!all_known) worker_.ask({project, document_.weather(), asker_.answers(), {}});
}

void SeriesRunner::take_kept(const Kept& kept) {
    bool any = false;
    for (const auto& answer : kept.found) {
        if (given_.contains(answer->series.id) || model::find(document_.project().series, answer->series.id) == nullptr)
            continue;
        given_[answer->series.id] = {kept.project, answer, false};
        any = true;
    }
    if (any) emit changed();
}

JobQueue::Finish SeriesRunner::work(const std::shared_ptr<Run>& run, const Cancel& cancel, const Progress& progress) {
    const auto all = static_cast<double>(run->asker->order().size());
    for (; run->done < run->asker->order().size(); ++run->done) {
        const auto fault = run->asker->ask(run->asker->order()[run->done], cancel, [&](double share) {
            progress((static_cast<double>(run->done) + share) / all);
        });
        if (fault)
            return [this, run, line = language::line(*fault)] {
                keep(run, std::make_shared<const series::SeriesAnswer>(run->asker->answer()), false);
                emit said(line);
            };
        if (cancel.requested()) return {};
        auto so_far = std::make_shared<const series::SeriesAnswer>(run->asker->answer());
        QMetaObject::invokeMethod(
            this, [this, run, so_far] { keep(run, so_far, true); }, Qt::QueuedConnection);
    }
    note_kept(*run);
    return [this, run] { keep(run, std::make_shared<const series::SeriesAnswer>(run->asker->answer()), false); };
}

void SeriesRunner::keep(const std::shared_ptr<Run>& run, std::shared_ptr<const series::SeriesAnswer> answer,
                        bool working) {
    const model::Id id = answer->series.id;
    if (const auto at = runs_.find(id); at == runs_.end() || at->second != run) return;
    given_[id] = {run->project, std::move(answer), working};
    emit changed();
}

const SeriesRunner::Given& SeriesRunner::given(const model::Id& series) const {
    static const Given none;
    const auto at = given_.find(series);
    return at != given_.end() ? at->second : none;
}

bool SeriesRunner::is_current(const model::Series& series) const {
    const Given& known = given(series.id);
    if (known.answer == nullptr || !(known.answer->series == series)) return false;
    const auto& now = document_.project();
    const auto *was = model::find(known.project->options, series.option), *is = model::find(now.options, series.option);
    if (was == nullptr || is == nullptr) return false;
    return describe::depends(*known.project, *was, describe::bears::all) ==
           describe::depends(now, *is, describe::bears::all);
}

}  // namespace wp::gui
