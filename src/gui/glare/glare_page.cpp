// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/glare/glare_page.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "edit/edit.h"
#include "geometry/plane_points.h"
#include "gui/companion/eye_view.h"
#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr double kLattice = 1.2, kFromWalls = 0.6;  // metres
constexpr size_t kMostSeats = 60;

int digits_of(const metric::GlareIndex& index) { return std::string_view(index.id).starts_with("dgp") ? 2 : 0; }

QTableWidgetItem* cell(const QString& text, bool is_figure) {
    auto* item = new QTableWidgetItem(text);
    item->setTextAlignment((is_figure ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    item->setToolTip(text);
    return item;
}

// As question::words_of, in the language of the screen.
QString arc_words(const question::ClearArc& arc, const metric::GlareIndex& index, double north) {
    const auto point = [north](double heading) { return language::words(question::compass_point(heading + north)); };
    QString out = QObject::tr("clear nowhere");
    if (!arc.spans.empty()) {
        const auto& span = arc.spans.front();
        out = span.width() >= 360 ? QObject::tr("clear all around")
                                  : QObject::tr("clear from %1 over %2 to %3")
                                        .arg(point(span.from), point(span.middle()), point(span.to));
        if (arc.spans.size() > 1) out += QObject::tr(" and %n more", nullptr, static_cast<int>(arc.spans.size()) - 1);
    }
    if (!arc.worst) return out;
    out += QObject::tr("; worst %L1\u00b0, %2 %3")
               .arg(std::fmod(arc.worst_heading + north + 720, 360), 0, 'f', 0)
               .arg(QString::fromLatin1(index.short_name), language::number(*arc.worst, 'f', digits_of(index)));
    return arc.worst_source.empty() ? out : out + QStringLiteral(", ") + language::words(arc.worst_source);
}

double turned(double heading) { return heading - 360 * std::floor(heading / 360); }

}  // namespace

GlarePage::GlarePage(Desktop& desktop) : QWidget(desktop.window()), desktop_(desktop), live_(desktop.document()) {
    setObjectName(QStringLiteral("glare-page"));
    setAccessibleName(QObject::tr("Glare"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    column->setSpacing(space::small);
    build(*column);
    fill_limits();
    connect(&live_, &LiveSeats::changed, this, &GlarePage::refresh);
    for (const auto signal : {&Document::project_changed, &Document::option_changed, &Document::storey_changed,
                              &Document::selection_changed})
        connect(&desktop.document(), signal, this, &GlarePage::follow);
    connect(&desktop.sheet(), &Sheet::seat_pressed, this, &GlarePage::look);
    connect(&desktop.sheet(), &Sheet::seats_turned, this, &GlarePage::turn_heads);
}

void GlarePage::build(QBoxLayout& column) {
    title_ = new QLabel;
    title_->setWordWrap(true);
    title_->setObjectName(QStringLiteral("glare-title"));
    const auto choice = [&](const char* name, const QString& title) {
        auto* box = new QComboBox;
        box->setObjectName(QString::fromLatin1(name));
        box->setAccessibleName(title);
        box->setToolTip(title);
        return box;
    };
    index_ = choice("glare-index", QObject::tr("Index of glare"));
    for (const auto& i : metric::glare_indices()) {
        index_->addItem(QString::fromLatin1(i.short_name));
        index_->setItemData(index_->count() - 1,
                            QStringLiteral("%1. %2").arg(language::words(i.name), language::words(i.meaning)),
                            Qt::ToolTipRole);
    }
    limit_ = choice("glare-limit", QObject::tr("What counts as untroubled"));
    places_ = choice("glare-places", QObject::tr("Where"));
    places_->addItems({QObject::tr("Observers"), QObject::tr("All over the room")});
    connect(index_, &QComboBox::currentIndexChanged, this, [this] {
        fill_limits();
        refresh();
    });
    connect(limit_, &QComboBox::currentIndexChanged, this, &GlarePage::refresh);
    connect(places_, &QComboBox::currentIndexChanged, this, &GlarePage::follow);
    when_ = choice("glare-when", QObject::tr("When"));
    when_->addItems({QObject::tr("At this moment"), QObject::tr("Over the year")});
    connect(when_, &QComboBox::currentIndexChanged, this, &GlarePage::follow);
    run_ = new QPushButton(QObject::tr("Ask the year"));
    run_->setObjectName(QStringLiteral("glare-run"));
    run_->setToolTip(QObject::tr("DGP of every hour that the rooms are used in, blinds as they are worked"));
    set_icon(run_, QStringLiteral("play"));
    connect(run_, &QPushButton::clicked, this, &GlarePage::run_year);
    auto* first = new QHBoxLayout;
    first->addWidget(index_);
    first->addWidget(limit_, 1);
    column.addWidget(title_);
    column.addLayout(first);
    auto* second = new QHBoxLayout;
    second->addWidget(places_, 1);
    second->addWidget(when_, 1);
    column.addLayout(second);
    column.addWidget(run_);
    hint_ = new QLabel;
    hint_->setWordWrap(true);
    hint_->setProperty("role", QStringLiteral("small"));
    hint_->setObjectName(QStringLiteral("glare-hint"));
    column.addWidget(hint_);
    table_ = figure_table("glare-seats", QObject::tr("Seats"));
    set_heads(*table_, {QObject::tr("Where"), QObject::tr("Clear"), QObject::tr("Worst"), QObject::tr("by")},
              [](int c) { return c == 1 || c == 2; });
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Interactive);
    table_->horizontalHeader()->resizeSection(0, 96);
    table_->horizontalHeader()->setSectionResizeMode(3, QHeaderView::Stretch);
    table_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column.addWidget(table_, 1);
    turn_ = new QPushButton(QObject::tr("Turn into the widest arc"));
    turn_->setObjectName(QStringLiteral("glare-turn"));
    turn_->setToolTip(QObject::tr("The observer of the chosen seat, and the table it sits at"));
    look_ = new QPushButton(QObject::tr("Look at the worst"));
    look_->setObjectName(QStringLiteral("glare-look"));
    set_icon(look_, QStringLiteral("eye"));
    connect(turn_, &QPushButton::clicked, this, &GlarePage::turn_selected);
    connect(look_, &QPushButton::clicked, this, [this] {
        const auto row = static_cast<size_t>(std::max(table_->currentRow(), 0));
        if (row < arcs_.size() && arcs_[row]) look(row, arcs_[row]->worst_heading);
    });
    hours_ = figure_table("glare-hours", QObject::tr("Worst hours of the chosen seat"));
    set_heads(*hours_, {QObject::tr("Worst hours"), QStringLiteral("DGP"), QObject::tr("by")},
              [](int c) { return c == 1; });
    hours_->setSelectionBehavior(QAbstractItemView::SelectRows);
    hours_->setSelectionMode(QAbstractItemView::SingleSelection);
    hours_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    hours_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
    hours_->setToolTip(QObject::tr("Click an hour for its picture"));
    connect(hours_, &QTableWidget::cellClicked, this, [this](int row, int) {
        const auto seat = static_cast<size_t>(std::max(table_->currentRow(), 0));
        if (static_cast<size_t>(row) >= worst_hours_.size() || seat >= arcs_.size() || !arcs_[seat]) return;
        desktop_.document().show_moment(worst_hours_[static_cast<size_t>(row)]);
        look(seat, arcs_[seat]->worst_heading);
    });
    connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
        if (filling_) return;
        show_hours();
        show_strip();
    });
    column.addWidget(hours_, 1);
    column.addWidget(turn_);
    column.addWidget(look_);
}

const metric::GlareIndex& GlarePage::index() const {
    return metric::glare_indices()[static_cast<size_t>(std::max(index_->currentIndex(), 0))];
}

// The ends of all classes but the last, which has none.
void GlarePage::fill_limits() {
    filling_ = true;
    limit_->clear();
    const auto& i = index();
    for (size_t k = 0; k + 1 < i.classes.size(); ++k)
        limit_->addItem(
            QObject::tr("up to %1, %2")
                .arg(language::words(i.classes[k].name), language::number(i.classes[k].end, 'f', digits_of(i))),
            i.classes[k].end);
    limit_->setCurrentIndex(std::min(1, limit_->count() - 1));
    filling_ = false;
}

double GlarePage::limit() const { return limit_->currentData().toDouble(); }

// One for each place; its directions come by themselves.
std::vector<Seat> GlarePage::observers() const {
    const auto& document = desktop_.document();
    const auto* storey = desktop_.sheet().storey();
    std::vector<Seat> out;
    if (storey == nullptr) return out;
    for (const auto& o : document.option().observers) {
        const bool here = model::find(storey->rooms, o.room) != nullptr;
        const bool known = std::ranges::any_of(
            out, [&](const Seat& s) { return length(s.eye.eye - o.eye) < 0.05 && s.eye.altitude == o.altitude; });
        if (here && !known) out.push_back({o});
    }
    return out;
}

// Seated eyes over the selected room, or the first.
std::vector<Seat> GlarePage::lattice() const {
    const auto& document = desktop_.document();
    const auto* storey = desktop_.sheet().storey();
    std::vector<Seat> out;
    if (storey == nullptr || storey->rooms.empty()) return out;
    const auto& item = document.selection();
    const auto* room = item.kind == Selection::Kind::room ? model::find(storey->rooms, item.id) : nullptr;
    if (room == nullptr) room = &storey->rooms.front();
    model::ReferencePlane plane;
    plane.room = room->id;
    plane.height = model::kSeatedEye;
    plane.spacing = kLattice;
    plane.margin = kFromWalls;
    const auto points = geometry::plane_points(document.option(), plane);
    if (!points) return out;
    for (const Vec3& p : points->points) {
        if (out.size() >= kMostSeats) break;
        model::Observer eye;
        eye.room = room->id;
        eye.name = room->name;
        eye.eye = p;
        out.push_back({eye});
    }
    return out;
}

std::vector<Seat> GlarePage::wanted_seats() const {
    if (!isVisible()) return {};
    return places_->currentIndex() == 0 ? observers() : lattice();
}

bool GlarePage::is_of_year() const { return when_->currentIndex() == 1; }

void GlarePage::follow() {
    live_.want(is_of_year() ? std::vector<Seat>{} : wanted_seats());
    refresh();
}

void GlarePage::showEvent(QShowEvent*) { follow(); }

void GlarePage::hideEvent(QHideEvent*) {
    live_.want({});
    desktop_.sheet().show_seats({});
    desktop_.strip().show_hours(nullptr);
}

// Whose arcs are on the sheet: of the year those that it was asked for.
std::vector<Seat> GlarePage::shown_seats() const {
    std::vector<Seat> out;
    if (!is_of_year()) {
        for (const SeatGlare& seat : live_.found()) out.push_back(seat.seat);
    } else if (year_option_ == desktop_.document().option().id) {
        for (const auto& seat : year_) out.push_back({seat.glare.place});
    }
    return out;
}

void GlarePage::find_arcs() {
    arcs_.clear();
    const auto which = static_cast<size_t>(std::max(index_->currentIndex(), 0));
    if (is_of_year()) {
        if (year_option_ == desktop_.document().option().id)
            for (const auto& seat : year_)
                arcs_.emplace_back(question::clear_arc(seat.ring(question::kGlareShare, limit()), limit()));
        return;
    }
    for (const SeatGlare& seat : live_.found())
        arcs_.push_back(seat.around.empty()
                            ? std::nullopt
                            : std::optional(question::clear_arc(question::ring_of(seat.around, which), limit())));
}

QString GlarePage::hint() const {
    const auto& document = desktop_.document();
    if (is_of_year()) {
        if (arcs_.empty())
            return QObject::tr(
                "Ask the year: an arc will run where the limit is exceeded in at most 5 % of the hours "
                "that the room is used in.");
        const bool same = year_of_ == document.snapshot();
        return same ? QObject::tr(
                          "An arc runs where the limit is exceeded in at most 5 % of the room's use, blinds as they "
                          "are worked. Click a direction or an hour for its picture.")
                    : QObject::tr("Of the building as it was when the year was asked. Ask it again.");
    }
    const auto& found = live_.found();
    if (found.empty()) return QObject::tr("Place an observer first: press E and click in a room");
    if (live_.is_working())
        return QObject::tr("Looking around from %1 of %2 seats \u2026")
            .arg(std::ranges::count_if(found, &SeatGlare::settled) + 1)
            .arg(found.size());
    return QObject::tr(
        "An arc runs where one looks untroubled, the tick points to the worst. Click a direction for its "
        "picture; drag a ring to turn all heads.");
}

void GlarePage::refresh() {
    if (filling_ || !isVisible()) return;
    index_->setEnabled(!is_of_year());
    if (is_of_year() && index_->currentIndex() != 0) return index_->setCurrentIndex(0);
    find_arcs();
    title_->setText(
        is_of_year() ? QObject::tr("Which ways can one face, over the year?")
                     : QObject::tr("Which ways can one face at %1?").arg(language::text(desktop_.document().moment())));
    hint_->setText(hint());
    run_->setVisible(is_of_year());
    hours_->setVisible(is_of_year());
    fill_table();
    show_arcs();
    show_hours();
    show_strip();
    for (auto* button : {turn_, look_}) button->setEnabled(!arcs_.empty());
}

// The chosen seat in its worst direction.
void GlarePage::show_hours() {
    worst_hours_.clear();
    hours_->setRowCount(0);
    const auto row = static_cast<size_t>(std::max(table_->currentRow(), 0));
    if (!is_of_year() || row >= arcs_.size() || row >= year_.size() || !arcs_[row]) return;
    const auto& seat = year_[row];
    const auto heading = static_cast<size_t>(std::lround(arcs_[row]->worst_heading / question::kYearStep));
    std::vector<size_t> hours;
    for (size_t h = 0; h < seat.hours.size(); ++h)
        if (seat.hours[h] && seat.glare.dgp[heading][h] > 0) hours.push_back(h);
    const size_t most = std::min<size_t>(hours.size(), 12);
    std::ranges::partial_sort(hours, hours.begin() + static_cast<std::ptrdiff_t>(most), std::greater(),
                              [&](size_t h) { return seat.glare.dgp[heading][h]; });
    hours.resize(most);
    hours_->setRowCount(static_cast<int>(most));
    for (size_t i = 0; i < most; ++i) {
        const size_t h = hours[i];
        worst_hours_.push_back(climate::moment_of(static_cast<int>(h / 24), static_cast<double>(h % 24) + 0.5));
        const uint16_t by = seat.glare.by[heading][h];
        const QString what = by == question::PlaceGlare::kSun       ? language::words("sun")
                             : by == question::PlaceGlare::kNothing ? QString()
                                                                    : language::words(seat.glare.things[by]);
        hours_->setItem(static_cast<int>(i), 0, cell(language::text(worst_hours_.back()), false));
        hours_->setItem(static_cast<int>(i), 1,
                        cell(language::number(static_cast<double>(seat.glare.dgp[heading][h]), 'f', 2), true));
        hours_->setItem(static_cast<int>(i), 2, cell(what, false));
    }
}

// The year strip in the colours of the chosen seat.
void GlarePage::show_strip() {
    const auto row = static_cast<size_t>(std::max(table_->currentRow(), 0));
    if (!is_of_year() || row >= arcs_.size() || row >= year_.size() || !arcs_[row])
        return desktop_.strip().show_hours(nullptr);
    const auto& seat = year_[row].glare;
    const auto heading = static_cast<size_t>(std::lround(arcs_[row]->worst_heading / question::kYearStep));
    auto hours = std::make_shared<YearStrip::Hours>();
    hours->value = seat.dgp[heading];
    hours->caption = QObject::tr("DGP, %1 towards %L2\u00b0")
                         .arg(QString::fromStdString(seat.place.name))
                         .arg(turned(seat.headings[heading] + desktop_.document().project().site.north), 0, 'f', 0);
    hours->top = 0.6;
    desktop_.strip().show_hours(std::move(hours));
}

void GlarePage::run_year() {
    auto& document = desktop_.document();
    const auto project = document.snapshot();
    const auto weather = document.weather();
    const size_t index = document.option_index();
    std::vector<model::Observer> places;
    for (const Seat& seat : places_->currentIndex() == 0 ? observers() : lattice()) places.push_back(seat.eye);
    if (weather == nullptr)
        return desktop_.say(QObject::tr("The year needs weather: choose a file, or a made-up year, on the Site desk"));
    if (places.empty()) return desktop_.say(QObject::tr("Place an observer first: press E and click in a room"));
    desktop_.asker().jobs().add(QStringLiteral("glare-year"),
                                QObject::tr("A year of glare: %1").arg(QString::fromStdString(document.option().name)),
                                [this, project, weather, index, places, known = rooms_](
                                    const Cancel& cancel, const Progress& progress) -> JobQueue::Finish {
                                    const auto& option = project->options[index];
                                    const auto question = model::question_of(*project, model::Question::Kind::year);
                                    const auto scene = question::year_scene(*project, option, question, *weather);
                                    if (!scene)
                                        return [this, line = language::line(scene.fault())] { desktop_.say(line); };
                                    auto rooms = std::make_shared<question::LitRooms>(question::light_rooms(
                                        *scene, *weather, question::spaces_around(scene->surfaces, places),
                                        {question::kSurfaceAccuracy, question.seed, 0}, cancel,
                                        [&](double share) { progress(share * 0.6); }, {}, known.get()));
                                    if (cancel.requested()) return {};
                                    auto seats =
                                        std::make_shared<std::vector<question::SeatYear>>(question::ask_glare_year(
                                            *project, option, question, *rooms, places, question::Operation::control,
                                            cancel, [&](double share) { progress(0.6 + share * 0.4); }));
                                    if (cancel.requested()) return {};
                                    return [this, project, rooms, seats, id = option.id] {
                                        year_ = std::move(*seats);
                                        year_of_ = project;
                                        year_option_ = id;
                                        rooms_ = rooms;
                                        refresh();
                                    };
                                });
}

void GlarePage::fill_table() {
    const auto found = shown_seats();
    const int row_before = table_->currentRow();
    filling_ = true;
    table_->setRowCount(static_cast<int>(found.size()));
    for (size_t i = 0; i < found.size(); ++i) {
        const int row = static_cast<int>(i);
        const auto& arc = arcs_[i];
        QString name = QString::fromStdString(found[i].eye.name);
        if (found[i].eye.id.empty()) name += QStringLiteral(" %1").arg(i + 1);
        table_->setItem(row, 0, cell(name, false));
        table_->setItem(
            row, 1, cell(arc ? QObject::tr("%L1\u00b0").arg(arc->clear, 0, 'f', 0) : QStringLiteral("\u2026"), true));
        table_->setItem(
            row, 2,
            cell(arc && arc->worst ? language::number(*arc->worst, 'f', digits_of(index())) : QStringLiteral("\u2013"),
                 true));
        table_->setItem(row, 3, cell(arc ? language::words(arc->worst_source) : QString(), false));
    }
    if (row_before < 0 && table_->rowCount() > 0) table_->setCurrentCell(0, 0);
    filling_ = false;
}

QString GlarePage::reading(size_t seat, double heading) const {
    const double north = desktop_.document().project().site.north;
    if (is_of_year()) {
        if (seat >= year_.size()) return {};
        const auto& glare = year_[seat].glare;
        const auto at =
            static_cast<size_t>(std::lround(turned(heading) / question::kYearStep)) % (360 / question::kYearStep);
        return QObject::tr("towards %L1\u00b0: DGP %L2 exceeded in 5 % of the use, %L3 in %L4 %")
            .arg(turned(glare.headings[at] + north), 0, 'f', 0)
            .arg(glare.exceeded(at, year_[seat].hours, question::kGlareShare), 0, 'f', 2)
            .arg(limit(), 0, 'f', 2)
            .arg(100 * glare.share_above(at, year_[seat].hours, limit()), 0, 'f', 1);
    }
    const auto& found = live_.found();
    if (seat >= found.size() || found[seat].around.empty()) return {};
    const auto& around = found[seat].around;
    const auto& facing =
        around[static_cast<size_t>(std::lround(turned(heading) / question::kFacingStep)) % around.size()];
    const auto& value = facing.indices[static_cast<size_t>(std::max(index_->currentIndex(), 0))];
    return QObject::tr("towards %L1\u00b0: %2 %3, %4 lx at the eye")
        .arg(turned(facing.heading + north), 0, 'f', 0)
        .arg(QString::fromLatin1(index().short_name),
             value ? language::number(*value, 'f', digits_of(index())) : QStringLiteral("\u2013"),
             report::figure(facing.vertical_lux));
}

void GlarePage::show_arcs() {
    const double north = desktop_.document().project().site.north;
    const auto* storey = desktop_.sheet().storey();
    std::vector<SeatArc> out;
    const auto found = shown_seats();
    for (size_t i = 0; i < found.size(); ++i) {
        // Of the year also seats of other storeys are known.
        if (storey == nullptr || model::find(storey->rooms, found[i].eye.room) == nullptr) continue;
        SeatArc seat;
        seat.at = {found[i].eye.eye.x, found[i].eye.eye.y};
        seat.number = i;
        seat.arc = arcs_[i];
        seat.name = QString::fromStdString(found[i].eye.name);
        seat.settled = is_of_year() || live_.found()[i].settled;
        seat.small = found[i].eye.id.empty();
        seat.apart = kLattice;
        if (seat.arc) {
            seat.words = arc_words(*seat.arc, index(), north);
            if (seat.arc->worst) seat.value = language::number(*seat.arc->worst, 'f', digits_of(index()));
        }
        seat.reading = [this, i](double heading) { return reading(i, heading); };
        out.push_back(std::move(seat));
    }
    desktop_.sheet().show_seats(std::move(out));
}

void GlarePage::look(size_t seat, double heading) {
    const auto found = shown_seats();
    if (!isVisible() || seat >= found.size()) return;
    const auto& eye = found[seat].eye;
    const double step = question::kFacingStep, rounded = turned(std::round(heading / step) * step),
                 north = desktop_.document().project().site.north;
    table_->setCurrentCell(static_cast<int>(seat), 0);
    emit look_wanted({eye.eye, rounded, eye.altitude,
                      QObject::tr("%1, towards %L2\u00b0")
                          .arg(QString::fromStdString(eye.name))
                          .arg(turned(rounded + north), 0, 'f', 0)});
}

// All heads of the storey together.
void GlarePage::turn_heads(double by, bool done) {
    if (!isVisible()) return;
    auto& document = desktop_.document();
    const auto* storey = desktop_.sheet().storey();
    if (storey == nullptr) return;
    if (!document.is_live()) document.begin_live();
    document.edit_option(QObject::tr("Turn all heads"), [&](model::Option& o) {
        for (auto& observer : o.observers) {
            if (model::find(storey->rooms, observer.room) == nullptr) continue;
            observer.heading = turned(std::round(observer.heading + by));
            for (double& other : observer.others) other = turned(std::round(other + by));
        }
    });
    if (done) document.end_live();
}

// The observer into the middle of its widest arc, and the table that it sits at by as much.
void GlarePage::turn_selected() {
    const auto row = static_cast<size_t>(std::max(table_->currentRow(), 0));
    if (row >= arcs_.size() || !arcs_[row] || arcs_[row]->spans.empty())
        return desktop_.say(QObject::tr("No direction is untroubled at this seat"));
    const auto eye = shown_seats()[row].eye;
    if (eye.id.empty())
        return desktop_.say(QObject::tr("Choose an observer: a place of the lattice has no head to turn"));
    const double to = std::round(arcs_[row]->spans.front().middle());
    desktop_.document().edit_option(QObject::tr("Turn into the clear arc"), [&](model::Option& o) {
        model::Observer* observer = model::find(o.observers, eye.id);
        if (observer == nullptr) return;
        const double by = to - observer->heading;
        observer->heading = to;
        constexpr double reach = 1.2;  // metres: so near a table one sits at it
        const auto at = Vec2{observer->eye.x, observer->eye.y};
        model::Thing* table = nullptr;
        for (auto& thing : o.things)
            if (thing.kind == model::Thing::Kind::table && !thing.storey.empty() &&
                (table == nullptr || length(thing.at - at) < length(table->at - at)))
                table = &thing;
        if (table == nullptr || length(table->at - at) > reach + table->length / 2) return;
        // Around the one who sits there.
        const double turn = radians(-by);
        const Vec2 off = table->at - at;
        table->at =
            at + Vec2{off.x * std::cos(turn) - off.y * std::sin(turn), off.x * std::sin(turn) + off.y * std::cos(turn)};
        table->turn = turned(table->turn - by);
    });
}

Page glare_page(Desktop& desktop) {
    auto* page = new GlarePage(desktop);
    QObject::connect(page, &GlarePage::look_wanted, page, [&desktop](const LiveEye::Stand& stand) {
        desktop.asker().eye().look_from(stand);
        desktop.show_companion(&desktop.part<EyeView>());
    });
    desktop.commands().add(
        CommandGroup::light, QObject::tr("Which ways one can face"), QKeySequence(QStringLiteral("Ctrl+Shift+G")),
        [&desktop, page] {
            desktop.go_to_desk(DeskKind::light);
            desktop.show_page(page);
        },
        QObject::tr("glare DGP clear arc seats direction"));
    return {QObject::tr("Glare"), QObject::tr("Which ways the seats can face untroubled"), on_desk(DeskKind::light),
            page};
}

}  // namespace wp::gui
