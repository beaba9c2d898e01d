// SPDX-License-Identifier: GPL-3.0-or-later
// The bars and pages of the Site and Light desks: what is shown, which sky, questions and their answers.
#include <QFileDialog>
#include <QHBoxLayout>
#include <QMessageBox>
#include <cmath>

#include "analysis/analysis.h"
#include "exchange/point_table.h"
#include "gui/answers/foreign_table.h"
#include "gui/light/question_box.h"
#include "gui/light/series_view.h"
#include "gui/look/look.h"
#include "gui/saving/save.h"
#include "gui/site/climate_page.h"
#include "gui/site/sky_box.h"
#include "gui/site/sky_page.h"
#include "gui/window/window.h"
#include "report/pictures.h"

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
                                   {Shown::ground_component, QStringLiteral("  in off the ground")},
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

QToolButton* tool(const char* text, const char* icon_name, const char* name, const char* tip) {
    auto* button = new QToolButton;
    button->setText(QString::fromLatin1(text));
    button->setObjectName(QString::fromLatin1(name));
    button->setToolTip(QString::fromLatin1(tip));
    button->setAccessibleName(QString::fromLatin1(text[0] != 0 ? text : tip));
    set_icon(button, QString::fromLatin1(icon_name));
    button->setToolButtonStyle(text[0] != 0 ? Qt::ToolButtonTextBesideIcon : Qt::ToolButtonIconOnly);
    return button;
}

}  // namespace

QWidget* Window::build_site_bar() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, 0, space::small, space::tight);
    row->setSpacing(space::tight);
    site_buttons_ = new QButtonGroup(this);
    int page = 0;
    for (const auto& [name, tip] :
         {std::pair{"Plan", "The site from above: drag the north point, click where the sky is to be seen from"},
          {"Sky", "The sky from that point, with what stands before it and the sun's paths"},
          {"Climate", "What the weather file holds"}}) {
        auto* button = new QToolButton;
        button->setText(QString::fromLatin1(name));
        button->setCheckable(true);
        button->setChecked(page == 0);
        button->setObjectName(QStringLiteral("site-%1").arg(button->text().toLower()));
        button->setToolTip(QString::fromLatin1(tip));
        site_buttons_->addButton(button, page++);
        row->addWidget(button);
    }
    connect(site_buttons_, &QButtonGroup::idClicked, this, [this](int id) { show_site_page(id); });
    row->addSpacing(space::large);
    auto* title = new QLabel(QStringLiteral("Sky"));
    title->setProperty("role", QStringLiteral("small"));
    row->addWidget(title);
    row->addWidget(new SkyBox(document_));
    row->addStretch(1);
    return bar;
}

void Window::show_site_page(int page) {
    site_page_ = page;
    site_buttons_->button(page)->setChecked(true);
    refresh_middle();
}

// The middle is the sheet on every desk but where a page of its own is wanted.
void Window::refresh_middle() {
    QWidget* wanted = sheet_;
    if (desk_ == Desk::site && site_page_ == 1) wanted = sky_page_;
    if (desk_ == Desk::site && site_page_ == 2) wanted = climate_page_;
    if (desk_ == Desk::light && (kept_side_ || !beside_option_.empty())) wanted = pair_;
    if (desk_ == Desk::light && (shown_ == Shown::table || is_year(shown_)) && series_button_->isChecked() &&
        series_button_->isVisibleTo(light_bar_))
        wanted = series_view_;
    middle_views_->setCurrentWidget(wanted);
}

void Window::build_middle() {
    sky_page_ = new SkyPage(document_);
    climate_page_ = new ClimatePage(document_);
    series_view_ = new SeriesView(document_, kept_, maps_);
    middle_views_ = new QStackedWidget;
    for (QWidget* view :
         {static_cast<QWidget*>(sheet_), static_cast<QWidget*>(sky_page_), static_cast<QWidget*>(climate_page_),
          static_cast<QWidget*>(series_view_), static_cast<QWidget*>(pair_)})
        middle_views_->addWidget(view);
    const auto mark = [this] { sheet_->show_sky_point(Vec2{sky_page_->point().x, sky_page_->point().y}); };
    connect(sky_page_, &SkyPage::point_changed, this, mark);
    connect(&document_, &Document::project_replaced, this, mark, Qt::QueuedConnection);
    connect(sheet_, &Sheet::place_pressed, this, [this](Vec2 at) {
        sky_page_->look_from({at.x, at.y, sky_page_->point().z});
        hint_->setText(QStringLiteral("The sky is now seen from here: open Sky above the plan"));
    });
    connect(series_view_, &SeriesView::column_chosen, this, [this](size_t column) {
        maps_.choose_table(maps_.table_question(), column);
        // A small plan is a moment: the clock goes there.
        const auto* q = model::find(document_.project().questions, maps_.table_question());
        const auto* kept = maps_.table();
        if (q != nullptr && kept != nullptr && q->kind == model::Question::Kind::moment &&
            column / kept->answer->main_columns < q->moments.size())
            document_.show_moment(q->moments[column / kept->answer->main_columns]);
        refresh_answers();
        series_view_->update();
    });
    mark();
}

QWidget* Window::build_light_bar() {
    auto* bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, 0, space::small, space::tight);
    row->setSpacing(space::small);
    auto* title = new QLabel(QStringLiteral("On the sheet"));
    title->setProperty("role", QStringLiteral("small"));
    row->addWidget(title);
    shown_box_ = new QComboBox;
    shown_box_->setObjectName(QStringLiteral("shown"));
    shown_box_->setAccessibleName(QStringLiteral("On the sheet"));
    shown_box_->setMinimumWidth(200);
    shown_box_->setMaxVisibleItems(30);
    connect(shown_box_, &QComboBox::activated, this, &Window::shown_chosen);
    row->addWidget(shown_box_);
    column_box_ = new QComboBox;
    column_box_->setObjectName(QStringLiteral("column"));
    column_box_->setAccessibleName(QStringLiteral("Which figure"));
    connect(column_box_, &QComboBox::activated, this, [this](int i) {
        maps_.choose_table(maps_.table_question(), static_cast<size_t>(i));
        refresh_answers();
    });
    row->addWidget(column_box_);
    sky_box_ = new SkyBox(document_);
    row->addWidget(sky_box_);
    run_year_ = new QPushButton(QStringLiteral("Run the year"));
    set_icon(run_year_, QStringLiteral("play"));
    run_year_->setObjectName(QStringLiteral("run-year"));
    run_year_->setToolTip(QStringLiteral("All 8760 hours of this option, in the background (Y)"));
    connect(run_year_, &QPushButton::clicked, this, [this] { run_year(); });
    row->addWidget(run_year_);
    ask_button_ = new QPushButton(QStringLiteral("Ask"));
    set_icon(ask_button_, QStringLiteral("play"));
    ask_button_->setObjectName(QStringLiteral("ask"));
    ask_button_->setToolTip(QStringLiteral("Answers this question for the option, in the background"));
    connect(ask_button_, &QPushButton::clicked, this, [this] { asker_.ask_question(maps_.table_question()); });
    row->addWidget(ask_button_);
    series_button_ = tool("Side by side", "layout-grid", "side-by-side", "All moments on one legend");
    series_button_->setCheckable(true);
    connect(series_button_, &QToolButton::toggled, this, [this](bool on) {
        YearWish wish = asker_.wish();
        wish.by_month = on && is_year(shown_);
        asker_.wish_year(wish);
        refresh_middle();
    });
    row->addWidget(series_button_);
    row->addStretch(1);
    row->addWidget(build_beside());
    auto* fresh =
        tool("New question", "circle-help", "new-question", "Ask something else: moments, sun hours, sky, exposure");
    connect(fresh, &QToolButton::clicked, this, &Window::new_question);
    row->addWidget(fresh);
    auto* open = tool("", "upload", "open-table", "Open a table of figures from elsewhere on these planes (CSV)");
    connect(open, &QToolButton::clicked, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, QStringLiteral("A table of an answer"), {},
                                                          QStringLiteral("Tables (*.csv);;All files (*)"));
        if (!file.isEmpty()) open_table(file.toStdString());
    });
    row->addWidget(open);
    row->addWidget(out_buttons(bar, [this] { return takeaway(); }));
    connect(&document_, &Document::project_changed, this, &Window::fill_shown);
    fill_shown();
    return bar;
}

// What is always there, then the project's questions, then tables from elsewhere.
void Window::fill_shown() {
    shown_box_->clear();
    for (size_t i = 0; i < listed().size(); ++i) {
        if (i > 0 && !listed()[i].text.startsWith(u' ')) shown_box_->insertSeparator(shown_box_->count());
        shown_box_->addItem(listed()[i].text, static_cast<int>(i));
    }
    shown_box_->insertSeparator(shown_box_->count());
    bool first = true;
    for (const auto& q : document_.project().questions) {
        if (!analysis::gives_table(q.kind) ||
            (first && q.kind == model::Question::Kind::daylight_factor && q.at == model::Question::At::planes)) {
            first = first && q.kind != model::Question::Kind::daylight_factor;
            continue;  // the first of these is the live one
        }
        shown_box_->addItem(QString::fromStdString(q.name), kSeparator + QString::fromStdString(q.id));
    }
    for (const auto& [key, kept] : kept_.tables())
        if (kept.foreign && key.first == document_.option().id)
            shown_box_->addItem(QString::fromStdString(key.second), kSeparator + QString::fromStdString(key.second));
    refresh_shown();
}

void Window::shown_chosen(int index) {
    const QVariant data = shown_box_->itemData(index);
    if (data.typeId() == QMetaType::QString) {
        maps_.choose_table(data.toString().mid(kSeparator.size()).toStdString(), 0);
        return set_shown(Shown::table);
    }
    if (data.isValid()) set_shown(listed()[static_cast<size_t>(data.toInt())].shown);
}

void Window::set_shown(Shown shown) {
    shown_ = shown;
    asker_.watch_moment(is_moment(shown));
    if (is_year(shown)) {
        YearWish wish = asker_.wish();
        wish.hour_on_map = shown == Shown::year_hour;
        if (shown.figure() != nullptr) wish.figure = shown.figure();
        wish.hour = document_.moment().hour_of_year();
        wish.by_month = series_button_->isChecked() && !wish.hour_on_map;
        asker_.wish_year(wish);
        if (shown == Shown::year_hour) series_button_->setChecked(false);
    }
    refresh_answers();
    if (is_year(shown) && kept_.year_reading(document_.option().id) == nullptr)
        hint_->setText(QStringLiteral("This map is read from the year: press Run the year (Y)"));
    if (shown == Shown::table && maps_.table() == nullptr)
        hint_->setText(QStringLiteral("Not asked yet for this option: press Ask"));
}

void Window::show_question(const model::Id& question) {
    maps_.choose_table(question, 0);
    set_shown(Shown::table);
}

void Window::refresh_shown() {
    if (column_box_ == nullptr || series_button_ == nullptr) return;
    const QVariant wanted = shown_ == Shown::table
                                ? QVariant(kSeparator + QString::fromStdString(maps_.table_question()))
                                : QVariant(place_of(shown_));
    shown_box_->setCurrentIndex(shown_box_->findData(wanted));
    const auto* kept = shown_ == Shown::table ? maps_.table() : nullptr;
    const auto columns = kept != nullptr ? kept->answer->table.columns.size() : 0;
    column_box_->setVisible(columns > 1);
    if (columns > 1) {
        if (static_cast<size_t>(column_box_->count()) != columns ||
            column_box_->itemText(0) != QString::fromStdString(kept->answer->table.columns[0].name)) {
            column_box_->clear();
            for (const auto& column : kept->answer->table.columns)
                column_box_->addItem(QString::fromStdString(column.name));
        }
        column_box_->setCurrentIndex(static_cast<int>(std::min(maps_.table_column(), columns - 1)));
    }
    sky_box_->setVisible(is_moment(shown_));
    run_year_->setVisible(is_year(shown_) || is_daylight(shown_));
    ask_button_->setVisible(shown_ == Shown::table && (kept == nullptr || !kept->foreign));
    const bool months =
        is_year(shown_) && shown_ != Shown::year_hour && kept_.year_reading(document_.option().id) != nullptr;
    series_button_->setVisible(months || (kept != nullptr && !kept->foreign && columns > kept->answer->main_columns));
    series_button_->setText(months ? QStringLiteral("By month") : QStringLiteral("Side by side"));
    series_view_->show_months(months);
    refresh_middle();
}

void Window::new_question() {
    model::Question q;
    q.kind = model::Question::Kind::moment;
    q.accuracy = 0.05;
    q.first = q.last = document_.moment();
    auto asked = ask_question(this, document_, q);
    if (!asked) return;
    asked->id = model::unused_id(document_.project().questions, "q");
    document_.edit(QStringLiteral("New question"), [&](model::Project& p) { p.questions.push_back(*asked); });
    show_question(asked->id);
    asker_.ask_question(asked->id);
}

void Window::open_table(const std::filesystem::path& path) {
    const auto id = open_foreign_table(document_, kept_, path);
    if (!id) {
        QMessageBox::warning(this, QStringLiteral("Not opened"), QString::fromStdString(id.fault().line()));
        return;
    }
    fill_shown();
    show_question(*id);
}

Outcome Window::save_plan(const std::filesystem::path& path, double scale, double dots) const {
    return report::write_plan_to_scale(
        plan_scene(document_.project(), document_.option_index(), document_.storey_index(), sheet_->map()), path, scale,
        dots);
}

// The sheet as a page, with the map that is on it.
Takeaway Window::takeaway() const {
    if (middle_views_->currentWidget() == series_view_) return series_view_->takeaway();
    if (middle_views_->currentWidget() == pair_) return pair_->takeaway();
    Takeaway out;
    out.title = sheet_->map().name;
    out.size = {1400, 900};
    const auto project = document_.snapshot();
    const size_t option = document_.option_index(), storey = document_.storey_index();
    out.paint = [project, option, storey, map = sheet_->map(), size = out.size](QPainter& painter) {
        const auto scene = plan_scene(*project, option, storey, map);
        report::draw_map_page(
            painter, scene,
            QStringLiteral("%1, %2: %3")
                .arg(QString::fromStdString(project->name), QString::fromStdString(scene.option->name), map.name),
            map.name, map.unit, size);
    };
    out.plan = [this](const std::filesystem::path& path, double scale, double dots) {
        return save_plan(path, scale, dots);
    };
    out.csv = [map = sheet_->map()] {
        question::PointTable table;
        question::Column column{map.name.toStdString(), "", map.unit.toStdString(), {}, {}};
        for (size_t l = 0; l < map.layers.size(); ++l) {
            table.planes.push_back(map.layers[l].plane);
            column.value.push_back(map.layers[l].value);
        }
        std::replace(column.id.begin(), column.id.end(), ',', ' ');
        table.columns.push_back(std::move(column));
        return exchange::table_csv(table);
    };
    return out;
}

}  // namespace wp::gui
