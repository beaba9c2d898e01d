// SPDX-License-Identifier: GPL-3.0-or-later
// Every room: what it is, maps, values with bands, its year, its blinds, how deep light reaches.
#include <algorithm>
#include <cmath>

#include "figure/year_rooms.h"
#include "geometry/depth_line.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "question/profile.h"
#include "question/year_over_time.h"
#include "report/book/sections.h"
#include "report/climate_charts.h"
#include "report/language/words.h"
#include "report/plan_map.h"
#include "report/profile_chart.h"
#include "report/verdict_mark.h"

namespace wp::report {

namespace {

using figure::Answers;

constexpr double kMapHeight = 190, kProfileStep = 0.1, kRoomNeeds = 560;
constexpr size_t kMapsInRow = 3;

/// A room of the option as it is told of.
struct RoomToTell {
    const model::Room* room = nullptr;
    size_t storey = 0;
    double floor_area = 0;
    const rule::Subject* subject = nullptr;  // its first drawn plane; null: it has none
};

double glass_area(const BookOption& of, const model::Id& room) {
    double area = 0;
    const auto& surfaces = *of.surfaces;
    for (const auto& portal : surfaces.portals) {
        const bool outdoors = portal.inside == geometry::kOutdoors || portal.outside == geometry::kOutdoors;
        const int space = portal.inside == geometry::kOutdoors ? portal.outside : portal.inside;
        if (outdoors && space >= 0 && portal.glazing >= 0 && surfaces.spaces[static_cast<size_t>(space)] == room)
            area += length(cross(portal.u, portal.v)) * portal.glass_share;
    }
    return area;
}

std::vector<std::pair<QString, QString>> room_facts(const BookOption& of, const RoomToTell& r) {
    const double glass = glass_area(of, r.room->id);
    std::vector<std::pair<QString, QString>> out{
        {QObject::tr("For"), r.room->use == model::RoomUse::unsaid
                                 ? QObject::tr("not said")
                                 : language::words(model::room_use(r.room->use).name)},
        {QObject::tr("Regularly occupied"), r.room->regularly_occupied ? QObject::tr("yes") : QObject::tr("no")},
        {QObject::tr("Floor"), fixed(r.floor_area, 1) + QStringLiteral(" m\u00b2")},
        {QObject::tr("Clear height"), fixed(r.room->height, 2) + QStringLiteral(" m")},
        {QObject::tr("Glass to the outside"),
         QObject::tr("%1 m\u00b2, %2 of the floor")
             .arg(fixed(glass, 1), share_text(r.floor_area > 0 ? glass / r.floor_area : 0))}};
    if (r.subject != nullptr)
        out.emplace_back(QObject::tr("Reference plane"),
                         QObject::tr("%1 m above the floor, points %2 m apart, %3 m from the walls")
                             .arg(fixed(r.subject->drawn.height, 2), fixed(r.subject->drawn.spacing, 2),
                                  fixed(r.subject->drawn.margin, 2)));
    out.emplace_back(QObject::tr("Note on glare"), given_name(r.room->glare_note));
    return out;
}

void tell_maps(Flow& flow, const HeldFacts& facts, const std::shared_ptr<const std::vector<BookMap>>& maps,
               const RoomToTell& r) {
    std::vector<Flow::Figure> row;
    const auto put = [&] {
        // Less than a full row: as wide as in one.
        while (row.size() < kMapsInRow && !row.empty()) row.push_back({[](QPainter&, const QRectF&) {}, {}});
        flow.figures(kMapHeight, row);
        row.clear();
    };
    for (size_t m = 0; m < maps->size(); ++m) {
        const BookMap& map = (*maps)[m];
        const auto layer = std::ranges::find_if(map.layers, [&](const auto& l) { return l.plane.room == r.room->id; });
        if (layer == map.layers.end()) continue;
        const auto figures = figures_of(*layer, {});
        const QString unit = map.unit.isEmpty() ? QString() : QStringLiteral(" ") + map.unit;
        const QString caption = QObject::tr("%1: mean %2, median %3, least %4")
                                    .arg(map.name, language::figures(figure(figures.mean).toStdString()) + unit,
                                         language::figures(figure(figures.median).toStdString()) + unit,
                                         language::figures(figure(figures.least).toStdString()) + unit);
        row.push_back({[facts, maps, m, room = r.room, storey = r.storey](QPainter& p, const QRectF& area) {
                           const BookMap& of = (*maps)[m];
                           draw_storey(p, area.adjusted(0, 0, 0, -50), *facts, facts->main(), storey, &of, room);
                           draw_legend(p, of.scale, QString(), of.unit, book_ink(),
                                       QRectF(area.left() + 8, area.bottom() - 46, area.width() - 16, 44));
                       },
                       caption});
        if (row.size() == kMapsInRow) put();
    }
    put();
}

// Where a year has the room's plane.
std::optional<size_t> plane_in_year(const Answers& answers, const RoomToTell& r) {
    if (answers.year == nullptr || r.subject == nullptr) return {};
    return figure::place_of(*answers.year, r.subject->plane, 0);
}

void tell_values(Flow& flow, const HeldFacts& facts, const RoomToTell& r) {
    const auto& of = facts->main();
    BookTable table;
    table.columns = {{QObject::tr("Figure"), 5}, {QObject::tr("Value (95 % band)"), 3, true}};
    figure::Wanted wanted;
    for (const char* id : {"daylight_factor", "sun_hours", "sky_share"}) {
        wanted.figure = id;
        const auto* point = figure::find_point_figure(id);
        if (r.subject == nullptr || point == nullptr) continue;
        for (const char* measure : {"mean", "median", "least"})
            if (const auto* m = figure::find_measure(measure))
                if (const auto band = m->find(of.answers, r.subject->plane, 0, wanted))
                    table.rows.push_back(
                        {QStringLiteral("%1, %2").arg(language::words(point->name), language::words(m->name)),
                         value_band(band->value, band->low, band->high, QString::fromUtf8(point->unit))});
    }
    if (const auto plane = plane_in_year(of.answers, r)) {
        const auto& year = *of.answers.year;
        const auto question = model::question_of(*facts->project, model::Question::Kind::year);
        const auto hours = question::occupied_hours(*facts->project, *of.option, question, r.room->id);
        for (const auto& f :
             figure::room_figures(year, *plane, question::limits_of(question), hours, question::Operation::control))
            table.rows.push_back(
                {language::words(f.name), value_band(f.value, f.low, f.high, QString::fromStdString(f.unit))});
    }
    if (table.rows.empty())
        flow.text(QObject::tr("Nothing was asked of this room."), Tone::faint);
    else
        flow.table(table);
}

void tell_year(Flow& flow, const HeldFacts& facts, const RoomToTell& r) {
    const auto plane = plane_in_year(facts->main().answers, r);
    if (!plane) return;
    const auto& year = *facts->main().answers.year;
    ClimateSeries series;
    series.name = QObject::tr("Mean illuminance of the plane");
    series.unit = QStringLiteral("lx");
    for (const float lux : question::year_of_plane(year, *plane, question::Operation::control))
        series.hours.push_back(static_cast<double>(lux));
    const double top = *std::ranges::max_element(series.hours);
    series.scale = {0, nice_top(std::max(top, 100.0)), false};
    const auto held = std::make_shared<const ClimateSeries>(std::move(series));
    flow.drawing(
        150, [held](QPainter& p, const QRectF& area) { draw_carpet(p, *held, book_ink(), area); },
        QObject::tr("%1 by day and hour, blinds as their groups are worked, %2").arg(held->name, held->unit));
    BookTable table;
    table.columns = {{QObject::tr("Window group"), 3},
                     {QObject::tr("Blinds"), 4},
                     {QObject::tr("Closed, of the daylit hours"), 2, true}};
    size_t lit = 0;
    for (const auto& hour : year.outdoor) lit += hour.daylit();
    for (const int g : year.planes[*plane].groups) {
        const auto& group = year.groups[static_cast<size_t>(g)];
        if (group.states.empty()) continue;
        const auto& states = year.states(static_cast<size_t>(g), question::Operation::control);
        size_t closed = 0;
        for (size_t h = 0; h < states.size(); ++h) closed += states[h] > 0 && year.outdoor[h].daylit();
        table.rows.push_back({language::words(group.name), language::words(model::control_name(group.control.kind)),
                              share_text(lit > 0 ? static_cast<double>(closed) / static_cast<double>(lit) : 0)});
    }
    flow.table(table);
}

void tell_profile(Flow& flow, const HeldFacts& facts, const std::vector<BookMap>& maps, const RoomToTell& r) {
    const auto map = std::ranges::find_if(maps, [&](const BookMap& m) {
        return m.unit == QStringLiteral("%") &&
               std::ranges::any_of(m.layers, [&](const auto& l) { return l.plane.room == r.room->id; });
    });
    if (map == maps.end()) return;
    const auto [from, to] = geometry::depth_line(*r.room);
    const double deep = length(to - from);
    if (deep < 4 * kProfileStep) return;
    std::vector<geometry::PlanePoints> planes;
    std::vector<std::vector<double>> values, widths;
    for (const auto& layer : map->layers) {
        if (layer.plane.room != r.room->id) continue;
        planes.push_back(layer.plane);
        values.push_back(layer.value);
        widths.emplace_back(layer.value.size(), 0.0);
    }
    ProfileChart chart;
    chart.curves.push_back(
        {map->name,
         question::profile(planes, values, widths, facts->main().option->storeys[r.storey].id, from, to, kProfileStep),
         false, true});
    chart.scale = map->scale;
    chart.unit = map->unit;
    chart.length = deep;
    const auto held = std::make_shared<const ProfileChart>(std::move(chart));
    flow.drawing(
        120, [held](QPainter& p, const QRectF& area) { draw_profile(p, *held, book_ink(), area); },
        QObject::tr("%1 into the room's depth, from the middle of its window wall").arg(map->name));
}

BookTable verdicts_of(const BookOption& of, const model::Id& room) {
    BookTable out;
    out.columns = {{QObject::tr("Criterion"), 5}, {QObject::tr("Verdict"), 2}, {QObject::tr("Level reached"), 2}};
    for (const auto& set : of.certified.sets)
        for (const auto& c : set.conclusions) {
            if (c.room != room) continue;
            BookCell name(language::words(set.set->name) + QStringLiteral(": ") + language::words(c.name)),
                state(state_name(c.state));
            name.leads_to = set_key(set.set->id);
            state.state = c.state;
            out.rows.push_back({name, state, language::words(c.level)});
        }
    return out;
}

}  // namespace

void tell_rooms(Flow& flow, const HeldFacts& facts) {
    const auto& of = facts->main();
    flow.heading(1, QObject::tr("Rooms"));
    tell_gaps(flow, of);
    const auto maps = std::make_shared<const std::vector<BookMap>>(maps_of(*facts, of));
    for (size_t storey = 0; storey < of.option->storeys.size(); ++storey) {
        const bool lit = std::ranges::any_of(*maps, [&](const BookMap& m) {
            return std::ranges::any_of(m.layers, [&](const auto& l) {
                return std::ranges::any_of(of.option->storeys[storey].rooms,
                                           [&](const auto& room) { return room.id == l.plane.room; });
            });
        });
        for (size_t m = 0; m < maps->size() && lit; ++m)
            flow.drawing(
                300,
                [facts, maps, m, storey](QPainter& p, const QRectF& area) {
                    const BookMap& map = (*maps)[m];
                    draw_storey(p, area.adjusted(0, 0, 0, -50), *facts, facts->main(), storey, &map);
                    draw_legend(p, map.scale, map.name, map.unit, book_ink(),
                                QRectF(area.center().x() - 200, area.bottom() - 46, 400, 44));
                },
                QStringLiteral("%1, %2").arg((*maps)[m].name, given_name(of.option->storeys[storey].name)));
    }
    const auto planes = question::planes_of(*of.option, {}, facts->project->site.north);
    const auto subjects = planes ? rule::subjects_of(*of.option, *planes, *of.surfaces) : std::vector<rule::Subject>();
    for (const auto& one : rule::rooms_of(*of.option)) {
        RoomToTell r;
        for (size_t s = 0; s < of.option->storeys.size(); ++s)
            for (const auto& room : of.option->storeys[s].rooms)
                if (room.id == one.room) r.room = &room, r.storey = s;
        if (r.room == nullptr) continue;
        r.floor_area = one.floor_area;
        for (const auto& subject : subjects)
            if (subject.plane.room == one.room && r.subject == nullptr &&
                !question::only_for_rules(*of.option, subject.plane.plane))
                r.subject = &subject;
        flow.keep(kRoomNeeds);
        flow.heading(2, given_name(one.name), room_key(one.room));
        flow.facts(room_facts(of, r));
        flow.table(verdicts_of(of, one.room));
        tell_maps(flow, facts, maps, r);
        tell_values(flow, facts, r);
        tell_year(flow, facts, r);
        tell_profile(flow, facts, *maps, r);
    }
}

}  // namespace wp::report
