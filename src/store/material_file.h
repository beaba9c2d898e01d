// SPDX-License-Identifier: GPL-3.0-or-later
// Libraries of materials as files: what comes with the program, what a user keeps across projects, what people
// exchange. The format is told in docs/formats/materials.md.
#pragma once
#include <filesystem>
#include <map>

#include "model/material.h"
#include "store/fields.h"

namespace wp::store {

inline constexpr int kMaterialsVersion = 1;

/// Reads and checks: ids unique, figures in range and possible. name: of the file, in messages.
Result<std::vector<model::Material>> parse_materials(std::string_view text, const std::string& name);
Result<std::vector<model::Material>> read_materials(const std::filesystem::path& path);
std::string write_materials(std::vector<model::Material> materials);
Outcome save_materials(const std::vector<model::Material>& materials, const std::filesystem::path& path);

/// Materials of unknown finish by the kind of part, after a standard.
struct AssumedSet {
    std::string id, name, source;
    std::map<model::Part, model::Material> by_part;
    std::optional<double> ground;  ///< reflectance of open ground, where the standard assumes one
};
Result<AssumedSet> parse_assumed(std::string_view text, const std::string& name);
Result<AssumedSet> read_assumed(const std::filesystem::path& path);

/// Adds materials to a list; of the same id and content one remains, of the same id and other content the newcomer gets
/// another id. The ids they have in the list, in their order.
std::vector<model::Id> merge_materials(std::vector<model::Material>& list, const std::vector<model::Material>& more);

}  // namespace wp::store
