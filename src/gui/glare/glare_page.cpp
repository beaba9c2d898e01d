// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/glare/glare_page.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "edit/edit.h"
#include "geometry/plane_points.h"
#include "gui/companion/eye_view.h"
#include "gui/glare/glare_words.h"
#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr double kLattice = 1.2, kFromWalls = 0.6;  // metres
constexpr size_t kMostSeats = 60;

double turned(double heading) { return heading - 360 * std::floor(heading / 360); }

}  // namespace

GlarePage::GlarePage(Desktop& desktop)
    : QWidget(desktop.window()), desktop_(desktop), live_(desktop.document()), year_(desktop.asker().seats_year()) {
    setObjectName(QStringLiteral("glare-page"));
    setAccessibleName(QObject::tr("Glare"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    column->setSpacing(space::small);
    build(*column);
    fill_limits();
    connect(&live_, &LiveSeats::changed, this, &GlarePage::refresh);
    connect(&year_, &SeatsYear::changed, this, &GlarePage::refresh);
    for (const auto signal : {&Document::project_changed, &Document::option_changed, &Document::storey_changed,
                              &Document::selection_changed})
        connect(&desktop.document(), signal, this, &GlarePage::follow);
    connect(&desktop.sheet(), &Sheet::seat_pressed, this, &GlarePage::look);
    connect(&desktop.sheet(), &Sheet::seats_turned, this, &GlarePage::turn_heads);
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
    } else {
        for (const auto& seat : year_.seats()) out.push_back({seat.glare.place});
    }
    return out;
}

void GlarePage::find_arcs() {
    arcs_.clear();
    const auto which = static_cast<size_t>(std::max(index_->currentIndex(), 0));
    if (is_of_year()) {
        for (const auto& seat : year_.seats())
            arcs_.emplace_back(question::clear_arc(seat.ring(share(), limit()), limit()));
        return;
    }
    for (const SeatGlare& seat : live_.found())
        arcs_.push_back(seat.around.empty()
                            ? std::nullopt
                            : std::optional(question::clear_arc(question::ring_of(seat.around, which), limit())));
}

QString GlarePage::hint() const {
    if (is_of_year()) {
        if (arcs_.empty())
            return QObject::tr(
                "Ask the year: an arc will run where the limit is exceeded in at most that share of the hours "
                "that the room is used in.");
        return year_.is_current() ? QObject::tr(
                                        "An arc runs where the limit is exceeded in at most that share of the "
                                        "room's use. Click a direction or an hour for its picture.")
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
    of_year_->setVisible(is_of_year());
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
    if (!is_of_year() || row >= arcs_.size() || !arcs_[row]) return;
    const auto found =
        year_.worst_hours(row, static_cast<size_t>(std::lround(arcs_[row]->worst_heading / question::kYearStep)));
    hours_->setRowCount(static_cast<int>(found.size()));
    for (size_t i = 0; i < found.size(); ++i) {
        const auto& [h, dgp, closed, by] = found[i];
        worst_hours_.push_back(climate::moment_of(static_cast<int>(h / 24), static_cast<double>(h % 24) + 0.5));
        const QString beside = closed >= 0 ? language::number(closed, 'f', 2) : QStringLiteral("\u2013");
        const QString texts[] = {language::text(worst_hours_.back()), language::number(dgp, 'f', 2), beside,
                                 language::words(by)};
        for (int c = 0; c < 4; ++c) hours_->setItem(static_cast<int>(i), c, glare_cell(texts[c], c == 1 || c == 2));
    }
}

// The year strip in the colours of the chosen seat.
void GlarePage::show_strip() {
    const auto row = static_cast<size_t>(std::max(table_->currentRow(), 0));
    if (!is_of_year() || row >= arcs_.size() || row >= year_.seats().size() || !arcs_[row])
        return desktop_.strip().show_hours(nullptr);
    const auto& seat = year_.seats()[row].glare;
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
    constexpr question::Operation kinds[] = {question::Operation::control, question::Operation::open,
                                             question::Operation::closed};
    std::vector<model::Observer> places;
    for (const Seat& seat : places_->currentIndex() == 0 ? observers() : lattice()) places.push_back(seat.eye);
    year_.run(places, kinds[std::max(blinds_->currentIndex(), 0)]);
}

size_t GlarePage::worst_seat() const {
    size_t out = 0;
    const double sign = index().rises ? 1 : -1;
    const auto of = [&](size_t i) { return arcs_[i] && arcs_[i]->worst ? sign * *arcs_[i]->worst : -1e9; };
    for (size_t i = 1; i < arcs_.size(); ++i)
        if (of(i) > of(out)) out = i;
    return out;
}

void GlarePage::fill_table() {
    const auto found = shown_seats();
    const int row_before = table_->currentRow(), rows_before = table_->rowCount();
    filling_ = true;
    table_->setRowCount(static_cast<int>(found.size()));
    for (size_t i = 0; i < found.size(); ++i) {
        const int row = static_cast<int>(i);
        const auto& arc = arcs_[i];
        QString name = QString::fromStdString(found[i].eye.name);
        if (found[i].eye.id.empty()) name += QStringLiteral(" %1").arg(i + 1);
        table_->setItem(row, 0, glare_cell(name, false));
        table_->setItem(
            row, 1,
            glare_cell(arc ? QObject::tr("%L1\u00b0").arg(arc->clear, 0, 'f', 0) : QStringLiteral("\u2026"), true));
        table_->setItem(row, 2,
                        glare_cell(arc && arc->worst ? language::number(*arc->worst, 'f', digits_of(index()))
                                                     : QStringLiteral("\u2013"),
                                   true));
        table_->setItem(row, 3, glare_cell(arc ? language::words(arc->worst_source) : QString(), false));
    }
    // Other seats than before: what one asks first is where it is worst.
    if ((row_before < 0 || rows_before != table_->rowCount()) && table_->rowCount() > 0)
        table_->setCurrentCell(static_cast<int>(worst_seat()), 0);
    if (table_->currentItem() != nullptr && rows_before != table_->rowCount())
        table_->scrollToItem(table_->currentItem(), QAbstractItemView::PositionAtCenter);
    // What room few seats leave is the hours'.
    constexpr int most = 6;
    const int rows = std::clamp(table_->rowCount(), 2, most);
    table_->setMaximumHeight(is_of_year() ? table_->horizontalHeader()->height() + rows * table_->rowHeight(0) + 4
                                          : QWIDGETSIZE_MAX);
    filling_ = false;
}

QString GlarePage::reading(size_t seat, double heading) const {
    const double north = desktop_.document().project().site.north;
    if (is_of_year()) {
        if (seat >= year_.seats().size()) return {};
        const auto& of = year_.seats()[seat];
        const auto& glare = of.glare;
        const auto at =
            static_cast<size_t>(std::lround(turned(heading) / question::kYearStep)) % (360 / question::kYearStep);
        return QObject::tr("towards %L1\u00b0: DGP %L2 exceeded in %L3 % of the use, %L4 in %L5 %")
            .arg(turned(glare.headings[at] + north), 0, 'f', 0)
            .arg(glare.exceeded(at, of.hours, share()), 0, 'f', 2)
            .arg(100 * share(), 0, 'f', 0)
            .arg(limit(), 0, 'f', 2)
            .arg(100 * glare.share_above(at, of.hours, limit()), 0, 'f', 1);
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
