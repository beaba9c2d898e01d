// SPDX-License-Identifier: GPL-3.0-or-later
// A drawing of lines laid under a storey: what the pointer takes of it, and the rooms that its outlines are.
#pragma once
#include <memory>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "geometry/snapping.h"
#include "incoming/building.h"
#include "model/building.h"

namespace wp::incoming {

class Drawing {
 public:
    explicit Drawing(const Building& building);
    const std::vector<std::string>& layers() const { return layers_; }
    /// Of the file's own place, metres.
    Vec2 low() const { return low_; }
    Vec2 high() const { return high_; }
    double width() const { return high_.x - low_.x; }
    /// Lines of the layers that are on, where the underlay lays them.
    struct Laid {
        std::vector<Line> lines;
        /// Ends before middles, crossings and lines, within reach; none where there is nothing.
        std::optional<geometry::Snap> snap(Vec2 place, double reach) const;
        /// The smallest closed outline around a place; empty: there is none.
        std::vector<Vec2> outline_around(Vec2 place) const;
    };
    Laid laid(const model::Underlay& underlay) const;

 private:
    std::vector<Line> lines_;
    std::vector<std::string> layers_;
    Vec2 low_{}, high_{};
};

}  // namespace wp::incoming
