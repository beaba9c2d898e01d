// SPDX-License-Identifier: GPL-3.0-or-later
// Formats of other programs that an option is written in: a file and a line each.
#pragma once
#include <filesystem>
#include <span>
#include <string>
#include <vector>

#include "base/result.h"
#include "base/vec.h"
#include "model/project.h"

namespace wp::outgoing {

/// A point of a map with its colour, shares of red, green and blue.
struct ColouredPoint {
    Vec3 at, across, up;  ///< its middle, and half the sides of its cell
    float red = 0, green = 0, blue = 0;
};

struct Writing {
    const model::Project& project;
    const model::Option& option;
    std::vector<ColouredPoint> map;  ///< where a format takes maps; may be empty
    /// Where a format takes sections: lines in plan that the building is cut along, seen towards their left. None: two
    /// through its middle.
    std::vector<std::pair<Vec2, Vec2>> sections = {};
};

struct Writer {
    const char *id, *name, *suffix;
    bool takes_maps;
    std::string (*write)(const Writing& writing);
};
std::span<const Writer> writers();
/// By the suffix; null where none writes such files.
const Writer* writer_for(const std::filesystem::path& path);
/// Faults: no such format, a place that cannot be written to.
Outcome write_building(const Writing& writing, const std::filesystem::path& path);

// Each in a file of its own.
std::string write_gbxml(const Writing& writing);
std::string write_ifc(const Writing& writing);
std::string write_obj(const Writing& writing);
std::string write_gltf(const Writing& writing);
std::string write_dxf(const Writing& writing);

/// The clear outline of a room and the rectangle of each of its openings, in space.
struct RoomForm {
    const model::Storey* storey = nullptr;
    const model::Room* room = nullptr;
    std::vector<Vec2> inner;  ///< inner faces of its walls, counter-clockwise
    double floor = 0, height = 0;
    struct Hole {
        const model::Opening* opening = nullptr;
        Vec3 corners[4];  ///< in the middle of the wall, counter-clockwise from outside, the lower first
        Vec3 through;     ///< across the wall: from its inner to its outer face
    };
    std::vector<Hole> holes;
};
std::vector<RoomForm> room_forms(const model::Option& option);

}  // namespace wp::outgoing
