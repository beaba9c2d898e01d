// SPDX-License-Identifier: GPL-3.0-or-later
// Where light is asked about.
#include <gtest/gtest.h>

#include <set>

#include "edit/lay.h"
#include "geometry/plane_points.h"
#include "question/ask.h"
#include "question/daylight_factor.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;
using namespace wp::edit;
using namespace wp::model;

namespace {

PlanePoints points_of(const Project& project, double north = 0) {
    return *plane_points(project.options[0], project.options[0].planes[0], north);
}

}  // namespace

TEST(Planes, lie_along_the_longest_wall_or_true_north_on_request) {
    auto project = test::one_room();
    Room& room = project.options[0].storeys[0].rooms[0];
    const double a = radians(20);
    for (Vec2& p : room.footprint) p = {std::cos(a) * p.x - std::sin(a) * p.y, std::sin(a) * p.x + std::cos(a) * p.y};
    ReferencePlane& plane = project.options[0].planes[0];
    plane.along = ReferencePlane::Along::longest_edge;
    const auto square = points_of(project);
    EXPECT_NEAR(std::atan2(square.across.y, square.across.x), a, 1e-9)
        << "a quarter of a turn from the long wall is the same";
    EXPECT_EQ(square.points.size(), static_cast<size_t>(square.columns * square.rows)) << "no cell is cut by a wall";
    plane.along = ReferencePlane::Along::true_north;
    const auto north = points_of(project, 30);
    // The drawing's +y stands 30 degrees east of north: north lies 30 degrees to the left of it.
    EXPECT_NEAR(north.up.x, -std::sin(radians(30)), 1e-9);
    EXPECT_NEAR(north.up.y, std::cos(radians(30)), 1e-9);
}

TEST(Planes, hold_so_many_points_as_were_asked_for) {
    auto project = test::one_room();
    ReferencePlane& plane = project.options[0].planes[0];
    for (const int wanted : {1, 10, 77, 400}) {
        plane.number = wanted;
        const auto points = points_of(project);
        EXPECT_GE(static_cast<int>(points.points.size()), wanted);
        EXPECT_LE(static_cast<int>(points.points.size()), wanted * 2 + 3) << "and not many more";
        EXPECT_LT(std::max(points.dx, points.dy) / std::min(points.dx, points.dy), wanted > 5 ? 1.8 : 5.0)
            << "near square";
    }
}

TEST(Planes, cover_a_part_of_the_room_and_leave_out_another) {
    auto project = test::one_room();
    ReferencePlane& plane = project.options[0].planes[0];
    plane.spacing = 0.25;
    plane.area = {{1, 1}, {3, 1}, {3, 5}, {1, 5}};
    plane.left_out = {{{1, 1}, {2, 1}, {2, 2}, {1, 2}}};
    const auto points = points_of(project);
    EXPECT_NEAR(points.area(), 8 - 1, 1e-9);
    for (const Vec3 p : points.points) EXPECT_FALSE(p.x < 2 && p.y < 2);
}

TEST(Planes, leave_out_what_stands_in_their_way) {
    auto project = test::one_room();
    Thing shelf = usual(Thing::Kind::shelf);
    shelf.id = "shelf";
    shelf.storey = "ground";
    shelf.at = {2, 3};
    shelf.width = shelf.length = 1;
    project.options[0].planes[0].spacing = 0.25;
    const double before = points_of(project).area();
    project.options[0].things = {shelf};
    EXPECT_NEAR(points_of(project).area(), before - 1, 0.35);
    project.options[0].things[0].height = 0.5;
    EXPECT_NEAR(points_of(project).area(), before, 1e-9) << "lower than the plane";
}

TEST(Planes, leave_out_the_dark_under_a_bench_that_is_higher_than_they_are) {
    auto project = test::one_room();
    project.options[0].planes[0].spacing = 0.25;
    project.options[0].planes[0].height = 0.76;
    const double before = points_of(project).area();
    Thing bench = usual(Thing::Kind::table);
    bench.id = "bench";
    bench.storey = "ground";
    bench.at = {2, 3};
    bench.width = 2;
    bench.length = 1;
    bench.height = 0.86;
    project.options[0].things = {bench};
    EXPECT_NEAR(points_of(project).area(), before - 2, 0.5);
    project.options[0].things[0].height = 0.74;
    EXPECT_NEAR(points_of(project).area(), before, 1e-9) << "on a desk light is wanted";
    project.options[0].things[0].base = 2;
    EXPECT_NEAR(points_of(project).area(), before, 1e-9) << "what hangs above does not take the place";
}

TEST(Planes, follow_their_room) {
    auto project = test::one_room();
    const double before = points_of(project).area();
    Option& option = project.options[0];
    move_edge(option, 0, "room", 1, 1.0);
    EXPECT_GT(points_of(project).area(), before + 5);
    option.planes[0].area = {{1, 1}, {3, 1}, {3, 5}, {1, 5}};
    place_items(option, {{Item::Kind::room, "room", -1}}, Placing::move({10, 0}));
    EXPECT_NEAR(points_of(project).corner.x, 11, 1e-9) << "a part of the room goes with it";
}

TEST(Planes, on_walls_face_the_room_and_spare_the_windows) {
    auto project = test::one_room();
    Option& option = project.options[0];
    option.planes.clear();
    ASSERT_EQ(lay_on_wall(option, "room", 0, false, 0.25).size(), 1u);
    EXPECT_TRUE(lay_on_wall(option, "room", 0, false, 0.25).empty()) << "it is there already";
    auto points = points_of(project);
    EXPECT_EQ(points.normal, (Vec3{0, 1, 0}));
    EXPECT_EQ(points.space, 0);
    for (const Vec3 p : points.points) {
        EXPECT_NEAR(p.y, 0.02, 1e-9);
        EXPECT_FALSE(p.x > 1 && p.x < 3 && p.z > 1 && p.z < 2.5) << "within the window";
    }
    option.planes.clear();
    lay_on_wall(option, "room", 0, true, 0.25);
    points = points_of(project);
    EXPECT_EQ(points.normal, (Vec3{0, -1, 0}));
    EXPECT_EQ(points.space, kOutdoors);
    for (const Vec3 p : points.points) EXPECT_NEAR(p.y, -0.37, 1e-9) << "before the outer face";
}

TEST(Planes, on_walls_follow_their_wall_when_corners_come) {
    auto project = test::one_room();
    Option& option = project.options[0];
    option.planes.clear();
    lay_on_wall(option, "room", 2, false, 0.5);
    const Option before = option;
    add_corner(option.storeys[0].rooms[0], 0, 0.5);
    keep_planes_on_walls(before, option);
    EXPECT_EQ(option.planes[0].edge, 3);
}

TEST(Planes, lie_on_each_flight_and_landing_of_a_stair) {
    auto project = test::one_room();
    Option& option = project.options[0];
    Thing stair = usual(Thing::Kind::stair);
    stair.id = stair.name = "stair";
    stair.storey = "ground";
    stair.at = {2, 3};
    stair.flights = 2;
    stair.width = 2.2;
    stair.length = 4;
    stair.landing = 1.1;
    stair.height = 2.4;
    stair.parts = 14;
    option.things = {stair};
    option.planes.clear();
    ASSERT_EQ(lay_on_decks(option, "stair", 0.25, 0.05).size(), 3u);
    EXPECT_TRUE(lay_on_decks(option, "stair", 0.25, 0.05).empty());
    for (const ReferencePlane& plane : option.planes) {
        const auto points = *plane_points(option, plane);
        EXPECT_EQ(points.space, 0);
        EXPECT_EQ(points.storey, "ground");
        EXPECT_GT(points.normal.z, 0.5) << plane.name << " faces up";
        EXPECT_FALSE(points.points.empty());
        const bool level = plane.deck == 1;
        EXPECT_EQ(points.normal.z > 0.999, level) << plane.name;
        // No point lies within a step.
        const auto surfaces = build_surfaces(project, option);
        const light::Scene scene(surfaces);
        for (const Vec3 p : points.points) {
            const auto up = scene.intersect(p.as<float>(), {0, 0, 1});
            EXPECT_TRUE(up.what == light::Hit::What::surface && up.lit_side && up.distance > 0.3f)
                << plane.name << " at " << p.x << " " << p.y << " " << p.z;
        }
    }
}

TEST(Planes, finer_ones_keep_the_points_they_can_and_the_answers_with_them) {
    auto project = test::one_room();
    ReferencePlane& plane = project.options[0].planes[0];
    plane.spacing = 1;
    const auto coarse = points_of(project);
    ASSERT_TRUE(make_finer(project.options[0], plane, 0));
    const auto fine = points_of(project);
    EXPECT_EQ(fine.columns, 3 * coarse.columns);
    EXPECT_EQ(fine.rows, 3 * coarse.rows);
    for (const Vec3 p : coarse.points) {
        const int at = fine.point_at({p.x, p.y});
        ASSERT_GE(at, 0);
        EXPECT_NEAR(length(fine.points[static_cast<size_t>(at)] - p), 0, 1e-6);
    }
    const auto surfaces = build_surfaces(project, project.options[0]);
    const question::Effort effort{0.05, 1, 0};
    const auto before = question::daylight_factor(surfaces, {coarse}, effort);
    question::DaylightFactorSetup setup;
    setup.known = &before;
    const auto after = question::daylight_factor(surfaces, {fine}, effort, {}, {}, setup);
    EXPECT_EQ(after.kept, coarse.points.size());
    const auto at = static_cast<size_t>(fine.point_at({coarse.points[3].x, coarse.points[3].y}));
    EXPECT_EQ(after.planes[0].value[at], before.planes[0].value[3]) << "the very same";
    const auto plain = question::daylight_factor(surfaces, {fine}, effort);
    EXPECT_NEAR(after.planes[0].figures.mean, plain.planes[0].figures.mean,
                3 * (after.planes[0].figures.mean_half_width + plain.planes[0].figures.mean_half_width));
    project.options[0].storeys[0].rooms[0].openings[0].width = 1;
    const auto other =
        question::daylight_factor(build_surfaces(project, project.options[0]), {fine}, effort, {}, {}, setup);
    EXPECT_EQ(other.kept, 0u) << "another building keeps nothing";
}

TEST(Planes, of_whole_buildings_are_laid_in_one_go) {
    auto project = test::one_room();
    Option& option = project.options[0];
    place_items(option, copy_items(option, {{Item::Kind::room, "room", -1}}, 0, Placing::move({10, 0})), {});
    option.planes.resize(1);
    PlaneWish wish;
    wish.height = 0.85;
    wish.spacing = 0.4;
    std::vector<Id> rooms;
    for (const Room& room : option.storeys[0].rooms) rooms.push_back(room.id);
    EXPECT_EQ(lay_planes(option, rooms, wish).size(), 2u);
    ASSERT_EQ(option.planes.size(), 2u);
    EXPECT_EQ(option.planes[0].id, "plane") << "the one that was there is fitted anew";
    for (const ReferencePlane& plane : option.planes) EXPECT_EQ(plane.height, 0.85);
    wish.beside = true;
    wish.height = 0.7;
    lay_planes(option, rooms, wish);
    lay_planes(option, rooms, wish);
    ASSERT_EQ(option.planes.size(), 4u) << "one more in each room, once";
    EXPECT_EQ(option.planes[0].height, 0.85);
    EXPECT_EQ(option.planes[3].height, 0.7);
}

TEST(Observers, in_a_lattice_are_told_by_their_names) {
    auto project = test::one_room();
    Option& option = project.options[0];
    LatticeWish wish;
    wish.spacing = 1.5;
    wish.directions = 8;
    const auto made = place_lattice(option, "room", wish);
    ASSERT_GE(made.size(), 6u);
    std::set<std::string> names;
    for (const Item& item : made) {
        const Observer& eye = *find(option.observers, item.id);
        EXPECT_EQ(headings(eye).size(), 8u);
        EXPECT_NEAR(eye.eye.z, 1.2, 1e-12);
        for (size_t k = 0; k < 8; ++k) EXPECT_TRUE(names.insert(view_name(eye, k)).second) << "two views of one name";
    }
    EXPECT_TRUE(names.contains("Room A1, 045\u00b0")) << *names.begin();
    EXPECT_EQ(find(option.observers, made[0].id)->name, "Room A1");
}

TEST(Observers, are_aimed_at_a_thing) {
    Observer eye;
    eye.eye = {1, 1, 1.2};
    aim(eye, {1, 5, 1.2});
    EXPECT_NEAR(eye.heading, 0, 1e-9);
    aim(eye, {3, 1, 3.2});
    EXPECT_NEAR(eye.heading, 90, 1e-9);
    EXPECT_NEAR(eye.altitude, 45, 1e-9);
}

TEST(Observers, have_a_task_for_each_of_their_directions) {
    auto project = test::one_room();
    Option& option = project.options[0];
    look_around(option.observers[0], 4);
    Question question;
    question.kind = Question::Kind::glare;
    question.observer = "eye";
    question.heading = 1;
    auto surfaces = build_surfaces(project, option);
    const auto weather = test::weather();
    const auto task = question::glare_task(project, option, question, surfaces, &weather);
    ASSERT_TRUE(task);
    EXPECT_NEAR(task->observer.heading, 270, 1e-9);
    EXPECT_EQ(task->observer.name, "Eye, 270\u00b0");
    question.heading = 9;
    EXPECT_FALSE(question::glare_task(project, option, question, surfaces, &weather));
}
