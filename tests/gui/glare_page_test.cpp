// SPDX-License-Identifier: GPL-3.0-or-later
// Which ways seats can face, by hand: arcs on the sheet, heads turned, directions looked into.
#include "gui/glare/glare_page.h"

#include <gtest/gtest.h>

#include <cmath>

#include "asked_room.h"
#include "base/file.h"
#include "climate/epw.h"
#include "gui/companion/eye_view.h"
#include "gui/drive.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;

namespace {

class GlareUse : public ::testing::Test {
 protected:
    void SetUp() override {
        ASSERT_FALSE(store::save_project(test::asked_room(0.06), folder / "p.warmpane"));
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather())));
        window = std::make_unique<Window>();
        ASSERT_FALSE(window->open(folder / "p.warmpane"));
        drive::show(*window);
        ASSERT_TRUE(drive::read_weather(*window));
        // The low sun of a winter noon comes in by the window in the south.
        window->document().show_moment({12, 21, 12});
        drive::key(*window, Qt::Key_G, Qt::ControlModifier | Qt::ShiftModifier);
        page = &window->part<GlarePage>();
        ASSERT_TRUE(page->isVisible());
        ASSERT_TRUE(settled());
    }
    bool settled() {
        return drive::wait_until([&] {
            return !page->seats().found().empty() && !page->seats().is_working() && !page->arcs().empty() &&
                   page->arcs().front().has_value();
        });
    }
    QTableWidget& table() { return *static_cast<QTableWidget*>(drive::widget(*window, "glare-seats")); }
    const model::Observer& observer() { return window->document().option().observers[0]; }
    test::Folder folder;
    std::unique_ptr<Window> window;
    GlarePage* page = nullptr;
};

TEST_F(GlareUse, an_arc_runs_away_from_the_window_and_says_so) {
    ASSERT_EQ(window->sheet().seats().size(), 1u);
    const auto& seat = window->sheet().seats()[0];
    ASSERT_TRUE(seat.arc && seat.arc->worst);
    EXPECT_FALSE(seat.arc->is_clear(180)) << "into the sun";
    EXPECT_TRUE(seat.arc->is_clear(0)) << "away from it";
    EXPECT_LT(std::fabs(std::remainder(seat.arc->worst_heading - 180, 360)), 60);
    EXPECT_TRUE(seat.words.contains(QStringLiteral("clear from"))) << seat.words.toStdString();
    EXPECT_EQ(table().rowCount(), 1);
    // Another class moves the arc, without a ray.
    const double before = seat.arc->clear;
    auto* limit = static_cast<QComboBox*>(drive::widget(*window, "glare-limit"));
    limit->setCurrentIndex(0);
    EXPECT_LE(page->arcs()[0]->clear, before);
    auto* index = static_cast<QComboBox*>(drive::widget(*window, "glare-index"));
    index->setCurrentIndex(3);
    ASSERT_TRUE(page->arcs()[0]);
    EXPECT_FALSE(page->arcs()[0]->is_clear(180)) << "by UGR too";
}

TEST_F(GlareUse, a_direction_is_clicked_for_its_picture_and_rings_turn_all_heads) {
    const QPoint middle = drive::on_sheet(*window, {observer().eye.x, observer().eye.y});
    QTest::mouseClick(&window->sheet(), Qt::LeftButton, {}, middle + QPoint(27, 0));
    EXPECT_TRUE(drive::wait_until([&] {
        const auto seen = window->answers().glare(window->document().option().id);
        return seen != nullptr && std::fabs(seen->observer.heading - 90) < 1e-9;
    })) << "towards the right of the sheet";
    EXPECT_TRUE(window->part<EyeView>().isVisible());
    const double heading = observer().heading;
    QTest::mousePress(&window->sheet(), Qt::LeftButton, {}, middle + QPoint(0, -27));
    for (const double turn : {10, 20, 30, 45, 60})
        QTest::mouseMove(&window->sheet(), middle + QPoint(static_cast<int>(27 * std::sin(radians(turn))),
                                                           static_cast<int>(-27 * std::cos(radians(turn)))));
    QTest::mouseRelease(&window->sheet(), Qt::LeftButton, {}, middle + QPoint(23, -13));
    EXPECT_NEAR(std::remainder(observer().heading - heading - 60, 360), 0, 4);
    window->document().undo_stack().undo();
    EXPECT_EQ(observer().heading, heading) << "one step";
    EXPECT_TRUE(settled());
}

TEST_F(GlareUse, a_seat_is_turned_into_its_widest_arc_with_its_table) {
    const auto arc = *page->arcs()[0];
    ASSERT_FALSE(arc.spans.empty());
    const Vec2 eye{observer().eye.x, observer().eye.y};
    const double heading = observer().heading;
    window->document().edit_option(QStringLiteral("Table"), [&](model::Option& o) {
        auto table = model::usual(model::Thing::Kind::table);
        table.id = "T";
        table.storey = o.storeys[0].id;
        // Before the eye, as it looks now.
        table.at = eye + Vec2{std::sin(radians(heading)), std::cos(radians(heading))} * 0.7;
        table.turn = -heading;
        o.things.push_back(table);
    });
    ASSERT_TRUE(settled());
    const double middle = page->arcs()[0]->spans.front().middle();
    drive::click(*window, "glare-turn");
    EXPECT_NEAR(std::remainder(observer().heading - middle, 360), 0, 0.6);
    const auto* table = model::find(window->document().option().things, "T");
    const Vec2 off = table->at - eye;
    EXPECT_NEAR(length(off), 0.7, 1e-6);
    EXPECT_NEAR(std::remainder(degrees(std::atan2(off.x, off.y)) - observer().heading, 360), 0, 1e-6)
        << "it stands before the eye as before";
}

TEST_F(GlareUse, places_all_over_the_room_are_found_one_after_the_other_and_go_with_the_page) {
    static_cast<QComboBox*>(drive::widget(*window, "glare-places"))->setCurrentIndex(1);
    ASSERT_TRUE(drive::wait_until([&] { return page->seats().found().size() > 4; }));
    ASSERT_TRUE(settled());
    EXPECT_EQ(table().rowCount(), static_cast<int>(page->seats().found().size()));
    for (const auto& arc : page->arcs()) EXPECT_TRUE(arc.has_value());
    window->show_desk(DeskKind::build);
    EXPECT_TRUE(window->sheet().seats().empty());
    EXPECT_FALSE(page->seats().is_working());
}

TEST_F(GlareUse, of_several_seats_the_worst_of_the_year_is_chosen_first) {
    window->document().edit_option(QStringLiteral("By the window"), [](model::Option& o) {
        auto near = o.observers[0];
        near.id = "near";
        o.observers[0].eye.y += 1.5;  // away from the window in the south
        o.observers.push_back(near);
    });
    static_cast<QComboBox*>(drive::widget(*window, "glare-when"))->setCurrentIndex(1);
    drive::click(*window, "glare-run");
    ASSERT_TRUE(drive::wait_until([&] { return page->year().seats().size() == 2; }, 120000));
    ASSERT_EQ(page->arcs().size(), 2u);
    ASSERT_GT(*page->arcs()[1]->worst, *page->arcs()[0]->worst) << "the one by the window, which is listed last";
    EXPECT_EQ(table().currentRow(), 1);
}

TEST_F(GlareUse, over_the_year_an_arc_runs_where_glare_is_rare_and_the_worst_hours_are_looked_into) {
    static_cast<QComboBox*>(drive::widget(*window, "glare-when"))->setCurrentIndex(1);
    EXPECT_TRUE(page->arcs().empty());
    drive::click(*window, "glare-run");
    ASSERT_TRUE(drive::wait_until([&] { return !page->year().seats().empty(); }, 120000));
    ASSERT_EQ(page->arcs().size(), 1u);
    ASSERT_TRUE(page->arcs()[0]->worst);
    EXPECT_LT(std::fabs(std::remainder(page->arcs()[0]->worst_heading - 180, 360)), 90) << "towards the window";
    auto& hours = *static_cast<QTableWidget*>(drive::widget(*window, "glare-hours"));
    ASSERT_GT(hours.rowCount(), 3);
    EXPECT_GE(hours.item(0, 1)->text().toDouble(), hours.item(1, 1)->text().toDouble());
    // In one month alone.
    auto* month = static_cast<QComboBox*>(drive::widget(*window, "glare-month"));
    month->setCurrentIndex(2);
    ASSERT_GT(hours.rowCount(), 0);
    for (int row = 0; row < hours.rowCount(); ++row)
        EXPECT_TRUE(hours.item(row, 0)->text().contains(QStringLiteral("Feb")))
            << hours.item(row, 0)->text().toStdString();
    month->setCurrentIndex(0);
    ASSERT_GT(hours.rowCount(), 3);
    const auto before = window->document().moment();
    QTest::mouseClick(hours.viewport(), Qt::LeftButton, {}, hours.visualItemRect(hours.item(1, 0)).center());
    EXPECT_FALSE(window->document().moment() == before) << "the clock goes to the hour";
    EXPECT_TRUE(window->part<EyeView>().isVisible());
    auto* strip = static_cast<QToolButton*>(drive::widget(*window, "strip-of"));
    EXPECT_TRUE(strip->text().startsWith(QStringLiteral("DGP"))) << strip->text().toStdString();
    window->show_desk(DeskKind::build);
    EXPECT_FALSE(strip->text().startsWith(QStringLiteral("DGP"))) << "it goes with the page";
}

}  // namespace
