// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/figure_chooser.h"

#include <QApplication>
#include <QKeyEvent>
#include <QPainter>
#include <QScreen>
#include <QSettings>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

#include "gui/look/look.h"

namespace wp::gui {

namespace {

constexpr int kMeaning = Qt::UserRole + 1, kMissing = Qt::UserRole + 2, kEntry = Qt::UserRole + 3;
constexpr int kWidth = 520, kHeight = 470, kRow = 42, kHead = 26;
// So many of those that were looked at last stand first.
constexpr int kLast = 4;
const auto kLastKey = QStringLiteral("chooser/last");

// A name, its line of meaning below, what is missing at the right; groups are lines of their own.
class EntryPainter : public QStyledItemDelegate {
 public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const override {
        return {100, index.data(kEntry).isValid() ? kRow : kHead};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        painter->save();
        const bool head = !index.data(kEntry).isValid();
        if (!head && option.state.testFlag(QStyle::State_Selected))
            painter->fillRect(option.rect, option.palette.color(QPalette::Highlight));
        const QRect row = option.rect.adjusted(space::medium, 3, -space::medium, -3);
        QFont font = option.font;
        font.setPixelSize(head ? type::small : type::body);
        font.setWeight(head ? QFont::Normal : QFont::DemiBold);
        painter->setFont(font);
        const QString missing = index.data(kMissing).toString();
        painter->setPen(head ? ink().faint : ink().ink);
        const int missing_width = missing.isEmpty() ? 0 : QFontMetrics(font).horizontalAdvance(missing) + space::small;
        painter->drawText(
            row.adjusted(0, 0, -missing_width, head ? 0 : -16), Qt::AlignLeft | Qt::AlignVCenter,
            painter->fontMetrics().elidedText(index.data().toString(), Qt::ElideRight, row.width() - missing_width));
        if (!head) {
            font.setPixelSize(type::small);
            font.setWeight(QFont::Normal);
            painter->setFont(font);
            painter->setPen(ink().accent);
            painter->drawText(row.adjusted(0, 0, 0, -16), Qt::AlignRight | Qt::AlignVCenter, missing);
            painter->setPen(ink().faint);
            painter->drawText(
                row.adjusted(0, 18, 0, 0), Qt::AlignLeft | Qt::AlignVCenter,
                painter->fontMetrics().elidedText(index.data(kMeaning).toString(), Qt::ElideRight, row.width()));
        }
        painter->restore();
    }
};

bool holds_all(const FigureEntry& e, const QStringList& words) {
    const QString text =
        (e.name + QLatin1Char(' ') + e.group + QLatin1Char(' ') + e.meaning + QLatin1Char(' ') + e.also).toLower();
    return std::all_of(words.begin(), words.end(), [&](const QString& w) { return text.contains(w); });
}

}  // namespace

FigureChooser::FigureChooser(std::function<std::vector<FigureEntry>()> entries, QWidget* parent)
    : QToolButton(parent),
      entries_(std::move(entries)),
      last_(QSettings().value(kLastKey).toStringList()),
      popup_(new QFrame(this, Qt::Popup)),
      search_(new QLineEdit),
      list_(new QListWidget) {
    setObjectName(QStringLiteral("shown"));
    setAccessibleName(QObject::tr("On the sheet"));
    setToolTip(QObject::tr("What is on the sheet: choose another figure"));
    setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    setProperty("role", QStringLiteral("field"));
    set_icon(this, QStringLiteral("chevron-down"));
    setLayoutDirection(Qt::RightToLeft);  // the sign of a list stands at the right
    setMinimumWidth(220);
    connect(this, &QToolButton::clicked, this, &FigureChooser::open);
    popup_->setObjectName(QStringLiteral("figures"));
    popup_->setFrameShape(QFrame::StyledPanel);
    popup_->setLayoutDirection(Qt::LeftToRight);
    auto* column = new QVBoxLayout(popup_);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    search_->setObjectName(QStringLiteral("figure-search"));
    search_->setPlaceholderText(QObject::tr("Find a figure: autonomy, lux, sky, sun \u2026"));
    search_->installEventFilter(this);
    connect(search_, &QLineEdit::textChanged, this, &FigureChooser::fill);
    list_->setObjectName(QStringLiteral("figure-list"));
    list_->setAccessibleName(QObject::tr("Figures"));
    list_->setItemDelegate(new EntryPainter(list_));
    list_->setUniformItemSizes(false);
    list_->setMouseTracking(true);
    connect(list_, &QListWidget::itemEntered, list_, [this](QListWidgetItem* item) { list_->setCurrentItem(item); });
    connect(list_, &QListWidget::itemClicked, this, &FigureChooser::take_current);
    column->addWidget(search_);
    column->addWidget(list_);
    popup_->resize(kWidth, kHeight);
}

void FigureChooser::show_name(const QString& name) {
    setText(fontMetrics().elidedText(name, Qt::ElideRight, 280));
    setAccessibleDescription(name);
}

void FigureChooser::open() {
    now_ = entries_();
    search_->clear();
    fill({});
    QPoint at = mapToGlobal(QPoint(0, height() + 2));
    if (const QScreen* on = screen())
        at.setX(std::max(on->availableGeometry().left(), std::min(at.x(), on->availableGeometry().right() - kWidth)));
    popup_->move(at);
    popup_->show();
    search_->setFocus();
}

// Without a word: the last ones, then all by analysis. With words: what has them all.
void FigureChooser::fill(const QString& typed) {
    list_->clear();
    const QStringList words = typed.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    const auto head = [&](const QString& text) {
        auto* item = new QListWidgetItem(text, list_);
        item->setFlags(Qt::NoItemFlags);
    };
    const auto add = [&](size_t i) {
        auto* item = new QListWidgetItem(now_[i].name, list_);
        item->setData(kMeaning, now_[i].meaning);
        item->setData(kMissing, now_[i].missing);
        item->setData(kEntry, static_cast<qulonglong>(i));
        item->setToolTip(now_[i].meaning);
    };
    if (words.isEmpty()) {
        std::vector<size_t> lately;
        for (const QString& id : last_)
            for (size_t i = 0; i < now_.size(); ++i)
                if (now_[i].id == id) lately.push_back(i);
        if (!lately.empty()) head(QObject::tr("Looked at last"));
        for (const size_t i : lately) add(i);
    }
    QString group;
    for (size_t i = 0; i < now_.size(); ++i) {
        if (!holds_all(now_[i], words)) continue;
        if (now_[i].group != group) head(group = now_[i].group);
        add(i);
    }
    if (list_->count() == 0) head(QObject::tr("No figure is called that"));
    // What is called just that comes before what has the words somewhere.
    int first = -1;
    for (int i = list_->count() - 1; i >= 0; --i) {
        if (!list_->item(i)->data(kEntry).isValid()) continue;
        const bool called = list_->item(i)->text().compare(typed.trimmed(), Qt::CaseInsensitive) == 0;
        if (called) return list_->setCurrentRow(i);
        first = i;
    }
    list_->setCurrentRow(first);
}

void FigureChooser::take_current() {
    const QListWidgetItem* item = list_->currentItem();
    if (item == nullptr || !item->data(kEntry).isValid()) return;
    const FigureEntry entry = now_[item->data(kEntry).toULongLong()];
    popup_->hide();
    remember(entry.id);
    entry.show();
}

bool FigureChooser::pick(const QString& id) {
    for (const FigureEntry& entry : entries_())
        if (entry.id == id) {
            remember(id);
            entry.show();
            return true;
        }
    return false;
}

void FigureChooser::remember(const QString& id) {
    last_.removeAll(id);
    last_.prepend(id);
    while (last_.size() > kLast) last_.removeLast();
    QSettings().setValue(kLastKey, last_);
}

// Arrows and Enter work the list while one types.
bool FigureChooser::eventFilter(QObject* object, QEvent* event) {
    if (object != search_ || event->type() != QEvent::KeyPress) return QToolButton::eventFilter(object, event);
    const int key = static_cast<QKeyEvent*>(event)->key();
    if (key == Qt::Key_Return || key == Qt::Key_Enter) {
        take_current();
        return true;
    }
    if (key != Qt::Key_Up && key != Qt::Key_Down && key != Qt::Key_PageUp && key != Qt::Key_PageDown)
        return QToolButton::eventFilter(object, event);
    QApplication::sendEvent(list_, event);
    return true;
}

}  // namespace wp::gui
