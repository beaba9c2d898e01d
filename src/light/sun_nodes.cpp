// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/sun_nodes.h"

#include <algorithm>
#include <cmath>

namespace wp::light {

namespace {
const double kLargest = radians(23.45);
// A node below the horizon stands for the last light of its neighbours.
const double kLowest = radians(0.5);
}  // namespace

SunNodes::SunNodes(const climate::Place& place, double north_azimuth) {
    const double phi = radians(place.latitude);
    std::vector<Vec3> all(static_cast<size_t>(kDeclinations) * kHourAngles);
    std::vector<bool> up(all.size());
    for (int d = 0; d < kDeclinations; ++d)
        for (int h = 0; h < kHourAngles; ++h) {
            const double declination = kLargest * (2.0 * d / (kDeclinations - 1) - 1), angle = 2 * kPi * h / kHourAngles - kPi;
            const double altitude = std::asin(std::sin(phi) * std::sin(declination) +
                                              std::cos(phi) * std::cos(declination) * std::cos(angle));
            const double azimuth = std::atan2(-std::cos(declination) * std::sin(angle),
                                              std::sin(declination) * std::cos(phi) - std::cos(declination) * std::sin(phi) * std::cos(angle));
            const size_t i = static_cast<size_t>(d * kHourAngles + h);
            all[i] = wp::direction(azimuth - north_azimuth, std::max(altitude, kLowest));
            up[i] = altitude > 0;
        }
    // Keep every node that a sun above the horizon can lean on: those up, and their neighbours in the lattice.
    index_.assign(all.size(), -1);
    for (int d = 0; d < kDeclinations; ++d)
        for (int h = 0; h < kHourAngles; ++h) {
            bool wanted = false;
            for (int i = std::max(0, d - 1); i <= std::min(kDeclinations - 1, d + 1); ++i)
                for (int j = -1; j <= 1; ++j)
                    wanted = wanted || up[static_cast<size_t>(i * kHourAngles + (h + j + kHourAngles) % kHourAngles)];
            if (!wanted) continue;
            index_[static_cast<size_t>(d * kHourAngles + h)] = static_cast<int>(directions_.size());
            directions_.push_back(all[static_cast<size_t>(d * kHourAngles + h)].as<float>());
        }
}

size_t SunNodes::index(int declination, int hour_angle) const {
    const int i = index_[static_cast<size_t>(declination * kHourAngles + (hour_angle + kHourAngles) % kHourAngles)];
    return i < 0 ? 0 : static_cast<size_t>(i);
}

std::pair<size_t, size_t> SunNodes::neighbours(size_t node, int by_declination, int by_hour_angle) const {
    for (size_t i = 0; i < index_.size(); ++i) {
        if (index_[i] != static_cast<int>(node)) continue;
        const auto at = [&](int steps) {
            const int d = static_cast<int>(i) / kHourAngles + steps * by_declination, h = static_cast<int>(i) % kHourAngles + steps * by_hour_angle;
            const int found = d >= 0 && d < kDeclinations ? index_[static_cast<size_t>(d * kHourAngles + (h + kHourAngles) % kHourAngles)] : -1;
            return found < 0 ? node : static_cast<size_t>(found);
        };
        return {at(-1), at(1)};
    }
    return {node, node};
}

std::pair<size_t, size_t> SunNodes::beside(size_t node) const { return neighbours(node, 0, 1); }
std::pair<size_t, size_t> SunNodes::across(size_t node) const { return neighbours(node, 1, 0); }

std::array<SunNodes::Share, 4> SunNodes::around(const climate::SunPosition& sun) const {
    const double d = std::clamp((sun.declination / kLargest + 1) / 2, 0.0, 1.0) * (kDeclinations - 1);
    const double h = (sun.hour_angle + kPi) / (2 * kPi) * kHourAngles;
    const int d0 = std::min(static_cast<int>(d), kDeclinations - 2), h0 = static_cast<int>(std::floor(h));
    const double fd = d - d0, fh = h - h0;
    return {{{index(d0, h0), (1 - fd) * (1 - fh)}, {index(d0, h0 + 1), (1 - fd) * fh},
             {index(d0 + 1, h0), fd * (1 - fh)}, {index(d0 + 1, h0 + 1), fd * fh}}};
}

}  // namespace wp::light
