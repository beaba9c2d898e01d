// SPDX-License-Identifier: GPL-3.0-or-later
// Published and closed-form cases, computed by the real engine beside an independent reference. The tests and the
// command that writes docs/validation.md read the same rows.
#pragma once
#include <string>
#include <vector>

namespace wp::validation {

struct Row {
    std::string group, name;
    std::string unit;
    double value = 0, reference = 0, standard_error = 0;
    std::string source;
    double reference_error = 1e-6;  ///< of the reference itself, relative: quadrature, grids
    double bound = 0.01;            ///< on the deviation, relative

    double deviation() const { return value - reference; }
    double relative() const { return reference != 0 ? deviation() / reference : deviation(); }
    /// Within three standard errors (where the engine gives one) and within the bound (1 %; 2 % of an hour of the year)
    /// of the reference. The first bound keeps bias out, the second keeps a lax error estimate from hiding one. The
    /// reference's own error is allowed on top.
    bool holds() const;
};

/// Samples of each replicate to spend on every point.
std::vector<Row> closed_forms(unsigned samples);
std::vector<Row> sky_through_openings(unsigned samples);
/// The sixteen skies through openings, glazed and obstructed, and reflected components.
std::vector<Row> skies_and_reflections(unsigned samples);
std::vector<Row> sun_and_glass();
/// Hours of the year on three scenes; accuracy: of our year.
std::vector<Row> year_hours(unsigned samples, double accuracy, int hours);
/// Reflected sunlight beside edges, against the tracer of boxes: moments of a day, and so many hours of a year, in nine
/// surroundings. accuracy: of ours; paths: of theirs, by point.
std::vector<Row> moments_beside_edges(double accuracy, size_t paths);
std::vector<Row> hours_beside_edges(double accuracy, size_t paths, int hours);
/// The sun at 25 to 85 degrees on fabric behind a pane, against the same.
std::vector<Row> closed_blinds(unsigned samples, size_t paths);
/// Panes, gloss, fabric, blades, slats, canopies.
std::vector<Row> matter(unsigned samples);

}  // namespace wp::validation
