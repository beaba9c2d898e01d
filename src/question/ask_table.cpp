// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/ask_table.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "climate/sky_amount.h"

namespace wp::question {

using model::Question;

bool gives_table(Question::Kind kind) { return kind != Question::Kind::year && kind != Question::Kind::glare; }

namespace {

using Points = std::vector<geometry::PlanePoints>;

// What every kind needs.
struct Asked {
    const model::Project& project;
    const Question& question;
    const geometry::Surfaces& surfaces;
    const Points& points;
    const climate::WeatherYear* weather;
    Effort effort;
    Cancel cancel;
    Progress progress;

    // Errors fall with the samples: a fair guess of the share done, within a span of the whole.
    void report(double reached, double from = 0, double span = 1) const {
        if (progress) progress(from + span * std::min(1.0, std::pow(effort.accuracy / std::max(reached, 1e-9), 1.5)));
    }
};

// Of a window's outer face the vertical sky component is the figure that is asked for; the whole follows it.
void lead_with_sky(PointTable& table) {
    const auto sky = std::ranges::find(table.columns, "sky_component_percent", &Column::id);
    if (sky == table.columns.end()) return;
    sky->id = "vertical_sky_component_percent";
    sky->name = "Vertical sky component";
    std::rotate(table.columns.begin(), sky, sky + 1);
}

// A table of all windows at all points is laid out whole.
constexpr double kMostWindowShares = 1e7;
bool few_enough(const std::vector<geometry::PlanePoints>& planes, size_t windows, size_t figures) {
    double points = 0;
    for (const auto& plane : planes) points += static_cast<double>(plane.points.size());
    return points * static_cast<double>(windows) * static_cast<double>(figures) <= kMostWindowShares;
}

TableAnswer ask_daylight_factor(const Asked& a) {
    DaylightFactorSetup setup;
    setup.season = a.question.season;
    const auto answer = daylight_factor(
        a.surfaces, a.points, a.effort, a.cancel, [&](const auto& so_far) { a.report(so_far.record.reached); }, setup);
    TableAnswer out{answer.record,
                    "daylight_factor",
                    table_of(answer),
                    few_enough(a.points, answer.portals.size(), 1) ? std::optional(windows_of(answer)) : std::nullopt,
                    {},
                    100};
    const double design = climate::design_sky(a.project.site.latitude);
    out.facts = {{"sky", "CIE S 011 type 16, traditional overcast"}, {"design_sky_lux", fmt::format("{:.0f}", design)}};
    // Near the equator the sun stands so high that overcast skies tell little of a year's light.
    if (std::fabs(a.project.site.latitude) < 20)
        out.facts.emplace_back("design_sky_doubt",
                               "the design sky of CIE 16-1970 was made for temperate latitudes; within 20 degrees of "
                               "the equator take the median");
    const double median = a.weather != nullptr ? climate::median_diffuse(climate::outdoor_year(*a.weather)) : 0;
    if (median > 0) out.facts.emplace_back("median_diffuse_lux", fmt::format("{:.0f}", median));
    add_skies(out.table, a.project.site.latitude, median);
    if (a.question.at == Question::At::windows) lead_with_sky(out.table);
    return out;
}

// Fields of the states that months need, each traced once.
class Fields {
 public:
    Fields(const Asked& asked, const std::vector<int>& months)
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
    const Asked& asked_;
    light::States states_;
    std::map<size_t, LightField> fields_;
};

// Moments of each state of trees and ground together; in the order in which they are asked. Empty where it was
// cancelled.
std::vector<MomentAnswer> answer_moments(const Asked& a, const std::vector<Outdoors>& skies) {
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

Result<TableAnswer> ask_moments(const Asked& a) {
    const std::vector<climate::OutdoorHour> outdoor =
        a.weather != nullptr ? climate::outdoor_year(*a.weather) : std::vector<climate::OutdoorHour>{};
    std::vector<Outdoors> skies;
    for (const auto& moment : a.question.moments) {
        auto sky = outdoors_at(a.project.site, a.question.sky, moment, outdoor);
        if (!sky) return sky.fault();
        skies.push_back(std::move(*sky));
    }
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
                        carried_lux(sky.shine.sky), sky.direct_lux(), degrees(sky.shine.sun.altitude),
                        degrees(sky.shine.sun.azimuth));
    }
    out.kind = "moment";
    out.table = table_of(answers);
    if (!answers.empty() && few_enough(a.points, answers.front().sources.size(), answers.size()))
        out.windows = windows_of(answers);
    out.facts = {{"moments", said + "]"}};
    out.main_columns = 6;
    return out;
}

Result<TableAnswer> ask_exposure(const Asked& a) {
    const int first = a.question.first.day_of_year(), last = a.question.last.day_of_year();
    std::vector<int> months;
    for (int d = 0; d <= (last - first + 365) % 365; ++d)
        months.push_back(climate::moment_of((first + d) % 365, 12).month);
    const Fields fields(a, months);
    if (a.cancel.requested()) return TableAnswer{fields.record(), "exposure", {}, {}, {}, 1};
    const auto answer = exposure([&](int month) -> const LightField& { return fields.of(month); }, *a.weather,
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

TableAnswer ask_sun_hours(const Asked& a) {
    const auto answer = sun_hours(sun_hours_task(a.project, a.question, a.surfaces, a.points, a.weather), a.effort,
                                  a.cancel, a.progress);
    return {answer.record,
            "sun_hours",
            table_of(answer),
            {},
            {{"days", std::to_string(answer.days)},
             {"open_hours", fmt::format("{:.2f}", answer.open_hours)},
             {"sun", a.question.probable ? "probable: hours with 120 W/m2 or more of direct irradiance"
                                         : "possible: whenever it is up"}},
            100};
}

TableAnswer ask_sky_view(const Asked& a) {
    constexpr int looks = 24;
    const auto answer = sky_view(a.surfaces, a.points, a.question.season, a.effort, looks, a.cancel, a.progress);
    TableAnswer out{answer.record, "sky_view", table_of(answer), {}, {}, 100};
    std::string shares = "[";
    for (const auto& plane : answer.planes)
        shares += fmt::format("{}{:.4f}", shares.size() > 1 ? "," : "", plane.share_seeing);
    out.facts = {{"share_before_no_sky_line", shares + "]"}};
    return out;
}

}  // namespace

Result<TableAnswer> ask_table(const model::Project& project, const model::Option& option, const Question& question,
                              const climate::WeatherYear* weather, const Effort& effort, const Cancel& cancel,
                              const Progress& progress) {
    if (weather == nullptr && needs_weather(question))
        return Fault{"question " + question.id, "it needs a weather file", "Choose one on the Site desk"};
    const auto surfaces = geometry::build_surfaces(project, option, question.without);
    const auto points = points_of(project, option, question, surfaces);
    if (!points) return points.fault();
    const Asked asked{project, question, surfaces, *points, weather, effort, cancel, progress};
    switch (question.kind) {
        case Question::Kind::moment:
            return ask_moments(asked);
        case Question::Kind::sun_hours:
            return ask_sun_hours(asked);
        case Question::Kind::sky_view:
            return ask_sky_view(asked);
        case Question::Kind::exposure:
            return ask_exposure(asked);
        case Question::Kind::daylight_factor:
            return ask_daylight_factor(asked);
        case Question::Kind::year:
        case Question::Kind::glare:
            break;
    }
    return Fault{"question " + question.id, "a question of this kind gives no table of points", "Ask it as what it is"};
}

}  // namespace wp::question
