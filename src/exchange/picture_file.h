// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures as files with all that is known of them, and files of others as pictures: to be looked at and judged the
// same way.
#pragma once
#include <filesystem>
#include <map>
#include <optional>

#include "question/glare.h"

namespace wp::exchange {

/// OpenEXR: value and standard error of each pixel, and in its header the lens, the place, the moment, sky, blinds,
/// how sure it is, what made it. Atomic.
Outcome write_picture(const question::GlareAnswer& answer, const std::filesystem::path& path);

struct PictureFile {
    light::Picture picture;
    std::map<std::string, std::string> told;  ///< texts of the header
    bool knows_lens = false;  ///< false: none is told, and a lens was taken that fits the picture's shape
    bool knows_unit = false;  ///< false: nothing says what its numbers are; they are taken for cd/m^2
    size_t unusable = 0;      ///< pixels below nought, infinite or no numbers: taken for nought
};
/// Values are the channel Y, or the luminance of R, G, B by the file's own primaries (else those of ITU-R BT.709).
/// lens: instead of what the file tells; its pixels are those of the file.
Result<PictureFile> read_picture(const std::filesystem::path& path, const std::optional<light::Lens>& lens = {});

/// Words for a lens in files: "hemisphere", "sphere", "perspective", "parallel".
const char* name_of(light::Lens::Kind kind);
/// What a picture's numbers are, for files: "luminance" and the like.
const char* name_of(light::PictureOf of);
std::optional<light::Lens::Kind> lens_kind(std::string_view name);

}  // namespace wp::exchange
