// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/luminaire_tool.h"

#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr ToolTraits kLuminaire{QT_TRANSLATE_NOOP("QObject", "Luminaire")};

}  // namespace

LuminaireTool::LuminaireTool(Sheet& sheet) : PointTool(sheet, kLuminaire) {}

void LuminaireTool::place(const Id& type, int count, edit::Mount mount) {
    type_ = type;
    count_ = std::max(1, count);
    mount_ = mount;
    sheet().take_up(*this);
}

QString LuminaireTool::hint() const {
    if (count_ > 1)
        return begun() ? QObject::tr("Click where the row ends, or type length and angle")
                       : QObject::tr("Click where the row of %n luminaires begins", nullptr, count_);
    switch (mount_) {
        case edit::Mount::wall:
            return QObject::tr("Click near the wall that the luminaire hangs on");
        case edit::Mount::table:
            return QObject::tr("Click the table that the luminaire stands on");
        case edit::Mount::ceiling:
            break;
    }
    return QObject::tr("Click where the luminaire hangs; Esc ends");
}

void LuminaireTool::finish(const std::vector<Vec2>& points) {
    Document& document = sheet().document();
    if (sheet().storey() == nullptr || model::find(document.project().luminaire_types, type_) == nullptr) return;
    std::vector<Selection> made;
    document.edit_option(QObject::tr("Place luminaires"), [&](Option& o) {
        const Luminaire like = edit::next_luminaire(o, document.storey_index(), type_, points.front());
        // Of a kind that hangs there already the height stays; elsewhere it goes by what it hangs on.
        const auto all = count_ > 1 ? edit::luminaire_row(like, points.front(), points.back(), count_, true)
                                    : std::vector<Luminaire>{like};
        for (const Luminaire& one : all)
            made.push_back(
                edit::add_luminaire(o, mount_ == edit::Mount::ceiling ? one : edit::mounted(o, one, mount_)));
    });
    document.select_all(made);
}

SheetTool* make_luminaire_tool(Sheet& sheet) { return new LuminaireTool(sheet); }

}  // namespace wp::gui
