// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/asker.h"

#include <algorithm>
#include <cmath>

#include "analysis/analysis.h"
#include "describe/depends.h"
#include "describe/field.h"
#include "exchange/kept_table.h"
#include "question/ask.h"
#include "report/language/words.h"
#include "store/asked.h"

namespace wp::gui {
using model::Question;

using model::question_of;

Asker::Asker(Document& document, KeptAnswers& kept, QObject* parent)
    : QObject(parent),
      document_(document),
      kept_(kept),
      live_(planes_asked(), this),
      readings_live_(readings_asked(), this),
      beside_live_(planes_asked(), this),
      live_moment_(planes_asked(), this),
      readings_moment_(readings_asked(), this),
      beside_moment_(planes_asked(), this),
      live_electric_(this),
      eye_(document, kept, this),
      live_year_(this),
      year_tracer_(this),
      pictures_(document, jobs_, [this] { return answers(); }),
      seats_year_(document, jobs_),
      jobs_(this) {
    connect(&pictures_, &TakenPictures::said, this, &Asker::said);
    connect(&seats_year_, &SeatsYear::said, this, &Asker::said);
    connect(&document, &Document::project_changed, this, &Asker::project_changed);
    for (const auto signal : {&Document::moment_changed, &Document::sky_changed, &Document::weather_changed})
        connect(&document, signal, this, &Asker::request_moment);
    connect(&document, &Document::project_replaced, &kept, &KeptAnswers::clear);
    using Factor = std::shared_ptr<const question::DaylightFactorAnswer>;
    using Light = std::shared_ptr<const question::MomentAnswer>;
    const auto is_shown = [this](const QString& option) { return option.toStdString() == document_.option().id; };
    connect(&live_moment_, &LiveMoment::found, this,
            [this, is_shown](const Light& answer, const AskedOf& asked, const QString& option, bool working) {
                if (is_shown(option)) moment_state_ = {true, working};
                kept_.keep_moment(option.toStdString(), {answer, asked});
            });
    connect(&live_electric_, &LiveElectric::found, this,
            [this](const std::shared_ptr<const question::ElectricField>& field, const AskedOf& asked,
                   const QString& option) {
                kept_.keep_electric(option.toStdString(), {field, asked});
            });
    connect(&live_, &LiveDaylight::stepped, this,
            [this, is_shown](const Factor& answer, const AskedOf& asked, const QString& option, bool working) {
                if (is_shown(option)) daylight_state_ = {true, working};
                kept_.keep_daylight(option.toStdString(), {answer, asked});
            });
    connect(&beside_live_, &LiveDaylight::stepped, this,
            [this](const Factor& answer, const AskedOf& asked, const QString& option) {
                kept_.keep_daylight(option.toStdString(), {answer, asked});
            });
    connect(&beside_moment_, &LiveMoment::found, this,
            [this](const Light& answer, const AskedOf& asked, const QString& option) {
                kept_.keep_moment(option.toStdString(), {answer, asked});
            });
    connect(&readings_live_, &LiveDaylight::stepped, this,
            [this](const Factor& answer, const AskedOf&, const QString& option) {
                kept_.keep_reading_daylight(option.toStdString(), answer);
            });
    connect(&readings_moment_, &LiveMoment::found, this,
            [this](const Light& answer, const AskedOf&, const QString& option) {
                kept_.keep_reading_moment(option.toStdString(), answer);
            });
    build_years();
    project_changed();
}

namespace {

// Whether all that was done between two projects is nothing to daylight factor and moments: names, colours, hours,
// targets, blinds, electric light.
bool is_same_light(const model::Project& a, const model::Project& b, const model::Id& option) {
    namespace bears = describe::bears;
    constexpr unsigned all = bears::light | bears::planes | bears::readings | bears::observers;
    if (!are_alike(a, b, option, all)) return false;
    const auto asked = [](const model::Project& p) {
        std::vector<Fingerprint> list;
        for (const Question& q : p.questions)
            if (q.kind != Question::Kind::year) list.push_back(describe::asks(q, all));
        return list;
    };
    return asked(a) == asked(b);
}

}  // namespace

void Asker::project_changed() {
    const auto seen = std::exchange(seen_, document_.snapshot());
    request_electric();
    if (seen != nullptr && seen != seen_ && seen_option_ == document_.option().id &&
        is_same_light(*seen, *seen_, seen_option_)) {
        kept_.still_hold(seen_option_, seen_);
        request_year(document_.option_index());
        return trace_year();
    }
    seen_option_ = document_.option().id;
    daylight_state_ = {false, true};
    request_readings();
    request_beside();
    if (document_.option().planes.empty()) {
        daylight_state_.working = false;
        return kept_.drop_daylight(document_.option().id);
    }
    trace_year();
    if (tracing_year_) {
        kept_.expect_year(document_.option().id);
        live_year_.give_up(document_.option().id);
    } else {
        request_year(document_.option_index());
    }
    // What is looked at comes first.
    daylight_waits_ = tracing_year_;
    if (!daylight_waits_) live_.request(document_.snapshot(), document_.option_index());
    moment_state_.fresh = false;
    request_moment();
}

bool Asker::waits_for_weather(std::function<void()> again) {
    if (!document_.reads_weather()) return false;
    connect(&document_, &Document::weather_changed, this, std::move(again),
            static_cast<Qt::ConnectionType>(Qt::QueuedConnection | Qt::SingleShotConnection));
    return true;
}

void Asker::watch_moment(bool on) {
    watching_ = on;
    if (on) request_moment();
}

void Asker::watch_electric(const QObject* who, bool on) {
    if (on == watching_electric_.contains(who)) return;
    if (on)
        watching_electric_.insert(who);
    else
        watching_electric_.erase(who);
    request_electric();
}

void Asker::request_electric() {
    if (watching_electric_.empty() || document_.option().planes.empty()) return;
    const auto known = kept_.electric(document_.option().id);
    if (known && known->record.settled && is_electric_fresh(document_.option().id)) return;
    if (document_.option().luminaires.empty()) return kept_.keep_electric(document_.option().id, {});
    live_electric_.request(document_.snapshot(), document_.option_index());
}

bool Asker::is_electric_fresh(const model::Id& option) const {
    namespace bears = describe::bears;
    const auto known = kept_.electric(option);
    if (!known || known.asked == nullptr) return false;
    return are_alike(*known.asked, document_.project(), option, bears::light | bears::planes | bears::electric);
}

void Asker::watch_readings(bool on) {
    if (on == watching_readings_) return;
    watching_readings_ = on;
    if (on) request_moment();
}

void Asker::hold(bool on) {
    for (auto* live : {&live_, &readings_live_, &beside_live_}) live->hold(on);
    for (auto* live : {&live_moment_, &readings_moment_, &beside_moment_}) live->hold(on);
    live_electric_.hold(on);
    eye_.hold(on);
    year_tracer_.hold(on);
    if (on) year_traced_.reset();
    tracing_year_ = tracing_year_ && !on;
    kept_.tell();
    if (on) return;
    trace_year();
    request_readings();
    request_beside();
    live_.request(document_.snapshot(), document_.option_index());
    request_moment();
    request_electric();
}

void Asker::request_moment() {
    if (!watching_ && !watching_readings_) return;
    // Asked again when it is read.
    if (document_.reads_weather() && document_.weather() == nullptr && document_.sky().needs_weather()) return;
    const auto outdoors = document_.outdoors();
    if (!outdoors) return emit said(language::line(outdoors.fault()));
    if (watching_ && !document_.option().planes.empty())
        live_moment_.request(document_.snapshot(), document_.option_index(), *outdoors);
    if (!document_.option().readings.empty())
        readings_moment_.request(document_.snapshot(), document_.option_index(), *outdoors);
    request_beside();
}

void Asker::request_readings() {
    const auto& option = document_.option();
    if (!option.readings.empty()) return readings_live_.request(document_.snapshot(), document_.option_index());
    kept_.drop_readings(option.id);
}

void Asker::keep_beside(const model::Id& option) {
    beside_ = option;
    request_beside();
}

// What stands beside is only asked where it is not the option on the sheet and not current already.
void Asker::request_beside() {
    if (beside_.empty() || beside_ == document_.option().id) return;
    const auto& options = document_.project().options;
    const auto at = std::find_if(options.begin(), options.end(), [&](const auto& o) { return o.id == beside_; });
    if (at == options.end() || at->planes.empty()) return;
    const auto index = static_cast<size_t>(at - options.begin());
    const auto known = kept_.daylight(beside_);
    if (!known || !known->record.settled || !is_current(Question::Kind::daylight_factor, beside_))
        beside_live_.request(document_.snapshot(), index);
    if (!watching_) return;
    if (const auto outdoors = document_.outdoors()) beside_moment_.request(document_.snapshot(), index, *outdoors);
}

void Asker::look_at(const std::vector<climate::Moment>& moments) {
    std::vector<question::Outdoors> all;
    // The field is of one state of trees and ground: months of another one would need a field of their own.
    const auto& site = document_.project().site;
    const bool trees = std::any_of(document_.option().things.begin(), document_.option().things.end(),
                                   [](const auto& t) { return t.kind == model::Thing::Kind::tree; });
    const auto ground = question::ground_of_months(site);
    const auto state = [&](int month) {
        return std::pair{trees && model::season_of(site.leaf_from, site.leaf_to, month) == model::Season::bare,
                         ground[static_cast<size_t>(month - 1)]};
    };
    for (const auto& moment : moments)
        if (state(moment.month) != state(document_.moment().month))
            emit said(
                QObject::tr("Months with other leaves or another ground need a question of their own: New question"));
        else if (const auto outdoors =
                     question::outdoors_at(document_.project().site, document_.sky(), moment, document_.outdoor()))
            all.push_back(*outdoors);
    live_moment_.look_at(all);
}

bool Asker::is_same(const AskedOf& asked, const Question& then, const Question& now, const model::Id& option) const {
    return prints_.is_same(asked, then, document_.snapshot(), now, option);
}

bool Asker::is_current(Question::Kind kind, const model::Id& option) const {
    const bool moment = kind == Question::Kind::moment;
    if (option == document_.option().id) return (moment ? moment_state_ : daylight_state_).fresh;
    const AskedOf asked = moment ? kept_.moment(option).asked : kept_.daylight(option).asked;
    return asked != nullptr &&
           is_same(asked, question_of(*asked, kind), question_of(document_.project(), kind), option);
}

namespace {

QString view_name(const model::Project& project, size_t option, const Question& question) {
    const auto& observer = *model::find(project.options[option].observers, question.observer);
    return QString::fromStdString(
        observer.others.empty() ? observer.name : model::view_name(observer, static_cast<size_t>(question.heading)));
}

// Null where it was not kept.
std::shared_ptr<const question::TableAnswer> kept_table(store::Answers& kept, const Fingerprint& print) {
    const auto bytes = kept.piece(print);
    if (!bytes) return nullptr;
    auto answer = exchange::read_kept(*bytes);
    return answer ? std::make_shared<const question::TableAnswer>(std::move(*answer)) : nullptr;
}

}  // namespace

void Asker::ask_question(const model::Id& id) {
    const auto project = document_.snapshot();
    const auto* question = model::find(project->questions, id);
    if (question == nullptr) return;
    if (waits_for_weather([this, id] { ask_question(id); })) return;
    if (question->kind == Question::Kind::year) return ask_year();
    if (question->kind == Question::Kind::glare) return ask_glare(*question);
    const auto weather = document_.weather();
    const size_t index = document_.option_index();
    const auto beside = answers();
    add_on_many(
        jobs_,
        QObject::tr("table %1 %2").arg(QString::fromStdString(project->options[index].id), QString::fromStdString(id)),
        QStringLiteral("%1: %2").arg(QString::fromStdString(question->name),
                                     QString::fromStdString(project->options[index].name)),
        run_elsewhere(project, index, *question),
        [this, project, weather, index, beside, wanted = *question](const Cancel& cancel,
                                                                    const Progress& progress) -> JobQueue::Finish {
            const auto& option = project->options[index];
            store::JobCache cache(beside);
            const Fingerprint print = analysis::asked_print(*project, option, wanted, weather.get());
            if (auto made = beside != nullptr ? kept_table(*beside, print) : nullptr)
                return [this, made, project, id = option.id, question = wanted.id] {
                    kept_.keep_table({id, question}, {made, project, false});
                };
            auto answer = analysis::ask(*project, option, wanted, weather.get(), question::effort_of(wanted), cancel,
                                        progress, cache.cache());
            if (!answer) return [this, line = language::line(answer.fault())] { emit said(line); };
            auto kept = std::make_shared<const question::TableAnswer>(std::move(*answer));
            Outcome fault;
            if (beside != nullptr && !cancel.requested()) {
                fault = beside->keep_piece(print, exchange::write_kept(*kept));
                if (!fault) fault = beside->keep(store::entry_of(kept->kind, option, wanted, kept->record), {print});
            }
            return [this, kept, project, fault, id = option.id, question = wanted.id] {
                if (fault) emit said(language::line(*fault));
                kept_.keep_table({id, question}, {kept, project, false});
                emit said(QObject::tr("Answered in %L1 s, %L2 million rays")
                              .arg(kept->record.seconds, 0, 'f', 1)
                              .arg(static_cast<double>(kept->record.rays) / 1e6, 0, 'f', 1));
            };
        },
        [this](const QString& line) { emit said(line); });
}

ManyRun Asker::run_elsewhere(std::shared_ptr<const model::Project> project, size_t option, const Question& question) {
    Question asked = question;
    if (asked.id.empty()) asked.id = asked.name = store::name_of(question);
    return {project,
            document_.path(),
            answers(),
            asked,
            {QStringLiteral("solve"), QStringLiteral("--option"), QString::fromStdString(project->options[option].id),
             QStringLiteral("--question"), QString::fromStdString(asked.id)}};
}

// Answers to the project's questions as they stand come back from beside the project.
void Asker::open_kept_tables(store::Answers& kept) {
    const auto project = document_.snapshot();
    for (const auto& option : project->options)
        for (const auto& question : project->questions) {
            if (!analysis::gives_table(question.kind) || kept_.table(option.id, question.id) != nullptr) continue;
            if (auto answer =
                    kept_table(kept, analysis::asked_print(*project, option, question, document_.weather().get())))
                kept_.keep_table({option.id, question.id}, {answer, project, false});
        }
}

// Where somebody looks it lives already.
void Asker::ask_glare(const Question& asked) {
    if (question::is_batch(asked)) return pictures_.take(asked, {document_.option_index()});
    eye_.look_through(asked.observer, asked.heading);
    if (const QString why = eye_.hindrance(); !why.isEmpty()) return emit said(why);
    if (eye_.is_watched() && !is_held()) return;
    const auto project = document_.snapshot();
    const auto weather = document_.weather();
    const Question question = eye_.question();
    const size_t index = document_.option_index();
    jobs_.add(
        QStringLiteral("glare"), QObject::tr("Looking through %1").arg(view_name(*project, index, question)),
        [this, project, weather, question, index](const Cancel& cancel, const Progress& progress) -> JobQueue::Finish {
            const auto& option = project->options[index];
            auto surfaces = geometry::build_surfaces(*project, option, question.without);
            const auto task = question::glare_task(*project, option, question, surfaces, weather.get());
            if (!task) return {};
            auto answer = std::make_shared<const question::GlareAnswer>(
                question::solve_glare(*task, question::effort_of(question), cancel,
                                      [&](const auto& so_far) { progress(question::progress_of(so_far)); }));
            return [this, id = option.id, answer] { kept_.keep_glare(id, answer); };
        });
}

}  // namespace wp::gui
