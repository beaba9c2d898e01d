// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/outdoor_spectrum.h"

#include <algorithm>
#include <cmath>

#include "spectrum/colour.h"
#include "spectrum/daylight_colour.h"
#include "spectrum/light_source.h"

namespace wp::question {

using spectrum::Spectrum;
using spectrum::operator*;
using spectrum::operator+;

OutdoorAmounts amounts_of(const SkyAndSun& sky_and_sun, double diffuse_lux, std::span<const float> luminances) {
    return {luminances, sky_and_sun.sun.altitude, sky_and_sun.sun_lux,
            sky_and_sun.sun_lux * std::max(0.0, sky_and_sun.to_sun.z), diffuse_lux};
}

OutdoorSpectra::OutdoorSpectra(const SkyColumns& columns, const spectrum::Bins& bins, model::SkyColour colour,
                               const Spectrum& ground)
    : bins_(bins), choice_(colour), of_ground_(ground), parts_(columns.layout().parts) {
    if (const double visible = spectrum::visible(ground); visible > 0)
        of_ground_ = ground * (1 / visible);
    else
        of_ground_ = spectrum::flat(1);
    const auto& parts = columns.parts();
    for (size_t p = 0; p < parts_; ++p) {
        double up = 0;
        const auto directions = parts.directions(p, 1);
        for (const Vec3& d : directions) up += d.z / static_cast<double>(directions.size());
        on_level_.push_back(parts.solid_angle(p) * up);
    }
    add(spectrum::d65());
}

uint16_t OutdoorSpectra::add(const Spectrum& light) {
    const Spectrum of_one_lux = spectrum::of_one_lux(light);
    colours_.push_back({of_one_lux, bins_.integrals(of_one_lux)});
    return static_cast<uint16_t>(colours_.size() - 1);
}

uint16_t OutdoorSpectra::colour(double kelvin) {
    // A step of colour that nobody sees: 2 mired.
    const int key = static_cast<int>(std::lround(5e5 / kelvin));
    const auto [at, fresh] = known_.try_emplace(key, uint16_t{0});
    if (fresh) at->second = add(spectrum::cie_daylight(5e5 / key));
    return at->second;
}

OutdoorSpectrum OutdoorSpectra::of(const OutdoorAmounts& a) {
    OutdoorSpectrum out;
    out.colour_of.assign(parts_, 0);
    out.sky = out.beam = colours_[0].of_one_lux;
    out.sun = colours_[0].bands;
    out.ground = bins_.integrals(out.sky * of_ground_);
    // Without sun the sky is cloud: grey.
    is_coloured_ = choice_ == model::SkyColour::by_luminance && a.sun_lux > 0;
    if (is_coloured_) {
        out.beam = spectrum::of_one_lux(spectrum::sun_spectrum(a.altitude));
        out.sun = bins_.integrals(out.beam);
        std::vector<double> share(colours_.size(), 0.0);
        double all = 0;
        for (size_t p = 0; p < parts_; ++p) {
            const auto luminance = static_cast<double>(a.luminances[p]);
            const uint16_t c = out.colour_of[p] = colour(spectrum::sky_temperature(luminance));
            if (c >= share.size()) share.resize(c + size_t{1}, 0.0);
            share[c] += luminance * on_level_[p];
            all += luminance * on_level_[p];
        }
        if (all > 0) {
            Spectrum mean{};
            for (size_t c = 0; c < share.size(); ++c)
                if (share[c] > 0) mean = mean + colours_[c].of_one_lux * (share[c] / all);
            out.sky = mean;
        }
        // The ground sends back what falls onto it of both.
        const double level = a.level_sun_lux + a.diffuse_lux, of_sun = level > 0 ? a.level_sun_lux / level : 0;
        out.ground = bins_.integrals((out.beam * of_sun + out.sky * (1 - of_sun)) * of_ground_);
    }
    out.shape = out.sky * std::max(1e-9, a.diffuse_lux) + out.beam * a.level_sun_lux;
    return out;
}

std::vector<double> OutdoorSpectra::of_luminance(double luminance) {
    return colours_[is_coloured_ ? colour(spectrum::sky_temperature(luminance)) : uint16_t{0}].bands;
}

Spectrum spread(const std::vector<double>& bands, const spectrum::Bins& bins, const Spectrum& shape) {
    const auto of_shape = bins.integrals(shape);
    Spectrum out{};
    for (size_t i = 0; i < spectrum::kWavelengths; ++i) {
        const double nm = spectrum::wavelength(i);
        // Where bands meet both count half.
        double factor = 0;
        int count = 0;
        for (size_t b = 0; b < bins.count(); ++b)
            if (nm >= bins.from(b) - 1e-9 && nm <= bins.to(b) + 1e-9 && of_shape[b] > 0)
                factor += bands[b] / of_shape[b], ++count;
        out[i] = count > 0 ? shape[i] * factor / count : 0;
    }
    return out;
}

std::vector<double> taken_of_bands(spectrum::Answer answer, const spectrum::Bins& bins, const Spectrum& shape) {
    const auto all = bins.integrals(shape), taken = bins.integrals(spectrum::curve(answer) * shape);
    std::vector<double> out(bins.count(), 0.0);
    double sum = 0;
    for (size_t b = 0; b < out.size(); ++b) {
        out[b] = all[b] > 0 ? taken[b] / all[b] : 0;
        sum += taken[b];
    }
    // Together they are what the smooth curve takes of the whole.
    const double whole = spectrum::integral(answer, shape);
    for (double& v : out)
        if (sum > 0) v *= whole / sum;
    return out;
}

}  // namespace wp::question
