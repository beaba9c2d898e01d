// SPDX-License-Identifier: GPL-3.0-or-later
// An hourly weather year as the program uses it: gaps filled, light made from irradiance, everything that was done
// noted.
#pragma once
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "base/fingerprint.h"
#include "base/result.h"
#include "climate/sky.h"
#include "climate/sun.h"

namespace wp::climate {

/// What was done to an hour's values because the file's could not stand.
enum Doubt : unsigned { kInterpolated = 1, kDerived = 2, kSplit = 4, kNightCleared = 8, kCut = 16 };

enum class LightFrom { irradiance, file };

/// One hour of a year; the interval that ends at its label. NaN where a value is missing.
struct WeatherHour {
    double dry_bulb = 0;            ///< degrees Celsius
    double dew_point = 0;           ///< degrees Celsius
    double global_horizontal = 0;   ///< W/m^2, mean over the hour
    double direct_normal = 0;       ///< W/m^2
    double diffuse_horizontal = 0;  ///< W/m^2
    double direct_lux = 0;          ///< normal illuminance as the file carries it, NaN where it does not
    double diffuse_lux = 0;         ///< horizontal diffuse illuminance as the file carries it, NaN where it does not
    double cloud = 0;               ///< tenths of the sky covered
    unsigned doubt = 0;             ///< bits of Doubt
};

/// What is said wherever figures are of weather that is made up, and of verdicts on it.
inline constexpr const char* kMadeUpWeather = "made-up weather: for trying out";
inline constexpr const char* kNoCertificate = "made-up weather: not for a certificate";

/// A weather file as read: 8760 hours from 1 January, leap day left out.
struct WeatherYear {
    std::string station, country, source, comment;
    Place place;     ///< where its sun is computed for: where it was measured, or the site it is used at
    Place measured;  ///< as the file says
    std::vector<WeatherHour> hours;     ///< kHours of them
    std::vector<std::string> notes;     ///< what was doubtful, missing, filled or left out, in plain words
    int first_year = 0, last_year = 0;  ///< that the hours were taken from; 0: not from a file
    std::optional<std::pair<Moment, Moment>> summer_time;  ///< from and to, standard time; as the file says
    bool has_illuminance = false;                          ///< the file carries illuminance for every daylit hour
    LightFrom light_from = LightFrom::irradiance;          ///< what outdoor_year makes light of
    /// Made by the generator because nobody chose a file: figures are for trying out, verdicts for no certificate.
    bool made_up = false;

    Fingerprint fingerprint() const;
};

/// As it is named beside figures: station and source, or that it is made up.
std::string weather_name(const WeatherYear& weather);

/// The weather as a site uses it: one sun, the site's, for all that is asked; hours stay those of the file's time zone.
WeatherYear at_site(WeatherYear weather, const Place& site);
/// How far weather was measured from a site, in plain words; empty where that is of no account: below half a degree of
/// the sphere, and half an hour of time zone.
std::string measured_elsewhere(const Place& measured, const Place& site);

/// The light of one hour outdoors.
struct OutdoorHour {
    SunHour sun;             ///< azimuth clockwise from true north
    double direct_lux = 0;   ///< normal to the sun, mean over the sunlit part of the hour
    double diffuse_lux = 0;  ///< horizontal, mean over the hour
    double epsilon = 1, delta = 0;

    double global_lux() const;  ///< horizontal
    bool daylit() const { return diffuse_lux > 0; }
};

/// The outdoor light of the year: from irradiance by Perez' luminous efficacies, or as the file carries it.
std::vector<OutdoorHour> outdoor_year(const WeatherYear& weather);

/// The weather at a moment: each row tells the mean of an hour, which is taken for its middle, and between two middles
/// amounts and the figures of the sky's shape go straight. Where one of the two is dark, the shape is the other's;
/// where the sun does not shine in one, its beam is the other's. outdoor: 8760 hours. The sun is left as it stands in
/// the nearer row.
OutdoorHour weather_at(const std::vector<OutdoorHour>& outdoor, const Moment& moment);

/// The sky of an hour (without the sun's disc), with the sun's azimuth turned so that model +y has azimuth
/// north_azimuth (radians clockwise from true north).
Sky sky_of(const OutdoorHour& hour, double north_azimuth);

/// Unit vector to the sun in the model's axes.
Vec3 sun_direction(const SunPosition& sun, double north_azimuth);

/// The hours EN 17037 calls daylight hours: the half of the year (4380 h) with the highest diffuse horizontal
/// illuminance. Returned as a mask of 8760.
std::vector<bool> daylight_hours(const std::vector<OutdoorHour>& outdoor);
/// Median diffuse horizontal illuminance over those hours, lux (EN 17037:2018, annex A).
double median_diffuse(const std::vector<OutdoorHour>& outdoor);

/// Splits global horizontal irradiance: D. G. Erbs, S. A. Klein, J. A. Duffie, Solar Energy 28 (1982) 293-302.
/// Returns the diffuse share of the global for a clearness index kt.
double erbs_diffuse_share(double kt);

/// Fills what is missing (NaN) and notes how. Fails where more than a tenth of the daylit hours carry no irradiance.
Outcome fill_gaps(WeatherYear& weather);

}  // namespace wp::climate
