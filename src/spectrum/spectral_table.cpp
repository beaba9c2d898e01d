// SPDX-License-Identifier: GPL-3.0-or-later
#include "spectrum/spectral_table.h"

#include <fmt/core.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <optional>

#include "base/csv.h"
#include "base/text.h"

namespace wp::spectrum {

namespace {

constexpr size_t kMostLines = 100000, kMostColumns = 200;
constexpr double kMicrometres = 10;  // wavelengths below are in um
constexpr double kPerCent = 1.5;     // shares beyond are per cent

std::optional<double> number(std::string_view text) {
    if (!text.empty() && text.front() == '+') text.remove_prefix(1);
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(value)) return {};
    return value;
}

// Commas part fields, unless semicolons do: then they may be decimal commas.
std::vector<std::string> fields_of(std::string_view line) {
    const bool semicolons = line.find(';') != std::string_view::npos;
    std::vector<std::string> out;
    std::string field;
    const auto end = [&] {
        if (!field.empty()) out.push_back(std::exchange(field, {}));
    };
    for (const char c : line) {
        const bool parts = c == '\t' || c == ' ' || c == '\r' || c == ';' || (c == ',' && !semicolons);
        if (parts)
            end();
        else if (c != '"')
            field += c == ',' ? '.' : c;
    }
    end();
    return out;
}

bool is_note(std::string_view line) {
    const size_t at = line.find_first_not_of(" \t\r");
    return at == std::string_view::npos || std::string_view("#;!{").find(line[at]) != std::string_view::npos;
}

// The heads of columns keep their blanks: they are parted as the figures are, but by words of several.
std::vector<std::string> heads_of(std::string_view line, size_t columns) {
    for (const char by : {';', ',', '\t'}) {
        std::vector<std::string> out;
        size_t from = 0;
        for (size_t at = 0; at <= line.size(); ++at)
            if (at == line.size() || line[at] == by) {
                std::string head(line.substr(from, at - from));
                std::erase_if(head, [](char c) { return c == '"' || c == '\r'; });
                const size_t first = head.find_first_not_of(' ');
                out.push_back(first == std::string::npos
                                  ? ""
                                  : as_utf8(head.substr(first, head.find_last_not_of(' ') + 1 - first)));
                from = at + 1;
            }
        if (out.size() == columns) return out;
    }
    auto plain = fields_of(line);
    return plain.size() == columns ? plain : std::vector<std::string>();
}

class TableParser {
 public:
    TableParser(std::string_view text, const std::string& name) : text_(text), name_(name) {}

    Result<SpectralTable> parse() {
        if (text_.substr(0, 3) == "\xef\xbb\xbf") text_.remove_prefix(3);
        size_t line = 0;
        while (!text_.empty()) {
            const size_t end = text_.find('\n');
            const std::string_view one = text_.substr(0, end);
            text_.remove_prefix(end == std::string_view::npos ? text_.size() : end + 1);
            if (++line > kMostLines) return fault(line, "it has more than 100 000 lines", "Give fewer wavelengths");
            if (is_note(one)) continue;
            if (auto wrong = take(one, line)) return *wrong;
        }
        return finish();
    }

 private:
    Fault fault(size_t line, const std::string& what, const char* remedy) const {
        return {fmt::format("{}, line {}", name_, line), what, remedy};
    }

    Outcome take(std::string_view line, size_t at) {
        const auto fields = fields_of(line);
        if (fields.size() > kMostColumns) return fault(at, "it has more than 200 columns", "Give fewer");
        const bool figures = !fields.empty() && number(fields[0]).has_value();
        if (!figures && out_.nm.empty()) {
            heads_ = line;
            return {};
        }
        if (!figures)
            return fault(at, "\"" + plain_text(fields.empty() ? "" : fields[0], 20) + "\" is no wavelength",
                         "Correct the line");
        if (out_.columns.empty()) {
            if (fields.size() < 2) return fault(at, "there is no value beside the wavelength", "Give two columns");
            out_.columns.resize(fields.size() - 1);
        }
        if (fields.size() != out_.columns.size() + 1)
            return fault(at, fmt::format("it has {} fields in place of {}", fields.size(), out_.columns.size() + 1),
                         "Check that the line is whole");
        for (size_t i = 1; i < fields.size(); ++i) {
            const auto value = number(fields[i]);
            if (!value) return fault(at, "\"" + plain_text(fields[i], 20) + "\" is no number", "Correct the value");
            out_.columns[i - 1].push_back(*value);
        }
        out_.nm.push_back(*number(fields[0]));
        if (out_.nm.size() > 1 && !(out_.nm.back() > out_.nm[out_.nm.size() - 2]))
            return fault(at, "its wavelength is not above the one before", "Order the lines by wavelength");
        return {};
    }

    Result<SpectralTable> finish() {
        if (out_.nm.empty())
            return Fault{name_, "there are no figures in it", "Give wavelengths and values in columns"};
        if (out_.nm.back() < kMicrometres) {
            for (double& nm : out_.nm) nm *= 1000;
            out_.notes.emplace_back("wavelengths were taken to be in \u00b5m");
        }
        if (out_.nm.front() > kLongest || out_.nm.back() < kShortest)
            return Fault{name_, "nothing of it lies between 380 and 780 nm", "Give wavelengths in nm or \u00b5m"};
        if (out_.nm.front() > kShortest + kStep || out_.nm.back() < kLongest - kStep)
            out_.notes.push_back(fmt::format("it is told from {:g} to {:g} nm: beyond, its ends were taken",
                                             out_.nm.front(), out_.nm.back()));
        if (auto heads = heads_of(heads_, out_.columns.size() + 1); !heads.empty())
            out_.heads.assign(heads.begin() + 1, heads.end());
        return std::move(out_);
    }

    std::string_view text_;
    std::string name_;
    std::string heads_;
    SpectralTable out_;
};

std::vector<std::pair<double, double>> points_of_column(const SpectralTable& table, size_t column, double by) {
    std::vector<std::pair<double, double>> out;
    for (size_t i = 0; i < table.nm.size(); ++i) out.emplace_back(table.nm[i], by * table.columns[column][i]);
    return out;
}

}  // namespace

Result<SpectralTable> parse_spectral_table(std::string_view text, const std::string& name) {
    return TableParser(text, name).parse();
}

Result<Spectrum> matter_of(SpectralTable& table, size_t column, const std::string& name) {
    double most = 0;
    for (const double v : table.columns[column]) most = std::max(most, v);
    const double by = most > kPerCent ? 0.01 : 1;
    if (by != 1) table.notes.emplace_back("values were taken to be per cent");
    for (size_t i = 0; i < table.nm.size(); ++i) {
        const double v = by * table.columns[column][i];
        // Instruments drift by a little below nought.
        if (v < -0.01 || v > 1.0001)
            return Fault{name, fmt::format("{:g} at {:g} nm cannot be: shares lie from 0 to 1", v, table.nm[i]),
                         "Correct the value"};
    }
    Spectrum out = from_points(points_of_column(table, column, by));
    for (double& v : out) v = std::clamp(v, 0.0, 1.0);
    return out;
}

Result<Spectrum> light_of(const SpectralTable& table, size_t column, const std::string& name) {
    for (size_t i = 0; i < table.nm.size(); ++i)
        if (table.columns[column][i] < 0)
            return Fault{name, fmt::format("at {:g} nm there is less than no light", table.nm[i]), "Correct the value"};
    auto points = points_of_column(table, column, 1);
    // Light that is not told is not there.
    if (points.front().first > kShortest) points.insert(points.begin(), {points.front().first - 1e-6, 0.0});
    if (points.back().first < kLongest) points.emplace_back(points.back().first + 1e-6, 0.0);
    return from_points(points);
}

std::string spectra_csv(const std::vector<std::string>& heads, std::span<const Spectrum> spectra) {
    std::string out = "nm";
    for (const auto& head : heads) out += "," + csv_field(head);
    out += "\n";
    for (size_t i = 0; i < kWavelengths; ++i) {
        out += fmt::format("{:g}", wavelength(i));
        for (const Spectrum& s : spectra) out += fmt::format(",{:.6g}", s[i]);
        out += "\n";
    }
    return out;
}

}  // namespace wp::spectrum
