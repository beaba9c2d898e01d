// SPDX-License-Identifier: GPL-3.0-or-later
// Light by wavelength against a tracer of boxes that shares nothing with the engine: a room in a town, wavelength by
// wavelength, its colours as formulas; and against closed forms.
#include <gtest/gtest.h>

#include <cmath>

#include "question/ask.h"
#include "question/spectral.h"
#include "spectrum/colour.h"
#include "spectrum/light_source.h"
#include "support.h"
#include "validation/box_tracer.h"
#include "validation/scenes.h"
#include "validation/town.h"

using namespace wp;
using namespace wp::question;
namespace boxes = wp::validation::boxes;

namespace {

// Colours as formulas of wavelength, nm.
double step(double nm, double at, double wide, double below, double above) {
    return below + (above - below) / (1 + std::exp((at - nm) / wide));
}
double red_paint(double nm) { return step(nm, 575, 9, 0.12, 0.8); }
double blue_render(double nm) { return step(nm, 495, 14, 0.55, 0.2); }
double green_pane(double nm) { return 0.45 + 0.35 * std::exp(-std::pow((nm - 530) / 70, 2)); }
double red_cloth(double nm) { return step(nm, 590, 8, 0.05, 0.5); }

template <class Of>
std::vector<double> sampled(Of&& of) {
    std::vector<double> out;
    for (double nm = 380; nm <= 780; nm += 5) out.push_back(of(nm));
    return out;
}
// As a material has it: its figure is what its spectrum gives in daylight.
template <class Of>
double colour(model::Material& material, Of&& of) {
    material.spectrum = sampled(of);
    spectrum::Spectrum s;
    std::ranges::copy(material.spectrum, s.begin());
    return spectrum::visible(s);
}

// What a band holds of light that each wavelength alone brings, W/m2: weighted by D65 of one lux.
template <class Of>
double over_band(const spectrum::Bins& bins, size_t band, Of&& lux) {
    constexpr int steps = 6;
    const auto light = spectrum::of_one_lux(spectrum::d65());
    const double wide = (bins.to(band) - bins.from(band)) / steps;
    double sum = 0;
    for (int i = 0; i < steps; ++i) {
        const double nm = bins.from(band) + (i + 0.5) * wide;
        sum += spectrum::at(light, nm) * wide * lux(nm);
    }
    return sum;
}

// A town painted: the room red, the render around blue, the pane green.
struct Painted {
    validation::Town town;
    model::Project project;
    double inside, around;
    explicit Painted(validation::Town of) : town(std::move(of)), project(town.project()) {
        inside = project.materials[0].reflectance, around = project.materials[1].reflectance;
        project.materials[0].reflectance = colour(project.materials[0], red_paint);
        project.materials[1].reflectance = colour(project.materials[1], blue_render);
        project.materials[3].transmittance = colour(project.materials[3], green_pane);
    }
    boxes::Scene at(double nm) const {
        boxes::Scene out = town.scene();
        for (auto& box : out.boxes)
            box.reflectance = box.reflectance == inside   ? red_paint(nm)
                              : box.reflectance == around ? blue_render(nm)
                                                          : box.reflectance;
        out.panes[0].transmittance = green_pane(nm);
        return out;
    }
};

geometry::PlanePoints two_points() { return validation::points_at({{2.6, 0.6, 0.8}, {2.6, 3.2, 0.8}}, {0, 0, 1}, 0); }

Outdoors clear_noon(const model::Project& project, int type, double diffuse, double direct) {
    model::SkyChoice sky;
    sky.shape = model::SkyChoice::Shape::cie;
    sky.type = type;
    sky.amount = model::SkyChoice::Amount::illuminance;
    sky.diffuse = diffuse, sky.direct = direct;
    return *outdoors_at(project.site, sky, {4, 23, 12.5}, {});
}

}  // namespace

TEST(SpectralBoxes, bands_of_a_painted_room_are_what_boxes_find_wavelength_by_wavelength) {
    const Painted painted(validation::gap());
    const auto surfaces = geometry::build_surfaces(painted.project, painted.project.options[0]);
    const std::vector planes{two_points()};
    const auto task = field_task(painted.project, surfaces, planes, {});
    const auto field = trace_spectral_field(painted.project, task, 9, {0.015, 1, 0});
    const auto found = spectrum_at(field, clear_noon(painted.project, 12, 12000, 85000), model::SkyColour::d65);
    boxes::Sky sky;
    sky.diffuse = 12000, sky.direct = 85000;
    sky.sun = boxes::almanac_sun(55, 0, climate::Moment{4, 23, 12.5}.day_of_year(), 12.5);
    for (const size_t band : {1u, 4u, 6u})
        for (size_t i = 0; i < 2; ++i) {
            double square = 0;
            const double expected = over_band(field.bins, band, [&](double nm) {
                const auto scene = painted.at(nm);
                const auto e =
                    boxes::illuminance(scene, sky, planes[0].points[i], 25000, 5u + static_cast<unsigned>(i));
                square += std::pow(e.standard_error / e.mean, 2);
                return e.mean;
            });
            const auto& point = found.planes[0].points[i];
            const double error = 3 * std::sqrt(square / 6) * expected + point.half_width[band];
            EXPECT_NEAR(point.bands[band], expected, error + 0.01 * expected) << "band " << band << ", point " << i;
        }
}

// A closed cloth takes colour from what it scatters in, and from what it sends back into the room.
TEST(SpectralBoxes, a_red_cloth_before_the_window_is_what_boxes_find) {
    Painted painted(validation::Town{});
    model::Material cloth;
    cloth.id = cloth.name = "cloth";
    cloth.kind = model::Material::Kind::fabric;
    cloth.openness = 0;
    cloth.transmittance = colour(cloth, red_cloth);
    cloth.reflectance = 0.3;
    painted.project.materials.push_back(cloth);
    auto& window = painted.project.options[0].storeys[0].rooms[0].openings[0];
    window.blind = true;
    window.blind_material = "cloth";
    const auto surfaces = geometry::build_surfaces(painted.project, painted.project.options[0]);
    const std::vector planes{two_points()};
    auto task = field_task(painted.project, surfaces, planes, {});
    task.layers = light::layers_of(surfaces, light::Blinds::closed);
    const auto field = trace_spectral_field(painted.project, task, 9, {0.02, 1, 0});
    const auto found = spectrum_at(field, clear_noon(painted.project, 5, 20000, 0), model::SkyColour::d65);
    boxes::Sky sky;
    sky.type = 5;
    sky.diffuse = 20000, sky.direct = 0;
    for (const size_t band : {2u, 4u, 7u}) {
        const double expected = over_band(field.bins, band, [&](double nm) {
            auto scene = painted.at(nm);
            scene.panes[0].scatters = true;
            scene.panes[0].cloth_through = red_cloth(nm);
            scene.panes[0].cloth_back = 0.3 * red_cloth(nm) / cloth.transmittance;
            return boxes::illuminance(scene, sky, planes[0].points[0], 30000, 11).mean;
        });
        const auto& point = found.planes[0].points[0];
        EXPECT_NEAR(point.bands[band], expected, 0.03 * expected + point.half_width[band]) << "band " << band;
    }
}

// Where all matter sends back all of a band, an even surround is even indoors, too; whatever it does in other bands.
TEST(SpectralBoxes, a_furnace_glows_evenly_in_the_bands_in_which_nothing_is_lost) {
    const auto paint = [](double nm) { return nm < 560 ? 1.0 : 0.3; };
    model::Project project = test::one_room();
    project.site.ground_reflectance = 1;
    const double figure = colour(project.materials[0], paint);
    project.materials[0].reflectance = figure;
    geometry::Surfaces furnace = validation::box_with_wall_hole(3, 4, 2.5, figure, 0.5, 2.5, 0.5, 2.0, 1.0);
    for (auto& s : furnace.surfaces) s.material = project.materials[0].id;
    const std::vector planes{validation::points_at({{1.5, 2.5, 0.8}, {0.4, 3.6, 2.0}}, {0, 0, 1}, 0)};
    const auto task = field_task(project, furnace, planes, {});
    const auto field = trace_spectral_field(project, task, 9, {0.01, 1, 0});
    Outdoors even = clear_noon(project, 5, 10000, 0);
    even.sky_and_sun.sky = climate::Sky::uniform(10000);
    even.sky_and_sun.ground_luminance = 10000 / kPi;
    const auto found = spectrum_at(field, even, model::SkyColour::d65);
    const auto light = field.bins.integrals(spectrum::of_one_lux(spectrum::d65()));
    for (const auto& point : found.planes[0].points) {
        for (const size_t band : {0u, 1u, 2u})
            EXPECT_NEAR(point.bands[band] / (10000 * light[band]), 1, 0.02) << "band " << band;
        EXPECT_LT(point.bands[7] / (10000 * light[7]), 0.75) << "where most is lost it is darker";
    }
}

namespace {

// An eye in the open that looks level to the south, above ground that sends nothing back.
double eye_in_the_open(bool brow, double altitude) {
    model::Project project = test::one_room();
    project.site.ground_reflectance = 0;
    geometry::Surfaces nothing;
    nothing.ground_reflectance = 0;
    std::vector planes{validation::points_at({{0, 0, 1.2}}, {0, -1, 0}, geometry::kOutdoors)};
    face(planes[0], kPi, altitude, brow);
    const auto field = trace_spectral_field(project, field_task(project, nothing, planes, {}), 3, {0.004, 1, 0});
    Outdoors even = clear_noon(project, 5, kPi, 0);
    even.sky_and_sun.sky = climate::Sky::uniform(kPi);  // luminance 1
    even.sky_and_sun.ground_luminance = 0;
    return spectrum::illuminance(spectrum_at(field, even, model::SkyColour::d65).planes[0].points[0].irradiance);
}

}  // namespace

// Of an even sky an upright eye has pi/2; below a height a it has the integral of cos^2 over height, twice: a + sin a
// cos a.
TEST(SpectralBoxes, the_brow_takes_from_an_even_sky_what_the_closed_form_says) {
    EXPECT_NEAR(eye_in_the_open(false, 0), kPi / 2, 0.01);
    const double a = radians(50);
    EXPECT_NEAR(eye_in_the_open(true, 0), a + std::sin(a) * std::cos(a), 0.01);
    // Looking down, the brow comes down, too: the cheek hides no sky.
    EXPECT_LT(eye_in_the_open(true, radians(-30)), 0.7 * eye_in_the_open(true, 0));
}

TEST(SpectralBoxes, the_sun_above_the_brow_is_not_seen) {
    geometry::PlanePoints eye;
    face(eye, kPi, 0, true);
    const auto up = [](double degrees) { return Vec3{0, -std::cos(radians(degrees)), std::sin(radians(degrees))}; };
    EXPECT_TRUE(eye.sees(up(49)));
    EXPECT_FALSE(eye.sees(up(51)));
    EXPECT_TRUE(eye.sees(up(-69)));
    EXPECT_FALSE(eye.sees(up(-71)));
}

// Above a green ground, under an even white sky: half of what falls onto the ground, by its reflectance in each band.
TEST(SpectralBoxes, the_ground_sends_back_its_own_colour) {
    const auto grass = [](double nm) { return step(nm, 520, 12, 0.05, 0.45); };
    model::Project project = test::one_room();
    model::Material green = project.materials[0];
    green.id = "green";
    green.reflectance = colour(green, grass);
    project.materials.push_back(green);
    project.site.ground_colour = "green";
    geometry::Surfaces nothing;
    const std::vector planes{validation::points_at({{0, 0, 1.2}}, {0, -1, 0}, geometry::kOutdoors)};
    const auto field = trace_spectral_field(project, field_task(project, nothing, planes, {}), 9, {0.004, 1, 0});
    Outdoors even = clear_noon(project, 5, 10000, 0);
    even.sky_and_sun.sky = climate::Sky::uniform(10000);
    even.sky_and_sun.ground_luminance = green.reflectance * 10000 / kPi;
    const PointSpectrum point = spectrum_at(field, even, model::SkyColour::d65).planes[0].points[0];
    for (const size_t band : {0u, 3u, 8u}) {
        const double expected = over_band(field.bins, band, [&](double nm) { return 5000 * (1 + grass(nm)); });
        EXPECT_NEAR(point.bands[band] / expected, 1, 0.02) << "band " << band;
    }
}
