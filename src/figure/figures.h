// SPDX-License-Identifier: GPL-3.0-or-later
// The catalogue of figures that points have, whatever analysis gives them. Whoever lists, maps, compares or certifies
// figures walks it by id. What a figure is stands in data/usual_values.json.
#pragma once
#include <map>
#include <optional>
#include <span>
#include <string_view>

#include "figure/year_points.h"
#include "model/question.h"
#include "question/glare.h"
#include "question/table.h"

namespace wp::figure {

struct PointFigure {
    const char *id, *name, *unit;
    model::Question::Kind of;  ///< the analysis that gives it
    const char* column = "";   ///< of tables: its column; of several moments what their columns begin with
    const YearPointFigure* of_year = nullptr;  ///< of a year
};

/// All, in the order in which they are listed. They live as long as the program.
std::span<const PointFigure> point_figures();
/// Analyses that are asked at seats, whose places are no points of planes: a room's figure is that of its seats.
bool is_of_seats(model::Question::Kind kind);
/// Null where there is none of that id.
const PointFigure* find_point_figure(std::string_view id);

/// A table with what was asked.
struct AskedTable {
    const model::Question* question = nullptr;
    const question::PointTable* table = nullptr;
};

/// What is known of one option; all outlive this.
struct Answers {
    const question::YearAnswer* year = nullptr;
    std::map<model::Question::Kind, const question::PointTable*> tables;  ///< on reference planes, nothing left out
    std::vector<AskedTable> asked;                                        ///< all of them, wherever they were asked
    std::vector<const question::GlareAnswer*> glares;
    std::map<model::Id, metric::Hours> room_hours;  ///< of rooms with occupied hours of their own
};

/// Which hours count in figures of a year, and how they are read.
struct OfYear {
    question::YearLimits limits;
    metric::Hours hours;
    question::Operation operation = question::Operation::open;
};

/// Values on a plane, in the figure's unit; none where the analysis was not asked, or not there. Points without a value
/// are left out. Of several moments the first counts. index: where an answer has the plane, as far as is known.
std::optional<PointValues> point_values(const Answers& answers, const PointFigure& figure,
                                        const geometry::PlanePoints& plane, size_t index, const OfYear& year);

/// Where an answer has a plane; none where it has not. index: is looked at first.
std::optional<size_t> place_of(const question::YearAnswer& year, const geometry::PlanePoints& plane, size_t index);
std::optional<size_t> place_of(const question::PointTable& table, const geometry::PlanePoints& plane, size_t index);
/// The column of a figure; null where the table has none.
const question::Column* column_of(const question::PointTable& table, const PointFigure& figure);

}  // namespace wp::figure
