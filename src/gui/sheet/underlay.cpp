// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/sheet/underlay.h"

#include <poppler-qt6.h>

#include <QImageReader>
#include <QPainter>
#include <algorithm>

namespace wp::gui {

namespace {

constexpr int kLongestSide = 3600;  // pixels
constexpr qint64 kLargestFile = 200 << 20;

}  // namespace

Result<QImage> read_underlay(const std::filesystem::path& file, int page) {
    const std::string name = file.filename().string();
    std::error_code error;
    const auto size = std::filesystem::file_size(file, error);
    if (error)
        return Fault{name, QT_TRANSLATE_NOOP("QObject", "there is no such file"),
                     QT_TRANSLATE_NOOP("QObject", "Choose the picture again")};
    if (static_cast<qint64>(size) > kLargestFile)
        return Fault{name, QT_TRANSLATE_NOOP("QObject", "the file is larger than 200 MB"),
                     QT_TRANSLATE_NOOP("QObject", "Use a smaller picture")};
    const QString path = QString::fromStdString(file.string());
    if (path.endsWith(QStringLiteral(".pdf"), Qt::CaseInsensitive)) {
        const auto document = Poppler::Document::load(path);
        if (document == nullptr || document->isLocked())
            return Fault{name, QT_TRANSLATE_NOOP("QObject", "this is no PDF that can be read"),
                         QT_TRANSLATE_NOOP("QObject", "Export it again without a password")};
        if (page < 1 || page > document->numPages())
            return Fault{
                name, QT_TRANSLATE_NOOP("QObject", "the PDF has no page ") + std::to_string(page),
                QT_TRANSLATE_NOOP("QObject", "Choose a page from 1 to ") + std::to_string(document->numPages())};
        document->setRenderHint(Poppler::Document::Antialiasing);
        document->setRenderHint(Poppler::Document::TextAntialiasing);
        const auto sheet = document->page(page - 1);
        if (sheet == nullptr)
            return Fault{name, QT_TRANSLATE_NOOP("QObject", "the page cannot be read"),
                         QT_TRANSLATE_NOOP("QObject", "Export the PDF again")};
        const QSizeF points = sheet->pageSizeF();
        const double dpi =
            std::clamp(kLongestSide * 72.0 / std::max(1.0, std::max(points.width(), points.height())), 20.0, 400.0);
        const QImage image = sheet->renderToImage(dpi, dpi);
        if (image.isNull())
            return Fault{name, QT_TRANSLATE_NOOP("QObject", "the page cannot be drawn"),
                         QT_TRANSLATE_NOOP("QObject", "Export the PDF again")};
        return image;
    }
    QImageReader reader(path);
    reader.setAutoTransform(true);
    const QSize whole = reader.size();
    if (whole.isValid() && std::max(whole.width(), whole.height()) > kLongestSide)
        reader.setScaledSize(whole.scaled(kLongestSide, kLongestSide, Qt::KeepAspectRatio));
    const QImage image = reader.read();
    if (image.isNull())
        return Fault{name, QT_TRANSLATE_NOOP("QObject", "this is no picture that can be read"),
                     QT_TRANSLATE_NOOP("QObject", "Use PNG, JPEG or PDF")};
    return image;
}

QImage picture_of(const incoming::Drawing& drawing, const std::vector<std::string>& layers_off) {
    model::Underlay plain;
    plain.place = {};
    plain.width = std::max(drawing.width(), 1e-6);
    plain.layers_off = layers_off;
    const double high = std::max(drawing.high().y - drawing.low().y, 1e-6);
    const double scale = kLongestSide / std::max(plain.width, high);
    QImage image(std::max(1, static_cast<int>(plain.width * scale)), std::max(1, static_cast<int>(high * scale)),
                 QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(Qt::black, 2.2));
    for (const auto& line : drawing.laid(plain).lines) {
        QPolygonF points;
        for (const Vec2 p : line.points) points << QPointF(p.x * scale, (high - p.y) * scale);
        line.closed ? painter.drawPolygon(points) : painter.drawPolyline(points);
    }
    return image;
}

}  // namespace wp::gui
