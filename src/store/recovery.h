// SPDX-License-Identifier: GPL-3.0-or-later
// What a crash must not take: a copy of the unsaved project, kept beside the running program and found again by the
// next.
#pragma once
#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "base/result.h"
#include "model/project.h"

namespace wp::store {

/// A kept copy that its program left behind.
struct Leftover {
    std::filesystem::path copy;     ///< the copy itself
    std::filesystem::path project;  ///< where the project was to be saved; empty for one that never was
    std::string when;               ///< local time of keeping
};

/// Keeps one project's unsaved state in a folder, under a name of this process. The folder is made when it is needed.
class Recovery {
 public:
    explicit Recovery(std::filesystem::path folder);
    ~Recovery();
    Recovery(const Recovery&) = delete;
    Recovery& operator=(const Recovery&) = delete;

    /// Writes the copy, whole or not at all.
    Outcome keep(const model::Project& project, const std::filesystem::path& saved_as);
    /// Nothing unsaved is left: the copy goes.
    void drop();

 private:
    std::filesystem::path folder_, copy_;
};

/// Copies whose programs run no more, newest first. Damaged ones are left out (and left alone).
std::vector<Leftover> find_leftovers(const std::filesystem::path& folder);
Result<model::Project> read_leftover(const Leftover& leftover);
void discard(const Leftover& leftover);

}  // namespace wp::store
