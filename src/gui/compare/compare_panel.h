// SPDX-License-Identifier: GPL-3.0-or-later
// The Compare desk: all options in rows, all their figures from the same kind of run, their maps on one scale.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

#include "gui/compare/comparing.h"
#include "gui/compare/differences_view.h"
#include "gui/document/document.h"
#include "gui/work/behind.h"

namespace wp::gui {

/// Plans of all options with their daylight factor, side by side on one legend.
class OptionMaps : public QWidget {
    Q_OBJECT
 public:
    OptionMaps(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

 private:
    bool is_shown(size_t i) const;
    QRectF cell(size_t i) const;
    Document& document_;
    const KeptAnswers& kept_;
};

class ComparePanel : public QWidget {
    Q_OBJECT
 public:
    ComparePanel(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);
    QTableWidget* table() const { return table_; }
    DifferencesView& differences() { return *differences_; }
    void manage_options();

 signals:
    void ask_all();

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    static std::vector<ComparedLine> all_lines();
    void build_menu();
    void refresh();
    void show_comparison(const Comparison& comparison);
    void show_pulls(const Comparison& comparison);
    void show_decision(const model::Project& project);
    void add_hand_figures(const model::Project& project);
    void add_hand_figure();
    void give_value(int row, int column);
    enum class Rows { by_room, by_figure, whole };
    std::vector<std::pair<std::optional<size_t>, size_t>> rows_of(const Comparison& found) const;
    void sort_by(int column);
    void show_table();

    std::vector<ComparedLine> lines_;
    QMenu* menu_;
    Document& document_;
    const KeptAnswers& kept_;
    QTableWidget* table_;
    QComboBox* rows_ = nullptr;
    std::optional<Comparison> shown_;
    int sorted_by_ = -1;  // option; -1: rooms as they are drawn
    bool rising_ = false;
    DifferencesView* differences_;
    QLabel *pulls_, *decision_;
    QString suggestion_;  // of reasons
    int hand_rows_ = 0;   // where figures given by hand begin
    // What was asked for last, and is shown or on the way.
    std::vector<std::shared_ptr<const void>> asked_;
    std::vector<ComparedLine> asked_lines_;
    model::Id asked_base_;
    Comparer comparer_;                      // of the worker's thread alone
    Behind<Comparison, Comparison> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
