// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/calendar.h"

#include <fmt/core.h>

#include <cmath>
#include <vector>

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

namespace {

// Words and numbers of a date, in order; a number before a colon is an hour.
struct Part {
    int number = -1;
    int month = 0;       // of a name
    bool clock = false;  // hour, and minutes behind it
    int minutes = 0;
};

int month_of(std::string_view word) {
    static constexpr const char* names[] = {"jan", "feb", "mar", "apr", "may", "jun",
                                            "jul", "aug", "sep", "oct", "nov", "dec"};
    std::string low;
    for (const char c : word.substr(0, 3)) low += static_cast<char>(c >= 'A' && c <= 'Z' ? c - 'A' + 'a' : c);
    for (int m = 0; m < 12; ++m)
        if (low == names[m]) return m + 1;
    return 0;
}

std::optional<std::vector<Part>> parts_of(std::string_view text) {
    std::vector<Part> out;
    const auto digit = [](char c) { return c >= '0' && c <= '9'; };
    for (size_t i = 0; i < text.size();) {
        size_t end = i;
        if (digit(text[i])) {
            int number = 0;
            for (; end < text.size() && digit(text[end]) && end - i < 3; ++end)
                number = number * 10 + (text[end] - '0');
            Part part;
            part.number = number;
            if (end + 1 < text.size() && text[end] == ':' && digit(text[end + 1])) {
                part.clock = true;
                for (++end; end < text.size() && digit(text[end]) && part.minutes < 60; ++end)
                    part.minutes = part.minutes * 10 + (text[end] - '0');
            }
            out.push_back(part);
        } else if ((text[i] >= 'A' && text[i] <= 'Z') || (text[i] >= 'a' && text[i] <= 'z')) {
            while (end < text.size() &&
                   ((text[end] >= 'A' && text[end] <= 'Z') || (text[end] >= 'a' && text[end] <= 'z')))
                ++end;
            Part part;
            part.month = month_of(text.substr(i, end - i));
            if (part.month == 0) return {};
            out.push_back(part);
        } else {
            ++end;
            if (std::string_view(" .,/-\t").find(text[i]) == std::string_view::npos) return {};
        }
        i = end;
    }
    return out;
}

}  // namespace

std::optional<Moment> read_moment(std::string_view text, const Moment& before) {
    const auto parts = parts_of(text);
    if (!parts || parts->empty()) return {};
    Moment out = before;
    bool named_month = false;
    std::vector<int> numbers;
    for (const Part& part : *parts) {
        if (part.month > 0) {
            if (named_month) return {};
            out.month = part.month;
            named_month = true;
        } else if (part.clock) {
            if (part.number > 24 || part.minutes > 59) return {};
            out.hour = part.number + part.minutes / 60.0;
        } else {
            numbers.push_back(part.number);
        }
    }
    // Day, then month where it has no name, then the hour.
    size_t next = 0;
    if (next < numbers.size()) out.day = numbers[next++];
    if (!named_month && next < numbers.size())
        out.month = numbers[next++];
    else if (!named_month && !numbers.empty())
        return {};
    if (next < numbers.size()) out.hour = numbers[next++];
    if (next < numbers.size() || out.month < 1 || out.month > 12 || out.day < 1 || out.day > days_in(out.month) ||
        out.hour > 24)
        return {};
    return out;
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
