// SPDX-License-Identifier: GPL-3.0-or-later
// How an analysis must have been asked for a criterion, as a catalogue: whether a question fits, and which one would.
#pragma once
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "climate/weather.h"
#include "figure/figures.h"
#include "model/project.h"

namespace wp::rule {

/// What a question is held against; all outlive it.
struct Circumstances {
    const model::Project* project = nullptr;
    const climate::WeatherYear* weather = nullptr;  ///< null: there is none
};

struct Need {
    const char* id;     ///< in criteria; "": on the reference planes, nothing left out
    const char* words;  ///< what is asked, for people
    model::Question::Kind kind;
    bool (*fits)(const model::Question&, const Circumstances&);
    /// None where it cannot be asked: there is no weather.
    std::optional<model::Question> (*make)(const Circumstances&);
};

std::span<const Need> needs();
/// Null where there is none of that id.
const Need* find_need(std::string_view id);

/// What was asked as a need says it; null where nothing was. On the planes, the table of that kind.
const question::PointTable* asked_as(const Need& need, model::Question::Kind kind, const figure::Answers& answers,
                                     const Circumstances& of);

/// What a criterion must have been asked: a question of the project where one fits, else one as it would be made; none
/// where it cannot be asked.
std::optional<model::Question> question_of(const model::Criterion& criterion, const Circumstances& of);
/// What a set must have been asked, each once. Sets are sound: see check_set.
std::vector<model::Question> questions_of(const model::CriteriaSet& set, const Circumstances& of);
/// Those of them that there is no answer to yet.
std::vector<model::Question> missing_questions(const model::CriteriaSet& set, const figure::Answers& answers,
                                               const Circumstances& of);

/// The days of LEED v4.1, option 2, of a year: within 15 days of 21 March and of 21 September those with most direct
/// light at 9 and 15 h of the clock. Both hours of the first, then of the second, in standard time.
std::vector<climate::Moment> clear_hours(const model::YearCalendar& calendar, const climate::WeatherYear& weather);

}  // namespace wp::rule
