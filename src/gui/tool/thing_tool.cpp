// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/thing_tool.h"

#include <algorithm>
#include <cmath>

#include "edit/lay.h"
#include "gui/tool/tools.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr ToolTraits kThing{QT_TRANSLATE_NOOP("QObject", "Thing")};
// Stairs to another storey rise about this much a step, in metres.
constexpr double kRise = 0.175;

bool is_line(Thing::Kind kind) {
    return kind == Thing::Kind::stair || kind == Thing::Kind::ramp || kind == Thing::Kind::fence;
}

// Over the rectangle, or along the line, that was drawn.
void size_thing(Thing& t, Vec2 a, Vec2 b) {
    const Vec2 d = b - a;
    t.at = (a + b) * 0.5;
    if (!is_line(t.kind)) {
        t.width = std::fabs(d.x);
        t.length = std::fabs(d.y);
        return;
    }
    const double angle = degrees(std::atan2(d.y, d.x));
    const bool fence = t.kind == Thing::Kind::fence;
    (fence ? t.width : t.length) = length(d);
    t.turn = fence ? angle : angle - 90;
}

// Up to the floor above, where there is one.
void rise_to_next_storey(Thing& stair, const Option& option, size_t storey) {
    if (storey + 1 < option.storeys.size())
        stair.height = option.storeys[storey + 1].level - option.storeys[storey].level;
    stair.parts = std::max(2, static_cast<int>(std::lround(stair.height / kRise)));
}

// Of the usual size, or like the last of its kind, where only its place was given.
Thing new_thing(const Option& option, size_t on, Thing::Kind kind, const std::vector<Vec2>& points) {
    Thing thing = usual(kind);
    const Storey& storey = option.storeys[on];
    thing.at = points[0];
    if (points.size() > 1) size_thing(thing, points[0], points[1]);
    const bool indoors = std::any_of(storey.rooms.begin(), storey.rooms.end(),
                                     [&](const Room& r) { return geometry::contains(r.footprint, thing.at); });
    if (kind == Thing::Kind::stair && indoors) rise_to_next_storey(thing, option, on);
    if (points.size() == 1)
        for (const Thing& other : option.things)
            if (other.kind == kind) thing = other;
    thing.at = points.size() > 1 ? thing.at : points[0];
    thing.storey = !is_outdoors(kind) && indoors ? storey.id : Id();
    thing.extra.clear();
    return thing;
}

std::string fresh_name(const Option& option, Thing::Kind kind) {
    std::string word = kind_name(kind);
    word[0] = static_cast<char>(std::toupper(word[0]));
    const auto same =
        std::count_if(option.things.begin(), option.things.end(), [&](const Thing& t) { return t.kind == kind; });
    return word + " " + std::to_string(same + 1);
}

}  // namespace

ThingTool::ThingTool(Sheet& sheet) : BoxTool(sheet, kThing) {}

void ThingTool::place(Thing::Kind kind) {
    kind_ = kind;
    sheet().take_up(*this);
}

bool ThingTool::is_box() const { return !is_line(kind_) && kind_ != Thing::Kind::tree; }

// Sloped ground has no usual size.
bool ThingTool::is_one_click() const { return is_box() && kind_ != Thing::Kind::terrain; }

size_t ThingTool::points_needed() const { return kind_ == Thing::Kind::tree ? 1 : 2; }

QString ThingTool::hint() const {
    switch (kind_) {
        case Thing::Kind::tree:
            return QObject::tr("Click where the trunk stands");
        case Thing::Kind::stair:
        case Thing::Kind::ramp:
            return begun() ? QObject::tr("Click its top, or type length and angle")
                           : QObject::tr("Click the middle of its foot, then of its top");
        case Thing::Kind::fence:
            return begun() ? QObject::tr("Click its other end, or type length and angle")
                           : QObject::tr("Click one end of the fence");
        case Thing::Kind::terrain:
            return begun() ? QObject::tr("Click the opposite corner")
                           : QObject::tr(
                                 "Click or drag the sloped piece of ground; it rises upwards on the sheet "
                                 "until it is turned");
        default:
            return QObject::tr("Click to place one of the usual size, or drag its rectangle");
    }
}

void ThingTool::press(const Pointing& pointing) { is_box() ? BoxTool::press(pointing) : PointTool::press(pointing); }

void ThingTool::release(const Pointing& pointing) {
    const bool pressed = dragged_from_.has_value();
    BoxTool::release(pointing);
    if (pressed && begun() && is_one_click()) finish_points();
}

std::optional<SheetTool::Typing> ThingTool::typing() const {
    return is_box() ? BoxTool::typing() : PointTool::typing();
}

void ThingTool::typed(double first, std::optional<double> second) {
    is_box() ? BoxTool::typed(first, second) : PointTool::typed(first, second);
}

void ThingTool::paint_points(QPainter& painter, Vec2 here) const {
    is_box() ? BoxTool::paint_points(painter, here) : PointTool::paint_points(painter, here);
}

// One point is enough for what has a usual size.
void ThingTool::finish_points() {
    const auto points = std::move(points_);
    points_.clear();
    if (!points.empty()) finish(points);
    sheet().say_hint();
    sheet().update();
}

void ThingTool::finish(const std::vector<Vec2>& points) {
    if (sheet().storey() == nullptr) return;
    Document& document = sheet().document();
    Id made;
    document.edit_option(QObject::tr("Place %1").arg(language::words(kind_name(kind_))), [&](Option& option) {
        Thing thing = new_thing(option, document.storey_index(), kind_, points);
        thing.id = made = fresh_id(option, "thing");
        thing.name = fresh_name(option, kind_);
        option.things.push_back(within_reason(thing));
    });
    document.select({Selection::Kind::thing, made, -1});
}

SheetTool* make_thing_tool(Sheet& sheet) { return new ThingTool(sheet); }

}  // namespace wp::gui
