// SPDX-License-Identifier: GPL-3.0-or-later
// A building as files of other programs have it, whatever their format: readers fill it, arrange.h makes our rooms of
// it. Metres, z up.
#pragma once
#include <optional>
#include <string>
#include <vector>

#include "geometry/mesh.h"
#include "incoming/account.h"
#include "incoming/ring.h"
#include "model/arrival.h"
#include "model/luminaire.h"

namespace wp::incoming {

struct Level {
    std::string id, name;
    double elevation = 0;
};

struct Space {
    std::string id, name;
    std::string level;                  ///< id; may be empty
    std::vector<Ring> faces;            ///< its hull, in any order and direction
    std::optional<double> area;         ///< of its floor, as the file says it
    std::string floor, ceiling, walls;  ///< ids of what covers them; may be empty
};

struct Hole {
    enum class Kind { window, door, empty };
    std::string id, name;
    Kind kind = Kind::window;
    Ring ring;                          ///< its outline, flat as far as the file is sound
    std::string substance;              ///< id of what fills it; may be empty
    std::vector<std::string> spaces;    ///< ids of those that it is told to bound; may be empty
    std::optional<double> frame_share;  ///< of its area that is frame
};

/// What is no room: neighbours, ground, furniture, shading.
struct Body {
    enum class Role { surroundings, furniture, shading };
    std::string id, name;
    std::string layer;      ///< or material of the file, that people choose by
    std::string substance;  ///< id; may be empty
    Role role = Role::surroundings;
    geometry::Mesh mesh;
};

/// A material or glazing.
struct Substance {
    std::string id, name;
    std::optional<double> reflectance;    ///< visible, 0 to 1
    std::optional<double> transmittance;  ///< visible, at normal incidence, 0 to 1
    bool is_glass = false;
};

/// A luminaire.
struct Lamp {
    std::string id, name;
    Vec3 at;                           ///< of what shines
    Vec3 ahead{1, 0, 0}, up{0, 0, 1};  ///< unit: where C 0 looks, and away from straight down
    model::LuminaireType type;         ///< without an id
};

/// An open or closed line of a drawing, in the layer's plane.
struct Line {
    std::string layer;
    std::vector<Vec2> points;
    bool closed = false;
};

struct Building {
    std::string name, format;
    double metres_per_unit = 1;   ///< that everything here was multiplied by
    bool unit_is_told = true;     ///< by the file; else it was guessed
    std::optional<double> north;  ///< azimuth of +y, degrees clockwise from true north
    std::optional<double> latitude, longitude, height;
    std::optional<double> outer_wall;  ///< thickness of outside walls, m
    std::vector<Level> levels;
    std::vector<Space> spaces;
    std::vector<Hole> holes;
    std::vector<Body> bodies;
    std::vector<Lamp> lamps;
    std::vector<Substance> substances;
    std::vector<Line> lines;
    Account account;
    bool is_empty() const { return spaces.empty() && bodies.empty() && lines.empty(); }
};

}  // namespace wp::incoming
