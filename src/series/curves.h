// SPDX-License-Identifier: GPL-3.0-or-later
// What of a series can be drawn: figures of rooms, and the values of criteria with their thresholds.
#pragma once
#include <optional>
#include <string>
#include <vector>

#include "series/series.h"
#include "series/turns.h"

namespace wp::series {

struct Plotted {
    std::string id, name, of, unit;  ///< name: of the figure or criterion; of: what of it, or the criterion's set
    double times = 1;                ///< to the unit that is printed
    std::vector<double> thresholds;  ///< in the measure's own terms, from the lowest
    bool at_least = true;
    const figure::Line* line = nullptr;  ///< null: a criterion's
    bool operator==(const Plotted& other) const { return id == other.id; }
};

/// Figures that any step has a value of, then criteria that were judged in any room.
std::vector<Plotted> plotted_of(const SeriesAnswer& answer);
/// None where the step was not asked, or not judged there.
std::optional<figure::Band> band_of(const SeriesAnswer& answer, const Plotted& what, size_t step, size_t room);
/// Of one varied number: the steps that were asked, in its order.
std::vector<CurvePoint> curve_of(const SeriesAnswer& answer, const Plotted& what, size_t room);

}  // namespace wp::series
