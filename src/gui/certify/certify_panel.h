// SPDX-License-Identifier: GPL-3.0-or-later
// The Certify desk: each criterion with value, threshold, margin, met or not, and its source. Met and not met differ by
// mark and word as well as by colour.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

#include "gui/document.h"
#include "rule/criteria.h"

namespace wp::gui {

class CertifyPanel : public QWidget {
    Q_OBJECT
 public:
    explicit CertifyPanel(Document& document, QWidget* parent = nullptr);
    QTableWidget* table() const { return table_; }

 signals:
    void ask_year();

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    void refresh();
    void add_set(const rule::CriteriaSet& set, const std::vector<rule::Verdict>& verdicts);
    Document& document_;
    QLabel* summary_;
    QTableWidget* table_;
    QPushButton* ask_;
    // What the table shows now; judging a year is not done again for every round of the daylight factor.
    std::shared_ptr<const question::YearAnswer> shown_;
    bool shown_stale_ = false;
};

}  // namespace wp::gui
