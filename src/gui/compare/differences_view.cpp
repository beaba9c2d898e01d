// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/differences_view.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "base/text.h"
#include "edit/take_over.h"
#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {

using describe::Difference;
using describe::DifferenceGroup;

namespace {

struct KindOfOwner {
    const char* type;
    Selection::Kind kind;
    QString (*count)(int);
};
const KindOfOwner kOwners[] = {
    {"storey", Selection::Kind::storey, [](int n) { return QObject::tr("%n storeys", nullptr, n); }},
    {"room", Selection::Kind::room, [](int n) { return QObject::tr("%n rooms", nullptr, n); }},
    {"opening", Selection::Kind::opening, [](int n) { return QObject::tr("%n openings", nullptr, n); }},
    {"partition", Selection::Kind::partition, [](int n) { return QObject::tr("%n partitions", nullptr, n); }},
    {"void", Selection::Kind::floor_void, [](int n) { return QObject::tr("%n floor voids", nullptr, n); }},
    {"roof", Selection::Kind::roof, [](int n) { return QObject::tr("%n roofs", nullptr, n); }},
    {"rooflight", Selection::Kind::rooflight, [](int n) { return QObject::tr("%n rooflights", nullptr, n); }},
    {"block", Selection::Kind::block, [](int n) { return QObject::tr("%n neighbouring blocks", nullptr, n); }},
    {"thing", Selection::Kind::thing, [](int n) { return QObject::tr("%n things", nullptr, n); }},
    {"plane", Selection::Kind::plane, [](int n) { return QObject::tr("%n planes", nullptr, n); }},
    {"observer", Selection::Kind::observer, [](int n) { return QObject::tr("%n observers", nullptr, n); }},
    {"reading", Selection::Kind::reading, [](int n) { return QObject::tr("%n readings", nullptr, n); }},
    {"window_group", Selection::Kind::none, [](int n) { return QObject::tr("%n window groups", nullptr, n); }},
    {"luminaire", Selection::Kind::luminaire, [](int n) { return QObject::tr("%n luminaires", nullptr, n); }},
    {"light_scene", Selection::Kind::none, [](int n) { return QObject::tr("%n scenes", nullptr, n); }},
    {"lighting", Selection::Kind::none, [](int n) { return QObject::tr("%n lightings", nullptr, n); }},
};
const KindOfOwner* kind_of(const std::string& type) {
    const auto it = std::ranges::find_if(kOwners, [&](const KindOfOwner& k) { return type == k.type; });
    return it == std::end(kOwners) ? nullptr : it;
}

QString names(const DifferenceGroup& group) {
    const auto all = describe::distinct_names(group);
    const auto* kind = kind_of(group.all.front().owner);
    if (all.size() > describe::kMostNamed && kind != nullptr) return kind->count(static_cast<int>(all.size()));
    return QString::fromStdString(joined(all));
}

QString value(const std::string& words) {
    return words.empty() ? QStringLiteral("\u2013") : language::figures(language::words(words).toStdString());
}

QString added(const DifferenceGroup& group) {
    const Difference& first = group.all.front();
    const bool is_new = first.what == Difference::What::added;
    if (!first.part.empty())
        return (is_new ? QObject::tr("%1 added to %2") : QObject::tr("%1 removed from %2"))
            .arg(language::words(first.part), names(group));
    if (first.within.empty()) return (is_new ? QObject::tr("%1 added") : QObject::tr("%1 removed")).arg(names(group));
    return (is_new ? QObject::tr("%1 added in %2") : QObject::tr("%1 removed from %2"))
        .arg(names(group), QString::fromStdString(first.within));
}

}  // namespace

QString told(const DifferenceGroup& group) {
    const Difference& first = group.all.front();
    if (first.what != Difference::What::changed) return added(group);
    QStringList values;
    for (const auto& v : first.values)
        values << QStringLiteral("%1 %2 \u2192 %3").arg(language::words(v.label), value(v.was), value(v.is));
    const QString of = first.owner == "option" ? QObject::tr("The whole building") : names(group);
    return first.part.empty()
               ? QStringLiteral("%1: %2").arg(of, values.join(QStringLiteral(", ")))
               : QStringLiteral("%1, %2: %3").arg(of, language::words(first.part), values.join(QStringLiteral(", ")));
}

const char* type_of(Selection::Kind kind) {
    const auto it = std::ranges::find(kOwners, kind, &KindOfOwner::kind);
    return kind == Selection::Kind::none || it == std::end(kOwners) ? nullptr : it->type;
}

DifferencesView::DifferencesView(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(space::small);
    auto* row = new QHBoxLayout;
    auto* title = label(QObject::tr("What differs from"), nullptr, this);
    against_ = new QComboBox(this);
    against_->setObjectName(QStringLiteral("differs-from"));
    against_->setAccessibleName(QObject::tr("What differs from"));
    title->setBuddy(against_);
    row->addWidget(title);
    row->addWidget(against_, 1);
    layout->addLayout(row);
    summary_ = label(QString(), "faint", this);
    summary_->setObjectName(QStringLiteral("differs-summary"));
    layout->addWidget(summary_);
    list_ = new QListWidget(this);
    list_->setObjectName(QStringLiteral("differences"));
    list_->setAccessibleName(QObject::tr("What differs"));
    list_->setWordWrap(true);
    list_->setSpacing(2);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    layout->addWidget(list_, 1);
    take_ = plain_button("take-over", QObject::tr("Take the chosen ones over from there"), this);
    take_->setToolTip(QObject::tr("Elements of the chosen lines become what they are in the other option"));
    take_->setEnabled(false);
    layout->addWidget(take_);
    connect(take_, &QPushButton::clicked, this, &DifferencesView::take_chosen);
    connect(list_, &QListWidget::itemSelectionChanged, this,
            [this] { take_->setEnabled(!list_->selectedItems().isEmpty()); });
    connect(against_, &QComboBox::activated, this, [this](int at) {
        against_id_ = against_->itemData(at).toString().toStdString();
        refresh();
        emit base_changed();
    });
    connect(list_, &QListWidget::itemActivated, this, [this](QListWidgetItem* item) { choose(list_->row(item)); });
    connect(&document, &Document::project_changed, this, &DifferencesView::refresh);
    connect(&document, &Document::option_changed, this, &DifferencesView::refresh);
}

model::Id DifferencesView::base() const { return against_->currentData().toString().toStdString(); }

// All but the one that is shown; the first of them until one was chosen.
void DifferencesView::list_options() {
    against_->clear();
    for (const auto& option : document_.project().options) {
        if (option.id == document_.option().id || option.archived) continue;
        against_->addItem(QString::fromStdString(option.name), QString::fromStdString(option.id));
        if (option.id == against_id_) against_->setCurrentIndex(against_->count() - 1);
    }
}

void DifferencesView::refresh() {
    if (!isVisible()) return;
    list_options();
    list_->clear();
    groups_.clear();
    against_->setEnabled(against_->count() > 0);
    const auto& project = document_.project();
    const auto* was = model::find(project.options, base());
    if (was == nullptr)
        return summary_->setText(QObject::tr("There is no other option yet: copy this one and change it."));
    groups_ = describe::grouped(describe::differences(project, *was, document_.option()));
    for (const auto& group : groups_) {
        auto* item = new QListWidgetItem(told(group), list_);
        const auto* kind = kind_of(group.all.front().owner);
        const bool leads = group.all.front().what != Difference::What::removed && kind != nullptr &&
                           kind->kind != Selection::Kind::none;
        item->setToolTip(leads ? QObject::tr("Double-click shows it on the plan") : QString());
    }
    summary_->setText(groups_.empty()
                          ? QObject::tr("Nothing: both are built alike.")
                          : QObject::tr("%1 against it:").arg(QString::fromStdString(document_.option().name)));
}

void DifferencesView::take_chosen() {
    const auto& project = document_.project();
    const auto* from = model::find(project.options, base());
    if (from == nullptr) return;
    model::Option to = document_.option();
    Outcome fault;
    for (int row = 0; row < list_->count(); ++row) {
        if (!list_->item(row)->isSelected()) continue;
        for (const Difference& d : groups_[static_cast<size_t>(row)].all)
            if (auto one = edit::take_over(to, *from, d.owner, d.id)) fault = one;
    }
    if (!(to == document_.option()))
        document_.edit_option(QObject::tr("Take over from %1").arg(QString::fromStdString(from->name)),
                              [&](model::Option& o) { o = to; });
    if (fault) emit said(language::line(*fault));
}

void DifferencesView::choose(int row) {
    if (row < 0 || static_cast<size_t>(row) >= groups_.size()) return;
    std::vector<Selection> items;
    for (const Difference& d : groups_[static_cast<size_t>(row)].all) {
        const auto* kind = kind_of(d.owner);
        if (kind == nullptr || kind->kind == Selection::Kind::none) continue;
        if (d.what == Difference::What::removed && d.part.empty()) continue;
        const Selection item{kind->kind, d.id, -1};
        if (std::ranges::find(items, item) == items.end()) items.push_back(item);
    }
    if (items.empty()) return;
    document_.select_all(std::move(items));
    emit chosen();
}

}  // namespace wp::gui
