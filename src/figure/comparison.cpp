// SPDX-License-Identifier: GPL-3.0-or-later
#include "figure/comparison.h"

#include <algorithm>
#include <cmath>

namespace wp::figure {

namespace {

struct Way {
    std::string_view id;  ///< of a measure that takes no figure, or of a figure
    Better better;
};
constexpr Way kWays[] = {
    {"spatial_autonomy", Better::higher},
    {"provision", Better::higher},
    {"hours_with_mean", Better::higher},
    {"hours_with_least", Better::higher},
    {"in_range_at_both", Better::higher},
    {"sunlight_exposure", Better::lower},
    {"glare_probability", Better::lower},
    {"glare_of_year", Better::lower},
    {"autonomy", Better::higher},
    {"continuous_autonomy", Better::higher},
    {"maximum_autonomy", Better::lower},
    {"udi_fell_short", Better::lower},
    {"udi_autonomous", Better::higher},
    {"udi_exceeded", Better::lower},
    {"udi_combined", Better::higher},
    {"udi_three_bands", Better::higher},
    {"udi_three_exceeded", Better::lower},
    {"daylight_saturation", Better::higher},
    {"view_angle", Better::higher},
    {"view_distance", Better::higher},
    {"view_layers", Better::higher},
    {"clear_directions", Better::higher},
    {"dgp_own_direction", Better::lower},
    {"dgp_best_direction", Better::lower},
    {"dgp_worst_direction", Better::lower},
    {"troubled_time", Better::lower},
    {"melanopic_directions", Better::higher},
    {"melanopic_days", Better::higher},
    {"melanopic_held", Better::higher},
    {"melanopic_days_best", Better::higher},
    {"melanopic_days_worst", Better::higher},
    {"melanopic_time", Better::higher},
    {"melanopic_time_best", Better::higher},
    {"vertical_sky_component", Better::higher},
    {"electric_illuminance", Better::higher},
    {"cylindrical_illuminance", Better::higher},
    {"ugr", Better::lower},
    {"electric_melanopic_edi", Better::higher},
    {"both_illuminance", Better::higher},
};

double half_towards(const Band& band, bool up) {
    return std::max(0.0, up ? band.high - band.value : band.value - band.low);
}

}  // namespace

Better better(const Measure& measure, const Wanted& wanted) {
    if (std::string_view(measure.id) == "uniformity") return Better::higher;
    const std::string_view id = measure.takes_figure ? std::string_view(wanted.figure) : measure.id;
    const auto it = std::ranges::find(kWays, id, &Way::id);
    return it == std::end(kWays) ? Better::unsaid : it->better;
}

Change change(const Band& was, const Band& is) {
    Change out;
    out.by = is.value - was.value;
    const bool up = out.by > 0;
    out.error = std::hypot(half_towards(was, up), half_towards(is, !up));
    out.told_apart = std::fabs(out.by) > out.error;
    return out;
}

bool gains(const Change& c, Better better) {
    return c.told_apart && better != Better::unsaid && (c.by > 0) == (better == Better::higher);
}
bool loses(const Change& c, Better better) {
    return c.told_apart && better != Better::unsaid && (c.by > 0) == (better == Better::lower);
}

Band mean_of(std::span<const Band> rooms, std::span<const double> weights) {
    Band out;
    double all = 0, low = 0, high = 0;
    for (size_t i = 0; i < rooms.size(); ++i) {
        all += weights[i];
        out.value += weights[i] * rooms[i].value;
        low += std::pow(weights[i] * half_towards(rooms[i], false), 2);
        high += std::pow(weights[i] * half_towards(rooms[i], true), 2);
    }
    if (all <= 0) return {};
    out.value /= all;
    out.low = out.value - std::sqrt(low) / all;
    out.high = out.value + std::sqrt(high) / all;
    return out;
}

}  // namespace wp::figure
