// SPDX-License-Identifier: GPL-3.0-or-later
#include "photometry/distribution.h"

#include <algorithm>
#include <cmath>

namespace wp::photometry {
using model::LuminaireType;
using Planes = LuminaireType::Planes;

namespace {

constexpr double kSame = 1e-6;  // degrees

double turned_into(double degrees, double from) {
    const double out = std::fmod(degrees - from, 360.0);
    return from + (out < 0 ? out + 360 : out);
}

// Of what is linear between a and b, radians, times sine or cosine.
double by_sine(double a, double b, double at_a, double at_b) {
    const double slope = (at_b - at_a) / (b - a);
    return at_a * std::cos(a) - at_b * std::cos(b) + slope * (std::sin(b) - std::sin(a));
}
double by_cosine(double a, double b, double at_a, double at_b) {
    const double slope = (at_b - at_a) / (b - a);
    return at_b * std::sin(b) - at_a * std::sin(a) + slope * (std::cos(b) - std::cos(a));
}

}  // namespace

Steps::Steps(std::vector<double> at) : at_(std::move(at)) {
    if (at_.size() < 2) return;
    const size_t buckets = 4 * at_.size();
    buckets_by_ = static_cast<double>(buckets) / (at_.back() - at_.front());
    start_.resize(buckets + 1);
    size_t k = 0;
    for (size_t b = 0; b <= buckets; ++b) {
        const double x = at_.front() + static_cast<double>(b) / buckets_by_;
        while (k + 2 < at_.size() && at_[k + 1] <= x) ++k;
        start_[b] = static_cast<uint32_t>(k);
    }
}

Steps::Place Steps::find(double x) const {
    if (at_.size() < 2 || !(x > at_.front())) return {};
    if (x >= at_.back()) return {at_.size() - 2, 1};
    const auto bucket = static_cast<size_t>((x - at_.front()) * buckets_by_);
    size_t k = start_[std::min(bucket, start_.size() - 1)];
    while (k > 0 && at_[k] > x) --k;
    while (k + 2 < at_.size() && at_[k + 1] <= x) ++k;
    return {k, (x - at_[k]) / (at_[k + 1] - at_[k])};
}

Distribution::Distribution(const LuminaireType& type)
    : planes_(type.planes),
      horizontals_(type.horizontals),
      verticals_(type.verticals),
      candela_(type.candela.begin(), type.candela.end()) {
    if (candela_.empty() || candela_.size() != type.horizontals.size() * type.verticals.size()) {
        candela_.clear();
        return;
    }
    begin_ = type.horizontals.front();
    span_ = type.horizontals.back() - begin_;
    const auto is = [&](double degrees) { return std::fabs(span_ - degrees) < kSame; };
    if (planes_ == Planes::c_gamma) {
        quarters_ = is(90);
        halves_ = is(180);
        // All round: the last plane meets the first.
        if (span_ > kSame && !quarters_ && !halves_ && span_ < 360 - kSame) {
            std::vector<double> closed = type.horizontals;
            closed.push_back(begin_ + 360);
            horizontals_ = Steps(closed);
            candela_.insert(candela_.end(), candela_.begin(),
                            candela_.begin() + static_cast<std::ptrdiff_t>(type.verticals.size()));
        }
    } else {
        halves_ = begin_ > -kSame;
        mirrored_verticals_ = type.verticals.front() > -kSame;
    }
    most_ = *std::ranges::max_element(type.candela);
    flux_ = find_flux();
}

double Distribution::fold(double h) const {
    if (horizontals_.at().size() < 2) return begin_;
    if (planes_ != Planes::c_gamma) return halves_ ? std::fabs(h) : h;
    double r = turned_into(h, begin_) - begin_;
    if ((halves_ || quarters_) && r > 180) r = 360 - r;
    if (quarters_ && r > 90) r = 180 - r;
    return begin_ + r;
}

double Distribution::at(double horizontal, double vertical) const {
    if (candela_.empty()) return 0;
    if (mirrored_verticals_) vertical = std::fabs(vertical);
    const double h = fold(horizontal);
    const auto& vs = verticals_.at();
    if (vertical < vs.front() - kSame || vertical > vs.back() + kSame) return 0;
    if (planes_ != Planes::c_gamma && (h < horizontals_.at().front() - kSame || h > horizontals_.at().back() + kSame))
        return 0;
    const auto a = horizontals_.find(h), b = verticals_.find(vertical);
    const size_t rows = vs.size();
    const auto value = [&](size_t i, size_t k) { return static_cast<double>(candela_[i * rows + k]); };
    const auto along = [&](size_t i) {
        const double low = value(i, b.below);
        return b.share > 0 ? low + b.share * (value(i, b.below + 1) - low) : low;
    };
    const double low = along(a.below);
    return a.share > 0 ? low + a.share * (along(a.below + 1) - low) : low;
}

double Distribution::candela(Vec3 d) const {
    switch (planes_) {
        case Planes::c_gamma:
            return at(degrees(std::atan2(d.y, d.x)), degrees(std::acos(std::clamp(-d.z, -1.0, 1.0))));
        case Planes::b_beta:
            return at(degrees(std::asin(std::clamp(-d.y, -1.0, 1.0))), degrees(std::atan2(d.x, -d.z)));
        case Planes::a_alpha:
            return at(degrees(std::atan2(-d.y, -d.z)), degrees(std::asin(std::clamp(d.x, -1.0, 1.0))));
    }
    return 0;
}

double Distribution::candela_at(double c, double gamma) const {
    return candela({std::sin(gamma) * std::cos(c), std::sin(gamma) * std::sin(c), -std::cos(gamma)});
}

double Distribution::find_flux() const {
    const auto &hs = horizontals_.at(), &vs = verticals_.at();
    const size_t rows = vs.size();
    // Along verticals for each plane; of B across, for there the horizontals carry the cosine.
    const auto sum = [&](const std::vector<double>& inner, const std::vector<double>& outer, auto&& value,
                         auto&& weigh) {
        std::vector<double> strips;
        for (size_t i = 0; i < outer.size(); ++i) {
            double strip = 0;
            for (size_t k = 0; k + 1 < inner.size(); ++k)
                strip += weigh(radians(inner[k]), radians(inner[k + 1]), value(i, k), value(i, k + 1));
            strips.push_back(strip);
        }
        double out = 0;
        for (size_t i = 0; i + 1 < outer.size(); ++i)
            out += radians(outer[i + 1] - outer[i]) * (strips[i] + strips[i + 1]) / 2;
        return outer.size() == 1 ? 2 * kPi * strips.front() : out;
    };
    const auto of_vertical = [&](size_t h, size_t v) { return static_cast<double>(candela_[h * rows + v]); };
    const auto of_horizontal = [&](size_t v, size_t h) { return of_vertical(h, v); };
    switch (planes_) {
        case Planes::c_gamma:
            return sum(vs, hs, of_vertical, by_sine) * (quarters_ ? 4 : halves_ ? 2 : 1);
        case Planes::b_beta:
            return sum(hs, vs, of_horizontal, by_cosine) * (halves_ ? 2 : 1) * (mirrored_verticals_ ? 2 : 1);
        case Planes::a_alpha:
            return sum(vs, hs, of_vertical, by_cosine) * (halves_ ? 2 : 1) * (mirrored_verticals_ ? 2 : 1);
    }
    return 0;
}

double Distribution::flux_below(double gamma) const {
    // Steps no wider than files have them.
    constexpr int kRings = 720, kAround = 360;
    double out = 0;
    for (int k = 0; k < kRings; ++k) {
        const double a = gamma * k / kRings, b = gamma * (k + 1) / kRings, middle = (a + b) / 2;
        double ring = 0;
        for (int c = 0; c < kAround; ++c) ring += candela_at(2 * kPi * (c + 0.5) / kAround, middle);
        out += ring / kAround * 2 * kPi * (std::cos(a) - std::cos(b));
    }
    return out;
}

double luminous_area(const LuminaireType& t, Vec3 away) {
    return luminous_area(t.opening, t.size_x, t.size_y, t.depth, away);
}

double luminous_area(LuminaireType::Opening form, double x, double y, double depth, Vec3 d) {
    if (form == LuminaireType::Opening::ball) return kPi / 4 * std::pow(std::max({x, y, depth}), 2);
    if (form == LuminaireType::Opening::rectangle)
        return x * y * std::fabs(d.z) + y * depth * std::fabs(d.x) + x * depth * std::fabs(d.y);
    // Of an elliptic cylinder: its lid, and its width across the direction times its depth.
    const double level = std::hypot(d.x, d.y);
    const double across = level > 0 ? std::hypot(x * d.y / level, y * d.x / level) : std::max(x, y);
    return kPi / 4 * x * y * std::fabs(d.z) + across * depth * level;
}

double tilt_factor(const LuminaireType& t, double tilt) {
    if (t.tilts.empty() || t.tilts.size() != t.tilt_light.size()) return 1;
    const auto place = Steps(t.tilts).find(std::clamp(std::fabs(tilt), t.tilts.front(), t.tilts.back()));
    const double low = t.tilt_light[place.below];
    return place.share > 0 ? low + place.share * (t.tilt_light[place.below + 1] - low) : low;
}

double output_ratio(const LuminaireType& t) { return t.lamp_lumens > 0 ? Distribution(t).flux() / t.lamp_lumens : 0; }

}  // namespace wp::photometry
