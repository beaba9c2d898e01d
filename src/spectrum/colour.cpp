// SPDX-License-Identifier: GPL-3.0-or-later
#include "spectrum/colour.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "base/vec.h"
#include "spectrum/light_source.h"
#include "spectrum/observer.h"

namespace wp::spectrum {

namespace {

using Rows = std::array<std::array<double, 3>, 3>;
std::array<double, 3> times(const Rows& m, double a, double b, double c) {
    std::array<double, 3> out{};
    for (size_t i = 0; i < 3; ++i) out[i] = m[i][0] * a + m[i][1] * b + m[i][2] * c;
    return out;
}
Rows inverse(const Rows& m) {
    const auto minor = [&](size_t r, size_t c) {
        const size_t r1 = (r + 1) % 3, r2 = (r + 2) % 3, c1 = (c + 1) % 3, c2 = (c + 2) % 3;
        return m[r1][c1] * m[r2][c2] - m[r1][c2] * m[r2][c1];
    };
    const double all = m[0][0] * minor(0, 0) + m[0][1] * minor(0, 1) + m[0][2] * minor(0, 2);
    Rows out{};
    for (size_t r = 0; r < 3; ++r)
        for (size_t c = 0; c < 3; ++c) out[c][r] = minor(r, c) / all;
    return out;
}

// IEC 61966-2-1.
constexpr Rows kToSrgb = {{{3.2406, -1.5372, -0.4986}, {-0.9689, 1.8758, 0.0415}, {0.0557, -0.2040, 1.0570}}};
constexpr Rows kCat16 = {
    {{0.401288, 0.650173, -0.051461}, {-0.250268, 1.204414, 0.045854}, {-0.002079, 0.048952, 0.953127}}};

double encoded(double v) { return v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055; }
double decoded(double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); }

constexpr double kEdge = 6.0 / 29;
double lab_root(double t) { return t > kEdge * kEdge * kEdge ? std::cbrt(t) : t / (3 * kEdge * kEdge) + 4.0 / 29; }
double lab_cube(double t) { return t > kEdge ? t * t * t : 3 * kEdge * kEdge * (t - 4.0 / 29); }

struct Uv {
    double u, v;
};
Uv uv_of(const Xyz& c) {
    const double d = c.x + 15 * c.y + 3 * c.z;
    return {4 * c.x / d, 6 * c.y / d};
}

}  // namespace

bool Srgb::is_shown() const {
    constexpr double slack = 0.002;
    return std::min({r, g, b}) >= -slack && std::max({r, g, b}) <= 1 + slack;
}

std::string Srgb::hex() const {
    const auto byte = [](double v) { return static_cast<int>(std::lround(255 * std::clamp(v, 0.0, 1.0))); };
    return fmt::format("#{:02x}{:02x}{:02x}", byte(r), byte(g), byte(b));
}

Xyz xyz_of_light(const Spectrum& light) {
    return {integral(Answer::x, light), integral(Answer::y, light), integral(Answer::z, light)};
}

Xyz xyz_of_matter(const Spectrum& matter, const Spectrum& light) {
    const Xyz all = xyz_of_light(light), part = xyz_of_light(matter * light);
    if (!(all.y > 0)) return {};
    return {part.x / all.y, part.y / all.y, part.z / all.y};
}

double visible(const Spectrum& matter) { return xyz_of_matter(matter, d65()).y; }

Lab lab(const Xyz& c, const Xyz& white) {
    const double x = lab_root(c.x / white.x), y = lab_root(c.y / white.y), z = lab_root(c.z / white.z);
    return {116 * y - 16, 500 * (x - y), 200 * (y - z)};
}

Xyz xyz_of_lab(const Lab& c, const Xyz& white) {
    const double y = (c.l + 16) / 116;
    return {white.x * lab_cube(y + c.a / 500), white.y * lab_cube(y), white.z * lab_cube(y - c.b / 200)};
}

double difference(const Lab& p, const Lab& q) {
    const double cab = (std::hypot(p.a, p.b) + std::hypot(q.a, q.b)) / 2;
    const double c7 = std::pow(cab, 7), grow = 0.5 * (1 - std::sqrt(c7 / (c7 + std::pow(25.0, 7))));
    const double a1 = p.a * (1 + grow), a2 = q.a * (1 + grow);
    const double c1 = std::hypot(a1, p.b), c2 = std::hypot(a2, q.b);
    const auto hue = [](double a, double b) {
        if (a == 0 && b == 0) return 0.0;
        const double h = degrees(std::atan2(b, a));
        return h < 0 ? h + 360 : h;
    };
    const double h1 = hue(a1, p.b), h2 = hue(a2, q.b);
    const bool grey = c1 * c2 == 0;
    double dh = grey ? 0 : h2 - h1;
    if (dh > 180) dh -= 360;
    if (dh < -180) dh += 360;
    const double dl = q.l - p.l, dc = c2 - c1, dhh = 2 * std::sqrt(c1 * c2) * std::sin(radians(dh / 2));
    const double lm = (p.l + q.l) / 2, cm = (c1 + c2) / 2;
    double hm = h1 + h2;
    if (!grey) {
        if (std::fabs(h1 - h2) > 180) hm += hm < 360 ? 360 : -360;
        hm /= 2;
    }
    const double t = 1 - 0.17 * std::cos(radians(hm - 30)) + 0.24 * std::cos(radians(2 * hm)) +
                     0.32 * std::cos(radians(3 * hm + 6)) - 0.20 * std::cos(radians(4 * hm - 63));
    const double turn = 30 * std::exp(-std::pow((hm - 275) / 25, 2)), cm7 = std::pow(cm, 7);
    const double rc = 2 * std::sqrt(cm7 / (cm7 + std::pow(25.0, 7)));
    const double l50 = (lm - 50) * (lm - 50);
    const double sl = 1 + 0.015 * l50 / std::sqrt(20 + l50), sc = 1 + 0.045 * cm, sh = 1 + 0.015 * cm * t;
    const double rt = -std::sin(radians(2 * turn)) * rc;
    const double x = dl / sl, y = dc / sc, z = dhh / sh;
    return std::sqrt(std::max(0.0, x * x + y * y + z * z + rt * y * z));
}

Srgb srgb(const Xyz& c) {
    const auto linear = times(kToSrgb, c.x, c.y, c.z);
    return {encoded(linear[0]), encoded(linear[1]), encoded(linear[2])};
}

Xyz xyz_of_srgb(const Srgb& c) {
    static const Rows back = inverse(kToSrgb);
    const auto out = times(back, decoded(c.r), decoded(c.g), decoded(c.b));
    return {out[0], out[1], out[2]};
}

std::optional<Srgb> srgb_of_hex(const std::string& text) {
    if (text.size() != 7 || text[0] != '#' || text.find_first_not_of("0123456789abcdefABCDEF", 1) != std::string::npos)
        return {};
    const auto part = [&](size_t i) { return std::stoi(text.substr(i, 2), nullptr, 16) / 255.0; };
    return Srgb{part(1), part(3), part(5)};
}

Xyz adapted(const Xyz& c, const Xyz& from, const Xyz& to) {
    static const Rows back = inverse(kCat16);
    auto cone = times(kCat16, c.x, c.y, c.z);
    // Whites of one luminance: adaptation is to their colour.
    const auto a = times(kCat16, from.x / from.y, 1, from.z / from.y), b = times(kCat16, to.x / to.y, 1, to.z / to.y);
    for (size_t i = 0; i < 3; ++i) cone[i] *= b[i] / a[i];
    const auto out = times(back, cone[0], cone[1], cone[2]);
    return {out[0], out[1], out[2]};
}

Srgb look_of(const Spectrum& matter, const Spectrum& light) {
    const Xyz white = xyz_of_matter(flat(1), light), screen = xyz_of_matter(flat(1), d65());
    return srgb(adapted(xyz_of_matter(matter, light), white, screen));
}

std::optional<ColourTemperature> colour_temperature(const Xyz& light) {
    if (!(light.x + light.y + light.z > 0)) return {};
    const Uv c = uv_of(light);
    const auto away = [&](double mired) {
        const Uv p = uv_of(xyz_of_light(planckian(1e6 / mired)));
        return std::hypot(c.u - p.u, c.v - p.v);
    };
    // Evenly in mired; then golden section around the nearest.
    constexpr int steps = 120;
    constexpr double low = 10, high = 1000;
    int best = 0;
    double least = 1e9;
    for (int i = 0; i <= steps; ++i)
        if (const double d = away(low + (high - low) * i / steps); d < least) least = d, best = i;
    double a = low + (high - low) * std::max(0, best - 1) / steps,
           b = low + (high - low) * std::min(steps, best + 1) / steps;
    constexpr double golden = 0.6180339887498949;
    while (b - a > 1e-4) {
        const double p = b - golden * (b - a), q = a + golden * (b - a);
        if (away(p) < away(q))
            b = q;
        else
            a = p;
    }
    const double mired = (a + b) / 2;
    const Uv p = uv_of(xyz_of_light(planckian(1e6 / mired)));
    const double duv = std::hypot(c.u - p.u, c.v - p.v);
    constexpr double farthest = 0.05;
    if (duv > farthest || mired < low + 0.1 || mired > high - 0.1) return {};
    return ColourTemperature{1e6 / mired, c.v >= p.v ? duv : -duv};
}

}  // namespace wp::spectrum
