// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text.h"

#include <algorithm>
#include <cstdint>
#include <cstdio>
#include <optional>

namespace wp {

namespace {

constexpr size_t kLongestName = 60;

struct Character {
    char32_t code = 0;
    size_t bytes = 1;
};

// None where the bytes are no UTF-8: cut short, longer than needed, half of a surrogate pair, out of range.
std::optional<Character> first_of(std::string_view text) {
    const auto byte = [&](size_t i) { return static_cast<unsigned char>(text[i]); };
    const unsigned char lead = byte(0);
    if (lead < 0x80) return Character{lead, 1};
    const size_t bytes = lead >= 0xf0 ? 4 : lead >= 0xe0 ? 3 : 2;
    if (lead < 0xc2 || lead > 0xf4 || bytes > text.size()) return {};
    char32_t code = lead & (0x7fu >> bytes);
    for (size_t i = 1; i < bytes; ++i) {
        if ((byte(i) & 0xc0) != 0x80) return {};
        code = code << 6 | (byte(i) & 0x3fu);
    }
    const char32_t least = bytes == 4 ? 0x10000 : bytes == 3 ? 0x800 : 0x80;
    if (code < least || code > 0x10ffff || (code >= 0xd800 && code < 0xe000)) return {};
    return Character{code, bytes};
}

bool is_utf8(std::string_view text) {
    while (!text.empty()) {
        const auto c = first_of(text);
        if (!c) return false;
        text.remove_prefix(c->bytes);
    }
    return true;
}

// Control characters, and those that turn the direction of writing or hide text.
bool commands(char32_t c) {
    return c < 0x20 || (c >= 0x7f && c < 0xa0) || c == 0x200e || c == 0x200f || c == 0x2028 || c == 0x2029 ||
           (c >= 0x202a && c <= 0x202e) || (c >= 0x2066 && c <= 0x2069) || c == 0xfeff;
}

std::string without_commands(std::string_view text, bool lines) {
    std::string out;
    while (!text.empty()) {
        const auto c = first_of(text);
        const bool stays = c && (!commands(c->code) || (lines && c->code == '\n'));
        if (stays)
            out.append(text.substr(0, c->bytes));
        else
            out += '?';
        text.remove_prefix(c ? c->bytes : 1);
    }
    return out;
}

// Not within a character.
size_t cut_before(std::string_view text, size_t at) {
    while (at > 0 && at < text.size() && (static_cast<unsigned char>(text[at]) & 0xc0) == 0x80) --at;
    return at;
}

// FNV-1a of 64 bits.
uint64_t digest(std::string_view text) {
    uint64_t hash = 0xcbf29ce484222325u;
    for (const char c : text) hash = (hash ^ static_cast<unsigned char>(c)) * 0x100000001b3u;
    return hash;
}

bool fits_a_name(char c) {
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') || c == '_' || c == '-';
}

}  // namespace

std::string as_utf8(std::string_view bytes) {
    if (is_utf8(bytes)) return std::string(bytes);
    std::string out;
    for (const char c : bytes) {
        const auto byte = static_cast<unsigned char>(c);
        if (byte < 0x80) {
            out += c;
            continue;
        }
        out += static_cast<char>(0xc0 | byte >> 6);
        out += static_cast<char>(0x80 | (byte & 0x3f));
    }
    return out;
}

std::string plain_text(std::string_view text, size_t most) {
    if (text.size() <= most) return without_commands(text, false);
    const size_t half = most / 2;
    const size_t end = cut_before(text, half), begin = cut_before(text, text.size() - half);
    return without_commands(text.substr(0, end), false) + " ... " + without_commands(text.substr(begin), false);
}

std::string plain_lines(std::string_view text) { return without_commands(text, true); }

std::string joined(const std::vector<std::string>& texts, std::string_view between) {
    std::string out;
    for (const auto& text : texts) {
        if (&text != &texts.front()) out += between;
        out += text;
    }
    return out;
}

std::string file_name_of(std::string_view id) {
    const bool stays =
        !id.empty() && id.size() <= kLongestName && id.front() != '-' && std::ranges::all_of(id, fits_a_name);
    if (stays) return std::string(id);
    std::string name;
    for (const char c : id.substr(0, kLongestName)) name += fits_a_name(c) ? c : '_';
    if (name.empty() || name.front() == '-') name.insert(0, "_");
    char digits[20];
    std::snprintf(digits, sizeof digits, "~%016llx", static_cast<unsigned long long>(digest(id)));
    return name + digits;
}

}  // namespace wp
