// SPDX-License-Identifier: GPL-3.0-or-later
// The light outdoors at a moment under the sky that was chosen.
#pragma once
#include <string>
#include <vector>

#include "base/result.h"
#include "climate/weather.h"
#include "light/daylight.h"
#include "model/question.h"
#include "model/site.h"
#include "question/sky_columns.h"

namespace wp::question {

struct Outdoors {
    climate::Moment moment;
    SkyAndSun sky_and_sun;
    double diffuse_lux = 0;  ///< horizontal
    std::string words;       ///< which sky, and where its amounts come from

    double direct_lux() const { return sky_and_sun.sun_lux; }
    double global_lux() const;
    Fingerprint fingerprint() const;
};

/// The weather at a moment goes straight between the middles of the hours on both sides of it.
/// outdoor: the light of the weather's hours; empty where there is no weather, which is a fault if the choice needs it.
/// Sun and hour angle are those of the site. Refuses day and type out of range.
Result<Outdoors> outdoors_at(const model::Site& site, const model::SkyChoice& choice, const climate::Moment& moment,
                             const std::vector<climate::OutdoorHour>& outdoor);

/// As pictures see it.
light::Daylight daylight_of(const SkyAndSun& sky);

/// Horizontal illuminance that a sky's luminances add up to, by a quadrature that is not the one it was scaled with:
/// the check that stands beside every sky, lux.
double carried_lux(const climate::Sky& sky);

/// Moments that belong together: a day from hour to hour, or one day of every month.
std::vector<climate::Moment> moments_of_day(int month, int day, double from, double to, double step);
std::vector<climate::Moment> moments_of_year(int day, double hour);

}  // namespace wp::question
