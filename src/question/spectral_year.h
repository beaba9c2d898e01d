// SPDX-License-Identifier: GPL-3.0-or-later
// Light by wavelength in every lit hour of a year: what the body clock gets, blinds as they stand in each hour.
#pragma once
#include <cstdint>
#include <functional>
#include <span>
#include <vector>

#include "base/progress.h"
#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "model/question.h"
#include "question/record.h"
#include "question/window_groups.h"
#include "question/year_sky.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

struct SpectralYearTask {
    const model::Project* project = nullptr;
    const geometry::Surfaces* surfaces = nullptr;  ///< with the blinds that window_groups added
    const std::vector<YearGroup>* groups = nullptr;
    const std::vector<geometry::PlanePoints>* planes = nullptr;
    climate::Place place;
    double north_azimuth = 0;  ///< radians
    size_t bands = 9;
    model::SkyColour colour = model::SkyColour::d65;
    std::vector<std::vector<uint8_t>> states;  ///< of each group by hour of the year; empty: all open
};

/// Some whole days of all points of one plane: lit hours x points each.
struct SpectralDays {
    size_t plane = 0;
    std::span<const int> hours;                               ///< of the year, that are lit
    std::vector<float> melanopic, lux;                        ///< equivalent daylight illuminance; illuminance
    std::vector<float> melanopic_half_width, lux_half_width;  ///< 95 %
    size_t points = 0;
    size_t at(size_t hour, size_t point) const { return hour * points + point; }
};
/// Of each plane days come in order; planes may alternate. Called from one thread at a time.
using TakeDays = std::function<void(const SpectralDays&)>;

/// Traces once for every state of trees and ground and every state of the blinds that stands in any hour. Cancelled:
/// record.settled is false, and the rest is not given.
Record spectral_year(const SpectralYearTask& task, const YearSky& sky, const Effort& effort, const TakeDays& take,
                     const Cancel& cancel = {}, const Progress& progress = {});

}  // namespace wp::question
