// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/spectral.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "model/project.h"
#include "question/field_parts.h"
#include "question/outdoor_spectrum.h"
#include "spectrum/light_source.h"
#include "spectrum/smoothest.h"

namespace wp::question {

using spectrum::Bins;
using spectrum::Spectrum;
using spectrum::operator*;
using spectrum::operator+;

namespace {

// Of hue and chroma, the figure as luminous share.
Spectrum smoothest_of(const model::Material& material) {
    static const spectrum::Xyz white = spectrum::xyz_of_matter(spectrum::flat(1), spectrum::d65());
    const double figure = std::clamp(model::figure_of(material), 0.0, 1.0),
                 lightness = spectrum::lab({white.x * figure, white.y * figure, white.z * figure}, white).l;
    for (double chroma = material.chroma; chroma > 1; chroma *= 0.9) {
        const double h = material.hue * kPi / 180;
        const auto found =
            spectrum::smoothest(spectrum::xyz_of_lab({lightness, chroma * std::cos(h), chroma * std::sin(h)}, white));
        if (found) return *found;
    }
    return spectrum::flat(figure);
}

}  // namespace

void add_colour(Fingerprint& print, const model::Material& material) {
    for (const double v : material.spectrum) print.add(v);
    for (const double v : {material.chroma, material.hue}) print.add(v);
}

Spectrum matter_of(const model::Material& material) {
    const double figure = model::figure_of(material);
    Spectrum out;
    if (material.spectrum.size() == spectrum::kWavelengths)
        std::ranges::copy(material.spectrum, out.begin());
    else
        out = smoothest_of(material);
    // What is cut off at 1 is made good by the rest.
    for (int pass = 0; pass < 20; ++pass) {
        const double now = spectrum::visible(out);
        if (!(now > 0)) return spectrum::flat(figure);
        if (std::fabs(now - figure) < 1e-9) break;
        for (double& v : out) v = std::min(1.0, v * figure / now);
    }
    return out;
}

Spectrum ground_of(const model::Project& project) {
    const auto* material = model::find(project.materials, project.site.ground_colour);
    return material != nullptr ? matter_of(*material) : spectrum::flat(1);
}

namespace {

// How much errors of all light and of bands from first on count: by what eyes take of each, in brightness or for the
// body clock, over an even share. A quarter at least: what is told of a band is still to be of use.
std::vector<double> counts_of(const Bins& bins, size_t first, size_t count) {
    std::vector<double> out{1};
    const auto v = bins.integrals(spectrum::curve(spectrum::Answer::y) * spectrum::d65()),
               m = bins.integrals(spectrum::curve(spectrum::Answer::melanopic) * spectrum::d65());
    const double n = static_cast<double>(bins.count());
    const auto share = [&](const std::vector<double>& of, size_t b) {
        return n * of[b] / std::accumulate(of.begin(), of.end(), 0.0);
    };
    for (size_t b = first; b < first + count; ++b)
        out.push_back(std::clamp(std::max(share(v, b), share(m, b)), 0.25, 1.0));
    return out;
}

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
        if (material == nullptr || !model::is_coloured(*material) || !(model::figure_of(*material) > 0))
            return at->second;
        at->second = parts.means(matter_of(*material), &spectrum::d65());
        for (double& v : at->second) v /= model::figure_of(*material);
        return at->second;
    };
    const auto light = parts.integrals(spectrum::d65()), of_band = bins.integrals(spectrum::d65());
    light::Tints out;
    const auto counts = counts_of(bins, first, count);
    for (size_t k = 0; k < counts.size(); ++k) out.counts[k] = static_cast<float>(counts[k]);
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
        for (const auto& blind : surfaces.blinds) choice.blinds.push_back(by_state(blind.material, 1, 1e6));
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
        auto fields = trace_light_fields(task, {&tints, count + 1, counts_of(out.bins, first, count)}, effort, cancel,
                                         first == 0 ? step : FieldStep{});
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
    const auto counts = counts_of(out.bins, 0, out.bins.count());
    for (size_t k = 0; k < out.bands.size(); ++k) {
        told.reached = std::max(told.reached, out.bands[k].record.reached * counts[k]);
        told.settled = told.settled && out.bands[k].record.settled;
    }
    out.ground = ground_of(project);
    for (const double v : out.ground) told.inputs.add(v);
    told.inputs.add(static_cast<int>(bins));
    for (const auto& m : project.materials) {
        told.inputs.add(m.id);
        add_colour(told.inputs, m);
    }
    return out;
}

double PointSpectrum::half_width_of(const Spectrum& weights, const Bins& bins) const {
    double sum = 0;
    for (size_t b = 0; b < bins.count(); ++b) {
        // The weight of a band: what of its power the answer takes.
        double taken = 0, all = 0;
        for (size_t i = 0; i < spectrum::kWavelengths; ++i) {
            const double nm = spectrum::wavelength(i);
            if (nm < bins.from(b) || nm > bins.to(b)) continue;
            taken += weights[i] * irradiance[i];
            all += irradiance[i];
        }
        if (all > 0) sum += half_width[b] * taken / all;
    }
    return sum;
}

SpectralMoment spectrum_at(const SpectralField& field, const Outdoors& outdoors, model::SkyColour colour) {
    SpectralMoment out;
    out.outdoors = outdoors;
    const SkyColumns& columns = *field.all().columns;
    const size_t n = field.bins.count();
    std::vector<float> row(columns.layout().columns());
    columns.fill(outdoors.sky_and_sun, row);
    OutdoorSpectra spectra(columns, field.bins, colour, field.ground);
    const OutdoorSpectrum shining = spectra.of(amounts_of(outdoors.sky_and_sun, outdoors.diffuse_lux, row));
    out.sky = shining.sky, out.sun = shining.beam;
    out.record = field.all().record;
    out.record.inputs.add(outdoors.fingerprint());
    out.record.reached = 0;
    for (const auto& points : field.all().planes) {
        const PointSpectrum dark{{}, std::vector<double>(n, 0.0), std::vector<double>(n, 0.0)};
        out.planes.push_back({points, std::vector<PointSpectrum>(points.points.size(), dark)});
    }
    const auto add_band = [&](size_t b, const LightField& of_band, const SunOnPatches& sun) {
        Shine in_band{std::vector<float>(row.size()), shining.sun[b]};
        for (size_t c = 0; c < row.size(); ++c) in_band.columns[c] = static_cast<float>(spectra.factor(shining, c, b));
        const MomentAnswer band = light_at(of_band, outdoors, false, &in_band, sun);
        out.record.reached = std::max(out.record.reached, band.record.reached);
        for (size_t p = 0; p < band.planes.size(); ++p)
            for (size_t i = 0; i < band.planes[p].lux.size(); ++i) {
                out.planes[p].points[i].bands[b] = band.planes[p].lux[i];
                out.planes[p].points[i].half_width[b] = band.planes[p].half_width[i];
            }
    };
    const std::span<const LightField> bands = std::span(field.bands).subspan(1);
    for (size_t first = 0; first < bands.size();) {
        const size_t count = traced_together(bands, first);
        std::vector<double> lux;
        for (size_t b = first; b < first + count; ++b) lux.push_back(outdoors.sky_and_sun.sun_lux * shining.sun[b]);
        const auto suns = SunOnPatches::of(bands.subspan(first, count), outdoors.sky_and_sun.to_sun, lux);
        for (size_t b = first; b < first + count; ++b) add_band(b, bands[b], suns[b - first]);
        first += count;
    }
    for (PlaneSpectrum& plane : out.planes)
        for (PointSpectrum& point : plane.points) point.irradiance = spread(point.bands, field.bins, shining.shape);
    return out;
}

size_t traced_together(std::span<const LightField> bands, size_t first) {
    size_t count = 1;
    while (first + count < bands.size() && bands[first + count].scene == bands[first].scene) ++count;
    return count;
}

}  // namespace wp::question
