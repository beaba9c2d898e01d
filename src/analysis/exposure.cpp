// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analysis.h"

#include <fmt/core.h>
#include <algorithm>
#include <map>

#include "describe/field.h"
#include "model/project.h"
#include "question/ask.h"

namespace wp::analysis {

using model::Question;
using namespace question;

namespace {

// Fields of the states that months need, each traced once.
class Fields {
 public:
    Fields(const Request& asked, const std::vector<int>& months)
        : asked_(asked), states_(light::states_of(asked.surfaces)) {
        std::vector<size_t> wanted;
        for (const int month : months)
            if (std::find(wanted.begin(), wanted.end(), states_.in(month)) == wanted.end())
                wanted.push_back(states_.in(month));
        for (size_t i = 0; i < wanted.size(); ++i) {
            const double span = 1.0 / static_cast<double>(wanted.size());
            fields_[wanted[i]] =
                trace_light_field(field_task(asked.project, asked.surfaces, asked.points, states_.all[wanted[i]]),
                                  asked.effort, asked.cancel, [&](const LightField& so_far) {
                                      asked.report(so_far.record.reached, static_cast<double>(i) * span, span);
                                  });
        }
    }
    const LightField& of(int month) const { return fields_.at(states_.in(month)); }
    /// The worst of all.
    Record record() const {
        Record out = fields_.begin()->second.record;
        for (const auto& [state, field] : fields_) {
            out.reached = std::max(out.reached, field.record.reached);
            out.settled = out.settled && field.record.settled;
            if (state == fields_.begin()->first) continue;
            out.rays += field.record.rays;
            out.paths += field.record.paths;
            out.seconds += field.record.seconds;
        }
        return out;
    }

 private:
    const Request& asked_;
    light::States states_;
    std::map<size_t, LightField> fields_;
};

Result<TableAnswer> run(const Request& a) {
    const int first = a.question.first.day_of_year(), last = a.question.last.day_of_year();
    std::vector<int> months;
    for (int d = 0; d <= (last - first + 365) % 365; ++d)
        months.push_back(climate::moment_of((first + d) % 365, 12).month);
    const Fields fields(a, months);
    if (a.cancel.requested()) return TableAnswer{fields.record(), "exposure", {}, {}, {}, 1};
    const auto answer =
        question::exposure([&](int month) -> const LightField& { return fields.of(month); }, *a.weather,
                           radians(a.project.site.north), ground_of_months(a.project.site), first, last);
    return TableAnswer{answer.record,
                       "exposure",
                       table_of(answer),
                       {},
                       {{"daylit_hours", std::to_string(answer.hours)},
                        {"outdoor_klxh", fmt::format("{:.1f}", answer.outdoor_lux_hours / 1000)},
                        {"outdoor_kwh_m2", fmt::format("{:.2f}", answer.outdoor_irradiation / 1000)}},
                       1};
}

}  // namespace

Analysis exposure() {
    return {.kind = Question::Kind::exposure,
            .name = "Exposure",
            .asks = "light and irradiation added up",
            .words = [](const Question& q) { return "Exposure, " + period_words(q); },
            .needs_weather = [](const Question&) { return true; },
            .bears = describe::bears::light,
            .cost = [](const Question&) { return 6; },
            .run = run};
}

}  // namespace wp::analysis
