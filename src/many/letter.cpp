// SPDX-License-Identifier: GPL-3.0-or-later
#include "many/letter.h"

#include <charconv>
#include <cstring>

namespace wp::many {

namespace {

constexpr size_t kHead = 1 + 2 * sizeof(uint64_t);
constexpr std::string_view kKinds = "bjcdfkwaeyns";

}  // namespace

std::string write(const Letter& letter) {
    std::string out(kHead, static_cast<char>(letter.kind));
    std::memcpy(out.data() + 1, &letter.of.high, sizeof(uint64_t));
    std::memcpy(out.data() + 1 + sizeof(uint64_t), &letter.of.low, sizeof(uint64_t));
    out.append(letter.bytes);
    return out;
}

std::string write_number(size_t number) { return std::to_string(number); }

size_t read_number(std::string_view bytes) {
    size_t number = 0;
    std::from_chars(bytes.data(), bytes.data() + bytes.size(), number);
    return number;
}

std::optional<Letter> read_letter(std::string_view message) {
    if (message.size() < kHead || kKinds.find(message[0]) == std::string_view::npos) return {};
    Letter out;
    out.kind = static_cast<Letter::Kind>(message[0]);
    std::memcpy(&out.of.high, message.data() + 1, sizeof(uint64_t));
    std::memcpy(&out.of.low, message.data() + 1 + sizeof(uint64_t), sizeof(uint64_t));
    out.bytes = message.substr(kHead);
    return out;
}

}  // namespace wp::many
