// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/skies.h"

#include "climate/sky_amount.h"
#include "model/project.h"

namespace wp::analysis {

Result<std::vector<question::Outdoors>> skies_of(const Request& a) {
    const std::vector<climate::OutdoorHour> outdoor =
        a.weather != nullptr ? climate::outdoor_year(*a.weather) : std::vector<climate::OutdoorHour>{};
    std::vector<question::Outdoors> out;
    for (const auto& moment : a.question.moments) {
        auto sky = question::outdoors_at(a.project.site, a.question.sky, moment, outdoor);
        if (!sky) return sky.fault();
        out.push_back(std::move(*sky));
    }
    return out;
}

}  // namespace wp::analysis
