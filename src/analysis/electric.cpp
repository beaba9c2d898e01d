// SPDX-License-Identifier: GPL-3.0-or-later
// Electric light: illuminance by scene and by circuit, cylindrical illuminance and modelling, glare at eyes, melanopic
// light; and beside daylight at moments.
#include <fmt/core.h>

#include <cmath>
#include <limits>

#include "analysis/skies.h"
#include "base/json_text.h"
#include "base/text.h"
#include "describe/field.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/electric_field.h"
#include "question/electric_glare.h"
#include "question/outdoor_spectrum.h"
#include "spectrum/observer.h"

namespace wp::analysis {

using model::Question;
using namespace question;

namespace {

constexpr double kNone = std::numeric_limits<double>::quiet_NaN();

// A scene that is asked about; null: all luminaires wholly on.
struct Asked {
    std::string id, name;
    const model::LightScene* scene;
    int circuit = -1;  // that alone
};

std::vector<Asked> asked_of(const Request& a) {
    std::vector<Asked> out;
    const auto add_scene = [&](const model::LightScene& s) { out.push_back({file_name_of(s.id), s.name, &s}); };
    if (!a.question.scene.empty()) {
        if (const auto* scene = model::find(a.option.scenes, a.question.scene)) add_scene(*scene);
        return out;
    }
    out.push_back({"all", "all on", nullptr});
    for (const auto& scene : a.option.scenes) add_scene(scene);
    if (!a.question.moments.empty()) return out;
    for (size_t c = 0; c < a.option.lighting.size(); ++c)
        if (has_luminaires(a.option, a.option.lighting[c].id))
            out.push_back({"circuit_" + file_name_of(a.option.lighting[c].id), a.option.lighting[c].name, nullptr,
                           static_cast<int>(c)});
    return out;
}

std::vector<double> levels_asked(const Request& a, const Asked& asked) {
    auto out = levels_of(a.option, asked.scene);
    if (asked.circuit >= 0) {
        std::ranges::fill(out, 0.0);
        out[static_cast<size_t>(asked.circuit)] = 1;
    }
    return out;
}

struct Maker {
    const Request& a;
    const ElectricField& field;
    size_t main_planes;  // before those of cylindrical illuminance
    PointTable& table;

    template <class Of>
    void add(const std::string& id, const std::string& name, const char* unit, Of&& of) const {
        Column column{id, name, unit, {}, {}};
        for (size_t p = 0; p < main_planes; ++p) {
            column.value.emplace_back();
            column.standard_error.emplace_back();
            for (size_t i = 0; i < field.planes[p].points.size(); ++i) {
                const auto [value, half_width] = of(p, i);
                column.value.back().push_back(value);
                column.standard_error.back().push_back(half_width / light::kStudent95);
            }
        }
        table.columns.push_back(std::move(column));
    }
};

// Planes at the height of eyes for cylindrical and level illuminance; each after the other, in the order of planes.
std::vector<geometry::PlanePoints> at_eyes(const Request& a) {
    std::vector<geometry::PlanePoints> out;
    for (int twice = 0; twice < 2; ++twice)
        for (geometry::PlanePoints plane : a.points) {
            const auto* drawn = model::find(a.option.planes, plane.plane);
            const bool lies = drawn != nullptr && drawn->on == model::ReferencePlane::On::floor;
            if (!lies) plane.points.clear(), plane.cell_of.clear();
            for (Vec3& p : plane.points) p.z += a.question.electric.eye - drawn->height;
            plane.normal = {0, 0, 1};
            out.push_back(std::move(plane));
        }
    return out;
}

using ByPlane = std::vector<PlaneElectric>;
ByPlane light_by_plane(const ElectricField& field, std::span<const double> shares) {
    ByPlane out;
    for (size_t p = 0; p < field.planes.size(); ++p) out.push_back(electric_light(field, p, shares));
    return out;
}

void add_light(const Maker& m, const Asked& asked, const ByPlane& light) {
    const auto name = [&](const char* what) { return asked.name.empty() ? what : asked.name + ", " + what; };
    m.add("electric_lx_" + asked.id, asked.name, "lx",
          [&](size_t p, size_t i) { return std::pair(light[p].lux[i], light[p].half_width[i]); });
    m.add("electric_direct_lx_" + asked.id, name("straight"), "lx",
          [&](size_t p, size_t i) { return std::pair(light[p].direct[i], 0.0); });
    if (!m.a.question.electric.cylindrical) return;
    const size_t n = m.main_planes;
    const auto has = [&](size_t p, size_t i) { return i < light[n + p].lux.size(); };
    m.add("cylindrical_lx_" + asked.id, name("cylindrical"), "lx", [&](size_t p, size_t i) {
        return has(p, i) ? std::pair(light[n + p].lux[i], light[n + p].half_width[i]) : std::pair(kNone, 0.0);
    });
    m.add("modelling_" + asked.id, name("modelling"), "", [&](size_t p, size_t i) {
        if (!has(p, i) || !(light[2 * n + p].lux[i] > 0)) return std::pair(kNone, 0.0);
        const double level = light[2 * n + p].lux[i], ratio = light[n + p].lux[i] / level;
        return std::pair(ratio, ratio * std::hypot(light[n + p].half_width[i] / std::max(light[n + p].lux[i], 1e-9),
                                                   light[2 * n + p].half_width[i] / level));
    });
}

// Eyes alone: the light of surfaces over pi is what sources stand against.
void add_ugr(const Maker& m, const Asked& asked, const ByPlane& light,
             const std::vector<std::vector<SeenLuminaire>>& seen, std::span<const double> shares) {
    m.add("ugr_" + asked.id, asked.name + ", UGR", "", [&](size_t p, size_t i) {
        const double indirect = light[p].lux[i] - light[p].direct[i];
        const auto rating = ugr_of(seen[p], shares, indirect / kPi);
        // lg (1 + error of the background), eight times.
        const double width = indirect > 0 ? 8 / std::log(10.0) * light[p].half_width[i] / indirect : 0;
        return std::pair(rating.value_or(kNone), width);
    });
}

// By wavelength: irradiance of a point and its bands' half-widths.
struct BandLight {
    spectrum::Spectrum irradiance = spectrum::flat(0);
    double melanopic_width = 0, photopic_width = 0;  // in the unit of the irradiance's integral
};
BandLight band_light(const ElectricField& field, size_t point, std::span<const double> shares) {
    BandLight out;
    size_t bin = 0;
    for (const auto& pass : field.passes)
        for (size_t k = 1; k < pass.states; ++k, ++bin) {
            for (size_t g = 0; g < field.sources.size(); ++g) {
                std::vector<double> one(shares.size(), 0.0);
                one[g] = shares[g];
                if (one[g] == 0) continue;
                const double lux = pass.direct_of(point, one, k) + pass.reflected_of(point, one, k).mean,
                             width = pass.half_width_of(point, one, k);
                for (size_t i = 0; i < spectrum::kWavelengths; ++i) {
                    const double nm = spectrum::wavelength(i);
                    const bool last = bin + 1 == field.bins.count();
                    if (nm < field.bins.from(bin) || nm > field.bins.to(bin) || (nm == field.bins.to(bin) && !last))
                        continue;
                    const double power = field.light_of[g][i];  // of 1 lx
                    out.irradiance[i] += lux * power;
                    out.melanopic_width +=
                        width * power * spectrum::curve(spectrum::Answer::melanopic)[i] * spectrum::kStep;
                    out.photopic_width += width * power * spectrum::curve(spectrum::Answer::y)[i] * spectrum::kStep;
                }
            }
        }
    return out;
}

void add_melanopic(const Maker& m, const Asked& asked, std::span<const double> shares) {
    std::vector<std::vector<BandLight>> all;
    for (size_t p = 0; p < m.main_planes; ++p) {
        all.emplace_back();
        const size_t first = m.field.first_of(p);
        for (size_t i = 0; i < m.field.planes[p].points.size(); ++i)
            all.back().push_back(band_light(m.field, first + i, shares));
    }
    const double edi = 1 / spectrum::daylight_efficacy(spectrum::Answer::melanopic);
    m.add("electric_melanopic_edi_lx_" + asked.id, asked.name + ", melanopic EDI", "lx", [&](size_t p, size_t i) {
        const BandLight& b = all[p][i];
        return std::pair(edi * spectrum::opic_irradiance(spectrum::Answer::melanopic, b.irradiance),
                         edi * b.melanopic_width);
    });
    m.add("electric_melanopic_der_" + asked.id, asked.name + ", melanopic DER", "", [&](size_t p, size_t i) {
        const BandLight& b = all[p][i];
        const double lux = spectrum::illuminance(b.irradiance);
        return lux > 0 ? std::pair(spectrum::daylight_efficacy_ratio(spectrum::Answer::melanopic, b.irradiance), 0.0)
                       : std::pair(kNone, 0.0);
    });
}

// Daylight of the moments at the same points, and what each circuit makes of it beside.
struct Beside {
    std::vector<MomentAnswer> moments;
    SensorLight sensors;
    std::vector<std::vector<double>> daylight;  // by moment, at each circuit's sensor
};

// Sensors of circuits as planes of one point each.
std::vector<geometry::PlanePoints> sensors_of(const Request& a) {
    std::vector<geometry::PlanePoints> planes, out;
    for (const auto& drawn : a.option.planes)
        if (auto points = geometry::plane_points(a.option, drawn, a.project.site.north))
            planes.push_back(std::move(*points));
    for (const SensorPoint& sensor : sensor_points(planes, a.option)) {
        geometry::PlanePoints one;
        if (sensor.point >= 0) {
            one = planes[sensor.plane];
            one.points = {one.points[static_cast<size_t>(sensor.point)]};
            one.cell_of = {0};
        }
        out.push_back(std::move(one));
    }
    return out;
}

// Planes first, sensors after them: daylight of all at once.
Result<Beside> daylight_beside(const Request& a, const ElectricTask& task) {
    Beside out;
    const auto skies = skies_of(a);
    if (!skies) return skies.fault();
    auto places = a.points;
    const auto sensors = sensors_of(a);
    places.insert(places.end(), sensors.begin(), sensors.end());
    const auto states = light::states_of(a.surfaces);
    for (size_t s = 0; s < states.all.size(); ++s) {
        std::vector<Outdoors> here;
        for (const auto& sky : *skies)
            if (states.in(sky.moment.month) == s) here.push_back(sky);
        if (here.empty()) continue;
        for (auto& answer :
             trace_moments(field_task(a.project, a.surfaces, places, states.all[s]), here, a.effort, a.cancel))
            out.moments.push_back(std::move(answer));
    }
    if (a.cancel.requested()) return out;
    ElectricTask at_sensors = task;
    at_sensors.planes = &sensors;
    at_sensors.cylindrical.clear();
    at_sensors.bins = 0;
    at_sensors.layers.clear();
    const ElectricField field = trace_electric(at_sensors, a.effort, a.cancel);
    const size_t n = a.option.lighting.size();
    std::vector<SensorPoint> own;
    for (size_t c = 0; c < n; ++c) own.push_back({c, sensors[c].points.empty() ? -1 : 0});
    out.sensors = sensor_light(field, a.option, own);
    for (const auto& moment : out.moments) {
        out.daylight.emplace_back();
        for (size_t c = 0; c < n; ++c) {
            const auto& lux = moment.planes[a.points.size() + c].lux;
            out.daylight.back().push_back(lux.empty() ? 0.0 : lux[0]);
        }
    }
    return out;
}

// Both lights at a moment: circuits as their control has them do beside daylight, where the scene lets them.
void add_both(const Maker& m, const Asked& asked, const Beside& beside) {
    for (size_t k = 0; k < beside.moments.size(); ++k) {
        const MomentAnswer& moment = beside.moments[k];
        auto levels = levels_asked(m.a, asked);
        if (asked.scene == nullptr || asked.scene->dims) {
            const Settled now = settle(m.a.option.lighting, beside.sensors, beside.daylight[k], levels);
            for (size_t c = 0; c < levels.size(); ++c) levels[c] = now.output[c].light;
        }
        const ByPlane light = light_by_plane(m.field, source_shares(m.field.sources, m.a.option, levels));
        const std::string at = asked.id + "_" + moment_stamp(moment.outdoors.moment);
        m.add("both_lx_" + at, asked.name + " and daylight, " + climate::text(moment.outdoors.moment), "lx",
              [&](size_t p, size_t i) {
                  return std::pair(light[p].lux[i] + moment.planes[p].lux[i],
                                   std::hypot(light[p].half_width[i], moment.planes[p].half_width[i]));
              });
    }
}

std::string facts_of(const Request& a, const ElectricField& field) {
    std::string out = "[";
    for (const ElectricSource& s : field.sources) {
        const auto* circuit = model::find(a.option.lighting, s.circuit);
        const auto* type = model::find(a.project.luminaire_types, s.type);
        out += fmt::format(R"({}{{"circuit":{},"luminaires":{},"type":{},"watts":{:.1f},"lumens":{:.0f}}})",
                           out.size() > 1 ? "," : "", Json(circuit != nullptr ? circuit->name : std::string()).dump(),
                           s.count, Json(type != nullptr ? type->name : s.type).dump(), s.watts, s.lumens);
    }
    return out + "]";
}

Result<TableAnswer> run(const Request& a) {
    TableAnswer out;
    out.kind = "electric";
    if (!a.question.scene.empty() && model::find(a.option.scenes, a.question.scene) == nullptr)
        return Fault{"question " + a.question.id,
                     "option " + a.option.id + " has no scene \"" + plain_text(a.question.scene, 60) + "\"",
                     "Name one of its scenes, or none to ask all"};
    if (a.option.luminaires.empty())
        return Fault{"question " + a.question.id, "option " + a.option.id + " has no luminaires",
                     "Place some, or read a photometric file first"};
    auto planes = a.points;
    std::vector<bool> cylindrical(planes.size(), false);
    const bool eyes = a.question.at == Question::At::eyes;
    const bool around = a.question.electric.cylindrical && a.question.at == Question::At::planes;
    if (around) {
        const auto more = at_eyes(a);
        planes.insert(planes.end(), more.begin(), more.end());
        cylindrical.resize(2 * a.points.size(), true);
        cylindrical.resize(3 * a.points.size(), false);
    }
    ElectricTask task{&a.project, &a.option, &a.surfaces, &planes, cylindrical, {}, {}, 0};
    task.layers =
        light::layers_of(a.surfaces, a.question.electric.blinds_closed ? light::Blinds::closed : light::Blinds::open);
    if (a.question.electric.colours) task.bins = static_cast<size_t>(a.question.bands);
    const double span = a.question.moments.empty() ? 1 : 0.5;
    const ElectricField field = trace_electric(
        task, a.effort, a.cancel, [&](const ElectricField& so_far) { a.report(so_far.record.reached, 0, span); });
    out.record = field.record;
    if (a.cancel.requested()) {
        out.record.settled = false;
        return out;
    }
    out.table.planes = a.points;
    const Maker m{a, field, a.points.size(), out.table};
    std::vector<std::vector<SeenLuminaire>> seen;
    if (eyes) seen = seen_luminaires(task);
    Beside beside;
    if (!a.question.moments.empty()) {
        auto found = daylight_beside(a, task);
        if (!found) return found.fault();
        beside = std::move(*found);
        for (const auto& moment : beside.moments) {
            out.record.inputs.add(moment.record.inputs);
            out.record.rays += moment.record.rays, out.record.seconds += moment.record.seconds;
            out.record.reached = std::max(out.record.reached, moment.record.reached);
            out.record.settled = out.record.settled && moment.record.settled;
        }
    }
    size_t columns = 0;
    for (const Asked& asked : asked_of(a)) {
        const size_t before = out.table.columns.size();
        auto shares = source_shares(field.sources, a.option, levels_asked(a, asked));
        // What is on no circuit is always on, but where a circuit is asked for alone.
        for (size_t g = 0; g < shares.size(); ++g)
            if (asked.circuit >= 0 && field.sources[g].circuit.empty()) shares[g] = 0;
        const ByPlane light = light_by_plane(field, shares);
        add_light(m, asked, light);
        if (eyes) add_ugr(m, asked, light, seen, shares);
        if (task.bins > 0) add_melanopic(m, asked, shares);
        add_both(m, asked, beside);
        if (columns == 0) columns = out.table.columns.size() - before;
    }
    out.facts = {{"luminaires", facts_of(a, field)}};
    out.main_columns = std::max<size_t>(1, columns);
    return out;
}

std::string words_of(const Question& q) {
    if (q.moments.empty()) return "Electric light";
    return fmt::format("Electric light beside daylight, {}{}", climate::text(q.moments.front()),
                       q.moments.size() > 1 ? fmt::format(" and {} more", q.moments.size() - 1) : "");
}

}  // namespace

Analysis electric() {
    return {
        .kind = Question::Kind::electric,
        .name = "Electric light",
        .asks = "electric light",
        .words = words_of,
        .needs_weather = [](const Question& q) { return !q.moments.empty() && q.sky.needs_weather(); },
        .bears = describe::bears::light | describe::bears::electric | describe::bears::use | describe::bears::colours,
        .cost = [](const Question&) { return 4; },
        .run = run};
}

}  // namespace wp::analysis
