// SPDX-License-Identifier: GPL-3.0-or-later
// Draws the model off the screen in a thread of its own. The interface only lays pictures on the paper: it never waits
// for OpenGL, which may well be done in software.
#pragma once
#include <QColor>
#include <QImage>
#include <QMatrix4x4>
#include <QObject>
#include <QOffscreenSurface>
#include <future>
#include <memory>
#include <optional>
#include <vector>

#include "base/vec.h"
#include "gui/work/newest.h"

namespace wp::gui {

struct Vertex {
    float position[3], normal[3], colour[3];
};
inline Vertex vertex(Vec3 p, Vec3 n, const QColor& colour) {
    return {{static_cast<float>(p.x), static_cast<float>(p.y), static_cast<float>(p.z)},
            {static_cast<float>(n.x), static_cast<float>(n.y), static_cast<float>(n.z)},
            {colour.redF(), colour.greenF(), colour.blueF()}};
}

/// Triangles and lines of the building; all that casts a shadow.
struct BuildingMesh {
    std::vector<Vertex> faces, lines, before_sun;
};
/// Triangles and lines of the answer on it.
struct MapMesh {
    std::vector<Vertex> flat, contours;
};

/// A picture that is wanted. Meshes are values: what is not another one is not uploaded anew.
struct ModelScene {
    std::shared_ptr<const BuildingMesh> building;
    std::shared_ptr<const MapMesh> map;
    QMatrix4x4 view;
    Vec3 low{-1e9, -1e9, -1e9}, high{1e9, 1e9, 1e9};  ///< what lies outside is cut away
    std::optional<Vec3> to_sun;
    Vec3 middle;  ///< of the building, for the sun
    QColor paper;
    QSize pixels;
    double ratio = 1;  ///< pixels a point of the screen
    quint64 number = 0;
};

class ModelPainter : public QObject {
    Q_OBJECT
 public:
    explicit ModelPainter(QObject* parent = nullptr);
    ~ModelPainter() override;
    /// The newest wins; painted tells of those that were drawn.
    void ask(ModelScene scene);

 signals:
    /// In the interface thread. A null picture: there is no OpenGL on this machine.
    void painted(QImage picture, quint64 number);

 private:
    struct Request {
        ModelScene scene;
        std::promise<void>* last = nullptr;  ///< the thread lets its things go, and says so
    };
    class Canvas;
    QOffscreenSurface surface_;
    std::unique_ptr<Canvas> canvas_;  // of the thread
    std::unique_ptr<Newest<Request>> thread_;
};

}  // namespace wp::gui
