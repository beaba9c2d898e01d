// SPDX-License-Identifier: GPL-3.0-or-later
// Jobs that other processes make first, on this machine or on hosts of a list: mpirun starts them on a copy of the
// project; what they make lands in the answers beside the project, where the job then finds it.
#pragma once
#include <QString>
#include <QStringList>
#include <filesystem>
#include <functional>
#include <memory>
#include <optional>

#include "base/result.h"
#include "gui/work/job_queue.h"
#include "model/project.h"
#include "store/answers.h"

namespace wp::gui {

/// What is chosen for this user, whatever the project.
struct ManyMachines {
    bool on = false;
    int processes = 2;  ///< without a list of hosts: on this machine
    QString hosts;      ///< a host file as mpirun reads it; empty: this machine alone

    static ManyMachines chosen();
    void choose() const;
    /// "2 processes", "the hosts of studio.hosts".
    QString words() const;
};

/// Lines of a host file that name a host: the name and what else is said of it. Faults: a file that cannot be read, or
/// names none.
struct Host {
    QString name, rest;
};
Result<std::vector<Host>> read_hosts(const QString& file);

/// mpirun and its arguments for a command of warmpane-cli. Fault: one of the two programs is not there.
Result<QStringList> launch_line(const ManyMachines& machines, const QStringList& command);

struct ManyRun {
    std::shared_ptr<const model::Project> project;
    std::filesystem::path file;               ///< of the project; empty: it has none
    std::shared_ptr<store::Answers> answers;  ///< null: nothing can be kept
    std::optional<model::Question> question;  ///< as it is asked: stands in the project in place of the one of its id
    QStringList command;                      ///< "solve", "--option", ...: without project, answers and folders
};

/// Adds a job. Where machines are chosen now, the run comes first, and work finds what it made; the title tells it.
/// Otherwise, and where the run fails, work makes all itself. say: in the interface thread, what went wrong.
void add_on_many(JobQueue& jobs, const QString& key, const QString& title, ManyRun run, JobQueue::Work work,
                 std::function<void(const QString&)> say);

/// Starts the program on every host, or in so many processes, and tells what each says: its version. Waits for them.
Result<QStringList> try_machines(const ManyMachines& machines);

}  // namespace wp::gui
