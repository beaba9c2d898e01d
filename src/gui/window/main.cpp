// SPDX-License-Identifier: GPL-3.0-or-later
#include <QApplication>
#include <QIcon>
#include <QSettings>
#include <cstdio>

#include "base/text.h"
#include "gui/look/look.h"
#include "gui/window/window.h"
#include "gui/work/mishaps.h"
#include "report/language/language.h"

namespace {

// What a slot throws ends the slot, not the program.
class Application : public QApplication {
 public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override {
        bool taken = false;
        wp::gui::guarded(QT_TRANSLATE_NOOP("QObject", "What was asked for"),
                         [&] { taken = QApplication::notify(receiver, event); });
        return taken;
    }
};

}  // namespace

int main(int argc, char** argv) {
    Application application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("warmpane"));
    QApplication::setOrganizationName(QStringLiteral("warmpane"));
    QApplication::setDesktopFileName(QStringLiteral("eu.warmpane.WarmPane"));
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/icons/eu.warmpane.WarmPane.svg")));
    QApplication::setApplicationVersion(QString::fromLatin1(wp::question::kVersion));
    const QStringList arguments = QApplication::arguments();
    if (arguments.size() > 2 || (arguments.size() == 2 && arguments[1].startsWith(QLatin1Char('-')))) {
        std::fputs("usage: warmpane [PROJECT.warmpane]\n",
                   arguments.value(1) == QStringLiteral("--help") ? stdout : stderr);
        return arguments.value(1) == QStringLiteral("--help") ? 0 : 2;
    }
    wp::language::use_language(wp::language::chosen_language(QSettings().value(QStringLiteral("language")).toString()));
    wp::gui::apply_look(
        application, QSettings().value(QStringLiteral("dark")).toBool() ? wp::gui::Paper::dark : wp::gui::Paper::light);
    wp::gui::Window window;
    window.show();
    if (arguments.size() == 2) {
        // From a file manager nobody reads what is said on a terminal.
        if (const auto fault = window.open(arguments[1].toStdString())) {
            std::fprintf(stderr, "warmpane: %s\n", wp::plain_text(fault->line()).c_str());
            window.files().tell_not_opened(*fault);
        }
    }
    window.files().offer_leftovers();
    return QApplication::exec();
}
