// SPDX-License-Identifier: GPL-3.0-or-later
#include "series/kept_step.h"

#include <algorithm>
#include <cmath>

#include "base/json_text.h"

namespace wp::series {

namespace {

Json json_of(const figure::Band& band) { return {band.value, band.low, band.high}; }

figure::Band band_of(const Json& j) { return {j.at(0).get<double>(), j.at(1).get<double>(), j.at(2).get<double>()}; }

Json json_of(const Judged& v) {
    return {{"set", v.set},
            {"criterion", v.criterion},
            {"name", v.name},
            {"subject", v.subject},
            {"unit", v.unit},
            {"room", v.room},
            {"thresholds", v.thresholds},
            {"band", json_of(figure::Band{v.value, v.low, v.high})},
            {"threshold", v.threshold},
            {"is_share", v.is_share},
            {"at_least", v.at_least},
            {"state", static_cast<int>(v.state)}};
}

Judged judged_of(const Json& j) {
    Judged v;
    v.set = j.at("set").get<std::string>();
    v.criterion = j.at("criterion").get<std::string>();
    v.name = j.at("name").get<std::string>();
    v.subject = j.at("subject").get<std::string>();
    v.unit = j.at("unit").get<std::string>();
    v.room = j.at("room").get<std::string>();
    v.thresholds = j.at("thresholds").get<std::vector<double>>();
    const auto band = band_of(j.at("band"));
    v.value = band.value, v.low = band.low, v.high = band.high;
    v.threshold = j.at("threshold").get<double>();
    v.is_share = j.at("is_share").get<bool>();
    v.at_least = j.at("at_least").get<bool>();
    v.state = static_cast<rule::State>(j.at("state").get<int>());
    return v;
}

StepAnswer step_of(const Json& j) {
    StepAnswer out;
    for (const Json& band : j.at("bands"))
        out.bands.push_back(band.is_null() ? std::nullopt : std::optional(band_of(band)));
    out.replicates = j.at("replicates").get<std::vector<std::vector<double>>>();
    out.taken_over = j.at("taken_over").get<std::vector<double>>();
    for (const Json& v : j.at("verdicts")) out.verdicts.push_back(judged_of(v));
    out.rays = j.at("rays").get<uint64_t>();
    out.seconds = j.at("seconds").get<double>();
    out.settled = j.at("settled").get<bool>();
    return out;
}

bool is_state(rule::State state) { return state >= rule::State::met && state <= rule::State::not_asked; }

bool is_sound(const StepAnswer& step, size_t rooms, size_t lines) {
    return step.bands.size() == rooms * lines && step.replicates.size() == rooms && step.taken_over.size() == rooms &&
           std::ranges::all_of(step.verdicts, [](const Judged& v) { return is_state(v.state); });
}

}  // namespace

std::string write_step(const StepAnswer& step) {
    Json bands = Json::array(), verdicts = Json::array();
    for (const auto& band : step.bands) bands.push_back(band ? json_of(*band) : Json());
    for (const Judged& v : step.verdicts) verdicts.push_back(json_of(v));
    const Json all = {
        {"bands", bands},    {"replicates", step.replicates}, {"taken_over", step.taken_over}, {"verdicts", verdicts},
        {"rays", step.rays}, {"seconds", step.seconds},       {"settled", step.settled}};
    std::string out;
    Json::to_cbor(all, nlohmann::detail::output_adapter<char>(out));
    return out;
}

Result<StepAnswer> read_step(std::string_view bytes, size_t rooms, size_t lines) {
    const Fault damaged{"a kept step", "its bytes are damaged", "Ask the series again"};
    if (!is_sound_cbor(bytes)) return damaged;
    const Json j = Json::from_cbor(bytes, true, false);
    if (!j.is_object()) return damaged;
    // Whatever is missing or of another kind ends here: the library has no way to ask without throwing.
    try {
        auto out = step_of(j);
        if (is_sound(out, rooms, lines)) return out;
    } catch (const Json::exception&) {
    }
    return damaged;
}

Record record_of(const SeriesAnswer& answer, const std::set<Fingerprint>& pieces) {
    Record record;
    for (const auto& print : pieces) record.inputs.add(print);
    record.settled = true;
    for (const auto& step : answer.of) {
        record.settled = record.settled && step != nullptr && step->settled;
        record.rays += step != nullptr ? step->rays : 0;
        record.seconds += step != nullptr ? step->seconds : 0;
    }
    return record;
}

}  // namespace wp::series
