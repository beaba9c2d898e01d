// SPDX-License-Identifier: GPL-3.0-or-later
// Spectra in text files: a column of wavelengths, in nm or um, and columns of values.
#pragma once
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "base/result.h"
#include "spectrum/spectrum.h"

namespace wp::spectrum {

struct SpectralTable {
    std::vector<std::string> heads;            ///< of the columns of values; empty where there are none
    std::vector<double> nm;                    ///< rising
    std::vector<std::vector<double>> columns;  ///< of values, as the file has them
    std::vector<std::string> notes;            ///< what was taken for granted: units, ends that are missing
};
/// Fields may be parted by commas, semicolons, tabs or blanks; lines of words, and such that begin with # ; ! or {, are
/// notes, the last line of words before the figures has the heads. Wavelengths below 10 are in um. Faults: no figures,
/// a value that is none, wavelengths that do not rise, nothing between 380 and 780 nm.
Result<SpectralTable> parse_spectral_table(std::string_view text, const std::string& name);

/// A column as reflectance or transmittance: per cent where it goes beyond 1.5. Faults: values that cannot be.
Result<Spectrum> matter_of(SpectralTable& table, size_t column, const std::string& name);
/// A column as light.
Result<Spectrum> light_of(const SpectralTable& table, size_t column, const std::string& name);

/// A table of commas with a line of heads, 380 to 780 nm.
std::string spectra_csv(const std::vector<std::string>& heads, std::span<const Spectrum> spectra);

}  // namespace wp::spectrum
