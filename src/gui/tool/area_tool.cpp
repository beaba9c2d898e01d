// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/area_tool.h"

#include "gui/tool/tools.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

// Neither side is shorter, in metres.
constexpr double kLeastArea = 0.05;

constexpr ToolTraits kArea{QT_TRANSLATE_NOOP("QObject", "Area")};

struct AreaWords {
    const char *edit, *hint;
};
AreaWords words_of(AreaTool::Of of) {
    switch (of) {
        case AreaTool::Of::plane:
            return {QT_TRANSLATE_NOOP("QObject", "Part of the room"),
                    QT_TRANSLATE_NOOP("QObject", "Click or drag the part that the plane covers")};
        case AreaTool::Of::left_out:
            return {QT_TRANSLATE_NOOP("QObject", "Leave a part out"),
                    QT_TRANSLATE_NOOP("QObject", "Click or drag the part that the plane leaves out")};
        case AreaTool::Of::lighting:
            return {QT_TRANSLATE_NOOP("QObject", "Lit part"),
                    QT_TRANSLATE_NOOP("QObject", "Click or drag the part that this electric light is for")};
    }
    return {};
}

}  // namespace

AreaTool::AreaTool(Sheet& sheet) : BoxTool(sheet, kArea) {}

void AreaTool::take_up_for(const Id& subject, Of of) {
    subject_ = subject;
    of_ = of;
    sheet().take_up(*this);
}

QString AreaTool::hint() const { return box_hint(words_of(of_).hint); }

void AreaTool::finish_box(const std::vector<Vec2>& ring) {
    if (ring[2].x - ring[0].x < kLeastArea || ring[2].y - ring[0].y < kLeastArea) return;
    sheet().document().edit_option(language::words(words_of(of_).edit), [&](Option& option) {
        auto* light = of_ == Of::lighting ? model::find(option.lighting, subject_) : nullptr;
        auto* plane = of_ == Of::lighting ? nullptr : model::find(option.planes, subject_);
        if (light != nullptr) light->area = ring;
        if (plane != nullptr && of_ == Of::plane) plane->area = ring;
        if (plane != nullptr && of_ == Of::left_out) plane->left_out.push_back(ring);
    });
    sheet().rest();
}

SheetTool* make_area_tool(Sheet& sheet) { return new AreaTool(sheet); }

}  // namespace wp::gui
