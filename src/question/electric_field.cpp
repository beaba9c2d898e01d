// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/electric_field.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <map>

#include "base/parallel.h"
#include "geometry/luminaire_shape.h"
#include "geometry/polygon.h"
#include "model/project.h"
#include "question/spectral.h"
#include "spectrum/light_source.h"

namespace wp::question {

namespace {

int space_at(const model::Option& option, const geometry::Surfaces& surfaces, const model::Luminaire& l) {
    const model::Storey* storey = model::find(option.storeys, l.storey);
    if (storey == nullptr) return geometry::kOutdoors;
    for (const model::Room& room : storey->rooms)
        if (geometry::contains(room.footprint, l.at))
            for (size_t s = 0; s < surfaces.spaces.size(); ++s)
                if (surfaces.spaces[s] == room.id) return static_cast<int>(s);
    return geometry::kOutdoors;
}

}  // namespace

PlacedCircuits place_circuits(const model::Project& project, const model::Option& option,
                              const geometry::Surfaces& surfaces) {
    PlacedCircuits out;
    std::map<model::Id, std::shared_ptr<const photometry::Distribution>> lights;
    for (const model::Luminaire& l : option.luminaires) {
        const auto* type = model::find(project.luminaire_types, l.type);
        if (type == nullptr) continue;
        auto& light = lights[l.type];
        if (light == nullptr) light = std::make_shared<photometry::Distribution>(*type);
        const model::Id circuit = model::find(option.lighting, l.circuit) != nullptr ? l.circuit : model::Id();
        auto source = std::ranges::find_if(
            out.sources, [&](const ElectricSource& s) { return s.circuit == circuit && s.type == l.type; });
        if (source == out.sources.end()) source = out.sources.insert(source, {circuit, l.type, 0, 0, 0, 0});
        const double by = type->maintenance * photometry::tilt_factor(*type, l.tilt);
        ++source->count;
        source->watts += type->power;
        source->stand_by += type->stand_by;
        source->lumens += by * light->flux();
        const geometry::LuminaireAxes axes = geometry::axes_of(l);
        out.luminaires.push_back({light, geometry::middle_of(option, l), axes.x, axes.y, axes.z, by, type->opening,
                                  type->size_x, type->size_y, type->depth,
                                  static_cast<size_t>(source - out.sources.begin()), space_at(option, surfaces, l)});
    }
    return out;
}

void add_luminaire(Fingerprint& print, const light::PlacedLuminaire& l) {
    for (const Vec3 v : {l.at, l.x, l.y}) {
        print.add(v.x);
        print.add(v.y);
        print.add(v.z);
    }
    for (const double v : {l.by, l.size_x, l.size_y, l.depth}) print.add(v);
    print.add(l.source);
    print.add(static_cast<int>(l.opening));
}

namespace {

Fingerprint inputs_of(const ElectricTask& task, const Effort& effort, const PlacedCircuits& placed) {
    Fingerprint print;
    print.add(std::string_view("electric 1"));
    print.add(task.surfaces->fingerprint());
    for (const auto& plane : *task.planes) print.add(plane.fingerprint());
    for (const bool c : task.cylindrical) print.add(static_cast<int>(c));
    for (const int l : task.layers) print.add(l);
    print.add(static_cast<int>(task.state.season));
    print.add(task.state.ground);
    print.add(effort.accuracy);
    print.add(static_cast<int>(effort.seed));
    print.add(task.bins);
    for (const auto& source : placed.sources) {
        print.add(source.circuit);
        const auto* type = model::find(task.project->luminaire_types, source.type);
        for (const auto* list : {&type->candela, &type->horizontals, &type->verticals, &type->spectrum})
            for (const double v : *list) print.add(v);
        print.add(type->kelvin);
        print.add(static_cast<int>(type->planes));
    }
    for (const auto& l : placed.luminaires) add_luminaire(print, l);
    if (task.bins > 0)
        for (const auto& m : task.project->materials) {
            print.add(m.id);
            add_colour(print, m);
        }
    return print;
}

}  // namespace

Fingerprint electric_inputs(const ElectricTask& task, const Effort& effort) {
    return inputs_of(task, effort, place_circuits(*task.project, *task.option, *task.surfaces));
}

size_t ElectricField::first_of(size_t plane) const {
    size_t out = 0;
    for (size_t p = 0; p < plane; ++p) out += planes[p].points.size();
    return out;
}

namespace {

light::LuminaireLight trace_pass(const ElectricTask& task, const PlacedCircuits& placed, const light::Tints* tints,
                                 size_t count, const Effort& effort, const Cancel& cancel,
                                 const light::LuminaireStep& step) {
    const std::vector<light::State> states(count, task.state);
    const light::BlindLayers layers =
        task.layers.empty() ? light::layers_of(*task.surfaces, light::Blinds::open) : task.layers;
    const light::Scene scene(*task.surfaces, layers, states, tints);
    const light::Luminaires luminaires(scene, placed.luminaires);
    light::LuminaireTask work{&scene, &luminaires, task.planes, task.cylindrical, effort.accuracy, effort.seed, {}};
    if (tints != nullptr)
        for (size_t k = 0; k < count; ++k) work.counts.push_back(static_cast<double>(tints->counts[k]));
    return light::trace_luminaires(work, cancel, step);
}

}  // namespace

ElectricField trace_electric(const ElectricTask& task, const Effort& effort, const Cancel& cancel,
                             const ElectricStep& step) {
    const auto start = std::chrono::steady_clock::now();
    ElectricField out;
    out.planes = *task.planes;
    const PlacedCircuits placed = place_circuits(*task.project, *task.option, *task.surfaces);
    out.sources = placed.sources;
    for (const auto& source : out.sources)
        out.light_of.push_back(light_of(*model::find(task.project->luminaire_types, source.type)));
    Record& record = out.record;
    record.inputs = inputs_of(task, effort, placed);
    record.wanted = effort.accuracy;
    record.seed = effort.seed;
    record.settled = true;
    if (out.sources.empty()) return out;
    if (task.bins > 0) out.bins = spectrum::Bins(task.bins);
    const auto note = [&](const light::LuminaireLight& light) {
        record.reached = std::max(record.reached, light.reached);
        record.rays += light.tally.rays;
        record.paths += light.tally.paths;
        record.settled = record.settled && light.settled;
        record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    };
    with_threads(effort.threads, [&] {
        constexpr size_t together = light::kMostStates - 1;
        for (size_t first = 0; first == 0 || first < task.bins; first += together) {
            const size_t count = task.bins > first ? std::min(together, task.bins - first) : 0;
            const light::Tints tints =
                count > 0 ? tints_of(*task.project, *task.surfaces, out.bins, first, count) : light::Tints{};
            const auto stepped = [&](const light::LuminaireLight& so_far) {
                ElectricField now = out;
                now.passes = {so_far};
                now.record.reached = so_far.reached;
                now.record.settled = false;
                step(now);
            };
            out.passes.push_back(
                trace_pass(task, placed, count > 0 ? &tints : nullptr, count + 1, effort, cancel,
                           step && first == 0 ? light::LuminaireStep(stepped) : light::LuminaireStep{}));
            note(out.passes.back());
            if (cancel.requested()) return;
        }
    });
    return out;
}

std::vector<double> source_shares(const std::vector<ElectricSource>& sources, const model::Option& option,
                                  const std::vector<double>& circuits) {
    std::vector<double> out;
    for (const ElectricSource& source : sources) {
        double share = 1;
        for (size_t c = 0; c < option.lighting.size() && c < circuits.size(); ++c)
            if (option.lighting[c].id == source.circuit) share = circuits[c];
        out.push_back(share);
    }
    return out;
}

PlaneElectric electric_light(const ElectricField& field, size_t plane, std::span<const double> shares) {
    PlaneElectric out;
    const size_t first = field.first_of(plane), n = field.planes[plane].points.size();
    if (field.empty()) {
        for (auto* list : {&out.lux, &out.half_width, &out.direct}) list->assign(n, 0.0);
        return out;
    }
    for (size_t i = first; i < first + n; ++i) {
        const double direct = field.all().direct_of(i, shares);
        out.direct.push_back(direct);
        out.lux.push_back(direct + field.all().reflected_of(i, shares).mean);
        out.half_width.push_back(field.all().half_width_of(i, shares));
    }
    return out;
}

std::vector<SensorPoint> sensor_points(const std::vector<geometry::PlanePoints>& planes, const model::Option& option) {
    std::vector<SensorPoint> out;
    for (const auto& circuit : option.lighting) {
        SensorPoint sensor;
        for (size_t p = 0; p < planes.size(); ++p) {
            if (planes[p].plane != circuit.plane || planes[p].points.empty()) continue;
            Vec2 at = circuit.sensor;
            if (!circuit.sensor_placed) {
                at = {0, 0};
                for (const Vec3& q : planes[p].points)
                    at = at + Vec2{q.x, q.y} * (1.0 / static_cast<double>(planes[p].points.size()));
            }
            const auto nearest = std::ranges::min_element(
                planes[p].points, {}, [&](const Vec3& q) { return std::hypot(q.x - at.x, q.y - at.y); });
            sensor = {p, static_cast<int>(nearest - planes[p].points.begin())};
        }
        out.push_back(sensor);
    }
    return out;
}

CircuitLight circuit_light(const ElectricField& field, const model::Option& option, size_t point) {
    const size_t n = option.lighting.size();
    CircuitLight out{std::vector<double>(n, 0.0), 0};
    if (field.empty()) return out;
    for (size_t g = 0; g < field.sources.size(); ++g) {
        std::vector<double> one(field.sources.size(), 0.0);
        one[g] = 1;
        size_t k = 0;
        while (k < n && option.lighting[k].id != field.sources[g].circuit) ++k;
        (k < n ? out.of_circuit[k] : out.always) +=
            field.all().direct_of(point, one) + field.all().reflected_of(point, one).mean;
    }
    return out;
}

SensorLight sensor_light(const ElectricField& field, const model::Option& option,
                         const std::vector<SensorPoint>& sensors) {
    const size_t n = option.lighting.size();
    SensorLight out{std::vector<std::vector<double>>(n, std::vector<double>(n, 0.0)), std::vector<double>(n, 0.0)};
    for (size_t c = 0; c < n; ++c) {
        if (sensors[c].point < 0) continue;
        const size_t point = field.first_of(sensors[c].plane) + static_cast<size_t>(sensors[c].point);
        const CircuitLight there = circuit_light(field, option, point);
        out.of_circuit[c] = there.of_circuit;
        out.always[c] = there.always;
    }
    return out;
}

std::vector<double> beside_daylight(const ElectricField& field, const model::Option& option,
                                    const MomentAnswer& daylight, std::span<const double> levels) {
    const auto sensors = sensor_points(field.planes, option);
    const SensorLight light = sensor_light(field, option, sensors);
    std::vector<double> there(option.lighting.size(), 0.0);
    for (size_t c = 0; c < there.size(); ++c) {
        if (sensors[c].point < 0) continue;
        const auto& plane = field.planes[sensors[c].plane];
        for (const auto& day : daylight.planes)
            if (day.plane.plane == plane.plane && day.lux.size() == plane.points.size())
                there[c] = day.lux[static_cast<size_t>(sensors[c].point)];
    }
    const Settled now = settle(option.lighting, light, there, levels);
    std::vector<double> out(levels.begin(), levels.end());
    for (size_t c = 0; c < out.size(); ++c)
        if (sensors[c].point >= 0) out[c] = now.output[c].light;
    return out;
}

spectrum::Spectrum light_of(const model::LuminaireType& type) {
    if (type.spectrum.size() == spectrum::kWavelengths) {
        spectrum::Spectrum out;
        std::ranges::copy(type.spectrum, out.begin());
        return spectrum::of_one_lux(out);
    }
    return spectrum::of_one_lux(spectrum::white_led(type.kelvin > 0 ? type.kelvin : 4000));
}

bool has_luminaires(const model::Option& option, const model::Id& circuit) {
    return std::ranges::any_of(option.luminaires, [&](const auto& l) { return l.circuit == circuit; });
}

double power_of(const model::Project& project, const model::Option& option, const model::Lighting& circuit,
                double area) {
    if (!has_luminaires(option, circuit.id)) return circuit.power * area;
    double out = 0;
    for (const auto& l : option.luminaires)
        if (l.circuit == circuit.id)
            if (const auto* type = model::find(project.luminaire_types, l.type)) out += type->power;
    return out;
}

}  // namespace wp::question
