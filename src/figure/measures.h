// SPDX-License-Identifier: GPL-3.0-or-later
// What is said of a whole plane or room: a catalogue of measures, most of them of any figure that points have. Criteria
// and comparisons walk it by id; a further one is a line in measures.cpp.
#pragma once
#include <optional>
#include <span>
#include <string>
#include <string_view>

#include "figure/figures.h"

namespace wp::figure {

/// A value with the ends of its 95 % band.
struct Band {
    double value = 0, low = 0, high = 0;
};

/// What a measure leaves open. Shares from 0 to 1.
struct Wanted {
    std::string figure;        ///< of measures that take one: its id in the catalogue of figures
    double lux = 300;          ///< the target in figures of a year; lower end of a range
    double most_lux = 3000;    ///< upper end of a range
    double time_share = 0.5;   ///< spatial_autonomy
    double hours_limit = 250;  ///< sunlight_exposure
    double area_share = 0.5;   ///< provision, level
    double value = 0;          ///< area_share: in the figure's unit
    enum class Hours {
        clock,     ///< from..to, every day
        daylight,  ///< the 4380 h of EN 17037
        use,       ///< the room's own: Answers::room_hours
    } hours = Hours::clock;
    double from = 8, to = 18;  ///< hours of the clock
    question::Operation blinds = question::Operation::open;
};

struct Measure {
    const char *id, *name;
    bool takes_figure;  ///< else it belongs to one analysis
    bool is_share;      ///< 0 to 1; else in the figure's unit, or without one
    model::Question::Kind of;
    /// None where what it needs was not asked, or does not have the plane.
    std::optional<Band> (*find)(const Answers&, const geometry::PlanePoints&, size_t index, const Wanted&);
    const char* unit = "";  ///< of measures that take no figure and are no share
};

std::span<const Measure> measures();
const Measure* find_measure(std::string_view id);

/// The analysis that a measure needs.
model::Question::Kind analysis_of(const Measure& measure, const Wanted& wanted);
/// The unit of its value: "%" for shares.
std::string unit_of(const Measure& measure, const Wanted& wanted);

}  // namespace wp::figure
