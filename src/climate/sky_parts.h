// SPDX-License-Identifier: GPL-3.0-or-later
// The dome cut into parts for daylight coefficients: Tregenza's 145 (Lighting Research and Technology 19 (1987) 13-16)
// and its regular subdivision into half-height rows.
#pragma once
#include <vector>

#include "base/vec.h"

namespace wp::climate {

class SkyParts {
 public:
    /// division 1: 145 parts; 2: 577; 4: 2305.
    explicit SkyParts(int division);

    size_t count() const { return count_; }
    /// The part a unit direction with z >= 0 belongs to.
    size_t part_of(Vec3f direction) const;
    /// Solid angle, sr.
    double solid_angle(size_t part) const;
    /// n x n directions that represent equal solid angles of the part.
    std::vector<Vec3> directions(size_t part, int n) const;

 private:
    struct Row {
        size_t first, count;
        double sin_low, sin_high;
    };
    const Row& row_of(size_t part) const;
    std::vector<Row> rows_;
    std::vector<float> row_sines_;
    std::vector<unsigned char> row_lookup_;
    size_t count_ = 0;
};

}  // namespace wp::climate
