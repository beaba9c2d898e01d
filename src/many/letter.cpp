// SPDX-License-Identifier: GPL-3.0-or-later
#include "many/letter.h"

#include <cstring>

namespace wp::many {

namespace {

constexpr size_t kHead = 1 + 2 * sizeof(uint64_t);
constexpr std::string_view kKinds = "bcdfkwaeyns";

}  // namespace

std::string write(const Letter& letter) {
    std::string out(kHead, static_cast<char>(letter.kind));
    std::memcpy(out.data() + 1, &letter.of.high, sizeof(uint64_t));
    std::memcpy(out.data() + 1 + sizeof(uint64_t), &letter.of.low, sizeof(uint64_t));
    out.append(letter.bytes);
    return out;
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
