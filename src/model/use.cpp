// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/use.h"

#include <algorithm>

namespace wp::model {

namespace {

// Whether something of a circle lies between two, both included: days and months run over the new year.
bool between(int first, int last, int it) {
    return first <= last ? it >= first && it <= last : it >= first || it <= last;
}

}  // namespace

int weekday(const YearCalendar& calendar, int day_of_year) { return (calendar.first_weekday + day_of_year) % 7; }

climate::Moment last_sunday(const YearCalendar& calendar, int month) {
    int day = climate::days_in(month);
    while (weekday(calendar, climate::days_before(month) + day - 1) != 6) --day;
    return {month, day, 2};
}

bool is_holiday(const YearCalendar& calendar, int day) {
    return std::any_of(calendar.holidays.begin(), calendar.holidays.end(),
                       [&](const Holiday& h) { return between(h.first.day_of_year(), h.last.day_of_year(), day); });
}

int clock_ahead(const YearCalendar& calendar, int hour) {
    if (!calendar.summer_time) return 0;
    const int from = calendar.summer_from.hour_of_year(), to = calendar.summer_to.hour_of_year();
    // The moment it ends is no part of it, and one that begins and ends at once is none.
    return from != to && between(from, to - 1, hour) ? 1 : 0;
}

std::vector<bool> clock_hours(const YearCalendar& calendar, double from, double to) {
    std::vector<bool> out(climate::kHours, false);
    for (int h = 0; h < climate::kHours; ++h) {
        const double middle = (h + clock_ahead(calendar, h)) % 24 + 0.5;
        out[static_cast<size_t>(h)] = middle > from && middle < to;
    }
    return out;
}

std::string clock_words(const YearCalendar& calendar) {
    if (!calendar.summer_time) return "local standard time, no summer time";
    return "hours of the clock: an hour ahead of standard time from " + climate::text(calendar.summer_from) + " to " +
           climate::text(calendar.summer_to);
}

bool within_months(int from, int to, int month) { return between(from, to, month); }

std::vector<bool> hours_of(const Occupancy& pattern, const YearCalendar& calendar) {
    std::vector<bool> out(climate::kHours, false);
    for (int h = 0; h < climate::kHours; ++h) {
        // The clock may have gone on to the next day.
        const int clock = h + clock_ahead(calendar, h), day = clock / 24 % 365;
        const DayHours& hours = pattern.week[static_cast<size_t>(weekday(calendar, clock / 24))];
        const double middle = clock % 24 + 0.5;
        out[static_cast<size_t>(h)] =
            middle > hours.from && middle < hours.to && (pattern.on_holidays || !is_holiday(calendar, day));
    }
    return out;
}

const char* control_name(BlindControl::Kind kind) {
    static constexpr const char* names[] = {"never closed",
                                            "always closed",
                                            "by the clock",
                                            "against direct sun (LM-83)",
                                            "above a mean on the plane",
                                            "above lux on the window",
                                            "above W/m\u00b2 on the window"};
    return names[static_cast<int>(kind)];
}

const char* control_name(Lighting::Control control) {
    static constexpr const char* names[] = {"by hand", "on and off", "in steps", "dimmed"};
    return names[static_cast<int>(control)];
}

}  // namespace wp::model
