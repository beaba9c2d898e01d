// SPDX-License-Identifier: GPL-3.0-or-later
// The Build desk: the building is drawn, and the daylight factor paints itself meanwhile.
#include "gui/build/build_desk.h"

#include "gui/build/building_commands.h"
#include "gui/build/named_views.h"
#include "gui/build/sun_on_sheet.h"
#include "gui/build/tool_bar.h"
#include "gui/build/underlay_on_sheet.h"

namespace wp::gui {

namespace {

class BuildDesk : public Desk {
 public:
    explicit BuildDesk(Desktop& desktop) : Desk(desktop, DeskKind::build) {
        bar_ = new ToolBar(desktop, *new BuildingCommands(desktop));
        desktop.know(new NamedViews(desktop));
        desktop.know(new UnderlayOnSheet(desktop));
        new SunOnSheet(desktop);
    }
    QString title() const override { return QObject::tr("Build"); }
    QString tip() const override { return QObject::tr("Draw the building and choose what it is made of"); }
    QWidget* bar() override { return bar_; }
    // Figures that live stay on the sheet while one draws; answers to questions would only go stale.
    std::optional<Shown> shows() const override {
        return desktop().shown() == Shown::table ? std::optional<Shown>(Shown::daylight_factor) : std::nullopt;
    }
    void enter() override { desktop().sheet().set_use(SheetUse::draw); }
    void leave() override { desktop().sheet().set_use(SheetUse::look); }

 private:
    ToolBar* bar_;
};

}  // namespace

Desk* make_build_desk(Desktop& desktop) { return new BuildDesk(desktop); }

}  // namespace wp::gui
