// SPDX-License-Identifier: GPL-3.0-or-later
// A table of commas as a weather year: which line has the heads, and which column holds what.
#pragma once
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QTableWidget>
#include <filesystem>

#include "climate/weather_table.h"

namespace wp::gui {

class WeatherColumnsDialog : public QDialog {
    Q_OBJECT
 public:
    /// text: the whole table. place: of the site, which the year is taken to be of.
    WeatherColumnsDialog(const std::filesystem::path& file, std::string text, const climate::Place& place,
                         QWidget* parent);
    /// The year, once it was accepted.
    const climate::WeatherYear& year() const { return year_; }

 private:
    void build();
    void read_heads();
    void fill_table();
    void try_out();
    climate::WeatherColumns columns() const;

    std::filesystem::path file_;
    std::string text_;
    climate::Place place_;
    std::vector<std::vector<std::string>> rows_;
    std::vector<std::string> heads_;
    climate::WeatherYear year_;
    QSpinBox* head_row_;
    QTableWidget* table_;
    QLabel* state_;
    QPushButton* use_;
};

}  // namespace wp::gui
