// SPDX-License-Identifier: GPL-3.0-or-later
// Many pictures in one table: a line each, with what was seen from where, when, and how it is judged.
#pragma once
#include <span>
#include <string>

#include "question/shots.h"

namespace wp::exchange {

/// CSV: file is the part of a name that a picture's files share.
std::string shots_csv(std::span<const question::Taken> pictures);

}  // namespace wp::exchange
