// SPDX-License-Identifier: GPL-3.0-or-later
// What differs between options, element by element.
#include <algorithm>
#include <optional>

#include "base/file.h"
#include "base/json_text.h"
#include "base/text.h"
#include "cli/arguments.h"
#include "cli/compare_figures.h"
#include "cli/terminal.h"
#include "describe/differences.h"
#include "model/project.h"
#include "store/project_file.h"

namespace wp::cli {

namespace {

using describe::Difference;

const char* word_of(Difference::What what) {
    return what == Difference::What::added ? "added" : what == Difference::What::removed ? "removed" : "changed";
}

Json json_of(const Difference& d) {
    Json out = {{"what", word_of(d.what)}, {"type", d.type}, {"id", d.id}, {"name", d.name}};
    if (!d.part.empty()) out["part"] = d.part;
    if (!d.within.empty()) out["within"] = d.within;
    for (const auto& v : d.values) out["values"].push_back({{"label", v.label}, {"was", v.was}, {"is", v.is}});
    return out;
}

std::optional<int> wrong_option(const model::Project& project, const std::string& id, const char* argument) {
    if (model::find(project.options, id) != nullptr) return {};
    std::vector<std::string> ids;
    for (const auto& option : project.options) ids.push_back(option.id);
    complain({argument, "there is no option \"" + plain_text(id, 60) + "\"", "Options: " + joined(ids)});
    return kBadArguments;
}

}  // namespace

int compare(const CompareArguments& arguments) {
    const auto project = store::read_project(arguments.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    for (const auto& id : arguments.options)
        if (const auto code = wrong_option(*project, id, "--option")) return *code;
    const std::string from = arguments.base.empty() ? project->options.front().id : arguments.base;
    if (const auto code = wrong_option(*project, from, "--base")) return *code;
    const auto& base = *model::find(project->options, from);
    Json file = {{"base", from}, {"options", Json::array()}};
    for (const auto& option : project->options) {
        const bool wanted = (arguments.options.empty() && !option.archived) ||
                            std::ranges::find(arguments.options, option.id) != arguments.options.end();
        if (!wanted || option.id == from) continue;
        const auto all = describe::differences(*project, base, option);
        say("{} against {}: {}\n", option.name, base.name, all.empty() ? "nothing differs" : "");
        for (const auto& group : describe::grouped(all)) say("  {}\n", plain_text(describe::words_of(group)));
        Json list = Json::array();
        for (const auto& d : all) list.push_back(json_of(d));
        file["options"].push_back({{"id", option.id}, {"name", option.name}, {"differences", std::move(list)}});
    }
    if (arguments.figures)
        if (const int code = compare_figures(arguments, *project, base, file); code != kDone) return code;
    if (arguments.json.empty()) return kDone;
    if (const auto fault = write_file(arguments.json, json_file(file))) {
        complain(*fault);
        return kCannotWrite;
    }
    return kDone;
}

}  // namespace wp::cli
