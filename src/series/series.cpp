// SPDX-License-Identifier: GPL-3.0-or-later
#include "series/series.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <set>
#include <utility>

#include "analysis/analysis.h"
#include "base/record.h"
#include "describe/depends.h"
#include "describe/differing.h"
#include "describe/field.h"
#include "geometry/plane_points.h"
#include "light/replicates.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/shots.h"
#include "rule/criteria_file.h"
#include "rule/data.h"
#include "series/kept_step.h"
#include "store/answers.h"

namespace wp::series {

using namespace model;

namespace {

// What a change elsewhere may do to a room is passed over up to this share of the error that is wanted.
constexpr double kPassedOver = 0.25;

double now() { return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count(); }

/// A state of the building in which all was traced anew.
struct Traced {
    std::shared_ptr<const Project> project;
    geometry::Surfaces surfaces;
    std::shared_ptr<const question::DaylightFactorAnswer> answer;  ///< of daylight factors
};

// Pane area of openings, by which light through them may have grown or shrunk at most.
double growth_of(const geometry::Surfaces& was, const geometry::Surfaces& is, const std::vector<Id>& openings) {
    const auto area = [](const geometry::Surfaces& of, const Id& id) {
        double sum = 0;
        for (const auto& p : of.portals)
            if (p.opening == id) sum += length(cross(p.u, p.v));
        return sum;
    };
    double most = 0;
    for (const Id& id : openings) {
        const double before = area(was, id);
        most = std::max(most, before > 0 ? std::fabs(area(is, id) / before - 1) : 1.0);
    }
    return most;
}

/// Rooms that have a little of their light through what differs, by way of other rooms: what that may have changed by,
/// as a share, where it is no more than may be passed over. Twice what panes grew by, of the light that came through
/// them; and what the facade outside may have changed.
std::map<int, double> hardly_reached(const Traced& from, const geometry::Surfaces& now, const std::vector<Id>& openings,
                                     double tolerance) {
    std::map<int, double> out;
    if (from.answer == nullptr || from.answer->portals.size() != now.portals.size()) return out;
    const auto differs = [&](const Id& id) { return std::ranges::find(openings, id) != openings.end(); };
    const auto outside = question::what_still_holds(from.surfaces, now, openings, tolerance / 2);
    for (const auto& p : now.portals) {
        const bool outer = p.inside < 0 || p.outside < 0;
        const bool holds = std::ranges::find(outside.faces, p.opening) != outside.faces.end();
        if (outer && !holds && !differs(p.opening)) return out;
    }
    const double growth = growth_of(from.surfaces, now, openings);
    std::map<int, std::pair<double, double>> light;  // by space: through them, and all
    for (const auto& plane : from.answer->planes)
        for (size_t i = 0; i < plane.value.size() && i < plane.by_portal.rows(); ++i) {
            auto& [through, all] = light[plane.plane.space];
            all += plane.value[i];
            plane.by_portal.each(i, [&, &t = through](size_t k, double percent) {
                if (differs(from.answer->portals[k])) t += percent;
            });
        }
    for (const auto& [space, of] : light) {
        const double change = tolerance / 2 + (of.second > 0 ? 2 * growth * of.first / of.second : 0);
        if (of.second > 0 && change <= tolerance) out[space] = change;
    }
    return out;
}

bool is_on_all_planes(const Question& q) { return q.at == Question::At::planes && q.without.empty(); }

}  // namespace

std::vector<Question> questions_of(const Project& project, const Series& series) {
    std::vector<Question> out;
    for (const Id& id : series.questions)
        if (const Question* q = find(project.questions, id)) out.push_back(*q);
    if (out.empty()) out.push_back(question_of(project, Question::Kind::daylight_factor));
    return out;
}

std::vector<const figure::Line*> lines_of(const Project& project, const Series& series) {
    std::set<Question::Kind> kinds;
    for (const Question& q : questions_of(project, series)) kinds.insert(q.kind);
    std::vector<const figure::Line*> out;
    for (const figure::Line& line : figure::lines())
        if (kinds.contains(figure::analysis_of(*line.measure, line.wanted))) out.push_back(&line);
    return out;
}

std::optional<figure::Band> SeriesAnswer::band(size_t step, size_t room, size_t line) const {
    if (of[step] == nullptr) return {};
    return of[step]->bands[room * lines.size() + line];
}

size_t SeriesAnswer::asked() const {
    return static_cast<size_t>(std::ranges::count_if(of, [](const auto& s) { return s != nullptr; }));
}

std::optional<figure::Change> SeriesAnswer::change(size_t was, size_t is, size_t room, size_t line) const {
    const auto a = band(was, room, line), b = band(is, room, line);
    if (!a || !b) return {};
    const auto &dice_a = of[was]->replicates[room], &dice_b = of[is]->replicates[room];
    if (lines[line]->id != "daylight_factor.mean" || dice_a.size() != dice_b.size() || dice_a.size() < 2)
        return figure::change(*a, *b);
    std::vector<double> apart(dice_a.size());
    for (size_t r = 0; r < apart.size(); ++r) apart[r] = dice_b[r] - dice_a[r];
    const double half = light::estimate(apart, 1).half_width() + of[was]->taken_over[room] * a->value +
                        of[is]->taken_over[room] * b->value;
    return figure::Change{b->value - a->value, half, std::fabs(b->value - a->value) > half};
}

/// What stays from step to step.
struct Asker::Work {
    std::map<Id, Traced> daylight;  ///< by question: the first state that was asked
    std::optional<Traced> year_from;
    std::shared_ptr<const question::YearAnswer> year;
    store::MemoryCache memory;
    bool has_first = false;  ///< the step that light is taken over from was traced
};

Asker::~Asker() = default;

Asker::Asker(std::shared_ptr<const Project> project, Series series, std::shared_ptr<const climate::WeatherYear> weather,
             std::optional<double> accuracy, int threads)
    : project_(std::move(project)),
      weather_(std::move(weather)),
      threads_(threads),
      questions_(questions_of(*project_, series)),
      work_(std::make_unique<Work>()) {
    if (accuracy)
        for (Question& q : questions_) q.accuracy = *accuracy;
    answer_.lines = lines_of(*project_, series);
    answer_.steps = steps_of(series);
    answer_.of.resize(answer_.steps.size());
    answer_.present = present_values(*project_, series);
    order_ = asking_order(series, answer_.present);
    const Option& option = *find(project_->options, series.option);
    std::set<Id> seen;
    for (const auto& plane : option.planes)
        if (const auto place = find_room(option, plane.room); place && seen.insert(plane.room).second) {
            answer_.rooms.push_back(plane.room);
            answer_.room_names.push_back(place.room->name);
        }
    answer_.series = std::move(series);
}

namespace {

/// One step being asked: its building, and its answers as figures want them.
class AtStep {
 public:
    AtStep(std::shared_ptr<const Project> project, const Id& option, const climate::WeatherYear* weather, int threads)
        : project_(std::move(project)),
          option_(*find(project_->options, option)),
          weather_(weather),
          threads_(threads) {}

    const Project& project() const { return *project_; }
    const std::shared_ptr<const Project>& shared() const { return project_; }
    const Option& option() const { return option_; }

    question::Effort effort(const Question& q) const {
        auto out = question::effort_of(q);
        out.threads = threads_;
        return out;
    }
    const geometry::Surfaces& surfaces() {
        if (!surfaces_) surfaces_ = geometry::build_surfaces(*project_, option_);
        return *surfaces_;
    }
    // Spaces that hold from another state: exactly, or as far as may be passed over.
    std::map<int, double> holding(const Traced& from, const geometry::Surfaces& now, double accuracy) const {
        auto out = question::spaces_alike(from.surfaces, now);
        const auto openings = describe::differing_openings(*from.project, *project_, option_.id);
        if (!openings || openings->empty()) return out;
        const auto found = question::what_still_holds(from.surfaces, now, *openings, kPassedOver * accuracy);
        out.insert(found.change.begin(), found.change.end());
        if (out.size() == now.spaces.size()) return out;
        const auto hardly = hardly_reached(from, now, *openings, kPassedOver * accuracy);
        out.insert(hardly.begin(), hardly.end());
        return out;
    }

    StepAnswer out;
    std::map<Id, question::TableAnswer> tables;
    std::vector<std::unique_ptr<question::GlareAnswer>> glares;
    std::shared_ptr<const question::YearAnswer> year;
    std::shared_ptr<const question::DaylightFactorAnswer> daylight;  ///< on the planes
    std::map<int, double> taken_over;                                ///< by space

    void note(const Record& record) {
        out.rays += record.rays;
        out.settled = out.settled && record.settled;
    }

    Outcome ask_daylight(const Question& q, std::map<Id, Traced>& known, const Cancel& cancel,
                         const Progress& progress) {
        const auto own = q.without.empty() ? surfaces() : geometry::build_surfaces(*project_, option_, q.without);
        const auto points = question::points_of(*project_, option_, q, own);
        if (!points) return points.fault();
        const analysis::Request request{*project_, option_, q, own, *points, weather_, effort(q), cancel, progress, {}};
        question::DaylightFactorSetup setup;
        setup.season = q.season;
        setup.keeps_panes = true;
        question::DaylightBefore before;
        if (const auto from = known.find(q.id); from != known.end()) {
            before = {from->second.answer, from->second.surfaces, holding(from->second, own, q.accuracy)};
            setup.before = &before;
            taken_over = before.change;
        }
        auto answer = std::make_shared<question::DaylightFactorAnswer>(question::daylight_factor(
            own, *points, request.effort, cancel, [&](const auto& so_far) { request.report(so_far.record.reached); },
            setup));
        if (cancel.requested()) return {};
        note(answer->record);
        tables[q.id] = analysis::daylight_table(request, *answer);
        if (q.at == Question::At::planes) daylight = answer;
        known.try_emplace(q.id, Traced{project_, own, answer});
        return {};
    }

    Outcome ask_table(const Question& q, const Cancel& cancel, const Progress& progress) {
        auto answer = analysis::ask(*project_, option_, q, weather_, effort(q), cancel, progress);
        if (!answer) return answer.fault();
        note(answer->record);
        tables[q.id] = std::move(*answer);
        return {};
    }

    /// daylight_from: a state in which daylight factors were asked; null: there is none.
    Outcome ask_year(const Question& q, std::optional<Traced>& from, const Traced* daylight_from,
                     const std::shared_ptr<const question::YearAnswer>& before, const Cancel& cancel,
                     const Progress& progress, const Cache& cache) {
        if (weather_ == nullptr) return Fault{q.id, "a year needs a weather file", "Choose one on the Site desk"};
        const auto scene = question::year_scene(*project_, option_, q, *weather_);
        if (!scene) return scene.fault();
        question::YearKnown known;
        if (before != nullptr) known = question::YearKnown(*before);
        if (from) known.before = still_holding(*from, daylight_from, scene->surfaces, effort(q).accuracy);
        const auto traced_before = known.light;
        auto answer = question::ask_year(*scene, *weather_, effort(q), known, cancel, progress, cache);
        if (cancel.requested()) return {};
        if (answer.inputs()->light != traced_before) note(answer.record);
        if (!from) from = Traced{project_, scene->surfaces, nullptr};
        year = std::make_shared<const question::YearAnswer>(std::move(answer));
        return {};
    }

    Outcome ask_glare(const Question& q, const Cancel& cancel, const Progress& progress) {
        geometry::Surfaces own = geometry::build_surfaces(*project_, option_, q.without);
        const auto shots = question::shots_of(option_, q, project_->site.north);
        if (!shots) return shots.fault();
        for (size_t i = 0; i < shots->size(); ++i) {
            const auto task = question::glare_task(*project_, option_, (*shots)[i].question, own, weather_);
            if (!task) return task.fault();
            glares.push_back(std::make_unique<question::GlareAnswer>(
                question::solve_glare(*task, effort(q), cancel, [&](const auto& so_far) {
                    if (progress)
                        progress((static_cast<double>(i) + question::progress_of(so_far)) /
                                 static_cast<double>(shots->size()));
                })));
            if (cancel.requested()) return {};
            note(glares.back()->record);
        }
        return {};
    }

    figure::Answers answers(const std::vector<Question>& questions) const {
        figure::Answers all;
        all.year = year.get();
        for (const Question& q : questions)
            if (const auto at = tables.find(q.id); at != tables.end()) {
                all.asked.push_back({&q, &at->second.table});
                if (is_on_all_planes(q)) all.tables.try_emplace(q.kind, &at->second.table);
            }
        for (const auto& glare : glares) all.glares.push_back(glare.get());
        all.room_hours = rule::room_hours(*project_, option_);
        return all;
    }

 private:
    std::shared_ptr<const question::YearBefore> still_holding(const Traced& from, const Traced* daylight_from,
                                                              const geometry::Surfaces& now, double accuracy) const {
        const auto openings = describe::differing_openings(*from.project, *project_, option_.id);
        if (!openings || openings->empty()) return nullptr;
        auto out = std::make_shared<question::YearBefore>(
            question::what_still_holds(from.surfaces, now, *openings, kPassedOver * accuracy));
        if (daylight_from == nullptr || daylight_from->surfaces.spaces != now.spaces) return out;
        for (const auto& [space, change] : hardly_reached(*daylight_from, now, *openings, kPassedOver * accuracy))
            if (out->spaces.try_emplace(space, from.surfaces.light_fingerprint(space)).second)
                out->change[space] = change;
        return out;
    }

    std::shared_ptr<const Project> project_;
    const Option& option_;
    const climate::WeatherYear* weather_;
    int threads_;
    std::optional<geometry::Surfaces> surfaces_;
};

void find_bands(AtStep& at, const std::vector<Question>& questions, const SeriesAnswer& series) {
    const auto answers = at.answers(questions);
    at.out.bands.resize(series.rooms.size() * series.lines.size());
    at.out.replicates.resize(series.rooms.size());
    at.out.taken_over.resize(series.rooms.size());
    for (size_t r = 0; r < series.rooms.size(); ++r) {
        const auto plane = std::ranges::find(at.option().planes, series.rooms[r], &ReferencePlane::room);
        if (plane == at.option().planes.end()) continue;
        const auto points = geometry::plane_points(at.option(), *plane, at.project().site.north);
        if (!points) continue;
        for (size_t l = 0; l < series.lines.size(); ++l)
            at.out.bands[r * series.lines.size() + l] =
                series.lines[l]->measure->find(answers, *points, 0, series.lines[l]->wanted);
        if (at.daylight == nullptr) continue;
        const auto own =
            std::ranges::find(at.daylight->planes, plane->id, [](const auto& p) -> const Id& { return p.plane.plane; });
        if (own == at.daylight->planes.end()) continue;
        at.out.replicates[r] = own->replicates;
        if (const auto kept = at.taken_over.find(own->plane.space); kept != at.taken_over.end())
            at.out.taken_over[r] = kept->second;
    }
}

void judge(AtStep& at, const std::vector<Question>& questions, const climate::WeatherYear* weather) {
    rule::Case judged;
    const auto planes = question::planes_of(at.option(), {}, at.project().site.north);
    if (!planes) return;
    judged.subjects = rule::subjects_of(at.option(), *planes, at.surfaces());
    judged.rooms = rule::rooms_of(at.option());
    judged.answers = at.answers(questions);
    judged.option = &at.option();
    judged.panes = at.surfaces().glazings;
    judged.of = rule::Circumstances{&at.project(), weather};
    for (const auto& id : at.project().criteria) {
        const auto set = rule::set_of(at.project(), id);
        if (!set) continue;
        for (const auto& v : rule::evaluate(*set, judged)) {
            if (!v.answered()) continue;
            const auto* measure = figure::find_measure(v.criterion->measure);
            std::vector<double> thresholds;
            for (const auto& t : v.criterion->thresholds) thresholds.push_back(t.value);
            at.out.verdicts.push_back({set->id, v.criterion->id, v.criterion->name, v.subject,
                                       rule::unit_of(*v.criterion), v.room, thresholds, v.value, v.low, v.high,
                                       v.threshold, measure != nullptr && measure->is_share, v.criterion->at_least,
                                       v.state});
        }
    }
}

}  // namespace

Fingerprint Asker::print_of(const Project& at_step) const {
    const Option& option = *find(at_step.options, answer_.series.option);
    Fingerprint out;
    out.add(std::string_view("step of a series, 2"));
    out.add(std::string_view(kVersion));
    out.add(describe::depends(at_step, option, describe::bears::all));
    for (const Question& q : questions_) out.add(analysis::asked_print(at_step, option, q, weather_.get()));
    // Figures are told by room, and verdicts by set.
    for (const auto& id : answer_.rooms) out.add(std::string_view(id));
    for (const auto* line : answer_.lines) out.add(std::string_view(line->id));
    for (const auto& id : at_step.criteria)
        if (const auto set = rule::set_of(at_step, id)) out.add(rule::write_criteria(*set));
    return out;
}

bool Asker::find_kept(size_t step, const Project& at_step) {
    if (!kept_.find) return false;
    const auto bytes = kept_.find(print_of(at_step));
    if (!bytes) return false;
    auto read = read_step(*bytes, answer_.rooms.size(), answer_.lines.size());
    if (!read) return false;
    answer_.of[step] = std::make_shared<const StepAnswer>(std::move(*read));
    return true;
}

bool Asker::find_kept(size_t step) {
    const auto project = project_at(*project_, answer_.series, answer_.steps[step]);
    return project && find_kept(step, *project);
}

Outcome Asker::ask(size_t step, const Cancel& cancel, const Progress& progress) {
    auto project = project_at(*project_, answer_.series, answer_.steps[step]);
    if (!project) return project.fault();
    if (find_kept(step, *project)) return {};
    StepAnswer answer, before;
    if (step != order_.front())
        if (auto fault = ask_first(cancel, before); fault || cancel.requested()) return fault;
    const Fingerprint print = kept_.keep ? print_of(*project) : Fingerprint{};
    if (auto fault = trace(std::move(*project), cancel, progress, answer); fault || cancel.requested()) return fault;
    work_->has_first = true;
    answer.rays += before.rays;
    answer.seconds += before.seconds;
    if (kept_.keep) kept_.keep(print, write_step(answer));
    answer_.of[step] = std::make_shared<const StepAnswer>(std::move(answer));
    return {};
}

// Light is taken over from one step only, lest answers depend on the order in which steps were asked, or on what was
// kept of them.
Outcome Asker::ask_first(const Cancel& cancel, StepAnswer& effort) {
    const bool takes_over = std::ranges::any_of(questions_, [](const Question& q) {
        return q.kind == Question::Kind::daylight_factor || q.kind == Question::Kind::year;
    });
    if (work_->has_first || !takes_over) return {};
    auto project = project_at(*project_, answer_.series, answer_.steps[order_.front()]);
    if (!project) return project.fault();
    if (auto fault = trace(std::move(*project), cancel, {}, effort); fault || cancel.requested()) return fault;
    work_->has_first = true;
    return {};
}

Fingerprint Asker::print(size_t step) const {
    const auto project = project_at(*project_, answer_.series, answer_.steps[step]);
    return project ? print_of(*project) : Fingerprint{};
}

Outcome Asker::trace(Project at_step, const Cancel& cancel, const Progress& progress, StepAnswer& out) {
    const double begun = now();
    AtStep at(std::make_shared<const Project>(std::move(at_step)), answer_.series.option, weather_.get(), threads_);
    for (size_t i = 0; i < questions_.size(); ++i) {
        const Question& q = questions_[i];
        if (auto fault = question::can_be_asked(at.option(), q)) return fault;
        const Progress share = [&](double done) {
            if (progress) progress((static_cast<double>(i) + done) / static_cast<double>(questions_.size()));
        };
        Outcome fault;
        if (q.kind == Question::Kind::daylight_factor)
            fault = at.ask_daylight(q, work_->daylight, cancel, share);
        else if (q.kind == Question::Kind::year)
            fault =
                at.ask_year(q, work_->year_from, work_->daylight.empty() ? nullptr : &work_->daylight.begin()->second,
                            work_->year, cancel, share, pieces_ ? *pieces_ : work_->memory.cache());
        else if (q.kind == Question::Kind::glare)
            fault = at.ask_glare(q, cancel, share);
        else
            fault = at.ask_table(q, cancel, share);
        if (fault || cancel.requested()) return fault;
    }
    if (at.year != nullptr) work_->year = at.year;
    find_bands(at, questions_, answer_);
    judge(at, questions_, weather_.get());
    at.out.seconds = now() - begun;
    out = std::move(at.out);
    return {};
}

}  // namespace wp::series
