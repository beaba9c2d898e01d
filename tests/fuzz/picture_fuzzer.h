// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <cmath>
#include <string_view>

#include "exchange/exr.h"
#include "exchange/picture_file.h"
#include "fuzz/as_file.h"

namespace wp::fuzz {

/// What must hold of all bytes given as a luminance picture.
inline void one_picture(std::string_view bytes) {
    const AsFile file(bytes);
    const auto picture = exchange::read_exr(file.path());
    if (!picture) return must(!picture.fault().what.empty() && picture.fault().line().size() < 2000);
    must(picture->width > 0 && picture->height > 0);
    must(picture->luminance.size() == static_cast<size_t>(picture->width) * static_cast<size_t>(picture->height));
    // As a picture with a lens, a place and suns, whatever its header tells.
    const auto whole = exchange::read_picture(file.path());
    if (!whole) return must(!whole.fault().what.empty());
    const auto& seen = whole->picture;
    must(seen.value.size() == picture->luminance.size());
    must(std::fabs(length(seen.pose.forward) - 1) < 1e-6 && std::fabs(dot(seen.pose.forward, seen.pose.up)) < 1e-6);
    for (const float v : seen.value) must(v >= 0 && std::isfinite(v));
    if (seen.value.size() > 10000) return;
    question::GlareAnswer answer;
    answer.picture = seen;
    const auto judged = question::judged_anew(answer, {});
    must(!judged.judged || std::isfinite(judged.dgp));
}

}  // namespace wp::fuzz
