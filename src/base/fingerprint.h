// SPDX-License-Identifier: GPL-3.0-or-later
// A fingerprint is a hash of inputs: equal inputs have equal fingerprints, so a result whose fingerprint still matches
// is current. 128 bits, so that collisions need not be feared; not for cryptography.
#pragma once
#include <bit>
#include <concepts>
#include <cstdint>
#include <string>
#include <string_view>

namespace wp {

struct Fingerprint {
    uint64_t high = 0x6a09e667f3bcc908ull, low = 0xbb67ae8584caa73bull;
    friend constexpr auto operator<=>(const Fingerprint&, const Fingerprint&) = default;

    void add_word(uint64_t word) {
        high = mix(high ^ word);
        low = mix(low + (word ^ 0x9e3779b97f4a7c15ull) + high);
    }
    void add(std::string_view text) {
        add_word(text.size());
        for (size_t i = 0; i < text.size(); i += 8) {
            uint64_t word = 0;
            for (size_t k = 0; k < 8 && i + k < text.size(); ++k)
                word |= static_cast<uint64_t>(static_cast<unsigned char>(text[i + k])) << (8 * k);
            add_word(word);
        }
    }
    void add(double value) { add_word(std::bit_cast<uint64_t>(value == 0 ? 0.0 : value)); }
    template <std::integral I>
    void add(I value) {
        add_word(static_cast<uint64_t>(value));
    }
    void add(const Fingerprint& other) {
        add_word(other.high);
        add_word(other.low);
    }
    /// 32 hexadecimal digits.
    std::string text() const {
        static constexpr char digits[] = "0123456789abcdef";
        std::string out(32, '0');
        for (int i = 0; i < 16; ++i) {
            out[static_cast<size_t>(15 - i)] = digits[(high >> (4 * i)) & 15];
            out[static_cast<size_t>(31 - i)] = digits[(low >> (4 * i)) & 15];
        }
        return out;
    }

 private:
    // The finaliser of SplitMix64.
    static constexpr uint64_t mix(uint64_t z) {
        z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9ull;
        z = (z ^ (z >> 27)) * 0x94d049bb133111ebull;
        return z ^ (z >> 31);
    }
};

}  // namespace wp
