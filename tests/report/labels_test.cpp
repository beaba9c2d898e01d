// SPDX-License-Identifier: GPL-3.0-or-later
// Nothing is written over anything, and no name is cut.
#include "report/labels.h"

#include <gtest/gtest.h>

#include <QGuiApplication>
#include <QImage>
#include <QPainter>

#include "report/plan.h"
#include "support.h"

using namespace wp;
using namespace wp::report;

TEST(Labels, the_first_takes_the_place_and_the_next_goes_elsewhere_or_is_left_out) {
    Labels labels({QRectF(0, 0, 10, 10)});
    EXPECT_FALSE(labels.take(QRectF(5, 5, 10, 10))) << "something stands there";
    EXPECT_TRUE(labels.take(QRectF(20, 0, 10, 10)));
    const auto place = labels.take_first({{22, 2, 10, 10}, {40, 0, 10, 10}});
    ASSERT_TRUE(place);
    EXPECT_EQ(place->left(), 40);
    EXPECT_FALSE(labels.take_first({{0, 0, 4, 4}, {21, 1, 2, 2}})) << "no place is free";
}

TEST(Labels, what_has_a_plate_covers_a_line_and_what_has_none_keeps_off_it) {
    Labels labels({}, {QRectF(0, 0, 10, 100)});
    EXPECT_FALSE(labels.take_bare(QRectF(5, 20, 30, 12)));
    EXPECT_TRUE(labels.take(QRectF(5, 20, 30, 12)));
    EXPECT_TRUE(labels.take_bare(QRectF(40, 20, 30, 12)));
    EXPECT_FALSE(labels.take_bare(QRectF(20, 25, 30, 12))) << "a plate stands there";
}

// Ink in a part of a picture: pixels darker than paper.
int ink_in(const QImage& image, const QRectF& box) {
    int dark = 0;
    for (int y = static_cast<int>(box.top()); y < box.bottom(); ++y)
        for (int x = static_cast<int>(box.left()); x < box.right(); ++x)
            if (image.rect().contains(x, y) && qGray(image.pixel(x, y)) < 110) ++dark;
    return dark;
}

TEST(Labels, a_plan_leaves_free_what_is_taken) {
    const auto project = test::one_room();
    PlanScene scene;
    scene.option = &project.options[0];
    scene.show_areas = true;
    const QRectF area(0, 0, 400, 500);
    const auto view = PlanView::fit(*scene.option, 0, area, false);
    const QPointF corner = view.to_screen({0, 6});
    // Where the name would stand.
    const QRectF usual(corner.x() + 12, corner.y() + 12, 90, 16);
    const auto drawn = [&](std::vector<QRectF> taken) {
        QImage image(400, 500, QImage::Format_RGB32);
        QPainter painter(&image);
        scene.taken = std::move(taken);
        draw_plan(painter, scene, view, Ink(), area);
        return image;
    };
    EXPECT_GT(ink_in(drawn({}), usual), 20) << "the room's name";
    EXPECT_EQ(ink_in(drawn({usual.adjusted(-4, -4, 4, 4)}), usual), 0) << "it went elsewhere";
}
