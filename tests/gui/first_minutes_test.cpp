// SPDX-License-Identifier: GPL-3.0-or-later
// A new project is no dead end: weather is made up until there is a file, and says so wherever a figure of it shows.
#include <gtest/gtest.h>

#include <QLabel>
#include <QListWidget>
#include <QPushButton>

#include "base/file.h"
#include "climate/epw.h"
#include "figure/year_points.h"
#include "gui/drive.h"
#include "gui/site/site_panel.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;

TEST(FirstMinutes, from_an_empty_sheet_to_a_verdict_that_says_it_is_for_trying_out) {
    const test::Folder folder;
    Window window;
    drive::show(window);
    drive::click(window, "tool-room");
    drive::drag(window, {0, 0}, {4, 3});
    drive::click(window, "tool-window");
    drive::click_sheet(window, {2, 0});
    window.document().edit(QStringLiteral("Coarse"), [](model::Project& p) {
        for (auto& q : p.questions) q.accuracy = 0.3;
        for (auto& plane : p.options[0].planes) plane.spacing = 1;
    });
    ASSERT_TRUE(drive::settle(window));
    EXPECT_FALSE(window.sheet().map().name.contains(QStringLiteral("made-up")))
        << "the daylight factor needs no weather";
    drive::click(window, "desk-light");
    window.desktop().show(figure::daylight_autonomy());
    drive::key(window, Qt::Key_Y);
    const auto id = window.document().option().id;
    ASSERT_TRUE(drive::wait_until([&] { return window.answers().year_reading(id) != nullptr; }, 120000))
        << "the year runs without a weather file";
    ASSERT_TRUE(drive::wait_until([&] { return !window.sheet().map().layers.empty(); }));
    EXPECT_TRUE(window.sheet().map().name.contains(QStringLiteral("made-up weather")))
        << window.sheet().map().name.toStdString();
    drive::click(window, "desk-certify");
    auto* words = window.findChild<QLabel*>(QStringLiteral("certify-summary"));
    ASSERT_NE(words, nullptr);
    ASSERT_TRUE(drive::wait_until([&] { return words->text().contains(QStringLiteral("not for a certificate")); }))
        << words->text().toStdString();

    ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather(50, 3))));
    window.findChild<SitePanel*>()->use_weather(folder / "year.epw");
    ASSERT_TRUE(drive::wait_until([&] { return !window.document().has_made_up_weather(); }));
    ASSERT_TRUE(drive::read_weather(window));
    EXPECT_FALSE(window.document().has_made_up_weather()) << "a chosen file takes its place";
    ASSERT_TRUE(drive::wait_until([&] { return !words->text().contains(QStringLiteral("not for a certificate")); }));
    window.document().undo_stack().setClean();
}

TEST(FirstMinutes, the_view_moves_only_when_somebody_moves_it) {
    Window window;
    drive::show(window);
    drive::click(window, "tool-room");
    drive::drag(window, {0, 0}, {4, 3});
    ASSERT_TRUE(drive::settle(window));
    const auto before = window.sheet().view();
    const QPointF middle = QRectF(window.sheet().rect()).center();
    const Vec2 seen = before.to_model(middle);
    window.resize(window.width() - 60, window.height() - 40);
    ASSERT_TRUE(drive::wait_until([&] { return window.sheet().view().origin != before.origin; }));
    const auto after = window.sheet().view();
    EXPECT_EQ(after.scale, before.scale) << "nobody zoomed";
    const Vec2 now = after.to_model(QRectF(window.sheet().rect()).center());
    EXPECT_NEAR(now.x, seen.x, 0.02);
    EXPECT_NEAR(now.y, seen.y, 0.02) << "what was in the middle is in the middle";
    // Two maps side by side have the sheet's place for a while.
    drive::click(window, "desk-light");
    QTest::qWait(100);  // its sheet is wider
    const auto alone = window.sheet().view();
    drive::key(window, Qt::Key_Z);
    ASSERT_TRUE(drive::wait_until([&] { return !window.sheet().isVisible(); }));
    drive::click(window, "pair-close");
    ASSERT_TRUE(drive::wait_until([&] { return window.sheet().isVisible(); }));
    QTest::qWait(50);
    EXPECT_EQ(window.sheet().view().scale, alone.scale);
    EXPECT_NEAR(window.sheet().view().origin.x(), alone.origin.x(), 1);
    EXPECT_NEAR(window.sheet().view().origin.y(), alone.origin.y(), 1) << "it comes back as it was";
    window.document().undo_stack().setClean();
}

TEST(FirstMinutes, holding_space_shows_the_map_before_the_last_edit_on_the_same_colours) {
    Window window;
    drive::show(window);
    drive::click(window, "tool-room");
    drive::drag(window, {0, 0}, {4, 3});
    drive::click(window, "tool-window");
    drive::click_sheet(window, {2, 0});
    QTest::keyClick(&window.sheet(), Qt::Key_Escape);
    ASSERT_TRUE(drive::settle(window));
    const auto light = [&] {
        double sum = 0;
        for (const double v : window.sheet().map().layers.at(0).value) sum += v;
        return sum;
    };
    const double before = light();
    const auto scale = window.sheet().map().scale;
    window.document().edit_option(QStringLiteral("Small"),
                                  [](model::Option& o) { o.storeys[0].rooms[0].openings[0].width = 0.3; });
    ASSERT_TRUE(drive::settle(window));
    EXPECT_LT(light(), 0.5 * before);
    EXPECT_EQ(window.sheet().map().scale.top, scale.top) << "darker looks darker";
    window.sheet().setFocus();
    QTest::keyPress(&window.sheet(), Qt::Key_Space);
    EXPECT_NEAR(light(), before, 1e-9);
    EXPECT_EQ(window.sheet().map().scale.top, scale.top);
    QTest::keyRelease(&window.sheet(), Qt::Key_Space);
    EXPECT_LT(light(), 0.5 * before);
    window.document().undo_stack().setClean();
}

TEST(FirstMinutes, any_figure_is_found_by_a_word_and_says_what_it_still_needs) {
    Window window;
    drive::show(window);
    drive::click(window, "desk-light");
    drive::click(window, "shown");
    auto* list = static_cast<QListWidget*>(drive::widget(window, "figure-list"));
    auto* search = drive::widget(window, "figure-search");
    QStringList heads, needs;
    for (int i = 0; i < list->count(); ++i) {
        const auto* item = list->item(i);
        if (!item->data(Qt::UserRole + 3).isValid()) heads << item->text();
        if (item->data(Qt::UserRole + 3).isValid()) {
            EXPECT_FALSE(item->data(Qt::UserRole + 1).toString().isEmpty()) << item->text().toStdString();
            needs << item->data(Qt::UserRole + 2).toString();
        }
    }
    EXPECT_TRUE(heads.contains(QStringLiteral("The year")));
    EXPECT_TRUE(needs.contains(QStringLiteral("run the year first")));
    QTest::keyClicks(search, QStringLiteral("autonomy continuous"));
    ASSERT_GE(list->count(), 2) << "a head and what has both words";
    QTest::keyClick(search, Qt::Key_Return);
    EXPECT_TRUE(is_year(window.desktop().shown()));
    drive::click(window, "shown");
    EXPECT_EQ(list->item(0)->text(), QStringLiteral("Looked at last"));
    QTest::keyClicks(search, QStringLiteral("zebra"));
    EXPECT_EQ(list->item(0)->text(), QStringLiteral("No figure is called that"));
    QTest::keyClick(search, Qt::Key_Escape);
}

TEST(FirstMinutes, a_project_without_weather_is_offered_a_made_up_year) {
    Window window;
    drive::show(window);
    window.document().edit(QStringLiteral("None"), [](model::Project& p) { p.site.made_up_weather = false; });
    ASSERT_TRUE(drive::read_weather(window));
    EXPECT_EQ(window.document().weather(), nullptr);
    drive::click(window, "desk-site");
    drive::click(window, "make-up-weather");
    ASSERT_TRUE(drive::read_weather(window));
    ASSERT_NE(window.document().weather(), nullptr);
    EXPECT_TRUE(window.document().has_made_up_weather());
    EXPECT_FALSE(drive::widget(window, "make-up-weather")->isVisible()) << "it is offered no more";
    window.document().undo_stack().setClean();
}
