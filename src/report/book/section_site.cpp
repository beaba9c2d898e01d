// SPDX-License-Identifier: GPL-3.0-or-later
// Site and weather; plans and sections.
#include <algorithm>

#include "climate/statistics.h"
#include "geometry/elevation.h"
#include "report/book/sections.h"
#include "report/climate_charts.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/paper.h"
#include "report/section_drawing.h"

namespace wp::report {

namespace {

QString degrees(double value, const QString& plus, const QString& minus) {
    return QStringLiteral("%1\u00b0 %2").arg(fixed(std::fabs(value), 3), value >= 0 ? plus : minus);
}

std::vector<std::pair<QString, QString>> site_facts(const model::Site& site) {
    const QString hours = (site.time_zone >= 0 ? QStringLiteral("+") : QStringLiteral("\u2212")) +
                          language::number(std::fabs(site.time_zone));
    return {{QObject::tr("Site"), given_name(site.name)},
            {QObject::tr("Latitude"), degrees(site.latitude, QObject::tr("north"), QObject::tr("south"))},
            {QObject::tr("Longitude"), degrees(site.longitude, QObject::tr("east"), QObject::tr("west"))},
            {QObject::tr("Time zone"), QStringLiteral("UTC%1 h").arg(hours)},
            {QObject::tr("Above sea level"), fixed(site.elevation, 0) + QStringLiteral(" m")},
            {QObject::tr("Drawing's +y"), QObject::tr("%1\u00b0 clockwise from true north").arg(fixed(site.north, 1))},
            {QObject::tr("Ground"), site.ground_by_month.empty()
                                        ? QObject::tr("reflectance %1").arg(fixed(site.ground_reflectance, 2))
                                        : QObject::tr("reflectance by month")},
            {QObject::tr("Dirt on panes"), site.dirt > 0
                                               ? QObject::tr("takes %1 of the light").arg(share_text(site.dirt, 1))
                                               : QObject::tr("none: maintenance factor 1")}};
}

void tell_weather(Flow& flow, const climate::WeatherYear& weather) {
    flow.heading(2, QObject::tr("Weather"));
    const auto outdoor = std::make_shared<const std::vector<climate::OutdoorHour>>(climate::outdoor_year(weather));
    flow.facts(
        {{QObject::tr("File"), given_name(climate::weather_name(weather))},
         {QObject::tr("Measured at"),
          QStringLiteral("%1, %2").arg(degrees(weather.measured.latitude, QObject::tr("north"), QObject::tr("south")),
                                       degrees(weather.measured.longitude, QObject::tr("east"), QObject::tr("west")))},
         {QObject::tr("Years"), weather.first_year > 0
                                    ? QStringLiteral("%1 \u2013 %2").arg(weather.first_year).arg(weather.last_year)
                                    : QString()},
         {QObject::tr("Median diffuse"),
          QObject::tr("%1 lx, over the 4380 daylight hours").arg(fixed(climate::median_diffuse(*outdoor), 0))}});
    if (weather.made_up) flow.text(language::words(climate::kNoCertificate), Tone::warning);
    if (!weather.notes.empty()) flow.text(QObject::tr("Doubtful in it:"), Tone::strong);
    for (const auto& note : weather.notes) flow.text(QStringLiteral("\u2013 ") + language::words(note), Tone::body, 11);
    const auto series =
        std::make_shared<const ClimateSeries>(climate_series(weather, *outdoor, climate::Quantity::global_illuminance));
    flow.drawing(
        190, [series](QPainter& p, const QRectF& area) { draw_carpet(p, *series, book_ink(), area); },
        QObject::tr("%1 by day and hour, %2").arg(series->name, series->unit));
    flow.drawing(
        120, [series](QPainter& p, const QRectF& area) { draw_mean_days(p, *series, book_ink(), area); },
        QObject::tr("%1, the mean day of each month").arg(series->name));
}

// Cut through the middle of all rooms.
void tell_cuts(Flow& flow, const HeldFacts& facts) {
    const auto* option = facts->main().option;
    Vec2 low{1e9, 1e9}, high{-1e9, -1e9};
    for (const auto& storey : option->storeys)
        for (const auto& room : storey.rooms)
            for (const Vec2 p : room.footprint)
                low = {std::min(low.x, p.x), std::min(low.y, p.y)},
                high = {std::max(high.x, p.x), std::max(high.y, p.y)};
    if (low.x > high.x) return;
    const Vec2 middle = (low + high) * 0.5;
    const double out = option->outer_wall + 1;
    const std::pair<Vec2, Vec2> cuts[] = {{{low.x - out, middle.y}, {high.x + out, middle.y}},
                                          {{middle.x, low.y - out}, {middle.x, high.y + out}}};
    flow.heading(2, QObject::tr("Sections"));
    for (const auto& [from, to] : cuts) {
        const auto cut =
            std::make_shared<const geometry::Section>(geometry::cut_section(*facts->project, *option, from, to));
        const double wide = cut->high.x - cut->low.x, tall = std::max(cut->high.y - cut->low.y, 0.1);
        const double scale = std::min(flow.width() / wide, 230 / tall);
        flow.drawing(
            tall * scale + 20,
            [=](QPainter& p, const QRectF& area) {
                const auto place = [&](Vec2 at) {
                    return QPointF(area.left() + (at.x - cut->low.x) * scale,
                                   area.bottom() - 10 - (at.y - cut->low.y) * scale);
                };
                p.setClipRect(area);
                draw_section(p, *cut, *option, place, book_ink(), area);
            },
            QObject::tr("Cut through the middle, from x %1 m, y %2 m to x %3 m, y %4 m")
                .arg(fixed(from.x, 1), fixed(from.y, 1), fixed(to.x, 1), fixed(to.y, 1)));
    }
}

}  // namespace

void tell_site(Flow& flow, const HeldFacts& facts) {
    flow.heading(1, QObject::tr("Site and weather"));
    flow.facts(site_facts(facts->project->site));
    if (facts->weather != nullptr)
        tell_weather(flow, *facts->weather);
    else
        flow.text(QObject::tr("There is no weather file: nothing of the year was computed."), Tone::warning);
}

void tell_drawings(Flow& flow, const HeldFacts& facts) {
    flow.heading(1, QObject::tr("Plans and sections"));
    const auto& storeys = facts->main().option->storeys;
    for (size_t i = 0; i < storeys.size(); ++i) {
        if (storeys[i].rooms.empty()) continue;
        flow.heading(2, given_name(storeys[i].name));
        flow.drawing(380, [facts, i](QPainter& p, const QRectF& area) {
            draw_storey(p, area, *facts, facts->main(), i, nullptr);
        });
    }
    tell_cuts(flow, facts);
}

}  // namespace wp::report
