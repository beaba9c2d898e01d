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
    auto* first = new QHBoxLayout;
    first->addWidget(index_);
    first->addWidget(limit_, 1);
    column.addWidget(title_);
    column.addLayout(first);
    column.addWidget(places_);
    hint_ = new QLabel;
    hint_->setWordWrap(true);
    hint_->setProperty("role", QStringLiteral("small"));
    hint_->setObjectName(QStringLiteral("glare-hint"));
    column.addWidget(hint_);
    table_ = figure_table("glare-seats", QObject::tr("Seats"));
    set_heads(*table_, {QObject::tr("Seat"), QObject::tr("Clear"), QObject::tr("Worst"), QObject::tr("by")},
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
        limit_->addItem(QObject::tr("up to %1, %2")
                            .arg(language::words(i.classes[k].name),
                                 language::number(i.classes[k].end, 'f', digits_of(i))),
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

void GlarePage::follow() {
    live_.want(wanted_seats());
    refresh();
}

void GlarePage::showEvent(QShowEvent*) { follow(); }

void GlarePage::hideEvent(QHideEvent*) {
    live_.want({});
    desktop_.sheet().show_seats({});
}

void GlarePage::refresh() {
    if (filling_ || !isVisible()) return;
    const auto which = static_cast<size_t>(std::max(index_->currentIndex(), 0));
    arcs_.clear();
    for (const SeatGlare& seat : live_.found())
        arcs_.push_back(seat.around.empty()
                            ? std::nullopt
                            : std::optional(question::clear_arc(question::ring_of(seat.around, which), limit())));
    const auto& found = live_.found();
    const auto done = std::ranges::count_if(found, &SeatGlare::settled);
    title_->setText(QObject::tr("Which ways can one face at %1?").arg(language::text(desktop_.document().moment())));
    hint_->setText(found.empty() ? QObject::tr("Place an observer first: press E and click in a room")
                   : live_.is_working()
                       ? QObject::tr("Looking around from %1 of %2 seats \u2026").arg(done + 1).arg(found.size())
                       : QObject::tr("An arc runs where one looks untroubled, the tick points to the worst. Click a "
                                     "direction for its picture; drag a ring to turn all heads."));
    fill_table();
    show_arcs();
    for (auto* button : {turn_, look_}) button->setEnabled(!found.empty());
}

void GlarePage::fill_table() {
    const auto& found = live_.found();
    const int row_before = table_->currentRow();
    table_->setRowCount(static_cast<int>(found.size()));
    for (size_t i = 0; i < found.size(); ++i) {
        const int row = static_cast<int>(i);
        const auto& arc = arcs_[i];
        QString name = QString::fromStdString(found[i].seat.eye.name);
        if (found[i].seat.eye.id.empty())
            name += QStringLiteral(" %1").arg(i + 1);
        table_->setItem(row, 0, cell(name, false));
        table_->setItem(row, 1, cell(arc ? QObject::tr("%L1\u00b0").arg(arc->clear, 0, 'f', 0) : QStringLiteral("\u2026"),
                                     true));
        table_->setItem(
            row, 2,
            cell(arc && arc->worst ? language::number(*arc->worst, 'f', digits_of(index())) : QStringLiteral("\u2013"),
                 true));
        table_->setItem(row, 3, cell(arc ? language::words(arc->worst_source) : QString(), false));
    }
    if (row_before < 0 && table_->rowCount() > 0) table_->setCurrentCell(0, 0);
}

QString GlarePage::reading(size_t seat, double heading) const {
    const auto& found = live_.found();
    if (seat >= found.size() || found[seat].around.empty()) return {};
    const auto& around = found[seat].around;
    const auto& facing = around[static_cast<size_t>(std::lround(turned(heading) / question::kFacingStep)) % around.size()];
    const auto& value = facing.indices[static_cast<size_t>(std::max(index_->currentIndex(), 0))];
    const double north = desktop_.document().project().site.north;
    return QObject::tr("towards %L1\u00b0: %2 %3, %4 lx at the eye")
        .arg(turned(facing.heading + north), 0, 'f', 0)
        .arg(QString::fromLatin1(index().short_name),
             value ? language::number(*value, 'f', digits_of(index())) : QStringLiteral("\u2013"),
             report::figure(facing.vertical_lux));
}

void GlarePage::show_arcs() {
    const double north = desktop_.document().project().site.north;
    std::vector<SeatArc> out;
    const auto& found = live_.found();
    for (size_t i = 0; i < found.size(); ++i) {
        SeatArc seat;
        seat.at = {found[i].seat.eye.eye.x, found[i].seat.eye.eye.y};
        seat.arc = arcs_[i];
        seat.name = QString::fromStdString(found[i].seat.eye.name);
        seat.settled = found[i].settled;
        seat.small = found[i].seat.eye.id.empty();
        seat.apart = kLattice;
        if (seat.arc) {
            seat.words = language::words(question::words_of(*seat.arc, index().short_name, north, digits_of(index())));
            if (seat.arc->worst) seat.value = language::number(*seat.arc->worst, 'f', digits_of(index()));
        }
        seat.reading = [this, i](double heading) { return reading(i, heading); };
        out.push_back(std::move(seat));
    }
    desktop_.sheet().show_seats(std::move(out));
}

void GlarePage::look(size_t seat, double heading) {
    if (!isVisible() || seat >= live_.found().size()) return;
    const auto& eye = live_.found()[seat].seat.eye;
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
    const auto eye = live_.found()[row].seat.eye;
    if (eye.id.empty()) return desktop_.say(QObject::tr("Choose an observer: a place of the lattice has no head to turn"));
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
        table->at = at + Vec2{off.x * std::cos(turn) - off.y * std::sin(turn),
                              off.x * std::sin(turn) + off.y * std::cos(turn)};
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
