// SPDX-License-Identifier: GPL-3.0-or-later
// One observer's view at one moment: luminance picture, vertical illuminance at the eye, daylight glare probability.
#pragma once
#include <functional>
#include <vector>

#include "base/progress.h"
#include "climate/weather.h"
#include "geometry/surfaces.h"
#include "light/picture.h"
#include "metric/glare_index.h"
#include "model/option.h"
#include "question/blinds_now.h"
#include "question/record.h"

namespace wp::question {

struct GlareAnswer {
    light::Picture picture;
    std::vector<metric::GlareSource> sources;
    double vertical_lux = 0;  ///< at the eye, sun's disc included
    double half_width = 0;    ///< 95 %, lux
    double dgp = 0;
    /// 95 %: what chance leaves of illuminance and picture, what the picture's resolution does, and what finding the
    /// sources at 4 or 6 times the mean instead of 5 would change; each is told.
    double dgp_low = 0, dgp_high = 0;
    double dgp_by_chance = 0, dgp_by_resolution = 0, dgp_by_sources = 0;
    BlindsNow blinds;      ///< how they stood
    bool in_range = true;  ///< within what DGP was fitted for
    model::Observer observer;
    climate::Moment moment;
    double sun_altitude = 0;  ///< degrees
    Record record;

    /// What every index of glare is computed from; the sun's disc counts in the field's mean.
    metric::GlareView view() const;
};

/// Sky and sun of a moment: the weather hour that holds it, with the sun at the moment itself.
light::Daylight daylight_at(const std::vector<climate::OutdoorHour>& outdoor, const climate::Place& place,
                            const climate::Moment& moment, double north_azimuth, double ground_reflectance);

struct GlareTask {
    const geometry::Surfaces* surfaces = nullptr;
    const climate::WeatherYear* weather = nullptr;
    model::Observer observer;
    climate::Moment moment;
    double north_azimuth = 0;  ///< radians
    int pixels = 256;
    metric::SourceRule sources;
    BlindsNow blinds;
};
/// step sees the answer after every round: coarse at first, then ever surer.
using GlareStep = std::function<void(const GlareAnswer&)>;
GlareAnswer solve_glare(const GlareTask& task, const Effort& effort, const Cancel& cancel = {},
                        const GlareStep& step = {});
/// How far an answer has come, as a share: for who shows progress.
double progress_of(const GlareAnswer& answer);

}  // namespace wp::question
