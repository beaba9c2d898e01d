// SPDX-License-Identifier: GPL-3.0-or-later
// What differs between two options, as an architect would say it.
#include "describe/differences.h"

#include <gtest/gtest.h>

#include <functional>

#include "support.h"

using namespace wp;
using namespace wp::describe;
using What = Difference::What;

namespace {

model::Project project_of() {
    auto project = test::one_room();
    project.options[0].storeys[0].rooms[0].openings[0].name = "W-01";
    return project;
}

// The lines that tell what a change did to the room.
std::vector<std::string> told(const std::function<void(model::Option&)>& change,
                              model::Project project = project_of()) {
    model::Option is = project.options[0];
    is.id = "other";
    is.name = "Another";
    is.note = "with a note of its own";
    change(is);
    std::vector<std::string> out;
    for (const auto& group : grouped(differences(project, project.options[0], is))) out.push_back(words_of(group));
    return out;
}

model::Room& room(model::Option& option) { return option.storeys[0].rooms[0]; }

}  // namespace

TEST(Differences, of_an_option_and_its_copy_are_none) {
    EXPECT_TRUE(told([](model::Option&) {}).empty()) << "name and note are not what it is built of";
}

TEST(Differences, of_a_window_are_told_by_its_name_and_in_units) {
    const auto lines = told([](model::Option& o) {
        room(o).openings[0].width += 0.4;
        room(o).openings[0].sill = 0.25;
    });
    ASSERT_EQ(lines.size(), 1u);
    EXPECT_EQ(lines[0], "W-01: Width 2.00 m → 2.40 m, Sill 1.00 m → 0.25 m");
}

TEST(Differences, that_many_elements_share_are_told_once) {
    auto project = project_of();
    auto& openings = project.options[0].storeys[0].rooms[0].openings;
    for (const char* id : {"W-02", "W-03", "W-04"}) {
        openings.push_back(openings[0]);
        openings.back().id = openings.back().name = id;
    }
    const auto lines = told(
        [](model::Option& o) {
            for (auto& opening : room(o).openings) {
                model::ShadeLayer louvres;
                louvres.kind = model::ShadeLayer::Kind::louvres;
                opening.shading.push_back(louvres);
            }
            room(o).openings[1].height = 1.2;
            room(o).openings[2].height = 1.2;
        },
        project);
    ASSERT_EQ(lines.size(), 2u);
    EXPECT_EQ(lines[0], "louvres added to 4 openings");
    EXPECT_EQ(lines[1], "W-02, W-03: Opening height 1.50 m → 1.20 m");
}

TEST(Differences, a_new_room_is_told_without_all_that_is_in_it) {
    const auto project = project_of();
    model::Option is = project.options[0];
    is.storeys[0].rooms.push_back(room(is));
    auto& added = is.storeys[0].rooms.back();
    added.id = "annex";
    added.name = "Annex";
    added.openings[0].id = "W-09";
    const auto there = differences(project, project.options[0], is);
    ASSERT_EQ(there.size(), 1u);
    EXPECT_EQ(there[0].what, What::added);
    EXPECT_EQ(there[0].id, "annex");
    const auto back = differences(project, is, project.options[0]);
    ASSERT_EQ(back.size(), 1u);
    EXPECT_EQ(back[0].what, What::removed);
    EXPECT_EQ(back[0].name, "Annex");
}

TEST(Differences, materials_are_told_by_their_names) {
    auto project = project_of();
    model::Material paint;
    paint.id = "m-9";
    paint.name = "Dark paint";
    project.materials.push_back(paint);
    const auto lines = told([](model::Option& o) { room(o).walls = "m-9"; }, project);
    ASSERT_EQ(lines.size(), 1u);
    EXPECT_NE(lines[0].find("Walls"), std::string::npos);
    EXPECT_NE(lines[0].find("→ Dark paint"), std::string::npos) << lines[0];
}

// Whatever is described is told: nothing that light depends on changes in silence.
TEST(Differences, miss_nothing_that_an_option_says) {
    const auto expect_told = [](const char* what, const std::function<void(model::Option&)>& change) {
        EXPECT_FALSE(told(change).empty()) << what;
    };
    expect_told("walls", [](model::Option& o) { o.outer_wall += 0.1; });
    expect_told("footprint", [](model::Option& o) { room(o).footprint[1].x += 0.5; });
    expect_told("blinds", [](model::Option& o) { o.control.kind = model::BlindControl::Kind::closed; });
    expect_told("eyes", [](model::Option& o) { o.observers[0].heading += 5; });
    expect_told("planes", [](model::Option& o) { o.planes[0].spacing /= 2; });
    expect_told("neighbours", [](model::Option& o) {
        model::Block block;
        block.id = "b-1";
        o.blocks.push_back(block);
    });
    expect_told("a blind", [](model::Option& o) { room(o).openings[0].blind = !room(o).openings[0].blind; });
    expect_told("use", [](model::Option& o) { room(o).regularly_occupied = !room(o).regularly_occupied; });
}
