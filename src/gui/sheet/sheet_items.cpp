// SPDX-License-Identifier: GPL-3.0-or-later
// What lies where on the sheet.
#include <algorithm>

#include "edit/items.h"
#include "gui/sheet/sheet.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

QString named(const Option& option, const Selection& item) { return language::words(edit::item_name(option, item)); }

}  // namespace

Selection Sheet::pick(QPointF at) const {
    if (storey() == nullptr) return {};
    return edit::item_at(document_.option(), {document_.storey_index(), view_.to_model(at), 1 / view_.scale});
}

std::optional<edit::WallSpot> Sheet::wall_near(QPointF at, double pixels) const {
    if (storey() == nullptr) return {};
    return edit::wall_near(*storey(), view_.to_model(at), pixels / view_.scale);
}

// What stands in rooms goes with them; walls and openings too.
void Sheet::select_everything() {
    if (storey() == nullptr) return;
    const Option& option = document_.option();
    const auto stands_in_a_room = [&](const Selection& item) {
        if (item.kind == Kind::opening || item.kind == Kind::observer || item.kind == Kind::reading) return true;
        const auto middle = edit::middle_of(option, {item});
        return (item.kind == Kind::thing || item.kind == Kind::luminaire) && middle &&
               std::any_of(storey()->rooms.begin(), storey()->rooms.end(),
                           [&](const Room& r) { return geometry::contains(r.footprint, *middle); });
    };
    std::vector<Selection> items;
    for (const Selection& item : edit::items_drawn(option, document_.storey_index()))
        if (edit::storey_of(option, item) == document_.storey_index() && !stands_in_a_room(item)) items.push_back(item);
    document_.select_all(std::move(items));
}

void Sheet::delete_selection() {
    const auto items = document_.selected();
    if (items.empty()) return;
    const QString name =
        items.size() == 1 ? named(document_.option(), items[0]) : QObject::tr("%1 things").arg(items.size());
    document_.edit_option(QObject::tr("Delete %1").arg(name),
                          [&](Option& option) { edit::remove_items(option, items); });
    document_.select({});
}

}  // namespace wp::gui
