// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/summary.h"

#include <cmath>

#include "base/json_text.h"
#include "exchange/picture_file.h"

#include "exchange/verdict_json.h"
#include "figure/year_rooms.h"
#include "light/replicates.h"

namespace wp::exchange {

namespace {

// Figures beyond six digits are noise.
double tidy(double v) {
    if (v == 0 || !std::isfinite(v)) return 0;
    const double scale = std::pow(10.0, 6 - std::ceil(std::log10(std::fabs(v))));
    return std::round(v * scale) / scale;
}

Json head(const Origin& origin, const question::Record& record, const char* kind) {
    Json j;
    j["kind"] = kind;
    j["project"] = origin.project;
    j["option"] = origin.option;
    j["question"] = origin.question;
    if (!origin.weather.empty()) j["weather"] = origin.weather;
    if (origin.made_up_weather) j["note"] = climate::kNoCertificate;
    j["program"] = "Warm Pane " + record.version;
    j["inputs"] = record.inputs.text();
    j["settings"] = {{"accuracy", record.wanted}, {"seed", record.seed}, {"replicates", light::kReplicates}};
    j["reached_accuracy"] = tidy(record.reached);
    j["settled"] = record.settled;
    j["rays"] = record.rays;
    j["paths"] = record.paths;
    j["seconds"] = tidy(record.seconds);
    return j;
}

}  // namespace

std::string table_json(const Origin& origin, const question::Record& record, const char* kind,
                       const question::PointTable& table, const std::vector<std::string>& names,
                       const std::vector<std::pair<std::string, std::string>>& facts) {
    Json j = head(origin, record, kind);
    for (const auto& [name, value] : facts) {
        auto known = parse_json(value, "");
        j[name] = known ? std::move(*known) : Json(value);
    }
    j["planes"] = Json::array();
    for (size_t p = 0; p < table.planes.size(); ++p) {
        Json plane = {{"plane", table.planes[p].plane}, {"room", names[p]}, {"points", table.planes[p].points.size()}};
        for (const auto& column : table.columns) {
            const auto f = question::figures_of(column, p);
            plane[column.id] = {{"mean", tidy(f.mean)},     {"mean_half_width_95", tidy(f.mean_half_width)},
                                {"median", tidy(f.median)}, {"least", tidy(f.least)},
                                {"most", tidy(f.most)},     {"uniformity", tidy(f.uniformity)}};
        }
        j["planes"].push_back(plane);
    }
    return json_file(j);
}

namespace {

Json group_json(const question::YearAnswer& answer, size_t g, const metric::Hours& daylit,
                question::Operation operation) {
    const auto& group = answer.groups[g];
    const auto& states = answer.states(g, operation);
    std::vector<int> hours(group.states.size() + 1, 0);
    for (size_t h = 0; h < states.size(); ++h)
        if (daylit[h]) ++hours[states[h]];
    Json by_state = Json::array();
    for (size_t k = 0; k < hours.size(); ++k)
        by_state.push_back({{"state", k == 0 ? "open" : group.state_names[k - 1]}, {"daylit_hours", hours[k]}});
    const double all = std::max<double>(1, static_cast<double>(metric::count(daylit)));
    return {{"group", group.name},
            {"room", group.room},
            {"windows", group.openings},
            {"control", model::control_name(group.control.kind)},
            {"open_share_of_daylit_hours", tidy(hours[0] / all)},
            {"states", by_state}};
}

Json heat_json(const question::PaneHeat& heat) {
    std::vector<double> on(12, 0.0), through(12, 0.0);
    for (int h = 0; h < climate::kHours; ++h) {
        const auto m = static_cast<size_t>(climate::moment_of(h / 24, 12).month - 1);
        on[m] += static_cast<double>(heat.on[static_cast<size_t>(h)]) / 1000;
        through[m] += static_cast<double>(heat.through[static_cast<size_t>(h)]) / 1000;
    }
    Json j = {{"window", heat.opening},
              {"glass_m2", tidy(heat.area)},
              {"passes_square_to_it", tidy(heat.passes)},
              {"solar_factor_known", heat.solar_known}};
    for (const auto& [key, list] : {std::pair{"on_kwh_m2_by_month", &on}, {"through_kwh_m2_by_month", &through}}) {
        j[key] = Json::array();
        for (const double v : *list) j[key].push_back(tidy(v));
    }
    return j;
}

// Hours, not more than are worth listing, as month-day-hour.
Json hours_json(const metric::Hours& hours) {
    Json out = Json::array();
    for (size_t h = 0; h < hours.size() && out.size() < 200; ++h)
        if (hours[h])
            out.push_back(climate::text(climate::moment_of(static_cast<int>(h) / 24, static_cast<double>(h % 24))));
    return out;
}

}  // namespace

Json verdict_json(const rule::Verdict& v) {
    Json row = {{"criterion", v.criterion->id},
                {"name", v.criterion->name},
                {"subject", v.subject},
                {"state", rule::state_words(v.state)},
                {"unit", rule::unit_of(*v.criterion)},
                {"threshold", v.threshold},
                {"level", v.level},
                {"answered", v.answered()},
                {"source", v.criterion->source}};
    if (!v.why.empty()) row["why"] = v.why;
    if (!v.remarks.empty()) row["remarks"] = v.remarks;
    if (!v.answered()) return row;
    row["value"] = tidy(v.value);
    row["band"] = {tidy(v.low), tidy(v.high)};
    row["margin"] = tidy(v.margin);
    row["met"] = v.met();
    row["certain"] = v.certain;
    if (v.former) row["former"] = tidy(*v.former);
    return row;
}

std::string year_json(const Origin& origin, const question::YearAnswer& answer, const std::vector<std::string>& names,
                      const std::vector<JudgedSet>& judged, const question::YearUse& use,
                      const std::vector<question::LightingYear>& lighting) {
    Json j = head(origin, answer.record, "year");
    j["settings"]["target_lux"] = use.limits.target;
    j["settings"]["useful_lux"] = {use.limits.low, use.limits.high};
    j["settings"]["blind_rule"] = {{"area_share", question::kBlindShare}, {"direct_lux", question::kBlindLux}};
    static constexpr const char* worked[] = {"open", "lm83", "groups"};
    j["settings"]["blinds"] = worked[static_cast<size_t>(use.operation)];
    static constexpr const char* counted[] = {"daylight", "electric", "both"};
    j["settings"]["light"] = counted[static_cast<size_t>(answer.counted())];
    j["settings"]["hours"] = answer.clock_words();
    j["settings"]["panes_changed_since_traced"] = answer.panes_changed();
    j["outdoor_median_diffuse_lux"] = tidy(climate::median_diffuse(answer.outdoor));
    j["planes"] = Json::array();
    for (size_t p = 0; p < answer.planes.size(); ++p) {
        const auto& plane = answer.planes[p];
        const auto unmet = answer.unmet(p, use.operation);
        Json figures = Json::object();
        for (const auto& f : figure::room_figures(answer, p, use.limits, use.hours[p], use.operation))
            figures[f.id] = {{"value", tidy(f.value)}, {"band_95", {tidy(f.low), tidy(f.high)}}, {"unit", f.unit}};
        j["planes"].push_back({{"plane", plane.plane.plane},
                               {"room", names[p]},
                               {"points", plane.plane.points.size()},
                               {"occupied_hours", metric::count(use.hours[p])},
                               {"relative_half_width_95", tidy(plane.relative_half_width)},
                               {"figures", figures},
                               {"hours_no_blind_meets_the_rule", metric::count(unmet)},
                               {"hours_no_blind_meets_the_rule_first", hours_json(unmet)}});
    }
    metric::Hours daylit(climate::kHours, false);
    for (size_t h = 0; h < daylit.size(); ++h) daylit[h] = answer.outdoor[h].daylit();
    j["blinds"] = Json::array();
    for (size_t g = 0; g < answer.groups.size(); ++g)
        if (!answer.groups[g].states.empty()) j["blinds"].push_back(group_json(answer, g, daylit, use.operation));
    j["electric_light"] = Json::array();
    for (const auto& l : lighting)
        j["electric_light"].push_back({{"lighting", l.id},
                                       {"name", l.name},
                                       {"area_m2", tidy(l.area)},
                                       {"sensor_point", l.sensor},
                                       {"luminaires", l.luminaires},
                                       {"installed_w", tidy(l.installed)},
                                       {"lux_at_sensor_by_itself", tidy(l.own_lux)},
                                       {"leni_kwh_m2", tidy(l.leni())},
                                       {"kwh", tidy(l.kwh)},
                                       {"kwh_band_95", {tidy(l.kwh_low), tidy(l.kwh_high)}},
                                       {"kwh_always_on", tidy(l.kwh_always)},
                                       {"saved_share", tidy(l.saved())}});
    j["sun_on_glazing"] = Json::array();
    for (const auto& heat : answer.heat()) j["sun_on_glazing"].push_back(heat_json(heat));
    j["criteria"] = Json::array();
    for (const auto& set : judged) {
        Json rows = Json::array();
        for (const auto& v : set.verdicts) rows.push_back(verdict_json(v));
        j["criteria"].push_back(
            {{"set", set.set.id}, {"name", set.set.name}, {"source", set.set.source}, {"verdicts", rows}});
    }
    return json_file(j);
}

namespace {

Json indices_json(std::span<const std::optional<double>> values) {
    Json out = Json::object();
    const auto indices = metric::glare_indices();
    for (size_t i = 0; i < indices.size(); ++i)
        if (values[i])
            out[indices[i].id] = {{"value", tidy(*values[i])},
                                  {"class", metric::class_of(indices[i], *values[i]).name},
                                  {"source", indices[i].source},
                                  {"holds_for", indices[i].holds}};
    return out;
}

Json rule_json(const metric::SourceRule& rule) {
    Json out;
    switch (rule.against) {
        case metric::SourceRule::Against::field_mean:
            out = {{"against", "field_mean"}, {"times", rule.times}};
            break;
        case metric::SourceRule::Against::task_zone:
            out = {{"against", "task_zone"},
                   {"times", rule.times},
                   {"zone_direction", {tidy(rule.zone.x), tidy(rule.zone.y), tidy(rule.zone.z)}},
                   {"zone_degrees", tidy(degrees(rule.zone_angle))}};
            break;
        case metric::SourceRule::Against::fixed_luminance:
            out = {{"against", "fixed_luminance"}, {"luminance", rule.luminance}};
            break;
    }
    out["joined_within_degrees"] = tidy(degrees(rule.joined_within));
    if (rule.faintest > 0) out["faintest"] = rule.faintest;
    return out;
}

Json sources_json(const question::GlareAnswer& answer) {
    double all = 0;
    for (const auto& s : answer.sources) all += s.contrast();
    Json out = Json::array();
    for (size_t i = 0; i < answer.sources.size(); ++i) {
        const auto& s = answer.sources[i];
        Json one = {{"luminance", tidy(s.luminance)},
                    {"solid_angle_sr", tidy(s.solid_angle)},
                    {"position_index", tidy(s.position)},
                    {"share_of_sum", tidy(all > 0 ? s.contrast() / all : 0)}};
        if (i < answer.parts.size())
            for (const auto& part : answer.parts[i])
                one["what"].push_back({{"words", part.words}, {"share", tidy(part.share)}});
        out.push_back(std::move(one));
    }
    return out;
}

Json around_json(const question::GlareAnswer& answer) {
    Json out = Json::array();
    for (const auto& f : answer.around)
        out.push_back({{"heading_degrees", f.heading},
                       {"vertical_illuminance_lux", tidy(f.vertical_lux)},
                       {"half_width_95_lux", tidy(f.half_width)},
                       {"dgp", tidy(f.dgp)},
                       {"dgp_band", {tidy(f.dgp_low), tidy(f.dgp_high)}},
                       {"strongest_source", f.worst}});
    return out;
}

void judged_json(Json& j, const question::GlareAnswer& answer) {
    j["vertical_illuminance_lux"] = tidy(answer.vertical_lux);
    j["half_width_95_lux"] = tidy(answer.half_width);
    j["dgp"] = tidy(answer.dgp);
    j["dgp_band"] = {tidy(answer.dgp_low), tidy(answer.dgp_high)};
    j["dgp_band_from"] = {{"chance", tidy(answer.dgp_by_chance)},
                          {"resolution", tidy(answer.dgp_by_resolution)},
                          {"sources_at_4_or_6_times_the_mean", tidy(answer.dgp_by_sources)}};
    j["dgp_in_fitted_range"] = answer.in_range;
    j["source_rule"] = rule_json(answer.rule);
    j["sources"] = sources_json(answer);
    j["mean_luminance"] = tidy(answer.mean_luminance);
    j["background_luminance"] = tidy(answer.background());
    j["contrast_of_field"] = tidy(answer.contrast);
    std::vector<std::optional<double>> values;
    for (const auto& index : metric::glare_indices()) values.push_back(index.value(answer));
    j["indices"] = indices_json(values);
    if (!answer.around.empty()) j["around"] = around_json(answer);
}

}  // namespace

namespace {

// What of a picture by wavelength reaches the eye, or the mean of it.
void spectral_json(Json& j, const question::GlareAnswer& answer) {
    const auto light = question::eye_light(answer);
    j["bands"] = answer.spectral->bins.count();
    j["photopic_by_bands"] = tidy(light.photopic);
    j["melanopic_edi"] = tidy(light.melanopic);
    j["melanopic_der"] = tidy(light.photopic > 0 ? light.melanopic / light.photopic : 0);
}

}  // namespace

std::string glare_json(const Origin& origin, const question::GlareAnswer& answer) {
    Json j = head(origin, answer.record, "glare");
    const auto& picture = answer.picture;
    j["observer"] = answer.observer.id;
    j["eye_m"] = {answer.observer.eye.x, answer.observer.eye.y, answer.observer.eye.z};
    j["heading_degrees"] = answer.observer.heading;
    j["altitude_degrees"] = answer.observer.altitude;
    j["moment"] = climate::text(answer.moment);
    j["sky"] = answer.sky;
    j["sun_altitude_degrees"] = tidy(answer.sun_altitude);
    j["lens"] = name_of(picture.lens.kind);
    j["of"] = name_of(picture.of);
    if (answer.spectral != nullptr) spectral_json(j, answer);
    j["pixels"] = picture.lens.width;
    j["samples_per_pixel"] = picture.samples * light::Picture::kParts;
    j["typical_pixel_half_width_95"] = tidy(picture.pixel_half_width);
    j["blinds"] = Json::array();
    for (const auto& group : answer.blinds.groups) j["blinds"].push_back(group.words);
    j["blinds_known"] = answer.blinds.sure();
    if (answer.judged)
        judged_json(j, answer);
    else
        j["mean"] = tidy(picture.field);
    return json_file(j);
}

}  // namespace wp::exchange
