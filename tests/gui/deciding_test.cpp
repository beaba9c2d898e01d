// SPDX-License-Identifier: GPL-3.0-or-later
// From "what if it were wider?" to a decision: series, maps beside each other, figures against each other, reasons.
#include <QCheckBox>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QTabBar>
#include <QTabWidget>
#include <QTableWidget>

#include "edit/options.h"
#include "gui/compare/scatter_panel.h"
#include "gui/compare/side_by_side.h"
#include "gui/compare/steps_view.h"
#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

class Deciding : public Hands {
 protected:
    // A room, and the same with a wider window.
    void SetUp() override {
        auto project = one_room();
        for (auto& q : project.questions) q.accuracy = 0.2;
        for (auto& plane : project.options[0].planes) plane.spacing = 1;
        project.options[0].name = "Narrow";
        project.site.made_up_weather = true;
        edit::copy_option(project, 0, "Wide");
        project.options[1].storeys[0].rooms[0].openings[0].width += 0.8;
        open(project);
        ASSERT_TRUE(drive::read_weather(*window));
        drive::click(*window, "desk-compare");
    }
    Document& document() { return window->document(); }
    void show_view(int index) {
        auto* bar = window->findChild<QTabWidget*>(QStringLiteral("compare-views"))->tabBar();
        QTest::mouseClick(bar, Qt::LeftButton, {}, bar->tabRect(index).center());
        QTest::qWait(50);
    }
    template <class T>
    T* part(const char* name) {
        return static_cast<T*>(drive::widget(*window, name));
    }
    void choose(const char* box, const QString& words) {
        auto* one = part<QComboBox>(box);
        for (int i = 0; i < one->count(); ++i)
            if (one->itemText(i).contains(words)) {
                one->setCurrentIndex(i);
                return emit one->activated(i);
            }
        FAIL() << box << " has no " << words.toStdString();
    }
    bool idle() {
        return drive::wait_until([&] { return !window->asker().jobs().is_running(); }, 120000);
    }
};

}  // namespace

TEST_F(Deciding, a_series_of_widths_is_asked_read_and_one_of_its_steps_becomes_an_option) {
    const auto& window_id = document().option().storeys[0].rooms[0].openings[0].id;
    document().select({Selection::Kind::opening, window_id, -1});
    show_view(1);
    choose("series-first-number", QStringLiteral("Width"));
    drive::type_into(part<QWidget>("series-first-from"), "1.0");
    drive::type_into(part<QWidget>("series-first-to"), "2.0");
    drive::type_into(part<QWidget>("series-first-steps"), "3");
    EXPECT_TRUE(part<QLabel>("series-state")->text().contains(QStringLiteral("3 steps")));
    drive::click(*window, "series-ask");
    ASSERT_EQ(document().project().series.size(), 1u) << "it is kept in the project";
    EXPECT_EQ(document().project().series[0].varied[0].number, "width");
    ASSERT_TRUE(idle());
    ASSERT_TRUE(drive::wait_until(
        [&] { return part<QLabel>("series-state")->text().contains(QStringLiteral("3 of 3")); }, 20000))
        << part<QLabel>("series-state")->text().toStdString();
    auto& view = *part<StepsView>("series-chart");
    choose("series-figure", QStringLiteral("Daylight factor, mean"));
    QTest::mouseClick(&view, Qt::LeftButton, {}, view.place_of(0).toPoint());
    EXPECT_TRUE(part<QLabel>("series-told")->text().contains(QStringLiteral("1.00 m")))
        << part<QLabel>("series-told")->text().toStdString();
    QTest::keyClick(&view, Qt::Key_Right);
    EXPECT_TRUE(part<QLabel>("series-told")->text().contains(QStringLiteral("1.50 m")));
    const size_t before = document().project().options.size();
    drive::click(*window, "series-option");
    ASSERT_EQ(document().project().options.size(), before + 1);
    EXPECT_NEAR(document().project().options[1].storeys[0].rooms[0].openings[0].width, 1.5, 1e-9);
    EXPECT_NE(document().project().options[1].name.find("1.50 m"), std::string::npos);
    document().undo_stack().undo();
    EXPECT_EQ(document().project().options.size(), before);
    // The building changes: what was drawn says that it is of another.
    document().edit_option(QStringLiteral("Higher"), [](model::Option& o) { o.storeys[0].rooms[0].height += 0.2; });
    EXPECT_TRUE(drive::wait_until(
        [&] { return part<QLabel>("series-state")->text().contains(QStringLiteral("has changed since")); }, 5000));
    drive::click(*window, "series-remove");
    EXPECT_TRUE(document().project().series.empty());
}

TEST_F(Deciding, a_series_that_cannot_be_says_why_before_it_is_asked) {
    document().select({Selection::Kind::opening, document().option().storeys[0].rooms[0].openings[0].id, -1});
    show_view(1);
    choose("series-first-number", QStringLiteral("Width"));
    drive::type_into(part<QWidget>("series-first-from"), "1.5");
    drive::type_into(part<QWidget>("series-first-to"), "1.5");
    EXPECT_FALSE(part<QPushButton>("series-ask")->isEnabled());
    EXPECT_TRUE(part<QLabel>("series-state")->text().contains(QStringLiteral("both ends are the same")));
    drive::click(*window, "series-two");
    EXPECT_TRUE(part<QComboBox>("series-second-number")->isVisible());
}

TEST_F(Deciding, a_daylight_factor_that_was_only_begun_is_settled_before_options_are_compared) {
    // As the option was left when another was shown: a first look.
    const auto project = document().snapshot();
    auto begun = std::make_shared<question::DaylightFactorAnswer>();
    begun->record.settled = false;
    const model::Id wide = project->options[1].id;
    window->answers().keep_daylight(wide, {begun, project});
    window->asker().ask_all();
    ASSERT_TRUE(idle());
    ASSERT_TRUE(drive::wait_until([&] { return window->answers().daylight(wide)->record.settled; }, 10000));
    EXPECT_FALSE(window->answers().daylight(wide).answer->planes.empty());
}

TEST_F(Deciding, maps_stand_side_by_side_and_are_read_at_the_same_place) {
    window->asker().ask_all();
    ASSERT_TRUE(idle());
    show_view(2);
    auto& view = *part<SideView>("side-maps");
    ASSERT_TRUE(drive::wait_until(
        [&] {
            const auto& maps = view.maps();
            return maps.options.size() == 2 && !maps.options[0].layers.empty() && !maps.options[1].layers.empty();
        },
        60000));
    QTest::mouseMove(&view, view.cell(0).center().toPoint() + QPoint(0, 10));
    const auto* told = part<QLabel>("side-told");
    const auto tells_both = [&] {
        return told->text().contains(QStringLiteral("Narrow")) && told->text().contains(QStringLiteral("Wide"));
    };
    EXPECT_TRUE(drive::wait_until(tells_both, 5000)) << told->text().toStdString();
    choose("side-base", QStringLiteral("Differences from Narrow"));
    ASSERT_TRUE(drive::wait_until([&] { return view.maps().base.has_value(); }, 20000));
    EXPECT_TRUE(view.maps().scale.difference);
    double most = -1e9;
    for (const auto& layer : view.maps().options[1].layers)
        for (const double v : layer.value) most = std::max(most, v);
    EXPECT_GT(most, 0) << "the wider window gives more";
    QTest::mouseClick(&view, Qt::LeftButton, {}, view.cell(1).center().toPoint());
    EXPECT_EQ(document().option_index(), 1u) << "a click shows that option";
}

TEST_F(Deciding, figures_stand_against_each_other_and_those_that_none_beats_are_joined) {
    window->asker().ask_all();
    ASSERT_TRUE(idle());
    show_view(3);
    choose("scatter-x", QStringLiteral("Daylight factor, least"));
    choose("scatter-y", QStringLiteral("Daylight factor, mean"));
    auto& view = *part<ScatterView>("scatter");
    ASSERT_TRUE(drive::wait_until([&] { return view.dots().size() == 2; }, 60000));
    EXPECT_TRUE(view.dots()[1].unbeaten) << "more light in both";
    QTest::mouseMove(&view, view.place_of(1).toPoint());
    const auto* told = part<QLabel>("scatter-told");
    EXPECT_TRUE(
        drive::wait_until([&] { return told->text().contains(QStringLiteral("None is better in both")); }, 5000))
        << told->text().toStdString();
    QTest::mouseClick(&view, Qt::LeftButton, {}, view.place_of(1).toPoint());
    EXPECT_EQ(document().option_index(), 1u);
}

TEST_F(Deciding, the_table_is_read_by_room_by_figure_or_as_a_whole) {
    ASSERT_TRUE(drive::settle(*window));
    auto* table = part<QTableWidget>("comparison");
    ASSERT_TRUE(drive::wait_until([&] { return table->rowCount() > 0; }, 20000));
    const auto choose_rows = [&](int index) {
        auto* rows = part<QComboBox>("compared-rows");
        rows->setCurrentIndex(index);
        emit rows->activated(index);
    };
    choose_rows(2);
    EXPECT_EQ(table->item(0, 0)->text(), QStringLiteral("The whole building"));
    const QString whole = table->item(0, 2)->text();
    choose_rows(0);
    EXPECT_NE(table->item(0, 0)->text(), QStringLiteral("The whole building"));
    EXPECT_EQ(table->item(0, 2)->text(), whole) << "of one room the whole is the room";
    // A click on an option's head sorts rooms of each figure by it.
    auto* head = table->horizontalHeader();
    QTest::mouseClick(head->viewport(), Qt::LeftButton, {},
                      QPoint(head->sectionViewportPosition(2) + 20, head->height() / 2));
    EXPECT_EQ(part<QComboBox>("compared-rows")->currentIndex(), 1);
}

TEST_F(Deciding, is_kept_with_its_reasons_and_opened_again) {
    with_dialog([&] { drive::click(*window, "decide-option"); },
                [&](QDialog& dialog) {
                    auto* option = dialog.findChild<QComboBox*>(QStringLiteral("decision-option"));
                    option->setCurrentIndex(1);
                    auto* reasons = dialog.findChild<QPlainTextEdit*>(QStringLiteral("decision-reasons"));
                    reasons->setPlainText(QStringLiteral("Light to the back wall"));
                    drive::type_into(dialog.findChild<QLineEdit*>(QStringLiteral("decision-by")), "K. Wren");
                });
    const auto& made = document().project().decision;
    EXPECT_EQ(made.option, document().project().options[1].id);
    EXPECT_EQ(made.reasons, "Light to the back wall");
    EXPECT_EQ(made.by, "K. Wren");
    EXPECT_EQ(made.day.size(), 10u) << "the day it was made on: " << made.day;
    EXPECT_TRUE(drive::wait_until(
        [&] { return part<QLabel>("decision")->text().contains(QStringLiteral("Decided for Wide")); }, 10000));
    with_dialog([&] { drive::click(*window, "decide-option"); },
                [](QDialog& dialog) { dialog.findChild<QPushButton*>(QStringLiteral("decision-open"))->click(); });
    EXPECT_TRUE(document().project().decision.option.empty());
    document().undo_stack().undo();
    EXPECT_FALSE(document().project().decision.option.empty());
}

TEST_F(Deciding, a_window_is_taken_over_from_the_other_option_and_put_into_it) {
    auto* list = part<QListWidget>("differences");
    ASSERT_TRUE(drive::wait_until([&] { return list->count() == 1; }, 5000));
    EXPECT_FALSE(part<QPushButton>("take-over")->isEnabled());
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(list->item(0)).center());
    drive::click(*window, "take-over");
    const auto width = [&](size_t option) {
        return document().project().options[option].storeys[0].rooms[0].openings[0].width;
    };
    EXPECT_NEAR(width(0), width(1), 1e-9);
    document().undo_stack().undo();
    const double narrow = width(0);
    EXPECT_LT(narrow, width(1));
    document().select({Selection::Kind::opening, document().option().storeys[0].rooms[0].openings[0].id, -1});
    with_dialog(
        [&] {
            for (auto* action : window->findChildren<QAction*>())
                if (action->text().contains(QStringLiteral("Put what is selected"))) return action->trigger();
        },
        [](QDialog& dialog) {
            EXPECT_EQ(dialog.findChild<QListWidget*>(QStringLiteral("put-into-options"))->count(), 1);
        });
    EXPECT_NEAR(width(1), narrow, 1e-9) << "the other has it as it is here";
}

TEST_F(Deciding, an_option_that_is_put_away_is_in_no_list) {
    with_dialog([&] { drive::click(*window, "manage-options"); },
                [&](QDialog& dialog) {
                    dialog.findChild<QListWidget*>(QStringLiteral("option-list"))->setCurrentRow(1);
                    dialog.findChild<QCheckBox*>(QStringLiteral("option-archived"))->click();
                    dialog.findChild<QListWidget*>(QStringLiteral("option-list"))->setCurrentRow(0);
                    dialog.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Close)->click();
                });
    ASSERT_TRUE(document().project().options[1].archived);
    EXPECT_EQ(part<QComboBox>("differs-from")->count(), 0);
    document().undo_stack().undo();
    EXPECT_FALSE(document().project().options[1].archived);
    EXPECT_TRUE(drive::wait_until([&] { return part<QComboBox>("differs-from")->count() == 1; }, 5000));
}

TEST_F(Deciding, a_cost_is_given_by_hand_and_stands_in_the_table) {
    with_dialog([&] { window->findChild<QAction*>(QStringLiteral("add-hand-figure"))->trigger(); },
                [](QDialog& dialog) {
                    drive::type_into(dialog.findChild<QLineEdit*>(QStringLiteral("hand-name")), "Cost");
                    dialog.findChild<QLineEdit*>(QStringLiteral("hand-unit"))->setText(QStringLiteral("k"));
                });
    ASSERT_EQ(document().project().hand_figures.size(), 1u);
    auto* table = part<QTableWidget>("comparison");
    int row = -1;
    ASSERT_TRUE(drive::wait_until(
        [&] {
            for (int r = 0; r < table->rowCount(); ++r)
                if (table->item(r, 1) != nullptr && table->item(r, 1)->text() == QStringLiteral("Cost")) row = r;
            return row >= 0;
        },
        20000));
    with_dialog(
        [&] {
            table->scrollToItem(table->item(row, 2));
            const QPoint at = table->visualItemRect(table->item(row, 2)).center();
            QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, at);
            QTest::mouseDClick(table->viewport(), Qt::LeftButton, {}, at);
        },
        [](QDialog& dialog) { drive::type_into(dialog.findChild<QLineEdit*>(QStringLiteral("hand-value")), "420"); });
    ASSERT_EQ(document().project().hand_figures[0].values.size(), 1u);
    EXPECT_NEAR(document().project().hand_figures[0].values[0].value, 420, 1e-9);
}
