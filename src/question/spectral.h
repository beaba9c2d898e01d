// SPDX-License-Identifier: GPL-3.0-or-later
// Light by wavelength: daylight coefficients in bands that the visible range is cut into, traced by the same paths, and
// what eyes get of it. Sky, hour and the colours of daylight change without a ray.
#pragma once
#include <memory>
#include <vector>

#include "model/option.h"
#include "model/question.h"
#include "question/light_field.h"
#include "spectrum/colour.h"
#include "spectrum/observer.h"
#include "spectrum/spectrum.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

/// A material's reflectance or transmittance by wavelength: its spectrum, or the smoothest of its hue and chroma (less
/// of that where no matter is so bright), spread so that it has the material's figure under D65, never beyond 1. Grey
/// where it has none.
spectrum::Spectrum matter_of(const model::Material& material);

/// What of a material its colour depends on.
void add_colour(Fingerprint& print, const model::Material& material);

/// Of the site's ground; grey where no material gives it a colour.
spectrum::Spectrum ground_of(const model::Project& project);

/// Factors of surfaces, and transmittances of glazings, of a model in some bands, by parts of them that paths choose
/// among: of each its mean under D65. The first state is all visible light, the next are bands from `first` on.
light::Tints tints_of(const model::Project& project, const geometry::Surfaces& surfaces, const spectrum::Bins& bins,
                      size_t first, size_t count);

/// Fields of the same points; the first is of all visible light.
struct SpectralField {
    spectrum::Bins bins{1};
    spectrum::Spectrum ground = spectrum::flat(1);  ///< of the far ground, as OutdoorSpectra wants it
    std::vector<LightField> bands;                  ///< all, then one a bin
    const LightField& all() const { return bands.front(); }
};
SpectralField trace_spectral_field(const model::Project& project, const FieldTask& task, size_t bins,
                                   const Effort& effort, const Cancel& cancel = {}, const FieldStep& step = {});

/// Light onto a point by wavelength.
struct PointSpectrum {
    spectrum::Spectrum irradiance{};  ///< W/(m2 nm)
    std::vector<double> bands;        ///< W/m2
    std::vector<double> half_width;   ///< of the bands, 95 %
    /// Half-width of a sum of the bands with weights by wavelength, those of an answer: bands err together at worst.
    double half_width_of(const spectrum::Spectrum& weights, const spectrum::Bins& bins) const;
    double half_width_of(spectrum::Answer answer, const spectrum::Bins& bins) const {
        return half_width_of(spectrum::curve(answer), bins);
    }
};
struct PlaneSpectrum {
    geometry::PlanePoints plane;
    std::vector<PointSpectrum> points;
};
struct SpectralMoment {
    Outdoors outdoors;
    std::vector<PlaneSpectrum> planes;
    spectrum::Spectrum sky{}, sun{};  ///< as they shine, of 1 lx each; the sky's mean
    Record record;
};
/// From a band on, how many are of the same paths, patches and scene.
size_t traced_together(std::span<const LightField> bands, size_t first);

SpectralMoment spectrum_at(const SpectralField& field, const Outdoors& outdoors, model::SkyColour colour);

}  // namespace wp::question
