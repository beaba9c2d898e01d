// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/picture/picture_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "report/language/words.h"

namespace wp::gui {

using light::PicturePlace;
using question::PictureRegion;

namespace {

constexpr double kMostZoom = 64;
constexpr int kTitle = 24;

}  // namespace

PictureView::PictureView(const char* name, QWidget* parent) : QWidget(parent) {
    setObjectName(QString::fromLatin1(name));
    setAccessibleName(QObject::tr("Picture"));
    setMouseTracking(true);
    setMinimumSize(220, 200);
    setCursor(Qt::CrossCursor);
}

void PictureView::show_answer(Answer answer) {
    const bool same_shape = answer_ != nullptr && answer != nullptr &&
                            answer_->picture.lens.width == answer->picture.lens.width &&
                            answer_->picture.lens.height == answer->picture.lens.height;
    answer_ = std::move(answer);
    image_ = {};
    if (!same_shape) {
        region_ = {};
        pointed_.reset();
    }
    update();
}

void PictureView::set_style(const report::PictureStyle& style) {
    if (style == style_) return;
    style_ = style;
    image_ = {};
    update();
}

void PictureView::set_title(const QString& title) {
    title_ = title;
    update();
}

QRectF PictureView::area() const { return QRectF(rect()).adjusted(space::small, kTitle, -space::small, -space::small); }

QRectF PictureView::frame() const {
    if (answer_ == nullptr) return area();
    const QRectF whole = report::frame_within(answer_->picture.lens, area());
    const QSizeF size = whole.size() * zoom_;
    const QPointF middle = area().center();
    return {middle - QPointF(size.width() * middle_.x(), size.height() * middle_.y()), size};
}

QPointF PictureView::at(const PicturePlace& place) const {
    return report::in_frame(answer_->picture.lens, frame(), place);
}

void PictureView::follow(const Look& look) {
    zoom_ = look.zoom;
    middle_ = look.middle;
    pointed_ = look.pointed;
    region_ = look.region;
    update();
}

void PictureView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    painter.setPen(ink().ink);
    QFont font = painter.font();
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.drawText(QRectF(space::small, 0, width() - 2 * space::small, kTitle), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(title_, Qt::ElideRight, width() - 2 * space::small));
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    if (answer_ == nullptr || answer_->picture.value.empty()) {
        painter.setPen(ink().faint);
        painter.drawText(area(), Qt::AlignCenter, QObject::tr("Looking \u2026"));
        return;
    }
    if (image_.isNull()) image_ = report::picture_image(*answer_, style_);
    const QRectF where = frame();
    painter.setClipRect(area());
    report::draw_picture(painter, *answer_, image_, style_, where, ink());
    draw_region(painter, where);
    painter.setClipping(false);
    draw_reading(painter);
}

void PictureView::draw_region(QPainter& painter, const QRectF& frame) const {
    if (region_.shape == PictureRegion::Shape::all) return;
    const auto& lens = answer_->picture.lens;
    const QPointF a = report::in_frame(lens, frame, region_.a), b = report::in_frame(lens, frame, region_.b);
    painter.setBrush(Qt::NoBrush);
    for (const QPen& pen : {QPen(ink().paper, 3), QPen(ink().ink, 1.4)}) {
        painter.setPen(pen);
        if (region_.shape == PictureRegion::Shape::rectangle)
            painter.drawRect(QRectF(a, b).normalized());
        else
            painter.drawEllipse(a, std::hypot(b.x() - a.x(), b.y() - a.y()), std::hypot(b.x() - a.x(), b.y() - a.y()));
    }
}

void PictureView::draw_reading(QPainter& painter) const {
    if (!pointed_) return;
    const light::Picture& picture = answer_->picture;
    const auto value = question::value_at(picture, *pointed_);
    if (!value) return;
    const size_t index =
        static_cast<size_t>(pointed_->y) * static_cast<size_t>(picture.lens.width) + static_cast<size_t>(pointed_->x);
    const double error =
        index < picture.error.size() ? light::Picture::kStudent * static_cast<double>(picture.error[index]) : 0;
    QStringList lines{QStringLiteral("%1 %2").arg(report::figure(*value), report::unit_words(picture))};
    if (error > 0.005 * std::fabs(*value))
        lines[0] = QStringLiteral("%1 \u00b1 %2 %3")
                       .arg(report::figure(*value), report::error_figure(error), report::unit_words(picture));
    if (picture.lens.kind != light::Lens::Kind::parallel)
        if (const auto ray = light::ray_at(picture.lens, picture.pose, *pointed_))
            lines << QObject::tr("azimuth %L1\u00b0, %L2\u00b0 up")
                         .arg(std::fmod(degrees(std::atan2(ray->along.x, ray->along.y)) + 360, 360), 0, 'f', 0)
                         .arg(degrees(std::asin(std::clamp(ray->along.z, -1.0, 1.0))), 0, 'f', 0);
    const QPointF at = report::in_frame(picture.lens, frame(), *pointed_);
    painter.setPen(QPen(ink().paper, 3));
    painter.drawPoint(at);
    draw_tag(painter, at, rect(), lines);
}

void PictureView::mousePressEvent(QMouseEvent* event) {
    if (answer_ == nullptr) return;
    pressed_ = event->position();
    middle_before_ = middle_;
    panning_ = event->button() != Qt::LeftButton || (event->modifiers() & Qt::AltModifier) != 0;
    dragging_ = !panning_;
    if (dragging_ && drag_ == Drag::zone) drag_zone(report::in_picture(answer_->picture.lens, frame(), pressed_));
}

void PictureView::mouseMoveEvent(QMouseEvent* event) {
    if (answer_ == nullptr) return;
    const auto& lens = answer_->picture.lens;
    const QPointF at = event->position();
    if (panning_) {
        const QSizeF size = frame().size();
        middle_ =
            middle_before_ - QPointF((at.x() - pressed_.x()) / size.width(), (at.y() - pressed_.y()) / size.height());
    }
    pointed_ = report::in_picture(lens, frame(), at);
    if (dragging_ && drag_ == Drag::zone) {
        drag_zone(*pointed_);
    } else if (dragging_ && (at - pressed_).manhattanLength() > 3) {
        region_ = {drag_ == Drag::circle ? PictureRegion::Shape::circle : PictureRegion::Shape::rectangle,
                   report::in_picture(lens, frame(), pressed_), *pointed_};
        emit region_changed();
    }
    update();
    emit looked();
}

void PictureView::mouseReleaseEvent(QMouseEvent* event) {
    // A click without a drag lets the region go.
    if (dragging_ && drag_ != Drag::zone && (event->position() - pressed_).manhattanLength() <= 3) {
        region_ = {};
        emit region_changed();
        emit looked();
    }
    panning_ = dragging_ = false;
    update();
}

void PictureView::mouseDoubleClickEvent(QMouseEvent*) {
    zoom_ = 1;
    middle_ = {0.5, 0.5};
    update();
    emit looked();
}

void PictureView::wheelEvent(QWheelEvent* event) {
    if (answer_ == nullptr) return;
    const double factor = std::pow(1.0015, event->angleDelta().y()), before = zoom_;
    zoom_ = std::clamp(zoom_ * factor, 1.0, kMostZoom);
    // What is under the pointer stays there.
    const QSizeF whole = report::frame_within(answer_->picture.lens, area()).size();
    const QPointF off = event->position() - area().center();
    middle_ += QPointF(off.x() / whole.width(), off.y() / whole.height()) * (1 / before - 1 / zoom_);
    if (zoom_ == 1) middle_ = {0.5, 0.5};
    update();
    emit looked();
}

void PictureView::leaveEvent(QEvent*) {
    pointed_.reset();
    update();
    emit looked();
}

void PictureView::drag_zone(const PicturePlace& place) {
    const auto& picture = answer_->picture;
    const auto ray = light::ray_at(picture.lens, picture.pose, place);
    if (!ray || picture.lens.kind == light::Lens::Kind::parallel) return;
    const light::Pose eye =
        light::make_eye(picture.pose.at, radians(answer_->observer.heading), radians(answer_->observer.altitude));
    const light::Pose& axes = picture.lens.kind == light::Lens::Kind::sphere ? eye : picture.pose;
    const double x = dot(ray->along, axes.right()), y = dot(ray->along, axes.up), z = dot(ray->along, axes.forward);
    if (z <= 0) return;
    emit zone_dragged(degrees(std::atan2(x, z)), degrees(std::asin(std::clamp(y, -1.0, 1.0))));
}

}  // namespace wp::gui
