// SPDX-License-Identifier: GPL-3.0-or-later
#include "watch.h"

#include <execinfo.h>
#include <fcntl.h>
#include <pthread.h>
#include <sched.h>
#include <signal.h>
#include <unistd.h>

#include <QElapsedTimer>
#include <QEvent>
#include <algorithm>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <set>

namespace wp::bench {

namespace {

constexpr double kLimit = 50;  // ms
constexpr int kFrames = 40, kLooks = 64, kEvery = 8;

// Calls seen during the event that runs. Written by the signal's handler, in the thread that is looked at.
struct Looks {
    std::array<std::array<void*, kFrames>, kLooks> calls;
    std::array<int, kLooks> depth;
    int count = 0;
};
Looks looks;
pthread_t interface_thread;
std::atomic<long long> since{0};  // of the event that runs; ns, 0: none

long long now_ns() {
    timespec t;
    clock_gettime(CLOCK_MONOTONIC, &t);
    return t.tv_sec * 1000000000LL + t.tv_nsec;
}

void note_calls(int) {
    if (looks.count >= kLooks) return;
    auto& calls = looks.calls[static_cast<size_t>(looks.count)];
    looks.depth[static_cast<size_t>(looks.count++)] = backtrace(calls.data(), kFrames);
}

// Time that this thread has waited for a core so far, ms, as the kernel counts it.
double waited_for_core() {
    static const int file = open("/proc/thread-self/schedstat", O_RDONLY | O_CLOEXEC);
    char text[96] = {};
    if (file < 0 || pread(file, text, sizeof text - 1, 0) <= 0) return 0;
    unsigned long long ran = 0, waited = 0;
    std::sscanf(text, "%llu %llu", &ran, &waited);
    return static_cast<double>(waited) / 1e6;
}

// Time that whoever runs this machine took a core away from it so far, ms, in steps of 10: the kernel's own account.
double stolen_from(int core) {
    static const int file = open("/proc/stat", O_RDONLY | O_CLOEXEC);
    char text[4096] = {};
    if (file < 0 || pread(file, text, sizeof text - 1, 0) <= 0) return 0;
    const char* line = std::strstr(text, ("\ncpu" + std::to_string(core) + " ").c_str());
    unsigned long long user = 0, nice = 0, system = 0, idle = 0, wait = 0, irq = 0, soft = 0, steal = 0;
    if (line == nullptr || std::sscanf(line, "\ncpu%*d %llu %llu %llu %llu %llu %llu %llu %llu", &user, &nice, &system,
                                       &idle, &wait, &irq, &soft, &steal) != 8)
        return 0;
    return 1000.0 * static_cast<double>(steal) / static_cast<double>(sysconf(_SC_CLK_TCK));
}

}  // namespace

Watch::Watch(int& argc, char** argv, bool where) : QApplication(argc, argv), where_(where) {
    interface_thread = pthread_self();
    void* once[2];
    backtrace(once, 2);  // loads what it needs before a signal may
    signal(SIGUSR2, note_calls);
    if (where_) looker_ = std::thread([this] { look(); });
}

Watch::~Watch() {
    quit_ = true;
    if (looker_.joinable()) looker_.join();
}

void Watch::look() {
    while (!quit_) {
        const long long began = since;
        if (began > 0 && now_ns() - began > 12000000) pthread_kill(interface_thread, SIGUSR2);
        usleep(kEvery * 1000);
    }
}

bool Watch::notify(QObject* receiver, QEvent* event) {
    const std::string name = receiver->metaObject()->className();
    const int type = event->type();
    QElapsedTimer timer;
    if (depth_ > 0) {
        // What the outermost event was busy with most.
        timer.start();
        ++depth_;
        const bool done = QApplication::notify(receiver, event);
        --depth_;
        const double held = static_cast<double>(timer.nsecsElapsed()) / 1e6;
        if (held > inner_.first) inner_ = {held, name + ", event " + std::to_string(type)};
        return done;
    }
    inner_ = {};
    ++depth_;
    const int core = sched_getcpu();
    const double waited = waited_for_core(), stolen = stolen_from(core);
    timer.start();
    looks.count = 0;
    since = now_ns();
    const bool done = QApplication::notify(receiver, event);
    since = 0;
    --depth_;
    const double held = static_cast<double>(timer.nsecsElapsed()) / 1e6;
    const Event seen{held, std::min(held, waited_for_core() - waited + stolen_from(core) - stolen)};
    of_action_[action_].push_back(seen);
    std::string by = name + ", event " + std::to_string(type);
    if (inner_.first > seen.held / 4)
        by += "; in it " + std::to_string(static_cast<int>(inner_.first)) + " ms of " + inner_.second;
    if (seen.held - seen.taken > worst_[action_].first) worst_[action_] = {seen.held - seen.taken, by};
    if (where_ && seen.held - seen.taken > kLimit) tell_where(seen, by);
    return done;
}

void Watch::tell_where(const Event& event, const std::string& by) {
    std::printf("\n%s: %.0f ms (core taken for %.0f) by %s; looked at %d times\n", action_.c_str(), event.held,
                event.taken, by.c_str(), looks.count);
    std::map<std::string, int> seen;
    for (int i = 0; i < looks.count; ++i) {
        const auto at = static_cast<size_t>(i);
        char** names = backtrace_symbols(looks.calls[at].data(), looks.depth[at]);
        std::set<std::string> once;
        for (int f = 0; names != nullptr && f < looks.depth[at]; ++f)
            if (const std::string line = names[f]; line.find("wp") != std::string::npos)
                once.insert(line.substr(line.find('(') + 1, line.rfind('+') - line.find('(') - 1));
        std::free(names);
        for (const auto& line : once) ++seen[line];
    }
    std::vector<std::pair<int, std::string>> most;
    for (const auto& [line, count] : seen) most.emplace_back(count, line);
    std::sort(most.rbegin(), most.rend());
    for (size_t i = 0; i < std::min<size_t>(most.size(), 14); ++i)
        std::printf("    %2d of %d  %s\n", most[i].first, looks.count, most[i].second.c_str());
    std::fflush(stdout);
}

void Watch::report() const {
    const auto at = [](const std::vector<double>& sorted, double share) {
        return sorted[std::min(sorted.size() - 1, static_cast<size_t>(share * static_cast<double>(sorted.size())))];
    };
    const auto line = [&](const std::string& title, const std::vector<Event>& events, const std::string& by) {
        std::vector<double> held, own;
        size_t over = 0, own_over = 0;
        for (const Event& e : events) {
            held.push_back(e.held);
            own.push_back(e.held - e.taken);
            over += e.held > kLimit;
            own_over += e.held - e.taken > kLimit;
        }
        std::sort(held.begin(), held.end());
        std::sort(own.begin(), own.end());
        std::printf("%-26s %7zu %7.1f %7.1f %7.1f %7.1f %5zu %5zu  %s\n", title.c_str(), events.size(), at(held, 0.99),
                    at(held, 0.999), held.back(), own.back(), over, own_over, by.c_str());
    };
    std::printf("%-26s %7s %7s %7s %7s %7s %5s %5s  %s\n", "held by single events, ms", "events", "99 %", "99.9 %",
                "longest", "own", ">50", "own>50", "longest by");
    std::vector<Event> all;
    for (const auto& [action, events] : of_action_) {
        line(action, events, worst_.count(action) > 0 ? worst_.at(action).second : "");
        all.insert(all.end(), events.begin(), events.end());
    }
    line("all", all, "own: without the time in which others had the core, by the kernel's accounts");
}

}  // namespace wp::bench
