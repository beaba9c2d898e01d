// SPDX-License-Identifier: GPL-3.0-or-later
#include "validation/town.h"

#include "climate/synthetic.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "question/light_field.h"
#include "support.h"

namespace wp::validation {

namespace {

constexpr double kWidth = 5, kDepth = 4, kHeight = 3, kWall = 0.35, kRoof = 0.3;
constexpr double kX0 = 1, kX1 = 4, kZ0 = 0.9, kZ1 = 2.5;
// The room behind: a wall of 0.1 m between, with glass of 3 x 2 m in its middle.
constexpr double kBack = kDepth + 0.1, kBackDepth = 3, kBackZ0 = 0.5, kBackZ1 = 2.5;
// The tree: its foot, the canopy's radius, the trunk's height and its own.
constexpr double kTreeX = 2, kTreeY = -6, kCanopy = 2.5, kTrunk = 1.5, kTreeTop = 7, kThrough = 0.36;
constexpr double kInside = 0.5, kAround = 0.4, kBlocks = 0.35, kGround = 0.2;

model::Material matt(const char* id, double reflectance) {
    model::Material m;
    m.id = m.name = id;
    m.reflectance = reflectance;
    return m;
}

model::ShadeLayer shade(model::ShadeLayer::Kind kind, double depth) {
    model::ShadeLayer layer;
    layer.kind = kind;
    layer.depth = depth;
    layer.spacing = 0.2;
    layer.thickness = kind == model::ShadeLayer::Kind::overhang ? 0.05 : 0.01;
    layer.offset = kind == model::ShadeLayer::Kind::overhang ? 0.0 : 0.02;
    layer.material = "around";
    return layer;
}

model::Thing tree_thing() {
    model::Thing tree;
    tree.id = tree.name = "tree";
    tree.kind = model::Thing::Kind::tree;
    tree.at = {kTreeX, kTreeY};
    tree.width = 2 * kCanopy;
    tree.height = kTreeTop;
    tree.landing = kTrunk;
    tree.gap = tree.bare_gap = kThrough;
    tree.material = "around";
    return tree;
}

void add_back_room(model::Option& option) {
    model::Room back = option.storeys[0].rooms[0];
    back.id = "back";
    back.name = "Back";
    back.footprint = {{0, kBack}, {kWidth, kBack}, {kWidth, kBack + kBackDepth}, {0, kBack + kBackDepth}};
    model::Opening& glass = back.openings[0];
    glass.id = glass.name = "G-01";
    glass.sill = kBackZ0;
    glass.height = kBackZ1 - kBackZ0;
    glass.reveal = 0.05;
    glass.blind = false;
    glass.shading.clear();
    option.storeys[0].rooms.push_back(back);
    option.planes[0].room = "back";
}

// The canopy that the engine makes: 14 parts round, 7 high, each line crossing it twice.
void add_canopy(boxes::Scene& scene) {
    const double half = (kTreeTop - kTrunk) / 2, middle = kTrunk + half;
    const auto at = [&](int i, int j) {
        const double a = 2 * kPi * i / 14, b = kPi * j / 7 - kPi / 2;
        return Vec3{kTreeX + kCanopy * std::cos(b) * std::cos(a), kTreeY + kCanopy * std::cos(b) * std::sin(a),
                    middle + half * std::sin(b)};
    };
    for (int j = 0; j < 7; ++j)
        for (int i = 0; i < 14; ++i) {
            if (j > 0) scene.leaves.push_back({at(i, j), at(i + 1, j), at(i, j + 1), std::sqrt(kThrough), kAround});
            if (j < 6)
                scene.leaves.push_back({at(i + 1, j), at(i + 1, j + 1), at(i, j + 1), std::sqrt(kThrough), kAround});
        }
}

}  // namespace

Town tower() { return {{{-12.2, -4.2, -28, -20, 30}}}; }
Town gap() { return {{{-14, -4.4, -28, -20, 30}, {-0.3, 10, -28, -20, 30}}}; }
Town courtyard() { return {{{-5, -3, -12, -0.4, 7}, {8, 10, -12, -0.4, 7}, {-5, 10, -14, -12, 5}}}; }

std::vector<Vec3> Town::points() const {
    std::vector<Vec3> out;
    if (back_room)
        for (const double y : {0.4, 1.0, 1.6, 2.2, 2.7}) out.push_back({2.6, kBack + y, 0.8});
    else
        for (const double y : {0.6, 1.4, 2.3, 3.2, 3.7}) out.push_back({2.6, y, 0.8});
    return out;
}

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
    window.reveal = reveal;
    window.reveals = "around";
    option.types = {{model::Part::reveal, "around"},
                    {model::Part::facade, "around"},
                    {model::Part::roof, "around"},
                    {model::Part::block, "block"},
                    {model::Part::shading, "around"}};
    if (overhang > 0) window.shading.push_back(shade(model::ShadeLayer::Kind::overhang, overhang));
    if (blades > 0) window.shading.push_back(shade(model::ShadeLayer::Kind::louvres, blades));
    if (tree) option.things.push_back(tree_thing());
    if (back_room) add_back_room(option);
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
    const double top = kHeight + kRoof, w = kWall, end = back_room ? kBack + kBackDepth : kDepth;
    // Inner faces and outer ones differ in reflectance: each wall is two sheets.
    const auto add = [&](Vec3 low, Vec3 high, double reflectance) { s.boxes.push_back({low, high, reflectance}); };
    constexpr double t = 0.001;
    // A hair above the ground, which would be met in its place.
    add({-t, -t, -0.01}, {kWidth + t, end + t, 1e-5}, kInside);
    add({-t, -t, kHeight}, {kWidth + t, end + t, kHeight + t}, kInside);
    add({-t, -t, 0}, {0, end + t, kHeight}, kInside);
    add({kWidth, -t, 0}, {kWidth + t, end + t, kHeight}, kInside);
    add({-t, end, 0}, {kWidth + t, end + t, kHeight}, kInside);
    if (back_room) {
        // The wall between: its faces, and the reveals of another colour between them.
        for (const double y : {kDepth, kBack - t}) {
            add({0, y, 0}, {kX0, y + t, kHeight}, kInside);
            add({kX1, y, 0}, {kWidth, y + t, kHeight}, kInside);
            add({kX0, y, 0}, {kX1, y + t, kBackZ0}, kInside);
            add({kX0, y, kBackZ1}, {kX1, y + t, kHeight}, kInside);
        }
        add({0, kDepth + t, 0}, {kX0, kBack - t, kHeight}, kAround);
        add({kX1, kDepth + t, 0}, {kWidth, kBack - t, kHeight}, kAround);
        add({kX0, kDepth + t, 0}, {kX1, kBack - t, kBackZ0}, kAround);
        add({kX0, kDepth + t, kBackZ1}, {kX1, kBack - t, kHeight}, kAround);
    }
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
    add({-w, -t, 0}, {-t, end + w, top}, kAround);
    add({kWidth + t, -t, 0}, {kWidth + w, end + w, top}, kAround);
    add({-t, end + t, 0}, {kWidth + t, end + w, top}, kAround);
    add({-t, -t, kHeight + t}, {kWidth + t, end + t, top}, kAround);
    if (overhang > 0) add({kX0, -w - overhang, kZ1}, {kX1, -w, kZ1 + 0.05}, kAround);
    for (double z = kZ0; blades > 0 && z < kZ1 - 0.0099; z += 0.2)
        add({kX0, -w - 0.02 - blades, z}, {kX1, -w - 0.02, z + 0.01}, kAround);
    if (tree) {
        const double r = 0.03 * kTreeTop;
        add({kTreeX - r, kTreeY - r, 0}, {kTreeX + r, kTreeY + r, kTrunk + 0.3 * (kTreeTop - kTrunk)}, kAround);
        add_canopy(s);
    }
    for (const Block& b : blocks) add({b.x0, b.y0, 0}, {b.x1, b.y1, b.height}, kBlocks);
    boxes::Pane pane;
    pane.y = -reveal;
    pane.x0 = kX0;
    pane.x1 = kX1;
    pane.z0 = kZ0;
    pane.z1 = kZ1;
    pane.transmittance = 0.8;
    s.panes = {pane};
    if (back_room) {
        pane.y = kBack - 0.05;
        pane.z0 = kBackZ0;
        pane.z1 = kBackZ1;
        s.panes.push_back(pane);
    }
    return s;
}

std::vector<TownPoint> compare_moment(const Town& town, int month, int day, double hour, double accuracy, size_t paths,
                                      bool by_field, double diffuse, double direct) {
    const auto project = town.project();
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    geometry::PlanePoints plane;
    plane.plane = "plane";
    plane.room = town.back_room ? "back" : "room";
    plane.space = town.back_room ? 1 : 0;
    plane.points = town.points();
    std::vector<TownPoint> out;
    for (const Vec3& at : plane.points) out.push_back({at.y, 0, 0, 0, 0});
    model::SkyChoice sky;
    sky.shape = model::SkyChoice::Shape::cie;
    sky.type = 12;
    sky.amount = model::SkyChoice::Amount::illuminance;
    sky.diffuse = diffuse;
    sky.direct = direct;
    const auto outdoors = question::outdoors_at(project.site, sky, {month, day, hour}, {});
    const std::vector planes{plane};
    const auto task = question::field_task(project, surfaces, planes, {});
    const auto moment = by_field ? question::light_at(question::trace_light_field(task, {accuracy, 1, 0}), *outdoors)
                                 : question::trace_moments(task, {*outdoors}, {accuracy, 1, 0}).front();
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

question::YearAnswer sun_only_year(const Town& town, double accuracy) {
    auto project = town.project();
    project.options[0].planes[0].spacing = 1;
    auto weather = climate::synthetic_year({55, 0, 0, 0}, "Nowhere", 3);
    for (auto& h : weather.hours) h.direct_normal = 500, h.diffuse_horizontal = 0.02, h.dew_point = 8;
    return question::ask_year(*question::year_scene(project, project.options[0], {}, weather), weather,
                              {accuracy, 1, 0});
}

TownHour compare_hour(const Town& town, const question::YearAnswer& year, int hour, const std::vector<size_t>& points,
                      size_t paths) {
    const auto& out = year.outdoor[static_cast<size_t>(hour)];
    const auto ours = year.hour(0, hour, question::Operation::open);
    const boxes::Scene scene = town.scene();
    boxes::Sky sky;
    sky.type = 5;
    sky.diffuse = out.diffuse_lux;
    sky.direct = out.direct_lux;
    // A row's hour ends at its label: its middle is half an hour after it began.
    sky.sun = boxes::almanac_sun(55, 0, hour / 24, hour % 24 + 0.5);
    TownHour sum;
    for (const size_t i : points) {
        const Vec3 at = year.planes[0].plane.points[i];
        const double lit = boxes::sunlit_around(scene, sky, at);
        if ((lit > 0 && lit < 0.99) || (lit > 0 && ours.sun[i] > 0)) continue;
        const auto e =
            boxes::illuminance(scene, sky, at, paths, static_cast<unsigned>(hour + 8760 * static_cast<int>(i)));
        ++sum.points;
        sum.engine += ours.lux[i];
        sum.half_width += ours.half_width[i];
        sum.boxes += e.mean;
        sum.standard_error = std::hypot(sum.standard_error, e.standard_error);
    }
    return sum;
}

}  // namespace wp::validation
