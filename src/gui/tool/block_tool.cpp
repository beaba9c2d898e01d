// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/block_tool.h"

#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;

namespace {
// Neither side is shorter, in metres.
constexpr double kLeastSide = 0.1;
constexpr ToolTraits kBlock{QT_TRANSLATE_NOOP("QObject", "Block")};
}  // namespace

BlockTool::BlockTool(Sheet& sheet) : BoxTool(sheet, kBlock) {}

QString BlockTool::hint() const {
    return box_hint(QT_TRANSLATE_NOOP("QObject", "Click or drag the footprint of a neighbouring building"));
}

void BlockTool::finish_box(const std::vector<Vec2>& ring) {
    if (ring[2].x - ring[0].x < kLeastSide || ring[2].y - ring[0].y < kLeastSide) return;
    Document& document = sheet().document();
    Id made;
    document.edit_option(QObject::tr("Draw block"), [&](Option& option) {
        Block block;
        block.id = made = fresh_id(option, "block");
        block.name = QObject::tr("Neighbour ").toStdString() + block.id.substr(6);
        block.footprint = ring;
        block.base = document.project().site.ground_level;
        if (!option.blocks.empty()) {
            block.height = option.blocks.back().height;
            block.material = option.blocks.back().material;
        }
        option.blocks.push_back(std::move(block));
    });
    sheet().rest();
    document.select({Selection::Kind::block, made, -1});
}

SheetTool* make_block_tool(Sheet& sheet) { return new BlockTool(sheet); }

}  // namespace wp::gui
