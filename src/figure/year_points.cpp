// SPDX-License-Identifier: GPL-3.0-or-later
#include "figure/year_points.h"

#include <algorithm>

namespace wp::figure {

using question::YearAnswer;
using question::YearLimits;
using Of = YearPointFigure::Of;
using InRooms = YearPointFigure::InRooms;

namespace {

constexpr double kEndless = 1e30;
/// Maximum autonomy: ten times the target (Z. Rogers 2006).
constexpr double kTooMuch = 10;

double target(const YearLimits& l) { return l.target; }
double too_much(const YearLimits& l) { return kTooMuch * l.target; }

using Limits = std::pair<double, double>;
constexpr YearPointFigure kAll[] = {
    {"autonomy", "Daylight autonomy", "%", Of::share_between, InRooms::second,
     [](const YearLimits& l) {
         return Limits{l.target, kEndless};
     },
     target, "Time with the target"},
    {"continuous_autonomy", "Continuous daylight autonomy (cDA)", "%", Of::continuous, InRooms::second, nullptr, target,
     "Time with the target, or part of it"},
    {"maximum_autonomy", "Maximum daylight autonomy (DAmax)", "%", Of::share_between, InRooms::nowhere,
     [](const YearLimits& l) {
         return Limits{too_much(l), kEndless};
     },
     too_much, "Time with ten times the target"},
    {"udi_fell_short", "UDI, fell short", "%", Of::share_between, InRooms::after_areas,
     [](const YearLimits& l) {
         return Limits{0, l.low};
     }},
    {"udi_supplementary", "UDI, supplementary", "%", Of::share_between, InRooms::after_areas,
     [](const YearLimits& l) {
         return Limits{l.low, l.target};
     }},
    {"udi_autonomous", "UDI, autonomous", "%", Of::share_between, InRooms::after_areas,
     [](const YearLimits& l) {
         return Limits{l.target, l.high};
     }},
    {"udi_exceeded", "UDI, exceeded", "%", Of::share_between, InRooms::after_areas,
     [](const YearLimits& l) {
         return Limits{l.high, kEndless};
     }},
    {"udi_combined", "UDI, supplementary and autonomous", "%", Of::share_between, InRooms::after_areas,
     [](const YearLimits& l) {
         return Limits{l.low, l.high};
     }},
    {"udi_three_bands", "UDI in three bands, 100 to 2000 lx", "%", Of::share_between, InRooms::after_areas,
     [](const YearLimits&) {
         return Limits{100, 2000};
     }},
    {"udi_three_exceeded", "UDI in three bands, above 2000 lx", "%", Of::share_between, InRooms::nowhere,
     [](const YearLimits&) {
         return Limits{2000, kEndless};
     }},
    {"daylight_saturation", "Daylight saturation percentage, 430 to 4300 lx", "%", Of::share_between,
     InRooms::after_areas,
     [](const YearLimits&) {
         return Limits{430, 4300};
     }},
    {"direct_sun_hours", "Direct sun of 1000 lx", "h a year", Of::direct_sun},
    {"mean", "Mean illuminance", "lx", Of::mean, InRooms::first},
};

void append(std::vector<double>& to, const std::vector<double>& more) { to.insert(to.end(), more.begin(), more.end()); }

// Ends of a band that was computed as value, less, more: the value is never outside.
void set_ends(PointValues& out, double unit) {
    for (size_t i = 0; i < out.value.size(); ++i) {
        const double ends[3] = {out.value[i], out.low[i], out.high[i]};
        out.value[i] *= unit;
        out.low[i] = unit * *std::min_element(ends, ends + 3);
        out.high[i] = unit * *std::max_element(ends, ends + 3);
    }
}

}  // namespace

std::span<const YearPointFigure> year_point_figures() { return kAll; }

const YearPointFigure* find_year_point_figure(std::string_view id) {
    const auto found = std::find_if(std::begin(kAll), std::end(kAll), [&](const auto& f) { return id == f.id; });
    return found != std::end(kAll) ? &*found : nullptr;
}

const YearPointFigure& daylight_autonomy() { return *find_year_point_figure("autonomy"); }

PointLook::PointLook(const YearAnswer& year, size_t plane, std::span<const YearPointFigure* const> figures,
                     const YearLimits& limits, const metric::Hours& hours, question::Operation operation)
    : figures_(figures), limits_(limits), hours_(hours), operation_(operation), out_(figures.size()) {
    // The error of a point's light is of one piece for the sky, by the hour for the sun. To move it as a whole is
    // on the safe side.
    const question::PlaneYear& widths = year.planes[plane];
    const double closed = year.closed_share(plane, operation);
    for (size_t i = 0; i < widths.plane.points.size(); ++i) {
        const double w = std::min(widths.width_of(i, closed), 0.95);
        below_.push_back(1 - w);
        above_.push_back(1 + w);
    }
}

void PointLook::join(question::YearLook& look) {
    const auto is_sun = [](const auto* f) { return f->of == Of::direct_sun; };
    if (!std::all_of(figures_.begin(), figures_.end(), is_sun))
        look.at(operation_, [this](const auto& part) { see(part); });
    if (std::any_of(figures_.begin(), figures_.end(), is_sun))
        look.at_direct([this](const auto& part) { see_direct(part); });
}

void PointLook::see_direct(const YearAnswer::Part& part) {
    for (size_t k = 0; k < figures_.size(); ++k)
        if (figures_[k]->of == Of::direct_sun) {
            append(out_[k].value, metric::hours_at_least(*part.light, hours_, question::kBlindLux));
            out_[k].low = out_[k].high = out_[k].value;
        }
}

void PointLook::see(const YearAnswer::Part& part) {
    const auto& light = *part.light;
    const metric::Scale below = std::span(below_).subspan(part.first, light.points),
                        above = std::span(above_).subspan(part.first, light.points), ends[3] = {{}, below, above};
    std::vector<metric::Limit> wanted;
    for (const auto* f : figures_)
        if (f->of == Of::share_between)
            for (const auto& end : ends)
                wanted.insert(wanted.end(), {{f->limits(limits_).first, end}, {f->limits(limits_).second, end}});
    const auto found = metric::hours_at_least(light, hours_, wanted);
    const auto n = static_cast<double>(std::max<size_t>(metric::count(hours_), 1));
    size_t next = 0;
    for (size_t k = 0; k < figures_.size(); ++k) {
        const Of of = figures_[k]->of;
        if (of == Of::direct_sun) continue;
        PointValues v;
        if (of == Of::mean) {
            v.value = v.low = v.high = metric::mean_of_points(light, hours_);
            for (size_t i = 0; i < v.value.size(); ++i) v.low[i] *= below[i], v.high[i] *= above[i];
        } else {
            size_t end = 0;
            for (auto* list : {&v.value, &v.low, &v.high}) {
                if (of == Of::continuous) {
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

std::vector<PointValues> point_values(const YearAnswer& year, size_t plane,
                                      std::span<const YearPointFigure* const> figures, const YearLimits& limits,
                                      const metric::Hours& hours, question::Operation operation) {
    question::YearLook look(year, plane);
    PointLook points(year, plane, figures, limits, hours, operation);
    points.join(look);
    look.run();
    return points.take();
}

PointValues point_values(const YearAnswer& year, size_t plane, const YearPointFigure& figure, const YearLimits& limits,
                         const metric::Hours& hours, question::Operation operation) {
    const YearPointFigure* one = &figure;
    return std::move(point_values(year, plane, std::span(&one, 1), limits, hours, operation).front());
}

}  // namespace wp::figure
