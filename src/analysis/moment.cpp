// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/skies.h"

#include <fmt/core.h>
#include <algorithm>

#include "climate/sky_amount.h"
#include "describe/field.h"
#include "model/project.h"
#include "question/ask.h"

namespace wp::analysis {

using model::Question;
using namespace question;

namespace {

// Moments of each state of trees and ground together; in the order in which they are asked. Empty where it was
// cancelled.
std::vector<MomentAnswer> answer_moments(const Request& a, const std::vector<Outdoors>& skies) {
    const auto states = light::states_of(a.surfaces);
    std::vector<MomentAnswer> out(skies.size());
    size_t done = 0;
    for (size_t s = 0; s < states.all.size(); ++s) {
        std::vector<Outdoors> here;
        std::vector<size_t> places;
        for (size_t i = 0; i < skies.size(); ++i)
            if (states.in(skies[i].moment.month) == s) here.push_back(skies[i]), places.push_back(i);
        if (here.empty()) continue;
        const double from = static_cast<double>(done) / static_cast<double>(skies.size()),
                     span = static_cast<double>(here.size()) / static_cast<double>(skies.size());
        auto answers = trace_moments(field_task(a.project, a.surfaces, a.points, states.all[s]), here, a.effort,
                                     a.cancel, [&](double reached) { a.report(reached, from, span); });
        if (answers.empty()) return {};
        for (size_t i = 0; i < places.size(); ++i) {
            // What was traced together is counted once.
            if (i > 0) answers[i].record.rays = answers[i].record.paths = 0, answers[i].record.seconds = 0;
            out[places[i]] = std::move(answers[i]);
        }
        done += here.size();
    }
    return out;
}

Record record_of(const std::vector<MomentAnswer>& answers) {
    Record out = answers.front().record;
    for (size_t i = 1; i < answers.size(); ++i) {
        const Record& r = answers[i].record;
        out.inputs.add(r.inputs);
        out.reached = std::max(out.reached, r.reached);
        out.settled = out.settled && r.settled;
        out.rays += r.rays;
        out.paths += r.paths;
        out.seconds += r.seconds;
    }
    return out;
}

Result<TableAnswer> run(const Request& a) {
    const auto found = skies_of(a);
    if (!found) return found.fault();
    const std::vector<Outdoors>& skies = *found;
    const auto answers = answer_moments(a, skies);
    std::string said = "[";
    TableAnswer out;
    out.record.settled = false;
    if (!answers.empty()) out.record = record_of(answers);
    for (const MomentAnswer& answer : answers) {
        const Outdoors& sky = answer.outdoors;
        said +=
            fmt::format(R"({}{{"moment":"{}","sky":"{}","diffuse_lux":{:.0f},"carried_lux":{:.0f},)"
                        R"("direct_normal_lux":{:.0f},"sun_altitude_degrees":{:.2f},"sun_azimuth_degrees":{:.2f}}})",
                        said.size() > 1 ? "," : "", climate::text(sky.moment), sky.words, sky.diffuse_lux,
                        carried_lux(sky.sky_and_sun.sky), sky.direct_lux(), degrees(sky.sky_and_sun.sun.altitude),
                        degrees(sky.sky_and_sun.sun.azimuth));
    }
    out.kind = "moment";
    out.table = table_of(answers);
    if (!answers.empty() && few_enough(a.points, answers.front().sources.size(), answers.size()))
        out.windows = windows_of(answers);
    out.facts = {{"moments", said + "]"}};
    out.main_columns = 6;
    return out;
}

std::string words_of(const Question& q) {
    const std::string first = q.moments.empty() ? std::string() : climate::text(q.moments.front());
    if (q.moments.size() > 1) return fmt::format("{} moments, from {}", q.moments.size(), first);
    return "Illuminance, " + first;
}

}  // namespace

Analysis moment() {
    return {.kind = Question::Kind::moment,
            .name = "Illuminance",
            .asks = "illuminance at moments",
            .words = words_of,
            .needs_weather = [](const Question& q) { return q.sky.needs_weather(); },
            .bears = describe::bears::light,
            .cost = [](const Question& q) { return q.at == Question::At::planes ? 8 : 5; },
            .by_windows = true,
            .run = run};
}

}  // namespace wp::analysis
