// SPDX-License-Identifier: GPL-3.0-or-later
// Light in a room made of boxes, by a path tracer that shares nothing with the engine: boxes instead of triangles,
// plain cosine-weighted paths with a pseudo-random generator of their own, one pane whose transmittance is summed up
// reflection by reflection, a sun by another formula, a sky written out anew.
#pragma once
#include <optional>
#include <random>
#include <vector>

#include "base/vec.h"

namespace wp::validation::boxes {

struct Box {
    Vec3 low, high;
    double reflectance = 0.5;
};

/// A rectangle across y: what stands in it lets light through at its angle.
struct Pane {
    double y = 0, x0 = 0, x1 = 0, z0 = 0, z1 = 0;
    double transmittance = 0.8;  ///< normal incidence, single pane of index 1.526
    bool scatters = false;       ///< a fabric behind it: all that the pane passes leaves evenly, this share of it
    double cloth_through = 0, cloth_back = 0;
};

/// A triangle with holes: so much of the light that meets it goes straight through; the rest is reflected by the side
/// that is met, or lost.
struct Leaf {
    Vec3 a, b, c;
    double through = 0.5, reflectance = 0.3;
};

struct Sky {
    int type = 12;                           ///< 12: clear, low turbidity; 5: uniform
    double diffuse = 10000, direct = 80000;  ///< horizontal, and normal to the sun, lux
    Vec3 sun{0, -0.7, 0.7};
};

struct Scene {
    std::vector<Box> boxes;
    std::vector<Pane> panes;
    std::vector<Leaf> leaves;
    double ground = 0.2;  ///< reflectance of the plane z = 0 outside the boxes
};

/// Direction to the sun with x east and y north: Astronomical Almanac's low-precision formulae, good to 0.01 degrees
/// between 1950 and 2050, lifted by the air. day: of the year 2023, from 0; hour: universal time.
Vec3 almanac_sun(double latitude, double longitude, int day, double hour);

struct Estimate {
    double mean = 0, standard_error = 0;
};
/// Illuminance of a point that faces up.
Estimate illuminance(const Scene& scene, const Sky& sky, Vec3 at, size_t paths, unsigned seed);

/// Of five places on the level, a point and those a centimetre beside it, the share that a beam falls onto: neither 0
/// nor 1 where a beam's edge runs. Leaves are thrown for.
double sunlit_around(const Scene& scene, const Sky& sky, Vec3 at);

/// Of one pane of index 1.526 that passes so much at normal incidence: transmittance and reflectance at an angle of
/// incidence, by adding up what goes to and fro.
struct PaneShares {
    double transmittance, reflectance;
};
PaneShares pane_at(double cosine, double normal_transmittance);

}  // namespace wp::validation::boxes
