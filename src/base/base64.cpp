// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/base64.h"

#include <array>
#include <cstdint>

namespace wp {

namespace {

constexpr std::string_view kLetters = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";

constexpr std::array<int8_t, 256> values() {
    std::array<int8_t, 256> out{};
    out.fill(-1);
    for (size_t i = 0; i < kLetters.size(); ++i) out[static_cast<unsigned char>(kLetters[i])] = static_cast<int8_t>(i);
    return out;
}
constexpr auto kValues = values();

}  // namespace

std::string to_base64(std::string_view bytes) {
    std::string out;
    out.reserve((bytes.size() + 2) / 3 * 4);
    for (size_t i = 0; i < bytes.size(); i += 3) {
        uint32_t word = 0;
        for (size_t k = 0; k < 3; ++k)
            word = word << 8 | (i + k < bytes.size() ? static_cast<unsigned char>(bytes[i + k]) : 0u);
        for (size_t k = 0; k < 4; ++k) out += i + k > bytes.size() ? '=' : kLetters[word >> (18 - 6 * k) & 63];
    }
    return out;
}

std::optional<std::string> from_base64(std::string_view text) {
    if (text.size() % 4 != 0) return {};
    std::string out;
    out.reserve(text.size() / 4 * 3);
    for (size_t i = 0; i < text.size(); i += 4) {
        const bool is_last = i + 4 == text.size();
        const size_t padding = !is_last ? 0 : text[i + 3] != '=' ? 0 : text[i + 2] != '=' ? 1 : 2;
        uint32_t word = 0;
        for (size_t k = 0; k < 4; ++k) {
            const int value = k >= 4 - padding ? 0 : kValues[static_cast<unsigned char>(text[i + k])];
            if (value < 0) return {};
            word = word << 6 | static_cast<uint32_t>(value);
        }
        for (size_t k = 0; k < 3 - padding; ++k) out += static_cast<char>(word >> (16 - 8 * k) & 255);
    }
    return out;
}

}  // namespace wp
