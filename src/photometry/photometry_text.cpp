// SPDX-License-Identifier: GPL-3.0-or-later
#include "photometry/photometry_text.h"

#include <fmt/core.h>

#include <charconv>
#include <cmath>

#include "base/file.h"
#include "base/text.h"

namespace wp::photometry {

std::string_view trimmed(std::string_view s) {
    constexpr std::string_view kBlanks = " \t\r\f\v";
    const size_t from = s.find_first_not_of(kBlanks);
    if (from == std::string_view::npos) return {};
    return s.substr(from, s.find_last_not_of(kBlanks) - from + 1);
}

std::vector<std::string_view> lines_of(std::string_view text) {
    std::vector<std::string_view> out;
    while (!text.empty()) {
        const size_t end = text.find('\n');
        out.push_back(trimmed(text.substr(0, end)));
        if (end == std::string_view::npos) break;
        text.remove_prefix(end + 1);
    }
    return out;
}

std::optional<double> number_of(std::string_view text) {
    std::string plain(trimmed(text));
    for (char& c : plain)
        if (c == ',') c = '.';
    std::string_view rest = plain;
    if (!rest.empty() && rest.front() == '+') rest.remove_prefix(1);
    double value = 0;
    const auto [end, error] = std::from_chars(rest.data(), rest.data() + rest.size(), value);
    if (error != std::errc() || end != rest.data() + rest.size() || !std::isfinite(value)) return {};
    return value;
}

Fault fault_at(const std::string& name, size_t line, std::string_view what, const char* remedy) {
    return {fmt::format("{}, line {}", name, line), std::string(what), remedy};
}

Outcome judged(const std::string& name, size_t line, double value, const Expected& e) {
    if (value < e.low || value > e.high)
        return fault_at(name, line, fmt::format("{} is {:g}, outside {:g} to {:g}", e.what, value, e.low, e.high),
                        "Correct the value, or ask the maker for a sound file");
    if (e.whole && value != std::floor(value))
        return fault_at(name, line, fmt::format("{} is {:g}, not a whole number", e.what, value),
                        "Correct the value, or ask the maker for a sound file");
    return {};
}

Outcome check_angles(const std::string& name, size_t line, const std::vector<double>& angles, const char* what,
                     double low, double high) {
    for (size_t i = 0; i < angles.size(); ++i) {
        if (angles[i] < low || angles[i] > high)
            return fault_at(name, line,
                            fmt::format("{} has {:g} degrees, outside {:g} to {:g}", what, angles[i], low, high),
                            "Correct the angle, or ask the maker for a sound file");
        if (i > 0 && angles[i] <= angles[i - 1])
            return fault_at(name, line,
                            fmt::format("{} do not rise: {:g} follows {:g} degrees", what, angles[i], angles[i - 1]),
                            "Angles stand in rising order; correct them, or ask the maker for a sound file");
    }
    return {};
}

Result<PhotometryFile> parse_photometry(std::string_view text, const std::string& name) {
    // LM-63 has its line of the tilt; EULUMDAT has numbers alone after its first line.
    for (const std::string_view line : lines_of(text.substr(0, 65536)))
        if (line.starts_with("TILT=") || line.starts_with("IES")) return parse_lm63(text, name);
    return parse_eulumdat(text, name);
}

Result<PhotometryFile> read_photometry(const std::filesystem::path& path) {
    const auto bytes = read_file(path, size_t{8} << 20);
    if (!bytes) return bytes.fault();
    auto out = parse_photometry(as_utf8(*bytes), path.filename().string());
    if (out && out->type.name.empty()) out->type.name = plain_text(path.stem().string(), 100);
    if (out) out->type.source = plain_text(path.filename().string(), 200);
    return out;
}

}  // namespace wp::photometry
