// SPDX-License-Identifier: GPL-3.0-or-later
// Photometric files: what luminaires give, glare by table, and into a project as kinds of luminaires.
#include <fmt/core.h>

#include <algorithm>

#include "base/text.h"
#include "cli/arguments.h"
#include "cli/terminal.h"
#include "model/project.h"
#include "photometry/distribution.h"
#include "photometry/photometry_file.h"
#include "question/ugr_table.h"
#include "store/project_file.h"

namespace wp::cli {

namespace {

void tell(const model::LuminaireType& t) {
    const photometry::Distribution light(t);
    const double flux = light.flux();
    say("{}\n", plain_text(t.name));
    say("  {:.0f} lm, {:.1f} W", flux, t.power);
    if (t.power > 0) say(", {:.0f} lm/W", flux / t.power);
    if (t.lamp_lumens > 0) say(", light output ratio {:.1f} %", 100 * flux / t.lamp_lumens);
    say(", {:.0f} % upwards, at most {:.0f} cd\n",
        flux > 0 ? 100 * std::max(0.0, 1 - light.flux_below(kPi / 2) / flux) : 0.0, light.most());
    say("  shines over {:.0f} by {:.0f} mm (C0, C90), {:.0f} mm deep\n", 1000 * t.size_x, 1000 * t.size_y,
        1000 * t.depth);
}

void tell_ugr(const model::LuminaireType& t) {
    if (!question::ugr_of_room(t, 4, 8, {}, false)) {
        say("  no glare by table: what shines has no area, or nothing shines to eyes\n");
        return;
    }
    say("  UGR by table (CIE 190), reflectances of ceiling / walls / floor; crosswise, endwise\n");
    say("  {:>7} {:>7}", "across", "along");
    for (const auto& r : question::kUgrReflectances)
        say("  {:.0f}/{:.0f}/{:.0f}     ", 100 * r.ceiling, 100 * r.walls, 100 * r.floor);
    say("\n");
    for (const double x : question::kUgrAcross)
        for (const double y : question::kUgrAlong) {
            say("  {:>6.0f}H {:>6.0f}H", x, y);
            for (const auto& r : question::kUgrReflectances)
                say("  {:5.1f} {:5.1f}", question::ugr_of_room(t, x, y, r, false).value_or(0),
                    question::ugr_of_room(t, x, y, r, true).value_or(0));
            say("\n");
        }
}

}  // namespace

int luminaires(const LuminairesArguments& a) {
    std::vector<model::LuminaireType> types;
    for (const auto& path : a.files) {
        auto file = photometry::read_photometry(path);
        if (!file) {
            complain(file.fault());
            return kBadInput;
        }
        tell(file->type);
        for (const auto& note : file->notes) say("  {}\n", plain_text(note));
        if (a.ugr) tell_ugr(file->type);
        types.push_back(std::move(file->type));
    }
    if (a.project.empty()) return kDone;
    auto project = store::read_project(a.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    for (auto& type : types) {
        // The same file again takes the place of what it gave before: luminaires that hang keep their kind.
        const auto known = std::ranges::find(project->luminaire_types, type.source, &model::LuminaireType::source);
        if (known != project->luminaire_types.end()) {
            type.id = known->id;
            *known = std::move(type);
            continue;
        }
        type.id = model::unused_id(project->luminaire_types, "luminaire");
        project->luminaire_types.push_back(std::move(type));
    }
    if (const auto fault = store::save_project(*project, a.project)) {
        complain(*fault);
        return kCannotWrite;
    }
    say("The project has {} kinds of luminaires now\n", project->luminaire_types.size());
    return kDone;
}

}  // namespace wp::cli
