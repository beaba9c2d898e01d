// SPDX-License-Identifier: GPL-3.0-or-later
// Judges the answers of an option by the project's criteria sets, in any thread.
#pragma once
#include "gui/answers/gathered.h"
#include "rule/criteria.h"

namespace wp::gui {

struct JudgedSet {
    std::shared_ptr<const rule::CriteriaSet> set;  ///< the verdicts point into it
    std::vector<rule::Verdict> verdicts;
    /// By verdict: it may still turn, for what it stands on is still being traced.
    std::vector<bool> undecided;
};

struct Judgement {
    Held held;  ///< what was judged
    std::vector<JudgedSet> sets;
    std::vector<std::string> faults;  ///< sets that could not be read
    bool needs_year = false;          ///< one of the sets asks for it
};

/// Of one thread at a time; what was judged before is kept while the answers that a set needs are the same.
class Judge {
 public:
    Judgement judge(const Held& held);

 private:
    struct Kept {
        std::vector<const void*> by;
        std::vector<std::shared_ptr<const void>> holds;  ///< so that no other answer gets the same address
        Fingerprint subjects;
        JudgedSet judged;
    };
    JudgedSet evaluate(const rule::CriteriaSet& set, const Gathered& known, const std::vector<rule::Subject>& subjects,
                       const std::vector<rule::Subject>& year_subjects) const;
    std::map<std::pair<model::Id, std::string>, Kept> kept_;  // by option and set
};

}  // namespace wp::gui
