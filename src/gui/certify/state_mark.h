// SPDX-License-Identifier: GPL-3.0-or-later
// What a verdict is, by shape and word: a full square with a tick, an open square with a stroke, half of one, a sheet
// of paper, a dotted ring. In ink: colour is kept for light.
#pragma once
#include <QIcon>

#include "rule/verdicts.h"

namespace wp::gui {

QIcon state_icon(rule::State state);
QString state_text(rule::State state);

}  // namespace wp::gui
