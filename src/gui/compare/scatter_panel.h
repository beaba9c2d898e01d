// SPDX-License-Identifier: GPL-3.0-or-later
// Any figure over any other, of all options and all steps of series; those that nobody beats are joined by a line.
#pragma once
#include <QComboBox>
#include <QLabel>
#include <QWidget>

#include "figure/lines.h"
#include "gui/compare/comparing.h"
#include "gui/compare/series_runner.h"
#include "gui/work/behind.h"

namespace wp::gui {

/// A design as a dot.
struct Dot {
    QString name;
    double x = 0, y = 0, x_half = 0, y_half = 0;
    std::optional<size_t> option;  ///< index; none: a step of a series
    bool unbeaten = false;
};

class ScatterView : public QWidget {
    Q_OBJECT
 public:
    explicit ScatterView(QWidget* parent = nullptr);
    void show_dots(std::vector<Dot> dots, const figure::Line* x, const figure::Line* y, size_t shown);
    const std::vector<Dot>& dots() const { return dots_; }
    QPointF place_of(size_t dot) const;

 signals:
    void told(const QString& text);
    void chosen(size_t option);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent*) override;

 private:
    QRectF plot() const;
    QPointF at(double x, double y) const;
    std::optional<size_t> dot_at(QPointF place) const;
    void draw_axes(QPainter& painter) const;
    std::vector<Dot> dots_;
    const figure::Line *x_ = nullptr, *y_ = nullptr;
    double x_top_ = 1, y_top_ = 1;
    size_t shown_ = 0;
    std::optional<size_t> under_;
};

class ScatterPanel : public QWidget {
    Q_OBJECT
 public:
    ScatterPanel(Document& document, const KeptAnswers& kept, const SeriesRunner& runner, QWidget* parent = nullptr);
    ScatterView& view() { return *view_; }

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    void refresh();
    void show_comparison(const Comparison& found);
    void add_steps(std::vector<Dot>& dots) const;
    const figure::Line* line(const QComboBox* box) const;
    Document& document_;
    const KeptAnswers& kept_;
    const SeriesRunner& runner_;
    QComboBox *x_, *y_, *room_;
    ScatterView* view_;
    QLabel* told_;
    Comparer comparer_;                      // of the worker's thread alone
    Behind<Comparison, Comparison> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
