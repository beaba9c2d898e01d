// SPDX-License-Identifier: GPL-3.0-or-later
// Rows for blinds and shading layers, of one opening or of all that are selected.
#pragma once
#include "gui/inspector/inspector.h"

namespace wp::gui {

void rows_for_blind(Inspector& in, QFormLayout& form, const model::Opening& first);
void rows_for_blind(Inspector& in, QFormLayout& form, const model::Rooflight& first);
void rows_for_shading(Inspector& in, QFormLayout& form);

}  // namespace wp::gui
