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
    /// taken: places that something stands on already. crossed: those that a line runs over, which what has a plate of
    /// its own may cover.
    explicit Labels(std::vector<QRectF> taken, std::vector<QRectF> crossed = {})
        : taken_(std::move(taken)), crossed_(std::move(crossed)) {}

    bool is_free(const QRectF& box) const {
        return std::none_of(taken_.begin(), taken_.end(), [&](const QRectF& t) { return t.intersects(box); });
    }
    /// False where something stands there already.
    bool take(const QRectF& box) {
        if (!is_free(box)) return false;
        taken_.push_back(box);
        return true;
    }
    /// The same for what has no plate.
    bool take_bare(const QRectF& box) {
        const bool is_crossed =
            std::any_of(crossed_.begin(), crossed_.end(), [&](const QRectF& c) { return c.intersects(box); });
        return !is_crossed && take(box);
    }
    /// The first of these that is free; none where there is none.
    std::optional<QRectF> take_first(const std::vector<QRectF>& places) {
        for (const QRectF& place : places)
            if (take(place)) return place;
        return {};
    }
    const std::vector<QRectF>& taken() const { return taken_; }

 private:
    std::vector<QRectF> taken_, crossed_;
};

}  // namespace wp::report
