// SPDX-License-Identifier: GPL-3.0-or-later
// Days, months and moments in the language of the screen.
#pragma once
#include <QString>
#include <optional>

#include "climate/calendar.h"

namespace wp::language {

/// 1 to 12: "January".
QString month(int number);
/// "Jan"
QString month_short(int number);
/// 0 Monday to 6 Sunday: "Mon"
QString weekday_short(int number);
/// "21 Jun 12:00"
QString text(const climate::Moment& moment);
/// "21 Jun"
QString day_text(const climate::Moment& moment);
/// What text() writes, and all that climate::read_moment takes.
std::optional<climate::Moment> read_moment(const QString& text, const climate::Moment& before);

}  // namespace wp::language
