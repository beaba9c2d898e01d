// SPDX-License-Identifier: GPL-3.0-or-later
// Discomfort glare from luminaires: the unified glare rating of an eye (CIE 117:1995), and of a whole room by table
// (CIE 190:2010).
#pragma once
#include <optional>
#include <vector>

#include "question/electric_field.h"

namespace wp::question {

/// A luminaire as an eye sees it, wholly on.
struct SeenLuminaire {
    size_t source = 0;
    double luminance = 0;    ///< cd/m2
    double solid_angle = 0;  ///< sr, of what shines
    double position = 1;     ///< Guth's index
    double seen = 1;         ///< share of it that nothing hides
};

/// What each eye, a plane of the task, sees of luminaires: those in front of it, up to the end of the table of Guth's
/// index.
std::vector<std::vector<SeenLuminaire>> seen_luminaires(const ElectricTask& task);

/// UGR = 8 lg (0.25 / Lb sum L2 omega / p2). background: luminance of everything but the sources, cd/m2: what comes
/// to the eye from surfaces over pi. None where nothing is seen, or all is dark. Shares: of each source's light.
std::optional<double> ugr_of(const std::vector<SeenLuminaire>& seen, std::span<const double> shares, double background);

}  // namespace wp::question
