// SPDX-License-Identifier: GPL-3.0-or-later
// The mark of a verdict (report/verdict_mark.h) as an icon.
#pragma once
#include <QIcon>

#include "rule/verdicts.h"

namespace wp::gui {

QIcon state_icon(rule::State state);

}  // namespace wp::gui
