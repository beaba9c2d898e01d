// SPDX-License-Identifier: GPL-3.0-or-later
// The year of melanopic light at the eyes: how often there is enough, which ways one can face for it, a day by the
// hour.
#pragma once
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QWidget>
#include <filesystem>

#include "gui/clock/eye_hours_view.h"
#include "gui/desk/desktop.h"

namespace wp::gui {

class BodyClockPage : public QWidget {
    Q_OBJECT
 public:
    explicit BodyClockPage(Desktop& desktop);
    /// Asks for the year anew, or for the first time: the box opens.
    void ask();
    EyeHoursView& hours() { return *hours_; }

 protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

 private:
    /// The last of the option's answers; null where it was not asked.
    const KeptTable* found() const;
    const model::Question* question() const;
    void refresh();
    void fill_eyes();
    void show_figures();
    void show_arcs();
    std::optional<size_t> column_of(const char* id) const;
    /// What the answer says besides its table.
    QString fact(const char* name) const;
    QString told(size_t column, size_t place, const char* unit, int digits) const;

    Desktop& desktop_;
    QComboBox* eye_;
    QPushButton* ask_;
    QLabel *hint_, *figures_;
    EyeHoursView* hours_;
    bool filling_ = false;
};

/// A weighting curve from a file into the project; faults are told in a box.
void add_eye_curve(Desktop& desktop, const std::filesystem::path& path);

Page body_clock_page(Desktop& desktop);

}  // namespace wp::gui
