// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/certify_panel.h"

#include <QHBoxLayout>
#include <QSplitter>

#include "gui/certify/sets_dialog.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "rule/remedies.h"

namespace wp::gui {

namespace {

constexpr double kFinest = 0.01;

// Null where no set asks for the year.
const rule::Criterion* first_of_year(const Judgement& judgement) {
    for (const auto& judged : judgement.sets)
        for (const auto& c : judged.set->criteria)
            if (rule::kind_of(c) == model::Question::Kind::year) return &c;
    return nullptr;
}

}  // namespace

CertifyPanel::CertifyPanel(Document& document, const KeptAnswers& kept, QWidget* parent)
    : QWidget(parent),
      document_(document),
      kept_(kept),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Judging the criteria"), this,
          [this](const ToJudge& wanted) { return std::pair(wanted, judge_.judge(wanted)); },
          [this](const std::pair<ToJudge, Judgement>& judged) {
              wanted_ = judged.first;
              show_judgement(judged.second);
          },
          [this] { asked_.clear(); }) {
    setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    layout->setSpacing(space::small);
    summary_ = label(QString(), nullptr, this);
    summary_->setObjectName(QStringLiteral("certify-summary"));
    layout->addWidget(summary_);
    auto* buttons = new QHBoxLayout;
    ask_ = new QPushButton(this);
    ask_->setObjectName(QStringLiteral("ask-missing"));
    ask_->setProperty("role", QStringLiteral("main"));
    lay_ = new QPushButton(QObject::tr("Lay the planes of the rules"), this);
    lay_->setObjectName(QStringLiteral("lay-rule-planes"));
    sets_ = new QPushButton(QObject::tr("Sets \u2026"), this);
    sets_->setObjectName(QStringLiteral("choose-sets"));
    sets_->setToolTip(QObject::tr("Which criteria sets the project answers to; copies and sets of your own"));
    decide_ = new QPushButton(QObject::tr("Decide what is open"), this);
    decide_->setObjectName(QStringLiteral("decide"));
    decide_->setCheckable(true);
    decide_->setToolTip(
        QObject::tr("While it is pressed, what undecided verdicts stand on is asked again, each time "
                    "twice as accurately, until they are decided or 1 % is reached"));
    for (auto* button : {ask_, decide_, lay_}) {
        buttons->addWidget(button);
        button->hide();  // until something was judged
    }
    buttons->addStretch(1);
    buttons->addWidget(sets_);
    layout->addLayout(buttons);
    auto* split = new QSplitter(Qt::Vertical, this);
    auto* scroll = new QScrollArea(split);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    list_ = new QWidget;
    list_->setObjectName(QStringLiteral("panel"));
    cards_layout_ = new QVBoxLayout(list_);
    cards_layout_->setContentsMargins(0, 0, space::tight, 0);
    cards_layout_->setSpacing(space::small);
    cards_layout_->addStretch(1);
    scroll->setWidget(list_);
    verdict_ = new VerdictView(document, split);
    split->setStretchFactor(0, 3);
    split->setStretchFactor(1, 2);
    split->setSizes({320, 300});
    split->setChildrenCollapsible(false);
    layout->addWidget(split, 1);
    connect(ask_, &QPushButton::clicked, this, [this] { emit ask(missing_); });
    connect(decide_, &QPushButton::clicked, this, &CertifyPanel::show_decide);
    connect(lay_, &QPushButton::clicked, this, &CertifyPanel::lay_planes);
    connect(sets_, &QPushButton::clicked, this, &CertifyPanel::choose_sets);
    connect(verdict_, &VerdictView::show_map, this, &CertifyPanel::show_map);
    for (const auto signal : {&Document::option_changed, &Document::path_changed})
        connect(&document, signal, this, &CertifyPanel::refresh);
    connect(&kept, &KeptAnswers::changed, this, &CertifyPanel::refresh);
    refresh();
}

rule::Circumstances CertifyPanel::circumstances() const { return {wanted_.held.project.get(), wanted_.weather.get()}; }

SetCard* CertifyPanel::card(const std::string& set) const {
    const auto it = std::ranges::find_if(cards_, [&](const SetCard* c) { return c->set() == set; });
    return it == cards_.end() ? nullptr : *it;
}

// Judging takes longer than a hand may wait: the verdicts follow.
void CertifyPanel::refresh() {
    if (!isVisible()) return;
    ToJudge wanted = to_judge(document_, kept_, document_.option_index());
    const auto& project = document_.project();
    const bool stale = kept_.is_year_stale(document_.option().id);
    auto asks = wanted.holds();
    asks.push_back(wanted.held.project);
    asks.push_back(document_.weather());
    asks.push_back(document_.option_index() < project.options.size()
                       ? std::shared_ptr<const void>(wanted.held.project, &document_.option())
                       : nullptr);
    if (asks == asked_ && stale == asked_stale_) return;
    asked_ = std::move(asks);
    asked_stale_ = stale;
    worker_.ask(std::move(wanted));
}

void CertifyPanel::show_judgement(const Judgement& judgement) {
    judgement_ = judgement;
    missing_.clear();
    bool misfit = false;
    for (const auto& set : judgement_.sets) {
        for (const auto& question : set.missing)
            if (std::ranges::none_of(missing_, [&](const auto& q) { return q.id == question.id; }))
                missing_.push_back(question);
        for (const auto& v : set.verdicts)
            misfit = misfit || (v.criterion->has_plane && !v.answered() && !v.why.empty());
    }
    if (judgement_.held.year != nullptr && kept_.is_year_stale(document_.option().id))
        if (const auto* criterion = first_of_year(judgement_))
            if (auto question = rule::question_of(*criterion, circumstances()))
                missing_.push_back(std::move(*question));
    ask_->setVisible(!missing_.empty());
    ask_->setText(missing_.size() == 1 ? QObject::tr("Ask what is missing: %1").arg(language::words(missing_[0].name))
                                       : QObject::tr("Ask what is missing (%1)").arg(missing_.size()));
    QStringList names;
    for (const auto& q : missing_) names << language::words(q.name);
    ask_->setToolTip(names.join(QStringLiteral("\n")));
    lay_->setVisible(misfit);
    show_decide();
    show_cards(judgement_);
    show_summary(judgement_);
    show_chosen();
}

// What undecided verdicts stand on and could still be surer, with the accuracy that is next.
std::vector<model::Question> CertifyPanel::open_questions() const {
    std::vector<model::Question> out;
    for (const auto& set : judgement_.sets)
        for (const auto& c : set.conclusions)
            for (const size_t i : c.verdicts) {
                const auto& v = set.verdicts[i];
                if (c.optional || c.state != rule::State::undecided || v.state != rule::State::undecided) continue;
                auto question = rule::question_of(*v.criterion, circumstances());
                if (!question || question->accuracy <= kFinest ||
                    std::ranges::any_of(out, [&](const auto& q) { return q.id == question->id; }))
                    continue;
                question->accuracy = std::max(kFinest, question->accuracy / 2);
                out.push_back(std::move(*question));
            }
    return out;
}

void CertifyPanel::show_decide() {
    const auto open = judgement_.held.project != nullptr ? open_questions() : std::vector<model::Question>();
    // What was asked is still on its way, or was asked of another building: nothing is known of what is open then.
    const bool waits =
        judgement_.settles || !judgement_.stale_questions.empty() || kept_.is_year_stale(document_.option().id);
    if (open.empty() && !waits) decide_->setChecked(false);
    decide_->setVisible(!open.empty() || decide_->isChecked());
    if (decide_->isChecked() && !open.empty() && !waits) emit make_surer(open);
}

void CertifyPanel::show_cards(const Judgement& judgement) {
    std::vector<SetCard*> now;
    for (const auto& set : judgement.sets) {
        SetCard* one = card(set.set->id);
        if (one == nullptr) {
            one = new SetCard(set.set->id, list_);
            connect(one, &SetCard::chosen, this, &CertifyPanel::choose);
        }
        one->show_set(set);
        now.push_back(one);
    }
    for (SetCard* old : cards_)
        if (std::ranges::find(now, old) == now.end()) delete old;
    cards_ = std::move(now);
    for (size_t i = 0; i < cards_.size(); ++i) {
        cards_layout_->removeWidget(cards_[i]);
        cards_layout_->insertWidget(static_cast<int>(i), cards_[i]);
        cards_[i]->show();
    }
}

void CertifyPanel::show_summary(const Judgement& judgement) {
    const auto& option = judgement.held.project->options[judgement.held.option];
    const bool stale = !judgement.stale_questions.empty() || kept_.is_year_stale(option.id);
    QString text = QStringLiteral("<b>%1</b>").arg(QString::fromStdString(option.name).toHtmlEscaped());
    if (judgement.sets.empty() && judgement.faults.empty())
        text += QObject::tr(": the project answers to no criteria set yet. Choose some with \u201cSets\u201d.");
    else
        text += QObject::tr(" and its criteria. Open a set for its rooms, choose a verdict for its band and source.");
    if (judgement.held.year != nullptr)
        text += QObject::tr(" Hourly illuminances \u00b1 %L1 % at a point (95 %).")
                    .arg(100 * judgement.held.year->record.reached, 0, 'f', 1);
    if (judgement.settles) text += QObject::tr(" Still settling.");
    if (stale) text += QObject::tr("<br><b>Stale: the model has changed since.</b>");
    if (first_of_year(judgement) != nullptr && document_.has_made_up_weather())
        text += QObject::tr("<br><b>These verdicts are on %1.</b> Choose a weather file on the Site desk.")
                    .arg(language::words(climate::kNoCertificate));
    for (const auto& fault : judgement.faults) text += QStringLiteral("<br>") + language::words(fault).toHtmlEscaped();
    summary_->setText(text);
}

void CertifyPanel::choose(const QString& set, int conclusion) {
    for (const auto& judged : judgement_.sets)
        if (judged.set->id == set.toStdString() && static_cast<size_t>(conclusion) < judged.conclusions.size()) {
            const auto& c = judged.conclusions[static_cast<size_t>(conclusion)];
            chosen_set_ = judged.set->id;
            chosen_subject_ = c.subject;
            chosen_name_ = c.name;
            if (!c.room.empty()) document_.select({Selection::Kind::room, c.room, -1});
        }
    for (SetCard* other : cards_)
        if (other->set() != set.toStdString()) other->choose_none();
    show_chosen();
}

void CertifyPanel::show_chosen() {
    for (size_t s = 0; s < judgement_.sets.size(); ++s) {
        const auto& judged = judgement_.sets[s];
        if (judged.set->id != chosen_set_) continue;
        for (size_t i = 0; i < judged.conclusions.size(); ++i)
            if (judged.conclusions[i].subject == chosen_subject_ && judged.conclusions[i].name == chosen_name_)
                return verdict_->show_verdict(&wanted_, &judgement_, s, static_cast<int>(i));
    }
    verdict_->show_verdict(nullptr, nullptr, 0, -1);
}

// One step: planes that the sets judge on and rooms do not have.
void CertifyPanel::lay_planes() {
    std::vector<const rule::CriteriaSet*> sets;
    for (const auto& set : judgement_.sets) sets.push_back(set.set.get());
    std::vector<model::ReferencePlane> planes;
    Judge().with_case(wanted_, [&](const rule::Case& judged) { planes = rule::planes_wanted(sets, judged); });
    document_.edit_option(QObject::tr("Planes of the rules"),
                          [&](model::Option& option) { rule::lay(option, planes); });
}

void CertifyPanel::choose_sets() {
    SetsDialog dialog(document_, this);
    dialog.exec();
}

}  // namespace wp::gui
