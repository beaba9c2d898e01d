// SPDX-License-Identifier: GPL-3.0-or-later
// Mends for what check_matter.cpp finds.
#include <algorithm>
#include <cmath>

#include "geometry/check_parts.h"
#include "geometry/finishes.h"
#include "geometry/plane_points.h"
#include "geometry/roof_shape.h"
#include "geometry/shade.h"

namespace wp::geometry {
using namespace model;
using Kind = ModelFault::Kind;

namespace {

void give_assumed(Project& project, Option& option, Part part) {
    Material m = assumed_for(part);
    m.id = std::string("assumed-") + part_word(part);
    m.name = std::string(part_name(part)) + ", not known";
    if (model::find(project.materials, m.id) == nullptr) project.materials.push_back(m);
    option.types[part] = m.id;
}

// Once by type is not enough where a part names a material of its own that is gone.
void drop_lost_names(const Project& project, Option& option, Part part) {
    const auto lost = [&](Id& id) {
        if (!id.empty() && model::find(project.materials, id) == nullptr) id.clear();
    };
    for (Storey& storey : option.storeys) {
        for (Room& room : storey.rooms) {
            if (part == Part::floor) lost(room.floor);
            if (part == Part::wall) lost(room.walls);
            if (part == Part::ceiling) lost(room.ceiling);
            std::erase_if(room.own_finishes, [&](const OwnFinish& f) { return model::find(project.materials, f.material) == nullptr; });
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
    *m = possible(*m);
    const double most = m->kind == Material::Kind::opaque && m->specular >= 0.5 * m->reflectance ? 0.99 : 0.9;
    if (m->kind == Material::Kind::opaque || m->kind == Material::Kind::slats) m->reflectance = std::min(m->reflectance, most);
    if (m->kind == Material::Kind::glazing) m->transmittance = std::min(m->transmittance, 0.93);
    if (m->kind == Material::Kind::slats) m->slat_spacing = std::min(m->slat_spacing, 0.95 * m->slat_width);
    *m = possible(*m);
    return impossible(*m).empty();
}

bool turn_over(Option& option, const Item& item) {
    if (const auto at = find_room(option, item.id)) {
        if (signed_area(at.room->footprint) >= 0) return false;
        const int n = static_cast<int>(at.room->footprint.size());
        for (Opening& o : at.room->openings) {
            o.along = std::max(0.0, edge_length(*at.room, o.edge) - o.along - o.width);
            o.edge = (2 * n - 2 - o.edge) % n;
        }
        for (Wall& w : at.room->own_walls) w.edge = (2 * n - 2 - w.edge) % n;
        for (OwnFinish& f : at.room->own_finishes)
            if (f.surface >= 0) f.surface = (2 * n - 2 - f.surface) % n;
        std::reverse(at.room->footprint.begin(), at.room->footprint.end());
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
    const double wide = likely_factor(t->width, 0.05, 500), factor = wide != 1 ? wide : likely_factor(t->height, 0.05, 500);
    for (double* size : {&t->width, &t->length, &t->height}) *size *= factor;
    return true;
}

// Pushed away from the middle of the room until it shares nothing with any room of that height.
bool move_clear(const Project& project, Option& option, const Item& item) {
    Block* block = find(option.blocks, item.id);
    Thing* thing = find(option.things, item.id);
    if (block == nullptr && thing == nullptr) return false;
    const auto still_cuts = [&] {
        const auto faults = check_model(project, option);
        const auto it = std::find_if(faults.begin(), faults.end(), [&](const ModelFault& f) { return f.kind == Kind::context_cuts_room && f.items[0] == item; });
        return it == faults.end() ? std::optional<Id>() : std::optional<Id>(it->items[1].id);
    };
    for (int step = 0; step < 400; ++step) {
        const auto room = still_cuts();
        if (!room) return step > 0;
        const Vec2 from = middle(find_room(option, *room).room->footprint), at = block != nullptr ? middle(block->footprint) : thing->at;
        const Vec2 way = length(at - from) > 1e-3 ? normalized(at - from) : Vec2{0, -1};
        const Vec2 shift = way * 0.5;
        if (block != nullptr)
            for (Vec2& p : block->footprint) p = p + shift;
        else thing->at = thing->at + shift;
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
    const Polygon ring = inner_face(option, *storey, *room).ring;
    const auto out = [&] {
        double area = 0;
        for (const Region& r : difference({footprint_of(*thing)}, {ring})) area += signed_area(r.outer);
        return area;
    };
    const Vec2 to = middle(ring), from = thing->at;
    for (int i = 0; i <= 100; ++i) {
        thing->at = from + (to - from) * (i / 100.0);
        if (contains(room->footprint, thing->at) && out() < 1e-3) return true;
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

bool return_observer(Option& option, const Item& item) {
    Observer* eye = find(option.observers, item.id);
    if (eye == nullptr) return false;
    const auto place = find_room(option, eye->room);
    if (!place) return false;
    Vec2 p{eye->eye.x, eye->eye.y};
    const Polygon ring = inner_face(option, *place.storey, *place.room).ring;
    if (!contains(ring, p)) {
        const Vec2 to = middle(ring), from = p;
        for (int i = 1; i <= 100 && !(contains(ring, p) && distance_to_edges(ring, p) > 0.3); ++i) p = from + (to - from) * (i / 100.0);
    }
    eye->eye.x = p.x;
    eye->eye.y = p.y;
    const double floor = place.storey->level;
    if (eye->eye.z <= floor || eye->eye.z >= ceiling_at(option, *place.storey, *place.room, p)) eye->eye.z = floor + kSeatedEye;
    return contains(ring, p);
}

}  // namespace

bool mend_fault(Project& project, size_t index, const ModelFault& fault) {
    if (fault.mend.empty()) return false;
    Option& option = project.options[index];
    const Item item = fault.items.empty() ? Item{} : fault.items[0];
    switch (fault.kind) {
        case Kind::no_material:
            drop_lost_names(project, option, fault.part);
            give_assumed(project, option, fault.part);
            return true;
        case Kind::impossible_material: return mend_material(project, fault.subject);
        case Kind::inside_out: return turn_over(option, item);
        case Kind::odd_size: return mend_size(option, item);
        case Kind::context_cuts_room: return move_clear(project, option, item);
        case Kind::thing_in_wall: return move_into_room(option, item);
        case Kind::thing_under_roof: {
            Thing* t = find(option.things, item.id);
            const Storey* storey = t == nullptr ? nullptr : find(option.storeys, t->storey);
            const Room* room = storey == nullptr ? nullptr : room_at(*storey, t->at);
            if (room == nullptr) return false;
            t->height = std::max(0.05, ceiling_at(option, *storey, *room, t->at) - storey->level - t->base - 0.01);
            return true;
        }
        case Kind::plane_misses: return refit_plane(project, option, item);
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
        case Kind::observer_lost: return return_observer(option, item);
        case Kind::shade_without_blades: {
            const auto at = find_opening(option, item.id);
            if (!at) return false;
            return std::erase_if(at.opening->shading, [&](const ShadeLayer& layer) {
                       const double span = layer.upright ? at.opening->width + layer.left + layer.right : at.opening->height + layer.above + layer.below;
                       return layer.kind == ShadeLayer::Kind::louvres && blade_places(within_reason(layer), span).empty();
                   }) > 0;
        }
        case Kind::sun_down: {
            Question* question = find(project.questions, fault.subject);
            if (question != nullptr) question->moment.hour = 12;
            return question != nullptr;
        }
        case Kind::assumed: return false;
        default: return mend_drawing(option, fault);
    }
}

}  // namespace wp::geometry
