// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures by wavelength: what is seen in bands, its colours, and what the body clock gets of it.
#pragma once
#include <functional>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

#include "base/progress.h"
#include "base/result.h"
#include "light/picture.h"
#include "model/question.h"
#include "question/outdoors.h"
#include "spectrum/colour.h"
#include "spectrum/spectrum.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

/// Radiance in bands, pixel by pixel.
struct SpectralPicture {
    spectrum::Bins bins{1};
    std::vector<std::vector<float>> bands;    ///< W/(m2 sr); suns are not drawn in
    spectrum::Spectrum shape{};               ///< of all light outdoors: light in a band is spread like it
    std::vector<double> photopic, melanopic;  ///< by band, for each W/(m2 sr): cd/m2, of luminance and of melanopic
                                              ///< equivalent daylight luminance (CIE S 026:2018)
    std::vector<spectrum::Xyz> colour;        ///< likewise: XYZ, y as cd/m2
    spectrum::Xyz white;                      ///< of matter that is white under the light outdoors
    double of_sun = 1;                        ///< melanopic to photopic, of the sun's beam

    size_t pixels() const { return bands.empty() ? 0 : bands.front().size(); }
    /// At a pixel, W/(m2 sr nm).
    spectrum::Spectrum at(size_t pixel) const;
    spectrum::Xyz colour_at(size_t pixel) const;
    std::vector<float> luminance() const { return weighed(photopic); }
    std::vector<float> melanopic_luminance() const { return weighed(melanopic); }
    /// Of melanopic to photopic; 0 where it is dark.
    std::vector<float> ratio() const;

    /// For the disk and for other processes; what comes from there is checked, and has so many pixels and bands.
    std::string write() const;
    static Result<SpectralPicture> read(std::string_view bytes, size_t pixels, size_t bands);

 private:
    std::vector<float> weighed(const std::vector<double>& by) const;
};

struct SpectralPictureTask {
    const model::Project* project = nullptr;
    const geometry::Surfaces* surfaces = nullptr;
    light::BlindLayers layers;
    light::State state;
    light::PictureTask picture;  ///< lens, pose, accuracy; its scene and daylight are not looked at
    const Outdoors* outdoors = nullptr;
    size_t bands = 9;
    std::vector<spectrum::Spectrum> lights{};  ///< of the picture's luminaires, by source, of 1 lx
    model::SkyColour colour = model::SkyColour::d65;
};

/// Eleven bands by the same paths, then the next. Cancelled: null. step: how many are done.
using BandStep = std::function<void(size_t done)>;
std::shared_ptr<const SpectralPicture> trace_spectral_picture(const SpectralPictureTask& task,
                                                              const Cancel& cancel = {}, const BandStep& step = {});

struct GlareAnswer;
/// At the eye, lx, the sun that is seen included; of lenses that are no hemisphere the mean over the picture, cd/m2,
/// without suns. The answer has bands.
struct EyeLight {
    double photopic = 0, melanopic = 0;
};
EyeLight eye_light(const GlareAnswer& answer);
/// What a picture by wavelength tells, as a picture of its own that is not judged. of: melanopic or ratio. The answer
/// has bands.
GlareAnswer read_as(const GlareAnswer& answer, light::PictureOf of);

}  // namespace wp::question
