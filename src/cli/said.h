// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line says of answers: a line or a few, for a person.
#pragma once
#include <string>
#include <vector>

#include "exchange/summary.h"
#include "question/ask_glare_year.h"
#include "question/ask_year.h"
#include "question/shots.h"
#include "question/table.h"

namespace wp::cli {

std::string table_line(const question::TableAnswer& answer, const std::vector<std::string>& names);
std::string year_lines(const question::YearAnswer& answer, const std::vector<std::string>& names,
                       const question::YearUse& use, const std::vector<question::LightingYear>& lighting,
                       const std::vector<exchange::JudgedSet>& judged, bool made_up);
/// A verdict in one line.
std::string verdict_line(const rule::Verdict& verdict);
std::string glare_lines(const std::vector<question::SeatYear>& seats);
/// Where, when, and how it is judged.
std::string picture_line(const question::GlareAnswer& answer);
/// Of many: how many, and which are the worst.
std::string shots_line(const std::vector<question::Taken>& pictures);

}  // namespace wp::cli
