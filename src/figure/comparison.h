// SPDX-License-Identifier: GPL-3.0-or-later
// What may be said of a figure of two options: which way it is better, and whether the two are told apart at all.
#pragma once
#include "figure/measures.h"

namespace wp::figure {

enum class Better {
    unsaid,  ///< more is good here and bad there: nobody would sign it
    higher,
    lower,
};
Better better(const Measure& measure, const Wanted& wanted);

/// From one value to another, in the measure's own terms.
struct Change {
    double by = 0, error = 0;  ///< error: half-width of the 95 % band of the difference
    bool told_apart = false;   ///< the difference is greater than its error
};
/// The two are taken as independent: what they have in common, as common random numbers, makes the real error less.
Change change(const Band& was, const Band& is);
/// Whether the change is for the better; false where they are not told apart or nobody would say.
bool gains(const Change& change, Better better);
bool loses(const Change& change, Better better);

/// The mean of rooms, by their weights. Their errors are taken as independent.
Band mean_of(std::span<const Band> rooms, std::span<const double> weights);

}  // namespace wp::figure
