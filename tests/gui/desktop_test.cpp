// SPDX-License-Identifier: GPL-3.0-or-later
// The desktop as a person uses it: real mouse and key events into the real window, then a look at pixels and at the
// model.
#include <gtest/gtest.h>

#include <QAbstractItemModel>
#include <QApplication>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QTimer>

#include "asked_room.h"
#include "base/file.h"
#include "climate/epw.h"
#include "geometry/polygon.h"
#include "gui/answers/live_daylight.h"
#include "gui/drive.h"
#include "gui/inspector/inspector.h"
#include "gui/look/look.h"
#include "gui/saving/save.h"
#include "gui/work/job_queue.h"
#include "gui/work/newest.h"
#include "report/language/language.h"
#include "store/project_file.h"

using namespace wp;
using namespace wp::gui;

namespace {

// A window on a small project that settles fast.
class DesktopUse : public ::testing::Test {
 protected:
    void SetUp() override {
        auto project = test::asked_room(0.06);
        project.criteria = {"leed-v41-daylight-option-1"};
        ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather())));
        window = std::make_unique<Window>();
        ASSERT_FALSE(window->open(folder / "p.warmpane"));
        drive::show(*window);
    }
    const model::Room& room(size_t i = 0) { return window->document().option().storeys[0].rooms.at(i); }
    const model::Opening& opening() { return room().openings.at(0); }
    // Colour of the sheet at a place of the model.
    QColor pixel(Vec2 place) { return window->sheet().grab().toImage().pixelColor(drive::on_sheet(*window, place)); }
    // Keys go to the active window; without a window manager it must be told which that is.
    void sheet_key(Qt::Key key) {
        QApplication::setActiveWindow(window.get());
        window->sheet().setFocus();
        QTest::qWait(30);
        drive::key(*window, key, Qt::ControlModifier);
        QTest::qWait(30);
    }
    void undo() { sheet_key(Qt::Key_Z); }
    void redo() { sheet_key(Qt::Key_Y); }

    test::Folder folder;
    std::unique_ptr<Window> window;
};

QLineEdit* field(Window& window, const char* name) { return static_cast<QLineEdit*>(drive::widget(window, name)); }

// Types into a field of the inspector and commits by Enter.
void type_into(Window& window, const char* name, const char* text) {
    auto* edit = field(window, name);
    QTest::mouseClick(edit, Qt::LeftButton);
    edit->selectAll();
    QTest::keyClicks(edit, QString::fromLatin1(text));
    QTest::keyClick(edit, Qt::Key_Return);
}

}  // namespace

TEST_F(DesktopUse, the_daylight_factor_paints_itself_without_being_asked) {
    ASSERT_TRUE(drive::settle(*window));
    const auto& answer = *window->answers().daylight("a").answer;
    EXPECT_TRUE(answer.record.settled);
    // Brighter by the window than in the depth, on the sheet as in the numbers.
    EXPECT_GT(pixel({2, 1.0}).lightnessF(), pixel({2, 5.2}).lightnessF() + 0.1f);
    EXPECT_NE(pixel({2, 5.2}), ink().room);
}

TEST_F(DesktopUse, a_dragged_window_moves_along_its_wall_and_the_map_repaints_before_the_button_is_let_go) {
    ASSERT_TRUE(drive::settle(*window));
    const double before = opening().along;
    // Far from the pointer, from the dragged window and from its dimensions: what changes there is the map.
    const QRect depth(drive::on_sheet(*window, {0.5, 5.5}), drive::on_sheet(*window, {3.5, 2.2}));
    const auto map_there = [&] { return window->sheet().grab().toImage().copy(depth); };
    const QImage map_before = map_there();
    drive::move(*window, {2, -0.15});
    drive::press(*window, {2, -0.15});
    const auto painted = window->sheet().maps_painted();
    for (double x = 1.9; x > 1.2; x -= 0.1) drive::move(*window, {x, -0.15});
    drive::move(*window, {1.2, -0.15});
    EXPECT_NEAR(opening().along, before - 0.8, 0.06);
    EXPECT_TRUE(drive::wait_until([&] { return window->sheet().maps_painted() > painted; }, 20000))
        << "no new map while the button is down";
    EXPECT_TRUE(drive::wait_until([&] { return map_there() != map_before; }, 20000)) << "the map is still the old one";
    EXPECT_NE(window->lamp().state(), Lamp::State::nothing);
    drive::release(*window, {1.2, -0.15});
    // The display server may have brought late moves of the pointer: what counts is where the drag ended.
    const double moved = opening().along;
    EXPECT_TRUE(drive::settle(*window));
    undo();
    EXPECT_DOUBLE_EQ(opening().along, before) << "one drag is one step";
    EXPECT_TRUE(window->document().undo_stack().canRedo());
    redo();
    EXPECT_DOUBLE_EQ(opening().along, moved);
}

TEST_F(DesktopUse, undo_brings_the_settled_answer_back_at_once) {
    ASSERT_TRUE(drive::settle(*window));
    const auto first = window->answers().daylight("a").answer;
    drive::drag(*window, {2, -0.15}, {1.4, -0.15});
    ASSERT_TRUE(drive::settle(*window));
    EXPECT_NE(window->answers().daylight("a").answer->record.inputs, first->record.inputs);
    undo();
    ASSERT_TRUE(drive::wait_until([&] { return window->answers().daylight("a").answer == first; }, 3000));
    EXPECT_EQ(window->lamp().state(), Lamp::State::settled);
}

TEST_F(DesktopUse, a_room_is_drawn_by_dragging_and_gets_its_plane) {
    drive::key(*window, Qt::Key_R);
    EXPECT_EQ(window->sheet().tool_in_hand().traits().name, std::string("Room"));
    drive::drag(*window, {5.0, 0.0}, {9.0, 4.0});
    ASSERT_EQ(window->document().option().storeys[0].rooms.size(), 2u);
    EXPECT_NEAR(geometry::signed_area(room(1).footprint), 16, 1.0);
    EXPECT_EQ(window->document().option().planes.size(), 2u);
    EXPECT_EQ(window->sheet().tool_in_hand().traits().name, std::string("Select"));
    EXPECT_EQ(window->document().selection().id, room(1).id);
    drive::key(*window, Qt::Key_Delete);
    EXPECT_EQ(window->document().option().storeys[0].rooms.size(), 1u);
    EXPECT_EQ(window->document().option().planes.size(), 1u);
    undo();
    undo();
    EXPECT_EQ(window->document().option().storeys[0].rooms.size(), 1u);
}

TEST_F(DesktopUse, a_room_is_drawn_corner_by_corner) {
    drive::click(*window, "tool-outline");
    for (const Vec2 p : {Vec2{5, 0}, Vec2{8, 0}, Vec2{8, 2}, Vec2{6.5, 2}, Vec2{6.5, 4}, Vec2{5, 4}}) {
        drive::move(*window, p);
        drive::click_sheet(*window, p);
    }
    drive::key(*window, Qt::Key_Return);
    ASSERT_EQ(window->document().option().storeys[0].rooms.size(), 2u);
    EXPECT_EQ(room(1).footprint.size(), 6u);
    EXPECT_NEAR(geometry::signed_area(room(1).footprint), 9, 0.8);
}

TEST_F(DesktopUse, escape_leaves_an_outline_without_a_trace) {
    drive::key(*window, Qt::Key_O);
    drive::click_sheet(*window, {5, 0});
    drive::click_sheet(*window, {8, 0});
    drive::key(*window, Qt::Key_Escape);
    drive::key(*window, Qt::Key_Escape);
    EXPECT_EQ(window->sheet().tool_in_hand().traits().name, std::string("Select"));
    EXPECT_FALSE(window->document().is_changed());
}

TEST_F(DesktopUse, a_window_is_placed_where_the_wall_is_clicked) {
    drive::key(*window, Qt::Key_W);
    drive::move(*window, {4, 4});
    drive::click_sheet(*window, {4, 4});
    ASSERT_EQ(room().openings.size(), 2u);
    const auto& made = room().openings[1];
    EXPECT_EQ(made.edge, 1);
    EXPECT_NEAR(made.along + made.width / 2, 4, 0.06);
    EXPECT_EQ(made.glazing, "pane");
    EXPECT_EQ(window->document().undo_stack().undoText(), QStringLiteral("Place window"));
}

TEST_F(DesktopUse, corners_and_walls_can_be_dragged_and_windows_stay_in_their_walls) {
    drive::click_sheet(*window, {1, 4});
    EXPECT_EQ(window->document().selection().kind, Selection::Kind::room);
    drive::drag(*window, {4, 6}, {4.6, 6.5});
    EXPECT_NEAR(room().footprint[2].x, 4.6, 0.11);
    EXPECT_NEAR(room().footprint[2].y, 6.5, 0.11);
    undo();
    // The east wall, near the south: the window's wall gets too short for where the window stands.
    drive::key(*window, Qt::Key_Escape);
    drive::drag(*window, {4, 3}, {2.4, 3});
    EXPECT_NEAR(room().footprint[1].x, 2.4, 0.11);
    EXPECT_NEAR(room().footprint[2].x, 2.4, 0.11);
    EXPECT_LE(opening().along + opening().width, model::edge_length(room(), 0) + 1e-9);
}

TEST_F(DesktopUse, figures_can_be_typed_with_units) {
    drive::click_sheet(*window, {2, -0.15});
    ASSERT_EQ(window->document().selection().kind, Selection::Kind::opening);
    type_into(*window, "field-width", "120 cm");
    EXPECT_DOUBLE_EQ(opening().width, 1.2);
    QTest::qWait(20);
    type_into(*window, "field-sill", "3'");
    EXPECT_NEAR(opening().sill, 0.9144, 1e-9);
    QTest::qWait(20);
    type_into(*window, "field-width", "wide");
    EXPECT_DOUBLE_EQ(opening().width, 1.2) << "what is no number changes nothing";
    QTest::qWait(20);
    type_into(*window, "field-width", "99");
    EXPECT_LE(opening().width, 4.0) << "a window cannot leave its wall";
}

TEST_F(DesktopUse, the_only_window_has_all_of_the_light) {
    ASSERT_TRUE(drive::settle(*window));
    drive::click_sheet(*window, {2, -0.15});
    EXPECT_NEAR(share_of_light(*window->answers().daylight("a").answer, "W-01", "room"), 1.0, 1e-6);
    EXPECT_EQ(static_cast<QLabel*>(drive::widget(*window, "fact-share-of-light"))->text(), QStringLiteral("100.0 %"));
}

TEST_F(DesktopUse, the_year_strip_is_the_clock) {
    const climate::Moment wanted{9, 14, 10};
    QTest::mouseClick(&window->desktop().strip(), Qt::LeftButton, {},
                      window->desktop().strip().place_of(wanted).toPoint());
    EXPECT_NEAR(window->document().moment().day_of_year(), wanted.day_of_year(), 1);
    EXPECT_NEAR(window->document().moment().hour, 10, 0.5);
    const int day = window->document().moment().day_of_year();
    QTest::keyClick(&window->desktop().strip(), Qt::Key_Right);
    EXPECT_EQ(window->document().moment().day_of_year(), day + 1);
}

TEST_F(DesktopUse, the_year_runs_in_the_background) {
    drive::key(*window, Qt::Key_3, Qt::ControlModifier);
    drive::click(*window, "run-year");
    EXPECT_TRUE(window->asker().jobs().is_running());
    EXPECT_TRUE(drive::widget(*window, "cancel")->isVisible());
    // The window goes on answering meanwhile.
    drive::click_sheet(*window, {1, 4});
    EXPECT_EQ(window->document().selection().id, "room");
    ASSERT_TRUE(drive::wait_until([&] { return window->answers().year("a") != nullptr; }, 120000));
    // A later change makes it stale, and undo makes it current again.
    window->desktop().show(wp::figure::daylight_autonomy());
    EXPECT_EQ(window->lamp().state(), Lamp::State::settled);
    window->document().edit_option(QStringLiteral("Thicker"), [](model::Option& o) { o.outer_wall = 0.6; });
    // Whether it is, is found in the background, behind the figures that are being computed there.
    EXPECT_TRUE(drive::wait_until([&] { return window->lamp().state() == Lamp::State::stale; }, 20000));
    window->document().undo_stack().undo();
    EXPECT_TRUE(drive::wait_until([&] { return window->lamp().state() == Lamp::State::settled; }, 20000));
}

TEST_F(DesktopUse, figures_of_the_comparison_are_chosen_from_all_there_are) {
    drive::key(*window, Qt::Key_4, Qt::ControlModifier);
    auto* table = static_cast<QTableWidget*>(drive::widget(*window, "comparison"));
    auto* menu = static_cast<QPushButton*>(drive::widget(*window, "compared-figures"))->menu();
    ASSERT_TRUE(drive::wait_until([&] { return table->rowCount() > 0; }));
    const int before = table->rowCount();
    for (QAction* action : menu->actions())
        if (action->text() == QStringLiteral("Sky component, mean")) action->trigger();
    ASSERT_TRUE(drive::wait_until([&] { return table->rowCount() == before + 1; })) << "one room, one line more";
    EXPECT_EQ(table->item(before, 1)->text(), QStringLiteral("Sky component, mean"));
    ASSERT_TRUE(drive::wait_until([&] { return table->item(before, 2)->text().endsWith(QStringLiteral("%")); }, 20000));
}

TEST_F(DesktopUse, a_running_year_can_be_cancelled) {
    window->document().edit(QStringLiteral("Very exact"), [](model::Project& p) { p.questions[1].accuracy = 0.001; });
    window->show_desk(DeskKind::light);
    drive::key(*window, Qt::Key_Y);
    ASSERT_TRUE(window->asker().jobs().is_running());
    QTest::qWait(300);
    drive::click(*window, "cancel");
    EXPECT_TRUE(drive::wait_until([&] { return !window->asker().jobs().is_running(); }, 20000));
    EXPECT_EQ(window->answers().year("a"), nullptr);
}

TEST_F(DesktopUse, an_observer_looks_and_its_glare_is_told) {
    drive::click_sheet(*window, {2.05, 3.05});
    EXPECT_EQ(window->document().selection().kind, Selection::Kind::observer);
    drive::click(*window, "look-through");
    ASSERT_TRUE(drive::wait_until([&] { return window->answers().glare("a") != nullptr; }, 120000));
    const auto& glare = *window->answers().glare("a");
    EXPECT_EQ(glare.observer.id, "eye");
    EXPECT_GT(glare.vertical_lux, 100);
    EXPECT_GT(glare.dgp, 0);
}

TEST_F(DesktopUse, what_the_eye_sees_follows_the_clock_and_the_building) {
    auto& eye = window->asker().eye();
    const auto seen = [&] { return window->answers().glare("a"); };
    const auto settled = [&](const climate::Moment& moment) {
        return drive::wait_until([&] { return seen() != nullptr && seen()->moment == moment && !eye.is_settling(); },
                                 120000);
    };
    drive::look_quickly(*window);
    window->document().show_moment({6, 21, 12});
    drive::click_sheet(*window, {2.05, 3.05});
    drive::key(*window, Qt::Key_L);
    ASSERT_TRUE(settled({6, 21, 12})) << "one key, and it is there";
    EXPECT_TRUE(seen()->record.settled);
    window->document().show_moment({6, 21, 15});
    ASSERT_TRUE(settled({6, 21, 15}));
    const auto before = seen()->record.inputs;
    window->document().edit(QStringLiteral("Darker"), [](model::Project& p) {
        for (auto& m : p.materials) m.reflectance *= 0.5;
    });
    ASSERT_TRUE(drive::wait_until([&] { return seen()->record.inputs != before && !eye.is_settling(); }, 120000));
    const auto* last = seen().get();
    window->document().edit(QStringLiteral("Renamed"), [](model::Project& p) { p.name = "Another"; });
    EXPECT_FALSE(eye.is_settling()) << "a name is nothing to the eye";
    window->document().show_moment({6, 21, 1});
    EXPECT_FALSE(eye.hindrance().isEmpty()) << "at night there is nothing to be seen, and that is said";
    EXPECT_EQ(seen().get(), last);
}

TEST_F(DesktopUse, work_that_is_saved_opens_again_and_unsaved_work_is_asked_about) {
    drive::drag(*window, {2, -0.15}, {1.4, -0.15});
    EXPECT_TRUE(window->isWindowModified());
    bool asked = false;
    // Asked again and again: on a busy machine the box may take its time.
    QTimer answer;
    QObject::connect(&answer, &QTimer::timeout, [&] {
        if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
            asked = true;
            QTest::keyClick(box, Qt::Key_Escape);
        }
    });
    answer.start(100);
    EXPECT_FALSE(window->close());
    answer.stop();
    EXPECT_TRUE(asked);
    drive::key(*window, Qt::Key_S, Qt::ControlModifier);
    ASSERT_TRUE(drive::wait_until([&] { return !window->isWindowModified(); }));
    const auto saved = store::read_project(folder / "p.warmpane");
    ASSERT_TRUE(saved);
    EXPECT_EQ(*saved, window->document().project());
    EXPECT_TRUE(window->close());
}

TEST_F(DesktopUse, a_damaged_project_is_refused_and_the_open_one_stays) {
    ASSERT_FALSE(write_file(folder / "bad.warmpane", "{\"warmpane\": 7}"));
    const auto fault = window->open(folder / "bad.warmpane");
    ASSERT_TRUE(fault);
    EXPECT_NE(fault->what.find("newer"), std::string::npos);
    EXPECT_EQ(window->document().project().name, "One room");
}

TEST_F(DesktopUse, work_that_fails_is_told_and_the_project_and_all_other_work_go_on) {
    auto* words = static_cast<QLabel*>(drive::widget(*window, "mishap-words"));
    EXPECT_FALSE(words->isVisible());
    JobQueue queue;
    bool done = false;
    queue.add(QStringLiteral("a"), QStringLiteral("Fails"),
              [](const Cancel&, const Progress&) -> JobQueue::Finish { throw std::bad_alloc(); });
    queue.add(QStringLiteral("b"), QStringLiteral("Works"),
              [&](const Cancel&, const Progress&) -> JobQueue::Finish { return [&] { done = true; }; });
    ASSERT_TRUE(drive::wait_until([&] { return done && words->isVisible(); }, 5000))
        << "the next job runs although the one before failed";
    EXPECT_TRUE(words->text().contains(QStringLiteral("not enough memory"))) << words->text().toStdString();
    EXPECT_TRUE(queue.entries().empty());
    drive::click(*window, "mishap-away");
    EXPECT_FALSE(words->isVisible());

    LiveDaylight live(
        [](const model::Project&, const model::Option&, const model::Question&) -> std::vector<geometry::PlanePoints> {
            throw std::runtime_error("no \x1b[31mpoints");
        });
    live.request(window->document().snapshot(), 0);
    ASSERT_TRUE(drive::wait_until([&] { return words->isVisible(); }, 5000));
    EXPECT_TRUE(words->text().contains(QStringLiteral("no ?[31mpoints"))) << words->text().toStdString();
    live.request(window->document().snapshot(), 0);  // its thread still listens
    drive::click(*window, "mishap-away");
    ASSERT_TRUE(drive::wait_until([&] { return words->isVisible(); }, 5000));

    Newest<int> newest("Counting", [](const int& n) {
        if (n == 1) throw n;
    });
    drive::click(*window, "mishap-away");
    newest.ask(1);
    ASSERT_TRUE(drive::wait_until([&] { return words->isVisible(); }, 5000));
    EXPECT_EQ(window->document().project().name, "One room");
    ASSERT_TRUE(drive::settle(*window));
}

TEST_F(DesktopUse, a_project_that_was_saved_by_another_window_meanwhile_is_not_lost) {
    drive::drag(*window, {2, -0.15}, {1.4, -0.15});
    auto theirs = *store::read_project(folder / "p.warmpane");
    theirs.name = "Theirs";
    ASSERT_FALSE(store::save_project(theirs, folder / "p.warmpane"));
    QString asked;
    QTimer answer;
    const auto press = [&](const char* part) {
        QObject::connect(&answer, &QTimer::timeout, [&, part] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (box == nullptr) return;
            asked = box->text();
            for (auto* button : box->buttons())
                if (button->text().contains(QLatin1String(part))) return QTest::mouseClick(button, Qt::LeftButton);
        });
        answer.start(100);
        drive::key(*window, Qt::Key_S, Qt::ControlModifier);
        QTest::qWait(300);
        answer.stop();
        answer.disconnect();
    };
    press("Do not save");
    EXPECT_TRUE(asked.contains(QStringLiteral("changed by another program"))) << asked.toStdString();
    EXPECT_TRUE(window->isWindowModified());
    EXPECT_EQ(store::read_project(folder / "p.warmpane")->name, "Theirs");
    press("over it");
    ASSERT_TRUE(drive::wait_until([&] { return !window->isWindowModified(); }, 5000));
    EXPECT_EQ(store::read_project(folder / "p.warmpane")->name, "One room");
    asked.clear();
    drive::drag(*window, {1.4, -0.15}, {1.8, -0.15});
    press("over it");
    EXPECT_TRUE(asked.isEmpty()) << "what this window saved itself is nobody else's";
    EXPECT_FALSE(window->isWindowModified());
}

TEST_F(DesktopUse, a_project_that_cannot_be_opened_says_why_and_offers_a_way_on) {
    QString words, remedy;
    QTimer::singleShot(100, [&] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        ASSERT_NE(box, nullptr);
        words = box->text();
        remedy = box->informativeText();
        ASSERT_EQ(box->buttons().size(), 2);
        for (auto* button : box->buttons())
            if (button->text() == QStringLiteral("Begin a new project")) QTest::mouseClick(button, Qt::LeftButton);
    });
    ASSERT_FALSE(write_file(folder / "bad.warmpane", "{"));
    const auto fault = window->open(folder / "bad.warmpane");
    ASSERT_TRUE(fault);
    window->files().tell_not_opened(*fault);
    EXPECT_TRUE(words.contains(QStringLiteral("bad.warmpane, line 1"))) << words.toStdString();
    EXPECT_TRUE(remedy.contains(QStringLiteral("left as it is")));
    EXPECT_TRUE(window->isVisible());
}

TEST_F(DesktopUse, a_name_that_is_completed_does_not_replace_another_project_unasked) {
    ASSERT_FALSE(write_file(folder / "other.warmpane", "dear to somebody"));
    QString asked;
    // First the dialog of files, typed into without the ending; then the question about what is there.
    QTimer answer;
    QObject::connect(&answer, &QTimer::timeout, [&] {
        QWidget* modal = QApplication::activeModalWidget();
        if (auto* box = qobject_cast<QMessageBox*>(modal)) {
            asked = box->text();
            for (auto* button : box->buttons())
                if (button->text() == QStringLiteral("Keep it")) return QTest::mouseClick(button, Qt::LeftButton);
        } else if (auto* files = qobject_cast<QFileDialog*>(modal)) {
            auto* name = files->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"));
            ASSERT_NE(name, nullptr);
            name->setText(QString::fromStdString((folder / "other").string()));
            QTest::keyClick(name, Qt::Key_Return);
        }
    });
    answer.start(100);
    EXPECT_TRUE(file_to_write(window.get(), QStringLiteral("Save project"), QStringLiteral("Projects (*.warmpane)"),
                              QStringLiteral(".warmpane"))
                    .isEmpty());
    answer.stop();
    EXPECT_TRUE(asked.contains(QStringLiteral("other.warmpane is there already"))) << asked.toStdString();
    EXPECT_EQ(*read_file(folder / "other.warmpane"), "dear to somebody");
}

TEST_F(DesktopUse, options_are_made_and_compared) {
    ASSERT_TRUE(drive::settle(*window));
    window->document().edit(QStringLiteral("Second"), [](model::Project& p) {
        auto second = p.options[0];
        second.id = "b";
        second.name = "B";
        second.storeys[0].rooms[0].openings[0].width = 3;
        p.options.push_back(second);
    });
    drive::key(*window, Qt::Key_4, Qt::ControlModifier);
    drive::click(*window, "ask-all");
    ASSERT_TRUE(drive::wait_until(
        [&] { return window->answers().year("a") != nullptr && window->answers().year("b") != nullptr; }, 240000));
    EXPECT_GT(window->answers().daylight("b").answer->planes[0].figures.mean,
              1.2 * window->answers().daylight("a").answer->planes[0].figures.mean);
    auto* table = static_cast<QTableWidget*>(drive::widget(*window, "comparison"));
    EXPECT_EQ(table->columnCount(), 4);
    EXPECT_TRUE(drive::wait_until(
        [&] { return table->item(0, 3) != nullptr && table->item(0, 3)->text().contains(QStringLiteral("%")); }));
    // Held against the first: what it gains is told where the errors allow it, and what it is built of otherwise.
    window->document().show_option(1);
    const auto* pulls = static_cast<QLabel*>(drive::widget(*window, "compared-pulls"));
    EXPECT_TRUE(drive::wait_until([&] { return pulls->text().contains(QStringLiteral("gains")); }, 20000))
        << pulls->text().toStdString();
    EXPECT_TRUE(drive::wait_until([&] { return table->item(0, 3)->text().contains(QStringLiteral("(+")); }, 20000))
        << "a wider window has more daylight: " << table->item(0, 3)->text().toStdString();
    EXPECT_FALSE(table->item(0, 2)->text().contains(QStringLiteral("("))) << "the base is held against nothing";
    auto* differences = static_cast<QListWidget*>(drive::widget(*window, "differences"));
    ASSERT_EQ(differences->count(), 1);
    EXPECT_TRUE(differences->item(0)->text().contains(QStringLiteral("Width 2.00 m \u2192 3.00 m")))
        << differences->item(0)->text().toStdString();
    const QPoint line = differences->visualItemRect(differences->item(0)).center();
    QTest::mouseClick(differences->viewport(), Qt::LeftButton, Qt::NoModifier, line);
    QTest::mouseDClick(differences->viewport(), Qt::LeftButton, Qt::NoModifier, line);
    EXPECT_EQ(window->document().selection().kind, Selection::Kind::opening);
    EXPECT_TRUE(drive::wait_until([&] { return window->sheet().isVisible(); })) << "it leads to the plan";
}

TEST(Numbers, are_read_as_people_write_them) {
    EXPECT_DOUBLE_EQ(*parse_number(QStringLiteral("1.2"), Unit::metre), 1.2);
    EXPECT_DOUBLE_EQ(*parse_number(QStringLiteral("1,2 m"), Unit::metre), 1.2);
    EXPECT_DOUBLE_EQ(*parse_number(QStringLiteral("1200mm"), Unit::metre), 1.2);
    EXPECT_NEAR(*parse_number(QStringLiteral("47 in"), Unit::metre), 1.1938, 1e-12);
    EXPECT_NEAR(*parse_number(QStringLiteral("12'6\""), Unit::metre), 3.81, 1e-12);
    EXPECT_DOUBLE_EQ(*parse_number(QStringLiteral("22 %"), Unit::percent), 0.22);
    for (const auto* bad : {"", "wide", "1 2 3", "1.2 parsec", "nan", "--3"})
        EXPECT_FALSE(parse_number(QString::fromLatin1(bad), Unit::metre)) << bad;
}

int main(int argc, char** argv) {
    ::testing::InitGoogleTest(&argc, argv);
    // Settings of the tests are not the user's.
    test::Folder settings;
    qputenv("XDG_CONFIG_HOME", QByteArray::fromStdString(settings.path().string()));
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("warmpane-tests"));
    language::use_language(qEnvironmentVariable("WARMPANE_LANGUAGE", QStringLiteral("en")));
    apply_look(application, Paper::light);
    return RUN_ALL_TESTS();
}
