// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/put_into.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QListWidget>
#include <QVBoxLayout>
#include <algorithm>

#include "edit/take_over.h"
#include "gui/compare/differences_view.h"
#include "gui/entry/rows.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

// The options that were ticked.
std::vector<model::Id> ask_which(const Document& document, QWidget* parent) {
    QDialog dialog(parent);
    dialog.setObjectName(QStringLiteral("put-into"));
    dialog.setWindowTitle(QObject::tr("Put what is selected into other options"));
    auto* layout = new QVBoxLayout(&dialog);
    layout->addWidget(
        label(QObject::tr("There it becomes what it is in %1: of the same name it is replaced, else added.")
                  .arg(QString::fromStdString(document.option().name)),
              nullptr, &dialog));
    auto* list = new QListWidget(&dialog);
    list->setObjectName(QStringLiteral("put-into-options"));
    list->setAccessibleName(QObject::tr("Options"));
    for (const auto& option : document.project().options) {
        if (option.id == document.option().id || option.archived) continue;
        auto* item = new QListWidgetItem(QString::fromStdString(option.name), list);
        item->setData(Qt::UserRole, QString::fromStdString(option.id));
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(Qt::Checked);
    }
    layout->addWidget(list);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, &dialog);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    layout->addWidget(buttons);
    std::vector<model::Id> out;
    if (dialog.exec() != QDialog::Accepted) return out;
    for (int i = 0; i < list->count(); ++i)
        if (list->item(i)->checkState() == Qt::Checked)
            out.push_back(list->item(i)->data(Qt::UserRole).toString().toStdString());
    return out;
}

}  // namespace

QString put_selected_into(Document& document, QWidget* parent) {
    std::vector<std::pair<const char*, model::Id>> items;
    for (const auto& item : document.selected())
        if (const char* type = type_of(item.kind); type != nullptr && !item.id.empty())
            items.emplace_back(type, item.id);
    if (items.empty()) return QObject::tr("Select on the plan what is to be put into other options");
    if (document.project().options.size() < 2)
        return QObject::tr("There is no other option yet: copy this one and change it.");
    const auto into = ask_which(document, parent);
    if (into.empty()) return {};
    Outcome fault;
    document.edit(QObject::tr("Put into other options"), [&](model::Project& p) {
        const model::Option from = *model::find(p.options, document.option().id);
        for (const auto& id : into)
            for (const auto& [type, element] : items)
                if (auto one = edit::take_over(*model::find(p.options, id), from, type, element)) fault = one;
    });
    return fault ? language::line(*fault) : QObject::tr("Put into %n options", nullptr, static_cast<int>(into.size()));
}

}  // namespace wp::gui
