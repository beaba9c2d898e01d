// SPDX-License-Identifier: GPL-3.0-or-later
// Contours, hatching, values, figures, profiles and plans to scale, as they are painted.
#include <gtest/gtest.h>

#include <QPainter>

#include "base/file.h"
#include "report/paper.h"
#include "report/pictures.h"
#include "report/plan_map.h"
#include "report/profile_chart.h"
#include "support.h"

namespace wp::report {
namespace {

// Falls evenly from south to north, 10 to 0.
MapLayer slope(int columns = 8, int rows = 12) {
    MapLayer layer;
    auto& p = layer.plane;
    p.plane = "plane";
    p.room = "room";
    p.storey = "ground";
    p.columns = columns;
    p.rows = rows;
    p.dx = 4.0 / columns;
    p.dy = 6.0 / rows;
    for (int j = 0; j < rows; ++j)
        for (int i = 0; i < columns; ++i) {
            p.cell_of.push_back(j * columns + i);
            p.points.push_back({(i + 0.5) * p.dx, (j + 0.5) * p.dy, 0.8});
            layer.value.push_back(10 - 10 * (j + 0.5) / rows);
        }
    return layer;
}

QImage drawn(const MapLayer& layer, const MapMarks& marks, double pixels = 60, const Scale& scale = {0, 10, false},
             const std::vector<QRectF>& taken = {}) {
    QImage image(static_cast<int>(4 * pixels), static_cast<int>(6 * pixels), QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.setFont(page_font(11));
    Labels labels(taken);
    draw_layer(
        painter, layer, scale, marks, [&](Vec3 p) { return QPointF(p.x * pixels, (6 - p.y) * pixels); }, Ink(), labels);
    return image;
}

int differing(const QImage& a, const QImage& b, int from_row = 0, int to_row = 1 << 20) {
    int n = 0;
    for (int y = from_row; y < std::min(to_row, a.height()); ++y)
        for (int x = 0; x < a.width(); ++x) n += a.pixel(x, y) != b.pixel(x, y);
    return n;
}

const MapMarks kBare = [] {
    MapMarks marks;
    marks.values = false;
    return marks;
}();

TEST(Values, none_is_begun_where_a_rooms_name_will_stand) {
    MapMarks bare;
    bare.values = false;
    const QImage empty = drawn(slope(), bare), all = drawn(slope(), {});
    const QRectF plate(10, 8, 120, 40);
    const QImage spared = drawn(slope(), {}, 60, {0, 10, false}, {plate});
    const auto in_plate = [&](const QImage& image) {
        int n = 0;
        for (int y = 8; y < 48; ++y)
            for (int x = 10; x < 130; ++x) n += image.pixel(x, y) != empty.pixel(x, y);
        return n;
    };
    EXPECT_GT(in_plate(all), 50) << "there would be values";
    EXPECT_EQ(in_plate(spared), 0) << "not even a part of one";
    EXPECT_EQ(differing(all, spared, 80), 0) << "elsewhere they stand as before";
}

TEST(MapMarks, hatch_what_is_below_and_above_and_leave_the_band_alone) {
    MapMarks band = kBare;
    band.low = 3;
    band.high = 6;
    const QImage plain = drawn(slope(), kBare), hatched = drawn(slope(), band);
    // 3 is met 4.2 m north, 6 at 2.4 m: rows from the top.
    EXPECT_EQ(differing(plain, hatched, static_cast<int>((6 - 4.15) * 60), static_cast<int>((6 - 2.45) * 60)), 0);
    EXPECT_GT(differing(plain, hatched, 0, static_cast<int>((6 - 4.25) * 60)), 3000);
    EXPECT_GT(differing(plain, hatched, static_cast<int>((6 - 2.35) * 60)), 3000);
}

TEST(MapMarks, contours_run_where_the_value_is) {
    MapMarks lines = kBare;
    lines.contours = true;
    const QImage plain = drawn(slope(), kBare), lined = drawn(slope(), lines);
    for (const double value : {2.0, 4.0, 6.0, 8.0}) {
        const int row = static_cast<int>((6 - 6 * (1 - value / 10)) * 60);
        EXPECT_GT(differing(plain, lined, row - 2, row + 3), 200) << value;
        EXPECT_EQ(differing(plain, lined, row + 10, row + 26), 0) << value;
    }
}

TEST(MapMarks, values_are_thinned_when_small_and_all_there_when_large) {
    MapMarks values = kBare;
    values.values = true;
    const auto inked = [&](double pixels) {
        return static_cast<double>(
            differing(drawn(slope(16, 24), kBare, pixels), drawn(slope(16, 24), values, pixels)));
    };
    // Four times as far in, all 384 stand there: far more ink than the picture's growth alone would bring to a constant
    // number.
    EXPECT_GT(inked(40), 100);
    EXPECT_GT(inked(160), 8 * inked(40));
    EXPECT_EQ(inked(2), 0) << "no room for even one";
}

TEST(MapMarks, steps_paint_bands_with_hard_borders) {
    const QImage image = drawn(slope(), kBare, 60, {0, 10, false, 5});
    std::set<QRgb> colours;
    for (int y = 6; y < image.height() - 6; ++y) colours.insert(image.pixel(120, y));
    EXPECT_LE(colours.size(), 20u) << "five bands and what smoothing leaves at their borders";
    EXPECT_GE(colours.size(), 5u);
}

TEST(RoomFigures, are_those_of_the_points) {
    MapLayer layer = slope();
    MapMarks marks;
    marks.level = 5;
    marks.low = 2.5;
    marks.high = 7.5;
    layer.value[0] = NAN;
    const auto f = figures_of(layer, marks);
    EXPECT_EQ(f.points, 95u);
    EXPECT_NEAR(f.mean, (5.0 * 96 - (10 - 10 * 0.5 / 12)) / 95, 1e-9);
    EXPECT_NEAR(*f.share, 47.0 / 95, 1e-9);
    EXPECT_NEAR(f.within, 48.0 / 95, 1e-9);
    EXPECT_NEAR(f.uniformity, f.least / f.mean, 1e-12);
    EXPECT_EQ(figure_lines(f, marks, QStringLiteral("%")).size(), 2);
}

TEST(PlanToScale, is_as_large_as_it_says_and_lies_where_it_says) {
    test::Folder folder;
    const auto project = test::one_room();
    PlanScene scene;
    scene.project = &project;
    scene.option = &project.options[0];
    ASSERT_FALSE(write_plan_to_scale(scene, folder / "plan.png", 100, 254));
    const QImage picture(QString::fromStdString((folder / "plan.png").string()));
    // 254 dots an inch at 1:100: a hundred pixels a metre. 4 m and two walls and a metre of paper either side.
    EXPECT_NEAR(picture.width(), (4 + 2 * 0.35 + 2) * 100, 3);
    EXPECT_NEAR(picture.height(), (6 + 2 * 0.35 + 2) * 100, 3);
    ASSERT_FALSE(write_plan_to_scale(scene, folder / "plan.svg", 100, 254));
    const auto svg = read_file(folder / "plan.svg");
    ASSERT_TRUE(svg);
    EXPECT_NE(svg->find("upper left corner at x -1.35"), std::string::npos);
    // 6.70 m at 1:100 are 67 mm.
    EXPECT_NE(svg->find("width=\"67"), std::string::npos);
    EXPECT_TRUE(write_plan_to_scale(scene, folder / "huge.png", 1, 1200)) << "refused before the memory is gone";
    EXPECT_FALSE(std::filesystem::exists(folder / "huge.png"));
    EXPECT_TRUE(write_plan_to_scale(scene, folder / "no" / "such" / "folder.png", 100, 100));
}

TEST(ProfileChart, places_curves_by_metres_and_values) {
    ProfileChart chart;
    chart.length = 6;
    chart.scale = {0, 10, false};
    chart.unit = QStringLiteral("%");
    chart.curves = {{QStringLiteral("A"), {{0, 10, 0.5}, {6, 0, 0.5}}, false, true}};
    const QRectF area(0, 0, 600, 300);
    const auto frame = profile_frame(chart, area);
    EXPECT_NEAR(frame.along(frame.x(3.3)), 3.3, 1e-9);
    EXPECT_NEAR(frame.at(chart, 0, 0).y(), frame.plot.bottom(), 1e-9);
    EXPECT_NEAR(frame.at(chart, 0, 10).y(), frame.plot.top(), 1e-9);
    QImage image(600, 300, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.setFont(page_font(11));
    draw_profile(painter, chart, Ink(), area);
    painter.end();
    const QPointF middle = frame.at(chart, 3, 5);
    EXPECT_NE(image.pixelColor(middle.toPoint()), QColor(Qt::white));
    const std::string csv = profile_csv(chart.curves, chart.unit);
    EXPECT_EQ(csv, "along_m,\"A (%)\",\"A half-width\"\n0.000,10,0.5\n6.000,0,0.5\n");
}

}  // namespace
}  // namespace wp::report
