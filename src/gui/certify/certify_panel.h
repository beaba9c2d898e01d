// SPDX-License-Identifier: GPL-3.0-or-later
// The Certify desk: each criterion with value, threshold, margin, met or not, and its source. Met and not met differ by
// mark and word as well as by colour.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

#include "gui/answers/gathered.h"
#include "gui/document/document.h"
#include "rule/criteria.h"

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
    void add_set(const rule::CriteriaSet& set, const std::vector<rule::Verdict>& verdicts);
    Document& document_;
    const KeptAnswers& kept_;
    QLabel* summary_;
    QTableWidget* table_;
    QPushButton* ask_;
    /// Verdicts of a set; judged anew only where an answer that it needs is another one.
    const std::vector<rule::Verdict>& judged(const rule::CriteriaSet& set, const Gathered& known,
                                             const std::vector<rule::Subject>& subjects);
    struct Judged {
        rule::CriteriaSet set;
        std::vector<const void*> by;
        Fingerprint subjects;
        std::vector<rule::Verdict> verdicts;
    };
    std::map<std::pair<model::Id, std::string>, Judged> judged_;  // by option and set
    // What the table shows now.
    std::vector<const void*> shown_;
};

}  // namespace wp::gui
