// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/seats_year.h"

#include <algorithm>

#include "question/year_over_time.h"
#include "report/language/words.h"

namespace wp::gui {

using question::PlaceGlare;
using question::SeatYear;

namespace {

constexpr size_t kWorstHours = 12;
constexpr double kLighting = 0.4;  // of the time of all

std::vector<size_t> worst_of(const SeatYear& seat, size_t heading) {
    std::vector<size_t> hours;
    for (size_t h = 0; h < seat.hours.size(); ++h)
        if (seat.hours[h] && seat.glare.dgp[heading][h] > 0) hours.push_back(h);
    const size_t most = std::min(hours.size(), kWorstHours);
    std::ranges::partial_sort(hours, hours.begin() + static_cast<std::ptrdiff_t>(most), std::greater(),
                              [&](size_t h) { return seat.glare.dgp[heading][h]; });
    hours.resize(most);
    return hours;
}

}  // namespace

SeatsYear::SeatsYear(Document& document, JobQueue& jobs, QObject* parent)
    : QObject(parent), document_(document), jobs_(jobs) {
    connect(&document, &Document::project_replaced, this, &SeatsYear::clear);
}

const std::vector<SeatYear>& SeatsYear::seats_of(const model::Id& option) const {
    static const std::vector<SeatYear> none;
    const auto found = found_.find(option);
    return found != found_.end() ? found->second.seats : none;
}

bool SeatsYear::is_current(const model::Id& option) const {
    const auto found = found_.find(option);
    return found != found_.end() && found->second.of == document_.snapshot();
}

void SeatsYear::clear() {
    found_.clear();
    emit changed();
}

SeatsYear::Found SeatsYear::find(const model::Project& project, size_t index, const climate::WeatherYear& weather,
                                 const std::vector<model::Observer>& places, question::Operation operation,
                                 const question::LitRooms* known, const Cancel& cancel, const Progress& progress) {
    Found out;
    const auto& option = project.options[index];
    const auto question = model::question_of(project, model::Question::Kind::year);
    const auto scene = question::year_scene(project, option, question, weather);
    if (!scene) return out;
    out.rooms = std::make_shared<question::LitRooms>(question::light_rooms(
        *scene, weather, question::spaces_around(scene->surfaces, places),
        {question::kSurfaceAccuracy, question.seed, 0}, cancel, [&](double share) { progress(share * kLighting); }, {},
        known));
    if (cancel.requested()) return out;
    out.seats = question::ask_glare_year(project, option, question, *out.rooms, places, operation, cancel,
                                         [&](double share) { progress(kLighting + share * (0.9 - kLighting)); });
    for (const SeatYear& seat : out.seats) out.use.push_back(seat.hours);
    if (operation != question::Operation::closed && !cancel.requested())
        find_closed(out, option, project.site.north, cancel);
    return out;
}

// Of few hours, so that it takes little more.
void SeatsYear::find_closed(Found& found, const model::Option& option, double north, const Cancel& cancel) {
    const bool any = std::ranges::any_of(found.rooms->surfaces.portals, [](const auto& p) { return p.blind; });
    if (!any || found.seats.empty()) return;
    question::GlareYearTask task;
    task.rooms = found.rooms.get();
    task.option = &option;
    task.operation = question::Operation::closed;
    task.north_azimuth = radians(north);
    task.headings = found.seats.front().glare.headings;
    task.headings.resize(found.seats.front().own(0));
    task.hours.assign(climate::kHours, false);
    for (const SeatYear& seat : found.seats) {
        task.places.push_back(seat.glare.place);
        for (size_t k = 0; k < task.headings.size(); ++k)
            for (const size_t hour : worst_of(seat, k)) task.hours[hour] = true;
    }
    found.closed = question::glare_year(task, cancel);
    found.closed_hours = std::move(task.hours);
}

void SeatsYear::keep_month(Found& found, int month) {
    std::array<bool, 12> months{};
    for (int m = 1; m <= 12; ++m) months[static_cast<size_t>(m - 1)] = month == 0 || m == month;
    for (size_t i = 0; i < found.seats.size(); ++i) found.seats[i].hours = question::in_months(found.use[i], months);
}

void SeatsYear::count_month(int month) {
    month_ = month;
    for (auto& [option, found] : found_) keep_month(found, month);
}

void SeatsYear::run(const std::vector<model::Observer>& places, question::Operation operation) {
    if (places.empty()) emit said(QObject::tr("Place an observer first: press E and click in a room"));
    if (!places.empty()) add_job(document_.option_index(), places, operation);
}

void SeatsYear::run_observers(const std::vector<size_t>& options, question::Operation operation) {
    for (const size_t i : options) {
        const auto& observers = document_.project().options[i].observers;
        if (!observers.empty()) add_job(i, observers, operation);
    }
}

void SeatsYear::add_job(size_t index, const std::vector<model::Observer>& places, question::Operation operation) {
    const auto project = document_.snapshot();
    const auto weather = document_.weather();
    if (weather == nullptr) {
        emit said(QObject::tr("The year needs weather: choose a file, or a made-up year, on the Site desk"));
        return;
    }
    const auto& option = project->options[index];
    const auto before = found_.find(option.id);
    jobs_.add(QStringLiteral("glare-year-") + QString::fromStdString(option.id),
              QObject::tr("A year of glare: %1").arg(QString::fromStdString(option.name)),
              [this, project, weather, index, places, operation,
               known = before != found_.end() ? before->second.rooms : nullptr](
                  const Cancel& cancel, const Progress& progress) -> JobQueue::Finish {
                  auto found = std::make_shared<Found>(
                      find(*project, index, *weather, places, operation, known.get(), cancel, progress));
                  if (cancel.requested() || found->seats.empty()) return {};
                  found->of = project;
                  return [this, found, id = project->options[index].id] {
                      keep_month(*found, month_);
                      found_[id] = std::move(*found);
                      emit changed();
                  };
              });
}

std::vector<SeatsYear::WorstHour> SeatsYear::worst_hours(size_t at, size_t heading) const {
    std::vector<WorstHour> out;
    if (at >= seats().size()) return out;
    const Found& found = found_.at(document_.option().id);
    const SeatYear& seat = found.seats[at];
    for (const size_t hour : worst_of(seat, heading)) {
        out.push_back({hour, static_cast<double>(seat.glare.dgp[heading][hour]),
                       at < found.closed.size() && found.closed_hours[hour]
                           ? static_cast<double>(found.closed[at].dgp[heading][hour])
                           : -1,
                       seat.glare.dazzles(heading, hour)});
    }
    return out;
}

}  // namespace wp::gui
