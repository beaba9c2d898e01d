// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/step_file.h"

#include <fmt/core.h>

#include <algorithm>
#include <charconv>
#include <cmath>

namespace wp::incoming {

namespace {

constexpr int kDeepestList = 32;  // lists within lists
constexpr size_t kMostInstances = 20000000;

bool is_space(char c) { return c == ' ' || c == '\n' || c == '\r' || c == '\t'; }
bool is_letter(char c) { return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z') || c == '_'; }
bool is_digit(char c) { return c >= '0' && c <= '9'; }

void add_utf8(std::string& out, uint32_t c) {
    if (c < 0x80) {
        out += static_cast<char>(c);
    } else if (c < 0x800) {
        out += static_cast<char>(0xc0 | c >> 6);
        out += static_cast<char>(0x80 | (c & 63));
    } else if (c < 0x10000) {
        out += static_cast<char>(0xe0 | c >> 12);
        out += static_cast<char>(0x80 | (c >> 6 & 63));
        out += static_cast<char>(0x80 | (c & 63));
    } else if (c < 0x110000) {
        out += static_cast<char>(0xf0 | c >> 18);
        out += static_cast<char>(0x80 | (c >> 12 & 63));
        out += static_cast<char>(0x80 | (c >> 6 & 63));
        out += static_cast<char>(0x80 | (c & 63));
    }
}

std::optional<uint32_t> hex_at(std::string_view text, size_t at, size_t digits) {
    if (at + digits > text.size()) return {};
    uint32_t value = 0;
    const auto [end, error] = std::from_chars(text.data() + at, text.data() + at + digits, value, 16);
    if (error != std::errc() || end != text.data() + at + digits) return {};
    return value;
}

// Control directives of part 21: \S\c, \X\hh, \X2\hhhh...\X0\, \X4\hhhhhhhh...\X0\; doubled apostrophes.
std::string decoded(std::string_view raw) {
    std::string out;
    for (size_t i = 0; i < raw.size();) {
        if (raw[i] == '\'' && i + 1 < raw.size()) {
            out += '\'';
            i += 2;
        } else if (raw.substr(i, 3) == "\\S\\" && i + 3 < raw.size()) {
            add_utf8(out, static_cast<uint32_t>(static_cast<unsigned char>(raw[i + 3])) + 128);
            i += 4;
        } else if (raw.substr(i, 3) == "\\X\\") {
            const auto c = hex_at(raw, i + 3, 2);
            if (c) add_utf8(out, *c);
            i += c ? 5 : 3;
        } else if (raw.substr(i, 4) == "\\X2\\" || raw.substr(i, 4) == "\\X4\\") {
            const size_t digits = raw[i + 2] == '2' ? 4 : 8;
            i += 4;
            while (const auto c = hex_at(raw, i, digits)) {
                // A pair of surrogates is one character.
                const auto low = digits == 4 && *c >= 0xd800 && *c < 0xdc00 ? hex_at(raw, i + 4, 4) : std::nullopt;
                if (low && *low >= 0xdc00 && *low < 0xe000) {
                    add_utf8(out, 0x10000 + ((*c - 0xd800) << 10) + (*low - 0xdc00));
                    i += 4;
                } else if (*c < 0xd800 || *c >= 0xe000) {
                    add_utf8(out, *c);
                }
                i += digits;
            }
            if (raw.substr(i, 4) == "\\X0\\") i += 4;
        } else {
            out += raw[i++];
        }
    }
    return out;
}

// Reads values from text; false where they are damaged.
class Parser {
 public:
    explicit Parser(std::string_view text) : text_(text) {}

    void skip() {
        for (;;) {
            while (at_ < text_.size() && is_space(text_[at_])) ++at_;
            if (text_.substr(at_, 2) != "/*") return;
            const size_t end = text_.find("*/", at_ + 2);
            at_ = end == std::string_view::npos ? text_.size() : end + 2;
        }
    }
    bool take(char c) {
        skip();
        if (at_ >= text_.size() || text_[at_] != c) return false;
        ++at_;
        return true;
    }
    bool is_at_end() {
        skip();
        return at_ >= text_.size();
    }
    std::string word() {
        skip();
        const size_t from = at_;
        while (at_ < text_.size() && (is_letter(text_[at_]) || (at_ > from && is_digit(text_[at_])))) ++at_;
        std::string out(text_.substr(from, at_ - from));
        std::ranges::transform(out, out.begin(), [](unsigned char c) { return static_cast<char>(std::toupper(c)); });
        return out;
    }
    bool list(std::vector<StepValue>& out, int depth = 0) {
        if (depth > kDeepestList || !take('(')) return false;
        if (take(')')) return true;
        do {
            out.emplace_back();
            if (!value(out.back(), depth + 1)) return false;
        } while (take(','));
        return take(')');
    }

 private:
    bool value(StepValue& out, int depth) {
        skip();
        if (at_ >= text_.size()) return false;
        const char c = text_[at_];
        if (c == '$' || c == '*') {
            ++at_;
            out.kind = c == '$' ? StepValue::Kind::nothing : StepValue::Kind::derived;
            return true;
        }
        if (c == '(') {
            out.kind = StepValue::Kind::list;
            return list(out.items, depth);
        }
        if (c == '\'') return text(out);
        if (c == '#') return reference(out);
        if (c == '.') return enumeration(out);
        if (c == '"') return binary(out);
        if (is_letter(c)) {
            out.kind = StepValue::Kind::typed;
            out.text = word();
            return list(out.items, depth);
        }
        return number(out);
    }
    bool text(StepValue& out) {
        const size_t from = ++at_;
        for (; at_ < text_.size(); ++at_) {
            if (text_[at_] != '\'') continue;
            if (at_ + 1 < text_.size() && text_[at_ + 1] == '\'') {
                ++at_;
                continue;
            }
            out.kind = StepValue::Kind::text;
            out.text = decoded(text_.substr(from, at_ - from));
            ++at_;
            return true;
        }
        return false;
    }
    bool binary(StepValue& out) {
        const size_t end = text_.find('"', at_ + 1);
        if (end == std::string_view::npos) return false;
        out.kind = StepValue::Kind::derived;
        at_ = end + 1;
        return true;
    }
    bool reference(StepValue& out) {
        const auto [end, error] = std::from_chars(text_.data() + at_ + 1, text_.data() + text_.size(), out.reference);
        if (error != std::errc()) return false;
        out.kind = StepValue::Kind::reference;
        at_ = static_cast<size_t>(end - text_.data());
        return true;
    }
    bool enumeration(StepValue& out) {
        const size_t end = text_.find('.', at_ + 1);
        if (end == std::string_view::npos || end - at_ > 100) return false;
        out.kind = StepValue::Kind::word;
        out.text = std::string(text_.substr(at_ + 1, end - at_ - 1));
        at_ = end + 1;
        return true;
    }
    bool number(StepValue& out) {
        if (text_[at_] == '+') ++at_;
        const auto [end, error] = std::from_chars(text_.data() + at_, text_.data() + text_.size(), out.number);
        if (error != std::errc() || !std::isfinite(out.number)) return false;
        out.kind = StepValue::Kind::number;
        at_ = static_cast<size_t>(end - text_.data());
        return true;
    }

    std::string_view text_;
    size_t at_ = 0;
};

// Where a statement ends: the semicolon outside of texts and comments; npos where there is none.
size_t end_of(std::string_view text, size_t from) {
    for (size_t i = from; i < text.size(); ++i) {
        if (text[i] == ';') return i;
        if (text[i] == '\'') {
            i = text.find('\'', i + 1);
            if (i == std::string_view::npos) return i;
        } else if (text[i] == '/' && text.substr(i, 2) == "/*") {
            i = text.find("*/", i + 2);
            if (i == std::string_view::npos) return i;
            ++i;
        }
    }
    return std::string_view::npos;
}

}  // namespace

std::optional<double> StepValue::as_number() const {
    if (kind == Kind::number) return number;
    if (kind == Kind::typed && items.size() == 1) return items[0].as_number();
    return {};
}

std::vector<uint64_t> StepValue::as_references() const {
    std::vector<uint64_t> out;
    if (kind == Kind::reference) out.push_back(reference);
    for (const StepValue& item : items)
        if (item.kind == Kind::reference) out.push_back(item.reference);
    return out;
}

const StepValue& StepInstance::at(size_t i) const {
    static const StepValue nothing;
    return i < values.size() ? values[i] : nothing;
}

StepInstance StepFile::get(uint64_t id) const {
    StepInstance out;
    const auto place = places_.find(id);
    if (place == places_.end()) return out;
    Parser parser(std::string_view(text_).substr(place->second.first, place->second.second));
    const std::string type = parser.word();
    if (parser.list(out.values)) out.type = type;
    return out;
}

const std::vector<uint64_t>& StepFile::of_type(std::string_view type) const {
    static const std::vector<uint64_t> none;
    const auto found = types_.find(std::string(type));
    return found != types_.end() ? found->second : none;
}

Result<StepFile> StepFile::read(std::string given, const std::string& name, const Cancel& cancel,
                                const Progress& progress) {
    StepFile out;
    out.text_ = std::move(given);
    const std::string_view text = out.text_;
    const auto fault = [&](size_t at, const std::string& what) {
        const auto line =
            1 + std::count(text.begin(), text.begin() + static_cast<std::ptrdiff_t>(std::min(at, text.size())), '\n');
        return Fault{fmt::format("{}, line {}", name, line), what, "Write the file again"};
    };
    Parser begin(text.substr(0, 100));
    begin.skip();
    if (text.substr(0, 4096).find("ISO-10303-21") == std::string_view::npos)
        return Fault{name, "it is no STEP file (ISO 10303-21)", "Choose an IFC file in clear text"};
    const size_t data = text.find("DATA;");
    if (data == std::string_view::npos) return fault(0, "it has no section of data");
    const size_t schema = text.substr(0, data).find("FILE_SCHEMA");
    if (schema != std::string_view::npos) {
        const size_t from = text.find('\'', schema),
                     to = from == std::string_view::npos ? from : text.find('\'', from + 1);
        if (to != std::string_view::npos && to < data) out.schema_ = std::string(text.substr(from + 1, to - from - 1));
    }
    size_t at = data + 5;
    for (size_t n = 0;; ++n) {
        if (n % 4096 == 0) {
            if (cancel.requested()) return Fault{name, "reading was cancelled", ""};
            if (progress) progress(static_cast<double>(at) / static_cast<double>(text.size()));
        }
        while (at < text.size() && is_space(text[at])) ++at;
        if (text.substr(at, 2) == "/*") {
            at = text.find("*/", at + 2);
            if (at == std::string_view::npos) return fault(text.size(), "a comment does not end");
            at += 2;
            continue;
        }
        if (text.substr(at, 6) == "ENDSEC") break;
        if (at >= text.size()) return fault(at, "it ends in the middle: the end of its data is missing");
        if (text[at] != '#') return fault(at, "here is no instance");
        uint64_t id = 0;
        const auto [end, error] = std::from_chars(text.data() + at + 1, text.data() + text.size(), id);
        if (error != std::errc() || id == 0) return fault(at, "an instance has no number");
        size_t from = static_cast<size_t>(end - text.data());
        while (from < text.size() && is_space(text[from])) ++from;
        if (from >= text.size() || text[from] != '=') return fault(at, fmt::format("#{} has no \"=\"", id));
        const size_t stop = end_of(text, ++from);
        if (stop == std::string_view::npos) return fault(at, fmt::format("#{} does not end", id));
        while (from < stop && is_space(text[from])) ++from;
        Parser parser(text.substr(from, stop - from));
        const std::string type = parser.word();
        // Instances of several types at once tell nothing of buildings.
        if (!type.empty()) {
            StepInstance whole;
            if (!parser.list(whole.values) || !parser.is_at_end())
                return fault(at, fmt::format("the values of #{} ({}) are damaged", id, type));
            if (!out.places_.try_emplace(id, from, stop - from).second)
                return fault(at, fmt::format("#{} stands twice", id));
            out.types_[type].push_back(id);
        }
        if (out.places_.size() > kMostInstances) return fault(at, "it has too many instances");
        at = stop + 1;
    }
    return out;
}

}  // namespace wp::incoming
