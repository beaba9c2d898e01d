// SPDX-License-Identifier: GPL-3.0-or-later
// Where words and figures stand on a drawing, so that none is painted over another: those that matter more take their
// places first, the others go where there is room, or are left out.
#pragma once
#include <QRectF>
#include <algorithm>
#include <optional>
#include <vector>

namespace wp::report {

class Labels {
 public:
    Labels() = default;
    /// taken: places that something stands on already.
    explicit Labels(std::vector<QRectF> taken) : taken_(std::move(taken)) {}

    bool is_free(const QRectF& box) const {
        return std::none_of(taken_.begin(), taken_.end(), [&](const QRectF& t) { return t.intersects(box); });
    }
    /// False where something stands there already.
    bool take(const QRectF& box) {
        if (!is_free(box)) return false;
        taken_.push_back(box);
        return true;
    }
    /// The first of these that is free; none where there is none.
    std::optional<QRectF> take_first(const std::vector<QRectF>& places) {
        for (const QRectF& place : places)
            if (take(place)) return place;
        return {};
    }
    const std::vector<QRectF>& taken() const { return taken_; }

 private:
    std::vector<QRectF> taken_;
};

}  // namespace wp::report
