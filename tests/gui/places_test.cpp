// SPDX-License-Identifier: GPL-3.0-or-later
// Things, planes, observers and the model check, by the hands that use them.
#include "gui/check/model_check.h"
#include "gui/companion/model_view.h"
#include "gui/companion/wall_view.h"
#include "gui/matter_hands.h"

#include <QCheckBox>
#include <QToolButton>

#include <set>

using namespace wp;
using namespace wp::test;

namespace {
class Places : public Hands {};
}  // namespace

TEST_F(Places, things_are_placed_moved_and_left_out_of_questions) {
    pick("things", "place-table");
    drive::click_sheet(*window, {3, 9});
    ASSERT_EQ(option().things.size(), 1u);
    EXPECT_EQ(option().things[0].storey, "ground");
    EXPECT_EQ(window->document().selection().id, option().things[0].id);
    drive::key(*window, Qt::Key_Escape);
    drive::drag(*window, {3, 9}, {4, 10});
    EXPECT_NEAR(option().things[0].at.x, 4, 0.06);
    EXPECT_NEAR(option().things[0].at.y, 10, 0.06);
    // It turns where it stands.
    const double turn = option().things[0].turn;
    drive::key(*window, Qt::Key_Left, Qt::ControlModifier);
    EXPECT_NEAR(std::fabs(option().things[0].turn - turn), 90, 1e-6);
    EXPECT_NEAR(option().things[0].at.x, 4, 0.06);
    EXPECT_NEAR(option().things[0].at.y, 10, 0.06);
    undo().undo();
    // Its corners draw it out, the opposite one stays.
    const Thing placed = option().things[0];
    window->document().select({Kind::thing, placed.id, -1});
    const Vec2 corner = footprint_of(placed)[2], fixed = footprint_of(placed)[0];
    drive::drag(*window, corner, corner + Vec2{0.5, 0.3});
    EXPECT_NEAR(option().things[0].width, placed.width + 0.5, 0.06);
    EXPECT_NEAR(option().things[0].length, placed.length + 0.3, 0.06);
    EXPECT_NEAR(length(footprint_of(option().things[0])[0] - fixed), 0, 1e-9);
    pick("things", "place-tree");
    drive::click_sheet(*window, {22.6, -1.2});
    ASSERT_EQ(option().things.size(), 2u);
    EXPECT_TRUE(option().things[1].storey.empty()) << "a tree stands outdoors";
    QTest::qWait(150);
    auto* counts = static_cast<QCheckBox*>(widget("flag-in-all-questions"));
    static_cast<QScrollArea*>(widget("inspector"))->ensureWidgetVisible(counts);
    QTest::mouseClick(counts, Qt::LeftButton, {}, QPoint(8, counts->height() / 2));
    EXPECT_EQ(window->document().project().questions[0].without, std::vector<std::string>{option().things[1].id});
}

TEST_F(Places, planes_are_laid_on_all_rooms_and_on_a_stair) {
    pick("things", "place-stair");
    drive::click_sheet(*window, {10, 1});
    drive::click_sheet(*window, {10, 5});
    ASSERT_EQ(option().things.size(), 1u);
    EXPECT_NEAR(option().things[0].length, 4, 0.11);
    EXPECT_NEAR(option().things[0].turn, 0, 1e-6) << "it climbs up the sheet";
    QTest::qWait(150);
    choose(static_cast<QComboBox*>(widget("choice-flights")), 1);
    QTest::qWait(150);
    click("planes-on-thing");
    EXPECT_EQ(option().planes.size(), 2u + 3u) << "two flights and a landing";
    drive::key(*window, Qt::Key_Escape);
    key(Qt::Key_Escape);
    answer({{"plane-usual", "1"}, {"plane-spacing", "40 cm"}, {"plane-margin", "0.5"}}, Qt::Key_L, Qt::ControlModifier);
    int laid = 0;
    for (const ReferencePlane& plane : option().planes)
        if (plane.on == ReferencePlane::On::floor) {
            ++laid;
            EXPECT_NEAR(plane.height, 0.85, 1e-9) << "the height of EN 17037";
            EXPECT_NEAR(plane.spacing, 0.4, 1e-9);
            EXPECT_NEAR(plane.margin, 0.5, 1e-9);
            EXPECT_FALSE(geometry::plane_points(option(), plane)->points.empty());
        }
    EXPECT_EQ(laid, 2);
    const size_t before = option().planes.size();
    answer({{"plane-usual", "-3"}, {"plane-height", "0.7"}, {"plane-beside", "1"}}, Qt::Key_L, Qt::ControlModifier);
    ASSERT_EQ(option().planes.size(), before + 2) << "a second plane in each room";
    EXPECT_NEAR(option().planes.back().height, 0.7, 1e-9);
    answer({{"plane-usual", "-3"}, {"plane-height", "0.7"}, {"plane-beside", "1"}}, Qt::Key_L, Qt::ControlModifier);
    EXPECT_EQ(option().planes.size(), before + 2) << "of that height they are there";
}

TEST_F(Places, a_plane_covers_a_part_that_is_drawn_and_gets_finer) {
    drive::click_sheet(*window, {3, 9});
    QTest::qWait(150);
    click("go-to-plane");
    ASSERT_EQ(window->document().selection().kind, Kind::plane);
    const Id id = window->document().selection().id;
    const auto points = [&] { return geometry::plane_points(option(), *find(option().planes, id))->points.size(); };
    const size_t all = points();
    click("draw-area");
    drive::drag(*window, {1, 7}, {4, 10});
    EXPECT_EQ(find(option().planes, id)->area.size(), 4u);
    EXPECT_LT(points(), all);
    window->document().select({Kind::plane, id, -1});
    QTest::qWait(150);
    click("draw-left-out");
    drive::drag(*window, {1, 7}, {2, 8});
    EXPECT_EQ(find(option().planes, id)->left_out.size(), 1u);
    window->document().select({Kind::plane, id, -1});
    QTest::qWait(150);
    const size_t before = points();
    click("finer");
    EXPECT_NEAR(static_cast<double>(points()) / static_cast<double>(before), 9, 1.5);
}

TEST_F(Places, observers_are_laid_in_a_lattice_and_aimed) {
    window->document().select({Kind::room, "north", -1});
    answer({{"lattice-spacing", "2"}, {"lattice-directions", "8"}}, Qt::Key_E, Qt::ControlModifier);
    const size_t made = option().observers.size() - 1;
    EXPECT_GE(made, 4u);
    EXPECT_EQ(option().observers[1].name, "North room A1");
    EXPECT_EQ(headings(option().observers[1]).size(), 8u);
    EXPECT_EQ(view_name(option().observers[1], 1), "North room A1, 045\u00b0");
    window->document().select({Kind::observer, "eye", -1});
    QTest::qWait(150);
    click("aim");
    drive::click_sheet(*window, {10, 3.1});
    EXPECT_NEAR(find(option().observers, "eye")->heading, 90, 2) << "eastwards";
}

TEST_F(Places, sheet_wall_and_model_are_coloured_by_what_is_chosen) {
    window->sheet().set_use(SheetUse::draw);
    const QImage plain = window->sheet().grab().toImage();
    auto* model = &window->part<ModelView>();
    ASSERT_TRUE(drive::wait_until([&] { return model->is_current(); }, 5000));
    const QImage plain_model = model->picture(), plain_wall = window->part<WallView>().grab().toImage();
    const auto colour = [&](report::TintBy by) {
        window->findChild<QAction*>(QStringLiteral("tint-%1").arg(static_cast<int>(by)))->trigger();
    };
    colour(report::TintBy::reflectance);
    EXPECT_EQ(window->sheet().tint(), report::TintBy::reflectance);
    QTest::qWait(60);
    const QImage coloured = window->sheet().grab().toImage();
    const QPoint floor = drive::on_sheet(*window, {10, 2});
    EXPECT_NE(plain.pixelColor(floor), coloured.pixelColor(floor));
    ASSERT_TRUE(drive::wait_until([&] { return model->is_current(); }, 5000));
    EXPECT_NE(model->picture(), plain_model);
    EXPECT_NE(window->part<WallView>().grab().toImage(), plain_wall);
    colour(report::TintBy::nothing);
}

// One fault of every kind that can be drawn, given or asked; all are mended from the check's own page.
TEST_F(Places, a_model_broken_in_every_way_is_mended_by_the_check_alone) {
    auto project = two_rooms();
    Option& option = project.options[0];
    Storey& ground = option.storeys[0];
    ground.rooms[1].footprint = {{0, 5.5}, {6, 5.5}, {6, 12}, {0, 12}};  // overlaps
    Room near = ground.rooms[1];
    near.id = near.name = "near";
    near.footprint = {{6.03, 8}, {9, 8}, {9, 12}, {6.03, 12}};  // three centimetres off
    near.height = 0.003;                                        // millimetres
    ground.rooms.push_back(near);                               // without a plane
    ground.rooms[0].openings[0].height = 9;                     // through the ceiling
    ground.rooms[0].openings[1].along = 0.9;                    // over its neighbour
    ground.rooms[0].openings[2].glazing = "";
    ground.rooms[0].openings[3].blind = false;
    ShadeLayer blades;
    blades.depth = 9;
    blades.tilt = 80;
    ground.rooms[0].openings[4].shading = {blades};
    option.types.erase(Part::glazing);        // no material
    project.materials[2].reflectance = 0.97;  // impossible
    option.types[Part::facade] = "paint";
    project.criteria = {"leed-v41-daylight-option-1"};
    Thing table = usual(Thing::Kind::table), shelf = usual(Thing::Kind::shelf), tree = usual(Thing::Kind::tree);
    table.id = table.name = "table";
    table.storey = shelf.storey = "ground";
    table.at = {19.9, 3};
    shelf.id = shelf.name = "shelf";
    shelf.at = {15, 3};
    shelf.height = 7;
    tree.id = tree.name = "tree";
    tree.at = {10, -1};
    tree.landing = 1;
    option.things = {table, shelf, tree};
    option.planes[0].height = 8;  // above the ceiling
    option.planes[1].turned_over = true;
    edit::lay_on_wall(option, "room", 0, true, 0.5);
    option.planes.back().edge = 2;  // a facade plane indoors
    option.observers[0].eye = {40, 3, 1.2};
    Question night;
    night.id = night.name = "night";
    night.kind = Question::Kind::glare;
    night.observer = "eye";
    night.moment = {12, 21, 22};
    project.questions.push_back(night);
    Rooflight light;
    light.id = light.name = "R-1";
    light.centre = {-3, -3};
    ground.rooflights = {light};  // off the roof
    Block block;
    block.id = block.name = "block";
    block.footprint = {{30, 0}, {30, 5}, {40, 5}, {40, 0}};  // clockwise
    project.materials.back().openness = 0.9;                 // fabric that passes more than all
    project.materials.back().transmittance = 0.4;
    option.types[Part::shading] = "fabric";
    open(project);
    window->document().edit_option(QStringLiteral("Inside out"), [&](Option& o) { o.blocks.push_back(block); });
    std::set<check::ModelFault::Kind> kinds;
    for (const auto& fault : drive::faults(*window)) kinds.insert(fault.kind);
    EXPECT_GE(kinds.size(), 17u);
    QTest::mouseClick(widget("faults"), Qt::LeftButton);
    QTest::qWait(100);
    EXPECT_TRUE(widget("check")->isVisible());
    // By single clicks, so that each mend is tried.
    for (int i = 0; i < 60 && !drive::faults(*window).empty(); ++i) {
        QToolButton* mend = nullptr;
        for (int n = 1; n < 80 && mend == nullptr; ++n)
            mend = window->findChild<QToolButton*>(QStringLiteral("mend-fault-%1").arg(n));
        if (mend == nullptr) break;
        static_cast<QScrollArea*>(widget("check"))->ensureWidgetVisible(mend);
        QTest::mouseClick(mend, Qt::LeftButton);
        drive::faults(*window);
        QTest::qWait(5);
    }
    for (const auto& fault : drive::faults(*window))
        ADD_FAILURE() << "left: " << fault.what << " (" << fault.mend << ")";
    EXPECT_FALSE(widget("faults")->isVisible());
}

TEST_F(Places, a_fault_is_jumped_to) {
    auto project = two_rooms();
    Thing table = usual(Thing::Kind::table);
    table.id = table.name = "table";
    table.storey = "ground";
    table.at = {19.9, 3};
    project.options[0].things = {table};
    open(project);
    ASSERT_EQ(drive::faults(*window).size(), 1u);
    key(Qt::Key_K, Qt::ControlModifier);
    QTest::qWait(60);
    QTest::mouseClick(widget("show-fault-1"), Qt::LeftButton);
    EXPECT_EQ(window->document().selection(), (Selection{Kind::thing, "table", -1}));
}
