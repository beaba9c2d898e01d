// SPDX-License-Identifier: GPL-3.0-or-later
// What illuminances figures of a year are given by.
#pragma once

namespace wp::question {

/// Targets and limits, lux. Three bands: A. Nabil, J. Mardaljevic 2005; four: J. Mardaljevic and others 2012.
struct YearLimits {
    double target = 300, low = 100, high = 3000;
};

}  // namespace wp::question
