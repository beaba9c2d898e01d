// SPDX-License-Identifier: GPL-3.0-or-later
// A picture to be looked into: the value under the pointer, means over what is dragged out, zoom and pan.
#pragma once
#include <QWidget>
#include <memory>
#include <optional>

#include "question/picture_figures.h"
#include "report/picture_image.h"

namespace wp::gui {

class PictureView : public QWidget {
    Q_OBJECT
 public:
    enum class Drag { rectangle, circle, zone };
    using Answer = std::shared_ptr<const question::GlareAnswer>;

    explicit PictureView(const char* name, QWidget* parent = nullptr);
    void show_answer(Answer answer);
    const Answer& answer() const { return answer_; }
    void set_style(const report::PictureStyle& style);
    void set_drag(Drag drag) { drag_ = drag; }
    /// What is written over its upper left corner.
    void set_title(const QString& title);
    /// Where the picture lies in the widget.
    QRectF frame() const;
    QPointF at(const light::PicturePlace& place) const;
    const question::PictureRegion& region() const { return region_; }

    /// As another view that it is linked with: how far in, where its middle is (0 to 1 each way), what is pointed at.
    struct Look {
        double zoom = 1;
        QPointF middle{0.5, 0.5};
        std::optional<light::PicturePlace> pointed;
        question::PictureRegion region;
    };
    Look look() const { return {zoom_, middle_, pointed_, region_}; }
    void follow(const Look& look);

 signals:
    /// The hand has moved something; others follow.
    void looked();
    void region_changed();
    /// The zone of the task was dragged: its middle, in degrees right of and above the line of sight.
    void zone_dragged(double aside, double above);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    QRectF area() const;
    void draw_region(QPainter& painter, const QRectF& frame) const;
    void draw_reading(QPainter& painter) const;
    void drag_zone(const light::PicturePlace& place);

    Answer answer_;
    report::PictureStyle style_;
    QImage image_;
    QString title_;
    Drag drag_ = Drag::rectangle;
    double zoom_ = 1;
    QPointF middle_{0.5, 0.5}, pressed_, middle_before_;
    bool panning_ = false, dragging_ = false;
    std::optional<light::PicturePlace> pointed_;
    question::PictureRegion region_;
};

}  // namespace wp::gui
