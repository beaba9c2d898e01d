// SPDX-License-Identifier: GPL-3.0-or-later
// Observers: placed in a room, and aimed.
#include "edit/lay.h"
#include "gui/tool/aim_tool.h"
#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

// Of somebody who sits, above the floor in metres; the usual heading is south.
constexpr double kEyeHeight = 1.2, kHeading = 180;

constexpr ToolTraits kObserver{QT_TRANSLATE_NOOP("QObject", "Observer"),
                               ToolGroup::places,
                               QT_TRANSLATE_NOOP("QObject", "Place observer"),
                               "eye",
                               "E",
                               QT_TRANSLATE_NOOP("QObject", "Place an observer"),
                               QT_TRANSLATE_NOOP("QObject", "seat view point glare")};
constexpr ToolTraits kAim{QT_TRANSLATE_NOOP("QObject", "Aim")};

class ObserverTool : public SheetTool {
 public:
    explicit ObserverTool(Sheet& sheet) : SheetTool(sheet, kObserver) {}
    QString hint() const override { return QObject::tr("Click where the observer's eye is"); }
    void press(const Pointing& pointing) override {
        const Storey* storey = sheet().storey();
        const Room* in = nullptr;
        if (storey != nullptr)
            for (const Room& room : storey->rooms)
                if (geometry::contains(room.footprint, pointing.place)) in = &room;
        if (in == nullptr) return emit sheet().hint(QObject::tr("An observer stands in a room: click inside one"));
        Observer o;
        o.room = in->id;
        o.eye = {pointing.place.x, pointing.place.y, storey->level + kEyeHeight};
        o.heading = kHeading;
        o.id = fresh_id(sheet().document().option(), "eye");
        o.name = QObject::tr("Observer ").toStdString() + o.id.substr(4);
        sheet().document().edit_option(QObject::tr("Place observer"),
                                       [&](Option& option) { option.observers.push_back(o); });
        sheet().rest();
        sheet().document().select({Kind::observer, o.id, -1});
    }
};

// At the middle of a thing or opening, else level.
Vec3 aim_at(const Project& project, Option& option, const Storey& storey, const Selection& under, Vec3 level) {
    if (const Thing* t = model::find(option.things, under.id))
        return {level.x, level.y,
                (t->storey.empty() ? project.site.ground_level : storey.level) + t->base + t->height / 2};
    if (const auto o = find_opening(option, under.id)) {
        const Vec2 a = edge_begin(*o.room, o.opening->edge), d = normalized(edge_end(*o.room, o.opening->edge) - a),
                   middle = a + d * (o.opening->along + o.opening->width / 2);
        return {middle.x, middle.y, o.storey->level + o.opening->sill + o.opening->height / 2};
    }
    return level;
}

}  // namespace

AimTool::AimTool(Sheet& sheet) : SheetTool(sheet, kAim) {}

QString AimTool::hint() const { return QObject::tr("Click what the observer looks at"); }

void AimTool::take_up_for(const Id& observer) {
    observer_ = observer;
    sheet().take_up(*this);
}

void AimTool::press(const Pointing& pointing) {
    const Selection under = sheet().pick(pointing.at);
    Document& document = sheet().document();
    document.edit_option(QObject::tr("Aim observer"), [&](Option& option) {
        Observer* eye = model::find(option.observers, observer_);
        if (eye == nullptr || sheet().storey() == nullptr) return;
        const auto directions = static_cast<int>(1 + eye->others.size());
        edit::aim(*eye, aim_at(document.project(), option, *sheet().storey(), under,
                               {pointing.place.x, pointing.place.y, eye->eye.z}));
        if (directions > 1) edit::look_around(*eye, directions);
    });
    sheet().rest();
    document.select({Kind::observer, observer_, -1});
}

SheetTool* make_observer_tool(Sheet& sheet) { return new ObserverTool(sheet); }
SheetTool* make_aim_tool(Sheet& sheet) { return new AimTool(sheet); }

}  // namespace wp::gui
