// SPDX-License-Identifier: GPL-3.0-or-later
// A storey drawn like an architect's plan: poche walls, openings, rooms, and an answer painted inside the rooms. The
// sheet of the desktop and the pictures of the command line draw with the same hand.
#pragma once
#include <QPainter>
#include <QString>
#include <limits>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "geometry/plane_points.h"
#include "model/option.h"
#include "report/palette.h"
#include "report/tint.h"

namespace wp::model {
struct Project;
}

namespace wp::report {

/// Colours of a drawing.
struct Ink {
    QColor paper{0xf6, 0xf1, 0xe7}, ink{0x2b, 0x22, 0x1c}, faint{0x9d, 0x92, 0x84}, accent{0xb4, 0x4a, 0x1e},
        poche{0x4a, 0x40, 0x38}, room{0xff, 0xfc, 0xf5}, glass{0x6d, 0x8a, 0x94}, ground{0xe6, 0xdd, 0xcd};
    static Ink dark();
};

/// Metres to pixels: x to the right, y up.
struct PlanView {
    double scale = 40;         ///< pixels a metre
    QPointF origin{100, 400};  ///< where (0, 0) falls
    QPointF to_screen(Vec2 p) const { return {origin.x() + p.x * scale, origin.y() - p.y * scale}; }
    Vec2 to_model(QPointF p) const { return {(p.x() - origin.x()) / scale, (origin.y() - p.y()) / scale}; }
    /// The view in which the storey (and its blocks, if wanted) fills the area.
    static PlanView fit(const model::Option& option, size_t storey, QRectF area, bool with_blocks = false);
};

/// An answer on one plane, in the unit of the legend.
struct MapLayer {
    geometry::PlanePoints plane;
    std::vector<double> value;
    double reached = 0;  ///< relative error: coarse maps are smoothed for the eye, never in the numbers
    bool stale = false;
};

/// What is drawn over the colours of a map.
struct MapMarks {
    bool contours = false;  ///< lines at the legend's marks, with their values
    bool values = true;     ///< at points, thinned where they would crowd
    bool figures = false;   ///< of a room, under its name
    /// Below low and above high the map is hatched.
    double low = -std::numeric_limits<double>::infinity(), high = std::numeric_limits<double>::infinity();
    std::optional<double> level;  ///< the share of a room above it is told
    bool has_band() const { return std::isfinite(low) || std::isfinite(high); }
    bool within(double value) const { return value >= low && value <= high; }
    bool operator==(const MapMarks&) const = default;
};

struct PlanScene {
    const model::Option* option = nullptr;
    const model::Project* project = nullptr;  ///< its materials; only needed for colours
    TintBy tint = TintBy::nothing;
    std::vector<std::string> without;  ///< things that questions leave out are drawn dotted
    size_t storey = 0;
    std::vector<MapLayer> maps;
    Scale scale;
    MapMarks marks;
    QString unit;                    ///< of the maps
    std::set<std::string> selected;  ///< ids
    double cut = 1.35;        ///< height of the cut above the floor: what lies wholly above or below it is drawn thin
    bool show_below = true;   ///< the storey below as a faint line
    bool show_areas = false;  ///< inner floor area under the room's name
    QImage sun;               ///< where the sun falls, laid over the sheet
    Vec2 sun_low, sun_high;   ///< the part of the model it covers
    QImage underlay;          ///< a drawing to be traced
    bool room_names = true;
    bool dimensions = true;       ///< permanent dimension lines
    double north = 0;             ///< azimuth of the drawing's +y, degrees
    std::vector<QRectF> taken;    ///< places on the paper where something else is written
    std::vector<QRectF> crossed;  ///< those that a line runs over
};

/// A length as dimension lines have it, without the unit.
QString metres(double length);
/// A dimension line with its figure; the box that the figure takes is returned. away: unit, the side of the line.
/// share: where on the line the figure stands; below nought: it is left out.
QRectF draw_dimension(QPainter& painter, const PlanView& view, const Ink& ink, Vec2 a, Vec2 b, Vec2 away, double pixels,
                      const QString& text, double share = 0.5);

void draw_plan(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink, QRectF area);
/// Scale bar and north point in the lower corners of the area.
void draw_scale_bar(QPainter& painter, const PlanView& view, const Ink& ink, QRectF area, double north);
/// A value with what it usually means, marked on a legend.
struct LegendMark {
    double value;
    QString meaning;
};
/// Horizontal legend with its ends, steps, name and unit; the band of marks is framed, what is beyond it hatched.
void draw_legend(QPainter& painter, const Scale& scale, const QString& name, const QString& unit, const Ink& ink,
                 QRectF area, const MapMarks& marks = {}, const std::vector<LegendMark>& usual = {});
/// Where the legend's bar lies in the area it is given.
QRectF legend_bar(QRectF area);
/// A mark of a legend or a contour in words: three figures, thousands of ten thousand and more as "12k".
QString mark_text(double value);

/// Number for people: three significant digits, no exponent.
QString figure(double value);
/// The half-width of an error beside a figure: never rounded to nothing.
QString error_figure(double half_width);

}  // namespace wp::report
