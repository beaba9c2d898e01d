// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_figures.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <numeric>
#include <optional>

#include "light/replicates.h"

namespace wp::question {

namespace {

constexpr double kEndless = 1e30;
constexpr double kThreeLow = 100, kThreeHigh = 2000, kSaturated[2] = {430, 4300};
/// Maximum autonomy: ten times the target (Z. Rogers 2006); a point counts as over-lit above 5 % of the hours.
constexpr double kTooMuch = 10, kOverLitShare = 0.05;

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

// Between which limits, lux, the hours of a figure lie; none for figures that are no shares of hours.
std::optional<std::pair<double, double>> limits_of(PointFigure figure, const YearLimits& l) {
    switch (figure) {
        case PointFigure::autonomy:
            return {{l.target, kEndless}};
        case PointFigure::maximum:
            return {{kTooMuch * l.target, kEndless}};
        case PointFigure::too_dark:
            return {{0, l.low}};
        case PointFigure::supplementary:
            return {{l.low, l.target}};
        case PointFigure::useful:
            return {{l.target, l.high}};
        case PointFigure::too_bright:
            return {{l.high, kEndless}};
        case PointFigure::useful_three:
            return {{kThreeLow, kThreeHigh}};
        case PointFigure::bright_three:
            return {{kThreeHigh, kEndless}};
        case PointFigure::saturation:
            return {{kSaturated[0], kSaturated[1]}};
        default:
            return {};
    }
}

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

}  // namespace

const PointFigureName& name_of(PointFigure figure) {
    static constexpr PointFigureName names[kPointFigures] = {{"autonomy", "Daylight autonomy", "%"},
                                                             {"continuous_autonomy", "Continuous autonomy", "%"},
                                                             {"maximum_autonomy", "Ten times the target", "%"},
                                                             {"too_dark", "Below the useful", "%"},
                                                             {"supplementary", "Useful with some electric light", "%"},
                                                             {"useful", "Useful by itself", "%"},
                                                             {"too_bright", "Above the useful", "%"},
                                                             {"useful_three", "Useful, 100 to 2000 lx", "%"},
                                                             {"bright_three", "Above 2000 lx", "%"},
                                                             {"saturation", "Saturation, 430 to 4300 lx", "%"},
                                                             {"direct_sun_hours", "Direct sun of 1000 lx", "h a year"},
                                                             {"mean", "Mean illuminance", "lx"}};
    return names[static_cast<size_t>(figure)];
}

namespace {

// Ends of a band that was reckoned as value, less, more: the value is never outside.
void set_ends(PointValues& out, double unit) {
    for (size_t i = 0; i < out.value.size(); ++i) {
        const double ends[3] = {out.value[i], out.low[i], out.high[i]};
        out.value[i] *= unit;
        out.low[i] = unit * *std::min_element(ends, ends + 3);
        out.high[i] = unit * *std::max_element(ends, ends + 3);
    }
}

}  // namespace

namespace {

/// Looks at a plane's light part by part, and once for all that is to be told of it.
class Look {
 public:
    using See = std::function<void(const YearAnswer::Part&)>;
    Look(const YearAnswer& year, size_t plane) : year_(year), plane_(plane) {}
    void at(Operation operation, See see) { at_light_[operation].push_back(std::move(see)); }
    void at_direct(See see) { at_direct_.push_back(std::move(see)); }
    void run() const {
        for (const auto& [operation, all] : at_light_)
            each_part(all, [&, operation = operation](size_t k) { return year_.lux_part(plane_, k, operation); });
        each_part(at_direct_, [&](size_t k) { return year_.direct_part(plane_, k); });
    }

 private:
    void each_part(const std::vector<See>& all, const std::function<YearAnswer::Part(size_t)>& part_of) const {
        for (size_t k = 0; k < year_.parts(plane_) && !all.empty(); ++k) {
            const auto part = part_of(k);
            for (const See& see : all) see(part);
        }
    }
    const YearAnswer& year_;
    size_t plane_;
    std::map<Operation, std::vector<See>> at_light_;
    std::vector<See> at_direct_;
};

void append(std::vector<double>& to, const std::vector<double>& more) { to.insert(to.end(), more.begin(), more.end()); }

/// Figures of each point, in the making.
class PointLook {
 public:
    PointLook(const YearAnswer& year, size_t plane, std::span<const PointFigure> figures, const YearLimits& limits,
              const metric::Hours& hours, Operation operation)
        : figures_(figures), limits_(limits), hours_(hours), operation_(operation), out_(figures.size()) {
        // The error of a point's light is of one piece for the sky, by the hour for the sun. To move it as a whole is
        // on the safe side.
        const PlaneYear& widths = year.planes[plane];
        const double closed = year.closed_share(plane, operation);
        for (size_t i = 0; i < widths.plane.points.size(); ++i) {
            const double w = std::min(widths.width_of(i, closed), 0.95);
            below_.push_back(1 - w);
            above_.push_back(1 + w);
        }
    }
    void join(Look& look) {
        const auto is_sun = [](PointFigure f) { return f == PointFigure::sun_hours; };
        if (!std::all_of(figures_.begin(), figures_.end(), is_sun))
            look.at(operation_, [this](const auto& part) { see(part); });
        if (std::any_of(figures_.begin(), figures_.end(), is_sun))
            look.at_direct([this](const auto& part) { see_direct(part); });
    }
    std::vector<PointValues> take() { return std::move(out_); }

 private:
    void see_direct(const YearAnswer::Part& part) {
        for (size_t k = 0; k < figures_.size(); ++k)
            if (figures_[k] == PointFigure::sun_hours) {
                append(out_[k].value, metric::hours_at_least(*part.light, hours_, kBlindLux));
                out_[k].low = out_[k].high = out_[k].value;
            }
    }
    void see(const YearAnswer::Part& part) {
        const auto& light = *part.light;
        const metric::Scale below = std::span(below_).subspan(part.first, light.points),
                            above = std::span(above_).subspan(part.first, light.points), ends[3] = {{}, below, above};
        std::vector<metric::Limit> wanted;
        for (const PointFigure f : figures_)
            if (const auto between = limits_of(f, limits_))
                for (const auto& end : ends)
                    wanted.insert(wanted.end(), {{between->first, end}, {between->second, end}});
        const auto found = metric::hours_at_least(light, hours_, wanted);
        const auto n = static_cast<double>(std::max<size_t>(metric::count(hours_), 1));
        size_t next = 0;
        for (size_t k = 0; k < figures_.size(); ++k) {
            const PointFigure f = figures_[k];
            if (f == PointFigure::sun_hours) continue;
            PointValues v;
            if (f == PointFigure::mean) {
                v.value = v.low = v.high = metric::mean_of_points(light, hours_);
                for (size_t i = 0; i < v.value.size(); ++i) v.low[i] *= below[i], v.high[i] *= above[i];
            } else {
                size_t end = 0;
                for (auto* list : {&v.value, &v.low, &v.high}) {
                    if (f == PointFigure::continuous) {
                        *list = metric::continuous_autonomy(light, hours_, limits_.target, ends[end++]);
                        continue;
                    }
                    *list = found[next];
                    for (size_t i = 0; i < list->size(); ++i) (*list)[i] = ((*list)[i] - found[next + 1][i]) / n;
                    next += 2;
                }
                set_ends(v, 100);
            }
            append(out_[k].value, v.value);
            append(out_[k].low, v.low);
            append(out_[k].high, v.high);
        }
    }

    std::span<const PointFigure> figures_;
    const YearLimits& limits_;
    const metric::Hours& hours_;
    Operation operation_;
    std::vector<double> below_, above_;
    std::vector<PointValues> out_;
};

/// Spatial autonomy, in the making.
class SpatialLook {
 public:
    SpatialLook(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux, double time_share,
                Operation operation)
        : year_(year), plane_(plane), hours_(hours), lux_(lux), time_share_(time_share), operation_(operation) {}
    void join(Look& look) {
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
    void join(Look& look) {
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
        // Whatever share of the plane is asked for hangs on few points: their error is taken whole, which is on the
        // safe side.
        const double w = std::min(year.width(plane, operation), 0.95);
        limits_ = {lux, lux / (1 - w), lux / (1 + w)};
    }
    void join(Look& look) {
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

template <class Making>
auto looked_at(const YearAnswer& year, size_t plane, Making making) {
    Look look(year, plane);
    making.join(look);
    look.run();
    return making.take();
}

}  // namespace

std::vector<PointValues> point_values(const YearAnswer& year, size_t plane, std::span<const PointFigure> figures,
                                      const YearLimits& limits, const metric::Hours& hours, Operation operation) {
    return looked_at(year, plane, PointLook(year, plane, figures, limits, hours, operation));
}

PointValues point_values(const YearAnswer& year, size_t plane, PointFigure figure, const YearLimits& limits,
                         const metric::Hours& hours, Operation operation) {
    return std::move(point_values(year, plane, std::span(&figure, 1), limits, hours, operation).front());
}

SpatialAutonomy spatial_autonomy(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                 double time_share, Operation operation) {
    return looked_at(year, plane, SpatialLook(year, plane, hours, lux, time_share, operation));
}

SunlightExposure sunlight_exposure(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                   double limit_hours) {
    return looked_at(year, plane, ExposureLook(hours, lux, limit_hours));
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
    void want(const char* id, Look& look, Making making, Value value) {
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
    static constexpr PointFigure figures[] = {
        PointFigure::mean,          PointFigure::autonomy, PointFigure::continuous, PointFigure::too_dark,
        PointFigure::supplementary, PointFigure::useful,   PointFigure::too_bright, PointFigure::useful_three,
        PointFigure::saturation,    PointFigure::maximum};
    const auto usual = year.clock_hours(8, 18), daylight = climate::daylight_hours(year.outdoor);
    Look look(year, plane);
    PointLook points(year, plane, figures, limits, hours, operation);
    points.join(look);
    SpatialLook spatial(year, plane, hours, limits.target, 0.5, operation);
    spatial.join(look);
    Fixed fixed(year, plane);
    fixed.want("spatial_autonomy_lm83", look, SpatialLook(year, plane, usual, 300, 0.5, Operation::lm83), ends_of);
    fixed.want("spatial_autonomy_open", look, SpatialLook(year, plane, usual, 300, 0.5, Operation::open), ends_of);
    fixed.want("sunlight_exposure_lm83", look, ExposureLook(usual, 1000, 250),
               [](const SunlightExposure& e) -> std::array<double, 3> {
                   return {e.value, e.value, e.value};
               });
    for (const Level& l : kLevels) {
        fixed.want(l.target_id, look, ProvisionLook(year, plane, daylight, l.target, 0.5, Operation::open), ends_of);
        fixed.want(l.minimum_id, look, ProvisionLook(year, plane, daylight, l.minimum, 0.95, Operation::open), ends_of);
    }
    look.run();
    fixed.settle();

    std::vector<RoomFigure> out;
    const auto values = points.take();
    const double shared = shared_part(year.planes[plane], year.closed_share(plane, operation));
    const auto mean = [&](PointFigure f) {
        const auto at = static_cast<size_t>(std::find(std::begin(figures), std::end(figures), f) - std::begin(figures));
        out.push_back(mean_figure(name_of(f).id, name_of(f).name, name_of(f).unit, values[at], shared));
    };
    const auto share = [&](const char* id, const char* name, const std::array<double, 3>& s) {
        out.push_back({id, name, "%", 100 * s[0], 100 * s[1], 100 * s[2]});
    };
    mean(PointFigure::mean);
    mean(PointFigure::autonomy);
    mean(PointFigure::continuous);
    share("spatial_autonomy", "Spatial autonomy", ends_of(spatial.take()));
    share("spatial_autonomy_lm83", "Spatial autonomy, LM-83", fixed.of("spatial_autonomy_lm83"));
    share("spatial_autonomy_open", "The same without blinds", fixed.of("spatial_autonomy_open"));
    share("sunlight_exposure_lm83", "Sunlight exposure, LM-83", fixed.of("sunlight_exposure_lm83"));
    for (const auto f : {PointFigure::too_dark, PointFigure::supplementary, PointFigure::useful,
                         PointFigure::too_bright, PointFigure::useful_three, PointFigure::saturation})
        mean(f);
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

metric::Hours in_months(metric::Hours hours, const std::array<bool, 12>& months) {
    for (size_t h = 0; h < hours.size(); ++h)
        if (hours[h] && !months[static_cast<size_t>(climate::moment_of(static_cast<int>(h) / 24, 12).month - 1)])
            hours[h] = false;
    return hours;
}

std::array<std::array<double, 24>, 12> typical_days(const std::vector<float>& values) {
    std::array<std::array<double, 24>, 12> out{};
    for (size_t h = 0; h < values.size(); ++h) {
        const int month = climate::moment_of(static_cast<int>(h) / 24, 12).month;
        out[static_cast<size_t>(month - 1)][h % 24] += static_cast<double>(values[h]) / climate::days_in(month);
    }
    return out;
}

std::vector<double> mean_of_points(const YearAnswer& year, size_t plane, const metric::Hours& hours,
                                   Operation operation) {
    std::vector<double> out;
    Look look(year, plane);
    look.at(operation, [&](const auto& part) { append(out, metric::mean_of_points(*part.light, hours)); });
    look.run();
    return out;
}

std::vector<float> year_of_point(const YearAnswer& year, size_t plane, size_t point, Operation operation) {
    std::vector<float> out(climate::kHours, 0.0f);
    size_t k = 0;
    while (k + 1 < year.parts(plane) && point >= (k + 1) * kBlock) ++k;
    const auto part = year.lux_part(plane, k, operation);
    for (int h = 0; h < climate::kHours; ++h)
        if (const auto lux = part.light->at(h); !lux.empty()) out[static_cast<size_t>(h)] = lux[point - part.first];
    return out;
}

namespace {

/// Of each hour the mean over the plane's points of what each adds.
template <class Sum>
std::vector<float> mean_by_hour(const YearAnswer& year, size_t plane, Operation operation, Sum&& sum_of) {
    std::vector<double> sum(climate::kHours, 0.0);
    Look look(year, plane);
    look.at(operation, [&](const auto& part) {
        for (int h = 0; h < climate::kHours; ++h)
            if (const auto lux = part.light->at(h); !lux.empty()) sum[static_cast<size_t>(h)] += sum_of(lux);
    });
    look.run();
    const auto n = static_cast<double>(std::max<size_t>(year.planes[plane].plane.points.size(), 1));
    std::vector<float> out;
    for (const double s : sum) out.push_back(static_cast<float>(s / n));
    return out;
}

}  // namespace

std::vector<float> year_of_plane(const YearAnswer& year, size_t plane, Operation operation) {
    return mean_by_hour(year, plane, operation,
                        [](auto lux) { return static_cast<double>(std::accumulate(lux.begin(), lux.end(), 0.0f)); });
}

std::vector<float> share_above(const YearAnswer& year, size_t plane, double target, Operation operation) {
    return mean_by_hour(year, plane, operation, [&](auto lux) {
        return static_cast<double>(
            std::count_if(lux.begin(), lux.end(), [&](float v) { return static_cast<double>(v) >= target; }));
    });
}

}  // namespace wp::question
