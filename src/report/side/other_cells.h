// SPDX-License-Identifier: GPL-3.0-or-later
// Profiles over a section, and what is seen from a place.
#pragma once
#include <QImage>

#include "report/picture_image.h"
#include "report/profile_chart.h"
#include "report/side/board.h"

namespace wp::report {

/// Curves of all options over the section of one: the whole board is this cell.
struct ProfileCell : SideCell {
    std::shared_ptr<const model::Project> project;
    size_t option = 0;
    geometry::Section section;
    ProfileChart chart;  ///< without section and option

    Terms terms() const override { return Terms::line; }
    double shape() const override { return 1.6; }
    void paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const override;
    std::optional<QPointF> place_at(const QRectF& box, QPointF point) const override;
    QString told(QPointF place) const override;
    QString where(QPointF place) const override;

 private:
    ProfileChart whole() const;
};

struct PictureCell : SideCell {
    std::shared_ptr<const question::GlareAnswer> answer;
    PictureStyle style;
    QImage image;  ///< by picture_image

    Terms terms() const override { return Terms::picture; }
    double shape() const override;
    void paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const override;
    std::optional<QPointF> place_at(const QRectF& box, QPointF point) const override;
    QString told(QPointF place) const override;
};

}  // namespace wp::report
