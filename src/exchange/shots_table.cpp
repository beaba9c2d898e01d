// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/shots_table.h"

#include <fmt/format.h>

#include <iterator>

#include "base/csv.h"

namespace wp::exchange {

std::string shots_csv(std::span<const question::Taken> pictures) {
    std::string out =
        "option,place,azimuth_degrees,moment,file,mean,unit,vertical_illuminance_lx,half_width_95_lx,dgp_low,dgp_high";
    for (const auto& index : metric::glare_indices()) out += std::string(",") + index.id;
    out += ",strongest_source,settled,blinds\n";
    for (const auto& row : pictures) {
        const auto& a = row.small;
        std::string blinds;
        for (const auto& group : a.blinds.groups) blinds += (blinds.empty() ? "" : "; ") + group.words;
        out += csv_field(row.option) + "," + csv_field(row.shot.place) + "," +
               (row.shot.has_direction ? fmt::format("{:.0f}", row.shot.azimuth) : "") + "," +
               csv_field(climate::text(row.shot.question.moment)) + "," + csv_field(row.shot.file);
        // Of a hemisphere the field is light at the eye; what is asked for here is what is seen.
        const bool seen = a.judged;
        fmt::format_to(std::back_inserter(out), ",{:.4g},{}", seen ? a.mean_luminance : a.picture.field,
                       question::unit_of(a.picture.of));
        if (seen)
            fmt::format_to(std::back_inserter(out), ",{:.1f},{:.1f},{:.4f},{:.4f}", a.vertical_lux, a.half_width,
                           a.dgp_low, a.dgp_high);
        else
            out += ",,,,";
        for (const auto& index : row.indices) out += index ? fmt::format(",{:.4f}", *index) : ",";
        out += "," + csv_field(row.worst);
        out += std::string(a.record.settled ? ",1" : ",0") + "," + csv_field(blinds) + "\n";
    }
    return out;
}

}  // namespace wp::exchange
