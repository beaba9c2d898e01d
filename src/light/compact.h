// SPDX-License-Identifier: GPL-3.0-or-later
// Daylight coefficients as they are kept: only columns in which light was found, each as a half-precision share of the
// largest of its row (a rounding of 0.05 %). A tenth of the dense ones, and less on disk.
#pragma once
#include <Eigen/Core>
#include <memory>
#include <span>
#include <string>
#include <string_view>

#include "base/result.h"
#include "light/coefficients.h"

namespace wp::light {

/// Of each portal the transmittance at normal incidence of its glazing (-1: a hole) and what dirt leaves of it: what
/// may be another later.
using PaneFigures = std::vector<float>;
PaneFigures figures_of(const geometry::Surfaces& surfaces);
/// The same portals with other figures.
geometry::Surfaces with_figures(geometry::Surfaces surfaces, const PaneFigures& figures);

class CompactCoefficients {
 public:
    CompactCoefficients() = default;
    explicit CompactCoefficients(const Coefficients& dense);

    size_t points() const { return sky_noise_.size(); }
    struct Row {
        uint32_t row = 0;  ///< of the layout
        float scale = 0;
        uint32_t begin = 0, end = 0;  ///< of columns and values
    };
    std::span<const Row> rows(size_t point) const {
        return {rows_.data() + first_[point], rows_.data() + first_[point + 1]};
    }
    std::span<const uint16_t> columns(const Row& row) const {
        return {columns_.data() + row.begin, columns_.data() + row.end};
    }
    /// Value of an entry, as a float.
    float value(const Row& row, uint32_t entry) const {
        return row.scale *
               Eigen::half_impl::half_to_float(Eigen::half_impl::raw_uint16_to_half(values_[row.begin + entry]));
    }
    /// See PointCoefficients.
    float sky_noise(size_t point) const { return sky_noise_[point]; }
    /// Light that a point takes off patches, by row of the layout (see PatchShare).
    struct PatchRow {
        uint32_t row = 0;
        float scale = 0;
        float noise = 0;  ///< variance of the sum of value times light on the patch: noise times the sum of value times
                          ///< its square
        uint32_t begin = 0, end = 0;  ///< of patches and values
    };
    std::span<const PatchRow> patch_rows(size_t point) const {
        return {patch_rows_.data() + first_patch_row_[point], patch_rows_.data() + first_patch_row_[point + 1]};
    }
    std::span<const uint32_t> patches_of(const PatchRow& row) const {
        return {patches_.data() + row.begin, patches_.data() + row.end};
    }
    float value(const PatchRow& row, uint32_t entry) const {
        return row.scale *
               Eigen::half_impl::half_to_float(Eigen::half_impl::raw_uint16_to_half(patch_values_[row.begin + entry]));
    }
    const PatchSet& patches() const { return *set_; }

    double reached = 0, common = 0;  ///< see Coefficients
    bool settled = false;
    uint32_t samples = 0;
    Tally tally;
    PaneFigures panes;  ///< that it was traced with

    /// Memory it takes.
    size_t bytes() const;
    /// For the disk; what comes from there is checked.
    std::string write() const;
    static Result<CompactCoefficients> read(std::string_view bytes, const CoefficientLayout& layout, size_t spaces,
                                            size_t portals);

 private:
    void note_patches(const PointCoefficients& point);
    bool is_sound(const CoefficientLayout& layout, size_t spaces, size_t portals) const;
    std::vector<uint32_t> first_{0};
    std::vector<Row> rows_;
    std::vector<uint16_t> columns_, values_;
    std::vector<float> sky_noise_;
    std::shared_ptr<const PatchSet> set_ = std::make_shared<const PatchSet>();
    std::vector<uint32_t> first_patch_row_{0};
    std::vector<PatchRow> patch_rows_;
    std::vector<uint32_t> patches_;
    std::vector<uint16_t> patch_values_;
};

/// Direct sun of some points in every hour of the year with the sun up, exact: which of them it reaches, through what,
/// and what is left of it behind the panes that were there when it was traced, blinds open.
struct DirectSun {
    struct Beam {
        uint32_t point = 0;
        int32_t portal = -1;  ///< that leads to the open; -1: none
        float share = 0;
    };
    std::vector<uint32_t> first;  ///< 8761: of each hour's beams
    std::vector<Beam> beams;
    PaneFigures panes;  ///< that it was traced with
    std::span<const Beam> at(int hour) const {
        return {beams.data() + first[static_cast<size_t>(hour)], beams.data() + first[static_cast<size_t>(hour) + 1]};
    }

    size_t bytes() const;
    std::string write() const;
    static Result<DirectSun> read(std::string_view bytes, size_t points, size_t portals);
};

}  // namespace wp::light
