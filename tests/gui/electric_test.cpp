// SPDX-License-Identifier: GPL-3.0-or-later
// Electric light by hand: a kind from a file, placed by clicks, as many as reach a level, circuits, levels, a scene,
// both lights, the year.
#include <gtest/gtest.h>

#include <QComboBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QSlider>
#include <QTest>
#include <QTimer>
#include <numeric>

#include "asked_room.h"
#include "base/file.h"
#include "climate/epw.h"
#include "gui/drive.h"
#include "gui/electric/luminaires_page.h"
#include "gui/electric/scenes_page.h"
#include "gui/tool/luminaire_tool.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;

namespace {

class ElectricUse : public ::testing::Test {
 protected:
    void SetUp() override {
        ASSERT_FALSE(store::save_project(test::asked_room(0.06), folder / "p.warmpane"));
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather())));
        window = std::make_unique<Window>();
        ASSERT_FALSE(window->open(folder / "p.warmpane"));
        drive::show(*window);
        ASSERT_TRUE(drive::read_weather(*window));
        window->show_desk(DeskKind::build);
        window->desktop().show_page(&kinds());
        QTest::qWait(100);
    }
    LuminairesPage& kinds() { return window->part<LuminairesPage>(); }
    ScenesPage& scenes() { return window->part<ScenesPage>(); }
    const model::Option& option() { return window->document().option(); }
    template <class T>
    T* part(const QString& name) {
        return window->findChild<T*>(name);
    }
    Outcome take(const char* file) {
        return kinds().take_file(std::filesystem::path(WARMPANE_SOURCE) / "data/luminaires" / file);
    }
    // The four lit panels, and the page of scenes.
    void light_the_room() {
        ASSERT_FALSE(take("tern-panel.ldt"));
        QTest::qWait(100);
        drive::click(*window, "reach-lux");
        ASSERT_TRUE(drive::wait_until([&] { return !option().luminaires.empty(); }));
        drive::key(*window, Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
        ASSERT_TRUE(scenes().isVisible());
        ASSERT_TRUE(drive::wait_until([&] {
            const auto map = window->desktop().maps().map(Shown::electric);
            return map.settled && !map.layers.empty();
        }));
        QTest::qWait(300);  // the page is built anew for the new circuits
    }
    double mean_shown(Shown shown) {
        const auto map = window->desktop().maps().map(shown);
        double sum = 0;
        for (const double v : map.layers.at(0).value) sum += v;
        return sum / static_cast<double>(map.layers[0].value.size());
    }
    test::Folder folder;
    std::unique_ptr<Window> window;
};

TEST_F(ElectricUse, a_kind_comes_from_a_file_and_is_placed_by_clicks_and_in_rows) {
    EXPECT_FALSE(part<QComboBox>(QStringLiteral("luminaire-type"))->isEnabled());
    ASSERT_FALSE(take("tern-linear.ies"));
    QTest::qWait(100);
    EXPECT_TRUE(part<QLabel>(QStringLiteral("luminaire-facts"))->text().contains(QStringLiteral("lm/W")));
    ASSERT_FALSE(take("tern-linear.ies"));
    EXPECT_EQ(window->document().project().luminaire_types.size(), 1u) << "the same file is the same kind";
    // A damaged one is told, and nothing changes.
    ASSERT_FALSE(write_file(folder / "broken.ies", "IESNA91\nTILT=NONE\n1 x\n"));
    const auto fault = kinds().take_file(folder / "broken.ies");
    ASSERT_TRUE(fault);
    EXPECT_NE(fault->place.find("line 3"), std::string::npos);
    // The body turns with the pointer.
    auto* candela = part<CandelaView>(QStringLiteral("candela"));
    const double before = candela->turned();
    QTest::mousePress(candela, Qt::LeftButton, {}, {200, 80});
    QTest::mouseMove(candela, {240, 80});
    QTest::mouseRelease(candela, Qt::LeftButton, {}, {240, 80});
    EXPECT_NE(candela->turned(), before);
    drive::click(*window, "place-luminaire");
    drive::click_sheet(*window, {1, 2});
    drive::click_sheet(*window, {3, 2});
    ASSERT_EQ(option().luminaires.size(), 2u);
    EXPECT_NEAR(option().luminaires[0].at.x, 1, 0.06);
    EXPECT_NEAR(option().luminaires[0].height, 2.95, 1e-9);
    EXPECT_TRUE(window->document().is_selected({model::Item::Kind::luminaire, option().luminaires[1].id, -1}));
    drive::key(*window, Qt::Key_Escape);
    drive::key(*window, Qt::Key_Escape);
    // A row of three between two clicks.
    drive::type_into(part<QLineEdit>(QStringLiteral("luminaire-count")), "3");
    drive::click(*window, "place-luminaire");
    drive::click_sheet(*window, {0.5, 5});
    drive::click_sheet(*window, {3.5, 5});
    EXPECT_EQ(option().luminaires.size(), 5u);
    drive::key(*window, Qt::Key_Escape);
    drive::key(*window, Qt::Key_Escape);
    // One is pointed at, moved by its height, undone with all of the row.
    drive::click_sheet(*window, {1, 2});
    EXPECT_EQ(window->document().selection().kind, model::Item::Kind::luminaire);
    window->document().undo_stack().undo();
    EXPECT_EQ(option().luminaires.size(), 2u);
}

TEST_F(ElectricUse, as_many_as_reach_a_level_become_circuits_that_dim_without_a_ray) {
    light_the_room();
    EXPECT_GE(option().lighting.size(), 1u);
    EXPECT_GE(mean_shown(Shown::electric), 0.97 * 500);
    const int traced = window->asker().live_electric().traced();
    auto* slider = part<QSlider>(QStringLiteral("level-%1").arg(QString::fromStdString(option().lighting[0].id)));
    ASSERT_NE(slider, nullptr);
    const double before = mean_shown(Shown::electric);
    slider->setFocus();
    for (int i = 0; i < 5; ++i) QTest::keyClick(slider, Qt::Key_PageDown);
    EXPECT_LT(mean_shown(Shown::electric), before);
    EXPECT_EQ(window->asker().live_electric().traced(), traced);
    EXPECT_TRUE(part<QLabel>(QStringLiteral("scene-figures"))->text().contains(QStringLiteral("lx")));
}

TEST_F(ElectricUse, a_scene_is_saved_and_shown_again_and_stands_beside_daylight) {
    light_the_room();
    auto* slider = part<QSlider>(QStringLiteral("level-%1").arg(QString::fromStdString(option().lighting[0].id)));
    slider->setValue(40);
    QTimer::singleShot(300, window.get(), [] {
        auto* box = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
        ASSERT_NE(box, nullptr);
        box->setTextValue(QStringLiteral("Talk"));
        box->accept();
    });
    drive::click(*window, "save-scene");
    ASSERT_EQ(option().scenes.size(), 1u);
    EXPECT_EQ(option().scenes[0].name, "Talk");
    EXPECT_NEAR(option().scenes[0].levels.at(0).level, 0.4, 1e-9);
    const double as_scene = mean_shown(Shown::electric);
    scenes().show_scene({});
    part<QSlider>(QStringLiteral("level-%1").arg(QString::fromStdString(option().lighting[0].id)))->setValue(100);
    EXPECT_GT(mean_shown(Shown::electric), as_scene);
    scenes().show_scene(option().scenes[0].id);
    EXPECT_NEAR(mean_shown(Shown::electric), as_scene, 1e-6 * as_scene);
    // With daylight: both together, each circuit held back beside it.
    window->document().show_moment({6, 21, 12});
    drive::click(*window, "show-both");
    ASSERT_TRUE(drive::wait_until([&] {
        const auto map = window->desktop().maps().map(Shown::both);
        return map.settled && !map.layers.empty();
    }));
    EXPECT_GT(mean_shown(Shown::both), mean_shown(Shown::moment));
    EXPECT_LT(mean_shown(Shown::both), mean_shown(Shown::moment) + as_scene);
}

TEST_F(ElectricUse, the_year_tells_kwh_of_circuits_and_counts_their_light) {
    light_the_room();
    drive::key(*window, Qt::Key_Y);
    ASSERT_TRUE(drive::wait_until(
        [&] {
            const auto reading = window->answers().year_reading(option().id);
            return reading != nullptr && reading->tables != nullptr && !window->asker().jobs().is_running();
        },
        300000));
    const auto reading = window->answers().year_reading(option().id);
    ASSERT_EQ(reading->tables->lighting.size(), option().lighting.size());
    EXPECT_GT(reading->tables->lighting[0].luminaires, 0u);
    drive::key(*window, Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
    ASSERT_TRUE(drive::wait_until([&] {
        auto* told = part<QLabel>(QStringLiteral("scene-figures"));
        return told != nullptr && told->text().contains(QStringLiteral("LENI"));
    }));
    // What a kWh costs and brings about is typed, and the year's figures follow.
    const auto type_in = [&](const char* name, const char* text) {
        auto* field = part<QLineEdit>(QLatin1String(name));
        ASSERT_NE(field, nullptr) << name;
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, QLatin1String(text));
        QTest::keyClick(field, Qt::Key_Return);
        QTest::qWait(50);
    };
    const double kwh = std::accumulate(reading->tables->lighting.begin(), reading->tables->lighting.end(), 0.0,
                                       [](double sum, const auto& year) { return sum + year.kwh; });
    type_in("energy-price", "2");
    type_in("energy-currency", "sek");
    type_in("energy-co2", "0.5");
    EXPECT_EQ(window->document().project().energy, (model::EnergyFactors{2, "SEK", 0.5}));
    const QString told = part<QLabel>(QStringLiteral("scene-figures"))->text();
    EXPECT_TRUE(told.contains(QStringLiteral("%1 SEK").arg(std::lround(2 * kwh)))) << told.toStdString();
    // Maps of the year count it where one asks so: the target then stands all over the room in nearly all hours.
    drive::key(*window, Qt::Key_Y, Qt::ShiftModifier);
    const Shown shown(figure::daylight_autonomy());
    const auto counts = [&](int key, const QString& words) {
        auto* counted = part<QComboBox>(QStringLiteral("counted"));
        ASSERT_NE(counted, nullptr);
        ASSERT_TRUE(counted->isVisible());
        counted->setFocus();
        QTest::keyClick(counted, static_cast<Qt::Key>(key));
        ASSERT_TRUE(drive::wait_until(
            [&] {
                const auto map = window->desktop().maps().map(shown);
                return !map.layers.empty() && map.name.contains(words);
            },
            30000))
            << words.toStdString();
    };
    counts(Qt::Key_Home, QString());
    const double by_day = mean_shown(shown);
    counts(Qt::Key_End, QStringLiteral(", both lights"));
    const double by_both = mean_shown(shown);
    EXPECT_GT(by_both, by_day + 10);
    counts(Qt::Key_Up, QStringLiteral(", electric light"));
    EXPECT_LT(mean_shown(shown), by_both);
}

}  // namespace
