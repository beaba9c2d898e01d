// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/work/many_machines.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QProcess>
#include <QRegularExpression>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QThread>
#include <algorithm>

#include "question/ask.h"
#include "report/language/language.h"
#include "report/language/words.h"
#include "store/project_file.h"

namespace wp::gui {

namespace {

constexpr int kLook = 100;                                       // ms between looks at a run
constexpr int kToEnd = 10000;                                    // ms that a run is given to end when it is told to
constexpr int kForTrial = 30000;                                 // ms that hosts are given to answer
constexpr const char* kLost = "processes were lost on the way";  // as warmpane-cli says it
constexpr double kShareOfRun = 0.95;

QString program() {
    const QString here = QCoreApplication::applicationDirPath();
    for (const char* place : {"", "/../cli", "/../src/cli"})
        if (const QFileInfo file(here + QString::fromLatin1(place) + QStringLiteral("/warmpane-cli"));
            file.isExecutable())
            return file.canonicalFilePath();
    return QStandardPaths::findExecutable(QStringLiteral("warmpane-cli"));
}

int threads_each(int processes) { return std::max(1, QThread::idealThreadCount() / std::max(1, processes)); }

// The project as it stands, with its weather where it names it.
Outcome lay_out(const ManyRun& run, const QDir& folder) {
    const std::filesystem::path own = folder.path().toStdString();
    model::Project project = *run.project;
    if (run.question) {
        std::erase_if(project.questions, [&](const auto& q) { return q.id == run.question->id; });
        project.questions.push_back(*run.question);
    }
    const std::filesystem::path weather = project.site.weather;
    if (!weather.empty() && weather.is_relative()) {
        std::error_code error;
        std::filesystem::create_directories((own / weather).parent_path(), error);
        std::filesystem::copy_file(run.file.parent_path() / weather, own / weather, error);
        if (error) return Fault{weather.string(), error.message(), "See that the weather file can be read"};
    }
    return store::save_project(project, own / "project.warmpane");
}

// Last lines of what a run said, for who reads why it failed.
QString end_of(const QString& said) {
    const QStringList lines = said.split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    return lines.isEmpty() ? QObject::tr("it said nothing") : lines.last().left(200);
}

Fault failed(const QString& why) {
    return {"mpirun", why.toStdString(), "Try the machines under Jobs and answers; the job is made here alone"};
}

void end(QProcess& process) {
    process.terminate();
    if (!process.waitForFinished(kToEnd)) process.kill();
    process.waitForFinished(kToEnd);
}

Outcome follow(QProcess& process, const Cancel& cancel, const Progress& progress) {
    static const QRegularExpression share(QStringLiteral("(\\d+) % after"));
    QString said;
    while (!process.waitForFinished(kLook)) {
        if (process.state() == QProcess::NotRunning) break;
        said = (said + QString::fromUtf8(process.readAll())).right(20000);
        auto all = share.globalMatch(said);
        double reached = -1;
        while (all.hasNext()) reached = all.next().captured(1).toDouble() / 100;
        if (reached >= 0 && progress) progress(kShareOfRun * reached);
        // The first process says so when it has ended: mpirun then waits for the lost one for ever.
        const bool waits_in_vain = said.contains(QLatin1String(kLost));
        if (!cancel.requested() && !waits_in_vain) continue;
        if (!cancel.requested() && process.waitForFinished(kToEnd / 2)) break;
        end(process);
        return {};
    }
    said += QString::fromUtf8(process.readAll());
    constexpr int settled = 0, unsettled = 4;
    if (process.exitStatus() == QProcess::NormalExit &&
        (process.exitCode() == settled || process.exitCode() == unsettled))
        return {};
    return failed(end_of(said));
}

Outcome first_elsewhere(const ManyRun& run, const Cancel& cancel, const Progress& progress) {
    const QTemporaryDir folder;
    if (!folder.isValid()) return failed(folder.errorString());
    if (auto fault = lay_out(run, QDir(folder.path()))) return fault;
    QStringList command = run.command;
    command.insert(1, folder.filePath(QStringLiteral("project.warmpane")));
    command << QStringLiteral("--answers") << QString::fromStdString(run.answers->file().string())
            << QStringLiteral("--despite-faults") << QStringLiteral("--out") << folder.filePath(QStringLiteral("out"));
    const auto line = launch_line(ManyMachines::chosen(), command);
    if (!line) return line.fault();
    QProcess process;
    process.setProcessChannelMode(QProcess::MergedChannels);
    process.start(line->first(), line->mid(1));
    if (!process.waitForStarted()) return failed(process.errorString());
    return follow(process, cancel, progress);
}

}  // namespace

ManyMachines ManyMachines::chosen() {
    const QSettings settings;
    ManyMachines out;
    out.on = settings.value(QStringLiteral("many/on"), out.on).toBool();
    out.processes = std::clamp(settings.value(QStringLiteral("many/processes"), out.processes).toInt(), 2, 1024);
    out.hosts = settings.value(QStringLiteral("many/hosts")).toString();
    return out;
}

void ManyMachines::choose() const {
    QSettings settings;
    settings.setValue(QStringLiteral("many/on"), on);
    settings.setValue(QStringLiteral("many/processes"), processes);
    settings.setValue(QStringLiteral("many/hosts"), hosts);
}

QString ManyMachines::words() const {
    return hosts.isEmpty() ? QObject::tr("%n processes", nullptr, processes)
                           : QObject::tr("the hosts of %1").arg(QFileInfo(hosts).fileName());
}

Result<std::vector<Host>> read_hosts(const QString& file) {
    if (file.isEmpty()) return Fault{"hosts", "no list is chosen", "Choose a list of hosts, one a line"};
    QFile in(file);
    constexpr qint64 most = 1 << 20;
    if (!in.open(QIODevice::ReadOnly | QIODevice::Text))
        return Fault{file.toStdString(), in.errorString().toStdString(), "Choose a list of hosts, one a line"};
    std::vector<Host> out;
    for (QString line : QString::fromUtf8(in.read(most)).split(QLatin1Char('\n'))) {
        line = line.section(QLatin1Char('#'), 0, 0).simplified();
        if (line.isEmpty()) continue;
        out.push_back({line.section(QLatin1Char(' '), 0, 0), line.section(QLatin1Char(' '), 1)});
    }
    if (out.empty()) return Fault{file.toStdString(), "names no host", "Write one a line, as in: studio slots=1"};
    return out;
}

Result<QStringList> launch_line(const ManyMachines& machines, const QStringList& command) {
    const QString launcher = QStandardPaths::findExecutable(QStringLiteral("mpirun"));
    if (launcher.isEmpty())
        return Fault{"mpirun", "is not installed", "Install Open MPI (Debian's openmpi-bin) on every machine"};
    const QString own = program();
    if (own.isEmpty()) return Fault{"warmpane-cli", "is not there", "Install it beside this program"};
    // Where one is lost the others go on.
    QStringList out{launcher, QStringLiteral("--enable-recovery"), QStringLiteral("--bind-to"), QStringLiteral("none")};
    if (machines.hosts.isEmpty()) {
        out << QStringLiteral("--oversubscribe") << QStringLiteral("-n") << QString::number(machines.processes);
    } else {
        if (const auto hosts = read_hosts(machines.hosts); !hosts) return hosts.fault();
        out << QStringLiteral("--hostfile") << machines.hosts << QStringLiteral("--map-by")
            << QStringLiteral("ppr:1:node");
    }
    out << own << command;
    if (machines.hosts.isEmpty() && !command.isEmpty() && !command.front().startsWith(QLatin1Char('-')))
        out << QStringLiteral("--threads") << QString::number(threads_each(machines.processes));
    return out;
}

void add_on_many(JobQueue& jobs, const QString& key, const QString& title, ManyRun run, JobQueue::Work work,
                 std::function<void(const QString&)> say) {
    const auto machines = ManyMachines::chosen();
    if (!machines.on) {
        jobs.add(key, title, std::move(work));
        return;
    }
    jobs.add(key, QObject::tr("%1, by %2").arg(title, machines.words()),
             [run = std::move(run), work = std::move(work), say = std::move(say)](
                 const Cancel& cancel, const Progress& progress) -> JobQueue::Finish {
                 const auto fault = run.answers != nullptr
                                        ? first_elsewhere(run, cancel, progress)
                                        : Outcome(Fault{"mpirun", "what others make has no place",
                                                        "Save the project: answers are kept beside it"});
                 if (cancel.requested()) return {};
                 // What others made is found at once: its progress has been told.
                 auto finish = work(cancel, fault ? progress : Progress([](double) {}));
                 if (!fault) return finish;
                 return [finish, say, line = language::line(*fault)] {
                     if (finish) finish();
                     say(line);
                 };
             });
}

Result<QStringList> try_machines(const ManyMachines& machines) {
    const auto line = launch_line(machines, {QStringLiteral("--version")});
    if (!line) return line.fault();
    QProcess process;
    process.start(line->first(), line->mid(1));
    if (!process.waitForStarted() || !process.waitForFinished(kForTrial)) {
        end(process);
        return failed(QObject::tr("nobody answered within half a minute"));
    }
    if (process.exitStatus() != QProcess::NormalExit || process.exitCode() != 0)
        return failed(end_of(QString::fromUtf8(process.readAllStandardError())));
    return QString::fromUtf8(process.readAllStandardOutput()).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
}

}  // namespace wp::gui
