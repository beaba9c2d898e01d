// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/companion/section_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "gui/desk/desktop.h"
#include "gui/look/look.h"
#include "report/section_drawing.h"

namespace wp::gui {
using namespace model;

SectionView::SectionView(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("section-view"));
    setAccessibleName(QObject::tr("Section"));
    setMinimumSize(220, 160);
    connect(&document, &Document::project_changed, this, &SectionView::refresh);
    connect(&document, &Document::selection_changed, this, qOverload<>(&QWidget::update));
}

void SectionView::show_line(Vec2 a, Vec2 b) {
    a_ = a;
    b_ = b;
    has_line_ = true;
    refresh();
}

void SectionView::refresh() {
    if (!has_line_ || !isVisible()) {
        section_ = {};
        if (!isVisible()) return;
    }
    if (has_line_) section_ = geometry::cut_section(document_.project(), document_.option(), a_, b_);
    update();
}

void SectionView::paintEvent(QPaintEvent*) {
    if (has_line_ && section_.solid.empty())
        section_ = geometry::cut_section(document_.project(), document_.option(), a_, b_);
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), ink().paper);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    if (section_.solid.empty()) {
        painter.setPen(ink().faint);
        painter.drawText(rect().adjusted(20, 0, -20, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         QObject::tr("Choose Section among the tools and click two points across the building: one "
                                     "looks to the left of the line."));
        return;
    }
    const QRectF area = QRectF(rect()).adjusted(52, 20, -20, -30);
    const double w = section_.high.x - section_.low.x, h = section_.high.y - section_.low.y;
    scale_ = std::min(area.width() / std::max(1.0, w), area.height() / std::max(1.0, h));
    origin_ = area.center() - QPointF((section_.low.x + w / 2) * scale_, -(section_.low.y + h / 2) * scale_);
    const auto place = [this](Vec2 p) { return to_screen(p); };
    std::set<std::string> selected;
    for (const Selection& item : document_.selected()) selected.insert(item.id);
    report::draw_section(painter, section_, document_.option(), place, ink(), rect(), selected);
    for (const auto& storey : document_.option().storeys) {
        const double y = to_screen({0, storey.level}).y();
        painter.setPen(QPen(ink().faint, 1, Qt::DashLine));
        painter.drawLine(QPointF(6, y), QPointF(44, y));
        painter.drawText(QPointF(6, y - 3), QStringLiteral("%1%L2")
                                                .arg(storey.level >= 0 ? QStringLiteral("+") : QString())
                                                .arg(storey.level, 0, 'f', 2));
    }
}

void SectionView::mousePressEvent(QMouseEvent* event) {
    const Vec2 p{(event->position().x() - origin_.x()) / scale_, (origin_.y() - event->position().y()) / scale_};
    for (const auto& beyond : section_.beyond)
        if (geometry::contains(beyond.outline, p)) return document_.select({Selection::Kind::opening, beyond.id, -1});
    for (const auto& air : section_.air)
        if (geometry::contains(air.outline, p)) return document_.select({Selection::Kind::room, air.room, -1});
    document_.select({});
}

Page section_companion(Desktop& desktop) {
    auto* view = new SectionView(desktop.document(), desktop.window());
    QObject::connect(&desktop.sheet(), &Sheet::section_drawn, view, [&desktop, view](Vec2 a, Vec2 b) {
        view->show_line(a, b);
        desktop.show_companion(view);
    });
    return {QObject::tr("Section"), QObject::tr("The building cut along a line"),
            on_desk(DeskKind::build) | on_desk(DeskKind::light), view};
}

}  // namespace wp::gui
