// SPDX-License-Identifier: GPL-3.0-or-later
// The Site desk's panel: which weather and what was doubtful in it, where, which way is north, the ground by month, and
// the days that the climate stands out by.
#pragma once
#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QWidget>

#include "gui/document/document.h"
#include "gui/work/behind.h"

class QFormLayout;

namespace wp::gui {

class SitePanel : public QWidget {
    Q_OBJECT
 public:
    explicit SitePanel(Document& document, QWidget* parent = nullptr);
    /// Lists the weather files of a folder, to choose one.
    void show_folder(const std::filesystem::path& folder);
    /// Takes up a weather file, which is read in the background. Of a table whose columns nobody knows they are asked
    /// for, and an EPW of it is written.
    void use_weather(const std::filesystem::path& path);

 signals:
    /// With the fault, of which a box tells: then nothing changes.
    void weather_tried(const wp::Outcome& fault);

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    void refresh();
    void refresh_facts();
    void refresh_fields();
    void refresh_days();
    void add_ground(QFormLayout* form);
    void add_ground_colour(QFormLayout* form);
    bool keeps_place_ = false;
    QComboBox* others_;
    void choose_weather();
    void choose_from_folder();
    bool asks_columns(const std::filesystem::path& path);
    void refuse(const Fault& fault);
    struct Chosen {
        std::filesystem::path path;
        Result<climate::WeatherYear> year;
    };
    void take_weather(const Chosen& chosen);
    Document& document_;
    QLabel* facts_;
    QPushButton* make_up_ = nullptr;
    QWidget* fields_ = nullptr;
    QListWidget* days_ = nullptr;
    bool days_stale_ = true;
    Behind<std::filesystem::path, Chosen> file_reader_;
};

}  // namespace wp::gui
