// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "metric/glare_sources.h"

namespace wp::question {

/// The contrast (sum of L² ω / P², cd² sr/m⁴) that `sources` of a field would have if their edges were sharp, as finer
/// pixels would show them: a pixel that a source fills in part dims the source's mean if it is counted, and is missed
/// if it is not; a bar thinner than a pixel parts a source. The sources are those that `rule` finds in the field.
double sharp_contrast(const metric::LuminanceField& field, const std::vector<metric::GlareSource>& sources,
                      const metric::SourceRule& rule);

}  // namespace wp::question
