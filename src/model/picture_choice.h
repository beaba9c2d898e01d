// SPDX-License-Identifier: GPL-3.0-or-later
// How a picture is asked for: through which lens, of what, with which blinds, and what counts as a source of glare.
#pragma once
#include <string>
#include <vector>

#include "base/vec.h"

namespace wp::model {

/// What counts as a source of glare.
struct SourceChoice {
    enum class Against { field_mean, task_zone, fixed_luminance };
    Against against = Against::field_mean;
    double times = 5;             ///< so many times the mean, field_mean and task_zone
    double luminance = 2000;      ///< cd/m^2, fixed_luminance
    double faintest = 0;          ///< cd/m^2 below which nothing is a source of glare; 0: the rule alone
    double joined_within = 11.5;  ///< degrees: sources so near each other are one; 0: only what touches
    /// The zone of the task: its middle right of and above the line of sight, and its angle across; degrees.
    double zone_aside = 0, zone_above = -25, zone_angle = 30;
    bool operator==(const SourceChoice&) const = default;
};

struct PictureChoice {
    enum class Lens {
        hemisphere,   ///< equidistant
        sphere,       ///< all around
        perspective,  ///< as on a plane before the eye
        parallel,     ///< plans, elevations, axonometries
    };
    enum class Of {
        luminance,
        illuminance,  ///< the light that falls onto what is seen
        wavelengths,  ///< luminance in bands of wavelength: colours, and what the body clock gets
    };
    enum class Blinds { as_they_stand, open, closed };

    Lens lens = Lens::hemisphere;
    Of of = Of::luminance;
    Blinds blinds = Blinds::as_they_stand;
    int pixels = 256;    ///< across
    int rows = 0;        ///< perspective, parallel: pixels from top to bottom; 0: three quarters of those across
    double field = 60;   ///< perspective: degrees seen across
    double across = 10;  ///< parallel: metres seen across
    double surely = 1;   ///< wanted half-width (95 %) of a typical pixel, as a share
    SourceChoice rule;
    /// Where no observer is named: a place and where one looks from it; metres, degrees.
    Vec3 from{0, 0, 1.2};
    double heading = 0, altitude = 0;
    bool operator==(const PictureChoice&) const = default;

    int height() const {
        return lens == Lens::hemisphere ? pixels : lens == Lens::sphere ? pixels / 2 : rows > 0 ? rows : pixels * 3 / 4;
    }
};

/// A year at seats: at which, and how blinds are worked meanwhile.
struct SeatsChoice {
    enum class Places {
        observers,  ///< of the option
        lattice,    ///< seats all over the rooms of the question's planes
    };
    enum class Blinds { as_worked, lm83, open, closed };
    Places places = Places::observers;
    Blinds blinds = Blinds::as_worked;
    double apart = 1.2;  ///< metres between places of the lattice
    double eye = 1.2;    ///< metres above the floor, lattice; EN 17037:2018, annex E: seated
    bool operator==(const SeatsChoice&) const = default;
};

/// A year of glare, and what is read of it.
struct GlareYearChoice : SeatsChoice {
    double limit = 0.45;  ///< DGP: a direction is clear where it is exceeded in at most the share
    double share = 0.05;  ///< of the time of use
    bool operator==(const GlareYearChoice&) const = default;
};

/// A year of light at the eye for the body clock, and what is read of it: whether on a day the melanopic equivalent
/// daylight illuminance stays at a level for some hours, without a break, that begin by an hour.
struct BodyClockChoice : SeatsChoice {
    double level = 136;  ///< lx
    double hours = 4, begins_by = 12;
    double share = 0.8;  ///< of the days of use: a direction suffices where light does so often
    bool operator==(const BodyClockChoice&) const = default;
};

/// Many pictures by one question, of every place in every direction, beside its moments.
struct PictureBatch {
    enum class Directions {
        as_asked,  ///< the one of the question's number
        own,       ///< all of the observer's
        around,    ///< all around, at the observer's altitude
    };
    std::vector<std::string> observers;  ///< ids; in place of the question's one
    Directions directions = Directions::as_asked;
    double apart = 45;  ///< around: degrees between directions, from the drawing's +y
    bool operator==(const PictureBatch&) const = default;
};

}  // namespace wp::model
