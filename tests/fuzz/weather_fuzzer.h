// SPDX-License-Identifier: GPL-3.0-or-later
// A weather year is a megabyte of text: too long to be found by chance. What is fuzzed is a list of edits to a good
// year, a line each:
//   f LINE FIELD TEXT   puts text in the place of a field      l LINE TEXT   in the place of a line
//   d LINE              leaves a line out                      s LINE        puts a line behind the next
//   t BYTES             cuts the text off
// Anything that begins with "LOCATION" is taken as a weather file itself.
#pragma once
#include <cmath>
#include <sstream>
#include <string>
#include <string_view>
#include <vector>

#include "climate/epw.h"
#include "climate/synthetic.h"
#include "fuzz/must.h"

namespace wp::fuzz {

inline const std::vector<std::string>& good_lines() {
    static const std::vector<std::string> lines = [] {
        std::vector<std::string> out;
        std::istringstream text(climate::write_epw(climate::synthetic_year({55.4, -3.1, 0, 4}, "Fuzz", 1)));
        for (std::string line; std::getline(text, line);) out.push_back(line);
        return out;
    }();
    return lines;
}

inline std::string with_field(const std::string& line, size_t field, const std::string& text) {
    size_t begin = 0;
    for (size_t k = 0; k < field && begin != std::string::npos; ++k)
        begin = line.find(',', begin) == std::string::npos ? std::string::npos : line.find(',', begin) + 1;
    if (begin == std::string::npos) return line + "," + text;
    const size_t end = std::min(line.find(',', begin), line.size());
    return line.substr(0, begin) + text + line.substr(end);
}

inline std::string edited(std::string_view edits) {
    auto lines = good_lines();
    size_t cut = std::string::npos;
    std::istringstream in{std::string(edits)};
    for (std::string edit; std::getline(in, edit);) {
        std::istringstream words(edit);
        char what = 0;
        size_t line = 0, field = 0;
        words >> what >> line;
        if (what == 't') cut = line;
        if (lines.empty()) break;
        line %= lines.size();
        if (what == 'f') words >> field;
        std::string text;
        if (words.peek() == ' ') words.get();
        std::getline(words, text);
        if (what == 'f') lines[line] = with_field(lines[line], field % 64, text);
        if (what == 'l') lines[line] = text;
        if (what == 'd') lines.erase(lines.begin() + static_cast<std::ptrdiff_t>(line));
        if (what == 's' && line + 1 < lines.size()) std::swap(lines[line], lines[line + 1]);
    }
    std::string out;
    for (const auto& line : lines) out += line + "\n";
    return out.substr(0, cut);
}

/// What must hold of every weather file.
inline void one_weather(std::string_view input) {
    const auto year = climate::parse_epw(input.substr(0, 8) == "LOCATION" ? std::string(input) : edited(input), "fuzz");
    if (!year) {
        must(!year.fault().place.empty() && !year.fault().what.empty() && !year.fault().remedy.empty());
        return;
    }
    must(year->hours.size() == static_cast<size_t>(climate::kHours));
    for (const auto& h : year->hours) {
        must(std::isfinite(h.dry_bulb) && std::isfinite(h.dew_point));
        must(h.direct_normal >= 0 && h.diffuse_horizontal >= 0 && h.global_horizontal >= 0 &&
             std::isfinite(h.direct_normal + h.diffuse_horizontal + h.global_horizontal));
    }
    if (input.size() % 8 != 0) return;  // the rest is slow, and seldom different
    for (const auto& h : climate::outdoor_year(*year))
        must(std::isfinite(h.diffuse_lux) && std::isfinite(h.direct_lux) && h.diffuse_lux >= 0 && h.direct_lux >= 0);
    must(static_cast<bool>(climate::parse_epw(climate::write_epw(*year), "again")));
}

}  // namespace wp::fuzz
