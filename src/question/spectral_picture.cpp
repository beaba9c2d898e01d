// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/spectral_picture.h"

#include <algorithm>
#include <cmath>

#include "light/plain_bytes.h"
#include "model/project.h"
#include "question/glare.h"
#include "question/outdoor_spectrum.h"
#include "question/spectral.h"

namespace wp::question {

using spectrum::Answer;
using spectrum::Spectrum;
using light::operator*;
using light::operator+;

Spectrum SpectralPicture::at(size_t pixel) const {
    std::vector<double> values;
    for (const auto& band : bands) values.push_back(static_cast<double>(band[pixel]));
    return spread(values, bins, shape);
}

spectrum::Xyz SpectralPicture::colour_at(size_t pixel) const {
    spectrum::Xyz out;
    for (size_t b = 0; b < bands.size(); ++b) {
        const auto v = static_cast<double>(bands[b][pixel]);
        out.x += v * colour[b].x, out.y += v * colour[b].y, out.z += v * colour[b].z;
    }
    return out;
}

std::vector<float> SpectralPicture::weighed(const std::vector<double>& by) const {
    std::vector<float> out(pixels(), 0.0f);
    for (size_t b = 0; b < bands.size(); ++b)
        for (size_t i = 0; i < out.size(); ++i) out[i] += bands[b][i] * static_cast<float>(by[b]);
    return out;
}

std::vector<float> SpectralPicture::ratio() const {
    std::vector<float> out = melanopic_luminance();
    const auto below = luminance();
    for (size_t i = 0; i < out.size(); ++i) out[i] = below[i] > 0 ? out[i] / below[i] : 0.0f;
    return out;
}

std::string SpectralPicture::write() const {
    light::ByteWriter out;
    for (const auto& band : bands) out.put(band);
    out.put(shape);
    out.put(photopic);
    out.put(melanopic);
    out.put(colour);
    out.put(white);
    out.put(of_sun);
    return out.take();
}

Result<SpectralPicture> SpectralPicture::read(std::string_view bytes, size_t pixels, size_t bands) {
    SpectralPicture out;
    out.bins = spectrum::Bins(bands);
    out.bands.resize(bands);
    light::ByteReader in(bytes);
    for (auto& band : out.bands)
        if (!in.take(band) || band.size() != pixels) return light::kDamaged;
    if (!in.take(out.shape) || !in.take(out.photopic) || !in.take(out.melanopic) || !in.take(out.colour) ||
        !in.take(out.white) || !in.take(out.of_sun) || !in.done() || out.photopic.size() != bands ||
        out.melanopic.size() != bands || out.colour.size() != bands)
        return light::kDamaged;
    return out;
}

namespace {

// The light of bands for each luminance of the sky: by the logarithm of it, since it changes slowly.
class SkyInBands {
 public:
    SkyInBands(OutdoorSpectra& spectra, size_t first, size_t count) {
        for (int i = 0; i <= kSteps; ++i) {
            const auto bands = spectra.of_luminance(std::pow(10.0, static_cast<double>(i) / kPerDecade - 1));
            light::ByState factor{};
            for (size_t k = 0; k < count; ++k) factor[k + 1] = static_cast<float>(bands[first + k]);
            factor_.push_back(factor);
        }
    }
    light::ByState operator()(double luminance) const {
        const double x = std::clamp((std::log10(std::max(luminance, 1e-3)) + 1) * kPerDecade, 0.0, double{kSteps});
        const auto i = static_cast<size_t>(std::min(x, kSteps - 1.0));
        const auto t = static_cast<float>(x - static_cast<double>(i));
        return factor_[i] * (1 - t) + factor_[i + 1] * t;
    }

 private:
    // From 0.1 cd/m2 to 10^7.
    static constexpr int kPerDecade = 40, kSteps = 8 * kPerDecade;
    std::vector<light::ByState> factor_;
};

void add_weights(SpectralPicture& out) {
    out.photopic = taken_of_bands(Answer::y, out.bins, out.shape);
    out.melanopic = taken_of_bands(Answer::melanopic, out.bins, out.shape);
    const auto x = taken_of_bands(Answer::x, out.bins, out.shape), z = taken_of_bands(Answer::z, out.bins, out.shape);
    for (size_t b = 0; b < out.bins.count(); ++b) {
        out.photopic[b] *= spectrum::kLumens;
        out.melanopic[b] /= spectrum::daylight_efficacy(Answer::melanopic);
        out.colour.push_back({spectrum::kLumens * x[b], out.photopic[b], spectrum::kLumens * z[b]});
    }
    const auto white = spectrum::xyz_of_light(out.shape);
    out.white = {white.x / white.y, 1, white.z / white.y};
}

}  // namespace

std::shared_ptr<const SpectralPicture> trace_spectral_picture(const SpectralPictureTask& task, const Cancel& cancel,
                                                              const BandStep& step) {
    auto out = std::make_shared<SpectralPicture>();
    out->bins = spectrum::Bins(task.bands);
    const SkyColumns columns;
    std::vector<float> row(columns.layout().columns());
    const SkyAndSun& sky = task.outdoors->sky_and_sun;
    columns.fill(sky, row);
    OutdoorSpectra spectra(columns, out->bins, task.colour, ground_of(*task.project));
    const OutdoorSpectrum shining = spectra.of(amounts_of(sky, task.outdoors->diffuse_lux, row));
    out->shape = shining.shape;
    // In the dark light is spread like that of luminaires.
    if (!(spectrum::illuminance(out->shape) > 0) && !task.lights.empty()) out->shape = task.lights.front();
    add_weights(*out);
    out->of_sun = spectrum::daylight_efficacy_ratio(Answer::melanopic, shining.beam);
    constexpr size_t together = light::kMostStates - 1;
    for (size_t first = 0; first < task.bands; first += together) {
        const size_t count = std::min(together, task.bands - first);
        const light::Tints tints = tints_of(*task.project, *task.surfaces, out->bins, first, count);
        const std::vector<light::State> states(count + 1, task.state);
        const light::Scene scene(*task.surfaces, task.layers, states, &tints);
        light::PictureTask picture = task.picture;
        picture.scene = &scene;
        picture.keeps_parts = false;
        picture.daylight = daylight_of(sky);
        picture.daylight.bands_of_sky = SkyInBands(spectra, first, count);
        for (size_t k = 0; k < count; ++k) {
            picture.daylight.bands_of_sun[k + 1] = static_cast<float>(shining.sun[first + k]);
            picture.daylight.bands_of_ground[k + 1] = static_cast<float>(shining.ground[first + k]);
        }
        picture.bands_of_sources.clear();
        for (const Spectrum& light : task.lights) {
            light::ByState bands{};
            bands[0] = 1;
            const auto power = out->bins.integrals(light);
            for (size_t k = 0; k < count; ++k) bands[k + 1] = static_cast<float>(power[first + k]);
            picture.bands_of_sources.push_back(bands);
        }
        auto traced = light::trace_picture(picture, cancel);
        if (cancel.requested()) return nullptr;
        for (auto& band : traced.bands) out->bands.push_back(std::move(band));
        if (step) step(first + count);
    }
    return out;
}

EyeLight eye_light(const GlareAnswer& answer) {
    const SpectralPicture& by = *answer.spectral;
    const auto weights = light::field_weights(answer.picture.lens);
    EyeLight out{light::field_of(by.luminance(), weights), light::field_of(by.melanopic_luminance(), weights)};
    if (answer.picture.lens.kind != light::Lens::Kind::hemisphere) return out;
    for (const auto& sun : answer.picture.suns) {
        const double lux = sun.normal_lux * std::max(0.0, dot(sun.direction, answer.picture.pose.forward));
        out.photopic += lux, out.melanopic += lux * by.of_sun;
    }
    return out;
}

GlareAnswer read_as(const GlareAnswer& answer, light::PictureOf of) {
    GlareAnswer out = answer;
    out.picture.of = of;
    out.picture.parts.clear(), out.picture.error.clear();
    out.picture.suns.clear();
    out.judged = false;
    out.sources.clear(), out.parts.clear(), out.around.clear();
    const SpectralPicture& by = *answer.spectral;
    out.picture.value = of == light::PictureOf::melanopic ? by.melanopic_luminance() : by.ratio();
    out.picture.field = light::field_of(out.picture.value, light::field_weights(out.picture.lens));
    if (of == light::PictureOf::ratio) {
        const EyeLight light = eye_light(answer);
        out.picture.field = light.photopic > 0 ? light.melanopic / light.photopic : 0;
    }
    return out;
}

}  // namespace wp::question
