// SPDX-License-Identifier: GPL-3.0-or-later
// What the sources of glare in a picture are: windows, surfaces, the sun, its images in panes.
#pragma once
#include <span>
#include <string>
#include <vector>

#include "geometry/surfaces.h"
#include "light/picture.h"
#include "light/sight.h"
#include "metric/glare_sources.h"

namespace wp::question {

/// A part of a source, by what it is seen on or through.
struct SeenPart {
    std::string words;
    model::Id opening;  ///< empty: none
    double share = 1;   ///< of the source's light
};

/// Of each source its parts, the brightest first. option: where names come from; null: ids are told.
std::vector<std::vector<SeenPart>> parts_of(std::span<const metric::GlareSource> sources, const light::Picture& picture,
                                            const std::vector<light::Sight>& sights,
                                            const geometry::Surfaces& surfaces, const model::Option* option);

/// "W-02, W-03": what makes up most of a source, three at most.
std::string words_of(const std::vector<SeenPart>& parts);

}  // namespace wp::question
