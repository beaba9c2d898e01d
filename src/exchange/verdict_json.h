// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include "base/json_text.h"
#include "rule/verdicts.h"

namespace wp::exchange {

/// Of what was not asked nothing is said but that.
Json verdict_json(const rule::Verdict& verdict);

}  // namespace wp::exchange
