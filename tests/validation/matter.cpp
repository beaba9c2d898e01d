// SPDX-License-Identifier: GPL-3.0-or-later
// What matter does with light: panes by Fresnel's closed form, gloss and fabric in even surrounds, mirrors by symmetry,
// blades and slats by plane geometry and by a random walk between them, canopies by their gap.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <numeric>
#include <random>

#include "light/scene.h"
#include "model/project.h"
#include "shading/shade.h"
#include "validation/cases.h"
#include "validation/scenes.h"

namespace wp::validation {

namespace {

constexpr const char* kMatter = "Matter";

question::DaylightFactorSetup even_sky() {
    question::DaylightFactorSetup setup;
    setup.cie_type = 5;
    return setup;
}

// Reflection of one face for both polarisations (Fresnel), index 1.526.
std::pair<double, double> face_reflections(double degree) {
    const double n = 1.526, a = radians(degree), b = std::asin(std::sin(a) / n);
    if (degree < 1e-9) return {std::pow((n - 1) / (n + 1), 2), std::pow((n - 1) / (n + 1), 2)};
    return {std::pow(std::sin(a - b) / std::sin(a + b), 2), std::pow(std::tan(a - b) / std::tan(a + b), 2)};
}

// Lossless panes in series (G. G. Stokes 1862).
double clear_panes(int panes, double degree) {
    const auto [s, p] = face_reflections(degree);
    const auto pass = [&](double r) { return (1 - r) / (1 + (2 * panes - 1) * r); };
    return (pass(s) + pass(p)) / 2;
}

void panes(std::vector<Row>& rows) {
    for (const int n : {1, 2})
        for (int degree = 0; degree <= 85; degree += degree < 60 ? 20 : 5) {
            auto box = box_with_wall_hole(40, 4, 40, 0, 0.1, 39.9, 0.1, 39.9, 0);
            box.portals[0].glazing = box.add_glazing({clear_panes(n, 0), n, 0, 0, 0});
            const light::Scene scene(box);
            const double a = radians(degree);
            const auto beam = scene.beam({20, 1, 10}, Vec3{0, -std::cos(a), std::sin(a)}.as<float>());
            rows.push_back({kMatter,
                            fmt::format("{} clear pane{}, {} degrees from square", n, n > 1 ? "s" : "", degree),
                            "transmittance", static_cast<double>(beam.share), clear_panes(n, degree), 0,
                            "Fresnel's closed form, panes in series after Stokes", 5e-4});
        }
}

// Everywhere the same luminance, whatever the matter: nothing may be lost and nothing made.
void even_surrounds(std::vector<Row>& rows, unsigned samples) {
    for (const double roughness : {0.0, 0.1, 0.5}) {
        auto box = box_with_wall_hole(3, 4, 2.5, 0.5, 0.5, 2.5, 0.5, 2.0, 1.0);
        for (auto& s : box.surfaces) {
            s.specular = 0.5;
            s.roughness = roughness;
        }
        const auto e = daylight(box, points_at({{1.5, 2.5, 0.8}}, {0, 0, 1}, 0), samples, even_sky())[0];
        rows.push_back({kMatter, fmt::format("Furnace: box half matt, half glossy, roughness {}", roughness), "E / Eh",
                        e.value, 1.0, e.standard_error, "equal luminance everywhere"});
    }
    geometry::Surfaces sheet = box_with_wall_hole(3, 4, 2.5, 1.0, 0.5, 2.5, 0.5, 2.0, 1.0);
    geometry::Surface fabric;
    fabric.space = 0;
    fabric.reflectance = 0.5;
    fabric.openness = fabric.bare_openness = 0.2;
    fabric.through = 0.3;
    sheet.add_quad(sheet.add_surface(fabric), {0.2, 0.5, 0.2}, {2.8, 0.5, 0.2}, {2.8, 0.5, 2.3}, {0.2, 0.5, 2.3});
    const auto e = daylight(sheet, points_at({{1.5, 2.5, 0.8}}, {0, 0, 1}, 0), samples, even_sky())[0];
    rows.push_back({kMatter, "Furnace: a fabric that absorbs nothing hangs before the hole", "E / Eh", e.value, 1.0,
                    e.standard_error, "equal luminance everywhere"});
}

void mirrors_and_cloth(std::vector<Row>& rows, unsigned samples) {
    for (const double shine : {0.3, 0.9}) {
        geometry::Surfaces s;
        s.ground_reflectance = 0;
        geometry::Surface mirror;
        mirror.reflectance = 0;
        mirror.specular = shine;
        mirror.roughness = 0;
        s.add_quad(s.add_surface(mirror), {-5000, 0, -10}, {5000, 0, -10}, {5000, 0, 5000}, {-5000, 0, 5000});
        const auto e = daylight(s, points_at({{0, 1, 0}}, {0, 0, 1}, -1), samples, even_sky())[0];
        rows.push_back({kMatter, fmt::format("Level point beside an endless mirror of {:.0f} %", 100 * shine), "E / Eh",
                        e.value, 0.5 + 0.5 * shine, e.standard_error, "the mirrored half of an even sky", 3e-3});
    }
    for (const auto& [open, through] : {std::pair{0.1, 0.0}, {0.05, 0.2}, {0.0, 0.4}}) {
        geometry::Surfaces s;
        s.ground_reflectance = 0;
        geometry::Surface fabric;
        fabric.reflectance = 0.4;
        fabric.openness = fabric.bare_openness = open;
        fabric.through = through;
        s.add_quad(s.add_surface(fabric), {-5000, -5000, 1}, {5000, -5000, 1}, {5000, 5000, 1}, {-5000, 5000, 1});
        const auto e = daylight(s, points_at({{0, 0, 0}}, {0, 0, 1}, -1), samples * 4, even_sky())[0];
        rows.push_back({kMatter,
                        fmt::format("Under an endless fabric, openness {:.2f}, scattered part {:.2f}", open, through),
                        "E / Eh", e.value, open + through, e.standard_error, "an even sky seen through it", 1e-3});
        const auto beam = light::Scene(s).beam({0, 0, 0}, normalized(Vec3f{0.3f, 0.2f, 0.8f}));
        rows.push_back({kMatter, fmt::format("Sunbeam through a fabric of openness {:.2f}", open), "share",
                        static_cast<double>(beam.share), open, 0, "its openness"});
    }
}

void opal_glass(std::vector<Row>& rows, unsigned samples) {
    // Under an even sky a scattering pane sends to a point what a clear one of the same figures does.
    auto box = box_with_roof_hole(4, 4, 3, 0, 1, 3, 1, 3);
    box.portals[0].glazing = box.add_glazing({0.5, 2, 1.0, 0, 0});
    const light::GlassCurve glass(0.5, 2);
    double reference = 0;
    constexpr int n = 400;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j) {
            const Vec3 to = Vec3{1 + 2 * (i + 0.5) / n, 1 + 2 * (j + 0.5) / n, 3} - Vec3{1.2, 2.4, 0.8};
            const double l = length(to), c = to.z / l;
            reference += glass.exact(c).transmittance * c * c / (l * l) / kPi * 4 / (n * n);
        }
    const auto e = daylight(box, points_at({{1.2, 2.4, 0.8}}, {0, 0, 1}, 0), samples, even_sky())[0];
    rows.push_back({kMatter, "Opal rooflight over a black box, even sky", "E / Eh", e.value, reference,
                    e.standard_error, "quadrature of the pane's own curve", 1e-4});
}

// A wall of blades alone, wide and high, and how much of a beam passes them.
double share_past_blades(const model::ShadeLayer& layer, double profile) {
    geometry::Surfaces s;
    geometry::Surface black;
    black.element = geometry::Element::shading;
    const uint32_t blades = s.add_surface(black);
    const shading::ShadeFrame frame{{0, 0, 0}, {1, 0, 0}, {0, 0, 1}, {0, -1, 0}, 20, 20, 0, 0};
    shading::build_shade(layer, frame, [&](Vec3 a, Vec3 b, Vec3 c, Vec3 d) { s.add_quad(blades, a, b, c, d); });
    const light::Scene scene(s);
    const Vec3 sun{0, -std::cos(profile), std::sin(profile)};
    // Points over whole spacings behind the middle of the field.
    double sum = 0;
    constexpr int n = 4000;
    for (int i = 0; i < n; ++i)
        sum +=
            static_cast<double>(scene.beam(Vec3{10, 0.01, 9 + 1.0 * (i + 0.5) / n}.as<float>(), sun.as<float>()).share);
    return sum / n;
}

void blades(std::vector<Row>& rows) {
    model::ShadeLayer layer;
    layer.thickness = 0;
    layer.depth = 0.1;
    layer.spacing = 0.1;
    for (const double tilt : {0.0, 30.0}) {
        layer.tilt = tilt;
        const double t = radians(tilt), cut = std::atan((layer.spacing / layer.depth - std::sin(t)) / std::cos(t));
        for (const double beside : {-20.0, -5.0, -1.0, 0.1, 5.0}) {
            const double profile = cut + radians(beside);
            const double closed = layer.depth * (std::sin(t) + std::cos(t) * std::tan(profile)) / layer.spacing;
            rows.push_back(
                {kMatter,
                 fmt::format("Thin black blades, tilt {:.0f}, {:.1f} degrees {} their cut-off angle of {:.2f}", tilt,
                             std::fabs(beside), beside < 0 ? "below" : "above", degrees(cut)),
                 "share of the beam", share_past_blades(layer, profile), std::max(0.0, 1 - closed), 0,
                 "shadow of a blade on the next", 6e-4});
        }
    }
}

// A photon's walk between two slats, in the plane across them: Lambert's law there is an even spread of the sine.
struct Walk {
    double through = 0, back = 0;
};
Walk walk_between_slats(double width, double spacing, double tilt, double rho, double profile, int photons) {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> dice(0, 1);
    const Vec2 along{std::cos(tilt), std::sin(tilt)}, up{0, spacing};
    Walk out;
    for (int k = 0; k < photons; ++k) {
        Vec2 p{0, spacing * dice(random)}, d{std::cos(profile), -std::sin(profile)};
        bool scattered = false;
        while (true) {
            // Which of the two slats, or of the two open sides, is met first.
            double nearest = 1e18;
            int what = 0;
            for (int slat = 0; slat < 2; ++slat) {
                const Vec2 foot = up * static_cast<double>(slat);
                const double det = cross(d, along);
                if (std::fabs(det) < 1e-14) continue;
                const double t = cross(foot - p, along) / det, s = cross(foot - p, d) / det;
                if (t > 1e-9 && s >= 0 && s <= width && t < nearest) nearest = t, what = slat == 0 ? 1 : 2;
            }
            for (int side = 0; side < 2; ++side) {
                const double x = side == 0 ? 0 : width * along.x, t = std::fabs(d.x) > 1e-14 ? (x - p.x) / d.x : -1;
                if (t > 1e-9 && t < nearest) nearest = t, what = side == 0 ? 3 : 4;
            }
            if (what == 0 || what >= 3) {
                if (scattered) (what == 4 ? out.through : out.back) += 1.0 / photons;
                break;
            }
            if (dice(random) >= rho) break;
            p = p + d * nearest;
            const Vec2 normal = what == 1 ? Vec2{-along.y, along.x} : Vec2{along.y, -along.x};
            const double sine = 2 * dice(random) - 1;
            d = normal * std::sqrt(1 - sine * sine) + along * sine;
            p = p + normal * 1e-9;
            scattered = true;
        }
    }
    return out;
}

void slats(std::vector<Row>& rows) {
    constexpr int photons = 400000;
    for (const auto& [tilt, rho, profile] :
         {std::tuple{45.0, 0.75, 30.0}, {0.0, 0.5, 40.0}, {60.0, 0.4, -20.0}, {20.0, 0.9, 60.0}}) {
        const light::SlatCurve curve(0.05, 0.042, tilt, rho);
        const auto answer = curve.at(static_cast<float>(std::tan(radians(profile))));
        const Walk walk = walk_between_slats(0.05, 0.042, radians(tilt), rho, radians(profile), photons);
        const std::string name =
            fmt::format("Slats at {:.0f} degrees, reflectance {:.1f}, light from {:.0f} degrees", tilt, rho, profile);
        // The radiosity of strips is compared with a walk: its own error stands beside.
        for (const auto& [what, value, reference] : {std::tuple{"scattered through", answer.through, walk.through},
                                                     {"scattered back", answer.back, walk.back}})
            rows.push_back({kMatter, name + ", " + what, "share", value, reference,
                            std::sqrt(reference * (1 - reference) / photons), "random walk of 400 000 photons", 2e-3});
    }
}

void canopies(std::vector<Row>& rows) {
    model::Project project;
    project.options.resize(1);
    model::Thing tree = model::usual(model::Thing::Kind::tree);
    tree.id = "tree";
    project.options[0].things = {tree};
    for (const auto& [season, gap] :
         {std::pair{model::Season::in_leaf, tree.gap}, {model::Season::bare, tree.bare_gap}}) {
        const light::Scene scene(geometry::build_surfaces(project, project.options[0]), light::Blinds::open, season);
        const char* when = season == model::Season::in_leaf ? "in leaf" : "bare";
        const auto beam = scene.beam({1.0f, -20, 6.0f}, {0, 1, 0});
        rows.push_back({kMatter, fmt::format("Sunbeam through the crown of a tree {}", when), "share",
                        static_cast<double>(beam.share), gap, 0, "its gap fraction"});
        int passed = 0;
        constexpr int n = 200000;
        for (int i = 0; i < n; ++i) {
            const float x = 1.5f * static_cast<float>(i % 500) / 500 + 0.3f,
                        z = 5.2f + 1.2f * static_cast<float>(i / 500) / 400;
            passed += scene.intersect({x, -20, z}, {0, 1, 0}).what == light::Hit::What::nothing;
        }
        rows.push_back({kMatter, fmt::format("Rays through the crown of a tree {}", when), "share",
                        static_cast<double>(passed) / n, gap, std::sqrt(gap * (1 - gap) / n), "its gap fraction"});
    }
}

}  // namespace

std::vector<Row> matter(unsigned samples) {
    std::vector<Row> rows;
    panes(rows);
    even_surrounds(rows, samples);
    mirrors_and_cloth(rows, samples);
    opal_glass(rows, samples);
    blades(rows);
    slats(rows);
    canopies(rows);
    return rows;
}

}  // namespace wp::validation
