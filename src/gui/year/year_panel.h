// SPDX-License-Identifier: GPL-3.0-or-later
// The year in figures: rooms in a table that sorts and selects, all figures of one of them with their errors, hours
// that fail.
#pragma once
#include <QComboBox>
#include <QLabel>
#include <QStackedWidget>
#include <QTableWidget>
#include <QTextBrowser>
#include <QToolButton>
#include <QTreeWidget>
#include <array>

#include "gui/answers/asker.h"
#include "gui/desk/page.h"

namespace wp::gui {

class YearPanel : public QWidget {
    Q_OBJECT
 public:
    YearPanel(Document& document, const KeptAnswers& kept, Asker& asker, QWidget* parent = nullptr);
    /// What a figure of a room means, and its usual values with their sources.
    static QString meaning_of(const std::string& figure);

 signals:
    /// The hour of the moment is wanted on the sheet.
    void hour_wanted();

 protected:
    void showEvent(QShowEvent*) override;

 private:
    void refresh();
    void fill_rooms(const YearReading& reading);
    void fill_figures(const YearReading& reading);
    void fill_hours(const YearReading& reading);
    void explain();
    void add_counted(QVBoxLayout& column);
    QWidget* figures_page();
    QWidget* hours_page();
    void choose_months(int month, bool on);

    Document& document_;
    const KeptAnswers& kept_;
    Asker& asker_;
    bool filling_ = false;
    QComboBox *operation_, *counted_;
    std::array<QToolButton*, 12> months_{};
    QTableWidget *rooms_, *figures_;
    QTreeWidget* hours_;
    QLabel *empty_, *title_, *failing_;
    QTextBrowser* explained_;
    QComboBox* hours_of_;
    QStackedWidget* pages_;
    QWidget* body_;
};

Page year_page(Desktop& desktop);

}  // namespace wp::gui
