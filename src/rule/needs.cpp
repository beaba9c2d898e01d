// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/needs.h"

#include <algorithm>
#include <cmath>

#include "analysis/analysis.h"
#include "rule/criteria.h"

namespace wp::rule {

namespace {

using climate::Moment;
using model::Question;
using Kind = Question::Kind;
using At = Question::At;

// EN 17037:2018+A1:2021, 5.3: one day from 1 February to 21 March.
constexpr Moment kSunlightFirst{2, 1, 0}, kSunlightLast{3, 21, 24}, kSunlightDay{3, 21, 0};
constexpr double kSameAltitude = 0.6;  // degrees: national tables are in whole ones

bool same_day(const Moment& a, const Moment& b) { return a.day_of_year() == b.day_of_year(); }

// Everything of the option, nothing left out.
bool whole(const Question& q, At at) { return q.at == at && q.planes.empty() && q.without.empty(); }

Question fresh(const Circumstances& of, Kind kind, At at, const std::string& id, const char* name) {
    Question q = model::question_of(*of.project, kind);
    // One of that id that does not fit is another question.
    q.id = model::find(of.project->questions, id) == nullptr ? id : model::unused_id(of.project->questions, id);
    q.name = name;
    q.at = at;
    q.planes.clear();
    q.without.clear();
    return q;
}

Question sun(const Circumstances& of, At at, const Moment& first, const Moment& last, bool probable, const char* id,
             const char* name) {
    Question q = fresh(of, Kind::sun_hours, at, id, name);
    q.first = first;
    q.last = last;
    q.probable = probable;
    q.least_altitude = 0;
    return q;
}

double least_altitude(const Circumstances& of) { return climate::sunlight_least_altitude(of.project->site.latitude); }

bool is_usual(const Question& q, const Circumstances&) { return whole(q, At::planes); }

bool is_sunlight_day(const Question& q, const Circumstances& of) {
    const int day = q.first.day_of_year();
    return q.kind == Kind::sun_hours && whole(q, At::window_reveals) && same_day(q.first, q.last) && !q.probable &&
           day >= kSunlightFirst.day_of_year() && day <= kSunlightLast.day_of_year() &&
           q.least_altitude >= least_altitude(of) - kSameAltitude;
}
std::optional<Question> sunlight_day(const Circumstances& of) {
    Question q = sun(of, At::window_reveals, kSunlightDay, kSunlightDay, false, "sunlight-day",
                     "Exposure to sunlight on 21 March");
    q.least_altitude = least_altitude(of);
    return q;
}

bool is_probable(const Question& q, const Moment& first, const Moment& last) {
    return q.kind == Kind::sun_hours && whole(q, At::windows) && q.probable && q.least_altitude == 0 &&
           same_day(q.first, first) && same_day(q.last, last);
}
constexpr Moment kNewYear{1, 1, 0}, kYearEnd{12, 31, 24}, kAutumn{9, 21, 0}, kSpring{3, 21, 24};
bool is_probable_year(const Question& q, const Circumstances&) { return is_probable(q, kNewYear, kYearEnd); }
bool is_probable_winter(const Question& q, const Circumstances&) { return is_probable(q, kAutumn, kSpring); }
std::optional<Question> probable_year(const Circumstances& of) {
    return sun(of, At::windows, kNewYear, kYearEnd, true, "probable-sun", "Probable sunlight hours of the year");
}
std::optional<Question> probable_winter(const Circumstances& of) {
    return sun(of, At::windows, kAutumn, kSpring, true, "probable-sun-winter", "Probable sunlight hours of the winter");
}

bool is_sun_on_ground(const Question& q, const Circumstances&) {
    return q.kind == Kind::sun_hours && whole(q, At::planes) && !q.probable && q.least_altitude == 0 &&
           same_day(q.first, kSunlightDay) && same_day(q.last, kSunlightDay);
}
std::optional<Question> sun_on_ground(const Circumstances& of) {
    return sun(of, At::planes, kSunlightDay, kSunlightDay, false, "sun-on-ground", "Sun on 21 March");
}

bool is_at_windows(const Question& q, const Circumstances&) {
    return q.kind == Kind::daylight_factor && whole(q, At::windows);
}
std::optional<Question> at_windows(const Circumstances& of) {
    return fresh(of, Kind::daylight_factor, At::windows, "sky-at-windows", "Vertical sky component at the windows");
}

bool is_clear_hours(const Question& q, const Circumstances& of) {
    return q.kind == Kind::moment && whole(q, At::planes) && of.weather != nullptr && q.sky == model::SkyChoice{} &&
           q.moments == clear_hours(of.project->calendar, *of.weather);
}
std::optional<Question> at_clear_hours(const Circumstances& of) {
    if (of.weather == nullptr) return {};
    Question q = fresh(of, Kind::moment, At::planes, "clear-hours", "Clear days of the equinoxes, 9 and 15 h");
    q.sky = {};
    q.moments = clear_hours(of.project->calendar, *of.weather);
    return q;
}

bool is_glare(const Question& q, const Circumstances&) {
    using Choice = model::SeatsChoice;
    return q.kind == Kind::glare_year && q.planes.empty() && q.without.empty() &&
           q.glare_year.places == Choice::Places::observers && q.glare_year.blinds == Choice::Blinds::as_worked;
}
std::optional<Question> glare(const Circumstances& of) {
    Question q = fresh(of, Kind::glare_year, At::planes, "glare-of-use", "Glare in the time of use");
    q.glare_year = {};
    return q;
}

// WELL v2 L03: four hours that begin by noon, on every day of use; the level is the criterion's.
bool is_body_clock(const Question& q, const Circumstances&) {
    model::BodyClockChoice wanted;
    wanted.share = 1;
    wanted.level = q.body_clock.level;
    return q.kind == Kind::body_clock && q.planes.empty() && q.without.empty() && !q.brow && q.body_clock == wanted;
}
std::optional<Question> body_clock(const Circumstances& of) {
    Question q =
        fresh(of, Kind::body_clock, At::planes, "melanopic-light-of-use", "Melanopic light in the time of use");
    q.body_clock = {};
    q.body_clock.share = 1;
    return q;
}

// All luminaires wholly on, blinds closed, no daylight: what is maintained.
bool is_electric(const Question& q, At at) {
    return q.kind == Kind::electric && whole(q, at) && q.scene.empty() && q.moments.empty() && q.electric.blinds_closed;
}
bool is_electric_room(const Question& q, const Circumstances&) {
    return is_electric(q, At::planes) && q.electric.cylindrical && q.electric.eye == model::kSeatedEye;
}
std::optional<Question> electric_room(const Circumstances& of) {
    Question q = fresh(of, Kind::electric, At::planes, "electric-light", "Electric light, all on");
    q.electric = {};
    q.electric.cylindrical = true;
    q.scene.clear();
    q.moments.clear();
    return q;
}
bool is_electric_eyes(const Question& q, const Circumstances&) { return is_electric(q, At::eyes); }
std::optional<Question> electric_eyes(const Circumstances& of) {
    Question q = fresh(of, Kind::electric, At::eyes, "electric-glare", "Glare of luminaires at the observers");
    q.electric = {};
    q.scene.clear();
    q.moments.clear();
    return q;
}

constexpr Need kNeeds[] = {
    {"", "on the reference planes, nothing left out", Kind::daylight_factor, is_usual, nullptr},
    {"sunlight_day",
     "sunlight hours at the windows' inner face, on one day from 1 February to 21 March, from the least "
     "altitude of the sun at the site",
     Kind::sun_hours, is_sunlight_day, sunlight_day},
    {"probable_sun_year", "probable sunlight hours at the windows, all the year", Kind::sun_hours, is_probable_year,
     probable_year},
    {"probable_sun_winter", "probable sunlight hours at the windows, 21 September to 21 March", Kind::sun_hours,
     is_probable_winter, probable_winter},
    {"sun_on_ground", "sunlight hours on the reference planes, on 21 March", Kind::sun_hours, is_sun_on_ground,
     sun_on_ground},
    {"windows", "daylight factor and sky component at the windows", Kind::daylight_factor, is_at_windows, at_windows},
    {"clear_hours", "illuminance at 9 and 15 h on the clearest days within 15 days of the equinoxes", Kind::moment,
     is_clear_hours, at_clear_hours},
    {"glare_of_use", "glare over the year at the observers, blinds as they are worked", Kind::glare_year, is_glare,
     glare},
    {"melanopic_of_use",
     "melanopic light over the year at the observers, held for 4 h that begin by noon on every day of use, blinds as "
     "they are worked",
     Kind::body_clock, is_body_clock, body_clock},
    {"electric_room", "electric light over the planes, all luminaires on and blinds closed, cylindrical 1.2 m high",
     Kind::electric, is_electric_room, electric_room},
    {"electric_eyes", "glare of luminaires at the observers, all of them on and blinds closed", Kind::electric,
     is_electric_eyes, electric_eyes},
};

// As usual: the project's first on all planes, else one of its own; none where moments or eyes would have to be chosen.
std::optional<Question> usual_question(Kind kind, const Circumstances& of) {
    for (const Question& q : of.project->questions)
        if (q.kind == kind && whole(q, At::planes)) return q;
    if (kind == Kind::moment || kind == Kind::glare) return {};
    const auto& analysis = analysis::analysis_of(kind);
    return fresh(of, kind, At::planes, "usual-" + std::to_string(static_cast<int>(kind)), analysis.name);
}

void add_once(std::vector<Question>& list, std::optional<Question> question) {
    if (question && std::ranges::find(list, question->id, &Question::id) == list.end())
        list.push_back(std::move(*question));
}

// Direct light of an hour that begins then, of the clock.
double direct_at(const climate::WeatherYear& weather, int hour_of_year) {
    return weather.hours[static_cast<size_t>(std::clamp(hour_of_year, 0, climate::kHours - 1))].direct_normal;
}

}  // namespace

std::span<const Need> needs() { return kNeeds; }

const Need* find_need(std::string_view id) {
    const auto it = std::ranges::find(kNeeds, id, &Need::id);
    return it == std::end(kNeeds) ? nullptr : it;
}

const question::PointTable* asked_as(const Need& need, Kind kind, const figure::Answers& answers,
                                     const Circumstances& of) {
    if (need.make == nullptr) {
        const auto table = answers.tables.find(kind);
        return table == answers.tables.end() ? nullptr : table->second;
    }
    for (const auto& [question, table] : answers.asked)
        if (need.fits(*question, of)) return table;
    return nullptr;
}

std::optional<Question> question_of(const Criterion& c, const Circumstances& of) {
    const Need* need = find_need(c.asks);
    if (need->make == nullptr) return usual_question(kind_of(c), of);
    const auto there =
        std::ranges::find_if(of.project->questions, [&](const Question& q) { return need->fits(q, of); });
    return there != of.project->questions.end() ? *there : need->make(of);
}

std::vector<Question> questions_of(const CriteriaSet& set, const Circumstances& of) {
    std::vector<Question> out;
    for (const Criterion& c : set.criteria) add_once(out, question_of(c, of));
    return out;
}

std::vector<Question> missing_questions(const CriteriaSet& set, const figure::Answers& answers,
                                        const Circumstances& of) {
    std::vector<Question> out;
    for (const Criterion& c : set.criteria) {
        const Kind kind = kind_of(c);
        const bool answered =
            kind == Kind::year ? answers.year != nullptr : asked_as(*find_need(c.asks), kind, answers, of) != nullptr;
        if (!answered) add_once(out, question_of(c, of));
    }
    return out;
}

std::vector<Moment> clear_hours(const model::YearCalendar& calendar, const climate::WeatherYear& weather) {
    constexpr int kAround = 15;
    std::vector<Moment> out;
    for (const Moment& middle : {Moment{3, 21, 0}, Moment{9, 21, 0}}) {
        double most = -1;
        std::array<Moment, 2> best;
        for (int day = middle.day_of_year() - kAround; day <= middle.day_of_year() + kAround; ++day) {
            std::array<Moment, 2> hours;
            double direct = 0;
            for (size_t i = 0; i < 2; ++i) {
                const int clock = i == 0 ? 9 : 15;
                const int hour = clock - model::clock_ahead(calendar, day * 24 + clock - 1);
                hours[i] = climate::moment_of(day, hour);
                direct += direct_at(weather, day * 24 + hour);
            }
            if (direct > most) most = direct, best = hours;
        }
        out.insert(out.end(), best.begin(), best.end());
    }
    return out;
}

}  // namespace wp::rule
