// SPDX-License-Identifier: GPL-3.0-or-later
// What a verdict is, by shape and word: a full square with a tick, an open square with a stroke, half of one, a sheet
// of paper, a dotted ring. In ink: colour is kept for light.
#pragma once
#include <QPainter>

#include "report/plan.h"
#include "rule/verdicts.h"

namespace wp::report {

void draw_verdict_mark(QPainter& painter, rule::State state, const QRectF& box, const Ink& ink);
QString state_name(rule::State state);
/// A value of a verdict's criterion with its unit; with the sign of what is needed.
QString value_words(const rule::Verdict& verdict, double value);
QString needed_words(const rule::Verdict& verdict, double value);
/// "at least 300 lx minimum, 500 lx medium".
QString levels_words(const rule::Criterion& criterion);

}  // namespace wp::report
