// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/epw.h"

#include <fmt/core.h>

#include <algorithm>
#include <array>
#include <cctype>
#include <charconv>
#include <cmath>
#include <limits>
#include <optional>

#include "base/file.h"
#include "base/log.h"
#include "base/text.h"

namespace wp::climate {

namespace {

constexpr double kMissing = std::numeric_limits<double>::quiet_NaN();
using Fields = std::vector<std::string_view>;

std::string_view trimmed(std::string_view s) {
    while (!s.empty() && (s.front() == ' ' || s.front() == '\t')) s.remove_prefix(1);
    while (!s.empty() && (s.back() == ' ' || s.back() == '\t' || s.back() == '\r')) s.remove_suffix(1);
    return s;
}

Fields split(std::string_view line) {
    Fields fields;
    size_t begin = 0;
    for (size_t i = 0; i <= line.size(); ++i)
        if (i == line.size() || line[i] == ',') {
            fields.push_back(trimmed(line.substr(begin, i - begin)));
            begin = i + 1;
        }
    return fields;
}

// Walks lines with \n or \r\n; counts from 1.
class Lines {
 public:
    explicit Lines(std::string_view text) : rest_(text) {}
    std::optional<std::string_view> next() {
        if (rest_.empty()) return {};
        ++number_;
        const size_t end = rest_.find('\n');
        std::string_view line = rest_.substr(0, end);
        rest_.remove_prefix(end == std::string_view::npos ? rest_.size() : end + 1);
        if (!line.empty() && line.back() == '\r') line.remove_suffix(1);
        return line;
    }
    int number() const { return number_; }

 private:
    std::string_view rest_;
    int number_ = 0;
};

std::optional<double> number(std::string_view s) {
    if (!s.empty() && s.front() == '+') s.remove_prefix(1);
    double value = 0;
    const auto [end, error] = std::from_chars(s.data(), s.data() + s.size(), value);
    if (error != std::errc() || end != s.data() + s.size() || !std::isfinite(value)) return {};
    return value;
}

struct Header {
    WeatherYear weather;
    int records_per_hour = 1;
};

struct Reader {
    std::string name;
    Lines lines;
    std::vector<std::string> summer_line{};

    Fault fault(int field, const std::string& what, const std::string& remedy) const {
        std::string place = fmt::format("{}, line {}", name, lines.number());
        if (field > 0) place += fmt::format(", field {}", field);
        return {place, what, remedy};
    }
    Result<Fields> header_line(std::string_view keyword) {
        const auto line = lines.next();
        const std::string wanted(keyword);
        if (!line)
            return Fault{name, "the file ends before the header line " + wanted,
                         "Fetch the file again: it is cut short"};
        Fields fields = split(*line);
        if (line->find(';') != std::string_view::npos && fields.size() == 1)
            return fault(1, "fields are separated by semicolons",
                         "Save the file with commas between fields and full stops in numbers");
        if (fields[0] != keyword)
            return fault(1, fmt::format("this is not the header line {}, which is due here", wanted),
                         "Check that this is an EPW file, with commas between its fields and eight header lines");
        return fields;
    }
};

// A comma at the end of a line is let pass.
bool has_more(const Fields& fields, size_t due) {
    return fields.size() > due + 1 || (fields.size() == due + 1 && !fields.back().empty());
}

Outcome read_location(Reader& in, Header& header) {
    auto line = in.header_line("LOCATION");
    if (!line) return line.fault();
    const Fields& f = *line;
    if (f.size() < 10)
        return in.fault(0, fmt::format("LOCATION has {} fields of 10", f.size()), "Fetch the file again");
    if (has_more(f, 10))
        return in.fault(0, fmt::format("LOCATION has {} fields, 10 are due", f.size()),
                        "Write numbers with full stops, and names without commas");
    auto& w = header.weather;
    w.station = as_utf8(f[1]);
    w.country = as_utf8(f[3]);
    w.source = as_utf8(f[4]);
    struct Range {
        double Place::*field;
        size_t index;
        double low, high;
        const char* name;
    };
    static constexpr std::array<Range, 4> ranges = {{{&Place::latitude, 6, -90, 90, "latitude"},
                                                     {&Place::longitude, 7, -180, 180, "longitude"},
                                                     {&Place::time_zone, 8, -12, 14, "time zone"},
                                                     {&Place::elevation, 9, -1000, 9999.9, "elevation"}}};
    for (const Range& r : ranges) {
        const auto value = number(f[r.index]);
        if (!value || *value < r.low || *value > r.high)
            return in.fault(static_cast<int>(r.index) + 1,
                            fmt::format("{} is \"{}\", not a number from {} to {}", r.name, plain_text(f[r.index], 20),
                                        r.low, r.high),
                            "Correct it in the file's first line");
        w.place.*r.field = *value;
    }
    return {};
}

std::string lower(std::string_view text) {
    std::string out(text);
    std::ranges::transform(out, out.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return out;
}

constexpr std::array<std::string_view, 7> kWeekdays = {"monday", "tuesday",  "wednesday", "thursday",
                                                       "friday", "saturday", "sunday"};
constexpr std::array<std::string_view, 12> kMonths = {"jan", "feb", "mar", "apr", "may", "jun",
                                                      "jul", "aug", "sep", "oct", "nov", "dec"};

template <size_t N>
int place_in(const std::array<std::string_view, N>& words, std::string_view word) {
    for (size_t i = 0; i < N; ++i)
        if (word.starts_with(words[i])) return static_cast<int>(i);
    return -1;
}

std::vector<std::string> words_of(const std::string& text) {
    std::vector<std::string> words;
    for (size_t begin = 0; (begin = text.find_first_not_of(' ', begin)) != std::string::npos;) {
        const size_t end = std::min(text.find(' ', begin), text.size());
        words.push_back(text.substr(begin, end - begin));
        begin = end;
    }
    return words;
}

// "3/29", or "last sunday in march", "2nd sunday in march"; first: weekday of 1 January, below 0 where it is not known.
std::optional<Moment> summer_day(const std::string& text, int first) {
    if (const size_t slash = text.find('/'); slash != std::string::npos) {
        const auto month = number(trimmed(std::string_view(text).substr(0, slash))),
                   day = number(trimmed(std::string_view(text).substr(slash + 1)));
        if (!month || !day || *month < 1 || *month > 12 || *day < 1 || *day > days_in(static_cast<int>(*month)))
            return {};
        return Moment{static_cast<int>(*month), static_cast<int>(*day), 2};
    }
    const auto words = words_of(text);
    if (words.size() < 3 || first < 0) return {};
    const int weekday = place_in(kWeekdays, words[1]), month = place_in(kMonths, words.back()) + 1;
    const bool last = words[0] == "last";
    if (weekday < 0 || month < 1 || (!last && (words[0][0] < '1' || words[0][0] > '5'))) return {};
    int day = 1 + (weekday - (first + days_before(month)) % 7 + 7) % 7;
    day += last ? 7 * ((days_in(month) - day) / 7) : 7 * (words[0][0] - '1');
    if (day > days_in(month)) return {};
    return Moment{month, day, 2};
}

// What cannot be read counts as none: the building's own calendar is what is computed by.
void read_summer_time(const Reader& in, const std::string& first_weekday, WeatherYear& weather) {
    if (in.summer_line.size() < 4) return;
    const int first = place_in(kWeekdays, first_weekday);
    const auto from = summer_day(lower(in.summer_line[2]), first), to = summer_day(lower(in.summer_line[3]), first);
    if (from && to) weather.summer_time = {*from, *to};
}

Outcome read_header(Reader& in, Header& header) {
    if (auto fault = read_location(in, header)) return fault;
    for (const auto* keyword : {"DESIGN CONDITIONS", "TYPICAL/EXTREME PERIODS", "GROUND TEMPERATURES",
                                "HOLIDAYS/DAYLIGHT SAVINGS", "COMMENTS 1", "COMMENTS 2"}) {
        auto line = in.header_line(keyword);
        if (!line) return line.fault();
        if (std::string_view(keyword) == "HOLIDAYS/DAYLIGHT SAVINGS") in.summer_line = {line->begin(), line->end()};
        if (std::string_view(keyword) == "COMMENTS 1" && line->size() > 1) header.weather.comment = as_utf8((*line)[1]);
    }
    auto periods = in.header_line("DATA PERIODS");
    if (!periods) return periods.fault();
    const Fields& f = *periods;
    const auto number_at = [&](size_t i) { return f.size() > i ? number(f[i]).value_or(0) : 0.0; };
    const double count = number_at(1), records = number_at(2);
    if (!(count >= 1))
        return in.fault(2, "the number of data periods is not a number", "Correct the DATA PERIODS line");
    if (!(records >= 1 && records <= 60) || std::floor(records) != records || 60 % static_cast<int>(records) != 0)
        return in.fault(3, "records per hour must be a whole number that divides 60", "Correct the DATA PERIODS line");
    header.records_per_hour = static_cast<int>(records);
    read_summer_time(in, f.size() > 4 ? lower(f[4]) : std::string(), header.weather);
    return {};
}

struct Column {
    double WeatherHour::*field;
    size_t index;
    double missing;  // values from here on mean: missing
    double low, high;
    const char* name;
};

constexpr std::array<Column, 8> kColumns = {{
    {&WeatherHour::dry_bulb, 6, 99.9, -90, 99.8, "dry bulb temperature"},
    {&WeatherHour::dew_point, 7, 99.9, -90, 99.8, "dew point"},
    {&WeatherHour::global_horizontal, 13, 9999, 0, 2000, "global horizontal irradiance"},
    {&WeatherHour::direct_normal, 14, 9999, 0, 2000, "direct normal irradiance"},
    {&WeatherHour::diffuse_horizontal, 15, 9999, 0, 2000, "diffuse horizontal irradiance"},
    {&WeatherHour::direct_lux, 17, 999900, 0, 200000, "direct normal illuminance"},
    {&WeatherHour::diffuse_lux, 18, 999900, 0, 200000, "diffuse horizontal illuminance"},
    {&WeatherHour::cloud, 22, 99, 0, 10, "total sky cover"},
}};

// One data line into its values; NaN where missing.
Outcome read_values(const Reader& in, const Fields& f, WeatherHour& out) {
    for (const Column& c : kColumns) {
        const auto value = number(f[c.index]);
        if (!value && !f[c.index].empty())
            return in.fault(static_cast<int>(c.index) + 1,
                            fmt::format("{} is \"{}\", not a number", c.name, plain_text(f[c.index], 20)),
                            "Correct the value, or put the missing code there");
        if (!value || *value >= c.missing || *value <= -9999) {
            out.*c.field = kMissing;
            continue;
        }
        if (*value < c.low || *value > c.high)
            return in.fault(static_cast<int>(c.index) + 1,
                            fmt::format("{} is {}, outside {} to {}", c.name, *value, c.low, c.high),
                            "Correct the value, or put the missing code there");
        out.*c.field = *value;
    }
    return {};
}

struct Slot {
    int month, day, hour, year;
};

Result<Slot> read_slot(const Reader& in, const Fields& f, int records_per_hour) {
    if (f.size() < 34)
        return in.fault(0, fmt::format("{} fields where 35 are due", f.size()),
                        "Check that fields are parted by commas and the line is whole");
    if (has_more(f, 35))
        return in.fault(0, fmt::format("{} fields where 35 are due", f.size()),
                        "Write numbers with full stops: a decimal comma parts a number into two fields");
    constexpr const char* names[] = {"year", "month", "day", "hour", "minute"};
    int values[5];
    constexpr int low[] = {1, 1, 1, 1, 0}, high[] = {9999, 12, 31, 24, 60};
    for (int i = 0; i < 5; ++i) {
        const auto value = number(f[static_cast<size_t>(i)]);
        if (!value || std::floor(*value) != *value || *value < low[i] || *value > high[i])
            return in.fault(i + 1,
                            fmt::format("{} is \"{}\", not a whole number from {} to {}", names[i],
                                        plain_text(f[static_cast<size_t>(i)], 20), low[i], high[i]),
                            "Correct the value");
        values[i] = static_cast<int>(*value);
    }
    const int month = values[1], day = values[2];
    const bool leap_day = month == 2 && day == 29;
    if (day > days_in(month) && !leap_day)
        return in.fault(3, fmt::format("month {} has no day {}", month, day), "Correct the date");
    // Sub-hourly files label records by the minute; a few count the full hour as minute 0 of the next.
    if (records_per_hour > 1 && values[4] % (60 / records_per_hour) != 0)
        return in.fault(5, fmt::format("minute {} does not fit {} records an hour", values[4], records_per_hour),
                        "Correct the minute or the DATA PERIODS line");
    return Slot{month, day, values[3], values[0]};
}

void add(WeatherHour& sum, const WeatherHour& one) {
    for (const Column& c : kColumns) sum.*c.field += one.*c.field;
}

}  // namespace

Result<WeatherYear> parse_epw(std::string_view text, const std::string& name) {
    if (text.substr(0, 3) == "\xef\xbb\xbf") text.remove_prefix(3);
    Reader in{name, Lines(text)};
    Header header;
    if (auto fault = read_header(in, header)) return *fault;
    WeatherYear& weather = header.weather;
    weather.hours.assign(kHours, WeatherHour{});
    std::vector<int> records(kHours, 0);
    size_t leap_records = 0;
    int last = -1;
    while (const auto line = in.lines.next()) {
        if (trimmed(*line).empty()) continue;
        const Fields fields = split(*line);
        const auto slot = read_slot(in, fields, header.records_per_hour);
        if (!slot) return slot.fault();
        weather.first_year = weather.first_year == 0 ? slot->year : std::min(weather.first_year, slot->year);
        weather.last_year = std::max(weather.last_year, slot->year);
        WeatherHour hour;
        if (auto fault = read_values(in, fields, hour)) return *fault;
        if (slot->month == 2 && slot->day == 29) {
            ++leap_records;
            continue;
        }
        const int index = (days_before(slot->month) + slot->day - 1) * 24 + slot->hour - 1;
        if (records[static_cast<size_t>(index)] >= header.records_per_hour)
            return in.fault(4, fmt::format("month {} day {} hour {} stands twice", slot->month, slot->day, slot->hour),
                            "Remove the line that does not belong");
        if (last >= 0 && index != last && index != (last + 1) % kHours)
            return in.fault(4,
                            fmt::format("month {} day {} hour {} does not follow the line before", slot->month,
                                        slot->day, slot->hour),
                            "Put the lines in order of time, without gaps");
        last = index;
        add(weather.hours[static_cast<size_t>(index)], hour);
        ++records[static_cast<size_t>(index)];
    }
    for (int i = 0; i < kHours; ++i) {
        const int have = records[static_cast<size_t>(i)];
        if (have != header.records_per_hour) {
            const Moment m = moment_of(i / 24, 0);
            return Fault{fmt::format("{}, after line {}", name, in.lines.number()),
                         fmt::format("month {} day {} hour {} has {} of {} records", m.month, m.day, i % 24 + 1, have,
                                     header.records_per_hour),
                         "A whole year is needed; fetch the file again or choose another"};
        }
        for (const Column& c : kColumns) weather.hours[static_cast<size_t>(i)].*c.field /= header.records_per_hour;
    }
    if (leap_records > 0) weather.notes.push_back("29 February left out: the year has 365 days");
    if (header.records_per_hour > 1)
        weather.notes.push_back(fmt::format("{} records an hour averaged to hours", header.records_per_hour));
    if (auto fault = fill_gaps(weather)) {
        fault->place = name + ", " + fault->place;
        return *fault;
    }
    weather.measured = weather.place;
    return std::move(weather);
}

Result<WeatherYear> read_epw(const std::filesystem::path& path) {
    const auto bytes = read_file(path, size_t{64} << 20);
    if (!bytes) return bytes.fault();
    log(LogOf::climate, "weather file {}, {} bytes", path.string(), bytes->size());
    return parse_epw(*bytes, path.filename().string());
}

namespace {

// A file of this kind knows no quotation: what parts fields or lines is left out.
std::string as_field(const std::string& text) {
    std::string out = plain_text(text);
    std::ranges::replace(out, ',', ' ');
    return out;
}

}  // namespace

std::string write_epw(const WeatherYear& weather) {
    const Place& p = weather.place;
    std::string out = fmt::format("LOCATION,{},-,{},{},000000,{:.2f},{:.2f},{:.1f},{:.1f}\n", as_field(weather.station),
                                  as_field(weather.country), as_field(weather.source), p.latitude, p.longitude,
                                  p.time_zone, p.elevation);
    out += "DESIGN CONDITIONS,0\nTYPICAL/EXTREME PERIODS,0\nGROUND TEMPERATURES,0\n";
    const auto day = [](const Moment& m) { return fmt::format("{}/{}", m.month, m.day); };
    out += fmt::format("HOLIDAYS/DAYLIGHT SAVINGS,No,{},{},0\n",
                       weather.summer_time ? day(weather.summer_time->first) : "0",
                       weather.summer_time ? day(weather.summer_time->second) : "0");
    out += fmt::format("COMMENTS 1,{}\nCOMMENTS 2,\n", as_field(weather.comment));
    out += "DATA PERIODS,1,1,Data,Sunday,1/1,12/31\n";
    const auto or_code = [](double v, double code) { return std::isnan(v) ? code : v; };
    const auto suns = sun_of_year(p);
    for (int i = 0; i < kHours; ++i) {
        const WeatherHour& h = weather.hours[static_cast<size_t>(i)];
        const Moment m = moment_of(i / 24, 0);
        const SunHour& sun = suns[static_cast<size_t>(i)];
        const double outside = sun.sunlit > 0 ? extraterrestrial_normal(sun.sun.distance) * sun.sunlit : 0;
        const double global_lux = std::isnan(h.direct_lux) || std::isnan(h.diffuse_lux)
                                      ? 999999
                                      : h.diffuse_lux + h.direct_lux * std::max(0.0, std::sin(sun.sun.altitude));
        const double humidity =
            100 * std::exp(17.625 * h.dew_point / (243.04 + h.dew_point) - 17.625 * h.dry_bulb / (243.04 + h.dry_bulb));
        out += fmt::format("2023,{},{},{},60,?9?9?9?9E0?9?9?9?9?9?9?9?9?9?9?9?9?9?9?9*9*9?9?9?9,", m.month, m.day,
                           i % 24 + 1);
        out += fmt::format("{:.1f},{:.1f},{:.0f},101325,{:.0f},{:.0f},9999,{:.0f},{:.0f},{:.0f},", h.dry_bulb,
                           h.dew_point, std::min(100.0, humidity), outside * std::max(0.0, std::sin(sun.sun.altitude)),
                           outside, or_code(h.global_horizontal, 9999), or_code(h.direct_normal, 9999),
                           or_code(h.diffuse_horizontal, 9999));
        out += fmt::format(
            "{:.0f},{:.0f},{:.0f},9999,999,999,{:.0f},99,9999,99999,9,999999999,999,.999,999,99,999,999,99\n",
            global_lux, or_code(h.direct_lux, 999999), or_code(h.diffuse_lux, 999999), or_code(h.cloud, 99));
    }
    return out;
}

}  // namespace wp::climate
