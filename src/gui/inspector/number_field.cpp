// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/number_field.h"

#include <QKeyEvent>
#include <cmath>

namespace wp::gui {

std::optional<double> parse_number(const QString& text, Unit unit) {
    const QByteArray bytes = text.toUtf8();
    return read_figure(std::string_view(bytes.constData(), static_cast<size_t>(bytes.size())), unit);
}

QString number_text(double value, Unit unit) {
    switch (unit) {
        case Unit::metre: return QString::number(value, 'f', 2) + QStringLiteral(" m");
        case Unit::percent: return QString::number(100 * value, 'f', std::fabs(100 * value - std::round(100 * value)) < 1e-6 ? 0 : 1) + QStringLiteral(" %");
        case Unit::degree: return QString::number(value, 'f', 0) + QChar(0x00b0);
        case Unit::plain: return QString::number(value, 'g', 4);
    }
    return {};
}

NumberField::NumberField(double value, Unit unit, std::function<void(double)> commit_value, QWidget* parent)
    : QLineEdit(parent), value_(value), unit_(unit), commit_(std::move(commit_value)) {
    setAlignment(Qt::AlignRight);
    show_value(value);
    setToolTip(unit == Unit::metre ? QStringLiteral("Metres, or with a unit: 120 cm, 47 in, 3'6\". Up and Down change by 5 cm")
                                   : QStringLiteral("Type a number; Up and Down change it"));
    connect(this, &QLineEdit::editingFinished, this, &NumberField::commit);
}

void NumberField::show_value(double value) {
    value_ = value;
    if (std::isnan(value)) clear();
    else setText(number_text(value, unit_));
}

void NumberField::commit() {
    const auto value = parse_number(text(), unit_);
    if (!value) return show_value(value_);  // what is no number changes nothing
    if (number_text(*value, unit_) == number_text(value_, unit_)) return show_value(value_);
    value_ = *value;
    show_value(value_);
    commit_(value_);
}

void NumberField::step(double by) {
    value_ = (std::isnan(value_) ? 0 : value_) + by;
    show_value(value_);
    commit_(value_);
}

void NumberField::keyPressEvent(QKeyEvent* event) {
    const double by = unit_ == Unit::metre ? 0.05 : unit_ == Unit::percent ? 0.01 : 1;
    if (event->key() == Qt::Key_Up) return step(by);
    if (event->key() == Qt::Key_Down) return step(-by);
    if (event->key() == Qt::Key_Escape) {
        show_value(value_);
        return clearFocus();
    }
    QLineEdit::keyPressEvent(event);
}

}  // namespace wp::gui
