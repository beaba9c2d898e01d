// SPDX-License-Identifier: GPL-3.0-or-later
// Answers as columns of figures over points: what tables, maps, summaries and comparisons have in common.
#pragma once
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "geometry/plane_points.h"
#include "question/daylight_factor.h"
#include "question/light_field.h"
#include "question/sky_view.h"
#include "question/sun_hours.h"

namespace wp::question {

struct Column {
    std::string id;    ///< with its unit: "daylight_factor_percent"
    std::string name;  ///< for people
    std::string unit;
    std::vector<std::vector<double>> value;           ///< by plane, by point; NaN where there is none
    std::vector<std::vector<double>> standard_error;  ///< the same, or empty where nothing was sampled
};

struct PointTable {
    std::vector<geometry::PlanePoints> planes;
    std::vector<Column> columns;
};

PointTable table_of(const DaylightFactorAnswer& answer);
/// Adds what a daylight factor gives under two skies: the design sky of a latitude (degrees) and, where it is known
/// (not 0), the weather's median, lux on the open ground.
void add_skies(PointTable& daylight_factor, double latitude, double median);
/// "0321_1030": of a moment, for the names of columns.
std::string moment_stamp(const climate::Moment& moment);
/// Per moment: illuminance, then direct sun, sky, reflected outside and inside.
PointTable table_of(const std::vector<MomentAnswer>& moments);
PointTable table_of(const SunHoursAnswer& answer);
PointTable table_of(const SkyViewAnswer& answer);
PointTable table_of(const ExposureAnswer& answer);

/// Share of each window in a figure: one row a point and window.
struct WindowTable {
    std::vector<geometry::PlanePoints> planes;
    std::vector<model::Id> windows;                       ///< the last, "none", stands for light past all of them
    std::vector<std::string> ids;                         ///< of the figures
    std::vector<std::vector<std::vector<double>>> value;  ///< by figure, by plane, point-major over windows
};
WindowTable windows_of(const DaylightFactorAnswer& answer);
WindowTable windows_of(const std::vector<MomentAnswer>& moments);

/// Values of one place in every hour of a year, beside the table.
struct HourSeries {
    model::Id place;
    std::string id, name, unit;
    std::vector<float> value;  ///< 8760
};

/// What was asked as a table, with the record of how it was made.
struct TableAnswer {
    Record record;
    std::string kind;  ///< "daylight_factor", "moment" and the like
    PointTable table;
    std::optional<WindowTable> windows;
    /// What else is to be said, name and value: skies, totals outdoors. Values that are JSON are taken as such.
    std::vector<std::pair<std::string, std::string>> facts;
    size_t main_columns = 1;  ///< every so many columns one that stands for itself; those between split it
    std::vector<HourSeries> hours{};
};

/// Mean, median, least, most and uniformity of one column on one plane; NaN values are left out.
PlaneFigures figures_of(const Column& column, size_t plane);

}  // namespace wp::question
