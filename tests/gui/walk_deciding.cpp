// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/walk_deciding.h"

#include <QApplication>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QPlainTextEdit>
#include <QTabBar>
#include <QTabWidget>
#include <QTimer>
#include <cstdio>

#include "gui/compare/steps_view.h"
#include "gui/drive.h"

namespace wp::gui {

namespace {

// Chooses in a box as a hand does: it is opened, and a line is clicked.
void choose_line(Window& window, const char* box, const char* part) {
    auto* one = static_cast<QComboBox*>(drive::widget(window, box));
    drive::count().clicks += 2;
    for (int i = 0; i < one->count(); ++i)
        if (one->itemText(i).contains(QString::fromLatin1(part))) {
            one->setCurrentIndex(i);
            return emit one->activated(i);
        }
    std::fprintf(stderr, "%s has no %s\n", box, part);
}

void choose_tab(QTabWidget& tabs, int index) {
    ++drive::count().clicks;
    QTest::mouseClick(tabs.tabBar(), Qt::LeftButton, {}, tabs.tabBar()->tabRect(index).center());
}

}  // namespace

void walk_deciding(Window& window, const std::function<void(const char*)>& take) {
    QElapsedTimer clock;
    clock.start();
    drive::count() = {};
    const auto tell = [&](const char* step) {
        std::printf("%-34s %3d clicks %3d keys %6.1f s\n", step, drive::count().clicks, drive::count().keys,
                    static_cast<double>(clock.elapsed()) / 1000);
        std::fflush(stdout);
    };
    window.document().show_option(0);
    drive::click(window, "desk-build");
    for (const double along : {1.65, 3.85, 6.05, 8.25}) {
        ++drive::count().clicks;
        QTest::mouseClick(&window.desktop().sheet(), Qt::LeftButton,
                          along > 2 ? Qt::ShiftModifier : Qt::KeyboardModifiers(),
                          drive::on_sheet(window, {along, -0.2}));
    }
    tell("four windows selected");
    auto& views = *window.findChild<QTabWidget*>(QStringLiteral("compare-views"));
    drive::click(window, "desk-compare");
    choose_tab(views, 1);
    const auto ask = [&](const char* number, const char* from, const char* to, const char* step) {
        choose_line(window, "series-first-number", number);
        drive::type_into(drive::widget(window, "series-first-from"), from);
        drive::type_into(drive::widget(window, "series-first-to"), to);
        drive::click(window, "series-ask");
        tell("asked");
        auto* state = static_cast<QLabel*>(drive::widget(window, "series-state"));
        drive::wait_until([&] { return state->text().contains(QStringLiteral("1 of")); }, 900000);
        tell("first step");
        drive::wait_until([&] { return !window.asker().jobs().is_running(); }, 1800000);
        QTest::qWait(300);
        choose_line(window, "series-figure", "Daylight factor, mean");
        tell(step);
        take(step);
        std::printf("  %s\n", drive::widget(window, "series-turns")->property("text").toString().toUtf8().data());
    };
    ask("Width", "0.9", "1.6", "walk-wider");
    drive::click(window, "series-new");
    ask("Head", "1.8", "2.8", "walk-higher");
    auto& steps = *window.findChild<StepsView*>();
    ++drive::count().clicks;
    QTest::mouseClick(&steps, Qt::LeftButton, {}, steps.place_of(4).toPoint());
    drive::click(window, "series-option");
    tell("a step is an option");
    choose_tab(views, 0);
    QTimer::singleShot(600, [&] {
        auto* dialog = QApplication::activeModalWidget();
        if (dialog == nullptr) return;
        drive::count().clicks += 3;  // the option's line, and Decide
        if (auto* box = dialog->findChild<QComboBox*>()) box->setCurrentIndex(1);
        if (auto* text = dialog->findChild<QPlainTextEdit*>())
            QTest::keyClicks(text, QStringLiteral("Higher windows light the back of the room"));
        if (auto* buttons = dialog->findChild<QDialogButtonBox*>()) {
            for (auto* button : buttons->buttons())
                if (buttons->buttonRole(button) == QDialogButtonBox::AcceptRole)
                    return QTest::mouseClick(button, Qt::LeftButton);
        }
    });
    drive::click(window, "decide-option");
    tell("decided");
    take("walk-decided");
    drive::click(window, "desk-report");
    QTest::qWait(4000);
    tell("in the report");
    take("walk-report");
}

}  // namespace wp::gui
