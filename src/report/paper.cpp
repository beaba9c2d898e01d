// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/paper.h"

#include <QBuffer>
#include <QImage>
#include <QPageSize>
#include <QPdfWriter>
#include <QSvgGenerator>
#include <algorithm>
#include <cmath>

#include "base/file.h"
#include "base/log.h"

namespace wp::report {

namespace {

constexpr int kPdfDots = 1200;  // an inch: what lines are rounded to

}  // namespace

QFont page_font(int pixels, QFont::Weight weight) {
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(pixels);
    font.setWeight(weight);
    return font;
}

QFont plain_for(const QString& text, QFont font) {
    if (std::ranges::all_of(text, [](QChar c) { return c.unicode() < 0x250 || c.unicode() >= 0x2000; }))
        font.setStyleStrategy(QFont::PreferNoShaping);
    return font;
}

QByteArray png_of(QSize size, const Paint& paint, double scale, double dots) {
    QImage image(size * scale, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    painter.scale(scale, scale);
    paint(painter);
    painter.end();
    if (dots > 0) {
        image.setDotsPerMeterX(static_cast<int>(std::lround(dots / kInch)));
        image.setDotsPerMeterY(static_cast<int>(std::lround(dots / kInch)));
    }
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "PNG");
    return bytes;
}

QByteArray svg_of(QSize size, const QString& title, const Paint& paint, double dots, const QString& description) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QSvgGenerator generator;
    generator.setOutputDevice(&buffer);
    generator.setSize(size);
    generator.setViewBox(QRect(QPoint(0, 0), size));
    generator.setTitle(title);
    if (dots > 0) generator.setResolution(static_cast<int>(std::lround(dots)));
    if (!description.isEmpty()) generator.setDescription(description);
    QPainter painter(&generator);
    paint(painter);
    painter.end();
    return bytes;
}

QByteArray pdf_page_of(QSize size, const QString& title, const Paint& paint, double width) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setTitle(title);
    writer.setCreator(QStringLiteral("Warm Pane"));
    const QSizeF page(width, width * size.height() / std::max(1, size.width()));
    writer.setPageSize(QPageSize(page, QPageSize::Millimeter));
    writer.setPageMargins(QMarginsF());
    writer.setResolution(kPdfDots);
    QPainter painter(&writer);
    const double scale = width / 1000 / kInch * kPdfDots / std::max(1, size.width());
    painter.scale(scale, scale);
    paint(painter);
    painter.end();
    return bytes;
}

Outcome write_paper(const std::filesystem::path& path, QSize size, const QString& title, const Paint& paint,
                    double scale, double dots) {
    const double inch = dots > 0 ? dots : kPageDots;
    const QByteArray bytes = path.extension() == ".svg" ? svg_of(size, title, paint)
                             : path.extension() == ".pdf"
                                 ? pdf_page_of(size, title, paint, size.width() * scale / inch * kInch * 1000)
                                 : png_of(size, paint, scale, dots);
    log(LogOf::report, "picture {}, {} bytes", path.string(), bytes.size());
    return write_file(path, {bytes.constData(), static_cast<size_t>(bytes.size())});
}

}  // namespace wp::report
