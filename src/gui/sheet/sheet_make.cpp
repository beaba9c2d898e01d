// SPDX-License-Identifier: GPL-3.0-or-later
// New things on the sheet: from points clicked or typed to rooms, openings, voids.
#include <algorithm>
#include <cmath>

#include "geometry/free_place.h"
#include "geometry/roof_shape.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

std::vector<Vec2> box(Vec2 a, Vec2 b) {
    const Vec2 low{std::min(a.x, b.x), std::min(a.y, b.y)}, high{std::max(a.x, b.x), std::max(a.y, b.y)};
    return {low, {high.x, low.y}, high, {low.x, high.y}};
}

}  // namespace

size_t Sheet::points_needed() const {
    switch (tool_) {
        case Tool::rooflight:
            return 1;
        case Tool::thing:
            return thing_kind_ == Thing::Kind::tree ? 1 : 2;
        case Tool::dimension:
            return 3;
        case Tool::outline:
        case Tool::measure:
            return 0;  // as many as are wanted
        default:
            return 2;
    }
}

void Sheet::add_point(Vec2 at) {
    if (tool_ == Tool::outline && arc_) {
        if (!arc_end_) {
            arc_end_ = at;
        } else {
            const auto arc = geometry::arc_points(points_.back(), *arc_end_, at);
            points_.insert(points_.end(), arc.begin(), arc.end());
            arc_ = false;
            arc_end_.reset();
        }
        say_hint();
        return update();
    }
    if (tool_ == Tool::outline && points_.size() >= 3 && length(at - points_.front()) * view_.scale < 12)
        return finish_points();
    if (!points_.empty() && length(at - points_.back()) < 0.02) return;
    points_.push_back(at);
    if (tool_ == Tool::scale_underlay && points_.size() == 2) return type_numbers({});
    if (points_needed() > 0 && points_.size() >= points_needed()) return finish_points();
    say_hint();
    update();
}

void Sheet::finish_points() {
    const auto points = std::move(points_);
    points_.clear();
    arc_ = false;
    arc_end_.reset();
    const size_t n = points.size();
    switch (tool_) {
        case Tool::rectangle:
            if (n == 2) make_room(box(points[0], points[1]));
            break;
        case Tool::outline:
            if (n >= 3) make_room(points);
            break;
        case Tool::partition:
            if (n == 2) make_partition(points[0], points[1]);
            break;
        case Tool::floor_void:
            if (n == 2) make_void(box(points[0], points[1]));
            break;
        case Tool::rooflight:
            if (n == 1) make_rooflight(points[0]);
            break;
        case Tool::split:
            if (n == 2) split_here(points[0], points[1]);
            break;
        case Tool::dimension:
            if (n == 3) make_dimension(points[0], points[1], points[2]);
            break;
        case Tool::thing:
            if (n >= 1) make_thing(points[0], n == 2 ? std::optional(points[1]) : std::nullopt);
            break;
        case Tool::block:
            if (n == 2) make_block(points[0], points[1]);
            break;
        case Tool::area:
            if (n == 2) make_area(points[0], points[1]);
            break;
        case Tool::section:
            if (n == 2) {
                section_ = std::pair{points[0], points[1]};
                set_tool(Tool::select);
                emit section_drawn(points[0], points[1]);
            }
            break;
        case Tool::profile:
            if (n == 2) {
                set_tool(Tool::select);
                emit profile_drawn(points[0], points[1]);
            }
            break;
        default:
            break;
    }
    say_hint();
    update();
}

// Typed figures: from the last point, towards the pointer where no angle is given.
void Sheet::typed(double first, std::optional<double> second) {
    if (tool_ == Tool::scale_underlay) {
        if (points_.size() == 2 && first > 0) {
            const auto points = points_;
            scale_underlay(points[0],
                           (points[1] - points[0]) * (1 / length(points[1] - points[0])) * first + points[0]);
        }
        return;
    }
    if (points_.empty()) return;
    const Vec2 from = points_.back(), here = view_.to_model(pointer_), towards = here - from;
    if (is_box()) {
        const Vec2 sign{towards.x < 0 ? -1.0 : 1.0, towards.y < 0 ? -1.0 : 1.0};
        return add_point(from + Vec2{sign.x * first, sign.y * second.value_or(first)});
    }
    double angle = second ? radians(*second) : std::atan2(towards.y, towards.x);
    // Without an angle, close to a multiple of 15 degrees is meant to be it.
    if (!second) {
        const double step = radians(15), nearest = std::round(angle / step) * step;
        if (std::fabs(angle - nearest) < radians(6)) angle = nearest;
    }
    add_point(from + Vec2{std::cos(angle), std::sin(angle)} * first);
}

void Sheet::make_room(std::vector<Vec2> footprint) {
    if (geometry::signed_area(footprint) < 0) std::reverse(footprint.begin(), footprint.end());
    if (geometry::signed_area(footprint) < 0.25 || geometry::crosses_itself(footprint))
        return emit hint(QStringLiteral("Too small, or the outline crosses itself: no room was drawn"));
    Selection made;
    document_.edit_option(QStringLiteral("Draw room"), [&](Option& option) {
        if (option.storeys.empty()) option.storeys.push_back(new_storey("ground", "Ground floor", 0));
        Storey& on = option.storeys[document_.storey_index()];
        Room room;
        room.id = fresh_id(option, "room");
        room.name = "Room " + room.id.substr(5);
        room.footprint = std::move(footprint);
        // Like the last room drawn; else by type.
        const Room* like = nullptr;
        for (const Storey& s : option.storeys)
            if (!s.rooms.empty() && (like == nullptr || &s == &on)) like = &s.rooms.back();
        if (like != nullptr) {
            room.floor = like->floor;
            room.walls = like->walls;
            room.ceiling = like->ceiling;
        }
        room.height = on.height;
        made = {Kind::room, room.id, -1};
        ReferencePlane plane;
        plane.room = room.id;
        on.rooms.push_back(std::move(room));
        plane.id = fresh_id(option, "plane");
        plane.name = "Desk height";
        option.planes.push_back(plane);
    });
    set_tool(Tool::select);
    document_.select(made);
}

void Sheet::make_opening(const WallSpot& spot) {
    Selection made;
    bool full = false;
    const auto kind = tool_ == Tool::window ? Opening::Kind::window
                      : tool_ == Tool::door ? Opening::Kind::door
                                            : Opening::Kind::opening_void;
    const char* word = tool_ == Tool::window ? "Place window" : tool_ == Tool::door ? "Place door" : "Place opening";
    document_.edit_option(QString::fromLatin1(word), [&](Option& option) {
        const auto place = find_room(option, spot.room);
        Opening o;
        o.id = fresh_id(option, kind == Opening::Kind::window ? "W" : "D");
        o.name = o.id;
        o.kind = kind;
        o.edge = spot.edge;
        o.width = kind == Opening::Kind::window ? 1.2 : 0.9;
        o.height = kind == Opening::Kind::window ? std::min(1.5, place.room->height - 1.0) : 2.1;
        o.sill = kind == Opening::Kind::window ? 0.9 : 0;
        o.reveal = kind == Opening::Kind::door ? 0.05 : o.reveal;
        o.blind = kind == Opening::Kind::window && document_.blinds_wanted();
        // Like the last one of its kind in the room, so that a row of windows is a row.
        for (const Opening& other : place.room->openings)
            if (other.kind == kind) {
                const Id id = o.id;
                o = other;
                o.id = o.name = id;
                o.edge = spot.edge;
                o.extra.clear();
            }
        o.along = std::round((spot.along - o.width / 2) * 20) / 20;
        geometry::keep_in_wall(option, *place.storey, *place.room, o);
        const double wall = length(model::edge_end(*place.room, o.edge) - model::edge_begin(*place.room, o.edge));
        const auto along = geometry::free_place(*place.room, o, wall);
        full = !along;
        if (full) return;
        o.along = *along;
        geometry::keep_in_wall(option, *place.storey, *place.room, o);
        place.room->openings.push_back(o);
        made = {Kind::opening, o.id, -1};
    });
    if (full) return emit hint(QStringLiteral("This wall has no room left for one so wide: none was placed"));
    document_.select(made);
}

void Sheet::make_observer(Vec2 at) {
    Selection made;
    document_.edit_option(QStringLiteral("Place observer"), [&](Option& option) {
        for (const Room& room : option.storeys[document_.storey_index()].rooms) {
            if (!geometry::contains(room.footprint, at)) continue;
            Observer o;
            o.id = fresh_id(option, "eye");
            o.name = "Observer " + o.id.substr(4);
            o.room = room.id;
            o.eye = {at.x, at.y, option.storeys[document_.storey_index()].level + 1.2};
            o.heading = 180;
            option.observers.push_back(o);
            made = {Kind::observer, o.id, -1};
        }
    });
    if (made.kind == Kind::none) return emit hint(QStringLiteral("An observer stands in a room: click inside one"));
    set_tool(Tool::select);
    document_.select(made);
}

void Sheet::make_partition(Vec2 a, Vec2 b) {
    if (length(b - a) < 0.05) return;
    Selection made;
    edit_storey(QStringLiteral("Draw partition"), [&](Option& option, Storey& on) {
        Partition wall;
        wall.id = fresh_id(option, "screen");
        wall.name = "Partition " + wall.id.substr(7);
        wall.from = a;
        wall.to = b;
        wall.height = on.partitions.empty() ? 1.5 : on.partitions.back().height;
        wall.thickness = on.partitions.empty() ? 0.1 : on.partitions.back().thickness;
        if (!on.partitions.empty()) wall.material = on.partitions.back().material;
        on.partitions.push_back(wall);
        made = {Kind::partition, wall.id, -1};
    });
    document_.select(made);
}

void Sheet::make_void(std::vector<Vec2> outline) {
    if (geometry::signed_area(outline) < 0.05) return;
    if (document_.storey_index() == 0)
        return emit hint(QStringLiteral("A floor void opens to the storey below: show an upper storey first"));
    Selection made;
    edit_storey(QStringLiteral("Draw floor void"), [&](Option& option, Storey& on) {
        FloorVoid hole;
        hole.id = fresh_id(option, "void");
        hole.name = "Void " + hole.id.substr(5);
        hole.outline = std::move(outline);
        on.voids.push_back(hole);
        made = {Kind::floor_void, hole.id, -1};
    });
    set_tool(Tool::select);
    document_.select(made);
}

void Sheet::make_rooflight(Vec2 at) {
    if (storey() == nullptr) return;
    Selection made;
    edit_storey(QStringLiteral("Place rooflight"), [&](Option& option, Storey& on) {
        Rooflight light;
        light.id = fresh_id(option, "R");
        if (!on.rooflights.empty()) {
            const Id id = light.id;
            light = on.rooflights.back();
            light.id = id;
            light.extra.clear();
        }
        light.name = light.id;
        light.centre = at;
        on.rooflights.push_back(light);
        made = {Kind::rooflight, light.id, -1};
    });
    document_.select(made);
}

void Sheet::split_here(Vec2 a, Vec2 b) {
    if (storey() == nullptr) return;
    const Vec2 middle = (a + b) * 0.5;
    for (const Room& room : storey()->rooms) {
        if (!geometry::contains(room.footprint, middle)) continue;
        Id made;
        const Id id = room.id;
        document_.edit_option(QStringLiteral("Split %1").arg(QString::fromStdString(room.name)), [&](Option& option) {
            made = geometry::split_room(option, document_.storey_index(), id, a, b);
        });
        if (made.empty()) return emit hint(QStringLiteral("The line must cut the room into two parts"));
        set_tool(Tool::select);
        return document_.select({Kind::room, made, -1});
    }
    emit hint(QStringLiteral("Draw the line across a room"));
}

void Sheet::make_dimension(Vec2 a, Vec2 b, Vec2 at) {
    if (length(b - a) < 0.02) return;
    Selection made;
    edit_storey(QStringLiteral("Place dimension"), [&](Option& option, Storey& on) {
        const Vec2 d = normalized(b - a);
        Dimension line{fresh_id(option, "dim"), a, b, dot(at - a, Vec2{-d.y, d.x})};
        on.dimensions.push_back(line);
        made = {Kind::dimension, line.id, -1};
    });
}

// The distance between the two points becomes that of a and b: the picture grows about the first.
void Sheet::scale_underlay(Vec2 a, Vec2 b) {
    const auto points = points_;
    points_.clear();
    const double factor = length(b - a) / length(points[1] - points[0]);
    edit_storey(QStringLiteral("Scale underlay"), [&](Option&, Storey& on) {
        on.underlay.place = a + (on.underlay.place - a) * factor;
        on.underlay.width *= factor;
    });
    set_tool(Tool::select);
}

}  // namespace wp::gui
