// SPDX-License-Identifier: GPL-3.0-or-later
// Several moments of one answer side by side on one legend.
#pragma once
#include <QWidget>

#include "gui/asker.h"
#include "gui/look/save.h"

namespace wp::gui {

class SeriesView : public QWidget {
    Q_OBJECT
 public:
    SeriesView(Document& document, Asker& asker, QWidget* parent = nullptr);
    /// Rectangles of the small plans, in the order of the columns.
    std::vector<QRectF> cells() const;
    Takeaway takeaway() const;

 signals:
    /// A small plan was clicked.
    void column_chosen(size_t column);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

 private:
    void paint(QPainter& painter, QSizeF size, const report::Ink& ink) const;
    std::vector<QRectF> cells_in(QSizeF size) const;
    Document& document_;
    Asker& asker_;
};

}  // namespace wp::gui
