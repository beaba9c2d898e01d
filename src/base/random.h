// SPDX-License-Identifier: GPL-3.0-or-later
// Low-discrepancy points that are a pure function of (seed, index, dimension): the same bits for any number of threads.
//
// Sobol' (0,2)-sequences, padded pair by pair and Owen-scrambled by hashing: B. Burley, "Practical Hash-based Owen
// Scrambling", Journal of Computer Graphics Techniques 9(4), 2020. Every replicate of an estimate takes another seed,
// so that the spread of the replicates is an honest estimate of the error.
#pragma once
#include <cstdint>

namespace wp::random {

/// Well-mixed 32-bit hash of two words (finaliser of MurmurHash3).
constexpr uint32_t hash(uint32_t a, uint32_t b) {
    uint32_t h = a * 0x9e3779b9u ^ (b + 0x7f4a7c15u) * 0x85ebca6bu;
    h ^= h >> 16;
    h *= 0x85ebca6bu;
    h ^= h >> 13;
    h *= 0xc2b2ae35u;
    return h ^ (h >> 16);
}

constexpr uint32_t reverse_bits(uint32_t x) {
    x = __builtin_bswap32(x);
    x = ((x & 0x0f0f0f0fu) << 4) | ((x >> 4) & 0x0f0f0f0fu);
    x = ((x & 0x33333333u) << 2) | ((x >> 2) & 0x33333333u);
    return ((x & 0x55555555u) << 1) | ((x >> 1) & 0x55555555u);
}

/// Owen scramble of a number whose bits stand in reversed order (Laine-Karras permutation, constants of Burley 2020).
constexpr uint32_t scramble_reversed(uint32_t x, uint32_t seed) {
    x ^= x * 0x3d20adeau;
    x += seed;
    x *= (seed >> 16) | 1u;
    x ^= x * 0x05526c56u;
    x ^= x * 0x53a22864u;
    return x;
}

struct Pair {
    float u, v;  ///< each in [0, 1)
};

constexpr float unit(uint32_t x) { return static_cast<float>(x >> 8) * 0x1p-24f; }

/// Bits of the second Sobol' dimension for index whose bits are given (polynomial x + 1), in reversed bit order: the
/// reversed generator matrix is Pascal's triangle mod 2, applied here by its factorisation into shifts.
constexpr uint32_t sobol1_reversed(uint32_t index) {
    // Column k of the matrix is row k of Pascal's triangle mod 2; doubling steps apply it in five operations.
    index ^= (index & 0xaaaaaaaau) >> 1;
    index ^= (index & 0xccccccccu) >> 2;
    index ^= (index & 0xf0f0f0f0u) >> 4;
    index ^= (index & 0xff00ff00u) >> 8;
    index ^= (index & 0xffff0000u) >> 16;
    return index;
}

/// The index-th point of a scrambled (0,2)-sequence; seed picks the sequence.
constexpr Pair pair(uint32_t seed, uint32_t index) {
    // Shuffle the order of points so that padded pairs do not correlate.
    const uint32_t shuffled = reverse_bits(scramble_reversed(reverse_bits(index), hash(seed, 0u)));
    // The first dimension is the van der Corput sequence: index with reversed bits. In reversed order that is the
    // index.
    const uint32_t x = reverse_bits(scramble_reversed(shuffled, hash(seed, 1u)));
    const uint32_t y = reverse_bits(scramble_reversed(sobol1_reversed(shuffled), hash(seed, 2u)));
    return {unit(x), unit(y)};
}

/// Walks the dimensions of one path. Copies made for branches take other dimensions.
class Stream {
 public:
    constexpr Stream(uint32_t seed, uint32_t index) : seed_(seed), index_(index) {}
    constexpr Pair next() { return pair(hash(seed_, ++dimension_), index_); }
    /// A stream for a branch of the path, with dimensions of its own.
    constexpr Stream branch() { return Stream(hash(seed_ ^ 0x68bc21ebu, ++dimension_), index_); }
    /// The k-th of n streams that together continue one low-discrepancy sequence: for several samples where a path has
    /// one.
    constexpr Stream split(uint32_t k, uint32_t n) const {
        return Stream(hash(seed_ ^ 0x2c1b3c6du, dimension_), index_ * n + k);
    }

 private:
    uint32_t seed_, index_, dimension_ = 0;
};

/// Independent pseudo-random pairs with the same interface: the yardstick that low-discrepancy points are measured by.
class PlainStream {
 public:
    constexpr PlainStream(uint32_t seed, uint32_t index) : seed_(hash(seed, index)) {}
    constexpr Pair next() {
        const uint32_t a = hash(seed_, ++dimension_), b = hash(seed_ ^ 0x2545f491u, ++dimension_);
        return {unit(a), unit(b)};
    }
    constexpr PlainStream branch() { return PlainStream(hash(seed_, ++dimension_), 0x51ed270bu); }
    constexpr PlainStream split(uint32_t k, uint32_t) const {
        return PlainStream(hash(seed_ ^ 0x2c1b3c6du, dimension_), k);
    }

 private:
    uint32_t seed_, dimension_ = 0;
};

}  // namespace wp::random
