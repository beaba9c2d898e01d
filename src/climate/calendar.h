// SPDX-License-Identifier: GPL-3.0-or-later
// Days and hours of a year without a leap day, in local standard time.
#pragma once
#include <array>
#include <optional>
#include <string>
#include <string_view>

namespace wp::climate {

inline constexpr int kHours = 8760;
inline constexpr std::array<int, 13> kMonthStart = {0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334, 365};

/// Days before the month (1 to 12) in a year of 365 days.
constexpr int days_before(int month) { return kMonthStart[static_cast<size_t>(month - 1)]; }
constexpr int days_in(int month) { return kMonthStart[static_cast<size_t>(month)] - days_before(month); }

/// A moment of the year: local standard time, hour 0 to 24 with its fraction.
struct Moment {
    int month = 1, day = 1;
    double hour = 12.0;
    friend bool operator==(const Moment&, const Moment&) = default;
    /// Day of the year, 0 to 364.
    int day_of_year() const { return days_before(month) + day - 1; }
    /// The weather hour (0 to 8759) whose interval holds this moment; an hour ends at its label.
    int hour_of_year() const {
        const int h = static_cast<int>(hour);
        return day_of_year() * 24 + (h > 23 ? 23 : h < 0 ? 0 : h);
    }
};

Moment moment_of(int day_of_year, double hour);
/// "21 Mar 12:30"
std::string text(const Moment& moment);

/// What people write: "21 Mar 13:00", "Mar 21 1:30", "21.3. 13", "13:30" (the day stays), "21 Mar" (the hour stays).
/// None where it is no moment of the year.
std::optional<Moment> read_moment(std::string_view text, const Moment& before);

/// Days from 2000-01-01 12:00 UT (the epoch J2000.0) to a date and time of the Gregorian calendar. Hours UT.
double days_since_j2000(int year, int month, int day, double hours_ut);

}  // namespace wp::climate
