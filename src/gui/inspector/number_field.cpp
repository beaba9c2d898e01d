// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/number_field.h"

#include <QKeyEvent>
#include <QRegularExpression>
#include <cmath>

namespace wp::gui {

namespace {

std::optional<double> metres(const QString& number, const QString& unit) {
    bool ok = false;
    const double v = number.toDouble(&ok);
    if (!ok || !std::isfinite(v)) return {};
    if (unit.isEmpty() || unit == QStringLiteral("m")) return v;
    if (unit == QStringLiteral("cm")) return v / 100;
    if (unit == QStringLiteral("mm")) return v / 1000;
    if (unit == QStringLiteral("in") || unit == QStringLiteral("\"")) return v * 0.0254;
    if (unit == QStringLiteral("ft") || unit == QStringLiteral("'")) return v * 0.3048;
    return {};
}

}  // namespace

std::optional<double> parse_number(QString text, Unit unit) {
    text = text.trimmed().toLower().replace(QLatin1Char(','), QLatin1Char('.'));
    if (unit != Unit::metre) {
        text.remove(QLatin1Char('%')).remove(QChar(0x00b0));
        bool ok = false;
        const double v = text.trimmed().toDouble(&ok);
        if (!ok || !std::isfinite(v)) return {};
        return unit == Unit::percent ? v / 100 : v;
    }
    static const QRegularExpression part(QStringLiteral("\\G\\s*(-?[0-9]*\\.?[0-9]+)\\s*(mm|cm|m|in|ft|'|\")?"));
    double sum = 0;
    qsizetype at = 0;
    while (at < text.size()) {
        const auto match = part.match(text, at);
        if (!match.hasMatch()) return {};
        const auto value = metres(match.captured(1), match.captured(2));
        if (!value || (at > 0 && match.captured(2).isEmpty())) return {};
        sum += *value;
        at = match.capturedEnd();
    }
    return text.isEmpty() ? std::nullopt : std::optional(sum);
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
    setText(number_text(value, unit_));
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
    value_ += by;
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
