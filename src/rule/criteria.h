// SPDX-License-Identifier: GPL-3.0-or-later
// What a criterion means: its measure, its unit, its words; and the criteria sets of a project.
#pragma once
#include <string>
#include <vector>

#include "base/result.h"
#include "figure/measures.h"
#include "model/criteria.h"

namespace wp::model {
struct Project;
}

namespace wp::rule {

using model::CriteriaSet;
using model::Criterion;
using model::Threshold;

/// Null where there is no such measure: check_set finds it.
const figure::Measure* measure_of(const Criterion& criterion);
figure::Wanted wanted_of(const Criterion& criterion);
/// The analysis that a criterion is judged by.
model::Question::Kind kind_of(const Criterion& criterion);
/// "%" of shares, which are kept from 0 to 1.
std::string unit_of(const Criterion& criterion);
/// "52.3 %", "312 lx": a value of a criterion as it is printed.
std::string value_text(const Criterion& criterion, double value);
/// "at least 300 lx", "at most 10 %".
std::string needed_text(const Criterion& criterion, double threshold);

/// What is wrong with a set; place: a JSON pointer within it.
Outcome check_set(const CriteriaSet& set);

/// Analyses that a set needs.
std::vector<model::Question::Kind> analyses_of(const CriteriaSet& set);

/// Names of levels, from the easiest.
std::vector<std::string> levels_of(const CriteriaSet& set);

/// The set of that id that a project answers to: its own where it has one, else the program's.
Result<CriteriaSet> set_of(const model::Project& project, const std::string& id);
/// What nobody has checked against the edition: of the set, unless the project says that somebody has. Empty: nothing.
std::string doubt_of(const model::Project& project, const CriteriaSet& set);

}  // namespace wp::rule
