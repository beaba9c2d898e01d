// SPDX-License-Identifier: GPL-3.0-or-later
// Moving what the pointer holds of the building: items, a wall, a corner, the size of something.
#pragma once
#include "gui/sheet/sheet.h"

namespace wp::gui {

class ItemDrag {
 public:
    explicit ItemDrag(Sheet& sheet) : sheet_(sheet) {}

    enum class What { none, items, corner, handle, wall };
    /// index: of the corner or handle.
    void take(What what, const Selection& item, int index, const Pointing& pointing);
    void drag(const Pointing& pointing);
    /// False where nothing is held.
    bool release();
    bool holds() const { return what_ != What::none; }
    What what() const { return what_; }
    const Selection& item() const { return item_; }

    /// Corners of the only selected thing or block that can be drawn out; empty for others.
    static std::vector<Vec2> handles(const Document& document);

 private:
    // Each leaves the option changed and says what it did; none: nothing can be done.
    std::optional<QString> moved(model::Option& after, Vec2 to) const;
    std::optional<QString> move_items(model::Option& after, Vec2 to) const;
    std::optional<QString> move_wall(model::Option& after, Vec2 to) const;
    QString move_handle(model::Option& after, Vec2 to) const;
    Vec2 snapped(Vec2 place, const std::set<model::Id>& without) const;

    Sheet& sheet_;
    What what_ = What::none;
    Selection item_;
    int index_ = -1;
    Pointing from_;
    model::Option before_;
    bool copies_ = false, moved_ = false;
};

}  // namespace wp::gui
