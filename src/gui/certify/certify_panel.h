// SPDX-License-Identifier: GPL-3.0-or-later
// The Certify desk: each criterion with value, threshold, margin, met or not, and its source. Met and not met differ by
// mark and word as well as by colour.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QTimer>

#include "gui/certify/judging.h"
#include "gui/document/document.h"
#include "gui/work/behind.h"

namespace wp::gui {

class CertifyPanel : public QWidget {
    Q_OBJECT
 public:
    CertifyPanel(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);
    QTableWidget* table() const { return table_; }

 signals:
    void ask_year();

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    void refresh();
    void show_judgement(const Judgement& judgement);
    void add_set(const JudgedSet& judged);
    Document& document_;
    const KeptAnswers& kept_;
    QLabel* summary_;
    QTimer rows_fit_;
    QTableWidget* table_;
    QPushButton* ask_;
    // What was asked for last, and is shown or on the way.
    std::vector<std::shared_ptr<const void>> asked_;
    bool asked_stale_ = false;
    Judge judge_;                     // of the worker's thread alone
    Behind<Held, Judgement> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
