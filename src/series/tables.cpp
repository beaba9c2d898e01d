// SPDX-License-Identifier: GPL-3.0-or-later
#include "series/tables.h"

#include <fmt/core.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <map>
#include <optional>

#include "base/csv.h"
#include "base/json_text.h"
#include "base/text.h"
#include "model/project.h"
#include "series/turns.h"
#include "series/variables.h"

namespace wp::series {

using namespace model;

namespace {

std::string head_of(const Project& project, const Series& series, size_t k) {
    const auto found = variable_of(project, *find(project.options, series.option), series.varied[k]);
    if (!found) return series.varied[k].number;
    const std::string unit = found->field.unit;
    return fmt::format("{} of {}{}", found->label, found->of, unit.empty() ? "" : " [" + unit + "]");
}

Json band_json(const figure::Band& band, double by) {
    return {{"value", by * band.value}, {"low_95", by * band.low}, {"high_95", by * band.high}};
}

Json verdict_json(const Judged& v) {
    const double by = v.is_share ? 100 : 1;
    return {{"set", v.set},
            {"criterion", v.criterion},
            {"subject", v.subject},
            {"value", by * v.value},
            {"low_95", by * v.low},
            {"high_95", by * v.high},
            {"state", rule::state_words(v.state)},
            {"threshold", by * v.threshold},
            {"needs", v.at_least ? "at least" : "at most"}};
}

// Of one varied number: where each verdict's value passes its threshold.
Json turns_json(const SeriesAnswer& answer) {
    struct Curve {
        std::vector<CurvePoint> points;
        double threshold = 0;
        const Judged* first = nullptr;
    };
    std::map<std::string, Curve> curves;
    for (size_t i = 0; i < answer.steps.size(); ++i) {
        if (answer.of[i] == nullptr) continue;
        for (const Judged& v : answer.of[i]->verdicts) {
            Curve& curve = curves[v.set + "\n" + v.criterion + "\n" + v.subject];
            if (curve.first == nullptr) curve.first = &v, curve.threshold = v.threshold;
            curve.points.push_back({answer.steps[i].values[0], {v.value, v.low, v.high}});
        }
    }
    Json out = Json::array();
    for (auto& [key, curve] : curves) {
        std::ranges::sort(curve.points, {}, &CurvePoint::at);
        for (const Turn& turn : turns_of(curve.points, curve.threshold))
            out.push_back({{"set", curve.first->set},
                           {"criterion", curve.first->criterion},
                           {"subject", curve.first->subject},
                           {"at", turn.at},
                           {"from", turn.from},
                           {"to", turn.to},
                           {"rises", turn.rises}});
    }
    return out;
}

std::optional<double> number(std::string_view text) {
    double out = 0;
    const char* end = text.data() + text.size();
    const auto [at, error] = std::from_chars(text.data(), end, out);
    return error == std::errc() && at == end && std::isfinite(out) ? std::optional(out) : std::nullopt;
}

std::vector<std::string> parts_of(std::string_view text, char between) {
    std::vector<std::string> out{""};
    for (const char c : text) {
        if (c == between)
            out.emplace_back();
        else
            out.back() += c;
    }
    return out;
}

// The type of what has these ids and that number; a fault where there is none.
Result<VariedNumber> resolved(const Project& project, const Option& option, VariedNumber varied) {
    static constexpr const char* of_all[] = {"site", "option"};
    if (varied.elements.empty()) {
        for (const char* type : of_all) {
            varied.type = type;
            if (variable_of(project, option, varied)) return varied;
        }
        return Fault{"--vary", "neither the site nor the option has a number \"" + plain_text(varied.number, 60) + "\"",
                     "Name an element before it, as in W-02.width"};
    }
    std::vector<std::string> types{"opening"};  // some numbers of openings are found from others
    for (const auto& n : describe::numbers_of(project, option))
        if (n.place.id == varied.elements.front() && std::ranges::find(types, n.place.type) == types.end())
            types.push_back(n.place.type);
    for (const std::string& type : types) {
        varied.type = type;
        if (variable_of(project, option, varied)) return varied;
    }
    std::vector<std::string> has;
    for (const auto& n : describe::numbers_of(project, option))
        if (n.place.id == varied.elements.front()) has.push_back(n.place.number);
    if (has.empty())
        return Fault{"--vary", "the option has no \"" + plain_text(varied.elements.front(), 60) + "\"",
                     "warmpane-cli show lists what it has"};
    return Fault{"--vary",
                 plain_text(joined(varied.elements), 120) + " has no number \"" + plain_text(varied.number, 60) + "\"",
                 "It has: " + joined(has)};
}

}  // namespace

std::string series_csv(const Project& project, const SeriesAnswer& answer) {
    std::string out;
    for (size_t k = 0; k < answer.series.varied.size(); ++k) out += csv_field(head_of(project, answer.series, k)) + ",";
    out += "room,figure,value,low_95,high_95,unit,settled\n";
    for (size_t i = 0; i < answer.steps.size(); ++i) {
        if (answer.of[i] == nullptr) continue;
        for (size_t r = 0; r < answer.rooms.size(); ++r)
            for (size_t l = 0; l < answer.lines.size(); ++l) {
                const auto band = answer.band(i, r, l);
                if (!band) continue;
                const figure::Line& line = *answer.lines[l];
                for (const double v : answer.steps[i].values) out += fmt::format("{:.9g},", v);
                out += fmt::format("{},{},{:.6g},{:.6g},{:.6g},{},{}\n", csv_field(answer.room_names[r]), line.id,
                                   figure::printed(line) * band->value, figure::printed(line) * band->low,
                                   figure::printed(line) * band->high,
                                   csv_field(figure::unit_of(*line.measure, line.wanted)),
                                   answer.of[i]->settled ? "yes" : "no");
            }
    }
    return out;
}

std::string series_json(const Project& project, const SeriesAnswer& answer) {
    Json varied = Json::array(), steps = Json::array();
    for (size_t k = 0; k < answer.series.varied.size(); ++k) {
        const VariedNumber& v = answer.series.varied[k];
        varied.push_back({{"type", v.type},
                          {"elements", v.elements},
                          {"number", v.number},
                          {"name", head_of(project, answer.series, k)},
                          {"present", answer.present[k]}});
    }
    for (size_t i = 0; i < answer.steps.size(); ++i) {
        if (answer.of[i] == nullptr) continue;
        const StepAnswer& of = *answer.of[i];
        Json rooms = Json::array(), verdicts = Json::array();
        for (size_t r = 0; r < answer.rooms.size(); ++r) {
            Json figures = Json::object();
            for (size_t l = 0; l < answer.lines.size(); ++l)
                if (const auto band = answer.band(i, r, l))
                    figures[answer.lines[l]->id] = band_json(*band, figure::printed(*answer.lines[l]));
            rooms.push_back({{"room", answer.rooms[r]}, {"name", answer.room_names[r]}, {"figures", figures}});
        }
        for (const Judged& v : of.verdicts) verdicts.push_back(verdict_json(v));
        steps.push_back({{"values", answer.steps[i].values},
                         {"rooms", rooms},
                         {"verdicts", verdicts},
                         {"settled", of.settled},
                         {"rays", of.rays},
                         {"seconds", std::round(of.seconds * 100) / 100}});
    }
    Json out = {{"project", project.name},    {"option", answer.series.option},
                {"series", answer.series.id}, {"name", answer.series.name},
                {"varied", varied},           {"steps", steps}};
    if (answer.series.varied.size() == 1) out["turns"] = turns_json(answer);
    return json_file(out);
}

Result<VariedNumber> parse_varied(const Project& project, const Option& option, std::string_view text) {
    const auto wrong = [&](const std::string& what) {
        return Fault{"--vary " + plain_text(std::string(text), 80), what,
                     "Write ELEMENT.NUMBER=FROM:TO:STEPS, as in W-02+W-03.width=0.9:1.8:4"};
    };
    const size_t is = text.find('=');
    if (is == std::string_view::npos) return wrong("no values are given");
    const std::string_view of = text.substr(0, is);
    const auto values = parts_of(text.substr(is + 1), ':');
    if (values.size() != 3) return wrong("from, to and steps are wanted");
    const auto from = number(values[0]), to = number(values[1]), steps = number(values[2]);
    if (!from || !to || !steps || *steps != std::floor(*steps) || *steps < 2 || *steps > 200)
        return wrong("from and to are numbers, steps a whole one from 2 to 200");
    VariedNumber varied;
    varied.from = *from;
    varied.to = *to;
    varied.steps = static_cast<int>(*steps);
    const size_t dot = of.rfind('.');
    varied.number = std::string(dot == std::string_view::npos ? of : of.substr(dot + 1));
    if (dot != std::string_view::npos) varied.elements = parts_of(of.substr(0, dot), '+');
    return resolved(project, option, std::move(varied));
}

}  // namespace wp::series
