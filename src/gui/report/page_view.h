// SPDX-License-Identifier: GPL-3.0-or-later
// Pages below each other, as they will be on paper. A click on what leads somewhere goes there.
#pragma once
#include <QAbstractScrollArea>
#include <QImage>
#include <map>
#include <memory>

#include "report/book/book.h"

namespace wp::gui {

class PageView : public QAbstractScrollArea {
    Q_OBJECT
 public:
    explicit PageView(QWidget* parent = nullptr);
    /// Stays where it was read.
    void show_book(std::shared_ptr<const report::Book> book);
    void go_to(size_t page, double y = 0);
    /// Of the uppermost page that is seen; 0 where there is none.
    size_t page() const;
    const report::Book* book() const { return book_.get(); }

 protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    void set_range();
    double zoom() const;  // pixels a unit of the book
    double step() const;  // from page to page, pixels
    QPointF origin(size_t page) const;
    const report::BookLink* link_at(const QPointF& at) const;
    const QImage& image(size_t page);

    std::shared_ptr<const report::Book> book_;
    std::map<size_t, QImage> images_;  // of pages that were seen last, at this size
};

}  // namespace wp::gui
