// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;

namespace {

// Takes the pointer in beside its line, in pixels.
constexpr double kReach = 5;

Vec2 left_of(const Dimension& line) {
    const Vec2 d = normalized(line.to - line.from);
    return {-d.y, d.x};
}

class DimensionKind : public KindOnStoreys<Dimension> {
 public:
    DimensionKind() : KindOnStoreys(Item::Kind::dimension, "dimension", &Storey::dimensions, "dim") {}
    bool is_searched() const override { return false; }
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Dimension* line = get(option, item);
        return line != nullptr ? std::vector{line->from, line->to} : std::vector<Vec2>();
    }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        const Dimension& line = *get(option, item);
        const Vec2 off = left_of(line) * line.offset;
        return distance_to_segment(touch.place, line.from + off, line.to + off) < kReach * touch.pixel;
    }
    int depth(const Option&, const Item&) const override { return depth::dimension; }

    // What it measures stays; the line moves away from it.
    bool drag(Option& option, const Item& item, Vec2 shift) const override {
        Dimension* line = get(option, item);
        if (line != nullptr) line->offset += dot(shift, left_of(*line));
        return line != nullptr;
    }

 protected:
    void placed(Dimension& line, const Placing& placing) const override {
        line.from = placing(line.from);
        line.to = placing(line.to);
        if (placing.mirrors()) line.offset = -line.offset;
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_dimension_kind() { return std::make_unique<DimensionKind>(); }

}  // namespace wp::edit
