// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/work/mishaps.h"

#include <QCoreApplication>
#include <QThread>
#include <exception>
#include <new>

#include "base/text.h"

namespace wp::gui {

Mishaps& Mishaps::all() {
    static Mishaps mishaps;
    return mishaps;
}

void Mishaps::tell(const QString& what) {
    QMetaObject::invokeMethod(
        this, [this, what] { emit happened(what); }, Qt::QueuedConnection);
}

bool guarded(const char* name, const std::function<void()>& work) noexcept {
    QString why;
    try {
        work();
        return true;
    } catch (const std::bad_alloc&) {
        why = QStringLiteral(
            "there is not enough memory. Ask on fewer points, or close other programs; the project is as it was");
    } catch (const std::exception& error) {
        why = QStringLiteral("%1. Save the project; what it shows may be old")
                  .arg(QString::fromStdString(plain_text(error.what(), 200)));
    } catch (...) {
        why = QStringLiteral("something unknown went wrong. Save the project");
    }
    Mishaps::all().tell(QStringLiteral("%1 failed: %2.").arg(QString::fromUtf8(name), why));
    return false;
}

}  // namespace wp::gui
