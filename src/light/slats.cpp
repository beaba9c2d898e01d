// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/slats.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>

#include "base/vec.h"

namespace wp::light {

namespace {

constexpr int kStrips = 16;       // of each face
constexpr int kTable = 360;       // steps over half a turn
constexpr double kSteepest = 85;  // degrees; slats shut further are computed as this
constexpr int kRays = 512;        // over one gap, for where light first falls

using Line = std::array<Vec2, 2>;

// H. C. Hottel's crossed strings: share of what leaves one line, long into the page, that meets another.
double view_factor(const Line& from, const Line& to) {
    const auto d = [](Vec2 a, Vec2 b) { return length(b - a); };
    const double crossed = d(from[0], to[0]) + d(from[1], to[1]), straight = d(from[0], to[1]) + d(from[1], to[0]);
    return std::fabs(crossed - straight) / (2 * d(from[0], from[1]));
}

}  // namespace

// The gap between two slats: x inwards, y up. The outer side lies at x = 0 from y = 0 to the spacing.
SlatCurve::SlatCurve(double width, double spacing, double tilt, double reflectance)
    : width_(width),
      spacing_(spacing),
      tilt_(radians(std::clamp(tilt, -kSteepest, kSteepest))),
      reflectance_(reflectance) {
    solve_exchange();
    for (int i = 0; i <= kTable; ++i) table_.push_back(exact((static_cast<double>(i) / kTable - 0.5) * kPi));
}

void SlatCurve::solve_exchange() {
    const Vec2 slat{width_ * std::cos(tilt_), width_ * std::sin(tilt_)}, up{0, spacing_};
    std::vector<Line> strips;
    for (int i = 0; i < kStrips; ++i)
        strips.push_back({slat * (static_cast<double>(i) / kStrips), slat * ((i + 1.0) / kStrips)});
    for (int i = 0; i < kStrips; ++i)
        strips.push_back({strips[static_cast<size_t>(i)][0] + up, strips[static_cast<size_t>(i)][1] + up});
    const Line outer{Vec2{0, 0}, up}, inner{slat, slat + up};
    // X = (I - rho F)^-1 rho: what leaves each strip in the end for light that first falls on one of them.
    constexpr int n = 2 * kStrips;
    Eigen::MatrixXd exchange = Eigen::MatrixXd::Identity(n, n);
    Eigen::VectorXd outwards(n), inwards(n);
    for (int i = 0; i < n; ++i) {
        // The outer and inner lines are given so that their ends follow those of the strips.
        outwards(i) = view_factor(strips[static_cast<size_t>(i)], outer);
        inwards(i) = view_factor(strips[static_cast<size_t>(i)], inner);
        for (int k = 0; k < n; ++k)
            if ((i < kStrips) != (k < kStrips))
                exchange(i, k) -=
                    reflectance_ * view_factor(strips[static_cast<size_t>(i)], strips[static_cast<size_t>(k)]);
    }
    // All strips are equally long, so that flux and radiosity exchange by the same factors.
    const Eigen::VectorXd out = exchange.fullPivLu().solve(reflectance_ * outwards),
                          in = exchange.fullPivLu().solve(reflectance_ * inwards);
    to_outside_.assign(out.data(), out.data() + n);
    to_inside_.assign(in.data(), in.data() + n);
}

// What the shadow of a slat leaves free of the gap to the next.
double SlatCurve::direct(double tangent) const {
    return std::max(0.0, 1 - std::fabs(width_ * (std::sin(tilt_) + std::cos(tilt_) * tangent)) / spacing_);
}

SlatAnswer SlatCurve::exact(double profile) const {
    SlatAnswer answer;
    if (std::fabs(profile) > kPi / 2 - 1e-6) profile = std::copysign(kPi / 2 - 1e-6, profile);
    const double fall = std::tan(profile), rise = std::tan(tilt_);
    // A ray enters at height y and goes down by fall for each metre inwards, while the slats rise.
    const double reach = width_ * std::cos(tilt_), closing = fall + rise;
    answer.direct = direct(fall);
    if (answer.direct >= 1) return answer;
    int hits = 0;
    double outside = 0, inside = 0;
    for (int i = 0; i < kRays; ++i) {
        const double y = spacing_ * (i + 0.5) / kRays;
        const double x = closing > 0 ? y / closing : closing < 0 ? (y - spacing_) / closing : 1e18;
        if (x >= reach && reach > 0) continue;
        const int strip = reach > 1e-9 ? std::clamp(static_cast<int>(x / reach * kStrips), 0, kStrips - 1)
                                       : std::clamp(static_cast<int>(y / spacing_ * kStrips), 0, kStrips - 1);
        const auto at = static_cast<size_t>(closing > 0 ? strip : kStrips + strip);
        outside += to_outside_[at];
        inside += to_inside_[at];
        ++hits;
    }
    if (hits == 0) return answer;
    // Where light first falls is counted, how much of it falls there is known exactly.
    answer.back = (1 - answer.direct) * outside / hits;
    answer.through = (1 - answer.direct) * inside / hits;
    return answer;
}

SlatAnswer SlatCurve::at(float tangent) const {
    const double place = (std::atan(static_cast<double>(tangent)) / kPi + 0.5) * kTable;
    const int i = std::clamp(static_cast<int>(place), 0, kTable - 1);
    const double t = place - i;
    const SlatAnswer &a = table_[static_cast<size_t>(i)], &b = table_[static_cast<size_t>(i) + 1];
    // The direct share has a corner at the cut-off that no table shows: it is cheap to compute.
    return {direct(static_cast<double>(tangent)), a.through + (b.through - a.through) * t,
            a.back + (b.back - a.back) * t};
}

double SlatCurve::cut_off() const { return std::atan((spacing_ / width_ - std::sin(tilt_)) / std::cos(tilt_)); }

}  // namespace wp::light
