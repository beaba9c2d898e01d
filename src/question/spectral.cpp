// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/spectral.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "base/parallel.h"
#include "model/project.h"
#include "spectrum/daylight_colour.h"
#include "spectrum/light_source.h"

namespace wp::question {

using spectrum::Bins;
using spectrum::Spectrum;
using spectrum::operator*;
using spectrum::operator+;

Spectrum matter_of(const model::Material& material) {
    const double figure = model::figure_of(material);
    if (material.spectrum.size() != spectrum::kWavelengths) return spectrum::flat(figure);
    Spectrum out;
    std::ranges::copy(material.spectrum, out.begin());
    // What is cut off at 1 is made good by the rest.
    for (int pass = 0; pass < 20; ++pass) {
        const double now = spectrum::visible(out);
        if (!(now > 0)) return spectrum::flat(figure);
        if (std::fabs(now - figure) < 1e-9) break;
        for (double& v : out) v = std::min(1.0, v * figure / now);
    }
    return out;
}

namespace {

// Parts of bands that paths choose among: about as wide as the steps of spectra.
size_t choices_of(const Bins& bins) {
    constexpr size_t most = 16;
    return std::clamp<size_t>((spectrum::kWavelengths + bins.count() / 2) / bins.count(), 1, most);
}

}  // namespace

light::Tints tints_of(const model::Project& project, const geometry::Surfaces& surfaces, const Bins& bins, size_t first,
                      size_t count) {
    const size_t choices = choices_of(bins);
    const Bins parts(bins.count() * choices, Bins::Any{});
    std::map<model::Id, std::vector<double>> known;
    // Of a material, over its figure, in every part of every band.
    const auto factors = [&](const model::Id& id) -> const std::vector<double>& {
        const auto [at, fresh] = known.try_emplace(id);
        const model::Material* material = fresh ? model::find(project.materials, id) : nullptr;
        if (material == nullptr || material->spectrum.empty() || !(model::figure_of(*material) > 0)) return at->second;
        at->second = parts.means(matter_of(*material), &spectrum::d65());
        for (double& v : at->second) v /= model::figure_of(*material);
        return at->second;
    };
    const auto light = parts.integrals(spectrum::d65()), of_band = bins.integrals(spectrum::d65());
    light::Tints out;
    for (size_t c = 0; c < choices; ++c) {
        light::Tints::Choice choice;
        const auto by_state = [&](const model::Id& id, double figure, double most) {
            light::ByState state = light::kAllAlike;
            const auto& factor = factors(id);
            for (size_t k = 0; k < count && !factor.empty(); ++k)
                state[k + 1] = static_cast<float>(factor[(first + k) * choices + c]);
            for (float& v : state) v = std::min(static_cast<float>(most), v * static_cast<float>(figure));
            return state;
        };
        for (size_t k = 0; k < count; ++k)
            choice.share[k + 1] = static_cast<float>(static_cast<double>(choices) * light[(first + k) * choices + c] /
                                                     of_band[first + k]);
        for (const auto& surface : surfaces.surfaces) choice.surfaces.push_back(by_state(surface.material, 1, 1e6));
        for (const auto& glazing : surfaces.glazings)
            choice.glazings.push_back(by_state(glazing.material, glazing.transmittance, 1));
        out.choices.push_back(std::move(choice));
    }
    return out;
}

SpectralField trace_spectral_field(const model::Project& project, const FieldTask& task, size_t bins,
                                   const Effort& effort, const Cancel& cancel, const FieldStep& step) {
    SpectralField out;
    out.bins = Bins(bins);
    constexpr size_t together = light::kMostStates - 1;
    Record record;
    for (size_t first = 0; first < out.bins.count() && !cancel.requested(); first += together) {
        const size_t count = std::min(together, out.bins.count() - first);
        const light::Tints tints = tints_of(project, *task.surfaces, out.bins, first, count);
        auto fields = trace_light_fields(task, {&tints, count + 1}, effort, cancel, first == 0 ? step : FieldStep{});
        for (size_t k = first == 0 ? 0 : 1; k < fields.size(); ++k) out.bands.push_back(std::move(fields[k]));
    }
    // What was traced in all passes, told once.
    for (size_t k = 0; k < out.bands.size(); ++k) {
        Record& one = out.bands[k].record;
        if (k > 0 && (k - 1) % together != 0) one.rays = one.paths = 0, one.seconds = 0;
        if (k == 1) one.rays = one.paths = 0, one.seconds = 0;
        record.rays += one.rays, record.paths += one.paths, record.seconds += one.seconds;
    }
    if (out.bands.empty()) return out;
    Record& told = out.bands.front().record;
    told.rays = record.rays, told.paths = record.paths, told.seconds = record.seconds;
    for (const LightField& band : out.bands) {
        told.reached = std::max(told.reached, band.record.reached);
        told.settled = told.settled && band.record.settled;
    }
    told.inputs.add(static_cast<int>(bins));
    for (const auto& m : project.materials) {
        told.inputs.add(m.id);
        for (const double v : m.spectrum) told.inputs.add(v);
    }
    return out;
}

namespace {

// Power of one lux in every band, W/m2, by the colour temperature of daylight; few temperatures serve all parts.
class DaylightBands {
 public:
    explicit DaylightBands(const Bins& bins) : bins_(bins) {}
    const std::vector<double>& of(double kelvin) {
        // A step of colour that nobody sees: 2 mired.
        const int key = static_cast<int>(std::lround(5e5 / kelvin));
        auto [at, fresh] = known_.try_emplace(key);
        if (fresh) at->second = bins_.integrals(spectrum::of_one_lux(spectrum::cie_daylight(5e5 / key)));
        return at->second;
    }

 private:
    const Bins& bins_;
    std::map<int, std::vector<double>> known_;
};

// What shines outdoors by wavelength.
struct Shining {
    std::vector<std::vector<float>> columns;  // by band: W/m2 that a lux of each column is
    std::vector<double> sun;                  // likewise of the sun
    Spectrum sky, beam;                       // of one lux
};

// How much of the sky's light on the level ground each part gives.
std::vector<double> shares_of_parts(const SkyColumns& columns, const std::vector<float>& row) {
    const auto& parts = columns.parts();
    std::vector<double> out(parts.count());
    for (size_t p = 0; p < out.size(); ++p) {
        double up = 0;
        const auto directions = parts.directions(p, 1);
        for (const Vec3& d : directions) up += d.z / static_cast<double>(directions.size());
        out[p] = static_cast<double>(row[p]) * parts.solid_angle(p) * up;
    }
    return out;
}

Shining shining(const SpectralField& field, const Outdoors& outdoors, model::SkyColour colour) {
    const SkyColumns& columns = *field.all().columns;
    const size_t width = columns.layout().columns(), parts = columns.layout().parts, n = field.bins.count();
    Shining out;
    out.sky = out.beam = spectrum::of_one_lux(spectrum::d65());
    const auto plain = field.bins.integrals(out.sky);
    out.sun = plain;
    for (size_t b = 0; b < n; ++b) out.columns.emplace_back(width, static_cast<float>(plain[b]));
    // Without sun the sky is cloud: grey.
    if (colour == model::SkyColour::d65 || outdoors.sky_and_sun.sun_lux <= 0) return out;
    out.beam = spectrum::of_one_lux(spectrum::sun_spectrum(outdoors.sky_and_sun.sun.altitude));
    out.sun = field.bins.integrals(out.beam);
    std::vector<float> row(width);
    columns.fill(outdoors.sky_and_sun, row);
    const auto shares = shares_of_parts(columns, row);
    double all = 0;
    for (const double s : shares) all += s;
    DaylightBands daylight(field.bins);
    std::vector<double> mean(n, 0.0);
    Spectrum sky{};
    for (size_t p = 0; p < parts; ++p) {
        const double kelvin = spectrum::sky_temperature(static_cast<double>(row[p]));
        const auto& bands = daylight.of(kelvin);
        for (size_t b = 0; b < n; ++b) {
            out.columns[b][p] = static_cast<float>(bands[b]);
            if (all > 0) mean[b] += bands[b] * shares[p] / all;
        }
        if (all > 0) sky = sky + spectrum::of_one_lux(spectrum::cie_daylight(kelvin)) * (shares[p] / all);
    }
    if (all > 0) out.sky = spectrum::of_one_lux(sky);
    // The ground sends back what falls onto it of both.
    const double level = outdoors.sky_and_sun.sun_lux * std::max(0.0, outdoors.sky_and_sun.to_sun.z),
                 of_sun = level + outdoors.diffuse_lux > 0 ? level / (level + outdoors.diffuse_lux) : 0;
    for (size_t b = 0; b < n; ++b)
        for (size_t c = parts; c < width; ++c)
            out.columns[b][c] = static_cast<float>(of_sun * out.sun[b] + (1 - of_sun) * mean[b]);
    return out;
}

// The light in each band has the shape of what shines outdoors within it.
Spectrum joined(const std::vector<double>& bands, const Bins& bins, const Spectrum& shape,
                const std::vector<double>& of_shape) {
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

}  // namespace

double PointSpectrum::half_width_of(spectrum::Answer answer, const Bins& bins) const {
    double sum = 0;
    for (size_t b = 0; b < bins.count(); ++b) {
        // The weight of a band: what of its power the answer takes.
        double taken = 0, all = 0;
        for (size_t i = 0; i < spectrum::kWavelengths; ++i) {
            const double nm = spectrum::wavelength(i);
            if (nm < bins.from(b) || nm > bins.to(b)) continue;
            taken += spectrum::curve(answer)[i] * irradiance[i];
            all += irradiance[i];
        }
        if (all > 0) sum += half_width[b] * taken / all;
    }
    return sum;
}

SpectralMoment spectrum_at(const SpectralField& field, const Outdoors& outdoors, model::SkyColour colour) {
    SpectralMoment out;
    out.outdoors = outdoors;
    const Shining shine = shining(field, outdoors, colour);
    out.sky = shine.sky, out.sun = shine.beam;
    out.record = field.all().record;
    out.record.inputs.add(outdoors.fingerprint());
    out.record.reached = 0;
    const size_t n = field.bins.count();
    for (const auto& points : field.all().planes) {
        const PointSpectrum dark{{}, std::vector<double>(n, 0.0), std::vector<double>(n, 0.0)};
        out.planes.push_back({points, std::vector<PointSpectrum>(points.points.size(), dark)});
    }
    for (size_t b = 0; b < n && b + 1 < field.bands.size(); ++b) {
        const Shine in_band{shine.columns[b], shine.sun[b]};
        const MomentAnswer band = light_at(field.bands[b + 1], outdoors, false, &in_band);
        out.record.reached = std::max(out.record.reached, band.record.reached);
        for (size_t p = 0; p < band.planes.size(); ++p)
            for (size_t i = 0; i < band.planes[p].lux.size(); ++i) {
                out.planes[p].points[i].bands[b] = band.planes[p].lux[i];
                out.planes[p].points[i].half_width[b] = band.planes[p].half_width[i];
            }
    }
    // Sun and sky by what they give outdoors on the level.
    const double level = outdoors.sky_and_sun.sun_lux * std::max(0.0, outdoors.sky_and_sun.to_sun.z);
    const Spectrum shape = shine.sky * std::max(1e-9, outdoors.diffuse_lux) + shine.beam * level;
    const auto of_shape = field.bins.integrals(shape);
    for (PlaneSpectrum& plane : out.planes)
        for (PointSpectrum& point : plane.points) point.irradiance = joined(point.bands, field.bins, shape, of_shape);
    return out;
}

}  // namespace wp::question
