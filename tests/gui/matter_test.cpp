// SPDX-License-Identifier: GPL-3.0-or-later
// Materials and shading, by the hands that use them.
#include "gui/check/model_check.h"
#include "gui/companion/wall_view.h"
#include "gui/matter/materials_panel.h"
#include "gui/matter_hands.h"

#include <QLabel>
#include <QMessageBox>
#include <QTabBar>
#include <QTabWidget>
#include <QTreeWidget>

#include "base/file.h"
#include "shading/device.h"
#include "store/material_file.h"

using namespace wp;
using namespace wp::test;

namespace {
class Matter : public Hands {};
}  // namespace

TEST_F(Matter, ten_windows_are_shaded_at_once) {
    const int steps = undo().count();
    shade_ten();
    for (const Opening& o : room().openings) {
        ASSERT_EQ(o.shading.size(), 1u);
        EXPECT_EQ(o.shading[0].kind, ShadeLayer::Kind::louvres);
    }
    EXPECT_EQ(undo().count(), steps + 1) << "one step";
    EXPECT_TRUE(drive::faults(*window).empty()) << drive::faults(*window)[0].what;
    // A second layer, then away with the first.
    pick("add-shading", "layer-kind-screen");
    EXPECT_EQ(room().openings[9].shading.size(), 2u);
    click("remove-layer-1");
    for (const Opening& o : room().openings) {
        ASSERT_EQ(o.shading.size(), 1u);
        EXPECT_EQ(o.shading[0].kind, ShadeLayer::Kind::screen);
    }
}

TEST_F(Matter, every_device_can_be_added_by_hand_and_shows_the_figures_that_count) {
    drive::click_sheet(*window, {1, -0.15});
    size_t layers = 0;
    for (const auto& device : shading::devices()) {
        QTest::qWait(150);
        pick("add-shading", (std::string("layer-kind-") + device.id).c_str());
        ASSERT_EQ(room().openings[0].shading.size(), ++layers) << device.id;
        EXPECT_EQ(room().openings[0].shading.back(), device.fresh) << device.id;
        for (const auto& figure : device.figures) {
            if (figure.words != nullptr || (figure.shown != nullptr && !figure.shown(device.fresh))) continue;
            const QString name = QString::fromLatin1(figure.label).toLower().replace(u' ', u'-');
            EXPECT_NO_THROW(widget(("field-" + name).toUtf8().constData())) << device.id << ", " << figure.label;
        }
    }
    EXPECT_TRUE(drive::faults(*window).empty()) << drive::faults(*window)[0].what;
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
    WallView& wall = window->part<WallView>();
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
    EXPECT_FALSE(drive::faults(*window).empty());
    auto* pages = static_cast<QTabWidget*>(widget("pages"));
    QTest::mouseClick(pages->tabBar(), Qt::LeftButton, {}, pages->tabBar()->tabRect(2).center());
    click("assume-en-17037");
    EXPECT_EQ(find(window->document().project().materials, option().types.at(Part::floor))->reflectance, 0.2);
    EXPECT_TRUE(find(window->document().project().materials, option().types.at(Part::wall))->assumed);
    EXPECT_TRUE(drive::faults(*window).empty()) << drive::faults(*window)[0].what;
}

TEST_F(Matter, the_ground_of_lm_83_is_assumed_where_nobody_chose_one) {
    auto project = two_rooms();
    project.options[0].types.clear();
    open(project);
    const auto go = [&] {
        auto* pages = static_cast<QTabWidget*>(widget("pages"));
        QTest::mouseClick(pages->tabBar(), Qt::LeftButton, {}, pages->tabBar()->tabRect(2).center());
    };
    go();
    click("assume-lm-83");
    EXPECT_EQ(window->document().project().site.ground_reflectance, 0.1);
    project.site.ground_reflectance = 0.35;
    open(project);
    go();
    click("assume-lm-83");
    EXPECT_EQ(window->document().project().site.ground_reflectance, 0.35) << "what was chosen stays";
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

TEST_F(Matter, glass_that_nobody_knows_tells_its_range_and_what_to_ask) {
    auto* pages = static_cast<QTabWidget*>(widget("pages"));
    QTest::mouseClick(pages->tabBar(), Qt::LeftButton, {}, pages->tabBar()->tabRect(1).center());
    auto* search = static_cast<QLineEdit*>(widget("material-search"));
    QTest::mouseClick(search, Qt::LeftButton);
    QTest::keyClicks(search, QStringLiteral("double pane, transmittance not known"));
    auto* list = static_cast<QTreeWidget*>(widget("materials"));
    QTreeWidgetItem* found = list->topLevelItem(list->topLevelItemCount() - 1)->child(0);
    ASSERT_NE(found, nullptr);
    list->scrollToItem(found);
    const QImage before = widget("material-preview")->grab().toImage();
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(found).center());
    QTest::qWait(50);
    QString told;
    for (const auto* text : window->findChild<MaterialsPanel*>()->findChildren<QLabel*>())
        told += text->text() + QLatin1Char('\n');
    EXPECT_TRUE(told.contains(QStringLiteral("Real ones: 60 to 82 %."))) << told.toStdString();
    EXPECT_TRUE(told.contains(QStringLiteral("Ask its maker for: light transmittance at normal incidence")));
    EXPECT_NE(widget("material-preview")->grab().toImage(), before) << "its curve is drawn";
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
    QTreeWidgetItem* fabric = list->topLevelItem(0)->child(3);
    ASSERT_EQ(fabric->text(0), QStringLiteral("Grey fabric"));
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(fabric).center());
    click("keep-own");
    Window other;
    auto* there = other.findChild<QTreeWidget*>(QStringLiteral("materials"));
    bool found = false;
    for (QTreeWidgetItemIterator it(there); *it != nullptr; ++it)
        found = found || (*it)->text(0) == QStringLiteral("Grey fabric");
    EXPECT_TRUE(found);
    ASSERT_FALSE(other.findChild<MaterialsPanel*>()->import_file(folder / "out.materials.json"));
    EXPECT_NE(find(other.document().project().materials, "paint"), nullptr);
    EXPECT_TRUE(other.findChild<MaterialsPanel*>()->import_file(folder / "p.warmpane")) << "a project is no library";
    other.document().undo_stack().setClean();
    std::filesystem::remove(MaterialsPanel::own_library(), error);
}

TEST_F(Matter, gets_a_spectrum_from_a_file_or_its_colour_and_shows_it) {
    std::string text = "nm,front,back\n";
    for (int nm = 380; nm <= 780; nm += 10) text += std::to_string(nm) + (nm < 590 ? ",0.1,0.5\n" : ",0.7,0.5\n");
    ASSERT_FALSE(write_file(folder / "red.csv", text));
    auto* list = static_cast<QTreeWidget*>(widget("materials"));
    auto* panel = window->findChild<MaterialsPanel*>();
    const auto found = list->findItems(QStringLiteral("White paint"), Qt::MatchContains | Qt::MatchRecursive);
    ASSERT_FALSE(found.isEmpty());
    list->setCurrentItem(found.front());
    // Which of its columns is asked.
    QTimer::singleShot(200, [] {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        ASSERT_NE(dialog, nullptr);
        EXPECT_EQ(dialog->findChild<QComboBox*>(QStringLiteral("spectrum-column"))->itemText(1),
                  QStringLiteral("back"));
        QTest::mouseClick(dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    });
    panel->take_spectrum(folder / "red.csv");
    const auto paint = [&] { return *model::find(window->document().project().materials, "paint"); };
    ASSERT_EQ(paint().spectrum.size(), 81u);
    EXPECT_NEAR(paint().spectrum[0], 0.1, 1e-9);
    EXPECT_NEAR(paint().reflectance, 0.25, 0.06) << "its figure comes of the file, too";
    EXPECT_NE(panel->findChild<QWidget*>(QStringLiteral("material-spectrum")), nullptr);
    undo().undo();
    EXPECT_TRUE(paint().spectrum.empty());
    EXPECT_NEAR(paint().reflectance, 0.85, 1e-9);
    // Damaged: nothing changes, and it is said where.
    ASSERT_FALSE(write_file(folder / "bad.csv", "380,0.1\n390,oops\n"));
    panel->take_spectrum(folder / "bad.csv");
    auto* box = window->findChild<QMessageBox*>();
    ASSERT_NE(box, nullptr);
    EXPECT_TRUE(box->text().contains(QStringLiteral("line 2"))) << box->text().toStdString();
    EXPECT_TRUE(paint().spectrum.empty());
    box->close();
}
