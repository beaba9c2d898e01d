// SPDX-License-Identifier: GPL-3.0-or-later
// The Certify desk: the sets a project answers to as cards, and the verdict that was chosen.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "gui/certify/judging.h"
#include "gui/certify/set_card.h"
#include "gui/certify/verdict_view.h"
#include "gui/document/document.h"
#include "gui/work/behind.h"

namespace wp::gui {

class CertifyPanel : public QWidget {
    Q_OBJECT
 public:
    CertifyPanel(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);
    /// The card of a set; null where the project does not answer to it.
    SetCard* card(const std::string& set) const;

 signals:
    /// Questions that verdicts wait for: those that the project does not have yet are to be added.
    void ask(const std::vector<model::Question>& questions);
    /// Questions as they are to be asked now: the accuracy that they have is wished from now on.
    void make_surer(const std::vector<model::Question>& questions);
    /// The question and the figure that a verdict was read from.
    void show_map(const QString& question, const QString& figure);

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    void refresh();
    void show_judgement(const Judgement& judgement);
    void show_cards(const Judgement& judgement);
    void show_summary(const Judgement& judgement);
    void choose(const QString& set, int conclusion);
    void show_chosen();
    void lay_planes();
    std::vector<model::Question> open_questions() const;
    void show_decide();
    void choose_sets();
    rule::Circumstances circumstances() const;
    Document& document_;
    const KeptAnswers& kept_;
    QLabel* summary_;
    QWidget* list_;
    QVBoxLayout* cards_layout_;
    std::vector<SetCard*> cards_;
    VerdictView* verdict_;
    QPushButton *ask_, *decide_, *lay_, *sets_;
    // What was asked for last, and is shown or on the way.
    std::vector<std::shared_ptr<const void>> asked_;
    bool asked_stale_ = false;
    ToJudge wanted_;
    Judgement judgement_;
    std::vector<model::Question> missing_;
    std::string chosen_set_, chosen_subject_, chosen_name_;
    Judge judge_;                                            // of the worker's thread alone
    Behind<ToJudge, std::pair<ToJudge, Judgement>> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
