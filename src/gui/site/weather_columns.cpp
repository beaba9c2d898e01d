// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/site/weather_columns.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QVBoxLayout>

#include "gui/entry/rows.h"
#include "gui/look/figure_table.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr size_t kRowsLookedAt = 40;
constexpr int kQuantity = 0, kColumn = 1, kFirst = 2;  // columns of the table

}  // namespace

WeatherColumnsDialog::WeatherColumnsDialog(const std::filesystem::path& file, std::string text,
                                           const climate::Place& place, QWidget* parent)
    : QDialog(parent), file_(file), text_(std::move(text)), place_(place) {
    setObjectName(QStringLiteral("weather-columns"));
    setWindowTitle(QObject::tr("Weather out of %1").arg(QString::fromStdString(file.filename().string())));
    resize(760, 560);
    rows_ = climate::first_rows(text_, kRowsLookedAt);
    build();
    head_row_->setValue(climate::likely_head_row(rows_));
    read_heads();
}

void WeatherColumnsDialog::build() {
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(
        label(QObject::tr("Say which column holds what. Global irradiance is needed, or direct and diffuse "
                          "irradiance; without month, day and hour the rows are the hours of the year from 1 January."),
              nullptr, this));
    auto* form = new QFormLayout;
    head_row_ = new QSpinBox(this);
    head_row_->setRange(1, static_cast<int>(std::max<size_t>(1, rows_.size())));
    head_row_->setObjectName(QStringLiteral("weather-head-row"));
    head_row_->setAccessibleName(QObject::tr("Line with the heads"));
    form->addRow(QObject::tr("Line with the heads"), head_row_);
    layout->addLayout(form);
    table_ = figure_table("weather-quantities", QObject::tr("Columns of the table"));
    layout->addWidget(table_, 1);
    state_ = label(QString(), nullptr, this);
    state_->setObjectName(QStringLiteral("weather-columns-state"));
    layout->addWidget(state_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    use_ = buttons->button(QDialogButtonBox::Ok);
    use_->setText(QObject::tr("Use it"));
    use_->setObjectName(QStringLiteral("weather-columns-use"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    layout->addWidget(buttons);
    connect(head_row_, &QSpinBox::valueChanged, this, &WeatherColumnsDialog::read_heads);
}

void WeatherColumnsDialog::read_heads() {
    const auto row = static_cast<size_t>(head_row_->value()) - 1;
    heads_ = row < rows_.size() ? rows_[row] : std::vector<std::string>();
    fill_table();
    try_out();
}

void WeatherColumnsDialog::fill_table() {
    const auto& quantities = climate::weather_quantities();
    const auto guessed = climate::guessed_heads(heads_);
    table_->clear();
    set_heads(*table_, {QObject::tr("Quantity"), QObject::tr("Column"), QObject::tr("First value")},
              [](int column) { return column == kFirst; });
    table_->setRowCount(static_cast<int>(quantities.size()));
    for (size_t i = 0; i < quantities.size(); ++i) {
        const int row = static_cast<int>(i);
        const QString name = language::words(quantities[i].name), unit = QString::fromUtf8(quantities[i].unit);
        table_->setItem(row, kQuantity,
                        new QTableWidgetItem(unit.isEmpty() ? name : QStringLiteral("%1, %2").arg(name, unit)));
        auto* column = new QComboBox(table_);
        column->setObjectName(QStringLiteral("weather-column-%1").arg(QString::fromLatin1(quantities[i].id)));
        column->setAccessibleName(name);
        column->addItem(QObject::tr("not in it"), -1);
        for (size_t h = 0; h < heads_.size(); ++h)
            column->addItem(QString::fromStdString(heads_[h]), static_cast<int>(h));
        if (const auto at = guessed.find(quantities[i].id); at != guessed.end())
            column->setCurrentIndex(std::max(0, column->findText(QString::fromStdString(at->second))));
        connect(column, &QComboBox::activated, this, &WeatherColumnsDialog::try_out);
        table_->setCellWidget(row, kColumn, column);
        table_->setItem(row, kFirst, new QTableWidgetItem);
    }
    table_->horizontalHeader()->setSectionResizeMode(kQuantity, QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(kColumn, QHeaderView::Stretch);
}

climate::WeatherColumns WeatherColumnsDialog::columns() const {
    climate::WeatherColumns out;
    out.head_row = head_row_->value();
    out.place = place_;
    out.station = file_.stem().string();
    const auto& quantities = climate::weather_quantities();
    for (size_t i = 0; i < quantities.size(); ++i) {
        const auto* box = qobject_cast<QComboBox*>(table_->cellWidget(static_cast<int>(i), kColumn));
        if (box->currentData().toInt() >= 0)
            out.heads[quantities[i].id] = heads_[static_cast<size_t>(box->currentData().toInt())];
    }
    return out;
}

void WeatherColumnsDialog::try_out() {
    const auto& quantities = climate::weather_quantities();
    const auto first = static_cast<size_t>(head_row_->value());
    for (size_t i = 0; i < quantities.size(); ++i) {
        const int row = static_cast<int>(i);
        const auto* box = qobject_cast<QComboBox*>(table_->cellWidget(row, kColumn));
        const int column = box->currentData().toInt();
        const bool there = column >= 0 && first < rows_.size() && static_cast<size_t>(column) < rows_[first].size();
        auto* item = table_->item(row, kFirst);
        item->setText(there ? QString::fromStdString(rows_[first][static_cast<size_t>(column)]) : QString());
        item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
    }
    auto asked = columns();
    // Nothing chosen is not the same as nothing said.
    if (asked.heads.empty()) asked.heads["global"] = "";
    auto year = climate::parse_weather_table(text_, file_.filename().string(), asked);
    use_->setEnabled(static_cast<bool>(year));
    if (!year) return state_->setText(language::line(year.fault()));
    year_ = std::move(*year);
    double sum = 0;
    for (const auto& hour : year_.hours) sum += hour.global_horizontal / 1000;
    state_->setText(
        QObject::tr("A whole year: %1 kWh/m\u00b2 of global irradiance").arg(language::number(sum, 'f', 0)));
}

}  // namespace wp::gui
