// SPDX-License-Identifier: GPL-3.0-or-later
#include "spectrum/light_source.h"

#include <algorithm>
#include <cmath>

#include "spectrum/colour.h"
#include "spectrum/observer.h"

namespace wp::spectrum {

namespace {

// Components of daylight from 300 nm in steps of 10 nm (CIE 015:2018, table 6), and CIE FL11 (table 10.1).
constexpr double kDaylight0[] = {0.04,  6,     29.6,  55.3,  57.3,  61.8,  61.5,  68.8,  63.4,  65.8,  94.8,
                                 104.8, 105.9, 96.8,  113.9, 125.6, 125.5, 121.3, 121.3, 113.5, 113.1, 110.8,
                                 106.5, 108.8, 105.3, 104.4, 100,   96,    95.1,  89.1,  90.5,  90.3,  88.4,
                                 84,    85.1,  81.9,  82.6,  84.9,  81.3,  71.9,  74.3,  76.4,  63.3,  71.7,
                                 77,    65.2,  47.7,  68.6,  65,    66,    61,    53.3,  58.9,  61.9};
constexpr double kDaylight1[] = {0.02,  4.5,   22.4,  42,    40.6,  41.6,  38,   42.4,  38.5,  35,    43.4,
                                 46.3,  43.9,  37.1,  36.7,  35.9,  32.6,  27.9, 24.3,  20.1,  16.2,  13.2,
                                 8.6,   6.1,   4.2,   1.9,   0,     -1.6,  -3.5, -3.5,  -5.8,  -7.2,  -8.6,
                                 -9.5,  -10.9, -10.7, -12,   -14,   -13.6, -12,  -13.3, -12.9, -10.6, -11.6,
                                 -12.2, -10.2, -7.8,  -11.2, -10.4, -10.6, -9.7, -8.3,  -9.3,  -9.8};
constexpr double kDaylight2[] = {0,    2,    4,    8.5,  7.8,  6.7,  5.3,  6.1,  3,    1.2, -1.1, -0.5, -0.7, -1.2,
                                 -2.6, -2.9, -2.8, -2.6, -2.6, -1.8, -1.5, -1.3, -1.2, -1,  -0.5, -0.3, 0,    0.2,
                                 0.5,  2.1,  3.2,  4.1,  4.7,  5.1,  6.7,  7.3,  8.6,  9.8, 10.2, 8.3,  9.6,  8.5,
                                 7,    7.6,  8,    6.7,  5.2,  7.4,  6.8,  7,    6.4,  5.5, 6.1,  6.5};
constexpr Spectrum kFl11 = {0.91,  0.63, 0.46, 0.37, 1.29,  12.68, 1.59,  1.79,  2.46,  3.33, 4.49, 33.94, 12.13, 6.95,
                            7.19,  7.12, 6.72, 6.13, 5.46,  4.79,  5.66,  14.29, 14.96, 8.97, 4.72, 2.33,  1.47,  1.1,
                            0.89,  0.83, 1.18, 4.9,  39.59, 72.84, 32.61, 7.52,  2.83,  1.96, 1.67, 4.43,  11.28, 14.76,
                            12.73, 9.74, 7.33, 9.72, 55.27, 42.58, 13.18, 13.16, 12.26, 5.11, 2.07, 2.34,  3.58,  3.01,
                            2.48,  2.14, 1.54, 1.33, 1.46,  1.94,  2,     1.2,   1.35,  4.1,  5.58, 2.51,  0.57,  0.27,
                            0.23,  0.21, 0.24, 0.24, 0.2,   0.24,  0.32,  0.26,  0.16,  0.12, 0.09};

constexpr double kC2 = 1.4388e7, kAt = 560;  // nm K; where spectra are 100

double component(const double (&table)[54], double nm) {
    const double x = (nm - 300) / 10;
    const auto i = static_cast<size_t>(x);
    const double t = x - static_cast<double>(i);
    return table[i] + (table[i + 1] - table[i]) * t;
}

}  // namespace

Spectrum cie_daylight(double kelvin) {
    const double t = std::clamp(kelvin, kLeastDaylight, kMostDaylight);
    const double x = t <= 7000 ? -4.6070e9 / (t * t * t) + 2.9678e6 / (t * t) + 0.09911e3 / t + 0.244063
                               : -2.0064e9 / (t * t * t) + 1.9018e6 / (t * t) + 0.24748e3 / t + 0.237040;
    const double y = -3 * x * x + 2.87 * x - 0.275, m = 0.0241 + 0.2562 * x - 0.7341 * y;
    // Rounded to three digits, as the standard has it.
    const double m1 = std::round(1000 * (-1.3515 - 1.7703 * x + 5.9114 * y) / m) / 1000,
                 m2 = std::round(1000 * (0.03 - 31.4424 * x + 30.0717 * y) / m) / 1000;
    Spectrum out;
    for (size_t i = 0; i < kWavelengths; ++i) {
        const double nm = wavelength(i);
        out[i] = component(kDaylight0, nm) + m1 * component(kDaylight1, nm) + m2 * component(kDaylight2, nm);
    }
    return out;
}

Spectrum planckian(double kelvin) {
    Spectrum out;
    for (size_t i = 0; i < kWavelengths; ++i) {
        const double nm = wavelength(i);
        out[i] = 100 * std::pow(kAt / nm, 5) * std::expm1(kC2 / (kelvin * kAt)) / std::expm1(kC2 / (kelvin * nm));
    }
    return out;
}

Spectrum white_led(double kelvin) {
    kelvin = std::clamp(kelvin, 2200.0, 8000.0);
    const auto band = [](double middle, double wide) {
        Spectrum out;
        for (size_t i = 0; i < kWavelengths; ++i) {
            const double off = (wavelength(i) - middle) / wide;
            out[i] = std::exp(-4 * std::log(2.0) * off * off);
        }
        return out;
    };
    static const Spectrum bands[] = {band(450, 22), band(545, 105), band(615, 95)};
    const Xyz wanted = xyz_of_light(kelvin < 5000 ? planckian(kelvin) : cie_daylight(kelvin));
    // Shares of three bands with the wanted chromaticity: Cramer's rule.
    Xyz of[3];
    for (size_t k = 0; k < 3; ++k) of[k] = xyz_of_light(bands[k]);
    const auto determinant = [](const Xyz& a, const Xyz& b, const Xyz& c) {
        return a.x * (b.y * c.z - c.y * b.z) - b.x * (a.y * c.z - c.y * a.z) + c.x * (a.y * b.z - b.y * a.z);
    };
    const double all = determinant(of[0], of[1], of[2]);
    const double shares[] = {determinant(wanted, of[1], of[2]) / all, determinant(of[0], wanted, of[2]) / all,
                             determinant(of[0], of[1], wanted) / all};
    Spectrum out = flat(0);
    for (size_t k = 0; k < 3; ++k) out = out + bands[k] * std::max(0.0, shares[k]);
    return out * (100 / at(out, 560));
}

const Spectrum& d65() {
    static const Spectrum one = cie_daylight(6500 * 1.4388 / 1.4380);
    return one;
}

const Spectrum& illuminant_a() {
    // Defined with another second constant: 2848 K of that is 2856 K of this.
    static const Spectrum one = planckian(2848 * 1.4388 / 1.4350);
    return one;
}

std::span<const Illuminant> illuminants() {
    static constexpr Illuminant all[] = {
        {"E", "equal energy",
         []() -> const Spectrum& {
             static const Spectrum one = flat(100);
             return one;
         }},
        {"A", "glowing wire, CIE A", illuminant_a},
        {"D50", "daylight, 5000 K",
         []() -> const Spectrum& {
             static const Spectrum one = cie_daylight(5000 * 1.4388 / 1.4380);
             return one;
         }},
        {"D55", "daylight, 5500 K",
         []() -> const Spectrum& {
             static const Spectrum one = cie_daylight(5500 * 1.4388 / 1.4380);
             return one;
         }},
        {"D65", "daylight, 6500 K", d65},
        {"D75", "daylight, 7500 K",
         []() -> const Spectrum& {
             static const Spectrum one = cie_daylight(7500 * 1.4388 / 1.4380);
             return one;
         }},
        {"FL11", "fluorescent lamp of three bands, 4000 K", []() -> const Spectrum& { return kFl11; }}};
    return all;
}

Spectrum of_one_lux(const Spectrum& light) {
    const double lux = illuminance(light);
    return lux > 0 ? light * (1 / lux) : light;
}

}  // namespace wp::spectrum
