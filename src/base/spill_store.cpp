// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/spill_store.h"

#include <unistd.h>

#include <cstdlib>
#include <filesystem>
#include <stdexcept>

namespace wp {

namespace {

int open_in(const std::filesystem::path& folder) {
    std::string name = (folder / "warmpane-XXXXXX").string();
    const int file = mkstemp(name.data());
    if (file >= 0) unlink(name.c_str());
    return file;
}

int open_somewhere() {
    if (const char* wanted = std::getenv("TMPDIR"))
        if (const int file = open_in(wanted); file >= 0) return file;
    // Not /tmp: that may be memory.
    if (const int file = open_in("/var/tmp"); file >= 0) return file;
    std::error_code none;
    return open_in(std::filesystem::temp_directory_path(none));
}

}  // namespace

AsideFile::~AsideFile() {
    if (file_ >= 0) close(file_);
}

std::optional<AsideFile::Slot> AsideFile::put(std::string_view bytes) {
    if (!tried_) {
        tried_ = true;
        file_ = open_somewhere();
    }
    if (file_ < 0) return {};
    for (size_t done = 0; done < bytes.size();) {
        const ssize_t n = pwrite(file_, bytes.data() + done, bytes.size() - done, static_cast<off_t>(end_ + done));
        if (n <= 0) return {};
        done += static_cast<size_t>(n);
    }
    const Slot slot{end_, bytes.size()};
    end_ += bytes.size();
    return slot;
}

std::string AsideFile::get(const Slot& slot) const {
    std::string out(slot.size, '\0');
    for (size_t done = 0; done < out.size();) {
        const ssize_t n = pread(file_, out.data() + done, out.size() - done, static_cast<off_t>(slot.at + done));
        if (n <= 0) throw std::runtime_error("what was put aside on the disk cannot be read again");
        done += static_cast<size_t>(n);
    }
    return out;
}

}  // namespace wp
