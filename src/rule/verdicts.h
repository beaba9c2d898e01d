// SPDX-License-Identifier: GPL-3.0-or-later
// Criteria sets evaluated on any answers: a verdict for each criterion and place, and what they come to together.
#pragma once
#include <optional>
#include <string>
#include <vector>

#include "rule/criteria.h"
#include "rule/needs.h"
#include "rule/subjects.h"

namespace wp::rule {

enum class State {
    met,
    not_met,
    undecided,   ///< its error leaves either open
    needs_note,  ///< a written note is asked for, and there is none
    not_asked,   ///< what it stands on is not known
};
/// "met", "needs a note" and the like.
const char* state_words(State state);
/// Which of two on required things says more about the whole: what is not met before what is not known.
State graver(State a, State b);

/// What is judged; all that is pointed to outlives it.
struct Case {
    std::vector<Subject> subjects;
    std::vector<RoomFacts> rooms;  ///< all of the option; empty: those of the subjects
    figure::Answers answers;
    std::optional<figure::Answers> former;  ///< of the option that stands for how it was before
    const model::Option* option = nullptr;  ///< for names of windows
    std::vector<geometry::Glazing> panes;   ///< of the option
    std::optional<Circumstances> of;        ///< none: only what was asked as usual is found
};

struct Verdict {
    const Criterion* criterion = nullptr;
    State state = State::not_asked;
    std::string subject;                  ///< room, window, or all that is judged together
    model::Id room;                       ///< empty: of no single one
    double floor_area = 0;                ///< of the room that is judged, m^2; 0: not known, or of no single one
    model::Id plane;                      ///< that it was judged on; of windows the opening's id
    std::string why;                      ///< it is not asked: what is missing
    double value = 0, low = 0, high = 0;  ///< with the band its error leaves; of what was asked
    double threshold = 0;                 ///< the one that decides: the hardest met, or the easiest if none is
    double margin = 0;                    ///< positive: to spare; in the measure's own terms
    bool reached = false;                 ///< the value meets the threshold, band aside
    bool certain = true;                  ///< the verdict stands anywhere in the band
    std::string level;                    ///< earned level, or what is missed
    double points = 0;                    ///< earned
    std::optional<double> former;         ///< what the former option has
    std::vector<std::string> remarks;     ///< what has to be known with it: blinds that are missing, rooms left out
    bool met() const { return state == State::met; }
    bool answered() const { return state != State::not_asked; }
};

std::vector<Verdict> evaluate(const CriteriaSet& set, const Case& judged);

/// Verdicts of one place that are concluded together: of a part the lowest of its levels, of alternatives the best, be
/// they criteria or parts.
struct Conclusion {
    std::string name;  ///< of the part, or the criterion
    std::string subject;
    model::Id room;
    double floor_area = 0;  ///< as the verdicts'
    State state = State::not_asked;
    std::string level;    ///< earned for sure; empty: none
    std::string perhaps;  ///< a higher one that the error leaves open; empty: none
    double points = 0;
    bool optional = false;
    std::vector<size_t> verdicts;
};
std::vector<Conclusion> conclude(const std::vector<Verdict>& verdicts);

/// What a set comes to.
struct SetOutcome {
    State state = State::not_asked;  ///< the worst that is required
    std::vector<std::string> words;  ///< "2 of 3 points", "1 needs a note": to be put in one line
    double points = 0, most_points = 0;
    size_t met = 0, required = 0;  ///< conclusions that need not be optional
};
SetOutcome outcome_of(const CriteriaSet& set, const std::vector<Conclusion>& conclusions);

/// What all verdicts on an option stand on that nobody chose: finishes, weather, dirt. In plain words.
std::vector<std::string> assumptions_of(const model::Project& project, const geometry::Surfaces& surfaces,
                                        const climate::WeatherYear* weather);

}  // namespace wp::rule
