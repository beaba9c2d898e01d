// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/comparing.h"

#include <algorithm>

#include "geometry/plane_points.h"

namespace wp::gui {

std::optional<figure::Band> Comparer::find(const ComparedLine& line, const Gathered& in, const model::Id& room) {
    const auto analysis = figure::analysis_of(*line.measure, line.wanted);
    const auto given = in.given.find(analysis);
    if (given == in.given.end()) return {};
    // A year that has not come all the way has points of its own.
    const auto asked = analysis == model::Question::Kind::year
                           ? at_stage(in.held.project, in.held.option, in.held.year_stage)
                           : in.held.project;
    const auto& project = *asked;
    const auto& option = project.options[in.held.option];
    const auto plane =
        std::find_if(option.planes.begin(), option.planes.end(), [&](const auto& p) { return p.room == room; });
    if (plane == option.planes.end()) return {};
    const auto points = geometry::plane_points(option, *plane, project.site.north);
    if (!points) return {};
    const Fingerprint print = points->fingerprint();
    Known& known = known_[{line.name, option.id, plane->id}];
    if (known.answer != given->second || known.points != print)
        known = {given->second, print, line.measure->find(in.answers, *points, 0, line.wanted)};
    return known.band;
}

Comparison Comparer::compare(Comparison asked) {
    std::vector<Gathered> all;
    std::vector<std::shared_ptr<const void>> holds;
    for (const Held& held : asked.options) {
        all.push_back(gather(held));
        for (auto& one : held.holds()) holds.push_back(std::move(one));
    }
    asked.bands.clear();
    for (const auto& room : asked.rooms)
        for (const auto& line : asked.lines)
            for (const Gathered& option : all) asked.bands.push_back(find(line, option, room));
    // What is compared next may hold other answers: these stay until then, and what is known of others goes.
    std::erase_if(known_, [&](const auto& entry) {
        return std::none_of(holds.begin(), holds.end(),
                            [&](const auto& one) { return one.get() == entry.second.answer; });
    });
    holds_ = std::move(holds);
    return asked;
}

}  // namespace wp::gui
