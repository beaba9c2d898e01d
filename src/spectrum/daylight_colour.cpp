// SPDX-License-Identifier: GPL-3.0-or-later
#include "spectrum/daylight_colour.h"

#include <algorithm>
#include <cmath>

#include "base/vec.h"
#include "spectrum/light_source.h"

namespace wp::spectrum {

namespace {

using Point = std::pair<double, double>;

// Beyond the air, W/(m2 um) (Bird and Riordan, table 1).
constexpr Point kBeyond[] = {
    {370, 1119.9},   {380, 1103.8}, {390, 1033.8},   {400, 1479.1},   {410, 1701.3},   {420, 1740.4},   {430, 1587.2},
    {440, 1837.0},   {450, 2005.0}, {460, 2043.0},   {470, 1987.0},   {480, 2027.0},   {490, 1896.0},   {500, 1909.0},
    {510, 1927.0},   {520, 1831.0}, {530, 1891.0},   {540, 1898.0},   {550, 1892.0},   {570, 1840.0},   {593, 1768.0},
    {610, 1728.0},   {630, 1658.0}, {656, 1524.0},   {667.6, 1531.0}, {690, 1420.0},   {710, 1399.0},   {718, 1374.0},
    {724.4, 1373.0}, {740, 1298.0}, {752.5, 1269.0}, {757.5, 1245.0}, {762.5, 1223.0}, {767.5, 1205.0}, {780, 1183.0}};
// Of ozone, a cm (the same table).
constexpr Point kOzone[] = {{430, 0.0},   {440, 0.003},   {450, 0.003}, {460, 0.006},   {470, 0.009},
                            {480, 0.014}, {490, 0.021},   {500, 0.030}, {510, 0.040},   {520, 0.048},
                            {530, 0.063}, {540, 0.075},   {550, 0.085}, {570, 0.120},   {593, 0.119},
                            {610, 0.120}, {630, 0.090},   {656, 0.065}, {667.6, 0.051}, {690, 0.028},
                            {710, 0.018}, {724.4, 0.012}, {740, 0.010}, {767.5, 0.005}, {780, 0.0}};
constexpr double kTurbidity = 0.1, kHaze = 1.3, kOzoneDepth = 0.34;  // cm
constexpr double kLowestSun = 0.5;                                   // degrees

double air_mass(double altitude) {
    const double a = std::max(kLowestSun, degrees(altitude));
    return 1 / (std::sin(radians(a)) + 0.50572 * std::pow(a + 6.07995, -1.6364));
}

}  // namespace

double sky_temperature(double luminance) {
    const double mired = -132.1 + 59.77 * std::log10(std::max(1.0, luminance));
    return std::clamp(mired > 0 ? 1e6 / mired : kMostDaylight, kLeastDaylight, kMostDaylight);
}

Spectrum sun_spectrum(double altitude) {
    static const Spectrum beyond = from_points(kBeyond), ozone = from_points(kOzone);
    const double m = air_mass(altitude);
    Spectrum out;
    for (size_t i = 0; i < kWavelengths; ++i) {
        const double um = wavelength(i) / 1000, um2 = um * um;
        const double molecules = std::exp(-m / (um2 * um2 * (115.6406 - 1.335 / um2)));
        const double haze = std::exp(-m * kTurbidity * std::pow(um, -kHaze));
        out[i] = beyond[i] * molecules * haze * std::exp(-m * kOzoneDepth * ozone[i]);
    }
    return out;
}

}  // namespace wp::spectrum
