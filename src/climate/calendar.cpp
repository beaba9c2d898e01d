// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/calendar.h"

#include <fmt/core.h>

#include <cmath>

namespace wp::climate {

Moment moment_of(int day_of_year, double hour) {
    int month = 1;
    while (month < 12 && day_of_year >= kMonthStart[static_cast<size_t>(month)]) ++month;
    return {month, day_of_year - days_before(month) + 1, hour};
}

std::string text(const Moment& moment) {
    static constexpr const char* names[] = {"Jan", "Feb", "Mar", "Apr", "May", "Jun",
                                            "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"};
    const int minutes = static_cast<int>(std::lround(moment.hour * 60.0));
    return fmt::format("{} {} {:02}:{:02}", moment.day, names[moment.month - 1], minutes / 60, minutes % 60);
}

double days_since_j2000(int year, int month, int day, double hours_ut) {
    // Meeus, Astronomical Algorithms, 2nd ed., eq. 7.1, for the Gregorian calendar.
    if (month <= 2) {
        --year;
        month += 12;
    }
    const int century = year / 100;
    const double jd = std::floor(365.25 * (year + 4716)) + std::floor(30.6001 * (month + 1)) + day + 2 - century +
                      century / 4 - 1524.5 + hours_ut / 24.0;
    return jd - 2451545.0;
}

}  // namespace wp::climate
