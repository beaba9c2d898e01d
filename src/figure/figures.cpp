// SPDX-License-Identifier: GPL-3.0-or-later
#include "figure/figures.h"

#include <algorithm>
#include <cmath>

#include "light/replicates.h"

namespace wp::figure {

namespace {

using Kind = model::Question::Kind;

constexpr PointFigure kTables[] = {
    {"daylight_factor", "Daylight factor", "%", Kind::daylight_factor, "daylight_factor_percent"},
    {"sky_component", "Sky component", "%", Kind::daylight_factor, "sky_component_percent"},
    {"externally_reflected", "Externally reflected component", "%", Kind::daylight_factor,
     "externally_reflected_percent"},
    {"internally_reflected", "Internally reflected component", "%", Kind::daylight_factor,
     "internally_reflected_percent"},
    {"off_ground", "Via the ground, straight or interreflected", "%", Kind::daylight_factor, "off_ground_percent"},
    {"lux_by_design_sky", "Under the design sky", "lx", Kind::daylight_factor, "lux_by_design_sky"},
    {"lux_by_median", "Under the weather's median sky", "lx", Kind::daylight_factor, "lux_by_median"},
    {"vertical_sky_component", "Vertical sky component", "%", Kind::daylight_factor, "vertical_sky_component_percent"},
    {"illuminance", "Illuminance", "lx", Kind::moment, "lux_"},
    {"direct_sun", "Direct sun", "lx", Kind::moment, "sun_lux_"},
    {"from_sky", "Straight from the sky", "lx", Kind::moment, "sky_lux_"},
    {"melanopic_edi", "Melanopic equivalent daylight illuminance", "lx", Kind::spectrum, "melanopic_edi_lx_"},
    {"melanopic_der", "Melanopic daylight efficacy ratio", "", Kind::spectrum, "melanopic_der_"},
    {"spectral_illuminance", "Illuminance, by wavelength", "lx", Kind::spectrum, "photopic_lx_"},
    {"colour_temperature", "Correlated colour temperature", "K", Kind::spectrum, "cct_k_"},
    {"melanopic_directions", "Directions with enough melanopic light", "\u00b0", Kind::body_clock, "enough_degrees"},
    {"melanopic_days", "Days with enough melanopic light, as one looks", "%", Kind::body_clock, "days_own_percent"},
    {"melanopic_held", "Melanopic EDI held, as one looks", "lx", Kind::body_clock, "held_own_lx"},
    {"melanopic_days_best", "Days with enough melanopic light, in the best direction", "%", Kind::body_clock,
     "days_best_percent"},
    {"melanopic_days_worst", "Days with enough melanopic light, in the worst direction", "%", Kind::body_clock,
     "days_worst_percent"},
    {"melanopic_time", "Time with enough melanopic light, as one looks", "%", Kind::body_clock, "time_own_percent"},
    {"melanopic_time_best", "Time with enough melanopic light, in the best direction", "%", Kind::body_clock,
     "time_best_percent"},
    {"melanopic_mean", "Mean melanopic EDI, as one looks", "lx", Kind::body_clock, "mean_own_lx"},
    {"melanopic_mean_best", "Mean melanopic EDI, in the best direction", "lx", Kind::body_clock, "mean_best_lx"},
    {"melanopic_mean_worst", "Mean melanopic EDI, in the worst direction", "lx", Kind::body_clock, "mean_worst_lx"},
    {"melanopic_ratio", "Melanopic daylight efficacy ratio of the year, as one looks", "", Kind::body_clock, "der_own"},
    {"electric_illuminance", "Illuminance, electric light", "lx", Kind::electric, "electric_lx_"},
    {"electric_direct", "Straight from luminaires", "lx", Kind::electric, "electric_direct_lx_"},
    {"cylindrical_illuminance", "Cylindrical illuminance", "lx", Kind::electric, "cylindrical_lx_"},
    {"modelling", "Modelling", "", Kind::electric, "modelling_"},
    {"ugr", "Unified glare rating", "", Kind::electric, "ugr_"},
    {"electric_melanopic_edi", "Melanopic EDI, electric light", "lx", Kind::electric, "electric_melanopic_edi_lx_"},
    {"electric_melanopic_der", "Melanopic DER, electric light", "", Kind::electric, "electric_melanopic_der_"},
    {"both_illuminance", "Illuminance, electric light and daylight", "lx", Kind::electric, "both_lx_"},
    {"sun_hours", "Sunlight hours", "h", Kind::sun_hours, "sunlight_hours"},
    {"sun_share", "Share of the open place's sun", "%", Kind::sun_hours, "sun_share_percent"},
    {"sun_of_year", "Share of the open place's sun of the year", "%", Kind::sun_hours, "sun_of_year_percent"},
    {"sky_share", "Sky seen", "%", Kind::sky_view, "sky_percent_of_hemisphere"},
    {"sees_sky", "In front of the no-sky line", "", Kind::sky_view, "sees_sky"},
    {"visible_sky_angle", "Visible sky angle", "\u00b0", Kind::sky_angle, "visible_sky_angle_degrees"},
    {"lowest_sky", "Lowest sky", "\u00b0", Kind::sky_angle, "lowest_sky_degrees"},
    {"view_angle", "Horizontal sight angle", "\u00b0", Kind::view_out, "horizontal_sight_angle_degrees"},
    {"view_distance", "Distance of the view", "m", Kind::view_out, "view_distance_m"},
    {"view_layers", "Layers of the view", "", Kind::view_out, "view_layers"},
    {"exposure", "Cumulative light exposure", "klx h", Kind::exposure, "exposure_klxh"},
    {"irradiation", "Irradiation", "kWh/m\u00b2", Kind::exposure, "irradiation_kwh_m2"},
    {"clear_directions", "Directions clear of glare", "\u00b0", Kind::glare_year, "clear_degrees"},
    {"dgp_own_direction", "DGP of the year, as one looks", "", Kind::glare_year, "dgp_own"},
    {"dgp_best_direction", "DGP of the year, in the best direction", "", Kind::glare_year, "dgp_best"},
    {"dgp_worst_direction", "DGP of the year, in the worst direction", "", Kind::glare_year, "dgp_worst"},
    {"troubled_time", "Time troubled by glare", "%", Kind::glare_year, "troubled_percent"},
};

template <class Planes, class Of>
std::optional<size_t> find_plane(const Planes& planes, const geometry::PlanePoints& plane, size_t index, Of&& of) {
    const auto is_it = [&](const auto& p) {
        return of(p).plane == plane.plane && of(p).points.size() == plane.points.size();
    };
    if (index < planes.size() && is_it(planes[index])) return index;
    const auto found = std::find_if(planes.begin(), planes.end(), is_it);
    if (found == planes.end()) return {};
    return static_cast<size_t>(found - planes.begin());
}

void add_values(PointValues& out, const question::Column& column, size_t plane) {
    const auto& value = column.value[plane];
    for (size_t i = 0; i < value.size(); ++i) {
        if (std::isnan(value[i])) continue;
        const double half = column.standard_error.empty() ? 0 : light::kStudent95 * column.standard_error[plane][i];
        out.value.push_back(value[i]);
        out.low.push_back(std::max(0.0, value[i] - half));
        out.high.push_back(value[i] + half);
    }
}

// Seats have places of their own: those of the plane's room are told for it.
std::optional<PointValues> values_of_seats(const question::PointTable& table, const question::Column& column,
                                           const geometry::PlanePoints& plane) {
    PointValues out;
    for (size_t p = 0; p < table.planes.size(); ++p)
        if (!plane.room.empty() && table.planes[p].room == plane.room) add_values(out, column, p);
    if (out.value.empty()) return {};
    return out;
}

}  // namespace

bool is_of_seats(Kind kind) { return kind == Kind::glare_year || kind == Kind::body_clock; }

std::span<const PointFigure> point_figures() {
    static const auto all = [] {
        std::vector<PointFigure> out(std::begin(kTables), std::end(kTables));
        for (const auto& f : year_point_figures()) out.push_back({f.id, f.name, f.unit, Kind::year, "", &f});
        return out;
    }();
    return all;
}

const PointFigure* find_point_figure(std::string_view id) {
    for (const auto& f : point_figures())
        if (id == f.id) return &f;
    return nullptr;
}

std::optional<size_t> place_of(const question::YearAnswer& year, const geometry::PlanePoints& plane, size_t index) {
    return find_plane(
        year.planes, plane, index, [](const auto& p) -> const auto& { return p.plane; });
}

std::optional<size_t> place_of(const question::PointTable& table, const geometry::PlanePoints& plane, size_t index) {
    return find_plane(
        table.planes, plane, index, [](const auto& p) -> const auto& { return p; });
}

const question::Column* column_of(const question::PointTable& table, const PointFigure& figure) {
    const bool by_beginning = figure.of == Kind::moment || figure.of == Kind::spectrum || figure.of == Kind::electric;
    for (const auto& column : table.columns)
        if (by_beginning ? column.id.starts_with(figure.column) : column.id == figure.column) return &column;
    return nullptr;
}

std::optional<PointValues> point_values(const Answers& answers, const PointFigure& figure,
                                        const geometry::PlanePoints& plane, size_t index, const OfYear& of) {
    if (figure.of_year != nullptr) {
        if (answers.year == nullptr) return {};
        const auto at = place_of(*answers.year, plane, index);
        if (!at) return {};
        return point_values(*answers.year, *at, *figure.of_year, of.limits, of.hours, of.operation);
    }
    const auto table = answers.tables.find(figure.of);
    if (table == answers.tables.end()) return {};
    const auto* column = column_of(*table->second, figure);
    if (column == nullptr) return {};
    if (is_of_seats(figure.of)) return values_of_seats(*table->second, *column, plane);
    const auto at = place_of(*table->second, plane, index);
    if (!at) return {};
    PointValues out;
    add_values(out, *column, *at);
    return out;
}

}  // namespace wp::figure
