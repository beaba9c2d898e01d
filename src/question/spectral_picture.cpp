// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/spectral_picture.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "model/project.h"
#include "question/glare.h"
#include "question/outdoor_spectrum.h"
#include "question/spectral.h"

namespace wp::question {

using spectrum::Answer;
using spectrum::Spectrum;

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

geometry::Surfaces surfaces_in_band(const model::Project& project, const geometry::Surfaces& surfaces,
                                    const spectrum::Bins& bins, size_t band) {
    std::map<model::Id, double> known;
    // Of a material, what its figure is in the band over what it is of all light.
    const auto factor = [&](const model::Id& id) {
        const auto [at, fresh] = known.try_emplace(id, 1.0);
        const model::Material* material = fresh ? model::find(project.materials, id) : nullptr;
        if (material != nullptr && !material->spectrum.empty() && model::figure_of(*material) > 0)
            at->second = bins.means(matter_of(*material), &spectrum::d65())[band] / model::figure_of(*material);
        return at->second;
    };
    geometry::Surfaces out = surfaces;
    for (auto& s : out.surfaces) {
        const double by = std::min(factor(s.material), 1 / std::max(1e-9, s.reflectance + s.specular + s.through));
        s.reflectance *= by, s.specular *= by, s.through *= by;
    }
    for (auto& g : out.glazings) g.transmittance = std::min(1.0, g.transmittance * factor(g.material));
    for (auto& b : out.blinds) {
        const double scattered = b.slats ? b.reflectance : b.reflectance + b.transmittance,
                     room = b.slats ? 1.0 : 1 - b.openness;
        const double by = std::min(factor(b.material), scattered > 0 ? room / scattered : 1.0);
        b.reflectance *= by, b.transmittance *= by;
    }
    return out;
}

namespace {

// A band's light for each luminance of the sky: by the logarithm of it, since it changes slowly.
class SkyInBand {
 public:
    SkyInBand(OutdoorSpectra& spectra, size_t band) {
        for (int i = 0; i <= kSteps; ++i)
            factor_.push_back(static_cast<float>(spectra.of_luminance(std::pow(10.0, at(i)))[band]));
    }
    double operator()(double luminance) const {
        const double x = std::clamp((std::log10(std::max(luminance, 1e-3)) + 1) * kPerDecade, 0.0, double{kSteps});
        const auto i = static_cast<size_t>(std::min(x, kSteps - 1.0));
        const double t = x - static_cast<double>(i);
        return luminance * (static_cast<double>(factor_[i]) * (1 - t) + static_cast<double>(factor_[i + 1]) * t);
    }

 private:
    // From 0.1 cd/m2 to 10^7.
    static constexpr int kPerDecade = 40, kSteps = 8 * kPerDecade;
    static double at(int i) { return static_cast<double>(i) / kPerDecade - 1; }
    std::vector<float> factor_;
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
    add_weights(*out);
    out->of_sun = spectrum::daylight_efficacy_ratio(Answer::melanopic, shining.beam);
    for (size_t b = 0; b < task.bands; ++b) {
        const geometry::Surfaces surfaces = surfaces_in_band(*task.project, *task.surfaces, out->bins, b);
        const light::Scene scene(surfaces, task.layers, task.state);
        light::PictureTask picture = task.picture;
        picture.scene = &scene;
        picture.keeps_parts = false;
        picture.daylight = daylight_of(sky);
        picture.daylight.of_sky = SkyInBand(spectra, b);
        picture.daylight.sun_lux *= shining.sun[b];
        picture.daylight.ground_luminance *= shining.ground[b];
        out->bands.push_back(light::trace_picture(picture, cancel).value);
        if (cancel.requested()) return nullptr;
        if (step) step(b + 1);
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
