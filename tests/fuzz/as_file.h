// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <sys/mman.h>
#include <unistd.h>

#include <filesystem>
#include <string>
#include <string_view>

#include "fuzz/must.h"

namespace wp::fuzz {

/// Bytes as a file in memory, for readers that want a path.
class AsFile {
 public:
    explicit AsFile(std::string_view bytes) : number_(memfd_create("fuzz", 0)) {
        must(number_ >= 0);
        must(write(number_, bytes.data(), bytes.size()) == static_cast<ssize_t>(bytes.size()));
    }
    ~AsFile() { close(number_); }
    AsFile(const AsFile&) = delete;
    AsFile& operator=(const AsFile&) = delete;
    std::filesystem::path path() const { return "/proc/self/fd/" + std::to_string(number_); }

 private:
    int number_;
};

}  // namespace wp::fuzz
