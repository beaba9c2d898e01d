// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/decision_dialog.h"

#include <QDate>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QPushButton>

#include "gui/entry/rows.h"

namespace wp::gui {

DecisionDialog::DecisionDialog(Document& document, const QString& suggestion, QWidget* parent)
    : QDialog(parent), document_(document) {
    setObjectName(QStringLiteral("decision-dialog"));
    setWindowTitle(QObject::tr("Decision"));
    resize(520, 380);
    auto* form = new QFormLayout(this);
    const auto& project = document.project();
    const auto& made = project.decision;
    option_ = new QComboBox(this);
    option_->setObjectName(QStringLiteral("decision-option"));
    for (const auto& option : project.options) {
        if (option.archived) continue;
        option_->addItem(QString::fromStdString(option.name), QString::fromStdString(option.id));
        if (option.id == (made.option.empty() ? document.option().id : made.option))
            option_->setCurrentIndex(option_->count() - 1);
    }
    reasons_ = new QPlainTextEdit(made.option.empty() ? suggestion : QString::fromStdString(made.reasons), this);
    reasons_->setObjectName(QStringLiteral("decision-reasons"));
    reasons_->setTabChangesFocus(true);
    reasons_->setPlaceholderText(QObject::tr("What speaks for it, and what was given up for it"));
    by_ = new QLineEdit(QString::fromStdString(made.by.empty() ? project.report.author : made.by), this);
    by_->setObjectName(QStringLiteral("decision-by"));
    day_ = new QLineEdit(
        made.day.empty() ? QDate::currentDate().toString(Qt::ISODate) : QString::fromStdString(made.day), this);
    day_->setObjectName(QStringLiteral("decision-day"));
    form->addRow(QObject::tr("Chosen"), option_);
    form->addRow(QObject::tr("Reasons"), reasons_);
    form->addRow(QObject::tr("By", "who decided"), by_);
    form->addRow(QObject::tr("Date"), day_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    if (!made.option.empty()) {
        auto* open = buttons->addButton(QObject::tr("Open again"), QDialogButtonBox::DestructiveRole);
        open->setObjectName(QStringLiteral("decision-open"));
        open->setToolTip(QObject::tr("Nothing is decided then"));
        connect(open, &QPushButton::clicked, this, [this] { keep(false); });
    }
    connect(buttons, &QDialogButtonBox::accepted, this, [this] { keep(true); });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    name_fields(*form);
}

void DecisionDialog::keep(bool decided) {
    model::Decision made;
    if (decided)
        made = {option_->currentData().toString().toStdString(), reasons_->toPlainText().trimmed().toStdString(),
                by_->text().trimmed().toStdString(), day_->text().trimmed().toStdString()};
    if (!(made == document_.project().decision))
        document_.edit(decided ? QObject::tr("Decide") : QObject::tr("Open the decision again"),
                       [&](model::Project& p) { p.decision = made; });
    accept();
}

}  // namespace wp::gui
