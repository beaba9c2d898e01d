// SPDX-License-Identifier: GPL-3.0-or-later
// A series as a curve, or of two numbers as a map: the pointer tells a step, a click chooses it.
#pragma once
#include <QWidget>
#include <memory>

#include "gui/compare/series_runner.h"
#include "report/series_chart.h"

namespace wp::gui {

class StepsView : public QWidget {
    Q_OBJECT
 public:
    explicit StepsView(QWidget* parent = nullptr);
    void show_series(const SeriesRunner::Given& given, const series::Plotted& what, size_t room);
    void show_nothing(const QString& words);
    std::optional<size_t> chosen() const { return chosen_; }
    /// Where a step lies on the widget.
    QPointF place_of(size_t step) const;

 signals:
    /// A step was chosen, or another is pointed at.
    void told(const QString& text);
    void chosen_changed();

 protected:
    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void leaveEvent(QEvent*) override;

 private:
    report::SeriesChart chart(std::optional<size_t> under) const;
    QRectF area() const;
    void choose(std::optional<size_t> step);
    void tell();
    QString words_of(size_t step) const;

    SeriesRunner::Given given_;
    series::Plotted what_;
    size_t room_ = 0;
    std::optional<size_t> under_, chosen_;
    QString nothing_;
};

}  // namespace wp::gui
