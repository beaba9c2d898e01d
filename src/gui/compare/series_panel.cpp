// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/series_panel.h"

#include <QHBoxLayout>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

#include "analysis/analysis.h"
#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "model/project.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr int kLeft = 290;

QString name_of_figure(const series::Plotted& what) { return report::plotted_words(what); }

}  // namespace

SeriesPanel::SeriesPanel(Document& document, SeriesRunner& runner, QWidget* parent)
    : QWidget(parent), document_(document), runner_(runner) {
    setObjectName(QStringLiteral("series-panel"));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setFixedWidth(kLeft + 20);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* left = new QWidget(scroll);
    auto* column = new QVBoxLayout(left);
    column->setContentsMargins(0, 0, space::small, 0);
    build_left(*column);
    column->addStretch(1);
    scroll->setWidget(left);
    layout->addWidget(scroll);
    auto* right = new QVBoxLayout;
    build_right(*right);
    layout->addLayout(right, 1);
    connect(&document, &Document::project_changed, this, &SeriesPanel::refresh);
    connect(&document, &Document::option_changed, this, &SeriesPanel::refresh);
    connect(&document, &Document::project_replaced, this, [this] {
        draft_ = {};
        refresh();
    });
    connect(&runner, &SeriesRunner::changed, this, &SeriesPanel::show_answer);
}

void SeriesPanel::build_left(QBoxLayout& column) {
    auto* top = new QHBoxLayout;
    series_ = new QComboBox(this);
    series_->setObjectName(QStringLiteral("series-list"));
    series_->setAccessibleName(QObject::tr("Series of this project"));
    series_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    series_->setMinimumContentsLength(10);
    top->addWidget(series_, 1);
    auto* fresh = plain_button("series-new", QObject::tr("New"), this);
    fresh->setToolTip(QObject::tr("Varies what is selected on the plan; nothing selected: the whole building"));
    remove_ = plain_button("series-remove", QObject::tr("Delete"), this);
    top->addWidget(fresh);
    top->addWidget(remove_);
    column.addLayout(top);
    column.addWidget(label(QObject::tr("What is varied"), "heading", this));
    auto* take = plain_button("series-take", QObject::tr("Take what is selected on the plan"), this);
    column.addWidget(take);
    first_ = new VariedRows(document_, "series-first", this);
    column.addWidget(first_);
    second_on_ = new QCheckBox(QObject::tr("And a second number: a map"), this);
    second_on_->setObjectName(QStringLiteral("series-two"));
    column.addWidget(second_on_);
    second_ = new VariedRows(document_, "series-second", this);
    column.addWidget(second_);
    second_->hide();
    column.addWidget(label(QObject::tr("What is asked"), "heading", this));
    questions_ = new QListWidget(this);
    questions_->setObjectName(QStringLiteral("series-questions"));
    questions_->setAccessibleName(QObject::tr("What is asked"));
    questions_->setFixedHeight(128);
    column.addWidget(questions_);
    ask_ = new QPushButton(QObject::tr("Calculate the steps"), this);
    ask_->setObjectName(QStringLiteral("series-ask"));
    ask_->setProperty("role", QStringLiteral("main"));
    column.addWidget(ask_);
    state_ = label(QString(), "small", this);
    state_->setObjectName(QStringLiteral("series-state"));
    column.addWidget(state_);
    connect(series_, &QComboBox::activated, this, [this](int row) {
        const auto& all = document_.project().series;
        if (row < 0 || row >= static_cast<int>(all.size())) return;
        draft_ = all[static_cast<size_t>(row)];
        show_draft();
    });
    connect(fresh, &QPushButton::clicked, this, &SeriesPanel::begin_new);
    connect(remove_, &QPushButton::clicked, this, &SeriesPanel::remove);
    connect(take, &QPushButton::clicked, this, &SeriesPanel::take_selected);
    connect(second_on_, &QCheckBox::toggled, this, [this](bool on) {
        second_->setVisible(on);
        if (on && second_->varied().number.empty()) second_->offer(first_->varied().elements);
        show_answer();
    });
    connect(first_, &VariedRows::changed, this, &SeriesPanel::show_answer);
    connect(second_, &VariedRows::changed, this, &SeriesPanel::show_answer);
    connect(questions_, &QListWidget::itemChanged, this, [this] {
        if (!filling_) show_answer();
    });
    connect(ask_, &QPushButton::clicked, this, &SeriesPanel::ask);
}

void SeriesPanel::build_right(QBoxLayout& column) {
    auto* top = new QHBoxLayout;
    figure_ = new QComboBox(this);
    figure_->setObjectName(QStringLiteral("series-figure"));
    figure_->setAccessibleName(QObject::tr("Figure that is drawn"));
    figure_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    figure_->setMinimumContentsLength(24);
    room_ = new QComboBox(this);
    room_->setObjectName(QStringLiteral("series-room"));
    room_->setAccessibleName(QObject::tr("Room whose curve stands out"));
    top->addWidget(figure_, 3);
    top->addWidget(room_, 1);
    column.addLayout(top);
    view_ = new StepsView(this);
    column.addWidget(view_, 1);
    told_ = label(QString(), nullptr, this);
    told_->setObjectName(QStringLiteral("series-told"));
    told_->setMinimumHeight(20);
    column.addWidget(told_);
    turns_ = label(QString(), nullptr, this);
    turns_->setObjectName(QStringLiteral("series-turns"));
    column.addWidget(turns_);
    auto* foot = new QHBoxLayout;
    make_option_ = plain_button("series-option", QObject::tr("Make the chosen step an option"), this);
    make_option_->setToolTip(QObject::tr("Click a step in the drawing to choose it"));
    foot->addWidget(make_option_);
    foot->addStretch(1);
    column.addLayout(foot);
    connect(figure_, &QComboBox::activated, this, &SeriesPanel::show_answer);
    connect(room_, &QComboBox::activated, this, &SeriesPanel::show_answer);
    connect(view_, &StepsView::told, told_, &QLabel::setText);
    connect(view_, &StepsView::chosen_changed, this, [this] { make_option_->setEnabled(view_->chosen().has_value()); });
    connect(make_option_, &QPushButton::clicked, this, &SeriesPanel::make_option);
}

namespace {

std::vector<model::Id> selected_ids(const Document& document) {
    std::vector<model::Id> out;
    for (const auto& item : document.selected())
        if (!item.id.empty()) out.push_back(item.id);
    return out;
}

}  // namespace

void SeriesPanel::begin_new() {
    draft_ = {};
    draft_.id = model::unused_id(document_.project().series, "series");
    draft_.option = document_.option().id;
    filling_ = true;
    second_on_->setChecked(false);
    filling_ = false;
    take_selected();
    list_questions();
    show_answer();
}

void SeriesPanel::take_selected() {
    const auto ids = selected_ids(document_);
    first_->offer(ids);
    if (second_on_->isChecked()) second_->offer(ids);
    show_answer();
}

// As it is set up now.
model::Series SeriesPanel::draft() const {
    model::Series out = draft_;
    out.varied = {first_->varied()};
    if (second_on_->isChecked()) out.varied.push_back(second_->varied());
    out.questions.clear();
    for (int i = 0; i < questions_->count(); ++i)
        if (questions_->item(i)->checkState() == Qt::Checked)
            out.questions.push_back(questions_->item(i)->data(Qt::UserRole).toString().toStdString());
    std::string name;
    for (const auto& v : out.varied)
        if (const auto found = series::variable_of(document_.project(), document_.option(), v))
            name += (name.empty() ? "" : ", ") + found->label +
                    (found->elements.empty() ? std::string() : " of " + found->of);
    out.name = name.empty() ? draft_.name : name;
    return out;
}

void SeriesPanel::show_draft() {
    filling_ = true;
    if (!draft_.varied.empty()) first_->show_varied(draft_.varied[0]);
    second_on_->setChecked(draft_.varied.size() > 1);
    second_->setVisible(draft_.varied.size() > 1);
    if (draft_.varied.size() > 1) second_->show_varied(draft_.varied[1]);
    filling_ = false;
    list_questions();
    show_answer();
}

void SeriesPanel::list_series() {
    series_->clear();
    int current = -1;
    for (const auto& s : document_.project().series) {
        if (s.id == draft_.id) current = series_->count();
        series_->addItem(QString::fromStdString(s.name));
    }
    if (current < 0) series_->setPlaceholderText(QObject::tr("A new series"));
    series_->setCurrentIndex(current);
    remove_->setEnabled(current >= 0);
}

void SeriesPanel::list_questions() {
    filling_ = true;
    questions_->clear();
    const auto asked = series::questions_of(document_.project(), draft_);
    for (const auto& q : document_.project().questions) {
        if (q.at == model::Question::At::readings) continue;
        auto* item = new QListWidgetItem(QString::fromStdString(q.name), questions_);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        const bool on = std::ranges::any_of(asked, [&](const auto& a) { return a.id == q.id; });
        item->setCheckState(on ? Qt::Checked : Qt::Unchecked);
        item->setData(Qt::UserRole, QString::fromStdString(q.id));
    }
    filling_ = false;
}

void SeriesPanel::refresh() {
    if (!isVisible()) return;
    runner_.look_for_kept();
    const auto& all = document_.project().series;
    const bool is_kept = model::find(all, draft_.id) != nullptr;
    if (draft_.id.empty() && !all.empty()) {
        draft_ = all.front();
        show_draft();
    } else if (draft_.id.empty() || (!is_kept && draft_.option != document_.option().id)) {
        begin_new();
    }
    list_series();
    show_answer();
}

void SeriesPanel::list_figures(const series::SeriesAnswer& answer) {
    const QString shown = figure_->currentData().toString();
    plotted_ = series::plotted_of(answer);
    figure_->clear();
    for (const auto& what : plotted_) figure_->addItem(name_of_figure(what), QString::fromStdString(what.id));
    if (const int at = figure_->findData(shown); at >= 0) figure_->setCurrentIndex(at);
    const int room = std::max(0, room_->currentIndex());
    room_->clear();
    for (const auto& name : answer.room_names) room_->addItem(QString::fromStdString(name));
    room_->setCurrentIndex(std::min(room, room_->count() - 1));
}

void SeriesPanel::show_answer() {
    if (!isVisible() || filling_) return;
    const model::Series now = draft();
    const auto& given = runner_.given(draft_.id);
    const auto fault = series::check(document_.project(), now);
    ask_->setEnabled(!fault && !given.working);
    make_option_->setEnabled(view_->chosen().has_value());
    turns_->clear();
    if (fault) state_->setText(language::line(*fault));
    if (given.answer == nullptr || given.answer->asked() == 0) {
        if (!fault)
            state_->setText(given.working ? QObject::tr("The first step is being calculated \u2026")
                                          : QObject::tr("%n steps; nothing is calculated yet", nullptr,
                                                        static_cast<int>(series::steps_of(now).size())));
        view_->show_nothing(
            QObject::tr("Choose a number and its ends at the left, and calculate the steps: each figure is "
                        "drawn here over them, with the thresholds of the criteria."));
        return;
    }
    list_figures(*given.answer);
    const size_t all = given.answer->steps.size(), asked = given.answer->asked();
    QString words = QObject::tr("%1 of %2 steps").arg(asked).arg(all);
    model::Series same = now;
    same.name = given.answer->series.name;
    if (!given.working && !runner_.is_current(given.answer->series))
        words += QStringLiteral(". ") + QObject::tr("The building has changed since: calculate again");
    else if (!(same == given.answer->series))
        words += QStringLiteral(". ") + QObject::tr("The drawing is of other ends or questions: calculate again");
    if (!fault) state_->setText(words);
    const auto at = static_cast<size_t>(std::max(0, figure_->currentIndex()));
    if (at >= plotted_.size()) return;
    const auto room = static_cast<size_t>(std::max(0, room_->currentIndex()));
    view_->show_series(given, plotted_[at], room);
    QStringList turns;
    if (given.answer->series.varied.size() == 1)
        for (const double threshold : plotted_[at].thresholds)
            for (const auto& turn : series::turns_of(series::curve_of(*given.answer, plotted_[at], room), threshold)) {
                const auto value = [&](double v) {
                    return language::figures(series::value_words(*given.project, given.answer->series, 0, v));
                };
                turns << QObject::tr("passes %1 %2 at %3, between %4 and %5")
                             .arg(language::number(plotted_[at].times * threshold, 'g', 4),
                                  language::words(plotted_[at].unit), value(turn.at), value(turn.from), value(turn.to));
            }
    if (!turns.isEmpty())
        turns_->setText(QStringLiteral("%1 %2").arg(QString::fromStdString(given.answer->room_names[room]),
                                                    turns.join(QStringLiteral("; "))));
}

void SeriesPanel::ask() {
    draft_ = draft();
    const auto* kept = model::find(document_.project().series, draft_.id);
    if (kept == nullptr || !(*kept == draft_))
        document_.edit(QObject::tr("Series"), [this](model::Project& p) {
            if (auto* there = model::find(p.series, draft_.id))
                *there = draft_;
            else
                p.series.push_back(draft_);
        });
    if (const auto fault = runner_.run(draft_)) state_->setText(language::line(*fault));
}

void SeriesPanel::remove() {
    const model::Id id = draft_.id;
    draft_ = {};
    document_.edit(QObject::tr("Delete series"),
                   [&](model::Project& p) { std::erase_if(p.series, [&](const auto& s) { return s.id == id; }); });
}

void SeriesPanel::make_option() {
    const auto& given = runner_.given(draft_.id);
    if (given.answer == nullptr || !view_->chosen()) return;
    const auto step = given.answer->steps[*view_->chosen()];
    Outcome fault;
    size_t made = document_.option_index();
    model::Project trial = document_.project();
    const auto index = series::add_as_option(trial, given.answer->series, step);
    if (!index) return emit said(language::line(index.fault()));
    made = *index;
    document_.edit(QObject::tr("Option from a step"), [&](model::Project& p) { p = std::move(trial); });
    emit said(QObject::tr("%1 is an option now").arg(QString::fromStdString(document_.project().options[made].name)));
}

}  // namespace wp::gui
