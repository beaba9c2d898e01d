// SPDX-License-Identifier: GPL-3.0-or-later
// Daylight coefficients as they are kept: only columns in which light was found, each as a half-precision share of the largest
// of its row (a rounding of 0.05 %). A tenth of the dense ones, and less on disk.
#pragma once
#include <Eigen/Core>
#include <span>
#include <string>
#include <string_view>

#include "base/result.h"
#include "light/coefficients.h"

namespace wp::light {

/// Of each portal the transmittance at normal incidence of its glazing (-1: a hole) and what dirt leaves of it: what may be another later.
using PaneFigures = std::vector<float>;
PaneFigures figures_of(const geometry::Surfaces& surfaces);
/// The same portals with other figures.
geometry::Surfaces with_figures(geometry::Surfaces surfaces, const PaneFigures& figures);

class CompactCoefficients {
 public:
    CompactCoefficients() = default;
    /// dense: with replicates, which tell how sure each part is.
    explicit CompactCoefficients(const Coefficients& dense);

    size_t points() const { return half_width_.size(); }
    struct Row {
        uint32_t row = 0;          ///< of the layout
        float scale = 0;
        uint32_t begin = 0, end = 0;  ///< of columns and values
    };
    std::span<const Row> rows(size_t point) const { return {rows_.data() + first_[point], rows_.data() + first_[point + 1]}; }
    std::span<const uint16_t> columns(const Row& row) const { return {columns_.data() + row.begin, columns_.data() + row.end}; }
    /// Value of an entry, as a float.
    float value(const Row& row, uint32_t entry) const { return row.scale * Eigen::half_impl::half_to_float(Eigen::half_impl::raw_uint16_to_half(values_[row.begin + entry])); }
    /// 95 %, of a point's light from sky and ground, as a share of that.
    float sky_half_width(size_t point) const { return half_width_[point]; }
    /// 95 %, of what a point has of each sun node for a beam of one lux, lux. Empty where the sun never reached it.
    std::vector<float> node_half_widths(size_t point) const;

    double reached = 0;
    bool settled = false;
    uint32_t samples = 0;
    Tally tally;
    PaneFigures panes;   ///< that it was traced with

    /// Memory it takes.
    size_t bytes() const;
    /// For the disk; what comes from there is checked.
    std::string write() const;
    static Result<CompactCoefficients> read(std::string_view bytes, const CoefficientLayout& layout);

 private:
    void note_spread(const PointCoefficients& point, size_t nodes);
    std::vector<uint32_t> first_{0};
    std::vector<Row> rows_;
    std::vector<uint16_t> columns_, values_;
    std::vector<float> half_width_;
    // Of the nodes: each point's largest, and shares of it.
    std::vector<float> most_of_nodes_;
    std::vector<uint16_t> of_nodes_;
};

/// Direct sun of some points in every hour of the year with the sun up, exact: which of them it reaches, through what, and what is left of it behind the
/// panes that were there when it was traced, blinds open.
struct DirectSun {
    struct Beam {
        uint32_t point = 0;
        int32_t portal = -1;   ///< that leads to the open; -1: none
        float share = 0;
    };
    std::vector<uint32_t> first;   ///< 8761: of each hour's beams
    std::vector<Beam> beams;
    PaneFigures panes;             ///< that it was traced with
    std::span<const Beam> at(int hour) const { return {beams.data() + first[static_cast<size_t>(hour)], beams.data() + first[static_cast<size_t>(hour) + 1]}; }

    size_t bytes() const;
    std::string write() const;
    static Result<DirectSun> read(std::string_view bytes, size_t points, size_t portals);
};

}  // namespace wp::light
