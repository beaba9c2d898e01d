// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <limits>

#include "analysis/analysis.h"
#include "describe/field.h"
#include "question/ask_glare_year.h"

namespace wp::analysis {

using model::GlareYearChoice;
using model::Question;
using namespace question;

namespace {

// Of the time that an answer takes: lighting the rooms, then the places.
constexpr double kLighting = 0.3;
constexpr double kNone = std::numeric_limits<double>::quiet_NaN();

// What is told of one place.
struct Told {
    double own = kNone, best = kNone, worst = kNone, clear = kNone, troubled = kNone;
};

Told tell(const SeatYear& seat, const GlareYearChoice& choice, bool is_observer) {
    Told out;
    const size_t around = seat.own(0);
    if (is_observer)
        for (size_t i = around; i < seat.glare.headings.size(); ++i)
            out.own = std::fmax(out.own, seat.glare.exceeded(i, seat.hours, kGlareShare));
    for (size_t i = 0; i < around; ++i) {
        const double value = seat.glare.exceeded(i, seat.hours, kGlareShare);
        out.best = std::fmin(out.best, value);
        out.worst = std::fmax(out.worst, value);
        out.troubled = std::fmax(out.troubled, 100 * seat.glare.share_above(i, seat.hours, choice.limit));
    }
    out.clear = clear_arc(seat.ring(choice.share, choice.limit), choice.limit).clear;
    return out;
}

// Every point of the question as somebody who sits there.
std::vector<model::Observer> places_of(const Request& a) {
    std::vector<model::Observer> out;
    for (const auto& plane : a.points)
        for (const Vec3& point : plane.points) {
            const auto* observer = model::find(a.option.observers, plane.plane);
            out.push_back(observer != nullptr ? *observer : model::Observer{});
            if (observer == nullptr) out.back().room = plane.room;
            out.back().eye = point;
        }
    return out;
}

class Table {
 public:
    Table(const Request& a, bool of_observers) {
        table_.planes = a.points;
        const std::string limit = fmt::format("{:g}", a.question.glare_year.limit),
                          share = fmt::format("{:g} %", 100 * a.question.glare_year.share);
        if (of_observers) add("dgp_own", "DGP of the year, as one looks", "", &Told::own);
        add("clear_degrees",
            "Directions clear of glare: DGP " + limit + " exceeded in at most " + share + " of the use", "\u00b0",
            &Told::clear);
        add("dgp_best", "DGP of the year, in the best direction", "", &Told::best);
        add("dgp_worst", "DGP of the year, in the worst direction", "", &Told::worst);
        add("troubled_percent", "Time troubled by glare: DGP above " + limit + ", in the worst direction", "%",
            &Told::troubled);
    }
    void take(const Told& told) {
        while (table_.columns.front().value[plane_].size() == table_.planes[plane_].points.size()) ++plane_;
        for (size_t c = 0; c < fields_.size(); ++c) table_.columns[c].value[plane_].push_back(told.*fields_[c]);
    }
    PointTable finish() { return std::move(table_); }

 private:
    void add(const char* id, const std::string& name, const char* unit, double Told::*field) {
        table_.columns.push_back({id, name, unit, std::vector<std::vector<double>>(table_.planes.size()), {}});
        fields_.push_back(field);
    }
    PointTable table_;
    std::vector<double Told::*> fields_;
    size_t plane_ = 0;
};

Result<TableAnswer> run(const Request& a) {
    Question year = a.question;
    year.planes.clear();  // blinds are worked for all of the option
    const auto scene = year_scene(a.project, a.option, year, *a.weather);
    if (!scene) return scene.fault();
    const auto places = places_of(a);
    Effort effort = a.effort;
    effort.accuracy = std::max(effort.accuracy, kSurfaceAccuracy);
    const auto rooms = light_rooms(
        *scene, *a.weather, spaces_around(scene->surfaces, places), effort, a.cancel,
        [&](double share) {
            if (a.progress) a.progress(kLighting * share);
        },
        a.cache);
    TableAnswer out{rooms.record, "glare_year", {}, {}, {}, 1};
    if (a.cancel.requested()) return out;
    const GlareYearChoice& choice = a.question.glare_year;
    const bool of_observers = choice.places == GlareYearChoice::Places::observers;
    Table table(a, of_observers);
    ask_glare_year(
        a.project, a.option, year, rooms, places, operation_of(choice.blinds),
        [&](SeatYear&& seat) { table.take(tell(seat, choice, of_observers)); }, a.cancel,
        [&](double share) {
            if (a.progress) a.progress(kLighting + (1 - kLighting) * share);
        });
    out.record.settled = out.record.settled && !a.cancel.requested();
    if (a.cancel.requested()) return out;
    out.table = table.finish();
    return out;
}

}  // namespace

Analysis glare_year() {
    return {.kind = Question::Kind::glare_year,
            .name = "Glare over the year",
            .asks = "glare over the year",
            .words =
                [](const Question& q) {
                    return std::string("Glare over the year, ") +
                           (q.glare_year.places == GlareYearChoice::Places::lattice ? "all over the rooms"
                                                                                    : "at the observers");
                },
            .needs_weather = [](const Question&) { return true; },
            .bears = describe::bears::light | describe::bears::blinds | describe::bears::observers |
                     describe::bears::use | describe::bears::planes,
            .cost = [](const Question&) { return 6; },
            .run = run};
}

}  // namespace wp::analysis
