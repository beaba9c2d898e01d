// SPDX-License-Identifier: GPL-3.0-or-later
// Whatever background work fails, for want of memory too: it is told by its name with a remedy, the project stays, and
// the same work is done when it is asked for again.
#include <gtest/gtest.h>

#include <QLabel>

#include <atomic>

#include "figure/year_points.h"
#include "gui/check/model_check.h"
#include "gui/companion/model_view.h"
#include "gui/drive.h"
#include "gui/site/sky_page.h"
#include "gui/work/mishaps.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;

namespace {

class Failures : public ::testing::Test {
 protected:
    void SetUp() override {
        auto project = test::one_room();
        project.site.made_up_weather = true;
        model::Question year;
        year.id = year.name = "year";
        year.kind = model::Question::Kind::year;
        project.questions.push_back(year);
        for (auto& q : project.questions) q.accuracy = 0.4;
        project.options[0].planes[0].spacing = 1;
        ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
        window = std::make_unique<Window>();
        ASSERT_FALSE(window->open(folder / "p.warmpane"));
        drive::show(*window);
        ASSERT_TRUE(drive::settle(*window));
        words = static_cast<QLabel*>(drive::widget(*window, "mishap-words"));
    }
    void TearDown() override {
        rehearse_failures({});
        window->document().undo_stack().setClean();
    }
    // Something that light depends on, and that is to be seen: never the same twice.
    void edit() {
        width += 0.15;
        window->document().edit_option(QStringLiteral("Width"),
                                       [this](model::Option& o) { o.storeys[0].rooms[0].openings[0].width = width; });
    }
    // The first piece of work of that name fails, once; then it is asked for again and done.
    void expect_told(const char* name, const std::function<void()>& ask, const std::function<bool()>& is_done) {
        for (const bool memory : {true, false}) {
            SCOPED_TRACE(std::string(name) + (memory ? ", without memory" : ", otherwise"));
            std::atomic<int> thrown{0};
            rehearse_failures([&, memory](const char* work) {
                if (std::string_view(work) != name || thrown.exchange(1) != 0) return;
                if (memory) throw std::bad_alloc();
                throw std::runtime_error("rehearsed");
            });
            ask();
            ASSERT_TRUE(drive::wait_until([&] { return words->isVisible(); }, 20000)) << "nobody was told";
            EXPECT_TRUE(words->text().startsWith(QString::fromLatin1(name))) << words->text().toStdString();
            EXPECT_TRUE(words->text().contains(memory ? QStringLiteral("not enough memory")
                                                      : QStringLiteral("Save the project")));
            drive::click(*window, "mishap-away");
            rehearse_failures({});
            ask();
            EXPECT_TRUE(drive::wait_until(is_done, 60000)) << "the same work is never done again";
            EXPECT_EQ(window->document().project().name, "One room");
        }
    }
    bool is_settled() {
        return window->lamp().state() == Lamp::State::settled && !window->sheet().map().layers.empty();
    }

    test::Folder folder;
    std::unique_ptr<Window> window;
    QLabel* words = nullptr;
    double width = 0.5;
};

}  // namespace

TEST_F(Failures, of_the_live_daylight_factor) {
    expect_told(
        "The live daylight factor", [this] { edit(); }, [this] { return is_settled(); });
}

TEST_F(Failures, of_the_moments_light_field_and_of_the_look_at_it) {
    drive::click(*window, "desk-light");
    window->desktop().show(Shown::moment);
    ASSERT_TRUE(drive::wait_until([this] { return is_settled(); }));
    expect_told(
        "The light field", [this] { edit(); }, [this] { return is_settled(); });
    int hour = 11;
    expect_told(
        "Light of the moment",
        [&] {
            window->document().show_moment({6, 21, static_cast<double>(++hour)});
        },
        [this] { return is_settled(); });
}

TEST_F(Failures, of_the_eyes_picture) {
    drive::look_quickly(*window);
    drive::click_sheet(*window, {2.05, 3.05});
    drive::key(*window, Qt::Key_L);
    const auto& eye = window->asker().eye();
    const auto id = window->document().option().id;
    const auto is_seen = [&] { return window->answers().glare(id) != nullptr && !eye.is_settling(); };
    ASSERT_TRUE(drive::wait_until(is_seen, 60000));
    expect_told(
        "The eye's picture", [this] { edit(); }, is_seen);
}

TEST_F(Failures, of_a_job_and_of_reading_the_year) {
    drive::click(*window, "desk-light");
    window->desktop().show(figure::daylight_autonomy());
    const auto id = window->document().option().id;
    const auto is_read = [&] { return window->answers().year_reading(id) != nullptr; };
    expect_told(
        "A job", [this] { drive::key(*window, Qt::Key_Y); }, is_read);
    int target = 300;
    expect_told(
        "Reading the year",
        [&] {
            target += 50;
            window->document().edit(QStringLiteral("Target"), [&](model::Project& p) {
                for (auto& q : p.questions)
                    if (q.kind == model::Question::Kind::year) q.target = target;
            });
        },
        [&] { return is_read() && window->answers().year_reading(id)->use.limits.target == target; });
}

TEST_F(Failures, of_the_live_year_of_verdicts_and_of_the_comparison) {
    drive::click(*window, "desk-light");
    window->desktop().show(figure::daylight_autonomy());
    const auto id = window->document().option().id;
    const auto is_whole = [&] {
        return window->answers().year(id) != nullptr && window->answers().year_stage(id).is_whole() &&
               !window->asker().is_tracing_year();
    };
    ASSERT_TRUE(drive::wait_until(is_whole, 120000));
    expect_told(
        "The live year", [this] { edit(); }, is_whole);
    drive::click(*window, "desk-certify");
    expect_told(
        "Judging the criteria", [this] { edit(); }, is_whole);
    drive::click(*window, "desk-compare");
    expect_told(
        "Comparing the options", [this] { edit(); }, [this] { return is_settled(); });
}

TEST_F(Failures, of_the_weather_and_of_the_model_check) {
    double latitude = 50;
    const auto ask = [&] {
        latitude += 1;
        window->document().edit(QStringLiteral("Latitude"), [&](model::Project& p) { p.site.latitude = latitude; });
    };
    expect_told("Reading the weather", ask, [this] { return !window->document().reads_weather(); });
    expect_told(
        "The model check", [this] { edit(); }, [this] { return !window->part<ModelCheck>().is_looking(); });
}

TEST_F(Failures, leave_nobody_waiting) {
    const auto always = [](const char* name) {
        rehearse_failures([name](const char* work) {
            if (std::string_view(work) == name) throw std::runtime_error("rehearsed");
        });
    };
    always("Reading the weather");
    window->document().edit(QStringLiteral("Latitude"), [](model::Project& p) { p.site.latitude = 40; });
    EXPECT_TRUE(window->document().reads_weather());
    EXPECT_TRUE(drive::wait_until([&] { return !window->document().reads_weather(); }, 20000));
    always("The model check");
    edit();
    EXPECT_TRUE(window->part<ModelCheck>().is_looking());
    EXPECT_TRUE(drive::wait_until([&] { return !window->part<ModelCheck>().is_looking(); }, 20000));
    rehearse_failures({});
    ASSERT_TRUE(drive::wait_until([this] { return is_settled(); }));
    always("The live year");
    drive::click(*window, "desk-light");
    window->desktop().show(figure::daylight_autonomy());
    EXPECT_TRUE(window->asker().is_tracing_year());
    EXPECT_TRUE(drive::wait_until([&] { return !window->asker().is_tracing_year(); }, 20000));
}

TEST_F(Failures, of_the_models_picture) {
    auto& model = window->part<ModelView>();
    QImage before;
    const auto ask = [&] {
        before = model.picture();
        edit();
    };
    expect_told("Building the model's picture", ask, [&] { return model.is_current() && model.picture() != before; });
}

TEST_F(Failures, of_the_sky_from_a_point) {
    drive::click(*window, "desk-site");
    drive::click_sheet(*window, {2, -4});
    bool opened = false;
    expect_told(
        "The sky from a point",
        [&] {
            if (std::exchange(opened, true)) return edit();
            drive::click(*window, "site-sky");
        },
        [this] { return window->part<SkyPage>().facts().contains(QStringLiteral("the sky drawn carries")); });
}
