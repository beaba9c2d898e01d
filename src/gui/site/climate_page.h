// SPDX-License-Identifier: GPL-3.0-or-later
// The climate to look at: a quantity as a carpet, its mean days, how often it is exceeded, and the kinds of sky.
#pragma once
#include <QComboBox>
#include <QWidget>

#include "gui/document/document.h"
#include "gui/saving/save.h"
#include "report/climate_charts.h"

namespace wp::gui {

/// The charts; a click on the carpet is a moment.
class ClimateCharts : public QWidget {
    Q_OBJECT
 public:
    explicit ClimateCharts(Document& document, QWidget* parent = nullptr);
    void set_quantity(climate::Quantity quantity);
    climate::Quantity quantity() const { return quantity_; }
    /// Where a moment falls on the carpet, for the pointer and for tests.
    QPointF place_of(const climate::Moment& moment) const;

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    QRectF carpet() const;
    std::optional<climate::Moment> moment_at(QPointF at) const;
    Document& document_;
    climate::Quantity quantity_ = climate::Quantity::global_illuminance;
    QImage picture_;
    QPointF pointer_{-1, -1};
};

class ClimatePage : public QWidget {
    Q_OBJECT
 public:
    explicit ClimatePage(Document& document, QWidget* parent = nullptr);
    ClimateCharts& charts() { return *charts_; }

 private:
    Takeaway takeaway() const;
    Document& document_;
    ClimateCharts* charts_;
};

}  // namespace wp::gui
