// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/site/weather_folder.h"

#include <QDialogButtonBox>
#include <QHeaderView>
#include <QPushButton>
#include <QVBoxLayout>

#include "gui/entry/rows.h"
#include "gui/look/figure_table.h"
#include "report/language/words.h"

namespace wp::gui {

WeatherFolderDialog::WeatherFolderDialog(const std::vector<climate::WeatherNear>& found, QWidget* parent)
    : QDialog(parent), found_(found) {
    setObjectName(QStringLiteral("weather-folder"));
    setWindowTitle(QObject::tr("Weather files by distance from the site"));
    resize(720, 420);
    auto* layout = new QVBoxLayout(this);
    if (found_.empty())
        layout->addWidget(label(QObject::tr("There are no EPW or TMY3 files in this folder."), nullptr, this));
    table_ = figure_table("weather-near", QObject::tr("Weather files by distance from the site"));
    set_heads(*table_, {QObject::tr("Station"), QObject::tr("Away, km"), QObject::tr("Higher, m"), QObject::tr("File")},
              [](int column) { return column == 1 || column == 2; });
    table_->setRowCount(static_cast<int>(found_.size()));
    for (size_t i = 0; i < found_.size(); ++i) {
        const auto& one = found_[i];
        const QString texts[] = {
            QString::fromStdString(one.station), language::number(one.kilometres, 'f', one.kilometres < 10 ? 1 : 0),
            (one.higher > 0 ? QStringLiteral("+") : QString()) + language::number(one.higher, 'f', 0),
            QString::fromStdString(one.path.filename().string())};
        for (int c = 0; c < 4; ++c) {
            auto* item = new QTableWidgetItem(texts[c]);
            if (c == 1 || c == 2) item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            table_->setItem(static_cast<int>(i), c, item);
        }
    }
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    // The nearest is offered.
    if (!found_.empty()) table_->setCurrentCell(0, 0);
    layout->addWidget(table_, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    buttons->button(QDialogButtonBox::Ok)->setText(QObject::tr("Use it"));
    buttons->button(QDialogButtonBox::Ok)->setEnabled(!found_.empty());
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(table_, &QTableWidget::cellDoubleClicked, this, &QDialog::accept);
    layout->addWidget(buttons);
}

std::filesystem::path WeatherFolderDialog::chosen() const {
    const int row = table_->currentRow();
    return row >= 0 && row < static_cast<int>(found_.size()) ? found_[static_cast<size_t>(row)].path
                                                             : std::filesystem::path();
}

}  // namespace wp::gui
