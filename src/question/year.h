// SPDX-License-Identifier: GPL-3.0-or-later
// The climate-based year: illuminance of every point in every hour, from what was traced (year_light.h), each hour's
// own sky, the exact direct sun, the panes as they are now and blinds as they are worked. Nothing here casts a ray.
#pragma once
#include <array>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "climate/weather.h"
#include "metric/annual.h"
#include "question/year_light.h"
#include "question/year_sky.h"

namespace wp::question {

class HourlyLight;

/// Rule of IES LM-83 for blinds: a group's are closed in every hour in which more than this share of the plane's points
/// has direct sun of at least so many lux through the group's windows.
inline constexpr double kBlindShare = 0.02, kBlindLux = 1000;

/// How blinds are worked: not at all, by the rule of IES LM-83 whatever the control of their group, as that control
/// says, or closed as far as they go in every hour.
enum class Operation { open, lm83, control, closed };

/// Which light a year's figures count.
enum class LightCounted { daylight, electric, both };

/// Electric light on a plane through the year: what each circuit gives wholly on, times its level.
struct ElectricByHour {
    std::vector<std::vector<float>> lux;               ///< by circuit, of each point
    std::vector<std::vector<float>> level;             ///< by circuit, 8760, 0 to 1
    std::vector<std::vector<float>> level_half_width;  ///< 95 % of that, of the daylight's error at the sensors
    std::vector<std::vector<float>> half_width;        ///< 95 % of lux
};

struct PlaneYear {
    geometry::PlanePoints plane;
    std::vector<int> groups;         ///< indices of the window groups of the plane's room that have blinds
    double relative_half_width = 0;  ///< 95 %, blinds open, of the points' mean light over the lit hours, as a share of
                                     ///< that: root mean square over points
    /// The same of each point by itself, interpolation of the interreflected sun included; and the largest in any state
    /// of the blinds (empty: that with open ones). Empty: as the plane's.
    std::vector<float> half_width, closed_half_width;
    /// What of these all points share, of the plane's mean: 95 %, blinds open, and the largest in any state of them.
    double common = 0, closed_common = 0;
    /// The same where blinds are closed in that share of the lit hours.
    double common_of(double closed) const;
    /// Where blinds are closed in that share of the lit hours: root mean square over these, each with the error of its
    /// state's light.
    double width_of(size_t point, double closed) const;
    /// Root mean square over points.
    double width(double closed) const;
};

/// What a mean over hours at one point, or over a plane, is made of, lux.
struct YearShares {
    double total = 0, sun = 0, sky = 0, ground = 0, outdoors = 0, inside = 0, electric = 0;
    struct Window {
        model::Id id;             ///< empty: past all windows
        double lux = 0, sun = 0;  ///< sun: direct sun, part of lux
    };
    std::vector<Window> windows;  ///< from the brightest
};

/// One hour of a plane: what each point has, lux.
struct YearHour {
    std::vector<double> lux, sun, sky, reflected;
    std::vector<double> half_width;  ///< 95 % of lux, lux
    double mean_half_width = 0;  ///< 95 % of the plane's mean: of what was traced, which is independent between points,
                                 ///< and of where the sun's edge runs through patches, which is not
};

/// Sun's irradiance on and behind the panes of one opening, W/m^2 of pane, by hour of the year.
struct PaneHeat {
    model::Id opening;
    double area = 0;           ///< of glass, m^2
    double passes = 0;         ///< of irradiance square to the pane
    bool solar_known = false;  ///< passes is the material's solar factor; else its visible transmittance stands in
    std::vector<float> on, through;  ///< 8760
};

class YearAnswer {
 public:
    struct Inputs {
        std::shared_ptr<const YearLight> light;
        std::shared_ptr<const YearSky> sky;
        std::vector<YearGroup> groups;
        geometry::Surfaces panes;             ///< portals, glazings and blinds as they are now
        std::shared_ptr<HourlyLight> hourly;  ///< of an answer before, to be taken over where it serves; made otherwise
        model::YearCalendar calendar;         ///< hours are given by the clock
        std::vector<bool> occupied;           ///< by plane; one that is not closes no blinds. Empty: all are
    };
    YearAnswer();
    explicit YearAnswer(Inputs inputs);
    /// A year that is given as numbers, for tests of what is made of it.
    struct Given {
        PlaneYear plane;
        metric::HourlyLux open, blinds, direct;
    };
    YearAnswer(std::vector<Given> planes, std::vector<climate::OutdoorHour> outdoor);
    /// The same year counting electric light beside daylight, or in its place: light, its errors and what it is made of
    /// are those of what is counted. Direct sun, blinds, glass and what falls without direct sun stay daylight's.
    YearAnswer counting(std::shared_ptr<const std::vector<ElectricByHour>> electric, LightCounted counted) const;
    LightCounted counted() const { return counted_; }
    /// The year by daylight alone.
    YearAnswer by_daylight() const;

    std::vector<PlaneYear> planes;
    std::vector<climate::OutdoorHour> outdoor;
    std::vector<YearGroup> groups;
    Record record;

    /// Light of a plane by hour comes in parts of its points, one after the other: that of large planes is never held
    /// whole. Computed when it is asked for, kept while there is room. May be called from any thread.
    struct Part {
        size_t first = 0;  ///< point
        std::shared_ptr<const metric::HourlyLux> light;
    };
    size_t parts(size_t plane) const;
    Part lux_part(size_t plane, size_t part, Operation operation) const;
    /// The same of the half-widths of 95 %, hour by hour: a single hour is less sure than a year. Not kept. A year that
    /// is given as numbers has none: zero.
    Part half_width_part(size_t plane, size_t part, Operation operation) const;
    /// Without direct sun, blinds as they are worked: lux. Not kept. A year that is given as numbers has none.
    Part shade_part(size_t plane, size_t part, Operation operation) const;
    /// What falls onto the outside of an opening's panes, their mean, but for direct sun: lux, by lit hour. Empty: it
    /// leads to no open air.
    std::vector<float> pane_shade(const model::Id& opening) const;
    /// Direct sun alone, blinds open: what sunlight exposure counts.
    Part direct_part(size_t plane, size_t part) const;
    /// Of all points at once, for those who need them side by side.
    std::shared_ptr<const metric::HourlyLux> lux(size_t plane, Operation operation) const;
    std::shared_ptr<const metric::HourlyLux> direct(size_t plane) const;
    /// State of a group in each hour of the year: 0 open, then as YearGroup::states.
    const std::vector<uint8_t>& states(size_t group, Operation operation) const;
    /// Hours in which more than kBlindShare of a plane's points have kBlindLux of direct sun or more although blinds
    /// are worked: no state of the groups meets the rule.
    metric::Hours unmet(size_t plane, Operation operation) const;
    /// Share of the lit hours in which any of the plane's groups is closed.
    double closed_share(size_t plane, Operation operation) const;
    /// 95 %, of a point's light in the lit hours, blinds as they are worked; and root mean square over the plane's
    /// points.
    double width_of(size_t plane, size_t point, Operation operation) const {
        return planes[plane].width_of(point, closed_share(plane, operation));
    }
    double width(size_t plane, Operation operation) const {
        return planes[plane].width(closed_share(plane, operation));
    }
    YearHour hour(size_t plane, int hour, Operation operation) const;
    /// point -1: mean of the plane. Mean over the hours that count.
    YearShares shares(size_t plane, int point, const metric::Hours& hours, Operation operation) const;
    /// Irradiance of each opening's panes: by its solar factor where it has one, square to the pane, and the pane's
    /// angles for light.
    std::vector<PaneHeat> heat() const;
    /// Panes have changed since some of the light was traced: what was reflected outdoors takes the pane at its mean
    /// angle.
    bool panes_changed() const;
    const Inputs* inputs() const;
    /// Every day between two hours of the project's clock; of a year that is given as numbers, of standard time.
    metric::Hours clock_hours(double from, double to) const;
    std::string clock_words() const;
    /// What depends on nothing but the answer, computed once: shares of a plane and their band. May be called from any
    /// thread.
    std::array<double, 3> once(size_t plane, const std::string& name,
                               const std::function<std::array<double, 3>()>& compute) const;
    /// The same in two steps. None: nothing was noted under that name.
    std::optional<std::array<double, 3>> known(size_t plane, const std::string& name) const;
    void note(size_t plane, const std::string& name, const std::array<double, 3>& figures) const;

 private:
    class Evaluator;
    std::shared_ptr<Evaluator> evaluator_;
    std::shared_ptr<const std::vector<Given>> given_;
    std::shared_ptr<const std::vector<ElectricByHour>> electric_;
    std::shared_ptr<const YearAnswer> daylight_;  ///< null: this one
    LightCounted counted_ = LightCounted::daylight;
    Part daylight_part(size_t plane, size_t part, Operation operation) const;
    struct Once;
    std::shared_ptr<Once> once_;
};

/// Place of a site in the weather's own time zone: where the sun of a year stands.
climate::Place place_of_year(climate::Place site, const climate::WeatherYear& weather);

/// All at once, where nothing is kept and no project is at hand: windows grouped by themselves, their own blinds by the
/// rule of LM-83. The place is the weather's. Cancelled: settled is false and planes are empty.
YearAnswer solve_year(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                      const climate::WeatherYear& weather, double north_azimuth, const Effort& effort,
                      const Cancel& cancel = {}, const Progress& progress = {});

}  // namespace wp::question
