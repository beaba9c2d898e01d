// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/subjects.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/ask_year.h"

namespace wp::rule {

namespace {

using geometry::Portal;
using geometry::Surfaces;
using LitBy = model::Criterion::LitBy;

constexpr double kSame = 0.0051;  // metres: as it is typed
constexpr double kLevel = 0.966;  // cosine of 15 degrees: an opening no steeper lies level

bool leads_out(const Portal& p) { return p.outside == geometry::kOutdoors && p.glazing >= 0; }

bool shares_air(const Surfaces& surfaces, int a, int b) {
    if (a == b) return true;
    if (surfaces.air.empty() || a < 0 || b < 0) return false;
    return surfaces.air[static_cast<size_t>(a)] == surfaces.air[static_cast<size_t>(b)];
}

LitBy lit_by(const Surfaces& surfaces, int space) {
    bool level = false, steep = false;
    for (const Portal& p : surfaces.portals)
        if (leads_out(p) && shares_air(surfaces, p.inside, space))
            (std::fabs(normalized(cross(p.u, p.v)).z) >= kLevel ? level : steep) = true;
    return level && !steep ? LitBy::roof : LitBy::walls;
}

std::vector<std::string> without_blind(const model::Option& option, const Surfaces& surfaces, int space) {
    std::vector<std::string> out;
    for (const Portal& p : surfaces.portals) {
        if (!leads_out(p) || p.inside != space || p.blind) continue;
        const std::string name = question::window_name(option, p.opening);
        if (std::ranges::find(out, name) == out.end()) out.push_back(name);
    }
    return out;
}

double longer_side(const geometry::PlanePoints& plane, double margin) {
    return std::max(plane.dx * plane.columns, plane.dy * plane.rows) + 2 * margin;
}
double longer_side(const model::Room& room) {
    Vec2 low{1e9, 1e9}, high{-1e9, -1e9};
    for (const Vec2& p : room.footprint) {
        low = {std::min(low.x, p.x), std::min(low.y, p.y)};
        high = {std::max(high.x, p.x), std::max(high.y, p.y)};
    }
    return room.footprint.empty() ? 0 : std::max(high.x - low.x, high.y - low.y);
}

}  // namespace

std::vector<Subject> subjects_of(const model::Option& option, const std::vector<geometry::PlanePoints>& planes,
                                 const Surfaces& surfaces) {
    const auto names = question::plane_names(option, planes);
    const auto occupied = question::occupied_planes(option, planes);
    std::vector<Subject> out;
    for (size_t p = 0; p < planes.size(); ++p) {
        Subject subject;
        subject.plane = planes[p];
        subject.name = subject.room = names[p];
        subject.occupied = occupied[p];
        if (const auto* drawn = model::find(option.planes, planes[p].plane)) {
            subject.is_drawn = true;
            subject.drawn = *drawn;
        }
        if (const auto place = model::find_room(option, planes[p].room)) {
            subject.room = place.room->name;
            subject.use = model::room_use(place.room->use).word;
            subject.regularly_occupied = place.room->regularly_occupied;
            subject.glare_note = place.room->glare_note;
            if (subject.drawn.area.empty())
                subject.floor_area = geometry::floor_area(option, *place.storey, *place.room);
            subject.lit_by = lit_by(surfaces, planes[p].space);
            subject.without_blind = without_blind(option, surfaces, planes[p].space);
        }
        out.push_back(std::move(subject));
    }
    return out;
}

std::vector<RoomFacts> rooms_of(const model::Option& option) {
    std::vector<RoomFacts> out;
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms)
            out.push_back({room.id, room.name, model::room_use(room.use).word,
                           geometry::floor_area(option, storey, room), longer_side(room), room.regularly_occupied});
    return out;
}

bool wants_room(const model::Criterion& c, const std::string& use, bool regularly_occupied) {
    return (regularly_occupied || !c.regularly_occupied) &&
           (c.uses.empty() || std::ranges::find(c.uses, use) != c.uses.end());
}

std::map<model::Id, metric::Hours> room_hours(const model::Project& project, const model::Option& option) {
    const auto year = model::question_of(project, model::Question::Kind::year);
    std::map<model::Id, metric::Hours> out;
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms)
            if (!room.occupancy.empty()) out[room.id] = question::occupied_hours(project, option, year, room.id);
    return out;
}

double spacing_of(const model::RulePlane& rule, double d) {
    if (rule.by == model::RulePlane::Spacing::fixed) return rule.spacing;
    return std::min(10.0, 0.5 * std::pow(5.0, std::log10(std::max(d, 0.01))));
}

std::string misfit(const model::RulePlane& rule, const Subject& subject) {
    if (!subject.is_drawn) return {};
    const model::ReferencePlane& p = subject.drawn;
    if (p.on != model::ReferencePlane::On::floor || p.turned_over) return "it does not lie over the floor, facing up";
    if (std::fabs(p.height - rule.height) > kSame)
        return fmt::format("it stands at {:.2f} m, and {:.2f} m are asked for", p.height, rule.height);
    if (p.margin < rule.margin_least - kSame || p.margin > rule.margin_most + kSame)
        return fmt::format("its margin is {:.2f} m, and {} {:.2f} m is asked for", p.margin,
                           rule.margin_least < kSame                          ? "at most"
                           : rule.margin_most - rule.margin_least < 2 * kSame ? "one of"
                                                                              : "at least",
                           rule.margin_least < kSame ? rule.margin_most : rule.margin_least);
    const double most = spacing_of(rule, longer_side(subject.plane, p.margin));
    const double apart = std::max(subject.plane.dx, subject.plane.dy);
    if (apart > most + kSame)
        return fmt::format("its points are {:.2f} m apart, and at most {:.2f} m are asked for", apart, most);
    return {};
}

}  // namespace wp::rule
