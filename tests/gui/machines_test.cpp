// SPDX-License-Identifier: GPL-3.0-or-later
// Jobs that other processes make: chosen by mouse and keyboard, run by mpirun, found beside the project.
#include <QLabel>
#include <QRadioButton>
#include <QSettings>
#include <QSpinBox>
#include <QTabBar>
#include <QTabWidget>
#include <QTreeWidget>

#include "base/file.h"
#include "climate/epw.h"
#include "gui/work/many_machines.h"
#include "matter_hands.h"
#include "store/answers.h"

using namespace wp;
using namespace wp::test;

namespace {

class Machines : public Hands {
 protected:
    void SetUp() override {
        for (const char* name : {"OMPI_ALLOW_RUN_AS_ROOT", "OMPI_ALLOW_RUN_AS_ROOT_CONFIRM"}) qputenv(name, "1");
        QSettings().remove(QStringLiteral("many"));
        auto project = one_room();
        project.site.weather = "year.epw";
        Question year, noon;
        year.id = year.name = "year";
        year.kind = Question::Kind::year;
        year.accuracy = 0.4;
        noon.id = noon.name = "noon";
        noon.kind = Question::Kind::moment;
        noon.moments = {{6, 21, 12}};
        noon.accuracy = 0.1;
        project.questions.push_back(year);
        project.questions.push_back(noon);
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather(50, 3))));
        open(project);
        // Nothing is traced that nobody asks for: what is found was made by others.
        drive::key(*window, Qt::Key_H);
        QObject::connect(&window->asker(), &Asker::said, window.get(), [this](const QString& text) { said << text; });
    }
    void TearDown() override { QSettings().remove(QStringLiteral("many")); }
    QDialog* page() {
        drive::click(*window, "show-jobs");
        auto* jobs = window->findChild<QDialog*>(QStringLiteral("jobs-panel"));
        QTest::mouseClick(jobs->findChild<QPushButton*>(QStringLiteral("many-machines")), Qt::LeftButton);
        QTest::qWait(50);
        return window->findChild<QDialog*>(QStringLiteral("machines-panel"));
    }
    static void press(QDialog& page, const char* name) {
        auto* button = page.findChild<QAbstractButton*>(QString::fromLatin1(name));
        QTest::mouseClick(button, Qt::LeftButton, {}, QPoint(8, button->height() / 2));
    }
    static QString text(QDialog& page, const char* name) {
        return page.findChild<QLabel*>(QString::fromLatin1(name))->text();
    }
    bool idle() {
        return drive::wait_until([&] { return !window->asker().jobs().is_running(); }, 120000);
    }
    std::shared_ptr<const question::YearAnswer> year() {
        return window->answers().year(window->document().option().id);
    }
    QStringList said;
};

}  // namespace

TEST_F(Machines, a_year_and_a_table_are_made_by_processes_beside_the_program_and_found) {
    auto* machines = page();
    ASSERT_NE(machines, nullptr);
    press(*machines, "machines-here");
    press(*machines, "machines-done");
    EXPECT_TRUE(ManyMachines::chosen().on);
    window->show_desk(DeskKind::light);
    drive::key(*window, Qt::Key_Y);
    ASSERT_EQ(window->asker().jobs().entries().size(), 1u);
    EXPECT_TRUE(window->asker().jobs().entries()[0].title.contains(QStringLiteral("2 processes")));
    ASSERT_TRUE(drive::wait_until([&] { return year() != nullptr; }, 120000) && idle());
    EXPECT_EQ(year()->inputs()->light->traced, 0u) << said.join(QStringLiteral("; ")).toStdString();
    window->asker().ask_question("noon");
    ASSERT_TRUE(drive::wait_until([&] { return window->answers().table("a", "noon") != nullptr; }, 60000));
    const auto answers = window->asker().answers()->list();
    ASSERT_TRUE(answers);
    EXPECT_EQ(answers->size(), 2u) << "each is kept once";
    for (const auto& entry : *answers) EXPECT_GT(entry.record.rays, 0u) << entry.question << ": how it was made";
}

TEST_F(Machines, a_job_that_is_cancelled_ends_its_processes_and_where_none_start_it_is_made_here) {
    auto* machines = page();
    press(*machines, "machines-here");
    window->document().edit(QStringLiteral("Exact"), [](model::Project& p) { p.questions[1].accuracy = 0.005; });
    window->show_desk(DeskKind::light);
    drive::key(*window, Qt::Key_Y);
    QTest::qWait(1500);
    window->asker().jobs().cancel_all();
    ASSERT_TRUE(drive::wait_until([&] { return window->asker().jobs().entries().empty(); }, 20000));
    EXPECT_EQ(year(), nullptr);
    // Without mpirun it is said, and the year comes all the same.
    window->document().edit(QStringLiteral("Coarse"), [](model::Project& p) { p.questions[1].accuracy = 0.4; });
    const QByteArray path = qgetenv("PATH");
    qputenv("PATH", "/nowhere");
    drive::key(*window, Qt::Key_Y);
    const bool made = drive::wait_until([&] { return year() != nullptr; }, 120000) && idle();
    qputenv("PATH", path);
    ASSERT_TRUE(made);
    EXPECT_TRUE(said.join(QStringLiteral("; ")).contains(QStringLiteral("mpirun"))) << "it says why";
}

// What is sent is what the launcher is told: it notes that, and goes on as mpirun.
TEST_F(Machines, pictures_taken_together_and_series_are_sent_too) {
    const QByteArray path = qgetenv("PATH");
    const auto launcher = folder / "mpirun", told = folder / "told";
    ASSERT_FALSE(write_file(launcher, "#!/bin/sh\necho \"$@\" >> " + told.string() + "\nPATH=" + path.toStdString() +
                                          "\nexec mpirun \"$@\"\n"));
    std::filesystem::permissions(launcher, std::filesystem::perms::owner_all);
    window->document().edit(QStringLiteral("More"), [](model::Project& p) {
        Question looks;
        looks.id = looks.name = "looks";
        looks.kind = Question::Kind::glare;
        looks.observer = "eye";
        looks.moments = {{6, 21, 12}, {6, 21, 8}};
        looks.accuracy = 0.05;
        looks.picture.pixels = 48;
        p.questions.push_back(looks);
        model::Series widths;
        widths.id = widths.name = "widths";
        widths.option = "a";
        widths.varied = {{"opening", {"W-01"}, "width", 1, 2, 2}};
        widths.questions = {"noon"};
        p.series = {widths};
    });
    auto* machines = page();
    press(*machines, "machines-here");
    qputenv("PATH", QByteArray(folder.path().c_str()) + ":" + path);
    window->asker().ask_question("looks");
    const bool taken =
        drive::wait_until([&] { return window->asker().pictures().pictures().size() == 2; }, 60000) && idle();
    drive::click(*window, "desk-compare");
    auto* views = window->findChild<QTabWidget*>(QStringLiteral("compare-views"))->tabBar();
    QTest::mouseClick(views, Qt::LeftButton, {}, views->tabRect(1).center());
    QTest::qWait(50);
    auto* list = window->findChild<QComboBox*>(QStringLiteral("series-list"));
    list->setCurrentIndex(list->findText(QStringLiteral("widths")));
    emit list->activated(list->currentIndex());
    drive::click(*window, "series-ask");
    auto* state = window->findChild<QLabel*>(QStringLiteral("series-state"));
    const bool varied =
        drive::wait_until([&] { return state->text().contains(QStringLiteral("2 of 2")); }, 60000) && idle();
    qputenv("PATH", path);
    EXPECT_TRUE(taken && varied) << state->text().toStdString();
    const auto lines = read_file(told);
    ASSERT_TRUE(lines);
    EXPECT_NE(lines->find("--question looks"), std::string::npos) << *lines;
    EXPECT_NE(lines->find("--series widths"), std::string::npos) << *lines;
    EXPECT_TRUE(said.filter(QStringLiteral("mpirun")).isEmpty()) << said.join(QStringLiteral("; ")).toStdString();
    size_t pictures = 0, series = 0;
    for (const auto& entry : *window->asker().answers()->list()) {
        pictures += entry.kind == "glare" ? 1 : 0;
        series += entry.kind == "series" ? 1 : 0;
    }
    EXPECT_EQ(pictures, 2u);
    EXPECT_EQ(series, 1u) << "found again, not made twice";
}

// Where a host is cut off mpirun waits for it for ever, after all is done.
TEST_F(Machines, a_launcher_that_waits_for_a_lost_host_is_ended) {
    const auto launcher = folder / "mpirun";
    ASSERT_FALSE(
        write_file(launcher, std::string("#!/bin/sh\n"
                                         "echo 'note: 1 of 2 processes were lost on the way; what they were at "
                                         "was made by the others'\n"
                                         "exec sleep 600\n")));
    std::filesystem::permissions(launcher, std::filesystem::perms::owner_all);
    auto* machines = page();
    press(*machines, "machines-here");
    const QByteArray path = qgetenv("PATH");
    qputenv("PATH", QByteArray(folder.path().c_str()) + ":" + path);
    window->show_desk(DeskKind::light);
    drive::key(*window, Qt::Key_Y);
    const bool made = drive::wait_until([&] { return year() != nullptr; }, 60000) && idle();
    qputenv("PATH", path);
    EXPECT_TRUE(made);
    EXPECT_TRUE(said.filter(QStringLiteral("mpirun")).isEmpty()) << said.join(QStringLiteral("; ")).toStdString();
}

TEST_F(Machines, hosts_of_a_list_are_shown_and_tried_and_a_list_that_names_none_is_refused) {
    ASSERT_FALSE(write_file(folder / "studio.hosts", std::string("# ours\nlocalhost slots=1\n")));
    ASSERT_FALSE(write_file(folder / "empty.hosts", std::string("# nobody\n\n")));
    auto* machines = page();
    press(*machines, "machines-hosts");
    EXPECT_FALSE(text(*machines, "machines-wrong").isEmpty());
    EXPECT_FALSE(ManyMachines::chosen().on);
    auto* file = machines->findChild<QLineEdit*>(QStringLiteral("machines-file"));
    const auto enter = [&](const std::string& name) {
        drive::type_into(file, (folder / name).c_str());
        QTest::keyClick(file, Qt::Key_Tab);
        QTest::qWait(20);
    };
    enter("empty.hosts");
    EXPECT_TRUE(text(*machines, "machines-wrong").contains(QStringLiteral("names no host")));
    EXPECT_FALSE(ManyMachines::chosen().on) << "jobs stay here";
    enter("studio.hosts");
    EXPECT_TRUE(text(*machines, "machines-wrong").isEmpty());
    EXPECT_TRUE(ManyMachines::chosen().on);
    auto* list = machines->findChild<QTreeWidget*>(QStringLiteral("machines-list"));
    ASSERT_EQ(list->topLevelItemCount(), 1);
    EXPECT_EQ(list->topLevelItem(0)->text(0), QStringLiteral("localhost"));
    EXPECT_EQ(list->topLevelItem(0)->text(1), QStringLiteral("slots=1"));
    press(*machines, "machines-try");
    ASSERT_TRUE(drive::wait_until(
        [&] { return text(*machines, "machines-answer").contains(QStringLiteral("Warm Pane ")); }, 40000))
        << text(*machines, "machines-answer").toStdString();
}
