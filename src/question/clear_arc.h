// SPDX-License-Identifier: GPL-3.0-or-later
// Which ways a desk can face: the directions at a place in which an index of glare stays within what is wanted.
#pragma once
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "metric/glare_index.h"
#include "question/glare.h"

namespace wp::question {

/// Value of an index by heading: even steps clockwise from the drawing's +y. None: nothing glares there.
struct Ring {
    std::vector<std::optional<double>> value;
    std::vector<std::string> worst;  ///< of each heading what dazzles most; may be empty
    bool rises = true;               ///< greater is worse
    double step() const { return 360.0 / static_cast<double>(value.size()); }
    double heading(size_t i) const { return step() * static_cast<double>(i); }
};
/// index: of metric::glare_indices().
Ring ring_of(const std::vector<Facing>& around, size_t index);

/// Degrees clockwise; to is beyond from, and may go past 360.
struct ArcSpan {
    double from = 0, to = 0;
    double width() const { return to - from; }
    double middle() const;  ///< 0 to 360
};

struct ClearArc {
    std::vector<ArcSpan> spans;  ///< where the limit is kept, ends between headings by straight lines; the widest first
    double clear = 0;            ///< degrees in all
    double worst_heading = 0;
    std::optional<double> worst;  ///< none: nothing glares in any direction
    std::string worst_source;
    bool is_clear(double heading) const;
};
/// An index stays untroubled up to and with the limit. An empty ring has no arc.
ClearArc clear_arc(const Ring& ring, double limit);

/// "clear from NW over N to E; worst 192°, DGP 0.47, W-03": in words of the compass where the drawing's +y lies at an
/// azimuth of north degrees; digits: of the value.
std::string words_of(const ClearArc& arc, const char* short_name, double north, int digits);
/// "N", "NNE" and so on, of 16; azimuth in degrees from true north.
const char* compass_point(double azimuth);

}  // namespace wp::question
