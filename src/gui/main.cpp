// SPDX-License-Identifier: GPL-3.0-or-later
#include <QApplication>
#include <QSettings>
#include <cstdio>

#include "gui/look/look.h"
#include "gui/window.h"

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("warmpane"));
    QApplication::setOrganizationName(QStringLiteral("warmpane"));
    QApplication::setApplicationVersion(QString::fromLatin1(wp::question::kVersion));
    const QStringList arguments = QApplication::arguments();
    if (arguments.size() > 2 || (arguments.size() == 2 && arguments[1].startsWith(QLatin1Char('-')))) {
        std::fputs("usage: warmpane [PROJECT.warmpane]\n", arguments.value(1) == QStringLiteral("--help") ? stdout : stderr);
        return arguments.value(1) == QStringLiteral("--help") ? 0 : 2;
    }
    wp::gui::apply_look(application, QSettings().value(QStringLiteral("dark")).toBool() ? wp::gui::Paper::dark : wp::gui::Paper::light);
    wp::gui::Window window;
    if (arguments.size() == 2) {
        if (const auto fault = window.open(arguments[1].toStdString())) {
            std::fprintf(stderr, "warmpane: %s\n", fault->line().c_str());
            return 3;
        }
    }
    window.show();
    window.offer_leftovers();
    return QApplication::exec();
}
