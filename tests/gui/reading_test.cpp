// SPDX-License-Identifier: GPL-3.0-or-later
// Light as a person reads it: legend, values, means, readings, profiles, reasons, two maps at once.
#include <QClipboard>
#include <QTableWidget>
#include <QToolButton>
#include <QTreeWidget>

#include "base/file.h"
#include "climate/epw.h"
#include "gui/companion/model_view.h"
#include "gui/companion/wall_view.h"
#include "gui/legend/legend_bar.h"
#include "gui/light/pair_view.h"
#include "gui/light/profile_view.h"
#include "gui/light/takeaway.h"
#include "gui/look/look.h"
#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

// One room with a wide south window and a small east one, a year of weather, and a second option with a lower window.
class LightDesk : public Hands {
 protected:
    void SetUp() override {
        auto project = one_room();
        project.site.weather = "year.epw";
        project.questions[0].accuracy = 0.05;
        Opening second = project.options[0].storeys[0].rooms[0].openings[0];
        second.id = second.name = "W-02";
        second.edge = 1;
        second.along = 3;
        second.width = 0.8;
        project.options[0].storeys[0].rooms[0].openings.push_back(second);
        project.options[0].planes[0].spacing = 0.5;
        Question moment;
        moment.id = moment.name = "moment";
        moment.kind = Question::Kind::moment;
        moment.accuracy = 0.2;
        moment.moments = {{3, 21, 10}, {3, 21, 16}};
        project.questions.push_back(moment);
        project.options.push_back(project.options[0]);
        project.options[1].id = "b";
        project.options[1].name = "B";
        project.options[1].storeys[0].rooms[0].openings[0].height = 0.8;
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather(50, 3))));
        open(project);
        window->show_desk(DeskKind::light);
        ASSERT_TRUE(drive::settle(*window));
    }
    Document& document() { return window->document(); }
    Sheet& sheet() { return window->sheet(); }
    const SheetMap& map() { return window->sheet().map(); }
    LegendBar& legend() { return window->part<LegendBar>(); }
    // Pointer on the legend at a share of its bar.
    QPoint on_legend(double share) {
        const QPointF first = legend().at(map().scale.bottom), last = legend().at(map().scale.top);
        return (first + (last - first) * share).toPoint();
    }
    void drag_legend(double from, double to) {
        QTest::mousePress(&legend(), Qt::LeftButton, {}, on_legend(from));
        const QPoint end = on_legend(to), begin = on_legend(from);
        for (int i = 1; i <= 5; ++i) {
            QTest::mouseMove(&legend(), begin + (end - begin) * i / 5);
            QTest::qWait(15);
        }
        QTest::mouseRelease(&legend(), Qt::LeftButton, {}, end);
        QTest::qWait(30);
    }
    QColor pixel(Vec2 place) {
        const QImage image = sheet().grab().toImage();
        return image.pixelColor((sheet().view().to_screen(place) * image.devicePixelRatio()).toPoint());
    }
    void show(Shown shown) {
        drive::click(*window, "shown");
        QTest::keyClicks(widget("figure-search"), QString::fromUtf8(live_figure(shown.kind()).name));
        QTest::keyClick(widget("figure-search"), Qt::Key_Return);
    }
    bool shows_moment() {
        return drive::wait_until(
            [&] {
                return !map().layers.empty() && map().unit == QStringLiteral("lx") &&
                       window->lamp().state() == Lamp::State::settled;
            },
            60000);
    }
    double value_at(Vec2 place) {
        const int point = map().layers[0].plane.point_at(place);
        return point < 0 ? -1 : map().layers[0].value[static_cast<size_t>(point)];
    }
};

int differing(const QImage& a, const QImage& b) {
    int count = 0;
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x) count += a.pixel(x, y) != b.pixel(x, y);
    return count;
}

}  // namespace

TEST_F(LightDesk, the_legends_ends_are_dragged_and_let_free_again) {
    const double top = map().scale.top;
    const QColor before = pixel({2, 5});
    drag_legend(1.0, 0.5);
    EXPECT_NEAR(map().scale.top, top / 2, 0.06 * top);
    EXPECT_NE(pixel({2, 5}), before) << "the map is painted on the new scale";
    drag_legend(1.0, 1.4);
    EXPECT_GT(map().scale.top, 0.6 * top) << "an end may be dragged outwards too";
    // It holds while another figure has a legend of its own, and for the other option.
    const double chosen = map().scale.top;
    document().show_option(1);
    ASSERT_TRUE(drive::settle(*window));
    EXPECT_NEAR(map().scale.top, chosen, 1e-9);
    document().show_option(0);
    ASSERT_TRUE(drive::settle(*window));
    QTest::mouseDClick(&legend(), Qt::LeftButton, {}, on_legend(0.5));
    EXPECT_NEAR(map().scale.top, top, 1e-9);
}

TEST_F(LightDesk, the_part_between_two_values_is_one_drag_on_the_legend) {
    const QImage plain = sheet().grab().toImage();
    drag_legend(0.3, 0.6);
    const double low = map().scale.value_at(0.3), high = map().scale.value_at(0.6), slack = 0.03 * map().scale.top;
    EXPECT_NEAR(map().marks.low, low, slack);
    EXPECT_NEAR(map().marks.high, high, slack);
    EXPECT_GT(differing(plain, sheet().grab().toImage()), 2000) << "what is beyond is hatched";
    QTest::mouseClick(&legend(), Qt::LeftButton, {}, on_legend(0.5));
    EXPECT_FALSE(map().marks.has_band());
    // Up to the end of the legend means: only from below.
    drag_legend(0.4, 1.0 - 0.001);
    EXPECT_TRUE(std::isfinite(map().marks.low));
}

TEST_F(LightDesk, steps_lines_and_units_are_chosen_from_the_legend_by_the_keyboard) {
    legend().setFocus();
    const auto pick_entry = [&](const char* entry) {
        QTimer::singleShot(60, [entry] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            ASSERT_NE(menu, nullptr);
            for (int i = 0; i < 40 && (menu->activeAction() == nullptr ||
                                       menu->activeAction()->objectName() != QString::fromLatin1(entry));
                 ++i)
                QTest::keyClick(menu, Qt::Key_Down);
            EXPECT_NE(menu->activeAction(), nullptr);
            QTest::keyClick(menu, Qt::Key_Return);
        });
        QTest::keyClick(&legend(), Qt::Key_Return);
        QTest::qWait(40);
        drive::give_focus_back(*window);
    };
    pick_entry("steps-5");
    EXPECT_EQ(map().scale.steps, 5);
    pick_entry("contours");
    EXPECT_TRUE(map().marks.contours);
    pick_entry("values");
    EXPECT_FALSE(map().marks.values);
    show(Shown::lux_by_design_sky);
    const double lux = value_at({2, 2});
    legend().setFocus();
    pick_entry("unit-footcandle");
    EXPECT_EQ(map().unit, QStringLiteral("fc"));
    EXPECT_NEAR(value_at({2, 2}), lux / 10.7639, 1e-3 * lux);
    legend().setFocus();
    pick_entry("unit-lux");
}

TEST_F(LightDesk, one_legend_for_all_options_is_as_wide_as_the_widest) {
    const double top = map().scale.top;
    pick("legend-menu", "ends-linked");
    ASSERT_EQ(window->desktop().legends().of(map().figure).ends, Legend::Ends::linked);
    document().show_option(1);
    ASSERT_TRUE(drive::settle(*window));
    EXPECT_NEAR(map().scale.top, top, 1e-9) << "the darker option is read on the brighter one's legend";
}

TEST_F(LightDesk, a_mean_is_dragged_over_the_map_and_goes_with_escape) {
    const QImage plain = sheet().grab().toImage();
    drive::drag(*window, {1, 1}, {3, 3});
    ASSERT_TRUE(sheet().mean_area());
    EXPECT_NEAR(sheet().mean_area()->first.x, 1, 0.1);
    EXPECT_NEAR(sheet().mean_area()->second.y, 3, 0.1);
    EXPECT_GT(differing(plain, sheet().grab().toImage()), 500);
    key(Qt::Key_Escape);
    EXPECT_FALSE(sheet().mean_area());
}

TEST_F(LightDesk, values_are_thinned_where_they_would_crowd_and_all_there_close_by) {
    QTest::mouseMove(&sheet(), QPoint(3, 3));
    // Pixels that values change: the legend of a figure tells whether they stand there.
    const auto inked = [&] {
        Legend bare;
        bare.values = bare.figures = false;
        window->desktop().legends().set(map().figure, bare);
        const QImage without = sheet().grab().toImage();
        bare.values = true;
        window->desktop().legends().set(map().figure, bare);
        return differing(without, sheet().grab().toImage());
    };
    const int close = inked();
    for (int i = 0; i < 8; ++i) {
        const QPointF at = sheet().rect().center();
        QWheelEvent wheel(at, sheet().mapToGlobal(at), {}, {0, -120}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase,
                          false);
        QCoreApplication::sendEvent(&sheet(), &wheel);
    }
    const int far = inked();
    EXPECT_GT(far, 0) << "some are left";
    EXPECT_GT(close, 4 * far) << "figures are as large as before, so there must be fewer";
}

TEST_F(LightDesk, a_walls_plane_is_read_in_its_elevation) {
    document().edit_option(QStringLiteral("Plane on a wall"), [](Option& o) {
        ReferencePlane wall = o.planes[0];
        wall.id = wall.name = "wall";
        wall.on = ReferencePlane::On::wall;
        wall.edge = 2;
        wall.height = 0.02;
        o.planes.push_back(wall);
    });
    ASSERT_TRUE(drive::settle(*window));
    drive::click(*window, "companion-wall");
    auto& wall = window->part<WallView>();
    wall.show_wall("room", 2, false);
    QTest::qWait(50);
    const QImage with = wall.grab().toImage();
    wall.show_map({});
    const QImage without = wall.grab().toImage();
    EXPECT_GT(differing(with, without), 10000) << "the map covers the wall";
    wall.show_map(map());
    const QImage before = wall.grab().toImage();
    QTest::mouseMove(&wall, wall.rect().center());
    EXPECT_TRUE(drive::wait_until([&] { return differing(before, wall.grab().toImage()) > 200; }, 3000))
        << "the value stands beside the pointer";
    // Another wall carries no map.
    wall.show_wall("room", 3, false);
    wall.show_map(map());
    const QImage other = wall.grab().toImage();
    wall.show_map({});
    EXPECT_EQ(differing(other, wall.grab().toImage()), 0);
}

TEST_F(LightDesk, lines_bands_and_values_are_in_the_model_too) {
    auto& model = window->part<ModelView>();
    const auto drawn = [&] {
        EXPECT_TRUE(drive::wait_until([&] { return model.is_current(); }, 5000));
        return model.picture();
    };
    const QImage plain = drawn();
    if (plain.isNull()) GTEST_SKIP() << "no OpenGL here";
    Legend legend;
    legend.contours = true;
    window->desktop().legends().set(map().figure, legend);
    const QImage lined = drawn();
    EXPECT_GT(differing(plain, lined), 100);
    legend.low = map().scale.top / 2;
    window->desktop().legends().set(map().figure, legend);
    EXPECT_GT(differing(lined, drawn()), 1000);
    const QImage before = model.grab().toImage();
    int most = 0;
    for (int x = 40; x < model.width() - 40 && most < 200; x += 20) {
        QTest::mouseMove(&model, QPoint(x, model.height() / 2 + 20));
        QTest::qWait(20);
        most = std::max(most, differing(before, model.grab().toImage()));
    }
    EXPECT_GT(most, 200) << "somewhere over the map a value stands beside the pointer";
}

TEST_F(LightDesk, months_with_other_leaves_are_not_drawn_from_this_field) {
    document().edit_option(QStringLiteral("Tree"), [](Option& o) {
        Thing tree;
        tree.id = tree.name = "tree";
        tree.kind = Thing::Kind::tree;
        tree.at = {2, -6};
        tree.width = 4;
        tree.height = 7;
        o.things.push_back(tree);
    });
    document().show_moment({6, 21, 12});
    show(Shown::moment);
    ASSERT_TRUE(shows_moment());
    key(Qt::Key_I);
    drive::drag(*window, {2, -0.5}, {2, 6.3});
    auto* with = static_cast<QComboBox*>(widget("profile-with"));
    choose(with, 3);
    emit with->activated(3);
    // Of March, June, September and December only June and September are in leaf.
    ASSERT_TRUE(drive::wait_until([&] { return window->part<ProfileView>().chart().curves.size() == 3; }, 10000));
    EXPECT_TRUE(static_cast<QLabel*>(widget("hint"))->text().contains(QStringLiteral("leaves")));
}

TEST_F(LightDesk, the_legend_tells_what_usual_values_mean_and_where_they_are_from) {
    ASSERT_EQ(map().usual.size(), 3u);
    for (const auto& mark : map().usual)
        EXPECT_TRUE(mark.meaning.contains(QStringLiteral("("))) << mark.meaning.toStdString();
    EXPECT_FALSE(map().definition.isEmpty());
    EXPECT_EQ(map().marks.level, 2) << "rooms tell the share at 2 % or more";
    show(Shown::lux_by_design_sky);
    EXPECT_EQ(map().figure, QStringLiteral("illuminance"));
    EXPECT_EQ(map().marks.level, 300);
}

TEST_F(LightDesk, why_speaks_the_unit_of_the_map) {
    drive::click_sheet(*window, {2, 2});
    auto* total = static_cast<QLabel*>(widget("why-total"));
    const auto first = [&] { return total->text().split(QLatin1Char(' ')).first().toDouble(); };
    EXPECT_TRUE(total->text().endsWith(QStringLiteral("%")));
    EXPECT_NEAR(first(), value_at({2, 2}), 0.006);
    show(Shown::lux_by_design_sky);
    EXPECT_TRUE(total->text().endsWith(QStringLiteral("lx")));
    EXPECT_NEAR(first(), value_at({2, 2}), 0.6);
    window->desktop().legends().set_footcandles(true);
    EXPECT_TRUE(total->text().endsWith(QStringLiteral("fc")));
    EXPECT_NEAR(first(), value_at({2, 2}), 0.06);
    window->desktop().legends().set_footcandles(false);
}

TEST_F(LightDesk, a_clicked_point_tells_why_and_a_window_is_taken_away_without_tracing) {
    drive::click_sheet(*window, {2, 2});
    auto* windows = static_cast<QTreeWidget*>(widget("why-windows"));
    ASSERT_TRUE(drive::wait_until([&] { return windows->topLevelItemCount() >= 2; }, 5000));
    EXPECT_TRUE(static_cast<QLabel*>(widget("why-title"))->text().startsWith(QStringLiteral("A point of")));
    EXPECT_EQ(windows->topLevelItem(0)->data(0, Qt::UserRole + 2).toString(), QStringLiteral("W-01"));
    EXPECT_EQ(static_cast<QTreeWidget*>(widget("why-parts"))->topLevelItemCount(), 5)
        << "sky, ground, outdoors, two kinds of interreflection";
    // Pointing at a row lights the window up on the sheet.
    const QImage plain = sheet().grab().toImage();
    QTest::mouseMove(windows->viewport(), windows->visualItemRect(windows->topLevelItem(0)).center());
    ASSERT_TRUE(drive::wait_until([&] { return differing(plain, sheet().grab().toImage()) > 20; }, 3000));
    const double before = value_at({2, 2});
    const auto rays = window->answers().daylight("a").answer->record.rays;
    windows->setFocus();
    windows->setCurrentItem(windows->topLevelItem(0));
    QTest::keyClick(windows, Qt::Key_Space);
    ASSERT_TRUE(drive::wait_until([&] { return value_at({2, 2}) < 0.9 * before; }, 3000));
    EXPECT_EQ(window->answers().daylight("a").answer->record.rays, rays) << "nothing is traced for it";
    EXPECT_TRUE(static_cast<QLabel*>(widget("why-without"))->text().contains(QStringLiteral("W-01")));
    click("why-back");
    EXPECT_NEAR(value_at({2, 2}), before, 1e-12);
    click("why-room");
    EXPECT_EQ(static_cast<QLabel*>(widget("why-title"))->text(), QStringLiteral("Room"));
}

TEST_F(LightDesk, readings_are_placed_follow_the_model_and_the_clock_and_are_undone) {
    key(Qt::Key_Q);
    drive::click_sheet(*window, {2, 1.5});
    drive::click_sheet(*window, {0.02, 3});  // the west wall
    key(Qt::Key_Escape);
    ASSERT_TRUE(drive::wait_until([&] { return option().readings.size() == 2; })) << "in the order of the clicks";
    EXPECT_NEAR(option().readings[0].at.z, option().planes[0].height, 1e-6);
    EXPECT_NEAR(option().readings[1].facing.x, 1, 1e-9);
    auto* table = static_cast<QTableWidget*>(widget("readings-table"));
    ASSERT_EQ(table->rowCount(), 2);
    ASSERT_TRUE(drive::wait_until(
        [&] {
            return table->item(0, 1)->text().contains(QStringLiteral("\u00b1")) &&
                   table->item(1, 1)->text().contains(QStringLiteral("\u00b1"));
        },
        30000));
    // The reading on the plane says what the map says there.
    ASSERT_TRUE(drive::settle(*window));
    EXPECT_NEAR(table->item(0, 1)->text().split(QLatin1Char(' ')).first().toDouble(), value_at({2, 1.5}),
                0.35 * value_at({2, 1.5}));
    show(Shown::moment);
    ASSERT_TRUE(drive::wait_until([&] { return table->item(0, 2)->text() != QStringLiteral("\u2026"); }, 60000));
    const QString noon = table->item(0, 2)->text();
    document().show_moment({3, 21, 17.5});
    ASSERT_TRUE(drive::wait_until([&] { return table->item(0, 2)->text() != noon; }, 30000));
    click("copy-readings");
    EXPECT_TRUE(QApplication::clipboard()->text().startsWith(QStringLiteral("reading,room,x_m")));
    EXPECT_EQ(QApplication::clipboard()->text().count(QLatin1Char('\n')), 3);
    // Named, removed, undone.
    table->setCurrentCell(1, 0);
    EXPECT_EQ(document().selection().id, option().readings[1].id);
    click("remove-reading");
    EXPECT_EQ(option().readings.size(), 1u);
    undo().undo();
    EXPECT_EQ(option().readings.size(), 2u);
}

TEST_F(LightDesk, a_profile_is_drawn_beside_other_options_over_its_section) {
    key(Qt::Key_I);
    drive::drag(*window, {2, -0.5}, {2, 6.3});
    auto& profile = window->part<ProfileView>();
    ASSERT_TRUE(drive::wait_until([&] { return profile.isVisible() && profile.chart().curves.size() == 1; }, 3000));
    ASSERT_NE(profile.chart().section, nullptr);
    EXPECT_FALSE(profile.chart().section->solid.empty());
    // Light falls off with depth.
    const auto& points = profile.chart().curves[0].points;
    const auto value = [&](double along) {
        for (const auto& p : points)
            if (p.along >= along) return p.value;
        return 0.0;
    };
    EXPECT_GT(value(1.5), 1.5 * value(5.5));
    document().show_option(1);
    ASSERT_TRUE(drive::settle(*window));
    choose(static_cast<QComboBox*>(widget("profile-with")), 1);
    emit static_cast<QComboBox*>(widget("profile-with"))->activated(1);
    ASSERT_EQ(profile.chart().curves.size(), 2u);
    EXPECT_EQ(profile.chart().curves[0].name, QStringLiteral("A"));
    click("profile-keep");
    EXPECT_EQ(profile.chart().curves.size(), 3u);
    EXPECT_TRUE(QString::fromStdString(profile.takeaway().csv()).startsWith(QStringLiteral("along_m,\"A (%)\"")));
}

TEST_F(LightDesk, hours_of_a_day_stand_on_one_profile_without_tracing_anew) {
    show(Shown::moment);
    ASSERT_TRUE(shows_moment());
    key(Qt::Key_I);
    drive::drag(*window, {2, -0.5}, {2, 6.3});
    const int traced = window->asker().live_moment().traced();
    auto* with = static_cast<QComboBox*>(widget("profile-with"));
    choose(with, 2);
    emit with->activated(2);
    ASSERT_TRUE(drive::wait_until([&] { return window->part<ProfileView>().chart().curves.size() == 5; }, 10000));
    EXPECT_EQ(window->asker().live_moment().traced(), traced);
}

TEST_F(LightDesk, another_option_stands_beside_on_one_legend_and_as_a_difference) {
    pick("beside", "beside-b");
    auto& pair = window->part<PairView>();
    ASSERT_TRUE(drive::wait_until(
        [&] { return pair.isVisible() && !pair.shown(0).layers.empty() && !pair.shown(1).layers.empty(); }, 60000))
        << "the other option is asked for by itself";
    EXPECT_EQ(pair.shown(0).scale, pair.shown(1).scale);
    choose(static_cast<QComboBox*>(widget("pair-mode")), 1);
    emit static_cast<QComboBox*>(widget("pair-mode"))->activated(1);
    const auto& difference = pair.shown(0);
    ASSERT_FALSE(difference.layers.empty());
    EXPECT_TRUE(difference.scale.difference);
    EXPECT_NEAR(difference.scale.bottom, -difference.scale.top, 1e-12);
    double sum = 0;
    for (const double v : difference.layers[0].value) sum += v;
    EXPECT_GT(sum, 0) << "A has the larger window";
    click("pair-close");
    EXPECT_FALSE(pair.isVisible());
}

TEST_F(LightDesk, what_was_kept_stands_beside_what_an_edit_makes_of_it) {
    key(Qt::Key_Z);
    auto& pair = window->part<PairView>();
    ASSERT_TRUE(pair.isVisible());
    const double before = pair.shown(0).layers[0].value[0];
    document().edit_option(QStringLiteral("Wider"), [](Option& o) { o.storeys[0].rooms[0].openings[0].width = 3; });
    ASSERT_TRUE(drive::settle(*window));
    EXPECT_EQ(pair.shown(0).layers[0].value[0], before) << "the kept one stays";
    EXPECT_NE(pair.shown(1).layers[0].value[0], before);
}

TEST_F(LightDesk, a_dragged_window_changes_pixels_before_the_mouse_is_released) {
    window->show_desk(DeskKind::build);
    ASSERT_TRUE(drive::settle(*window));
    const QColor before = pixel({3.4, 1.2});
    drive::click_sheet(*window, {2, -0.15});
    drive::move(*window, {2, -0.15});
    drive::press(*window, {2, -0.15});
    drive::move(*window, {1.4, -0.15});
    drive::move(*window, {1.2, -0.15});
    EXPECT_TRUE(drive::wait_until(
        [&] {
            return pixel({3.4, 1.2}) != before && !map().layers.empty() && !map().layers[0].stale;
        },
        5000));
    drive::release(*window, {1.2, -0.15});
}

TEST_F(LightDesk, hold_stops_automatic_work_and_says_so) {
    click("hold");
    EXPECT_EQ(window->lamp().state(), Lamp::State::held);
    const auto answer = window->answers().daylight("a").answer;
    document().edit_option(QStringLiteral("Wider"), [](Option& o) { o.storeys[0].rooms[0].openings[0].width = 3; });
    QTest::qWait(500);
    EXPECT_EQ(window->answers().daylight("a").answer, answer);
    EXPECT_EQ(window->lamp().state(), Lamp::State::stale);
    click("hold");
    ASSERT_TRUE(drive::settle(*window));
    EXPECT_NE(window->answers().daylight("a").answer, answer);
}

TEST_F(LightDesk, a_plan_to_scale_knows_where_it_lies) {
    const auto path = folder / "plan.png";
    ASSERT_FALSE(save_plan(window->desktop(), path, 50, 150));
    const QImage picture(QString::fromStdString(path.string()));
    // 150 dots an inch at 1:50.
    const double metre = 150 / 0.0254 / 50;
    const auto world = read_file(folder / "plan.pgw");
    ASSERT_TRUE(world);
    const auto lines = QString::fromStdString(*world).split(QLatin1Char('\n'));
    EXPECT_NEAR(lines[0].toDouble(), 1 / metre, 1e-6);
    EXPECT_NEAR(lines[3].toDouble(), -1 / metre, 1e-6);
    EXPECT_NEAR(picture.dotsPerMeterX(), 150 / 0.0254, 1);
    // The pixel where a corner of the outer wall lies is dark, the one before it paper.
    const double x0 = lines[4].toDouble(), y0 = lines[5].toDouble();
    const auto at = [&](Vec2 p) {
        return picture.pixelColor(static_cast<int>(std::lround((p.x - x0) * metre)),
                                  static_cast<int>(std::lround((y0 - p.y) * metre)));
    };
    EXPECT_LT(at({-0.05, 5.0}).lightness(), 120);
    EXPECT_GT(at({-0.6, 5.0}).lightness(), 200);
}
