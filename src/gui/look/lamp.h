// SPDX-License-Identifier: GPL-3.0-or-later
// The settling lamp: how far the visible answer is, its error now, and whether work is going on. Given by shape and
// word, not by colour alone: a ring is nothing yet, a filling disc is settling, a full disc is settled, a struck ring
// is stale.
#pragma once
#include <QWidget>

namespace wp::gui {

class Lamp : public QWidget {
    Q_OBJECT
 public:
    enum class State { nothing, settling, settled, stale, held, foreign };
    explicit Lamp(QWidget* parent = nullptr);
    /// reached and wanted as shares; 0 where there is no answer.
    void show_state(State state, double reached, double wanted);
    State state() const { return state_; }
    QString words() const;
    QSize sizeHint() const override { return {176, 30}; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    State state_ = State::nothing;
    double reached_ = 0, wanted_ = 0.05;
};

}  // namespace wp::gui
