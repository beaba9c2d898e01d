// SPDX-License-Identifier: GPL-3.0-or-later
#include "validation/cases.h"

#include <fmt/core.h>

#include <cmath>

#include "climate/sky.h"
#include "climate/sun.h"
#include "light/glass.h"
#include "validation/quadrature.h"
#include "validation/scenes.h"

namespace wp::validation {

bool Row::holds() const {
    const double slack = reference_error * std::max(1.0, std::fabs(reference));
    if (standard_error > 0 && std::fabs(deviation()) > 3 * standard_error + slack) return false;
    return std::fabs(deviation()) <= bound * std::fabs(reference) + slack;
}

namespace {

constexpr const char* kForms = "Closed forms";
constexpr const char* kOpenings = "Sky component through openings";

question::DaylightFactorSetup sky(int type, Vec3 sun = normalized(Vec3{0.3, -0.6, 0.7})) {
    question::DaylightFactorSetup setup;
    setup.cie_type = type;
    setup.sun = sun;
    return setup;
}

void open_planes(std::vector<Row>& rows, unsigned samples) {
    geometry::Surfaces nothing;
    nothing.ground_reflectance = 0.2;
    for (int type = 1; type <= 16; ++type) {
        const auto e = daylight(nothing, points_at({{0, 0, 1}}, {0, 0, 1}, -1), samples, sky(type))[0];
        rows.push_back({kForms, fmt::format("Open horizontal plane, CIE sky type {}", type), "E / Eh", e.value, 1.0,
                        e.standard_error, "the sky is scaled to carry 1 lx, by quadrature to 1e-4", 1e-4});
    }
    // Vertical plane under the overcast sky: E_v / E_h = (3/7)(1/2 + 4/(3 pi)) plus half the ground's luminance.
    const auto v = daylight(nothing, points_at({{0, 0, 1}}, {0, 1, 0}, -1), samples)[0];
    rows.push_back({kForms, "Open vertical plane, overcast sky and ground of reflectance 0.2", "E / Eh", v.value,
                    3.0 / 7 * (0.5 + 4 / (3 * kPi)) + 0.1, v.standard_error,
                    "integral of (1 + 2 sin a) over the half dome (Moon and Spencer 1942)"});
}

void cavities(std::vector<Row>& rows, unsigned samples) {
    // Furnace: uniform sky of luminance 1/pi and a perfectly reflecting ground make the same luminance all around; a
    // box of reflectance 1 inside it must then have illuminance 1 everywhere inside, whatever its hole.
    question::DaylightFactorSetup uniform = sky(5);
    geometry::Surfaces furnace = box_with_wall_hole(3, 4, 2.5, 1.0, 0.5, 2.5, 0.5, 2.0, 1.0);
    const auto f = daylight(furnace, points_at({{1.5, 2.5, 0.8}, {0.4, 3.6, 2.0}}, {0, 0, 1}, 0), samples, uniform);
    for (size_t i = 0; i < f.size(); ++i)
        rows.push_back({kForms, fmt::format("Furnace: white box in an even surround, point {}", i + 1), "E / Eh",
                        f[i].value, 1.0, f[i].standard_error, "equal luminance everywhere"});

    for (const double rho : {0.2, 0.5, 0.8}) {
        const Share e = glowing_box(rho, samples);
        rows.push_back({kForms, fmt::format("Closed box whose walls glow with exitance 1, reflectance {}", rho), "E",
                        e.value, 1 / (1 - rho), e.standard_error, "sum of the geometric series"});
    }
}

void factors(std::vector<Row>& rows, unsigned samples) {
    // A black box under an even sky: illuminance is pi L times the configuration factor of the hole.
    const auto roof = box_with_roof_hole(4, 4, 3, 0.0, 1, 3, 1, 3);
    for (const Vec3 at : {Vec3{2, 2, 0.5}, Vec3{1.0, 1.0, 0.8}, Vec3{0.3, 3.5, 0.0}}) {
        const auto e = daylight(roof, points_at({at}, {0, 0, 1}, 0), samples, sky(5))[0];
        rows.push_back({kForms, fmt::format("Black box, roof hole 2 x 2 m, point ({}, {}, {})", at.x, at.y, at.z),
                        "E / Eh", e.value,
                        quadrature::parallel_rectangle(1 - at.x, 3 - at.x, 1 - at.y, 3 - at.y, 3 - at.z),
                        e.standard_error, "configuration factor of a parallel rectangle"});
    }
    // Looking at a hole in the wall y = 0 from a facing plane element.
    const auto wall = box_with_wall_hole(4, 4, 3, 0.0, 1, 3, 1, 2.5, 1.0);
    for (const Vec3 at : {Vec3{2, 3, 1.5}, Vec3{0.5, 1.5, 0.5}}) {
        const auto e = daylight(wall, points_at({at}, {0, -1, 0}, 0), samples, sky(5))[0];
        rows.push_back(
            {kForms, fmt::format("Black box, wall hole 2 x 1.5 m, point ({}, {}, {}) facing it", at.x, at.y, at.z),
             "E / Eh", e.value, quadrature::parallel_rectangle(1 - at.x, 3 - at.x, 1 - at.z, 2.5 - at.z, at.y),
             e.standard_error, "configuration factor of a parallel rectangle; ground as bright as the sky"});
    }
}

void reciprocity(std::vector<Row>& rows, unsigned samples) {
    // The mean daylight of a floor under a hole does not depend on which way light is traced: the flux that enters
    // through a hole of area a is E_h a for an even sky; with black walls all of it is absorbed, and what the floor
    // absorbs is the hole's form factor to the floor. Reference: Hottel's crossed form for parallel rectangles, here by
    // quadrature.
    const auto roof = box_with_roof_hole(4, 4, 3, 0.0, 1, 3, 1, 3);
    std::vector<Vec3> grid;
    constexpr int n = 24;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j) grid.push_back({4.0 * (i + 0.5) / n, 4.0 * (j + 0.5) / n, 0.0});
    double mean = 0, square = 0;
    for (const auto& e : daylight(roof, points_at(grid, {0, 0, 1}, 0), std::max(16u, samples / 16), sky(5))) {
        mean += e.value / (n * n);
        square += e.standard_error * e.standard_error / (n * n) / (n * n);
    }
    rows.push_back({kForms, "Reciprocity: flux to the floor is the hole's area times its form factor", "flux / (E a)",
                    mean * 16 / 4, quadrature::form_factor_hole_to_floor(), std::sqrt(square) * 4,
                    "form factor of parallel rectangles; mean of 24 x 24 points, good to 1e-3", 1e-3});
}

}  // namespace

std::vector<Row> closed_forms(unsigned samples) {
    std::vector<Row> rows;
    open_planes(rows, samples);
    factors(rows, samples);
    cavities(rows, samples);
    reciprocity(rows, samples);
    return rows;
}

std::vector<Row> sky_through_openings(unsigned samples) {
    std::vector<Row> rows;
    const auto overcast = [](Vec3 d) { return climate::Sky::cie(16, 1.0, {0, 0, 1}).luminance(d); };
    // Room and positions after CIE 171:2006, test cases 5.9 and 5.10: 4 x 4 x 3 m, black; opening in the roof 1 x 1 m
    // and 4 x 4 m, in the facade 2 x 1 m and 4 x 3 m.
    struct Opening {
        const char* name;
        double a0, a1, b0, b1;
    };
    for (const Opening& o :
         {Opening{"roof opening 1 x 1 m", 1.5, 2.5, 1.5, 2.5}, Opening{"roof opening 4 x 4 m", 0, 4, 0, 4}}) {
        const auto s = box_with_roof_hole(4, 4, 3, 0.0, o.a0, o.a1, o.b0, o.b1);
        for (const double y : {0.25, 1.25, 2.0, 3.75}) {
            const Vec3 at{2, y, 0};
            const auto e = daylight(s, points_at({at}, {0, 0, 1}, 0), samples)[0];
            rows.push_back({kOpenings, fmt::format("Overcast sky, {}, floor at y = {} m", o.name, y), "SC", e.value,
                            quadrature::sky_component_roof(at, o.a0, o.a1, o.b0, o.b1, 3, overcast), e.standard_error,
                            "quadrature over the opening; after CIE 171:2006, 5.9"});
        }
    }
    for (const Opening& o :
         {Opening{"facade opening 2 x 1 m", 1, 3, 1, 2}, Opening{"facade opening 4 x 3 m", 0, 4, 0, 3}}) {
        const auto s = box_with_wall_hole(4, 4, 3, 0.0, o.a0, o.a1, o.b0, o.b1, 0.0);
        for (const double y : {0.5, 1.5, 2.5, 3.5}) {
            const Vec3 at{2, y, 0};
            const auto e = daylight(s, points_at({at}, {0, 0, 1}, 0), samples)[0];
            rows.push_back({kOpenings, fmt::format("Overcast sky, {}, floor at y = {} m", o.name, y), "SC", e.value,
                            quadrature::sky_component_wall(at, o.a0, o.a1, o.b0, o.b1, overcast), e.standard_error,
                            "quadrature over the opening; after CIE 171:2006, 5.11"});
        }
    }
    return rows;
}

std::vector<Row> sun_and_glass() {
    std::vector<Row> rows;
    const climate::Place place{39.742476, -105.1786, -7, 1830.14};
    const auto sun = climate::sun_position(place, climate::days_since_j2000(2003, 10, 17, 19.508333333), 67, 820, 11);
    rows.push_back({"Sun and glass", "Sun's zenith angle, worked case", "degrees", 90 - degrees(sun.altitude), 50.11162,
                    0, "NREL/TP-560-34302"});
    rows.push_back({"Sun and glass", "Sun's azimuth, worked case", "degrees", degrees(sun.azimuth), 194.34024, 0,
                    "NREL/TP-560-34302"});
    // One clear pane at normal incidence: (1 - r) / (1 + r), r = ((n - 1)/(n + 1))^2.
    const double r = std::pow((light::kGlassIndex - 1) / (light::kGlassIndex + 1), 2);
    const light::GlassCurve clear((1 - r) / (1 + r), 1);
    for (const double angle : {0.0, 40.0, 60.0, 75.0}) {
        const double ci = std::cos(radians(angle)), si = std::sin(radians(angle)) / light::kGlassIndex,
                     co = std::sqrt(1 - si * si);
        const double n = light::kGlassIndex;
        const double rs = std::pow((ci - n * co) / (ci + n * co), 2), rp = std::pow((n * ci - co) / (n * ci + co), 2);
        const double reference = ((1 - rs) / (1 + rs) + (1 - rp) / (1 + rp)) / 2;
        rows.push_back({"Sun and glass", fmt::format("Clear pane, transmittance at {} degrees", angle), "",
                        static_cast<double>(clear.transmittance(static_cast<float>(ci))), reference, 0,
                        "Fresnel; infinite reflections in a pane without absorption"});
    }
    return rows;
}

}  // namespace wp::validation
