// SPDX-License-Identifier: GPL-3.0-or-later
// One verdict with all that a signature needs: value, need, margin and band, meaning and source, what it stands on, the
// note where one is asked for, and what would do.
#pragma once
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>

#include "gui/certify/judging.h"
#include "gui/document/document.h"
#include "gui/work/behind.h"
#include "rule/remedies.h"

namespace wp::gui {

class VerdictView : public QScrollArea {
    Q_OBJECT
 public:
    explicit VerdictView(Document& document, QWidget* parent = nullptr);
    /// judged and what it was judged on; none: an invitation.
    void show_verdict(const ToJudge* wanted, const Judgement* judgement, size_t set, int conclusion);

 signals:
    void show_map(const QString& question, const QString& figure);

 private:
    struct Asked {
        ToJudge wanted;
        std::string set;
        struct Which {
            std::string criterion;
            model::Id room;
            std::string subject;
            bool operator==(const Which&) const = default;
        };
        std::vector<Which> verdicts;
    };
    struct Remedies {
        uint64_t number = 0;
        std::vector<std::string> words;
    };
    void look_for_remedies();
    void keep_note();
    void show_remedies(const Remedies& found);

    Document& document_;
    QLabel *title_, *rows_, *body_, *remedies_;
    QPlainTextEdit* note_;
    QLabel* note_title_;
    QPushButton *map_, *ask_remedies_;
    model::Id room_;
    model::Id question_;
    std::string figure_;
    Asked asked_;
    QString remedies_of_;             // the verdict and values that they are told of
    QString verdict_of_, wished_of_;  // the verdict that is shown; that remedies were wished for
    uint64_t number_ = 0;
    Behind<std::pair<uint64_t, Asked>, Remedies> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
