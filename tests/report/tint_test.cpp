// SPDX-License-Identifier: GPL-3.0-or-later
// Drawings of matter: colours that tell, things that are seen, what is left out dotted.
#include <gtest/gtest.h>

#include <QImage>
#include <QPainter>

#include "edit/lay.h"
#include "report/plan.h"
#include "report/tint.h"
#include "shading/device.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::report;
using namespace wp::model;

namespace {

QImage plan_of(const Project& project, TintBy by = TintBy::nothing, std::vector<std::string> without = {},
               std::set<std::string> selected = {}) {
    QImage image(600, 600, QImage::Format_RGB32);
    QPainter painter(&image);
    PlanScene scene;
    scene.option = &project.options[0];
    scene.project = &project;
    scene.tint = by;
    scene.without = std::move(without);
    scene.selected = std::move(selected);
    scene.room_names = false;
    PlanView view;
    view.scale = 60;
    view.origin = {100, 500};
    draw_plan(painter, scene, view, Ink(), QRectF(0, 0, 600, 600));
    return image;
}

QColor at(const QImage& image, Vec2 place) {
    return image.pixelColor(static_cast<int>(100 + 60 * place.x), static_cast<int>(500 - 60 * place.y));
}

}  // namespace

TEST(Tint, a_surface_is_the_lighter_the_more_it_reflects) {
    double before = -1;
    for (const double r : {0.02, 0.1, 0.3, 0.6, 0.9}) {
        Material m;
        m.reflectance = r;
        const double lightness = colour_of(m).lightnessF();
        EXPECT_GT(lightness, before);
        before = lightness;
    }
    Material painted;
    painted.colour = "#336699";
    EXPECT_EQ(colour_of(painted), QColor(0x33, 0x66, 0x99));
}

TEST(Tint, tells_what_is_missing_assumed_and_why_a_surface_has_what_it_has) {
    Material m;
    const Finish none, own{&m, "m", Reason::own}, by_type{&m, "m", Reason::type};
    Material guess;
    guess.assumed = true;
    const Finish assumed{&guess, "g", Reason::type};
    std::set<QRgb> colours;
    for (const Finish& f : {none, own, by_type, assumed}) colours.insert(tint(TintBy::assumed, Part::wall, f).rgb());
    EXPECT_EQ(colours.size(), 4u);
    EXPECT_EQ(tint(TintBy::material, Part::wall, none), tint(TintBy::reflectance, Part::floor, none))
        << "what is missing looks the same everywhere";
    std::set<QRgb> parts;
    for (int i = 0; i < kParts; ++i) parts.insert(tint(TintBy::part, static_cast<Part>(i), none).rgb());
    EXPECT_EQ(parts.size(), static_cast<size_t>(kParts)) << "no two kinds of part look the same";
}

TEST(Tint, legends_name_what_is_there_and_no_more) {
    auto project = test::one_room();
    const auto legend = tint_legend(TintBy::material, project, project.options[0]);
    ASSERT_EQ(legend.size(), 2u);
    EXPECT_EQ(legend[0].text, QStringLiteral("Grey"));
    EXPECT_EQ(legend[1].text, QStringLiteral("Pane"));
    project.options[0].storeys[0].rooms[0].floor = "";
    EXPECT_EQ(tint_legend(TintBy::material, project, project.options[0]).back().text, QStringLiteral("no material"));
    EXPECT_TRUE(tint_legend(TintBy::nothing, project, project.options[0]).empty());
}

TEST(Plan, is_coloured_by_what_floors_and_single_walls_are_made_of) {
    auto project = test::one_room();
    Material red, blue;
    red.id = "red";
    red.colour = "#cc2222";
    blue.id = "blue";
    blue.colour = "#2222cc";
    project.materials.push_back(red);
    project.materials.push_back(blue);
    Room& room = project.options[0].storeys[0].rooms[0];
    room.floor = "red";
    set_own_finish(room, 2, "blue");
    const QImage image = plan_of(project, TintBy::material);
    EXPECT_EQ(at(image, {1, 4.5}), QColor(0xcc, 0x22, 0x22));
    EXPECT_EQ(at(image, {2, 5.95}), QColor(0x22, 0x22, 0xcc)) << "along the northern wall";
    EXPECT_NE(at(image, {0.05, 3}), QColor(0x22, 0x22, 0xcc));
}

TEST(Plan, shows_what_stands_in_its_rooms_and_dots_what_is_left_out) {
    auto project = test::one_room();
    const QImage empty = plan_of(project);
    Thing table = usual(Thing::Kind::table);
    table.id = "table";
    table.storey = "ground";
    table.at = {2, 3};
    project.options[0].things = {table};
    const auto differing = [&](const QImage& image) {
        int n = 0;
        for (int y = 0; y < 600; ++y)
            for (int x = 0; x < 600; ++x) n += image.pixel(x, y) != empty.pixel(x, y);
        return n;
    };
    const int drawn = differing(plan_of(project)), dotted = differing(plan_of(project, TintBy::nothing, {"table"}));
    EXPECT_GT(drawn, 200);
    EXPECT_GT(dotted, 20);
    EXPECT_LT(dotted, drawn);
    project.options[0].things[0].storey = "attic";
    EXPECT_EQ(differing(plan_of(project)), 0) << "it stands on another storey";
    for (const auto kind : {Thing::Kind::shelf, Thing::Kind::bench, Thing::Kind::box, Thing::Kind::stair,
                            Thing::Kind::ramp, Thing::Kind::tree, Thing::Kind::fence, Thing::Kind::terrain}) {
        Thing thing = usual(kind);
        thing.id = "thing";
        thing.storey = "ground";
        thing.at = {2, 3};
        thing.width = std::min(thing.width, 3.0);
        project.options[0].things = {thing};
        EXPECT_GT(differing(plan_of(project)), 100) << kind_name(kind);
    }
}

TEST(Plan, draws_shading_before_its_window_and_the_cells_of_a_selected_plane) {
    auto project = test::one_room();
    const QImage bare = plan_of(project);
    project.options[0].storeys[0].rooms[0].openings[0].shading = shading::shade_presets()[0].layers;
    const QImage shaded = plan_of(project);
    // The brow stands 0.6 m out before a wall of 0.35 m: there was ground before.
    EXPECT_NE(at(bare, {2, -0.6}), at(shaded, {2, -0.6}));
    EXPECT_EQ(at(bare, {2, -1.3}), at(shaded, {2, -1.3})) << "no further";
    const QImage cells = plan_of(project, TintBy::nothing, {}, {"plane"});
    int marked = 0;
    for (int y = 0; y < 600; ++y)
        for (int x = 0; x < 600; ++x) marked += cells.pixel(x, y) != shaded.pixel(x, y);
    EXPECT_GT(marked, 500);
}
