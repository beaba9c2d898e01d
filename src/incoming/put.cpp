// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/put.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "edit/blank.h"
#include "edit/lay.h"

namespace wp::incoming {
using namespace model;

namespace {

class Putter {
 public:
    Putter(Project& project, const Arranged& arranged, Arrival& arrival)
        : project_(project),
          option_(*find(project.options, arrival.option)),
          in_(arranged),
          arrival_(arrival),
          taken_(taken_ids(option_)) {
        for (const Origin& origin : in_.origins) foreign_[origin.element] = origin.foreign;
    }

    Put put(const std::vector<Origin>& before) {
        for (const Origin& origin : before) {
            was_[origin.foreign] = origin.element;
            olds_.insert(origin.element);
        }
        take_materials();
        take_shapes();
        for (const Storey& storey : in_.storeys) take_storey(storey);
        for (const Thing& thing : in_.things) take_thing(thing);
        take_luminaires();
        remove_gone();
        drop_empty_storeys();
        edit::lay_planes(option_, out_.rooms, {});
        return std::move(out_);
    }

 private:
    Id fresh(const char* prefix) {
        const Id id = fresh_id(taken_, prefix);
        taken_.insert(id);
        return id;
    }
    // The element that it was before; empty: it is new.
    Id before(const Id& arranged) {
        const auto foreign = foreign_.find(arranged);
        const auto at = foreign != foreign_.end() ? was_.find(foreign->second) : was_.end();
        return at != was_.end() ? at->second : Id();
    }
    void note(const Id& arranged, const Id& ours) {
        const auto foreign = foreign_.find(arranged);
        if (foreign == foreign_.end()) return;
        arrival_.origins.push_back({ours, foreign->second});
        here_.insert(ours);
    }

    // Of the same figures and name it is the same.
    void take_materials() {
        for (Material material : in_.materials) {
            const Id wanted = material.id;
            const auto same = std::ranges::find_if(project_.materials, [&](const Material& m) {
                return m.name == material.name && m.kind == material.kind &&
                       std::fabs(figure_of(m) - figure_of(material)) < 1e-6;
            });
            if (same != project_.materials.end()) {
                materials_[wanted] = same->id;
                continue;
            }
            material.id = unused_id(project_.materials, "from-file");
            material.source = arrival_.file;
            materials_[wanted] = material.id;
            project_.materials.push_back(std::move(material));
        }
    }
    // What is of the project already keeps its name.
    Id material(const Id& id) const {
        const auto at = materials_.find(id);
        return at != materials_.end() ? at->second : id;
    }

    void take_shapes() {
        for (Shape shape : in_.shapes) {
            const Id wanted = shape.id;
            const auto same = std::ranges::find_if(project_.shapes, [&](const Shape& s) {
                return s.points == shape.points && s.triangles == shape.triangles;
            });
            shapes_[wanted] = same != project_.shapes.end() ? same->id : unused_id(project_.shapes, "shape");
            if (same != project_.shapes.end()) continue;
            shape.id = shapes_[wanted];
            project_.shapes.push_back(std::move(shape));
        }
    }

    Storey& storey_for(const Storey& arranged) {
        for (Storey& storey : option_.storeys)
            if (std::fabs(storey.level - arranged.level) <= kSameLevel) return storey;
        Storey fresh_one = new_storey(fresh("storey"), arranged.name, arranged.level);
        fresh_one.height = arranged.height;
        out_.account.made(arranged.name, "storey");
        const auto at =
            std::ranges::find_if(option_.storeys, [&](const Storey& s) { return s.level > arranged.level; });
        return *option_.storeys.insert(at, std::move(fresh_one));
    }

    void take_storey(const Storey& arranged) {
        Storey& storey = storey_for(arranged);
        storeys_[arranged.id] = storey.id;
        used_.insert(storey.id);
        const bool was_empty = storey.rooms.empty();
        if (was_empty) storey.height = arranged.height;
        if (was_empty && olds_.empty()) storey.name = arranged.name, storey.level = arranged.level;
        for (const Room& room : arranged.rooms) take_room(storey, room);
        for (const Roof& roof : arranged.roofs) take_roof(storey, roof);
        for (const Rooflight& light : arranged.rooflights) take_rooflight(storey, light);
        for (const FloorVoid& open : arranged.voids) take_void(storey, open);
    }

    void take_room(Storey& storey, const Room& arranged) {
        const Id known = before(arranged.id);
        if (RoomPlace place = find_room(option_, known)) {
            rooms_[arranged.id] = known;
            update(*place.room, arranged);
            note(arranged.id, known);
            return;
        }
        Room room = arranged;
        room.id = rooms_[arranged.id] = fresh("room");
        note(arranged.id, room.id);
        for (Id* finish : {&room.floor, &room.ceiling, &room.walls}) *finish = material(*finish);
        for (Opening& opening : room.openings) {
            const Id was = opening.id;
            opening.id = fresh(opening.kind == Opening::Kind::door ? "D" : "W");
            if (opening.name.empty()) opening.name = opening.id;
            opening.glazing = material(opening.glazing);
            note(was, opening.id);
        }
        out_.rooms.push_back(room.id);
        out_.account.made(room.name, "room");
        ++out_.added;
        storey.rooms.push_back(std::move(room));
    }

    // Its form is the file's; what it is made of, and what it is for, are ours.
    void update(Room& room, const Room& arranged) {
        const bool moved = room.footprint != arranged.footprint || room.height != arranged.height;
        if (moved) {
            // Finishes of single walls stand by the wall's number: they hold where there are as many.
            if (room.footprint.size() != arranged.footprint.size() && !room.own_finishes.empty()) {
                std::erase_if(room.own_finishes, [](const OwnFinish& f) { return f.surface >= 0; });
                out_.account.changed(room.name, "it has other walls now: finishes of single walls were taken off");
            }
            room.footprint = arranged.footprint;
            room.height = arranged.height;
            room.own_walls = arranged.own_walls;
        }
        size_t changed = 0;
        for (const Opening& arrived : arranged.openings) changed += take_opening(room, arrived) ? 1 : 0;
        const std::string name = room.name;
        room.name = arranged.name.empty() ? room.name : arranged.name;
        if (moved || changed > 0 || name != room.name) {
            ++out_.updated;
            out_.account.changed(room.name, moved ? "it has another form" : "its openings or its name are others");
        }
    }

    bool take_opening(Room& room, const Opening& arrived) {
        const Id known = before(arrived.id);
        if (Opening* own = find(room.openings, known)) {
            note(arrived.id, known);
            const auto form = [](const Opening& o) {
                return std::tuple(o.kind, o.edge, o.along, o.width, o.height, o.sill);
            };
            const bool differs = form(*own) != form(arrived);
            own->kind = arrived.kind, own->edge = arrived.edge, own->along = arrived.along;
            own->width = arrived.width, own->height = arrived.height, own->sill = arrived.sill;
            return differs;
        }
        Opening fresh_one = arrived;
        fresh_one.id = fresh(arrived.kind == Opening::Kind::door ? "D" : "W");
        fresh_one.glazing = material(arrived.glazing);
        note(arrived.id, fresh_one.id);
        out_.account.made(arrived.name, "opening of " + room.name);
        ++out_.added;
        room.openings.push_back(std::move(fresh_one));
        return true;
    }

    // What stands on a storey of its own: known, it gets the file's form; else it is added, made ready first.
    template <class T, class Form, class Ready>
    void take_on_storey(Storey& storey, std::vector<T> Storey::*list, const T& arrived, const char* prefix, Form&& form,
                        Ready&& ready) {
        const Id known = before(arrived.id);
        if (auto place = find_on_storeys(option_, list, known)) {
            note(arrived.id, known);
            return form(*place.item);
        }
        T fresh_one = arrived;
        fresh_one.id = fresh(prefix);
        ready(fresh_one);
        note(arrived.id, fresh_one.id);
        ++out_.added;
        (storey.*list).push_back(std::move(fresh_one));
    }

    // Over the rooms that came with it.
    void take_roof(Storey& storey, const Roof& arrived) {
        take_on_storey(
            storey, &Storey::roofs, arrived, "roof",
            [&](Roof& own) {
                own.kind = arrived.kind;
                own.eaves = arrived.eaves, own.pitch = arrived.pitch, own.direction = arrived.direction;
            },
            [&](Roof& roof) {
                for (Id& room : roof.rooms) room = rooms_[room];
            });
    }

    void take_rooflight(Storey& storey, const Rooflight& arrived) {
        take_on_storey(
            storey, &Storey::rooflights, arrived, "R",
            [&](Rooflight& own) {
                own.centre = arrived.centre;
                own.width = arrived.width, own.length = arrived.length;
            },
            [&](Rooflight& light) {
                light.glazing = material(arrived.glazing);
                out_.account.made(light.name, "rooflight");
            });
    }

    void take_void(Storey& storey, const FloorVoid& arrived) {
        take_on_storey(
            storey, &Storey::voids, arrived, "void", [&](FloorVoid& own) { own.outline = arrived.outline; },
            [&](FloorVoid& open) { out_.account.made(open.name, "opening in the floor of " + storey.name); });
    }

    void take_thing(const Thing& arrived) {
        Thing thing = arrived;
        thing.shape = shapes_[arrived.shape];
        thing.storey = arrived.storey.empty() ? Id() : storeys_[arrived.storey];
        const Id known = before(arrived.id);
        if (Thing* own = find(option_.things, known)) {
            note(arrived.id, known);
            const Id kept = own->material;
            const bool same = own->shape == thing.shape && own->at == thing.at && own->base == thing.base;
            thing.id = own->id, thing.material = kept;
            *own = std::move(thing);
            if (!same) ++out_.updated, out_.account.changed(own->name, "it has another form or place");
            return;
        }
        thing.id = fresh("thing");
        thing.material = material(arrived.material);
        note(arrived.id, thing.id);
        ++out_.added;
        option_.things.push_back(std::move(thing));
    }

    // A kind of that name that gives the same light is the same kind.
    Id luminaire_type(const Id& arrived) {
        const LuminaireType* type = find(in_.luminaire_types, arrived);
        if (type == nullptr) return {};
        for (const LuminaireType& own : project_.luminaire_types)
            if (own.name == type->name && own.candela == type->candela) return own.id;
        LuminaireType fresh_one = *type;
        fresh_one.id = unused_id(project_.luminaire_types, "luminaire");
        project_.luminaire_types.push_back(fresh_one);
        return fresh_one.id;
    }
    void take_luminaires() {
        for (const Luminaire& arrived : in_.luminaires) {
            Luminaire l = arrived;
            l.type = luminaire_type(arrived.type);
            l.storey = arrived.storey.empty() ? Id() : storeys_[arrived.storey];
            const Id known = before(arrived.id);
            if (Luminaire* own = find(option_.luminaires, known)) {
                note(arrived.id, known);
                l.id = own->id, l.circuit = own->circuit;
                const bool same = *own == l;
                *own = std::move(l);
                if (!same) ++out_.updated, out_.account.changed(own->name, "it hangs elsewhere, or is of another kind");
                continue;
            }
            l.id = fresh("light");
            note(arrived.id, l.id);
            ++out_.added;
            option_.luminaires.push_back(std::move(l));
        }
    }

    // What came from the file and is in it no more.
    void remove_gone() {
        const auto gone = [&](const Id& id) { return olds_.contains(id) && !here_.contains(id); };
        const auto drop = [&](auto& list) {
            std::erase_if(list, [&](const auto& item) {
                if (!gone(item.id)) return false;
                out_.account.left_out(item.name, "it is in the file no more: it was taken away");
                ++out_.removed;
                return true;
            });
        };
        for (Storey& storey : option_.storeys) {
            for (const Room& room : storey.rooms)
                if (gone(room.id))
                    std::erase_if(option_.planes, [&](const ReferencePlane& p) { return p.room == room.id; });
            drop(storey.rooms);
            for (Room& room : storey.rooms) drop(room.openings);
            drop(storey.roofs);
            drop(storey.rooflights);
            drop(storey.voids);
        }
        drop(option_.things);
        drop(option_.luminaires);
        std::erase_if(project_.shapes, [&](const Shape& shape) {
            return std::ranges::none_of(project_.options, [&](const Option& o) {
                return std::ranges::any_of(o.things, [&](const Thing& t) { return t.shape == shape.id; });
            });
        });
    }

    // The one that a new option begins with, where nothing came to it.
    void drop_empty_storeys() {
        if (out_.rooms.empty()) return;
        std::erase_if(option_.storeys, [&](const Storey& s) {
            return s.rooms.empty() && s.partitions.empty() && s.rooflights.empty() && s.underlay.file.empty() &&
                   !used_.contains(s.id) && s.dimensions.empty();
        });
    }

    Project& project_;
    Option& option_;
    const Arranged& in_;
    Arrival& arrival_;
    std::set<Id> taken_;
    std::map<Id, std::string> foreign_;  // by arranged id
    std::map<std::string, Id> was_;      // by foreign name
    std::set<Id> olds_, here_, used_;
    std::map<Id, Id> materials_, shapes_, storeys_, rooms_;
    Put out_;
};

}  // namespace

Put put_into(Project& project, const Arranged& arranged, Arrival arrival) {
    const auto known = std::ranges::find_if(
        project.arrivals, [&](const Arrival& a) { return a.file == arrival.file && a.option == arrival.option; });
    std::vector<Origin> before;
    if (known != project.arrivals.end()) {
        arrival.id = known->id;
        before = known->origins;
    } else if (arrival.id.empty()) {
        arrival.id = unused_id(project.arrivals, "arrival");
    }
    arrival.origins.clear();
    Put out = Putter(project, arranged, arrival).put(before);
    if (arranged.outer_wall && before.empty()) {
        Option& option = *find(project.options, arrival.option);
        option.outer_wall = *arranged.outer_wall;
    }
    std::erase_if(project.arrivals, [&](const Arrival& a) { return a.id == arrival.id; });
    project.arrivals.push_back(std::move(arrival));
    return out;
}

void take_place(const Building& building, Site& site) {
    if (building.latitude) site.latitude = std::clamp(*building.latitude, -90.0, 90.0);
    if (building.longitude) site.longitude = std::clamp(*building.longitude, -180.0, 180.0);
    if (building.longitude) site.time_zone = std::clamp(std::round(site.longitude / 15), -12.0, 14.0);
    if (building.height) site.elevation = std::clamp(*building.height, -1000.0, 9999.0);
    if (building.north) site.north = std::fmod(*building.north, 360.0);
}

Project project_of(const Building& building, const Arranged& arranged, const Arrival& arrival) {
    Project project = edit::blank_project();
    if (!building.name.empty()) project.name = building.name;
    take_place(building, project.site);
    Arrival own = arrival;
    own.option = project.options.front().id;
    put_into(project, arranged, own);
    return project;
}

}  // namespace wp::incoming
