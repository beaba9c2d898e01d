// SPDX-License-Identifier: GPL-3.0-or-later
// What the Light desk shows, as a page, a plan to scale, a table.
#pragma once
#include "gui/desk/desktop.h"
#include "gui/light/pairing.h"
#include "gui/light/series_view.h"
#include "gui/saving/save.h"

namespace wp::gui {

/// The plan on the sheet at 1:scale, as a picture with its position or as a drawing.
Outcome save_plan(Desktop& desktop, const std::filesystem::path& path, double scale, double dots);
/// series: what stands in place of the sheet, or null.
Takeaway takeaway_of(Desktop& desktop, const SeriesView* series, const Pairing& pairing);

}  // namespace wp::gui
