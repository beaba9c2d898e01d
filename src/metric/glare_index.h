// SPDX-License-Identifier: GPL-3.0-or-later
// The published indices of discomfort glare, all of one view: its sources, the light at the eye, the field's mean.
// They differ in what they were fitted to; each says for what it holds.
#pragma once
#include <optional>
#include <span>
#include <string_view>

#include "metric/glare.h"

namespace wp::metric {

/// Unified glare rating (CIE 117:1995) of what sources count by, the sum of L^2 omega / P^2, before a background of
/// that luminance, cd/m^2. None where either is nothing.
std::optional<double> unified_glare_rating(double contrast, double background);
/// Its table of Guth's index ends where a source lies so far out, over the way to it along the line of sight.
constexpr double kGuthFarthest = 3;

struct GlareView {
    double vertical_lux = 0;    ///< at the eye, all included
    double mean_luminance = 0;  ///< cd/m^2, of the whole field by solid angle
    std::vector<GlareSource> sources;

    /// Vertical illuminance that the sources give, lux.
    double direct_lux() const;
    /// cd/m^2: the even luminance of a field that gives the rest of the vertical illuminance.
    double background() const;
};

/// A class of an index: up to and with its end, from the class before.
struct GlareClass {
    double end;
    const char* name;
};

struct GlareIndex {
    const char *id, *short_name, *name;
    const char* meaning;
    const char* source;                   ///< publication
    const char* holds;                    ///< for what it was made
    bool rises;                           ///< greater is more glare; else less
    std::span<const GlareClass> classes;  ///< from the least glare to the most; the last has no end
    /// No value where it is not defined for the view.
    std::optional<double> (*value)(const GlareView&);
};

/// In the order in which they are listed.
std::span<const GlareIndex> glare_indices();
/// Null where there is none of that id.
const GlareIndex* find_glare_index(std::string_view id);
/// The class that a value falls into.
const GlareClass& class_of(const GlareIndex& index, double value);

}  // namespace wp::metric
