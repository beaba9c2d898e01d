// SPDX-License-Identifier: GPL-3.0-or-later
// Figures of a year that are told of every point, as a catalogue. Whoever lists, maps, writes or certifies them walks
// it: a further figure is a line there, and its definition one in data/usual_values.json.
#pragma once
#include <span>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "question/year.h"
#include "question/year_limits.h"
#include "question/year_look.h"

namespace wp::figure {

struct YearPointFigure {
    const char *id, *name, *unit;  ///< unit: "%" of the hours that count, "h a year", "lx"
    /// How it is found of the light of those hours.
    enum class Of {
        share_between,  ///< hours in which light is between two limits
        continuous,     ///< hours, those below the target by the share of it that they have
        mean,           ///< light
        direct_sun,     ///< hours in which direct sun alone brings 1000 lx; blinds open
    } of;
    /// Where a room's table has its mean.
    enum class InRooms { nowhere, first, second, after_areas } in_rooms = InRooms::nowhere;
    /// share_between: from the first limit to before the second, lux.
    std::pair<double, double> (*limits)(const question::YearLimits&) = nullptr;
    /// The illuminance that the name leaves open, lux; null: none.
    double (*by)(const question::YearLimits&) = nullptr;
    /// What it is called where electric light counts as well: daylight has names of its own. Null: the same.
    const char* of_any_light = nullptr;

    const char* name_by(question::LightCounted counted) const {
        return counted != question::LightCounted::daylight && of_any_light != nullptr ? of_any_light : name;
    }
    bool depends_on_blinds() const { return of != Of::direct_sun; }
};

/// All of them, in the order in which they are listed. They live as long as the program.
std::span<const YearPointFigure> year_point_figures();
/// Null where there is none of that id.
const YearPointFigure* find_year_point_figure(std::string_view id);
/// What maps begin with.
const YearPointFigure& daylight_autonomy();

struct PointValues {
    std::vector<double> value, low, high;  ///< low and high: ends of the 95 % band
};
/// In the figures' units. Many at once cost little more than one.
std::vector<PointValues> point_values(const question::YearAnswer& year, size_t plane,
                                      std::span<const YearPointFigure* const> figures,
                                      const question::YearLimits& limits, const metric::Hours& hours,
                                      question::Operation operation);
PointValues point_values(const question::YearAnswer& year, size_t plane, const YearPointFigure& figure,
                         const question::YearLimits& limits, const metric::Hours& hours, question::Operation operation);

/// Figures of each point, in the making: joined to a look that serves others, too.
class PointLook {
 public:
    PointLook(const question::YearAnswer& year, size_t plane, std::span<const YearPointFigure* const> figures,
              const question::YearLimits& limits, const metric::Hours& hours, question::Operation operation);
    void join(question::YearLook& look);
    std::vector<PointValues> take() { return std::move(out_); }

 private:
    void see(const question::YearAnswer::Part& part);
    void see_direct(const question::YearAnswer::Part& part);

    std::span<const YearPointFigure* const> figures_;
    const question::YearLimits& limits_;
    const metric::Hours& hours_;
    question::Operation operation_;
    std::vector<double> below_, above_;
    std::vector<PointValues> out_;
};

}  // namespace wp::figure
