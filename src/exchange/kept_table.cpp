// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/kept_table.h"

#include <cmath>

#include "base/json_text.h"
#include "base/log.h"

namespace wp::exchange {
using geometry::PlanePoints;
using Json = nlohmann::json;

namespace {

Json json_of(Vec3 v) { return {v.x, v.y, v.z}; }
Vec3 vec_of(const Json& j) { return {j.at(0).get<double>(), j.at(1).get<double>(), j.at(2).get<double>()}; }

Json json_of(const PlanePoints& p) {
    Json points = Json::array();
    for (const Vec3& v : p.points)
        for (const double d : {v.x, v.y, v.z}) points.push_back(d);
    return {{"plane", p.plane},
            {"room", p.room},
            {"storey", p.storey},
            {"space", p.space},
            {"corner", json_of(p.corner)},
            {"across", json_of(p.across)},
            {"up", json_of(p.up)},
            {"dx", p.dx},
            {"dy", p.dy},
            {"columns", p.columns},
            {"rows", p.rows},
            {"cells", p.cell_of},
            {"points", points},
            {"normal", json_of(p.normal)}};
}

PlanePoints plane_of(const Json& j) {
    PlanePoints p;
    p.plane = j.at("plane").get<std::string>();
    p.room = j.at("room").get<std::string>();
    p.storey = j.at("storey").get<std::string>();
    p.space = j.at("space").get<int>();
    p.corner = vec_of(j.at("corner"));
    p.across = vec_of(j.at("across"));
    p.up = vec_of(j.at("up"));
    p.dx = j.at("dx").get<double>();
    p.dy = j.at("dy").get<double>();
    p.columns = j.at("columns").get<int>();
    p.rows = j.at("rows").get<int>();
    p.cell_of = j.at("cells").get<std::vector<int>>();
    const auto flat = j.at("points").get<std::vector<double>>();
    for (size_t i = 0; i + 2 < flat.size(); i += 3) p.points.push_back({flat[i], flat[i + 1], flat[i + 2]});
    p.normal = vec_of(j.at("normal"));
    return p;
}

Json json_of(const Record& r) {
    return {{"inputs", {r.inputs.high, r.inputs.low}},
            {"wanted", r.wanted},
            {"reached", r.reached},
            {"settled", r.settled},
            {"seed", r.seed},
            {"rays", r.rays},
            {"paths", r.paths},
            {"seconds", r.seconds},
            {"version", r.version}};
}

Record record_of(const Json& j) {
    Record r;
    r.inputs = {j.at("inputs").at(0).get<uint64_t>(), j.at("inputs").at(1).get<uint64_t>()};
    r.wanted = j.at("wanted").get<double>();
    r.reached = j.at("reached").get<double>();
    r.settled = j.at("settled").get<bool>();
    r.seed = j.at("seed").get<unsigned>();
    r.rays = j.at("rays").get<uint64_t>();
    r.paths = j.at("paths").get<uint64_t>();
    r.seconds = j.at("seconds").get<double>();
    r.version = j.at("version").get<std::string>();
    return r;
}

using ByPlane = std::vector<std::vector<double>>;

bool fits(const std::vector<PlanePoints>& planes, const ByPlane& values, size_t each = 1) {
    if (values.size() != planes.size()) return false;
    for (size_t p = 0; p < planes.size(); ++p)
        if (values[p].size() != each * planes[p].points.size()) return false;
    return true;
}

bool sound(const PlanePoints& p) {
    if (p.columns < 0 || p.rows < 0 || static_cast<double>(p.columns) * p.rows > 1e8) return false;
    // Points of windows lie in no lattice.
    if (!p.cell_of.empty() && p.cell_of.size() != p.points.size()) return false;
    for (const int c : p.cell_of)
        if (c < 0 || c >= p.columns * p.rows) return false;
    for (const Vec3& v : p.points)
        if (!std::isfinite(v.x) || !std::isfinite(v.y) || !std::isfinite(v.z)) return false;
    return true;
}

bool sound(const question::TableAnswer& a) {
    for (const auto& p : a.table.planes)
        if (!sound(p)) return false;
    for (const auto& c : a.table.columns)
        if (!fits(a.table.planes, c.value) || (!c.standard_error.empty() && !fits(a.table.planes, c.standard_error)))
            return false;
    if (a.windows) {
        for (const auto& p : a.windows->planes)
            if (!sound(p)) return false;
        if (a.windows->value.size() != a.windows->ids.size()) return false;
        for (const auto& figure : a.windows->value)
            if (!fits(a.windows->planes, figure, a.windows->windows.size())) return false;
    }
    return a.main_columns > 0 &&
           std::ranges::all_of(a.hours, [](const auto& h) { return h.value.size() == climate::kHours; });
}

question::TableAnswer answer_of(const Json& j) {
    question::TableAnswer a;
    a.record = record_of(j.at("record"));
    a.kind = j.at("kind").get<std::string>();
    a.main_columns = j.at("main_columns").get<size_t>();
    if (const auto hours = j.find("hours"); hours != j.end())
        for (const Json& h : *hours)
            a.hours.push_back({h.at("place").get<std::string>(), h.at("id").get<std::string>(),
                               h.at("name").get<std::string>(), h.at("unit").get<std::string>(),
                               h.at("value").get<std::vector<float>>()});
    a.facts = j.at("facts").get<std::vector<std::pair<std::string, std::string>>>();
    for (const Json& p : j.at("planes")) a.table.planes.push_back(plane_of(p));
    for (const Json& c : j.at("columns"))
        a.table.columns.push_back({c.at("id").get<std::string>(), c.at("name").get<std::string>(),
                                   c.at("unit").get<std::string>(), c.at("value").get<ByPlane>(),
                                   c.at("standard_error").get<ByPlane>()});
    if (const Json& w = j.at("windows"); w.is_object()) {
        question::WindowTable table;
        for (const Json& p : w.at("planes")) table.planes.push_back(plane_of(p));
        table.windows = w.at("windows").get<std::vector<std::string>>();
        table.ids = w.at("ids").get<std::vector<std::string>>();
        table.value = w.at("value").get<std::vector<ByPlane>>();
        a.windows = std::move(table);
    }
    return a;
}

}  // namespace

std::string write_kept(const question::TableAnswer& a) {
    log(LogOf::exchange, "table of {}: {} columns over {} planes", a.kind, a.table.columns.size(),
        a.table.planes.size());
    Json planes = Json::array(), columns = Json::array(), windows;
    for (const auto& p : a.table.planes) planes.push_back(json_of(p));
    for (const auto& c : a.table.columns)
        columns.push_back({{"id", c.id},
                           {"name", c.name},
                           {"unit", c.unit},
                           {"value", c.value},
                           {"standard_error", c.standard_error}});
    if (a.windows) {
        Json of = Json::array();
        for (const auto& p : a.windows->planes) of.push_back(json_of(p));
        windows = {
            {"planes", of}, {"windows", a.windows->windows}, {"ids", a.windows->ids}, {"value", a.windows->value}};
    }
    Json hours = Json::array();
    for (const auto& h : a.hours)
        hours.push_back({{"place", h.place}, {"id", h.id}, {"name", h.name}, {"unit", h.unit}, {"value", h.value}});
    const Json all = {{"hours", hours},     {"record", json_of(a.record)},
                      {"kind", a.kind},     {"main_columns", a.main_columns},
                      {"facts", a.facts},   {"planes", planes},
                      {"columns", columns}, {"windows", windows}};
    std::string out;
    Json::to_cbor(all, nlohmann::detail::output_adapter<char>(out));
    return out;
}

Result<question::TableAnswer> read_kept(std::string_view bytes) {
    const Fault damaged{"a kept answer", "its bytes are damaged", "Ask the question again"};
    if (!is_sound_cbor(bytes)) return damaged;
    const Json j = Json::from_cbor(bytes, true, false);
    if (!j.is_object()) return damaged;
    // Whatever is missing or of another kind ends here: the library has no way to ask without throwing.
    try {
        auto out = answer_of(j);
        if (sound(out)) return out;
    } catch (const Json::exception&) {
    }
    return damaged;
}

}  // namespace wp::exchange
