// SPDX-License-Identifier: GPL-3.0-or-later
// The sixteen skies through roof and facade openings, glazed and not, with and without an obstruction; and what comes
// reflected. After CIE 171:2006, test cases 5.6 to 5.14: box 4 x 4 x 3 m, black inside, openings and positions as
// there.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "climate/sky.h"
#include "light/glass.h"
#include "light/replicates.h"
#include "validation/cases.h"
#include "validation/quadrature.h"
#include "validation/scenes.h"

namespace wp::validation {

namespace {

constexpr const char* kSkies = "Sixteen skies, glass and an obstruction";
constexpr const char* kReflected = "Reflected components";
constexpr double kTransmittance = 0.86;

Vec3 sun() { return direction(radians(150), radians(40)); }

// A screen of some reflectance before the facade at y = 0.
struct Screen {
    double y = -6, x0 = -8, x1 = 12, top = 5;
    bool meets(Vec3 from, Vec3 d, Vec3* at = nullptr) const {
        if (d.y >= 0) return false;
        const double t = (y - from.y) / d.y;
        const Vec3 p = from + d * t;
        if (at != nullptr) *at = p;
        return t > 0 && p.x > x0 && p.x < x1 && p.z > 0 && p.z < top;
    }
    void add_to(geometry::Surfaces& s, double reflectance) const {
        const auto surface = s.add_surface({geometry::Element::block, "screen", reflectance, geometry::kOutdoors});
        s.add_quad(surface, {x1, y, 0}, {x0, y, 0}, {x0, y, top}, {x1, y, top});
    }
};

void glaze(geometry::Surfaces& s) {
    geometry::Glazing pane;
    pane.transmittance = kTransmittance;
    for (auto& portal : s.portals) portal.glazing = s.add_glazing(pane);
}

Row row(const char* group, std::string name, const geometry::Surfaces& s, Vec3 at, Vec3 normal,
        const question::DaylightFactorSetup& setup, unsigned samples, double reference, const char* source) {
    const auto e = daylight(s, points_at({at}, normal, 0), samples, setup)[0];
    // Cells on the edge of an obstruction are seen or not seen as a whole.
    return {group, std::move(name), "SC", e.value, reference, e.standard_error, source, 1e-3};
}

void skies(std::vector<Row>& rows, unsigned samples) {
    const Screen screen;
    const light::GlassCurve glass(kTransmittance, 1);
    const Vec3 under{1.25, 1.25, 0}, back{2, 1.5, 0};
    for (int type = 1; type <= 16; ++type) {
        const climate::Sky sky = climate::Sky::cie(type, 1.0, sun());
        question::DaylightFactorSetup setup;
        setup.cie_type = type;
        setup.sun = sun();
        for (const bool glazed : {false, true}) {
            auto roof = box_with_roof_hole(4, 4, 3, 0.0, 1.5, 2.5, 1.5, 2.5);
            if (glazed) glaze(roof);
            const auto through_roof = [&](Vec3 d) {
                return sky.luminance(d) *
                       (glazed ? static_cast<double>(glass.transmittance(static_cast<float>(d.z))) : 1.0);
            };
            rows.push_back(row(
                kSkies, fmt::format("CIE type {}, roof opening 1 x 1 m{}", type, glazed ? ", glazed" : ""), roof, under,
                {0, 0, 1}, setup, samples, quadrature::sky_component_roof(under, 1.5, 2.5, 1.5, 2.5, 3, through_roof),
                "quadrature over the opening; after CIE 171:2006, 5.9 and 5.10"));
            for (const bool screened : {false, true}) {
                auto wall = box_with_wall_hole(4, 4, 3, 0.0, 1, 3, 1, 2, 0.0);
                if (glazed) glaze(wall);
                if (screened) screen.add_to(wall, 0);
                const auto through_wall = [&](Vec3 d) {
                    if (screened && screen.meets(back, d)) return 0.0;
                    return sky.luminance(d) *
                           (glazed ? static_cast<double>(glass.transmittance(static_cast<float>(std::fabs(d.y))))
                                   : 1.0);
                };
                rows.push_back(row(kSkies,
                                   fmt::format("CIE type {}, facade opening 2 x 1 m{}{}", type,
                                               glazed ? ", glazed" : "", screened ? ", behind an obstruction" : ""),
                                   wall, back, {0, 0, 1}, setup, samples,
                                   quadrature::sky_component_wall(back, 1, 3, 1, 2, through_wall),
                                   "quadrature over the opening; after CIE 171:2006, 5.11 to 5.14"));
            }
        }
    }
}

// Light on the screen from the sky over and past the black box, on a lattice of its places.
class ScreenLight {
 public:
    ScreenLight(const Screen& screen, const climate::Sky& sky) : screen_(screen) {
        for (int i = 0; i <= kAcross; ++i)
            for (int j = 0; j <= kUp; ++j) lux_.push_back(at({place_x(i), screen.y + 1e-6, screen.top * j / kUp}, sky));
    }
    double operator()(Vec3 p) const {
        const double u = std::clamp((p.x - screen_.x0) / (screen_.x1 - screen_.x0) * kAcross, 0.0, kAcross - 1e-9),
                     v = std::clamp(p.z / screen_.top * kUp, 0.0, kUp - 1e-9);
        const int i = static_cast<int>(u), j = static_cast<int>(v);
        const auto lux = [&](int a, int b) { return lux_[static_cast<size_t>(a * (kUp + 1) + b)]; };
        const double fu = u - i, fv = v - j;
        return (1 - fu) * ((1 - fv) * lux(i, j) + fv * lux(i, j + 1)) +
               fu * ((1 - fv) * lux(i + 1, j) + fv * lux(i + 1, j + 1));
    }

 private:
    static constexpr int kAcross = 80, kUp = 20;
    double place_x(int i) const { return screen_.x0 + (screen_.x1 - screen_.x0) * i / kAcross; }
    static bool box_stands(Vec3 from, Vec3 d) {
        double near = 0, far = 1e9;
        for (const auto& [o, dir, low, high] :
             {std::tuple{from.x, d.x, 0.0, 4.0}, {from.y, d.y, 0.0, 4.0}, {from.z, d.z, -1.0, 3.0}}) {
            if (std::fabs(dir) < 1e-12) {
                if (o < low || o > high) return false;
                continue;
            }
            double a = (low - o) / dir, b = (high - o) / dir;
            if (a > b) std::swap(a, b);
            near = std::max(near, a);
            far = std::min(far, b);
        }
        return near < far;
    }
    static double at(Vec3 from, const climate::Sky& sky) {
        constexpr int rings = 120, turns = 240;
        double sum = 0;
        for (int i = 0; i < rings; ++i)
            for (int k = 0; k < turns; ++k) {
                const double altitude = std::asin((i + 0.5) / rings), azimuth = -kPi / 2 + kPi * (k + 0.5) / turns;
                const Vec3 d = direction(azimuth, altitude);
                if (!box_stands(from, d)) sum += sky.luminance(d) * d.y;
            }
        return sum * kPi / (rings * turns);
    }
    Screen screen_;
    std::vector<double> lux_;
};

// Luminance through the hole in the wall y = 0, over all directions up and down.
double through_wall(Vec3 at, Vec3 normal, const quadrature::Luminance& luminance) {
    constexpr int n = 600;
    double sum = 0;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j) {
            const Vec3 to = Vec3{1 + 2 * (i + 0.5) / n, 0, 1 + (j + 0.5) / n} - at;
            const double square = dot(to, to);
            const Vec3 d = to * (1 / std::sqrt(square));
            if (dot(d, normal) > 0) sum += luminance(d) * dot(d, normal) * std::fabs(d.y) / square;
        }
    return sum * 2 / (static_cast<double>(n) * n);
}

// One component of the engine's answer at one point.
Row component(std::string name, const geometry::Surfaces& s, Vec3 at, Vec3 normal, light::Way way, unsigned samples,
              double reference, double reference_error, const char* source) {
    question::DaylightFactorSetup setup;
    setup.fixed_samples = samples;
    const auto answer = question::daylight_factor(s, {points_at({at}, normal, 0)}, {}, {}, {}, setup);
    const auto& plane = answer.planes[0];
    const auto w = static_cast<size_t>(way);
    return {kReflected,
            std::move(name),
            way == light::Way::straight                                         ? "SC"
            : way == light::Way::from_outside || way == light::Way::from_ground ? "ERC"
                                                                                : "IRC",
            plane.by_way[w] / 100,
            reference,
            plane.by_way_half_width[w] / 100 / light::kStudent95,
            source,
            reference_error};
}

void reflected(std::vector<Row>& rows, unsigned samples) {
    using light::Way;
    const climate::Sky sky = climate::Sky::cie(16, 1.0, {0, 0, 1});
    const Screen screen;
    const ScreenLight lit(screen, sky);
    const Vec3 facing{2, 2, 1.5}, towards{0, -1, 0};
    for (const double ground : {0.2, 0.6}) {
        const auto s = box_with_wall_hole(4, 4, 3, 0.0, 1, 3, 1, 2, ground);
        rows.push_back(component(fmt::format("Facade opening, ground of reflectance {}: from the ground", ground), s,
                                 facing, towards, Way::from_ground, samples,
                                 through_wall(facing, towards, [&](Vec3 d) { return d.z < 0 ? ground / kPi : 0.0; }),
                                 1e-4, "quadrature over the opening; after CIE 171:2006, 5.7"));
        rows.push_back(component(
            fmt::format("The same, ground of reflectance {}: from the sky", ground), s, facing, towards, Way::straight,
            samples, through_wall(facing, towards, [&](Vec3 d) { return d.z > 0 ? sky.luminance(d) : 0.0; }), 1e-4,
            "quadrature over the opening; after CIE 171:2006, 5.7"));
    }
    for (const double reflectance : {0.3, 0.8}) {
        auto s = box_with_wall_hole(4, 4, 3, 0.0, 1, 3, 1, 2, 0.0);
        screen.add_to(s, reflectance);
        for (const Vec3 at : {Vec3{2, 1.5, 0}, Vec3{1, 2.5, 0.5}}) {
            const double reference = through_wall(at, {0, 0, 1}, [&](Vec3 d) {
                Vec3 p;
                return screen.meets(at, d, &p) ? reflectance / kPi * lit(p) : 0.0;
            });
            rows.push_back(component(
                fmt::format("Obstruction of reflectance {} seen from ({}, {}, {})", reflectance, at.x, at.y, at.z), s,
                at, {0, 0, 1}, Way::from_outside, samples, reference, 3e-3,
                "nested quadrature: sky on the obstruction, past the box, then through the opening; after CIE "
                "171:2006, 5.8"));
        }
    }
}

}  // namespace

std::vector<Row> skies_and_reflections(unsigned samples) {
    std::vector<Row> rows;
    skies(rows, samples);
    reflected(rows, samples);
    return rows;
}

}  // namespace wp::validation
