// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/file.h"

#include <fcntl.h>
#include <sys/random.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <fstream>
#include <random>

#include "base/process.h"

namespace wp {
namespace fs = std::filesystem;

namespace {

constexpr const char* kPart = ".part";
constexpr int kMostLinks = 40;  // as the kernel follows

Fault cannot_write(const fs::path& path, int error) {
    return {path.string(), std::string("cannot be written: ") + std::strerror(error),
            "Choose a folder you may write to, or free some space"};
}

int flush_to_disk(const fs::path& path, int flags) {
    const int handle = ::open(path.c_str(), flags);
    if (handle < 0) return errno;
    const int error = ::fsync(handle) == 0 ? 0 : errno;
    ::close(handle);
    return error;
}

int write_all(int handle, std::string_view bytes) {
    while (!bytes.empty()) {
        const ssize_t n = ::write(handle, bytes.data(), bytes.size());
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) return errno;
        bytes.remove_prefix(static_cast<size_t>(n));
    }
    return 0;
}

}  // namespace

Result<std::string> read_file(const fs::path& path, size_t limit) {
    std::error_code error;
    if (!fs::exists(path, error)) return Fault{path.string(), "there is no such file", "Check the path"};
    if (!fs::is_regular_file(path, error)) return Fault{path.string(), "is not a file", "Name a file"};
    const auto size = fs::file_size(path, error);
    if (error || size > limit)
        return Fault{path.string(), "is too large to be such a file (" + std::to_string(size) + " bytes)",
                     "Check that it is the file you meant"};
    std::ifstream in(path, std::ios::binary);
    std::string bytes(size, '\0');
    if (!in.read(bytes.data(), static_cast<std::streamsize>(size)))
        return Fault{path.string(), "cannot be read", "Check its permissions"};
    return bytes;
}

// "target.part" + run + "-" + what nobody can foresee: nothing can be laid in its way.
fs::path name_beside(const fs::path& target) {
    uint64_t dice = 0;
    if (::getrandom(&dice, sizeof dice, 0) != sizeof dice) dice = static_cast<uint64_t>(std::random_device()());
    fs::path name = target;
    name += kPart + this_run() + "-" + std::to_string(dice);
    return name;
}

namespace {

// What runs that were killed left of this very file.
void sweep(const fs::path& target) {
    const std::string begins = target.filename().string() + kPart;
    std::error_code error;
    for (const auto& entry :
         fs::directory_iterator(target.has_parent_path() ? target.parent_path() : fs::path("."), error)) {
        const std::string name = entry.path().filename().string();
        if (!name.starts_with(begins)) continue;
        const std::string run = name.substr(begins.size());
        const size_t dice = run.rfind('-');
        std::error_code ignored;
        if (dice != std::string::npos && run.find('-') < dice && !runs(run.substr(0, dice)))
            fs::remove(entry.path(), ignored);
    }
}

// Mode and, where it may be given, owner of what is replaced. A group that cannot be given gets no rights.
void take_after(int handle, const struct stat& old) {
    mode_t mode = old.st_mode & 07777;
    if (::fchown(handle, old.st_uid, old.st_gid) != 0 && ::fchown(handle, static_cast<uid_t>(-1), old.st_gid) != 0)
        mode &= static_cast<mode_t>(~(S_IRWXG | S_ISUID | S_ISGID));
    if (::fchmod(handle, mode) != 0) return;  // it stays as strict as it was made
}

}  // namespace

Outcome put_in_place(const fs::path& finished, const fs::path& target) {
    int error = flush_to_disk(finished, O_RDONLY);
    if (error == 0 && ::rename(finished.c_str(), target.c_str()) != 0) error = errno;
    if (error != 0) {
        std::error_code ignored;
        fs::remove(finished, ignored);
        return cannot_write(target, error);
    }
    // The rename itself must reach the disk too; a folder that cannot be opened only weakens that promise.
    flush_to_disk(target.has_parent_path() ? target.parent_path() : fs::path("."), O_RDONLY | O_DIRECTORY);
    return {};
}

Outcome write_file(const fs::path& path, std::string_view bytes) {
    return write_file(path, [&](const TakeBytes& take) { take(bytes); });
}

Outcome write_file(const fs::path& path, const std::function<void(const TakeBytes&)>& make) {
    // Follow links, so that a linked project stays a link, also one whose target is still to be made.
    std::error_code error;
    fs::path target = path;
    for (int steps = 0; fs::is_symlink(target, error); ++steps) {
        if (steps == kMostLinks) return cannot_write(path, ELOOP);
        target = target.parent_path() / fs::read_symlink(target, error);
        if (error) return cannot_write(path, error.value());
    }
    struct stat old {};
    const bool replaces = ::stat(target.c_str(), &old) == 0;
    if (replaces && !S_ISREG(old.st_mode)) return Fault{path.string(), "is not a file", "Name a file"};
    sweep(target);
    const fs::path part = name_beside(target);
    const int handle =
        ::open(part.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, replaces ? 0600 : 0666);
    if (handle < 0) return cannot_write(path, errno);
    if (replaces) take_after(handle, old);
    int failed = 0;
    make([&](std::string_view bytes) {
        if (failed == 0) failed = write_all(handle, bytes);
    });
    if (::close(handle) != 0 && failed == 0) failed = errno;
    if (failed != 0) {
        fs::remove(part, error);
        return cannot_write(path, failed);
    }
    return put_in_place(part, target);
}

}  // namespace wp
