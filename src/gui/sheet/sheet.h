// SPDX-License-Identifier: GPL-3.0-or-later
// The sheet: a storey's plan, drawn, with the answer painted inside the rooms. What the pointer does on it is up to the
// tool in hand. sheet.cpp paints the plan; sheet_marks.cpp what stands on it for editing; sheet_reads.cpp what is read
// from the map; sheet_site.cpp the site; sheet_pointer.cpp takes mouse and keys; sheet_items.cpp finds what lies where.
#pragma once
#include <QPixmap>
#include <QStringList>
#include <QWidget>
#include <functional>
#include <map>
#include <set>

#include "edit/edit.h"
#include "edit/wall_near.h"
#include "geometry/snapping.h"
#include "gui/answers/sheet_map.h"
#include "gui/document/document.h"
#include "gui/sheet/sheet_tool.h"
#include "incoming/drawing.h"
#include "question/clear_arc.h"
#include "report/plan.h"

namespace wp::gui {

class TypedEntry;

/// An arc around a seat where one can look untroubled.
struct SeatArc {
    Vec2 at;
    size_t number = 0;                      ///< by which it is told when it is pressed
    std::optional<question::ClearArc> arc;  ///< none: not known yet
    QString name, words, value;             ///< value: of the worst direction
    bool settled = true;
    bool small = false;                              ///< one of many
    double apart = 1;                                ///< metres to the next, of many
    std::function<QString(double heading)> reading;  ///< what is told of a direction; may be empty
};

/// What lies at a snap or a wall takes the pointer in at this distance, in pixels.
inline constexpr double kSnapPixels = 9, kWallPixels = 7;

class Sheet : public QWidget {
    Q_OBJECT
 public:
    explicit Sheet(Document& document, QWidget* parent = nullptr);

    Document& document() const { return document_; }

    // Tools
    void add_tool(MakeTool make);
    const std::vector<SheetTool*>& tools() const { return tools_; }
    /// The one in hand. There must be one.
    const SheetTool& tool_in_hand() const { return *tool_; }
    /// The only tool of its type. There must be one.
    template <class T>
    T& tool() const {
        for (SheetTool* one : tools_)
            if (T* as = qobject_cast<T*>(one)) return *as;
        qFatal("the sheet has no %s", T::staticMetaObject.className());
    }
    void take_up(SheetTool& tool);
    /// Puts the tool down: takes up the one that rests in this use of the sheet.
    void rest();
    /// Puts the tool down.
    void set_use(SheetUse use);
    bool is_drawn_on() const { return use_ == SheetUse::draw; }
    bool is_read() const { return use_ == SheetUse::read; }
    void say_hint();

    // For tools
    /// In pixels; negative while it is elsewhere.
    QPointF pointer() const { return pointer_; }
    /// Null where the option has no storey.
    const model::Storey* storey() const;
    /// from: where the line begins that is drawn.
    geometry::Snap snap(Vec2 place, std::optional<Vec2> from = {}) const;
    /// What lies uppermost there, in pixels.
    Selection pick(QPointF at) const;
    /// Whether the pointer went far enough for more than a click.
    bool is_drag(QPointF from, QPointF to) const;
    /// Counts presses: edits of one drag are one step.
    int gesture() const { return gesture_; }
    /// Types over the figure that stands there; false where none does.
    bool edit_figure_at(QPointF at);

    // What it shows
    void show_map(SheetMap map);
    const SheetMap& map() const { return map_; }
    void set_with_blocks(bool on);
    /// What stands beside each reading, by its id.
    void show_readings(std::map<model::Id, QString> values);
    /// Windows that a list points at.
    void highlight(std::set<model::Id> items);
    /// The line that a profile is taken along, and a place on it; none takes them away.
    void show_profile(std::optional<std::pair<Vec2, Vec2>> line, std::optional<Vec2> mark);
    /// The point that is asked about; none takes it away.
    void show_asked(std::optional<Vec2> at);
    /// Arcs around seats; none takes them away.
    void show_seats(std::vector<SeatArc> seats);
    const std::vector<SeatArc>& seats() const { return seats_; }
    /// The seat whose ring is there, and the heading, degrees.
    std::optional<std::pair<size_t, double>> seat_at(QPointF at) const;
    /// The part of the map whose mean is shown, lower left and upper right; none takes it away.
    const std::optional<std::pair<Vec2, Vec2>>& mean_area() const { return mean_area_; }
    void show_mean_of(std::optional<std::pair<Vec2, Vec2>> corners);
    /// Marks the drawing as old and asks for a repaint; Qt's own update only repaints what the pointer does.
    void update();
    void fit();
    /// Fits to the rooms; where they fit already, to all around them too.
    void fit_on();
    const report::PlanView& view() const { return view_; }
    QSize sizeHint() const override { return {700, 500}; }
    /// Latest repaint that carried a new map, for measuring liveness.
    uint64_t maps_painted() const { return maps_painted_; }

    void set_tint(report::TintBy by);
    report::TintBy tint() const { return tint_; }

    geometry::SnapSettings& snaps() { return snaps_; }
    double cut() const { return cut_; }
    void set_cut(double height);
    void show_sun(QImage picture, Vec2 low, Vec2 high);
    /// The picture under the storey, already rendered; null for none.
    void show_underlay(QImage picture);
    /// Lines of a drawing that lies under the storey, for the pointer to take; null: there is none.
    void show_drawing(std::shared_ptr<const incoming::Drawing::Laid> drawing) { drawing_ = std::move(drawing); }
    const incoming::Drawing::Laid* drawing() const { return drawing_.get(); }
    /// A line across the plan: the section that the companion shows.
    void show_section_line(Vec2 a, Vec2 b);
    void show_faults(std::vector<Vec2> places);
    /// The point that the sky is seen from, on the Site desk.
    void show_sky_point(std::optional<Vec2> at);
    /// The wall of the storey that is nearest, within so many pixels.
    std::optional<edit::WallSpot> wall_near(QPointF at, double pixels) const;
    /// Middle of the north point, in pixels.
    QPointF north_point() const;
    /// Scrolls to an item, if it is out of sight.
    void reveal(const Selection& item);
    /// Opens the entry for typed lengths at the pointer.
    void type_numbers(const QString& first_digit);
    void delete_selection();
    void select_everything();

 signals:
    void tool_changed(const wp::gui::SheetTool* tool);
    void hint(const QString& text);
    void section_drawn(Vec2 a, Vec2 b);
    void menu_wanted(const QPoint& at);
    /// A press on the Site desk, in metres.
    void place_pressed(Vec2 at);
    /// A direction of a seat was clicked; or its ring was dragged so far around, degrees, all seats with it. done: the
    /// drag has ended.
    void seat_pressed(size_t seat, double heading);
    void seats_turned(double by, bool done);
    /// A click where the map is read.
    void place_read(Vec2 at);
    void resized(QSize size);
    /// Space is pressed or let go: the map as it was before the last edit.
    void before_wanted(bool held);

 protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void keyReleaseEvent(QKeyEvent*) override;
    void focusOutEvent(QFocusEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    // What the pointer holds of the sheet itself while a button is down.
    struct Hold {
        enum class What { none, pan, north, seats } what = What::none;
        QPointF pressed, origin;
        size_t seat = 0;
        double heading = 0;  // where it was taken hold of
        double turned = 0;
        bool moved = false;
    };
    // A figure on the sheet that can be typed over.
    struct Figure {
        QRectF box;
        double value;
        std::function<void(double)> commit;
    };

    Pointing pointing(const QMouseEvent& event);
    void open_menu(QPoint at);
    void escape();
    void edit_figure(const Figure& figure);
    // sheet_reads.cpp
    void draw_reads(QPainter& painter) const;
    void draw_mean(QPainter& painter) const;
    // sheet_seats.cpp
    void draw_seats(QPainter& painter) const;
    void draw_seat(QPainter& painter, const SeatArc& seat) const;
    double ring_of(const SeatArc& seat) const;
    bool press_seat();
    void turn_seats();
    void draw_readings(QPainter& painter) const;
    void draw_reading(QPainter& painter) const;
    QString reading_text(const model::Reading& reading) const;
    void draw_value(QPainter& painter, Vec2 place, QPointF at, bool whole) const;
    void pin_value();
    void follow_size();
    void draw_plan_picture();
    std::vector<QRectF> taken() const;
    std::vector<QRectF> crossed() const;
    std::vector<std::pair<const model::Reading*, QRectF>> reading_plates() const;
    bool press_site();
    void turn_north();
    void draw_site(QPainter& painter) const;
    report::PlanView fitted_view(bool with_blocks) const;
    void draw_tint_legend(QPainter& painter) const;
    void draw_section_line(QPainter& painter) const;
    // sheet_marks.cpp
    void draw_figures(QPainter& painter);
    void figure(QPainter& painter, Vec2 a, Vec2 b, Vec2 away, double value, std::function<void(double)> commit);
    void draw_wall_figure(QPainter& painter, const model::Room& room, const std::vector<double>& inner, int edge);
    void draw_room_figures(QPainter& painter, const model::Room& room);
    void draw_opening_figures(QPainter& painter, const model::Id& opening);
    void draw_partition_figure(QPainter& painter, const model::Partition& wall);
    void draw_faults(QPainter& painter) const;

    Document& document_;
    std::vector<SheetTool*> tools_;
    SheetTool* tool_ = nullptr;
    SheetUse use_ = SheetUse::look;
    std::vector<SeatArc> seats_;
    report::PlanView view_;
    QSize seen_;  // when it was painted last
    bool fitted_ = false, touched_ = false, with_blocks_ = false;
    QPixmap plan_;  // the drawing as it was painted last; null where it is old
    std::optional<std::pair<Vec2, Vec2>> mean_area_, profile_;
    std::optional<Vec2> profile_mark_, asked_, pinned_;
    std::map<model::Id, QString> readings_;
    std::set<model::Id> highlighted_;
    SheetMap map_;
    Hold hold_;
    int gesture_ = 0;
    QPointF pointer_{-1, -1};
    bool new_map_ = false;
    uint64_t maps_painted_ = 0;
    geometry::SnapSettings snaps_;
    double cut_ = 1.35;
    QImage sun_, underlay_;
    std::shared_ptr<const incoming::Drawing::Laid> drawing_;
    Vec2 sun_low_, sun_high_;
    std::optional<std::pair<Vec2, Vec2>> section_;
    std::vector<Vec2> faults_;
    std::optional<Vec2> sky_point_;
    std::vector<Figure> figures_;
    TypedEntry* entry_ = nullptr;
    report::TintBy tint_ = report::TintBy::nothing;
};

}  // namespace wp::gui
