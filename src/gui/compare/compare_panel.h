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

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    void refresh();
    /// Spatial autonomy and sunlight exposure of each plane of a year: not computed anew while the year stays.
    struct YearFigures {
        double autonomy, exposure;
    };
    const std::vector<YearFigures>& figures_of(const std::shared_ptr<const question::YearAnswer>& year);
    std::map<std::shared_ptr<const question::YearAnswer>, std::vector<YearFigures>> known_;
    Document& document_;
    QTableWidget* table_;
};

}  // namespace wp::gui
