// SPDX-License-Identifier: GPL-3.0-or-later
#include "figure/year_rooms.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <memory>
#include <numeric>

#include "base/log.h"
#include "light/replicates.h"

namespace wp::figure {

using question::Operation;
using question::PlaneYear;
using question::YearAnswer;
using question::YearLimits;
using question::YearLook;

namespace {

/// A point counts as over-lit with ten times the target in more than 5 % of the hours (Z. Rogers 2006).
constexpr double kOverLitShare = 0.05;

/// EN 17037:2018, table A.1: a target over half of the plane, a minimum over 95 % of it, lux.
struct Level {
    const char *target_id, *target_name, *minimum_id, *minimum_name;
    double target, minimum;
};
constexpr Level kLevels[] = {
    {"provision_target", "EN 17037, 300 lx on half", "provision_minimum", "EN 17037, 100 lx on 95 %", 300, 100},
    {"provision_target_medium", "EN 17037, 500 lx on half", "provision_minimum_medium", "EN 17037, 300 lx on 95 %", 500,
     300},
    {"provision_target_high", "EN 17037, 750 lx on half", "provision_minimum_high", "EN 17037, 500 lx on 95 %", 750,
     500}};

double mean_of(const std::vector<double>& v) {
    return v.empty() ? 0 : std::accumulate(v.begin(), v.end(), 0.0) / static_cast<double>(v.size());
}

// A mean over points: the band of what is independent between them shrinks with the root of their number, that of what
// they share does not. shared: which part of each band that is.
RoomFigure mean_figure(std::string id, std::string name, std::string unit, const PointValues& v, double shared) {
    RoomFigure out{std::move(id), std::move(name), std::move(unit), mean_of(v.value), 0, 0};
    double below = 0, above = 0;
    for (size_t i = 0; i < v.value.size(); ++i) {
        below += std::pow(v.value[i] - v.low[i], 2);
        above += std::pow(v.high[i] - v.value[i], 2);
    }
    const auto n = static_cast<double>(std::max<size_t>(v.value.size(), 1));
    out.low = out.value - std::hypot(std::sqrt(below) / n, shared * (out.value - mean_of(v.low)));
    out.high = out.value + std::hypot(std::sqrt(above) / n, shared * (mean_of(v.high) - out.value));
    return out;
}

// The band of a share: what its points' chances leave, wide enough to hold the value itself. shared: as above; points
// that err alike pass or fail alike.
void set_band(SpatialAutonomy& share, const metric::Passing& p, double shared) {
    const double half_width = std::hypot(p.half_width, shared * p.together);
    share.low = std::clamp(std::min(share.value, p.expected - half_width), 0.0, 1.0);
    share.high = std::clamp(std::max(share.value, p.expected + half_width), 0.0, 1.0);
}

// Which part of the points' error they all share, where blinds are closed in that share of the hours.
double shared_part(const PlaneYear& plane, double closed) {
    const double width = plane.width(closed);
    return width > 0 ? std::min(1.0, plane.common_of(closed) / width) : 0.0;
}

void append(std::vector<double>& to, const std::vector<double>& more) { to.insert(to.end(), more.begin(), more.end()); }

/// Spatial autonomy, in the making.
class SpatialLook {
 public:
    SpatialLook(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux, double time_share,
                Operation operation)
        : year_(year), plane_(plane), hours_(hours), lux_(lux), time_share_(time_share), operation_(operation) {}
    void join(YearLook& look) {
        look.at(operation_, [this](const auto& part) {
            append(out_.autonomy, metric::autonomy(*part.light, hours_, lux_));
            append(has_, metric::lux_in_share(*part.light, hours_, time_share_));
        });
    }
    SpatialAutonomy take() {
        out_.value = metric::share_at_least(out_.autonomy, time_share_);
        // A point passes where the light it has in that share of the hours reaches the target: its error is a share of
        // that light.
        const double closed = year_.closed_share(plane_, operation_);
        std::vector<double> margin(has_.size()), error(has_.size());
        for (size_t i = 0; i < has_.size(); ++i) {
            margin[i] = has_[i] - lux_;
            error[i] = has_[i] * year_.planes[plane_].width_of(i, closed) / light::kStudent95;
        }
        set_band(out_, metric::passing(margin, error), shared_part(year_.planes[plane_], closed));
        return std::move(out_);
    }

 private:
    const YearAnswer& year_;
    size_t plane_;
    const metric::Hours& hours_;
    double lux_, time_share_;
    Operation operation_;
    std::vector<double> has_;
    SpatialAutonomy out_;
};

/// Sunlight exposure, in the making.
class ExposureLook {
 public:
    ExposureLook(const metric::Hours& hours, double lux, double limit_hours)
        : hours_(hours), lux_(lux), limit_hours_(limit_hours) {}
    void join(YearLook& look) {
        look.at_direct(
            [this](const auto& part) { append(out_.hours, metric::hours_at_least(*part.light, hours_, lux_)); });
    }
    SunlightExposure take() {
        out_.value = metric::share_above(out_.hours, limit_hours_);
        return std::move(out_);
    }

 private:
    const metric::Hours& hours_;
    double lux_, limit_hours_;
    SunlightExposure out_;
};

/// Provision, in the making: points with the light by hour, as they are and at both ends of the band.
class ProvisionLook {
 public:
    ProvisionLook(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux, double area_share,
                  Operation operation)
        : points_(year.planes[plane].plane.points.size()),
          hours_(hours),
          area_share_(area_share),
          operation_(operation) {
        // Whatever share of the plane is asked for depends on few points: their error is taken whole, which is on the
        // safe side.
        const double w = std::min(year.width(plane, operation), 0.95);
        limits_ = {lux, lux / (1 - w), lux / (1 + w)};
    }
    void join(YearLook& look) {
        look.at(operation_, [this](const auto& part) {
            for (size_t k = 0; k < limits_.size(); ++k)
                metric::add_points_at_least(*part.light, hours_, limits_[k], found_[k]);
        });
    }
    SpatialAutonomy take() const {
        const auto share = [&](size_t k) { return metric::share_with_enough(found_[k], hours_, points_, area_share_); };
        return {share(0), share(1), share(2), {}};
    }

 private:
    size_t points_;
    const metric::Hours& hours_;
    double area_share_;
    Operation operation_;
    std::array<double, 3> limits_{};
    std::array<std::vector<uint32_t>, 3> found_;
};

/// Hours of a plane's mean, in the making.
class MeanHoursLook {
 public:
    MeanHoursLook(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux, Operation operation)
        : points_(static_cast<double>(year.planes[plane].plane.points.size())),
          hours_(hours),
          operation_(operation),
          sum_(hours.size(), 0.0) {
        const double w = std::min(year.width(plane, operation), 0.95);
        limits_ = {lux, lux / (1 - w), lux / (1 + w)};
    }
    void join(YearLook& look) {
        look.at(operation_, [this](const auto& part) {
            for (size_t h = 0; h < hours_.size(); ++h)
                for (const float v : part.light->at(static_cast<int>(h))) sum_[h] += static_cast<double>(v);
        });
    }
    SpatialAutonomy take() const {
        std::array<double, 3> found{};
        for (size_t h = 0; h < hours_.size(); ++h)
            for (size_t k = 0; k < 3 && hours_[h]; ++k) found[k] += sum_[h] >= limits_[k] * points_;
        return {found[0], found[1], found[2], {}};
    }

 private:
    double points_;
    const metric::Hours& hours_;
    Operation operation_;
    std::array<double, 3> limits_{};
    std::vector<double> sum_;
};

template <class Making>
auto looked_at(const YearAnswer& year, size_t plane, Making making) {
    YearLook look(year, plane);
    making.join(look);
    look.run();
    return making.take();
}

}  // namespace

SpatialAutonomy spatial_autonomy(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                 double time_share, Operation operation) {
    return looked_at(year, plane, SpatialLook(year, plane, hours, lux, time_share, operation));
}

SunlightExposure sunlight_exposure(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                   double limit_hours) {
    return looked_at(year, plane, ExposureLook(hours, lux, limit_hours));
}

SpatialAutonomy hours_with_mean(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                Operation operation) {
    return looked_at(year, plane, MeanHoursLook(year, plane, hours, lux, operation));
}

SpatialAutonomy provision(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                          double area_share, Operation operation) {
    return looked_at(year, plane, ProvisionLook(year, plane, hours, lux, area_share, operation));
}

namespace {

// Figures with hours and operation of their own: whoever drags a band of others does not wait for them.
class Fixed {
 public:
    Fixed(const YearAnswer& year, size_t plane) : year_(year), plane_(plane) {}
    template <class Making, class Value>
    void want(const char* id, YearLook& look, Making making, Value value) {
        if (year_.known(plane_, id)) return;
        auto kept = std::make_shared<Making>(std::move(making));
        kept->join(look);
        after_.push_back([this, id, kept, value] { year_.note(plane_, id, value(kept->take())); });
    }
    /// After the look.
    void settle() {
        for (const auto& after : after_) after();
    }
    std::array<double, 3> of(const char* id) const { return *year_.known(plane_, id); }

 private:
    const YearAnswer& year_;
    size_t plane_;
    std::vector<std::function<void()>> after_;
};

std::array<double, 3> ends_of(const SpatialAutonomy& s) { return {s.value, s.low, s.high}; }

}  // namespace

std::vector<RoomFigure> room_figures(const YearAnswer& year, size_t plane, const YearLimits& limits,
                                     const metric::Hours& hours, Operation operation) {
    std::vector<const YearPointFigure*> figures;
    for (const auto& f : year_point_figures())
        if (f.in_rooms != YearPointFigure::InRooms::nowhere) figures.push_back(&f);
    figures.push_back(find_year_point_figure("maximum_autonomy"));
    const auto usual = year.clock_hours(8, 18), daylight = climate::daylight_hours(year.outdoor);
    YearLook look(year, plane);
    PointLook points(year, plane, figures, limits, hours, operation);
    points.join(look);
    SpatialLook spatial(year, plane, hours, limits.target, 0.5, operation);
    spatial.join(look);
    // What a standard defines it defines of daylight, whatever else is counted.
    const YearAnswer daylit = year.by_daylight();
    YearLook at_daylight(daylit, plane);
    const bool by_daylight = year.counted() == question::LightCounted::daylight;
    YearLook& fixed_look = by_daylight ? look : at_daylight;
    Fixed fixed(daylit, plane);
    fixed.want("spatial_autonomy_lm83", fixed_look, SpatialLook(daylit, plane, usual, 300, 0.5, Operation::lm83),
               ends_of);
    fixed.want("spatial_autonomy_open", fixed_look, SpatialLook(daylit, plane, usual, 300, 0.5, Operation::open),
               ends_of);
    fixed.want("sunlight_exposure_lm83", fixed_look, ExposureLook(usual, 1000, 250),
               [](const SunlightExposure& e) -> std::array<double, 3> {
                   return {e.value, e.value, e.value};
               });
    for (const Level& l : kLevels) {
        fixed.want(l.target_id, fixed_look, ProvisionLook(daylit, plane, daylight, l.target, 0.5, Operation::open),
                   ends_of);
        fixed.want(l.minimum_id, fixed_look, ProvisionLook(daylit, plane, daylight, l.minimum, 0.95, Operation::open),
                   ends_of);
    }
    look.run();
    if (&fixed_look != &look) fixed_look.run();
    fixed.settle();
    log(LogOf::figure, "figures of {}: {} points", year.planes[plane].plane.plane,
        year.planes[plane].plane.points.size());

    std::vector<RoomFigure> out;
    const auto values = points.take();
    const double shared = shared_part(year.planes[plane], year.closed_share(plane, operation));
    using InRooms = YearPointFigure::InRooms;
    const auto means = [&](InRooms where) {
        for (size_t k = 0; k < figures.size(); ++k)
            if (figures[k]->in_rooms == where)
                out.push_back(mean_figure(figures[k]->id, figures[k]->name_by(year.counted()), figures[k]->unit,
                                          values[k], shared));
    };
    const auto share = [&](const char* id, const char* name, const std::array<double, 3>& s) {
        out.push_back({id, name, "%", 100 * s[0], 100 * s[1], 100 * s[2]});
    };
    means(InRooms::first);
    means(InRooms::second);
    share("spatial_autonomy", by_daylight ? "Spatial daylight autonomy" : "Area with the target half of the time",
          ends_of(spatial.take()));
    share("spatial_autonomy_lm83", "Spatial daylight autonomy, LM-83 (sDA300/50%)", fixed.of("spatial_autonomy_lm83"));
    share("spatial_autonomy_open", "The same without blinds", fixed.of("spatial_autonomy_open"));
    share("sunlight_exposure_lm83", "Annual sunlight exposure, LM-83 (ASE1000,250h)",
          fixed.of("sunlight_exposure_lm83"));
    means(InRooms::after_areas);
    const PointValues& most = values.back();
    const auto over = [&](const std::vector<double>& v) { return 100 * metric::share_above(v, 100 * kOverLitShare); };
    out.push_back({"over_lit", "Over-lit area", "%", over(most.value), over(most.low), over(most.high)});
    for (const Level& l : kLevels) {
        share(l.target_id, l.target_name, fixed.of(l.target_id));
        share(l.minimum_id, l.minimum_name, fixed.of(l.minimum_id));
    }
    const double unmet =
        year.once(plane, "unmet_hours " + std::to_string(static_cast<int>(operation)), [&]() -> std::array<double, 3> {
            return {static_cast<double>(metric::count(year.unmet(plane, operation)))};
        })[0];
    out.push_back({"unmet_hours", "No blind keeps the sun out", "h a year", unmet, unmet, unmet});
    return out;
}

}  // namespace wp::figure
