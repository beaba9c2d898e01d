// SPDX-License-Identifier: GPL-3.0-or-later
// The building in three dimensions, opened like a doll's house: walls are seen from inside, those before the eye and
// the roof are left away, and the answer lies on its reference planes.
#pragma once
#include <QThreadPool>
#include <QTimer>
#include <QToolButton>
#include <QWidget>
#include <memory>
#include <optional>
#include <set>

#include "geometry/surfaces.h"
#include "gui/answers/live_eye.h"
#include "gui/companion/model_picture.h"
#include "gui/desk/page.h"
#include "gui/document/document.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {

class ModelView : public QWidget {
    Q_OBJECT
 public:
    explicit ModelView(Document& document, QWidget* parent = nullptr);
    ~ModelView() override;
    void show_map(const SheetMap& map);
    /// Sun and shade from a direction (unit, towards the sun); none takes them away.
    void show_sun(std::optional<Vec3> to_sun);
    void hide_items(const std::vector<Selection>& items);
    void show_only(const std::vector<Selection>& items);
    void show_everything();
    /// Cuts away what lies outside a box around the items; around nothing, the box goes.
    void box_around(const std::vector<Selection>& items);
    bool has_box() const { return box_.has_value(); }
    size_t triangles_shown() const { return building_mesh_ ? building_mesh_->faces.size() / 3 : 0; }
    /// Where the model is looked at from, for a picture from there.
    LiveEye::Stand stand() const;
    void write_camera(model::View& view) const;
    void read_camera(const model::View& view);
    QSize sizeHint() const override { return {420, 420}; }
    /// Asks for a new picture; the one before stays until it is there.
    void update();
    /// Whether the picture that is shown is of all that was asked for.
    bool is_current() const { return painted_ == wanted_ && !building_; }
    const QImage& picture() const { return picture_; }
    void set_tint(report::TintBy by);

 protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void showEvent(QShowEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    void ask_picture();
    void rebuild();
    void add_triangle(Vec3 a, Vec3 b, Vec3 c, Vec3 normal, const QColor& colour);
    void add_line(Vec3 a, Vec3 b, const QColor& colour);
    // model_map.cpp
    void add_map();
    void draw_value(QPainter& painter);
    struct Ray {
        Vec3 from, along;
    };
    Ray ray_through(QPointF at) const;
    void frame_building();
    bool is_shown(const geometry::Surface& surface) const;
    Vec3 eye() const;
    void pick(QPointF at);
    void add_luminaires();
    void add_sun();
    Vec3 middle() const;

    ModelPainter painter_;
    QImage picture_;
    quint64 wanted_ = 0, painted_ = 0;
    bool asking_ = false, no_opengl_ = false;
    BuildingMesh* mesh_ = nullptr;  // while it is built
    std::shared_ptr<const BuildingMesh> building_mesh_;
    std::shared_ptr<const MapMesh> map_mesh_;  // it comes often, the building changes seldom
    Document& document_;
    SheetMap map_;
    std::shared_ptr<const model::Project> built_;  // the geometry is of this project and option
    size_t built_option_ = 0;
    // Built in the background: until the newest building is ready, the one before it is shown.
    void request_surfaces();
    std::shared_ptr<const geometry::Surfaces> surfaces_;
    bool building_ = false;
    QThreadPool pool_;
    bool map_dirty_ = true;
    QPointF pointer_{-1, -1};
    bool dirty_ = true, framed_ = false, turned_ = false;  // turned: the user has chosen the view
    QTimer renew_;
    double turn_ = 30, tilt_ = 42, distance_ = 30;
    Vec3 target_{};
    QPointF last_, pressed_;
    std::optional<Vec3> to_sun_;
    std::set<model::Id> hidden_, only_;
    std::optional<std::pair<Vec3, Vec3>> box_;
    bool with_roof_ = false;
    report::TintBy tint_ = report::TintBy::nothing;
    QToolButton* roof_button_;
};

Page model_companion(Desktop& desktop);

}  // namespace wp::gui
