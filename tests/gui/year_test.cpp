// SPDX-License-Identifier: GPL-3.0-or-later
// The year as a person reads and works it: run once, then figures, hours, blinds, electric light and jobs by mouse and
// keyboard.
#include <signal.h>
#include <sqlite3.h>
#include <sys/wait.h>
#include <unistd.h>

#include <QLabel>
#include <QMenu>
#include <QTableWidget>
#include <QTextBrowser>
#include <QToolButton>
#include <QTreeWidget>

#include <numeric>
#include <set>

#include "base/file.h"
#include "climate/epw.h"
#include "matter_hands.h"
#include "store/answers.h"

using namespace wp;
using namespace wp::test;

namespace {

class YearDesk : public Hands {
 protected:
    void SetUp() override {
        auto project = one_room();
        project.site.weather = "year.epw";
        Question year;
        year.id = "year";
        year.name = "The year";
        year.kind = Question::Kind::year;
        year.accuracy = 0.4;
        project.questions.push_back(year);
        auto weather = test::weather(50, 3);
        weather.summer_time = {{3, 29, 2}, {10, 25, 2}};
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(weather)));
        open(project);
        window->show_desk(DeskKind::light);
        window->desktop().show(wp::figure::daylight_autonomy());
    }
    Document& document() { return window->document(); }
    std::shared_ptr<const YearReading> reading() {
        return window->answers().year_reading(window->document().option().id);
    }
    // Until what is read is of the project and the wishes as they are, tables and all.
    bool whole() {
        return drive::wait_until(
            [&] {
                const auto now = reading();
                return now != nullptr && now->tables != nullptr && now->wish == window->asker().wish() &&
                       now->use.limits.target == document().project().questions[1].target &&
                       now->wanted == now->answer->record.inputs && !window->asker().jobs().is_running();
            },
            120000);
    }
    bool run() {
        drive::key(*window, Qt::Key_Y);
        return drive::wait_until([&] { return reading() != nullptr; }, 120000) && whole();
    }
    // As the file has it, whoever runs: what is begun is told as left behind only when its program is gone.
    static int jobs_begun(const std::filesystem::path& project) {
        sqlite3* base = nullptr;
        sqlite3_stmt* count = nullptr;
        int found = -1;
        if (sqlite3_open(store::answers_beside(project).c_str(), &base) == SQLITE_OK &&
            sqlite3_prepare_v2(base, "SELECT count(*) FROM begun", -1, &count, nullptr) == SQLITE_OK &&
            sqlite3_step(count) == SQLITE_ROW)
            found = sqlite3_column_int(count, 0);
        sqlite3_finalize(count);
        sqlite3_close(base);
        return found;
    }
    void page(const char* name) {
        auto* tabs = window->findChild<QTabWidget*>(QStringLiteral("pages"));
        for (int i = 0; i < tabs->count(); ++i)
            if (tabs->tabText(i) == QString::fromLatin1(name)) tabs->setCurrentIndex(i);
        QTest::qWait(30);
    }
    void strip_of(StripOf of) {
        auto* button = static_cast<QToolButton*>(widget("strip-of"));
        for (auto* action : button->menu()->actions())
            if (action->objectName() == QStringLiteral("strip-%1").arg(static_cast<int>(of))) action->trigger();
    }
};

}  // namespace

TEST_F(YearDesk, a_run_fills_map_table_and_hours_and_a_click_gives_a_points_year) {
    ASSERT_TRUE(run());
    ASSERT_FALSE(window->sheet().map().layers.empty());
    EXPECT_EQ(window->sheet().map().unit, QStringLiteral("%"));
    page("Year");
    auto* rooms = static_cast<QTableWidget*>(widget("year-rooms"));
    ASSERT_EQ(rooms->rowCount(), 1);
    QTest::mouseClick(rooms->viewport(), Qt::LeftButton, {}, rooms->visualItemRect(rooms->item(0, 0)).center());
    EXPECT_EQ(document().selection().id, "room");
    EXPECT_GT(static_cast<QTableWidget*>(widget("year-figures"))->rowCount(), 10);
    drive::click_sheet(*window, {2, 1.5});
    ASSERT_TRUE(drive::wait_until([&] { return reading()->place && reading()->place->point >= 0; }));
    // By the window there is more light than at the back.
    const double near = reading()->place->shares.total;
    drive::click_sheet(*window, {2, 5});
    ASSERT_TRUE(drive::wait_until([&] { return reading()->place->shares.total < 0.7 * near; }));
    // The worst hour comes onto the sheet.
    ASSERT_TRUE(whole());
    drive::click(*window, "year-show-hours");
    auto* hours = static_cast<QTreeWidget*>(widget("year-hours"));
    ASSERT_GT(hours->topLevelItemCount(), 5);
    QTest::mouseClick(hours->viewport(), Qt::LeftButton, {}, hours->visualRect(hours->model()->index(0, 0)).center());
    ASSERT_TRUE(drive::wait_until(
        [&] { return reading()->wish.hour_on_map && window->sheet().map().unit == QStringLiteral("lx"); }));
    EXPECT_EQ(document().moment().hour_of_year(), reading()->wish.hour);
}

TEST_F(YearDesk, the_band_of_occupied_hours_is_dragged_and_figures_follow_before_it_is_let_go) {
    ASSERT_TRUE(run());
    const double before = reading()->tables->rooms[0][1].value;
    auto& strip = window->desktop().strip();
    const auto x = static_cast<int>(strip.place_of({6, 21, 12}).x());
    const double to = strip.band().second, hour = (strip.band().first - to) / 10;
    QTest::mousePress(&strip, Qt::LeftButton, {}, {x, static_cast<int>(std::lround(to))});
    for (int i = 1; i <= 4; ++i) {
        QTest::mouseMove(&strip, {x, static_cast<int>(std::lround(to - hour * i))});
        QTest::qWait(30);
    }
    // Evenings are dark: the share of hours with the target sinks while the hand still holds the band.
    EXPECT_TRUE(drive::wait_until(
        [&] { return document().project().questions[1].to == 22 && reading()->tables->rooms[0][1].value < before - 1; },
        20000));
    QTest::mouseRelease(&strip, Qt::LeftButton, {}, {x, static_cast<int>(std::lround(to - hour * 4))});
    EXPECT_EQ(window->asker().jobs().entries().size(), 0u) << "no ray is cast for hours";
    document().undo_stack().undo();
    EXPECT_EQ(document().project().questions[1].to, 18);
    EXPECT_FALSE(document().undo_stack().canUndo()) << "a drag is one step";
}

TEST_F(YearDesk, the_strip_shows_room_share_point_blinds_and_power) {
    ASSERT_TRUE(run());
    for (const StripOf of : {StripOf::room, StripOf::share, StripOf::point, StripOf::blinds, StripOf::power}) {
        strip_of(of);
        ASSERT_TRUE(whole());
        EXPECT_EQ(reading()->strip.size(), 8760u) << static_cast<int>(of);
        EXPECT_TRUE(drive::wait_until(
            [&] { return static_cast<QToolButton*>(widget("strip-of"))->text() == reading()->strip_name; }));
    }
}

TEST_F(YearDesk, blinds_and_electric_light_are_chosen_on_their_page_and_cast_no_ray) {
    ASSERT_TRUE(run());
    page("Use");
    auto* groups = static_cast<QTreeWidget*>(widget("groups"));
    ASSERT_EQ(groups->topLevelItemCount(), 1);
    EXPECT_NE(groups->topLevelItem(0)->text(1), QStringLiteral("100 %"));
    const auto light = reading()->answer->inputs()->light;
    auto* control = static_cast<QComboBox*>(widget("control-all"));
    choose(control, control->findData(static_cast<int>(model::BlindControl::Kind::open)));
    ASSERT_TRUE(drive::wait_until(
        [&] {
            return reading()->tables != nullptr && !reading()->tables->groups.empty() &&
                   reading()->tables->groups[0].of_state[0] > 0.999;
        },
        20000));
    EXPECT_EQ(reading()->answer->inputs()->light, light);
    drive::click(*window, "add-lighting");
    ASSERT_EQ(document().option().lighting.size(), 1u);
    ASSERT_TRUE(drive::wait_until(
        [&] { return reading()->tables != nullptr && reading()->tables->lighting.size() == 1; }, 20000));
    EXPECT_GT(reading()->tables->lighting[0].saved(), 0.1);
}

TEST_F(YearDesk, a_pattern_of_hours_is_made_for_a_room) {
    page("Use");
    auto* box = static_cast<QComboBox*>(widget("occupancy"));
    choose(box, box->count() - 1);
    ASSERT_EQ(document().project().occupancies.size(), 1u);
    EXPECT_EQ(document().option().storeys[0].rooms[0].occupancy, document().project().occupancies[0].id);
    QTest::qWait(30);
    drive::type_into(widget("hours-mon"), "7:30-16");
    EXPECT_EQ(document().project().occupancies[0].week[0], (model::DayHours{7.5, 16}));
    QTest::qWait(30);
    drive::type_into(widget("holidays"), "24 Dec - 2 Jan");
    ASSERT_EQ(document().project().calendar.holidays.size(), 1u);
    EXPECT_EQ(document().project().calendar.holidays[0].last.month, 1);
}

TEST_F(YearDesk, summer_time_of_the_weather_file_is_offered_and_taken) {
    page("Use");
    EXPECT_FALSE(document().project().calendar.summer_time);
    click("summer-of-weather");
    const auto& calendar = document().project().calendar;
    EXPECT_TRUE(calendar.summer_time);
    EXPECT_EQ(calendar.summer_from, (climate::Moment{3, 29, 2}));
    EXPECT_EQ(calendar.summer_to, (climate::Moment{10, 25, 2}));
    QTest::qWait(50);
    EXPECT_EQ(window->findChild<QPushButton*>(QStringLiteral("summer-of-weather")), nullptr)
        << "what is taken is offered no more";
    // The weekday of the first of January moves Sundays, not days that were given.
    const auto begins_on = [&](int weekday) {
        auto* first = window->findChild<QComboBox*>(QStringLiteral("first-weekday"));
        first->setCurrentIndex(weekday);
        emit first->activated(weekday);
        QTest::qWait(50);
        return document().project().calendar.summer_from;
    };
    EXPECT_EQ(begins_on(2), (climate::Moment{3, 29, 2}));
    document().edit(QStringLiteral("Usual"), [](model::Project& p) {
        p.calendar.summer_from = model::last_sunday(p.calendar, 3);
        p.calendar.summer_to = model::last_sunday(p.calendar, 10);
    });
    const auto begins = begins_on(3);
    EXPECT_EQ(begins, model::last_sunday(document().project().calendar, 3));
}

TEST_F(YearDesk, jobs_are_paused_gone_on_with_and_their_answers_listed) {
    document().edit(QStringLiteral("Exact"), [](model::Project& p) { p.questions[1].accuracy = 0.02; });
    drive::key(*window, Qt::Key_Y);
    drive::click(*window, "show-jobs");
    QTest::qWait(50);
    auto* panel = window->findChild<QDialog*>(QStringLiteral("jobs-panel"));
    ASSERT_NE(panel, nullptr);
    ASSERT_EQ(window->asker().jobs().entries().size(), 1u);
    QTest::mouseClick(panel->findChild<QPushButton*>(QStringLiteral("job-pause")), Qt::LeftButton);
    ASSERT_TRUE(drive::wait_until([&] { return !window->asker().jobs().is_running(); }, 20000));
    EXPECT_EQ(window->asker().jobs().entries()[0].state, JobQueue::State::paused);
    document().edit(QStringLiteral("Coarse"), [](model::Project& p) { p.questions[1].accuracy = 0.4; });
    QTest::mouseClick(panel->findChild<QPushButton*>(QStringLiteral("job-cancel")), Qt::LeftButton);
    EXPECT_TRUE(window->asker().jobs().entries().empty());
    ASSERT_TRUE(run());
    auto* kept = panel->findChild<QTreeWidget*>(QStringLiteral("kept-answers"));
    ASSERT_TRUE(drive::wait_until([&] { return kept->topLevelItemCount() == 1; }));
    EXPECT_TRUE(kept->topLevelItem(0)->text(3).startsWith(QStringLiteral("40")));
}

TEST_F(YearDesk, a_year_that_was_answered_comes_back_with_the_project) {
    ASSERT_TRUE(run());
    const auto inputs = reading()->answer->record.inputs;
    const auto path = document().path();
    ASSERT_FALSE(window->open(path));
    ASSERT_TRUE(drive::wait_until([&] { return reading() != nullptr && reading()->tables != nullptr; }, 60000));
    EXPECT_EQ(reading()->answer->record.inputs, inputs);
    EXPECT_EQ(reading()->answer->inputs()->light->traced, 0u);
}

TEST_F(YearDesk, what_was_cut_off_goes_on_by_itself_when_the_project_is_opened_again) {
    const auto path = document().path();
    const auto option = document().option().id;
    const pid_t child = ::fork();
    if (child == 0) {
        // A program that is killed while it traces.
        auto answers = store::Answers::open(store::answers_beside(path));
        if (!answers || (*answers)->begin(option, "year")) ::_exit(1);
        ::kill(::getpid(), SIGKILL);
    }
    int status = 0;
    ::waitpid(child, &status, 0);
    ASSERT_TRUE(WIFSIGNALED(status));
    ASSERT_FALSE(window->open(path));
    EXPECT_TRUE(drive::wait_until([&] { return reading() != nullptr; }, 120000));
    const auto kept = window->asker().answers();
    EXPECT_TRUE(drive::wait_until([&] { return kept->list()->size() == 1; }));
    EXPECT_TRUE(kept->left_behind()->empty());
    // What was cancelled by hand does not come back.
    document().edit(QStringLiteral("Exact"), [](model::Project& p) { p.questions[1].accuracy = 0.02; });
    drive::key(*window, Qt::Key_Y);
    ASSERT_TRUE(drive::wait_until([&] { return window->asker().jobs().is_running(); }));
    QTest::qWait(300);
    EXPECT_EQ(jobs_begun(path), 1);
    drive::click(*window, "cancel");
    ASSERT_TRUE(drive::wait_until([&] { return !window->asker().jobs().is_running(); }, 20000));
    EXPECT_EQ(jobs_begun(path), 0);
}

TEST_F(YearDesk, two_windows_on_one_project_keep_one_answer) {
    Window second;
    ASSERT_FALSE(second.open(document().path()));
    second.asker().ask_year();
    ASSERT_TRUE(run());
    ASSERT_TRUE(drive::wait_until(
        [&] {
            return second.answers().year_reading(second.document().option().id) != nullptr &&
                   !second.asker().jobs().is_running();
        },
        120000));
    EXPECT_EQ(
        second.answers().year_reading(second.document().option().id)->answer->lux(0, question::Operation::control)->lux,
        reading()->answer->lux(0, question::Operation::control)->lux);
    EXPECT_EQ(window->asker().answers()->list()->size(), 1u);
}

TEST_F(YearDesk, who_runs_the_year_gets_its_page_and_its_map) {
    window->desktop().show(Shown::daylight_factor);
    drive::click(*window, "run-year");
    EXPECT_EQ(static_cast<QTabWidget*>(widget("pages"))->currentWidget()->objectName(), QStringLiteral("year-page"));
    EXPECT_TRUE(drive::wait_until(
        [&] {
            return window->sheet().map().name.startsWith(QStringLiteral("Daylight autonomy")) &&
                   !window->sheet().map().layers.empty();
        },
        120000));
}

TEST_F(YearDesk, a_figure_that_is_chosen_is_explained_with_its_source) {
    ASSERT_TRUE(run());
    page("Year");
    auto* figures = static_cast<QTableWidget*>(widget("year-figures"));
    auto* explained = static_cast<QTextBrowser*>(widget("year-explained"));
    for (int row = 0; row < figures->rowCount(); ++row) {
        figures->setCurrentCell(row, 0);
        EXPECT_GT(explained->toPlainText().size(), 20) << figures->item(row, 0)->text().toStdString();
    }
    figures->setCurrentCell(4, 0);
    EXPECT_TRUE(explained->toPlainText().contains(QStringLiteral("LM-83"))) << explained->toPlainText().toStdString();
}

TEST_F(YearDesk, hours_that_no_blind_meets_are_listed_and_come_onto_the_sheet) {
    document().edit_option(QStringLiteral("No blind"),
                           [](model::Option& o) { o.storeys[0].rooms[0].openings[0].blind = false; });
    ASSERT_TRUE(run());
    page("Year");
    // While something is read anew there are no tables.
    ASSERT_TRUE(drive::wait_until([&] { return reading()->tables != nullptr; }, 20000));
    const auto unmet = reading()->tables->unmet;
    ASSERT_GT(unmet.size(), 10u);
    drive::click(*window, "year-show-hours");
    choose(static_cast<QComboBox*>(widget("hours-of")), 1);
    auto* hours = static_cast<QTreeWidget*>(widget("year-hours"));
    EXPECT_TRUE(drive::wait_until(
        [&] { return hours->topLevelItemCount() == static_cast<int>((unmet.size() + 1) / 2); }, 20000));
    QTest::mouseClick(hours->viewport(), Qt::LeftButton, {}, hours->visualRect(hours->model()->index(0, 0)).center());
    EXPECT_TRUE(
        drive::wait_until([&] { return reading()->wish.hour_on_map && reading()->wish.hour == unmet[0].hour; }, 20000));
}

TEST_F(YearDesk, electric_light_is_for_a_part_of_the_plane_that_is_dragged_on_the_sheet) {
    ASSERT_TRUE(run());
    page("Use");
    drive::click(*window, "add-lighting");
    ASSERT_TRUE(drive::wait_until(
        [&] { return reading()->tables != nullptr && reading()->tables->lighting.size() == 1; }, 20000));
    const double all = reading()->tables->lighting[0].area;
    drive::click(*window, "light-area");
    drive::drag(*window, {0.5, 0.5}, {2, 2.5});
    ASSERT_EQ(document().option().lighting[0].area.size(), 4u);
    EXPECT_TRUE(drive::wait_until(
        [&] {
            return reading()->tables != nullptr && reading()->tables->lighting.size() == 1 &&
                   reading()->tables->lighting[0].area < 0.5 * all;
        },
        20000));
    QTest::qWait(50);
    drive::click(*window, "light-area");
    EXPECT_TRUE(document().option().lighting[0].area.empty());
}

TEST_F(YearDesk, a_page_that_is_scrolled_under_the_pointer_changes_nothing) {
    page("Use");
    auto* box = static_cast<QComboBox*>(widget("control-all"));
    const int before = box->currentIndex();
    const auto turn = [&] {
        const QPointF at = box->rect().center();
        QWheelEvent wheel(at, box->mapToGlobal(at), {}, {0, -240}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase,
                          false);
        QApplication::sendEvent(box, &wheel);
        QTest::qWait(30);
    };
    turn();
    EXPECT_EQ(box->currentIndex(), before);
    EXPECT_FALSE(document().undo_stack().canUndo());
    EXPECT_EQ(box->focusPolicy(), Qt::StrongFocus) << "the wheel would else give it the focus first";
}

TEST_F(YearDesk, a_dragged_band_moves_the_days_that_end_alike_and_leaves_a_long_evening_alone) {
    document().edit(QStringLiteral("Pattern"), [](model::Project& p) {
        model::Occupancy week;
        week.id = week.name = "week";
        week.week[3].to = 21;
        week.week[5] = week.week[6] = {0, 0};
        p.occupancies.push_back(week);
        p.options[0].storeys[0].rooms[0].occupancy = "week";
    });
    document().select({Selection::Kind::room, "room", -1});
    auto& strip = window->desktop().strip();
    const auto x = static_cast<int>(strip.place_of({6, 21, 12}).x());
    const double to = strip.band().second, hour = (strip.band().first - to) / 10;
    QTest::mousePress(&strip, Qt::LeftButton, {}, {x, static_cast<int>(std::lround(to))});
    QTest::mouseMove(&strip, {x, static_cast<int>(std::lround(to + hour))});
    QTest::mouseMove(&strip, {x, static_cast<int>(std::lround(to + 2 * hour))});
    QTest::mouseRelease(&strip, Qt::LeftButton, {}, {x, static_cast<int>(std::lround(to + 2 * hour))});
    const auto& week = document().project().occupancies[0].week;
    for (const size_t day : {0u, 1u, 2u, 4u}) EXPECT_EQ(week[day], (model::DayHours{8, 16})) << day;
    EXPECT_EQ(week[3], (model::DayHours{8, 21}));
    EXPECT_LE(week[5].to, week[5].from) << "a day off stays one";
}

TEST_F(YearDesk, why_tells_of_a_year_what_its_light_is_made_of) {
    ASSERT_TRUE(run());
    page("Why");
    drive::click_sheet(*window, {2, 1.5});
    auto* parts = static_cast<QTreeWidget*>(widget("why-parts"));
    ASSERT_TRUE(drive::wait_until([&] {
        return reading()->place && reading()->place->point >= 0 && parts->isVisible() &&
               parts->topLevelItemCount() == 5;
    }));
    double sum = 0;
    for (int i = 0; i < 5; ++i) sum += parts->topLevelItem(i)->text(1).section(QLatin1Char(' '), 0, 0).toDouble();
    EXPECT_NEAR(sum, 100, 1.5);
    auto* windows = static_cast<QTreeWidget*>(widget("why-windows"));
    ASSERT_EQ(windows->topLevelItemCount(), 1);
    EXPECT_TRUE(windows->topLevelItem(0)->text(1).startsWith(QStringLiteral("100")));
    EXPECT_TRUE(static_cast<QLabel*>(widget("why-total"))->text().contains(QStringLiteral("lx")))
        << "the map is in per cent of hours, light in lux";
}

// No button is needed: what is looked at is traced, soon and then finer, and follows what is drawn.
TEST_F(YearDesk, a_figure_of_the_year_lives_while_one_draws) {
    const auto& id = document().option().id;
    const auto of_now = [&] {
        const auto now = reading();
        const auto kept = window->answers().year(id);
        return now != nullptr && now->wanted == now->answer->record.inputs && !now->layers.empty() &&
               now->answer->inputs()->light == kept->inputs()->light;
    };
    ASSERT_TRUE(drive::wait_until(of_now, 60000)) << "nobody pressed anything";
    ASSERT_TRUE(drive::wait_until([&] { return !window->asker().is_tracing_year() && of_now(); }, 120000));
    EXPECT_TRUE(window->answers().year_stage(id).is_whole());
    EXPECT_EQ(window->lamp().state(), Lamp::State::settled);
    EXPECT_TRUE(window->asker().jobs().entries().empty()) << "it is no job";
    const auto points = reading()->layers[0].plane.points.size();
    const auto mean = [&] {
        const auto& values = reading()->layers[0].value;
        return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
    };
    const double before = mean();
    // The figure stays on the sheet of the desk where one draws.
    drive::click(*window, "desk-build");
    EXPECT_TRUE(is_year(window->desktop().shown()));
    std::set<size_t> seen;
    const auto watch = QObject::connect(&window->answers(), &KeptAnswers::changed, window.get(), [&] {
        if (reading() != nullptr && !reading()->layers.empty()) seen.insert(reading()->layers[0].plane.points.size());
    });
    document().edit_option(QStringLiteral("Smaller"), [](model::Option& o) {
        o.storeys[0].rooms[0].openings[0].width = 0.8;
        o.storeys[0].rooms[0].openings[0].height = 0.8;
    });
    EXPECT_EQ(window->lamp().state(), Lamp::State::stale) << "what is shown is of before";
    ASSERT_TRUE(drive::wait_until([&] { return !window->asker().is_tracing_year() && of_now(); }, 120000));
    QObject::disconnect(watch);
    ASSERT_FALSE(seen.empty());
    EXPECT_LT(*seen.begin(), points) << "a first look comes with fewer points";
    EXPECT_EQ(reading()->layers[0].plane.points.size(), points);
    EXPECT_LT(mean(), before - 10) << "a small window, a dark room";
    // Undo brings back what was known, at once and without a ray.
    document().undo_stack().undo();
    EXPECT_TRUE(drive::wait_until([&] { return std::abs(mean() - before) < 1e-9; }, 20000)) << mean();
    EXPECT_TRUE(window->answers().year_stage(id).is_whole());
    // Held, nothing is traced.
    drive::key(*window, Qt::Key_H);
    document().edit_option(QStringLiteral("Smaller"),
                           [](model::Option& o) { o.storeys[0].rooms[0].openings[0].width = 1; });
    QTest::qWait(300);
    EXPECT_FALSE(window->asker().is_tracing_year());
    drive::key(*window, Qt::Key_H);
    EXPECT_TRUE(drive::wait_until([&] { return window->asker().is_tracing_year(); }, 5000));
}
