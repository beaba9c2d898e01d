// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/faults.h"

#include "base/text.h"
#include "check/check.h"
#include "cli/terminal.h"

namespace wp::cli {

bool told_of_faults(const model::Project& project, const std::vector<const model::Option*>& options,
                    const climate::Place* measured) {
    bool spoilt = false;
    for (const auto* option : options)
        for (const auto& fault : check::check_model(project, *option, false, measured)) {
            if (is_assumption(fault)) continue;
            const bool spoils = check::spoils_answers(fault.kind);
            spoilt = spoilt || spoils;
            note("{}: option {}: {}\n", spoils ? "fault" : "note", plain_text(option->id, 60), plain_text(fault.what));
        }
    return spoilt;
}

}  // namespace wp::cli
