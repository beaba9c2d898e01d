// SPDX-License-Identifier: GPL-3.0-or-later
// A number that can be typed with a unit: "1.2", "1.2 m", "120 cm", "1200 mm", "47 in", "12'6\"", and with arithmetic:
// "3*0.9".
#pragma once
#include <QLabel>
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
    /// From now on figures are tried while they are typed or dragged: live tells when that begins and ends.
    void set_live() { tries_ = true; }
    bool is_live() const { return live_; }

    // Dragging its title to the side changes it.
    void begin_drag();
    void drag_by(double pixels);
    void end_drag();

 signals:
    void live(bool on);

 protected:
    void keyPressEvent(QKeyEvent* event) override;

 private:
    void commit();
    void step(double by);
    double step_size() const;
    void go_live(bool on);
    void try_typed();
    double value_;
    Unit unit_;
    std::function<void(double)> commit_;
    bool tries_ = false, live_ = false;
    double dragged_from_ = 0;
};

/// The title of a field: dragging it to the side changes the figure, to the right upwards.
class DragTitle : public QLabel {
    Q_OBJECT
 public:
    DragTitle(const QString& text, NumberField* field);

 protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

 private:
    NumberField* field_;
    double pressed_ = 0;
    bool dragging_ = false;
};

}  // namespace wp::gui
