// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/picture/contact_view.h"

#include <QEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "gui/look/look.h"

namespace wp::gui {

namespace {

constexpr double kTop = 12;

}  // namespace

ContactView::ContactView(const TakenPictures& pictures, QWidget* parent) : QScrollArea(parent), pictures_(pictures) {
    setObjectName(QStringLiteral("contact-sheet"));
    setAccessibleName(QObject::tr("Contact sheet"));
    setFrameShape(QFrame::NoFrame);
    auto* canvas = new QWidget;
    canvas->setObjectName(QStringLiteral("contact-canvas"));
    canvas->setMouseTracking(true);
    canvas->installEventFilter(this);
    setWidget(canvas);
    connect(&pictures, &TakenPictures::changed, this, &ContactView::refresh);
}

void ContactView::set_style(const report::PictureStyle& style) {
    report::PictureStyle own = style;
    own.quiet = false;  // taken together it is quiet enough
    if (own == style_ && !images_.empty()) return;
    style_ = own;
    images_.clear();
    refresh();
}

report::ContactSheet ContactView::sheet() const {
    report::ContactSheet out;
    out.title = QString::fromStdString(pictures_.question().name);
    out.pictures = pictures_.pictures();
    out.in_row = pictures_.in_row();
    out.names_option = pictures_.of_several_options();
    out.style = style_;
    return out;
}

void ContactView::refresh() {
    const auto& all = pictures_.pictures();
    if (images_.size() > all.size()) images_.clear();
    while (images_.size() < all.size()) images_.push_back(report::picture_image(all[images_.size()].small, style_));
    lay_out();
    canvas()->update();
}

void ContactView::lay_out() {
    const int wide = viewport()->width();
    layout_ = report::lay_out(sheet(), wide);
    canvas()->resize(wide, std::max(static_cast<int>(std::ceil(layout_.height + 2 * kTop)), viewport()->height()));
}

void ContactView::resizeEvent(QResizeEvent* event) {
    QScrollArea::resizeEvent(event);
    lay_out();
}

QRectF ContactView::cell(size_t picture) const { return layout_.cells[picture].translated(0, kTop); }

std::optional<size_t> ContactView::at(const QPointF& point) const {
    for (size_t i = 0; i < layout_.cells.size(); ++i)
        if (cell(i).contains(point)) return i;
    return {};
}

void ContactView::paint(QPainter& painter, const QRect& area) {
    const report::Ink& ink = gui::ink();
    painter.fillRect(area, ink.paper);
    const auto all = sheet();
    for (size_t i = 0; i < images_.size(); ++i) {
        const QRectF where = cell(i);
        if (!where.intersects(area)) continue;
        report::draw_contact(painter, all, i, images_[i], where, ink);
        if (pointed_ != i) continue;
        painter.setPen(QPen(ink.faint, 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(where.adjusted(-4, -4, 4, 4), 4, 4);
    }
    const size_t missing = pictures_.wanted() - std::min(pictures_.wanted(), images_.size());
    if (missing == 0 && !images_.empty()) return;
    painter.setPen(ink.faint);
    const QRectF foot(0, layout_.height + kTop, canvas()->width(), 24);
    painter.drawText(images_.empty() ? QRectF(canvas()->rect()) : foot, Qt::AlignCenter,
                     missing > 0 ? QObject::tr("%n more to come", nullptr, static_cast<int>(missing))
                                 : QObject::tr("No pictures were taken yet: press Many\u2026"));
}

bool ContactView::eventFilter(QObject* watched, QEvent* event) {
    if (watched != canvas()) return QScrollArea::eventFilter(watched, event);
    if (event->type() == QEvent::Paint) {
        QPainter painter(canvas());
        paint(painter, static_cast<QPaintEvent*>(event)->rect());
        return true;
    }
    if (event->type() == QEvent::MouseMove || event->type() == QEvent::Leave) {
        const auto now =
            event->type() == QEvent::Leave ? std::nullopt : at(static_cast<QMouseEvent*>(event)->position());
        if (now != pointed_) canvas()->update();
        pointed_ = now;
        canvas()->setCursor(now ? Qt::PointingHandCursor : Qt::ArrowCursor);
    }
    if (event->type() == QEvent::MouseButtonPress)
        if (const auto picture = at(static_cast<QMouseEvent*>(event)->position())) emit chosen(*picture);
    return QScrollArea::eventFilter(watched, event);
}

}  // namespace wp::gui
