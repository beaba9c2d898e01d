// SPDX-License-Identifier: GPL-3.0-or-later
// The asker's years: traced as jobs, kept beside the project, read live.
#include "gui/answers/asker.h"
#include "question/ask.h"
#include "report/language/words.h"
#include "store/asked.h"

namespace wp::gui {
using model::Question;
using model::question_of;

namespace {

std::shared_ptr<question::DaylightFactorAnswer> solve_daylight(const model::Project& project,
                                                               const model::Option& option, const Cancel& cancel) {
    const auto question = question_of(project, Question::Kind::daylight_factor);
    question::DaylightFactorSetup setup;
    setup.season = question.season;
    return std::make_shared<question::DaylightFactorAnswer>(question::daylight_factor(
        geometry::build_surfaces(project, option, question.without),
        *question::planes_of(option, question, project.site.north), question::effort_of(question), cancel, {}, setup));
}

QString year_job(const model::Id& option) { return QStringLiteral("year ") + QString::fromStdString(option); }

}  // namespace

void Asker::build_years() {
    connect(&live_year_, &LiveYear::read, this,
            [this](const std::shared_ptr<const YearReading>& reading, const QString& option) {
                const model::Id id = option.toStdString();
                // A map without its tables does not take theirs away.
                auto kept = reading;
                if (const auto before = kept_.year_reading(id);
                    reading->tables == nullptr && before != nullptr && before->answer == reading->answer) {
                    auto both = std::make_shared<YearReading>(*reading);
                    both->tables = before->tables;
                    kept = both;
                }
                kept_.keep_year_reading(id, kept);
                if (id == year_traced_option_) {
                    year_tracer_.go_on();
                    release_daylight();
                }
                emit year_read();
            });
    connect(&year_tracer_, &YearTracer::found, this,
            [this](const std::shared_ptr<const question::YearAnswer>& answer,
                   const std::shared_ptr<const model::Project>& asked, const QString& option, const YearStage& stage,
                   bool working) { keep_live_year(answer, asked, option.toStdString(), stage, working); });
    connect(&year_tracer_, &YearTracer::ended, this, [this](const std::shared_ptr<const model::Project>& asked) {
        if (asked != year_traced_) return;
        tracing_year_ = false;
        release_daylight();
        kept_.tell();
    });
    connect(&document_, &Document::option_changed, this, [this] { request_year(document_.option_index()); });
    connect(&document_, &Document::weather_changed, this, [this] {
        request_year(document_.option_index());
        year_traced_.reset();
        trace_year();
    });
    connect(&document_, &Document::project_replaced, this, [this] {
        year_traced_.reset();
        // What is kept beside the project is looked through before anything is traced.
        looks_for_kept_ = !document_.path().empty() && std::filesystem::exists(store::answers_beside(document_.path()));
    });
    connect(&jobs_, &JobQueue::changed, this, &Asker::stop_looking_for_kept);
    connect(&document_, &Document::selection_changed, this, [this] {
        const auto& item = document_.selection();
        if (item.kind != Selection::Kind::room || item.id == wish_.room) return;
        YearWish wish = wish_;
        wish.room = item.id;
        wish.plane.clear();
        wish.point = -1;
        wish_year(wish);
    });
    connect(&document_, &Document::moment_changed, this, [this] {
        YearWish wish = wish_;
        wish.hour = document_.moment().hour_of_year();
        if (wish.hour_on_map) return wish_year(wish);
        wish_ = wish;
    });
    connect(&document_, &Document::project_replaced, this, &Asker::open_kept_answers, Qt::QueuedConnection);
    connect(&jobs_, &JobQueue::dropped, this, [this](const QString& key) {
        const auto kept = answers();
        if (kept == nullptr || !key.startsWith(year_job({}))) return;
        const auto question = question_of(document_.project(), Question::Kind::year);
        if (const auto fault = kept->release(key.mid(year_job({}).size()).toStdString(), store::name_of(question)))
            emit said(language::line(*fault));
    });
}

void Asker::wish_year(YearWish wish) {
    if (wish == wish_) return;
    wish_ = std::move(wish);
    request_year(document_.option_index());
    for (size_t i = 0; i < document_.project().options.size(); ++i)
        if (document_.project().options[i].id == beside_ && i != document_.option_index()) request_year(i);
}

void Asker::request_year(size_t index) {
    if (index >= document_.project().options.size()) return;
    const auto year = kept_.year(document_.project().options[index].id);
    if (year == nullptr || year->inputs() == nullptr || document_.reads_weather()) return;
    const auto stage = kept_.year_stage(document_.project().options[index].id);
    live_year_.request({at_stage(document_.snapshot(), index, stage), index, document_.weather(), year, wish_});
}

void Asker::watch_year(bool on) {
    if (on == watching_year_) return;
    watching_year_ = on;
    if (on) return trace_year();
    year_tracer_.stop();
    year_traced_.reset();
    tracing_year_ = false;
    release_daylight();
}

// The daylight factor waits until the year's first look was seen, or none comes.
void Asker::release_daylight() {
    if (std::exchange(daylight_waits_, false)) live_.request(document_.snapshot(), document_.option_index());
}

// What is run as a job is not traced live as well.
void Asker::give_up_tracing() {
    year_tracer_.stop();
    year_traced_ = document_.snapshot();
    year_traced_option_ = document_.option().id;
    tracing_year_ = false;
    release_daylight();
}

// Where figures of the year are looked at and what they are traced from is another than was traced last.
void Asker::trace_year() {
    if (!watching_year_ || looks_for_kept_ || is_held() || document_.weather() == nullptr ||
        document_.reads_weather() || document_.option().planes.empty())
        return;
    const auto& id = document_.option().id;
    const bool same = year_traced_ != nullptr && year_traced_option_ == id &&
                      same_building(*year_traced_, document_.project(), id) &&
                      model::question_of(*year_traced_, Question::Kind::year).accuracy ==
                          model::question_of(document_.project(), Question::Kind::year).accuracy;
    if (same) return;
    year_traced_ = document_.snapshot();
    year_traced_option_ = id;
    tracing_year_ = true;
    year_tracer_.request(
        {document_.snapshot(), document_.option_index(), document_.weather(), kept_.year(id), answers()});
}

void Asker::keep_live_year(const std::shared_ptr<const question::YearAnswer>& answer,
                           const std::shared_ptr<const model::Project>& asked, const model::Id& option,
                           const YearStage& stage, bool working) {
    if (model::find(document_.project().options, option) == nullptr) return;
    const bool newest = asked == year_traced_ && option == year_traced_option_, tracing_was = tracing_year_;
    if (newest) tracing_year_ = working;
    if (!tracing_was) return;  // a job runs instead
    // What was there before comes back as well: an edit that was undone before its first look has made it doubtful.
    kept_.keep_year(option, answer, answer->record.inputs, stage);
    for (size_t i = 0; i < document_.project().options.size(); ++i)
        if (document_.project().options[i].id == option) request_year(i);
}

// None where the project has no file yet, or none can be made beside it: that is said once.
std::shared_ptr<store::Answers> Asker::answers() {
    if (document_.path().empty()) return nullptr;
    const auto file = store::answers_beside(document_.path());
    if (file == answers_of_) return answers_;
    answers_of_ = file;
    answers_.reset();
    auto opened = store::Answers::open(file);
    if (opened)
        answers_ = *opened;
    else
        emit said(language::line(opened.fault()));
    return answers_;
}

void Asker::stop_looking_for_kept() {
    if (!looks_for_kept_ || document_.reads_weather() || jobs_.is_running()) return;
    looks_for_kept_ = false;
    trace_year();
}

// Years that were answered when the project was open last come back without a ray, and what was cut off goes on.
void Asker::open_kept_answers() {
    if (document_.path().empty() || !std::filesystem::exists(store::answers_beside(document_.path()))) return;
    if (waits_for_weather([this] { open_kept_answers(); })) return;
    if (const auto kept = answers()) take_kept_answers(*kept);
    stop_looking_for_kept();
}

void Asker::take_kept_answers(store::Answers& kept) {
    open_kept_tables(kept);
    const auto list = kept.list();
    if (!list) return emit said(language::line(list.fault()));
    for (size_t i = 0; i < document_.project().options.size(); ++i) {
        const auto& id = document_.project().options[i].id;
        if (std::any_of(list->begin(), list->end(), [&](const auto& e) { return e.option == id && e.kind == "year"; }))
            run_year(i, true);
    }
    const auto begun = kept.left_behind();
    if (!begun) return emit said(language::line(begun.fault()));
    for (const auto& job : *begun) {
        const auto& options = document_.project().options;
        const auto at = std::find_if(options.begin(), options.end(), [&](const auto& o) { return o.id == job.option; });
        if (at == options.end()) {
            kept.release(job.option, job.question);
            continue;
        }
        run_year(static_cast<size_t>(at - options.begin()), false);
        emit said(QObject::tr("The year of %1 was being traced when the program ended: it goes on from there")
                      .arg(QString::fromStdString(at->name)));
    }
}

void Asker::ask_year() {
    if (waits_for_weather([this] { ask_year(); })) return;
    if (document_.weather() == nullptr)
        return emit said(QObject::tr("The year needs weather: choose a file, or a made-up year, on the Site desk"));
    if (document_.option().planes.empty())
        return emit said(QObject::tr("Draw a room first: the year is asked on its reference plane"));
    run_year(document_.option_index(), false);
}

void Asker::ask_all() {
    if (waits_for_weather([this] { ask_all(); })) return;
    if (document_.weather() == nullptr)
        emit said(QObject::tr("Only the daylight factor can be asked: the year needs weather"));
    for (size_t i = 0; i < document_.project().options.size(); ++i)
        if (const auto& option = document_.project().options[i];
            !option.archived && !option.planes.empty() && document_.weather() != nullptr)
            run_year(i, false);
}

void Asker::run_year(size_t index, bool only_if_kept) {
    const auto project = document_.snapshot();
    const auto weather = document_.weather();
    if (weather == nullptr || index >= project->options.size()) return;
    if (!only_if_kept && index == document_.option_index()) give_up_tracing();
    const auto& option = project->options[index];
    const auto daylight = kept_.daylight(option.id);
    const bool needs_daylight = !only_if_kept && (!daylight || !daylight->record.settled);
    const auto before = kept_.year(option.id);
    const auto kept = answers();
    const JobQueue::Work work = [this, project, weather, index, needs_daylight, only_if_kept, before, kept](
                                    const Cancel& cancel, const Progress& progress) -> JobQueue::Finish {
        const auto& option = project->options[index];
        const auto question = question_of(*project, Question::Kind::year);
        const auto scene = question::year_scene(*project, option, question, *weather);
        if (!scene) return [this, line = language::line(scene.fault())] { emit said(line); };
        const auto effort = question::effort_of(question);
        if (only_if_kept) {
            const auto list = kept->list();
            const std::string inputs = question::year_inputs(*scene, *weather, effort).text();
            if (!list || std::none_of(list->begin(), list->end(), [&](const auto& e) { return e.inputs == inputs; }))
                return {};
        }
        std::shared_ptr<const question::DaylightFactorAnswer> daylight;
        if (needs_daylight) daylight = solve_daylight(*project, option, cancel);
        store::JobCache cache(kept);
        // What was cancelled meanwhile was released: it must not be begun after that.
        if (!only_if_kept && !cancel.requested()) cache.begin(option.id, store::name_of(question));
        const question::YearKnown known = before != nullptr ? question::YearKnown(*before) : question::YearKnown();
        auto year = std::make_shared<const question::YearAnswer>(question::ask_year(
            *scene, *weather, effort, known, cancel, progress, kept != nullptr ? cache.cache() : memory_.cache()));
        if (cancel.requested()) return {};
        if (!only_if_kept) cache.finish(store::entry_of("year", option, question, year->record));
        return [this, id = option.id, index, project, year, daylight, fault = cache.fault()] {
            // A first look that is still on its way must not take its place.
            if (index == document_.option_index() && document_.option().id == id &&
                same_building(*project, document_.project(), id))
                give_up_tracing();
            kept_.keep_year(id, year, year->record.inputs);
            if (daylight) kept_.offer_daylight(id, {daylight, project});
            if (fault) emit said(language::line(*fault));
            // The project may have moved on meanwhile: the reading will tell.
            request_year(index);
        };
    };
    const QString title = QObject::tr("The year: %1").arg(QString::fromStdString(option.name));
    if (only_if_kept) {
        jobs_.add(year_job(option.id), title, work);
        return;
    }
    add_on_many(jobs_, year_job(option.id), title,
                run_elsewhere(project, index, question_of(*project, Question::Kind::year)), work,
                [this](const QString& line) { emit said(line); });
}

}  // namespace wp::gui
