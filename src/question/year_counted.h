// SPDX-License-Identifier: GPL-3.0-or-later
// Which light a year's figures count: daylight, electric light as its circuits give it hour by hour, or both. What
// luminaires give wholly on is traced once and kept; levels come from the year's daylight.
#pragma once
#include <memory>

#include "question/electric_field.h"
#include "question/year.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

struct YearUse;

/// A field that was traced before, or is traced now and kept for who asks again: the last few are. May be called from
/// any thread. In a GiveUpScope it may be given up.
std::shared_ptr<const ElectricField> kept_electric(const ElectricTask& task, const Effort& effort);

/// Electric light by hour on each of a year's planes. A circuit gives what electric_years says; a plain power density,
/// of which no luminaire is known, its target evenly over the points that it lights. Circuits that are left out there
/// are off here; luminaires on no circuit are always on.
std::vector<ElectricByHour> electric_by_hour(const model::Project& project, const YearAnswer& year,
                                             const model::Option& option, const YearUse& use);

/// The year with the light that use counts: itself where that is daylight alone.
YearAnswer counted_year(const model::Project& project, const YearAnswer& year, const model::Option& option,
                        const YearUse& use);

}  // namespace wp::question
