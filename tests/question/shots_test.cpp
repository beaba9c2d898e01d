// SPDX-License-Identifier: GPL-3.0-or-later
// Many pictures by one question: which they are, what they are called, how they stand on a sheet.
#include "question/shots.h"

#include <gtest/gtest.h>

#include <cmath>
#include <set>

#include "geometry/polygon.h"
#include "question/ask.h"
#include "support.h"

using namespace wp;
using namespace wp::question;
using Directions = model::PictureBatch::Directions;

namespace {

// Two seats of the one room, of which one looks in two directions.
struct Seats {
    model::Project project = test::one_room();
    model::Question question;
    Seats() {
        auto& observers = project.options[0].observers;
        observers[0].name = "Desk";
        observers[0].heading = 180;
        observers[0].others = {90, 450};  // the same direction twice
        observers.push_back(observers[0]);
        observers[1].id = "sofa", observers[1].name = "Sofa", observers[1].others.clear();
        question.id = "many";
        question.kind = model::Question::Kind::glare;
        question.moment = {6, 21, 12};
    }
    std::vector<Shot> shots() const {
        const auto found = shots_of(project.options[0], question, project.site.north);
        return found ? *found : std::vector<Shot>{};
    }
};

}  // namespace

TEST(Shots, a_question_of_one_picture_is_one) {
    Seats seats;
    seats.question.observer = "eye";
    EXPECT_FALSE(is_batch(seats.question));
    const auto shots = seats.shots();
    ASSERT_EQ(shots.size(), 1u);
    EXPECT_EQ(shots[0].words(), "Desk, towards S (180\u00b0), 21 Jun 12:00");
    EXPECT_EQ(shots[0].question.observer, "eye");
}

TEST(Shots, are_taken_of_every_place_in_every_direction_at_every_moment) {
    Seats seats;
    seats.question.batch = {{"eye", "sofa"}, Directions::own, 45};
    seats.question.moments = {{3, 21, 9}, {12, 21, 15.5}};
    EXPECT_TRUE(is_batch(seats.question));
    const auto shots = seats.shots();
    ASSERT_EQ(shots.size(), 6u) << "two directions and one, at two moments: 450° is 90° again";
    EXPECT_EQ(shots[1].words(), "Desk, towards S (180\u00b0), 21 Dec 15:30");
    EXPECT_EQ(shots[2].question.heading, 1);
    EXPECT_EQ(shots[5].file, "sofa.180.1221-1530");
    std::set<std::string> files;
    for (const auto& shot : shots) {
        files.insert(shot.file);
        EXPECT_FALSE(is_batch(shot.question)) << "each asks for itself alone";
    }
    EXPECT_EQ(files.size(), shots.size()) << "no picture takes another's file";
    EXPECT_EQ(shots_in_row(shots), 2u) << "moments beside each other";
}

TEST(Shots, all_around_are_told_by_the_compass_of_a_turned_site) {
    Seats seats;
    seats.project.site.north = 30;
    seats.question.batch = {{"sofa"}, Directions::around, 90};
    const auto shots = seats.shots();
    ASSERT_EQ(shots.size(), 4u);
    EXPECT_EQ(shots[0].direction(), "towards NNE (30\u00b0)");
    EXPECT_EQ(shots[3].direction(), "towards WNW (300\u00b0)");
    // The picture itself looks where the drawing's axes have it.
    auto surfaces = geometry::build_surfaces(seats.project, seats.project.options[0]);
    const auto weather = test::weather();
    const auto task = glare_task(seats.project, seats.project.options[0], shots[3].question, surfaces, &weather);
    ASSERT_TRUE(task);
    EXPECT_EQ(task->observer.heading, 270);
    EXPECT_EQ(task->observer.name, "Sofa");
    EXPECT_EQ(task->observer.eye, seats.project.options[0].observers[1].eye);
    EXPECT_EQ(shots_in_row(shots), 4u);
}

TEST(Shots, a_sphere_shows_all_directions_at_once) {
    Seats seats;
    seats.question.batch = {{"eye", "sofa"}, Directions::around, 15};
    seats.question.picture.lens = model::PictureChoice::Lens::sphere;
    const auto shots = seats.shots();
    ASSERT_EQ(shots.size(), 2u);
    EXPECT_EQ(shots[1].words(), "Sofa, 21 Jun 12:00");
    EXPECT_EQ(shots[1].file, "sofa.0621-1200");
}

TEST(Shots, that_cannot_be_taken_are_refused_with_a_remedy) {
    Seats seats;
    seats.question.batch.observers = {"nobody"};
    const auto& option = seats.project.options[0];
    const auto nobody = shots_of(option, seats.question, 0);
    ASSERT_FALSE(nobody);
    EXPECT_NE(nobody.fault().what.find("nobody"), std::string::npos);
    seats.question.batch.observers = {"sofa"};
    seats.question.heading = 3;
    EXPECT_FALSE(shots_of(option, seats.question, 0)) << "it looks in one direction";
    seats.question.heading = 0;
    seats.question.batch = {{"eye"}, Directions::around, 5};
    seats.question.moments.assign(8760, {1, 1, 1});
    const auto too_many = shots_of(option, seats.question, 0);
    ASSERT_FALSE(too_many);
    EXPECT_NE(too_many.fault().what.find("20000"), std::string::npos);
}

TEST(Shots, keep_their_figures_while_their_pictures_shrink) {
    Seats seats;
    seats.question.observer = "eye";
    seats.question.picture.pixels = 64;
    seats.question.picture.surely = 10;
    auto surfaces = geometry::build_surfaces(seats.project, seats.project.options[0]);
    const auto weather = test::weather();
    const auto shot = seats.shots()[0];
    const auto answer = solve_glare(
        *glare_task(seats.project, seats.project.options[0], shot.question, surfaces, &weather), {0.1, 1, 0});
    const Taken small = taken(seats.project.options[0], shot, answer, 20);
    EXPECT_EQ(small.small.picture.lens.width, 16) << "by whole numbers of pixels";
    EXPECT_EQ(small.small.dgp, answer.dgp);
    EXPECT_EQ(small.indices[0], answer.dgp);
    EXPECT_EQ(small.worst.empty(), answer.parts.empty());
    const auto sum = [](const light::Picture& p) {
        double all = 0;
        for (const float v : p.value) all += static_cast<double>(v);
        return all / static_cast<double>(p.value.size());
    };
    EXPECT_NEAR(sum(small.small.picture), sum(answer.picture), 0.05 * sum(answer.picture));
}

TEST(Shots, named_views_are_places_too_each_with_its_own_lens) {
    Seats seats;
    model::View plan, wall, cut, model;
    plan.id = "plan", plan.name = "Plan", plan.storey = seats.project.options[0].storeys[0].id;
    wall.id = "wall", wall.name = "South wall", wall.kind = model::View::Kind::elevation;
    wall.room = seats.project.options[0].storeys[0].rooms[0].id;
    cut.id = "cut", cut.name = "Cut", cut.kind = model::View::Kind::section, cut.from = {0, 1}, cut.to = {4, 1};
    model.id = "model", model.name = "Bird", model.kind = model::View::Kind::model, model.turn = 40;
    seats.project.options[0].views = {plan, wall, cut, model};
    seats.question.batch.observers = {"plan", "wall", "cut", "model", "sofa"};
    const auto shots = seats.shots();
    ASSERT_EQ(shots.size(), 5u);
    EXPECT_EQ(shots[0].words(), "Plan, 21 Jun 12:00");
    EXPECT_EQ(shots[1].file, "wall.0621-1200");
    using Lens = model::PictureChoice::Lens;
    EXPECT_EQ(shots[0].question.picture.lens, Lens::parallel);
    EXPECT_EQ(shots[3].question.picture.lens, Lens::perspective);
    EXPECT_EQ(shots[4].question.picture.lens, Lens::hemisphere);
    // A plan looks down from its cut, a wall straight on from within its room.
    EXPECT_EQ(shots[0].question.picture.altitude, -90);
    EXPECT_NEAR(shots[0].question.picture.from.z, plan.cut, 1e-9);
    const auto& room = seats.project.options[0].storeys[0].rooms[0];
    const auto& from = shots[1].question.picture.from;
    EXPECT_TRUE(geometry::contains(room.footprint, {from.x, from.y}));
    const Vec2 middle = (room.footprint[0] + room.footprint[1]) * 0.5,
               ahead = normalized(middle - Vec2{from.x, from.y});
    const double heading = radians(shots[1].question.picture.heading);
    EXPECT_NEAR(std::sin(heading), ahead.x, 1e-6);
    EXPECT_NEAR(std::cos(heading), ahead.y, 1e-6);
    EXPECT_GT(shots[1].question.picture.across, length(room.footprint[1] - room.footprint[0]));
    EXPECT_NEAR(shots[2].question.picture.heading, 0, 1e-9) << "towards the left of its line";
    // Each can be asked alone, by the view's id.
    seats.question.batch = {};
    seats.question.observer = "model";
    auto surfaces = geometry::build_surfaces(seats.project, seats.project.options[0]);
    const auto weather = test::weather();
    const auto task = glare_task(seats.project, seats.project.options[0], seats.question, surfaces, &weather);
    ASSERT_TRUE(task);
    EXPECT_EQ(task->lens.kind, light::Lens::Kind::perspective);
    EXPECT_EQ(task->observer.heading, 40);
}
