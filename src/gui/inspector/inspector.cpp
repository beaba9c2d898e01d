// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/inspector.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QScrollBar>
#include <QSettings>
#include <QToolButton>
#include <algorithm>
#include <utility>

#include "gui/entry/rows.h"
#include "gui/inspector/inspector_pages.h"
#include "gui/look/look.h"
#include "report/language/language.h"

namespace wp::gui {
using namespace model;

namespace {
constexpr int kRests = 60;  // ms without a further edit: nothing is being dragged
const auto kFolds = QStringLiteral("inspector/turned");
}  // namespace

double share_of_light(const question::DaylightFactorAnswer& answer, const Id& opening, const Id& room) {
    double part = 0, all = 0;
    for (const auto& plane : answer.planes) {
        if (plane.plane.room != room) continue;
        for (size_t i = 0; i < plane.value.size(); ++i) {
            all += plane.value[i];
            for (size_t k = 0; k < answer.portals.size(); ++k)
                if (answer.portals[k] == opening) part += plane.by_portal.at(i, k);
        }
    }
    return all > 0 ? part / all : 0;
}

Inspector::Inspector(Document& document, const KeptAnswers& kept, QWidget* parent)
    : ScrolledPage(parent), document_(document), kept_(kept) {
    setFixedWidth(306);
    setObjectName(QStringLiteral("inspector"));
    connect(&document, &Document::selection_changed, this, &Inspector::rebuild);
    // During a drag the figures follow a few times a second, which is as fast as they can be read.
    follow_.setSingleShot(true);
    follow_.setInterval(80);
    connect(&follow_, &QTimer::timeout, this, &Inspector::refresh);
    connect(&document, &Document::project_changed, this, [this] {
        since_change_.start();
        if (!follow_.isActive()) follow_.start();
    });
    connect(&kept, &KeptAnswers::changed, this, &Inspector::refresh_figures);
    const QStringList turned = QSettings().value(kFolds).toStringList();
    turned_ = QSet<QString>(turned.begin(), turned.end());
    rebuild();
}

void Inspector::set_editable(bool on) {
    if (on == editable_) return;
    editable_ = on;
    if (page() != nullptr && !stale_) hold_fields();
}

// Where nothing is edited, figures are only read.
void Inspector::hold_fields() {
    for (auto* field : page()->findChildren<QWidget*>())
        if (qobject_cast<QLineEdit*>(field) != nullptr || qobject_cast<QComboBox*>(field) != nullptr ||
            qobject_cast<QCheckBox*>(field) != nullptr)
            field->setEnabled(editable_);
}

bool Inspector::is_typing() const {
    if (document_.is_live()) return true;
    const auto* field = qobject_cast<QLineEdit*>(focusWidget());
    return field != nullptr && field->hasFocus() && field->isModified();
}

// While a figure is being typed the page must not be pulled away under the hand.
void Inspector::refresh() {
    if (is_typing()) return;
    const bool dragged = since_change_.isValid() && since_change_.elapsed() < kRests && shown_ == document_.selection();
    if (!dragged || stale_) return rebuild();
    for (const auto& row : rows_) row();
    for (const auto& [figure, text] : figures_) figure->setText(text());
    follow_.start();
}

void Inspector::add_fact(QFormLayout& form, const QString& title, std::function<QString()> text, const QString& tip) {
    auto* l = label(text(), nullptr, form.parentWidget());
    l->setAlignment(Qt::AlignRight);
    l->setToolTip(tip);
    l->setObjectName(language::object_name("fact", title));
    form.addRow(title, l);
    figures_.emplace_back(l, std::move(text));
}

const question::PlaneDaylight* Inspector::daylight_of(const Id& room) const {
    const auto answer = kept_.daylight(document_.option().id);
    if (!answer) return nullptr;
    for (const auto& plane : answer->planes)
        if (plane.plane.room == room) return &plane;
    return nullptr;
}

// Every round of an answer brings new figures; only when an answer came or went does the page change its shape.
void Inspector::refresh_figures() {
    const auto& option = document_.option().id;
    if (stale_) return;
    if ((kept_.daylight(option).answer != nullptr) != had_answer_ || kept_.glare(option).get() != had_glare_)
        return refresh();
    for (const auto& [figure, text] : figures_) figure->setText(text());
}

void Inspector::bring_made_into_view() {
    const QString made = std::exchange(made_, {});
    if (made.isEmpty()) return;
    // Rows find their places when control is back in the loop.
    QTimer::singleShot(0, page(), [this, made] {
        if (auto* row = page()->findChild<QWidget*>(made)) ensureWidgetVisible(row, 0, space::large * 6);
    });
}

void Inspector::show_shading_rows() {
    if (auto* add = page() != nullptr ? page()->findChild<QWidget*>(QStringLiteral("add-shading")) : nullptr)
        return ensureWidgetVisible(add, 0, space::large);
}

bool Inspector::is_folded(const QString& name, Fold fold) const {
    return (fold == Fold::folded) != turned_.contains(name);
}

void Inspector::fold(const QString& name, Fold usual, bool folded) {
    if (folded == (usual == Fold::folded))
        turned_.remove(name);
    else
        turned_.insert(name);
    QSettings().setValue(kFolds, QStringList(turned_.values()));
}

QFormLayout& Inspector::group(const QString& title, const char* id, Fold usual) {
    const QString name = QString::fromLatin1(id);
    auto* rows = new QWidget(page());
    auto* form = new QFormLayout(rows);
    form->setContentsMargins(0, 0, 0, space::small);
    form->setSpacing(space::small);
    form->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    if (forms_.empty()) {
        groups_->addWidget(label(title, "heading", page()));
    } else {
        auto* head = new QToolButton(page());
        head->setText(title);
        head->setProperty("role", QStringLiteral("fold"));
        head->setObjectName(QStringLiteral("group-") + name);
        head->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
        head->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        const auto stand = [head, rows](bool folded) {
            set_icon(head, folded ? QStringLiteral("chevron-right") : QStringLiteral("chevron-down"));
            head->setToolTip(folded ? QObject::tr("Show these rows") : QObject::tr("Fold these rows away"));
            rows->setVisible(!folded);
        };
        connect(head, &QToolButton::clicked, this, [this, name, usual, stand] {
            const bool folded = !is_folded(name, usual);
            fold(name, usual, folded);
            stand(folded);
        });
        groups_->addWidget(head);
        stand(is_folded(name, usual));
    }
    groups_->addWidget(rows);
    forms_.push_back(form);
    return *form;
}

void Inspector::open_layer(size_t layer, bool made) {
    layer_ = layer;
    if (made) made_ = QStringLiteral("layer-%1").arg(layer + 1);
    rebuild();
}

void Inspector::fill() {
    if (document_.selected().size() > 1) return show_many(*this);
    for (const InspectorPage& page : inspector_pages())
        if (page.kind == shown_.kind) return page.show(*this);
}

// Fields stand below each other, whatever group they are in.
void Inspector::finish_rows() {
    int widest = 0;
    std::vector<QWidget*> titles;
    for (const QFormLayout* form : forms_) {
        name_fields(*form);
        for (int r = 0; r < form->rowCount(); ++r)
            if (const auto* title = form->itemAt(r, QFormLayout::LabelRole); title != nullptr && title->widget()) {
                titles.push_back(title->widget());
                widest = std::max(widest, title->widget()->sizeHint().width());
            }
    }
    for (QWidget* title : titles) title->setMinimumWidth(widest);
    if (!editable_) hold_fields();
    for (auto* field : page()->findChildren<NumberField*>()) {
        field->set_live();
        connect(field, &NumberField::live, this, [this](bool on) {
            if (on) return document_.begin_live();
            document_.end_live();
            follow_.start();
        });
    }
}

void Inspector::showEvent(QShowEvent* event) {
    ScrolledPage::showEvent(event);
    if (page() == nullptr) return rebuild();
    // A change of desk has enough to do: the page follows before anything is painted.
    if (stale_) QMetaObject::invokeMethod(this, &Inspector::rebuild, Qt::QueuedConnection);
}

// What nobody sees is built when somebody does.
void Inspector::rebuild() {
    stale_ = !isVisible();
    if (stale_) return;
    figures_.clear();
    rows_.clear();
    forms_.clear();
    had_answer_ = kept_.daylight(document_.option().id).answer != nullptr;
    had_glare_ = kept_.glare(document_.option().id).get();
    const bool same = shown_ == document_.selection();
    const int scrolled = verticalScrollBar()->value();
    QString focused;
    if (page() != nullptr && page()->focusWidget() != nullptr && page()->focusWidget()->hasFocus())
        focused = page()->focusWidget()->objectName();
    groups_ = new QVBoxLayout(begin_page());
    groups_->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    groups_->setSpacing(space::tight);
    shown_ = document_.selection();
    fill();
    groups_->addStretch(1);
    finish_rows();
    // Of the same thing the page stays where it was, and what was just made is brought into view.
    end_page(same ? scrolled : 0);
    if (same) bring_made_into_view();
    if (!focused.isEmpty())
        if (auto* field = page()->findChild<QWidget*>(focused)) field->setFocus();
}

}  // namespace wp::gui
