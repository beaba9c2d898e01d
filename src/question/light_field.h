// SPDX-License-Identifier: GPL-3.0-or-later
// What a settled model does with any light outdoors: daylight coefficients by window and by the way light came, traced
// once. After that a moment is a product of numbers, and a look towards its own sun from every point and from every
// patch that the sun may reach.
#pragma once
#include <functional>
#include <memory>
#include <vector>

#include "base/sparse_rows.h"
#include "climate/weather.h"
#include "geometry/plane_points.h"
#include "light/coefficients.h"
#include "light/scene.h"
#include "question/daylight_factor.h"
#include "question/outdoors.h"
#include "question/record.h"

namespace wp::question {

struct LightField {
    std::vector<geometry::PlanePoints> planes;
    std::vector<model::Id> sources;  ///< windows and rooflights, in the order of the coefficients' sources
    std::vector<int> source_of_portal;
    light::State state;  ///< of trees and ground
    std::shared_ptr<const light::Scene> scene;
    size_t band = 0;  ///< which of the scene's states this is of, where they are bands of wavelength
    std::shared_ptr<const SkyColumns> columns;
    light::Coefficients coefficients;
    Record record;  ///< error: of light typical of the place
};

struct FieldTask {
    const geometry::Surfaces* surfaces = nullptr;
    const std::vector<geometry::PlanePoints>* planes = nullptr;
    climate::Place place;
    double north_azimuth = 0;  ///< radians
    light::State state;
    light::BlindLayers layers{};  ///< of all portals; empty: blinds are open
    std::vector<int> groups{};    ///< light is told apart by these, of each portal (-1: none); empty: by openings
};
Fingerprint light_field_inputs(const FieldTask& task, const Effort& effort);

/// Settles like the daylight factor, for light typical of the place. step sees the field after every round.
using FieldStep = std::function<void(const LightField&)>;
LightField trace_light_field(const FieldTask& task, const Effort& effort, const Cancel& cancel = {},
                             const FieldStep& step = {});

/// Bands of wavelength that are traced together.
struct Bands {
    const light::Tints* tints = nullptr;  ///< null: all visible light alone
    size_t count = 1;                     ///< kMostStates at most
    std::vector<double> counts{};         ///< as CoefficientTask
};
/// A field for each band, of the same paths; rays and paths are told with the first. step sees the first.
std::vector<LightField> trace_light_fields(const FieldTask& task, const Bands& bands, const Effort& effort,
                                           const Cancel& cancel = {}, const FieldStep& step = {});

/// What a lux of each column, and of the sun, is in the unit that is asked for.
struct Shine {
    std::vector<float> columns;
    double sun = 1;
};

/// Illuminance of one plane, lux, and what it is made of.
struct PlaneMoment {
    geometry::PlanePoints plane;
    std::vector<double> lux, half_width;  ///< half_width: 95 %
    std::vector<double> sun;              ///< direct sun, exact
    std::vector<double> sky;              ///< straight from the sky
    std::vector<double> ground, outside,
        inside;  ///< reflected last by the ground, by what stands outdoors, or in the room; sky and sun together
    std::vector<double> inside_off_ground;  ///< the part of inside that came in off the ground
    SparseRows by_source;  ///< of each point; one more than sources: the last came through none. Empty unless asked
    PlaneFigures figures;  ///< lux
    double reached = 0;
};

struct MomentAnswer {
    Outdoors outdoors;
    std::vector<PlaneMoment> planes;
    std::vector<model::Id> sources;
    Record record;
};
/// Given moments of one state, each traced with its own sky and sun until the worst of them has the accuracy; no field
/// is left. Empty where it was cancelled. step sees what was reached so far.
using MomentsStep = std::function<void(double reached)>;
std::vector<MomentAnswer> trace_moments(const FieldTask& task, const std::vector<Outdoors>& moments,
                                        const Effort& effort, const Cancel& cancel = {}, const MomentsStep& step = {});

/// Looks for its sun, and traces nothing else.
/// shine: in another unit than lux; null: in lux.
MomentAnswer light_at(const LightField& field, const Outdoors& outdoors, bool by_source = false,
                      const Shine* shine = nullptr);

/// Light and irradiation added up over hours of the weather.
struct PlaneExposure {
    geometry::PlanePoints plane;
    std::vector<double> lux_hours;    ///< lx h
    std::vector<double> irradiation;  ///< W h/m^2, as the weather's irradiance falls
    std::vector<double> half_width;   ///< 95 %, lx h
};
struct ExposureAnswer {
    std::vector<PlaneExposure> planes;
    double outdoor_lux_hours = 0, outdoor_irradiation = 0;  ///< on the open horizontal
    int hours = 0;                                          ///< daylit ones
    Record record;
};
/// field_of gives the field of a month's state; days are counted from 0, both included, and may run over the new year.
ExposureAnswer exposure(const std::function<const LightField&(int month)>& field_of,
                        const climate::WeatherYear& weather, double north_azimuth,
                        const std::vector<double>& ground_by_month, int first_day, int last_day);

}  // namespace wp::question
