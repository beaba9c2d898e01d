// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/random_building.h"

#include <algorithm>
#include <cmath>
#include <random>

#include "geometry/roof_shape.h"
#include "support.h"

namespace wp::test {
using namespace model;

namespace {

class Maker {
 public:
    explicit Maker(uint32_t seed) : dice_(seed) {}

    Project make() {
        Project p = one_room();
        Option& option = p.options[0];
        option.planes.clear();
        option.observers.clear();
        option.outer_wall = number(0.15, 0.6);
        option.inner_wall = number(0.06, 0.3);
        option.roof = number(0.1, 0.5);
        Storey ground = new_storey("ground", "Ground floor", number(-1, 1));
        fill(ground, number(2.3, 3.5));
        option.storeys = {ground};
        if (chance(0.6)) {
            Storey upper = new_storey("upper", "Upper floor", ground.level + 3.6 + number(0, 0.6));
            // The same lines above, some of the rooms left away: terraces.
            for (size_t i = 0; i < ground.rooms.size(); ++i) {
                if (i > 0 && chance(0.3)) continue;
                Room room = ground.rooms[i];
                room.id = "upper-" + room.id;
                room.openings.clear();
                add_openings(room);
                upper.rooms.push_back(room);
            }
            if (chance(0.7)) {
                FloorVoid hole;
                hole.id = hole.name = "void";
                const Vec2 c = middle(upper.rooms[0]);
                const double w = number(0.4, 2.5), h = number(0.4, 2.5);
                hole.outline = {turned({c.x - w, c.y - h}), turned({c.x + w, c.y - h}), turned({c.x + w, c.y + h}),
                                turned({c.x - w, c.y + h})};
                upper.voids = {hole};
            }
            option.storeys.push_back(upper);
        }
        Storey& top = option.storeys.back();
        if (chance(0.8)) add_roof(top);
        add_rooflights(top);
        return p;
    }

 private:
    double number(double low, double high) { return std::uniform_real_distribution<double>(low, high)(dice_); }
    int whole(int low, int high) { return std::uniform_int_distribution<int>(low, high)(dice_); }
    bool chance(double p) { return number(0, 1) < p; }
    Vec2 turned(Vec2 p) const {
        return {centre_.x + p.x * std::cos(turn_) - p.y * std::sin(turn_),
                centre_.y + p.x * std::sin(turn_) + p.y * std::cos(turn_)};
    }
    static Vec2 middle(const Room& room) {
        Vec2 sum{};
        for (const Vec2 q : room.footprint) sum = sum + q;
        return sum * (1.0 / static_cast<double>(room.footprint.size()));
    }

    // A grid of rooms whose corners are moved about, turned as a whole: every wall is shared and stands at an odd
    // angle.
    void fill(Storey& storey, double height) {
        const int columns = whole(1, 3), rows = whole(1, 3);
        turn_ = chance(0.3) ? 0 : number(0, 6.28);
        centre_ = {number(-30, 30), number(-30, 30)};
        const double shake = chance(0.3) ? 0 : 0.8;
        std::vector<Vec2> corner;
        for (int j = 0; j <= rows; ++j)
            for (int i = 0; i <= columns; ++i)
                corner.push_back(turned({i * 4.5 + number(-shake, shake), j * 4.0 + number(-shake, shake)}));
        const auto at = [&](int i, int j) { return corner[static_cast<size_t>(j * (columns + 1) + i)]; };
        for (int j = 0; j < rows; ++j)
            for (int i = 0; i < columns; ++i) {
                if (columns * rows > 2 && i + j > 0 && chance(0.15)) continue;  // a courtyard or a bay
                Room room;
                room.id = room.name = "r" + std::to_string(i) + std::to_string(j);
                room.footprint = {at(i, j), at(i + 1, j), at(i + 1, j + 1), at(i, j + 1)};
                room.height = height;
                room.floor = room.walls = room.ceiling = "grey";
                if (chance(0.3)) room.own_walls = {{whole(0, 3), number(0.05, 0.5)}};
                if (j == 0 && chance(0.2)) {  // a corner of its own in the middle of an outside wall
                    const Vec2 a = room.footprint[0], b = room.footprint[1], d = b - a;
                    room.footprint.insert(room.footprint.begin() + 1, a + d * 0.5 + Vec2{d.y, -d.x} * number(-0.1, 0));
                    room.own_walls.clear();
                }
                add_openings(room);
                storey.rooms.push_back(room);
            }
        if (chance(0.5)) {
            Partition wall;
            wall.id = wall.name = "screen";
            wall.material = "grey";
            wall.from = turned({number(0.5, 2), number(0.5, 2)});
            wall.to = wall.from + Vec2{number(-3, 3), number(0.5, 3)};
            wall.height = number(0.5, 4);
            storey.partitions = {wall};
        }
    }

    void add_openings(Room& room) {
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            // A wall between two rooms is opened from one side only: two openings there could overlap.
            if (!chance(0.6) ||
                (room.id.find("r0") == std::string::npos && e + 1 == static_cast<int>(room.footprint.size())))
                continue;
            if (room.id.back() != '0' && e == 0) continue;
            Opening o;
            o.id = o.name = room.id + "-w" + std::to_string(e);
            o.edge = e;
            o.kind = static_cast<Opening::Kind>(whole(0, 3));
            o.glazing = o.kind == Opening::Kind::window || chance(0.5) ? "pane" : "grey";
            const double l = edge_length(room, e);
            // Right up to the corners at times, and from the floor to the ceiling.
            o.along = chance(0.2) ? 0 : number(0, l * 0.5);
            o.width = chance(0.2) ? l - o.along : number(0.2, std::max(0.25, l - o.along - 0.1));
            o.width = std::min(o.width, l - o.along);
            if (o.width < 0.1) continue;
            o.sill = chance(0.3) ? 0 : number(0, 1.2);
            o.height = chance(0.3) ? room.height - o.sill : number(0.2, std::max(0.3, room.height - o.sill - 0.1));
            o.reveal = number(0, 0.4);
            o.columns = whole(1, 3);
            o.rows = whole(1, 2);
            o.frame = chance(0.2) ? 0 : number(0.02, 0.1);
            room.openings.push_back(o);
        }
    }

    void add_roof(Storey& storey) {
        Roof roof;
        roof.id = roof.name = "roof";
        roof.kind = static_cast<Roof::Kind>(whole(0, 2));
        roof.eaves = storey.rooms.front().height;
        roof.pitch = number(3, 50);
        roof.direction = chance(0.3) ? 0 : number(0, 360);
        roof.bays = whole(1, 4);
        roof.overhang = chance(0.5) ? 0 : number(0.1, 0.8);
        storey.roofs = {roof};
        if (chance(0.3)) storey.rooms.front().top = Room::Top::flat;
    }

    void add_rooflights(Storey& storey) {
        for (int i = 0; i < 3; ++i) {
            if (!chance(0.6)) continue;
            const Room& room = storey.rooms[static_cast<size_t>(whole(0, static_cast<int>(storey.rooms.size()) - 1))];
            Rooflight light;
            light.id = light.name = "rl" + std::to_string(i);
            light.centre = middle(room) + Vec2{number(-1, 1), number(-1, 1)};
            light.width = number(0.3, 1.5);
            light.length = number(0.3, 1.5);
            light.turn = number(0, 90);
            light.upstand = number(0, 0.4);
            light.upright = chance(0.4);
            light.glazing = "pane";
            const bool apart =
                std::all_of(storey.rooflights.begin(), storey.rooflights.end(), [&](const Rooflight& other) {
                    return length(other.centre - light.centre) > 2.5 && !(other.upright && light.upright);
                });
            if (apart) storey.rooflights.push_back(light);
        }
    }

    std::mt19937 dice_;
    Vec2 centre_{};
    double turn_ = 0;
};

}  // namespace

Project random_building(uint32_t seed) { return Maker(seed).make(); }

Project two_storeys() {
    Project p = one_room();
    Option& option = p.options[0];
    const auto room = [](const char* id, double x0, double y0, double x1, double y1) {
        Room r;
        r.id = r.name = id;
        r.footprint = {{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}};
        r.floor = r.walls = r.ceiling = "grey";
        r.height = 2.8;
        return r;
    };
    Storey ground = new_storey("ground", "Ground floor", 0), upper = new_storey("upper", "Upper floor", 3.1);
    ground.rooms = {room("hall", 0, 0, 6, 8), room("shop", 6, 0, 12, 5), room("store", 6, 5, 12, 8)};
    upper.rooms = {room("gallery", 0, 0, 6, 8), room("study", 6, 0, 12, 8)};
    FloorVoid open;
    open.id = open.name = "open";
    open.outline = {{0, 0}, {3, 0}, {3, 5}, {0, 5}};
    upper.voids = {open};
    Roof roof;
    roof.id = roof.name = "roof";
    roof.eaves = 2.4;
    roof.pitch = 30;
    roof.overhang = 0.4;
    upper.roofs = {roof};
    Rooflight light;
    light.id = light.name = "light";
    light.centre = {9, 2};
    light.glazing = "pane";
    upper.rooflights = {light};
    Opening tall = option.storeys[0].rooms[0].openings[0];
    tall.id = tall.name = "tall";
    tall.sill = 0.5;
    tall.height = 4.2;
    tall.along = 0.5;
    tall.width = 2;
    ground.rooms[0].openings = {tall};
    option.storeys = {ground, upper};
    option.planes[0].room = "hall";
    option.observers[0].room = "hall";
    return p;
}

}  // namespace wp::test
