// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures looked into by hand: opened, read, measured, held beside each other, saved and opened again.
#include "gui/picture/picture_window.h"

#include <gtest/gtest.h>

#include <QTableWidget>
#include <QTest>

#include "asked_room.h"
#include "base/file.h"
#include "climate/epw.h"
#include "gui/drive.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;

namespace {

class PictureUse : public ::testing::Test {
 protected:
    void SetUp() override {
        ASSERT_FALSE(store::save_project(test::asked_room(0.06), folder / "p.warmpane"));
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather())));
        window = std::make_unique<Window>();
        ASSERT_FALSE(window->open(folder / "p.warmpane"));
        drive::show(*window);
        ASSERT_TRUE(drive::read_weather(*window));
        window->document().show_moment({6, 21, 12});
        window->show_desk(DeskKind::light);
        drive::look_quickly(*window);
        drive::key(*window, Qt::Key_L, Qt::ControlModifier | Qt::ShiftModifier);
        viewer = &window->part<PictureWindow>();
        ASSERT_TRUE(viewer->isVisible());
        ASSERT_TRUE(settled());
    }
    bool settled() {
        return drive::wait_until([&] { return viewer->shown() != nullptr && !window->asker().eye().is_settling(); },
                                 60000);
    }
    template <class T>
    T& part(const char* name) {
        return *viewer->findChild<T*>(QString::fromLatin1(name));
    }
    void choose(const char* name, int index) {
        auto& box = part<QComboBox>(name);
        box.setFocus();
        QTest::keyClick(&box, Qt::Key_Home);
        for (int i = 0; i < index; ++i) QTest::keyClick(&box, Qt::Key_Down);
        emit box.activated(box.currentIndex());
    }
    QString facts() { return part<QLabel>("picture-facts").text(); }
    test::Folder folder;
    std::unique_ptr<Window> window;
    PictureWindow* viewer = nullptr;
};

TEST_F(PictureUse, is_read_measured_and_judged) {
    EXPECT_TRUE(facts().contains(QStringLiteral("DGP"))) << facts().toStdString();
    EXPECT_GT(part<QTableWidget>("picture-sources").rowCount(), 0);
    EXPECT_EQ(part<QTableWidget>("picture-indices").rowCount(), 6);
    auto& view = viewer->left();
    const QPointF from = view.at({100, 150}), to = view.at({130, 170});
    QTest::mousePress(&view, Qt::LeftButton, {}, from.toPoint());
    QTest::mouseMove(&view, ((from + to) / 2).toPoint());
    QTest::mouseMove(&view, to.toPoint());
    QTest::mouseRelease(&view, Qt::LeftButton, {}, to.toPoint());
    const auto figures = question::figures_of(viewer->shown()->picture, view.region());
    EXPECT_NEAR(static_cast<double>(figures.pixels), 600, 150);
    const QString said = part<QLabel>("picture-region").text();
    EXPECT_TRUE(said.contains(report::figure(figures.mean))) << said.toStdString();
    QTest::mouseClick(&view, Qt::LeftButton, {}, from.toPoint());
    EXPECT_EQ(view.region().shape, question::PictureRegion::Shape::all) << "a click lets it go";
}

TEST_F(PictureUse, counts_as_sources_what_one_chooses) {
    choose("picture-against", 2);
    ASSERT_TRUE(drive::wait_until(
        [&] { return viewer->shown()->rule.against == metric::SourceRule::Against::fixed_luminance; }));
    for (const auto& source : viewer->shown()->sources) EXPECT_GE(source.luminance, 2000);
    choose("picture-against", 1);
    EXPECT_TRUE(part<QToolButton>("picture-zone").isChecked()) << "the zone is shown where it counts";
    ASSERT_TRUE(
        drive::wait_until([&] { return viewer->shown()->rule.against == metric::SourceRule::Against::task_zone; }));
    const auto zone = viewer->shown()->rule.zone;
    const auto at = light::place_of(viewer->shown()->picture.lens, {}, {0, 1, 0});
    ASSERT_TRUE(at);
    QTest::mouseClick(&viewer->left(), Qt::LeftButton, {}, viewer->left().at({at->x + 40, at->y}).toPoint());
    EXPECT_TRUE(drive::wait_until([&] { return !(viewer->shown()->rule.zone == zone); }))
        << "dragged to where one works";
    EXPECT_GT(viewer->shown()->rule.zone.x, 0.3);
}

TEST_F(PictureUse, is_held_and_laid_beside_one_with_the_blinds_closed) {
    part<QToolButton>("picture-hold").click();
    choose("picture-blinds", 2);
    ASSERT_TRUE(drive::wait_until(
        [&] {
            return viewer->shown() != nullptr && !viewer->shown()->blinds.groups.empty() &&
                   viewer->shown()->blinds.groups[0].words == "all blinds closed, as asked";
        },
        60000));
    ASSERT_TRUE(settled());
    EXPECT_TRUE(viewer->right().isVisible());
    EXPECT_LT(viewer->shown()->vertical_lux, 0.5 * viewer->right().answer()->vertical_lux);
    QTest::mouseMove(&viewer->left(), viewer->left().at({128, 128}).toPoint());
    QTest::qWait(30);
    ASSERT_TRUE(viewer->right().look().pointed) << "both are pointed at";
    EXPECT_NEAR(viewer->right().look().pointed->x, 128, 1);
    part<QToolButton>("picture-difference").click();
    ASSERT_TRUE(drive::wait_until([&] { return !viewer->right().isVisible(); }));
    EXPECT_LT(question::figures_of(viewer->shown()->picture).mean, 0) << "less light than before";
}

TEST_F(PictureUse, goes_out_with_its_record_and_comes_back_to_be_judged_the_same_way) {
    const auto shown = viewer->shown();
    ASSERT_FALSE(viewer->save_as(folder / "a.exr"));
    ASSERT_FALSE(viewer->save_as(folder / "a.png"));
    ASSERT_FALSE(viewer->save_as(folder / "a.csv"));
    EXPECT_NE(read_file(folder / "a.csv")->find("share_of_sum"), std::string::npos);
    viewer->open_file(folder / "a.exr");
    ASSERT_TRUE(
        drive::wait_until([&] { return viewer->shown() != nullptr && viewer->shown()->observer.name == "a.exr"; }));
    EXPECT_NEAR(viewer->shown()->dgp, shown->dgp, 1e-4);
    EXPECT_NEAR(viewer->shown()->vertical_lux, shown->vertical_lux, 1e-3 * shown->vertical_lux);
    EXPECT_EQ(viewer->shown()->sources.size(), shown->sources.size());
}

TEST_F(PictureUse, is_taken_from_where_the_model_is_looked_at) {
    window->desktop().commands().find(QStringLiteral("Picture from the model's view"))->trigger();
    ASSERT_TRUE(drive::wait_until(
        [&] {
            return viewer->shown() != nullptr && viewer->shown()->picture.lens.kind == light::Lens::Kind::perspective;
        },
        60000));
    const auto& pose = viewer->shown()->picture.pose;
    EXPECT_LT(pose.forward.z, 0) << "down onto the building";
    EXPECT_GT(pose.at.z, 2);
    EXPECT_TRUE(viewer->shown()->observer.id.empty());
}

TEST_F(PictureUse, is_taken_through_other_lenses_and_shown_as_film_or_as_an_eye_would_see_it) {
    choose("picture-lens", 2);
    ASSERT_TRUE(
        drive::wait_until([&] { return viewer->shown()->picture.lens.kind == light::Lens::Kind::perspective; }, 60000));
    EXPECT_EQ(viewer->shown()->picture.lens.height, 192);
    EXPECT_FALSE(viewer->shown()->judged);
    EXPECT_TRUE(facts().contains(QStringLiteral("mean"))) << facts().toStdString();
    const auto middle = [&] {
        QTest::qWait(50);
        return viewer->left().grab().toImage().pixelColor(viewer->left().at({130, 100}).toPoint());
    };
    const QColor coloured = middle();
    part<QComboBox>("picture-look").setCurrentIndex(1);
    EXPECT_TRUE(part<QDoubleSpinBox>("picture-stops").isVisible());
    const QColor grey = middle();
    EXPECT_EQ(grey.red(), grey.blue());
    EXPECT_NE(coloured.red(), coloured.blue());
    part<QDoubleSpinBox>("picture-stops").setValue(-3);
    EXPECT_LT(middle().red(), grey.red());
    part<QComboBox>("picture-look").setCurrentIndex(2);
    const QColor seen = middle();
    EXPECT_EQ(seen.red(), seen.blue());
    EXPECT_GT(seen.red(), 10);
}

TEST_F(PictureUse, many_are_taken_together_and_one_of_them_is_looked_at) {
    auto& many = part<QToolButton>("picture-many");
    bool filled = false;
    QTimer::singleShot(0, viewer, [&] {
        auto& dialog = *QApplication::activeModalWidget();
        auto& hours = *dialog.findChild<QLineEdit*>(QStringLiteral("batch-hours"));
        auto& told = *dialog.findChild<QLabel*>(QStringLiteral("batch-told"));
        auto* take = dialog.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok);
        hours.setFocus();
        hours.selectAll();
        QTest::keyClicks(&hours, QStringLiteral("9, 25"));
        EXPECT_TRUE(told.text().contains(QStringLiteral("25"))) << told.text().toStdString();
        EXPECT_FALSE(take->isEnabled());
        hours.selectAll();
        QTest::keyClicks(&hours, QStringLiteral("9, 15:30"));
        EXPECT_TRUE(told.text().startsWith(QStringLiteral("2 pictures"))) << told.text().toStdString();
        QTest::mouseClick(dialog.findChild<QCheckBox*>(QStringLiteral("batch-keep")), Qt::LeftButton, {}, {8, 8});
        filled = true;
        QTest::mouseClick(take, Qt::LeftButton);
    });
    QTest::mouseClick(&many, Qt::LeftButton);
    ASSERT_TRUE(filled);
    const auto& pictures = window->asker().pictures();
    ASSERT_TRUE(drive::wait_until([&] { return pictures.pictures().size() == 2; }, 120000));
    EXPECT_TRUE(viewer->contact().isVisible());
    EXPECT_EQ(pictures.pictures()[1].shot.question.moment.hour, 15.5);
    EXPECT_EQ(window->document().project().questions.back().moments.size(), 2u) << "the question is kept";
    ASSERT_FALSE(viewer->save_as(folder / "sheet.png"));
    ASSERT_FALSE(viewer->save_as(folder / "table.csv"));
    EXPECT_EQ(std::ranges::count(*read_file(folder / "table.csv"), '\n'), 3);
    QTest::mouseClick(viewer->contact().canvas(), Qt::LeftButton, {}, viewer->contact().cell(1).center().toPoint());
    EXPECT_FALSE(viewer->contact().isVisible());
    ASSERT_TRUE(drive::wait_until([&] { return viewer->shown() != nullptr && viewer->shown()->moment.hour == 15.5; }));
}

}  // namespace
