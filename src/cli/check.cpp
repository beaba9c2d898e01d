// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include "check/check.h"
#include "cli/arguments.h"
#include "cli/terminal.h"
#include "model/project.h"
#include "question/ask.h"
#include "rule/criteria.h"
#include "store/project_file.h"

namespace wp::cli {

int check(const CheckArguments& arguments) {
    const auto project = store::read_project(arguments.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    bool blinds = false;
    for (const auto& id : project->criteria) {
        const auto set = rule::set_of(*project, id);
        if (!set) {
            complain(set.fault());
            return kBadInput;
        }
        for (const auto& criterion : set->criteria)
            blinds = blinds || criterion.blinds == rule::Criterion::Blinds::lm83;
    }
    const auto weather = question::weather_of(*project, arguments.project);
    size_t faults = 0;
    for (const auto& option : project->options) {
        say("Option {}: {}\n", option.id, option.name);
        size_t of_this = 0;
        for (const auto& fault : check::check_model(*project, option, blinds, weather ? &weather->measured : nullptr)) {
            if (!is_assumption(fault)) ++of_this;
            say("  {} {}{}\n", is_assumption(fault) ? "assumed" : "fault  ", fault.what,
                fault.mend.empty() ? "" : " Mend: " + fault.mend + ".");
        }
        if (of_this == 0) say("  no faults\n");
        faults += of_this;
    }
    return faults == 0 ? kDone : kFaults;
}

}  // namespace wp::cli
