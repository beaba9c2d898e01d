// SPDX-License-Identifier: GPL-3.0-or-later
// Criteria sets are data files (docs/formats/criteria.md); this reads and evaluates them on a year's answer.
#pragma once
#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

#include "base/result.h"
#include "question/year.h"

namespace wp::rule {

struct Threshold {
    double value = 0;   ///< in the metric's own terms; shares from 0 to 1
    std::string level;  ///< what reaching it earns
};

struct Metric {
    enum class Kind { spatial_autonomy, sunlight_exposure, provision };
    Kind kind = Kind::spatial_autonomy;
    double lux = 300;
    double time_share = 0.5;      ///< spatial_autonomy
    double hours_limit = 250;     ///< sunlight_exposure
    double area_share = 0.5;      ///< provision
    bool daylight_hours = false;  ///< the 4380 h of EN 17037 instead of from..to
    double from = 8, to = 18;
    bool blinds = false;
};

struct Criterion {
    std::string id, name, meaning, source, unit;
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

/// One line of the verdict.
struct Verdict {
    const Criterion* criterion = nullptr;
    std::string subject;                  ///< room or "occupied area"
    model::Id plane;                      ///< empty for the occupied area
    double value = 0, low = 0, high = 0;  ///< with the band its error leaves
    double threshold = 0;                 ///< the one that decides: the hardest met, or the easiest if none is
    double margin = 0;                    ///< positive: to spare; in the metric's own terms
    bool met = false;
    bool certain = true;  ///< the verdict stands anywhere in the band
    std::string level;    ///< earned level, or what is missed
};

/// names: what to call each plane; occupied: which planes count for the occupied area. Both in the answer's order.
std::vector<Verdict> evaluate(const CriteriaSet& set, const question::YearAnswer& year,
                              const std::vector<std::string>& names, const std::vector<bool>& occupied);

}  // namespace wp::rule
