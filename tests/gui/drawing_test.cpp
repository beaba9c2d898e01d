// SPDX-License-Identifier: GPL-3.0-or-later
// A drawing of lines under the storey: its corners are taken, its outlines become rooms, its layers are switched.
#include <QListWidget>
#include <QTimer>

#include "base/file.h"
#include "gui/build/underlay_on_sheet.h"
#include "incoming/foreign_files.h"
#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

class DrawingUnder : public Hands {
 protected:
    void SetUp() override {
        auto project = one_room();
        project.options[0].storeys[0].rooms.clear();
        project.options[0].planes.clear();
        open(project);
        drive::click(*window, "desk-build");
        auto house = ForeignHouse::sound();
        house.unit = 0.001;
        ASSERT_FALSE(write_file(folder_ / "plan.dxf", house.dxf()));
        under()->lay(QString::fromStdString((folder_ / "plan.dxf").string()));
        QTest::qWait(100);
    }
    UnderlayOnSheet* under() { return &window->part<UnderlayOnSheet>(); }
    model::Storey& storey() { return const_cast<model::Storey&>(window->document().option().storeys[0]); }
    void run(const QString& command) {
        for (const auto& one : window->desktop().commands().all())
            if (one.action->text() == command) return one.action->trigger();
        FAIL() << command.toStdString();
    }
    Folder folder_;
};

}  // namespace

TEST_F(DrawingUnder, lies_in_metres_where_it_was_drawn_and_its_corners_are_taken) {
    ASSERT_NE(window->sheet().drawing(), nullptr);
    EXPECT_NEAR(storey().underlay.width, 8.2, 1e-6) << "millimetres, as the file says";
    const auto snap = window->sheet().snap({5.18, 3.97});
    EXPECT_EQ(snap.kind, geometry::Snap::Kind::end);
    EXPECT_NEAR(snap.at.x, 5.2, 1e-6);
    EXPECT_NEAR(snap.at.y, 4, 1e-6);
    const auto middle = window->sheet().snap({6.72, 0.03});
    EXPECT_EQ(middle.kind, geometry::Snap::Kind::middle);
    EXPECT_NEAR(middle.at.x, 6.7, 1e-6);
}

TEST_F(DrawingUnder, its_closed_outlines_become_rooms_by_a_click) {
    run(QStringLiteral("Rooms from closed outlines of the drawing"));
    drive::click_sheet(*window, {2, 2});
    drive::click_sheet(*window, {7, 2});
    ASSERT_EQ(storey().rooms.size(), 2u);
    EXPECT_NEAR(geometry::signed_area(storey().rooms[0].footprint), 20, 1e-6);
    EXPECT_NEAR(geometry::signed_area(storey().rooms[1].footprint), 12, 1e-6);
    drive::click_sheet(*window, {12, 8});
    EXPECT_EQ(storey().rooms.size(), 2u) << "no outline goes around that place";
}

TEST_F(DrawingUnder, layers_are_switched_off_and_their_lines_are_taken_no_more) {
    QTimer::singleShot(300, [] {
        auto* dialog = QApplication::activeModalWidget();
        ASSERT_NE(dialog, nullptr);
        auto* list = dialog->findChild<QListWidget*>(QStringLiteral("drawing-layer-list"));
        ASSERT_EQ(list->count(), 2);
        list->item(0)->setCheckState(Qt::Unchecked);
        QTest::mouseClick(dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    });
    under()->choose_layers();
    EXPECT_EQ(storey().underlay.layers_off, std::vector<std::string>{"ROOMS"});
    EXPECT_NE(window->sheet().snap({5.18, 3.97}).kind, geometry::Snap::Kind::end);
    window->document().undo_stack().undo();
    EXPECT_EQ(window->sheet().snap({5.18, 3.97}).kind, geometry::Snap::Kind::end);
}
