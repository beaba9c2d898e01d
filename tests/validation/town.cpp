// SPDX-License-Identifier: GPL-3.0-or-later
#include "validation/town.h"

#include "question/ask.h"
#include "question/light_field.h"
#include "support.h"

namespace wp::validation {

namespace {

constexpr double kWidth = 5, kDepth = 4, kHeight = 3, kWall = 0.35, kRoof = 0.3;
constexpr double kX0 = 1, kX1 = 4, kZ0 = 0.9, kZ1 = 2.5, kReveal = 0.12;
constexpr double kInside = 0.5, kAround = 0.4, kBlocks = 0.35, kGround = 0.2;

model::Material matt(const char* id, double reflectance) {
    model::Material m;
    m.id = m.name = id;
    m.reflectance = reflectance;
    return m;
}

}  // namespace

model::Project Town::project() const {
    model::Project p = test::one_room();
    p.site.latitude = 55;
    p.site.ground_reflectance = kGround;
    p.materials = {matt("inside", kInside), matt("around", kAround), matt("block", kBlocks), p.materials[1]};
    auto& option = p.options[0];
    auto& room = option.storeys[0].rooms[0];
    room.footprint = {{0, 0}, {kWidth, 0}, {kWidth, kDepth}, {0, kDepth}};
    room.floor = room.walls = room.ceiling = "inside";
    auto& window = room.openings[0];
    window.along = kX0;
    window.width = kX1 - kX0;
    window.sill = kZ0;
    window.height = kZ1 - kZ0;
    window.frame = 0;
    window.reveal = kReveal;
    window.reveals = "around";
    option.types = {{model::Part::reveal, "around"}, {model::Part::facade, "around"}, {model::Part::roof, "around"}, {model::Part::block, "block"}, {model::Part::shading, "around"}};
    int n = 0;
    for (const Block& b : blocks) {
        model::Block block;
        block.id = block.name = "block-" + std::to_string(++n);
        block.footprint = {{b.x0, b.y0}, {b.x1, b.y0}, {b.x1, b.y1}, {b.x0, b.y1}};
        block.height = b.height;
        block.material = "block";
        option.blocks.push_back(block);
    }
    return p;
}

boxes::Scene Town::scene() const {
    boxes::Scene s;
    s.ground = kGround;
    const double top = kHeight + kRoof, w = kWall;
    // Inner faces and outer ones differ in reflectance: each wall is two sheets.
    const auto add = [&](Vec3 low, Vec3 high, double reflectance) { s.boxes.push_back({low, high, reflectance}); };
    constexpr double t = 0.001;
    // A hair above the ground, which would be met in its place.
    add({-t, -t, -0.01}, {kWidth + t, kDepth + t, 1e-5}, kInside);
    add({-t, -t, kHeight}, {kWidth + t, kDepth + t, kHeight + t}, kInside);
    add({-t, -t, 0}, {0, kDepth + t, kHeight}, kInside);
    add({kWidth, -t, 0}, {kWidth + t, kDepth + t, kHeight}, kInside);
    add({-t, kDepth, 0}, {kWidth + t, kDepth + t, kHeight}, kInside);
    // The window wall's inner face, around the hole.
    add({0, -t, 0}, {kX0, 0, kHeight}, kInside);
    add({kX1, -t, 0}, {kWidth, 0, kHeight}, kInside);
    add({kX0, -t, 0}, {kX1, 0, kZ0}, kInside);
    add({kX0, -t, kZ1}, {kX1, 0, kHeight}, kInside);
    // Its body and the shell.
    add({-w, -w, 0}, {kX0, -t, top}, kAround);
    add({kX1, -w, 0}, {kWidth + w, -t, top}, kAround);
    add({kX0, -w, 0}, {kX1, -t, kZ0}, kAround);
    add({kX0, -w, kZ1}, {kX1, -t, top}, kAround);
    add({-w, -t, 0}, {-t, kDepth + w, top}, kAround);
    add({kWidth + t, -t, 0}, {kWidth + w, kDepth + w, top}, kAround);
    add({-t, kDepth + t, 0}, {kWidth + t, kDepth + w, top}, kAround);
    add({-t, -t, kHeight + t}, {kWidth + t, kDepth + t, top}, kAround);
    for (const Block& b : blocks) add({b.x0, b.y0, 0}, {b.x1, b.y1, b.height}, kBlocks);
    boxes::Pane pane;
    pane.y = -kReveal;
    pane.x0 = kX0;
    pane.x1 = kX1;
    pane.z0 = kZ0;
    pane.z1 = kZ1;
    pane.transmittance = 0.8;
    s.panes = {pane};
    return s;
}

std::vector<TownPoint> compare_moment(const Town& town, int month, int day, double hour, double accuracy, size_t paths, bool by_field, double diffuse, double direct) {
    const auto project = town.project();
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    geometry::PlanePoints plane;
    plane.plane = "plane";
    plane.room = "room";
    plane.space = 0;
    std::vector<TownPoint> out;
    for (const double y : {0.6, 1.4, 2.3, 3.2, 3.7}) {
        plane.points.push_back({2.6, y, 0.8});
        out.push_back({y, 0, 0, 0, 0});
    }
    model::SkyChoice sky;
    sky.shape = model::SkyChoice::Shape::cie;
    sky.type = 12;
    sky.amount = model::SkyChoice::Amount::illuminance;
    sky.diffuse = diffuse;
    sky.direct = direct;
    const auto outdoors = question::outdoors_at(project.site, sky, {month, day, hour}, {});
    const std::vector planes{plane};
    const auto task = question::field_task(project, surfaces, planes, {});
    const auto moment = by_field ? question::light_at(question::trace_light_field(task, {accuracy, 1, 0}), *outdoors) : question::trace_moments(task, {*outdoors}, {accuracy, 1, 0}).front();
    const auto scene = town.scene();
    boxes::Sky own;
    own.diffuse = diffuse;
    own.direct = direct;
    own.sun = boxes::almanac_sun(55, 0, climate::Moment{month, day, hour}.day_of_year(), hour);
    for (size_t i = 0; i < out.size(); ++i) {
        out[i].engine = moment.planes[0].lux[i];
        out[i].half_width = moment.planes[0].half_width[i];
        const auto e = boxes::illuminance(scene, own, plane.points[i], paths, 17u + static_cast<unsigned>(i));
        out[i].boxes = e.mean;
        out[i].standard_error = e.standard_error;
    }
    return out;
}

}  // namespace wp::validation
