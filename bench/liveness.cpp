// SPDX-License-Identifier: GPL-3.0-or-later
// How alive the desktop is: warmpane-bench-liveness PROJECT, under a display. From a mouse move that shifts a window to
// repainted pixels, against the settled map; times of frames while it settles; and how long single events held the
// interface thread during a walk through every desk, page, companion, tool, figure, option and question, three times.
//   --where    tells of long events what the program was doing
//   --drags    without the walk
//   --busy N   N threads of others keep the cores busy meanwhile
#include <QApplication>
#include <QElapsedTimer>
#include <algorithm>
#include <atomic>
#include <cstdio>
#include <optional>
#include <string>
#include <thread>

#include "figure/year_points.h"
#include "gui/drive.h"
#include "gui/legend/legend_bar.h"
#include "gui/light/figure_chooser.h"
#include "gui/look/look.h"
#include "model/project.h"
#include "walk.h"
#include "watch.h"

namespace {

double percentile(std::vector<double> values, size_t percent) {
    std::sort(values.begin(), values.end());
    return values.empty() ? 0 : values[(values.size() - 1) * percent / 100];
}

}  // namespace

namespace {

struct Choices {
    const char* project = nullptr;
    bool where = false;
    int busy = 0;
    bool drags_alone = false;
};

std::optional<Choices> read_choices(int argc, char** argv) {
    Choices out;
    for (int i = 1; i < argc; ++i) {
        const std::string word = argv[i];
        if (word == "--where")
            out.where = true;
        else if (word == "--drags")
            out.drags_alone = true;
        else if (word == "--busy" && i + 1 < argc)
            out.busy = std::atoi(argv[++i]);
        else
            out.project = argv[i];
    }
    return out.project != nullptr ? std::optional(out) : std::nullopt;
}

// Others who want the cores as well.
class Others {
 public:
    explicit Others(int count) {
        for (int i = 0; i < count; ++i)
            threads_.emplace_back([this] {
                volatile unsigned long spun = 0;
                while (!quit_) spun = spun + 1;
            });
    }
    ~Others() {
        quit_ = true;
        for (auto& thread : threads_) thread.join();
    }

 private:
    std::atomic<bool> quit_{false};
    std::vector<std::thread> threads_;
};

void drags_and_reads(wp::gui::Window& window, wp::bench::Watch& application);

}  // namespace

int main(int argc, char** argv) {
    using namespace wp;
    using namespace wp::gui;
    const auto choices = read_choices(argc, argv);
    if (!choices)
        return std::fputs("usage: warmpane-bench-liveness [--where] [--drags] [--busy N] PROJECT\n", stderr), 2;
    const Others others(choices->busy);
    QElapsedTimer since_start;
    since_start.start();
    bench::Watch application(argc, argv, choices->where);
    QApplication::setApplicationName(QStringLiteral("warmpane-bench"));
    apply_look(application, Paper::light);
    Window window;
    window.show();
    if (window.open(choices->project)) return 3;
    drive::wait_until([&] { return window.sheet().maps_painted() > 0; });
    const double plan = static_cast<double>(since_start.nsecsElapsed()) / 1e6;
    std::printf("start to the first painted plan with its map: %.0f ms\n", plan);
    drive::show(window);
    for (int round = 0; round < (choices->drags_alone ? 0 : 3); ++round) bench::walk(window, application, round == 0);
    window.show_desk(DeskKind::build);
    drags_and_reads(window, application);
    application.report();
    return 0;
}

namespace {

using namespace wp;
using namespace wp::gui;

void drags_and_reads(Window& window, bench::Watch& application) {
    application.begin("option chosen");
    window.document().show_option(std::min<size_t>(1, window.document().project().options.size() - 1));
    drive::settle(window);
    auto& sheet = window.sheet();

    application.begin("window dragged");
    std::vector<double> first, settled, frames;
    Vec2 at{3.85, -0.2};
    for (int round = 0; round < 6; ++round) {
        const Vec2 to{at.x + (round % 2 == 0 ? 0.1 : -0.1) * (round + 1), at.y};
        drive::move(window, at);
        drive::press(window, at);
        QElapsedTimer timer, frame;
        timer.start();
        const auto before = sheet.maps_painted();
        const auto stale = window.answers().daylight(window.document().option().id).answer;
        drive::move(window, to);
        drive::wait_until([&] {
            return sheet.maps_painted() > before &&
                   window.answers().daylight(window.document().option().id).answer != stale;
        });
        first.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        drive::release(window, to);
        auto painted = sheet.maps_painted();
        frame.start();
        drive::wait_until([&] {
            if (sheet.maps_painted() != painted) {
                frames.push_back(static_cast<double>(frame.nsecsElapsed()) / 1e6);
                frame.restart();
                painted = sheet.maps_painted();
            }
            return window.lamp().state() == Lamp::State::settled;
        });
        settled.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        at = to;
    }
    application.begin("a year's map under edits");
    const auto& id = window.document().option().id;
    window.desktop().show(figure::daylight_autonomy());
    drive::wait_until([&] { return window.asker().is_tracing_year(); }, 2000);
    drive::wait_until([&] { return !window.asker().is_tracing_year(); }, 300000);
    std::vector<double> year_first, year_all, year_settled;
    for (int round = 0; round < 3; ++round) {
        const Vec2 to{at.x + (round % 2 == 0 ? 0.1 : -0.1) * (round + 1), at.y};
        const auto before = window.answers().year_reading(id);
        const auto is_new = [&] {
            const auto now = window.answers().year_reading(id);
            return now != before && !now->layers.empty() && !now->layers[0].stale;
        };
        drive::drag(window, at, to, 4);
        QElapsedTimer timer;
        timer.start();
        drive::wait_until(is_new, 60000);
        year_first.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        drive::wait_until([&] { return window.answers().year_stage(id).coarser <= 1; }, 120000);
        year_all.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        drive::wait_until([&] { return !window.asker().is_tracing_year(); }, 300000);
        year_settled.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        std::printf("  edit %d of the year: first look %.0f ms, all points %.0f ms, settled %.0f ms\n", round + 1,
                    year_first.back(), year_all.back(), year_settled.back());
        std::fflush(stdout);
        at = to;
    }
    window.desktop().show(Shown::daylight_factor);
    const auto wander = [&](int steps) {
        for (int i = 0; i < steps; ++i) {
            drive::move(window, {1 + 0.11 * (i % 70), 1 + 0.07 * (i % 60)});
            QCoreApplication::processEvents();
        }
    };
    application.begin("pointer over the map");
    wander(120);
    application.begin("desks changed");
    for (const Qt::Key key : {Qt::Key_3, Qt::Key_1, Qt::Key_2, Qt::Key_3}) {
        drive::key(window, key, Qt::ControlModifier);
        QTest::qWait(400);
    }
    application.begin("read on the Light desk");
    wander(120);
    application.begin("legend dragged");
    auto& legend = window.part<LegendBar>();
    const auto on_legend = [&](double t) { return legend.at(sheet.map().scale.value_at(t)).toPoint(); };
    QTest::mousePress(&legend, Qt::LeftButton, {}, on_legend(0.2));
    for (int i = 1; i <= 20; ++i) {
        QTest::mouseMove(&legend, on_legend(0.2 + 0.02 * i));
        QTest::qWait(10);
    }
    QTest::mouseRelease(&legend, Qt::LeftButton, {}, on_legend(0.6));
    application.begin("mean of an area dragged");
    drive::drag(window, {1, 1}, {5, 4}, 20);
    application.begin("point asked why");
    for (const Vec2 p : {Vec2{2, 2}, Vec2{4, 3}, Vec2{6, 5}}) {
        drive::click_sheet(window, p);
        QTest::qWait(100);
    }
    application.begin("reading placed");
    drive::key(window, Qt::Key_Q);
    drive::click_sheet(window, {3, 3});
    QTest::qWait(2000);
    drive::key(window, Qt::Key_Escape);
    application.begin("profile drawn");
    drive::key(window, Qt::Key_I);
    drive::drag(window, {4, 0.5}, {4, 6}, 10);
    QTest::qWait(500);
    application.begin("the moment chosen");
    auto* chooser = window.findChild<FigureChooser*>();
    QElapsedTimer since_chosen;
    since_chosen.start();
    chooser->pick(QString::fromUtf8(live_figure(Shown::moment).id));
    drive::wait_until([&] { return !sheet.map().layers.empty(); });
    const double chosen_first = static_cast<double>(since_chosen.nsecsElapsed()) / 1e6;
    const auto is_settled = [&] { return window.maps().lamp(Shown::moment).state == Lamp::State::settled; };
    drive::wait_until(is_settled, 300000);
    const double chosen_settled = static_cast<double>(since_chosen.nsecsElapsed()) / 1e6;
    application.begin("hour dragged");
    std::vector<double> dragged_first, dragged_settled;
    auto& strip = window.desktop().strip();
    const auto lux = [&] { return window.maps().map(Shown::moment).layers.at(0).value; };
    for (const int month : {3, 5, 6, 7, 9}) {
        QTest::mousePress(&strip, Qt::LeftButton, {}, strip.place_of({month, 2, 8}).toPoint());
        drive::wait_until(is_settled, 300000);
        for (int i = 1; i <= 9; ++i) {
            const auto before = lux();
            const auto painted = sheet.maps_painted();
            QElapsedTimer timer;
            timer.start();
            QTest::mouseMove(&strip, strip.place_of({month, 2 + i, 8 + 0.9 * i}).toPoint());
            if (drive::wait_until([&] { return sheet.maps_painted() > painted && lux() != before; }, 2000))
                dragged_first.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
            if (i < 9) continue;
            QTest::mouseRelease(&strip, Qt::LeftButton, {}, strip.place_of({month, 11, 16.1}).toPoint());
            drive::wait_until(is_settled, 300000);
            dragged_settled.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        }
    }
    application.begin("clock turned");
    for (int i = 0; i < 24; ++i) {
        window.document().show_moment({6, 1 + i % 20, 8.0 + 0.4 * i});
        QTest::qWait(40);
    }
    QTest::qWait(500);
    application.begin("sheet zoomed");
    for (int i = 0; i < 30; ++i) {
        QWheelEvent wheel(QPointF(300, 250), sheet.mapToGlobal(QPointF(300, 250)), {}, {0, i < 15 ? 60 : -60},
                          Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
        QCoreApplication::sendEvent(&sheet, &wheel);
        QTest::qWait(8);
    }
    std::printf("first repainted map: median %.0f ms, worst %.0f ms; settled: median %.0f ms; ratio 1/%.0f\n",
                percentile(first, 50), percentile(first, 100), percentile(settled, 50),
                percentile(settled, 50) / percentile(first, 50));
    std::printf("frames of the map while settling: %zu, apart by median %.0f ms, 95 %% %.0f ms, longest %.0f ms\n",
                frames.size(), percentile(frames, 50), percentile(frames, 95), percentile(frames, 100));
    std::printf(
        "a year's map after an edit: first look after median %.0f ms, worst %.0f ms; all points %.0f ms; settled "
        "%.0f ms\n",
        percentile(year_first, 50), percentile(year_first, 100), percentile(year_all, 50),
        percentile(year_settled, 50));
    std::printf("the moment chosen: first map after %.0f ms, settled after %.0f ms\n", chosen_first, chosen_settled);
    std::printf(
        "hour dragged on the year strip: map of the new moment after median %.0f ms, longest %.0f ms; settled after "
        "the last move: median %.0f ms, longest %.0f ms\n",
        percentile(dragged_first, 50), percentile(dragged_first, 100), percentile(dragged_settled, 50),
        percentile(dragged_settled, 100));
}

}  // namespace
