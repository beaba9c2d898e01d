// SPDX-License-Identifier: GPL-3.0-or-later
// The bar of the Light desk, which Certify has too: what is on the sheet, under which sky, and how it is asked.
#pragma once
#include <QComboBox>
#include <QPushButton>
#include <QToolButton>
#include <QWidget>

#include "gui/desk/desktop.h"
#include "gui/light/figure_chooser.h"
#include "gui/light/series_view.h"

namespace wp::gui {

class Pairing;

class LightBar : public QWidget {
    Q_OBJECT
 public:
    LightBar(Desktop& desktop, Pairing& pairing);

    /// Puts the answer of a question of the project on the sheet.
    void show_question(const model::Id& question);
    /// A table from elsewhere on the planes of the option.
    void open_table(const std::filesystem::path& path);
    /// Runs the year, and shows it where nothing else is chosen meanwhile.
    void run_year();
    /// The small plans side by side, where they are wanted; else null.
    SeriesView* series() const;

 private:
    void build_choice(QBoxLayout& row);
    void build_asking(QBoxLayout& row);
    void build_series();
    void build_out(QBoxLayout& row, Pairing& pairing);
    std::vector<Palette::Entry> found();
    std::vector<FigureEntry> entries();
    QString name_shown() const;
    void follow_shown();
    void refresh();
    void new_question();
    Document& document() { return desktop_.document(); }
    const KeptTable* table() const { return desktop_.shown() == Shown::table ? desktop_.maps().table() : nullptr; }

    Desktop& desktop_;
    FigureChooser* chooser_;
    QComboBox *column_box_, *sky_box_;
    QPushButton *run_year_, *ask_;
    QToolButton* series_button_;
    SeriesView* series_;
    std::optional<Shown> before_year_;  // what was on the sheet when the year was asked for
};

}  // namespace wp::gui
