// SPDX-License-Identifier: GPL-3.0-or-later
#include "series/turns.h"

#include <algorithm>
#include <functional>

namespace wp::series {

namespace {

using Edge = double figure::Band::*;

// Where one edge of the band passes the threshold between two neighbours.
double passes(const CurvePoint& a, const CurvePoint& b, Edge edge, double threshold) {
    const double from = a.band.*edge - threshold, to = b.band.*edge - threshold;
    return a.at + (b.at - a.at) * from / (from - to);
}
bool is_past(const CurvePoint& p, Edge edge, double threshold) { return p.band.*edge >= threshold; }

// From a place between points, how far one way the threshold stays within the band.
double reach(std::span<const CurvePoint> curve, size_t from, int way, double threshold) {
    for (auto i = static_cast<std::ptrdiff_t>(from); i >= 0 && i < static_cast<std::ptrdiff_t>(curve.size());
         i += way) {
        const CurvePoint& p = curve[static_cast<size_t>(i)];
        if (p.band.low <= threshold && p.band.high >= threshold) continue;
        // Between this and the one before, which is nearer, an edge passes it.
        const CurvePoint& nearer = curve[static_cast<size_t>(i - way)];
        const Edge edge = p.band.low > threshold ? &figure::Band::low : &figure::Band::high;
        return is_past(p, edge, threshold) != is_past(nearer, edge, threshold) ? passes(p, nearer, edge, threshold)
                                                                               : nearer.at;
    }
    return way < 0 ? curve.front().at : curve.back().at;
}

}  // namespace

std::vector<Turn> turns_of(std::span<const CurvePoint> curve, double threshold) {
    std::vector<Turn> out;
    for (size_t i = 0; i + 1 < curve.size(); ++i) {
        const bool a = is_past(curve[i], &figure::Band::value, threshold),
                   b = is_past(curve[i + 1], &figure::Band::value, threshold);
        if (a == b) continue;
        const double at = passes(curve[i], curve[i + 1], &figure::Band::value, threshold);
        const double one = reach(curve, i, -1, threshold), other = reach(curve, i + 1, 1, threshold);
        out.push_back({at, std::min({one, other, at}), std::max({one, other, at}), b});
    }
    return out;
}

}  // namespace wp::series
