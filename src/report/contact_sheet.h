// SPDX-License-Identifier: GPL-3.0-or-later
// Many pictures on one sheet, on one scale, each with where, when and how it is judged.
#pragma once
#include <span>

#include "question/shots.h"
#include "report/picture_image.h"

namespace wp::report {

struct ContactSheet {
    QString title;
    std::span<const question::Taken> pictures;
    size_t in_row = 6;
    bool names_option = false;  ///< pictures of several options
    PictureStyle style;         ///< its scale serves all; unless it is one that a picture chose for itself
};
/// A scale that suits all of them.
Scale contact_scale(std::span<const question::Taken> pictures);
/// "DGP 0.41 ± 0.01", or the mean where it is not judged.
QString contact_figure(const question::Taken& picture);

/// Where the cells lie on a sheet of a width; the height of all.
struct ContactLayout {
    std::vector<QRectF> cells;
    double height = 0;
};
ContactLayout lay_out(const ContactSheet& sheet, double width);
/// image: of the picture, by picture_image.
void draw_contact(QPainter& painter, const ContactSheet& sheet, size_t picture, const QImage& image, const QRectF& cell,
                  const Ink& ink);
/// ".svg" gives a drawing, anything else a picture.
Outcome write_contact_sheet(const ContactSheet& sheet, const std::filesystem::path& path);

}  // namespace wp::report
