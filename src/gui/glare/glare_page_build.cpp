// SPDX-License-Identifier: GPL-3.0-or-later
// The page's widgets, from top to bottom.
#include <QGridLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "gui/glare/glare_page.h"
#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

void GlarePage::build(QBoxLayout& column) {
    title_ = new QLabel;
    title_->setWordWrap(true);
    title_->setObjectName(QStringLiteral("glare-title"));
    const auto choice = [&](const char* name, const QString& title) {
        auto* box = new QComboBox;
        box->setObjectName(QString::fromLatin1(name));
        box->setAccessibleName(title);
        box->setToolTip(title);
        return box;
    };
    index_ = choice("glare-index", QObject::tr("Index of glare"));
    for (const auto& i : metric::glare_indices()) {
        index_->addItem(QString::fromLatin1(i.short_name));
        index_->setItemData(index_->count() - 1,
                            QStringLiteral("%1. %2").arg(language::words(i.name), language::words(i.meaning)),
                            Qt::ToolTipRole);
    }
    limit_ = choice("glare-limit", QObject::tr("What counts as untroubled"));
    places_ = choice("glare-places", QObject::tr("Where"));
    places_->addItems({QObject::tr("Observers"), QObject::tr("All over the room")});
    connect(index_, &QComboBox::currentIndexChanged, this, [this] {
        fill_limits();
        refresh();
    });
    connect(limit_, &QComboBox::currentIndexChanged, this, &GlarePage::refresh);
    connect(places_, &QComboBox::currentIndexChanged, this, &GlarePage::follow);
    when_ = choice("glare-when", QObject::tr("When"));
    when_->addItems({QObject::tr("At this moment"), QObject::tr("Over the year")});
    connect(when_, &QComboBox::currentIndexChanged, this, &GlarePage::follow);
    run_ = new QPushButton(QObject::tr("Ask the year"));
    run_->setObjectName(QStringLiteral("glare-run"));
    run_->setToolTip(QObject::tr("DGP of every hour that the rooms are used in, blinds as they are worked"));
    set_icon(run_, QStringLiteral("play"));
    connect(run_, &QPushButton::clicked, this, &GlarePage::run_year);
    auto* first = new QHBoxLayout;
    first->addWidget(index_);
    first->addWidget(limit_, 1);
    column.addWidget(title_);
    column.addLayout(first);
    auto* second = new QHBoxLayout;
    second->addWidget(places_, 1);
    second->addWidget(when_, 1);
    column.addLayout(second);
    blinds_ = choice("glare-blinds", QObject::tr("Blinds"));
    blinds_->addItems({QObject::tr("Blinds as worked"), QObject::tr("Blinds open"), QObject::tr("Blinds closed")});
    connect(blinds_, &QComboBox::activated, this, [this] {
        if (!year_.seats().empty()) run_year();
    });
    month_ = choice("glare-month", QObject::tr("Which months count"));
    month_->addItem(QObject::tr("All months"));
    for (int m = 1; m <= 12; ++m) month_->addItem(language::month(m));
    connect(month_, &QComboBox::currentIndexChanged, this, [this](int month) {
        year_.count_month(month);
        refresh();
    });
    share_ = new QDoubleSpinBox;
    share_->setObjectName(QStringLiteral("glare-share"));
    share_->setAccessibleName(QObject::tr("Share of the use in which the limit may be exceeded"));
    share_->setToolTip(share_->accessibleName());
    share_->setRange(0, 50);
    share_->setDecimals(0);
    share_->setValue(100 * question::kGlareShare);
    share_->setPrefix(QObject::tr("in at most "));
    share_->setSuffix(QStringLiteral(" %"));
    connect(share_, &QDoubleSpinBox::valueChanged, this, &GlarePage::refresh);
    of_year_ = new QWidget;
    auto* third = new QGridLayout(of_year_);
    third->setContentsMargins(0, 0, 0, 0);
    third->addWidget(blinds_, 0, 0);
    third->addWidget(share_, 0, 1);
    third->addWidget(month_, 1, 0);
    third->setColumnStretch(0, 1);
    third->setColumnStretch(1, 1);

    column.addWidget(of_year_);
    third->addWidget(run_, 1, 1);
    hint_ = new QLabel;
    hint_->setWordWrap(true);
    hint_->setProperty("role", QStringLiteral("small"));
    hint_->setObjectName(QStringLiteral("glare-hint"));
    column.addWidget(hint_);
    table_ = figure_table("glare-seats", QObject::tr("Seats"));
    set_heads(*table_, {QObject::tr("Where"), QObject::tr("Clear"), QObject::tr("Worst"), QObject::tr("by")},
              [](int c) { return c == 1 || c == 2; });
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Interactive);
    table_->horizontalHeader()->resizeSection(0, 96);
    table_->horizontalHeader()->setSectionResizeMode(3, QHeaderView::Stretch);
    table_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column.addWidget(table_, 1);
    turn_ = new QPushButton(QObject::tr("Turn into the widest arc"));
    turn_->setObjectName(QStringLiteral("glare-turn"));
    turn_->setToolTip(QObject::tr("The observer of the chosen seat, and the table it sits at"));
    look_ = new QPushButton(QObject::tr("Look at the worst"));
    look_->setObjectName(QStringLiteral("glare-look"));
    set_icon(look_, QStringLiteral("eye"));
    connect(turn_, &QPushButton::clicked, this, &GlarePage::turn_selected);
    connect(look_, &QPushButton::clicked, this, [this] {
        const auto row = static_cast<size_t>(std::max(table_->currentRow(), 0));
        if (row < arcs_.size() && arcs_[row]) look(row, arcs_[row]->worst_heading);
    });
    hours_ = figure_table("glare-hours", QObject::tr("Worst hours of the chosen seat"));
    set_heads(*hours_, {QObject::tr("Worst hours"), QStringLiteral("DGP"), QObject::tr("closed"), QObject::tr("by")},
              [](int c) { return c == 1 || c == 2; });
    hours_->horizontalHeaderItem(2)->setToolTip(QObject::tr("The same with all blinds closed"));
    hours_->setSelectionBehavior(QAbstractItemView::SelectRows);
    hours_->setSelectionMode(QAbstractItemView::SingleSelection);
    hours_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    hours_->horizontalHeader()->setSectionResizeMode(3, QHeaderView::Stretch);
    hours_->setToolTip(QObject::tr("Click an hour for its picture"));
    connect(hours_, &QTableWidget::cellClicked, this, [this](int row, int) {
        const auto seat = static_cast<size_t>(std::max(table_->currentRow(), 0));
        if (static_cast<size_t>(row) >= worst_hours_.size() || seat >= arcs_.size() || !arcs_[seat]) return;
        desktop_.document().show_moment(worst_hours_[static_cast<size_t>(row)]);
        look(seat, arcs_[seat]->worst_heading);
    });
    connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
        if (filling_) return;
        show_hours();
        show_strip();
    });
    column.addWidget(hours_, 1);
    column.addWidget(turn_);
    column.addWidget(look_);
}

}  // namespace wp::gui
