// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/sets_dialog.h"

#include <QDate>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QVBoxLayout>

#include "gui/certify/set_editor.h"
#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/saving/save.h"
#include "report/language/words.h"
#include "rule/criteria_file.h"
#include "rule/data.h"

namespace wp::gui {

namespace {

constexpr int kId = Qt::UserRole;
const QString kSuffix = QStringLiteral(".criteria.json");

QString filter() { return QObject::tr("Criteria sets (*.criteria.json *.json)"); }

QString about_text(const model::Project& project, const rule::CriteriaSet& set) {
    QString text = QStringLiteral("<p><b>%1</b></p><p>%2</p>")
                       .arg(language::words(set.name).toHtmlEscaped(), language::words(set.source).toHtmlEscaped());
    for (const auto& check : project.set_checks)
        if (check.set == set.id)
            text += QStringLiteral("<p>%1</p>")
                        .arg(QObject::tr("Checked by %1 on %2 against %3")
                                 .arg(QString::fromStdString(check.by), QString::fromStdString(check.day),
                                      QString::fromStdString(check.edition))
                                 .toHtmlEscaped());
    if (const std::string doubt = rule::doubt_of(project, set); !doubt.empty())
        text += QStringLiteral("<p><b>%1</b> %2</p>")
                    .arg(QObject::tr("Not checked:"), language::words(doubt).toHtmlEscaped());
    for (const auto& c : set.criteria)
        text += QStringLiteral("<p>%1: %2 %3</p>")
                    .arg(language::words(c.name).toHtmlEscaped(),
                         c.at_least ? QStringLiteral("\u2265") : QStringLiteral("\u2264"),
                         language::figures(rule::value_text(c, c.thresholds.front().value)));
    return text;
}

}  // namespace

SetsDialog::SetsDialog(Document& document, QWidget* parent) : QDialog(parent), document_(document) {
    setObjectName(QStringLiteral("sets-dialog"));
    setWindowTitle(QObject::tr("Criteria sets of this project"));
    resize(820, 560);
    auto* layout = new QVBoxLayout(this);
    auto* middle = new QHBoxLayout;
    list_ = new QListWidget(this);
    list_->setObjectName(QStringLiteral("criteria-sets"));
    list_->setAccessibleName(QObject::tr("Criteria sets"));
    list_->setMinimumWidth(330);
    middle->addWidget(list_);
    auto* right = new QVBoxLayout;
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    about_ = label(QString(), nullptr, this);
    about_->setObjectName(QStringLiteral("set-about"));
    about_->setTextFormat(Qt::RichText);
    about_->setAlignment(Qt::AlignTop);
    scroll->setWidget(about_);
    right->addWidget(scroll, 1);
    const auto button = [&](const QString& text, const char* name, auto run) {
        auto* out = plain_button(name, text, this);
        connect(out, &QPushButton::clicked, this, run);
        return out;
    };
    copy_ = button(QObject::tr("Copy and edit \u2026"), "copy-set", [this] { copy_set(); });
    edit_ = button(QObject::tr("Edit \u2026"), "edit-set", [this] {
        if (auto set = current()) edit(std::move(*set));
    });
    remove_ = button(QObject::tr("Remove"), "remove-set", [this] { remove_set(); });
    export_ = button(QObject::tr("Save as a file \u2026"), "export-set", [this] { export_set(); });
    check_ = button(QObject::tr("I have checked it \u2026"), "check-set", [this] { check_set(); });
    check_->setToolTip(QObject::tr("Held against the edition: the project then says who did, and the doubt goes"));
    auto* first = new QHBoxLayout;
    for (auto* b : {copy_, edit_, remove_}) first->addWidget(b);
    first->addStretch(1);
    auto* second = new QHBoxLayout;
    for (auto* b : {export_, check_}) second->addWidget(b);
    second->addStretch(1);
    right->addLayout(first);
    right->addLayout(second);
    middle->addLayout(right, 1);
    layout->addLayout(middle, 1);
    auto* form = new QFormLayout;
    former_ = new QComboBox(this);
    former_->setObjectName(QStringLiteral("former-option"));
    former_->addItem(QObject::tr("none"), QString());
    for (const auto& option : document.project().options)
        former_->addItem(QString::fromStdString(option.name), QString::fromStdString(option.id));
    former_->setCurrentIndex(std::max(0, former_->findData(QString::fromStdString(document.project().former))));
    former_->setToolTip(QObject::tr("For rules that compare with how it was: the option that stands for it"));
    connect(former_, &QComboBox::activated, this, [this] {
        document_.edit(QObject::tr("Option before"),
                       [&](model::Project& p) { p.former = former_->currentData().toString().toStdString(); });
    });
    form->addRow(QObject::tr("How it was before"), former_);
    layout->addLayout(form);
    fault_ = label(QString(), nullptr, this);
    fault_->setObjectName(QStringLiteral("sets-fault"));
    layout->addWidget(fault_);
    auto* bottom = new QHBoxLayout;
    bottom->addWidget(button(QObject::tr("New set \u2026"), "new-set", [this] {
        rule::CriteriaSet set;
        set.id = model::unused_id(document_.project().own_sets, "own");
        set.source = QObject::tr("own").toStdString();
        rule::Criterion c;
        c.id = "criterion-1";
        c.name = QObject::tr("New criterion").toStdString();
        c.measure = "mean";
        c.figure = "daylight_factor";
        c.source = set.source;
        c.thresholds = {{2, "met", 0}};
        set.criteria = {c};
        edit(set);
    }));
    bottom->addWidget(button(QObject::tr("Open a file \u2026"), "import-set", [this] { import_set(); }));
    bottom->addStretch(1);
    auto* box = new QDialogButtonBox(QDialogButtonBox::Close, this);
    connect(box, &QDialogButtonBox::rejected, this, &QDialog::accept);
    bottom->addWidget(box);
    layout->addLayout(bottom);
    connect(list_, &QListWidget::currentItemChanged, this, &SetsDialog::show_set);
    connect(list_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) { take(*item); });
    show_list();
    list_->setCurrentRow(0);
}

void SetsDialog::show_list() {
    const auto* item = list_->currentItem();
    const QString before = item != nullptr ? item->data(kId).toString() : QString();
    {
        const QSignalBlocker quiet(list_);
        list_->clear();
        const auto& project = document_.project();
        const auto add = [&](const std::string& id, const QString& name) {
            auto* one = new QListWidgetItem(name, list_);
            one->setData(kId, QString::fromStdString(id));
            one->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable);
            one->setCheckState(std::ranges::find(project.criteria, id) != project.criteria.end() ? Qt::Checked
                                                                                                 : Qt::Unchecked);
        };
        for (const auto& own : project.own_sets)
            add(own.id, QObject::tr("%1 (own)").arg(QString::fromStdString(own.name)));
        for (const auto& id : rule::criteria_sets())
            if (model::find(project.own_sets, id) == nullptr)
                if (const auto set = rule::criteria_set(id)) add(id, language::words(set->name));
    }
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->data(kId).toString() == before) list_->setCurrentRow(i);
    show_set();
}

std::optional<rule::CriteriaSet> SetsDialog::current() const {
    const auto* item = list_->currentItem();
    if (item == nullptr) return {};
    const std::string id = item->data(kId).toString().toStdString();
    // One that is not sound must still be mended.
    if (const auto* own = model::find(document_.project().own_sets, id)) return *own;
    auto set = rule::criteria_set(id);
    return set ? std::optional(std::move(*set)) : std::nullopt;
}

bool SetsDialog::is_own() const {
    const auto* item = list_->currentItem();
    return item != nullptr &&
           model::find(document_.project().own_sets, item->data(kId).toString().toStdString()) != nullptr;
}

void SetsDialog::show_set() {
    const auto set = current();
    about_->setText(set ? about_text(document_.project(), *set) : QString());
    copy_->setEnabled(set.has_value());
    export_->setEnabled(set.has_value());
    edit_->setVisible(is_own());
    remove_->setVisible(is_own());
    const bool doubtful = set && !rule::doubt_of(document_.project(), *set).empty();
    check_->setVisible(doubtful);
}

// In the order of the list.
void SetsDialog::take(const QListWidgetItem& item) {
    const std::string id = item.data(kId).toString().toStdString();
    const bool on = item.checkState() == Qt::Checked;
    document_.edit(QObject::tr("Criteria sets"), [&](model::Project& p) {
        std::erase(p.criteria, id);
        if (on) p.criteria.push_back(id);
    });
}

void SetsDialog::edit(rule::CriteriaSet set) {
    SetEditor editor(std::move(set), this);
    if (editor.exec() == QDialog::Accepted) keep(editor.result_set());
}

void SetsDialog::keep(const rule::CriteriaSet& set) {
    document_.edit(QObject::tr("Criteria set of one's own"), [&](model::Project& p) {
        if (auto* there = model::find(p.own_sets, set.id))
            *there = set;
        else
            p.own_sets.push_back(set);
        if (std::ranges::find(p.criteria, set.id) == p.criteria.end()) p.criteria.push_back(set.id);
    });
    fault_->clear();
    show_list();
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->data(kId).toString().toStdString() == set.id) list_->setCurrentRow(i);
}

void SetsDialog::copy_set() {
    auto set = current();
    if (!set) return;
    set->id = model::unused_id(document_.project().own_sets, "own");
    set->name = QObject::tr("%1, changed").arg(language::words(set->name)).toStdString();
    edit(std::move(*set));
}

void SetsDialog::remove_set() {
    const auto set = current();
    if (!set || !is_own()) return;
    document_.edit(QObject::tr("Remove criteria set"), [&](model::Project& p) {
        std::erase_if(p.own_sets, [&](const auto& own) { return own.id == set->id; });
        std::erase(p.criteria, set->id);
    });
    show_list();
}

void SetsDialog::import_set() {
    const QString file = QFileDialog::getOpenFileName(this, QObject::tr("Open a criteria set"), {}, filter());
    if (file.isEmpty()) return;
    auto set = rule::read_criteria(file.toStdString());
    if (!set) {
        fault_->setText(language::line(set.fault()));
        return;
    }
    if (model::find(document_.project().own_sets, set->id) != nullptr)
        set->id = model::unused_id(document_.project().own_sets, set->id);
    keep(*set);
}

void SetsDialog::export_set() {
    const auto set = current();
    if (!set) return;
    const QString file = file_to_write(this, QObject::tr("Save the criteria set"), filter(), kSuffix,
                                       QString::fromStdString(set->id) + kSuffix);
    if (file.isEmpty()) return;
    const auto fault = rule::save_criteria(*set, file.toStdString());
    fault_->setText(fault ? language::line(*fault) : QObject::tr("Written to %1").arg(file));
}

void SetsDialog::check_set() {
    const auto set = current();
    if (!set) return;
    bool ok = false;
    const QString by = QInputDialog::getText(this, QObject::tr("Checked against the edition"), QObject::tr("Your name"),
                                             QLineEdit::Normal, {}, &ok)
                           .trimmed();
    if (!ok || by.isEmpty()) return;
    const QString edition = QInputDialog::getText(this, QObject::tr("Checked against the edition"),
                                                  QObject::tr("Edition that you had before you"), QLineEdit::Normal,
                                                  QString::fromStdString(set->source), &ok)
                                .trimmed();
    if (!ok || edition.isEmpty()) return;
    document_.edit(QObject::tr("Criteria set checked"), [&](model::Project& p) {
        std::erase_if(p.set_checks, [&](const auto& c) { return c.set == set->id; });
        p.set_checks.push_back({set->id, by.toStdString(), QDate::currentDate().toString(Qt::ISODate).toStdString(),
                                edition.toStdString()});
    });
    show_set();
}

}  // namespace wp::gui
