// SPDX-License-Identifier: GPL-3.0-or-later
// A number that can be typed with a unit: "1.2", "1.2 m", "120 cm", "1200 mm", "47 in", "12'6\"", and with arithmetic: "3*0.9".
#pragma once
#include <QLineEdit>
#include <functional>
#include <optional>

#include "base/figures.h"

namespace wp::gui {

/// What a text means in the unit's own terms (metres, shares, degrees); none where it is no number.
std::optional<double> parse_number(const QString& text, Unit unit);
QString number_text(double value, Unit unit);

class NumberField : public QLineEdit {
    Q_OBJECT
 public:
    NumberField(double value, Unit unit, std::function<void(double)> commit, QWidget* parent = nullptr);
    void show_value(double value);

 protected:
    void keyPressEvent(QKeyEvent* event) override;

 private:
    void commit();
    void step(double by);
    double value_;
    Unit unit_;
    std::function<void(double)> commit_;
};

}  // namespace wp::gui
