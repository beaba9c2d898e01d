// SPDX-License-Identifier: GPL-3.0-or-later
// What stands in a picture, by name: windows, surfaces, the sun and its images in panes; and what of it dazzles.
#pragma once
#include <memory>
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

/// Of each pixel what stands there, and what that is called.
struct SeenThings {
    std::vector<light::Sight> sights;
    std::vector<uint32_t> thing;  ///< by pixel: which of the names
    std::vector<SeenPart> names;
    std::vector<SeenPart> mirrors;  ///< by portal: the sun in it
};
/// option: where names come from; null: ids are told.
std::shared_ptr<const SeenThings> see_things(const light::Scene& scene, const light::Lens& lens,
                                             const light::Pose& pose, const geometry::Surfaces& surfaces,
                                             const model::Option* option, const Cancel& cancel = {});

/// Of each source its parts, the brightest first; things null: nobody knows them, and only the sun is told.
std::vector<std::vector<SeenPart>> parts_of(std::span<const metric::GlareSource> sources, const light::Picture& picture,
                                            const SeenThings* things);

/// "W-02, W-03": what makes up most of a source, three at most.
std::string words_of(const std::vector<SeenPart>& parts);

}  // namespace wp::question
