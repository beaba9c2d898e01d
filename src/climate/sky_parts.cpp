// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/sky_parts.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <stdexcept>

namespace wp::climate {

namespace {

constexpr std::array<size_t, 7> kTregenza = {30, 30, 24, 24, 18, 12, 6};
constexpr float kTurn = static_cast<float>(2 * kPi);

// Angle from +y clockwise in turns, 0 to 1. A polynomial keeps the inner loop free of library calls; being off by 1e-6
// of a turn moves a direction to the neighbouring part only at the very seam.
float turns(float x, float y) {
    const float ax = std::fabs(x), ay = std::fabs(y), high = std::max(ax, ay), low = std::min(ax, ay);
    const float r = high > 0 ? low / high : 0.0f, s = r * r;
    float a = ((((((-0.0117212f * s + 0.05265332f) * s - 0.11643287f) * s + 0.19354346f) * s - 0.33262347f) * s +
                0.99997726f)) *
              r;
    if (ax > ay) a = static_cast<float>(kPi / 2) - a;
    if (y < 0) a = static_cast<float>(kPi) - a;
    if (x < 0) a = kTurn - a;
    return a / kTurn;
}

}  // namespace

SkyParts::SkyParts(int division) {
    if (division != 1 && division != 2 && division != 4) throw std::logic_error("sky division must be 1, 2 or 4");
    const double height = radians(12.0) / division;
    double low = 0;
    for (const size_t base : kTregenza)
        for (int i = 0; i < division; ++i) {
            const size_t n = base * static_cast<size_t>(division);
            rows_.push_back({count_, n, std::sin(low), std::sin(low + height)});
            count_ += n;
            low += height;
        }
    rows_.push_back({count_++, 1, std::sin(low), 1.0});
    for (const Row& row : rows_) row_sines_.push_back(static_cast<float>(row.sin_high));
    row_lookup_.resize(1024);
    for (size_t i = 0, row = 0; i < row_lookup_.size(); ++i) {
        while (row + 1 < rows_.size() && rows_[row].sin_high <= static_cast<double>(i) / 1024) ++row;
        row_lookup_[i] = static_cast<unsigned char>(row);
    }
}

size_t SkyParts::part_of(Vec3f d) const {
    const float z = std::clamp(d.z, 0.0f, 0.9999999f);
    size_t row = row_lookup_[static_cast<size_t>(z * 1024.0f)];
    while (row + 1 < rows_.size() && z >= row_sines_[row]) ++row;
    const Row& r = rows_[row];
    if (r.count == 1) return r.first;
    const auto step = static_cast<size_t>(turns(d.x, d.y) * static_cast<float>(r.count));
    return r.first + std::min(step, r.count - 1);
}

const SkyParts::Row& SkyParts::row_of(size_t part) const {
    const auto it =
        std::upper_bound(rows_.begin(), rows_.end(), part, [](size_t p, const Row& row) { return p < row.first; });
    return *(it - 1);
}

double SkyParts::solid_angle(size_t part) const {
    const Row& r = row_of(part);
    return 2 * kPi * (r.sin_high - r.sin_low) / static_cast<double>(r.count);
}

std::vector<Vec3> SkyParts::directions(size_t part, int n) const {
    const Row& r = row_of(part);
    std::vector<Vec3> out;
    const double width = 2 * kPi / static_cast<double>(r.count), begin = width * static_cast<double>(part - r.first);
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j) {
            const double sine = r.sin_low + (r.sin_high - r.sin_low) * (i + 0.5) / n;
            out.push_back(direction(begin + width * (j + 0.5) / n, std::asin(sine)));
        }
    return out;
}

}  // namespace wp::climate
