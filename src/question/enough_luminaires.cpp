// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/enough_luminaires.h"

#include <cmath>
#include <map>

#include "model/project.h"
#include "question/daylight_factor.h"
#include "question/electric_field.h"

namespace wp::question {

namespace {

constexpr double kAccuracy = 0.02;

struct Trial {
    std::vector<model::Luminaire> luminaires;
    PlaneFigures figures;
};

}  // namespace

Result<EnoughLuminaires> enough_luminaires(const model::Project& project, const model::Option& option,
                                           const model::Id& plane, double lux, const Arrange& arranged,
                                           const Cancel& cancel, int most) {
    const auto* drawn = model::find(option.planes, plane);
    auto points = drawn != nullptr ? geometry::plane_points(option, *drawn, project.site.north) : std::nullopt;
    if (!points || points->points.empty())
        return Fault{"plane " + plane, "it has no points", "Lay a reference plane into the room first"};
    const auto surfaces = geometry::build_surfaces(project, option);
    const std::vector<geometry::PlanePoints> planes{*points};
    EnoughLuminaires out;
    std::map<int, Trial> trials;
    const auto trial = [&](int count) -> const Trial& {
        const auto [at, fresh] = trials.try_emplace(count);
        if (!fresh) return at->second;
        ++out.tried;
        at->second.luminaires = arranged(count);
        model::Option with = option;
        with.luminaires = at->second.luminaires;
        for (auto& l : with.luminaires) l.circuit.clear();
        const ElectricTask task{
            &project, &with, &surfaces, &planes, {}, light::layers_of(surfaces, light::Blinds::closed), {}, 0};
        const auto field = trace_electric(task, {kAccuracy, 1, 0}, cancel);
        const auto light = electric_light(field, 0, std::vector<double>(field.sources.size(), 1.0));
        at->second.figures = figures_of(light.lux, light.half_width);
        return at->second;
    };
    // Light grows about as the number does: from one trial to the next the number follows from the mean.
    int count = 1, enough = most + 1, short_of = 0;
    while (short_of + 1 < enough && !cancel.requested()) {
        const Trial& t = trial(count);
        if (!(t.figures.mean > 0) && short_of == 0 && count >= 64)
            return Fault{"plane " + plane, "luminaires of this kind give it no light",
                         "Choose another kind, or aim them"};
        // A field may hold more than were asked for.
        if (t.figures.mean >= lux)
            enough = count;
        else
            short_of = count;
        const double wanted = t.figures.mean > 0 ? count * lux / t.figures.mean : 2.0 * count;
        count = static_cast<int>(std::ceil(wanted - 1e-9));
        count = std::clamp(count, short_of + 1, std::max(short_of + 1, std::min(enough - 1, most)));
        if (short_of >= most)
            return Fault{"plane " + plane, "more luminaires would be needed than can hang there",
                         "Choose a kind that gives more light"};
    }
    if (cancel.requested() || enough > most) return out;
    const Trial& best = trial(enough);
    out.luminaires = best.luminaires;
    out.mean = best.figures.mean;
    out.half_width = best.figures.mean_half_width;
    out.uniformity = best.figures.uniformity;
    return out;
}

}  // namespace wp::question
