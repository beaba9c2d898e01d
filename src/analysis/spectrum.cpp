// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <limits>

#include "analysis/skies.h"
#include "describe/field.h"
#include "light/replicates.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/spectral.h"
#include "spectrum/light_source.h"

namespace wp::analysis {

using model::Question;
using namespace question;
using spectrum::Answer;

namespace {

constexpr double kNone = std::numeric_limits<double>::quiet_NaN();
constexpr double kMilli = 1000;

// A column of what is found of each point, with its half-width where there is one.
struct Told {
    double value = kNone, half_width = 0;
};
template <class Of>
Column column_of(const std::vector<PlaneSpectrum>& planes, std::string id, std::string name, const char* unit,
                 Of&& of) {
    Column out{std::move(id), std::move(name), unit, {}, {}};
    for (const auto& plane : planes) {
        out.value.emplace_back();
        out.standard_error.emplace_back();
        for (const auto& point : plane.points) {
            const Told told = of(point);
            out.value.back().push_back(told.value);
            out.standard_error.back().push_back(told.half_width / light::kStudent95);
        }
    }
    return out;
}

Told opic(const PointSpectrum& p, const spectrum::Bins& bins, Answer answer, double by) {
    return {by * spectrum::opic_irradiance(answer, p.irradiance), by * p.half_width_of(answer, bins)};
}

// Weighted with a curve of the project's own, mW/m2.
Told weighted(const PointSpectrum& p, const spectrum::Bins& bins, const model::EyeCurve& curve) {
    spectrum::Spectrum weights{};
    std::copy_n(curve.values.begin(), std::min(curve.values.size(), weights.size()), weights.begin());
    double sum = 0;
    for (size_t i = 0; i < weights.size(); ++i) sum += spectrum::kStep * weights[i] * p.irradiance[i];
    return {kMilli * sum, kMilli * p.half_width_of(weights, bins)};
}

void add_moment(PointTable& table, const SpectralMoment& m, const spectrum::Bins& bins,
                const std::vector<model::EyeCurve>& curves) {
    const std::string at = moment_stamp(m.outdoors.moment), words = climate::text(m.outdoors.moment);
    const auto add = [&](const std::string& id, const std::string& name, const char* unit, auto&& of) {
        table.columns.push_back(column_of(m.planes, id + at, words + ", " + name, unit, of));
    };
    const double edi = 1 / spectrum::daylight_efficacy(Answer::melanopic);
    table.columns.push_back(column_of(m.planes, "melanopic_edi_lx_" + at, words, "lx",
                                      [&](const PointSpectrum& p) { return opic(p, bins, Answer::melanopic, edi); }));
    add("photopic_lx_", "illuminance", "lx", [&](const PointSpectrum& p) {
        return Told{spectrum::illuminance(p.irradiance), spectrum::kLumens * p.half_width_of(Answer::y, bins)};
    });
    // Both err alike: the ratio errs by what one bound is beyond the other, at most by their sum.
    add("melanopic_der_", "melanopic daylight efficacy ratio", "", [&](const PointSpectrum& p) {
        const double lux = spectrum::illuminance(p.irradiance),
                     ratio = spectrum::daylight_efficacy_ratio(Answer::melanopic, p.irradiance);
        if (!(lux > 0)) return Told{};
        const Told melanopic = opic(p, bins, Answer::melanopic, edi);
        const double a = melanopic.value > 0 ? melanopic.half_width / melanopic.value : 0,
                     b = spectrum::kLumens * p.half_width_of(Answer::y, bins) / lux;
        return Told{ratio, ratio * std::hypot(a, b)};
    });
    add("cct_k_", "correlated colour temperature", "K", [](const PointSpectrum& p) {
        const auto found = spectrum::colour_temperature(spectrum::xyz_of_light(p.irradiance));
        return found ? Told{found->kelvin, 0} : Told{};
    });
    add("duv_", "Duv", "", [](const PointSpectrum& p) {
        const auto found = spectrum::colour_temperature(spectrum::xyz_of_light(p.irradiance));
        return found ? Told{found->duv, 0} : Told{};
    });
    for (const auto& opsin : spectrum::opsins())
        add(fmt::format("{}_mw_m2_", opsin.id), std::string(opsin.name) + " irradiance", "mW/m\u00b2",
            [&](const PointSpectrum& p) { return opic(p, bins, opsin.answer, kMilli); });
    for (const auto& curve : curves)
        add("curve_" + curve.id + "_mw_m2_", curve.name, "mW/m\u00b2",
            [&](const PointSpectrum& p) { return weighted(p, bins, curve); });
    for (size_t b = 0; b < bins.count(); ++b) {
        const double wide = bins.to(b) - bins.from(b);
        const std::string range = fmt::format("{:.0f} to {:.0f} nm", bins.from(b), bins.to(b));
        add(fmt::format("mw_m2_nm_{:.0f}_{:.0f}_", bins.from(b), bins.to(b)), range, "mW/(m\u00b2 nm)",
            [&, b](const PointSpectrum& p) {
                return Told{kMilli * p.bands[b] / wide, kMilli * p.half_width[b] / wide};
            });
    }
}

// Each state of trees and ground is traced once, whatever the moments.
Result<TableAnswer> run(const Request& a) {
    const auto found = skies_of(a);
    if (!found) return found.fault();
    const std::vector<Outdoors>& skies = *found;
    const auto states = light::states_of(a.surfaces);
    TableAnswer out;
    out.kind = "spectrum";
    out.record.settled = !a.cancel.requested();
    std::vector<SpectralMoment> moments(skies.size());
    spectrum::Bins bins(static_cast<size_t>(a.question.bands));
    bool first = true;
    double done = 0;
    for (size_t s = 0; s < states.all.size() && !a.cancel.requested(); ++s) {
        const auto is_here = [&](const Outdoors& sky) { return states.in(sky.moment.month) == s; };
        const auto here = std::ranges::count_if(skies, is_here);
        if (here == 0) continue;
        const double from = done, span = static_cast<double>(here) / static_cast<double>(skies.size());
        const auto field = trace_spectral_field(
            a.project, field_task(a.project, a.surfaces, a.points, states.all[s]), bins.count(), a.effort, a.cancel,
            [&](const LightField& so_far) { a.report(so_far.record.reached, from, span); });
        done += span;
        if (field.bands.size() < bins.count() + 1) break;
        for (size_t i = 0; i < skies.size(); ++i)
            if (is_here(skies[i])) moments[i] = spectrum_at(field, skies[i], a.question.sky_colour);
        const Record& record = field.all().record;
        if (first)
            out.record = record;
        else {
            out.record.inputs.add(record.inputs);
            out.record.reached = std::max(out.record.reached, record.reached);
            out.record.settled = out.record.settled && record.settled;
            out.record.rays += record.rays, out.record.paths += record.paths, out.record.seconds += record.seconds;
        }
        first = false;
    }
    if (a.cancel.requested() || skies.empty() || moments.front().planes.empty()) {
        out.record.settled = false;
        return out;
    }
    for (const auto& plane : moments.front().planes) out.table.planes.push_back(plane.plane);
    std::string said = "[";
    for (const SpectralMoment& m : moments) {
        add_moment(out.table, m, bins, a.project.eye_curves);
        out.record.inputs.add(m.outdoors.fingerprint());
        const auto sky = spectrum::colour_temperature(spectrum::xyz_of_light(m.sky)),
                   sun = spectrum::colour_temperature(spectrum::xyz_of_light(m.sun));
        said += fmt::format(R"({}{{"moment":"{}","sky":"{}","diffuse_lux":{:.0f},"direct_normal_lux":{:.0f},)"
                            R"("sky_kelvin":{:.0f},"sun_kelvin":{:.0f}}})",
                            said.size() > 1 ? "," : "", climate::text(m.outdoors.moment), m.outdoors.words,
                            m.outdoors.diffuse_lux, m.outdoors.direct_lux(), sky ? sky->kelvin : 0.0,
                            sun ? sun->kelvin : 0.0);
    }
    out.facts = {{"moments", said + "]"}, {"bands", std::to_string(bins.count())}};
    out.main_columns = 10 + bins.count() + a.project.eye_curves.size();
    return out;
}

std::string words_of(const Question& q) {
    const std::string first = q.moments.empty() ? std::string() : climate::text(q.moments.front());
    if (q.moments.size() > 1) return fmt::format("Light by wavelength, {} moments from {}", q.moments.size(), first);
    return "Light by wavelength, " + first;
}

}  // namespace

Analysis spectrum() {
    return {.kind = Question::Kind::spectrum,
            .name = "Light by wavelength",
            .asks = "melanopic light, colour",
            .words = words_of,
            .needs_weather = [](const Question& q) { return q.sky.needs_weather(); },
            .bears = describe::bears::light | describe::bears::colours,
            .cost = [](const Question&) { return 7; },
            .run = run};
}

}  // namespace wp::analysis
