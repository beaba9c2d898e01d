// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/light_field.h"

#include <algorithm>
#include <chrono>

#include "base/parallel.h"
#include "light/patch_merging.h"

namespace wp::question {

Fingerprint light_field_inputs(const FieldTask& task, const Effort& effort) {
    Fingerprint print;
    print.add(std::string_view("light field 2"));
    print.add(task.surfaces->fingerprint());
    for (const auto& plane : *task.planes) print.add(plane.fingerprint());
    for (const double v : {task.place.latitude, task.place.longitude, task.place.time_zone, task.north_azimuth,
                           task.state.ground, effort.accuracy})
        print.add(v);
    print.add(static_cast<int>(task.state.season));
    for (const auto* list : {&task.layers, &task.groups})
        for (const int of_portal : *list) print.add(of_portal);
    print.add(effort.seed);
    return print;
}

namespace {

// Only as many patches as are worth a look at every moment. States have the same patches.
void merge(std::span<light::Coefficients> states, const light::PatchSize& size, double accuracy) {
    if (states.empty() || states.front().patches == nullptr) return;
    const light::WeighedPatches all{states.front().patches.get(), 1};
    auto merged = light::merge_patches(std::span(&all, 1), size, light::patch_budget(accuracy));
    const auto set = std::make_shared<const light::PatchSet>(std::move(merged.set));
    for (light::Coefficients& c : states) {
        parallel_for(
            c.points.size(),
            [&](size_t i) {
                for (light::PatchShare& p : c.points[i].patches) p.patch = merged.place[0][p.patch];
            },
            16);
        c.patches = set;
    }
}

}  // namespace

LightField trace_light_field(const FieldTask& task, const Effort& effort, const Cancel& cancel, const FieldStep& step) {
    return std::move(trace_light_fields(task, {}, effort, cancel, step).front());
}

std::vector<LightField> trace_light_fields(const FieldTask& task, const Bands& bands, const Effort& effort,
                                           const Cancel& cancel, const FieldStep& step) {
    const auto start = std::chrono::steady_clock::now();
    LightField field;
    field.planes = *task.planes;
    field.state = task.state;
    const std::vector<light::State> states(bands.count, task.state);
    field.scene = std::make_shared<const light::Scene>(
        *task.surfaces, task.layers.empty() ? light::layers_of(*task.surfaces, light::Blinds::open) : task.layers,
        states, bands.tints);
    const auto columns = std::make_shared<const SkyColumns>();
    field.columns = columns;
    auto sources = light::sources_of(*task.surfaces);
    field.sources = std::move(sources.openings);
    field.source_of_portal = std::move(sources.of_portal);
    if (!task.groups.empty()) {
        field.source_of_portal = task.groups;
        field.sources.assign(static_cast<size_t>(1 + std::max(-1, *std::ranges::max_element(task.groups))), {});
    }
    light::CoefficientTask work;
    work.scene = field.scene.get();
    work.parts = &columns->parts();
    work.planes = &field.planes;
    // In every band the same light: coefficients are of what shines in it.
    work.typical.assign(bands.count,
                        typical_light(*columns, task.place, task.north_azimuth,
                                      task.state.ground >= 0 ? task.state.ground : task.surfaces->ground_reflectance));
    work.source_of_portal = field.source_of_portal;
    work.sources = field.sources.size();
    work.split = light::Split::way;
    work.patch_size = light::patch_size(effort.accuracy, *task.surfaces);
    if (step) work.first_samples = 1;
    work.counts = bands.counts;
    work.accuracy = effort.accuracy;
    work.seed = effort.seed;
    const auto note = [&](const light::Coefficients& c) {
        field.record.reached = c.reached;
        field.record.settled = c.settled;
        field.record.rays = c.tally.rays;
        field.record.paths = c.tally.paths;
        field.record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    };
    field.record.inputs = light_field_inputs(task, effort);
    field.record.wanted = effort.accuracy;
    field.record.seed = effort.seed;
    std::vector<light::Coefficients> traced;
    with_threads(effort.threads, [&] {
        light::CoefficientStep show;
        if (step)
            show = [&](const light::Coefficients& so_far) {
                field.coefficients = so_far;
                merge(std::span(&field.coefficients, 1), work.patch_size, effort.accuracy);
                note(so_far);
                if (!so_far.settled) step(field);
            };
        traced = light::trace_coefficients(work, cancel, {}, show);
        note(traced.front());
        merge(traced, work.patch_size, effort.accuracy);
    });
    if (cancel.requested()) field.record.settled = false;
    std::vector<LightField> out;
    for (size_t k = 0; k < traced.size(); ++k) {
        out.push_back(field);
        out.back().band = k;
        out.back().coefficients = std::move(traced[k]);
        out.back().record.reached = out.back().coefficients.reached;
    }
    return out;
}

}  // namespace wp::question
