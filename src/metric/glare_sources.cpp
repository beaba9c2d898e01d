// SPDX-License-Identifier: GPL-3.0-or-later
#include "metric/glare_sources.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "climate/sun.h"
#include "metric/join_near.h"

namespace wp::metric {

namespace {

// What the eye sees of a pixel: its solid angle, nought behind the eye and outside the picture.
double seen(const LuminanceField& field, size_t at) {
    return dot(field.direction[at], field.forward) > 0 ? field.solid_angle[at] : 0;
}

struct Sums {
    double solid = 0, flux = 0, square = 0, lux = 0;
    double mean() const { return solid > 0 ? flux / solid : 0; }
};

template <class Wanted>
Sums sums_where(const LuminanceField& field, Wanted wanted) {
    Sums out;
    for (size_t at = 0; at < field.luminance.size(); ++at) {
        const double cosine = dot(field.direction[at], field.forward), solid = field.solid_angle[at];
        if (cosine <= 0 || !wanted(at)) continue;
        const double value = static_cast<double>(field.luminance[at]);
        out.solid += solid;
        out.flux += value * solid;
        out.square += value * value * solid;
        out.lux += value * solid * cosine;
    }
    return out;
}

Sums sums_of(const LuminanceField& field) {
    return sums_where(field, [](size_t) { return true; });
}

// A part of the field that touches itself.
struct Part {
    GlareSource source;
    Vec3 middle;  // not of unit length
    double flux = 0, doubt = 0;

    void absorb(Part&& part) {
        source.solid_angle += part.source.solid_angle;
        const auto& more = part.source.pixels;
        source.pixels.insert(source.pixels.end(), more.begin(), more.end());
    }
};

class Parts {
 public:
    Parts(const LuminanceField& field, double limit)
        : field_(field), limit_(limit), seen_(field.luminance.size(), false) {}

    std::vector<Part> find() {
        std::vector<Part> out;
        for (size_t at = 0; at < seen_.size(); ++at)
            if (is_bright(at)) {
                Part part = spread_from(at);
                if (is_sure(part)) out.push_back(std::move(part));
            }
        return out;
    }

 private:
    bool is_bright(size_t at) const {
        return !seen_[at] && static_cast<double>(field_.luminance[at]) >= limit_ && seen(field_, at) > 0;
    }
    Part spread_from(size_t start) {
        Part part;
        std::vector<size_t> queue{start};
        seen_[start] = true;
        while (!queue.empty()) {
            const size_t at = queue.back();
            queue.pop_back();
            take(part, at);
            for (const size_t next : neighbours(at))
                if (next < seen_.size() && is_bright(next)) {
                    seen_[next] = true;
                    queue.push_back(next);
                }
        }
        return part;
    }
    void take(Part& part, size_t at) const {
        const double solid = field_.solid_angle[at], flux = static_cast<double>(field_.luminance[at]) * solid;
        part.source.solid_angle += solid;
        part.source.pixels.push_back(static_cast<uint32_t>(at));
        part.flux += flux;
        part.middle = part.middle + field_.to_eye(field_.direction[at]) * flux;
        if (!field_.error.empty()) part.doubt += std::pow(static_cast<double>(field_.error[at]) * solid, 2);
    }
    // Past the ends: no pixel.
    std::array<size_t, 4> neighbours(size_t at) const {
        constexpr size_t none = SIZE_MAX;
        const auto wide = static_cast<size_t>(field_.width);
        const size_t x = at % wide, row = at - x;
        const size_t left = x > 0          ? at - 1
                            : field_.wraps ? row + wide - 1
                                           : none,
                     right = x + 1 < wide   ? at + 1
                             : field_.wraps ? row
                                            : none;
        return {left, right, at >= wide ? at - wide : none, at + wide};
    }
    bool is_sure(const Part& part) const {
        if (field_.error.empty()) return part.source.pixels.size() > 1;
        return part.flux - 2 * std::sqrt(part.doubt) >= limit_ * part.source.solid_angle;
    }

    const LuminanceField& field_;
    double limit_;
    std::vector<bool> seen_;
};

}  // namespace

double mean_luminance(const LuminanceField& field) {
    Sums sums = sums_of(field);
    for (const Disc& disc : field.discs)
        if (dot(disc.direction, field.forward) > 0) sums.flux += disc.normal_lux;
    return sums.mean();
}

double vertical_illuminance(const LuminanceField& field) {
    double lux = sums_of(field).lux;
    for (const Disc& disc : field.discs) lux += disc.normal_lux * std::max(0.0, dot(disc.direction, field.forward));
    return lux;
}

double field_contrast(const LuminanceField& field) {
    const Sums sums = sums_of(field);
    const double mean = sums.mean();
    return mean > 0 ? std::sqrt(std::max(0.0, sums.square / sums.solid - mean * mean)) / mean : 0;
}

double source_limit(const LuminanceField& field, const SourceRule& rule) {
    if (rule.against == SourceRule::Against::fixed_luminance) return std::max(rule.faintest, rule.luminance);
    double mean = 0;
    if (rule.against == SourceRule::Against::task_zone) {
        const double within = std::cos(rule.zone_angle / 2);
        mean = sums_where(field, [&](size_t at) {
                   return dot(field.to_eye(field.direction[at]), rule.zone) >= within;
               }).mean();
    }
    // A zone in which there is nothing is no yardstick.
    if (mean <= 0) mean = sums_of(field).mean();
    return std::max(rule.faintest, rule.times * mean);
}

std::vector<GlareSource> find_sources(const LuminanceField& field, const SourceRule& rule) {
    std::vector<GlareSource> out;
    if (const double limit = source_limit(field, rule); limit > 0) {
        auto parts = Parts(field, limit).find();
        join_near(parts, rule.joined_within);
        for (Part& part : parts) {
            GlareSource& source = part.source;
            source.luminance = part.flux / source.solid_angle;
            source.direction = normalized(part.middle);
            source.position = position_index(source.direction);
            out.push_back(std::move(source));
        }
    }
    for (size_t i = 0; i < field.discs.size(); ++i) {
        const Vec3 to = field.to_eye(field.discs[i].direction);
        if (to.z > 0 && field.discs[i].normal_lux > 0)
            out.push_back({field.discs[i].normal_lux / climate::kSunSolidAngle, climate::kSunSolidAngle,
                           position_index(to), to, true, static_cast<int>(i)});
    }
    std::ranges::stable_sort(out, std::greater(), &GlareSource::contrast);
    return out;
}

}  // namespace wp::metric
