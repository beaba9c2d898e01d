// SPDX-License-Identifier: GPL-3.0-or-later
// Each tool of the Build desk, by the hand that uses it.
#include <gtest/gtest.h>

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QDialog>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QPainter>
#include <QPdfWriter>
#include <QTimer>
#include <QTreeWidget>

#include "asked_room.h"
#include "base/file.h"
#include "check/check.h"
#include "geometry/walls.h"
#include "gui/build/named_views.h"
#include "gui/build/underlay_on_sheet.h"
#include "gui/check/model_check.h"
#include "gui/companion/model_view.h"
#include "gui/companion/section_view.h"
#include "gui/companion/wall_view.h"
#include "gui/drive.h"
#include "gui/inspector/inspector.h"
#include "gui/sheet/underlay.h"
#include "store/project_file.h"

using namespace wp;
using namespace wp::gui;
using namespace wp::model;

namespace {

class Tools : public ::testing::Test {
 protected:
    void SetUp() override {
        auto project = test::one_room();  // 4 x 6 m, a south window
        project.questions.clear();
        Room other = project.options[0].storeys[0].rooms[0];
        other.id = "other";
        other.name = "Other";
        for (Vec2& p : other.footprint) p.x += 4;
        other.openings[0].id = other.openings[0].name = "W-02";
        project.options[0].storeys[0].rooms.push_back(other);
        ReferencePlane plane = project.options[0].planes[0];
        plane.id = "other-plane";
        plane.room = "other";
        project.options[0].planes.push_back(plane);
        ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
        window = std::make_unique<Window>();
        ASSERT_FALSE(window->open(folder / "p.warmpane"));
        drive::show(*window);
    }
    void TearDown() override { window->document().undo_stack().setClean(); }
    const Option& option() { return window->document().option(); }
    const Storey& storey() { return option().storeys[window->document().storey_index()]; }
    void key(Qt::Key k, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window->sheet().setFocus();
        drive::key(*window, k, modifiers);
    }
    void shift_click(Vec2 at) {
        QTest::mouseClick(&window->sheet(), Qt::LeftButton, Qt::ShiftModifier, drive::on_sheet(*window, at));
    }
    // Types where the focus is: the entry beside the pointer, a palette, a dialog's line.
    static void type(const char* text) { QTest::keyClicks(QApplication::focusWidget(), QString::fromLatin1(text)); }
    static void press(Qt::Key k) { QTest::keyClick(QApplication::focusWidget(), k); }

    test::Folder folder;
    std::unique_ptr<Window> window;
};

}  // namespace

TEST_F(Tools, a_room_is_drawn_by_typed_lengths_and_angles) {
    key(Qt::Key_O);
    drive::click_sheet(*window, {0, 6});
    drive::move(*window, {0.2, 6.5});
    key(Qt::Key_0);  // opens the entry beside the pointer
    type(".8");
    press(Qt::Key_Tab);
    type("90");
    press(Qt::Key_Return);
    drive::move(*window, {2, 6.75});  // without an angle the pointer's direction, close to level
    key(Qt::Key_4);
    press(Qt::Key_Return);
    drive::click_sheet(*window, {4, 6});
    key(Qt::Key_Return);
    ASSERT_EQ(storey().rooms.size(), 3u);
    EXPECT_NEAR(geometry::signed_area(storey().rooms[2].footprint), 3.2, 1e-6);
    EXPECT_EQ(window->document().selection().id, storey().rooms[2].id);
    EXPECT_TRUE(drive::faults(*window).empty());
}

TEST_F(Tools, a_rectangle_takes_typed_width_and_depth_with_units_and_arithmetic) {
    key(Qt::Key_R);
    drive::click_sheet(*window, {0, 6});
    drive::move(*window, {1, 7});
    key(Qt::Key_2);
    type("*1.5");
    press(Qt::Key_Tab);
    type("250 cm");
    press(Qt::Key_Return);
    ASSERT_EQ(storey().rooms.size(), 3u);
    EXPECT_NEAR(geometry::signed_area(storey().rooms[2].footprint), 7.5, 1e-9);
}

TEST_F(Tools, an_arc_becomes_a_polyline_wall) {
    key(Qt::Key_O);
    drive::click_sheet(*window, {4, 6});
    key(Qt::Key_A);
    drive::click_sheet(*window, {0, 6});
    drive::click_sheet(*window, {2, 7.5});
    key(Qt::Key_Return);
    ASSERT_EQ(storey().rooms.size(), 3u);
    EXPECT_GT(storey().rooms[2].footprint.size(), 9u);
}

TEST_F(Tools, a_shared_wall_moves_for_both_rooms) {
    drive::drag(*window, {4, 4}, {5, 4});
    EXPECT_NEAR(geometry::signed_area(storey().rooms[0].footprint), 30, 1e-6);
    EXPECT_NEAR(geometry::signed_area(storey().rooms[1].footprint), 18, 1e-6);
    EXPECT_EQ(window->document().undo_stack().undoText(), QStringLiteral("Move wall"));
}

TEST_F(Tools, a_dimension_is_typed_over_where_it_stands) {
    drive::click_sheet(*window, {1, 4});
    QTest::qWait(50);
    // The figure of the south wall stands 22 pixels inside it, in the middle.
    const QPoint at = drive::on_sheet(*window, {2, 0}) - QPoint(0, 22);
    QTest::mouseClick(&window->sheet(), Qt::LeftButton, {}, at);
    auto* entry = window->sheet().findChild<QLineEdit*>(QStringLiteral("figure-entry"));
    ASSERT_NE(entry, nullptr);
    EXPECT_EQ(entry->text(), QStringLiteral("3.94 m")) << "the inner length: the wall to the neighbour is 0.12 m thick";
    drive::type_into(entry, "4.44");
    EXPECT_NEAR(storey().rooms[0].footprint[1].x, 4.5, 1e-6);
    EXPECT_NEAR(storey().rooms[1].footprint[0].x, 4.5, 1e-6) << "the neighbour follows";
}

TEST_F(Tools, many_windows_are_selected_and_edited_at_once) {
    drive::click_sheet(*window, {2, -0.15});
    shift_click({6, -0.15});
    ASSERT_EQ(window->document().selected().size(), 2u);
    drive::type_into(drive::widget(*window, "field-sill"), "0.5");
    EXPECT_EQ(storey().rooms[0].openings[0].sill, 0.5);
    EXPECT_EQ(storey().rooms[1].openings[0].sill, 0.5);
    window->document().undo_stack().undo();
    EXPECT_EQ(storey().rooms[1].openings[0].sill, 1) << "one step for both";
}

TEST_F(Tools, a_band_selects_what_lies_inside_and_delete_takes_it_away) {
    drive::drag(*window, {-0.7, -0.7}, {8.6, 6.6});
    EXPECT_EQ(window->document().selected().size(), 3u) << "two rooms and the observer";
    drive::click_sheet(*window, {1, 4});
    EXPECT_EQ(window->document().selected().size(), 1u) << "one of them was clicked, not dragged";
    drive::drag(*window, {-0.7, -0.7}, {8.6, 6.6});
    key(Qt::Key_Delete);
    EXPECT_TRUE(storey().rooms.empty());
    EXPECT_TRUE(option().planes.empty());
    window->document().undo_stack().undo();
    EXPECT_EQ(storey().rooms.size(), 2u);
}

TEST_F(Tools, control_drag_copies) {
    drive::click_sheet(*window, {6, 3});
    QTest::mousePress(&window->sheet(), Qt::LeftButton, Qt::ControlModifier, drive::on_sheet(*window, {6, 3}));
    drive::move(*window, {6, 5});
    drive::move(*window, {6, 9});
    drive::release(*window, {6, 9});
    ASSERT_EQ(storey().rooms.size(), 3u);
    EXPECT_NEAR(storey().rooms[2].footprint[0].y, 6, 1e-6);
    EXPECT_NEAR(storey().rooms[1].footprint[0].y, 0, 1e-6) << "the first stays";
}

TEST_F(Tools, rooms_are_pasted_onto_another_storey_and_windows_into_another_wall) {
    drive::click_sheet(*window, {1, 4});
    key(Qt::Key_C, Qt::ControlModifier);
    drive::click(*window, "new-storey");
    ASSERT_EQ(window->document().storey_index(), 1u);
    key(Qt::Key_V, Qt::ControlModifier);
    ASSERT_EQ(option().storeys[1].rooms.size(), 1u);
    EXPECT_EQ(option().storeys[1].rooms[0].openings.size(), 1u);
    EXPECT_NE(option().storeys[1].rooms[0].id, "room");
    EXPECT_EQ(option().planes.size(), 3u) << "its plane came along";

    key(Qt::Key_PageDown);
    ASSERT_EQ(window->document().storey_index(), 0u);
    drive::click_sheet(*window, {2, -0.15});
    key(Qt::Key_C, Qt::ControlModifier);
    drive::click_sheet(*window, {2, 6});
    ASSERT_EQ(window->document().selection().kind, Selection::Kind::wall);
    key(Qt::Key_V, Qt::ControlModifier);
    ASSERT_EQ(storey().rooms[0].openings.size(), 2u);
    EXPECT_EQ(storey().rooms[0].openings[1].edge, 2);
}

TEST_F(Tools, what_is_on_the_clipboard_but_not_ours_changes_nothing) {
    QApplication::clipboard()->setText(QStringLiteral("{\"warmpane\": 1, \"name\": 5}"));
    const Project before = window->document().project();
    key(Qt::Key_V, Qt::ControlModifier);
    EXPECT_EQ(window->document().project(), before);
}

TEST_F(Tools, the_palette_finds_things_and_commands) {
    key(Qt::Key_Space, Qt::ControlModifier);
    auto* list = window->findChild<QListWidget*>(QStringLiteral("palette-list"));
    ASSERT_NE(list, nullptr);
    type("W-02");
    EXPECT_TRUE(list->item(0)->text().contains(QStringLiteral("opening")));
    press(Qt::Key_Return);
    EXPECT_EQ(window->document().selection().id, "W-02");
    QTest::qWait(30);
    key(Qt::Key_Space, Qt::ControlModifier);
    type("mirr left");
    press(Qt::Key_Return);
    EXPECT_TRUE(window->document().undo_stack().undoText().contains(QStringLiteral("Mirror")) ||
                window->document().undo_stack().count() == 0);
}

TEST_F(Tools, the_palette_knows_the_trades_other_words_and_offers_the_nearest) {
    const auto found = [&](const char* typed) {
        key(Qt::Key_Space, Qt::ControlModifier);
        type(typed);
        auto* list = window->findChild<QListWidget*>(QStringLiteral("palette-list"));
        auto* none = window->findChild<QLabel*>(QStringLiteral("palette-none"));
        QStringList out{none->isVisible() ? none->text() : QString()};
        for (int i = 0; i < list->count(); ++i) out << list->item(i)->text();
        press(Qt::Key_Escape);
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        return out;
    };
    for (const auto& [typed, what] : {std::pair{"louvres", "Shading of the selected window"},
                                      {"north", "Site desk"},
                                      {"certificate", "Certify desk"},
                                      {"skylight", "Place rooflight"},
                                      {"autonomy", "daylight autonomy"},
                                      {"Materials", "page"}}) {
        const QStringList all = found(typed);
        EXPECT_TRUE(all[0].isEmpty()) << typed;
        EXPECT_GE(all.filter(QString::fromLatin1(what), Qt::CaseInsensitive).size(), 1)
            << typed << ": " << all.join(QStringLiteral(" | ")).toStdString();
    }
    const QStringList near = found("sectoin");
    EXPECT_TRUE(near[0].contains(QStringLiteral("sectoin"))) << "what is not there is said";
    EXPECT_EQ(near.size(), 6);
    EXPECT_TRUE(near.join(QLatin1Char(' ')).contains(QStringLiteral("Cut section")))
        << near.join(QStringLiteral(" | ")).toStdString();
}

TEST_F(Tools, the_window_tool_takes_hold_of_a_window_that_is_there_and_never_covers_one) {
    const auto openings = [&] { return storey().rooms[0].openings; };
    const auto first = openings()[0];
    const Vec2 middle{first.along + first.width / 2, 0};
    key(Qt::Key_W);
    drive::drag(*window, middle, {middle.x + 0.4, 0});
    ASSERT_EQ(openings().size(), 1u) << "it was moved, no second one placed";
    EXPECT_NEAR(openings()[0].along, first.along + 0.4, 0.06);
    EXPECT_EQ(window->sheet().tool_in_hand().traits().name, std::string("Window"));
    // Where one would half cover another it comes beside it; the wall is full after that.
    window->document().edit_option(QStringLiteral("Narrow"), [](Option& o) {
        o.storeys[0].rooms[0].openings[0].along = 0.5;
        o.storeys[0].rooms[0].openings[0].width = 1.4;
    });
    drive::click_sheet(*window, {2.05, -0.02});
    ASSERT_EQ(openings().size(), 2u);
    EXPECT_GE(openings()[1].along, 0.5 + 1.4);
    drive::click_sheet(*window, {0.25, -0.02});
    EXPECT_EQ(openings().size(), 2u) << "no room left: refused";
}

TEST_F(Tools, a_second_press_of_fit_takes_in_the_surroundings) {
    window->document().edit_option(QStringLiteral("Neighbour"), [](Option& o) {
        Block block;
        block.id = "far";
        block.footprint = {{-60, 20}, {-40, 20}, {-40, 30}, {-60, 30}};
        block.height = 10;
        o.blocks.push_back(block);
    });
    window->sheet().fit();
    const double rooms = window->sheet().view().scale;
    key(Qt::Key_F);
    EXPECT_LT(window->sheet().view().scale, 0.5 * rooms);
    key(Qt::Key_F);
    EXPECT_DOUBLE_EQ(window->sheet().view().scale, rooms) << "and back";
}

TEST_F(Tools, the_inspector_stays_where_it_was_and_shows_the_layer_that_was_just_added) {
    window->document().select({Selection::Kind::opening, storey().rooms[0].openings[0].id, -1});
    auto& inspector = window->part<Inspector>();
    inspector.verticalScrollBar()->setValue(inspector.verticalScrollBar()->maximum());
    const int at = inspector.verticalScrollBar()->value();
    ASSERT_GT(at, 0);
    window->document().edit_option(QStringLiteral("Wider"),
                                   [](Option& o) { o.storeys[0].rooms[0].openings[0].width += 0.1; });
    QTest::qWait(400);
    EXPECT_NEAR(inspector.verticalScrollBar()->value(), at, 2);
    auto* add = inspector.findChild<QToolButton*>(QStringLiteral("add-shading"));
    ASSERT_NE(add, nullptr);
    add->menu()->actions().front()->trigger();
    QTest::qWait(100);
    auto* layer = inspector.findChild<QWidget*>(QStringLiteral("layer-1"));
    ASSERT_NE(layer, nullptr);
    EXPECT_TRUE(inspector.viewport()->rect().contains(layer->mapTo(inspector.viewport(), layer->rect().center())));
}

TEST_F(Tools, a_near_miss_is_shown_and_mended_by_a_click) {
    window->document().edit_option(QStringLiteral("Slip"),
                                   [](Option& o) { o.storeys[0].rooms[1].footprint[0].x += 0.03; });
    ASSERT_EQ(drive::faults(*window).size(), 1u);
    EXPECT_TRUE(drive::widget(*window, "faults")->isVisible());
    drive::click(*window, "faults");
    QTest::qWait(50);
    drive::click(*window, "mend-fault-1");
    EXPECT_TRUE(drive::faults(*window).empty());
    EXPECT_FALSE(drive::widget(*window, "faults")->isVisible());
}

TEST_F(Tools, windows_are_moved_and_sized_in_elevation) {
    drive::click_sheet(*window, {2, -0.15});
    drive::click(*window, "companion-wall");
    WallView& wall = window->part<WallView>();
    QTest::qWait(80);
    wall.grab();
    // From inside, the window of 1 to 3 m on a wall of 4 m lies at 1 to 3 again; its sill is 1 m, its head 2.5 m.
    const auto at = [&](double x, double z) { return wall.to_screen({x, z}).toPoint(); };
    const auto drag = [&](QPoint from, QPoint to) {
        QTest::mousePress(&wall, Qt::LeftButton, {}, from);
        QTest::mouseMove(&wall, (from + to) / 2);
        QTest::mouseMove(&wall, to);
        QTest::mouseRelease(&wall, Qt::LeftButton, {}, to);
        QTest::qWait(30);
    };
    drag(at(2, 1.75), at(2, 1.25));
    EXPECT_NEAR(storey().rooms[0].openings[0].sill, 0.5, 0.051);
    EXPECT_NEAR(storey().rooms[0].openings[0].height, 1.5, 1e-6);
    const double sill = storey().rooms[0].openings[0].sill;
    drag(at(2, sill + 1.5), at(2, sill + 2));
    EXPECT_NEAR(storey().rooms[0].openings[0].height, 2, 0.051);
    EXPECT_NEAR(storey().rooms[0].openings[0].sill, sill, 1e-6);
    // With Ctrl a copy is drawn out beside it.
    QTest::mousePress(&wall, Qt::LeftButton, Qt::ControlModifier, at(2, 1.2));
    QTest::mouseMove(&wall, at(2.5, 1.2));
    QTest::mouseMove(&wall, at(3, 1.2));
    QTest::mouseRelease(&wall, Qt::LeftButton, Qt::ControlModifier, at(3, 1.2));
    ASSERT_EQ(storey().rooms[0].openings.size(), 2u);
    EXPECT_LT(storey().rooms[0].openings[1].along, storey().rooms[0].openings[0].along)
        << "to the right from inside is back along the wall";
    drive::click(*window, "wall-side");
    EXPECT_TRUE(wall.outside());
}

TEST_F(Tools, a_section_is_cut_where_two_points_are_clicked) {
    key(Qt::Key_C);
    drive::click_sheet(*window, {2, -0.6});
    drive::click_sheet(*window, {2, 6.6});
    ASSERT_TRUE(window->part<SectionView>().has_line());
    EXPECT_TRUE(window->part<SectionView>().isVisible());
    EXPECT_EQ(window->sheet().tool_in_hand().traits().name, std::string("Select"));
}

TEST_F(Tools, a_room_is_split_and_joined_again) {
    key(Qt::Key_X);
    drive::click_sheet(*window, {0, 3});
    drive::click_sheet(*window, {4, 3});
    ASSERT_EQ(storey().rooms.size(), 3u);
    EXPECT_NEAR(geometry::signed_area(storey().rooms[0].footprint), 12, 1e-6);
    drive::click_sheet(*window, {2, 1.5});
    shift_click({2, 4.5});
    key(Qt::Key_J);
    ASSERT_EQ(storey().rooms.size(), 2u);
    EXPECT_TRUE(drive::faults(*window).empty());
}

TEST_F(Tools, partitions_dimensions_and_measures_are_placed) {
    key(Qt::Key_P);
    drive::click_sheet(*window, {1, 3});
    drive::click_sheet(*window, {3, 3});
    ASSERT_EQ(storey().partitions.size(), 1u);
    EXPECT_NEAR(length(storey().partitions[0].to - storey().partitions[0].from), 2, 1e-9);
    key(Qt::Key_N);
    drive::click_sheet(*window, {0, 0});
    drive::click_sheet(*window, {8, 0});
    drive::click_sheet(*window, {4, -0.6});
    ASSERT_EQ(storey().dimensions.size(), 1u);
    EXPECT_LT(storey().dimensions[0].offset, 0);
    const int steps = window->document().undo_stack().count();
    key(Qt::Key_M);
    drive::click_sheet(*window, {0, 0});
    drive::click_sheet(*window, {4, 6});
    key(Qt::Key_Escape);
    key(Qt::Key_Escape);
    EXPECT_EQ(window->sheet().tool_in_hand().traits().name, std::string("Select"));
    EXPECT_EQ(window->document().undo_stack().count(), steps) << "measuring changes nothing";
}

TEST_F(Tools, things_are_renamed_and_dragged_in_the_outline) {
    auto* tree = static_cast<QTreeWidget*>(drive::widget(*window, "building"));
    QTreeWidgetItem* room = tree->topLevelItem(0)->child(0);
    room->setText(0, QStringLiteral("Studio"));  // what the editor of the row does
    EXPECT_EQ(storey().rooms[0].name, "Studio");
    tree = static_cast<QTreeWidget*>(drive::widget(*window, "building"));
    QTest::mouseClick(tree->viewport(), Qt::LeftButton, {},
                      tree->visualItemRect(tree->topLevelItem(0)->child(1)).center());
    EXPECT_EQ(window->document().selection().id, "other");
}

TEST_F(Tools, a_right_click_offers_what_can_be_done) {
    QTest::mouseClick(&window->sheet(), Qt::RightButton, {}, drive::on_sheet(*window, {1, 4}));
    auto* menu = window->findChild<QMenu*>(QStringLiteral("item-menu"));
    ASSERT_NE(menu, nullptr);
    QStringList words;
    for (const QAction* action : menu->actions()) words << action->text();
    EXPECT_TRUE(words.contains(QStringLiteral("Delete")));
    EXPECT_TRUE(words.contains(QStringLiteral("Mirror left to right")));
    menu->close();
    EXPECT_EQ(window->document().selection().id, "room");
}

TEST_F(Tools, arrows_nudge_and_turning_keeps_the_middle) {
    drive::click_sheet(*window, {6, 3});
    key(Qt::Key_Up);
    EXPECT_NEAR(storey().rooms[1].footprint[0].y, 0.1, 1e-9);
    key(Qt::Key_Left, Qt::ControlModifier);
    const auto& ring = storey().rooms[1].footprint;
    EXPECT_NEAR((ring[0] + ring[2]).x / 2, 6, 1e-9);
    EXPECT_NEAR(geometry::signed_area(ring), 24, 1e-9);
}

TEST_F(Tools, a_drawing_is_laid_under_and_scaled_by_a_known_distance) {
    QImage picture(400, 200, QImage::Format_RGB32);
    picture.fill(Qt::white);
    ASSERT_TRUE(picture.save(QString::fromStdString((folder / "plan.png").string())));
    window->part<UnderlayOnSheet>().lay(QString::fromStdString((folder / "plan.png").string()));
    EXPECT_EQ(storey().underlay.file, "plan.png") << "kept relative to the project";
    ASSERT_EQ(window->sheet().tool_in_hand().traits().name, std::string("Scale underlay"));
    drive::click_sheet(*window, {0, 0});
    drive::click_sheet(*window, {4, 0});
    type("8");
    press(Qt::Key_Return);
    EXPECT_NEAR(storey().underlay.width, 40, 1e-6);
}

TEST_F(Tools, a_page_of_a_pdf_is_read_and_a_damaged_file_is_refused) {
    const std::string path = (folder / "plan.pdf").string();
    {
        QPdfWriter writer(QString::fromStdString(path));
        QPainter painter(&writer);
        painter.drawLine(0, 0, 500, 500);
        writer.newPage();
        painter.drawLine(0, 0, 500, 0);
    }
    EXPECT_TRUE(read_underlay(path, 1));
    EXPECT_TRUE(read_underlay(path, 2));
    EXPECT_NE(read_underlay(path, 3).fault().what.find("no page 3"), std::string::npos);
    ASSERT_FALSE(write_file(folder / "bad.pdf", "%PDF-1.4 nonsense"));
    EXPECT_FALSE(read_underlay(folder / "bad.pdf", 1));
    ASSERT_FALSE(write_file(folder / "bad.png", "no picture"));
    EXPECT_FALSE(read_underlay(folder / "bad.png", 1));
    EXPECT_FALSE(read_underlay(folder / "nothing.png", 1));
}

TEST_F(Tools, hiding_and_isolating_leave_things_out_of_the_model) {
    const auto drawn = [&] { return drive::wait_until([&] { return window->part<ModelView>().is_current(); }, 5000); };
    ASSERT_TRUE(drawn());
    const size_t all = window->part<ModelView>().triangles_shown();
    ASSERT_GT(all, 0u);
    drive::click_sheet(*window, {6, 3});
    window->part<ModelView>().hide_items(window->document().selected());
    ASSERT_TRUE(drawn());
    const size_t less = window->part<ModelView>().triangles_shown();
    EXPECT_LT(less, all);
    window->part<ModelView>().show_everything();
    window->part<ModelView>().show_only(window->document().selected());
    ASSERT_TRUE(drawn());
    EXPECT_LT(window->part<ModelView>().triangles_shown(), all);
    window->part<ModelView>().show_everything();
    window->part<ModelView>().box_around(window->document().selected());
    EXPECT_TRUE(window->part<ModelView>().has_box());
    ASSERT_TRUE(drawn());
}

TEST_F(Tools, the_sun_falls_on_the_sheet_and_moves_with_the_clock) {
    key(Qt::Key_U);
    window->document().show_moment({6, 21, 12});
    const auto look = [&] { return window->sheet().grab().toImage(); };
    const QImage noon = look();
    ASSERT_TRUE(drive::wait_until([&] { return look() != noon; }, 10000)) << "no sun on the sheet";
    QTest::qWait(300);
    const QImage settled = look();
    window->document().show_moment({12, 21, 9.5});
    EXPECT_TRUE(drive::wait_until([&] { return look() != settled; }, 10000));
}

TEST_F(Tools, unsaved_work_is_kept_and_can_be_taken_up_again) {
    store::Recovery kept(folder / "unsaved");
    window->document().edit_option(QStringLiteral("Work"), [](Option& o) { o.storeys[0].rooms[0].name = "Unsaved"; });
    ASSERT_FALSE(kept.keep(window->document().project(), window->document().path()));
    Window other;
    const auto project = store::read_leftover(
        {folder / "unsaved" / std::filesystem::directory_iterator(folder / "unsaved")->path().filename(), {}, {}});
    ASSERT_TRUE(project) << project.fault().line();
    other.document().restore(*project, window->document().path());
    EXPECT_EQ(other.document().option().storeys[0].rooms[0].name, "Unsaved");
    EXPECT_TRUE(other.document().is_changed()) << "it still has to be saved";
    EXPECT_EQ(other.document().path(), window->document().path());
}

namespace {

// Answers the next dialog that opens: fills its lines in their order and accepts.
void answer_dialog(std::initializer_list<const char*> lines) {
    std::vector<std::string> texts(lines.begin(), lines.end());
    auto* timer = new QTimer(qApp);
    QObject::connect(timer, &QTimer::timeout, timer, [timer, texts] {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (dialog == nullptr) return;
        timer->deleteLater();
        const auto fields = dialog->findChildren<QLineEdit*>();
        for (qsizetype i = 0; i < fields.size() && static_cast<size_t>(i) < texts.size(); ++i) {
            fields[i]->setFocus();
            fields[i]->selectAll();
            QTest::keyClicks(fields[i], QString::fromStdString(texts[static_cast<size_t>(i)]));
            emit fields[i]->editingFinished();  // what leaving the field does, also where no window manager gives focus
        }
        QTest::keyClick(fields.isEmpty() ? static_cast<QWidget*>(dialog) : fields.last(), Qt::Key_Return);
        if (dialog->isVisible()) dialog->accept();
    });
    timer->start(50);
}

}  // namespace

TEST_F(Tools, a_row_of_copies_is_made_in_one_step) {
    drive::click_sheet(*window, {6, 4});
    answer_dialog({"2", "4", "0"});
    key(Qt::Key_R, Qt::ControlModifier);
    EXPECT_EQ(storey().rooms.size(), 4u);
    EXPECT_NEAR(storey().rooms[3].footprint[0].x, 12, 1e-6);
    window->document().undo_stack().undo();
    EXPECT_EQ(storey().rooms.size(), 2u);
}

TEST_F(Tools, views_are_kept_by_name_in_the_project_and_shown_again) {
    drive::click(*window, "companion-wall");
    window->part<WallView>().show_wall("other", 1, true);
    answer_dialog({"East facade"});
    window->part<NamedViews>().keep();
    ASSERT_EQ(option().views.size(), 1u);
    EXPECT_EQ(option().views[0].name, "East facade");
    EXPECT_EQ(option().views[0].kind, View::Kind::elevation);
    drive::click(*window, "companion-model");
    window->part<WallView>().show_wall("room", 0, false);
    window->part<NamedViews>().show(option().views[0]);
    EXPECT_TRUE(window->part<WallView>().isVisible());
    EXPECT_EQ(window->part<WallView>().room(), "other");
    EXPECT_TRUE(window->part<WallView>().outside());
}

TEST_F(Tools, storeys_are_added_changed_and_taken_away) {
    drive::click(*window, "copy-storey");
    ASSERT_EQ(option().storeys.size(), 2u);
    EXPECT_EQ(window->document().selection().kind, Selection::Kind::storey);
    drive::type_into(drive::widget(*window, "field-level"), "4");
    EXPECT_EQ(option().storeys[1].level, 4);
    drive::type_into(drive::widget(*window, "field-clear-height"), "2.5");
    EXPECT_EQ(option().storeys[1].rooms[0].height, 2.5);
    EXPECT_EQ(option().storeys[0].rooms[0].height, 3) << "the other storey keeps its own";
    key(Qt::Key_Delete);
    EXPECT_EQ(option().storeys.size(), 1u);
    EXPECT_EQ(storey().rooms.size(), 2u);
}

TEST_F(Tools, snaps_can_be_switched_off_from_their_menu) {
    EXPECT_TRUE(window->sheet().snaps().ends);
    for (QAction* action : window->actions())
        if (action->text() == QStringLiteral("Snap to corners")) action->trigger();
    EXPECT_FALSE(window->sheet().snaps().ends);
}

TEST_F(Tools, openings_are_set_in_rows_and_shares_from_the_inspector) {
    drive::click_sheet(*window, {2, -0.15});
    drive::type_into(drive::widget(*window, "field-width"), "0.6");
    drive::type_into(drive::widget(*window, "field-row,-apart"), "0.3");
    EXPECT_EQ(storey().rooms[0].openings.size(), 4u);
    drive::click(*window, "full-height");
    EXPECT_NEAR(storey().rooms[0].openings[0].height, 3, 1e-6);
    window->document().undo_stack().undo();
    EXPECT_LT(storey().rooms[0].openings[0].height, 2);
}
