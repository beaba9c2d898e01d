// SPDX-License-Identifier: GPL-3.0-or-later
// Planes and observers, laid over the selected rooms or over all.
#include <algorithm>
#include <cmath>

#include "edit/lay.h"
#include "geometry/plane_points.h"
#include "gui/build/building_commands.h"
#include "gui/entry/figure_box.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

// The selected rooms, else all of the option.
std::vector<Id> BuildingCommands::rooms_meant() const {
    std::vector<Id> rooms;
    for (const Selection& item : document().selected())
        if (item.kind == Kind::room) rooms.push_back(item.id);
    if (!rooms.empty()) return rooms;
    for (const Storey& storey : document().option().storeys)
        for (const Room& room : storey.rooms) rooms.push_back(room.id);
    return rooms;
}

void BuildingCommands::lay_planes() {
    const auto rooms = rooms_meant();
    if (rooms.empty()) return desktop_.say(QObject::tr("Draw a room first"));
    FigureBox box(desktop_.window(), rooms.size() == 1 ? QObject::tr("Plane on one room")
                                                       : QObject::tr("Planes on %1 rooms").arg(rooms.size()));
    edit::PlaneWish wish;
    QStringList heights{QObject::tr("own height")};
    for (const auto& h : geometry::usual_heights())
        heights << QStringLiteral("%L1 m \u2013 %2").arg(h.height, 0, 'f', 2).arg(language::words(h.source));
    auto* usual = box.choice(QObject::tr("Usual height"), heights, "plane-usual");
    usual->setCurrentIndex(3);
    double number = 0;
    box.number(QObject::tr("Own height"), wish.height, Unit::metre, "plane-height");
    box.number(QObject::tr("Off the walls"), wish.margin, Unit::metre, "plane-margin");
    box.number(QObject::tr("Spacing at most"), wish.spacing, Unit::metre, "plane-spacing");
    box.number(QObject::tr("or points at least"), number, Unit::plain, "plane-number");
    auto* along = box.choice(
        QObject::tr("Cells lie"),
        {QObject::tr("along the drawing"), QObject::tr("along the longest wall"), QObject::tr("along true north")},
        "plane-along");
    auto* beside =
        box.choice(QObject::tr("Planes that are there"),
                   {QObject::tr("are fitted anew"), QObject::tr("stay, with one more of that height")}, "plane-beside");
    box.text(QObject::tr("Fitted anew, the parts they cover or leave out stay. They follow their rooms."));
    if (!box.ask()) return;
    if (usual->currentIndex() > 0)
        wish.height = geometry::usual_heights()[static_cast<size_t>(usual->currentIndex() - 1)].height;
    wish.height = std::clamp(wish.height, 0.0, 50.0);
    wish.margin = std::clamp(wish.margin, 0.0, 20.0);
    wish.spacing = std::clamp(wish.spacing, 0.05, 20.0);
    wish.number = whole_number(number, 0, 20000);
    wish.beside = beside->currentIndex() == 1;
    wish.along = static_cast<ReferencePlane::Along>(along->currentIndex());
    edit::Items made;
    document().edit_option(QObject::tr("Lay planes"), [&](Option& o) { made = edit::lay_planes(o, rooms, wish); });
    desktop_.say(QObject::tr("%1 planes laid").arg(made.size()));
}

void BuildingCommands::lay_lattice() {
    const auto rooms = rooms_meant();
    if (rooms.empty()) return desktop_.say(QObject::tr("Draw a room first"));
    FigureBox box(desktop_.window(), QObject::tr("Observers in a lattice"));
    edit::LatticeWish wish;
    double directions = wish.directions;
    box.number(QObject::tr("Apart"), wish.spacing, Unit::metre, "lattice-spacing");
    box.number(QObject::tr("Off the walls"), wish.margin, Unit::metre, "lattice-margin");
    auto* eyes = box.choice(QObject::tr("Eyes"), {QObject::tr("seated, 1.20 m"), QObject::tr("standing, 1.70 m")},
                            "lattice-eyes");
    box.number(QObject::tr("Directions"), directions, Unit::plain, "lattice-directions");
    box.number(QObject::tr("The first towards"), wish.first, Unit::degree, "lattice-first");
    box.text(QObject::tr("In %1. Places are named by row and number from the foot of the sheet, views by their "
                         "direction: \u201cRoom B3, 090\u00b0\u201d.")
                 .arg(rooms.size() == 1 ? QString::fromStdString(find_room(document().option(), rooms[0]).room->name)
                                        : QObject::tr("%1 rooms").arg(rooms.size())));
    if (!box.ask()) return;
    wish.spacing = std::clamp(wish.spacing, 0.2, 50.0);
    wish.margin = std::clamp(wish.margin, 0.05, 20.0);
    wish.eye = eyes->currentIndex() == 0 ? kSeatedEye : kStandingEye;
    wish.directions = whole_number(directions, 1, 36);
    edit::Items made;
    document().edit_option(QObject::tr("Observers in a lattice"), [&](Option& o) {
        for (const Id& room : rooms)
            for (const Selection& item : edit::place_lattice(o, room, wish)) made.push_back(item);
    });
    document().select_all(made);
    desktop_.say(
        QObject::tr("%1 observers, %2 views").arg(made.size()).arg(static_cast<int>(made.size()) * wish.directions));
}

}  // namespace wp::gui
