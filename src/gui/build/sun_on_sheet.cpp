// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/build/sun_on_sheet.h"

#include "climate/sun.h"

namespace wp::gui {

SunOnSheet::SunOnSheet(Desktop& desktop) : QObject(desktop.window()), desktop_(desktop) {
    connect(&desktop.document(), &Document::project_changed, this, &SunOnSheet::renew);
    connect(&desktop.document(), &Document::moment_changed, this, &SunOnSheet::renew);
    connect(&worker_, &SunShade::found, this,
            [this](const std::shared_ptr<const question::SunPatches>& patches, double altitude) {
                show(*patches, altitude);
            });
    desktop.commands().add_switch(
        CommandGroup::view, QObject::tr("Sun and shade"), QKeySequence(QStringLiteral("U")), false,
        [this](bool on) {
            wanted_ = on;
            renew();
        },
        QObject::tr("shadow sunlight patches insolation"));
}

void SunOnSheet::renew() {
    if (!wanted_ || desktop_.document().option().storeys.empty()) {
        model().show_sun({});
        return desktop_.sheet().show_sun({}, {}, {});
    }
    const auto& site = desktop_.document().project().site;
    const auto sun = climate::sun_position({site.latitude, site.longitude, site.time_zone, site.elevation},
                                           desktop_.document().moment());
    // The drawing's +y stands at the azimuth site.north.
    const Vec3 to_sun = direction(sun.azimuth - radians(site.north), sun.altitude);
    model().show_sun(to_sun);
    worker_.request(desktop_.document().snapshot(), desktop_.document().option_index(),
                    desktop_.document().storey_index(), to_sun, desktop_.document().moment().month);
}

void SunOnSheet::show(const question::SunPatches& patches, double altitude) {
    if (!wanted_) return;
    QImage picture(patches.columns, patches.rows, QImage::Format_ARGB32_Premultiplied);
    picture.fill(Qt::transparent);
    const QColor lit(255, 214, 120, 120), shade(40, 30, 60, altitude > 0 ? 46 : 0);
    for (int y = 0; y < patches.rows; ++y)
        for (int x = 0; x < patches.columns; ++x) {
            const float share =
                patches.share[static_cast<size_t>(y) * static_cast<size_t>(patches.columns) + static_cast<size_t>(x)];
            if (share < 0) continue;
            QColor c = share > 0 ? lit : shade;
            if (share > 0) c.setAlphaF(0.2f + 0.3f * share);
            picture.setPixelColor(x, patches.rows - 1 - y, c);
        }
    desktop_.sheet().show_sun(picture, patches.low, patches.high);
    if (altitude <= 0) desktop_.say(QObject::tr("The sun is below the horizon at this moment"));
}

}  // namespace wp::gui
