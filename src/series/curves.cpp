// SPDX-License-Identifier: GPL-3.0-or-later
#include "series/curves.h"

#include <algorithm>

namespace wp::series {

namespace {

bool has_value(const SeriesAnswer& answer, size_t line) {
    for (const auto& step : answer.of)
        for (size_t r = 0; step != nullptr && r < answer.rooms.size(); ++r)
            if (step->bands[r * answer.lines.size() + line]) return true;
    return false;
}

std::string id_of(const Judged& v) { return v.set + "/" + v.criterion; }

}  // namespace

std::vector<Plotted> plotted_of(const SeriesAnswer& answer) {
    std::vector<Plotted> out;
    for (size_t l = 0; l < answer.lines.size(); ++l) {
        const figure::Line& line = *answer.lines[l];
        if (!has_value(answer, l)) continue;
        out.push_back({line.id,
                       line.name,
                       line.of,
                       figure::unit_of(*line.measure, line.wanted),
                       figure::printed(line),
                       {},
                       true,
                       &line});
    }
    for (const auto& step : answer.of) {
        if (step == nullptr) continue;
        for (const Judged& v : step->verdicts) {
            if (v.room.empty() || std::ranges::find(out, id_of(v), &Plotted::id) != out.end()) continue;
            out.push_back(
                {id_of(v), v.name, v.set, v.unit, v.is_share ? 100.0 : 1.0, v.thresholds, v.at_least, nullptr});
            std::ranges::sort(out.back().thresholds);
        }
    }
    return out;
}

std::optional<figure::Band> band_of(const SeriesAnswer& answer, const Plotted& what, size_t step, size_t room) {
    if (answer.of[step] == nullptr) return {};
    if (what.line != nullptr) {
        const auto at = std::ranges::find(answer.lines, what.line);
        return at != answer.lines.end() ? answer.band(step, room, static_cast<size_t>(at - answer.lines.begin()))
                                        : std::nullopt;
    }
    for (const Judged& v : answer.of[step]->verdicts)
        if (id_of(v) == what.id && v.room == answer.rooms[room]) return figure::Band{v.value, v.low, v.high};
    return {};
}

std::vector<CurvePoint> curve_of(const SeriesAnswer& answer, const Plotted& what, size_t room) {
    std::vector<CurvePoint> out;
    for (size_t i = 0; i < answer.steps.size(); ++i)
        if (const auto band = band_of(answer, what, i, room)) out.push_back({answer.steps[i].values[0], *band});
    std::ranges::sort(out, {}, &CurvePoint::at);
    return out;
}

}  // namespace wp::series
