// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/sky.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>
#include <vector>

namespace wp::climate {

namespace {

constexpr std::array<SkyShape, 15> kGeneral = {{
    {4.0, -0.70, 0, -1.0, 0},
    {4.0, -0.70, 2, -1.5, 0.15},
    {1.1, -0.8, 0, -1.0, 0},
    {1.1, -0.8, 2, -1.5, 0.15},
    {0, -1.0, 0, -1.0, 0},
    {0, -1.0, 2, -1.5, 0.15},
    {0, -1.0, 5, -2.5, 0.30},
    {0, -1.0, 10, -3.0, 0.45},
    {-1.0, -0.55, 2, -1.5, 0.15},
    {-1.0, -0.55, 5, -2.5, 0.30},
    {-1.0, -0.55, 10, -3.0, 0.45},
    {-1.0, -0.32, 10, -3.0, 0.45},
    {-1.0, -0.32, 16, -3.0, 0.30},
    {-1.0, -0.15, 16, -3.0, 0.30},
    {-1.0, -0.15, 24, -2.8, 0.15},
}};

// Perez, Seals, Michalsky 1993, table 1: per clearness bin the coefficients x1..x4 of a, b, c, d, e.
constexpr double kPerez[8][5][4] = {
    {{1.3525, -0.2576, -0.2690, -1.4366},
     {-0.7670, 0.0007, 1.2734, -0.1233},
     {2.8000, 0.6004, 1.2375, 1.0000},
     {1.8734, 0.6297, 0.9738, 0.2809},
     {0.0356, -0.1246, -0.5718, 0.9938}},
    {{-1.2219, -0.7730, 1.4148, 1.1016},
     {-0.2054, 0.0367, -3.9128, 0.9156},
     {6.9750, 0.1774, 6.4477, -0.1239},
     {-1.5798, -0.5081, -1.7812, 0.1080},
     {0.2624, 0.0672, -0.2190, -0.4285}},
    {{-1.1000, -0.2515, 0.8952, 0.0156},
     {0.2782, -0.1812, -4.5000, 1.1766},
     {24.7219, -13.0812, -37.7000, 34.8438},
     {-5.0000, 1.5218, 3.9229, -2.6204},
     {-0.0156, 0.1597, 0.4199, -0.5562}},
    {{-0.5484, -0.6654, -0.2672, 0.7117},
     {0.7234, -0.6219, -5.6812, 2.6297},
     {33.3389, -18.3000, -62.2500, 52.0781},
     {-3.5000, 0.0016, 1.1477, 0.1062},
     {0.4659, -0.3296, -0.0876, -0.0329}},
    {{-0.6000, -0.3566, -2.5000, 2.3250},
     {0.2937, 0.0496, -5.6812, 1.8415},
     {21.0000, -4.7656, -21.5906, 7.2492},
     {-3.5000, -0.1554, 1.4062, 0.3988},
     {0.0032, 0.0766, -0.0656, -0.1294}},
    {{-1.0156, -0.3670, 1.0078, 1.4051},
     {0.2875, -0.5328, -3.8500, 3.3750},
     {14.0000, -0.9999, -7.1406, 7.5469},
     {-3.4000, -0.1078, -1.0750, 1.5702},
     {-0.0672, 0.4016, 0.3017, -0.4844}},
    {{-1.0000, 0.0211, 0.5025, -0.5119},
     {-0.3000, 0.1922, 0.7023, -1.6317},
     {19.0000, -5.0000, 1.2438, -1.9094},
     {-4.0000, 0.0250, 0.3844, 0.2656},
     {1.0468, -0.3788, -2.4517, 1.4656}},
    {{-1.0500, 0.0289, 0.4260, 0.3590},
     {-0.3250, 0.1156, 0.7781, 0.0025},
     {31.0625, -14.5000, -46.1148, 55.3750},
     {-7.2312, 0.4050, 13.3500, 0.6234},
     {1.5000, -0.6426, 1.8564, 0.5636}},
};

constexpr std::array<double, 7> kBins = {1.065, 1.23, 1.5, 1.95, 2.8, 4.5, 6.2};

// Perez et al. 1990, table 4: coefficients a, b, c, d of the diffuse and of the direct efficacy.
constexpr double kDiffuse[8][4] = {{97.24, -0.46, 12.00, -8.91},   {107.22, 1.15, 0.59, -3.95},
                                   {104.97, 2.96, -5.53, -8.77},   {102.39, 5.59, -13.95, -13.90},
                                   {100.71, 5.94, -22.75, -23.74}, {106.42, 3.83, -36.15, -28.83},
                                   {141.88, 1.90, -53.24, -14.03}, {152.23, 0.35, -45.27, -7.98}};
constexpr double kDirect[8][4] = {{57.20, -4.55, -2.98, 117.12}, {98.99, -3.46, -1.21, 12.38},
                                  {109.83, -4.90, -1.71, -8.81}, {110.34, -5.84, -1.99, -4.56},
                                  {106.36, -3.97, -1.75, -6.16}, {107.19, -1.25, -1.51, -26.73},
                                  {105.75, 0.77, -1.26, -34.44}, {101.18, 1.58, -1.10, -8.29}};

SkyShape perez_shape(double epsilon, double delta, double zenith) {
    size_t bin = 0;
    while (bin < 7 && epsilon >= kBins[bin]) ++bin;
    const auto& k = kPerez[bin];
    const auto linear = [&](int i) { return k[i][0] + k[i][1] * zenith + delta * (k[i][2] + k[i][3] * zenith); };
    SkyShape shape{linear(0), linear(1), linear(2), linear(3), linear(4)};
    if (bin == 0) {
        shape.c = std::exp(std::pow(std::max(0.0, delta * (k[2][0] + k[2][1] * zenith)), k[2][2])) - k[2][3];
        shape.d = -std::exp(delta * (k[3][0] + k[3][1] * zenith)) + k[3][2] + delta * k[3][3];
    }
    return shape;
}

// The 1993 indicatrix has no term at 90 degrees: f = 1 + c exp(d chi) + e cos^2 chi. Writing C = c, the CIE form
// 1 + c (exp(d chi) - exp(d pi/2)) + e cos^2 differs by a constant; dividing by (1 + c exp(d pi/2)) makes them equal.
SkyShape as_general(const SkyShape& perez) {
    const double scale = 1 + perez.c * std::exp(perez.d * kPi / 2);
    if (scale <= 1e-6) return perez;
    return {perez.a, perez.b, perez.c / scale, perez.d, perez.e / scale};
}

}  // namespace

const SkyShape& cie_shape(int type) {
    if (type < 1 || type > 15) throw std::logic_error("sky type out of 1 to 15");
    return kGeneral[static_cast<size_t>(type - 1)];
}

namespace {

// Perez' fits may turn negative in odd corners; light cannot.
double gradation(const SkyShape& s, double cos_zenith) {
    return std::max(0.0, 1 + s.a * std::exp(s.b / std::max(cos_zenith, 0.01)));
}
double indicatrix(const SkyShape& s, double chi, double cosine) {
    return std::max(0.0, 1 + s.c * (std::exp(s.d * chi) - std::exp(s.d * kPi / 2)) + s.e * cosine * cosine);
}

}  // namespace

double relative_luminance(const SkyShape& s, double cos_zenith, double cos_sun) {
    const double clamped = std::clamp(cos_sun, -1.0, 1.0);
    return gradation(s, cos_zenith) * indicatrix(s, std::acos(clamped), clamped);
}

Indicatrix::Indicatrix(const SkyShape& shape) {
    for (int i = 0; i <= kSteps; ++i) {
        const double s = static_cast<double>(i) / kSteps;
        table_[static_cast<size_t>(i)] = indicatrix(shape, 2 * std::asin(s), 1 - 2 * s * s);
    }
}

Sky::Sky(Kind kind, SkyShape shape, double diffuse_lux, Vec3 sun, int rings)
    : kind_(kind), shape_(shape), diffuse_lux_(diffuse_lux), sun_(sun) {
    if (kind == Kind::uniform) {
        scale_ = diffuse_lux / kPi;
        return;
    }
    if (kind == Kind::overcast) {
        // (1 + 2 sin g)/3 carries 7 pi / 9 on the horizontal.
        scale_ = diffuse_lux * 9.0 / (7.0 * kPi);
        return;
    }
    // Midpoint rule in sin^2(altitude), where cos-weighted solid angle is uniform, and in azimuth from the sun.
    const int steps = rings;
    double sum = 0;
    const Indicatrix by_sun(shape);
    std::vector<double> from_sun;
    for (int j = 0; j < steps; ++j)
        from_sun.push_back(std::cos(kPi * (j + 0.5) / steps));  // symmetric, so half the turn is enough
    const double sun_horizontal = std::hypot(sun.x, sun.y);
    for (int i = 0; i < rings; ++i) {
        const double s2 = (i + 0.5) / rings, cz = std::sqrt(s2), horizontal = std::sqrt(1 - s2);
        double ring = 0;
        for (const double cosine : from_sun) ring += by_sun.at(cz * sun.z + horizontal * sun_horizontal * cosine);
        sum += gradation(shape, cz) * ring;
    }
    const double carried = kPi * sum / (rings * steps);
    scale_ = carried > 0 ? diffuse_lux / carried : 0;
}

Sky Sky::cie(int type, double diffuse_lux, Vec3 sun, int rings) {
    if (type == 16) return {Kind::overcast, {}, diffuse_lux, sun, 0};
    return {Kind::general, cie_shape(type), diffuse_lux, sun, rings};
}

Sky Sky::uniform(double diffuse_lux) { return {Kind::uniform, {}, diffuse_lux, {0, 0, 1}, 0}; }

Sky Sky::all_weather(double epsilon, double delta, double diffuse_lux, Vec3 sun, int rings) {
    const double zenith = std::acos(std::clamp(sun.z, 0.0, 1.0));
    const SkyShape shape =
        as_general(perez_shape(std::clamp(epsilon, 1.0, 12.0), std::clamp(delta, 0.01, 0.6), zenith));
    return {Kind::general, shape, diffuse_lux, sun, rings};
}

double Sky::luminance(Vec3 direction) const {
    if (direction.z < 0) return 0;
    switch (kind_) {
        case Kind::uniform:
            return scale_;
        case Kind::overcast:
            return scale_ * (1 + 2 * direction.z) / 3;
        case Kind::general:
            return scale_ * relative_luminance(shape_, direction.z, dot(direction, sun_));
    }
    return 0;
}

double Sky::by_height(double cos_zenith) const {
    switch (kind_) {
        case Kind::uniform:
            return scale_;
        case Kind::overcast:
            return scale_ * (1 + 2 * cos_zenith) / 3;
        case Kind::general:
            return scale_ * gradation(shape_, cos_zenith);
    }
    return 0;
}

Indicatrix Sky::by_angle() const { return Indicatrix(kind_ == Kind::general ? shape_ : SkyShape{0, 0, 0, 0, 0}); }

Clearness clearness(double diffuse, double direct_normal, double zenith, double extraterrestrial) {
    const double cube = 1.041 * zenith * zenith * zenith;
    const double epsilon = diffuse > 0 ? ((diffuse + direct_normal) / diffuse + cube) / (1 + cube) : 1.0;
    // Relative optical air mass, Kasten and Young, Applied Optics 28 (1989) 4735-4738.
    const double altitude = degrees(kPi / 2 - zenith);
    const double air_mass = 1 / (std::sin(radians(std::max(altitude, 0.0))) +
                                 0.50572 * std::pow(std::max(altitude, 0.0) + 6.07995, -1.6364));
    int bin = 0;
    while (bin < 7 && epsilon >= kBins[static_cast<size_t>(bin)]) ++bin;
    return {epsilon, air_mass * diffuse / extraterrestrial, bin};
}

namespace {
// Precipitable water in cm from the dew point, Perez et al. 1990 (after Wright et al. 1989).
double water(double dew_point) { return std::exp(0.07 * dew_point - 0.075); }
}  // namespace

double diffuse_efficacy(const Clearness& sky, double zenith, double dew_point) {
    const auto& k = kDiffuse[sky.bin];
    return std::max(
        0.0, k[0] + k[1] * water(dew_point) + k[2] * std::cos(zenith) + k[3] * std::log(std::max(sky.delta, 0.01)));
}

double direct_efficacy(const Clearness& sky, double zenith, double dew_point) {
    const auto& k = kDirect[sky.bin];
    return std::max(0.0, k[0] + k[1] * water(dew_point) + k[2] * std::exp(5.73 * zenith - 5) + k[3] * sky.delta);
}

}  // namespace wp::climate
