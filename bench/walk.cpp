// SPDX-License-Identifier: GPL-3.0-or-later
#include "walk.h"

#include "gui/drive.h"
#include "gui/light/figure_chooser.h"
#include "gui/light/light_bar.h"
#include "model/project.h"

namespace wp::bench {
using namespace wp::gui;

namespace {

constexpr int kPause = 60;  // ms between what the hand does

void wander(Window& window, int steps) {
    for (int i = 0; i < steps; ++i) {
        drive::move(window, {1 + 0.31 * (i % 23), 1 + 0.27 * (i % 19)});
        QCoreApplication::processEvents();
    }
}

void click(QAbstractButton* button) {
    if (button->isVisible() && button->isEnabled()) QTest::mouseClick(button, Qt::LeftButton);
    QTest::qWait(kPause);
}

void every_page(Window& window) {
    auto* tabs = window.findChild<QTabWidget*>(QStringLiteral("pages"));
    for (int i = 0; tabs->isVisible() && i < tabs->count(); ++i) {
        if (!tabs->isTabVisible(i)) continue;
        QTest::mouseClick(tabs->tabBar(), Qt::LeftButton, {}, tabs->tabBar()->tabRect(i).center());
        QTest::qWait(kPause);
    }
}

void every_companion(Window& window) {
    for (const Page& page : window.desktop().companions())
        if (page.stands_on(window.desktop().desk().kind()))
            click(window.findChild<QAbstractButton*>(QStringLiteral("companion-%1").arg(page.title.toLower())));
}

void every_tool(Window& window) {
    for (auto* button : window.findChildren<QAbstractButton*>(QRegularExpression(QStringLiteral("^tool-")))) {
        if (!button->isVisible()) continue;
        click(button);
        wander(window, 12);
        drive::key(window, Qt::Key_Escape);
        drive::key(window, Qt::Key_Escape);
    }
}

void every_item(Window& window) {
    for (const Vec2 at : {Vec2{3.85, -0.2}, Vec2{2, 2}, Vec2{6.5, 3}, Vec2{0, 3}, Vec2{10, 3}}) {
        drive::click_sheet(window, at);
        QTest::qWait(kPause);
    }
}

void edits(Window& window) {
    for (int i = 0; i < 4; ++i) {
        const double x = i % 2 == 0 ? 3.85 : 4.25;
        drive::drag(window, {x, -0.2}, {8.1 - x, -0.2}, 12);
        QTest::qWait(4 * kPause);
    }
    for (int i = 0; i < 4; ++i) {
        drive::key(window, Qt::Key_Z, Qt::ControlModifier);
        QTest::qWait(kPause);
    }
}

}  // namespace

void walk(Window& window, Watch& watch, bool asks) {
    const auto desk = [&](const Desk& to, const char* from) {
        watch.begin("to " + to.title().toStdString() + from);
        click(window.findChild<QAbstractButton*>(QStringLiteral("desk-%1").arg(to.title().toLower())));
        QTest::qWait(4 * kPause);
    };
    for (const Desk* to : window.desktop().desks()) {
        desk(*to, "");
        const std::string here = to->title().toStdString() + ": ";
        watch.begin(here + "pages");
        every_page(window);
        watch.begin(here + "companions");
        every_companion(window);
        watch.begin(here + "tools");
        every_tool(window);
        watch.begin(here + "pointer");
        wander(window, 60);
        watch.begin(here + "options");
        for (size_t i = 0; i < window.document().project().options.size(); ++i) {
            window.document().show_option(i);
            QTest::qWait(4 * kPause);
        }
        if (to->kind() == DeskKind::build) {
            watch.begin(here + "things clicked");
            every_item(window);
            watch.begin(here + "a window dragged");
            edits(window);
        }
    }
    for (const Desk* to : window.desktop().desks())
        if (to->kind() == DeskKind::light) desk(*to, " again");
    if (asks) {
        watch.begin("questions asked");
        for (const auto& question : window.document().project().questions) {
            window.part<LightBar>().show_question(question.id);
            window.asker().ask_question(question.id);
            QTest::qWait(kPause);
        }
        drive::wait_until([&] { return !window.asker().jobs().is_running(); }, 900000);
    }
    watch.begin("figures");
    auto* chooser = window.findChild<FigureChooser*>();
    click(chooser);
    drive::key(window, Qt::Key_Escape);
    for (const auto& figure : chooser->offered()) {
        chooser->pick(figure.id);
        QTest::qWait(2 * kPause);
    }
    watch.begin("the clock turned");
    for (int i = 0; i < 20; ++i) {
        window.document().show_moment({6, 1 + i, 8.0 + 0.4 * i});
        QTest::qWait(kPause);
    }
}

}  // namespace wp::bench
