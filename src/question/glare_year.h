// SPDX-License-Identifier: GPL-3.0-or-later
// Glare of every hour of a year, at places and in directions: the light at the eye and what stands out of it, from what
// is really seen there - sky and sun through the panes, veils, sunlit and lit surfaces - in each hour's own light.
// Never a picture an hour: what is seen is found once a place, the light of surfaces comes from the year's
// coefficients.
#pragma once
#include <functional>
#include <limits>
#include <string>
#include <vector>

#include "base/progress.h"
#include "metric/annual.h"
#include "question/ask_year.h"
#include "question/eye_cells.h"
#include "question/year.h"

namespace wp::question {

/// A room's year with the light of its surfaces: traced once, serves every place in it, any control of blinds, any
/// hours.
struct LitRooms {
    std::shared_ptr<const YearAnswer> year;  ///< of the scene's planes, then of the surfaces
    size_t first_surface = 0;                ///< among the year's planes
    std::vector<SurfacePlane> planes;
    geometry::Surfaces surfaces;
    Record record;
};

/// Spaces around some places: what they share light with.
std::vector<bool> spaces_around(const geometry::Surfaces& surfaces, const std::vector<model::Observer>& places);

/// scene: the year's own; spaces: whose surfaces are wanted. Accuracy is that of the surfaces' light. Cancelled: the
/// year is null.
/// known: rooms that were lit before; where only control, hours or weather are others they cost no ray. May be null.
LitRooms light_rooms(const YearScene& scene, const climate::WeatherYear& weather, const std::vector<bool>& spaces,
                     const Effort& effort, const Cancel& cancel = {}, const Progress& progress = {},
                     const Cache& cache = {}, const LitRooms* known = nullptr);

/// Of one place, by heading and hour.
struct PlaceGlare {
    static constexpr float kDark = -1;
    model::Observer place;
    std::vector<double> headings;           ///< degrees clockwise from the drawing's +y
    std::vector<std::vector<float>> dgp;    ///< by heading: 8760, kDark where it is dark or was not asked for
    std::vector<std::vector<float>> lux;    ///< likewise: vertical illuminance at the eye
    std::vector<std::vector<uint16_t>> by;  ///< likewise: which of the things dazzles most; kNothing: none
    static constexpr uint16_t kNothing = std::numeric_limits<uint16_t>::max();
    std::vector<std::string> things;  ///< in words: W-03, sun in W-03, ceiling of R-01

    /// Of what dazzles most in an hour; empty: nothing stands out.
    std::string dazzles(size_t heading, size_t hour) const;
    /// Value that is exceeded in a share of the hours.
    double exceeded(size_t heading, const metric::Hours& hours, double share) const;
    /// Share of the hours in which a value is exceeded.
    double share_above(size_t heading, const metric::Hours& hours, double value) const;
    /// What dazzles most often in those of the hours in which a value is exceeded; empty: it never is.
    std::string most_often(size_t heading, const metric::Hours& hours, double value) const;
};

struct GlareYearTask {
    const LitRooms* rooms = nullptr;
    const model::Option* option = nullptr;  ///< for names
    std::vector<model::Observer> places;
    std::vector<double> headings;  ///< degrees; looked at from every place
    bool own_headings = false;     ///< after these, each place's own
    metric::Hours hours;           ///< that are wanted; empty: all
    Operation operation = Operation::control;
    double north_azimuth = 0;
};
/// One place after the other, each given to take as it is found: a year of a place is large. Cancelled: the rest is not
/// given.
using TakePlace = std::function<void(PlaceGlare&&)>;
void glare_year(const GlareYearTask& task, const TakePlace& take, const Cancel& cancel = {},
                const Progress& progress = {});
/// Cancelled: none.
std::vector<PlaceGlare> glare_year(const GlareYearTask& task, const Cancel& cancel = {}, const Progress& progress = {});

}  // namespace wp::question
