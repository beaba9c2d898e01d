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
#include <numeric>

#include "edit/options.h"
#include "gui/compare/comparing.h"
#include "gui/compare/scatter_panel.h"
#include "gui/compare/side_by_side.h"
#include "gui/compare/steps_view.h"
#include "matter_hands.h"
#include "report/side/other_cells.h"
#include "report/side/plan_cell.h"
#include "report/side/year_cells.h"

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
    template <class T>
    const T* cell(size_t i) {
        const auto& cells = part<SideView>("side-maps")->board().cells;
        return i < cells.size() ? dynamic_cast<const T*>(cells[i].cell.get()) : nullptr;
    }
    /// Whether all cells are of that kind.
    template <class T>
    bool all_found(int wait = 60000) {
        return drive::wait_until(
            [&] {
                const auto n = part<SideView>("side-maps")->board().cells.size();
                for (size_t i = 0; i < n; ++i)
                    if (cell<T>(i) == nullptr) return false;
                return n > 0;
            },
            wait);
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
    ASSERT_TRUE(all_found<report::PlanCell>());
    QTest::mouseMove(&view, view.cell(0).center().toPoint() + QPoint(0, 10));
    const auto* told = part<QLabel>("side-told");
    const auto tells_both = [&] {
        return told->text().contains(QStringLiteral("Narrow")) && told->text().contains(QStringLiteral("Wide"));
    };
    EXPECT_TRUE(drive::wait_until(tells_both, 5000)) << told->text().toStdString();
    choose("side-base", QStringLiteral("Differences from Narrow"));
    ASSERT_TRUE(drive::wait_until([&] { return view.board().scale->difference; }, 20000));
    double most = -1e9;
    for (const auto& layer : cell<report::PlanCell>(1)->layers)
        for (const double v : layer.value) most = std::max(most, v);
    EXPECT_GT(most, 0) << "the wider window gives more";
    QTest::mouseClick(&view, Qt::LeftButton, {}, view.cell(1).center().toPoint());
    EXPECT_EQ(document().option_index(), 1u) << "a click shows that option";
}

TEST_F(Deciding, years_stand_side_by_side_by_day_and_hour_as_typical_days_and_by_month_and_hour) {
    window->asker().ask_all();
    ASSERT_TRUE(idle());
    show_view(2);
    choose("side-kind", QStringLiteral("Day by hour"));
    ASSERT_TRUE(all_found<report::HoursCell>());
    const auto sum = [](const std::vector<double>& hours) { return std::accumulate(hours.begin(), hours.end(), 0.0); };
    EXPECT_GT(sum(cell<report::HoursCell>(1)->hours), sum(cell<report::HoursCell>(0)->hours)) << "a wider window";
    const double noon = cell<report::HoursCell>(1)->hours[171 * 24 + 12];
    auto& view = *part<SideView>("side-maps");
    QTest::mouseMove(&view, view.cell(1).center().toPoint());
    EXPECT_TRUE(
        drive::wait_until([&] { return part<QLabel>("side-told")->text().contains(QStringLiteral("Wide")); }, 5000))
        << part<QLabel>("side-told")->text().toStdString();
    choose("side-kind", QStringLiteral("Typical days"));
    ASSERT_TRUE(all_found<report::DaysCell>());
    EXPECT_GT(noon, 0);
    choose("side-base", QStringLiteral("Differences from Narrow"));
    ASSERT_TRUE(drive::wait_until(
        [&] {
            const auto* days = cell<report::DaysCell>(1);
            return days != nullptr && days->base.has_value();
        },
        20000));
    EXPECT_LT((*cell<report::DaysCell>(1)->base)[5][12], cell<report::DaysCell>(1)->days[5][12]);
    choose("side-kind", QStringLiteral("Months by hour"));
    ASSERT_TRUE(all_found<report::MonthsCell>());
    const auto* months = cell<report::MonthsCell>(1);
    ASSERT_TRUE(months->rooms.at(0).days);
    EXPECT_TRUE(months->scale.difference);
    EXPECT_GT((*months->rooms[0].days)[5][12], 0);
}

TEST_F(Deciding, curves_across_a_room_and_all_figures_of_one_option_are_drawn) {
    window->asker().ask_all();
    ASSERT_TRUE(idle());
    show_view(2);
    choose("side-kind", QStringLiteral("Depth profile"));
    ASSERT_TRUE(all_found<report::ProfileCell>());
    const auto& curves = cell<report::ProfileCell>(0)->chart.curves;
    ASSERT_EQ(curves.size(), 2u);
    EXPECT_TRUE(curves.back().main);
    EXPECT_EQ(curves.back().name, QStringLiteral("Narrow")) << "the option that is shown is drawn over the others";
    choose("side-kind", QStringLiteral("All figures"));
    ASSERT_TRUE(drive::wait_until([&] { return part<SideView>("side-maps")->board().cells.size() > 4; }, 20000));
    for (const auto& of : part<SideView>("side-maps")->board().cells) {
        EXPECT_FALSE(of.name.isEmpty());
        EXPECT_NE(of.cell, nullptr);
    }
}

TEST_F(Deciding, clear_arcs_and_what_is_seen_are_asked_of_every_option_from_here) {
    drive::look_quickly(*window);
    model::Observer seat;
    seat.id = "seat";
    seat.name = "Desk";
    seat.room = document().option().storeys[0].rooms[0].id;
    seat.eye = {2, 1.5, 1.2};
    document().edit(QStringLiteral("Observers"), [&](model::Project& p) {
        for (auto& option : p.options) option.observers = {seat};
    });
    show_view(2);
    choose("side-kind", QStringLiteral("Clear arcs"));
    QTest::qWait(200);
    drive::click(*window, "side-ask");
    ASSERT_TRUE(drive::wait_until([&] { return all_found<report::PlanCell>(100) && idle(); }, 200000));
    for (const size_t option : {0u, 1u}) {
        ASSERT_EQ(cell<report::PlanCell>(option)->arcs.size(), 1u);
        EXPECT_EQ(cell<report::PlanCell>(option)->arcs[0].name, QStringLiteral("Desk"));
    }
    choose("side-kind", QStringLiteral("What is seen"));
    QTest::qWait(200);
    drive::click(*window, "side-ask");
    ASSERT_TRUE(drive::wait_until([&] { return all_found<report::PictureCell>(100) && idle(); }, 200000));
    EXPECT_EQ(cell<report::PictureCell>(0)->answer->moment.hour, cell<report::PictureCell>(1)->answer->moment.hour);
    EXPECT_EQ(cell<report::PictureCell>(0)->style.scale, cell<report::PictureCell>(1)->style.scale);
}

TEST_F(Deciding, glare_that_becomes_worse_says_from_which_class_to_which) {
    Comparison c;
    const auto project = document().snapshot();
    c.options.resize(2);
    for (size_t i = 0; i < 2; ++i) c.options[i].project = project, c.options[i].option = i;
    c.rooms = {project->options[0].storeys[0].rooms[0].id, "no other"};
    const auto* line = figure::find_line("glare_probability");
    ASSERT_NE(line, nullptr);
    c.lines = {{line->measure, line->wanted, name_of_line(*line)}};
    c.base = 0;
    c.shown = 1;
    // The second room has no place that is looked from.
    c.bands = {figure::Band{0.37, 0.36, 0.38}, figure::Band{0.43, 0.42, 0.44}, std::nullopt, std::nullopt};
    const auto pulls = pulls_of(c);
    ASSERT_EQ(pulls.losses.size(), 1);
    EXPECT_TRUE(pulls.losses[0].contains(QStringLiteral("worst view from perceptible to disturbing")))
        << pulls.losses[0].toStdString();
    c.bands[1] = figure::Band{0.39, 0.385, 0.395};
    EXPECT_FALSE(pulls_of(c).losses.join(QString()).contains(QStringLiteral("worst view"))) << "of the same class";
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
