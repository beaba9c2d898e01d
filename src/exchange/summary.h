// SPDX-License-Identifier: GPL-3.0-or-later
// Answers as JSON summaries: figures, verdicts, and the record of how they were made.
#pragma once
#include <string>

#include "model/material.h"
#include "question/ask_year.h"
#include "question/glare.h"
#include "question/table.h"
#include "rule/verdicts.h"

namespace wp::exchange {

/// What every summary says of its origin.
struct Origin {
    std::string project, option, question, weather;
    bool made_up_weather = false;  ///< figures are for trying out
};

/// kind: "daylight_factor" and the like. facts: what else is to be said, name and value, numbers as text of JSON.
std::string table_json(const Origin& origin, const question::Record& record, const char* kind,
                       const question::PointTable& table, const std::vector<std::string>& names,
                       const std::vector<std::pair<std::string, std::string>>& facts);
struct JudgedSet {
    rule::CriteriaSet set;
    std::vector<rule::Verdict> verdicts;
};
std::string year_json(const Origin& origin, const question::YearAnswer& answer, const std::vector<std::string>& names,
                      const std::vector<JudgedSet>& judged, const question::YearUse& use,
                      const std::vector<question::LightingYear>& lighting);
std::string glare_json(const Origin& origin, const question::GlareAnswer& answer);

}  // namespace wp::exchange
