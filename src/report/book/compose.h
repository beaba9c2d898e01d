// SPDX-License-Identifier: GPL-3.0-or-later
// A report from what is known, as pages. The same facts make the same pages.
#pragma once
#include <span>

#include "base/progress.h"
#include "report/book/book.h"
#include "report/book/facts.h"

namespace wp::report {

/// facts must have an option. Cancelled: what was laid out so far. Of any thread.
Book compose(const HeldFacts& facts, const Cancel& cancel = {});

QString section_name(model::ReportSection::Of section);

}  // namespace wp::report
