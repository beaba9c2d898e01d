// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/finishes.h"
#include "model/project.h"

#include <algorithm>
#include <set>

namespace wp::geometry {
using namespace model;
using Kind = Item::Kind;

namespace {

using Visit = std::function<void(Part, const Item&, const Finish&)>;

void each_of_room(const Project& project, const Option& option, const Room& room, const Visit& visit) {
    const Item item{Kind::room, room.id, -1};
    visit(Part::floor, item, room_finish(project, option, room, OwnFinish::kFloor));
    visit(Part::ceiling, item, room_finish(project, option, room, OwnFinish::kCeiling));
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e)
        visit(Part::wall, {Kind::wall, room.id, e}, room_finish(project, option, room, e));
}

template <class O>
void each_layer(const Project& project, const Option& option, const O& opening, const Item& item, const Visit& visit) {
    for (const ShadeLayer& layer : opening.shading)
        visit(Part::shading, item, finish_of(project, option, Part::shading, layer.material));
}

void each_of_opening(const Project& project, const Option& option, const Opening& o, const Visit& visit) {
    const Item item{Kind::opening, o.id, -1};
    visit(Part::reveal, item, finish_of(project, option, Part::reveal, o.reveals));
    each_layer(project, option, o, item, visit);
    if (o.kind == Opening::Kind::opening_void) return;
    const Part part = o.kind == Opening::Kind::window ? Part::glazing : Part::door;
    const Finish fill = finish_of(project, option, part, o.glazing);
    visit(part, item, fill);
    if (fill.material == nullptr || fill.material->kind != Material::Kind::glazing || o.kind == Opening::Kind::panel)
        return;
    const Finish frame = finish_of(project, option, Part::frame, o.frames);
    visit(Part::frame, item, frame.id.empty() ? finish_of(project, option, Part::reveal, {}) : frame);
}

}  // namespace

void each_finish(const Project& project, const Option& option, const Visit& visit) {
    for (const Storey& storey : option.storeys) {
        const Item here{Kind::storey, storey.id, -1};
        if (!storey.rooms.empty()) {
            visit(Part::facade, here, finish_of(project, option, Part::facade, {}));
            visit(Part::roof, here, finish_of(project, option, Part::roof, {}));
        }
        for (const Room& room : storey.rooms) {
            each_of_room(project, option, room, visit);
            for (const Opening& o : room.openings) each_of_opening(project, option, o, visit);
        }
        for (const Partition& p : storey.partitions)
            visit(Part::partition, {Kind::partition, p.id, -1},
                  finish_of(project, option, Part::partition, p.material));
        for (const Rooflight& r : storey.rooflights) {
            const Item item{Kind::rooflight, r.id, -1};
            visit(Part::rooflight, item, finish_of(project, option, Part::rooflight, r.glazing));
            each_layer(project, option, r, item, visit);
        }
    }
    for (const Thing& t : option.things)
        visit(part_of(t.kind), {Kind::thing, t.id, -1}, finish_of(project, option, part_of(t.kind), t.material));
    for (const Block& b : option.blocks)
        visit(Part::block, {Kind::block, b.id, -1}, finish_of(project, option, Part::block, b.material));
}

std::vector<Item> users_of(const Project& project, const Option& option, const Id& material) {
    std::vector<Item> out;
    each_finish(project, option, [&](Part, const Item& item, const Finish& finish) {
        if (finish.id == material && (out.empty() || !(out.back() == item))) out.push_back(item);
    });
    return out;
}

int assume_unknown(Project& project, size_t index, const std::map<Part, Material>& set) {
    std::set<Part> wanted;
    each_finish(project, project.options[index], [&](Part part, const Item&, const Finish& finish) {
        const bool missing = finish.material == nullptr;
        const bool guess = finish.reason == Reason::type && finish.material != nullptr && finish.material->assumed;
        if ((missing || guess) && set.contains(part)) wanted.insert(part);
    });
    for (const Part part : wanted) {
        const Material& m = set.at(part);
        if (find(project.materials, m.id) == nullptr) project.materials.push_back(m);
        project.options[index].types[part] = m.id;
    }
    return static_cast<int>(wanted.size());
}

}  // namespace wp::geometry
