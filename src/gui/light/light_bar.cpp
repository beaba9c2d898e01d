// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/light_bar.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QMessageBox>
#include <utility>

#include "analysis/analysis.h"
#include "gui/answers/foreign_table.h"
#include "gui/light/pairing.h"
#include "gui/light/question_box.h"
#include "gui/light/takeaway.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/saving/save.h"
#include "gui/site/sky_box.h"
#include "gui/year/year_panel.h"

namespace wp::gui {

namespace {

struct Listed {
    Shown shown;
    QString text;
};

// What is always there: live answers, then the year's figures as the catalogue has them.
const std::vector<Listed>& listed() {
    static const std::vector<Listed> all = [] {
        std::vector<Listed> out = {{Shown::daylight_factor, QStringLiteral("Daylight factor (live)")},
                                   {Shown::sky_component, QStringLiteral("  sky component")},
                                   {Shown::outside_component, QStringLiteral("  reflected outdoors")},
                                   {Shown::inside_component, QStringLiteral("  reflected inside")},
                                   {Shown::ground_component, QStringLiteral("  via the ground")},
                                   {Shown::lux_by_design_sky, QStringLiteral("  in lux, design sky")},
                                   {Shown::lux_by_median, QStringLiteral("  in lux, median sky")},
                                   {Shown::moment, QStringLiteral("The moment (live)")},
                                   {Shown::moment_sun, QStringLiteral("  direct sun")},
                                   {Shown::moment_sky, QStringLiteral("  straight from the sky")},
                                   {Shown::moment_reflected, QStringLiteral("  reflected")}};
        bool first = true;
        for (const auto& f : figure::year_point_figures()) {
            QString name = QString::fromLatin1(f.name);
            name[0] = name[0].toLower();
            out.push_back({f, (first ? QStringLiteral("The year: ") : QStringLiteral("  ")) + name});
            first = false;
        }
        out.push_back({Shown::year_hour, QStringLiteral("  the hour of the moment")});
        return out;
    }();
    return all;
}
int place_of(const Shown& shown) {
    const auto& all = listed();
    const auto at = std::find_if(all.begin(), all.end(), [&](const Listed& l) { return l.shown == shown; });
    return static_cast<int>(at - all.begin());
}

const auto kSeparator = QStringLiteral("question:");

}  // namespace

LightBar::LightBar(Desktop& desktop, Pairing& pairing) : QWidget(desktop.window()), desktop_(desktop) {
    setObjectName(QStringLiteral("bar"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(space::small, 0, space::small, space::tight);
    row->setSpacing(space::small);
    build_series();
    build_choice(*row);
    build_asking(*row);
    row->addStretch(1);
    build_out(*row, pairing);
    connect(&document(), &Document::project_changed, this, &LightBar::fill);
    connect(&desktop, &Desktop::shown_changed, this, &LightBar::follow_shown);
    connect(&desktop, &Desktop::map_shown, this, &LightBar::refresh);
    connect(&desktop.asker().jobs(), &JobQueue::dropped, this, [this] { before_year_.reset(); });
    connect(&desktop.asker(), &Asker::year_read, this, [this] {
        if (before_year_ && !desktop_.asker().jobs().is_running())
            if (std::exchange(before_year_, {}) == desktop_.shown() && desktop_.is_on(DeskKind::light))
                desktop_.show(figure::daylight_autonomy());
        series_->update();
    });
    desktop.add_finder([this] { return found(); });
    fill();
}

// Figures and questions, to be put on the sheet.
std::vector<Palette::Entry> LightBar::found() {
    std::vector<Palette::Entry> out;
    const auto add = [&](const QString& text, const char* note, std::function<void()> show) {
        out.push_back({text.trimmed(), QString::fromLatin1(note), [this, show = std::move(show)] {
                           if (!desktop_.is_on(DeskKind::certify)) desktop_.go_to_desk(DeskKind::light);
                           show();
                       }});
    };
    for (const Listed& figure : listed())
        add(figure.text, "figure", [this, shown = figure.shown] { desktop_.show(shown); });
    for (const auto& q : document().project().questions)
        if (analysis::gives_table(q.kind))
            add(QString::fromStdString(q.name), "question", [this, id = q.id] { show_question(id); });
    return out;
}

void LightBar::build_choice(QBoxLayout& row) {
    auto* title = new QLabel(QStringLiteral("On the sheet"));
    title->setProperty("role", QStringLiteral("small"));
    row.addWidget(title);
    shown_box_ = new QComboBox;
    shown_box_->setObjectName(QStringLiteral("shown"));
    shown_box_->setAccessibleName(QStringLiteral("On the sheet"));
    shown_box_->setMinimumWidth(200);
    shown_box_->setMaxVisibleItems(30);
    connect(shown_box_, &QComboBox::activated, this, &LightBar::choose);
    row.addWidget(shown_box_);
    column_box_ = new QComboBox;
    column_box_->setObjectName(QStringLiteral("column"));
    column_box_->setAccessibleName(QStringLiteral("Which figure"));
    connect(column_box_, &QComboBox::activated, this, [this](int i) {
        desktop_.maps().choose_table(desktop_.maps().table_question(), static_cast<size_t>(i));
        desktop_.renew_map();
    });
    row.addWidget(column_box_);
    sky_box_ = new SkyBox(document());
    row.addWidget(sky_box_);
}

void LightBar::build_asking(QBoxLayout& row) {
    run_year_ = new QPushButton(QStringLiteral("Run the year"));
    set_icon(run_year_, QStringLiteral("play"));
    run_year_->setObjectName(QStringLiteral("run-year"));
    run_year_->setToolTip(QStringLiteral("All 8760 hours of this option, in the background (Y)"));
    connect(run_year_, &QPushButton::clicked, this, [this] { run_year(); });
    row.addWidget(run_year_);
    ask_ = new QPushButton(QStringLiteral("Ask"));
    set_icon(ask_, QStringLiteral("play"));
    ask_->setObjectName(QStringLiteral("ask"));
    ask_->setToolTip(QStringLiteral("Answers this question for the option, in the background"));
    connect(ask_, &QPushButton::clicked, this,
            [this] { desktop_.asker().ask_question(desktop_.maps().table_question()); });
    row.addWidget(ask_);
    series_button_ = worded_button("layout-grid", "side-by-side", QStringLiteral("Side by side"),
                                   QStringLiteral("All moments on one legend"));
    series_button_->setCheckable(true);
    connect(series_button_, &QToolButton::toggled, this, [this](bool on) {
        YearWish wish = desktop_.asker().wish();
        wish.by_month = on && is_year(desktop_.shown());
        desktop_.asker().wish_year(wish);
        desktop_.renew_layout();
    });
    row.addWidget(series_button_);
}

void LightBar::build_series() {
    series_ = new SeriesView(document(), desktop_.answers(), desktop_.maps(), desktop_.window());
    desktop_.know(series_);
    connect(series_, &SeriesView::column_chosen, this, [this](size_t column) {
        desktop_.maps().choose_table(desktop_.maps().table_question(), column);
        // A small plan is a moment: the clock goes there.
        const auto* q = model::find(document().project().questions, desktop_.maps().table_question());
        const auto* kept = desktop_.maps().table();
        if (q != nullptr && kept != nullptr && q->kind == model::Question::Kind::moment &&
            column / kept->answer->main_columns < q->moments.size())
            document().show_moment(q->moments[column / kept->answer->main_columns]);
        desktop_.renew_map();
        series_->update();
    });
}

void LightBar::build_out(QBoxLayout& row, Pairing& pairing) {
    row.addWidget(pairing.buttons());
    auto* fresh = worded_button("circle-help", "new-question", QStringLiteral("New question"),
                                QStringLiteral("Ask something else: moments, sun hours, sky, exposure"));
    connect(fresh, &QToolButton::clicked, this, &LightBar::new_question);
    row.addWidget(fresh);
    auto* open = icon_button("upload", "open-table",
                             QStringLiteral("Open a table of figures from elsewhere on these planes (CSV)"));
    connect(open, &QToolButton::clicked, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, QStringLiteral("A table of an answer"), {},
                                                          QStringLiteral("Tables (*.csv);;All files (*)"));
        if (!file.isEmpty()) open_table(file.toStdString());
    });
    row.addWidget(open);
    row.addWidget(out_buttons(this, [this, &pairing] { return takeaway_of(desktop_, series(), pairing); }));
}

// What is always there, then the project's questions, then tables from elsewhere.
void LightBar::fill() {
    shown_box_->clear();
    for (size_t i = 0; i < listed().size(); ++i) {
        if (i > 0 && !listed()[i].text.startsWith(u' ')) shown_box_->insertSeparator(shown_box_->count());
        shown_box_->addItem(listed()[i].text, static_cast<int>(i));
    }
    shown_box_->insertSeparator(shown_box_->count());
    bool first = true;
    for (const auto& q : document().project().questions) {
        if (!analysis::gives_table(q.kind) ||
            (first && q.kind == model::Question::Kind::daylight_factor && q.at == model::Question::At::planes)) {
            first = first && q.kind != model::Question::Kind::daylight_factor;
            continue;  // the first of these is the live one
        }
        shown_box_->addItem(QString::fromStdString(q.name), kSeparator + QString::fromStdString(q.id));
    }
    for (const auto& [key, kept] : desktop_.answers().tables())
        if (kept.foreign && key.first == document().option().id)
            shown_box_->addItem(QString::fromStdString(key.second), kSeparator + QString::fromStdString(key.second));
    refresh();
}

void LightBar::choose(int index) {
    const QVariant data = shown_box_->itemData(index);
    if (data.typeId() == QMetaType::QString) {
        desktop_.maps().choose_table(data.toString().mid(kSeparator.size()).toStdString(), 0);
        return desktop_.show(Shown::table);
    }
    if (data.isValid()) desktop_.show(listed()[static_cast<size_t>(data.toInt())].shown);
}

void LightBar::follow_shown() {
    const Shown shown = desktop_.shown();
    if (is_year(shown)) {
        YearWish wish = desktop_.asker().wish();
        wish.hour_on_map = shown == Shown::year_hour;
        if (shown.figure() != nullptr) wish.figure = shown.figure();
        wish.hour = document().moment().hour_of_year();
        wish.by_month = series_button_->isChecked() && !wish.hour_on_map;
        desktop_.asker().wish_year(wish);
        if (shown == Shown::year_hour) series_button_->setChecked(false);
    }
    if (is_year(shown) && desktop_.answers().year_reading(document().option().id) == nullptr)
        desktop_.say(QStringLiteral("This map is read from the year: press Run the year (Y)"));
    if (shown == Shown::table && desktop_.maps().table() == nullptr)
        desktop_.say(QStringLiteral("Not asked yet for this option: press Ask"));
}

void LightBar::show_question(const model::Id& question) {
    desktop_.maps().choose_table(question, 0);
    desktop_.show(Shown::table);
}

SeriesView* LightBar::series() const {
    const bool wanted = desktop_.shown() == Shown::table || is_year(desktop_.shown());
    return wanted && series_button_->isChecked() && series_button_->isVisibleTo(this) ? series_ : nullptr;
}

void LightBar::refresh() {
    const QVariant wanted = desktop_.shown() == Shown::table
                                ? QVariant(kSeparator + QString::fromStdString(desktop_.maps().table_question()))
                                : QVariant(place_of(desktop_.shown()));
    shown_box_->setCurrentIndex(shown_box_->findData(wanted));
    const auto* kept = table();
    const auto columns = kept != nullptr ? kept->answer->table.columns.size() : 0;
    column_box_->setVisible(columns > 1);
    if (columns > 1) {
        if (static_cast<size_t>(column_box_->count()) != columns ||
            column_box_->itemText(0) != QString::fromStdString(kept->answer->table.columns[0].name)) {
            column_box_->clear();
            for (const auto& column : kept->answer->table.columns)
                column_box_->addItem(QString::fromStdString(column.name));
        }
        column_box_->setCurrentIndex(static_cast<int>(std::min(desktop_.maps().table_column(), columns - 1)));
    }
    sky_box_->setVisible(is_moment(desktop_.shown()));
    run_year_->setVisible(is_year(desktop_.shown()) || is_daylight(desktop_.shown()));
    ask_->setVisible(desktop_.shown() == Shown::table && (kept == nullptr || !kept->foreign));
    const bool months = is_year(desktop_.shown()) && desktop_.shown() != Shown::year_hour &&
                        desktop_.answers().year_reading(document().option().id) != nullptr;
    series_button_->setVisible(months || (kept != nullptr && !kept->foreign && columns > kept->answer->main_columns));
    series_button_->setText(months ? QStringLiteral("By month") : QStringLiteral("Side by side"));
    series_->show_months(months);
    desktop_.renew_layout();
}

void LightBar::new_question() {
    model::Question q;
    q.kind = model::Question::Kind::moment;
    q.accuracy = 0.05;
    q.first = q.last = document().moment();
    auto asked = ask_question(desktop_.window(), document(), q);
    if (!asked) return;
    asked->id = model::unused_id(document().project().questions, "q");
    document().edit(QStringLiteral("New question"), [&](model::Project& p) { p.questions.push_back(*asked); });
    show_question(asked->id);
    desktop_.asker().ask_question(asked->id);
}

void LightBar::open_table(const std::filesystem::path& path) {
    const auto id = open_foreign_table(document(), desktop_.answers(), path);
    if (!id) {
        QMessageBox::warning(this, QStringLiteral("Not opened"), QString::fromStdString(id.fault().line()));
        return;
    }
    fill();
    show_question(*id);
}

// Who runs the year wants to read it: its page comes at once, its map with the answer, unless another map was chosen
// meanwhile.
void LightBar::run_year() {
    desktop_.asker().ask_year();
    if (!desktop_.is_on(DeskKind::light) || !desktop_.asker().jobs().is_running()) return;
    desktop_.show_page(&desktop_.part<YearPanel>());
    if (!is_year(desktop_.shown())) before_year_ = desktop_.shown();
}

}  // namespace wp::gui
