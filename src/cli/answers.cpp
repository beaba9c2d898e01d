// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include <filesystem>

#include "cli/arguments.h"
#include "cli/terminal.h"
#include "model/project.h"
#include "store/answers.h"
#include "store/project_file.h"

namespace wp::cli {

int answers(const AnswersArguments& arguments) {
    const auto project = store::read_project(arguments.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    const auto file = store::answers_beside(arguments.project);
    if (!std::filesystem::exists(file)) {
        say("No answers are kept beside {}\n", arguments.project);
        return kDone;
    }
    auto answers = store::Answers::open(file);
    if (!answers) {
        complain(answers.fault());
        return kBadInput;
    }
    if (!arguments.forget.empty())
        if (const auto fault = (*answers)->forget(arguments.forget)) {
            complain(*fault);
            return kBadArguments;
        }
    if (arguments.tidy) {
        const auto gone = (*answers)->tidy();
        if (!gone) {
            complain(gone.fault());
            return kCannotWrite;
        }
        say("{} pieces forgotten\n", *gone);
    }
    const auto list = (*answers)->list();
    if (!list) {
        complain(list.fault());
        return kBadInput;
    }
    for (const auto& e : *list)
        say("{}  {:<16} {:<16} {}  {} % reached of {} % wanted{}  seed {}  {:.1f} million rays  {:.0f} s  {:.1f} MB  "
            "Warm Pane {}\n",
            e.inputs.substr(0, 12), e.option, e.question, e.made, fmt::format("{:.2g}", 100 * e.record.reached),
            fmt::format("{:.2g}", 100 * e.record.wanted), e.record.settled ? "" : " (not settled)", e.record.seed,
            static_cast<double>(e.record.rays) / 1e6, e.record.seconds, static_cast<double>(e.bytes) / 1e6,
            e.record.version);
    if (list->empty()) say("No answers are kept beside {}\n", arguments.project);
    return kDone;
}

}  // namespace wp::cli
