// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <string_view>

#include "fuzz/must.h"
#include "rule/criteria_file.h"
#include "rule/usual.h"

namespace wp::fuzz {

/// What must hold of every text given as a set of criteria, or as usual values.
inline void one_criteria(std::string_view text) {
    const auto told = [](const Fault& fault) {
        must(!fault.place.empty() && !fault.what.empty() && !fault.remedy.empty());
    };
    const auto set = rule::parse_criteria(text, "fuzz");
    if (!set)
        told(set.fault());
    else
        for (const auto& c : set->criteria) {
            must(!c.thresholds.empty() && (c.hours != model::Criterion::Hours::clock || c.from < c.to));
            for (const auto& t : c.thresholds) must(t.value >= 0 && t.value <= 1e6);
        }
    const auto usual = rule::parse_usual_values(text, "fuzz");
    if (!usual) told(usual.fault());
}

}  // namespace wp::fuzz
