// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/glare_judge.h"

#include <algorithm>
#include <cmath>

#include "light/replicates.h"
#include "question/sharp_sources.h"

namespace wp::question {

namespace {

// Neighbours tell little of what is thinner than a pixel: this much more holds 95 % of painted windows with bars
// (tests/question/glare_judge_test.cpp).
constexpr double kSharper = 1.75;

double dgp_of(const metric::LuminanceField& field, const metric::SourceRule& rule) {
    return metric::daylight_glare_probability(metric::vertical_illuminance(field), metric::find_sources(field, rule));
}

// Half of the 95 % interval of the mean of what parts say.
double by_chance(const std::vector<double>& parts) {
    double sum = 0, square = 0;
    for (const double v : parts) sum += v, square += v * v;
    const auto n = static_cast<double>(std::max<size_t>(parts.size(), 1));
    const double variance = std::max(0.0, square / n - sum / n * sum / n) / std::max(1.0, n - 1);
    return light::Picture::kStudent * std::sqrt(variance);
}

}  // namespace

bool can_judge(const light::Lens& lens) {
    return lens.kind == light::Lens::Kind::hemisphere || lens.kind == light::Lens::Kind::sphere;
}

Judge::Judge(const light::Lens& lens, const metric::SourceRule& rule) : lens_(lens), rule_(rule), fine_(lens) {}

Judged Judge::along_sight(const light::Picture& picture) const { return judge(picture, {}); }

Judged Judge::towards(const light::Picture& picture, double heading, double altitude) const {
    // The lens has its heading along z and its vertical along y.
    const auto in_lens = [](const Vec3& d) { return Vec3{d.x, d.z, d.y}; };
    const Vec3 forward = direction(heading, altitude), up = direction(heading, altitude + kPi / 2);
    return judge(picture, {in_lens(cross(forward, up)), in_lens(up), in_lens(forward)});
}

metric::LuminanceField Judge::field(const light::Picture& picture, const Eye& eye,
                                    std::span<const metric::Disc> discs) const {
    metric::LuminanceField out;
    out.width = lens_.width;
    out.height = lens_.height;
    out.wraps = lens_.kind == light::Lens::Kind::sphere;
    out.direction = fine_.direction;
    out.solid_angle = fine_.solid_angle;
    out.luminance = picture.value;
    out.error = picture.error;
    out.discs = discs;
    out.right = eye.right;
    out.up = eye.up;
    out.forward = eye.forward;
    return out;
}

Judged Judge::judge(const light::Picture& picture, const Eye& eye) const {
    std::vector<metric::Disc> discs;
    const light::Pose& pose = picture.pose;
    for (const light::SeenSun& sun : picture.suns)
        discs.push_back(
            {{dot(sun.direction, pose.right()), dot(sun.direction, pose.up), dot(sun.direction, pose.forward)},
             sun.normal_lux});
    const auto seen = field(picture, eye, discs);
    Judged out;
    out.sources = metric::find_sources(seen, rule_);
    out.vertical_lux = metric::vertical_illuminance(seen);
    out.mean_luminance = metric::mean_luminance(seen);
    out.contrast = metric::field_contrast(seen);
    out.half_width = half_width(picture, seen);
    out.dgp = metric::daylight_glare_probability(out.vertical_lux, out.sources);
    tell_band(out, picture, seen);
    out.in_range = metric::dgp_in_range(out.vertical_lux, out.dgp);
    return out;
}

double Judge::half_width(const light::Picture& picture, metric::LuminanceField field) const {
    if (lens_.kind == light::Lens::Kind::hemisphere) return picture.relative_half_width * picture.field;
    field.discs = {};
    std::vector<double> parts;
    for (const auto& part : picture.parts) {
        field.luminance = part;
        parts.push_back(metric::vertical_illuminance(field));
    }
    return by_chance(parts) * light::after_few(picture.samples);
}

void Judge::tell_band(Judged& out, const light::Picture& picture, const metric::LuminanceField& field) const {
    auto other = field;
    other.error = {};
    // Of a part alone no errors are known.
    std::vector<double> parts;
    for (const auto& part : picture.parts) {
        other.luminance = part;
        parts.push_back(dgp_of(other, rule_));
    }
    out.dgp_by_chance = by_chance(parts);
    const double sharp =
        metric::daylight_glare_probability(out.vertical_lux, sharp_contrast(field, out.sources, rule_));
    out.dgp_by_resolution = kSharper * std::fabs(sharp - out.dgp);
    out.dgp_by_sources = 0;
    for (const double times : {0.8, 1.2}) {
        metric::SourceRule rule = rule_;
        rule.times *= times;
        rule.luminance *= times;
        out.dgp_by_sources = std::max(out.dgp_by_sources, std::fabs(dgp_of(field, rule) - out.dgp));
    }
    const double all = std::hypot(out.dgp_by_chance, out.dgp_by_resolution, out.dgp_by_sources);
    out.dgp_low = std::max(0.0, out.dgp - all);
    out.dgp_high = std::min(1.0, out.dgp + all);
}

}  // namespace wp::question
