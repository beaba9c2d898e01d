// SPDX-License-Identifier: GPL-3.0-or-later
// The formats of other programs that buildings are read from: a file and a line each.
#pragma once
#include <filesystem>
#include <span>
#include <string>
#include <vector>

#include "base/progress.h"
#include "base/result.h"
#include "incoming/building.h"

namespace wp::incoming {

struct ReadWishes {
    double metres_per_unit = 0;  ///< 0: as the file says, or as its size suggests
    std::optional<bool> y_up;    ///< none: as the format has it, or as its shape suggests
    std::vector<model::LayerChoice> layers;
};

struct Reading {
    std::string bytes;
    std::filesystem::path path;
    ReadWishes wishes;
    Cancel cancel;
    Progress progress;
};

struct Reader {
    const char* id;    ///< in projects: "ifc"
    const char* name;  ///< for people
    std::span<const char* const> suffixes;
    size_t most;  ///< bytes that are read at most
    Result<Building> (*read)(const Reading& reading);
};
std::span<const Reader> readers();
/// By the suffix; null where none reads such files.
const Reader* reader_for(const std::filesystem::path& path);
/// Faults: a file that cannot be read, is too large, of no known format, damaged; cancelled.
Result<Building> read_building(const std::filesystem::path& path, const ReadWishes& wishes = {},
                               const Cancel& cancel = {}, const Progress& progress = {});

// Each in a file of its own.
Result<Building> read_gbxml(const Reading& reading);
Result<Building> read_ifc(const Reading& reading);
Result<Building> read_mesh(const Reading& reading);
Result<Building> read_dxf(const Reading& reading);

Fault cancelled_fault(const std::filesystem::path& path);

}  // namespace wp::incoming
