// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/clock/body_clock_page.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "base/file.h"
#include "gui/light/question_box.h"
#include "gui/look/look.h"
#include "light/replicates.h"
#include "question/clear_arc.h"
#include "report/language/words.h"
#include "report/pictures.h"
#include "spectrum/spectral_table.h"

namespace wp::gui {

using model::Question;

namespace {

constexpr int kHeadings = 16;

QString arc_words(const question::ClearArc& arc, double north) {
    const auto point = [north](double heading) { return language::words(question::compass_point(heading + north)); };
    if (arc.spans.empty()) return QObject::tr("enough in no direction");
    const auto& span = arc.spans.front();
    if (span.width() >= 360) return QObject::tr("enough all around");
    QString out =
        QObject::tr("enough from %1 over %2 to %3").arg(point(span.from), point(span.middle()), point(span.to));
    if (arc.spans.size() > 1) out += QObject::tr(" and %n more", nullptr, static_cast<int>(arc.spans.size()) - 1);
    return out;
}

}  // namespace

BodyClockPage::BodyClockPage(Desktop& desktop) : QWidget(desktop.window()), desktop_(desktop) {
    setObjectName(QStringLiteral("body-clock-page"));
    setAccessibleName(QObject::tr("Body clock"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    column->setSpacing(space::small);
    auto* row = new QHBoxLayout;
    eye_ = new QComboBox;
    eye_->setObjectName(QStringLiteral("clock-eye"));
    eye_->setAccessibleName(QObject::tr("Whose eyes"));
    connect(eye_, &QComboBox::activated, this, &BodyClockPage::refresh);
    row->addWidget(eye_, 1);
    ask_ = new QPushButton(QObject::tr("Ask\u2026"));
    ask_->setObjectName(QStringLiteral("clock-ask"));
    connect(ask_, &QPushButton::clicked, this, &BodyClockPage::ask);
    row->addWidget(ask_);
    column->addLayout(row);
    hint_ = new QLabel;
    hint_->setObjectName(QStringLiteral("clock-hint"));
    hint_->setWordWrap(true);
    column->addWidget(hint_);
    figures_ = new QLabel;
    figures_->setObjectName(QStringLiteral("clock-figures"));
    figures_->setWordWrap(true);
    figures_->setTextFormat(Qt::RichText);
    figures_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    column->addWidget(figures_);
    hours_ = new EyeHoursView;
    column->addWidget(hours_, 1);
    column->addStretch(0);
    connect(hours_, &EyeHoursView::day_pressed, this, [this](int day) {
        climate::Moment now = desktop_.document().moment();
        const climate::Moment to = climate::moment_of(day, now.hour);
        now.month = to.month, now.day = to.day;
        desktop_.document().show_moment(now);
    });
    connect(&desktop.answers(), &KeptAnswers::changed, this, &BodyClockPage::refresh);
    for (const auto signal :
         {&Document::project_changed, &Document::option_changed, &Document::storey_changed, &Document::moment_changed})
        connect(&desktop.document(), signal, this, &BodyClockPage::refresh);
}

void BodyClockPage::showEvent(QShowEvent*) { refresh(); }
void BodyClockPage::hideEvent(QHideEvent*) { desktop_.sheet().show_seats({}); }

const KeptTable* BodyClockPage::found() const {
    const KeptTable* out = nullptr;
    for (const auto& q : desktop_.document().project().questions)
        if (q.kind == Question::Kind::body_clock)
            if (const auto* kept = desktop_.answers().table(desktop_.document().option().id, q.id);
                kept != nullptr && kept->answer != nullptr && !kept->answer->table.columns.empty())
                out = kept;
    return out;
}

const Question* BodyClockPage::question() const {
    const Question* out = nullptr;
    for (const auto& q : desktop_.document().project().questions)
        if (q.kind == Question::Kind::body_clock) out = &q;
    return out;
}

void BodyClockPage::ask() {
    Question q;
    if (const Question* before = question()) q = *before;
    q.kind = Question::Kind::body_clock;
    q.accuracy = std::max(q.accuracy, 0.05);
    ask_new_question(desktop_, q);
}

void BodyClockPage::fill_eyes() {
    const auto* kept = found();
    const QString before = eye_->currentData().toString();
    filling_ = true;
    eye_->clear();
    if (kept != nullptr) {
        const auto names = question::plane_names(desktop_.document().option(), kept->answer->table.planes);
        for (size_t p = 0; p < names.size(); ++p) {
            const auto* observer =
                model::find(desktop_.document().option().observers, kept->answer->table.planes[p].plane);
            eye_->addItem(
                observer != nullptr ? QString::fromStdString(observer->name) : QString::fromStdString(names[p]),
                QString::fromStdString(kept->answer->table.planes[p].plane));
        }
    }
    eye_->setCurrentIndex(std::max(eye_->count() > 0 ? 0 : -1, eye_->findData(before)));
    eye_->setEnabled(eye_->count() > 1);
    filling_ = false;
}

void BodyClockPage::refresh() {
    if (filling_ || !isVisible()) return;
    fill_eyes();
    const auto* kept = found();
    ask_->setText(kept != nullptr ? QObject::tr("Ask again\u2026") : QObject::tr("Ask\u2026"));
    const bool observers = !desktop_.document().option().observers.empty();
    hint_->setText(kept != nullptr ? QString()
                   : observers
                       ? QObject::tr("How often the eyes get enough melanopic light in the time of use, and which ways "
                                     "one can face for it. Ask, and it is traced by wavelength.")
                       : QObject::tr("Place an observer first: press E and click in a room."));
    hint_->setVisible(!hint_->text().isEmpty());
    figures_->setVisible(kept != nullptr);
    hours_->setVisible(kept != nullptr);
    if (kept == nullptr) return desktop_.sheet().show_seats({});
    show_figures();
    show_arcs();
}

std::optional<size_t> BodyClockPage::column_of(const char* id) const {
    const auto& columns = found()->answer->table.columns;
    const auto at = std::ranges::find(columns, std::string_view(id), &question::Column::id);
    return at == columns.end() ? std::nullopt : std::optional(static_cast<size_t>(at - columns.begin()));
}

QString BodyClockPage::fact(const char* name) const {
    const auto& facts = found()->answer->facts;
    const auto at = std::ranges::find(facts, std::string_view(name), &std::pair<std::string, std::string>::first);
    return at == facts.end() ? QString() : QString::fromStdString(at->second);
}

QString BodyClockPage::told(size_t column, size_t place, const char* unit, int digits) const {
    const auto& of = found()->answer->table.columns[column];
    if (of.value[place].empty()) return QStringLiteral("\u2013");
    const double value = of.value[place][0], half = light::kStudent95 * of.standard_error[place][0];
    if (std::isnan(value)) return QStringLiteral("\u2013");
    QString out = language::number(value, 'f', digits);
    if (half > 0.5 * std::pow(10, -digits))
        out += QStringLiteral(" \u00b1 %1").arg(language::number(half, 'f', digits));
    return *unit != '\0' ? out + QLatin1Char(' ') + language::words(unit) : out;
}

void BodyClockPage::show_figures() {
    const auto& answer = *found()->answer;
    const auto place = static_cast<size_t>(std::max(0, eye_->currentIndex()));
    if (place >= answer.table.planes.size()) return;
    QStringList lines;
    const auto line = [&](const char* id, const QString& words, const char* unit, int digits) {
        if (const auto column = column_of(id))
            lines << QStringLiteral("<tr><td>%1&nbsp;&nbsp;</td><td align=right><b>%2</b></td></tr>")
                         .arg(words.toHtmlEscaped(), told(*column, place, unit, digits).toHtmlEscaped());
    };
    const QString run =
        QObject::tr("%1 lx for %2 h begun by %3 h").arg(fact("level_lux"), fact("hours"), fact("begun_by"));
    line("days_own_percent", QObject::tr("Days with %1, as one looks").arg(run), "%", 0);
    line("held_own_lx", QObject::tr("held on %1 % of the days").arg(fact("share_percent")), "lx", 0);
    line("time_own_percent", QObject::tr("time above %1 lx").arg(fact("level_lux")), "%", 0);
    line("mean_own_lx", QObject::tr("mean melanopic EDI"), "lx", 0);
    line("der_own", QObject::tr("melanopic to photopic (DER)"), "", 2);
    line("days_best_percent", QObject::tr("days, in the best direction"), "%", 0);
    line("days_worst_percent", QObject::tr("days, in the worst direction"), "%", 0);
    line("enough_degrees", QObject::tr("directions that suffice"), "\u00b0", 0);
    figures_->setText(QStringLiteral("<table width=100%>%1</table>").arg(lines.join(QString())));
    EyeHoursView::Light light;
    for (const auto& series : answer.hours)
        if (series.place == answer.table.planes[place].plane)
            (series.id == "lux" ? light.lux : light.melanopic) = series.value;
    if (light.lux.size() != light.melanopic.size()) light = {};
    light.level = fact("level_lux").toDouble();
    light.day = desktop_.document().moment().day_of_year();
    hours_->show_light(std::move(light));
}

// Where one can look and has enough, around every place of the storey.
void BodyClockPage::show_arcs() {
    const auto& answer = *found()->answer;
    const auto* storey = desktop_.sheet().storey();
    const Question* asked = question();
    std::array<std::optional<size_t>, kHeadings> columns;
    for (int k = 0; k < kHeadings; ++k)
        columns[static_cast<size_t>(k)] =
            column_of(QStringLiteral("days_towards_%1_percent")
                          .arg(static_cast<int>(360.0 / kHeadings * k), 3, 10, QLatin1Char('0'))
                          .toLatin1()
                          .constData());
    std::vector<SeatArc> out;
    const double north = desktop_.document().project().site.north;
    for (size_t p = 0; p < answer.table.planes.size() && storey != nullptr && asked != nullptr; ++p) {
        const auto& places = answer.table.planes[p];
        if (model::find(storey->rooms, places.room) == nullptr) continue;
        for (size_t i = 0; i < places.points.size(); ++i) {
            question::Ring ring;
            ring.rises = false;
            for (const auto& column : columns)
                if (column) ring.value.emplace_back(answer.table.columns[*column].value[p][i]);
            if (ring.value.size() != kHeadings || std::isnan(*ring.value[0])) continue;
            ring.worst.resize(kHeadings);
            SeatArc seat;
            seat.at = {places.points[i].x, places.points[i].y};
            seat.number = out.size();
            seat.arc = question::clear_arc(ring, fact("share_percent").toDouble());
            seat.small = places.points.size() > 1;
            seat.apart = asked->body_clock.apart;
            const auto* observer = model::find(desktop_.document().option().observers, places.plane);
            if (observer != nullptr) seat.name = QString::fromStdString(observer->name);
            seat.words = arc_words(*seat.arc, north);
            if (seat.arc->worst) seat.value = QObject::tr("%1 %").arg(language::number(*seat.arc->worst, 'f', 0));
            seat.reading = [ring, north](double heading) {
                const auto at = static_cast<size_t>(std::lround(heading / (360.0 / kHeadings))) % kHeadings;
                return QObject::tr("towards %L1\u00b0: enough on %L2 % of the days")
                    .arg(std::fmod(360.0 / kHeadings * static_cast<double>(at) + north + 360, 360), 0, 'f', 0)
                    .arg(ring.value[at].value_or(0), 0, 'f', 0);
            };
            out.push_back(std::move(seat));
        }
    }
    desktop_.sheet().show_seats(std::move(out));
}

namespace {

// A curve of the eye from a file: the project keeps it, and light by wavelength is weighted with it from then on.
void take_curve(Desktop& desktop) {
    const QString file =
        QFileDialog::getOpenFileName(desktop.window(), QObject::tr("Curve of the eye"), {},
                                     QObject::tr("Wavelengths and values in columns (*.csv *.txt);;All files (*)"));
    if (!file.isEmpty()) add_eye_curve(desktop, file.toStdString());
}

}  // namespace

void add_eye_curve(Desktop& desktop, const std::filesystem::path& path) {
    const auto fault = [&](const Fault& what) {
        QMessageBox::warning(desktop.window(), QObject::tr("Curve of the eye"), language::line(what));
    };
    const auto bytes = read_file(path, size_t{16} << 20);
    if (!bytes) return fault(bytes.fault());
    const std::string name = path.stem().string();
    auto table = spectrum::parse_spectral_table(*bytes, name);
    if (!table) return fault(table.fault());
    const auto found = spectrum::matter_of(*table, 0, name);
    if (!found) return fault(found.fault());
    desktop.document().edit(QObject::tr("Curve of the eye"), [&](model::Project& p) {
        std::erase_if(p.eye_curves, [&](const auto& c) { return c.name == name; });
        p.eye_curves.push_back({model::unused_id(p.eye_curves, "curve"),
                                name,
                                {found->begin(), found->end()},
                                path.filename().string(),
                                {}});
    });
    desktop.say(
        QObject::tr("%1 is among the figures of melanopic light from now on").arg(QString::fromStdString(name)));
}

Page body_clock_page(Desktop& desktop) {
    auto* page = new BodyClockPage(desktop);
    desktop.commands().add(
        CommandGroup::light, QObject::tr("Light for the body clock"), QKeySequence(QStringLiteral("Ctrl+Shift+B")),
        [&desktop, page] {
            desktop.go_to_desk(DeskKind::light);
            desktop.show_page(page);
        },
        QObject::tr("melanopic EDI CIE S 026 circadian alertness sleep eye"));
    desktop.commands().add(
        CommandGroup::light, QObject::tr("Add a curve of the eye from a file"), {}, [&desktop] { take_curve(desktop); },
        QObject::tr("action spectrum weighting circadian"));
    return {QObject::tr("Body clock"), QObject::tr("How often the eyes get enough melanopic light"),
            on_desk(DeskKind::light), page};
}

}  // namespace wp::gui
