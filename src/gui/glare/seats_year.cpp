// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/glare/seats_year.h"

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

SeatsYear::SeatsYear(Desktop& desktop, QObject* parent) : QObject(parent), desktop_(desktop) {}

const std::vector<SeatYear>& SeatsYear::seats() const {
    static const std::vector<SeatYear> none;
    return option_ == desktop_.document().option().id ? found_.seats : none;
}

bool SeatsYear::is_current() const { return of_ == desktop_.document().snapshot(); }

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
    keep_month(found_, month);
}

void SeatsYear::run(const std::vector<model::Observer>& places, question::Operation operation) {
    auto& document = desktop_.document();
    const auto project = document.snapshot();
    const auto weather = document.weather();
    const size_t index = document.option_index();
    if (weather == nullptr)
        return desktop_.say(QObject::tr("The year needs weather: choose a file, or a made-up year, on the Site desk"));
    if (places.empty()) return desktop_.say(QObject::tr("Place an observer first: press E and click in a room"));
    desktop_.asker().jobs().add(QStringLiteral("glare-year"),
                                QObject::tr("A year of glare: %1").arg(QString::fromStdString(document.option().name)),
                                [this, project, weather, index, places, operation, known = found_.rooms](
                                    const Cancel& cancel, const Progress& progress) -> JobQueue::Finish {
                                    auto found = std::make_shared<Found>(find(
                                        *project, index, *weather, places, operation, known.get(), cancel, progress));
                                    if (cancel.requested() || found->seats.empty()) return {};
                                    return [this, project, found, id = project->options[index].id] {
                                        found_ = std::move(*found);
                                        keep_month(found_, month_);
                                        of_ = project;
                                        option_ = id;
                                        emit changed();
                                    };
                                });
}

std::vector<SeatsYear::WorstHour> SeatsYear::worst_hours(size_t at, size_t heading) const {
    std::vector<WorstHour> out;
    if (at >= seats().size()) return out;
    const SeatYear& seat = seats()[at];
    for (const size_t hour : worst_of(seat, heading)) {
        out.push_back({hour, static_cast<double>(seat.glare.dgp[heading][hour]),
                       at < found_.closed.size() && found_.closed_hours[hour]
                           ? static_cast<double>(found_.closed[at].dgp[heading][hour])
                           : -1,
                       seat.glare.dazzles(heading, hour)});
    }
    return out;
}

}  // namespace wp::gui
