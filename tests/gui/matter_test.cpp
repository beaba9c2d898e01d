// SPDX-License-Identifier: GPL-3.0-or-later
// Materials, shading, things, planes, observers and the model check, by the hands that use them.
#include <gtest/gtest.h>

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QTabBar>
#include <QTabWidget>
#include <QTimer>
#include <QToolButton>
#include <QTreeWidget>

#include "base/file.h"
#include "geometry/edit.h"
#include "geometry/lay.h"
#include "geometry/plane_points.h"
#include "gui/drive.h"
#include "gui/inspector/number_field.h"
#include "store/material_file.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;
using namespace wp::model;
using Kind = Selection::Kind;

namespace {

// A long room with ten south windows, and a square one north of it.
Project two_rooms() {
    auto project = test::one_room();
    project.questions.clear();
    Question df;
    df.id = df.name = "df";
    project.questions = {df};
    Option& option = project.options[0];
    Room& room = option.storeys[0].rooms[0];
    room.footprint = {{0, 0}, {20, 0}, {20, 6}, {0, 6}};
    const Opening window = room.openings[0];
    room.openings.clear();
    for (int i = 0; i < 10; ++i) {
        Opening o = window;
        o.id = o.name = "W-" + std::to_string(i + 1);
        o.along = 0.4 + 2 * i;
        o.width = 1.2;
        room.openings.push_back(o);
    }
    Room north = room;
    north.id = "north";
    north.name = "North room";
    north.footprint = {{0, 6}, {6, 6}, {6, 12}, {0, 12}};
    north.openings.clear();
    option.storeys[0].rooms.push_back(north);
    geometry::lay_planes(option, {"north"}, {});
    Material paint;
    paint.id = "paint";
    paint.name = "White paint";
    paint.reflectance = 0.85;
    Material cloth;
    cloth.id = "cloth";
    cloth.name = "Grey cloth";
    cloth.kind = Material::Kind::fabric;
    cloth.reflectance = 0.3;
    cloth.transmittance = 0.05;
    project.materials.push_back(paint);
    project.materials.push_back(cloth);
    for (const Part part : {Part::frame, Part::partition, Part::furniture, Part::stair, Part::shading, Part::block, Part::tree, Part::fence, Part::terrain, Part::wall, Part::door}) option.types[part] = "grey";
    option.types[Part::glazing] = option.types[Part::rooflight] = "pane";
    return project;
}

class Matter : public ::testing::Test {
 protected:
    void SetUp() override { open(two_rooms()); }
    void TearDown() override { window->document().undo_stack().setClean(); }
    void open(const Project& project) {
        ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
        if (window) window->document().undo_stack().setClean();
        window = std::make_unique<Window>();
        ASSERT_FALSE(window->open(folder / "p.warmpane"));
        drive::show(*window);
    }
    const Option& option() { return window->document().option(); }
    const Room& room() { return option().storeys[0].rooms[0]; }
    QUndoStack& undo() { return window->document().undo_stack(); }
    void key(Qt::Key k, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window->sheet().setFocus();
        drive::key(*window, k, modifiers);
    }
    QWidget* widget(const char* name) { return drive::widget(*window, name); }
    // Scrolls to a widget of the inspector and clicks it.
    void click(const char* name) {
        QWidget* target = widget(name);
        for (QWidget* parent = target->parentWidget(); parent != nullptr; parent = parent->parentWidget())
            if (auto* area = qobject_cast<QScrollArea*>(parent)) area->ensureWidgetVisible(target);
        QTest::mouseClick(target, Qt::LeftButton);
        QTest::qWait(120);
    }
    // Presses a button that opens a menu, and picks an entry with the mouse.
    void pick(const char* button, const char* entry) {
        QTimer::singleShot(80, [entry] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            ASSERT_NE(menu, nullptr);
            for (QAction* action : menu->actions())
                if (action->objectName() == QString::fromLatin1(entry)) return QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
            menu->close();
            ADD_FAILURE() << "no entry " << entry;
        });
        click(button);
    }
    // Chooses from a box by the keyboard.
    void choose(QComboBox* box, int index) {
        box->setFocus();
        while (box->currentIndex() < index) {
            const int before = box->currentIndex();
            QTest::keyClick(box, Qt::Key_Down);
            if (box->currentIndex() == before) return;
        }
        while (box->currentIndex() > index) QTest::keyClick(box, Qt::Key_Up);
    }
    // Fills the dialog that a key opens: name and text of its fields; then Ok.
    void answer(const std::vector<std::pair<const char*, const char*>>& fields, Qt::Key k, Qt::KeyboardModifiers modifiers) {
        QTimer::singleShot(100, [fields] {
            QWidget* box = QApplication::activeModalWidget();
            ASSERT_NE(box, nullptr);
            for (const auto& [name, text] : fields) {
                if (auto* choice = box->findChild<QComboBox*>(QString::fromLatin1(name))) {
                    choice->setFocus();
                    for (int i = 0; i < std::atoi(text); ++i) QTest::keyClick(choice, Qt::Key_Down);
                    for (int i = 0; i < -std::atoi(text); ++i) QTest::keyClick(choice, Qt::Key_Up);
                    continue;
                }
                auto* line = box->findChild<QLineEdit*>(QString::fromLatin1(name));
                ASSERT_NE(line, nullptr) << name;
                line->setFocus();
                line->selectAll();
                QTest::keyClicks(line, QString::fromLatin1(text));
            }
            QTest::mouseClick(box->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
        });
        key(k, modifiers);
        QTest::qWait(50);
    }
    void shade_ten() {
        drive::drag(*window, {-1, -1.2}, {21, 0.4});
        ASSERT_EQ(window->document().selected().size(), 10u);
        QTest::qWait(150);
        pick("add-shading", "preset-river-blades");
    }

    test::Folder folder;
    std::unique_ptr<Window> window;
};

}  // namespace

TEST_F(Matter, ten_windows_are_shaded_at_once) {
    const int steps = undo().count();
    shade_ten();
    for (const Opening& o : room().openings) {
        ASSERT_EQ(o.shading.size(), 1u);
        EXPECT_EQ(o.shading[0].kind, ShadeLayer::Kind::louvres);
    }
    EXPECT_EQ(undo().count(), steps + 1) << "one step";
    EXPECT_TRUE(window->faults().empty()) << window->faults()[0].what;
    // A second layer, then away with the first.
    pick("add-shading", "layer-kind-screen");
    EXPECT_EQ(room().openings[9].shading.size(), 2u);
    click("remove-layer-1");
    for (const Opening& o : room().openings) {
        ASSERT_EQ(o.shading.size(), 1u);
        EXPECT_EQ(o.shading[0].kind, ShadeLayer::Kind::screen);
    }
}

TEST_F(Matter, blades_are_tilted_by_dragging_the_title_of_the_figure) {
    shade_ten();
    const double before = room().openings[0].shading[0].tilt;
    const int steps = undo().count();
    QWidget* title = widget("title-blade-tilt");
    static_cast<QScrollArea*>(widget("inspector"))->ensureWidgetVisible(title);
    const QPoint at = title->rect().center();
    QTest::mousePress(title, Qt::LeftButton, {}, at);
    for (int i = 1; i <= 10; ++i) {
        QTest::mouseMove(title, at + QPoint(6 * i, 0));
        QTest::qWait(10);
    }
    EXPECT_GT(room().openings[4].shading[0].tilt, before + 5) << "seen while it is dragged";
    QTest::mouseRelease(title, Qt::LeftButton, {}, at + QPoint(60, 0));
    for (const Opening& o : room().openings) EXPECT_NEAR(o.shading[0].tilt, before + 20, 1.01);
    EXPECT_EQ(undo().count(), steps + 1) << "the drag is one step";
    window->document().undo_stack().undo();
    EXPECT_EQ(room().openings[0].shading[0].tilt, before);
}

TEST_F(Matter, blades_are_tilted_by_their_handle_in_elevation) {
    drive::click_sheet(*window, {1, -0.15});
    ASSERT_EQ(window->document().selection().id, "W-1");
    QTest::qWait(150);
    pick("add-shading", "preset-shutters");
    QTest::mouseClick(widget("companion-wall"), Qt::LeftButton);
    QTest::qWait(100);
    WallView& wall = window->wall_view();
    wall.grab();
    // The handle stands 44 pixels beside the opening's right edge (from inside: its first jamb), at half its height.
    const QPoint at = (wall.to_screen({20 - 0.4, 1.75}) + QPointF(44, 0)).toPoint();
    const QPoint handle(std::min(at.x(), wall.width() - 21), at.y());
    QTest::mousePress(&wall, Qt::LeftButton, {}, handle + QPoint(15, 0));
    QTest::mouseMove(&wall, handle + QPoint(12, -12));
    QTest::mouseMove(&wall, handle + QPoint(0, -16));
    QTest::mouseRelease(&wall, Qt::LeftButton, {}, handle + QPoint(12, -12));
    EXPECT_LT(room().openings[0].shading[0].tilt, -30) << "the outer edge was drawn up";
}

TEST_F(Matter, figures_are_tried_while_they_are_typed_and_escape_takes_them_back) {
    shade_ten();
    const int steps = undo().count();
    const double before = room().openings[0].shading[0].depth;
    auto* field = static_cast<QLineEdit*>(widget("field-blade-depth"));
    static_cast<QScrollArea*>(widget("inspector"))->ensureWidgetVisible(field);
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("0.45"));
    EXPECT_NEAR(room().openings[7].shading[0].depth, 0.45, 1e-9) << "before Enter";
    QTest::keyClick(field, Qt::Key_Escape);
    EXPECT_NEAR(room().openings[7].shading[0].depth, before, 1e-9);
    QTest::qWait(150);
    field = static_cast<QLineEdit*>(widget("field-blade-depth"));
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("0.25"));
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_NEAR(room().openings[7].shading[0].depth, 0.25, 1e-9);
    EXPECT_LE(undo().count(), steps + 2);
    undo().undo();
    EXPECT_NEAR(room().openings[7].shading[0].depth, before, 1e-9);
}

TEST_F(Matter, materials_are_given_by_type_by_room_and_to_one_surface_and_the_reason_is_told) {
    auto* pages = static_cast<QTabWidget*>(widget("pages"));
    QTest::mouseClick(pages->tabBar(), Qt::LeftButton, {}, pages->tabBar()->tabRect(2).center());
    auto* facades = static_cast<QComboBox*>(widget("type-facade"));
    choose(facades, facades->findData(QStringLiteral("paint")));
    EXPECT_EQ(option().types.at(Part::facade), "paint");
    QTest::mouseClick(pages->tabBar(), Qt::LeftButton, {}, pages->tabBar()->tabRect(0).center());
    drive::click_sheet(*window, {10, 3});
    QTest::qWait(150);
    EXPECT_EQ(static_cast<QLabel*>(widget("finish-walls-why"))->text(), QStringLiteral("by room"));
    auto* walls = static_cast<QComboBox*>(widget("finish-walls"));
    choose(walls, 0);
    QTest::qWait(150);
    EXPECT_TRUE(room().walls.empty());
    EXPECT_EQ(static_cast<QLabel*>(widget("finish-walls-why"))->text(), QStringLiteral("by type"));
    // One wall, chosen on the sheet.
    drive::click_sheet(*window, {20, 3});
    ASSERT_EQ(window->document().selection().kind, Kind::wall);
    QTest::qWait(150);
    auto* own = static_cast<QComboBox*>(widget("finish-this-wall"));
    choose(own, own->findData(QStringLiteral("paint")));
    QTest::qWait(150);
    ASSERT_EQ(room().own_finishes.size(), 1u);
    EXPECT_EQ(static_cast<QLabel*>(widget("finish-this-wall-why"))->text(), QStringLiteral("own"));
}

TEST_F(Matter, unknown_finishes_are_assumed_in_one_action) {
    auto project = two_rooms();
    project.options[0].types.clear();
    for (Room& r : project.options[0].storeys[0].rooms) r.floor = r.walls = r.ceiling = "";
    open(project);
    EXPECT_FALSE(window->faults().empty());
    auto* pages = static_cast<QTabWidget*>(widget("pages"));
    QTest::mouseClick(pages->tabBar(), Qt::LeftButton, {}, pages->tabBar()->tabRect(2).center());
    click("assume-en-17037");
    EXPECT_EQ(find(window->document().project().materials, option().types.at(Part::floor))->reflectance, 0.2);
    EXPECT_TRUE(find(window->document().project().materials, option().types.at(Part::wall))->assumed);
    EXPECT_TRUE(window->faults().empty()) << window->faults()[0].what;
}

TEST_F(Matter, a_library_material_is_found_by_typing_and_given_to_what_is_selected) {
    drive::click_sheet(*window, {10, 3});
    auto* pages = static_cast<QTabWidget*>(widget("pages"));
    QTest::mouseClick(pages->tabBar(), Qt::LeftButton, {}, pages->tabBar()->tabRect(1).center());
    auto* search = static_cast<QLineEdit*>(widget("material-search"));
    QTest::mouseClick(search, Qt::LeftButton);
    QTest::keyClicks(search, QStringLiteral("plaster, ivory"));
    auto* list = static_cast<QTreeWidget*>(widget("materials"));
    QTreeWidgetItem* found = nullptr;
    for (QTreeWidgetItemIterator it(list); *it != nullptr; ++it)
        if ((*it)->text(0) == QStringLiteral("Plaster, ivory")) found = *it;
    ASSERT_NE(found, nullptr);
    list->scrollToItem(found);
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(found).center());
    click("assign-material");
    EXPECT_EQ(room().walls, "plaster-ivory");
    EXPECT_NE(find(window->document().project().materials, "plaster-ivory"), nullptr);
}

TEST_F(Matter, own_materials_are_kept_across_projects_and_exchanged_as_a_file) {
    std::error_code error;
    std::filesystem::remove(MaterialsPanel::own_library(), error);
    auto* panel = window->findChild<MaterialsPanel*>();
    ASSERT_FALSE(panel->export_file(folder / "out.materials.json"));
    const auto written = store::read_materials(folder / "out.materials.json");
    ASSERT_TRUE(written);
    EXPECT_EQ(*written, window->document().project().materials);
    auto* pages = static_cast<QTabWidget*>(widget("pages"));
    QTest::mouseClick(pages->tabBar(), Qt::LeftButton, {}, pages->tabBar()->tabRect(1).center());
    auto* list = static_cast<QTreeWidget*>(widget("materials"));
    QTreeWidgetItem* cloth = list->topLevelItem(0)->child(3);
    ASSERT_EQ(cloth->text(0), QStringLiteral("Grey cloth"));
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(cloth).center());
    click("keep-own");
    Window other;
    auto* there = other.findChild<QTreeWidget*>(QStringLiteral("materials"));
    bool found = false;
    for (QTreeWidgetItemIterator it(there); *it != nullptr; ++it) found = found || (*it)->text(0) == QStringLiteral("Grey cloth");
    EXPECT_TRUE(found);
    ASSERT_FALSE(other.findChild<MaterialsPanel*>()->import_file(folder / "out.materials.json"));
    EXPECT_NE(find(other.document().project().materials, "paint"), nullptr);
    EXPECT_TRUE(other.findChild<MaterialsPanel*>()->import_file(folder / "p.warmpane")) << "a project is no library";
    other.document().undo_stack().setClean();
    std::filesystem::remove(MaterialsPanel::own_library(), error);
}

TEST_F(Matter, things_are_placed_moved_and_left_out_of_questions) {
    pick("things", "place-table");
    drive::click_sheet(*window, {3, 9});
    ASSERT_EQ(option().things.size(), 1u);
    EXPECT_EQ(option().things[0].storey, "ground");
    EXPECT_EQ(window->document().selection().id, option().things[0].id);
    drive::key(*window, Qt::Key_Escape);
    drive::drag(*window, {3, 9}, {4, 10});
    EXPECT_NEAR(option().things[0].at.x, 4, 0.06);
    EXPECT_NEAR(option().things[0].at.y, 10, 0.06);
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

TEST_F(Matter, planes_are_laid_on_all_rooms_and_on_a_stair) {
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
}

TEST_F(Matter, a_plane_covers_a_part_that_is_drawn_and_gets_finer) {
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

TEST_F(Matter, observers_are_laid_in_a_lattice_and_aimed) {
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

TEST_F(Matter, sheet_wall_and_model_are_coloured_by_what_is_chosen) {
    window->sheet().set_editable(true);
    const QImage plain = window->sheet().grab().toImage();
    auto* box = static_cast<QComboBox*>(widget("tint"));
    choose(box, 2);
    EXPECT_EQ(window->sheet().tint(), report::TintBy::reflectance);
    QTest::qWait(60);
    const QImage coloured = window->sheet().grab().toImage();
    const QPoint floor = drive::on_sheet(*window, {10, 2});
    EXPECT_NE(plain.pixelColor(floor), coloured.pixelColor(floor));
    choose(box, 0);
}

// One fault of every kind that can be drawn, given or asked; all are mended from the check's own page.
TEST_F(Matter, a_model_broken_in_every_way_is_mended_by_the_check_alone) {
    auto project = two_rooms();
    Option& option = project.options[0];
    Storey& ground = option.storeys[0];
    ground.rooms[1].footprint = {{0, 5.5}, {6, 5.5}, {6, 12}, {0, 12}};       // overlaps
    Room near = ground.rooms[1];
    near.id = near.name = "near";
    near.footprint = {{6.03, 8}, {9, 8}, {9, 12}, {6.03, 12}};                // three centimetres off
    near.height = 0.003;                                                       // millimetres
    ground.rooms.push_back(near);                                              // without a plane
    ground.rooms[0].openings[0].height = 9;                                    // through the ceiling
    ground.rooms[0].openings[1].along = 0.9;                                   // over its neighbour
    ground.rooms[0].openings[2].glazing = "";
    ground.rooms[0].openings[3].blind = false;
    ShadeLayer blades;
    blades.depth = 9;
    blades.tilt = 80;
    ground.rooms[0].openings[4].shading = {blades};
    option.types.erase(Part::glazing);                                         // no material
    project.materials[2].reflectance = 0.97;                                   // impossible
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
    option.planes[0].height = 8;                                               // above the ceiling
    option.planes[1].turned_over = true;
    geometry::lay_on_wall(option, "room", 0, true, 0.5);
    option.planes.back().edge = 2;                                             // a facade plane indoors
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
    ground.rooflights = {light};                                               // off the roof
    Block block;
    block.id = block.name = "block";
    block.footprint = {{30, 0}, {30, 5}, {40, 5}, {40, 0}};                    // clockwise
    project.materials.back().openness = 0.9;                                   // cloth that passes more than all
    project.materials.back().transmittance = 0.4;
    option.types[Part::shading] = "cloth";
    open(project);
    window->document().edit_option(QStringLiteral("Inside out"), [&](Option& o) { o.blocks.push_back(block); });
    std::set<geometry::ModelFault::Kind> kinds;
    for (const auto& fault : window->faults()) kinds.insert(fault.kind);
    EXPECT_GE(kinds.size(), 17u);
    QTest::mouseClick(widget("faults"), Qt::LeftButton);
    QTest::qWait(100);
    EXPECT_TRUE(widget("check")->isVisible());
    // By single clicks first, so that each mend is tried, then the rest at once.
    for (int i = 0; i < 60; ++i) {
        const auto before = window->faults().size();
        if (before == 0) break;
        QToolButton* mend = nullptr;
        for (int n = 1; n < 80 && mend == nullptr; ++n) {
            mend = window->findChild<QToolButton*>(QStringLiteral("mend-fault-%1").arg(n + (i % 3 == 2 ? 1 : 0)));
        }
        if (mend == nullptr) break;
        static_cast<QScrollArea*>(widget("check"))->ensureWidgetVisible(mend);
        QTest::mouseClick(mend, Qt::LeftButton);
        window->faults();
        QTest::qWait(5);
    }
    for (const auto& fault : window->faults()) ADD_FAILURE() << "left: " << fault.what << " (" << fault.mend << ")";
    EXPECT_FALSE(widget("faults")->isVisible());
}

TEST_F(Matter, a_fault_is_jumped_to) {
    auto project = two_rooms();
    Thing table = usual(Thing::Kind::table);
    table.id = table.name = "table";
    table.storey = "ground";
    table.at = {19.9, 3};
    project.options[0].things = {table};
    open(project);
    ASSERT_EQ(window->faults().size(), 1u);
    key(Qt::Key_K, Qt::ControlModifier);
    QTest::qWait(60);
    QTest::mouseClick(widget("show-fault-1"), Qt::LeftButton);
    EXPECT_EQ(window->document().selection(), (Selection{Kind::thing, "table", -1}));
}
