// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/weather_table.h"

#include <fmt/core.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <fstream>
#include <limits>
#include <optional>

#include "base/csv.h"
#include "base/file.h"
#include "base/text.h"
#include "climate/calendar.h"
#include "climate/epw.h"

namespace wp::climate {

namespace {

constexpr double kMissing = std::numeric_limits<double>::quiet_NaN();
constexpr size_t kMostFiles = 20000;

struct Member {
    const char* id;
    double WeatherHour::*field;
    double low, high;
};
constexpr Member kMembers[] = {
    {"dry_bulb", &WeatherHour::dry_bulb, -90, 99},          {"dew_point", &WeatherHour::dew_point, -90, 99},
    {"global", &WeatherHour::global_horizontal, 0, 2000},   {"direct", &WeatherHour::direct_normal, 0, 2000},
    {"diffuse", &WeatherHour::diffuse_horizontal, 0, 2000}, {"direct_lux", &WeatherHour::direct_lux, 0, 200000},
    {"diffuse_lux", &WeatherHour::diffuse_lux, 0, 200000},  {"cloud", &WeatherHour::cloud, 0, 10}};

std::string lower(std::string_view text) {
    std::string out(text);
    std::ranges::transform(out, out.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return out;
}

std::string_view trimmed(std::string_view s) {
    while (!s.empty() && (s.front() == ' ' || s.front() == '\t')) s.remove_prefix(1);
    while (!s.empty() && (s.back() == ' ' || s.back() == '\t' || s.back() == '\r')) s.remove_suffix(1);
    return s;
}

std::optional<double> number(std::string_view text) {
    text = trimmed(text);
    if (!text.empty() && text.front() == '+') text.remove_prefix(1);
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(value)) return {};
    return value;
}

std::vector<std::string> owned(const std::vector<std::string_view>& fields) {
    std::vector<std::string> out;
    for (const auto f : fields) out.emplace_back(trimmed(f));
    return out;
}

/// Which field has what; -1: none.
struct Places {
    int month = -1, day = -1, hour = -1, date = -1, time = -1;
    std::map<std::string, int> values;
};

// "MM/DD/YYYY" and "HH:MM", hours from 01:00 to 24:00.
std::optional<std::array<int, 3>> tmy_time(std::string_view date, std::string_view time) {
    int month = 0, day = 0, hour = 0;
    date = trimmed(date), time = trimmed(time);
    if (date.size() < 5 || time.size() < 4) return {};
    const auto part = [](std::string_view text, int& out) {
        return std::from_chars(text.data(), text.data() + text.size(), out).ec == std::errc();
    };
    if (!part(date.substr(0, 2), month) || !part(date.substr(3, 2), day) || !part(time.substr(0, 2), hour)) return {};
    return std::array<int, 3>{month, day, hour};
}

class TableReader {
 public:
    TableReader(const std::string& name, Places places) : name_(name), places_(std::move(places)) {
        out_.hours.assign(kHours, WeatherHour{});
        for (auto& hour : out_.hours)
            for (const Member& m : kMembers) hour.*m.field = kMissing;
        filled_.assign(kHours, false);
    }
    WeatherYear& year() { return out_; }

    Outcome row(const std::vector<std::string_view>& f, size_t line) {
        const auto at = slot(f, line);
        if (!at) return at.fault();
        if (*at < 0) return {};
        const auto index = static_cast<size_t>(*at);
        if (filled_[index]) return fault(line, "this hour stands twice", "Remove the line that does not belong");
        filled_[index] = true;
        for (const Member& m : kMembers) {
            const auto place = places_.values.find(m.id);
            if (place == places_.values.end()) continue;
            const auto field = static_cast<size_t>(place->second);
            if (field >= f.size()) return fault(line, "it has too few fields", "Check that the line is whole");
            const auto text = trimmed(f[field]);
            const auto value = number(text);
            if (!value && !text.empty())
                return fault(line, fmt::format("{} is \"{}\", not a number", m.id, plain_text(text, 20)),
                             "Correct the value, or leave the field empty");
            // Codes of what is missing lie far beyond anything that can be.
            if (!value || *value <= -900 || *value >= 9900) continue;
            if (*value < m.low - 0.5 || *value > m.high)
                return fault(line, fmt::format("{} is {:g}, outside {:g} to {:g}", m.id, *value, m.low, m.high),
                             "Correct the value, or leave the field empty");
            out_.hours[index].*m.field = std::max(m.low, *value);
        }
        return {};
    }

    Result<WeatherYear> finish() {
        for (size_t i = 0; i < filled_.size(); ++i)
            if (!filled_[i]) {
                const Moment m = moment_of(static_cast<int>(i / 24), 0);
                return Fault{name_, fmt::format("month {} day {} hour {} is missing", m.month, m.day, i % 24 + 1),
                             "A whole year is needed"};
            }
        if (leap_) out_.notes.push_back("29 February left out: the year has 365 days");
        if (auto fault = fill_gaps(out_)) {
            fault->place = name_ + ", " + fault->place;
            return *fault;
        }
        out_.measured = out_.place;
        return std::move(out_);
    }

 private:
    Fault fault(size_t line, const std::string& what, const char* remedy) const {
        return {fmt::format("{}, line {}", name_, line), what, remedy};
    }
    // Below nought: 29 February.
    Result<int> slot(const std::vector<std::string_view>& f, size_t line) {
        if (places_.date < 0 && places_.month < 0) {
            if (next_ >= kHours) return fault(line, "there are more rows than hours of a year", "A year has 8760 rows");
            return next_++;
        }
        int month = 0, day = 0, hour = 0;
        const auto field = [&](int i) {
            return i >= 0 && static_cast<size_t>(i) < f.size() ? f[static_cast<size_t>(i)] : std::string_view();
        };
        if (places_.date >= 0) {
            const auto t = tmy_time(field(places_.date), field(places_.time));
            if (!t) return fault(line, "date and time are not MM/DD/YYYY and HH:MM", "Correct the line");
            month = (*t)[0], day = (*t)[1], hour = (*t)[2];
        } else {
            const auto m = number(field(places_.month)), d = number(field(places_.day)),
                       h = number(field(places_.hour));
            if (!m || !d || !h) return fault(line, "month, day or hour is no number", "Correct the line");
            month = static_cast<int>(*m), day = static_cast<int>(*d), hour = static_cast<int>(*h);
        }
        if (month == 2 && day == 29) {
            leap_ = true;
            return -1;
        }
        if (month < 1 || month > 12 || day < 1 || day > days_in(month) || hour < 1 || hour > 24)
            return fault(line, fmt::format("month {}, day {}, hour {} is no hour of a year", month, day, hour),
                         "Hours are 1 to 24, the ends of their intervals");
        return (days_before(month) + day - 1) * 24 + hour - 1;
    }

    std::string name_;
    Places places_;
    WeatherYear out_;
    std::vector<bool> filled_;
    int next_ = 0;
    bool leap_ = false;
};

// The field that has a head, in whatever case.
int field_of(const std::vector<std::string>& heads, std::string_view head) {
    for (size_t i = 0; i < heads.size(); ++i)
        if (lower(heads[i]) == lower(head)) return static_cast<int>(i);
    return -1;
}

bool has_irradiance(const Places& p) {
    const auto has = [&](const char* id) { return p.values.contains(id); };
    return static_cast<int>(has("global")) + static_cast<int>(has("direct")) + static_cast<int>(has("diffuse")) >= 2 ||
           has("global");
}

Outcome read_rows(CsvReader& table, TableReader& reader, const std::string& name) {
    std::vector<std::string_view> fields;
    for (;;) {
        const auto more = table.next(fields);
        if (!more) return Fault{name + ", " + more.fault().place, more.fault().what, more.fault().remedy};
        if (!*more) return {};
        if (fields.size() == 1 && trimmed(fields[0]).empty()) continue;
        if (auto fault = reader.row(fields, table.line())) return fault;
    }
}

}  // namespace

const std::vector<WeatherQuantity>& weather_quantities() {
    static const std::vector<WeatherQuantity> all = {
        {"month", "", "Month, 1 to 12"},
        {"day", "", "Day of the month"},
        {"hour", "", "Hour, 1 to 24, at whose end the interval ends"},
        {"dry_bulb", "\u00b0C", "Dry bulb temperature"},
        {"dew_point", "\u00b0C", "Dew point"},
        {"global", "W/m\u00b2", "Global horizontal irradiance"},
        {"direct", "W/m\u00b2", "Direct normal irradiance"},
        {"diffuse", "W/m\u00b2", "Diffuse horizontal irradiance"},
        {"direct_lux", "lx", "Direct normal illuminance"},
        {"diffuse_lux", "lx", "Diffuse horizontal illuminance"},
        {"cloud", "tenths", "Total sky cover"},
    };
    return all;
}

std::map<std::string, std::string> guessed_heads(const std::vector<std::string>& heads) {
    static const std::map<std::string, std::vector<const char*>> words = {
        {"month", {"month"}},
        {"day", {"day"}},
        {"hour", {"hour"}},
        {"dry_bulb", {"dry bulb", "dry-bulb", "drybulb", "temperature", "temp"}},
        {"dew_point", {"dew point", "dew-point", "dewpoint"}},
        {"global", {"ghi", "global horizontal irradiance", "global"}},
        {"direct", {"dni", "direct normal irradiance", "beam normal", "direct"}},
        {"diffuse", {"dhi", "diffuse horizontal irradiance", "diffuse"}},
        {"direct_lux", {"direct normal illuminance", "dn illum"}},
        {"diffuse_lux", {"diffuse horizontal illuminance", "dh illum"}},
        {"cloud", {"total sky cover", "totcld", "cloud"}}};
    std::map<std::string, std::string> out;
    std::vector<bool> taken(heads.size(), false);
    for (const auto& q : weather_quantities())
        for (const char* word : words.at(q.id)) {
            for (size_t i = 0; i < heads.size() && !out.contains(q.id); ++i) {
                if (taken[i] || lower(heads[i]).find(word) == std::string::npos) continue;
                taken[i] = true;
                out[q.id] = heads[i];
            }
        }
    return out;
}

std::vector<std::vector<std::string>> first_rows(std::string_view text, size_t most) {
    CsvReader table(text);
    std::vector<std::string_view> fields;
    std::vector<std::vector<std::string>> out;
    while (out.size() < most) {
        const auto more = table.next(fields);
        if (!more || !*more) break;
        out.push_back(owned(fields));
    }
    return out;
}

int likely_head_row(const std::vector<std::vector<std::string>>& rows) {
    // Of a line of figures most fields are numbers; the heads stand in the last line before them that is as wide.
    for (size_t i = 1; i < rows.size(); ++i) {
        size_t numbers = 0;
        for (const auto& field : rows[i]) numbers += number(field) ? 1 : 0;
        const bool words_before =
            std::ranges::none_of(rows[i - 1], [](const std::string& field) { return number(field).has_value(); });
        if (2 * numbers > rows[i].size() && words_before && rows[i - 1].size() == rows[i].size())
            return static_cast<int>(i);
    }
    return 1;
}

bool is_epw(std::string_view text) {
    if (text.substr(0, 3) == "\xef\xbb\xbf") text.remove_prefix(3);
    return lower(text.substr(0, 8)) == "location";
}

Result<WeatherYear> parse_weather_table(std::string_view text, const std::string& name, const WeatherColumns& columns) {
    CsvReader table(text);
    std::vector<std::string_view> fields;
    std::vector<std::string> heads;
    for (int i = 0; i < std::clamp(columns.head_row, 1, 100); ++i) {
        const auto more = table.next(fields);
        if (!more) return Fault{name + ", " + more.fault().place, more.fault().what, more.fault().remedy};
        if (!*more) return Fault{name, "it ends before its heads", "Say which line has them"};
        heads = owned(fields);
    }
    Places places;
    const auto wanted = columns.heads.empty() ? guessed_heads(heads) : columns.heads;
    for (const auto& [quantity, head] : wanted) {
        const int field = field_of(heads, head);
        if (field < 0)
            return Fault{name, "it has no column \"" + plain_text(head, 60) + "\"", "Its columns: " + joined(heads)};
        if (quantity == "month")
            places.month = field;
        else if (quantity == "day")
            places.day = field;
        else if (quantity == "hour")
            places.hour = field;
        else
            places.values[quantity] = field;
    }
    if ((places.month >= 0) != (places.day >= 0) || (places.month >= 0) != (places.hour >= 0))
        places.month = places.day = places.hour = -1;
    if (!has_irradiance(places))
        return Fault{name, "no column of irradiance is known in it", "Name global, or direct and diffuse irradiance"};
    TableReader reader(name, places);
    reader.year().place = columns.place;
    reader.year().station = columns.station.empty() ? name : columns.station;
    reader.year().source = name;
    if (auto fault = read_rows(table, reader, name)) return *fault;
    return reader.finish();
}

bool is_tmy3(std::string_view text) {
    const size_t first = text.find('\n'), second = first == std::string_view::npos ? first : text.find('\n', first + 1);
    return second != std::string_view::npos &&
           text.substr(first, second - first).find("Date (MM/DD/YYYY)") != std::string_view::npos;
}

Result<WeatherYear> parse_tmy3(std::string_view text, const std::string& name) {
    if (text.substr(0, 3) == "\xef\xbb\xbf") text.remove_prefix(3);
    CsvReader table(text);
    std::vector<std::string_view> fields;
    auto more = table.next(fields);
    if (!more || !*more || fields.size() < 7)
        return Fault{name + ", line 1", "the line of the station has not 7 fields", "Fetch the file again"};
    const auto station = owned(fields);
    WeatherYear about;
    about.station = station[1];
    about.country = station[2];
    about.source = "TMY3 " + station[0];
    const auto zone = number(station[3]), latitude = number(station[4]), longitude = number(station[5]),
               height = number(station[6]);
    if (!zone || !latitude || !longitude || !height || std::fabs(*latitude) > 90 || std::fabs(*longitude) > 180)
        return Fault{name + ", line 1", "time zone, latitude, longitude or elevation cannot be", "Correct the line"};
    about.place.time_zone = *zone, about.place.latitude = *latitude, about.place.longitude = *longitude,
    about.place.elevation = *height;
    more = table.next(fields);
    if (!more || !*more) return Fault{name + ", line 2", "the line of heads is missing", "Fetch the file again"};
    const auto heads = owned(fields);
    Places places;
    places.date = field_of(heads, "Date (MM/DD/YYYY)");
    places.time = field_of(heads, "Time (HH:MM)");
    constexpr std::pair<const char*, const char*> columns[] = {
        {"global", "GHI (W/m^2)"},       {"direct", "DNI (W/m^2)"},        {"diffuse", "DHI (W/m^2)"},
        {"direct_lux", "DN illum (lx)"}, {"diffuse_lux", "DH illum (lx)"}, {"cloud", "TotCld (tenths)"},
        {"dry_bulb", "Dry-bulb (C)"},    {"dew_point", "Dew-point (C)"}};
    for (const auto& [id, head] : columns)
        if (const int field = field_of(heads, head); field >= 0) places.values[id] = field;
    if (places.date < 0 || places.time < 0 || !has_irradiance(places))
        return Fault{name + ", line 2", "columns of date, time or irradiance are missing", "Fetch the file again"};
    TableReader reader(name, places);
    WeatherYear& year = reader.year();
    year.station = about.station, year.country = about.country, year.source = about.source, year.place = about.place;
    if (auto fault = read_rows(table, reader, name)) return *fault;
    return reader.finish();
}

Result<WeatherYear> read_weather(const std::filesystem::path& path) {
    const auto bytes = read_file(path, size_t{64} << 20);
    if (!bytes) return bytes.fault();
    return parse_weather(*bytes, path.filename().string());
}

Result<WeatherYear> parse_weather(std::string_view bytes, const std::string& name) {
    if (is_tmy3(bytes)) return parse_tmy3(bytes, name);
    if (lower(std::filesystem::path(name).extension().string()) == ".csv")
        return Fault{name, "its columns are not known: it is no TMY3", "warmpane-cli weather-from makes an EPW of it"};
    return parse_epw(bytes, name);
}

double kilometres_between(const Place& a, const Place& b) {
    constexpr double radius = 6371;
    const double p = radians(a.latitude), q = radians(b.latitude), d = radians(b.longitude - a.longitude);
    // Haversines: exact for what is near.
    const double h = std::pow(std::sin((q - p) / 2), 2) + std::cos(p) * std::cos(q) * std::pow(std::sin(d / 2), 2);
    return 2 * radius * std::asin(std::min(1.0, std::sqrt(h)));
}

std::vector<WeatherNear> weather_in_folder(const std::filesystem::path& folder, const Place& site) {
    namespace fs = std::filesystem;
    std::vector<WeatherNear> out;
    std::error_code ignored;
    size_t seen = 0;
    for (fs::recursive_directory_iterator at(folder, fs::directory_options::skip_permission_denied, ignored), end;
         at != end && seen < kMostFiles; at.increment(ignored)) {
        ++seen;
        const std::string suffix = lower(at->path().extension().string());
        if (!at->is_regular_file(ignored) || (suffix != ".epw" && suffix != ".csv")) continue;
        std::ifstream in(at->path());
        std::string line;
        std::getline(in, line);
        if (line.size() > 1000) continue;
        CsvReader first(line);
        std::vector<std::string_view> fields;
        if (const auto more = first.next(fields); !more || !*more) continue;
        const auto f = owned(fields);
        const bool epw = !f.empty() && lower(f[0]) == "location" && f.size() >= 10;
        if (!epw && (suffix != ".csv" || f.size() != 7)) continue;
        const auto latitude = number(f[epw ? 6 : 4]), longitude = number(f[epw ? 7 : 5]),
                   height = number(f[epw ? 9 : 6]);
        if (!latitude || !longitude || std::fabs(*latitude) > 90 || std::fabs(*longitude) > 180) continue;
        WeatherNear near;
        near.path = at->path();
        near.station = f[1];
        near.place.latitude = *latitude, near.place.longitude = *longitude, near.place.elevation = height.value_or(0);
        near.kilometres = kilometres_between(site, near.place);
        near.higher = near.place.elevation - site.elevation;
        out.push_back(std::move(near));
    }
    std::ranges::stable_sort(out, {}, &WeatherNear::kilometres);
    return out;
}

}  // namespace wp::climate
