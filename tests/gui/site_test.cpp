// SPDX-License-Identifier: GPL-3.0-or-later
// Site, sky, climate and the moment as a person uses them.
#include <QListWidget>
#include <QToolButton>

#include "base/file.h"
#include "climate/epw.h"
#include "exchange/point_table.h"
#include "gui/light/light_bar.h"
#include "gui/light/series_view.h"
#include "gui/site/climate_page.h"
#include "gui/site/site_panel.h"
#include "gui/site/sky_page.h"
#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

// Two rooms, a tower before them, a year of weather.
class SiteDesk : public Hands {
 protected:
    void SetUp() override {
        auto project = one_room();
        project.site.weather = "year.epw";
        project.site.latitude = 50;
        Block tower;
        tower.id = "tower";
        tower.name = "The tower";
        tower.footprint = {{-4, -14}, {4, -14}, {4, -10}, {-4, -10}};
        tower.height = 25;
        project.options[0].blocks = {tower};
        project.questions[0].accuracy = 0.1;
        Question moment;
        moment.id = "moment";
        moment.name = "A moment";
        moment.kind = Question::Kind::moment;
        moment.accuracy = 0.2;
        moment.moments = {{3, 21, 10}, {3, 21, 13}, {3, 21, 16}};
        project.questions.push_back(moment);
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather(50, 3))));
        open(project);
    }
    Document& document() { return window->document(); }
    void go(DeskKind desk, const char* page = nullptr) {
        window->show_desk(desk);
        if (page != nullptr) drive::click(*window, page);
        QTest::qWait(50);
    }
    void press_key_into(const char* name, const char* text) { drive::type_into(widget(name), text); }
    bool sky_is_known() {
        return drive::wait_until(
            [&] {
                return window->part<SkyPage>().facts().contains(QStringLiteral("of sun from here")) ||
                       window->part<SkyPage>().facts().contains(QStringLiteral("cut off"));
            },
            20000);
    }
};

}  // namespace

TEST_F(SiteDesk, north_is_turned_by_dragging_the_north_point_in_one_step) {
    go(DeskKind::site);
    QWidget* sheet = &window->sheet();
    const QPoint middle = window->sheet().north_point().toPoint();
    QTest::mousePress(sheet, Qt::LeftButton, {}, middle + QPoint(0, -20));
    for (int k = 1; k <= 4; ++k) {
        const double angle = radians(10.0 * k);
        QTest::mouseMove(
            sheet, middle + QPoint(static_cast<int>(22 * std::sin(angle)), static_cast<int>(-22 * std::cos(angle))));
        QTest::qWait(20);
    }
    QTest::mouseRelease(sheet, Qt::LeftButton, {}, middle + QPoint(14, -17));
    EXPECT_NEAR(document().project().site.north, -40, 4)
        << "the needle points 40 degrees to the right of the sheet's top";
    EXPECT_EQ(undo().count(), 1);
    undo().undo();
    EXPECT_EQ(document().project().site.north, 0);
}

TEST_F(SiteDesk, the_sky_is_seen_from_where_the_plan_was_clicked_and_says_what_cuts_the_sun_off) {
    go(DeskKind::site);
    drive::click_sheet(*window, {0, -4});
    EXPECT_NEAR(window->part<SkyPage>().point().x, 0, 0.2);
    EXPECT_NEAR(window->part<SkyPage>().point().y, -4, 0.2);
    document().show_moment({12, 21, 12});
    drive::click(*window, "site-sky");
    ASSERT_TRUE(sky_is_known());
    EXPECT_TRUE(
        drive::wait_until([&] { return window->part<SkyPage>().facts().contains(QStringLiteral("The tower")); }, 10000))
        << window->part<SkyPage>().facts().toStdString();
    // The tower stands dark before the sky, due south; to the east the sky is bright.
    const QImage picture = window->part<SkyPage>().dome().grab().toImage();
    const report::SkyFrame frame(report::SkyProjection::equidistant, window->part<SkyPage>().dome().rect());
    const auto lightness = [&](double azimuth, double altitude) {
        return picture.pixelColor(frame.place(radians(azimuth), radians(altitude)).toPoint()).lightness();
    };
    EXPECT_LT(lightness(184, 45), 130);
    EXPECT_GT(lightness(100, 63), lightness(184, 45));
    // The sky carries what it was told to.
    EXPECT_TRUE(window->part<SkyPage>().facts().contains(QStringLiteral("the sky drawn carries")));
    auto* projection = static_cast<QComboBox*>(widget("projection"));
    projection->setFocus();
    QTest::keyClick(projection, Qt::Key_Down);
    EXPECT_EQ(window->part<SkyPage>().dome().projection(), report::SkyProjection::stereographic);
    EXPECT_NE(window->part<SkyPage>().dome().grab().toImage(), picture);
}

TEST_F(SiteDesk, another_sky_is_looked_at_and_shown_everywhere) {
    go(DeskKind::site, "site-sky");
    document().show_moment({6, 21, 12});
    ASSERT_TRUE(sky_is_known());
    QComboBox* sky = nullptr;
    for (auto* box : window->findChildren<QComboBox*>(QStringLiteral("sky")))
        if (box->isVisible()) sky = box;
    ASSERT_NE(sky, nullptr);
    sky->setFocus();
    QTest::keyClick(sky, Qt::Key_Down);
    EXPECT_EQ(document().sky().type, 16);
    EXPECT_TRUE(
        drive::wait_until([&] { return window->part<SkyPage>().facts().contains(QStringLiteral("CIE sky type 16")); }));
    EXPECT_TRUE(window->part<SkyPage>().facts().contains(QStringLiteral("direct normal 0 lx")));
}

TEST_F(SiteDesk, the_climate_is_read_by_pointing_and_a_day_becomes_the_moment_by_a_click) {
    go(DeskKind::site, "site-climate");
    auto& charts = window->part<ClimatePage>().charts();
    const QImage global = charts.grab().toImage();
    QTest::mouseClick(&charts, Qt::LeftButton, {}, charts.place_of({8, 3, 14.5}).toPoint());
    EXPECT_EQ(document().moment().month, 8);
    EXPECT_NEAR(document().moment().hour, 14.5, 1);
    auto* quantity = static_cast<QComboBox*>(widget("quantity"));
    quantity->setFocus();
    QTest::keyClick(quantity, Qt::Key_Home);
    EXPECT_EQ(charts.quantity(), climate::Quantity::dry_bulb);
    EXPECT_NE(charts.grab().toImage(), global);
    auto* days = static_cast<QListWidget*>(widget("notable-days"));
    ASSERT_GT(days->count(), 15);
    QTest::mouseClick(days->viewport(), Qt::LeftButton, {}, days->visualItemRect(days->item(2)).center());
    const auto expected = climate::notable_days(*document().weather(), document().outdoor())[2].moment;
    EXPECT_EQ(document().moment(), expected) << "the dullest day";
}

TEST_F(SiteDesk, the_moment_is_typed_and_picked_by_name) {
    press_key_into("moment", "21 Jun 9:30");
    EXPECT_EQ(document().moment(), (climate::Moment{6, 21, 9.5}));
    press_key_into("moment", "15:00");
    EXPECT_EQ(document().moment(), (climate::Moment{6, 21, 15}));
    press_key_into("moment", "31 Feb 9:00");
    EXPECT_EQ(document().moment(), (climate::Moment{6, 21, 15})) << "no such day: the moment stays";
    EXPECT_EQ(static_cast<QLineEdit*>(widget("moment"))->text(), QStringLiteral("21 Jun 15:00"));
    QMenu* menu = static_cast<QToolButton*>(widget("named-moments"))->menu();
    emit menu->aboutToShow();
    ASSERT_GT(menu->actions().size(), 5);
    QMenu* winter = menu->actions()[3]->menu();
    ASSERT_NE(winter, nullptr);
    winter->actions()[1]->trigger();
    EXPECT_EQ(document().moment(), (climate::Moment{12, 21, 12}));
}

TEST_F(SiteDesk, the_ground_may_be_told_by_month) {
    go(DeskKind::site);
    auto* box = static_cast<QAbstractButton*>(widget("ground-by-month"));
    box->click();
    ASSERT_EQ(document().project().site.ground_by_month.size(), 12u);
    QTest::qWait(20);
    press_key_into("ground-1", "70 %");
    EXPECT_NEAR(document().project().site.ground_by_month[0], 0.7, 1e-9);
    EXPECT_NEAR(document().project().site.ground_by_month[6], 0.2, 1e-9);
}

TEST_F(SiteDesk, a_damaged_weather_file_changes_nothing_and_says_where) {
    ASSERT_FALSE(write_file(folder / "bad.epw", "LOCATION,Nowhere\n"));
    auto* panel = window->findChild<SitePanel*>();
    ASSERT_NE(panel, nullptr);
    const auto before = document().project();
    Outcome fault;
    QObject::connect(panel, &SitePanel::weather_tried, panel, [&](const Outcome& told) { fault = told; });
    panel->use_weather(folder / "bad.epw");
    ASSERT_TRUE(drive::wait_until([&] { return fault.has_value(); }, 5000));
    EXPECT_NE(panel->findChild<QMessageBox*>(), nullptr) << "it is told";
    EXPECT_NE(fault->place.find("line 1"), std::string::npos);
    EXPECT_EQ(document().project(), before);
}

TEST_F(SiteDesk, the_map_follows_the_year_strips_cursor_and_nothing_is_traced_again) {
    go(DeskKind::light);
    window->desktop().show(Shown::moment);
    auto& live = window->asker().live_moment();
    ASSERT_TRUE(
        drive::wait_until([&] { return window->maps().lamp(Shown::moment).state == Lamp::State::settled; }, 60000));
    const int traced = live.traced();
    auto& strip = window->desktop().strip();
    const auto noon = [&] { return window->maps().map(Shown::moment).layers.at(0).value; };
    const auto spring = noon();
    const QColor before = window->sheet().grab().toImage().pixelColor(drive::on_sheet(*window, {2, 1.5}));
    QTest::mousePress(&strip, Qt::LeftButton, {}, strip.place_of({5, 2, 11}).toPoint());
    int followed = 0;
    auto last = spring;
    for (int day = 2; day <= 20; day += 3) {
        QTest::mouseMove(&strip, strip.place_of({5, day, 7.0 + day / 2.0}).toPoint());
        drive::wait_until([&] { return noon() != last; }, 1500);
        followed += noon() != last;
        last = noon();
    }
    EXPECT_GE(followed, 5) << "the map follows while the button is down";
    QTest::mouseRelease(&strip, Qt::LeftButton, {}, strip.place_of({5, 20, 17}).toPoint());
    document().show_moment({12, 21, 16.5});
    ASSERT_TRUE(drive::wait_until([&] { return noon() != last; }, 5000));
    QTest::qWait(100);
    EXPECT_NE(window->sheet().grab().toImage().pixelColor(drive::on_sheet(*window, {2, 1.5})), before);
    EXPECT_LE(live.traced(), traced + 3)
        << "no moment traced anything, but a finer field may have been asked for by a noisy one";
}

TEST_F(SiteDesk, a_question_is_asked_and_its_moments_stand_side_by_side) {
    go(DeskKind::light);
    window->part<LightBar>().show_question("moment");
    drive::click(*window, "ask");
    ASSERT_TRUE(
        drive::wait_until([&] { return !window->asker().jobs().is_running() && window->maps().table() != nullptr; }));
    EXPECT_EQ(window->maps().table()->answer->table.columns.size(), 18u) << "whole, sun, sky, ground, outdoors, inside";
    EXPECT_LE(window->maps().table()->answer->record.reached, 0.2) << "every moment is as sure as was asked";
    drive::click(*window, "side-by-side");
    QTest::qWait(50);
    auto& series = window->part<SeriesView>();
    ASSERT_TRUE(series.isVisible());
    ASSERT_EQ(series.cells().size(), 3u);
    QTest::mouseClick(&series, Qt::LeftButton, {}, series.cells()[2].center().toPoint());
    EXPECT_EQ(document().moment(), (climate::Moment{3, 21, 16})) << "a small plan is a moment";
    // Out as a picture, a drawing and a table.
    const auto away = series.takeaway();
    for (const char* name : {"a.png", "a.svg", "a.csv"}) {
        ASSERT_FALSE(save_out_as(away, folder / name));
        EXPECT_GT(std::filesystem::file_size(folder / name), 1000u) << name;
    }
    // An edit makes the answer stale, undo brings it back.
    document().edit_option(QStringLiteral("Raise"), [](Option& o) { o.storeys[0].rooms[0].height = 3.5; });
    EXPECT_EQ(window->maps().lamp(Shown::table).state, Lamp::State::stale);
    undo().undo();
    EXPECT_EQ(window->maps().lamp(Shown::table).state, Lamp::State::settled);
    // What things are called changes no light.
    document().edit_option(QStringLiteral("Rename"), [](Option& o) { o.storeys[0].rooms[0].name = "Reading room"; });
    document().edit(QStringLiteral("Recolour"), [](model::Project& p) {
        for (auto& m : p.materials) m.colour = "#336699";
    });
    EXPECT_EQ(window->maps().lamp(Shown::table).state, Lamp::State::settled);
    document().edit(QStringLiteral("Other weather"), [](model::Project& p) { p.site.weather = "other.epw"; });
    EXPECT_EQ(window->maps().lamp(Shown::table).state, Lamp::State::stale) << "another file, another sky";
    undo().undo();
}

TEST_F(SiteDesk, a_new_question_about_sun_at_the_windows_is_put_by_hand) {
    go(DeskKind::light);
    QTimer::singleShot(200, [] {
        QWidget* dialog = QApplication::activeModalWidget();
        ASSERT_NE(dialog, nullptr);
        dialog->findChild<QComboBox*>(QStringLiteral("question-kind"))->setCurrentIndex(1);
        dialog->findChild<QComboBox*>(QStringLiteral("question-at"))->setCurrentIndex(1);
        QTest::mouseClick(dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    });
    drive::click(*window, "new-question");
    ASSERT_TRUE(
        drive::wait_until([&] { return !window->asker().jobs().is_running() && window->maps().table() != nullptr; }));
    const auto& asked = document().project().questions.back();
    EXPECT_EQ(asked.kind, Question::Kind::sun_hours);
    EXPECT_EQ(asked.at, Question::At::windows);
    const auto& table = window->maps().table()->answer->table;
    ASSERT_EQ(table.planes.size(), 1u);
    EXPECT_EQ(table.planes[0].plane, "W-01");
    EXPECT_GT(table.columns[0].value[0][0], 2);
}

TEST_F(SiteDesk, sunlight_of_en_17037_is_asked_of_one_day_above_an_altitude_offered_by_place) {
    go(DeskKind::light);
    QTimer::singleShot(200, [] {
        QWidget* dialog = QApplication::activeModalWidget();
        ASSERT_NE(dialog, nullptr);
        dialog->findChild<QComboBox*>(QStringLiteral("question-kind"))->setCurrentIndex(1);
        dialog->findChild<QComboBox*>(QStringLiteral("question-at"))->setCurrentIndex(2);
        dialog->findChild<QComboBox*>(QStringLiteral("question-days"))->setCurrentIndex(2);
        QTest::mouseClick(dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    });
    drive::click(*window, "new-question");
    ASSERT_TRUE(
        drive::wait_until([&] { return !window->asker().jobs().is_running() && window->maps().table() != nullptr; }));
    const auto& asked = document().project().questions.back();
    EXPECT_EQ(asked.first, asked.last) << "one day";
    EXPECT_GE(asked.first.day_of_year(), (climate::Moment{2, 1, 0}).day_of_year());
    EXPECT_LE(asked.first.day_of_year(), (climate::Moment{3, 21, 0}).day_of_year());
    // At 50 degrees north about 12 degrees: more than in Helsinki, less than in Athens.
    EXPECT_EQ(asked.least_altitude, 12);
}

TEST_F(SiteDesk, a_table_from_elsewhere_is_shown_as_what_it_is) {
    go(DeskKind::light);
    ASSERT_TRUE(drive::settle(*window));
    const auto ours = window->maps().map(Shown::daylight_factor);
    question::PointTable table{{ours.layers[0].plane},
                               {{"daylight_factor_percent", "", "%", {ours.layers[0].value}, {}}}};
    for (double& v : table.columns[0].value[0]) v *= 2;
    ASSERT_FALSE(write_file(folder / "theirs.csv", exchange::table_csv(table)));
    window->part<LightBar>().open_table(folder / "theirs.csv");
    EXPECT_EQ(window->maps().lamp(Shown::table).state, Lamp::State::foreign);
    const auto shown = window->sheet().map();
    ASSERT_EQ(shown.layers.size(), 1u);
    for (size_t i = 0; i < shown.layers[0].value.size(); ++i)
        EXPECT_NEAR(shown.layers[0].value[i], 2 * ours.layers[0].value[i], 1e-4 * shown.layers[0].value[i]);
    EXPECT_TRUE(window->lamp().words().contains(QStringLiteral("elsewhere")));
    // Under a name that we know it stands against ours: theirs is twice as much, so the difference is ours once more.
    const auto& columns = window->maps().table()->answer->table.columns;
    ASSERT_EQ(columns.size(), 2u);
    EXPECT_EQ(columns[1].id, "daylight_factor_percent_minus_ours");
    for (size_t i = 0; i < columns[1].value[0].size(); ++i)
        EXPECT_NEAR(columns[1].value[0][i], ours.layers[0].value[i], 1e-3 * ours.layers[0].value[i] + 1e-3);
}

TEST_F(SiteDesk, parts_of_the_daylight_factor_and_its_lux_are_on_the_sheet) {
    go(DeskKind::light);
    ASSERT_TRUE(drive::settle(*window));
    const auto value = [&](Shown shown) { return window->maps().map(shown).layers.at(0).value.at(3); };
    EXPECT_NEAR(value(Shown::sky_component) + value(Shown::outside_component) + value(Shown::inside_component),
                value(Shown::daylight_factor), 1e-6);
    EXPECT_NEAR(value(Shown::lux_by_median),
                value(Shown::daylight_factor) / 100 * climate::median_diffuse(document().outdoor()), 1e-6);
    EXPECT_GT(value(Shown::lux_by_design_sky), 0);
    const auto lines = window->maps().map(Shown::daylight_factor).detail(0, 3);
    EXPECT_TRUE(lines[0].contains(QStringLiteral("sky")) && lines[1].contains(QStringLiteral("W-01")))
        << lines.join(QLatin1Char('|')).toStdString();
}
