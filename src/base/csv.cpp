// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/csv.h"

#include <algorithm>

namespace wp {

namespace {

// A spreadsheet computes what begins like this, or takes the apostrophe away.
bool starts_a_formula(std::string_view text) {
    return !text.empty() && std::string_view("=+-@'\t\r").find(text.front()) != std::string_view::npos;
}

std::string_view trimmed(std::string_view s) {
    while (!s.empty() && (s.front() == ' ' || s.front() == '\t')) s.remove_prefix(1);
    while (!s.empty() && (s.back() == ' ' || s.back() == '\t')) s.remove_suffix(1);
    return s;
}

std::string_view without_apostrophe(std::string_view text) {
    return text.size() > 1 && text.front() == '\'' && starts_a_formula(text.substr(1)) ? text.substr(1) : text;
}

}  // namespace

std::string csv_field(std::string_view text) {
    const bool quotes = text.find_first_of(",\"\r\n;") != std::string_view::npos ||
                        (!text.empty() && (text.front() == ' ' || text.back() == ' ')) || starts_a_formula(text);
    if (!quotes) return std::string(text);
    std::string out = starts_a_formula(text) ? "\"'" : "\"";
    for (const char c : text) {
        if (c == '"') out += '"';
        out += c;
    }
    return out + '"';
}

CsvReader::CsvReader(std::string_view text) : rest_(text) {
    if (rest_.starts_with("\xef\xbb\xbf")) rest_.remove_prefix(3);
}

Result<bool> CsvReader::next(std::vector<std::string_view>& fields) {
    fields.clear();
    kept_.clear();
    begun_ = line_;
    if (rest_.empty()) return false;
    for (;;) {
        const auto one = field();
        if (!one) return one.fault();
        fields.push_back(*one);
        if (rest_.empty()) return true;
        const char end = rest_.front();
        rest_.remove_prefix(1);
        if (end == ',') continue;
        if (end == '\r' && rest_.starts_with('\n')) rest_.remove_prefix(1);
        ++line_;
        return true;
    }
}

Result<std::string_view> CsvReader::field() {
    const size_t text = std::min(rest_.find_first_not_of(" \t"), rest_.size());
    if (text < rest_.size() && rest_[text] == '"') {
        rest_.remove_prefix(text + 1);
        return quoted();
    }
    const size_t end = std::min(rest_.find_first_of(",\r\n"), rest_.size());
    const std::string_view found = trimmed(rest_.substr(0, end));
    rest_.remove_prefix(end);
    return without_apostrophe(found);
}

Result<std::string_view> CsvReader::quoted() {
    std::string out;
    for (;;) {
        const size_t end = rest_.find('"');
        if (end == std::string_view::npos)
            return Fault{"line " + std::to_string(begun_), "a quotation mark is not closed",
                         "Close it, or leave both out"};
        out += rest_.substr(0, end);
        rest_.remove_prefix(end + 1);
        if (!rest_.starts_with('"')) break;
        out += '"';
        rest_.remove_prefix(1);
    }
    line_ += static_cast<size_t>(std::count(out.begin(), out.end(), '\n'));
    const size_t end = std::min(rest_.find_first_of(",\r\n"), rest_.size());
    if (rest_.substr(0, end).find_first_not_of(" \t") != std::string_view::npos)
        return Fault{"line " + std::to_string(begun_), "text stands behind a closing quotation mark",
                     "Double quotation marks within a field"};
    rest_.remove_prefix(end);
    kept_.push_back(std::move(out));
    return without_apostrophe(kept_.back());
}

}  // namespace wp
