// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <string_view>

#include "exchange/exr.h"
#include "fuzz/as_file.h"

namespace wp::fuzz {

/// What must hold of all bytes given as a luminance picture.
inline void one_picture(std::string_view bytes) {
    const AsFile file(bytes);
    const auto picture = exchange::read_exr(file.path());
    if (!picture) return must(!picture.fault().what.empty() && picture.fault().line().size() < 2000);
    must(picture->width > 0 && picture->height > 0);
    must(picture->luminance.size() == static_cast<size_t>(picture->width) * static_cast<size_t>(picture->height));
}

}  // namespace wp::fuzz
