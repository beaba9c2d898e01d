// SPDX-License-Identifier: GPL-3.0-or-later
// What goes wrong in background work, and in the interface itself, ends no program: it is told, and the model stays.
#pragma once
#include <QObject>
#include <QString>
#include <functional>

namespace wp::gui {

/// Where failures come together. Lives as long as the program.
class Mishaps : public QObject {
    Q_OBJECT
 public:
    static Mishaps& all();
    /// From any thread. what: one sentence, with its remedy.
    void tell(const QString& what);

 signals:
    /// In the interface thread.
    void happened(QString what);
};

/// Runs work. What it throws is told, of the work that is named, and it counts as undone: false.
bool guarded(const char* name, const std::function<void()>& work) noexcept;

/// For rehearsing failures: called before each piece of work, in its thread, with its name; what it throws counts as
/// thrown by the work. An empty function ends it.
void rehearse_failures(std::function<void(const char* name)> before);

}  // namespace wp::gui
