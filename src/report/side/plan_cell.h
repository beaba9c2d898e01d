// SPDX-License-Identifier: GPL-3.0-or-later
// A storey with a map in it, or with arcs around seats.
#pragma once
#include "question/clear_arc.h"
#include "report/side/board.h"

namespace wp::report {

struct SideArc {
    Vec2 at;
    QString name, value;  ///< value: of the worst direction
    question::ClearArc arc;
};

struct PlanCell : SideCell {
    std::shared_ptr<const model::Project> project;
    size_t option = 0, storey = 0;
    std::vector<MapLayer> layers;  ///< in the legend's unit
    Scale scale;
    QString unit;
    std::vector<SideArc> arcs;

    Terms terms() const override { return Terms::plan; }
    double shape() const override;
    void paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const override;
    std::optional<QPointF> place_at(const QRectF& box, QPointF point) const override;
    QString told(QPointF place) const override;
    /// On the storey that is shown; none where it has no point near.
    std::optional<double> value_at(Vec2 place) const;

 private:
    PlanView view(const QRectF& box) const;
};

/// What a layer has at a place; none where it has no point near.
std::optional<double> value_at(const MapLayer& layer, Vec2 place);
/// Takes one option's values away from another's, plane by plane and point by point; no value where there is none.
/// Returns the largest difference.
double take_away(std::vector<MapLayer>& layers, const std::vector<MapLayer>& base);
/// A scale for all of them: from nought, or around it.
Scale map_scale(const std::vector<MapLayer>& layers);
Scale difference_scale(double most);
/// "+310" where it is a difference.
QString value_words(double value, const Scale& scale, const QString& unit);

/// The arc around a seat on a drawing, in ink: where one looks untroubled, and a tick to where it is worst.
struct ArcLook {
    double ring = 27;     ///< radius, pixels
    bool settled = true;  ///< else dashed
    bool small = false;   ///< one of many: without tick and value
    QString value;
};
inline constexpr double kArcTick = 9;  ///< pixels
void draw_arc(QPainter& painter, QPointF middle, const question::ClearArc& arc, const ArcLook& look, const Ink& ink);

}  // namespace wp::report
