// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <string_view>

#include "fuzz/must.h"
#include "store/material_file.h"

namespace wp::fuzz {

/// What must hold of every text given as a library of materials, or as a set of assumed ones.
inline void one_library(std::string_view text) {
    const auto told = [](const Fault& fault) {
        must(!fault.place.empty() && !fault.what.empty() && !fault.remedy.empty() && fault.line().size() < 4000);
    };
    const auto list = store::parse_materials(text, "fuzz");
    if (!list)
        told(list.fault());
    else {
        for (const auto& m : *list) must(!m.id.empty() && impossible(m).empty());
        // What was read comes back the same.
        const auto back = store::parse_materials(store::write_materials(*list), "again");
        must(back && *back == *list);
    }
    const auto assumed = store::parse_assumed(text, "fuzz");
    if (!assumed) told(assumed.fault());
}

}  // namespace wp::fuzz
