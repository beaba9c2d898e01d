// SPDX-License-Identifier: GPL-3.0-or-later
// Mends for what check_matter.cpp finds.
#include <algorithm>
#include <cmath>

#include "check/check_parts.h"
#include "geometry/finishes.h"
#include "geometry/plane_points.h"
#include "geometry/roof_shape.h"
#include "model/project.h"
#include "shading/shade.h"

namespace wp::check {
using Kind = ModelFault::Kind;

namespace {

constexpr double kBelowCeiling = 0.05;  // metres

void give_assumed(Project& project, Option& option, Part part) {
    Material m = assumed_for(part);
    m.id = std::string("assumed-") + part_word(part);
    m.name = std::string(part_name(part)) + ", not known";
    if (model::find(project.materials, m.id) == nullptr) project.materials.push_back(m);
    option.types[part] = m.id;
}

// Once by type is not enough where a part names a material of its own that is gone.
void drop_lost_names(const Project& project, Option& option) {
    const auto lost = [&](Id& id) {
        if (!id.empty() && model::find(project.materials, id) == nullptr) id.clear();
    };
    for (Storey& storey : option.storeys) {
        for (Room& room : storey.rooms) {
            for (Id* id : {&room.floor, &room.walls, &room.ceiling}) lost(*id);
            std::erase_if(room.own_finishes,
                          [&](const OwnFinish& f) { return model::find(project.materials, f.material) == nullptr; });
            for (Opening& o : room.openings) {
                lost(o.glazing);
                lost(o.reveals);
                lost(o.frames);
                for (ShadeLayer& layer : o.shading) lost(layer.material);
            }
        }
        for (Partition& p : storey.partitions) lost(p.material);
        for (Rooflight& r : storey.rooflights) lost(r.glazing);
    }
    for (Thing& t : option.things) lost(t.material);
    for (Block& b : option.blocks) lost(b.material);
}

bool mend_material(Project& project, const Id& id) {
    Material* m = model::find(project.materials, id);
    if (m == nullptr) return false;
    *m = brought_back(*m);
    return impossible(*m).empty();
}

bool turn_over(Option& option, const Item& item) {
    if (const auto at = find_room(option, item.id)) {
        if (signed_area(at.room->footprint) >= 0) return false;
        turn_ring(*at.room);
        return true;
    }
    Block* block = find(option.blocks, item.id);
    if (block != nullptr) std::reverse(block->footprint.begin(), block->footprint.end());
    return block != nullptr;
}

bool mend_size(Option& option, const Item& item) {
    if (const auto at = find_room(option, item.id)) {
        at.room->height *= likely_factor(at.room->height, 1.5, 60);
        return true;
    }
    if (Block* block = find(option.blocks, item.id)) {
        block->height *= likely_factor(block->height, 0.3, 600);
        return true;
    }
    Thing* t = find(option.things, item.id);
    if (t == nullptr) return false;
    const double wide = likely_factor(t->width, 0.05, 500),
                 factor = wide != 1 ? wide : likely_factor(t->height, 0.05, 500);
    for (double* size : {&t->width, &t->length, &t->height}) *size *= factor;
    return true;
}

// Pushed away from the middle of the room until it shares nothing with any room of that height.
bool move_clear(const Project& project, Option& option, const Item& item) {
    Block* block = find(option.blocks, item.id);
    Thing* thing = find(option.things, item.id);
    if (block == nullptr && thing == nullptr) return false;
    for (int step = 0; step < 400; ++step) {
        const auto room = room_cut_by(option, block != nullptr ? body_of(*block) : body_of(project.site, *thing));
        if (!room) return step > 0;
        const Vec2 from = middle(option.storeys[room->storey].rooms[room->room].footprint),
                   at = block != nullptr ? middle(block->footprint) : thing->at;
        const Vec2 way = length(at - from) > 1e-3 ? normalized(at - from) : Vec2{0, -1};
        const Vec2 shift = way * 0.5;
        if (block != nullptr)
            for (Vec2& p : block->footprint) p = p + shift;
        else
            thing->at = thing->at + shift;
    }
    return false;
}

bool move_into_room(Option& option, const Item& item) {
    Thing* thing = find(option.things, item.id);
    if (thing == nullptr) return false;
    const Storey* storey = find(option.storeys, thing->storey);
    if (storey == nullptr) return false;
    const Room* room = room_at(*storey, thing->at);
    if (room == nullptr) room = nearest_room(*storey, thing->at);
    if (room == nullptr) return false;
    const Vec2 to = middle(inner_face(option, *storey, *room).ring), from = thing->at;
    for (int i = 0; i <= 100; ++i) {
        thing->at = from + (to - from) * (i / 100.0);
        if (contains(room->footprint, thing->at) && area_outside(option, *storey, *room, *thing) < 1e-3) return true;
    }
    return contains(room->footprint, thing->at);
}

bool refit_plane(const Project& project, Option& option, const Item& item) {
    ReferencePlane* plane = find(option.planes, item.id);
    if (plane == nullptr) return false;
    if (!plane_points(option, *plane)) {
        std::erase_if(option.planes, [&](const ReferencePlane& p) { return p.id == item.id; });
        return true;
    }
    const auto fits = [&] { return !plane_points(option, *plane, project.site.north)->points.empty(); };
    plane->area.clear();
    plane->left_out.clear();
    if (fits()) return true;
    const auto place = find_room(option, plane->room);
    if (plane->on == ReferencePlane::On::floor && place && plane->height >= place.room->height) plane->height = 0.76;
    for (const double margin : {0.3, 0.15, 0.05, 0.0}) {
        plane->margin = std::min(plane->margin, margin);
        if (fits()) return true;
    }
    plane->height = plane->on == ReferencePlane::On::floor ? 0.0 : 0.01;
    plane->spacing = std::min(plane->spacing, 0.25);
    return fits();
}

// Towards the middle, off the walls, where it is not within already.
Vec2 moved_into(const Polygon& ring, Vec2 p) {
    if (contains(ring, p)) return p;
    const Vec2 to = middle(ring), from = p;
    for (int i = 1; i <= 100 && !(contains(ring, p) && distance_to_edges(ring, p) > 0.3); ++i)
        p = from + (to - from) * (i / 100.0);
    return p;
}

bool return_luminaire(Option& option, const Item& item) {
    Luminaire* luminaire = find(option.luminaires, item.id);
    const Room* room = luminaire == nullptr ? nullptr : room_around(option, *luminaire);
    if (room == nullptr) return false;
    const Storey& storey = *find(option.storeys, luminaire->storey);
    const Polygon ring = inner_face(option, storey, *room).ring;
    luminaire->at = moved_into(ring, luminaire->at);
    const double high = ceiling_at(option, storey, *room, luminaire->at) - storey.level;
    if (luminaire->height <= 0 || luminaire->height >= high)
        luminaire->height = std::max(0.5 * high, high - kBelowCeiling);
    return contains(ring, luminaire->at);
}

bool return_observer(Option& option, const Item& item) {
    Observer* eye = find(option.observers, item.id);
    if (eye == nullptr) return false;
    const auto place = find_room(option, eye->room);
    if (!place) return false;
    const Polygon ring = inner_face(option, *place.storey, *place.room).ring;
    const Vec2 p = moved_into(ring, {eye->eye.x, eye->eye.y});
    eye->eye.x = p.x;
    eye->eye.y = p.y;
    const double floor = place.storey->level;
    if (eye->eye.z <= floor || eye->eye.z >= ceiling_at(option, *place.storey, *place.room, p))
        eye->eye.z = floor + kSeatedEye;
    return contains(ring, p);
}

}  // namespace

bool mend_fault(Project& project, size_t index, const ModelFault& fault) {
    if (fault.mend.empty()) return false;
    Option& option = project.options[index];
    const Item item = fault.items.empty() ? Item{} : fault.items[0];
    switch (fault.kind) {
        case Kind::no_material:
            drop_lost_names(project, option);
            give_assumed(project, option, fault.part);
            return true;
        case Kind::impossible_material:
            return mend_material(project, fault.subject);
        case Kind::inside_out:
            return turn_over(option, item);
        case Kind::odd_size:
            return mend_size(option, item);
        case Kind::context_cuts_room:
            return move_clear(project, option, item);
        case Kind::thing_in_wall:
            return move_into_room(option, item);
        case Kind::thing_under_roof: {
            Thing* t = find(option.things, item.id);
            const Storey* storey = t == nullptr ? nullptr : find(option.storeys, t->storey);
            const Room* room = storey == nullptr ? nullptr : room_at(*storey, t->at);
            if (room == nullptr) return false;
            t->height = std::max(0.05, ceiling_at(option, *storey, *room, t->at) - storey->level - t->base - 0.01);
            return true;
        }
        case Kind::plane_misses:
            return refit_plane(project, option, item);
        case Kind::plane_faces_down: {
            ReferencePlane* plane = find(option.planes, item.id);
            if (plane != nullptr) plane->turned_over = false;
            return plane != nullptr;
        }
        case Kind::plane_indoors: {
            ReferencePlane* plane = find(option.planes, item.id);
            if (plane != nullptr) plane->on = ReferencePlane::On::wall;
            return plane != nullptr;
        }
        case Kind::room_without_plane: {
            ReferencePlane plane;
            plane.id = fresh_id(option, "plane");
            plane.name = "Desk height";
            plane.room = item.id;
            option.planes.push_back(plane);
            return true;
        }
        case Kind::window_without_blind:
            for (const Item& window : fault.items)
                if (const auto at = find_opening(option, window.id)) at.opening->blind = true;
            return true;
        case Kind::observer_lost:
            return return_observer(option, item);
        case Kind::luminaire_hidden:
            return return_luminaire(option, item);
        case Kind::shade_without_blades: {
            const Shaded at = shaded(option, item);
            return at.layers != nullptr && std::erase_if(*at.layers, [&](const ShadeLayer& layer) {
                                               return shading::leaves_no_blade(layer, at.width, at.height);
                                           }) > 0;
        }
        case Kind::sun_down: {
            Question* question = find(project.questions, fault.subject);
            if (question != nullptr) question->moment.hour = 12;
            return question != nullptr;
        }
        case Kind::weather_elsewhere:
        case Kind::assumed:
            return false;
        default:
            return mend_drawing(option, fault);
    }
}

}  // namespace wp::check
