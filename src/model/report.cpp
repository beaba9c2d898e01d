// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/report.h"

#include <algorithm>

namespace wp::model {

std::vector<ReportSection> sections_of(const Report& report) {
    std::vector<ReportSection> out;
    const auto add = [&](const ReportSection& section) {
        if (std::ranges::find(out, section.of, &ReportSection::of) == out.end()) out.push_back(section);
    };
    for (const auto& section : report.sections) add(section);
    for (int i = 0; i <= static_cast<int>(ReportSection::Of::record); ++i)
        add({static_cast<ReportSection::Of>(i), true});
    return out;
}

}  // namespace wp::model
