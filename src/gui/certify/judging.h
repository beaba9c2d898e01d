// SPDX-License-Identifier: GPL-3.0-or-later
// Judges the answers of an option by the project's criteria sets, in any thread.
#pragma once
#include <functional>
#include <memory>
#include <optional>

#include "gui/answers/gathered.h"
#include "rule/verdicts.h"

namespace wp::gui {

struct JudgedSet {
    std::shared_ptr<const rule::CriteriaSet> set;  ///< the verdicts point into it
    std::vector<rule::Verdict> verdicts;
    std::vector<rule::Conclusion> conclusions;
    rule::SetOutcome outcome;
    std::string doubt;                     ///< what nobody has checked of it; empty: nothing
    std::vector<model::Question> missing;  ///< what would have to be asked for it, and has no answer
};

/// What is judged, and against what.
struct ToJudge {
    Held held;
    std::optional<Held> former;  ///< answers of the option that stands for how it was
    std::shared_ptr<const climate::WeatherYear> weather;
    /// All answers: see Held::holds.
    std::vector<std::shared_ptr<const void>> holds() const;
};
/// An option as things stand, the moment aside: no criterion asks for it, and it changes all the time.
ToJudge to_judge(const Document& document, const KeptAnswers& kept, size_t option);

struct Judgement {
    Held held;  ///< what was judged
    std::vector<JudgedSet> sets;
    std::vector<std::string> faults;                     ///< sets that could not be read
    std::vector<std::string> assumptions;                ///< that all verdicts stand on
    std::shared_ptr<const geometry::Surfaces> surfaces;  ///< of what was judged
    bool settles = false;                                ///< something that verdicts stand on is still being traced
    /// Their answers were left out because the model has changed since.
    std::vector<model::Question> stale_questions;
};

/// Of one thread at a time; what was judged before is kept while the answers that a set needs are the same.
class Judge {
 public:
    Judgement judge(const ToJudge& wanted);
    /// The case that verdicts are evaluated on, for whoever wants to know more of it.
    void with_case(const ToJudge& wanted, const std::function<void(const rule::Case&)>& use);

 private:
    struct Prepared;
    std::unique_ptr<Prepared> prepare(const ToJudge& wanted);

    struct Kept {
        std::vector<const void*> by;
        std::vector<std::shared_ptr<const void>> holds;  ///< so that no other answer gets the same address
        Fingerprint of;
        JudgedSet judged;
    };
    /// What rooms and surfaces say, of the option as it was last looked at.
    struct Looked {
        Fingerprint of;
        std::shared_ptr<const geometry::Surfaces> surfaces;
        std::vector<rule::Subject> subjects;
    };
    const Looked& look(const model::Project& project, const model::Option& option);
    std::map<std::pair<model::Id, std::string>, Kept> kept_;  // by option and set
    std::map<model::Id, Looked> looked_;                      // by option
};

}  // namespace wp::gui
