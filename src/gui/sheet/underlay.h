// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures and PDF pages to be traced.
#pragma once
#include <QImage>
#include <filesystem>

#include "base/result.h"

namespace wp::gui {

/// A picture, or one page (from 1) of a PDF drawn at a resolution that bears zooming. Hostile files give a fault.
Result<QImage> read_underlay(const std::filesystem::path& file, int page);

}  // namespace wp::gui
