// SPDX-License-Identifier: GPL-3.0-or-later
// Luminance pictures as OpenEXR: a 32-bit float channel Y in cd/m^2, with where and when as attributes; of others also
// those of colours.
#pragma once
#include <filesystem>
#include <map>
#include <string>
#include <vector>

#include "base/result.h"

namespace wp::exchange {

struct LuminanceImage {
    int width = 0, height = 0;
    std::vector<float> luminance;  ///< row 0 on top
    std::map<std::string, std::string> attributes;
    std::vector<std::pair<std::string, std::vector<float>>> more{};  ///< further channels, by name; written only
    std::vector<float> error{};  ///< standard error of each, a channel "error"; empty: none
    bool is_scaled = false;      ///< read: the file says what its numbers are in cd/m^2 (whiteLuminance)
};

/// Atomic: the target is whole or not there.
Outcome write_exr(const LuminanceImage& image, const std::filesystem::path& path);
/// Y, or of R, G, B their luminance by the file's primaries, times its whiteLuminance.
Result<LuminanceImage> read_exr(const std::filesystem::path& path);

}  // namespace wp::exchange
