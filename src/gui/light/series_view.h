// SPDX-License-Identifier: GPL-3.0-or-later
// Several moments of one answer, or the months of a year, side by side on one legend.
#pragma once
#include <QWidget>

#include "gui/answers/maps.h"
#include "gui/saving/save.h"

namespace wp::gui {

class SeriesView : public QWidget {
    Q_OBJECT
 public:
    SeriesView(Document& document, const KeptAnswers& kept, const Maps& maps, QWidget* parent = nullptr);
    /// Shows the months of the year instead of the moments of a question; its map, for name and scale.
    void show_months(bool on) {
        months_ = on;
        update();
    }
    /// Rectangles of the small plans, in the order of the columns or months.
    std::vector<QRectF> cells() const;
    Takeaway takeaway() const;

 signals:
    /// A small plan was clicked.
    void column_chosen(size_t column);
    void month_chosen(int month);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

 private:
    /// One small plan.
    struct Frame {
        QString name;
        std::vector<report::MapLayer> layers;
        bool chosen = false;
    };
    std::vector<Frame> frames() const;
    void paint(QPainter& painter, QSizeF size, const report::Ink& ink) const;
    std::vector<QRectF> cells_in(QSizeF size) const;
    Document& document_;
    const KeptAnswers& kept_;
    const Maps& maps_;
    bool months_ = false;
};

}  // namespace wp::gui
