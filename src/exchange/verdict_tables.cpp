// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/verdict_tables.h"

#include <fmt/format.h>

#include <iterator>

#include "base/csv.h"
#include "base/json_text.h"
#include "base/text.h"
#include "exchange/verdict_json.h"

namespace wp::exchange {

namespace {

// In the unit that is printed.
double printed(const rule::Criterion& c, double value) { return rule::measure_of(c)->is_share ? 100 * value : value; }

Json set_json(const Certified::Set& set) {
    Json verdicts = Json::array(), conclusions = Json::array();
    for (const auto& v : set.verdicts) verdicts.push_back(verdict_json(v));
    for (const auto& c : set.conclusions)
        conclusions.push_back({{"name", c.name},
                               {"subject", c.subject},
                               {"state", rule::state_words(c.state)},
                               {"level", c.level},
                               {"perhaps", c.perhaps},
                               {"required", !c.optional}});
    return {{"set", set.set->id},
            {"name", set.set->name},
            {"source", set.set->source},
            {"not_checked", set.doubt},
            {"state", rule::state_words(set.outcome.state)},
            {"outcome", joined(set.outcome.words, "; ")},
            {"points", set.outcome.points},
            {"conclusions", conclusions},
            {"verdicts", verdicts}};
}

}  // namespace

std::string verdicts_csv(const Certified& certified) {
    std::string out =
        "option,set,criterion,name,subject,state,value,unit,low_95,high_95,needs,threshold,margin,level,former,because,"
        "remarks,source,not_checked\n";
    for (const auto& set : certified.sets)
        for (const auto& v : set.verdicts) {
            const auto& c = *v.criterion;
            const auto number = [&](double x) { return v.answered() ? fmt::format("{:.5g}", printed(c, x)) : ""; };
            for (const std::string& field :
                 {certified.option, set.set->id, c.id, c.name, v.subject, std::string(rule::state_words(v.state))})
                out += csv_field(field) + ",";
            out += number(v.value) + "," + csv_field(rule::unit_of(c)) + "," + number(v.low) + "," + number(v.high) +
                   "," + (c.at_least ? "at least" : "at most") + "," + fmt::format("{:.5g}", printed(c, v.threshold)) +
                   "," + number(v.margin) + "," + csv_field(v.reached ? v.level : "") + "," +
                   (v.former ? fmt::format("{:.5g}", printed(c, *v.former)) : "") + "," + csv_field(v.why) + "," +
                   csv_field(joined(v.remarks, "; ")) + "," + csv_field(c.source) + "," + csv_field(set.doubt) + "\n";
        }
    return out;
}

std::string certified_json(const Origin& origin, const Certified& certified,
                           const std::vector<std::pair<std::string, question::Record>>& records) {
    Json j = {{"program", std::string("Warm Pane ") + question::kVersion},
              {"project", origin.project},
              {"option", origin.option},
              {"weather", origin.weather}};
    if (origin.made_up_weather) j["made_up_weather"] = true;
    j["assumptions"] = certified.assumptions;
    j["answers"] = Json::array();
    for (const auto& [name, record] : records)
        j["answers"].push_back({{"question", name},
                                {"reached_accuracy", record.reached},
                                {"settled", record.settled},
                                {"rays", record.rays},
                                {"seconds", record.seconds},
                                {"seed", record.seed},
                                {"inputs", record.inputs.text()}});
    j["sets"] = Json::array();
    for (const auto& set : certified.sets) j["sets"].push_back(set_json(set));
    return json_file(j);
}

}  // namespace wp::exchange
