// SPDX-License-Identifier: GPL-3.0-or-later
// Light of points by the pane it came in through, the way it came and the angle at the pane: with it light behind other
// glass is found without a ray.
#pragma once
#include <vector>

#include "base/sparse_rows.h"
#include "geometry/surfaces.h"
#include "light/trail.h"

namespace wp::question {

/// Steps of the cosine at a pane; the last is of light that the pane scatters.
inline constexpr size_t kSlants = 16;

/// Columns of a row: pane, way and slant; the last kWays past all panes.
class PaneColumns {
 public:
    explicit PaneColumns(size_t panes) : panes_(panes) {}
    size_t count() const { return (panes_ * (kSlants + 1) + 1) * light::kWays; }
    size_t of(const light::Trail& trail) const;
    struct Place {
        int pane = -1;  ///< -1: past all
        light::Way way = light::Way::straight;
        size_t slant = 0;  ///< kSlants: scattered
    };
    Place place(size_t column) const;

 private:
    size_t panes_;
};

/// What each column is multiplied by where panes change from one state of a building to another. Rectangles and ways
/// are the same in both: only glass, dirt and what frames leave differ.
std::vector<double> factors_of(const geometry::Surfaces& was, const geometry::Surfaces& is);

/// What a change of panes may do to light otherwise, as a share: what they send back is another, and meets rooms and
/// reveals. As if all light had met panes one and a half times before it came to the point.
double sent_back_otherwise(const geometry::Surfaces& was, const geometry::Surfaces& is);

}  // namespace wp::question
