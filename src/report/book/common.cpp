// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "question/ask.h"
#include "question/ask_year.h"
#include "report/book/sections.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::report {

namespace {

constexpr const char* kYearMaps[] = {"autonomy", "udi_combined", "udi_exceeded", "direct_sun_hours"};
// Components of the daylight factor stand in its table, not on maps of their own.
constexpr const char* kTableMaps[] = {"daylight_factor", "illuminance", "sun_hours",   "sky_share",
                                      "view_angle",      "view_layers", "irradiation", "visible_sky_angle"};

// Where only the rules want a plane, its room has another that is drawn.
void keep_drawn(std::vector<MapLayer>& layers, const model::Option& option) {
    std::erase_if(layers, [&](const auto& layer) { return question::only_for_rules(option, layer.plane.plane); });
}

Scale scale_for(const std::vector<MapLayer>& layers, const std::string& unit, const std::string& id) {
    if (unit == "%" && id != "daylight_factor") return {0, 100, false};
    if (unit == "lx") return light_scale(layers);
    return {0, nice_top(std::max(1e-6, high_of(layers))), false};
}

void add(std::vector<BookMap>& out, const model::Option& option, const char* id, const char* name, const char* unit,
         std::vector<MapLayer> layers) {
    keep_drawn(layers, option);
    const bool any = std::ranges::any_of(
        layers, [](const auto& l) { return std::ranges::any_of(l.value, [](double v) { return std::isfinite(v); }); });
    if (!any) return;
    const Scale scale = scale_for(layers, unit, id);
    out.push_back({language::words(name), QString::fromUtf8(unit), std::move(layers), scale});
}

}  // namespace

QString given_name(const std::string& name) { return language::words(name); }

QString fixed(double value, int decimals) { return language::number(value, 'f', decimals); }

QString share_text(double share, int decimals) { return fixed(share * 100, decimals) + QStringLiteral(" %"); }

QString value_band(double value, double low, double high, const QString& unit) {
    const QString behind = unit.isEmpty() ? QString() : QStringLiteral(" ") + unit;
    const QString own = language::figures(figure(value).toStdString());
    if (!(high > low)) return own + behind;
    return QStringLiteral("%1 (%2 \u2013 %3)%4")
        .arg(own, language::figures(figure(low).toStdString()), language::figures(figure(high).toStdString()), behind);
}

void tell_gaps(Flow& flow, const BookOption& of) {
    const auto names = [](const std::vector<std::string>& all) {
        QStringList out;
        for (const auto& name : all) out << given_name(name);
        return out.join(QStringLiteral(", "));
    };
    if (!of.stale.empty())
        flow.text(QObject::tr("Left out, since the building has changed since it was asked: %1. Ask again.")
                      .arg(names(of.stale)),
                  Tone::warning);
    if (!of.missing.empty()) flow.text(QObject::tr("Not asked yet: %1.").arg(names(of.missing)), Tone::warning);
    if (of.settles)
        flow.text(QObject::tr("Some answers are still becoming surer: their bands are wider than wished."),
                  Tone::warning);
}

std::string room_key(const model::Id& room) { return "room:" + room; }
std::string set_key(const std::string& set) { return "set:" + set; }

std::vector<BookMap> maps_of(const BookFacts& facts, const BookOption& of) {
    std::vector<BookMap> out;
    for (const char* id : kTableMaps) {
        const auto* figure = figure::find_point_figure(id);
        const auto found = figure != nullptr ? of.answers.tables.find(figure->of) : of.answers.tables.end();
        if (found == of.answers.tables.end()) continue;
        const auto& columns = found->second->columns;
        for (size_t c = 0; c < columns.size(); ++c)
            if (columns[c].id.starts_with(figure->column)) {
                add(out, *of.option, id, figure->name, figure->unit, maps_of(*found->second, c));
                break;
            }
    }
    if (of.answers.year == nullptr) return out;
    const auto& year = *of.answers.year;
    std::vector<geometry::PlanePoints> planes;
    for (const auto& plane : year.planes) planes.push_back(plane.plane);
    const auto use = question::year_use(*facts.project, *of.option,
                                        model::question_of(*facts.project, model::Question::Kind::year), planes);
    for (const char* id : kYearMaps)
        if (const auto* figure = figure::find_year_point_figure(id))
            add(out, *of.option, id, figure->name, figure->unit, year_maps(year, *figure, use));
    return out;
}

void draw_storey(QPainter& painter, const QRectF& area, const BookFacts& facts, const BookOption& of, size_t storey,
                 const BookMap* map, const model::Room* room) {
    PlanScene scene;
    scene.option = of.option;
    scene.project = facts.project;
    scene.storey = storey;
    scene.north = facts.project->site.north;
    scene.show_below = false;
    scene.show_areas = map == nullptr;
    scene.dimensions = map == nullptr;
    if (map != nullptr) {
        // A room's own map tells of that room alone.
        for (const auto& layer : map->layers)
            if (room == nullptr || layer.plane.room == room->id) scene.maps.push_back(layer);
        scene.scale = map->scale;
        scene.unit = map->unit;
        scene.marks.values = room != nullptr;
    }
    PlanView view = PlanView::fit(*of.option, storey, area.adjusted(6, 6, -36, -30));
    if (room != nullptr) {
        scene.room_names = false;
        Vec2 low{1e9, 1e9}, high{-1e9, -1e9};
        for (const Vec2 p : room->footprint)
            low = {std::min(low.x, p.x), std::min(low.y, p.y)}, high = {std::max(high.x, p.x), std::max(high.y, p.y)};
        const double edge = of.option->outer_wall + 0.2, wide = high.x - low.x + 2 * edge,
                     deep = high.y - low.y + 2 * edge;
        view.scale = std::min(area.width() / wide, area.height() / deep);
        view.origin = QPointF(area.center().x() - (low.x + high.x) / 2 * view.scale,
                              area.center().y() + (low.y + high.y) / 2 * view.scale);
    }
    painter.setClipRect(area);
    draw_plan(painter, scene, view, book_ink(), area);
    if (room == nullptr) draw_scale_bar(painter, view, book_ink(), area, scene.north);
    painter.setClipping(false);
}

}  // namespace wp::report
