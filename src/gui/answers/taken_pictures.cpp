// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/taken_pictures.h"

#include "describe/field.h"
#include "gui/document/asked_prints.h"
#include "gui/work/many_machines.h"
#include "question/ask.h"
#include "report/language/words.h"
#include "store/asked.h"

namespace wp::gui {

namespace {

constexpr int kSmall = 260;                          // pixels across, of small pictures
constexpr size_t kMostPixels = 12u * 1024u * 1024u;  // of whole ones that are kept: about 40 bytes each
constexpr const char* kJob = "pictures";

struct Task {
    size_t option;
    question::Shot shot;
};

}  // namespace

struct TakenPictures::Run {
    std::shared_ptr<const model::Project> project;
    std::shared_ptr<const climate::WeatherYear> weather;
    std::vector<Task> tasks;
    std::atomic<size_t> done{0};  // a job that was paused goes on there
};

TakenPictures::TakenPictures(Document& document, JobQueue& jobs, OpenAnswers answers, QObject* parent)
    : QObject(parent), document_(document), jobs_(jobs), answers_(std::move(answers)) {
    connect(&document, &Document::project_replaced, this, &TakenPictures::clear);
}

void TakenPictures::clear() {
    run_.reset();
    pictures_.clear();
    whole_.clear();
    ++turn_;
    wanted_ = kept_pixels_ = 0;
    emit changed();
}

bool TakenPictures::are_current() const {
    return run_ != nullptr && std::ranges::all_of(run_->tasks, [&](const Task& task) {
               const auto& now = document_.project();
               if (run_->project.get() == &now) return true;
               return are_alike(*run_->project, now, run_->project->options[task.option].id,
                                describe::bears::light | describe::bears::blinds);
           });
}

void TakenPictures::take(const model::Question& question, const std::vector<size_t>& options) {
    auto run = std::make_shared<Run>();
    run->project = document_.snapshot();
    run->weather = document_.weather();
    std::vector<question::Shot> first;
    for (const size_t index : options) {
        const auto shots = question::shots_of(run->project->options[index], question, run->project->site.north);
        if (!shots) return emit said(language::line(shots.fault()));
        if (first.empty()) first = *shots;
        for (const auto& shot : *shots) run->tasks.push_back({index, shot});
    }
    clear();
    question_ = question;
    wanted_ = run->tasks.size();
    in_row_ = question::shots_in_row(first);
    several_ = options.size() > 1;
    run_ = run;
    emit changed();
    // Only where others take them are they kept: each is some megabytes.
    const auto beside = ManyMachines::chosen().on ? answers_() : nullptr;
    ManyRun elsewhere{run->project,
                      document_.path(),
                      beside,
                      question,
                      {QStringLiteral("solve"), QStringLiteral("--question"), QString::fromStdString(question.id)}};
    for (const size_t index : options)
        elsewhere.command << QStringLiteral("--option") << QString::fromStdString(run->project->options[index].id);
    add_on_many(
        jobs_, QString::fromLatin1(kJob), QObject::tr("Taking %n pictures", nullptr, static_cast<int>(wanted_)),
        std::move(elsewhere),
        [this, run, beside, effort = question::effort_of(question)](const Cancel& cancel, const Progress& progress) {
            return work(run, beside, effort, cancel, progress);
        },
        [this](const QString& line) { emit said(line); });
}

JobQueue::Finish TakenPictures::work(const std::shared_ptr<Run>& run, const std::shared_ptr<store::Answers>& beside,
                                     const question::Effort& effort, const Cancel& cancel, const Progress& progress) {
    const auto all = static_cast<double>(run->tasks.size());
    geometry::Surfaces surfaces;
    size_t built = run->project->options.size();
    for (size_t i = run->done; i < run->tasks.size(); run->done = ++i) {
        const auto& [index, shot] = run->tasks[i];
        const auto& option = run->project->options[index];
        if (index != built) surfaces = geometry::build_surfaces(*run->project, option, shot.question.without);
        built = index;
        store::JobCache cache(beside);
        // Each with surfaces of its own: they get the blinds of its moment.
        auto own = surfaces;
        const auto task = question::glare_task(*run->project, option, shot.question, own, run->weather.get());
        if (!task) return [this, line = language::line(task.fault())] { emit said(line); };
        auto answer = std::make_shared<const question::GlareAnswer>(question::solve_glare(
            *task, effort, cancel,
            [&](const auto& so_far) { progress((static_cast<double>(i) + question::progress_of(so_far)) / all); },
            cache.cache()));
        if (cancel.requested()) return {};
        cache.finish(store::entry_of("glare", option, shot.question, answer->record));
        auto small = question::taken(option, shot, *answer, kSmall);
        QMetaObject::invokeMethod(
            this, [this, run, i, small = std::move(small), answer] { add(run, i, small, answer); },
            Qt::QueuedConnection);
    }
    return {};
}

void TakenPictures::add(const std::shared_ptr<Run>& run, size_t at, question::Taken small,
                        std::shared_ptr<const question::GlareAnswer> whole) {
    if (run != run_ || at != pictures_.size()) return;
    pictures_.push_back(std::move(small));
    kept_pixels_ += whole->picture.value.size();
    whole_.push_back(kept_pixels_ <= kMostPixels ? std::move(whole) : nullptr);
    emit changed();
}

}  // namespace wp::gui
