// SPDX-License-Identifier: GPL-3.0-or-later
// Weather files of a folder, the nearest to the site first.
#pragma once
#include <QDialog>
#include <QTableWidget>
#include <filesystem>

#include "climate/weather_table.h"

namespace wp::gui {

class WeatherFolderDialog : public QDialog {
    Q_OBJECT
 public:
    WeatherFolderDialog(const std::vector<climate::WeatherNear>& found, QWidget* parent);
    /// The chosen file; empty: none.
    std::filesystem::path chosen() const;

 private:
    std::vector<climate::WeatherNear> found_;
    QTableWidget* table_;
};

}  // namespace wp::gui
