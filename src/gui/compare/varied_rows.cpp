// SPDX-License-Identifier: GPL-3.0-or-later
#include <QVBoxLayout>
#include <algorithm>

#include "gui/compare/series_panel.h"
#include "gui/entry/rows.h"
#include "report/language/words.h"

namespace wp::gui {

VariedRows::VariedRows(Document& document, const char* name, QWidget* parent)
    : QWidget(parent), document_(document), name_(QString::fromLatin1(name)) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    of_ = label(QString(), "small", this);
    of_->setObjectName(name_ + QStringLiteral("-of"));
    layout->addWidget(of_);
    number_ = new QComboBox(this);
    number_->setObjectName(name_ + QStringLiteral("-number"));
    number_->setAccessibleName(QObject::tr("Number that is varied"));
    number_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    number_->setMinimumContentsLength(18);
    layout->addWidget(number_);
    form_ = new QFormLayout;
    layout->addLayout(form_);
    connect(number_, &QComboBox::activated, this, [this](int index) {
        take_variable(index);
        emit changed();
    });
}

void VariedRows::offer(const std::vector<model::Id>& elements) {
    offered_ = series::variables_of(document_.project(), document_.option(), elements);
    number_->clear();
    for (const auto& v : offered_) {
        const QString label = language::words(v.label);
        number_->addItem(v.elements.empty() ? label
                                            : QStringLiteral("%1 \u2013 %2").arg(label, QString::fromStdString(v.of)));
    }
    if (!offered_.empty()) take_variable(0);
}

void VariedRows::take_variable(int index) {
    if (index < 0 || index >= static_cast<int>(offered_.size())) return;
    number_->setCurrentIndex(index);
    varied_ = series::offered(offered_[static_cast<size_t>(index)]);
    show_ends();
}

void VariedRows::show_varied(const model::VariedNumber& varied) {
    offer(varied.elements);
    const auto at = std::ranges::find_if(
        offered_, [&](const auto& v) { return v.type == varied.type && v.number == varied.number; });
    if (at != offered_.end()) number_->setCurrentIndex(static_cast<int>(at - offered_.begin()));
    varied_ = varied;
    show_ends();
}

std::optional<Unit> VariedRows::unit() const {
    const int at = number_->currentIndex();
    if (at < 0 || at >= static_cast<int>(offered_.size())) return {};
    return describe::typed_unit(offered_[static_cast<size_t>(at)].field);
}

void VariedRows::show_ends() {
    while (form_->rowCount() > 0) form_->removeRow(0);
    const auto kind = unit();
    if (!kind) return;
    const auto& variable = offered_[static_cast<size_t>(number_->currentIndex())];
    of_->setText(
        QObject::tr("%1: %2 now", "a number of the building")
            .arg(variable.elements.empty() ? language::words(variable.of) : QString::fromStdString(variable.of),
                 variable.differs ? QObject::tr("different values") : number_text(variable.value, *kind)));
    const auto add = [&](const QString& title, double value, Unit of, const char* name,
                         std::function<void(double)> set) {
        auto* field = new NumberField(
            value, of,
            [this, set = std::move(set)](double v) {
                set(v);
                emit changed();
            },
            this);
        field->setAccessibleName(title);
        field->setObjectName(name_ + QString::fromLatin1(name));
        form_->addRow(title, field);
    };
    add(QObject::tr("From", "a number"), varied_.from, *kind, "-from", [this](double v) { varied_.from = v; });
    add(QObject::tr("To", "a number"), varied_.to, *kind, "-to", [this](double v) { varied_.to = v; });
    add(QObject::tr("Steps"), varied_.steps, Unit::plain, "-steps",
        [this](double v) { varied_.steps = whole_number(v, 2, 50); });
}

}  // namespace wp::gui
