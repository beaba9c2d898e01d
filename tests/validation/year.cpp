// SPDX-License-Identifier: GPL-3.0-or-later
// The year against brute force: fifty hours spread over it, each solved by path tracing with that hour's own sky and sun, without
// coefficients, sky parts, or directions of the sun between which is interpolated.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "light/replicates.h"
#include "model/shading.h"
#include "question/ask_year.h"
#include "support.h"
#include "validation/brute.h"
#include "validation/cases.h"

namespace wp::validation {

namespace {

struct Scene {
    std::string name;
    model::Project project;
    question::Operation operation = question::Operation::open;
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

light::Estimate brute(const light::Scene& scene, const geometry::PlanePoints& plane, const climate::OutdoorHour& hour, double ground, unsigned samples, uint32_t seed) {
    const question::Shine shine = shine_of(hour, ground);
    std::vector<double> sums(light::kReplicates, 0.0);
    for (size_t p = 0; p < plane.points.size(); ++p)
        for (uint32_t r = 0; r < light::kReplicates; ++r)
            sums[r] += brute_sum(scene, shine, plane.points[p], plane.normal, plane.space, samples, light::replicate_seed(seed, static_cast<uint32_t>(p), r)) / static_cast<double>(plane.points.size());
    return light::estimate(sums, samples);
}

// Daylit hours, evenly over the year, at all times of the day.
std::vector<int> hours_of(const std::vector<climate::OutdoorHour>& outdoor, int count) {
    std::vector<int> lit, out;
    for (int h = 0; h < climate::kHours; ++h)
        if (outdoor[static_cast<size_t>(h)].diffuse_lux > 500) lit.push_back(h);
    for (int i = 0; i < count; ++i) out.push_back(lit[static_cast<size_t>((i + 0.5) / count * static_cast<double>(lit.size()))]);
    return out;
}

void compare(std::vector<Row>& rows, const Scene& scene, unsigned samples, double accuracy, int count) {
    const auto weather = test::weather();
    const auto& option = scene.project.options[0];
    const auto prepared = question::year_scene(scene.project, option, {}, weather);
    const auto year = question::ask_year(*prepared, weather, {accuracy, 1, 0});
    const auto light = year.lux(0, scene.operation);
    const auto& plane = year.planes[0].plane;
    std::vector<std::unique_ptr<light::Scene>> states;
    for (size_t k = 0; k < question::state_count(prepared->groups); ++k) states.push_back(std::make_unique<light::Scene>(prepared->surfaces, question::layers_of(prepared->surfaces, prepared->groups, k)));
    // One group here: its state is the scene's.
    const auto hours = hours_of(year.outdoor, count);
    std::vector<Row> found(hours.size());
    parallel_for(hours.size(), [&](size_t i) {
        const auto h = static_cast<size_t>(hours[i]);
        const size_t state = year.groups.empty() ? 0 : year.states(0, scene.operation)[h];
        const auto reference = brute(*states[state], plane, year.outdoor[h], scene.project.site.ground_reflectance, samples, 977u + static_cast<uint32_t>(i));
        double mean = 0;
        for (const float v : light->at(hours[i])) mean += static_cast<double>(v) / static_cast<double>(plane.points.size());
        // Ours is as sure as it says.
        const double own = year.hour(0, hours[i], scene.operation).mean_half_width / light::kStudent95;
        const auto moment = climate::moment_of(hours[i] / 24, hours[i] % 24);
        found[i] = {"The year against brute force: " + scene.name, fmt::format("{}{}, {:.0f} lx outdoors", climate::text(moment), state > 0 ? ", blinds closed" : "", year.outdoor[h].global_lux()), "lx",
                    mean, reference.mean, std::hypot(own, reference.standard_error), "path tracing with this hour's sky and sun", 0, 0.02};
    });
    rows.insert(rows.end(), found.begin(), found.end());
}

}  // namespace

std::vector<Row> year_hours(unsigned samples, double accuracy, int hours) {
    std::vector<Row> rows;
    for (const Scene& scene : {side_lit(), louvred(), lit_through_another()}) compare(rows, scene, samples, accuracy, hours);
    return rows;
}

}  // namespace wp::validation
