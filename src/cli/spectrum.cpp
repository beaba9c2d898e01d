// SPDX-License-Identifier: GPL-3.0-or-later
// Spectra from files or colours: what they are to eyes, and into a material of a project.
#include <fmt/core.h>

#include <algorithm>

#include "base/file.h"
#include "base/text.h"
#include "cli/arguments.h"
#include "cli/terminal.h"
#include "model/project.h"
#include "spectrum/colour.h"
#include "spectrum/light_source.h"
#include "spectrum/observer.h"
#include "spectrum/smoothest.h"
#include "spectrum/spectral_table.h"
#include "store/project_file.h"

namespace wp::cli {

using spectrum::Answer;
using spectrum::Spectrum;
using spectrum::operator*;

namespace {

Result<Spectrum> wanted(const SpectrumArguments& a) {
    if (!a.colour.empty()) {
        const auto colour = spectrum::srgb_of_hex(a.colour);
        if (!colour)
            return Fault{"--colour", "\"" + plain_text(a.colour, 20) + "\" is no colour", "Give it as #rrggbb"};
        const auto found = spectrum::smoothest(spectrum::xyz_of_srgb(*colour));
        if (!found) return Fault{"--colour", "no matter has this colour", "Take one less bright or less saturated"};
        return *found;
    }
    const auto bytes = read_file(a.file, size_t{16} << 20);
    if (!bytes) return bytes.fault();
    const std::string name = std::filesystem::path(a.file).filename().string();
    auto table = spectrum::parse_spectral_table(*bytes, name);
    if (!table) return table.fault();
    const auto column = static_cast<size_t>(a.column) - 1;
    if (column >= table->columns.size())
        return Fault{name, fmt::format("it has {} columns of values", table->columns.size()),
                     "Choose one with --column"};
    auto out = a.is_light ? spectrum::light_of(*table, column, name) : spectrum::matter_of(*table, column, name);
    for (const auto& note : table->notes) say("  {}\n", plain_text(note));
    return out;
}

void tell_light(const Spectrum& light) {
    const auto kelvin = spectrum::colour_temperature(spectrum::xyz_of_light(light));
    if (kelvin)
        say("Correlated colour temperature {:.0f} K, Duv {:+.4f}\n", kelvin->kelvin, kelvin->duv);
    else
        say("It has no correlated colour temperature: its colour lies too far from that of glowing bodies\n");
    say("{:<14} {:>10} {:>8}\n", "", "mW/lm", "DER");
    for (const auto& opsin : spectrum::opsins())
        say("{:<14} {:>10.4f} {:>8.3f}\n", opsin.name,
            1000 * spectrum::opic_irradiance(opsin.answer, spectrum::of_one_lux(light)),
            spectrum::daylight_efficacy_ratio(opsin.answer, light));
}

void tell_matter(const Spectrum& matter) {
    const auto white = spectrum::xyz_of_matter(spectrum::flat(1), spectrum::d65());
    const auto colour = spectrum::xyz_of_matter(matter, spectrum::d65());
    const auto lab = spectrum::lab(colour, white);
    say("Visible {:.3f}, L* {:.1f}, a* {:.1f}, b* {:.1f}, on screens {}\n", colour.y, lab.l, lab.a, lab.b,
        spectrum::srgb(colour).hex());
    const double melanopic = spectrum::opic_irradiance(Answer::melanopic, matter * spectrum::d65()) /
                             spectrum::opic_irradiance(Answer::melanopic, spectrum::d65());
    say("Of melanopic daylight {:.3f}, {:.2f} times the visible share\n", melanopic,
        colour.y > 0 ? melanopic / colour.y : 0.0);
    for (const auto& light : spectrum::illuminants()) {
        const auto other = spectrum::xyz_of_matter(spectrum::flat(1), light.spectrum());
        const auto seen = spectrum::adapted(spectrum::xyz_of_matter(matter, light.spectrum()), other, white);
        say("  under {:<5} {}, {:.1f} away (CIEDE2000)\n", light.id, spectrum::srgb(seen).hex(),
            spectrum::difference(spectrum::lab(seen, white), lab));
    }
}

int put_into(const SpectrumArguments& a, const Spectrum& matter) {
    auto project = store::read_project(a.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    if (!a.curve.empty()) {
        model::EyeCurve curve{model::unused_id(project->eye_curves, "curve"), a.curve, {}, a.file, {}};
        curve.values.assign(matter.begin(), matter.end());
        std::erase_if(project->eye_curves, [&](const auto& c) { return c.name == a.curve; });
        project->eye_curves.push_back(std::move(curve));
        if (const auto fault = store::save_project(*project, a.project)) {
            complain(*fault);
            return kCannotWrite;
        }
        say("Light by wavelength is weighted with {}, too\n", plain_text(a.curve));
        return kDone;
    }
    auto* material = model::find(project->materials, a.material);
    if (a.material.empty()) {
        complain({"--into", "nothing says what it is to be there", "Name a --material, or a --curve of the eye"});
        return kBadArguments;
    }
    if (material == nullptr) {
        complain({"--material", "the project has no material \"" + plain_text(a.material, 60) + "\"", ""});
        return kBadArguments;
    }
    material->spectrum.assign(matter.begin(), matter.end());
    if (const auto fault = store::save_project(*project, a.project)) {
        complain(*fault);
        return kCannotWrite;
    }
    say("{} has the spectrum now; its figure stays {:.3f}\n", plain_text(material->name), model::figure_of(*material));
    return kDone;
}

}  // namespace

int spectrum(const SpectrumArguments& a) {
    const auto found = wanted(a);
    if (!found) {
        complain(found.fault());
        return a.colour.empty() ? kBadInput : kBadArguments;
    }
    // A curve of the eye is neither.
    if (a.curve.empty()) a.is_light ? tell_light(*found) : tell_matter(*found);
    if (!a.out.empty()) {
        const std::vector<std::string> heads{a.is_light ? "light" : "share"};
        if (const auto fault = write_file(a.out, spectrum::spectra_csv(heads, std::span(&*found, 1)))) {
            complain(*fault);
            return kCannotWrite;
        }
    }
    return a.project.empty() ? kDone : put_into(a, *found);
}

}  // namespace wp::cli
