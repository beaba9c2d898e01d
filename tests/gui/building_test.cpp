// SPDX-License-Identifier: GPL-3.0-or-later
// A whole building drawn by mouse and keys alone, saved, opened again and compared; and what it took, counted.
#include <gtest/gtest.h>

#include <cstdio>

#include "check/check.h"
#include "geometry/leaks.h"
#include "gui/check/model_check.h"
#include "gui/drive.h"
#include "gui/look/look.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;
using namespace wp::model;

TEST(Building, a_two_storey_building_is_drawn_by_mouse_and_keys_saved_and_opened_again) {
    test::Folder folder;
    ASSERT_FALSE(store::save_project(blank_project(), folder / "house.warmpane"));
    Window window;
    ASSERT_FALSE(window.open(folder / "house.warmpane"));
    drive::show(window);
    drive::count() = {};
    const auto& option = [&]() -> const Option& { return window.document().option(); };
    const auto sheet_key = [&](Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window.sheet().setFocus();
        drive::key(window, key, modifiers);
    };

    // Five rooms on the ground, snapping to each other's corners.
    for (const auto& [a, b] : {std::pair<Vec2, Vec2>{{0, 0}, {4, 7}},
                               {{4, 0}, {7, 4}},
                               {{7, 0}, {10, 4}},
                               {{4, 4}, {7, 7}},
                               {{7, 4}, {10, 7}}}) {
        sheet_key(Qt::Key_R);
        drive::drag(window, a, b);
    }
    ASSERT_EQ(option().storeys[0].rooms.size(), 5u);
    EXPECT_NEAR(geometry::signed_area(option().storeys[0].rooms[1].footprint), 12, 1e-9)
        << "drawn on the corners of the first";

    // Eleven windows and four openings between the rooms: fifteen, each by one click.
    sheet_key(Qt::Key_W);
    for (const Vec2 at :
         {Vec2{1, 0}, {3, 0}, {5.5, 0}, {8.5, 0}, {10, 2}, {10, 5.5}, {8.5, 7}, {5.5, 7}, {3, 7}, {1, 7}, {0, 2}})
        drive::click_sheet(window, at);
    sheet_key(Qt::Key_D);
    for (const Vec2 at : {Vec2{4, 2}, {7, 2}, {5.5, 4}, {7, 5.5}}) drive::click_sheet(window, at);
    size_t openings = 0;
    for (const Room& room : option().storeys[0].rooms) openings += room.openings.size();
    ASSERT_EQ(openings, 15u);

    // The same again above; there the gallery's void, the stair's, the roof and its lights.
    drive::click(window, "copy-storey");
    ASSERT_EQ(option().storeys.size(), 2u);
    ASSERT_EQ(window.document().storey_index(), 1u);
    sheet_key(Qt::Key_V);
    drive::drag(window, {0.5, 0.5}, {3, 4});
    sheet_key(Qt::Key_V);
    drive::drag(window, {0.5, 5}, {3, 6});
    window.document().select({});
    sheet_key(Qt::Key_T);
    ASSERT_EQ(window.document().selection().kind, Selection::Kind::roof);
    drive::type_into(drive::widget(window, "field-pitch"), "30");
    sheet_key(Qt::Key_K);
    for (const Vec2 at : {Vec2{2, 1.6}, {5.5, 1.6}, {8.5, 5.6}}) drive::click_sheet(window, at);
    ASSERT_EQ(option().storeys[1].rooflights.size(), 3u);
    sheet_key(Qt::Key_Escape);

    EXPECT_EQ(option().storeys[1].rooms.size(), 5u);
    EXPECT_EQ(option().storeys[1].voids.size(), 2u);
    ASSERT_EQ(option().storeys[1].roofs.size(), 1u);
    EXPECT_EQ(option().storeys[1].roofs[0].pitch, 30);
    for (const auto& fault : window.part<ModelCheck>().faults()) ADD_FAILURE() << fault.what;
    EXPECT_EQ(test::find_leaks(window.document().project(), option(), 200000).all(), 0);

    sheet_key(Qt::Key_S, Qt::ControlModifier);
    ASSERT_TRUE(drive::wait_until([&] { return !window.isWindowModified(); }));
    std::printf("[   COUNT  ] 10 rooms, 30 openings, 2 voids, a roof, 3 rooflights: %d clicks and drags, %d keys\n",
                drive::count().clicks, drive::count().keys);
    EXPECT_LT(drive::count().clicks, 60);
    EXPECT_LT(drive::count().keys, 60);

    const Project drawn = window.document().project();
    Window again;
    ASSERT_FALSE(again.open(folder / "house.warmpane"));
    EXPECT_EQ(again.document().project(), drawn);

    // Undo goes all the way back, by steps with names.
    EXPECT_TRUE(window.document().undo_stack().undoText().contains(QStringLiteral("rooflight")));
    while (window.document().undo_stack().canUndo()) window.document().undo_stack().undo();
    EXPECT_EQ(window.document().project(), blank_project());
    window.document().undo_stack().setClean();
}
