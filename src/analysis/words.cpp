// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analysis.h"

namespace wp::analysis {

using model::Question;

std::string day_words(const climate::Moment& m) {
    const std::string text = climate::text({m.month, m.day, 0});
    return text.substr(0, text.rfind(' '));
}

std::string period_words(const Question& q) {
    const int first = q.first.day_of_year(), last = q.last.day_of_year();
    if (first == last) return day_words(q.first);
    if (first == 0 && last == 364) return "the year";
    return day_words(q.first) + " to " + day_words(q.last);
}

namespace {

std::string at_words(Question::At at) {
    switch (at) {
        case Question::At::planes:
            return "";
        case Question::At::eyes:
            return " at the eyes";
        case Question::At::readings:
            return " at the readings";
        case Question::At::windows:
            return " at the windows";
        case Question::At::window_reveals:
            return " at the windows' inner faces";
    }
    return "";
}

}  // namespace

// Where it is asked stands before the first comma: "Sunlight hours at the windows, 21 Mar".
std::string words(const Question& q) {
    std::string text = analysis_of(q.kind).words(q);
    const size_t comma = text.find(',');
    return text.insert(comma == std::string::npos ? text.size() : comma, at_words(q.at));
}

}  // namespace wp::analysis
