// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/contact_sheet.h"

#include <algorithm>
#include <cmath>

#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/paper.h"

namespace wp::report {

namespace {

constexpr double kMargin = 24, kGap = 12, kBetween = 16, kCaption = 50, kPageWidth = 1240, kLeastCell = 180,
                 kMostCell = 260;

QString place_words(const ContactSheet& sheet, const question::Taken& picture) {
    QString out = QString::fromStdString(picture.shot.place);
    if (sheet.names_option) out = QString::fromStdString(picture.option_name) + QStringLiteral(", ") + out;
    return out;
}

QString when_words(const question::Taken& picture) {
    const QString moment = language::text(picture.shot.question.moment);
    if (!picture.shot.has_direction) return moment;
    return QObject::tr("%1, towards %L2\u00b0").arg(moment).arg(picture.shot.azimuth, 0, 'f', 0);
}

}  // namespace

Scale contact_scale(std::span<const question::Taken> pictures) {
    if (pictures.empty()) return {kDimLuminance, kBrightLuminance, true};
    Scale out = picture_scale(pictures.front().small.picture);
    for (const auto& picture : pictures) {
        const Scale own = picture_scale(picture.small.picture);
        out.bottom = std::min(out.bottom, own.bottom), out.top = std::max(out.top, own.top);
    }
    return out;
}

QString contact_figure(const question::Taken& picture) {
    const auto& a = picture.small;
    if (!a.judged)
        return QObject::tr("mean %1 %2").arg(language::number(a.picture.field, 'g', 3), unit_words(a.picture));
    const QString dgp = QObject::tr("DGP %1 \u00b1 %2")
                            .arg(language::number(a.dgp, 'f', 2),
                                 language::number(std::max(a.dgp_high - a.dgp, a.dgp - a.dgp_low), 'f', 2));
    return picture.worst.empty() ? dgp : QStringLiteral("%1, %2").arg(dgp, language::words(picture.worst));
}

// As many rows of pictures that belong together stand side by side as there is room for.
ContactLayout lay_out(const ContactSheet& sheet, double width) {
    ContactLayout out;
    const size_t in_row = std::max<size_t>(sheet.in_row, 1);
    const double room = width - 2 * kMargin;
    const auto fits = static_cast<size_t>(std::max(room / (kLeastCell + kGap), 1.0));
    const size_t rows = std::max<size_t>(fits / in_row, 1), across = in_row * rows;
    const double gaps = kGap * static_cast<double>(across - 1) + kBetween * static_cast<double>(rows - 1);
    const double wide = std::min((room - gaps) / static_cast<double>(across), kMostCell);
    double y = 0, high = 0;
    for (size_t i = 0; i < sheet.pictures.size(); ++i) {
        const size_t column = i % across;
        if (column == 0 && i > 0) y += high + kGap, high = 0;
        const auto& lens = sheet.pictures[i].small.picture.lens;
        const double own = wide * lens.height / lens.width + kCaption;
        high = std::max(high, own);
        out.cells.emplace_back(
            kMargin + static_cast<double>(column) * (wide + kGap) + static_cast<double>(column / in_row) * kBetween, y,
            wide, own);
    }
    out.height = y + high;
    return out;
}

void draw_contact(QPainter& painter, const ContactSheet& sheet, size_t picture, const QImage& image, const QRectF& cell,
                  const Ink& ink) {
    const auto& of = sheet.pictures[picture];
    const QRectF frame(cell.topLeft(), QSizeF(cell.width(), cell.height() - kCaption));
    PictureStyle style = sheet.style;
    style.sources = style.lines = style.zone = false;
    draw_picture(painter, of.small, image, style, frame, ink);
    const QString lines[] = {place_words(sheet, of), when_words(of), contact_figure(of)};
    QRectF line(cell.left(), frame.bottom() + 4, cell.width(), 15);
    for (int i = 0; i < 3; ++i) {
        const QFont font = plain_for(lines[i], page_font(11, i == 0 ? QFont::DemiBold : QFont::Normal));
        painter.setFont(font);
        painter.setPen(i == 1 ? ink.faint : ink.ink);
        painter.drawText(line, Qt::AlignLeft | Qt::AlignVCenter,
                         QFontMetricsF(font).elidedText(lines[i], Qt::ElideRight, line.width()));
        line.translate(0, 15);
    }
}

Outcome write_contact_sheet(const ContactSheet& sheet, const std::filesystem::path& path) {
    const Ink ink;
    const ContactLayout layout = lay_out(sheet, kPageWidth);
    constexpr double top = 64, foot = 84;
    const int high = static_cast<int>(std::ceil(top + layout.height + foot));
    return write_paper(path, {static_cast<int>(kPageWidth), high}, sheet.title, [&](QPainter& painter) {
        painter.fillRect(QRectF(0, 0, kPageWidth, high), ink.paper);
        painter.setFont(page_font(16, QFont::DemiBold));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(kMargin, 16, kPageWidth - 2 * kMargin, 30), Qt::AlignLeft | Qt::AlignVCenter,
                         sheet.title);
        for (size_t i = 0; i < sheet.pictures.size(); ++i)
            draw_contact(painter, sheet, i, picture_image(sheet.pictures[i].small, sheet.style),
                         layout.cells[i].translated(0, top), ink);
        if (sheet.style.look != PictureStyle::Look::false_colour || sheet.pictures.empty()) return;
        const auto& picture = sheet.pictures.front().small.picture;
        painter.setFont(page_font(12));
        draw_legend(painter, sheet.style.scale, quantity_words(picture), unit_words(picture), ink,
                    QRectF(kMargin, top + layout.height + 20, 400, 50));
    });
}

}  // namespace wp::report
