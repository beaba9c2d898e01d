// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/options.h"

#include <algorithm>
#include <iterator>
#include <utility>

namespace wp::edit {
using namespace model;

namespace {

size_t put_behind(Project& project, size_t index, Option option, const std::string& name) {
    option.id = unused_id(project.options, "option");
    option.name = name;
    option.extra.clear();
    option.archived = false;
    const size_t at = std::min(index + 1, project.options.size());
    project.options.insert(project.options.begin() + static_cast<std::ptrdiff_t>(at), std::move(option));
    return at;
}

}  // namespace

size_t copy_option(Project& project, size_t index, const std::string& name) {
    return put_behind(project, index, project.options[index], name);
}

size_t add_empty_option(Project& project, size_t index, const std::string& name) {
    const Option& like = project.options[index];
    Option fresh;
    fresh.outer_wall = like.outer_wall;
    fresh.inner_wall = like.inner_wall;
    fresh.roof = like.roof;
    fresh.types = like.types;
    fresh.control = like.control;
    fresh.blocks = like.blocks;  // neighbours stand whatever is built
    std::ranges::copy_if(like.things, std::back_inserter(fresh.things),
                         [](const Thing& t) { return is_outdoors(t.kind) && t.storey.empty(); });
    const double level = like.storeys.empty() ? 0 : like.storeys.front().level;
    fresh.storeys.push_back(
        new_storey("storey-1", like.storeys.empty() ? "Ground floor" : like.storeys.front().name, level));
    return put_behind(project, index, std::move(fresh), name);
}

bool move_option(Project& project, size_t from, size_t to) {
    auto& all = project.options;
    if (from >= all.size() || to >= all.size() || from == to) return false;
    const auto at = [&](size_t i) { return all.begin() + static_cast<std::ptrdiff_t>(i); };
    if (from < to)
        std::rotate(at(from), at(from + 1), at(to + 1));
    else
        std::rotate(at(to), at(from), at(from + 1));
    return true;
}

bool remove_option(Project& project, size_t index) {
    if (project.options.size() < 2 || index >= project.options.size()) return false;
    const Id id = project.options[index].id;
    if (project.former == id) project.former.clear();
    if (project.decision.option == id) project.decision = {};
    for (HandFigure& figure : project.hand_figures)
        std::erase_if(figure.values, [&](const HandValue& v) { return v.option == id; });
    std::erase_if(project.series, [&](const Series& s) { return s.option == id; });
    project.options.erase(project.options.begin() + static_cast<std::ptrdiff_t>(index));
    return true;
}

}  // namespace wp::edit
