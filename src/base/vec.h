// SPDX-License-Identifier: GPL-3.0-or-later
// Points and directions. Metres; x east, y north, z up. Double precision outside the ray kernels.
#pragma once
#include <cmath>

namespace wp {

inline constexpr double kPi = 3.14159265358979323846;
inline constexpr double radians(double degrees) { return degrees * kPi / 180.0; }
inline constexpr double degrees(double radians) { return radians * 180.0 / kPi; }

template <class T>
struct Vec2T {
    T x{}, y{};
    friend constexpr Vec2T operator+(Vec2T a, Vec2T b) { return {a.x + b.x, a.y + b.y}; }
    friend constexpr Vec2T operator-(Vec2T a, Vec2T b) { return {a.x - b.x, a.y - b.y}; }
    friend constexpr Vec2T operator*(Vec2T a, T s) { return {a.x * s, a.y * s}; }
    friend constexpr bool operator==(Vec2T a, Vec2T b) = default;
};

template <class T>
struct Vec3T {
    T x{}, y{}, z{};
    friend constexpr Vec3T operator+(Vec3T a, Vec3T b) { return {a.x + b.x, a.y + b.y, a.z + b.z}; }
    friend constexpr Vec3T operator-(Vec3T a, Vec3T b) { return {a.x - b.x, a.y - b.y, a.z - b.z}; }
    friend constexpr Vec3T operator-(Vec3T a) { return {-a.x, -a.y, -a.z}; }
    friend constexpr Vec3T operator*(Vec3T a, T s) { return {a.x * s, a.y * s, a.z * s}; }
    friend constexpr bool operator==(Vec3T a, Vec3T b) = default;
    template <class U>
    constexpr Vec3T<U> as() const {
        return {static_cast<U>(x), static_cast<U>(y), static_cast<U>(z)};
    }
};

using Vec2 = Vec2T<double>;
using Vec3 = Vec3T<double>;
using Vec3f = Vec3T<float>;

template <class T>
constexpr T dot(Vec2T<T> a, Vec2T<T> b) {
    return a.x * b.x + a.y * b.y;
}
/// Twice the signed area of the triangle 0, a, b: positive when b lies left of a.
template <class T>
constexpr T cross(Vec2T<T> a, Vec2T<T> b) {
    return a.x * b.y - a.y * b.x;
}
template <class T>
constexpr T dot(Vec3T<T> a, Vec3T<T> b) {
    return a.x * b.x + a.y * b.y + a.z * b.z;
}
template <class T>
constexpr Vec3T<T> cross(Vec3T<T> a, Vec3T<T> b) {
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}
template <class V>
auto length(V a) {
    return std::sqrt(dot(a, a));
}
template <class V>
V normalized(V a) {
    return a * (1 / length(a));
}

/// Unit vector towards an azimuth (radians, clockwise from +y) and altitude (radians from the horizon).
inline Vec3 direction(double azimuth, double altitude) {
    return {std::sin(azimuth) * std::cos(altitude), std::cos(azimuth) * std::cos(altitude), std::sin(altitude)};
}

}  // namespace wp
