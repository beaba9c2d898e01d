// SPDX-License-Identifier: GPL-3.0-or-later
// Tables that are read and not typed into: one set-up for all.
#pragma once
#include <QHeaderView>
#include <QTableWidget>

namespace wp::gui {

/// name: of the object. title: for those who cannot see it.
inline QTableWidget* figure_table(const char* name, const QString& title) {
    auto* table = new QTableWidget;
    table->setObjectName(QString::fromLatin1(name));
    table->setAccessibleName(title);
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->setTabKeyNavigation(false);
    table->setShowGrid(false);
    table->verticalHeader()->hide();
    return table;
}

/// Words above the columns: those of figures to the right, as their figures stand. is_figure: by column.
template <class Is>
void set_heads(QTableWidget& table, const QStringList& heads, Is&& is_figure) {
    table.setColumnCount(static_cast<int>(heads.size()));
    table.setHorizontalHeaderLabels(heads);
    for (int c = 0; c < heads.size(); ++c)
        table.horizontalHeaderItem(c)->setTextAlignment((is_figure(c) ? Qt::AlignRight : Qt::AlignLeft) |
                                                        Qt::AlignVCenter);
}

}  // namespace wp::gui
