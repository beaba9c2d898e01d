// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/walk_importing.h"

#include <QElapsedTimer>
#include <cstdio>

#include "gui/drive.h"
#include "gui/importing/import_dialog.h"

namespace wp::gui {

void walk_importing(Window& window, const std::filesystem::path& file) {
    QElapsedTimer clock;
    window.document().start_new();
    QTest::qWait(500);
    drive::count() = {};
    clock.start();
    const auto tell = [&](const char* step) {
        std::printf("%-28s %3d clicks %3d keys %6.1f s\n", step, drive::count().clicks, drive::count().keys,
                    static_cast<double>(clock.elapsed()) / 1000);
        std::fflush(stdout);
    };
    // Ctrl+Shift+I, the file by a double click.
    ++drive::count().keys;
    drive::count().clicks += 2;
    ImportDialog dialog(window.document(), file, &window);
    dialog.show();
    drive::wait_until([&] { return dialog.is_read(); }, 60000);
    tell("looked at");
    ++drive::count().clicks;
    QTest::mouseClick(dialog.findChild<QWidget*>(QStringLiteral("import-take")), Qt::LeftButton);
    tell("taken in");
    drive::click(window, "desk-light");
    const auto answer = [&] { return window.answers().daylight(window.document().option().id).answer; };
    drive::wait_until([&] { return answer() != nullptr && !answer()->planes.empty(); }, 120000);
    tell("first map of daylight");
    drive::wait_until([&] { return answer()->record.settled; }, 300000);
    tell("settled");
}

}  // namespace wp::gui
