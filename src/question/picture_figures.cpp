// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/picture_figures.h"

#include <algorithm>
#include <cmath>

#include "light/sight.h"

namespace wp::question {

namespace {

// By what each pixel counts in means; nought outside the picture.
std::vector<double> weights_of(const light::Lens& lens) {
    if (lens.kind == light::Lens::Kind::parallel)
        return std::vector<double>(static_cast<size_t>(lens.width) * static_cast<size_t>(lens.height), 1.0);
    return light::LensField(lens).solid_angle;
}

light::PicturePlace middle_of(const light::Lens& lens, size_t at) {
    const auto wide = static_cast<size_t>(lens.width);
    return {static_cast<double>(at % wide) + 0.5, static_cast<double>(at / wide) + 0.5};
}

struct Mean {
    double sum = 0, weight = 0;
    void add(double value, double w) { sum += value * w, weight += w; }
    double value() const { return weight > 0 ? sum / weight : 0; }
};

}  // namespace

bool PictureRegion::holds(const light::PicturePlace& p) const {
    switch (shape) {
        case Shape::all:
            return true;
        case Shape::rectangle:
            return p.x >= std::min(a.x, b.x) && p.x <= std::max(a.x, b.x) && p.y >= std::min(a.y, b.y) &&
                   p.y <= std::max(a.y, b.y);
        case Shape::circle:
            return std::hypot(p.x - a.x, p.y - a.y) <= std::hypot(b.x - a.x, b.y - a.y);
    }
    return false;
}

RegionFigures figures_of(const light::Picture& picture, const PictureRegion& region) {
    const auto weights = weights_of(picture.lens);
    RegionFigures out;
    Mean mean, logs;
    for (size_t at = 0; at < weights.size(); ++at) {
        if (weights[at] <= 0 || !region.holds(middle_of(picture.lens, at))) continue;
        const double value = static_cast<double>(picture.value[at]);
        out.least = out.pixels == 0 ? value : std::min(out.least, value);
        out.most = out.pixels == 0 ? value : std::max(out.most, value);
        mean.add(value, weights[at]);
        if (value > 0) logs.add(std::log(value), weights[at]);
        ++out.pixels;
    }
    out.mean = mean.value();
    out.log_mean = logs.weight > 0 ? std::exp(logs.value()) : 0;
    if (picture.lens.kind != light::Lens::Kind::parallel) out.solid_angle = mean.weight;
    return out;
}

std::optional<double> value_at(const light::Picture& picture, const light::PicturePlace& place) {
    const light::Lens& lens = picture.lens;
    if (place.x < 0 || place.y < 0 || place.x >= lens.width || place.y >= lens.height ||
        !light::ray_at(lens, picture.pose, place))
        return {};
    return static_cast<double>(
        picture.value[static_cast<size_t>(place.y) * static_cast<size_t>(lens.width) + static_cast<size_t>(place.x)]);
}

TaskRatios task_ratios(const light::Picture& picture, const metric::SourceRule& rule) {
    if (picture.lens.kind == light::Lens::Kind::parallel) return {};
    const light::LensField field(picture.lens);
    const double half = rule.zone_angle / 2, task = std::cos(half), surround = std::cos(std::min(2 * half, kPi));
    Mean in_task, around, beyond;
    for (size_t at = 0; at < field.direction.size(); ++at) {
        const double solid = field.solid_angle[at], cosine = dot(field.direction[at], rule.zone);
        if (solid <= 0) continue;
        (cosine >= task       ? in_task
         : cosine >= surround ? around
                              : beyond)
            .add(static_cast<double>(picture.value[at]), solid);
    }
    return {in_task.value(), around.value(), beyond.value()};
}

std::vector<double> histogram(const light::Picture& picture, double low, double high, size_t steps) {
    const auto weights = weights_of(picture.lens);
    std::vector<double> out(steps, 0.0);
    double all = 0;
    for (size_t at = 0; at < weights.size(); ++at) {
        if (weights[at] <= 0) continue;
        const double value = std::max(static_cast<double>(picture.value[at]), low),
                     place = std::log(value / low) / std::log(high / low) * static_cast<double>(steps);
        out[std::min(static_cast<size_t>(place), steps - 1)] += weights[at];
        all += weights[at];
    }
    for (double& share : out) share /= std::max(all, 1e-300);
    return out;
}

std::optional<light::Picture> difference(const light::Picture& a, const light::Picture& b) {
    const auto &p = a.lens, &q = b.lens;
    if (p.kind != q.kind || p.width != q.width || p.height != q.height || a.of != b.of) return {};
    light::Picture out = a;
    for (size_t at = 0; at < out.value.size(); ++at) {
        out.value[at] = a.value[at] - b.value[at];
        if (at < a.error.size() && at < b.error.size()) out.error[at] = std::hypot(a.error[at], b.error[at]);
    }
    out.parts.clear();
    out.suns.clear();
    out.field = a.field - b.field;
    return out;
}

}  // namespace wp::question
