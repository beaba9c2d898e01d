// SPDX-License-Identifier: GPL-3.0-or-later
// How light is laid down on the disk.
#pragma once
#include <algorithm>
#include <cstdint>
#include <cstring>
#include <string>
#include <string_view>
#include <type_traits>
#include <vector>

#include "base/result.h"

namespace wp::light {

// Arrays of plain values, each with its length before it.
class ByteWriter {
 public:
    template <class T>
    void put(const T& value) {
        static_assert(std::is_trivially_copyable_v<T>);
        bytes_.append(reinterpret_cast<const char*>(&value), sizeof value);
    }
    template <class T>
    void put(const std::vector<T>& list) {
        put(static_cast<uint64_t>(list.size()));
        if (!list.empty()) bytes_.append(reinterpret_cast<const char*>(list.data()), list.size() * sizeof(T));
    }
    std::string take() { return std::move(bytes_); }

 private:
    std::string bytes_;
};

class ByteReader {
 public:
    explicit ByteReader(std::string_view bytes) : left_(bytes) {}
    template <class T>
    bool take(T& value) {
        if (left_.size() < sizeof value) return false;
        std::memcpy(&value, left_.data(), sizeof value);
        left_.remove_prefix(sizeof value);
        return true;
    }
    template <class T>
    bool take(std::vector<T>& list) {
        uint64_t n = 0;
        if (!take(n) || n > left_.size() / sizeof(T)) return false;
        list.resize(n);
        if (n > 0) std::memcpy(list.data(), left_.data(), n * sizeof(T));
        left_.remove_prefix(n * sizeof(T));
        return true;
    }
    bool done() const { return left_.empty(); }

 private:
    std::string_view left_;
};

inline const Fault kDamaged{"stored light", "is damaged", "It is traced anew"};

/// Whether these are places in a list of so many, each the end of the one before.
inline bool ascending(const std::vector<uint32_t>& first, size_t last) {
    return !first.empty() && first.front() == 0 && first.back() == last && std::is_sorted(first.begin(), first.end());
}

}  // namespace wp::light
