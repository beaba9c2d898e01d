// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/build/building_commands.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QInputDialog>
#include <QMenu>
#include <algorithm>
#include <cmath>

#include "gui/building/building_tree.h"
#include "gui/commands/clipboard.h"
#include "gui/entry/figure_box.h"
#include "gui/look/look.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

BuildingCommands::BuildingCommands(Desktop& desktop) : QObject(desktop.window()), desktop_(desktop) {
    add_editing();
    add_building();
    add_planes();
    add_views();
    connect(&desktop.sheet(), &Sheet::menu_wanted, this, &BuildingCommands::open_menu);
    connect(&desktop.part<BuildingTree>(), &BuildingTree::menu_wanted, this, &BuildingCommands::open_menu);
}

void BuildingCommands::act(CommandGroup group, const char* text, const char* keys, std::function<void()> run) {
    desktop_.commands().add(group, QString::fromUtf8(text), QKeySequence(QString::fromLatin1(keys)), std::move(run));
}

void BuildingCommands::add_editing() {
    using edit::Placing;
    act(CommandGroup::edit, "Copy", "Ctrl+C", [this] { copy_selected(false); });
    act(CommandGroup::edit, "Cut", "Ctrl+X", [this] { copy_selected(true); });
    act(CommandGroup::edit, "Paste", "Ctrl+V", [this] { paste(); });
    act(CommandGroup::edit, "Delete", "", [this] { sheet().delete_selection(); });
    act(CommandGroup::edit, "Select everything", "Ctrl+A", [this] { sheet().select_everything(); });
    act(CommandGroup::edit, "Turn left by 90\u00b0", "Ctrl+Left",
        [this] { place_selected(QStringLiteral("Turn left"), [](Vec2 c) { return Placing::turn(c, 90); }); });
    act(CommandGroup::edit, "Turn right by 90\u00b0", "Ctrl+Right",
        [this] { place_selected(QStringLiteral("Turn right"), [](Vec2 c) { return Placing::turn(c, -90); }); });
    act(CommandGroup::edit, "Turn by\u2026", "", [this] {
        bool ok = false;
        const QString text =
            QInputDialog::getText(desktop_.window(), QStringLiteral("Turn"), QStringLiteral("Degrees to the left:"),
                                  QLineEdit::Normal, QStringLiteral("15"), &ok);
        if (const auto angle = ok ? parse_number(text, Unit::degree) : std::nullopt)
            place_selected(QStringLiteral("Turn by %1\u00b0").arg(*angle),
                           [a = *angle](Vec2 c) { return Placing::turn(c, a); });
    });
    act(CommandGroup::edit, "Mirror left to right", "Ctrl+M", [this] {
        place_selected(QStringLiteral("Mirror"), [](Vec2 c) { return Placing::mirror(c, c + Vec2{0, 1}); });
    });
    act(CommandGroup::edit, "Mirror top to bottom", "Ctrl+Shift+M", [this] {
        place_selected(QStringLiteral("Mirror"), [](Vec2 c) { return Placing::mirror(c, c + Vec2{1, 0}); });
    });
    act(CommandGroup::edit, "Row of copies\u2026", "Ctrl+R", [this] { array_selected(); });
}

void BuildingCommands::add_building() {
    act(CommandGroup::building, "Join rooms", "J", [this] { join_selected(); });
    act(CommandGroup::building, "Grow room\u2026", "", [this] { offset_selected(); });
    act(CommandGroup::building, "Add roof", "T", [this] { add_roof(); });
    act(CommandGroup::building, "New storey", "", [this] { desktop_.part<BuildingTree>().add_storey(false); });
}

void BuildingCommands::add_views() {
    act(CommandGroup::view, "Storey above", "PgUp", [this] { document().show_storey(document().storey_index() + 1); });
    act(CommandGroup::view, "Storey below", "PgDown", [this] {
        if (document().storey_index() > 0) document().show_storey(document().storey_index() - 1);
    });
    act(CommandGroup::view, "Cut height of the plan\u2026", "", [this] {
        bool ok = false;
        const QString text =
            QInputDialog::getText(desktop_.window(), QStringLiteral("Cut height"), QStringLiteral("Above the floor:"),
                                  QLineEdit::Normal, QStringLiteral("%1 m").arg(sheet().cut()), &ok);
        if (const auto v = ok ? parse_number(text, Unit::metre) : std::nullopt)
            sheet().set_cut(std::clamp(*v, 0.0, 50.0));
    });
}

void BuildingCommands::add_planes() {
    auto& commands = desktop_.commands();
    commands.add(
        CommandGroup::building, QStringLiteral("Lay planes\u2026"), QKeySequence(QStringLiteral("Ctrl+L")),
        [this] { lay_planes(); }, QStringLiteral("grid points sensors working plane analysis surface"));
    commands.add(
        CommandGroup::building, QStringLiteral("Observers in a lattice\u2026"), QKeySequence(QStringLiteral("Ctrl+E")),
        [this] { lay_lattice(); }, QStringLiteral("seats views glare grid"));
}

void BuildingCommands::place_selected(const QString& name, const std::function<edit::Placing(Vec2)>& placing) {
    const auto items = document().selected();
    if (items.empty()) return desktop_.say(QStringLiteral("Select something first"));
    const Vec2 middle = edit::middle_of(document().option(), items).value_or(Vec2{});
    document().edit_option(name, [&](Option& o) { edit::place_items(o, items, placing(middle)); });
}

void BuildingCommands::add_roof() {
    const auto items = document().selected();
    Selection made;
    document().edit_option(QStringLiteral("Add roof"), [&](Option& o) {
        if (o.storeys.empty()) return;
        Storey& storey = o.storeys[document().storey_index()];
        Roof roof;
        roof.id = fresh_id(o, "roof");
        roof.name = "Roof " + roof.id.substr(5);
        double height = storey.height;
        for (const Selection& item : items)
            if (item.kind == Kind::room && model::find(storey.rooms, item.id) != nullptr) roof.rooms.push_back(item.id);
        if (!storey.rooms.empty()) height = storey.rooms.front().height;
        roof.eaves = height;
        storey.roofs.push_back(roof);
        made = {Kind::roof, roof.id, -1};
    });
    if (made.kind != Kind::none) document().select(made);
}

void BuildingCommands::array_selected() {
    const auto items = document().selected();
    if (items.empty()) return desktop_.say(QStringLiteral("Select something first"));
    FigureBox box(desktop_.window(), QStringLiteral("Row of copies"));
    double count = 3, dx = 0, dy = 0;
    const Option& option = document().option();
    if (items[0].kind == Kind::room) {
        const auto& ring = find_room(option, items[0].id).room->footprint;
        const auto [low, high] =
            std::minmax_element(ring.begin(), ring.end(), [](Vec2 a, Vec2 b) { return a.x < b.x; });
        dx = high->x - low->x;
    } else {
        dx = 1.5;
    }
    box.number(QStringLiteral("Copies"), count, Unit::plain, "array-count");
    box.number(QStringLiteral("Each to the right"), dx, Unit::metre, "array-dx");
    box.number(QStringLiteral("Each upwards"), dy, Unit::metre, "array-dy");
    if (!box.ask()) return;
    const int n = std::clamp(static_cast<int>(std::lround(count)), 1, 200);
    std::vector<Selection> made = items;
    document().edit_option(QStringLiteral("Row of %1 copies").arg(n), [&](Option& o) {
        for (int i = 1; i <= n; ++i)
            for (const Selection& item :
                 edit::copy_items(o, items, document().storey_index(), edit::Placing::move({dx * i, dy * i})))
                made.push_back(item);
    });
    document().select_all(made);
}

void BuildingCommands::copy_selected(bool cut) {
    const auto items = document().selected();
    if (items.empty()) return desktop_.say(QStringLiteral("Select what is to be copied"));
    QGuiApplication::clipboard()->setText(clip_of(document().project(), document().option(), items));
    if (cut) sheet().delete_selection();
    desktop_.say(cut ? QStringLiteral("Cut: paste it on any storey or in another project")
                     : QStringLiteral("Copied: paste it on any storey or in another project"));
}

void BuildingCommands::paste() {
    const QString text = QGuiApplication::clipboard()->text();
    Outcome fault;
    edit::Items made;
    std::vector<Selection> walls;
    for (const Selection& item : document().selected())
        if (item.kind == Kind::wall) walls.push_back(item);
    document().edit(QStringLiteral("Paste"), [&](Project& p) {
        Project after = p;
        const auto result = paste_clip(text, after, document().option_index(), document().storey_index(), walls, {});
        if (!result) {
            fault = result.fault();
            return;
        }
        made = *result;
        p = std::move(after);
    });
    if (fault) return desktop_.say(QString::fromStdString(fault->line()));
    document().select_all(made);
    desktop_.say(QStringLiteral("Pasted in the same place: drag it where it belongs"));
}

void BuildingCommands::join_selected() {
    const auto items = document().selected();
    if (items.size() != 2 || items[0].kind != Kind::room || items[1].kind != Kind::room)
        return desktop_.say(QStringLiteral("Select the two rooms that are to be one (Shift+click)"));
    bool done = false;
    document().edit_option(QStringLiteral("Join rooms"), [&](Option& o) {
        done = edit::join_rooms(o, document().storey_index(), items[0].id, items[1].id);
    });
    desktop_.say(done ? QStringLiteral("Two rooms became one") : QStringLiteral("These rooms do not share a wall"));
}

void BuildingCommands::offset_selected() {
    const Selection item = document().selection();
    if (item.kind != Kind::room) return desktop_.say(QStringLiteral("Select a room first"));
    bool ok = false;
    const QString text = QInputDialog::getText(desktop_.window(), QStringLiteral("Grow room"),
                                               QStringLiteral("Outwards on all sides (negative shrinks):"),
                                               QLineEdit::Normal, QStringLiteral("0.5 m"), &ok);
    const auto by = ok ? parse_number(text, Unit::metre) : std::nullopt;
    if (!by) return;
    document().edit_option(QStringLiteral("Grow room"),
                           [&](Option& o) { edit::offset_room(o, document().storey_index(), item.id, *by); });
}

void BuildingCommands::open_menu(const QPoint& at) {
    auto* menu = new QMenu(desktop_.window());
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->setObjectName(QStringLiteral("item-menu"));
    const Selection& item = document().selection();
    const auto add = [&](const char* name) {
        if (QAction* action = desktop_.commands().find(QString::fromUtf8(name))) menu->addAction(action);
    };
    if (item.kind == Kind::none) {
        for (const char* name : {"Paste", "Select everything", "New storey", "Add roof", "Underlay\u2026"}) add(name);
    } else {
        menu->addSection(document().selected().size() > 1
                             ? QStringLiteral("%1 things").arg(document().selected().size())
                             : QString::fromStdString(edit::item_name(document().option(), item)));
        for (const char* name : {"Cut", "Copy", "Paste", "Delete"}) add(name);
        menu->addSeparator();
        if (item.kind == Kind::room)
            for (const char* name :
                 {"Turn left by 90\u00b0", "Turn by\u2026", "Mirror left to right", "Mirror top to bottom",
                  "Row of copies\u2026", "Join rooms", "Grow room\u2026", "Add roof"})
                add(name);
        else
            add("Row of copies\u2026");
        menu->addSeparator();
        for (const char* name : {"Hide", "Show only this", "Show all"}) add(name);
    }
    menu->popup(at);
}

}  // namespace wp::gui
