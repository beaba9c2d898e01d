// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures and PDF pages to be traced.
#pragma once
#include <QImage>
#include <filesystem>

#include "base/result.h"
#include "incoming/drawing.h"

namespace wp::gui {

/// A picture, or one page (from 1) of a PDF drawn at a resolution that bears zooming. Hostile files give a fault.
/// Lines of the layers that are on, at a resolution that bears zooming.
QImage picture_of(const incoming::Drawing& drawing, const std::vector<std::string>& layers_off);
Result<QImage> read_underlay(const std::filesystem::path& file, int page);

}  // namespace wp::gui
