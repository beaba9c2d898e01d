// SPDX-License-Identifier: GPL-3.0-or-later
// Criteria sets are data files (docs/formats/criteria.md); this reads them, and evaluates them on any answers.
#pragma once
#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

#include "base/result.h"
#include "figure/measures.h"

namespace wp::rule {

struct Threshold {
    double value = 0;   ///< in the metric's own terms; shares from 0 to 1
    std::string level;  ///< what reaching it earns
};

/// What is measured: a measure of the catalogue with what it leaves open.
struct Metric {
    const figure::Measure* measure = nullptr;
    figure::Wanted wanted;
};

struct Criterion {
    std::string id, name, meaning, source, unit;  ///< unit: "%" of shares, which are kept from 0 to 1
    Metric metric;
    bool occupied_area = false;         ///< over all occupied planes together instead of each space for itself
    bool at_least = true;               ///< else at most
    bool optional = false;              ///< a level above the one that must be met
    std::vector<Threshold> thresholds;  ///< from the easiest to the hardest
};

struct CriteriaSet {
    std::string id, name, source;
    std::vector<Criterion> criteria;
};

/// name is the file's name in messages.
Result<CriteriaSet> parse_criteria(std::string_view text, const std::string& name);
Result<CriteriaSet> read_criteria(const std::filesystem::path& path);

/// What criteria judge: a reference plane, its name for people, whether it counts as occupied floor.
struct Subject {
    geometry::PlanePoints plane;
    std::string name;
    bool occupied = true;
};

/// One line of the verdict.
struct Verdict {
    const Criterion* criterion = nullptr;
    std::string subject;                  ///< room or "occupied area"
    model::Id plane;                      ///< empty for the occupied area
    bool answered = true;                 ///< else what the criterion needs was not asked, and nothing below is told
    double value = 0, low = 0, high = 0;  ///< with the band its error leaves
    double threshold = 0;                 ///< the one that decides: the hardest met, or the easiest if none is
    double margin = 0;                    ///< positive: to spare; in the metric's own terms
    bool met = false;
    bool certain = true;  ///< the verdict stands anywhere in the band
    std::string level;    ///< earned level, or what is missed
};

std::vector<Verdict> evaluate(const CriteriaSet& set, const figure::Answers& answers,
                              const std::vector<Subject>& subjects);

/// The planes of an option as subjects.
std::vector<Subject> subjects_of(const model::Option& option, const std::vector<geometry::PlanePoints>& planes);
/// Analyses that a set needs.
std::vector<model::Question::Kind> analyses_of(const CriteriaSet& set);
/// "52.3 %", "312 lx": a value of a criterion as it is printed.
std::string value_text(const Criterion& criterion, double value);

}  // namespace wp::rule
