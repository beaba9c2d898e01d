// SPDX-License-Identifier: GPL-3.0-or-later
#include "figure/lines.h"

#include <algorithm>
#include <vector>

namespace wp::figure {

namespace {

std::vector<Line> make_lines() {
    std::vector<Line> out;
    const auto add = [&](const char* id, const char* name, const Wanted& wanted) {
        out.push_back({id, find_measure(id), wanted, name, ""});
    };
    Wanted blinds, sun;
    blinds.blinds = question::Operation::lm83;
    sun.lux = 1000;
    add("spatial_autonomy", "Spatial daylight autonomy (sDA300/50%)", blinds);
    add("sunlight_exposure", "Annual sunlight exposure (ASE1000,250h)", sun);
    add("glare_probability", "Daylight glare probability, worst", {});
    for (const auto& figure : point_figures())
        for (const char* of : {"mean", "least"}) {
            const auto* measure = find_measure(of);
            Wanted wanted;
            wanted.figure = figure.id;
            out.push_back({std::string(figure.id) + "." + of, measure, wanted, figure.name, measure->name});
        }
    return out;
}

}  // namespace

std::span<const Line> lines() {
    static const std::vector<Line> all = make_lines();
    return all;
}

const Line* find_line(std::string_view id) {
    const auto at = std::ranges::find(lines(), id, &Line::id);
    return at != lines().end() ? &*at : nullptr;
}

std::string words_of(const Line& line) { return *line.of == 0 ? line.name : std::string(line.name) + ", " + line.of; }

}  // namespace wp::figure
