// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/report/page_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <algorithm>
#include <cmath>

#include "gui/look/look.h"
#include "report/paper.h"

namespace wp::gui {

namespace {

constexpr double kGap = 16;
constexpr double kMostZoom = 1.25;
constexpr size_t kKeptImages = 6;

}  // namespace

PageView::PageView(QWidget* parent) : QAbstractScrollArea(parent) {
    setObjectName(QStringLiteral("report-pages"));
    setAccessibleName(QObject::tr("Pages of the report"));
    setFocusPolicy(Qt::StrongFocus);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);
    setMinimumWidth(300);
    viewport()->setMouseTracking(true);
}

double PageView::zoom() const {
    if (book_ == nullptr) return 1;
    return std::clamp((viewport()->width() - 2 * kGap) / book_->size.width(), 0.1, kMostZoom);
}

double PageView::step() const { return (book_ == nullptr ? 0 : book_->size.height() * zoom()) + kGap; }

QPointF PageView::origin(size_t page) const {
    const double wide = book_->size.width() * zoom();
    return {std::floor((viewport()->width() - wide) / 2),
            std::floor(kGap + static_cast<double>(page) * step() - verticalScrollBar()->value())};
}

void PageView::set_range() {
    const double all = book_ == nullptr ? 0 : static_cast<double>(book_->pages.size()) * step() + kGap;
    verticalScrollBar()->setRange(0, std::max(0, static_cast<int>(std::ceil(all)) - viewport()->height()));
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(48);
}

void PageView::show_book(std::shared_ptr<const report::Book> book) {
    book_ = std::move(book);
    images_.clear();
    set_range();
    viewport()->update();
}

size_t PageView::page() const {
    if (book_ == nullptr || book_->pages.empty()) return 0;
    const double at = verticalScrollBar()->value() + viewport()->height() / 3.0;
    return std::min(book_->pages.size() - 1, static_cast<size_t>(std::max(0.0, at / step())));
}

void PageView::go_to(size_t page, double y) {
    verticalScrollBar()->setValue(static_cast<int>(static_cast<double>(page) * step() + y * zoom()));
}

const QImage& PageView::image(size_t page) {
    const double dots = devicePixelRatioF();
    auto& image = images_[page];
    if (!image.isNull()) return image;
    const QSizeF size = book_->size * zoom() * dots;
    image = QImage(size.toSize(), QImage::Format_RGB32);
    image.fill(Qt::white);
    image.setDevicePixelRatio(dots);
    QPainter painter(&image);
    painter.scale(zoom(), zoom());
    book_->paint(painter, page);
    return image;
}

void PageView::paintEvent(QPaintEvent*) {
    QPainter painter(viewport());
    painter.fillRect(viewport()->rect(), ink().ground);
    if (book_ == nullptr) {
        painter.setPen(ink().ink);
        painter.drawText(viewport()->rect(), Qt::AlignCenter, QObject::tr("Composing \u2026"));
        return;
    }
    std::vector<size_t> seen;
    for (size_t p = 0; p < book_->pages.size(); ++p) {
        const QPointF at = origin(p);
        if (at.y() > viewport()->height() || at.y() + step() < 0) continue;
        painter.drawImage(at, image(p));
        seen.push_back(p);
    }
    if (images_.size() > kKeptImages)
        std::erase_if(images_, [&](const auto& one) { return std::ranges::find(seen, one.first) == seen.end(); });
}

void PageView::resizeEvent(QResizeEvent* event) {
    QAbstractScrollArea::resizeEvent(event);
    images_.clear();
    set_range();
}

const report::BookLink* PageView::link_at(const QPointF& at) const {
    if (book_ == nullptr) return nullptr;
    for (const auto& link : book_->links) {
        const QPointF place = (at - origin(link.page)) / zoom();
        if (link.from.contains(place) && book_->mark(link.key) != nullptr) return &link;
    }
    return nullptr;
}

void PageView::mousePressEvent(QMouseEvent* event) {
    if (const auto* link = link_at(event->position())) {
        const auto* mark = book_->mark(link->key);
        go_to(mark->page, mark->y);
    }
}

void PageView::mouseMoveEvent(QMouseEvent* event) {
    viewport()->setCursor(link_at(event->position()) != nullptr ? Qt::PointingHandCursor : Qt::ArrowCursor);
}

void PageView::keyPressEvent(QKeyEvent* event) {
    auto* bar = verticalScrollBar();
    switch (event->key()) {
        case Qt::Key_PageDown:
            return bar->triggerAction(QAbstractSlider::SliderPageStepAdd);
        case Qt::Key_PageUp:
            return bar->triggerAction(QAbstractSlider::SliderPageStepSub);
        case Qt::Key_Home:
            return bar->setValue(0);
        case Qt::Key_End:
            return bar->setValue(bar->maximum());
        default:
            QAbstractScrollArea::keyPressEvent(event);
    }
}

}  // namespace wp::gui
