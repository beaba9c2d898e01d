// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures and drawings as files: whatever is painted goes on a page of PNG, SVG or PDF, by the suffix of the path.
#pragma once
#include <QPainter>
#include <QSize>
#include <filesystem>
#include <functional>

#include "base/result.h"

namespace wp::report {

using Paint = std::function<void(QPainter&)>;

/// The page's bytes. png: pixels times scale; svg: size is the view box. dots: an inch, for whoever lays it on paper;
/// 0: none told.
QByteArray png_of(QSize size, const Paint& paint, double scale = 1, double dots = 0);
QByteArray svg_of(QSize size, const QString& title, const Paint& paint, double dots = 0,
                  const QString& description = {});
/// One page, as wide as it is on paper in mm.
QByteArray pdf_page_of(QSize size, const QString& title, const Paint& paint, double width);
inline constexpr double kInch = 0.0254;  ///< metres
inline constexpr double kPageDots = 96;  ///< dots an inch that pages are laid out for

/// ".svg" gives a drawing, ".pdf" a page as wide as its pixels and dots say, anything else a picture.
Outcome write_paper(const std::filesystem::path& path, QSize size, const QString& title, const Paint& paint,
                    double scale = 1, double dots = 0);

/// The font of pages.
QFont page_font(int pixels, QFont::Weight weight = QFont::Normal);
/// The same without shaping where a text of Latin letters does without it: shaping takes other glyphs for signs between
/// capitals and digits, which nobody finds again in a PDF's text.
QFont plain_for(const QString& text, QFont font);

}  // namespace wp::report
