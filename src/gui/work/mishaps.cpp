// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/work/mishaps.h"

#include <QCoreApplication>
#include <QThread>
#include <exception>
#include <mutex>
#include <new>

#include "base/text.h"
#include "report/language/words.h"

namespace wp::gui {

Mishaps& Mishaps::all() {
    static Mishaps mishaps;
    return mishaps;
}

void Mishaps::tell(const QString& what) {
    QMetaObject::invokeMethod(
        this, [this, what] { emit happened(what); }, Qt::QueuedConnection);
}

namespace {

struct Rehearsal {
    std::mutex mutex;
    std::function<void(const char*)> before;
    std::function<void(const char*)> now() {
        const std::lock_guard lock(mutex);
        return before;
    }
};
Rehearsal& rehearsal() {
    static Rehearsal all;
    return all;
}

QString words_of(std::exception_ptr thrown) {
    try {
        std::rethrow_exception(std::move(thrown));
    } catch (const std::bad_alloc&) {
        return QObject::tr(
            "there is not enough memory. Ask on fewer points, or close other programs; the project is as it was");
    } catch (const std::exception& error) {
        return QObject::tr("%1. Save the project; what it shows may be old")
            .arg(QString::fromStdString(plain_text(error.what(), 200)));
    } catch (...) {
        return QObject::tr("something unknown went wrong. Save the project");
    }
}

}  // namespace

void rehearse_failures(std::function<void(const char*)> before) {
    const std::lock_guard lock(rehearsal().mutex);
    rehearsal().before = std::move(before);
}

bool guarded(const char* name, const std::function<void()>& work) noexcept {
    try {
        if (const auto before = rehearsal().now()) before(name);
        work();
        return true;
    } catch (...) {
        // Telling needs memory too: where there is none left, the work is undone without a word.
        try {
            Mishaps::all().tell(
                QObject::tr("%1 failed: %2.").arg(language::words(name), words_of(std::current_exception())));
        } catch (...) {
        }
        return false;
    }
}

}  // namespace wp::gui
