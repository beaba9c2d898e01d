// SPDX-License-Identifier: GPL-3.0-or-later
// Verdicts as files: a row a verdict, and all of it as JSON.
#pragma once
#include <string>
#include <vector>

#include "exchange/summary.h"
#include "rule/verdicts.h"

namespace wp::exchange {

/// What sets came to, of one option.
struct Certified {
    std::string option;
    struct Set {
        const rule::CriteriaSet* set = nullptr;
        std::string doubt;
        std::vector<rule::Verdict> verdicts;
        std::vector<rule::Conclusion> conclusions;
        rule::SetOutcome outcome;
    };
    std::vector<Set> sets;
    std::vector<std::string> assumptions;
};

std::string verdicts_csv(const Certified& certified);
/// records: how the answers were made that the verdicts stand on, by name.
std::string certified_json(const Origin& origin, const Certified& certified,
                           const std::vector<std::pair<std::string, question::Record>>& records);

}  // namespace wp::exchange
