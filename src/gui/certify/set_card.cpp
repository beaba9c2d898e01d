// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/set_card.h"

#include <QHBoxLayout>
#include <QMouseEvent>
#include <QVBoxLayout>

#include "gui/certify/state_mark.h"
#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "report/verdict_mark.h"

namespace wp::gui {

namespace {

constexpr int kConclusion = Qt::UserRole;
constexpr int kMark = 16, kHeadMargin = 18;

// What stands in a cell beside the mark: the level of a part, the value of a criterion.
QString cell_text(const JudgedSet& judged, const rule::Conclusion& conclusion) {
    const rule::Verdict& v = judged.verdicts[conclusion.verdicts.front()];
    const bool joined = !v.criterion->part.empty() || !v.criterion->either.empty();
    if (conclusion.state == rule::State::not_asked) return report::state_name(conclusion.state);
    if (joined) {
        const QString level = conclusion.level.empty() ? QObject::tr("none") : language::words(conclusion.level);
        return conclusion.perhaps.empty()
                   ? level
                   : QObject::tr("%1, perhaps %2").arg(level, language::words(conclusion.perhaps));
    }
    return language::figures(rule::value_text(*v.criterion, v.value));
}

// Names stand in full: on as many lines as their column needs.
QString in_lines(const QString& text, const QFontMetrics& metrics, int width) {
    QString out, line;
    for (const QString& word : text.split(QLatin1Char(' '))) {
        const QString longer = line.isEmpty() ? word : line + QLatin1Char(' ') + word;
        if (!line.isEmpty() && metrics.horizontalAdvance(longer) > width) {
            out += line + QLatin1Char('\n');
            line = word;
        } else {
            line = longer;
        }
    }
    return out + line;
}

}  // namespace

SetCard::SetCard(const std::string& set, QWidget* parent) : QFrame(parent), set_(set) {
    setObjectName(QStringLiteral("set-") + QString::fromStdString(set));
    setProperty("role", QStringLiteral("card"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::small, space::medium, space::small);
    layout->setSpacing(space::tight);
    auto* head = new QHBoxLayout;
    head->setSpacing(space::small);
    mark_ = new QLabel(this);
    mark_->setFixedWidth(kMark);
    name_ = new QLabel(this);
    name_->setWordWrap(true);
    QFont bold = font();
    bold.setWeight(QFont::DemiBold);
    name_->setFont(bold);
    arrow_ = icon_button("chevron-right", "open-set", QObject::tr("Rooms and criteria of this set"));
    connect(arrow_, &QToolButton::clicked, this, [this] { open(!open_); });
    head->addWidget(mark_);
    head->addWidget(name_, 1);
    head->addWidget(arrow_);
    layout->addLayout(head);
    // Below the name, which begins behind the mark.
    auto* under = new QVBoxLayout;
    under->setContentsMargins(kMark + space::small, 0, 0, 0);
    under->setSpacing(2);
    outcome_ = label(QString(), nullptr, this);
    outcome_->setObjectName(QStringLiteral("set-outcome"));
    under->addWidget(outcome_);
    doubt_ = label(QObject::tr("Partly from memory: not checked against the edition yet"), "small", this);
    doubt_->setObjectName(QStringLiteral("set-doubt"));
    under->addWidget(doubt_);
    layout->addLayout(under);
    table_ = figure_table("verdicts", QObject::tr("Verdicts by criterion and place"));
    table_->setParent(this);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setWordWrap(true);
    table_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    table_->hide();
    layout->addWidget(table_);
    connect(table_, &QTableWidget::currentItemChanged, this, [this](QTableWidgetItem* now) {
        if (now != nullptr && now->data(kConclusion).isValid())
            emit chosen(QString::fromStdString(set_), now->data(kConclusion).toInt());
    });
}

void SetCard::mouseReleaseEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton && event->position().y() < outcome_->geometry().bottom()) open(!open_);
}

void SetCard::resizeEvent(QResizeEvent* event) {
    QFrame::resizeEvent(event);
    if (open_) fit();
}

void SetCard::open(bool on) {
    open_ = on;
    set_icon(arrow_, on ? QStringLiteral("chevron-down") : QStringLiteral("chevron-right"));
    table_->setVisible(on);
    if (on) fit();
    emit opened(QString::fromStdString(set_), on);
}

void SetCard::show_set(const JudgedSet& judged) {
    name_->setText(language::words(judged.set->name));
    name_->setToolTip(language::words(judged.set->source));
    mark_->setPixmap(state_icon(judged.outcome.state).pixmap(kMark, kMark));
    mark_->setToolTip(report::state_name(judged.outcome.state));
    QStringList words;
    for (const auto& piece : judged.outcome.words) words << language::words(piece);
    outcome_->setText(words.join(QStringLiteral("; ")));
    doubt_->setToolTip(language::words(judged.doubt));
    doubt_->setVisible(!judged.doubt.empty());
    fill(judged);
    if (open_) fit();
}

void SetCard::fill(const JudgedSet& judged) {
    const QSignalBlocker quiet(table_);
    const int row_before = table_->currentRow(), column_before = table_->currentColumn();
    std::vector<std::string> columns, rows;
    const auto place = [](std::vector<std::string>& list, const std::string& name) {
        const auto it = std::ranges::find(list, name);
        if (it != list.end()) return static_cast<int>(it - list.begin());
        list.push_back(name);
        return static_cast<int>(list.size()) - 1;
    };
    for (const auto& c : judged.conclusions) place(columns, c.name), place(rows, c.subject);
    table_->clear();
    QStringList heads{QObject::tr("Where")};
    for (const auto& name : columns) heads << language::words(name);
    heads_ = heads;
    set_heads(*table_, heads, [](int) { return false; });
    table_->setRowCount(static_cast<int>(rows.size()));
    for (size_t r = 0; r < rows.size(); ++r) {
        auto* item = new QTableWidgetItem(language::words(rows[r]));
        item->setFlags(Qt::ItemIsEnabled);
        table_->setItem(static_cast<int>(r), 0, item);
    }
    for (size_t i = 0; i < judged.conclusions.size(); ++i) {
        const auto& c = judged.conclusions[i];
        auto* item = new QTableWidgetItem(state_icon(c.state), cell_text(judged, c));
        item->setData(kConclusion, static_cast<int>(i));
        item->setToolTip(QStringLiteral("%1, %2: %3")
                             .arg(language::words(c.subject), language::words(c.name), report::state_name(c.state)));
        item->setData(Qt::AccessibleTextRole, item->toolTip());
        table_->setItem(place(rows, c.subject), place(columns, c.name) + 1, item);
    }
    if (row_before >= 0 && row_before < table_->rowCount() && column_before < table_->columnCount())
        table_->setCurrentCell(row_before, column_before);
}

// As high as its rows: the page scrolls, not each table.
void SetCard::fit() {
    auto* header = table_->horizontalHeader();
    header->setSectionResizeMode(QHeaderView::Stretch);
    for (int c = 1; c < table_->columnCount(); ++c) {
        auto* head = table_->horizontalHeaderItem(c);
        head->setText(in_lines(heads_[c], QFontMetrics(header->font()), header->sectionSize(c) - kHeadMargin));
    }
    table_->resizeRowsToContents();
    int height = header->sizeHint().height() + 2 * table_->frameWidth() + 2;
    for (int r = 0; r < table_->rowCount(); ++r) height += table_->rowHeight(r);
    table_->setFixedHeight(height);
}

void SetCard::choose(size_t conclusion) {
    for (int r = 0; r < table_->rowCount(); ++r)
        for (int c = 1; c < table_->columnCount(); ++c)
            if (const auto* item = table_->item(r, c);
                item != nullptr && item->data(kConclusion).toInt() == static_cast<int>(conclusion))
                return table_->setCurrentCell(r, c);
}

}  // namespace wp::gui
