// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/summary.h"

#include <cmath>
#include <nlohmann/json.hpp>

#include "light/replicates.h"

namespace wp::exchange {

namespace {

using Json = nlohmann::ordered_json;

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

std::string table_json(const Origin& origin, const question::Record& record, const char* kind, const question::PointTable& table, const std::vector<std::string>& names,
                       const std::vector<std::pair<std::string, std::string>>& facts) {
    Json j = head(origin, record, kind);
    for (const auto& [name, value] : facts) j[name] = Json::accept(value) ? Json::parse(value) : Json(value);
    j["planes"] = Json::array();
    for (size_t p = 0; p < table.planes.size(); ++p) {
        Json plane = {{"plane", table.planes[p].plane}, {"room", names[p]}, {"points", table.planes[p].points.size()}};
        for (const auto& column : table.columns) {
            const auto f = question::figures_of(column, p);
            plane[column.id] = {{"mean", tidy(f.mean)}, {"mean_half_width_95", tidy(f.mean_half_width)}, {"median", tidy(f.median)},
                                {"least", tidy(f.least)}, {"most", tidy(f.most)}, {"uniformity", tidy(f.uniformity)}};
        }
        j["planes"].push_back(plane);
    }
    return j.dump(1) + "\n";
}

std::string year_json(const Origin& origin, const question::YearAnswer& answer, const std::vector<std::string>& names,
                      const std::vector<JudgedSet>& judged, double from, double to) {
    Json j = head(origin, answer.record, "year");
    j["settings"]["occupied_hours"] = {from, to};
    j["settings"]["blind_rule"] = {{"area_share", question::kBlindShare}, {"direct_lux", question::kBlindLux}};
    j["outdoor_median_diffuse_lux"] = tidy(climate::median_diffuse(answer.outdoor));
    const auto hours = metric::daily_hours(from, to);
    j["planes"] = Json::array();
    for (size_t p = 0; p < answer.planes.size(); ++p) {
        const auto& plane = answer.planes[p];
        const auto open = question::spatial_autonomy(plane, hours, 300, 0.5, false), blinds = question::spatial_autonomy(plane, hours, 300, 0.5, true);
        const auto sun = question::sunlight_exposure(plane, hours, 1000, 250);
        Json groups = Json::array();
        for (size_t g = 0; g < plane.groups.size(); ++g)
            groups.push_back({{"group", answer.groups[static_cast<size_t>(plane.groups[g])].name}, {"hours_closed", metric::count(plane.closed[g])}});
        j["planes"].push_back({{"plane", plane.plane.plane}, {"room", names[p]}, {"points", plane.plane.points.size()},
                               {"relative_half_width_95", tidy(plane.relative_half_width)},
                               {"spatial_autonomy_blinds", tidy(blinds.value)}, {"spatial_autonomy_blinds_band", {tidy(blinds.low), tidy(blinds.high)}},
                               {"spatial_autonomy_open", tidy(open.value)}, {"sunlight_exposure", tidy(sun.value)},
                               {"mean_lux", tidy(metric::mean_lux(plane.open, hours))}, {"blinds", groups}});
    }
    j["criteria"] = Json::array();
    for (const auto& set : judged) {
        Json rows = Json::array();
        for (const auto& v : set.verdicts)
            rows.push_back({{"criterion", v.criterion->id}, {"name", v.criterion->name}, {"subject", v.subject}, {"value", tidy(v.value)},
                            {"band", {tidy(v.low), tidy(v.high)}}, {"threshold", v.threshold}, {"margin", tidy(v.margin)}, {"met", v.met},
                            {"certain", v.certain}, {"level", v.level}, {"source", v.criterion->source}});
        j["criteria"].push_back({{"set", set.set.id}, {"name", set.set.name}, {"source", set.set.source}, {"verdicts", rows}});
    }
    return j.dump(1) + "\n";
}

std::string glare_json(const Origin& origin, const question::GlareAnswer& answer) {
    Json j = head(origin, answer.record, "glare");
    j["observer"] = answer.observer.id;
    j["eye_m"] = {answer.observer.eye.x, answer.observer.eye.y, answer.observer.eye.z};
    j["heading_degrees"] = answer.observer.heading;
    j["moment"] = climate::text(answer.moment);
    j["sun_altitude_degrees"] = tidy(answer.sun_altitude);
    j["pixels"] = answer.picture.size;
    j["samples_per_pixel"] = answer.picture.samples;
    j["vertical_illuminance_lux"] = tidy(answer.vertical_lux);
    j["half_width_95_lux"] = tidy(answer.half_width);
    j["dgp"] = tidy(answer.dgp);
    j["dgp_band"] = {tidy(answer.dgp_low), tidy(answer.dgp_high)};
    j["dgp_in_fitted_range"] = answer.in_range;
    j["sources"] = answer.sources.size();
    return j.dump(1) + "\n";
}

}  // namespace wp::exchange
