// SPDX-License-Identifier: GPL-3.0-or-later
// The window's commands on the building: turning, copying, rows, roofs, storeys, views, faults; the palette and the
// menu.
#include <QAction>
#include <QClipboard>
#include <QGuiApplication>
#include <QInputDialog>
#include <QMenu>
#include <QMessageBox>
#include <QStandardPaths>
#include <algorithm>
#include <cmath>

#include "gui/commands/clipboard.h"
#include "gui/commands/palette.h"
#include "gui/entry/figure_box.h"
#include "gui/look/look.h"
#include "gui/window/window.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

std::filesystem::path recovery_folder() {
    return std::filesystem::path(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation).toStdString()) /
           "unsaved";
}

constexpr int kKeepAfter = 1500;  // ms without a further edit

}  // namespace

void Window::place_selected(const QString& name, const std::function<geometry::Placing(Vec2)>& placing) {
    const auto items = document_.selected();
    if (items.empty()) return hint_->setText(QStringLiteral("Select something first"));
    const Vec2 middle = geometry::middle_of(document_.option(), items).value_or(Vec2{});
    document_.edit_option(name, [&](Option& o) { geometry::place_items(o, items, placing(middle)); });
}

void Window::add_roof() {
    const auto items = document_.selected();
    Selection made;
    document_.edit_option(QStringLiteral("Add roof"), [&](Option& o) {
        if (o.storeys.empty()) return;
        Storey& storey = o.storeys[document_.storey_index()];
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
    if (made.kind != Kind::none) document_.select(made);
}

void Window::array_selected() {
    const auto items = document_.selected();
    if (items.empty()) return hint_->setText(QStringLiteral("Select something first"));
    FigureBox box(this, QStringLiteral("Row of copies"));
    double count = 3, dx = 0, dy = 0;
    const Option& option = document_.option();
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
    document_.edit_option(QStringLiteral("Row of %1 copies").arg(n), [&](Option& o) {
        for (int i = 1; i <= n; ++i)
            for (const Selection& item :
                 geometry::copy_items(o, items, document_.storey_index(), geometry::Placing::move({dx * i, dy * i})))
                made.push_back(item);
    });
    document_.select_all(made);
}

void Window::copy_selected(bool cut) {
    const auto items = document_.selected();
    if (items.empty()) return hint_->setText(QStringLiteral("Select what is to be copied"));
    QGuiApplication::clipboard()->setText(clip_of(document_.project(), document_.option(), items));
    if (cut) sheet_->delete_selection();
    hint_->setText(cut ? QStringLiteral("Cut: paste it on any storey or in another project")
                       : QStringLiteral("Copied: paste it on any storey or in another project"));
}

void Window::paste() {
    const QString text = QGuiApplication::clipboard()->text();
    Outcome fault;
    geometry::Items made;
    std::vector<Selection> walls;
    for (const Selection& item : document_.selected())
        if (item.kind == Kind::wall) walls.push_back(item);
    document_.edit(QStringLiteral("Paste"), [&](Project& p) {
        Project after = p;
        const auto result = paste_clip(text, after, document_.option_index(), document_.storey_index(), walls, {});
        if (!result) {
            fault = result.fault();
            return;
        }
        made = *result;
        p = std::move(after);
    });
    if (fault) return hint_->setText(QString::fromStdString(fault->line()));
    document_.select_all(made);
    hint_->setText(QStringLiteral("Pasted in the same place: drag it where it belongs"));
}

void Window::join_selected() {
    const auto items = document_.selected();
    if (items.size() != 2 || items[0].kind != Kind::room || items[1].kind != Kind::room)
        return hint_->setText(QStringLiteral("Select the two rooms that are to be one (Shift+click)"));
    bool done = false;
    document_.edit_option(QStringLiteral("Join rooms"), [&](Option& o) {
        done = geometry::join_rooms(o, document_.storey_index(), items[0].id, items[1].id);
    });
    hint_->setText(done ? QStringLiteral("Two rooms became one") : QStringLiteral("These rooms do not share a wall"));
}

void Window::offset_selected() {
    const Selection item = document_.selection();
    if (item.kind != Kind::room) return hint_->setText(QStringLiteral("Select a room first"));
    bool ok = false;
    const QString text = QInputDialog::getText(this, QStringLiteral("Grow room"),
                                               QStringLiteral("Outwards on all sides (negative shrinks):"),
                                               QLineEdit::Normal, QStringLiteral("0.5 m"), &ok);
    const auto by = ok ? parse_number(text, Unit::metre) : std::nullopt;
    if (!by) return;
    document_.edit_option(QStringLiteral("Grow room"),
                          [&](Option& o) { geometry::offset_room(o, document_.storey_index(), item.id, *by); });
}

void Window::go_to(const Selection& item) {
    sheet_->reveal(item);
    document_.select(item);
    if (item.kind == Kind::storey) document_.show_storey(storey_of(document_.option(), item));
}

void Window::open_palette() {
    std::vector<Palette::Entry> commands;
    for (QAction* action : actions()) {
        if (action->text().isEmpty() || !action->isEnabled()) continue;
        QString text = action->text();
        text.remove(QLatin1Char('&'));
        commands.push_back(
            {text, action->shortcut().toString(QKeySequence::NativeText), [action] { action->trigger(); }});
    }
    const auto things = [this](const QString& typed) {
        std::vector<Palette::Entry> out;
        for (const Selection& item : find_by_name(document_.option(), typed.toStdString())) {
            if (out.size() >= 30) break;
            out.push_back({QString::fromStdString(item_name(document_.option(), item)),
                           QString::fromLatin1(kind_name(item.kind)), [this, item] { go_to(item); }});
        }
        return out;
    };
    auto* palette = new Palette(std::move(commands), things, this);
    palette->setAttribute(Qt::WA_DeleteOnClose);
    palette->show();
}

void Window::open_menu(const QPoint& at) {
    auto* menu = new QMenu(this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->setObjectName(QStringLiteral("item-menu"));
    const Selection& item = document_.selection();
    const auto add = [&](const char* name) {
        for (QAction* action : actions())
            if (action->text() == QString::fromLatin1(name)) menu->addAction(action);
    };
    if (item.kind == Kind::none) {
        for (const char* name : {"Paste", "Select everything", "New storey", "Add roof", "Underlay\u2026"}) add(name);
    } else {
        menu->addSection(document_.selected().size() > 1 ? QStringLiteral("%1 things").arg(document_.selected().size())
                                                         : QString::fromStdString(item_name(document_.option(), item)));
        for (const char* name : {"Cut", "Copy", "Paste", "Delete"}) add(name);
        menu->addSeparator();
        if (item.kind == Kind::room)
            for (const char* name :
                 {"Turn left by 90\u00b0", "Turn by\u2026", "Mirror left to right", "Mirror top to bottom",
                  "Row of copies\u2026", "Join rooms", "Grow room\u2026", "Add roof"}) {
                for (QAction* action : actions())
                    if (action->text() == QString::fromUtf8(name)) menu->addAction(action);
            }
        else
            for (QAction* action : actions())
                if (action->text() == QString::fromUtf8("Row of copies\u2026")) menu->addAction(action);
        menu->addSeparator();
        for (const char* name : {"Hide", "Show only this", "Show all"}) add(name);
    }
    menu->popup(at);
}

void Window::build_building_actions() {
    using geometry::Placing;
    const auto act = [this](const char* text, const char* keys, std::function<void()> run) {
        return add_action(QString::fromUtf8(text), QKeySequence(QString::fromLatin1(keys)), std::move(run));
    };
    act("Copy", "Ctrl+C", [this] { copy_selected(false); });
    act("Cut", "Ctrl+X", [this] { copy_selected(true); });
    act("Paste", "Ctrl+V", [this] { paste(); });
    act("Delete", "", [this] { sheet_->delete_selection(); });
    act("Select everything", "Ctrl+A", [this] { sheet_->select_everything(); });
    act("Turn left by 90\u00b0", "Ctrl+Left",
        [this] { place_selected(QStringLiteral("Turn left"), [](Vec2 c) { return Placing::turn(c, 90); }); });
    act("Turn right by 90\u00b0", "Ctrl+Right",
        [this] { place_selected(QStringLiteral("Turn right"), [](Vec2 c) { return Placing::turn(c, -90); }); });
    act("Turn by\u2026", "", [this] {
        bool ok = false;
        const QString text = QInputDialog::getText(this, QStringLiteral("Turn"), QStringLiteral("Degrees to the left:"),
                                                   QLineEdit::Normal, QStringLiteral("15"), &ok);
        if (const auto angle = ok ? parse_number(text, Unit::degree) : std::nullopt)
            place_selected(QStringLiteral("Turn by %1\u00b0").arg(*angle),
                           [a = *angle](Vec2 c) { return Placing::turn(c, a); });
    });
    act("Mirror left to right", "Ctrl+M", [this] {
        place_selected(QStringLiteral("Mirror"), [](Vec2 c) { return Placing::mirror(c, c + Vec2{0, 1}); });
    });
    act("Mirror top to bottom", "Ctrl+Shift+M", [this] {
        place_selected(QStringLiteral("Mirror"), [](Vec2 c) { return Placing::mirror(c, c + Vec2{1, 0}); });
    });
    act("Row of copies\u2026", "Ctrl+R", [this] { array_selected(); });
    act("Join rooms", "J", [this] { join_selected(); });
    act("Grow room\u2026", "", [this] { offset_selected(); });
    act("Add roof", "T", [this] { add_roof(); });
    act("Underlay\u2026", "", [this] { choose_underlay(); });
    act("Scale the underlay by a known distance", "", [this] { sheet_->set_tool(Tool::scale_underlay); });
    act("New storey", "", [this] { tree_->add_storey(false); });
    act("Storey above", "PgUp", [this] { document_.show_storey(document_.storey_index() + 1); });
    act("Storey below", "PgDown", [this] {
        if (document_.storey_index() > 0) document_.show_storey(document_.storey_index() - 1);
    });
    act("Find or do\u2026", "Ctrl+Space", [this] { open_palette(); });
    act("Find by name\u2026", "Ctrl+F", [this] { open_palette(); });
    act("Hide", "", [this] { model_view_->hide_items(document_.selected()); });
    act("Show only this", "", [this] { model_view_->show_only(document_.selected()); });
    act("Show all", "", [this] { model_view_->show_everything(); });
    act("Section box around the selection", "", [this] { model_view_->box_around(document_.selected()); });
    act("Keep this view\u2026", "", [this] { keep_view(); });
    act("Cut height of the plan\u2026", "", [this] {
        bool ok = false;
        const QString text =
            QInputDialog::getText(this, QStringLiteral("Cut height"), QStringLiteral("Above the floor:"),
                                  QLineEdit::Normal, QStringLiteral("%1 m").arg(sheet_->cut()), &ok);
        if (const auto v = ok ? parse_number(text, Unit::metre) : std::nullopt)
            sheet_->set_cut(std::clamp(*v, 0.0, 50.0));
    });
    QAction* sun = act("Sun and shade", "U", {});
    sun->disconnect();
    sun->setCheckable(true);
    connect(sun, &QAction::toggled, this, [this](bool on) {
        sun_wanted_ = on;
        refresh_sun();
    });
    const auto snap = [&](const char* text, bool geometry::SnapSettings::*which) {
        QAction* action = act(text, "", {});
        action->disconnect();
        action->setCheckable(true);
        action->setChecked(true);
        connect(action, &QAction::toggled, this, [this, which](bool on) { sheet_->snaps().*which = on; });
        snaps_menu_->addAction(action);
    };
    snap("Snap to grid", &geometry::SnapSettings::grid);
    snap("Snap to corners", &geometry::SnapSettings::ends);
    snap("Snap to middles", &geometry::SnapSettings::middles);
    snap("Snap onto walls", &geometry::SnapSettings::walls);
    snap("Snap square to walls", &geometry::SnapSettings::perpendicular);
    snap("Snap in line with corners", &geometry::SnapSettings::alignment);
    snap("Snap to other storeys", &geometry::SnapSettings::storeys);
}

void Window::offer_leftovers() {
    for (const auto& leftover : store::find_leftovers(recovery_folder())) {
        const QString name = leftover.project.empty() ? QStringLiteral("an unnamed project")
                                                      : QString::fromStdString(leftover.project.filename().string());
        QMessageBox box(QMessageBox::Question, QStringLiteral("Unsaved work found"),
                        QStringLiteral("Warm Pane ended without saving %1 (last kept %2).")
                            .arg(name, QString::fromStdString(leftover.when)),
                        QMessageBox::NoButton, this);
        auto* take = box.addButton(QStringLiteral("Take it up again"), QMessageBox::AcceptRole);
        auto* away = box.addButton(QStringLiteral("Throw it away"), QMessageBox::DestructiveRole);
        box.addButton(QStringLiteral("Later"), QMessageBox::RejectRole);
        box.exec();
        if (box.clickedButton() == away) store::discard(leftover);
        if (box.clickedButton() != take) continue;
        const auto project = store::read_leftover(leftover);
        if (!project) continue;
        document_.restore(*project, leftover.project);
        recovery_.keep(document_.project(), document_.path());
        store::discard(leftover);
        sheet_->fit();
        return;
    }
}

void Window::build_recovery() {
    keep_timer_.setSingleShot(true);
    keep_timer_.setInterval(kKeepAfter);
    connect(&keep_timer_, &QTimer::timeout, this, [this] {
        if (!document_.is_changed()) return recovery_.drop();
        if (const auto fault = recovery_.keep(document_.project(), document_.path()))
            hint_->setText(
                QStringLiteral("Unsaved work cannot be kept: %1").arg(QString::fromStdString(fault->line())));
    });
    connect(&document_, &Document::project_changed, this, [this] { keep_timer_.start(); });
    connect(&document_, &Document::path_changed, this, [this] { keep_timer_.start(); });
}

std::filesystem::path Window::unsaved_folder() { return recovery_folder(); }

}  // namespace wp::gui
