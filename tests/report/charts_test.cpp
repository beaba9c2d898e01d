// SPDX-License-Identifier: GPL-3.0-or-later
// Charts of climate and sky: what is drawn stands where it should.
#include <gtest/gtest.h>

#include <QImage>
#include <cmath>

#include "base/file.h"
#include "climate/weather.h"
#include "report/climate_charts.h"
#include "report/paper.h"
#include "report/pictures.h"
#include "report/sky_chart.h"
#include "support.h"

using namespace wp;
using namespace wp::report;

namespace {

QImage picture(QSize size, const Paint& paint) { return QImage::fromData(png_of(size, paint), "PNG"); }

}  // namespace

TEST(SkyFrame, every_projection_leads_to_places_and_back) {
    for (const auto projection : {SkyProjection::equidistant, SkyProjection::stereographic, SkyProjection::unrolled}) {
        const SkyFrame frame(projection, QRectF(0, 0, 800, 500));
        for (int azimuth = 5; azimuth < 360; azimuth += 25)
            for (int altitude = 2; altitude < 90; altitude += 11) {
                const auto back = frame.direction(frame.place(radians(azimuth), radians(altitude)));
                ASSERT_TRUE(back);
                EXPECT_NEAR(std::remainder(back->azimuth - radians(azimuth), 2 * kPi), 0, 1e-6);
                EXPECT_NEAR(back->altitude, radians(altitude), 1e-6);
            }
    }
    EXPECT_FALSE(SkyFrame(SkyProjection::equidistant, QRectF(0, 0, 400, 400)).direction({2, 2})) << "outside the dome";
}

TEST(SkyFrame, equidistant_rings_are_even_and_stereographic_ones_keep_angles) {
    const SkyFrame even(SkyProjection::equidistant, QRectF(0, 0, 400, 400)),
        stereo(SkyProjection::stereographic, QRectF(0, 0, 400, 400));
    EXPECT_NEAR(even.ring(radians(60)), 1.0 / 3, 1e-9);
    EXPECT_NEAR(stereo.ring(radians(60)), std::tan(radians(15)), 1e-9);
    EXPECT_NEAR(stereo.ring(0), 1, 1e-9);
    // North is up, east to the right, as on the plan.
    EXPECT_LT(even.place(0, 0).y(), even.centre().y());
    EXPECT_GT(even.place(kPi / 2, 0).x(), even.centre().x());
}

TEST(SkyChart, shows_the_bright_sky_by_the_sun_and_what_stands_before_it_dark) {
    SkyScene scene;
    scene.place = {50, 0, 0, 0};
    model::SkyChoice clear;
    clear.shape = model::SkyChoice::Shape::cie;
    clear.type = 12;
    clear.amount = model::SkyChoice::Amount::place;
    model::Site site;
    site.latitude = 50;
    scene.outdoors = *question::outdoors_at(site, clear, {6, 21, 12}, {});
    scene.dome.columns = 360;
    scene.dome.rows = 90;
    scene.dome.surface.assign(360 * 90, question::Dome::kSky);
    for (int row = 0; row < 30; ++row)
        for (int column = 0; column < 90; ++column)
            scene.dome.surface[static_cast<size_t>(row * 360 + column)] = 0;  // north-east, up to 30 degrees
    const auto image = picture({600, 600}, [&](QPainter& painter) {
        painter.setFont(page_font(11));
        draw_sky(painter, scene, SkyProjection::equidistant, Ink(), QRectF(0, 0, 600, 600));
    });
    const SkyFrame frame(SkyProjection::equidistant, QRectF(0, 0, 600, 600));
    const auto lightness = [&](double azimuth, double altitude) {
        return image.pixelColor(frame.place(radians(azimuth), radians(altitude)).toPoint()).lightness();
    };
    EXPECT_LT(lightness(40, 12), 110) << "what stands in the way";
    EXPECT_GT(lightness(40, 45), lightness(40, 12)) << "the sky above it";
    EXPECT_GT(lightness(165, 55), lightness(20, 70)) << "brighter by the sun than across from it";
}

TEST(SkyChart, names_the_paths_of_the_year) {
    ASSERT_EQ(path_days().size(), 7u);
    EXPECT_EQ(path_name(path_days().front()), QStringLiteral("21 Dec"));
    EXPECT_EQ(path_name(path_days()[3]), QStringLiteral("21 Mar, Sep"));
    EXPECT_EQ(path_name(0), QStringLiteral("1 Jan"));
}

TEST(ClimateCharts, a_carpet_is_bright_at_noon_in_summer_and_dark_at_night) {
    const auto weather = test::weather(50, 3);
    const auto outdoor = climate::outdoor_year(weather);
    const auto series = climate_series(weather, outdoor, climate::Quantity::global_illuminance);
    const QRectF area(0, 0, 900, 300);
    const auto image = picture({900, 300}, [&](QPainter& painter) { draw_carpet(painter, series, Ink(), area); });
    const QRectF r = carpet_area(area);
    // Mean over a fortnight, so that one dull day does not decide.
    const auto lightness = [&](int day, int hour) {
        double sum = 0;
        for (int d = day - 7; d <= day + 7; ++d)
            sum += image
                       .pixelColor(static_cast<int>(r.left() + (d + 0.5) / 365 * r.width()),
                                   static_cast<int>(r.bottom() - (hour + 0.5) / 24 * r.height()))
                       .lightness();
        return sum / 15;
    };
    EXPECT_GT(lightness(171, 12), lightness(354, 12) + 20);
    EXPECT_GT(lightness(171, 12), lightness(171, 1) + 40);
    EXPECT_EQ(image.pixelColor(static_cast<int>(r.left() + 100), static_cast<int>(r.bottom() - 3)), light_colour(0))
        << "midnight";
}

TEST(ClimateCharts, hours_that_the_file_lacks_are_no_darkness) {
    auto weather = test::weather(50, 3);
    for (auto& hour : weather.hours) hour.cloud = NAN;
    const auto series = climate_series(weather, climate::outdoor_year(weather), climate::Quantity::cloud);
    const QRectF area(0, 0, 900, 300);
    const auto image = picture({900, 300}, [&](QPainter& painter) { draw_carpet(painter, series, Ink(), area); });
    EXPECT_EQ(image.pixelColor(carpet_area(area).center().toPoint()), Ink().ground);
}

TEST(ClimateCharts, a_page_of_every_quantity_is_a_picture_and_a_drawing) {
    const test::Folder folder;
    const auto weather = test::weather(50, 3);
    const auto outdoor = climate::outdoor_year(weather);
    for (const auto quantity : climate::kQuantities)
        for (const char* suffix : {".png", ".svg"}) {
            const auto path = folder / (std::string(climate::name_of(quantity).id) + suffix);
            ASSERT_FALSE(write_paper(path, {800, 600}, QStringLiteral("Climate"), [&](QPainter& painter) {
                draw_climate_page(painter, weather, outdoor, quantity, Ink(), {800, 600});
            }));
            const auto bytes = read_file(path);
            ASSERT_TRUE(bytes);
            EXPECT_GT(bytes->size(), 5000u);
            if (suffix[1] == 's') EXPECT_NE(bytes->find("<svg"), std::string::npos);
        }
}

TEST(Paper, is_refused_where_it_cannot_be_written_and_leaves_nothing) {
    const test::Folder folder;
    EXPECT_TRUE(write_paper(folder / "missing" / "a.svg", {100, 100}, QStringLiteral("a"), [](QPainter&) {}));
    EXPECT_FALSE(std::filesystem::exists(folder / "missing"));
}

TEST(LightScale, is_logarithmic_only_where_sun_patches_would_leave_all_else_dark) {
    MapLayer even, patches;
    for (int i = 0; i < 100; ++i) {
        even.value.push_back(200 + i);
        patches.value.push_back(i < 90 ? 300 + i : 30000);
    }
    EXPECT_FALSE(light_scale({even}).logarithmic);
    const Scale scale = light_scale({patches});
    EXPECT_TRUE(scale.logarithmic);
    EXPECT_LE(scale.bottom, 300);
    EXPECT_GE(scale.top, 30000);
    EXPECT_GT(scale.place(390), 0.1) << "the shade keeps a share of the colours";
    EXPECT_EQ(light_scale({}).top, 1);
}

TEST(Plan, a_map_at_a_window_is_a_band_before_the_wall) {
    const auto project = test::one_room();
    PlanScene scene;
    scene.option = &project.options[0];
    MapLayer layer;
    layer.plane.storey = "ground";
    layer.plane.plane = "W-01";
    layer.plane.columns = layer.plane.rows = 1;
    layer.plane.dx = 2;
    layer.plane.dy = 1.5;
    layer.plane.cell_of = {0};
    layer.plane.points = {{2, -0.36, 1.75}};
    layer.plane.across = {1, 0, 0};
    layer.plane.up = {0, 0, 1};
    layer.plane.normal = {0, -1, 0};
    layer.plane.corner = {1, -0.36, 1};
    layer.value = {0.9};
    scene.maps = {layer};
    scene.scale = {0, 1, false};
    scene.marks.values = false;
    scene.dimensions = false;
    const PlanView view = PlanView::fit(project.options[0], 0, QRectF(60, 60, 480, 480));
    const auto image =
        picture({600, 600}, [&](QPainter& painter) { draw_plan(painter, scene, view, Ink(), QRectF(0, 0, 600, 600)); });
    const QPointF before = view.to_screen({2, -0.36}) + QPointF(0, 5);
    // Pictures round colours to eight bits.
    const auto near = [](const QColor& a, const QColor& b) {
        return std::abs(a.red() - b.red()) + std::abs(a.green() - b.green()) + std::abs(a.blue() - b.blue()) <= 6;
    };
    EXPECT_TRUE(near(image.pixelColor(before.toPoint()), light_colour(0.9)));
    const QPointF beside = view.to_screen({3.5, -0.36}) + QPointF(0, 5);
    EXPECT_FALSE(near(image.pixelColor(beside.toPoint()), light_colour(0.9)));
}
