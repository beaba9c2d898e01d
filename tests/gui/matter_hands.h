// SPDX-License-Identifier: GPL-3.0-or-later
// A building for tests of matter and places, and hands for menus, boxes and dialogs.
#pragma once
#include <gtest/gtest.h>

#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>

#include "edit/edit.h"
#include "edit/lay.h"
#include "geometry/plane_points.h"
#include "gui/drive.h"
#include "store/project_file.h"
#include "support.h"

namespace wp::test {
using namespace wp::gui;
using namespace wp::model;
using Kind = Selection::Kind;

// A long room with ten south windows, and a square one north of it.
inline Project two_rooms() {
    auto project = one_room();
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
    edit::lay_planes(option, {"north"}, {});
    Material paint;
    paint.id = "paint";
    paint.name = "White paint";
    paint.reflectance = 0.85;
    Material fabric;
    fabric.id = "fabric";
    fabric.name = "Grey fabric";
    fabric.kind = Material::Kind::fabric;
    fabric.reflectance = 0.3;
    fabric.transmittance = 0.05;
    project.materials.push_back(paint);
    project.materials.push_back(fabric);
    for (const Part part : {Part::frame, Part::partition, Part::furniture, Part::stair, Part::shading, Part::block,
                            Part::tree, Part::fence, Part::terrain, Part::wall, Part::door})
        option.types[part] = "grey";
    option.types[Part::glazing] = option.types[Part::rooflight] = "pane";
    return project;
}

class Hands : public ::testing::Test {
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
                if (action->objectName() == QString::fromLatin1(entry))
                    return QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
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
    void answer(const std::vector<std::pair<const char*, const char*>>& fields, Qt::Key k,
                Qt::KeyboardModifiers modifiers) {
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
    // What is done in the dialog that something opens; then a button of it, unless it is closed already.
    void with_dialog(const std::function<void()>& open, const std::function<void(QDialog&)>& work,
                     QDialogButtonBox::StandardButton then = QDialogButtonBox::Ok) {
        bool done = false;
        QTimer::singleShot(150, [&] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (dialog == nullptr) return;
            work(*dialog);
            done = true;
            if (auto* buttons = dialog->findChild<QDialogButtonBox*>(); buttons != nullptr && dialog->isVisible())
                buttons->button(then)->click();
        });
        open();
        ASSERT_TRUE(done) << "no dialog came";
    }
    void shade_ten() {
        drive::drag(*window, {-1, -1.2}, {21, 0.4});
        ASSERT_EQ(window->document().selected().size(), 10u);
        QTest::qWait(150);
        pick("add-shading", "preset-river-blades");
    }

    Folder folder;
    std::unique_ptr<Window> window;
};

}  // namespace wp::test
