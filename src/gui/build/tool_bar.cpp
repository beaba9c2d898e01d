// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/build/tool_bar.h"

#include <QHBoxLayout>
#include <QMenu>

#include "gui/build/tool_table.h"
#include "gui/companion/model_view.h"
#include "gui/companion/wall_view.h"
#include "gui/look/look.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr Thing::Kind kKinds[] = {Thing::Kind::table, Thing::Kind::bench, Thing::Kind::shelf,
                                  Thing::Kind::box,   Thing::Kind::stair, Thing::Kind::ramp,
                                  Thing::Kind::tree,  Thing::Kind::fence, Thing::Kind::terrain};

QString word_of(Thing::Kind kind) {
    QString word = QString::fromLatin1(kind_name(kind));
    word[0] = word[0].toUpper();
    return kind == Thing::Kind::terrain ? QStringLiteral("Sloped ground") : word;
}

QToolButton* icon_button(const char* icon, const char* name, const char* tip, const char* spoken) {
    auto* button = new QToolButton;
    set_icon(button, QString::fromLatin1(icon));
    button->setObjectName(QString::fromLatin1(name));
    button->setToolTip(QString::fromLatin1(tip));
    button->setAccessibleName(QString::fromLatin1(spoken));
    return button;
}

}  // namespace

ToolBar::ToolBar(Desktop& desktop, BuildingCommands& commands)
    : QWidget(desktop.window()), desktop_(desktop), tools_(new QButtonGroup(this)) {
    setObjectName(QStringLiteral("bar"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(space::small, 0, space::small, space::tight);
    row->setSpacing(space::tight);
    add_tools(*row);
    auto* roof =
        icon_button("house", "add-roof", "A pitched roof over the storey, or over the selected rooms (T)", "Add roof");
    connect(roof, &QToolButton::clicked, &commands, &BuildingCommands::add_roof);
    row->addWidget(roof);
    row->addWidget(build_things());
    row->addStretch(1);
    row->addWidget(build_tint());
    auto* find = icon_button("search", "find", "Find a thing or a command (Ctrl+Space)", "Find or do");
    connect(find, &QToolButton::clicked, this, [this] {
        if (QAction* action = desktop_.commands().find(QStringLiteral("Find or do\u2026"))) action->trigger();
    });
    row->addWidget(find);
    row->addWidget(build_snaps());
    add_thing_commands();
    connect(&desktop.sheet(), &Sheet::tool_changed, this, [this](Tool tool) {
        if (auto* button = tools_->button(static_cast<int>(tool))) button->setChecked(true);
    });
}

void ToolBar::add_tools(QBoxLayout& row) {
    for (const ToolEntry& e : tool_table()) {
        const QString name = QString::fromLatin1(e.name);
        auto* button = icon_button(e.icon, "", "", e.name);
        button->setText(name);
        button->setToolButtonStyle(e.worded ? Qt::ToolButtonTextBesideIcon : Qt::ToolButtonIconOnly);
        button->setCheckable(true);
        button->setObjectName(
            QStringLiteral("tool-%1").arg(name.toLower().replace(QLatin1Char(' '), QLatin1Char('-'))));
        button->setToolTip(QStringLiteral("%1 (%2)").arg(QString::fromLatin1(e.tip), QString::fromLatin1(e.key)));
        tools_->addButton(button, static_cast<int>(e.tool));
        row.addWidget(button);
        desktop_.commands().add(
            CommandGroup::draw, QString::fromLatin1(e.command), QKeySequence(QString::fromLatin1(e.key)),
            [this, tool = e.tool] { desktop_.take_up(DeskKind::build, tool); }, QString::fromLatin1(e.also));
    }
    connect(tools_, &QButtonGroup::idClicked, this,
            [this](int id) { desktop_.take_up(DeskKind::build, static_cast<Tool>(id)); });
}

void ToolBar::place(Thing::Kind kind) {
    desktop_.go_to_desk(DeskKind::build);
    desktop_.sheet().place_things(kind);
    desktop_.sheet().setFocus();
}

void ToolBar::add_thing_commands() {
    auto& commands = desktop_.commands();
    commands.add(
        CommandGroup::draw, QStringLiteral("Place furniture"), QKeySequence(QStringLiteral("B")),
        [this] { place(desktop_.sheet().thing_kind()); }, QStringLiteral("desk table"));
    for (const Thing::Kind kind : kKinds)
        commands.add(CommandGroup::draw, QStringLiteral("Place: %1").arg(word_of(kind).toLower()), {},
                     [this, kind] { place(kind); });
    commands.add(
        CommandGroup::draw, QStringLiteral("Place: neighbouring block"), {},
        [this] { desktop_.take_up(DeskKind::build, Tool::block); }, QStringLiteral("context obstruction building"));
}

QToolButton* ToolBar::build_things() {
    auto* button = new QToolButton;
    set_icon(button, QStringLiteral("armchair"));
    button->setObjectName(QStringLiteral("things"));
    button->setToolTip(QStringLiteral("Furniture, stairs, trees, fences, neighbours, ground (B)"));
    button->setAccessibleName(QStringLiteral("Things"));
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    menu->setObjectName(QStringLiteral("things-menu"));
    for (const Thing::Kind kind : kKinds) {
        if (kind == Thing::Kind::stair || kind == Thing::Kind::tree) menu->addSeparator();
        auto* action = menu->addAction(word_of(kind), this, [this, kind] { place(kind); });
        action->setObjectName(QStringLiteral("place-%1").arg(QString::fromLatin1(kind_name(kind))));
    }
    auto* block = menu->addAction(QStringLiteral("Neighbouring block"), this,
                                  [this] { desktop_.take_up(DeskKind::build, Tool::block); });
    block->setObjectName(QStringLiteral("place-block"));
    button->setMenu(menu);
    return button;
}

QComboBox* ToolBar::build_tint() {
    auto* box = new QComboBox;
    box->setObjectName(QStringLiteral("tint"));
    box->setAccessibleName(QStringLiteral("Colour by"));
    box->setToolTip(QStringLiteral("What sheet, wall and model are coloured by"));
    box->addItems({QStringLiteral("Drawn plain"), QStringLiteral("By material"), QStringLiteral("By reflectance"),
                   QStringLiteral("By kind of part"), QStringLiteral("By what is assumed")});
    connect(box, &QComboBox::currentIndexChanged, this, [this](int i) {
        const auto by = static_cast<report::TintBy>(i);
        desktop_.sheet().set_tint(by);
        desktop_.part<WallView>().set_tint(by);
        desktop_.part<ModelView>().set_tint(by);
        desktop_.renew_map();
    });
    return box;
}

QToolButton* ToolBar::build_snaps() {
    auto* button = icon_button("magnet", "snaps", "What the pointer snaps to", "Snaps");
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    button->setMenu(menu);
    using geometry::SnapSettings;
    for (const auto& [text, which] : {std::pair{"Snap to grid", &SnapSettings::grid},
                                      {"Snap to corners", &SnapSettings::ends},
                                      {"Snap to middles", &SnapSettings::middles},
                                      {"Snap onto walls", &SnapSettings::walls},
                                      {"Snap square to walls", &SnapSettings::perpendicular},
                                      {"Snap in line with corners", &SnapSettings::alignment},
                                      {"Snap to other storeys", &SnapSettings::storeys}})
        menu->addAction(
            desktop_.commands().add_switch(CommandGroup::draw, QString::fromLatin1(text), {}, true,
                                           [this, which = which](bool on) { desktop_.sheet().snaps().*which = on; }));
    return button;
}

}  // namespace wp::gui
