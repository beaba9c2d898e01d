// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures of several options on one board and one scale: each kind of picture is a cell, and a place in one cell is
// the same place in the others.
#pragma once
#include <filesystem>
#include <memory>
#include <optional>
#include <vector>

#include "base/result.h"
#include "model/project.h"
#include "report/plan.h"

namespace wp::report {

inline constexpr int kSideText = 12;  ///< pixels, of what stands in cells

/// A picture of one option. Painted in any thread.
class SideCell {
 public:
    /// What places of a cell are: those of cells with the same terms mean the same.
    enum class Terms {
        plan,     ///< metres in the drawing
        year,     ///< day 0 to 365, hour 0 to 24
        months,   ///< month 0 to 12; 24 times the row of the room, and the hour
        days,     ///< month 0 to 12, of which each has one day; y is not used
        line,     ///< metres along a line; y is not used
        picture,  ///< pixels
        none,
    };
    virtual ~SideCell() = default;
    virtual Terms terms() const = 0;
    /// Width by height that suits it.
    virtual double shape() const = 0;
    /// under: a place that is pointed at.
    virtual void paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const = 0;
    /// The place under a point of the box; none beside the picture.
    virtual std::optional<QPointF> place_at(const QRectF& box, QPointF point) const = 0;
    /// What the option has at a place, with its unit; empty where it has nothing there.
    virtual QString told(QPointF place) const = 0;
    /// What a place is called; may be empty.
    virtual QString where(QPointF) const { return {}; }
};

struct SideBoard {
    struct Of {
        QString name;
        std::optional<size_t> option;  ///< index in the project
        std::shared_ptr<const SideCell> cell;
        QString missing;  ///< why there is no cell, in words
        QString note;     ///< said beside the name; may be empty
    };
    std::vector<Of> cells;
    QString words, unit;         ///< of the legend
    std::optional<Scale> scale;  ///< none: without a legend
    QString foot;                ///< stands in the legend's place, or under it
    bool tells_one = false;      ///< cells are of different figures: only the one that is pointed at is told of
};

/// Where the cells lie, so many in a row that pictures come out largest: with their names above, over the legend.
struct SideLayout {
    std::vector<QRectF> cells, pictures;
    QRectF legend;
};
SideLayout lay_out(const SideBoard& board, QRectF area);
/// chosen: an option that stands out. under: a place in the terms of a cell.
struct SideLook {
    std::optional<size_t> chosen;
    std::optional<std::pair<SideCell::Terms, QPointF>> under;
};
void draw_side(QPainter& painter, const SideBoard& board, const Ink& ink, QRectF area, const SideLook& look = {});
/// "21 Mar 14:00: Narrow 310 lx   Wide 420 lx", of a place in the terms of the cell that is pointed at.
QString told_at(const SideBoard& board, size_t pointed, QPointF place);

/// A page of kSidePage with a title.
inline constexpr QSize kSidePage{1400, 900};
void draw_side_page(QPainter& painter, const SideBoard& board, const QString& title);
/// ".svg" gives a drawing, anything else a picture.
Outcome write_side(const SideBoard& board, const QString& title, const std::filesystem::path& path);

}  // namespace wp::report
