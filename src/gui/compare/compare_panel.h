// SPDX-License-Identifier: GPL-3.0-or-later
// The Compare desk: all options in rows, all their figures from the same kind of run, their maps on one scale.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

#include "gui/document.h"

namespace wp::gui {

/// Plans of all options with their daylight factor, side by side on one legend.
class OptionMaps : public QWidget {
    Q_OBJECT
 public:
    explicit OptionMaps(Document& document, QWidget* parent = nullptr);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

 private:
    QRectF cell(size_t i) const;
    Document& document_;
};

class ComparePanel : public QWidget {
    Q_OBJECT
 public:
    explicit ComparePanel(Document& document, QWidget* parent = nullptr);
    QTableWidget* table() const { return table_; }

 signals:
    void ask_all();

 private:
    void refresh();
    Document& document_;
    QTableWidget* table_;
};

}  // namespace wp::gui
