// SPDX-License-Identifier: GPL-3.0-or-later
// Two figures typed beside the pointer while something is drawn: a length and an angle, or a width and a depth.
#pragma once
#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <optional>

#include "gui/entry/number_field.h"

namespace wp::gui {

class TypedEntry : public QFrame {
    Q_OBJECT
 public:
    explicit TypedEntry(QWidget* parent);
    /// second_unit: what the other figure is; an empty title leaves it away.
    void open(QPoint at, const QString& first_title, const QString& second_title, Unit second_unit,
              const QString& text);

 signals:
    void entered(double first, std::optional<double> second);
    void left();

 protected:
    bool eventFilter(QObject* object, QEvent* event) override;

 private:
    void commit();
    QLabel *first_title_, *second_title_;
    QLineEdit *first_, *second_;
    Unit second_unit_ = Unit::degree;
};

}  // namespace wp::gui
