// SPDX-License-Identifier: GPL-3.0-or-later
// The building in three dimensions, opened like a doll's house: walls are seen from inside, those before the eye and the
// roof are left away, and the answer lies on its reference planes.
#pragma once
#include <QImage>
#include <QMatrix4x4>
#include <QOffscreenSurface>
#include <QOpenGLBuffer>
#include <QOpenGLContext>
#include <QOpenGLFramebufferObject>
#include <QOpenGLFunctions>
#include <QOpenGLShaderProgram>
#include <QThreadPool>
#include <QTimer>
#include <QToolButton>
#include <QWidget>
#include <memory>
#include <optional>
#include <set>

#include "geometry/surfaces.h"
#include "gui/document.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {

// Drawn off the screen and laid on the widget as a picture: a window with a widget of OpenGL in it is put together anew for every
// change anywhere, which is slow where OpenGL is done in software.
class ModelView : public QWidget, protected QOpenGLFunctions {
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
    size_t triangles_shown() const { return faces_.size() / 3; }
    void write_camera(model::View& view) const;
    void read_camera(const model::View& view);
    QSize sizeHint() const override { return {420, 420}; }
    /// What is shown, drawn anew if anything changed; null where there is no OpenGL.
    const QImage& picture();
    /// Marks the picture as old and asks for a repaint.
    void update();
    void set_tint(report::TintBy by);

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
    struct Vertex {
        float position[3], normal[3], colour[3];
    };
    bool begin_drawing();
    void draw_scene();
    void rebuild();
    void add_triangle(Vec3 a, Vec3 b, Vec3 c, Vec3 normal, const QColor& colour);
    static Vertex vertex(Vec3 p, Vec3 normal, const QColor& colour);
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
    void add_sun();
    Vec3 middle() const;
    QMatrix4x4 draw_from_sun();

    QOpenGLContext context_;
    QOffscreenSurface offscreen_;
    bool tried_ = false;
    std::unique_ptr<QOpenGLFramebufferObject> canvas_, resolved_;
    QImage picture_;
    Document& document_;
    SheetMap map_;
    std::vector<Vertex> faces_, lines_;
    std::vector<Vertex> flat_, contours_;  // of the map: it comes often, the building changes seldom
    std::shared_ptr<const model::Project> built_;  // the geometry is of this project and option
    size_t built_option_ = 0;
    // Built in the background: until the newest building is ready, the one before it is shown.
    void request_surfaces();
    std::shared_ptr<const geometry::Surfaces> surfaces_;
    bool building_ = false;
    QThreadPool pool_;
    bool map_dirty_ = true, map_uploaded_ = false;
    QPointF pointer_{-1, -1};
    bool dirty_ = true, framed_ = false, turned_ = false;  // turned: the user has chosen the view
    std::unique_ptr<QOpenGLShaderProgram> program_;
    enum Buffer { kFaces, kFlat, kLines, kSun, kContours };
    QOpenGLBuffer buffers_[5] = {QOpenGLBuffer(QOpenGLBuffer::VertexBuffer), QOpenGLBuffer(QOpenGLBuffer::VertexBuffer), QOpenGLBuffer(QOpenGLBuffer::VertexBuffer), QOpenGLBuffer(QOpenGLBuffer::VertexBuffer), QOpenGLBuffer(QOpenGLBuffer::VertexBuffer)};
    bool uploaded_ = false;
    QTimer renew_;
    double turn_ = 30, tilt_ = 42, distance_ = 30;
    Vec3 target_{};
    QPointF last_, pressed_;
    std::optional<Vec3> to_sun_;
    std::vector<Vertex> before_sun_;  // all that casts a shadow
    std::unique_ptr<QOpenGLShaderProgram> depth_program_;
    std::unique_ptr<QOpenGLFramebufferObject> sun_picture_;
    std::set<model::Id> hidden_, only_;
    std::optional<std::pair<Vec3, Vec3>> box_;
    bool with_roof_ = false;
    report::TintBy tint_ = report::TintBy::nothing;
    QToolButton* roof_button_;
};

}  // namespace wp::gui
