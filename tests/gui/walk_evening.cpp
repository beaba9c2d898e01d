// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/walk_evening.h"

#include <QElapsedTimer>
#include <QInputDialog>
#include <QTimer>
#include <cstdio>

#include "edit/luminaires.h"
#include "gui/drive.h"
#include "gui/electric/luminaires_page.h"
#include "gui/electric/scenes_page.h"

namespace wp::gui {

void walk_evening(Window& window) {
    QElapsedTimer clock;
    window.show_desk(DeskKind::site);
    drive::settle(window);
    drive::count() = {};
    clock.start();
    const auto tell = [&](const char* step) {
        std::printf("%-34s %3d clicks %3d keys %6.1f s\n", step, drive::count().clicks, drive::count().keys,
                    static_cast<double>(clock.elapsed()) / 1000);
        std::fflush(stdout);
    };
    drive::click(window, "desk-build");
    drive::click_sheet(window, {12.5, 7.5});
    ++drive::count().clicks;  // the page's tab
    window.desktop().show_page(&window.part<LuminairesPage>());
    QTest::qWait(200);
    // The kind out of the list.
    drive::count().clicks += 2;
    auto* kinds = window.part<LuminairesPage>().findChild<QComboBox*>(QStringLiteral("luminaire-type"));
    kinds->setCurrentIndex(kinds->findText(QStringLiteral("Panel 600")));
    emit kinds->activated(kinds->currentIndex());
    tell("room and kind chosen");
    const auto hang = [&] {
        size_t out = 0;
        for (const auto& l : window.document().option().luminaires)
            if (const auto* room = edit::room_of(window.document().option(), l)) out += room->id == "meeting";
        return out;
    };
    drive::click(window, "reach-lux");
    drive::wait_until([&] { return hang() > 0; }, 120000);
    tell("laid out for 500 lx");
    std::printf("  %zu luminaires, %zu circuits of the option\n", hang(), window.document().option().lighting.size());
    drive::key(window, Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
    drive::wait_until(
        [&] {
            const auto map = window.desktop().maps().map(Shown::electric);
            return map.settled && !map.layers.empty();
        },
        120000);
    tell("electric light on the sheet");
    // The row by the windows to a half, with the keyboard.
    for (const auto& circuit : window.document().option().lighting)
        if (circuit.plane == "p-meeting" &&
            edit::room_of(window.document().option(), window.document().option().luminaires.back()) != nullptr) {
            auto* slider = window.findChild<QSlider*>(QStringLiteral("level-") + QString::fromStdString(circuit.id));
            if (slider == nullptr) continue;
            drive::count().clicks += 1;
            QElapsedTimer dim;
            dim.start();
            slider->setValue(50);
            QApplication::processEvents();
            std::printf("  a level changed and the page and map redrawn in %lld ms\n",
                        static_cast<long long>(dim.elapsed()));
            break;
        }
    QTimer::singleShot(300, &window, [] {
        auto* box = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
        if (box == nullptr) return;
        box->setTextValue(QStringLiteral("Evening meeting"));
        drive::count().keys += 16;
        box->accept();
    });
    drive::click(window, "save-scene");
    tell("evening scene saved");
    drive::key(window, Qt::Key_Y);
    drive::wait_until(
        [&] {
            const auto reading = window.answers().year_reading(window.document().option().id);
            return reading != nullptr && reading->tables != nullptr && !window.asker().jobs().is_running();
        },
        900000);
    drive::key(window, Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
    QTest::qWait(1500);
    tell("its year known");
    if (auto* told = window.findChild<QLabel*>(QStringLiteral("scene-figures")))
        std::printf("%s\n", qPrintable(told->text().section(QStringLiteral("</table>"), 1)));
    const auto reading = window.answers().year_reading(window.document().option().id);
    if (reading != nullptr && reading->tables != nullptr)
        for (const auto& year : reading->tables->lighting)
            std::printf("  %-32s %6.1f kWh of %6.1f\n", year.name.c_str(), year.kwh, year.kwh_always);
}

}  // namespace wp::gui
