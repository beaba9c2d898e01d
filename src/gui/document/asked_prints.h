// SPDX-License-Identifier: GPL-3.0-or-later
// Whether what was asked of one state of the project is what would be asked of another: store::asked_print, of which
// the last few are remembered, since it is wanted whenever something is drawn.
#pragma once
#include <deque>
#include <memory>

#include "base/fingerprint.h"
#include "model/option.h"
#include "model/question.h"

namespace wp::model {
struct Project;
}

namespace wp::gui {

/// Whether two projects are alike for an option in all that bears on these (bits of describe::bears), weather file
/// included. False where either has no such option.
bool are_alike(const model::Project& a, const model::Project& b, const model::Id& option, unsigned bears);

class AskedPrints {
 public:
    /// Whether an option's answer to a question, asked of one project, holds for another: renamed or recoloured things
    /// change nothing. False where either has no such option.
    bool is_same(const std::shared_ptr<const model::Project>& then, const model::Question& asked_then,
                 const std::shared_ptr<const model::Project>& now, const model::Question& asked_now,
                 const model::Id& option);

 private:
    struct Known {
        std::shared_ptr<const model::Project> project;
        model::Id option;
        model::Question question;
        Fingerprint print;
    };
    Fingerprint of(const std::shared_ptr<const model::Project>& project, const model::Option& option,
                   const model::Question& question);
    std::deque<Known> known_;  // newest first
};

}  // namespace wp::gui
