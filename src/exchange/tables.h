// SPDX-License-Identifier: GPL-3.0-or-later
// Answers of the year and of glare as CSV tables (point_table.h has the others): comma, full stop, one header line,
// position and normal first, standard error beside each figure.
#pragma once
#include <string>

#include "base/file.h"
#include "model/material.h"
#include "question/ask_glare_year.h"
#include "question/ask_year.h"
#include "question/daylight_factor.h"
#include "question/glare.h"
#include "question/table.h"

namespace wp::exchange {

/// One line a point: every figure with the ends of its 95 % band, for the hours its room is occupied.
std::string year_csv(const question::YearAnswer& answer, const question::YearUse& use);
/// One line an hour of the year, one column a point: line by line, so that no plane is too large.
void hourly_csv(const question::YearAnswer& answer, size_t plane, question::Operation operation, const TakeBytes& take);
/// One line an hour, one column a window group: the state of its blinds; then one a plane: 1 where no state keeps the
/// sun out.
std::string blinds_csv(const question::YearAnswer& answer, question::Operation operation);
/// One line an hour, one column an electric light.
std::string power_csv(const std::vector<question::LightingYear>& lighting);
/// One line an hour, two columns an opening: irradiance on its panes and behind them.
std::string heat_csv(const std::vector<question::PaneHeat>& panes);
/// Sources of a picture that is judged, the strongest first.
std::string glare_csv(const question::GlareAnswer& answer);
/// A year of glare: a line for every place and direction, what is exceeded how often in the room's use.
std::string glare_year_csv(const std::vector<question::SeatYear>& seats);
/// One place: a line an hour, DGP and vertical illuminance by direction; empty where it is dark or was not asked for.
std::string glare_hours_csv(const question::SeatYear& seat);
/// One line an hour of the year, one column a series.
std::string hours_csv(const std::vector<question::HourSeries>& series);
/// Of a whole sphere: every index by direction.
std::string around_csv(const question::GlareAnswer& answer);

}  // namespace wp::exchange
