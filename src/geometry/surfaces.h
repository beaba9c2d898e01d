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
#include "model/finish.h"
#include "model/option.h"

namespace wp::model {
struct Project;
}

namespace wp::geometry {

enum class Element {
    floor,
    ceiling,
    wall,
    reveal,
    facade,
    roof,
    ground,
    block,
    frame,
    leaf,
    partition,
    furniture,
    stair,
    shading,
    tree,
    fence,
    terrain
};
const char* name(Element element);

/// Index of a space: rooms in the order of storeys and rooms; outdoors is kOutdoors.
inline constexpr int kOutdoors = -1;

/// One part of the building with one finish, that light is reflected by.
struct Surface {
    Element element = Element::wall;
    model::Id source{};        ///< room, opening, thing or block it came from
    double reflectance = 0;    ///< diffuse, 0 to 1
    int space = kOutdoors;     ///< the space its visible side looks into
    double specular = 0;       ///< mirrored, 0 to 1 - reflectance
    double roughness = 0.1;    ///< of what mirrors: root mean square slope
    double openness = 0;       ///< what passes straight through, trees in leaf
    double bare_openness = 0;  ///< the same, trees without leaves
    double through = 0;        ///< what is scattered through to the other side
    model::Id material{};      ///< empty: it has none, and figures are assumed
    model::Reason reason = model::Reason::none;
    model::Part part = model::Part::wall;
    bool porous() const { return openness > 0 || bare_openness > 0; }
};

/// A pane, or the free opening, as a rectangle: corner + u * s + v * t with s, t in [0, 1].
struct Portal {
    Vec3 corner, u, v;
    int inside = kOutdoors, outside = kOutdoors;  ///< spaces on both sides
    int glazing = -1;                             ///< index into Surfaces::glazings; -1: nothing in the hole
    double free_share = 1;                        ///< what the frame leaves open
    double maintenance = 1;                       ///< what dirt leaves of the light
    double glass_share =
        1;  ///< of the rectangle that is glass between frame and bars: for areas, light meets the bars themselves
    double reveal_in = 0, reveal_out = 0;  ///< how deep it lies in the wall or shaft, from both sides, metres
    int group = -1;                        ///< window group, for portals to outdoors
    bool blind = false;                    ///< has a blind that criteria may close
    int blind_layer = -1;                  ///< index into Surfaces::blinds; -1: the plain one
    model::Id opening;
};

struct Glazing {
    double transmittance = 1;  ///< visible, normal incidence
    int panes = 1;
    double diffuse = 0;  ///< which part of what passes, and of what is reflected, is scattered
    double reflectance_out = 0, reflectance_in = 0;  ///< normal incidence, by side; 0: as uncoated panes reflect
    double solar_factor = 0;  ///< total solar energy transmittance (EN 410); 0: not known. Nothing to light
    model::Id material{};     ///< it is of; nothing to light but by wavelength
    bool operator==(const Glazing&) const = default;
};

/// A blind that can be closed, on the room's side of a pane.
struct Blind {
    bool slats = false;
    double reflectance = 0.5;  ///< of fabric, holes included; of a slat's faces
    double transmittance = 0;  ///< of fabric: what it scatters through
    double openness = 0;       ///< of fabric
    double slat_width = 0.05, slat_spacing = 0.04,
           slat_tilt = 45;  ///< metres, metres, degrees with the outer edge down
    bool upright = false;
    model::Id material{};  ///< that it takes its colour from; empty: it is grey
    bool operator==(const Blind&) const = default;
    void add_to(Fingerprint& print) const;
};
/// What a fabric or venetian blind of the project is to light.
Blind blind_of(const model::Material& material);

/// Windows of one room that look the same way.
struct WindowGroup {
    model::Id room;
    double azimuth = 0;  ///< degrees clockwise from +y
    std::string name;
};

struct Surfaces {
    std::vector<Vec3> vertices;
    std::vector<std::array<uint32_t, 3>> triangles;  ///< counter-clockwise seen from the lit side
    std::vector<uint32_t> surface_of;                ///< for each triangle
    std::vector<Surface> surfaces;
    std::vector<Portal> portals;
    std::vector<Glazing> glazings;
    std::vector<Blind> blinds;
    std::vector<WindowGroup> groups;
    std::vector<model::Id> spaces;  ///< room of each space
    /// For each space the air it is part of: rooms that a floor void joins see each other's openings. Empty: each its
    /// own.
    std::vector<int> air;
    double ground_reflectance = 0.2;      ///< also of the ground beyond the modelled disc
    std::vector<double> ground_by_month;  ///< empty, or twelve that take its place in their months
    double blind_transmittance = 0.05;
    int leaf_from = 5, leaf_to = 10;  ///< months in which trees are in leaf

    /// Of all but ground_by_month: whoever computes with months adds their states.
    Fingerprint fingerprint() const;

    /// Spaces that share light with one through floor voids or inner openings, itself included; of outdoors: none but
    /// the open air.
    std::vector<bool> joined(int space) const;
    /// Of what light in a space depends on, less what only scales light through outer panes (their transmittance, dirt)
    /// and less rooms that share no light with it but through the open air. What may be left out of a room behind two
    /// outer windows is below what can be measured.
    Fingerprint light_fingerprint(int space) const;

    // Building blocks, also for tests that need a scene of their own.
    uint32_t add_surface(Surface surface);
    void add_triangle(uint32_t surface, Vec3 a, Vec3 b, Vec3 c);
    /// Corners counter-clockwise seen from the lit side.
    void add_quad(uint32_t surface, Vec3 a, Vec3 b, Vec3 c, Vec3 d);
    int add_glazing(const Glazing& glazing);
    int keep_blind(const Blind& blind);
    /// Whether any surface differs between trees in leaf and bare.
    bool has_seasons() const;
};

/// Closed surfaces of an option on its site. without: things and blocks that a question leaves out, by id or kind.
Surfaces build_surfaces(const model::Project& project, const model::Option& option,
                        const std::vector<std::string>& without = {});

}  // namespace wp::geometry
