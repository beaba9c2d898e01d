// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/field.h"

#include <algorithm>
#include <cmath>
#include <string_view>

namespace wp::describe {

Unit typed_unit(const Field& field) {
    const std::string_view in = field.unit;
    if (in == unit::metre) return Unit::metre;
    if (in == unit::degree) return Unit::degree;
    return in == unit::share ? Unit::percent : Unit::plain;
}

double within(const Field& field, double value) {
    if (!std::isfinite(value)) return field.low;
    const bool goes_round = std::string_view(field.unit) == unit::degree && field.high - field.low >= 360;
    if (goes_round && (value < field.low || value > field.high)) return std::fmod(std::fmod(value, 360) + 360, 360);
    return std::clamp(value, field.low, field.high);
}

}  // namespace wp::describe
