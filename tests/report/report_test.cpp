// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <QGuiApplication>
#include <QImage>
#include <QPainter>

#include "base/file.h"
#include "question/ask.h"
#include "report/pictures.h"
#include "report/plan_map.h"
#include "support.h"

using namespace wp;
using namespace wp::report;

namespace {

// Relative luminance of WCAG 2, a fair stand-in for lightness.
double luminance(const QColor& c) {
    const auto linear = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
    return 0.2126 * linear(static_cast<double>(c.redF())) + 0.7152 * linear(static_cast<double>(c.greenF())) +
           0.0722 * linear(static_cast<double>(c.blueF()));
}

double contrast(const QColor& a, const QColor& b) {
    const double x = luminance(a) + 0.05, y = luminance(b) + 0.05;
    return std::max(x, y) / std::min(x, y);
}

}  // namespace

TEST(Plan, shows_what_lies_in_above_and_below_the_cut) {
    auto project = test::one_room();
    auto& option = project.options[0];
    option.planes.clear();
    option.observers.clear();
    auto& storey = option.storeys[0];
    model::Partition high, low;
    high.id = low.id = "screen";
    high.material = low.material = "grey";
    high.from = {1, 4};
    high.to = {3, 4};
    high.thickness = low.thickness = 0.4;
    high.height = 2;
    low = high;
    low.id = "sill";
    low.from.y = low.to.y = 5;
    low.height = 0.9;
    storey.partitions = {high, low};
    const PlanView view = PlanView::fit(option, 0, QRectF(0, 0, 600, 700));
    const Ink ink;
    const auto paint = [&](double cut, const QImage& underlay = {}) {
        QImage picture(600, 700, QImage::Format_RGB32);
        QPainter painter(&picture);
        PlanScene scene;
        scene.option = &option;
        scene.cut = cut;
        scene.room_names = false;
        scene.underlay = underlay;
        draw_plan(painter, scene, view, ink, picture.rect());
        return picture;
    };
    const auto colour = [&](const QImage& picture, Vec2 p) { return picture.pixelColor(view.to_screen(p).toPoint()); };
    const QImage plan = paint(1.35);
    EXPECT_EQ(colour(plan, {2, 4}), ink.poche) << "cut through";
    EXPECT_EQ(colour(plan, {2, 5}), ink.ground) << "seen from above";
    EXPECT_EQ(colour(plan, {3.5, 4.5}), ink.room);
    EXPECT_EQ(colour(plan, {0.5, -0.2}), ink.poche) << "the wall beside the window";
    EXPECT_NE(colour(plan, {2.3, -0.25}), ink.poche) << "the window in it";
    EXPECT_EQ(colour(paint(0.5), {2.3, -0.25}), ink.poche) << "cut below the sill the wall is whole";

    storey.underlay.file = "x";
    storey.underlay.place = {-5, -5};
    storey.underlay.width = 20;
    storey.underlay.strength = 1;
    QImage red(10, 10, QImage::Format_RGB32);
    red.fill(Qt::red);
    const QColor through = colour(paint(1.35, red), {3.5, 4.5});
    EXPECT_GT(through.red(), through.green() + 60) << "a drawing that is traced shows through the rooms";
}

TEST(Plan, an_upper_storey_shows_its_voids_and_the_lines_below) {
    auto project = test::one_room();
    auto& option = project.options[0];
    option.planes.clear();
    auto upper = model::new_storey("upper", "Upper", 3.3);
    model::Room room = option.storeys[0].rooms[0];
    room.id = "upper-room";
    room.openings.clear();
    room.footprint = {{0, 0}, {4, 0}, {4, 4}, {0, 4}};
    upper.rooms = {room};
    upper.voids = {{"void", "Void", {{1, 1}, {3, 1}, {3, 2}, {1, 2}}, ""}};
    option.storeys.push_back(upper);
    const PlanView view = PlanView::fit(option, 1, QRectF(0, 0, 500, 500));
    QImage picture(500, 700, QImage::Format_RGB32);
    QPainter painter(&picture);
    PlanScene scene;
    scene.option = &option;
    scene.storey = 1;
    scene.room_names = false;
    const Ink ink;
    draw_plan(painter, scene, view, ink, picture.rect());
    painter.end();
    EXPECT_EQ(picture.pixelColor(view.to_screen({1.5, 1.3}).toPoint()), ink.paper) << "a hole shows the paper";
    EXPECT_EQ(picture.pixelColor(view.to_screen({0.5, 3}).toPoint()), ink.room);
    const QPoint in_wall = view.to_screen({2.3, -0.25}).toPoint();
    EXPECT_EQ(picture.pixelColor(in_wall), ink.poche);
    // A window from below that the cut still meets is seen here, too.
    option.storeys[0].rooms[0].openings[0].height = 4.5;
    painter.begin(&picture);
    draw_plan(painter, scene, view, ink, picture.rect());
    painter.end();
    EXPECT_NE(picture.pixelColor(in_wall), ink.poche);
}

TEST(Palette, gets_lighter_with_the_light_all_along) {
    double before = -1;
    for (int i = 0; i <= 255; ++i) {
        const double now = luminance(light_colour(i / 255.0));
        EXPECT_GE(now, before - 1e-4) << i;
        before = now;
    }
    EXPECT_LT(luminance(light_colour(0)), 0.03);
    EXPECT_GT(luminance(light_colour(1)), 0.8);
}

TEST(Palette, numbers_can_be_read_on_every_colour) {
    for (int i = 0; i <= 100; ++i) EXPECT_GE(contrast(light_colour(i / 100.0), ink_on(i / 100.0)), 3.0) << i;
}

TEST(Palette, differences_meet_in_the_paper) {
    EXPECT_EQ(difference_colour(0), difference_colour(-0.0));
    EXPECT_GT(luminance(difference_colour(0)), luminance(difference_colour(0.9)));
    EXPECT_GT(difference_colour(-1).blue(), difference_colour(1).blue());
}

TEST(Scales, place_values_between_their_ends) {
    const Scale linear{0, 8, false}, logarithmic{10, 100000, true};
    EXPECT_DOUBLE_EQ(linear.place(2), 0.25);
    EXPECT_DOUBLE_EQ(linear.place(99), 1);
    EXPECT_DOUBLE_EQ(linear.place(-1), 0);
    EXPECT_NEAR(logarithmic.place(1000), 0.5, 1e-12);
    EXPECT_DOUBLE_EQ(logarithmic.place(0), 0);
    EXPECT_DOUBLE_EQ(nice_top(7.1), 8);
    EXPECT_DOUBLE_EQ(nice_top(2840), 3000);
    EXPECT_DOUBLE_EQ(nice_top(0), 1);
}

TEST(PlanViews, go_there_and_back) {
    const auto project = test::one_room();
    const auto view = PlanView::fit(project.options[0], 0, QRectF(0, 0, 800, 600));
    for (const Vec2 p : {Vec2{0, 0}, Vec2{4, 6}, Vec2{-3, 2.5}}) {
        const Vec2 back = view.to_model(view.to_screen(p));
        EXPECT_NEAR(back.x, p.x, 1e-9);
        EXPECT_NEAR(back.y, p.y, 1e-9);
    }
    for (const Vec2 corner : project.options[0].storeys[0].rooms[0].footprint)
        EXPECT_TRUE(QRectF(0, 0, 800, 600).contains(view.to_screen(corner)));
    EXPECT_LT(view.to_screen({0, 6}).y(), view.to_screen({0, 0}).y()) << "north is up";
}

TEST(Maps, colour_each_cell_by_its_value_with_north_on_top) {
    const auto project = test::one_room();
    auto plane = project.options[0].planes[0];
    plane.spacing = 2;
    MapLayer layer{*geometry::plane_points(project.options[0], plane), {}, 0, false};
    for (size_t i = 0; i < layer.plane.points.size(); ++i) layer.value.push_back(static_cast<double>(i));
    const Scale scale{0, static_cast<double>(layer.value.size() - 1), false};
    const QImage image = map_image(layer, scale);
    EXPECT_EQ(image.width(), layer.plane.columns);
    EXPECT_EQ(image.pixelColor(0, image.height() - 1), light_colour(0)) << "the first point is in the south-west";
    EXPECT_EQ(image.pixelColor(image.width() - 1, 0), light_colour(1));
}

TEST(Figures, have_three_digits_that_matter) {
    EXPECT_EQ(report::figure(0.123), QStringLiteral("0.12"));
    EXPECT_EQ(report::figure(12.34), QStringLiteral("12.3"));
    EXPECT_EQ(report::figure(1234.4), QStringLiteral("1234"));
    EXPECT_EQ(error_figure(0.004), QStringLiteral("0.004")) << "an error is never rounded to nothing";
    EXPECT_EQ(error_figure(0.02), QStringLiteral("0.02"));
}

TEST(Pictures, of_an_answer_are_whole_png_files) {
    const test::Folder folder;
    const auto project = test::one_room();
    const auto answer =
        question::daylight_factor(geometry::build_surfaces(project, project.options[0]),
                                  *question::planes_of(project.options[0], project.questions[0]), {0.2, 1, 0});
    PlanScene scene;
    scene.option = &project.options[0];
    scene.maps = daylight_maps(answer);
    scene.scale = {0, 10, false};
    ASSERT_FALSE(write_map(scene, "One room", "Daylight factor", "%", folder / "map.png"));
    const QImage image(QString::fromStdString((folder / "map.png").string()));
    EXPECT_EQ(image.width(), 1400);
    // Somewhere on it are the map's own colours.
    int warm = 0;
    for (int y = 0; y < image.height(); y += 4)
        for (int x = 0; x < image.width(); x += 4) warm += image.pixelColor(x, y).hsvSaturation() > 90 ? 1 : 0;
    EXPECT_GT(warm, 500);
    EXPECT_TRUE(write_map(scene, "", "", "", folder / "missing" / "map.png"));
}

int main(int argc, char** argv) {
    ::testing::InitGoogleTest(&argc, argv);
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    return RUN_ALL_TESTS();
}
