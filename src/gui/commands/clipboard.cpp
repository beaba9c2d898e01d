// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/commands/clipboard.h"

#include <algorithm>
#include <set>

#include "geometry/roof_shape.h"
#include "store/project_file.h"

namespace wp::gui {
using namespace model;
using Kind = Item::Kind;

namespace {

constexpr const char* kLoose = "loose-openings";

}  // namespace

QString clip_of(const Project& project, const Option& option, const edit::Items& items) {
    Project clip;
    clip.name = "clip";
    clip.site = {};
    clip.materials = project.materials;
    Option part = option;
    part.extra.clear();
    const Id storey_id = items.empty() || edit::storey_of(option, items[0]) >= option.storeys.size()
                             ? Id()
                             : option.storeys[edit::storey_of(option, items[0])].id;
    part.storeys = {new_storey("clip", "clip", 0)};
    part.blocks.clear();
    part.things.clear();
    part.observers.clear();
    part.views.clear();
    part.planes.clear();
    Storey& storey = part.storeys[0];
    Room loose;
    loose.id = loose.name = kLoose;
    double longest = 1;
    Option copy = option;
    for (const Item& item : items) {
        if (item.kind == Kind::room) {
            storey.rooms.push_back(*find_room(option, item.id).room);
            for (const ReferencePlane& p : option.planes)
                if (p.room == item.id) part.planes.push_back(p);
        }
        if (item.kind == Kind::opening) {
            const auto at = find_opening(copy, item.id);
            if (!at || std::find(items.begin(), items.end(), Item{Kind::room, at.room->id, -1}) != items.end())
                continue;
            Opening o = *at.opening;
            o.edge = 0;
            longest = std::max(longest, o.along + o.width);
            loose.openings.push_back(o);
            loose.floor = at.room->floor;
        }
        if (item.kind == Kind::partition)
            storey.partitions.push_back(*find_on_storeys(copy, &Storey::partitions, item.id).item);
        if (item.kind == Kind::floor_void) storey.voids.push_back(*find_on_storeys(copy, &Storey::voids, item.id).item);
        if (item.kind == Kind::rooflight)
            storey.rooflights.push_back(*find_on_storeys(copy, &Storey::rooflights, item.id).item);
        if (item.kind == Kind::dimension)
            storey.dimensions.push_back(*find_on_storeys(copy, &Storey::dimensions, item.id).item);
    }
    for (const Thing& t : option.things) {
        const auto stands_in_copied = [&](const Room& room) {
            return room.id != kLoose && t.storey == storey_id && geometry::contains(room.footprint, t.at);
        };
        const bool chosen = std::find(items.begin(), items.end(), Item{Kind::thing, t.id, -1}) != items.end();
        if (!chosen && std::none_of(storey.rooms.begin(), storey.rooms.end(), stands_in_copied)) continue;
        part.things.push_back(t);
        if (!t.storey.empty()) part.things.back().storey = storey.id;
    }
    std::erase_if(part.planes, [&](const ReferencePlane& p) {
        return p.on == ReferencePlane::On::deck && model::find(part.things, p.thing) == nullptr;
    });
    if (!loose.openings.empty()) {
        loose.walls = loose.ceiling = loose.floor;
        loose.footprint = {{0, 0}, {longest, 0}, {longest, 1}, {0, 1}};
        storey.rooms.push_back(loose);
    }
    clip.options = {part};
    return QString::fromStdString(store::write_project(clip));
}

Result<edit::Items> paste_clip(const QString& text, Project& project, size_t option, size_t storey,
                               const edit::Items& walls, Vec2 shift) {
    const auto clip = store::parse_project(text.toStdString(), "clipboard");
    if (!clip) return clip.fault();
    // A material of the same id is taken to be the same.
    for (const Material& m : clip->materials)
        if (model::find(project.materials, m.id) == nullptr) project.materials.push_back(m);
    Storey from = clip->options[0].storeys.at(0);
    std::vector<Opening> loose;
    for (const Room& room : from.rooms)
        if (room.id == kLoose) loose = room.openings;
    std::erase_if(from.rooms, [](const Room& r) { return r.id == kLoose; });
    Option& to = project.options[option];
    edit::Items made = edit::insert_items(to, storey, from, clip->options[0].planes, clip->options[0].things,
                                          edit::Placing::move(shift));
    auto taken = taken_ids(to);
    for (const Item& wall : walls) {
        const auto at = find_room(to, wall.id);
        if (wall.kind != Kind::wall || !at) continue;
        for (Opening o : loose) {
            o.id = o.name = fresh_id(taken, o.kind == Opening::Kind::window ? "W" : "D");
            taken.insert(o.id);
            o.edge = wall.edge;
            geometry::keep_in_wall(to, *at.storey, *at.room, o);
            at.room->openings.push_back(o);
            made.push_back({Kind::opening, o.id, -1});
        }
    }
    if (made.empty() && !loose.empty())
        return Fault{"clipboard", QT_TRANSLATE_NOOP("QObject", "these openings need a wall"),
                     QT_TRANSLATE_NOOP("QObject", "Select the wall they are to go into, then paste")};
    return made;
}

}  // namespace wp::gui
