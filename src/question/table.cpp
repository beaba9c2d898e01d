// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/table.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "climate/sky_amount.h"
#include "light/replicates.h"

namespace wp::question {

namespace {

using Values = std::vector<double>;

Values to_errors(const Values& half_width) {
    Values out = half_width;
    for (double& v : out) v /= light::kStudent95;
    return out;
}

template <class Planes>
std::vector<geometry::PlanePoints> points_in(const Planes& planes) {
    std::vector<geometry::PlanePoints> out;
    for (const auto& plane : planes) out.push_back(plane.plane);
    return out;
}

// A column of what each plane gives.
template <class Planes, class Of>
Column column(const Planes& planes, std::string id, std::string name, std::string unit, Of&& of) {
    Column out{std::move(id), std::move(name), std::move(unit), {}, {}};
    for (const auto& plane : planes) out.value.push_back(of(plane));
    return out;
}
template <class Planes, class Of, class Half>
Column column(const Planes& planes, std::string id, std::string name, std::string unit, Of&& of, Half&& half_width) {
    Column out = column(planes, std::move(id), std::move(name), std::move(unit), of);
    for (const auto& plane : planes) out.standard_error.push_back(to_errors(half_width(plane)));
    return out;
}

}  // namespace

std::string moment_stamp(const climate::Moment& m) {
    const int minutes = static_cast<int>(std::lround(m.hour * 60));
    return fmt::format("{:02}{:02}_{:02}{:02}", m.month, m.day, minutes / 60, minutes % 60);
}

PointTable table_of(const DaylightFactorAnswer& answer) {
    PointTable out{points_in(answer.planes), {}};
    out.columns.push_back(column(
        answer.planes, "daylight_factor_percent", "Daylight factor", "%", [](const auto& p) { return p.value; },
        [](const auto& p) { return p.half_width; }));
    struct Part {
        Component component;
        const char *id, *name;
    };
    for (const Part& part :
         {Part{Component::sky, "sky_component_percent", "Sky component"},
          Part{Component::external, "externally_reflected_percent", "Externally reflected component"},
          Part{Component::internal, "internally_reflected_percent", "Internally reflected component"},
          Part{Component::off_ground, "off_ground_percent", "Via the ground, straight or interreflected"}})
        out.columns.push_back(column(
            answer.planes, part.id, part.name, "%", [&](const auto& p) { return p.component(part.component); },
            [&](const auto& p) { return p.half_width_of(part.component); }));
    return out;
}

namespace {

Column in_lux(const Column& factor, const char* id, const char* name, double lux) {
    Column out = factor;
    out.id = id;
    out.name = name;
    out.unit = "lx";
    for (auto* values : {&out.value, &out.standard_error})
        for (auto& plane : *values)
            for (double& v : plane) v *= lux / 100;
    return out;
}

}  // namespace

void add_skies(PointTable& table, double latitude, double median) {
    const Column factor = table.columns.front();
    if (median > 0)
        table.columns.push_back(in_lux(factor, "lux_by_median", "Under the weather's median sky (Ev,d,med)", median));
    table.columns.push_back(in_lux(factor, "lux_by_design_sky", "Under the design sky", climate::design_sky(latitude)));
}

PointTable table_of(const std::vector<MomentAnswer>& moments) {
    PointTable out;
    if (moments.empty()) return out;
    out.planes = points_in(moments.front().planes);
    for (const MomentAnswer& moment : moments) {
        const std::string at = moment_stamp(moment.outdoors.moment), words = climate::text(moment.outdoors.moment);
        out.columns.push_back(column(
            moment.planes, "lux_" + at, words, "lx", [](const auto& p) { return p.lux; },
            [](const auto& p) { return p.half_width; }));
        out.columns.push_back(
            column(moment.planes, "sun_lux_" + at, words + ", direct sun", "lx", [](const auto& p) { return p.sun; }));
        out.columns.push_back(
            column(moment.planes, "sky_lux_" + at, words + ", sky", "lx", [](const auto& p) { return p.sky; }));
        out.columns.push_back(column(moment.planes, "ground_lux_" + at, words + ", reflected by the ground", "lx",
                                     [](const auto& p) { return p.ground; }));
        out.columns.push_back(column(moment.planes, "outside_lux_" + at, words + ", reflected by what stands outdoors",
                                     "lx", [](const auto& p) { return p.outside; }));
        out.columns.push_back(column(moment.planes, "inside_lux_" + at, words + ", reflected inside", "lx",
                                     [](const auto& p) { return p.inside; }));
    }
    return out;
}

PointTable table_of(const SunHoursAnswer& answer) {
    PointTable out{points_in(answer.planes), {}};
    out.columns.push_back(
        column(answer.planes, "sunlight_hours", "Sunlight hours", "h", [](const auto& p) { return p.hours; }));
    out.columns.push_back(
        column(answer.planes, "sun_share_percent", "Share of the open place's sun", "%", [&](const auto& p) {
            Values share = p.hours;
            for (double& v : share) v = answer.open_hours > 0 ? 100 * v / answer.open_hours : 0;
            return share;
        }));
    out.columns.push_back(column(answer.planes, "sun_of_year_percent", "Share of the open place's sun of the year", "%",
                                 [&](const auto& p) {
                                     Values share = p.hours;
                                     for (double& v : share)
                                         v = answer.open_year_hours > 0 ? 100 * v / answer.open_year_hours : 0;
                                     return share;
                                 }));
    out.columns.push_back(
        column(answer.planes, "first_sun_hour", "First sun", "h", [](const auto& p) { return p.first; }));
    out.columns.push_back(
        column(answer.planes, "last_sun_hour", "Last sun", "h", [](const auto& p) { return p.last; }));
    return out;
}

PointTable table_of(const SkyViewAnswer& answer) {
    PointTable out{points_in(answer.planes), {}};
    out.columns.push_back(column(answer.planes, "sky_percent_of_hemisphere", "Sky seen", "%", [](const auto& p) {
        Values share = p.solid_angle;
        for (double& v : share) v *= 100 / (2 * kPi);
        return share;
    }));
    out.columns.push_back(column(answer.planes, "sees_sky", "In front of the no-sky line", "",
                                 [](const auto& p) { return Values(p.sees.begin(), p.sees.end()); }));
    return out;
}

PointTable table_of(const ExposureAnswer& answer) {
    PointTable out{points_in(answer.planes), {}};
    const auto kilo = [](Values v) {
        for (double& x : v) x /= 1000;
        return v;
    };
    out.columns.push_back(column(
        answer.planes, "exposure_klxh", "Cumulative light exposure", "klx h",
        [&](const auto& p) { return kilo(p.lux_hours); }, [&](const auto& p) { return kilo(p.half_width); }));
    out.columns.push_back(column(answer.planes, "irradiation_kwh_m2", "Irradiation", "kWh/m\u00b2",
                                 [&](const auto& p) { return kilo(p.irradiation); }));
    return out;
}

WindowTable windows_of(const DaylightFactorAnswer& answer) {
    WindowTable out{points_in(answer.planes), {}, {"daylight_factor_percent"}, {{}}};
    std::vector<size_t> window_of;
    for (const auto& id : answer.portals) {
        const auto known = std::find(out.windows.begin(), out.windows.end(), id);
        window_of.push_back(static_cast<size_t>(known - out.windows.begin()));
        if (known == out.windows.end()) out.windows.push_back(id);
    }
    out.windows.push_back("none");
    const size_t across = out.windows.size();
    for (const auto& plane : answer.planes) {
        Values shares(plane.value.size() * across, 0.0);
        for (size_t i = 0; i < plane.value.size(); ++i) {
            double rest = plane.value[i];
            plane.by_portal.each(i, [&](size_t k, double percent) {
                shares[i * across + window_of[k]] += percent;
                rest -= percent;
            });
            shares[i * across + across - 1] = std::max(0.0, rest);
        }
        out.value[0].push_back(std::move(shares));
    }
    return out;
}

WindowTable windows_of(const std::vector<MomentAnswer>& moments) {
    WindowTable out;
    if (moments.empty()) return out;
    out.planes = points_in(moments.front().planes);
    out.windows = moments.front().sources;
    out.windows.push_back("none");
    for (const MomentAnswer& moment : moments) {
        out.ids.push_back("lux_" + moment_stamp(moment.outdoors.moment));
        out.value.emplace_back();
        for (const auto& plane : moment.planes) {
            Values shares(plane.lux.size() * out.windows.size(), 0.0);
            for (size_t i = 0; i < plane.by_source.rows(); ++i)
                plane.by_source.each(i, [&](size_t k, double lux) { shares[i * out.windows.size() + k] = lux; });
            out.value.back().push_back(std::move(shares));
        }
    }
    return out;
}

PlaneFigures figures_of(const Column& column, size_t plane) {
    Values value, half_width;
    for (size_t i = 0; i < column.value[plane].size(); ++i) {
        if (std::isnan(column.value[plane][i])) continue;
        value.push_back(column.value[plane][i]);
        half_width.push_back(column.standard_error.empty() ? 0.0 : column.standard_error[plane][i] * light::kStudent95);
    }
    return figures_of(value, half_width);
}

}  // namespace wp::question
