// SPDX-License-Identifier: GPL-3.0-or-later
// Luminaires from files of their makers: IES LM-63 (1986 to 2019) and EULUMDAT.
#pragma once
#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

#include "base/result.h"
#include "model/luminaire.h"

namespace wp::photometry {

struct PhotometryFile {
    model::LuminaireType type;       ///< without an id
    std::vector<std::string> notes;  ///< what was taken for granted, in whole sentences
};

/// Text of a file of either form. Faults name line and remedy.
Result<PhotometryFile> parse_photometry(std::string_view text, const std::string& name);
Result<PhotometryFile> parse_lm63(std::string_view text, const std::string& name);
Result<PhotometryFile> parse_eulumdat(std::string_view text, const std::string& name);
/// The file, as UTF-8 or Latin-1; at most 8 MB.
Result<PhotometryFile> read_photometry(const std::filesystem::path& path);

}  // namespace wp::photometry
