// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/file.h"

#include <fcntl.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <fstream>

namespace wp {
namespace fs = std::filesystem;

namespace {

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

fs::path name_beside(const fs::path& target) {
    fs::path name = target;
    name += ".part" + std::to_string(::getpid());
    return name;
}

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
    // Follow links, so that a linked project stays a link.
    std::error_code error;
    const fs::path target = fs::is_symlink(path, error) ? fs::canonical(path, error) : path;
    const fs::path part = name_beside(target);
    const int handle = ::open(part.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (handle < 0) return cannot_write(path, errno);
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
