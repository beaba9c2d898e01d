// SPDX-License-Identifier: GPL-3.0-or-later
// Luminaires of a file as ours: kinds of them, each once, and where they hang.
#include <algorithm>
#include <cmath>

#include "incoming/arrange_parts.h"

namespace wp::incoming {
using namespace model;

namespace {

// The kind among those there are that gives the same light, or a new one.
Id kind_of(const Lamp& lamp, Arranged& out) {
    for (const LuminaireType& known : out.luminaire_types)
        if (known.name == lamp.type.name && known.candela == lamp.type.candela && known.power == lamp.type.power)
            return known.id;
    LuminaireType type = lamp.type;
    type.id = "luminaire-" + std::to_string(out.luminaire_types.size() + 1);
    out.luminaire_types.push_back(type);
    return type.id;
}

// Turn about the vertical and tilt towards C 0; what is turned about its own side axis as well is left at that.
void set_angles(Luminaire& l, const Lamp& lamp) {
    const Vec3 up = normalized(lamp.up);
    Vec3 level{lamp.ahead.x, lamp.ahead.y, 0};
    // Looking straight up or down C 0 tells nothing: then what leans tells the way.
    if (length(level) < 1e-6) level = {-up.x, -up.y, 0};
    if (length(level) < 1e-6) level = {1, 0, 0};
    level = normalized(level);
    l.turn = degrees(std::atan2(level.y, level.x));
    l.tilt = degrees(std::atan2(-dot(up, level), up.z));
}

}  // namespace

void place_lamps(const Building& building, const std::vector<RoomInMaking>& rooms, Arranged& out) {
    int count = 0;
    for (const Lamp& lamp : building.lamps) {
        Luminaire l;
        l.id = "light-" + std::to_string(++count);
        l.name = lamp.name;
        l.type = kind_of(lamp, out);
        l.at = {lamp.at.x, lamp.at.y};
        set_angles(l, lamp);
        const auto room = std::ranges::find_if(rooms, [&](const RoomInMaking& made) {
            return lamp.at.z > made.outline.floor - 0.3 && lamp.at.z < made.outline.floor + made.outline.height + 0.3 &&
                   geometry::contains(made.room.footprint, l.at);
        });
        const bool indoors = room != rooms.end();
        if (indoors) l.storey = out.storeys[room->storey].id;
        l.height = lamp.at.z - (indoors ? out.storeys[room->storey].level : 0.0);
        // Those that are built into a ceiling shine from just below it.
        if (indoors) l.height = std::min(l.height, room->outline.height - 0.02);
        out.origins.push_back({l.id, lamp.id});
        out.account.made(lamp.name, indoors ? "luminaire of " + room->room.name : "luminaire outdoors");
        out.luminaires.push_back(std::move(l));
    }
}

}  // namespace wp::incoming
