// SPDX-License-Identifier: GPL-3.0-or-later
// The year of a room by day and hour, its typical days, and the months by hour of all rooms.
#include <algorithm>
#include <cmath>

#include "gui/compare/side_kinds.h"
#include "question/ask.h"
#include "question/year_over_time.h"
#include "report/language/words.h"
#include "report/side/plan_cell.h"
#include "report/side/year_cells.h"

namespace wp::gui {

namespace {

// Of each hour the mean over a room's plane, lux; empty where it was not asked.
std::vector<double> hours_of(const SideOption& of, const model::Id& room) {
    if (of.held.year == nullptr) return {};
    const auto& option = of.held.project->options[of.held.option];
    for (size_t i = 0; i < of.held.year->planes.size(); ++i) {
        const auto* plane = model::find(option.planes, of.held.year->planes[i].plane.plane);
        if (plane == nullptr || plane->room != room || question::only_for_rules(option, plane->id)) continue;
        const auto lux = question::year_of_plane(*of.held.year, i, question::Operation::control);
        return {lux.begin(), lux.end()};
    }
    return {};
}

QString room_name(const SideAsked& asked, const model::Id& room) {
    const auto place = model::find_room(asked.project->options[asked.options[asked.shown].held.option], room);
    return place ? QString::fromStdString(place.room->name) : QString();
}

void add_staleness(report::SideBoard& board, const SideAsked& asked) {
    for (size_t i = 0; i < asked.options.size(); ++i)
        if (board.cells[i].cell != nullptr && asked.options[i].is_year_stale)
            board.cells[i].note = QObject::tr("of the building as it was");
}

double most_of(const std::vector<std::vector<double>>& all) {
    double most = 0;
    for (const auto& hours : all)
        for (const double v : hours)
            if (!std::isnan(v)) most = std::max(most, std::fabs(v));
    return most;
}

// Of few hours the brightest are far above all others: what nearly all stay below tells more apart.
double usual_top(const std::vector<std::vector<double>>& all) {
    std::vector<double> lit;
    for (const auto& hours : all)
        for (const double v : hours)
            if (v > 1) lit.push_back(v);
    if (lit.empty()) return 100;
    const auto at = lit.begin() + static_cast<std::ptrdiff_t>(0.98 * static_cast<double>(lit.size() - 1));
    std::ranges::nth_element(lit, at);
    return *at;
}

report::TypicalDays typical(const std::vector<double>& hours) {
    return question::typical_days({hours.begin(), hours.end()});
}

}  // namespace

report::SideBoard side_hours(const SideAsked& asked) {
    auto out = side_frame(asked);
    std::vector<std::vector<double>> all;
    for (const auto& option : asked.options) all.push_back(hours_of(option, asked.room));
    if (asked.base) {
        const auto base = all[*asked.base];
        for (size_t i = 0; i < all.size(); ++i)
            for (size_t h = 0; h < all[i].size(); ++h)
                all[i][h] = base.empty() ? std::nan("") : i == *asked.base ? 0 : all[i][h] - base[h];
    }
    out.scale =
        asked.base ? report::difference_scale(most_of(all)) : report::Scale{0, report::nice_top(usual_top(all))};
    out.words = QObject::tr("%1: mean illuminance by day and hour").arg(room_name(asked, asked.room));
    if (asked.base) out.words = QObject::tr("%1, differences").arg(out.words);
    out.unit = QStringLiteral("lx");
    for (size_t i = 0; i < all.size(); ++i) {
        if (all[i].empty()) continue;
        auto cell = std::make_shared<report::HoursCell>();
        cell->hours = std::move(all[i]);
        cell->scale = *out.scale;
        cell->unit = out.unit;
        out.cells[i].cell = std::move(cell);
    }
    add_staleness(out, asked);
    return out;
}

report::SideBoard side_days(const SideAsked& asked) {
    auto out = side_frame(asked);
    std::vector<std::optional<report::TypicalDays>> days;
    double most = 1;
    for (const auto& option : asked.options) {
        const auto hours = hours_of(option, asked.room);
        days.push_back(hours.empty() ? std::nullopt : std::optional(typical(hours)));
        if (days.back())
            for (const auto& month : *days.back()) most = std::max(most, *std::ranges::max_element(month));
    }
    const auto limits = question::limits_of(model::question_of(*asked.project, model::Question::Kind::year));
    out.words = QObject::tr("%1: typical day of each month").arg(room_name(asked, asked.room));
    out.foot = QStringLiteral("%1, lx").arg(out.words);
    if (asked.base) out.foot += QStringLiteral("; ") + QObject::tr("dashed: %1").arg(out.cells[*asked.base].name);
    for (size_t i = 0; i < days.size(); ++i) {
        out.cells[i].note.clear();
        if (!days[i]) continue;
        auto cell = std::make_shared<report::DaysCell>();
        cell->days = *days[i];
        if (asked.base && asked.base != i) cell->base = days[*asked.base];
        cell->top = report::nice_top(most);
        cell->target = limits.target;
        cell->unit = QStringLiteral("lx");
        out.cells[i].cell = std::move(cell);
    }
    add_staleness(out, asked);
    return out;
}

report::SideBoard side_months(const SideAsked& asked) {
    auto out = side_frame(asked);
    // Rooms of the option that is shown that have a plane, in its order.
    std::vector<model::Id> rooms;
    const auto& shown = asked.project->options[asked.options[asked.shown].held.option];
    for (const auto& storey : shown.storeys)
        for (const auto& room : storey.rooms)
            if (std::ranges::any_of(shown.planes, [&](const auto& p) { return p.room == room.id; }))
                rooms.push_back(room.id);
    std::vector<std::vector<std::optional<report::TypicalDays>>> days;
    for (const auto& option : asked.options) {
        auto& of = days.emplace_back();
        for (const auto& room : rooms) {
            const auto hours = hours_of(option, room);
            of.push_back(hours.empty() ? std::nullopt : std::optional(typical(hours)));
        }
    }
    double most = 0;
    const auto base = asked.base ? days[*asked.base] : std::vector<std::optional<report::TypicalDays>>(rooms.size());
    for (auto& of : days)
        for (size_t r = 0; r < rooms.size(); ++r) {
            if (asked.base && !base[r]) of[r].reset();
            if (!of[r]) continue;
            for (size_t m = 0; m < 12; ++m)
                for (size_t h = 0; h < 24; ++h) {
                    double& value = (*of[r])[m][h];
                    if (asked.base) value -= (*base[r])[m][h];
                    most = std::max(most, std::fabs(value));
                }
        }
    out.scale = asked.base ? report::difference_scale(most) : report::Scale{0, report::nice_top(std::max(most, 1e-6))};
    out.words = QObject::tr("Mean illuminance, months across and hours up");
    if (asked.base) out.words = QObject::tr("%1, differences").arg(out.words);
    out.unit = QStringLiteral("lx");
    for (size_t i = 0; i < days.size(); ++i) {
        if (std::ranges::none_of(days[i], [](const auto& d) { return d.has_value(); })) continue;
        auto cell = std::make_shared<report::MonthsCell>();
        for (size_t r = 0; r < rooms.size(); ++r) cell->rooms.push_back({room_name(asked, rooms[r]), days[i][r]});
        cell->scale = *out.scale;
        cell->unit = out.unit;
        out.cells[i].cell = std::move(cell);
    }
    add_staleness(out, asked);
    return out;
}

}  // namespace wp::gui
