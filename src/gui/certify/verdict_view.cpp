// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/verdict_view.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <limits>

#include "gui/certify/state_mark.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "report/verdict_mark.h"

namespace wp::gui {

namespace {

using report::value_words;

QString row(const QString& name, const QString& text) {
    return QStringLiteral("<tr><td style='padding-right:14px'>%1</td><td>%2</td></tr>")
        .arg(name.toHtmlEscaped(), text.toHtmlEscaped());
}

QString rows_of(const rule::Verdict& v) {
    QString out =
        row(QObject::tr("Verdict"), report::state_name(v.state) + (v.reached && v.state == rule::State::met
                                                                       ? QStringLiteral(", ") + language::words(v.level)
                                                                       : QString()));
    if (!v.why.empty()) out += row(QObject::tr("Because"), language::words(v.why));
    if (v.answered()) {
        out += row(QObject::tr("Value"), value_words(v, v.value));
        if (v.low < v.high)
            out += row(QObject::tr("Band (95 %)"),
                       QObject::tr("%1 to %2").arg(value_words(v, v.low), value_words(v, v.high)));
    }
    out += row(QObject::tr("Needs"), report::levels_words(*v.criterion));
    if (v.former) out += row(QObject::tr("Before"), value_words(v, *v.former));
    if (v.answered())
        out += row(QObject::tr("Margin"), (v.margin >= 0 ? QStringLiteral("+") : QStringLiteral("\u2212")) +
                                              value_words(v, std::fabs(v.margin)) +
                                              QObject::tr(", against %1").arg(report::needed_words(v, v.threshold)));
    return out;
}

QString list_of(const QString& title, const std::vector<std::string>& all) {
    if (all.empty()) return {};
    QString out = QStringLiteral("<p style='margin-top:8px'><b>%1</b>").arg(title.toHtmlEscaped());
    for (const auto& one : all) out += QStringLiteral("<br>") + language::words(one).toHtmlEscaped();
    return out + QStringLiteral("</p>");
}

}  // namespace

VerdictView::VerdictView(Document& document, QWidget* parent)
    : QScrollArea(parent),
      document_(document),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Looking for what would do"), this,
          [](const std::pair<uint64_t, Asked>& request) {
              Remedies out;
              out.number = request.first;
              Judge judge;
              judge.with_case(request.second.wanted, [&](const rule::Case& judged) {
                  const auto set = rule::set_of(*request.second.wanted.held.project, request.second.set);
                  if (!set) return;
                  const auto& asked = request.second.verdicts;
                  for (const auto& v : rule::evaluate(*set, judged))
                      if (std::ranges::find(asked, Asked::Which{v.criterion->id, v.room, v.subject}) != asked.end())
                          for (auto& remedy : rule::what_would_do(v, judged))
                              out.words.push_back(v.criterion->name + ": " + remedy.words);
              });
              return out;
          },
          [this](const Remedies& found) { show_remedies(found); }) {
    setObjectName(QStringLiteral("verdict"));
    setFrameShape(QFrame::NoFrame);
    setWidgetResizable(true);
    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(page);
    layout->setContentsMargins(0, space::small, 0, 0);
    layout->setSpacing(space::small);
    title_ = label(QString(), "heading", page);
    title_->setObjectName(QStringLiteral("verdict-title"));
    body_ = label(QString(), nullptr, page);
    body_->setObjectName(QStringLiteral("verdict-body"));
    body_->setTextFormat(Qt::RichText);
    body_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    rows_ = label(QString(), nullptr, page);
    rows_->setObjectName(QStringLiteral("verdict-rows"));
    rows_->setTextFormat(Qt::RichText);
    rows_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    note_title_ = label(QObject::tr("Note on how glare is addressed here"), nullptr, page);
    note_ = new QPlainTextEdit(page);
    note_->setObjectName(QStringLiteral("glare-note"));
    note_->setAccessibleName(note_title_->text());
    note_->setPlaceholderText(QObject::tr("For the reviewer: blinds, who works them, where people sit \u2026"));
    note_->setFixedHeight(52);
    note_->installEventFilter(this);
    note_title_->setBuddy(note_);
    auto* keep = new QPushButton(QObject::tr("Keep the note"), page);
    keep->setObjectName(QStringLiteral("keep-note"));
    connect(keep, &QPushButton::clicked, this, &VerdictView::keep_note);
    auto* buttons = new QHBoxLayout;
    map_ = new QPushButton(QObject::tr("Show on the sheet"), page);
    map_->setObjectName(QStringLiteral("verdict-map"));
    ask_remedies_ = new QPushButton(QObject::tr("What would do?"), page);
    ask_remedies_->setObjectName(QStringLiteral("what-would-do"));
    ask_remedies_->setToolTip(QObject::tr(
        "Glass, hours, blinds or targets with which it would be met, found from the answers that are there, "
        "without tracing"));
    buttons->addWidget(map_);
    buttons->addWidget(ask_remedies_);
    buttons->addStretch(1);
    remedies_ = label(QString(), nullptr, page);
    remedies_->setObjectName(QStringLiteral("remedies"));
    for (QWidget* w : {static_cast<QWidget*>(title_), static_cast<QWidget*>(rows_), static_cast<QWidget*>(note_title_),
                       static_cast<QWidget*>(note_), static_cast<QWidget*>(keep)})
        layout->addWidget(w);
    layout->addLayout(buttons);
    layout->addWidget(remedies_);
    layout->addWidget(body_);
    layout->addStretch(1);
    setWidget(page);
    keep->setVisible(false);
    connect(note_, &QPlainTextEdit::textChanged, keep, [this, keep] {
        const auto place = model::find_room(document_.option(), room_);
        keep->setVisible(note_->isVisible() && place &&
                         note_->toPlainText().trimmed().toStdString() != place.room->glare_note);
    });
    connect(map_, &QPushButton::clicked, this,
            [this] { emit show_map(QString::fromStdString(question_), QString::fromStdString(figure_)); });
    connect(ask_remedies_, &QPushButton::clicked, this, &VerdictView::look_for_remedies);
    show_verdict(nullptr, nullptr, 0, -1);
}

void VerdictView::show_verdict(const ToJudge* wanted, const Judgement* judgement, size_t set, int conclusion) {
    const bool shown = judgement != nullptr && set < judgement->sets.size() && conclusion >= 0 &&
                       static_cast<size_t>(conclusion) < judgement->sets[set].conclusions.size();
    for (QWidget* w : {static_cast<QWidget*>(map_), static_cast<QWidget*>(ask_remedies_), static_cast<QWidget*>(note_),
                       static_cast<QWidget*>(note_title_)})
        w->setVisible(false);
    if (!shown) {
        title_->clear();
        rows_->clear();
        remedies_->clear();
        body_->setText(QObject::tr("Open a set and choose a verdict: its value, its band and its source stand here."));
        return;
    }
    const JudgedSet& judged = judgement->sets[set];
    const auto& c = judged.conclusions[static_cast<size_t>(conclusion)];
    title_->setText(QStringLiteral("%1: %2").arg(language::words(c.subject), language::words(c.name)));
    // Remedies are of one verdict on one building: with either they go, those that are on their way too.
    QString shown_now =
        QString::fromStdString(judgement->held.project->options[judgement->held.option].id) + title_->text();
    for (const size_t i : c.verdicts) shown_now += QStringLiteral(" %1").arg(judged.verdicts[i].value, 0, 'g', 9);
    const QString verdict_now =
        QString::fromStdString(judgement->held.project->options[judgement->held.option].id) + title_->text();
    const bool looks_again = shown_now != remedies_of_ && verdict_now == wished_of_;
    if (shown_now != remedies_of_) remedies_->clear(), ++number_;
    remedies_of_ = shown_now;
    if (verdict_now != wished_of_) wished_of_.clear();
    verdict_of_ = verdict_now;
    room_ = c.room;
    asked_ = {*wanted, judged.set->id, {}};
    QString text;
    rows_->clear();
    rows_->setVisible(c.verdicts.size() == 1);
    // Of a part it is the next level that one wants to reach.
    const auto levels = rule::levels_of(*judged.set);
    const auto level_of = [&](const rule::Verdict& v) { return std::ranges::find(levels, v.level) - levels.begin(); };
    auto next = std::numeric_limits<std::ptrdiff_t>::max();
    for (const size_t i : c.verdicts)
        if (judged.verdicts[i].answered() && !judged.verdicts[i].reached)
            next = std::min(next, level_of(judged.verdicts[i]));
    bool fails = false, notes = false;
    // What keeps it from the next level is what one came for.
    auto order = c.verdicts;
    std::ranges::stable_partition(order, [&](size_t i) {
        const auto& v = judged.verdicts[i];
        return v.answered() && !v.reached && level_of(v) == next;
    });
    for (const size_t i : order) {
        const auto& v = judged.verdicts[i];
        if (c.verdicts.size() == 1)
            rows_->setText(QStringLiteral("<table>%1</table>").arg(rows_of(v)));
        else
            text += QStringLiteral("<p style='margin-top:8px'><b>%1</b></p>").arg(language::words(v.criterion->name));
        if (c.verdicts.size() > 1) text += QStringLiteral("<table>%1</table>").arg(rows_of(v));
        text += list_of(QObject::tr("To be known with it"), v.remarks);
        if (c.verdicts.size() == 1)
            text += QStringLiteral("<p style='margin-top:8px'>%1</p>")
                        .arg(language::words(v.criterion->meaning).toHtmlEscaped());
        text += QStringLiteral("<p>%1</p>")
                    .arg(QObject::tr("Source: %1").arg(language::words(v.criterion->source)).toHtmlEscaped());
        if (v.answered() && !v.reached && level_of(v) == next) {
            asked_.verdicts.push_back({v.criterion->id, v.room, v.subject});
            fails = true;
        }
        notes = notes || v.criterion->otherwise == rule::Criterion::Otherwise::note;
        const auto question = rule::question_of(*v.criterion, {wanted->held.project.get(), wanted->weather.get()});
        question_ = question ? question->id : model::Id();
        figure_ = v.criterion->figure;
        if (figure_.empty()) figure_ = v.criterion->measure == "sunlight_exposure" ? "direct_sun_hours" : "autonomy";
    }
    if (!judged.doubt.empty()) text += list_of(QObject::tr("Not checked against the edition"), {judged.doubt});
    text += list_of(QObject::tr("What it stands on that nobody chose"), judgement->assumptions);
    body_->setText(text);
    map_->setVisible(true);
    ask_remedies_->setVisible(fails);
    // Answers have become surer meanwhile: what was wished for the verdict is still wished.
    if (looks_again && fails) look_for_remedies();
    const auto place = model::find_room(document_.option(), room_);
    if (notes && place && c.state != rule::State::not_asked && !judged.verdicts[c.verdicts.front()].reached) {
        note_title_->setVisible(true);
        note_->setVisible(true);
        if (!note_->hasFocus()) note_->setPlainText(QString::fromStdString(place.room->glare_note));
    }
}

void VerdictView::keep_note() {
    const std::string text = note_->toPlainText().trimmed().toStdString();
    document_.edit_option(QObject::tr("Note on glare"), [&](model::Option& option) {
        if (const auto place = model::find_room(option, room_)) place.room->glare_note = text;
    });
    if (auto* keep = findChild<QPushButton*>(QStringLiteral("keep-note"))) keep->setVisible(false);
}

void VerdictView::look_for_remedies() {
    wished_of_ = verdict_of_;
    remedies_->setText(QObject::tr("Looking \u2026"));
    worker_.ask({++number_, asked_});
}

void VerdictView::show_remedies(const Remedies& found) {
    if (found.number != number_) return;
    QStringList lines;
    for (const auto& words : found.words) lines << QStringLiteral("\u2022 ") + language::words(words);
    remedies_->setText(
        lines.isEmpty()
            ? QObject::tr("None of these alone would do: clearer glass, other hours, open blinds, a lower target. The "
                          "shape of room or openings has to change.")
            : QObject::tr("Each of these would do for the criterion that it names (found without tracing):") +
                  QStringLiteral("\n") + lines.join(QStringLiteral("\n")));
}

}  // namespace wp::gui
