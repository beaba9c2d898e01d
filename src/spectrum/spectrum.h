// SPDX-License-Identifier: GPL-3.0-or-later
// Functions of wavelength from 380 to 780 nm, in steps of 5 nm and straight lines between.
#pragma once
#include <array>
#include <cstddef>
#include <span>
#include <utility>
#include <vector>

namespace wp::spectrum {

inline constexpr double kShortest = 380, kLongest = 780, kStep = 5;  // nm
inline constexpr size_t kWavelengths = 81;
/// Of matter: reflectance or transmittance, 0 to 1. Of light: power a nm, in any unit.
using Spectrum = std::array<double, kWavelengths>;

constexpr double wavelength(size_t i) { return kShortest + kStep * static_cast<double>(i); }
Spectrum flat(double value);
/// Between the steps; the ends' values beyond them.
double at(const Spectrum& spectrum, double nm);
/// Of points (nm, value) in rising order: straight lines between them, averaged over what each step stands for, so that
/// narrow lines keep their power; the first and last value beyond them. At least one point.
Spectrum from_points(std::span<const std::pair<double, double>> points);
Spectrum operator*(const Spectrum& a, const Spectrum& b);
Spectrum operator*(const Spectrum& a, double by);
Spectrum operator+(const Spectrum& a, const Spectrum& b);

/// Bands of equal width that the visible range is cut into, for light that is followed in few numbers.
class Bins {
 public:
    /// How many: 1 to 81.
    explicit Bins(size_t count);
    /// Finer than spectra are told, too.
    struct Any {};
    Bins(size_t count, Any);
    size_t count() const { return edges_.size() - 1; }
    double from(size_t bin) const { return edges_[bin]; }
    double to(size_t bin) const { return edges_[bin + 1]; }
    /// The mean of a spectrum over each band, weighted with another (empty: evenly).
    std::vector<double> means(const Spectrum& spectrum, const Spectrum* weight = nullptr) const;
    /// The integral over each band, unit times nm.
    std::vector<double> integrals(const Spectrum& spectrum) const;

 private:
    std::vector<double> edges_;
};

}  // namespace wp::spectrum
