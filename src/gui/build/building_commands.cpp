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
#include "report/language/words.h"

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
    desktop_.commands().add(group, language::words(text), QKeySequence(QString::fromLatin1(keys)), std::move(run));
}

void BuildingCommands::add_editing() {
    using edit::Placing;
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Copy"), "Ctrl+C", [this] { copy_selected(false); });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Cut"), "Ctrl+X", [this] { copy_selected(true); });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Paste"), "Ctrl+V", [this] { paste(); });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Delete"), "", [this] { sheet().delete_selection(); });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Select everything"), "Ctrl+A",
        [this] { sheet().select_everything(); });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Turn left by 90\u00b0"), "Ctrl+Left",
        [this] { place_selected(QObject::tr("Turn left"), [](Vec2 c) { return Placing::turn(c, 90); }); });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Turn right by 90\u00b0"), "Ctrl+Right",
        [this] { place_selected(QObject::tr("Turn right"), [](Vec2 c) { return Placing::turn(c, -90); }); });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Turn by\u2026"), "", [this] {
        bool ok = false;
        const QString text =
            QInputDialog::getText(desktop_.window(), QObject::tr("Turn"), QObject::tr("Degrees to the left:"),
                                  QLineEdit::Normal, QStringLiteral("15"), &ok);
        if (const auto angle = ok ? parse_number(text, Unit::degree) : std::nullopt)
            place_selected(QObject::tr("Turn by %1\u00b0").arg(*angle),
                           [a = *angle](Vec2 c) { return Placing::turn(c, a); });
    });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Mirror left to right"), "Ctrl+M", [this] {
        place_selected(QObject::tr("Mirror"), [](Vec2 c) { return Placing::mirror(c, c + Vec2{0, 1}); });
    });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Mirror top to bottom"), "Ctrl+Shift+M", [this] {
        place_selected(QObject::tr("Mirror"), [](Vec2 c) { return Placing::mirror(c, c + Vec2{1, 0}); });
    });
    act(CommandGroup::edit, QT_TRANSLATE_NOOP("QObject", "Row of copies\u2026"), "Ctrl+R",
        [this] { array_selected(); });
}

void BuildingCommands::add_building() {
    act(CommandGroup::building, QT_TRANSLATE_NOOP("QObject", "Join rooms"), "J", [this] { join_selected(); });
    act(CommandGroup::building, QT_TRANSLATE_NOOP("QObject", "Grow room\u2026"), "", [this] { offset_selected(); });
    act(CommandGroup::building, QT_TRANSLATE_NOOP("QObject", "Add roof"), "T", [this] { add_roof(); });
    act(CommandGroup::building, QT_TRANSLATE_NOOP("QObject", "New storey"), "",
        [this] { desktop_.part<BuildingTree>().add_storey(false); });
}

void BuildingCommands::add_views() {
    act(CommandGroup::view, QT_TRANSLATE_NOOP("QObject", "Storey above"), "PgUp",
        [this] { document().show_storey(document().storey_index() + 1); });
    act(CommandGroup::view, QT_TRANSLATE_NOOP("QObject", "Storey below"), "PgDown", [this] {
        if (document().storey_index() > 0) document().show_storey(document().storey_index() - 1);
    });
    act(CommandGroup::view, QT_TRANSLATE_NOOP("QObject", "Cut height of the plan\u2026"), "", [this] {
        bool ok = false;
        const QString text =
            QInputDialog::getText(desktop_.window(), QObject::tr("Cut height"), QObject::tr("Above the floor:"),
                                  QLineEdit::Normal, QStringLiteral("%1 m").arg(sheet().cut()), &ok);
        if (const auto v = ok ? parse_number(text, Unit::metre) : std::nullopt)
            sheet().set_cut(std::clamp(*v, 0.0, 50.0));
    });
}

void BuildingCommands::add_planes() {
    auto& commands = desktop_.commands();
    commands.add(
        CommandGroup::building, QObject::tr("Lay planes\u2026"), QKeySequence(QStringLiteral("Ctrl+L")),
        [this] { lay_planes(); }, QObject::tr("grid points sensors working plane analysis surface"));
    commands.add(
        CommandGroup::building, QObject::tr("Observers in a lattice\u2026"), QKeySequence(QStringLiteral("Ctrl+E")),
        [this] { lay_lattice(); }, QObject::tr("seats views glare grid"));
}

void BuildingCommands::place_selected(const QString& name, const std::function<edit::Placing(Vec2)>& placing) {
    const auto items = document().selected();
    if (items.empty()) return desktop_.say(QObject::tr("Select something first"));
    const Vec2 middle = edit::middle_of(document().option(), items).value_or(Vec2{});
    document().edit_option(name, [&](Option& o) { edit::place_items(o, items, placing(middle)); });
}

void BuildingCommands::add_roof() {
    const auto items = document().selected();
    Selection made;
    document().edit_option(QObject::tr("Add roof"), [&](Option& o) {
        if (o.storeys.empty()) return;
        Storey& storey = o.storeys[document().storey_index()];
        Roof roof;
        roof.id = fresh_id(o, "roof");
        roof.name = QObject::tr("Roof ").toStdString() + roof.id.substr(5);
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
    if (items.empty()) return desktop_.say(QObject::tr("Select something first"));
    FigureBox box(desktop_.window(), QObject::tr("Row of copies"));
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
    box.number(QObject::tr("Copies"), count, Unit::plain, "array-count");
    box.number(QObject::tr("Each to the right"), dx, Unit::metre, "array-dx");
    box.number(QObject::tr("Each upwards"), dy, Unit::metre, "array-dy");
    if (!box.ask()) return;
    const int n = std::clamp(static_cast<int>(std::lround(count)), 1, 200);
    std::vector<Selection> made = items;
    document().edit_option(QObject::tr("Row of %1 copies").arg(n), [&](Option& o) {
        for (int i = 1; i <= n; ++i)
            for (const Selection& item :
                 edit::copy_items(o, items, document().storey_index(), edit::Placing::move({dx * i, dy * i})))
                made.push_back(item);
    });
    document().select_all(made);
}

void BuildingCommands::copy_selected(bool cut) {
    const auto items = document().selected();
    if (items.empty()) return desktop_.say(QObject::tr("Select what is to be copied"));
    QGuiApplication::clipboard()->setText(clip_of(document().project(), document().option(), items));
    if (cut) sheet().delete_selection();
    desktop_.say(cut ? QObject::tr("Cut: paste it on any storey or in another project")
                     : QObject::tr("Copied: paste it on any storey or in another project"));
}

void BuildingCommands::paste() {
    const QString text = QGuiApplication::clipboard()->text();
    Outcome fault;
    edit::Items made;
    std::vector<Selection> walls;
    for (const Selection& item : document().selected())
        if (item.kind == Kind::wall) walls.push_back(item);
    document().edit(QObject::tr("Paste"), [&](Project& p) {
        Project after = p;
        const auto result = paste_clip(text, after, document().option_index(), document().storey_index(), walls, {});
        if (!result) {
            fault = result.fault();
            return;
        }
        made = *result;
        p = std::move(after);
    });
    if (fault) return desktop_.say(language::line(*fault));
    document().select_all(made);
    desktop_.say(QObject::tr("Pasted in the same place: drag it where it belongs"));
}

void BuildingCommands::join_selected() {
    const auto items = document().selected();
    if (items.size() != 2 || items[0].kind != Kind::room || items[1].kind != Kind::room)
        return desktop_.say(QObject::tr("Select the two rooms that are to be one (Shift+click)"));
    bool done = false;
    document().edit_option(QObject::tr("Join rooms"), [&](Option& o) {
        done = edit::join_rooms(o, document().storey_index(), items[0].id, items[1].id);
    });
    desktop_.say(done ? QObject::tr("Two rooms became one") : QObject::tr("These rooms do not share a wall"));
}

void BuildingCommands::offset_selected() {
    const Selection item = document().selection();
    if (item.kind != Kind::room) return desktop_.say(QObject::tr("Select a room first"));
    bool ok = false;
    const QString text = QInputDialog::getText(desktop_.window(), QObject::tr("Grow room"),
                                               QObject::tr("Outwards on all sides (negative shrinks):"),
                                               QLineEdit::Normal, QStringLiteral("0.5 m"), &ok);
    const auto by = ok ? parse_number(text, Unit::metre) : std::nullopt;
    if (!by) return;
    document().edit_option(QObject::tr("Grow room"),
                           [&](Option& o) { edit::offset_room(o, document().storey_index(), item.id, *by); });
}

void BuildingCommands::open_menu(const QPoint& at) {
    auto* menu = new QMenu(desktop_.window());
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->setObjectName(QStringLiteral("item-menu"));
    const Selection& item = document().selection();
    const auto add = [&](const char* name) {
        if (QAction* action = desktop_.commands().find(language::words(name))) menu->addAction(action);
    };
    if (item.kind == Kind::none) {
        for (const char* name :
             {QT_TRANSLATE_NOOP("QObject", "Paste"), QT_TRANSLATE_NOOP("QObject", "Select everything"),
              QT_TRANSLATE_NOOP("QObject", "New storey"), QT_TRANSLATE_NOOP("QObject", "Add roof"),
              QT_TRANSLATE_NOOP("QObject", "Underlay\u2026")})
            add(name);
    } else {
        menu->addSection(document().selected().size() > 1
                             ? QObject::tr("%1 things").arg(document().selected().size())
                             : language::words(edit::item_name(document().option(), item)));
        for (const char* name : {QT_TRANSLATE_NOOP("QObject", "Cut"), QT_TRANSLATE_NOOP("QObject", "Copy"),
                                 QT_TRANSLATE_NOOP("QObject", "Paste"), QT_TRANSLATE_NOOP("QObject", "Delete")})
            add(name);
        menu->addSeparator();
        if (item.kind == Kind::room)
            for (const char* name :
                 {QT_TRANSLATE_NOOP("QObject", "Turn left by 90\u00b0"), QT_TRANSLATE_NOOP("QObject", "Turn by\u2026"),
                  QT_TRANSLATE_NOOP("QObject", "Mirror left to right"),
                  QT_TRANSLATE_NOOP("QObject", "Mirror top to bottom"),
                  QT_TRANSLATE_NOOP("QObject", "Row of copies\u2026"), QT_TRANSLATE_NOOP("QObject", "Join rooms"),
                  QT_TRANSLATE_NOOP("QObject", "Grow room\u2026"), QT_TRANSLATE_NOOP("QObject", "Add roof")})
                add(name);
        else
            add(QT_TRANSLATE_NOOP("QObject", "Row of copies\u2026"));
        menu->addSeparator();
        for (const char* name : {QT_TRANSLATE_NOOP("QObject", "Hide"), QT_TRANSLATE_NOOP("QObject", "Show only this"),
                                 QT_TRANSLATE_NOOP("QObject", "Show all")})
            add(name);
    }
    menu->popup(at);
}

}  // namespace wp::gui
