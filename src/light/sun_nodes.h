// SPDX-License-Identifier: GPL-3.0-or-later
// Directions of the sun that interreflected sunlight is reckoned for. The sun's place is fixed by declination and hour
// angle, so a lattice in these two covers every sun of every year; a true position takes its value bilinearly from four
// nodes. Direct sunlight never uses nodes: it is traced with the true position.
#pragma once
#include <array>
#include <utility>
#include <vector>

#include "climate/sun.h"

namespace wp::light {

class SunNodes {
 public:
    /// north_azimuth: azimuth of the model's +y, radians clockwise from true north.
    SunNodes(const climate::Place& place, double north_azimuth);

    size_t count() const { return directions_.size(); }
    /// Unit direction to the sun in the model's axes.
    Vec3f direction(size_t node) const { return directions_[node]; }

    /// The nodes before and after in hour angle, of the same declination; itself where there is none.
    std::pair<size_t, size_t> beside(size_t node) const;
    /// The nodes below and above in declination, of the same hour angle; itself where there is none.
    std::pair<size_t, size_t> across(size_t node) const;

    struct Share {
        size_t node;
        double weight;
    };
    /// Nodes around a true position, with weights that sum to 1.
    std::array<Share, 4> around(const climate::SunPosition& sun) const;

 private:
    static constexpr int kDeclinations = 11, kHourAngles = 36;
    size_t index(int declination, int hour_angle) const;
    std::pair<size_t, size_t> neighbours(size_t node, int by_declination, int by_hour_angle) const;
    std::vector<Vec3f> directions_;
    std::vector<int> index_;
};

}  // namespace wp::light
