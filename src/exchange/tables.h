// SPDX-License-Identifier: GPL-3.0-or-later
// Answers of the year and of glare as CSV tables (point_table.h has the others): comma, full stop, one header line, position and normal first, standard error beside each figure.
#pragma once
#include <string>

#include "model/project.h"
#include "question/daylight_factor.h"
#include "question/glare.h"
#include "question/year.h"

namespace wp::exchange {

/// One line a point: autonomy, exposure hours, mean; for the question's occupied hours.
std::string year_csv(const question::YearAnswer& answer, double from, double to);
/// One line an hour of the year, one column a point.
std::string hourly_csv(const question::PlaneYear& plane);
std::string glare_csv(const question::GlareAnswer& answer);

}  // namespace wp::exchange
