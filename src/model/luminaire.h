// SPDX-License-Identifier: GPL-3.0-or-later
// Electric light: kinds of luminaires with the light they give in each direction, where they hang, and scenes. Metres,
// degrees, candela, watts.
#pragma once
#include <string>
#include <vector>

#include "base/vec.h"
#include "model/material.h"

namespace wp::model {

/// A kind of luminaire. Its own axes: x along C 0, y along C 90, z up, so that gamma 0 looks straight down.
struct LuminaireType {
    /// Planes that intensities are given in (CIE 121:1996): around the vertical axis, or around a level one.
    enum class Planes {
        c_gamma,  ///< C: horizontals turn about z, verticals from straight down (0) to straight up (180)
        b_beta,   ///< B: both 0 straight down; verticals turn about y, towards x, horizontals lie within these planes
        a_alpha,  ///< A: both 0 straight down; horizontals turn about x, towards -y, verticals lie within these planes
    };
    enum class Opening {
        rectangle,  ///< its underside, with sides where it has a depth
        ellipse,    ///< likewise; of equal sizes a disc or an upright cylinder
        ball,       ///< shines all over
    };
    Id id;
    std::string name;
    Planes planes = Planes::c_gamma;
    /// Angles as the file has them, rising. Horizontals: one, all round; a quarter from 0 or a half from anywhere, the
    /// rest mirrored; or all round. Beyond the verticals there is no light.
    std::vector<double> horizontals, verticals;
    std::vector<double> candela;  ///< of the whole luminaire, undimmed; verticals within horizontals
    Opening opening = Opening::rectangle;
    double size_x = 0, size_y = 0, depth = 0;  ///< of what shines, metres; all 0: a point
    double power = 10;                         ///< W, with its gear
    double stand_by = 0;                       ///< W while it gives no light
    double lamp_lumens = 0;                    ///< lm of its lamps; 0: photometry is absolute
    double maintenance = 0.8;                  ///< of its light, what is left when it is maintained (EN 12464-1)
    double kelvin = 4000;                      ///< correlated colour temperature; 0: not known
    double ra = 80;                            ///< general colour rendering index; 0: not known
    std::vector<double> spectrum;              ///< relative, 380 to 780 nm in steps of 5 nm; empty: by its kelvin
    std::vector<double> tilts, tilt_light;     ///< how much light it gives tilted, by degrees from straight down
    std::string colour;                        ///< "#rrggbb", of drawings only
    std::string source;                        ///< where the figures come from
    Extra extra;
    bool operator==(const LuminaireType&) const;
};

/// A luminaire in its place.
struct Luminaire {
    Id id;
    std::string name;
    Id type;
    Id storey;            ///< whose floor its height counts from; empty: outdoors, from the site's zero
    Vec2 at;              ///< the middle of what shines, in plan
    double height = 2.8;  ///< of it above the floor
    double turn = 0;      ///< degrees counter-clockwise: where C 0 looks, 0 along the drawing's x
    double tilt = 0;      ///< degrees that straight down was raised towards C 0; 90 looks level
    Id circuit;           ///< of the option's electric light; empty: none, always on
    Extra extra;
    bool operator==(const Luminaire&) const;
};

/// How much light a circuit gives at most in a scene.
struct SceneLevel {
    Id circuit;
    double level = 1;  ///< share of its light
    bool operator==(const SceneLevel&) const;
};

/// A named set of levels. Circuits that it does not name are off.
struct LightScene {
    enum class When {
        by_hand,      ///< never by itself
        clock,        ///< between hours of the clock
        outdoor_lux,  ///< while the open ground has less light than a limit
    };
    Id id;
    std::string name;
    std::vector<SceneLevel> levels;
    bool dims = true;  ///< circuits go below their level as far as their control has them do by daylight
    When when = When::by_hand;
    double from = 17, to = 22;  ///< clock: hours; may run over midnight
    double below = 2000;        ///< outdoor_lux
    Extra extra;
    bool operator==(const LightScene&) const;
};

/// A question about electric light.
struct ElectricChoice {
    bool cylindrical = false;  ///< cylindrical illuminance and modelling over planes, too
    double eye = 1.2;          ///< metres above the floor at which these are told; seated (EN 12464-1)
    bool blinds_closed = true;
    bool colours = false;  ///< light by wavelength: melanopic figures, too
    bool operator==(const ElectricChoice&) const = default;
};

}  // namespace wp::model

// Copying, comparing and releasing these is compiled once, in values.cpp: every file that touches one would make it
// anew.
extern template class std::vector<wp::model::LuminaireType>;
extern template class std::vector<wp::model::Luminaire>;
extern template class std::vector<wp::model::LightScene>;
