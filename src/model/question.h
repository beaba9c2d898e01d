// SPDX-License-Identifier: GPL-3.0-or-later
// What is asked of an option.
#pragma once
#include <string>
#include <vector>

#include "climate/calendar.h"
#include "model/luminaire.h"
#include "model/material.h"
#include "model/picture_choice.h"
#include "model/site.h"

namespace wp::model {

/// Which sky and sun are looked at.
struct SkyChoice {
    enum class Shape {
        weather,  ///< all-weather sky of the hour
        cie,      ///< one of the sixteen of CIE S 011
        uniform,
    };
    /// Where the amounts of light come from.
    enum class Amount {
        weather,      ///< the hour's diffuse and direct light
        place,        ///< latitude and the sun's altitude, by the kind of sky
        illuminance,  ///< given in lux
        irradiance,   ///< given in W/m^2
    };
    Shape shape = Shape::weather;
    Amount amount = Amount::weather;
    int type = 16;           ///< of CIE S 011, shape cie only
    double diffuse = 10000;  ///< given amounts: on the horizontal
    double direct = 0;       ///< and normal to the sun
    bool needs_weather() const {
        return amount == Amount::weather || (shape == Shape::weather && amount == Amount::place);
    }
    bool operator==(const SkyChoice&) const;
};

/// Of which colour daylight is.
enum class SkyColour {
    d65,           ///< sky and sun as CIE D65
    by_luminance,  ///< the sky bluer the darker it is while the sun shines, else D65; the sun by the air it passes
};

/// What is asked of an option.
struct Question {
    enum class Kind {
        daylight_factor,
        moment,     ///< illuminance under the sky and sun of one moment or several
        sun_hours,  ///< how long the sun reaches a place, when first and when last
        sky_view,   ///< how much sky a place sees, and where none
        view_out,   ///< what eyes see of the outdoors: how wide, how far, in which layers
        sky_angle,  ///< how much of the upright quarter before a place is sky
        exposure,   ///< light and irradiation added up over a period
        year,
        glare,
        glare_year,  ///< glare in the time of use of a year, at places in all directions
        spectrum,    ///< light by wavelength at moments: what the five opsins get of it, and its colour
        body_clock,  ///< melanopic light at eyes in the time of use of a year, in all directions
        electric,    ///< light of luminaires, by circuit and scene, beside daylight at moments where there are some
    };
    enum class At {
        planes,
        windows,         ///< the middle of every window and rooflight, on the outer face of its wall
        window_reveals,  ///< the same on the inner face, 1.2 m above the floor and 0.3 m above the sill at least
        readings,        ///< at the option's readings
        eyes,            ///< spectrum, electric: at the observers' eyes, as each of them looks
    };
    Id id;
    std::string name;
    Kind kind = Kind::daylight_factor;
    At at = At::planes;          ///< not for the year, glare and glare_year
    std::vector<Id> planes;      ///< none means all of the option
    Id observer;                 ///< glare only; empty: the picture's own place
    climate::Moment moment;      ///< glare only
    PictureChoice picture;       ///< glare only
    PictureBatch batch;          ///< glare only
    GlareYearChoice glare_year;  ///< glare_year only
    BodyClockChoice body_clock;  ///< body_clock only
    ElectricChoice electric;     ///< electric only
    Id scene;  ///< electric: only this one, of all where empty; glare: whose luminaires shine beside daylight
    std::vector<climate::Moment> moments;  ///< moment: at least one; glare: where there are some they are the batch's
    SkyChoice sky;                         ///< moment, glare
    climate::Moment first{3, 21, 0},
        last{3, 21, 24};        ///< sun_hours, exposure: days, both included; may run over the new year
    double step = 5;            ///< sun_hours: minutes between looks
    double least_altitude = 0;  ///< sun_hours: degrees; a lower sun does not count
    bool probable = false;      ///< sun_hours: only when the weather's sun shines, not whenever it is up
    double accuracy = 0.02;     ///< wanted half-width (95 %) as a share of the stated figure
    unsigned seed = 1;
    double from = 8,
           to = 18;       ///< occupied hours of standard time, every day, of rooms without a pattern; year, glare_year
    double target = 300;  ///< lux; year only
    double useful_low = 100, useful_high = 3000;  ///< limits of useful daylight, lux; the target parts it; year only
    int heading = 0;                              ///< which of the observer's headings, glare only
    Season season = Season::in_leaf;              ///< daylight factor, sky view, sky angle
    double view_eye = 1.2;                        ///< view_out: height of eyes above the floor, metres
    int bands = 9;  ///< spectrum, body_clock, pictures by wavelength: into how many the visible range is cut
    SkyColour sky_colour = SkyColour::d65;  ///< likewise
    bool brow = false;                      ///< spectrum at eyes, body_clock: only what brow and cheek leave counts
    std::vector<std::string> without;       ///< things and blocks that are left out: ids, or kinds ("tree", "block")
    Extra extra;
    bool operator==(const Question&) const;
};

/// True where a question leaves a thing or block out.
bool left_out(const std::vector<std::string>& without, const Id& id, const char* kind);

}  // namespace wp::model

// Copying, comparing and releasing these is compiled once, in values.cpp: every file that touches one would make it
// anew.
extern template class std::vector<wp::model::Question>;
