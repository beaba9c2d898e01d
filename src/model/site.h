// SPDX-License-Identifier: GPL-3.0-or-later
// Where it stands.
#pragma once
#include <string>
#include <vector>

#include "model/building.h"
#include "model/material.h"

namespace wp::model {

struct Site {
    std::string name;
    double latitude = 0, longitude = 0, time_zone = 0, elevation = 0;
    double north = 0;  ///< azimuth of the drawing's +y, degrees clockwise from true north
    double ground_reflectance = 0.2;
    std::vector<double>
        ground_by_month;  ///< empty: the same all the year; else twelve reflectances for moments and years
    Id ground_colour;  ///< a material whose spectrum is the ground's; how much it reflects stays as it is. Empty: grey
    double ground_level = 0;
    double dirt = 0;                  ///< share of light that dirt takes from an upright pane under normal exposure
    int leaf_from = 5, leaf_to = 10;  ///< months in which trees are in leaf, both included; may run over the new year
    std::string weather;              ///< path of the EPW file, relative to the project file
    std::vector<std::string> other_weather;  ///< further weather files, to be chosen
    bool made_up_weather = false;  ///< where there is no file: a made-up year for its latitude, for trying out
    bool light_from_file = false;  ///< outdoor light as the file carries it, where it does, instead of from irradiance
    Extra extra;
    bool operator==(const Site&) const;
};

/// Trees with or without leaves.
enum class Season { in_leaf, bare };
Season season_of(int leaf_from, int leaf_to, int month);
/// What dirt leaves of a pane's light: 1 for a clean site. tilt: degrees between the pane and the upright, 0 to 90.
/// A loss by the site times a factor by slope and weather, after BS 8206-2:2008 (withdrawn), annex A.
double maintenance_factor(const Site& site, Exposure exposure, double tilt);

}  // namespace wp::model
