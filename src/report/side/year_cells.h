// SPDX-License-Identifier: GPL-3.0-or-later
// A year's light in a room by day and hour, its typical days, and the months by hour of every room.
#pragma once
#include <array>

#include "report/side/board.h"

namespace wp::report {

/// What is told of hours of a year: a value each, and what it is told as.
struct HoursCell : SideCell {
    std::vector<double> hours;  ///< 8760
    Scale scale;
    QString unit;

    Terms terms() const override { return Terms::year; }
    double shape() const override { return 2.6; }
    void paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const override;
    std::optional<QPointF> place_at(const QRectF& box, QPointF point) const override;
    QString told(QPointF place) const override;
    QString where(QPointF place) const override;
};

using TypicalDays = std::array<std::array<double, 24>, 12>;  ///< by month and hour

/// Typical days of the months, side by side; those of the base as a dashed line.
struct DaysCell : SideCell {
    TypicalDays days{};
    std::optional<TypicalDays> base;
    double top = 1;     ///< of the scale
    double target = 0;  ///< marked; 0: none
    QString unit;

    Terms terms() const override { return Terms::days; }
    double shape() const override { return 2.6; }
    void paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const override;
    std::optional<QPointF> place_at(const QRectF& box, QPointF point) const override;
    QString told(QPointF place) const override;
    QString where(QPointF place) const override;
};

/// Of each room twelve months across and 24 hours up.
struct MonthsCell : SideCell {
    struct Room {
        QString name;
        std::optional<TypicalDays> days;  ///< none: the option has no such room, or it was not asked
    };
    std::vector<Room> rooms;  ///< the same rows in every cell
    Scale scale;
    QString unit;

    Terms terms() const override { return Terms::months; }
    double shape() const override { return 1.5; }
    void paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const override;
    std::optional<QPointF> place_at(const QRectF& box, QPointF point) const override;
    QString told(QPointF place) const override;
    QString where(QPointF place) const override;

 private:
    std::vector<QRectF> grids(const QRectF& box) const;
};

}  // namespace wp::report
