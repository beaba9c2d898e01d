// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/entry/number_field.h"
#include "report/language/language.h"
#include "report/language/words.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <cmath>

namespace wp::gui {

std::optional<double> parse_number(const QString& text, Unit unit) {
    const QByteArray bytes = text.toUtf8();
    return read_figure(std::string_view(bytes.constData(), static_cast<size_t>(bytes.size())), unit);
}

QString number_text(double value, Unit unit) {
    switch (unit) {
        case Unit::metre: {
            // Millimetres where they count: slats, blades, boards.
            const bool fine = std::fabs(value) < 0.5 && std::fabs(100 * value - std::round(100 * value)) > 1e-4;
            return language::number(value, 'f', fine ? 3 : 2) + QStringLiteral(" m");
        }
        case Unit::percent:
            return language::number(100 * value, 'f', std::fabs(100 * value - std::round(100 * value)) < 1e-6 ? 0 : 1) +
                   QStringLiteral(" %");
        case Unit::degree:
            return language::number(value, 'f', 0) + QChar(0x00b0);
        case Unit::plain:
            return language::number(value, 'g', 4);
    }
    return {};
}

NumberField::NumberField(double value, Unit unit, std::function<void(double)> commit_value, QWidget* parent)
    : QLineEdit(parent), value_(value), unit_(unit), commit_(std::move(commit_value)) {
    setAlignment(Qt::AlignRight);
    show_value(value);
    setToolTip(unit == Unit::metre
                   ? QObject::tr("Metres, or with a unit: 120 cm, 47 in, 3'6\". Up and Down change by 5 cm")
                   : QObject::tr("Type a number; Up and Down change it"));
    connect(this, &QLineEdit::editingFinished, this, &NumberField::commit);
    connect(this, &QLineEdit::textEdited, this, &NumberField::try_typed);
}

void NumberField::go_live(bool on) {
    if (live_ == on) return;
    live_ = on;
    emit live(on);
}

void NumberField::try_typed() {
    const auto value = tries_ ? parse_number(text(), unit_) : std::nullopt;
    if (!value) return;
    go_live(true);
    commit_(*value);
}

double NumberField::step_size() const { return unit_ == Unit::metre ? 0.05 : unit_ == Unit::percent ? 0.01 : 1; }

void NumberField::begin_drag() {
    dragged_from_ = std::isnan(value_) ? 0 : value_;
    go_live(true);
}

void NumberField::drag_by(double pixels) {
    const double step = unit_ == Unit::metre ? 0.01 : step_size(),
                 value = dragged_from_ + step * std::round(pixels / 3);
    if (value == value_) return;
    show_value(value);
    commit_(value);
}

void NumberField::end_drag() { go_live(false); }

void NumberField::show_value(double value) {
    value_ = value;
    if (std::isnan(value))
        clear();
    else
        setText(number_text(value, unit_));
}

void NumberField::commit() {
    const auto value = parse_number(text(), unit_);
    if (!value) {  // what is no number changes nothing
        show_value(value_);
        if (live_) commit_(value_);
        return go_live(false);
    }
    const bool same = number_text(*value, unit_) == number_text(value_, unit_);
    if (same && !live_) return show_value(value_);
    if (!same) value_ = *value;
    show_value(value_);
    commit_(value_);
    go_live(false);
}

void NumberField::step(double by) {
    value_ = (std::isnan(value_) ? 0 : value_) + by;
    show_value(value_);
    commit_(value_);
}

void NumberField::keyPressEvent(QKeyEvent* event) {
    const double by = step_size();
    if (event->key() == Qt::Key_Up) return step(by);
    if (event->key() == Qt::Key_Down) return step(-by);
    if (event->key() == Qt::Key_Escape) {
        show_value(value_);
        if (live_) commit_(value_);
        go_live(false);
        return clearFocus();
    }
    QLineEdit::keyPressEvent(event);
}

DragTitle::DragTitle(const QString& text, NumberField* field) : QLabel(text, field->parentWidget()), field_(field) {
    setCursor(Qt::SizeHorCursor);
    setToolTip(QObject::tr("Drag to the side to change it"));
    setObjectName(language::object_name("title", text));
    setBuddy(field);
}

void DragTitle::mousePressEvent(QMouseEvent* event) {
    pressed_ = event->globalPosition().x();
    dragging_ = false;
}

void DragTitle::mouseMoveEvent(QMouseEvent* event) {
    const double by = event->globalPosition().x() - pressed_;
    if (!(event->buttons() & Qt::LeftButton) || !field_->isEnabled() || (!dragging_ && std::fabs(by) < 3)) return;
    if (!dragging_) field_->begin_drag();
    dragging_ = true;
    field_->drag_by(by);
}

void DragTitle::mouseReleaseEvent(QMouseEvent*) {
    if (dragging_)
        field_->end_drag();
    else
        field_->setFocus();
    dragging_ = false;
}

}  // namespace wp::gui
