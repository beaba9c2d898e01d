// SPDX-License-Identifier: GPL-3.0-or-later
// The sheet: a storey's plan, drawn, with the answer painted inside the rooms, and the tools that draw on it.
#pragma once
#include <QWidget>

#include "gui/document.h"
#include "report/plan.h"

namespace wp::gui {

enum class Tool { select, rectangle, outline, window, observer };

/// What is painted in the rooms, and how it is named.
struct SheetMap {
    std::vector<report::MapLayer> layers;
    report::Scale scale;
    QString name, unit;
    std::vector<std::vector<double>> half_width;  ///< of each layer's points; may be empty
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
    void fit();
    const report::PlanView& view() const { return view_; }
    QSize sizeHint() const override { return {700, 500}; }
    /// Latest repaint that carried a new map, for measuring liveness.
    uint64_t maps_painted() const { return maps_painted_; }

 signals:
    void tool_changed(Tool tool);
    void hint(const QString& text);

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
        enum class What { none, pan, opening, corner, wall, room, observer, rectangle } what = What::none;
        model::Id id;
        int index = -1;
        Vec2 from;
        model::Option before;
        QPointF view_origin;
    };
    struct Snap {
        Vec2 at;
        bool on_x = false, on_y = false;  ///< aligned with something drawn
    };
    struct WallSpot {
        model::Id room;
        int edge = -1;
        double along = 0;
    };

    const model::Storey* storey() const;
    Snap snap(Vec2 p, const model::Id& ignore_room) const;
    std::optional<WallSpot> wall_near(QPointF at, double pixels) const;
    Selection pick(QPointF at) const;
    std::optional<Grip> grip_at(QPointF at) const;
    void drag_to(QPointF at);
    void drag_opening(model::Option& option, Vec2 p) const;
    bool reshape(model::Option& option, const std::function<void(model::Room&)>& change) const;
    void add_room(std::vector<Vec2> footprint);
    void add_window(const WallSpot& spot);
    void add_observer(Vec2 at);
    void finish_outline();
    void delete_selection();
    void say_hint();
    void draw_tools(QPainter& painter) const;
    void draw_dimensions(QPainter& painter) const;
    void draw_reading(QPainter& painter) const;
    void draw_ghost_window(QPainter& painter) const;

    Document& document_;
    Tool tool_ = Tool::select;
    report::PlanView view_;
    bool fitted_ = false, editable_ = true, with_blocks_ = false;
    SheetMap map_;
    Grip grip_;
    int gesture_ = 0;
    std::vector<Vec2> outline_;
    QPointF pointer_{-1, -1};
    bool new_map_ = false;
    uint64_t maps_painted_ = 0;
};

/// Takes away what is selected: a room with its planes and observers, an opening, an observer, a block.
void remove_selected(model::Option& option, const Selection& selection);

}  // namespace wp::gui
