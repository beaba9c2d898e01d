// SPDX-License-Identifier: GPL-3.0-or-later
// How alive the desktop is: warmpane-bench-liveness PROJECT, under a display. From a mouse move that shifts a window to
// the first repainted map, against the settled one; and the longest time the interface thread was held meanwhile.
#include <QApplication>
#include <QElapsedTimer>
#include <QTimer>
#include <algorithm>
#include <cstdio>

#include "gui/drive.h"
#include "gui/look/look.h"

int main(int argc, char** argv) {
    using namespace wp;
    using namespace wp::gui;
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("warmpane-bench"));
    apply_look(application, Paper::light);
    Window window;
    if (argc < 2 || window.open(argv[1])) return 3;
    drive::show(window);
    window.document().show_option(std::min<size_t>(1, window.document().project().options.size() - 1));
    drive::settle(window);

    // A timer that wants to fire at once: its gaps are the times the thread was held.
    std::vector<double> gaps;
    QElapsedTimer since;
    QTimer pulse;
    QObject::connect(&pulse, &QTimer::timeout, [&] { gaps.push_back(static_cast<double>(since.nsecsElapsed()) / 1e6), since.restart(); });
    since.start();
    pulse.start(0);

    std::vector<double> first, settled;
    Vec2 at{3.85, -0.2};
    for (int round = 0; round < 6; ++round) {
        const Vec2 to{at.x + (round % 2 == 0 ? 0.1 : -0.1) * (round + 1), at.y};
        drive::move(window, at);
        drive::press(window, at);
        QElapsedTimer timer;
        timer.start();
        const auto before = window.sheet().maps_painted();
        const auto stale = window.document().daylight.at(window.document().option().id);
        drive::move(window, to);
        drive::wait_until([&] { return window.sheet().maps_painted() > before && window.document().daylight.at(window.document().option().id) != stale; });
        first.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        drive::release(window, to);
        drive::settle(window);
        settled.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        at = to;
    }
    pulse.stop();
    for (auto* v : {&first, &settled, &gaps}) std::sort(v->begin(), v->end());
    std::printf("first repainted map: median %.0f ms, worst %.0f ms; settled: median %.0f ms; ratio 1/%.0f\n", first[first.size() / 2], first.back(),
                settled[settled.size() / 2], settled[settled.size() / 2] / first[first.size() / 2]);
    std::printf("interface thread held: 95th percentile %.1f ms, 99th %.1f ms, longest %.1f ms of %zu turns\n", gaps[gaps.size() * 95 / 100],
                gaps[gaps.size() * 99 / 100], gaps.back(), gaps.size());
    return 0;
}
