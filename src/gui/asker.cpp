// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/asker.h"

#include <algorithm>
#include <cmath>

#include "analysis/analysis.h"
#include "describe/depends.h"
#include "describe/field.h"
#include "exchange/kept_table.h"
#include "exchange/point_table.h"
#include "question/ask.h"
#include "store/asked.h"

namespace wp::gui {
using model::Question;

using model::question_of;

Asker::Asker(Document& document, QObject* parent)
    : QObject(parent),
      document_(document),
      live_(planes_asked(), this),
      readings_live_(readings_asked(), this),
      beside_live_(planes_asked(), this),
      live_moment_(planes_asked(), this),
      readings_moment_(readings_asked(), this),
      beside_moment_(planes_asked(), this),
      live_year_(this),
      jobs_(this) {
    connect(&document, &Document::project_changed, this, &Asker::project_changed);
    for (const auto signal : {&Document::moment_changed, &Document::sky_changed, &Document::weather_changed})
        connect(&document, signal, this, &Asker::request_moment);
    using Factor = std::shared_ptr<const question::DaylightFactorAnswer>;
    using Light = std::shared_ptr<const question::MomentAnswer>;
    using Asked = std::shared_ptr<const model::Project>;
    const auto is_shown = [this](const QString& option) { return option.toStdString() == document_.option().id; };
    connect(&live_moment_, &LiveMoment::found, this,
            [this, is_shown](const Light& answer, const Asked& asked, const QString& option, bool working) {
                if (is_shown(option)) {
                    moment_working_ = working;
                    moment_fresh_ = true;
                }
                take(answer, asked, option);
            });
    connect(&live_, &LiveDaylight::stepped, this,
            [this, is_shown](const Factor& answer, const Asked& asked, const QString& option, bool working) {
                if (is_shown(option)) {
                    working_ = working;
                    fresh_ = true;
                }
                take(answer, asked, option);
                emit daylight_stepped();
            });
    connect(&beside_live_, &LiveDaylight::stepped, this,
            [this](const Factor& answer, const Asked& asked, const QString& option) { take(answer, asked, option); });
    connect(&beside_moment_, &LiveMoment::found, this,
            [this](const Light& answer, const Asked& asked, const QString& option) { take(answer, asked, option); });
    connect(&readings_live_, &LiveDaylight::stepped, this,
            [this](const Factor& answer, const Asked&, const QString& option) {
                document_.reading_daylight[option.toStdString()] = answer;
                document_.tell_answers();
            });
    connect(&readings_moment_, &LiveMoment::found, this,
            [this](const Light& answer, const Asked&, const QString& option) {
                document_.reading_moments[option.toStdString()] = answer;
                document_.tell_answers();
            });
    build_years();
    project_changed();
}

void Asker::take(const std::shared_ptr<const question::DaylightFactorAnswer>& answer,
                 const std::shared_ptr<const model::Project>& asked, const QString& option) {
    document_.daylight[option.toStdString()] = answer;
    daylight_then_[option.toStdString()] = asked;
    document_.tell_answers();
}

void Asker::take(const std::shared_ptr<const question::MomentAnswer>& answer,
                 const std::shared_ptr<const model::Project>& asked, const QString& option) {
    document_.moments[option.toStdString()] = answer;
    moment_then_[option.toStdString()] = asked;
    document_.tell_answers();
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
    if (seen != nullptr && seen != seen_ && seen_option_ == document_.option().id &&
        is_same_light(*seen, *seen_, seen_option_)) {
        for (Then* then : {&daylight_then_, &moment_then_})
            if (const auto it = then->find(seen_option_); it != then->end()) it->second = seen_;
        return request_year(document_.option_index());
    }
    seen_option_ = document_.option().id;
    fresh_ = false;
    working_ = true;
    request_readings();
    request_beside();
    if (document_.option().planes.empty()) {
        working_ = false;
        document_.daylight.erase(document_.option().id);
        document_.tell_answers();
        return;
    }
    request_year(document_.option_index());
    live_.request(document_.snapshot(), document_.option_index());
    moment_fresh_ = false;
    request_moment();
}

void Asker::watch_moment(bool on) {
    watching_ = on;
    if (on) request_moment();
}

void Asker::watch_readings(bool on) {
    if (on == watching_readings_) return;
    watching_readings_ = on;
    if (on) request_moment();
}

void Asker::hold(bool on) {
    for (auto* live : {&live_, &readings_live_, &beside_live_}) live->hold(on);
    for (auto* live : {&live_moment_, &readings_moment_, &beside_moment_}) live->hold(on);
    document_.tell_answers();
    if (on) return;
    request_readings();
    request_beside();
    live_.request(document_.snapshot(), document_.option_index());
    request_moment();
}

void Asker::request_moment() {
    if (!watching_ && !watching_readings_) return;
    const auto outdoors = document_.outdoors();
    if (!outdoors) return emit said(QString::fromStdString(outdoors.fault().line()));
    if (watching_ && !document_.option().planes.empty())
        live_moment_.request(document_.snapshot(), document_.option_index(), *outdoors);
    if (!document_.option().readings.empty())
        readings_moment_.request(document_.snapshot(), document_.option_index(), *outdoors);
    request_beside();
}

void Asker::request_readings() {
    const auto& option = document_.option();
    if (!option.readings.empty()) return readings_live_.request(document_.snapshot(), document_.option_index());
    document_.reading_daylight.erase(option.id);
    document_.reading_moments.erase(option.id);
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
    const auto known = document_.daylight.find(beside_);
    if (known == document_.daylight.end() || !known->second->record.settled ||
        is_stale(daylight_then_, Question::Kind::daylight_factor, beside_))
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
            emit said(QStringLiteral(
                "Months with other leaves or another ground need a question of their own: New question"));
        else if (const auto outdoors =
                     question::outdoors_at(document_.project().site, document_.sky(), moment, document_.outdoor()))
            all.push_back(*outdoors);
    live_moment_.look_at(all);
}

void Asker::set_gone(std::set<model::Id> windows) {
    if (windows == gone_) return;
    gone_ = std::move(windows);
    document_.tell_answers();
}

void Asker::ask_question(const model::Id& id) {
    const auto project = document_.snapshot();
    const auto* question = model::find(project->questions, id);
    if (question == nullptr) return;
    if (question->kind == Question::Kind::year) return ask_year();
    if (question->kind == Question::Kind::glare) return ask_glare(question->observer, question->heading);
    const auto weather = document_.weather();
    const size_t index = document_.option_index();
    const auto beside = answers();
    jobs_.add(QStringLiteral("table %1 %2")
                  .arg(QString::fromStdString(project->options[index].id), QString::fromStdString(id)),
              QStringLiteral("%1: %2").arg(QString::fromStdString(question->name),
                                           QString::fromStdString(project->options[index].name)),
              [this, project, weather, index, beside, wanted = *question](
                  const Cancel& cancel, const Progress& progress) -> JobQueue::Finish {
                  const auto& option = project->options[index];
                  auto answer = analysis::ask(*project, option, wanted, weather.get(), question::effort_of(wanted),
                                              cancel, progress);
                  if (!answer) return [this, line = answer.fault().line()] { emit said(QString::fromStdString(line)); };
                  auto kept = std::make_shared<const question::TableAnswer>(std::move(*answer));
                  Outcome fault;
                  if (beside != nullptr && !cancel.requested()) {
                      const Fingerprint print = analysis::asked_print(*project, option, wanted, weather.get());
                      fault = beside->keep_piece(print, exchange::write_kept(*kept));
                      if (!fault)
                          fault = beside->keep(store::entry_of(kept->kind, option, wanted, kept->record), {print});
                  }
                  return [this, kept, project, fault, id = option.id, question = wanted.id] {
                      if (fault) emit said(QString::fromStdString(fault->line()));
                      document_.tables[{id, question}] = {kept, project, false};
                      document_.tell_answers();
                      emit said(QStringLiteral("Answered in %1 s, %2 million rays")
                                    .arg(kept->record.seconds, 0, 'f', 1)
                                    .arg(static_cast<double>(kept->record.rays) / 1e6, 0, 'f', 1));
                  };
              });
}

// Answers to the project's questions as they stand come back from beside the project.
void Asker::open_kept_tables(store::Answers& kept) {
    const auto project = document_.snapshot();
    for (const auto& option : project->options)
        for (const auto& question : project->questions) {
            if (!analysis::gives_table(question.kind) || document_.tables.contains({option.id, question.id})) continue;
            const auto bytes = kept.piece(analysis::asked_print(*project, option, question, document_.weather().get()));
            if (!bytes) continue;
            if (auto answer = exchange::read_kept(*bytes))
                document_.tables[{option.id, question.id}] = {
                    std::make_shared<const question::TableAnswer>(std::move(*answer)), project, false};
        }
    document_.tell_answers();
}

Result<model::Id> Asker::open_table(const std::filesystem::path& path) {
    const auto foreign = exchange::read_table(path);
    if (!foreign) return foreign.fault();
    const auto& option = document_.option();
    const auto planes = question::planes_of(option, {}, document_.project().site.north);
    if (!planes) return planes.fault();
    auto answer = std::make_shared<question::TableAnswer>();
    answer->kind = "foreign";
    answer->table.planes = *planes;
    size_t met = 0;
    for (size_t c = 0; c < foreign->columns.size(); ++c) {
        answer->table.columns.push_back(exchange::laid_on(*foreign, c, *planes));
        for (const auto& plane : answer->table.columns.back().value)
            met +=
                static_cast<size_t>(std::count_if(plane.begin(), plane.end(), [](double v) { return !std::isnan(v); }));
    }
    compare_with_ours(answer->table);
    if (met == 0)
        return Fault{foreign->name, "none of its points lies on a plane of this option",
                     "Check that it is of this building, in metres and in the drawing's axes"};
    answer->record.settled = true;
    const model::Id id = "file " + foreign->name;
    document_.tables[{option.id, id}] = {answer, document_.snapshot(), true};
    document_.tell_answers();
    return id;
}

// Figures that we have answers to, under the same name and on the same points, are set against them.
void Asker::compare_with_ours(question::PointTable& table) const {
    std::vector<question::PointTable> ours;
    if (const auto live = document_.daylight.find(document_.option().id); live != document_.daylight.end())
        ours.push_back(question::table_of(*live->second));
    for (const auto& [key, kept] : document_.tables)
        if (key.first == document_.option().id && !kept.foreign) ours.push_back(kept.answer->table);
    const size_t theirs = table.columns.size();
    for (size_t c = 0; c < theirs; ++c)
        for (const auto& other : ours) {
            const auto same =
                std::find_if(other.columns.begin(), other.columns.end(),
                             [&](const question::Column& column) { return column.id == table.columns[c].id; });
            if (same == other.columns.end()) continue;
            question::Column difference = table.columns[c];
            difference.id += "_minus_ours";
            difference.name += " minus ours";
            difference.unit = same->unit;
            table.columns[c].unit = same->unit;
            bool any = false;
            for (size_t p = 0; p < table.planes.size(); ++p) {
                const auto mine =
                    std::find_if(other.planes.begin(), other.planes.end(), [&](const geometry::PlanePoints& plane) {
                        return plane.fingerprint() == table.planes[p].fingerprint();
                    });
                const auto index = static_cast<size_t>(mine - other.planes.begin());
                for (size_t i = 0; i < difference.value[p].size(); ++i) {
                    difference.value[p][i] =
                        mine == other.planes.end() ? std::nan("") : difference.value[p][i] - same->value[index][i];
                    any = any || !std::isnan(difference.value[p][i]);
                }
            }
            if (any) table.columns.push_back(std::move(difference));
            break;
        }
}

void Asker::choose_table(const model::Id& question, size_t column) {
    table_question_ = question;
    table_column_ = column;
}

const Document::KeptTable* Asker::table(const model::Id& option) const {
    const auto found = document_.tables.find({option, table_question_});
    return found != document_.tables.end() ? &found->second : nullptr;
}

void Asker::ask_glare(const model::Id& wanted, int heading) {
    if (document_.weather() == nullptr)
        return emit said(QStringLiteral("A picture needs a weather file: choose one on the Site desk"));
    const auto& observers = document_.option().observers;
    const auto* observer = model::find(observers, wanted);
    if (observer == nullptr && !observers.empty()) observer = &observers.front();
    if (observer == nullptr) return emit said(QStringLiteral("Place an observer first: press E and click in a room"));
    if (climate::sun_position(document_.weather()->place, document_.moment()).altitude < radians(-4))
        return emit said(QStringLiteral("It is night at that moment: choose another on the year strip"));
    const auto project = document_.snapshot();
    const auto weather = document_.weather();
    Question question = question_of(*project, Question::Kind::glare);
    question.observer = observer->id;
    question.heading = std::clamp(heading, 0, static_cast<int>(observer->others.size()));
    question.moment = document_.moment();
    const size_t index = document_.option_index();
    jobs_.add(
        QStringLiteral("glare"),
        QStringLiteral("Looking through %1")
            .arg(QString::fromStdString(observer->others.empty()
                                            ? observer->name
                                            : model::view_name(*observer, static_cast<size_t>(question.heading)))),
        [this, project, weather, question, index](const Cancel& cancel, const Progress& progress) -> JobQueue::Finish {
            const auto& option = project->options[index];
            auto surfaces = geometry::build_surfaces(*project, option, question.without);
            const auto task = question::glare_task(*project, option, question, surfaces, *weather);
            if (!task) return {};
            auto answer = std::make_shared<const question::GlareAnswer>(
                question::solve_glare(*task, question::effort_of(question), cancel, progress));
            return [this, id = option.id, answer] {
                document_.glares[id] = answer;
                document_.tell_answers();
            };
        });
}

}  // namespace wp::gui
