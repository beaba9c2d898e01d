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
#include "report/language/language.h"
#include "report/language/words.h"
#include "rule/data.h"

namespace wp::gui {

namespace {

QString meaning_of(const char* figure) {
    const auto* known = rule::usual_values().find(figure);
    return known != nullptr ? language::words(known->definition) : QString();
}

// A figure that is always there: live answers, then the year's as the catalogue has them.
struct Listed {
    Shown shown;
    QString id, group, name, meaning;
};
std::vector<Listed> make_listed() {
    std::vector<Listed> out;
    const auto live = [&](Shown::Kind kind, const QString& group) {
        const auto& f = live_figure(kind);
        const QString name = language::words(f.name);
        out.push_back({kind, QString::fromLatin1(f.id), group, name, meaning_of(f.id)});
    };
    for (const auto kind :
         {Shown::daylight_factor, Shown::sky_component, Shown::outside_component, Shown::inside_component,
          Shown::ground_component, Shown::lux_by_design_sky, Shown::lux_by_median})
        live(kind, QObject::tr("Daylight factor, live"));
    for (const auto kind : {Shown::moment, Shown::moment_sun, Shown::moment_sky})
        live(kind, QObject::tr("The moment of the strip, live"));
    out.push_back({Shown::moment_reflected, QStringLiteral("moment_reflected"), out.back().group,
                   QObject::tr("Reflected, inside and outside"),
                   QObject::tr("Of the light of the moment, what came by any surface")});
    for (const auto kind : {Shown::electric, Shown::both}) live(kind, QObject::tr("Electric light, live"));
    const QString year = QObject::tr("The year");
    for (const auto& f : figure::year_point_figures())
        out.push_back({f, QString::fromLatin1(f.id), year, language::words(f.name), meaning_of(f.id)});
    out.push_back({Shown::year_hour, QStringLiteral("year_hour"), year, QObject::tr("Illuminance of the strip's hour"),
                   QObject::tr("The hour that the strip is at, blinds as they are worked")});
    return out;
}

// In the language in use: the words are looked up once.
const std::vector<Listed>& listed() {
    static std::map<QString, std::vector<Listed>> by_language;
    auto& all = by_language[language::language_in_use()];
    if (all.empty()) all = make_listed();
    return all;
}

const auto kQuestion = QStringLiteral("question:");

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
    connect(&document(), &Document::project_changed, this, &LightBar::refresh);
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
    refresh();
}

// Figures and questions, to be put on the sheet.
std::vector<Palette::Entry> LightBar::found() {
    std::vector<Palette::Entry> out;
    const auto add = [&](const QString& text, const char* note, std::function<void()> show) {
        out.push_back({text.trimmed(), language::words(note), [this, show = std::move(show)] {
                           if (!desktop_.is_on(DeskKind::certify)) desktop_.go_to_desk(DeskKind::light);
                           show();
                       }});
    };
    for (const Listed& figure : listed())
        add(figure.name, QT_TRANSLATE_NOOP("QObject", "figure"),
            [this, shown = figure.shown] { desktop_.show(shown); });
    for (const auto& q : document().project().questions)
        if (analysis::gives_table(q.kind))
            add(QString::fromStdString(q.name), QT_TRANSLATE_NOOP("QObject", "question"),
                [this, id = q.id] { show_question(id); });
    return out;
}

void LightBar::build_choice(QBoxLayout& row) {
    auto* title = new QLabel(QObject::tr("On the sheet"));
    title->setProperty("role", QStringLiteral("small"));
    row.addWidget(title);
    chooser_ = new FigureChooser([this] { return entries(); });
    row.addWidget(chooser_);
    column_box_ = new QComboBox;
    column_box_->setObjectName(QStringLiteral("column"));
    column_box_->setAccessibleName(QObject::tr("Which figure"));
    connect(column_box_, &QComboBox::activated, this, [this](int i) {
        desktop_.maps().choose_table(desktop_.maps().table_question(), static_cast<size_t>(i));
        desktop_.renew_map();
    });
    row.addWidget(column_box_);
    sky_box_ = new SkyBox(document());
    row.addWidget(sky_box_);
}

void LightBar::build_asking(QBoxLayout& row) {
    run_year_ = new QPushButton(QObject::tr("Run the year"));
    set_icon(run_year_, QStringLiteral("play"));
    run_year_->setObjectName(QStringLiteral("run-year"));
    run_year_->setToolTip(QObject::tr("All 8760 hours of this option, in the background (Y)"));
    connect(run_year_, &QPushButton::clicked, this, [this] { run_year(); });
    row.addWidget(run_year_);
    ask_ = new QPushButton(QObject::tr("Ask"));
    set_icon(ask_, QStringLiteral("play"));
    ask_->setObjectName(QStringLiteral("ask"));
    ask_->setToolTip(QObject::tr("Answers this question for the option, in the background"));
    connect(ask_, &QPushButton::clicked, this,
            [this] { desktop_.asker().ask_question(desktop_.maps().table_question()); });
    row.addWidget(ask_);
    series_button_ = worded_button("layout-grid", "side-by-side", QObject::tr("Side by side"),
                                   QObject::tr("All moments on one legend"));
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
    auto* fresh = worded_button("circle-help", "new-question", QObject::tr("New question"),
                                QObject::tr("Ask something else: moments, sunlight hours, sky, exposure"));
    connect(fresh, &QToolButton::clicked, this, &LightBar::new_question);
    row.addWidget(fresh);
    auto* open = icon_button("upload", "open-table",
                             QObject::tr("Open a table of figures from elsewhere on these planes (CSV)"));
    connect(open, &QToolButton::clicked, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, QObject::tr("A table of an answer"), {},
                                                          QObject::tr("Tables (*.csv);;All files (*)"));
        if (!file.isEmpty()) open_table(file.toStdString());
    });
    row.addWidget(open);
    row.addWidget(out_buttons(this, [this, &pairing] { return takeaway_of(desktop_, series(), pairing); }));
}

// What is always there, then the project's questions, then tables from elsewhere.
std::vector<FigureEntry> LightBar::entries() {
    std::vector<FigureEntry> out;
    const bool year = desktop_.answers().year_reading(document().option().id) != nullptr;
    const bool weather = document().weather() != nullptr;
    for (const Listed& f : listed()) {
        const bool by_weather = is_year(f.shown) || f.shown == Shown::lux_by_median;
        const QString missing = by_weather && !weather ? QObject::tr("needs weather")
                                : is_electric(f.shown) && document().option().luminaires.empty()
                                    ? QObject::tr("no luminaires yet")
                                : is_year(f.shown) && !year ? QObject::tr("run the year first")
                                                            : QString();
        out.push_back(
            {f.id, f.group, f.name, f.meaning, missing, {}, [this, shown = f.shown] { desktop_.show(shown); }});
    }
    bool live = true;
    for (const auto& q : document().project().questions) {
        // The first on planes is the live one.
        const bool is_live = live && q.kind == model::Question::Kind::daylight_factor;
        if (is_live) live = false;
        if (!analysis::gives_table(q.kind) || (is_live && q.at == model::Question::At::planes)) continue;
        const auto& analysis = analysis::analysis_of(q.kind);
        out.push_back({kQuestion + QString::fromStdString(q.id),
                       QObject::tr("Questions of this project"),
                       QString::fromStdString(q.name),
                       language::sentence(analysis.name),
                       desktop_.answers().table(document().option().id, q.id) == nullptr ? QObject::tr("not asked yet")
                                                                                         : QString(),
                       {},
                       [this, id = q.id] { show_question(id); }});
    }
    for (const auto& [key, kept] : desktop_.answers().tables())
        if (kept.foreign && key.first == document().option().id)
            out.push_back({kQuestion + QString::fromStdString(key.second),
                           QObject::tr("From elsewhere"),
                           QString::fromStdString(key.second),
                           QObject::tr("A table that was opened"),
                           {},
                           {},
                           [this, id = key.second] { show_question(id); }});
    return out;
}

QString LightBar::name_shown() const {
    if (desktop_.shown() == Shown::table) {
        const auto& id = desktop_.maps().table_question();
        const auto* q = model::find(desktop_.document().project().questions, id);
        return QString::fromStdString(q != nullptr ? q->name : id);
    }
    for (const Listed& f : listed())
        if (f.shown == desktop_.shown()) return f.name;
    return {};
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
        desktop_.say(QObject::tr("This map is read from the year: press Run the year (Y)"));
    if (shown == Shown::table && desktop_.maps().table() == nullptr)
        desktop_.say(QObject::tr("Not asked yet for this option: press Ask"));
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
    chooser_->show_name(name_shown());
    const auto* kept = table();
    const auto columns = kept != nullptr ? kept->answer->table.columns.size() : 0;
    column_box_->setVisible(columns > 1);
    if (columns > 1) {
        if (static_cast<size_t>(column_box_->count()) != columns ||
            column_box_->itemText(0) != language::words(kept->answer->table.columns[0].name)) {
            column_box_->clear();
            for (const auto& column : kept->answer->table.columns) column_box_->addItem(language::words(column.name));
        }
        column_box_->setCurrentIndex(static_cast<int>(std::min(desktop_.maps().table_column(), columns - 1)));
    }
    sky_box_->setVisible(needs_moment(desktop_.shown()));
    run_year_->setVisible(is_year(desktop_.shown()) || is_daylight(desktop_.shown()));
    ask_->setVisible(desktop_.shown() == Shown::table && (kept == nullptr || !kept->foreign));
    const bool months = is_year(desktop_.shown()) && desktop_.shown() != Shown::year_hour &&
                        desktop_.answers().year_reading(document().option().id) != nullptr;
    series_button_->setVisible(months || (kept != nullptr && !kept->foreign && columns > kept->answer->main_columns));
    series_button_->setText(months ? QObject::tr("By month") : QObject::tr("Side by side"));
    series_->show_months(months);
    desktop_.renew_layout();
}

void LightBar::new_question() {
    model::Question q;
    q.kind = model::Question::Kind::moment;
    q.accuracy = 0.05;
    q.first = q.last = document().moment();
    if (const auto id = ask_new_question(desktop_, q)) show_question(*id);
}

void LightBar::open_table(const std::filesystem::path& path) {
    const auto id = open_foreign_table(document(), desktop_.answers(), path);
    if (!id) {
        QMessageBox::warning(this, QObject::tr("Not opened"), language::line(id.fault()));
        return;
    }
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
