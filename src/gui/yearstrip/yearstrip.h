// SPDX-License-Identifier: GPL-3.0-or-later
// The year strip: 365 days across, 24 hours up. The clock of the whole application, and the picture of the year.
#pragma once
#include <QImage>
#include <QLineEdit>
#include <QToolButton>
#include <QWidget>
#include <vector>

#include "gui/document.h"

namespace wp::gui {

class YearStrip : public QWidget {
    Q_OBJECT
 public:
    explicit YearStrip(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {1000, 140}; }
    /// Where a moment falls, and which moment a place is: for the pointer and for tests.
    QPointF place_of(const climate::Moment& moment) const;
    climate::Moment moment_at(QPointF at) const;

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

 private:
    void resizeEvent(QResizeEvent*) override;
    void build_clock();
    void fill_moments();
    QRectF carpet() const;
    void colour();
    void find_sun_lines();
    void draw_sun_lines(QPainter& painter) const;

    Document& document_;
    QImage image_;
    struct DayLength {
        int day;
        double dawn, dusk;
    };
    std::vector<DayLength> day_lengths_;  // every third day
    QString caption_, unit_;
    double top_ = 1;
    // What the image was coloured from.
    std::shared_ptr<const void> coloured_from_;
    model::Id coloured_room_;
    QPointF pointer_{-1, -1};
    QLineEdit* clock_ = nullptr;
    QToolButton* named_ = nullptr;
};

}  // namespace wp::gui
