// SPDX-License-Identifier: GPL-3.0-or-later
// The model check beyond the drawing: matter, things, planes, observers, sizes, moments.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "check/check_parts.h"
#include "climate/sun.h"
#include "climate/weather.h"
#include "edit/items.h"
#include "geometry/block_shape.h"
#include "geometry/finishes.h"
#include "geometry/plane_points.h"
#include "geometry/roof_shape.h"
#include "model/project.h"
#include "shading/shade.h"

namespace wp::check {
using Kind = ModelFault::Kind;

namespace {

constexpr double kCut = 0.02;  // square metres that things may share with a wall
constexpr size_t kShown = 40;  // items that one line names at most

std::string plural(size_t n, const char* one, const char* many) { return fmt::format("{} {}", n, n == 1 ? one : many); }

std::string lower(std::string text) {
    if (!text.empty() && text[0] >= 'A' && text[0] <= 'Z') text[0] = static_cast<char>(text[0] - 'A' + 'a');
    return text;
}

std::string metres(double v) {
    return v < 0.1     ? fmt::format("{:.3g} mm", 1000 * v)
           : v >= 1000 ? fmt::format("{:.4g} km", v / 1000)
                       : fmt::format("{:.3g} m", v);
}

class MatterCheck {
 public:
    MatterCheck(const Project& project, const Option& option, bool blinds)
        : project_(project), option_(option), blinds_wanted_(blinds) {}

    std::vector<ModelFault> run() {
        matter();
        for (size_t s = 0; s < option_.storeys.size(); ++s) check_storey(s);
        blinds();
        for (const Block& block : option_.blocks) check_block(block);
        for (const Thing& thing : option_.things) check_thing(thing);
        for (const ReferencePlane& plane : option_.planes) check_plane(plane);
        for (const Observer& eye : option_.observers) check_observer(eye);
        for (const Luminaire& luminaire : option_.luminaires) check_luminaire(luminaire);
        for (const Question& question : project_.questions) check_moment(question);
        return std::move(out_);
    }

 private:
    ModelFault& add(Kind kind, size_t storey, Vec2 place, Items items, std::string what, std::string mend = {}) {
        return out_.emplace_back(
            ModelFault{kind, storey, place, std::move(items), std::move(what), std::move(mend), {}, Part::wall});
    }
    size_t storey_with(const Items& items) const {
        for (const Item& item : items)
            if (const size_t s = storey_of(option_, item); s < option_.storeys.size()) return s;
        return 0;
    }
    // Of the first that has a place.
    Vec2 place_of(const Items& items) const {
        for (const Item& item : items)
            if (const auto at = middle_of(option_, {item})) return *at;
        return {};
    }

    void matter() {
        struct Use {
            Items items;
            size_t count = 0;
        };
        std::map<Part, Use> missing;
        std::map<Id, std::pair<Use, std::map<Part, size_t>>> used;
        const auto note = [](Use& use, const Item& item) {
            ++use.count;
            if (use.items.size() < kShown && (use.items.empty() || !(use.items.back() == item)))
                use.items.push_back(item);
        };
        each_finish(project_, option_, [&](Part part, const Item& item, const Finish& finish) {
            if (finish.material == nullptr) return note(missing[part], item);
            auto& [use, parts] = used[finish.id];
            note(use, item);
            ++parts[part];
        });
        for (const auto& [part, use] : missing) {
            const Material m = assumed_for(part);
            auto& fault = add(Kind::no_material, storey_with(use.items), place_of(use.items), use.items,
                              fmt::format("{}: {} {} no material; {:.0f} % is assumed.", part_name(part),
                                          plural(use.count, "surface", "surfaces"), use.count == 1 ? "has" : "have",
                                          100 * figure_of(m)),
                              fmt::format("Use the value of IES LM-83, {:.0f} %", 100 * figure_of(m)));
            fault.part = part;
        }
        for (const auto& [id, rest] : used)
            if (const Material* m = find(project_.materials, id)) {
                const Items& items = rest.first.items;
                if (const auto wrong = impossible(*m); !wrong.empty())
                    add(Kind::impossible_material, storey_with(items), place_of(items), items,
                        fmt::format("{} {}.", m->name, wrong), "Limit it to what is possible")
                        .subject = id;
            }
        for (const auto& [id, rest] : used)
            if (const Material* m = find(project_.materials, id); m != nullptr && m->assumed) {
                std::string parts;
                for (const auto& [part, n] : rest.second)
                    parts += fmt::format("{}{} ({})", parts.empty() ? "" : ", ", lower(part_name(part)), n);
                auto& fault =
                    add(Kind::assumed, storey_with(rest.first.items), place_of(rest.first.items), rest.first.items,
                        fmt::format("{} is assumed for {}. Source: {}.", m->name, parts, m->source));
                fault.subject = id;
                fault.part = rest.second.begin()->first;
            }
        if (project_.site.dirt == 0 && std::ranges::any_of(used, [&](const auto& u) {
                const Material* m = find(project_.materials, u.first);
                return m != nullptr && m->kind == Material::Kind::glazing;
            }))
            add(Kind::assumed, 0, {}, {},
                "No dirt is assumed on glass: maintenance factor 1. The Site desk has figures for it.");
    }

    void check_storey(size_t s) {
        for (const Room& room : option_.storeys[s].rooms) check_room(s, room);
        for (const Rooflight& light : option_.storeys[s].rooflights)
            check_shading(s, {Item::Kind::rooflight, light.id, -1});
    }

    void check_room(size_t s, const Room& room) {
        const Item item{Item::Kind::room, room.id, -1};
        const Vec2 at = middle(room.footprint);
        if (signed_area(room.footprint) < 0)
            add(Kind::inside_out, s, at, {item},
                fmt::format("{} is drawn clockwise: its faces look outwards.", room.name), "Reverse its outline");
        if (const double factor = likely_factor(room.height, 1.5, 60); factor != 1)
            add(Kind::odd_size, s, at, {item}, fmt::format("{} is {} high.", room.name, metres(room.height)),
                fmt::format("Make it {}", metres(room.height * factor)));
        const bool has_plane = std::any_of(option_.planes.begin(), option_.planes.end(), [&](const ReferencePlane& p) {
            return p.room == room.id && p.on == ReferencePlane::On::floor;
        });
        if (!has_plane)
            add(Kind::room_without_plane, s, at, {item},
                fmt::format("{} has no reference plane: nothing is asked there.", room.name), "Lay a plane at 0.76 m");
        for (const Opening& o : room.openings) check_shading(s, {Item::Kind::opening, o.id, -1});
    }

    void check_shading(size_t s, const Item& item) {
        const Shaded at = shaded(const_cast<Option&>(option_), item);
        if (at.layers == nullptr || std::none_of(at.layers->begin(), at.layers->end(), [&](const ShadeLayer& layer) {
                return shading::leaves_no_blade(layer, at.width, at.height);
            }))
            return;
        add(Kind::shade_without_blades, s, place_of({item}), {item},
            fmt::format("The louvres of {} leave no blade: not one keeps within the opening.",
                        item_name(option_, item)),
            "Remove these louvres");
    }

    void blinds() {
        if (!blinds_wanted_) return;
        Items bare;
        for (const Storey& storey : option_.storeys) {
            const auto s = static_cast<size_t>(&storey - option_.storeys.data());
            const auto walls = storey_walls(option_, s);
            for (size_t r = 0; r < storey.rooms.size(); ++r)
                for (const Opening& o : storey.rooms[r].openings) {
                    if (o.kind != Opening::Kind::window || o.blind) continue;
                    const double wall = edge_length(storey.rooms[r], o.edge), from = std::clamp(o.along, 0.0, wall),
                                 width = std::min(o.along + o.width, wall) - from;
                    if (width < 1e-3) continue;
                    const Passage way = passage(walls, option_, r, o.edge, from, width);
                    if (way.side >= 0 && way.room_behind < 0) bare.push_back({Item::Kind::opening, o.id, -1});
                }
        }
        if (!bare.empty())
            add(Kind::window_without_blind, storey_with(bare), place_of(bare), bare,
                fmt::format(
                    "{} no blind, and a criteria set computes with blinds.",
                    bare.size() == 1 ? "One outside window has" : fmt::format("{} outside windows have", bare.size())),
                "Add blinds to them");
    }

    void check_block(const Block& block) {
        const Item item{Item::Kind::block, block.id, -1};
        const Vec2 at = middle(block.footprint);
        if (signed_area(block.footprint) < 0)
            add(Kind::inside_out, 0, at, {item},
                fmt::format("{} is drawn clockwise: its faces look inwards.", block.name), "Reverse its outline");
        if (const double factor = likely_factor(block.height, 0.3, 600); factor != 1)
            add(Kind::odd_size, 0, at, {item}, fmt::format("{} is {} high.", block.name, metres(block.height)),
                fmt::format("Make it {}", metres(block.height * factor)));
        cuts(item, block.name, body_of(block));
    }

    void check_thing(const Thing& thing) {
        const Item item{Item::Kind::thing, thing.id, -1};
        for (const double size : {thing.width, thing.height})
            if (const double factor = likely_factor(size, 0.05, 500); factor != 1)
                return void(add(Kind::odd_size, storey_with({item}), thing.at, {item},
                                fmt::format("{} measures {}.", thing.name, metres(size)),
                                fmt::format("Scale it by {}", factor)));
        if (thing.storey.empty()) return cuts(item, thing.name, body_of(project_.site, thing));
        const Storey* storey = find(option_.storeys, thing.storey);
        if (storey == nullptr) return;
        const auto s = static_cast<size_t>(storey - option_.storeys.data());
        const Room* room = room_at(*storey, thing.at);
        if (room == nullptr) {
            if (!is_outdoors(thing.kind))
                add(Kind::thing_in_wall, s, thing.at, {item}, fmt::format("{} stands in no room.", thing.name),
                    nearest_room(*storey, thing.at) != nullptr ? "Move it into the nearest room" : "");
            return;
        }
        if (area_outside(option_, *storey, *room, thing) > kCut)
            add(Kind::thing_in_wall, s, thing.at, {item},
                fmt::format("{} reaches into the walls of {}.", thing.name, room->name), "Move it into the room");
        const double ceiling = ceiling_at(option_, *storey, *room, thing.at) - storey->level;
        const bool climbs = thing.kind == Thing::Kind::stair || thing.kind == Thing::Kind::ramp;
        if (!climbs && thing.base + thing.height > ceiling + 1e-3)
            add(Kind::thing_under_roof, s, thing.at, {item},
                fmt::format("{} is higher than {}.", thing.name, room->name),
                fmt::format("Make it {} high", metres(std::max(0.05, ceiling - thing.base - 0.01))));
    }

    // Outdoor bodies must keep out of rooms.
    void cuts(const Item& item, const std::string& name, const Body& body) {
        const auto at = room_cut_by(option_, body);
        if (!at) return;
        const Room& room = option_.storeys[at->storey].rooms[at->room];
        add(Kind::context_cuts_room, at->storey, middle(body.plan), {item, {Item::Kind::room, room.id, -1}},
            fmt::format("{} reaches into {}.", name, room.name), "Move it clear of the building");
    }

    void check_plane(const ReferencePlane& plane) {
        const Item item{Item::Kind::plane, plane.id, -1};
        const auto points = plane_points(option_, plane, project_.site.north);
        const auto place = find_room(option_, plane.room);
        const size_t s = storey_with({item});
        const Thing* thing = plane.on == ReferencePlane::On::deck ? find(option_.things, plane.thing) : nullptr;
        const std::string where = place ? place.room->name : thing != nullptr ? thing->name : "nothing";
        const Vec2 at = place ? middle(place.room->footprint) : thing != nullptr ? thing->at : Vec2{};
        if (!points)
            return void(add(Kind::plane_misses, s, at, {item},
                            fmt::format("{} lies on what is not there any more.", plane.name),
                            fmt::format("Remove {}", plane.name)));
        if (points->points.empty())
            return void(add(Kind::plane_misses, s, at, {item},
                            fmt::format("{} has no point in {}: too high, too far from the walls, or beside the room.",
                                        plane.name, where),
                            "Fit it to the room anew"));
        if (plane.turned_over)
            add(Kind::plane_faces_down, s, at, {item},
                fmt::format("{} in {} faces {}.", plane.name, where, points->lies() ? "down" : "into the wall"),
                "Turn it over");
        if (plane.on == ReferencePlane::On::facade && place) {
            const auto room = static_cast<size_t>(place.room - place.storey->rooms.data());
            for (const WallPiece& piece : wall_pieces(option_, s, room))
                if (piece.edge == plane.edge && piece.neighbour >= 0 && piece.to - piece.from > 0.1)
                    return void(add(Kind::plane_indoors, s, at, {item},
                                    fmt::format("{} is meant for a facade, but lies inside the building.", plane.name),
                                    "Lay it on the room's side of the wall"));
        }
    }

    void check_observer(const Observer& eye) {
        const auto place = find_room(option_, eye.room);
        if (!place) return;
        const Vec2 p{eye.eye.x, eye.eye.y};
        const bool in = contains(inner_face(option_, *place.storey, *place.room).ring, p) &&
                        eye.eye.z > place.storey->level &&
                        eye.eye.z < ceiling_at(option_, *place.storey, *place.room, p);
        const auto s = static_cast<size_t>(place.storey - option_.storeys.data());
        if (!in)
            add(Kind::observer_lost, s, p, {{Item::Kind::observer, eye.id, -1}},
                fmt::format("{} looks from outside {}, where it belongs.", eye.name, place.room->name),
                "Move it into that room");
    }

    void check_luminaire(const Luminaire& luminaire) {
        const Storey* storey = find(option_.storeys, luminaire.storey);
        const Room* room = room_around(option_, luminaire);
        if (room == nullptr) return;  // outdoors
        const bool in = contains(inner_face(option_, *storey, *room).ring, luminaire.at);
        const double z = storey->level + luminaire.height;
        if (in && luminaire.height > 0 && z < ceiling_at(option_, *storey, *room, luminaire.at)) return;
        const std::string what = !in ? fmt::format("{} is in a wall of {}.", luminaire.name, room->name)
                                 : luminaire.height > 0
                                     ? fmt::format("{} is in the ceiling of {}.", luminaire.name, room->name)
                                     : fmt::format("{} is in the floor of {}.", luminaire.name, room->name);
        add(Kind::luminaire_hidden, static_cast<size_t>(storey - option_.storeys.data()), luminaire.at,
            {{Item::Kind::luminaire, luminaire.id, -1}}, what, "Move it into that room");
    }

    void check_moment(const Question& question) {
        if (question.kind != Question::Kind::glare) return;
        const Site& site = project_.site;
        const auto sun =
            climate::sun_position({site.latitude, site.longitude, site.time_zone, site.elevation}, question.moment);
        if (sun.altitude > 0) return;
        add(Kind::sun_down, 0, {}, {},
            fmt::format("{} is asked for {}, when the sun is {:.0f}\u00b0 below the horizon.", question.name,
                        climate::text(question.moment), -degrees(sun.altitude)),
            "Ask at noon of that day")
            .subject = question.id;
    }

    const Project& project_;
    const Option& option_;
    bool blinds_wanted_;
    std::vector<ModelFault> out_;
};

}  // namespace

Vec2 middle(const Polygon& ring) {
    Vec2 sum{};
    for (const Vec2 p : ring) sum = sum + p * (1.0 / static_cast<double>(ring.size()));
    return sum;
}

double likely_factor(double size, double low, double high) {
    if (size >= low && size <= high) return 1;
    for (const double factor : {1000.0, 0.001, 100.0, 0.01, 0.3048, 1 / 0.3048})
        if (size * factor >= std::max(low, 0.2 * low) && size * factor <= high) return factor;
    return 1;
}

const Room* room_at(const Storey& storey, Vec2 p) {
    for (const Room& room : storey.rooms)
        if (contains(room.footprint, p)) return &room;
    return nullptr;
}

const Room* nearest_room(const Storey& storey, Vec2 p) {
    const Room* nearest = nullptr;
    double least = 1e18;
    for (const Room& room : storey.rooms)
        if (const double d = distance_to_edges(room.footprint, p); d < least) {
            least = d;
            nearest = &room;
        }
    return nearest;
}

const Room* room_around(const Option& option, const Luminaire& luminaire) {
    const Storey* storey = find(option.storeys, luminaire.storey);
    if (storey == nullptr) return nullptr;
    if (const Room* room = room_at(*storey, luminaire.at)) return room;
    const auto walls = storey_walls(option, static_cast<size_t>(storey - option.storeys.data()));
    // Odd: within an outer ring, and in no courtyard of it.
    const auto around =
        std::ranges::count_if(walls.outline, [&](const Polygon& ring) { return contains(ring, luminaire.at); });
    return around % 2 == 1 ? nearest_room(*storey, luminaire.at) : nullptr;
}

double area_outside(const Option& option, const Storey& storey, const Room& room, const Thing& thing) {
    double area = 0;
    for (const Region& r : difference({footprint_of(thing)}, {inner_face(option, storey, room).ring}))
        area += signed_area(r.outer);
    return area;
}

Body body_of(const Block& block) { return {block.footprint, block.base, block_ridge(block)}; }

Body body_of(const Site& site, const Thing& thing) {
    const double ground = site.ground_level + thing.base;
    return {footprint_of(thing), ground + (thing.kind == Thing::Kind::tree ? thing.landing : 0), ground + thing.height};
}

std::optional<RoomIndex> room_cut_by(const Option& option, const Body& body) {
    for (size_t s = 0; s < option.storeys.size(); ++s)
        for (size_t r = 0; r < option.storeys[s].rooms.size(); ++r) {
            const Room& room = option.storeys[s].rooms[r];
            const double floor = option.storeys[s].level;
            if (body.high < floor + 0.01 || body.low > floor + room.height - 0.01) continue;
            double area = 0;
            for (const Region& part : intersection({body.plan}, {room.footprint}))
                area += std::fabs(signed_area(part.outer));
            if (area >= kCut) return RoomIndex{s, r};
        }
    return {};
}

Shaded shaded(Option& option, const Item& item) {
    if (item.kind == Item::Kind::opening)
        if (const auto at = find_opening(option, item.id))
            return {&at.opening->shading, at.opening->width, at.opening->height};
    if (item.kind != Item::Kind::rooflight) return {};
    const auto at = find_on_storeys(option, &Storey::rooflights, item.id);
    if (!at) return {};
    // On a slope the pane is longer than its plan.
    double length = at.item->length;
    if (const Room* room = room_at(*at.storey, at.item->centre); room != nullptr && !at.item->upright)
        if (const Roof* roof = roof_over(*at.storey, *room)) length /= std::cos(radians(roof->pitch));
    return {&at.item->shading, at.item->width, length};
}

std::vector<ModelFault> check_model(const Project& project, const Option& option, bool blinds_wanted,
                                    const climate::Place* weather_measured) {
    auto out = check_drawing(option);
    if (weather_measured != nullptr) {
        const model::Site& site = project.site;
        ModelFault fault;
        fault.kind = ModelFault::Kind::weather_elsewhere;
        fault.what = climate::measured_elsewhere(*weather_measured,
                                                 {site.latitude, site.longitude, site.time_zone, site.elevation});
        if (!fault.what.empty())
            fault.what += ". Choose a file of the place, or set the site's place and time zone on the Site desk.",
                out.push_back(fault);
    }
    auto more = MatterCheck(project, option, blinds_wanted).run();
    out.insert(out.end(), std::make_move_iterator(more.begin()), std::make_move_iterator(more.end()));
    std::stable_partition(out.begin(), out.end(), [](const ModelFault& f) { return !is_assumption(f); });
    return out;
}

}  // namespace wp::check
