// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/commands/palette.h"

#include <QKeyEvent>
#include <QRegularExpression>
#include <QVBoxLayout>
#include <algorithm>
#include <numeric>
#include <utility>

#include "gui/look/look.h"

namespace wp::gui {

namespace {

constexpr size_t kNearest = 5;

// Every word typed must stand somewhere in the text.
bool matches(const QString& text, const QString& typed) {
    for (const QString& word : typed.split(QLatin1Char(' '), Qt::SkipEmptyParts))
        if (!text.contains(word, Qt::CaseInsensitive)) return false;
    return true;
}

// Letters to be put in, taken out or changed between two words (Levenshtein 1966).
int distance(const QString& a, const QString& b) {
    std::vector<int> row(static_cast<size_t>(b.size()) + 1);
    std::iota(row.begin(), row.end(), 0);
    for (qsizetype i = 0; i < a.size(); ++i) {
        int diagonal = std::exchange(row[0], static_cast<int>(i) + 1);
        for (qsizetype j = 0; j < b.size(); ++j) {
            const auto k = static_cast<size_t>(j);
            const int change = diagonal + (a[i].toLower() == b[j].toLower() ? 0 : 1);
            diagonal = std::exchange(row[k + 1], std::min({change, row[k] + 1, row[k + 1] + 1}));
        }
    }
    return row.back();
}

// How far the words typed are from those of an entry, letter by letter.
int distance_to(const Palette::Entry& entry, const QString& typed) {
    static const QRegularExpression between(QStringLiteral("[^\\w]+"));
    const QStringList words = (entry.text + QLatin1Char(' ') + entry.also).split(between, Qt::SkipEmptyParts);
    int sum = 0;
    for (const QString& word : typed.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        int best = static_cast<int>(word.size());
        for (const QString& other : words) best = std::min(best, distance(word, other));
        sum += best;
    }
    return sum;
}

}  // namespace

Palette::Palette(std::vector<Entry> commands, std::function<std::vector<Entry>(const QString&)> things, QWidget* parent)
    : QDialog(parent, Qt::Popup), commands_(std::move(commands)), things_(std::move(things)) {
    setObjectName(QStringLiteral("palette"));
    setFixedSize(460, 380);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    field_ = new QLineEdit;
    field_->setObjectName(QStringLiteral("palette-field"));
    field_->setPlaceholderText(QObject::tr("A command, a figure, a material, or the name of a room or window"));
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("palette-list"));
    list_->setFrameShape(QFrame::NoFrame);
    column->addWidget(field_);
    none_ = new QLabel;
    none_->setObjectName(QStringLiteral("palette-none"));
    none_->setProperty("role", QStringLiteral("small"));
    none_->setWordWrap(true);
    column->addWidget(none_);
    column->addWidget(list_, 1);
    field_->installEventFilter(this);
    connect(field_, &QLineEdit::textChanged, this, &Palette::refresh);
    connect(list_, &QListWidget::itemClicked, this, [this] { run_current(); });
    refresh();
    if (parent != nullptr) move(parent->mapToGlobal(QPoint((parent->width() - width()) / 2, 90)));
    field_->setFocus();
}

void Palette::refresh() {
    const QString typed = field_->text().trimmed();
    shown_ = found(typed);
    none_->setVisible(shown_.empty());
    if (shown_.empty()) {
        shown_ = nearest(typed);
        none_->setText(QObject::tr("Nothing is called \u201c%1\u201d. The nearest:").arg(typed));
    }
    list_->clear();
    for (const Entry& entry : shown_)
        list_->addItem(entry.note.isEmpty() ? entry.text
                                            : QStringLiteral("%1    \u2013 %2").arg(entry.text, entry.note));
    list_->setCurrentRow(0);
}

// By their own words first, then by other words for them.
std::vector<Palette::Entry> Palette::found(const QString& typed) const {
    std::vector<Entry> out;
    if (!typed.isEmpty()) out = things_(typed);
    for (const Entry& entry : commands_)
        if (matches(entry.text, typed)) out.push_back(entry);
    for (const Entry& entry : commands_)
        if (!matches(entry.text, typed) && matches(entry.text + QLatin1Char(' ') + entry.also, typed))
            out.push_back(entry);
    return out;
}

std::vector<Palette::Entry> Palette::nearest(const QString& typed) const {
    std::vector<std::pair<int, const Entry*>> ranked;
    for (const Entry& entry : commands_) ranked.emplace_back(distance_to(entry, typed), &entry);
    std::stable_sort(ranked.begin(), ranked.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    std::vector<Entry> out;
    for (size_t i = 0; i < std::min(kNearest, ranked.size()); ++i) out.push_back(*ranked[i].second);
    return out;
}

void Palette::run_current() {
    const int row = list_->currentRow();
    if (row < 0 || static_cast<size_t>(row) >= shown_.size()) return;
    const auto run = shown_[static_cast<size_t>(row)].run;
    accept();
    run();
}

bool Palette::eventFilter(QObject* object, QEvent* event) {
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Down || key == Qt::Key_Up) {
            list_->setCurrentRow(
                std::clamp(list_->currentRow() + (key == Qt::Key_Down ? 1 : -1), 0, std::max(0, list_->count() - 1)));
            return true;
        }
        if (key == Qt::Key_Return || key == Qt::Key_Enter) {
            run_current();
            return true;
        }
    }
    return QDialog::eventFilter(object, event);
}

}  // namespace wp::gui
