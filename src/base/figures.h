// SPDX-License-Identifier: GPL-3.0-or-later
// Figures as people type them: with units, in feet and inches, with arithmetic.
#pragma once
#include <optional>
#include <string_view>

namespace wp {

/// What a typed figure is measured in.
enum class Unit { metre, percent, degree, plain };

/// The value of a text in the unit's own terms (metres, shares, degrees): "1.2", "120 cm", "12'6\"", "3*0.9",
/// "(4.2 m - 60 mm) / 3", "35 %". Lengths without a unit are metres, shares without a sign are per cent. A comma is a
/// decimal point. None where it is no such text, or not finite.
std::optional<double> read_figure(std::string_view text, Unit unit);

}  // namespace wp
