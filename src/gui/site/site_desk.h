// SPDX-License-Identifier: GPL-3.0-or-later
// The Site desk: place, north and weather beside the plan, the sky from a point of it, or the climate.
#pragma once
#include <QButtonGroup>

#include "gui/desk/desktop.h"
#include "gui/site/climate_page.h"
#include "gui/site/site_panel.h"
#include "gui/site/sky_page.h"

namespace wp::gui {

class SiteDesk : public Desk {
    Q_OBJECT
 public:
    explicit SiteDesk(Desktop& desktop);

    QString title() const override { return QObject::tr("Site"); }
    QString tip() const override { return QObject::tr("Where the building stands: place, north, weather, sky"); }
    QString also() const override {
        return QObject::tr("orientation location latitude epw climate obstruction horizon");
    }
    QWidget* bar() override { return bar_; }
    QWidget* middle() override;
    QWidget* side() override { return panel_; }
    bool has_pages() const override { return false; }
    int middle_share() const override { return 62; }
    std::optional<Shown> shows() const override { return Shown::daylight_factor; }
    void enter() override;
    void leave() override;

 private:
    QWidget* build_bar();
    void mark_point();

    QWidget* bar_;
    QButtonGroup* views_;
    SkyPage* sky_;
    ClimatePage* climate_;
    SitePanel* panel_;
};

Desk* make_site_desk(Desktop& desktop);

}  // namespace wp::gui
