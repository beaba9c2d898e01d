// SPDX-License-Identifier: GPL-3.0-or-later
// The year against brute force: fifty hours spread over it, each solved by path tracing with that hour's own sky and
// sun, without coefficients, sky parts, or directions of the sun between which is interpolated.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "base/parallel.h"
#include "light/replicates.h"
#include "model/shading.h"
#include "question/ask_year.h"
#include "question/two_sides.h"
#include "validation/brute.h"
#include "validation/cases.h"

namespace wp::validation {

namespace {

struct Scene {
    std::string name;
    model::Project project;
    question::Operation operation = question::Operation::open;
    bool mixed = false;  // only hours in which one group's blinds are closed and another's open
};

model::Material material(const char* id, model::Material::Kind kind) {
    model::Material m;
    m.id = m.name = id;
    m.kind = kind;
    return m;
}

Scene side_lit() {
    Scene out{"side-lit room", test::one_room()};
    out.project.options[0].planes[0].spacing = 1.5;
    return out;
}

Scene louvred() {
    Scene out{"louvres before the window, slats behind it", test::one_room(), question::Operation::lm83};
    auto& window = out.project.options[0].storeys[0].rooms[0].openings[0];
    model::ShadeLayer louvres;
    louvres.depth = 0.2;
    louvres.spacing = 0.3;
    louvres.tilt = 20;
    louvres.offset = 0.05;
    louvres.material = "grey";
    window.shading = {louvres};
    auto slats = material("slats", model::Material::Kind::slats);
    slats.slat_width = 0.05;
    slats.slat_spacing = 0.042;
    slats.slat_tilt = 30;
    slats.reflectance = 0.6;
    out.project.materials.push_back(slats);
    window.blind_material = "slats";
    out.project.options[0].planes[0].spacing = 1.5;
    return out;
}

// A back room without windows, behind glass at the far end of the front room.
Scene lit_through_another() {
    Scene out{"room lit through another", test::one_room()};
    auto& option = out.project.options[0];
    model::Room back = option.storeys[0].rooms[0];
    back.id = "back";
    back.name = "Back";
    for (Vec2& p : back.footprint) p.y += 6;
    model::Opening glass = back.openings[0];
    glass.id = glass.name = "G-01";
    glass.edge = 0;
    glass.along = 0.5;
    glass.width = 3;
    glass.height = 2;
    glass.sill = 0.5;
    glass.blind = false;
    back.openings = {glass};
    auto& front = option.storeys[0].rooms[0].openings[0];
    front.along = 0.3;
    front.width = 3.4;
    front.height = 2.2;
    front.sill = 0.4;
    option.storeys[0].rooms.push_back(back);
    option.planes[0].room = "back";
    option.planes[0].spacing = 1.5;
    return out;
}

// Windows to the south and to the west, each with blinds of its own.
Scene two_sides() {
    Scene out{"blinds closed on one side, open on the other", test::one_room(), question::Operation::lm83, true};
    test::add_west_window(out.project);
    out.project.options[0].planes[0].spacing = 1.5;
    return out;
}

light::Estimate brute(const light::Scene& scene, const geometry::PlanePoints& plane, const climate::OutdoorHour& hour,
                      double ground, unsigned samples, uint32_t seed) {
    const question::SkyAndSun sky_and_sun = sky_and_sun_of(hour, ground);
    std::vector<double> sums(light::kReplicates, 0.0);
    for (size_t p = 0; p < plane.points.size(); ++p)
        for (uint32_t r = 0; r < light::kReplicates; ++r)
            sums[r] += brute_sum(scene, sky_and_sun, plane.points[p], plane.normal, plane.space, samples,
                                 light::replicate_seed(seed, static_cast<uint32_t>(p), r)) /
                       static_cast<double>(plane.points.size());
    return light::estimate(sums, samples);
}

// State of every group's blinds in an hour.
std::vector<size_t> states_at(const question::YearAnswer& year, question::Operation operation, int hour) {
    std::vector<size_t> out;
    for (size_t g = 0; g < year.groups.size(); ++g) out.push_back(year.states(g, operation)[static_cast<size_t>(hour)]);
    return out;
}

// The building with each group's blinds in a state of their own.
light::BlindLayers layers_in(const question::YearScene& scene, const std::vector<size_t>& states) {
    light::BlindLayers out = question::layers_of(scene.surfaces, scene.groups, 0);
    for (size_t p = 0; p < out.size(); ++p)
        for (size_t g = 0; g < states.size(); ++g) {
            const auto& list = scene.groups[g].openings;
            if (std::find(list.begin(), list.end(), scene.surfaces.portals[p].opening) != list.end())
                out[p] = question::layers_of(scene.surfaces, scene.groups, states[g])[p];
        }
    return out;
}

// Daylit hours, evenly over the year, at all times of the day.
std::vector<int> hours_of(const question::YearAnswer& year, const Scene& scene, int count) {
    std::vector<int> lit, out;
    for (int h = 0; h < climate::kHours; ++h) {
        const auto states = states_at(year, scene.operation, h);
        if (year.outdoor[static_cast<size_t>(h)].diffuse_lux > 500 &&
            (!scene.mixed ||
             *std::max_element(states.begin(), states.end()) != *std::min_element(states.begin(), states.end())))
            lit.push_back(h);
    }
    for (int i = 0; i < count; ++i)
        out.push_back(lit[static_cast<size_t>((i + 0.5) / count * static_cast<double>(lit.size()))]);
    return out;
}

std::string blinds_of(const std::vector<size_t>& states) {
    const auto closed = std::count_if(states.begin(), states.end(), [](size_t s) { return s > 0; });
    if (closed == 0) return "";
    return closed == static_cast<std::ptrdiff_t>(states.size()) ? ", blinds closed" : ", some blinds closed";
}

void compare(std::vector<Row>& rows, const Scene& scene, unsigned samples, double accuracy, int count) {
    const auto weather = test::weather();
    const auto& option = scene.project.options[0];
    const auto prepared = question::year_scene(scene.project, option, {}, weather);
    const auto year = question::ask_year(*prepared, weather, {accuracy, 1, 0});
    const auto light = year.lux(0, scene.operation);
    const auto& plane = year.planes[0].plane;
    const auto hours = hours_of(year, scene, count);
    std::map<std::vector<size_t>, std::unique_ptr<light::Scene>> scenes;
    for (const int h : hours) {
        auto& known = scenes[states_at(year, scene.operation, h)];
        if (!known)
            known = std::make_unique<light::Scene>(prepared->surfaces,
                                                   layers_in(*prepared, states_at(year, scene.operation, h)));
    }
    std::vector<Row> found(hours.size());
    parallel_for(hours.size(), [&](size_t i) {
        const auto h = static_cast<size_t>(hours[i]);
        const auto states = states_at(year, scene.operation, hours[i]);
        const auto reference = brute(*scenes.at(states), plane, year.outdoor[h], scene.project.site.ground_reflectance,
                                     samples, 977u + static_cast<uint32_t>(i));
        double mean = 0;
        for (const float v : light->at(hours[i]))
            mean += static_cast<double>(v) / static_cast<double>(plane.points.size());
        // Ours is as sure as it says.
        const double own = year.hour(0, hours[i], scene.operation).mean_half_width / light::kStudent95;
        const auto moment = climate::moment_of(hours[i] / 24, hours[i] % 24);
        found[i] = {"The year against brute force: " + scene.name,
                    fmt::format("{}{}, {:.0f} lx outdoors", climate::text(moment), blinds_of(states),
                                year.outdoor[h].global_lux()),
                    "lx",
                    mean,
                    reference.mean,
                    std::hypot(own, reference.standard_error),
                    "path tracing with this hour's sky and sun",
                    0,
                    0.02};
    });
    rows.insert(rows.end(), found.begin(), found.end());
}

}  // namespace

std::vector<Row> year_hours(unsigned samples, double accuracy, int hours) {
    std::vector<Row> rows;
    for (const Scene& scene : {side_lit(), louvred(), lit_through_another(), two_sides()})
        compare(rows, scene, samples, accuracy, hours);
    return rows;
}

}  // namespace wp::validation
