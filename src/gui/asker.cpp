// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/asker.h"

#include <algorithm>

#include "question/ask.h"
#include "report/pictures.h"

namespace wp::gui {
using model::Question;

namespace {

Question question_of(const model::Project& project, Question::Kind kind) {
    for (const auto& q : project.questions)
        if (q.kind == kind) {
            Question question = q;
            question.planes.clear();
            return question;
        }
    Question question;
    question.kind = kind;
    question.accuracy = kind == Question::Kind::daylight_factor ? 0.05 : kind == Question::Kind::year ? 0.1 : 0.01;
    return question;
}

}  // namespace

Asker::Asker(Document& document, QObject* parent) : QObject(parent), document_(document), live_(this), job_(this) {
    connect(&document, &Document::project_changed, this, &Asker::project_changed);
    connect(&live_, &LiveDaylight::stepped, this,
            [this](std::shared_ptr<const question::DaylightFactorAnswer> answer, const QString& option, bool working) {
                document_.daylight[option.toStdString()] = std::move(answer);
                if (option.toStdString() == document_.option().id) {
                    working_ = working;
                    fresh_ = true;
                }
                document_.tell_answers();
                emit daylight_stepped();
            });
    connect(&job_, &Job::changed, this, [this] {
        if (!job_.is_running()) start_next();
    });
    project_changed();
}

void Asker::project_changed() {
    fresh_ = false;
    working_ = true;
    if (document_.option().planes.empty()) {
        working_ = false;
        document_.daylight.erase(document_.option().id);
        document_.tell_answers();
        return;
    }
    // The fingerprint of a year takes a look at all surfaces: only worth it where there is a year that may be stale.
    if (document_.years.contains(document_.option().id)) note_wanted_year(document_.option_index());
    live_.request(document_.snapshot(), document_.option_index());
}

void Asker::note_wanted_year(size_t index) {
    if (document_.weather() == nullptr) return;
    const auto& project = document_.project();
    const auto& option = project.options[index];
    const auto question = question_of(project, Question::Kind::year);
    document_.wanted_year[option.id] = question::year_inputs(geometry::build_surfaces(project, option, question.without), *question::planes_of(option, question, project.site.north),
                                                             *document_.weather(), radians(project.site.north), question::effort_of(question));
}

void Asker::ask_year() {
    if (document_.weather() == nullptr) return emit said(QStringLiteral("The year needs a weather file: choose one on the Site desk"));
    if (document_.option().planes.empty()) return emit said(QStringLiteral("Draw a room first: the year is asked on its reference plane"));
    years_waiting_.push_back(document_.option_index());
    if (!job_.is_running()) start_next();
}

void Asker::ask_all() {
    if (document_.weather() == nullptr) emit said(QStringLiteral("Only the daylight factor can be asked: the year needs a weather file"));
    for (size_t i = 0; i < document_.project().options.size(); ++i) {
        const auto& option = document_.project().options[i];
        if (option.planes.empty() || document_.weather() == nullptr) continue;
        note_wanted_year(i);
        const auto year = document_.years.find(option.id);
        if (year == document_.years.end() || year->second->record.inputs != document_.wanted_year[option.id]) years_waiting_.push_back(i);
    }
    if (!job_.is_running()) start_next();
}

void Asker::start_next() {
    if (years_waiting_.empty()) return;
    const size_t option = years_waiting_.front();
    years_waiting_.pop_front();
    if (option < document_.project().options.size()) run_year(option);
}

namespace {

std::shared_ptr<question::DaylightFactorAnswer> solve_daylight(const model::Project& project, const model::Option& option, const Cancel& cancel) {
    const auto question = question_of(project, Question::Kind::daylight_factor);
    question::DaylightFactorSetup setup;
    setup.season = question.season;
    return std::make_shared<question::DaylightFactorAnswer>(question::daylight_factor(
        geometry::build_surfaces(project, option, question.without), *question::planes_of(option, question, project.site.north), question::effort_of(question), cancel, {}, setup));
}

}  // namespace

void Asker::run_year(size_t index) {
    const auto project = document_.snapshot();
    const auto weather = document_.weather();
    if (weather == nullptr) return;
    const QString name = QString::fromStdString(project->options[index].name);
    const bool needs_daylight = !document_.daylight.contains(project->options[index].id);
    job_.start(QStringLiteral("The year: %1").arg(name), [this, project, weather, index, needs_daylight](const Cancel& cancel, const Progress& progress) -> Job::Finish {
        const auto& option = project->options[index];
        const auto question = question_of(*project, Question::Kind::year);
        const auto surfaces = geometry::build_surfaces(*project, option, question.without);
        const auto planes = *question::planes_of(option, question, project->site.north);
        std::shared_ptr<const question::DaylightFactorAnswer> daylight;
        if (needs_daylight)
            daylight = solve_daylight(*project, option, cancel);
        auto year = std::make_shared<const question::YearAnswer>(
            question::solve_year(surfaces, planes, *weather, radians(project->site.north), question::effort_of(question), cancel, progress));
        return [this, id = option.id, year, daylight] {
            document_.years[id] = year;
            document_.wanted_year[id] = year->record.inputs;
            if (daylight) document_.daylight.try_emplace(id, daylight);
            // The project may have moved on meanwhile.
            for (size_t i = 0; i < document_.project().options.size(); ++i)
                if (document_.project().options[i].id == id) note_wanted_year(i);
            document_.tell_answers();
        };
    });
}

void Asker::cancel() {
    years_waiting_.clear();
    job_.cancel();
}

void Asker::ask_glare(const model::Id& wanted, int heading) {
    if (document_.weather() == nullptr) return emit said(QStringLiteral("A picture needs a weather file: choose one on the Site desk"));
    if (job_.is_running()) return emit said(QStringLiteral("Something is running: wait for it or cancel it"));
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
    job_.start(QStringLiteral("Looking through %1").arg(QString::fromStdString(observer->others.empty() ? observer->name : model::view_name(*observer, static_cast<size_t>(question.heading)))),
               [this, project, weather, question, index](const Cancel& cancel, const Progress& progress) -> Job::Finish {
                   const auto& option = project->options[index];
                   const auto surfaces = geometry::build_surfaces(*project, option, question.without);
                   const auto task = question::glare_task(*project, option, question, surfaces, *weather);
                   if (!task) return {};
                   auto answer = std::make_shared<const question::GlareAnswer>(question::solve_glare(*task, question::effort_of(question), cancel, progress));
                   return [this, id = option.id, answer] {
                       document_.glares[id] = answer;
                       document_.tell_answers();
                   };
               });
}

SheetMap Asker::map(Shown shown) const {
    SheetMap map;
    const auto& id = document_.option().id;
    if (shown == Shown::daylight_factor) {
        map.name = QStringLiteral("Daylight factor");
        map.unit = QStringLiteral("%");
        const auto it = document_.daylight.find(id);
        if (it == document_.daylight.end()) return map;
        map.layers = report::daylight_maps(*it->second);
        double top = 0;
        for (const auto& plane : it->second->planes) {
            map.half_width.push_back(plane.half_width);
            // The legend must not jump with every coarse map: its top follows the 95th percentile.
            std::vector<double> sorted = plane.value;
            std::sort(sorted.begin(), sorted.end());
            if (!sorted.empty()) top = std::max(top, sorted[sorted.size() * 95 / 100]);
        }
        map.scale = {0, report::nice_top(top), false};
        for (auto& layer : map.layers) layer.stale = !fresh_;
        return map;
    }
    const auto it = document_.years.find(id);
    map.name = shown == Shown::autonomy ? QStringLiteral("Hours with 300 lx, blinds operated")
               : shown == Shown::sun_hours ? QStringLiteral("Hours with 1000 lx of direct sun") : QStringLiteral("Mean illuminance in occupied hours");
    map.unit = shown == Shown::autonomy ? QStringLiteral("%") : shown == Shown::sun_hours ? QStringLiteral("h a year") : QStringLiteral("lx");
    if (it == document_.years.end()) return map;
    const auto question = question_of(document_.project(), Question::Kind::year);
    map.layers = report::year_maps(*it->second, shown == Shown::autonomy ? report::YearMap::autonomy : shown == Shown::sun_hours ? report::YearMap::sun_hours : report::YearMap::mean_lux,
                                   question.from, question.to);
    double top = 0;
    for (const auto& layer : map.layers)
        for (const double v : layer.value) top = std::max(top, v);
    map.scale = {0, shown == Shown::autonomy ? 100 : report::nice_top(top), false};
    const auto wanted = document_.wanted_year.find(id);
    const bool stale = wanted != document_.wanted_year.end() && wanted->second != it->second->record.inputs;
    for (auto& layer : map.layers) layer.stale = stale;
    return map;
}

Asker::LampReading Asker::lamp(Shown shown) const {
    const auto& id = document_.option().id;
    if (shown == Shown::daylight_factor) {
        const auto it = document_.daylight.find(id);
        if (it == document_.daylight.end()) return {Lamp::State::nothing, 0, 0.05};
        const auto& record = it->second->record;
        if (live_.is_held()) return {fresh_ ? Lamp::State::held : Lamp::State::stale, record.reached, record.wanted};
        if (!fresh_) return {Lamp::State::stale, record.reached, record.wanted};
        return {working_ || !record.settled ? Lamp::State::settling : Lamp::State::settled, record.reached, record.wanted};
    }
    const auto it = document_.years.find(id);
    if (it == document_.years.end()) return {Lamp::State::nothing, 0, 0.1};
    const auto& record = it->second->record;
    const auto wanted = document_.wanted_year.find(id);
    if (wanted != document_.wanted_year.end() && wanted->second != record.inputs) return {Lamp::State::stale, record.reached, record.wanted};
    return {record.settled ? Lamp::State::settled : Lamp::State::settling, record.reached, record.wanted};
}

}  // namespace wp::gui
