// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/project_file.h"

#include <fmt/core.h>

#include <cmath>
#include <limits>
#include <set>

#include "base/file.h"
#include "store/document.h"
#include "store/json_describer.h"

namespace wp::store {
using namespace model;

namespace {

double twice_area(const std::vector<Vec2>& polygon) {
    double sum = 0;
    for (size_t i = 0; i < polygon.size(); ++i) sum += cross(polygon[i], polygon[(i + 1) % polygon.size()]);
    return sum;
}

// What single fields cannot tell: names that must exist or be unique, polygons that must have an area.
class Checker {
 public:
    explicit Checker(const Project& project) : project_(project) {}

    Outcome run() {
        unique("/materials", project_.materials);
        unique("/options", project_.options);
        unique("/questions", project_.questions);
        unique("/occupancies", project_.occupancies);
        unique("/own_sets", project_.own_sets);
        if (!project_.former.empty() && find(project_.options, project_.former) == nullptr)
            fail("/former", "there is no option \"" + project_.former + "\"", "Name one that /options holds, or none");
        if (project_.options.empty()) fail("/options", "there is no option", "A project holds at least one option");
        for (size_t i = 0; i < project_.options.size(); ++i) check(fmt::format("/options/{}", i), project_.options[i]);
        return outcome_;
    }

 private:
    void fail(const std::string& place, const std::string& what, const std::string& remedy) {
        if (!outcome_) outcome_ = Fault{place, what, remedy};
    }
    template <class T>
    void unique(const std::string& place, const std::vector<T>& list) {
        std::set<Id> seen;
        for (size_t i = 0; i < list.size(); ++i)
            if (!seen.insert(list[i].id).second)
                fail(fmt::format("{}/{}/id", place, i), "\"" + list[i].id + "\" is taken already",
                     "Give it an id of its own");
    }
    // A part may have no material (the model check tells); one that is named must be there and of a kind that fits.
    void material(const std::string& place, const Id& id, Part part) {
        if (id.empty()) return;
        const Material* found = find(project_.materials, id);
        const char* word = takes(part, Material::Kind::opaque) ? "opaque material" : "glazing";
        if (found == nullptr || !takes(part, found->kind))
            fail(place, fmt::format("there is no {} \"{}\"", word, id), "Name one that /materials holds");
    }
    void blind(const std::string& place, const Id& id) {
        const Material* found = find(project_.materials, id);
        if (!id.empty() &&
            (found == nullptr || (found->kind != Material::Kind::fabric && found->kind != Material::Kind::slats)))
            fail(place + "/blind_material", "there is no fabric and no venetian blind \"" + id + "\"",
                 "Name one that /materials holds");
    }
    void shading(const std::string& place, const std::vector<ShadeLayer>& layers) {
        for (size_t i = 0; i < layers.size(); ++i)
            material(fmt::format("{}/shading/{}/material", place, i), layers[i].material, Part::shading);
    }
    void footprint(const std::string& place, const std::vector<Vec2>& polygon) {
        if (polygon.size() < 3 || std::fabs(twice_area(polygon)) < 2e-4)
            fail(place, "the footprint has no area", "Give three or more corners that span an area");
    }
    void check(const std::string& place, const Option& option) {
        for (const auto& [part, id] : option.types)
            material(fmt::format("{}/types/{}", place, part_word(part)), id, part);
        std::set<Id> rooms, openings;
        unique(place + "/storeys", option.storeys);
        unique(place + "/views", option.views);
        unique(place + "/planes", option.planes);
        unique(place + "/observers", option.observers);
        unique(place + "/readings", option.readings);
        unique(place + "/things", option.things);
        unique(place + "/groups", option.groups);
        unique(place + "/lighting", option.lighting);
        for (size_t s = 0; s < option.storeys.size(); ++s)
            for (size_t r = 0; r < option.storeys[s].rooms.size(); ++r) {
                const Room& room = option.storeys[s].rooms[r];
                const std::string here = fmt::format("{}/storeys/{}/rooms/{}", place, s, r);
                if (!rooms.insert(room.id).second)
                    fail(here + "/id", "\"" + room.id + "\" is taken already", "Give it an id of its own");
                check(here, room, openings);
            }
        for (size_t s = 0; s < option.storeys.size(); ++s)
            check(fmt::format("{}/storeys/{}", place, s), option.storeys[s]);
        for (size_t b = 0; b < option.blocks.size(); ++b) {
            footprint(fmt::format("{}/blocks/{}/footprint", place, b), option.blocks[b].footprint);
            material(fmt::format("{}/blocks/{}/material", place, b), option.blocks[b].material, Part::block);
        }
        for (size_t t = 0; t < option.things.size(); ++t) {
            const Thing& thing = option.things[t];
            const std::string here = fmt::format("{}/things/{}", place, t);
            material(here + "/material", thing.material, part_of(thing.kind));
            if (!thing.storey.empty() && find(option.storeys, thing.storey) == nullptr)
                fail(here + "/storey", "there is no storey \"" + thing.storey + "\"",
                     "Name one of this option, or none for a thing outdoors");
        }
        use(place, option);
        for (size_t p = 0; p < option.planes.size(); ++p)
            check(fmt::format("{}/planes/{}", place, p), option.planes[p], option, rooms);
    }
    // A window of a group, or the plane of a lighting, may be gone: then it counts for nothing. What is named twice is
    // a fault.
    void use(const std::string& place, const Option& option) {
        control(place + "/control", option.control);
        std::set<Id> held;
        for (size_t g = 0; g < option.groups.size(); ++g) {
            const std::string here = fmt::format("{}/groups/{}", place, g);
            control(here + "/control", option.groups[g].control);
            for (const Id& id : option.groups[g].openings)
                if (!held.insert(id).second)
                    fail(here + "/openings", "\"" + id + "\" is in another group already, or named twice",
                         "Name each window once");
        }
        for (size_t l = 0; l < option.lighting.size(); ++l)
            if (!option.lighting[l].area.empty())
                footprint(fmt::format("{}/lighting/{}/area", place, l), option.lighting[l].area);
        for (size_t s = 0; s < option.storeys.size(); ++s)
            for (size_t r = 0; r < option.storeys[s].rooms.size(); ++r)
                if (const Id& id = option.storeys[s].rooms[r].occupancy;
                    !id.empty() && find(project_.occupancies, id) == nullptr)
                    fail(fmt::format("{}/storeys/{}/rooms/{}/occupancy", place, s, r),
                         "there is no pattern of hours \"" + id + "\"", "Name one that /occupancies holds, or none");
    }
    void control(const std::string& place, const BlindControl& c) {
        for (size_t i = 0; i < c.states.size(); ++i) {
            const Material* found = find(project_.materials, c.states[i]);
            if (found == nullptr || (found->kind != Material::Kind::fabric && found->kind != Material::Kind::slats))
                fail(fmt::format("{}/states/{}", place, i),
                     "there is no fabric and no venetian blind \"" + c.states[i] + "\"",
                     "Name one that /materials holds");
        }
    }
    void check(const std::string& place, const ReferencePlane& plane, const Option& option, const std::set<Id>& rooms) {
        if (plane.on == ReferencePlane::On::deck) {
            if (find(option.things, plane.thing) == nullptr)
                fail(place + "/thing", "there is no thing \"" + plane.thing + "\"", "Name one of this option");
            if (plane.room.empty()) return;
        }
        if (!rooms.contains(plane.room))
            return fail(place + "/room", "there is no room \"" + plane.room + "\"", "Name a room of this option");
        if (plane.on != ReferencePlane::On::floor &&
            static_cast<size_t>(plane.edge) >= find_room(option, plane.room).room->footprint.size())
            fail(place + "/edge", fmt::format("the room has no wall {}", plane.edge), "Number walls from 0");
        if (!plane.area.empty()) footprint(place + "/area", plane.area);
        for (size_t i = 0; i < plane.left_out.size(); ++i)
            footprint(fmt::format("{}/left_out/{}", place, i), plane.left_out[i]);
    }
    void check(const std::string& place, const Storey& storey) {
        unique(place + "/partitions", storey.partitions);
        unique(place + "/voids", storey.voids);
        unique(place + "/roofs", storey.roofs);
        unique(place + "/rooflights", storey.rooflights);
        unique(place + "/dimensions", storey.dimensions);
        for (size_t i = 0; i < storey.partitions.size(); ++i) {
            const Partition& p = storey.partitions[i];
            const std::string here = fmt::format("{}/partitions/{}", place, i);
            material(here + "/material", p.material, Part::partition);
            if (length(p.to - p.from) < 1e-3)
                fail(here + "/to", "the partition has no length", "Give two different ends");
        }
        for (size_t i = 0; i < storey.voids.size(); ++i)
            footprint(fmt::format("{}/voids/{}/outline", place, i), storey.voids[i].outline);
        for (size_t i = 0; i < storey.roofs.size(); ++i)
            for (const Id& room : storey.roofs[i].rooms)
                if (find(storey.rooms, room) == nullptr)
                    fail(fmt::format("{}/roofs/{}/rooms", place, i), "there is no room \"" + room + "\" on this storey",
                         "Name rooms of the same storey");
        for (size_t i = 0; i < storey.rooflights.size(); ++i) {
            const std::string here = fmt::format("{}/rooflights/{}", place, i);
            material(here + "/glazing", storey.rooflights[i].glazing, Part::rooflight);
            blind(here, storey.rooflights[i].blind_material);
            shading(here, storey.rooflights[i].shading);
        }
    }
    void check(const std::string& place, const Room& room, std::set<Id>& openings) {
        footprint(place + "/footprint", room.footprint);
        material(place + "/floor", room.floor, Part::floor);
        material(place + "/walls", room.walls, Part::wall);
        material(place + "/ceiling", room.ceiling, Part::ceiling);
        for (size_t i = 0; i < room.own_finishes.size(); ++i) {
            const std::string here = fmt::format("{}/own_finishes/{}", place, i);
            material(here + "/material", room.own_finishes[i].material, Part::wall);
            if (room.own_finishes[i].surface >= static_cast<int>(room.footprint.size()))
                fail(here + "/surface", fmt::format("the room has no wall {}", room.own_finishes[i].surface),
                     "Number walls from 0; -1 is the floor, -2 the ceiling");
        }
        for (size_t w = 0; w < room.own_walls.size(); ++w)
            if (static_cast<size_t>(room.own_walls[w].edge) >= room.footprint.size())
                fail(fmt::format("{}/own_walls/{}/edge", place, w),
                     fmt::format("the room has no wall {}", room.own_walls[w].edge), "Number walls from 0");
        for (size_t o = 0; o < room.openings.size(); ++o) {
            const Opening& opening = room.openings[o];
            const std::string here = fmt::format("{}/openings/{}", place, o);
            if (!openings.insert(opening.id).second)
                fail(here + "/id", "\"" + opening.id + "\" is taken already", "Give it an id of its own");
            if (static_cast<size_t>(opening.edge) >= room.footprint.size()) {
                fail(here + "/edge", fmt::format("the room has no wall {}", opening.edge), "Number walls from 0");
                continue;
            }
            if (opening.kind == Opening::Kind::window)
                material(here + "/glazing", opening.glazing, Part::glazing);
            else if (opening.kind != Opening::Kind::opening_void)
                material(here + "/infill", opening.glazing, Part::door);
            material(here + "/reveals", opening.reveals, Part::reveal);
            material(here + "/frames", opening.frames, Part::frame);
            blind(here, opening.blind_material);
            shading(here, opening.shading);
            if (opening.along + opening.width > edge_length(room, opening.edge) + 1e-6)
                fail(here, "the opening is outside its wall", "Make it narrower or move it along the wall");
        }
    }

    const Project& project_;
    Outcome outcome_;
};

constexpr DocumentKind kProject{"warmpane", kProjectVersion, "Warm Pane project", "Open a .warmpane file"};

}  // namespace

Result<Project> parse_project(std::string_view text, const std::string& name) {
    auto document = parse_document(text, name, kProject);
    if (!document) return document.fault();
    Project project;
    Fields fields = Fields::reader(*document);
    visit(fields, project);
    if (fields.fault()) return in_file(name, *fields.fault());
    if (const auto fault = Checker(project).run()) return in_file(name, *fault);
    for (Option& option : project.options) {
        for (Storey& storey : option.storeys) {
            for (Room& room : storey.rooms)
                if (twice_area(room.footprint) < 0) turn_ring(room);
            for (FloorVoid& v : storey.voids)
                if (twice_area(v.outline) < 0) std::reverse(v.outline.begin(), v.outline.end());
        }
        for (Block& block : option.blocks)
            if (twice_area(block.footprint) < 0) std::reverse(block.footprint.begin(), block.footprint.end());
        for (ReferencePlane& plane : option.planes) {
            if (twice_area(plane.area) < 0) std::reverse(plane.area.begin(), plane.area.end());
            for (auto& ring : plane.left_out)
                if (twice_area(ring) < 0) std::reverse(ring.begin(), ring.end());
        }
    }
    return project;
}

Result<Project> read_project(const std::filesystem::path& path) {
    return parse_file(path, size_t{64} << 20, parse_project);
}

std::string write_project(const Project& project) {
    Json document = Json::object();
    document[kProject.key] = kProject.newest;
    Project copy = project;  // the visitors read and write through one signature
    Fields fields = Fields::writer(document);
    visit(fields, copy);
    return json_file(document);
}

Outcome save_project(const Project& project, const std::filesystem::path& path) {
    std::error_code error;
    if (std::filesystem::exists(path, error)) {
        const auto there = read_project(path);
        if (!there)
            return Fault{there.fault().place, "not overwritten: " + there.fault().what, "Save under another name"};
    }
    return write_file(path, write_project(project));
}

}  // namespace wp::store
