// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/set_editor.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QScrollBar>
#include <QTimer>
#include <QVBoxLayout>

#include "describe/describe.h"
#include "gui/certify/described_form.h"
#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "rule/needs.h"

namespace wp::gui {

namespace {

std::map<std::string, Choices> choices() {
    std::map<std::string, Choices> out;
    for (const auto& m : figure::measures()) out["measure"].emplace_back(language::words(m.name), m.id);
    out["figure"].emplace_back(QObject::tr("none"), "");
    for (const auto& f : figure::point_figures()) out["figure"].emplace_back(language::words(f.name), f.id);
    for (const auto& n : rule::needs()) out["asks"].emplace_back(language::words(n.words), n.id);
    for (const auto& u : model::room_uses()) out["uses"].emplace_back(language::words(u.name), u.word);
    return out;
}

}  // namespace

SetEditor::SetEditor(rule::CriteriaSet set, QWidget* parent) : QDialog(parent), set_(std::move(set)) {
    setObjectName(QStringLiteral("set-editor"));
    setWindowTitle(QObject::tr("Criteria set"));
    resize(860, 640);
    auto* layout = new QVBoxLayout(this);
    auto* middle = new QHBoxLayout;
    auto* left = new QVBoxLayout;
    list_ = new QListWidget(this);
    list_->setObjectName(QStringLiteral("set-criteria"));
    list_->setAccessibleName(QObject::tr("Criteria of the set"));
    list_->setFixedWidth(270);
    list_->setWordWrap(true);
    left->addWidget(list_, 1);
    auto* buttons = new QHBoxLayout;
    const auto button = [&](const QString& text, const char* name, auto run) {
        auto* out = plain_button(name, text, this);
        connect(out, &QPushButton::clicked, this, run);
        return out;
    };
    buttons->addWidget(button(QObject::tr("Add"), "add-criterion", [this] { add_criterion(); }));
    remove_ = button(QObject::tr("Remove"), "remove-criterion", [this] { remove_criterion(); });
    up_ = button(QObject::tr("Up"), "criterion-up", [this] { move_criterion(-1); });
    down_ = button(QObject::tr("Down"), "criterion-down", [this] { move_criterion(1); });
    for (auto* b : {remove_, up_, down_}) buttons->addWidget(b);
    left->addLayout(buttons);
    middle->addLayout(left);
    auto* right = new QVBoxLayout;
    scroll_ = new QScrollArea(this);
    scroll_->setWidgetResizable(true);
    scroll_->setFrameShape(QFrame::NoFrame);
    right->addWidget(scroll_, 1);
    auto* levels = new QHBoxLayout;
    more_levels_ = button(QObject::tr("Further level"), "add-level", [this] { add_level(); });
    fewer_levels_ = button(QObject::tr("One level less"), "remove-level", [this] { remove_level(); });
    levels->addWidget(more_levels_);
    levels->addWidget(fewer_levels_);
    levels->addStretch(1);
    right->addLayout(levels);
    middle->addLayout(right, 1);
    layout->addLayout(middle, 1);
    fault_ = label(QString(), nullptr, this);
    fault_->setObjectName(QStringLiteral("set-fault"));
    layout->addWidget(fault_);
    auto* box = new QDialogButtonBox(QDialogButtonBox::Save | QDialogButtonBox::Cancel, this);
    keep_ = box->button(QDialogButtonBox::Save);
    keep_->setObjectName(QStringLiteral("keep-set"));
    keep_->setText(QObject::tr("Keep in the project"));
    connect(box, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(box, &QDialogButtonBox::rejected, this, &QDialog::reject);
    layout->addWidget(box);
    connect(list_, &QListWidget::currentRowChanged, this, [this](int row) {
        row_ = row - 1;
        show_form();
    });
    show_list();
    list_->setCurrentRow(0);
}

void SetEditor::show_list() {
    const QSignalBlocker quiet(list_);
    list_->clear();
    list_->addItem(QObject::tr("The set itself"));
    for (const auto& c : set_.criteria) list_->addItem(QString::fromStdString(c.name));
    list_->setCurrentRow(row_ + 1);
}

// Rows hold on to the values they show: whatever adds or takes away criteria builds them anew.
void SetEditor::show_form() {
    auto* page = new QWidget;
    auto* form = new QFormLayout(page);
    form->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    form->setRowWrapPolicy(QFormLayout::DontWrapRows);
    const auto changed = [this] {
        if (row_ >= 0)
            list_->item(row_ + 1)->setText(QString::fromStdString(set_.criteria[static_cast<size_t>(row_)].name));
        check();
    };
    // The row that was used is still at work.
    const auto reshaped = [this] { QTimer::singleShot(0, this, &SetEditor::show_form); };
    DescribedForm maker(*form, choices(), changed, reshaped);
    if (row_ >= 0)
        describe::describe(maker, set_.criteria[static_cast<size_t>(row_)]);
    else
        describe::describe(maker, set_);
    const int scrolled = scroll_->verticalScrollBar()->value();
    scroll_->setWidget(page);
    scroll_->verticalScrollBar()->setValue(scrolled);
    const bool one = row_ >= 0;
    remove_->setEnabled(one && set_.criteria.size() > 1);
    up_->setEnabled(row_ > 0);
    down_->setEnabled(one && row_ + 1 < static_cast<int>(set_.criteria.size()));
    more_levels_->setVisible(one);
    fewer_levels_->setVisible(one && set_.criteria[static_cast<size_t>(row_)].thresholds.size() > 1);
    check();
}

void SetEditor::check() {
    const auto fault = rule::check_set(set_);
    const bool nameless = set_.name.empty();
    fault_->setText(fault ? language::line(*fault) : nameless ? QObject::tr("The set has no name yet") : QString());
    keep_->setEnabled(!fault && !nameless);
}

void SetEditor::add_criterion() {
    rule::Criterion c;
    if (row_ >= 0)
        c = set_.criteria[static_cast<size_t>(row_)];
    else {
        c.measure = "mean";
        c.figure = "daylight_factor";
        c.meaning = "";
        c.source = set_.source;
        c.thresholds = {{2, "met", 0}};
    }
    c.id = model::unused_id(set_.criteria, "criterion");
    c.name = QObject::tr("New criterion").toStdString();
    set_.criteria.insert(set_.criteria.begin() + row_ + 1, c);
    ++row_;
    show_list();
    show_form();
}

void SetEditor::remove_criterion() {
    set_.criteria.erase(set_.criteria.begin() + row_);
    row_ = std::min(row_, static_cast<int>(set_.criteria.size()) - 1);
    show_list();
    show_form();
}

void SetEditor::move_criterion(int by) {
    std::swap(set_.criteria[static_cast<size_t>(row_)], set_.criteria[static_cast<size_t>(row_ + by)]);
    row_ += by;
    show_list();
    show_form();
}

void SetEditor::add_level() {
    auto& levels = set_.criteria[static_cast<size_t>(row_)].thresholds;
    levels.push_back(levels.back());
    show_form();
}

void SetEditor::remove_level() {
    set_.criteria[static_cast<size_t>(row_)].thresholds.pop_back();
    show_form();
}

}  // namespace wp::gui
