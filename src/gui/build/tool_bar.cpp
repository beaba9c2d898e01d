// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/build/tool_bar.h"

#include <QActionGroup>
#include <QHBoxLayout>
#include <QMenu>

#include "gui/companion/model_view.h"
#include "gui/companion/wall_view.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/tool/block_tool.h"
#include "gui/tool/thing_tool.h"
#include "report/language/language.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr Thing::Kind kKinds[] = {Thing::Kind::table, Thing::Kind::bench, Thing::Kind::shelf,
                                  Thing::Kind::box,   Thing::Kind::stair, Thing::Kind::ramp,
                                  Thing::Kind::tree,  Thing::Kind::fence, Thing::Kind::terrain};

QString word_of(Thing::Kind kind) {
    QString word = language::words(kind_name(kind));
    word[0] = word[0].toUpper();
    return kind == Thing::Kind::terrain ? QObject::tr("Sloped ground") : word;
}

}  // namespace

ToolBar::ToolBar(Desktop& desktop, BuildingCommands& commands)
    : QWidget(desktop.window()), desktop_(desktop), commands_(commands), tools_(new QButtonGroup(this)) {
    setObjectName(QStringLiteral("bar"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(space::small, 0, space::small, space::tight);
    row->setSpacing(space::tight);
    add_tools(*row);
    row->addStretch(1);
    row->addWidget(build_tint());
    auto* find =
        tool_button("search", "find", QObject::tr("Find"), QObject::tr("Find a thing or a command (Ctrl+Space)"));
    connect(find, &QToolButton::clicked, this, [this] {
        if (QAction* action = desktop_.commands().find(QObject::tr("Find or do\u2026"))) action->trigger();
    });
    row->addWidget(find);
    row->addWidget(build_snaps());
    add_thing_commands();
    connect(&desktop.sheet(), &Sheet::tool_changed, this, [this](const SheetTool* tool) {
        if (auto* button = buttons_.value(tool)) button->setChecked(true);
    });
}

void ToolBar::add_tools(QBoxLayout& row) {
    std::vector<SheetTool*> offered;
    for (SheetTool* tool : desktop_.sheet().tools())
        if (tool->traits().command != nullptr) offered.push_back(tool);
    const auto group = [](const SheetTool* tool) { return tool->traits().group; };
    std::stable_sort(offered.begin(), offered.end(), [&](auto* a, auto* b) { return group(a) < group(b); });
    for (size_t i = 0; i < offered.size(); ++i) {
        add_tool(row, *offered[i]);
        if (i + 1 < offered.size() && group(offered[i]) == group(offered[i + 1])) continue;
        if (group(offered[i]) == ToolGroup::openings) row.addWidget(build_roof());
        if (group(offered[i]) == ToolGroup::places) row.addWidget(build_things());
        row.addSpacing(space::small);
    }
}

void ToolBar::add_tool(QBoxLayout& row, SheetTool& tool) {
    const ToolTraits& traits = tool.traits();
    const QString name = language::words(traits.name), key = QString::fromLatin1(traits.key);
    auto* button = tool_button(traits.icon, "", name, QStringLiteral("%1 (%2)").arg(language::words(traits.tip), key));
    button->setCheckable(true);
    button->setObjectName(language::object_name("tool", QString::fromLatin1(traits.name)));
    tools_->addButton(button);
    buttons_.insert(&tool, button);
    row.addWidget(button);
    const auto take_up = [this, &tool] { desktop_.take_up(tool); };
    connect(button, &QToolButton::clicked, this, take_up);
    desktop_.commands().add(CommandGroup::draw, language::words(traits.command), QKeySequence(key), take_up,
                            language::words(traits.also));
}

void ToolBar::place(Thing::Kind kind) {
    auto& tool = desktop_.sheet().tool<ThingTool>();
    tool.place(kind);
    desktop_.take_up(tool);
}

void ToolBar::add_thing_commands() {
    auto& commands = desktop_.commands();
    commands.add(
        CommandGroup::draw, QObject::tr("Place furniture"), QKeySequence(QStringLiteral("B")),
        [this] { place(desktop_.sheet().tool<ThingTool>().kind()); }, QObject::tr("desk table"));
    for (const Thing::Kind kind : kKinds)
        commands.add(CommandGroup::draw, QObject::tr("Place: %1").arg(language::words(kind_name(kind))), {},
                     [this, kind] { place(kind); });
    commands.add(
        CommandGroup::draw, QObject::tr("Place: neighbouring block"), {}, [this] { desktop_.take_up<BlockTool>(); },
        QObject::tr("context obstruction building"));
}

QToolButton* ToolBar::build_roof() {
    auto* roof = tool_button("house", "add-roof", QObject::tr("Roof"),
                             QObject::tr("A pitched roof over the storey, or over the selected rooms (T)"));
    connect(roof, &QToolButton::clicked, &commands_, &BuildingCommands::add_roof);
    return roof;
}

QToolButton* ToolBar::build_things() {
    auto* button = tool_button("armchair", "things", QObject::tr("Things"),
                               QObject::tr("Furniture, stairs, trees, fences, neighbours, ground (B)"));
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    menu->setObjectName(QStringLiteral("things-menu"));
    for (const Thing::Kind kind : kKinds) {
        if (kind == Thing::Kind::stair || kind == Thing::Kind::tree) menu->addSeparator();
        auto* action = menu->addAction(word_of(kind), this, [this, kind] { place(kind); });
        action->setObjectName(QStringLiteral("place-%1").arg(QString::fromLatin1(kind_name(kind))));
    }
    auto* block = menu->addAction(QObject::tr("Neighbouring block"), this, [this] { desktop_.take_up<BlockTool>(); });
    block->setObjectName(QStringLiteral("place-block"));
    button->setMenu(menu);
    return button;
}

QToolButton* ToolBar::build_tint() {
    auto* button = tool_button("swatch-book", "tint", QObject::tr("Colour by"),
                               QObject::tr("What sheet, wall and model are coloured by"));
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    auto* group = new QActionGroup(menu);
    for (const auto& [by, name] : {std::pair{report::TintBy::nothing, QObject::tr("Plain")},
                                   {report::TintBy::material, QObject::tr("By material")},
                                   {report::TintBy::reflectance, QObject::tr("By reflectance")},
                                   {report::TintBy::part, QObject::tr("By part")},
                                   {report::TintBy::assumed, QObject::tr("By assumption")}}) {
        QAction* action = desktop_.commands().add(CommandGroup::view, QObject::tr("Colour: %1").arg(name), {},
                                                  [this, by = by] { colour_by(by); });
        action->setObjectName(QStringLiteral("tint-%1").arg(static_cast<int>(by)));
        action->setCheckable(true);
        action->setChecked(by == report::TintBy::nothing);
        group->addAction(action);
        menu->addAction(action);
    }
    button->setMenu(menu);
    return button;
}

void ToolBar::colour_by(report::TintBy by) {
    desktop_.sheet().set_tint(by);
    desktop_.part<WallView>().set_tint(by);
    desktop_.part<ModelView>().set_tint(by);
    desktop_.renew_map();
}

QToolButton* ToolBar::build_snaps() {
    auto* button = tool_button("magnet", "snaps", QObject::tr("Snaps"), QObject::tr("What the pointer snaps to"));
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    button->setMenu(menu);
    using geometry::SnapSettings;
    for (const auto& [text, which] :
         {std::pair{QT_TRANSLATE_NOOP("QObject", "Snap to grid"), &SnapSettings::grid},
          {QT_TRANSLATE_NOOP("QObject", "Snap to corners"), &SnapSettings::ends},
          {QT_TRANSLATE_NOOP("QObject", "Snap to middles"), &SnapSettings::middles},
          {QT_TRANSLATE_NOOP("QObject", "Snap onto walls"), &SnapSettings::walls},
          {QT_TRANSLATE_NOOP("QObject", "Snap square to walls"), &SnapSettings::perpendicular},
          {QT_TRANSLATE_NOOP("QObject", "Snap in line with corners"), &SnapSettings::alignment},
          {QT_TRANSLATE_NOOP("QObject", "Snap to other storeys"), &SnapSettings::storeys}})
        menu->addAction(
            desktop_.commands().add_switch(CommandGroup::draw, language::words(text), {}, true,
                                           [this, which = which](bool on) { desktop_.sheet().snaps().*which = on; }));
    return button;
}

}  // namespace wp::gui
