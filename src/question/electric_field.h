// SPDX-License-Identifier: GPL-3.0-or-later
// Light of a project's luminaires onto planes, readings and eyes: traced once, then scenes and dimming are products of
// numbers.
#pragma once
#include <functional>
#include <vector>

#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "light/luminaire_light.h"
#include "model/option.h"
#include "question/circuits.h"
#include "question/light_field.h"
#include "question/record.h"
#include "spectrum/spectrum.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

/// In place of a scene's id: all luminaires wholly on.
inline constexpr const char* kAllLuminaires = "*";

/// Luminaires of one kind on one circuit: what light is told apart by.
struct ElectricSource {
    model::Id circuit, type;  ///< circuit empty: none, always on
    size_t count = 0;
    double watts = 0, stand_by = 0;  ///< of all of them
    double lumens = 0;               ///< maintained
};

/// Where a project's luminaires hang, and what they are told with. Those whose kind is gone are left out.
struct PlacedCircuits {
    std::vector<light::PlacedLuminaire> luminaires;
    std::vector<ElectricSource> sources;
};
PlacedCircuits place_circuits(const model::Project& project, const model::Option& option,
                              const geometry::Surfaces& surfaces);

/// What light depends on of a luminaire in its place, but for its intensities.
void add_luminaire(Fingerprint& print, const light::PlacedLuminaire& luminaire);

struct ElectricTask {
    const model::Project* project = nullptr;
    const model::Option* option = nullptr;
    const geometry::Surfaces* surfaces = nullptr;
    const std::vector<geometry::PlanePoints>* planes = nullptr;
    std::vector<bool> cylindrical{};  ///< by plane
    light::BlindLayers layers{};      ///< of all portals; empty: open
    light::State state{};
    size_t bins = 0;  ///< bands of wavelength; 0: all visible light alone
};
Fingerprint electric_inputs(const ElectricTask& task, const Effort& effort);

struct ElectricField {
    std::vector<geometry::PlanePoints> planes;
    std::vector<ElectricSource> sources;
    spectrum::Bins bins{1};
    /// The first has all visible light as its state 0; each further one, and the first from state 1, bands.
    std::vector<light::LuminaireLight> passes;
    std::vector<spectrum::Spectrum> light_of;  ///< of each source, of 1 lx; where there are bands
    Record record;

    const light::LuminaireLight& all() const { return passes.front(); }
    bool empty() const { return passes.empty() || sources.empty(); }
    /// First point of a plane.
    size_t first_of(size_t plane) const;
};
using ElectricStep = std::function<void(const ElectricField&)>;
ElectricField trace_electric(const ElectricTask& task, const Effort& effort, const Cancel& cancel = {},
                             const ElectricStep& step = {});

/// Shares of each source where circuits give these (in the order of Option::lighting).
std::vector<double> source_shares(const std::vector<ElectricSource>& sources, const model::Option& option,
                                  const std::vector<double>& circuits);

struct PlaneElectric {
    std::vector<double> lux, half_width;  ///< by point; 95 %
    std::vector<double> direct;           ///< of lux what comes straight
};
/// Of one plane, sources giving these shares.
PlaneElectric electric_light(const ElectricField& field, size_t plane, std::span<const double> shares);

/// What sensors of an option's circuits see of a field's points: the nearest point to each on its circuit's plane (the
/// middle one where it was not placed). -1 in point: there is none.
struct SensorPoint {
    size_t plane = 0;
    int point = -1;
};
std::vector<SensorPoint> sensor_points(const std::vector<geometry::PlanePoints>& planes, const model::Option& option);
/// Light of each of an option's circuits wholly on at a point, planes one after the other, and of what is on none; lux.
struct CircuitLight {
    std::vector<double> of_circuit;
    double always = 0;
};
CircuitLight circuit_light(const ElectricField& field, const model::Option& option, size_t point);
SensorLight sensor_light(const ElectricField& field, const model::Option& option,
                         const std::vector<SensorPoint>& sensors);
/// What circuits give beside a moment's daylight, none beyond its level; of circuits without a sensor on the planes
/// their level.
std::vector<double> beside_daylight(const ElectricField& field, const model::Option& option,
                                    const MomentAnswer& daylight, std::span<const double> levels);

/// Light of a kind of luminaire by wavelength, of 1 lx: its spectrum; else of a white LED of its colour temperature.
spectrum::Spectrum light_of(const model::LuminaireType& type);

/// W, of an option's circuit wholly on: of its luminaires, or its power over area where it has none.
double power_of(const model::Project& project, const model::Option& option, const model::Lighting& circuit,
                double area);
bool has_luminaires(const model::Option& option, const model::Id& circuit);

}  // namespace wp::question
