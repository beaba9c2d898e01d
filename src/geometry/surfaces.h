// SPDX-License-Identifier: GPL-3.0-or-later
// From what was drawn to what light meets: closed surfaces with wall thickness and reveals, and the portals that light
// passes through. A value: built once from an option, never changed.
#pragma once
#include <array>
#include <cstdint>
#include <string>
#include <vector>

#include "base/fingerprint.h"
#include "base/vec.h"
#include "model/project.h"

namespace wp::geometry {

enum class Element { floor, ceiling, wall, reveal, facade, roof, ground, block, frame, leaf, partition };
const char* name(Element element);

/// Index of a space: rooms in the order of storeys and rooms; outdoors is kOutdoors.
inline constexpr int kOutdoors = -1;

/// One part of the building with one finish, that light is reflected by.
struct Surface {
    Element element = Element::wall;
    model::Id source;           ///< room, opening or block it came from
    double reflectance = 0;     ///< diffuse, 0 to 1
    int space = kOutdoors;      ///< the space its visible side looks into
};

/// A pane, or the free opening, as a rectangle: corner + u * s + v * t with s, t in [0, 1].
struct Portal {
    Vec3 corner, u, v;
    int inside = kOutdoors, outside = kOutdoors;  ///< spaces on both sides
    int glazing = -1;           ///< index into Surfaces::glazings; -1: nothing in the hole
    double free_share = 1;      ///< what the frame leaves open
    int group = -1;             ///< window group, for portals to outdoors
    bool blind = false;         ///< has a blind that criteria may close
    model::Id opening;
};

struct Glazing {
    double transmittance = 1;   ///< visible, normal incidence
    int panes = 1;
    bool operator==(const Glazing&) const = default;
};

/// Windows of one room that look the same way.
struct WindowGroup {
    model::Id room;
    double azimuth = 0;         ///< degrees clockwise from +y
    std::string name;
};

struct Surfaces {
    std::vector<Vec3> vertices;
    std::vector<std::array<uint32_t, 3>> triangles;   ///< counter-clockwise seen from the lit side
    std::vector<uint32_t> surface_of;                 ///< for each triangle
    std::vector<Surface> surfaces;
    std::vector<Portal> portals;
    std::vector<Glazing> glazings;
    std::vector<WindowGroup> groups;
    std::vector<model::Id> spaces;                    ///< room of each space
    /// For each space the air it is part of: rooms that a floor void joins see each other's openings. Empty: each its own.
    std::vector<int> air;
    double ground_reflectance = 0.2;                  ///< also of the ground beyond the modelled disc
    double blind_transmittance = 0.05;

    Fingerprint fingerprint() const;

    // Building blocks, also for tests that need a scene of their own.
    uint32_t add_surface(Surface surface);
    void add_triangle(uint32_t surface, Vec3 a, Vec3 b, Vec3 c);
    /// Corners counter-clockwise seen from the lit side.
    void add_quad(uint32_t surface, Vec3 a, Vec3 b, Vec3 c, Vec3 d);
    int add_glazing(const Glazing& glazing);
};

/// Closed surfaces of an option on its site.
Surfaces build_surfaces(const model::Project& project, const model::Option& option);

}  // namespace wp::geometry
