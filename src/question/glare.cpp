// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/glare.h"

#include <algorithm>
#include <chrono>
#include <cmath>

#include "base/parallel.h"
#include "model/project.h"
#include "question/spectral.h"

namespace wp::question {

light::Pose pose_of(const model::Observer& observer, const light::Lens& lens) {
    if (lens.kind == light::Lens::Kind::sphere) return light::make_eye(observer.eye, 0, 0);
    return light::make_eye(observer.eye, radians(observer.heading), radians(observer.altitude));
}

namespace {

Fingerprint inputs_of(const GlareTask& task, const Effort& effort) {
    Fingerprint inputs;
    inputs.add(std::string_view("glare 6"));
    inputs.add(task.surfaces->fingerprint());
    inputs.add(task.outdoors.fingerprint());
    const auto& rule = task.sources;
    for (const double v :
         {task.observer.eye.x, task.observer.eye.y, task.observer.eye.z, task.observer.heading, task.observer.altitude,
          effort.accuracy, task.pixel_accuracy, task.lens.field, task.lens.across, rule.times, rule.luminance,
          rule.faintest, rule.joined_within, rule.zone.x, rule.zone.y, rule.zone.z, rule.zone_angle})
        inputs.add(v);
    for (const int v : {static_cast<int>(task.lens.kind), task.lens.width, task.lens.height, static_cast<int>(task.of),
                        static_cast<int>(rule.against)})
        inputs.add(v);
    for (const int layer : task.blinds.layers) inputs.add(layer);
    if (task.bands > 0) {
        inputs.add(task.bands);
        inputs.add(static_cast<int>(task.sky_colour));
        for (const auto& m : task.project->materials) add_colour(inputs, m);
    }
    for (const auto& l : task.circuits.luminaires) add_luminaire(inputs, l);
    for (const float share : task.shares) inputs.add(static_cast<double>(share));
    for (const auto& source : task.circuits.sources) {
        inputs.add(source.type);
        inputs.add(source.lumens);
    }
    inputs.add(effort.seed);
    return inputs;
}

void tell_record(Record& record, const light::Picture& picture, std::chrono::steady_clock::time_point start) {
    record.reached = picture.relative_half_width;
    record.settled = picture.settled;
    record.rays = picture.tally.rays;
    record.paths = picture.tally.paths;
    record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

Facing facing_of(const Judged& judged, double heading, const std::vector<std::vector<SeenPart>>& parts) {
    Facing out{heading, judged.vertical_lux, judged.half_width, judged.dgp, judged.dgp_low, judged.dgp_high, {}, {}};
    for (const auto& index : metric::glare_indices()) out.indices.push_back(index.value(judged));
    if (!parts.empty()) out.worst = words_of(parts.front());
    return out;
}

void judge(GlareAnswer& answer, const Judge& by) {
    const auto& observer = answer.observer;
    static_cast<Judged&>(answer) =
        answer.picture.lens.kind == light::Lens::Kind::hemisphere
            ? by.along_sight(answer.picture)
            : by.towards(answer.picture, radians(observer.heading), radians(observer.altitude));
    answer.parts = parts_of(answer.sources, answer.picture, answer.things.get());
}

class Solving {
 public:
    Solving(const GlareTask& task, const Effort& effort, const Cache& cache)
        : task_(task),
          cache_(cache),
          states_(light::states_of(*task.surfaces)),
          scene_(
              *task.surfaces,
              task.blinds.layers.empty() ? light::layers_of(*task.surfaces, light::Blinds::open) : task.blinds.layers,
              states_.all[states_.in(task.outdoors.moment.month)]) {
        answer_.judged = can_judge(task.lens) && task.of == light::PictureOf::luminance;
        answer_.observer = task.observer;
        answer_.rule = task.sources;
        answer_.moment = task.outdoors.moment;
        answer_.sky = task.outdoors.words;
        answer_.sun_altitude = degrees(task.outdoors.sky_and_sun.sun.altitude);
        answer_.blinds = task.blinds;
        answer_.record.inputs = inputs_of(task, effort);
        answer_.record.wanted = effort.accuracy;
        answer_.record.seed = effort.seed;
        if (answer_.judged) judge_.emplace(task.lens, task.sources);
        work_.scene = &scene_;
        work_.lens = task.lens;
        work_.pose = pose_of(task.observer, task.lens);
        work_.daylight = daylight_of(task.outdoors.sky_and_sun);
        work_.of = task.of;
        work_.accuracy = effort.accuracy;
        work_.pixel_accuracy = task.pixel_accuracy;
        work_.seed = effort.seed;
        work_.keeps_parts = answer_.judged;
        answer_.bands = task.bands;
        work_.luminaires = task.circuits.luminaires;
        work_.shares = task.shares;
    }

    GlareAnswer run(const Cancel& cancel, const GlareStep& step) {
        answer_.things = see_things(scene_, work_.lens, work_.pose, *task_.surfaces, task_.option, cancel);
        light::PictureStep seen;
        if (step)
            seen = [&](const light::Picture& so_far) {
                tell(so_far);
                step(answer_);
            };
        if (!cancel.requested() && !find_picture()) {
            tell(light::trace_picture(work_, cancel, seen));
            if (!cancel.requested()) keep(kAllLight, [&] { return answer_.picture.write(); });
        }
        if (task_.bands > 0 && !cancel.requested() && !find_bands()) {
            see_bands(cancel, step);
            if (answer_.spectral != nullptr) keep(kByWavelength, [&] { return answer_.spectral->write(); });
        }
        if (cancel.requested()) answer_.record.settled = false;
        return std::move(answer_);
    }

 private:
    static constexpr std::string_view kAllLight = "picture", kByWavelength = "picture by wavelength";
    Fingerprint print_of(std::string_view what) const {
        Fingerprint out = answer_.record.inputs;
        out.add(std::string_view(kVersion));
        out.add(what);
        return out;
    }
    template <class Write>
    void keep(std::string_view what, Write&& write) const {
        if (cache_.keep) cache_.keep(print_of(what), write());
    }
    std::optional<std::string> find(std::string_view what) const {
        return cache_.find ? cache_.find(print_of(what)) : std::nullopt;
    }
    bool find_picture() {
        const auto bytes = find(kAllLight);
        if (!bytes) return false;
        auto picture = light::Picture::read(*bytes, work_.lens, work_.pose, work_.of);
        if (picture) tell(std::move(*picture));
        return static_cast<bool>(picture);
    }
    bool find_bands() {
        const auto bytes = find(kByWavelength);
        if (!bytes) return false;
        auto bands = SpectralPicture::read(*bytes, answer_.picture.value.size(), task_.bands);
        if (!bands) return false;
        answer_.spectral = std::make_shared<const SpectralPicture>(std::move(*bands));
        answer_.bands_done = task_.bands;
        return true;
    }
    void see_bands(const Cancel& cancel, const GlareStep& step) {
        SpectralPictureTask by;
        by.project = task_.project;
        by.surfaces = task_.surfaces;
        by.layers =
            task_.blinds.layers.empty() ? light::layers_of(*task_.surfaces, light::Blinds::open) : task_.blinds.layers;
        by.state = states_.all[states_.in(task_.outdoors.moment.month)];
        by.picture = work_;
        by.outdoors = &task_.outdoors;
        by.bands = task_.bands;
        by.colour = task_.sky_colour;
        for (const auto& source : task_.circuits.sources)
            by.lights.push_back(light_of(*model::find(task_.project->luminaire_types, source.type)));
        const bool settled = answer_.record.settled;
        answer_.record.settled = false;
        answer_.spectral = trace_spectral_picture(by, cancel, [&](size_t done) {
            answer_.bands_done = done;
            if (step && done < task_.bands) step(answer_);
        });
        answer_.record.settled = settled;
        answer_.record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start_).count();
    }
    void tell(light::Picture picture) {
        answer_.picture = std::move(picture);
        tell_record(answer_.record, answer_.picture, start_);
        if (!answer_.judged) return;
        judge(answer_, *judge_);
        if (task_.lens.kind == light::Lens::Kind::sphere) look_around();
    }
    void look_around() {
        answer_.around.resize(360 / kFacingStep);
        parallel_for(answer_.around.size(), [&](size_t i) {
            const double heading = static_cast<double>(i) * kFacingStep;
            const Judged judged = judge_->towards(answer_.picture, radians(heading), radians(task_.observer.altitude));
            answer_.around[i] =
                facing_of(judged, heading,
                          parts_of(std::span(judged.sources).first(std::min<size_t>(judged.sources.size(), 1)),
                                   answer_.picture, answer_.things.get()));
        });
    }

    const GlareTask& task_;
    const Cache& cache_;
    const std::chrono::steady_clock::time_point start_ = std::chrono::steady_clock::now();
    light::States states_;
    light::Scene scene_;
    std::optional<Judge> judge_;
    light::PictureTask work_;
    GlareAnswer answer_;
};

}  // namespace

Fingerprint glare_inputs(const GlareTask& task, const Effort& effort) { return inputs_of(task, effort); }

const char* unit_of(light::PictureOf of) {
    if (of == light::PictureOf::ratio) return "";
    return of == light::PictureOf::illuminance ? "lx" : "cd/m\u00b2";
}

GlareAnswer judged_anew(const GlareAnswer& answer, const metric::SourceRule& rule) {
    GlareAnswer out = answer;
    out.rule = rule;
    out.judged = can_judge(answer.picture.lens) && answer.picture.of == light::PictureOf::luminance;
    out.around.clear();
    if (out.judged) judge(out, Judge(answer.picture.lens, rule));
    return out;
}

double progress_of(const GlareAnswer& answer) {
    if (answer.record.settled) return 1;
    if (answer.bands_done > 0)
        return 0.1 + 0.9 * static_cast<double>(answer.bands_done) / static_cast<double>(answer.bands);
    return std::min(0.99, std::pow(answer.record.wanted / std::max(answer.record.reached, 1e-9), 2));
}

GlareAnswer solve_glare(const GlareTask& task, const Effort& effort, const Cancel& cancel, const GlareStep& step,
                        const Cache& cache) {
    GlareAnswer answer;
    with_threads(effort.threads, [&] { answer = Solving(task, effort, cache).run(cancel, step); });
    return answer;
}

}  // namespace wp::question
