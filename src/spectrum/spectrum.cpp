// SPDX-License-Identifier: GPL-3.0-or-later
#include "spectrum/spectrum.h"

#include <algorithm>
#include <cmath>

namespace wp::spectrum {

namespace {

// The integral of a line through points from a to b; constant beyond the ends.
class Piecewise {
 public:
    explicit Piecewise(std::span<const std::pair<double, double>> points) : points_(points) {}
    double at(double x) const {
        if (x <= points_.front().first) return points_.front().second;
        if (x >= points_.back().first) return points_.back().second;
        const auto next = std::ranges::upper_bound(points_, x, {}, &std::pair<double, double>::first);
        const auto before = next - 1;
        const double t = (x - before->first) / (next->first - before->first);
        return before->second + (next->second - before->second) * t;
    }
    double integral(double a, double b) const {
        double sum = 0, x = a, y = at(a);
        auto next = std::ranges::upper_bound(points_, a, {}, &std::pair<double, double>::first);
        for (; next != points_.end() && next->first < b; ++next) {
            sum += (next->first - x) * (y + next->second) / 2;
            x = next->first, y = next->second;
        }
        return sum + (b - x) * (y + at(b)) / 2;
    }

 private:
    std::span<const std::pair<double, double>> points_;
};

std::vector<std::pair<double, double>> points_of(const Spectrum& spectrum) {
    std::vector<std::pair<double, double>> out;
    for (size_t i = 0; i < kWavelengths; ++i) out.emplace_back(wavelength(i), spectrum[i]);
    return out;
}

}  // namespace

Spectrum flat(double value) {
    Spectrum out;
    out.fill(value);
    return out;
}

double at(const Spectrum& spectrum, double nm) {
    const double x = std::clamp((nm - kShortest) / kStep, 0.0, static_cast<double>(kWavelengths - 1));
    const auto i = std::min(static_cast<size_t>(x), kWavelengths - 2);
    const double t = x - static_cast<double>(i);
    return spectrum[i] + (spectrum[i + 1] - spectrum[i]) * t;
}

Spectrum from_points(std::span<const std::pair<double, double>> points) {
    Spectrum out{};
    const Piecewise line(points);
    double widest = 0;
    for (size_t i = 0; i + 1 < points.size(); ++i) widest = std::max(widest, points[i + 1].first - points[i].first);
    // What is told as coarsely as the steps, or coarser, is taken as it is.
    const bool fine = points.size() > 1 && widest < kStep - 1e-6;
    for (size_t i = 0; i < kWavelengths; ++i) {
        const double nm = wavelength(i), half = kStep / 2;
        const double low = std::max(points.front().first, nm - half), high = std::min(points.back().first, nm + half);
        out[i] = fine && high - low > 1e-9 ? line.integral(low, high) / (high - low) : line.at(nm);
    }
    return out;
}

Spectrum operator*(const Spectrum& a, const Spectrum& b) {
    Spectrum out;
    for (size_t i = 0; i < kWavelengths; ++i) out[i] = a[i] * b[i];
    return out;
}
Spectrum operator*(const Spectrum& a, double by) {
    Spectrum out;
    for (size_t i = 0; i < kWavelengths; ++i) out[i] = a[i] * by;
    return out;
}
Spectrum operator+(const Spectrum& a, const Spectrum& b) {
    Spectrum out;
    for (size_t i = 0; i < kWavelengths; ++i) out[i] = a[i] + b[i];
    return out;
}

Bins::Bins(size_t count) : Bins(std::clamp<size_t>(count, 1, kWavelengths), Any{}) {}

Bins::Bins(size_t count, Any) {
    const size_t n = std::max<size_t>(count, 1);
    for (size_t i = 0; i <= n; ++i)
        edges_.push_back(kShortest + (kLongest - kShortest) * static_cast<double>(i) / static_cast<double>(n));
}

std::vector<double> Bins::integrals(const Spectrum& spectrum) const {
    const auto points = points_of(spectrum);
    const Piecewise line(points);
    std::vector<double> out;
    for (size_t b = 0; b < count(); ++b) out.push_back(line.integral(from(b), to(b)));
    return out;
}

std::vector<double> Bins::means(const Spectrum& spectrum, const Spectrum* weight) const {
    const auto even = [&] {
        auto out = integrals(spectrum);
        for (size_t b = 0; b < count(); ++b) out[b] /= to(b) - from(b);
        return out;
    };
    if (weight == nullptr) return even();
    auto out = integrals(spectrum * *weight);
    const auto whole = integrals(*weight), plain = even();
    for (size_t b = 0; b < count(); ++b) out[b] = whole[b] > 0 ? out[b] / whole[b] : plain[b];
    return out;
}

}  // namespace wp::spectrum
