// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/apart.h"

#include <fcntl.h>
#include <poll.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <csignal>
#include <cstring>

namespace wp::incoming {

namespace {

constexpr int kLook = 50;             // ms between looks whether it is cancelled
constexpr rlim_t kMostSeconds = 600;  // of computing: what takes longer has no end
constexpr char kFar = 'p', kResult = 'r';

bool write_all(int to, const char* bytes, size_t count) {
    while (count > 0) {
        const ssize_t n = ::write(to, bytes, count);
        if (n < 0 && errno == EINTR) continue;
        if (n <= 0) return false;
        bytes += n, count -= static_cast<size_t>(n);
    }
    return true;
}

// The other process: it tells how far it is, then what it found, and ends without a look back.
[[noreturn]] void be_apart(int to, const std::function<std::string(const Progress&)>& work) {
    for (const int signal : {SIGABRT, SIGSEGV, SIGBUS, SIGFPE, SIGILL}) ::signal(signal, SIG_DFL);
    const rlimit no_core{0, 0}, longest{kMostSeconds, kMostSeconds};
    ::setrlimit(RLIMIT_CORE, &no_core);
    ::setrlimit(RLIMIT_CPU, &longest);
    if (const int nowhere = ::open("/dev/null", O_WRONLY); nowhere >= 0) ::dup2(nowhere, STDERR_FILENO);
    int code = 1;
    try {
        const std::string found = work([to](double share) {
            char frame[1 + sizeof share] = {kFar};
            std::memcpy(frame + 1, &share, sizeof share);
            write_all(to, frame, sizeof frame);
        });
        if (write_all(to, &kResult, 1) && write_all(to, found.data(), found.size())) code = 0;
    } catch (...) {  // it is told by its code
    }
    ::_exit(code);
}

// What comes: frames of progress until the result begins.
struct Heard {
    std::string bytes;
    bool has_begun = false;
    void take(const char* from, size_t count, const Progress& progress) {
        bytes.append(from, count);
        while (!has_begun && !bytes.empty()) {
            if (bytes[0] == kResult) {
                bytes.erase(0, 1);
                has_begun = true;
            } else if (double share = 0; bytes.size() >= 1 + sizeof share) {
                std::memcpy(&share, bytes.data() + 1, sizeof share);
                bytes.erase(0, 1 + sizeof share);
                if (progress && share >= 0 && share <= 1) progress(share);
            } else {
                return;
            }
        }
    }
};

}  // namespace

Result<std::string> run_apart(const std::function<std::string(const Progress&)>& work, const std::string& place,
                              const Cancel& cancel, const Progress& progress) {
    std::array<int, 2> ends{};
    if (::pipe2(ends.data(), O_CLOEXEC) != 0) return Fault{place, "there are too many open files", "Close some"};
    const pid_t child = ::fork();
    if (child < 0) {
        ::close(ends[0]), ::close(ends[1]);
        return Fault{place, "there is no room for another process", "End some"};
    }
    if (child == 0) be_apart(ends[1], work);
    ::close(ends[1]);
    Heard heard;
    std::string chunk(size_t{1} << 20, '\0');
    for (;;) {
        if (cancel.requested()) ::kill(child, SIGKILL);
        pollfd one{ends[0], POLLIN, 0};
        if (::poll(&one, 1, kLook) <= 0) continue;
        const ssize_t n = ::read(ends[0], chunk.data(), chunk.size());
        if (n < 0 && errno == EINTR) continue;
        if (n <= 0) break;
        heard.take(chunk.data(), static_cast<size_t>(n), progress);
    }
    ::close(ends[0]);
    int status = 0;
    while (::waitpid(child, &status, 0) < 0 && errno == EINTR) {
    }
    if (cancel.requested()) return Fault{place, "reading it was cancelled", ""};
    if (!WIFEXITED(status) || WEXITSTATUS(status) != 0 || !heard.has_begun)
        return Fault{place, "it is damaged in a way that reading it broke down",
                     "Write it again, or in another format"};
    return std::move(heard.bytes);
}

}  // namespace wp::incoming
