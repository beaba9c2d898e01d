// SPDX-License-Identifier: GPL-3.0-or-later
// The sheet: a storey's plan, drawn, with the answer painted inside the rooms, and the tools that draw on it.
// sheet.cpp paints; sheet_marks.cpp paints what the tools show; sheet_pointer.cpp takes mouse and keys; sheet_drag.cpp
// moves what is held; sheet_make.cpp makes new things.
#pragma once
#include <QPixmap>
#include <QStringList>
#include <QWidget>
#include <functional>
#include <map>
#include <set>

#include "geometry/edit.h"
#include "geometry/snapping.h"
#include "gui/answers/sheet_map.h"
#include "gui/document/document.h"
#include "report/plan.h"

namespace wp::gui {

class TypedEntry;

enum class Tool {
    select,
    rectangle,
    outline,
    window,
    door,
    opening,
    observer,
    partition,
    floor_void,
    rooflight,
    split,
    dimension,
    measure,
    section,
    scale_underlay,
    thing,
    block,
    area,
    aim,
    reading,
    profile
};

class Sheet : public QWidget {
    Q_OBJECT
 public:
    explicit Sheet(Document& document, QWidget* parent = nullptr);

    void set_tool(Tool tool);
    Tool tool() const { return tool_; }
    void show_map(SheetMap map);
    const SheetMap& map() const { return map_; }
    /// Whether edits are taken; desks other than Build only show.
    void set_editable(bool on) { editable_ = on; }
    void set_with_blocks(bool on);
    /// Whether maps are read here (Light desk): a click asks why, a drag over the map takes its mean.
    void set_reads(bool on);
    /// What stands beside each reading, by its id.
    void show_readings(std::map<model::Id, QString> values);
    /// Windows that a list points at.
    void highlight(std::set<model::Id> items);
    /// The line that a profile is taken along, and a place on it; none takes them away.
    void show_profile(std::optional<std::pair<Vec2, Vec2>> line, std::optional<Vec2> mark);
    /// The point that is asked about; none takes it away.
    void show_asked(std::optional<Vec2> at);
    /// Where values are read as if the pointer were there; for pictures.
    const std::optional<std::pair<Vec2, Vec2>>& mean_area() const { return mean_area_; }
    /// Marks the drawing as old and asks for a repaint; Qt's own update only repaints what the pointer does.
    void update();
    void fit();
    /// Fits to the rooms; where they fit already, to all around them too.
    void fit_on();
    const report::PlanView& view() const { return view_; }
    QSize sizeHint() const override { return {700, 500}; }
    /// Latest repaint that carried a new map, for measuring liveness.
    uint64_t maps_painted() const { return maps_painted_; }

    /// Takes up the tool that places that kind of thing.
    void place_things(model::Thing::Kind kind);
    model::Thing::Kind thing_kind() const { return thing_kind_; }
    /// What the next rectangle is: the part that a plane covers, one that it leaves out, or the part that electric
    /// light is for.
    enum class AreaOf { plane, left_out, lighting };
    void draw_area(const model::Id& subject, AreaOf of);
    /// The next click is what an observer looks at.
    void aim_observer(const model::Id& observer);
    void set_tint(report::TintBy by);
    report::TintBy tint() const { return tint_; }

    geometry::SnapSettings& snaps() { return snaps_; }
    double cut() const { return cut_; }
    void set_cut(double height);
    void show_sun(QImage picture, Vec2 low, Vec2 high);
    /// The picture under the storey, already rendered; null for none.
    void show_underlay(QImage picture);
    /// A line across the plan: the section that the companion shows.
    void show_section_line(Vec2 a, Vec2 b);
    void show_faults(std::vector<Vec2> places);
    /// The point that the sky is seen from, on the Site desk.
    void show_sky_point(std::optional<Vec2> at);
    /// A wall of the storey that is drawn, near a place in metres.
    struct WallSpot {
        model::Id room;
        int edge = -1;
        double along = 0;
    };
    std::optional<WallSpot> wall_at(Vec2 place, double pixels) const {
        return wall_near(view_.to_screen(place), pixels);
    }
    /// Middle of the north point, in pixels.
    QPointF north_point() const;
    /// Scrolls to an item, if it is out of sight.
    void reveal(const Selection& item);
    /// Opens the entry for typed lengths at the pointer.
    void type_numbers(const QString& first_digit);
    void delete_selection();
    void select_everything();

 signals:
    void tool_changed(Tool tool);
    void hint(const QString& text);
    void section_drawn(Vec2 a, Vec2 b);
    void menu_wanted(const QPoint& at);
    /// A press on the Site desk, in metres.
    void place_pressed(Vec2 at);
    /// On the Light desk: a click, a reading, a profile's ends.
    void place_read(Vec2 at);
    void reading_wanted(Vec2 at);
    void profile_drawn(Vec2 a, Vec2 b);
    void resized(QSize size);

 protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    // What the pointer holds while a button is down.
    struct Grip {
        enum class What {
            none,
            pan,
            north,
            mean,
            items,
            opening,
            corner,
            handle,
            wall,
            band,
            rectangle
        } what = What::none;
        Selection item;
        int index = -1;
        Vec2 from;
        QPointF pressed;
        model::Option before;
        QPointF view_origin;
        bool copies = false, moved = false;
    };
    // A figure on the sheet that can be typed over.
    struct Figure {
        QRectF box;
        double value;
        std::function<void(double)> commit;
    };

    const model::Storey* storey() const;
    geometry::Snap snap(Vec2 p) const;
    std::optional<WallSpot> wall_near(QPointF at, double pixels) const;
    Selection pick(QPointF at) const;
    Grip grip_at(QPointF at) const;
    void press_opening();
    void press_select(Qt::KeyboardModifiers modifiers);
    void drag_to(QPointF at);
    std::optional<QString> drag_items(model::Option& after, Vec2 p) const;
    void select_band(QPointF a, QPointF b, bool add);
    void edit_storey(const QString& name, const std::function<void(model::Option&, model::Storey&)>& change,
                     const QString& gesture = {});

    // Points of the tool at work.
    void add_point(Vec2 at);
    void finish_points();
    void typed(double first, std::optional<double> second);
    size_t points_needed() const;
    void make_room(std::vector<Vec2> footprint);
    void make_opening(const WallSpot& spot);
    void make_observer(Vec2 at);
    void make_partition(Vec2 a, Vec2 b);
    void make_void(std::vector<Vec2> outline);
    void make_rooflight(Vec2 at);
    // sheet_site.cpp
    // sheet_reads.cpp
    void release_read(const Grip& grip, double moved);
    void draw_reads(QPainter& painter) const;
    void draw_mean(QPainter& painter) const;
    void draw_readings(QPainter& painter) const;
    void draw_reading(QPainter& painter) const;
    void draw_plan_picture();
    bool press_site();
    void turn_north();
    void draw_site(QPainter& painter) const;
    // sheet_things.cpp
    bool is_box() const;
    bool takes_one_click() const;
    void make_thing(Vec2 a, std::optional<Vec2> b);
    void make_block(Vec2 a, Vec2 b);
    void make_area(Vec2 a, Vec2 b);
    void make_aim(Vec2 at);
    Selection thing_at(Vec2 p, bool outdoors) const;
    /// Corners of the selected thing or block that can be drawn out; empty for others.
    std::vector<Vec2> handles() const;
    QString drag_handle(model::Option& after, Vec2 to) const;
    void draw_tint_legend(QPainter& painter) const;
    void split_here(Vec2 a, Vec2 b);
    void make_dimension(Vec2 a, Vec2 b, Vec2 at);
    void scale_underlay(Vec2 a, Vec2 b);

    report::PlanView fitted_view(bool with_blocks) const;
    void say_hint();
    bool is_drawing() const;
    void edit_figure(const Figure& figure);
    void draw_tools(QPainter& painter) const;
    void draw_snap(QPainter& painter) const;
    void draw_points(QPainter& painter) const;
    void draw_figures(QPainter& painter);
    void figure(QPainter& painter, Vec2 a, Vec2 b, Vec2 away, double value, std::function<void(double)> commit);
    void draw_wall_figure(QPainter& painter, const model::Room& room, const std::vector<double>& inner, int edge);
    void draw_ghost_opening(QPainter& painter) const;
    void draw_faults(QPainter& painter) const;

    Document& document_;
    Tool tool_ = Tool::select;
    report::PlanView view_;
    bool fitted_ = false, editable_ = true, with_blocks_ = false, reads_ = false;
    QPixmap plan_;  // the drawing as it was painted last; null where it is old
    std::optional<std::pair<Vec2, Vec2>> mean_area_, profile_;
    std::optional<Vec2> profile_mark_, asked_;
    std::map<model::Id, QString> readings_;
    std::set<model::Id> highlighted_;
    SheetMap map_;
    Grip grip_;
    int gesture_ = 0;
    std::vector<Vec2> points_;
    bool arc_ = false;  // the next two points make an arc
    std::optional<Vec2> arc_end_;
    QPointF pointer_{-1, -1};
    bool new_map_ = false;
    uint64_t maps_painted_ = 0;
    geometry::SnapSettings snaps_;
    double cut_ = 1.35;
    QImage sun_, underlay_;
    Vec2 sun_low_, sun_high_;
    std::optional<std::pair<Vec2, Vec2>> section_;
    std::vector<Vec2> faults_;
    std::optional<Vec2> sky_point_;
    std::vector<Figure> figures_;
    TypedEntry* entry_ = nullptr;
    model::Thing::Kind thing_kind_ = model::Thing::Kind::table;
    model::Id subject_;  // the plane or observer that a tool works for
    AreaOf area_of_ = AreaOf::plane;
    report::TintBy tint_ = report::TintBy::nothing;
};

}  // namespace wp::gui
