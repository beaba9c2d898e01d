// SPDX-License-Identifier: GPL-3.0-or-later
// What the sheet paints.
#pragma once
#include <cstdint>

#include "figure/year_points.h"

namespace wp::gui {

class Shown {
 public:
    enum Kind : uint8_t {
        daylight_factor,
        sky_component,
        outside_component,
        inside_component,
        ground_component,
        lux_by_design_sky,
        lux_by_median,
        moment,
        moment_sun,
        moment_sky,
        moment_reflected,
        year_figure,  ///< of the catalogue
        year_hour,    ///< the year at the hour of the moment, blinds as they are worked
        table,        ///< a column of a question's answer
        electric,     ///< electric light of the levels that are set, live
        both,         ///< with the daylight of the moment
    };
    // Kinds stand for themselves.
    constexpr Shown(Kind kind) : kind_(kind) {}
    Shown(const figure::YearPointFigure& figure) : kind_(year_figure), figure_(&figure) {}

    constexpr Kind kind() const { return kind_; }
    /// Of year_figure; else null.
    const figure::YearPointFigure* figure() const { return figure_; }
    bool operator==(const Shown&) const = default;

 private:
    Kind kind_;
    const figure::YearPointFigure* figure_ = nullptr;
};
inline bool is_daylight(const Shown& s) { return s.kind() <= Shown::lux_by_median; }
inline bool is_moment(const Shown& s) { return s.kind() >= Shown::moment && s.kind() <= Shown::moment_reflected; }
inline bool is_year(const Shown& s) { return s.kind() == Shown::year_figure || s.kind() == Shown::year_hour; }

inline bool is_electric(const Shown& s) { return s.kind() == Shown::electric || s.kind() == Shown::both; }
/// Whether the light of the moment is part of it.
inline bool needs_moment(const Shown& s) { return is_moment(s) || s.kind() == Shown::both; }

}  // namespace wp::gui
