// SPDX-License-Identifier: GPL-3.0-or-later
// Rooms, with all that stands in them and looks around there.
#include <map>

#include "edit/kinds.h"
#include "edit/listed_kind.h"
#include "shading/shade.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

namespace {

void place_room(Room& room, const Placing& placing) {
    for (Vec2& p : room.footprint) p = placing(p);
    if (!placing.mirrors()) return;
    // Mirrored rings run the other way round.
    for (Opening& o : room.openings)
        for (ShadeLayer& layer : o.shading) layer = shading::mirrored(layer);
    turn_ring(room);
}

int edges_of(const Room& room) { return static_cast<int>(room.footprint.size()); }

// Things that stand there are copied with it; old ids to new ones.
std::map<Id, Id> copy_things(Option& option, const Storey& storey, const Room& room, Copying& copying) {
    std::map<Id, Id> copy_of;
    std::vector<Thing> things;
    for (const Thing& t : option.things)
        if (stands_in(t, storey, room)) things.push_back(t);
    for (Thing& t : things) {
        t.id = copy_of[t.id] = copying.fresh("thing");
        t.storey = option.storeys[copying.to].id;
        place(t, copying.placing);
        option.things.push_back(std::move(t));
    }
    return copy_of;
}

// Luminaires come along, on the circuits of those they are copies of.
void copy_luminaires(Option& option, const Storey& storey, const Room& room, Copying& copying) {
    std::vector<Luminaire> copies;
    for (const Luminaire& l : option.luminaires)
        if (hangs_in(l, storey, room) && !copying.takes(Kind::luminaire, l.id)) copies.push_back(l);
    for (Luminaire& l : copies) {
        l.id = copying.fresh("light");
        l.storey = option.storeys[copying.to].id;
        edit::place(l, copying.placing);
        option.luminaires.push_back(std::move(l));
    }
}

void copy_planes(Option& option, const Id& from, const Room& to, const std::map<Id, Id>& things, Copying& copying) {
    std::vector<ReferencePlane> planes;
    for (const ReferencePlane& p : option.planes)
        if (p.on == ReferencePlane::On::deck ? things.contains(p.thing) : p.room == from) planes.push_back(p);
    for (ReferencePlane& p : planes) {
        p.id = copying.fresh("plane");
        if (!p.room.empty()) p.room = to.id;
        if (p.on == ReferencePlane::On::deck) p.thing = things.at(p.thing);
        place(p, copying.placing, edges_of(to));
        option.planes.push_back(std::move(p));
    }
}

// Who looks around there, and where light is read, come along. lift: from floor to floor.
template <class T>
void copy_places(std::vector<T>& list, Vec3 T::*at, const char* prefix, const Id& from, const Id& to, double lift,
                 Copying& copying) {
    auto copies = list;
    std::erase_if(copies, [&](const T& one) { return one.room != from; });
    for (T& copy : copies) {
        copy.id = copying.fresh(prefix);
        copy.room = to;
        (copy.*at).z += lift;
        place(copy, copying.placing);
        list.push_back(std::move(copy));
    }
}

class RoomKind : public KindOnStoreys<Room> {
 public:
    RoomKind() : KindOnStoreys(Kind::room, "room", &Storey::rooms, "room") {}

    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Room* room = get(option, item);
        return room != nullptr ? room->footprint : std::vector<Vec2>();
    }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        return contains(get(option, item)->footprint, touch.place);
    }
    int depth(const Option&, const Item&) const override { return depth::room; }

    bool place(Option& option, const Item& item, const Items& along, const Placing& placing) const override {
        const auto at = find_room(option, item.id);
        if (!at) return true;
        for (Thing& t : option.things)
            if (stands_in(t, *at.storey, *at.room) && !holds(along, Kind::thing, t.id)) edit::place(t, placing);
        for (Luminaire& l : option.luminaires)
            if (hangs_in(l, *at.storey, *at.room) && !holds(along, Kind::luminaire, l.id)) edit::place(l, placing);
        place_room(*at.room, placing);
        for (Observer& o : option.observers)
            if (o.room == item.id) edit::place(o, placing);
        for (Reading& r : option.readings)
            if (r.room == item.id) edit::place(r, placing);
        for (ReferencePlane& p : option.planes)
            if (p.room == item.id) edit::place(p, placing, edges_of(*at.room));
        return true;
    }

    void copy(Option& option, const Item& item, Copying& copying) const override {
        const auto at = find_room(option, item.id);
        if (!at) return;
        Storey& to = option.storeys[copying.to];
        const double lift = to.level - at.storey->level;
        Room room = *at.room;
        room.id = copying.fresh("room");
        if (at.storey == &to) room.name += ", copy";
        for (Opening& o : room.openings) o.id = o.name = copying.fresh(prefix_of(o.kind));
        const auto things = copy_things(option, *at.storey, *at.room, copying);
        copy_luminaires(option, *at.storey, *at.room, copying);
        place_room(room, copying.placing);
        copy_planes(option, item.id, room, things, copying);
        copy_places(option.observers, &Observer::eye, "eye", item.id, room.id, lift, copying);
        copy_places(option.readings, &Reading::at, "reading", item.id, room.id, lift, copying);
        copying.made.push_back({Kind::room, room.id, -1});
        to.rooms.push_back(std::move(room));
    }

    bool remove(Option& option, const Item& item) const override {
        const size_t s = storey(option, item);
        if (s >= option.storeys.size()) return false;
        Storey& on = option.storeys[s];
        const Id& id = item.id;
        erase_by_id(on.rooms, id);
        std::erase_if(option.planes,
                      [&](const ReferencePlane& p) { return p.room == id && p.on != ReferencePlane::On::deck; });
        std::erase_if(option.observers, [&](const Observer& o) { return o.room == id; });
        std::erase_if(option.readings, [&](const Reading& r) { return r.room == id; });
        for (ReferencePlane& p : option.planes)
            if (p.on == ReferencePlane::On::deck && p.room == id) p.room.clear();
        // A roof over this room only would else cover the whole storey.
        std::erase_if(on.roofs, [&](const Roof& r) { return r.rooms.size() == 1 && r.rooms[0] == id; });
        for (Roof& r : on.roofs) std::erase(r.rooms, id);
        return true;
    }

 protected:
    void placed(Room& room, const Placing& placing) const override { place_room(room, placing); }
};

}  // namespace

std::unique_ptr<ItemKind> make_room_kind() { return std::make_unique<RoomKind>(); }

}  // namespace wp::edit
