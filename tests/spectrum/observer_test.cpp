// SPDX-License-Identifier: GPL-3.0-or-later
// Eyes and light by wavelength, against what the standards print.
#include "spectrum/observer.h"

#include <gtest/gtest.h>

#include <cmath>

#include "spectrum/colour.h"
#include "spectrum/light_source.h"

using namespace wp::spectrum;

namespace {

const Spectrum& light(const std::string& id) {
    for (const auto& one : illuminants())
        if (id == one.id) return one.spectrum();
    throw std::runtime_error(id);
}
std::pair<double, double> chromaticity(const Spectrum& s) {
    const Xyz c = xyz_of_light(s);
    const double sum = c.x + c.y + c.z;
    return {c.x / sum, c.y / sum};
}

}  // namespace

// CIE S 026:2018, table of the efficacies of D65: the cones and rods here come of other tables than these figures.
TEST(Opsins, have_the_efficacies_of_daylight_that_the_standard_prints) {
    for (const Opsin& opsin : opsins())
        EXPECT_NEAR(1000 * opic_irradiance(opsin.answer, of_one_lux(d65())), opsin.daylight_efficacy, 1.5e-4)
            << opsin.id;
}

TEST(Opsins, see_daylight_as_as_much_equivalent_daylight_as_it_has_lux) {
    for (const Opsin& opsin : opsins()) {
        const Spectrum lit = of_one_lux(d65()) * 250;
        EXPECT_NEAR(illuminance(lit), 250, 1e-9);
        EXPECT_NEAR(equivalent_daylight_illuminance(opsin.answer, lit), 250, 0.05) << opsin.id;
        EXPECT_NEAR(daylight_efficacy_ratio(opsin.answer, lit), 1, 2e-4);
    }
}

// A glowing wire has half of daylight's melanopic light a lux, a lamp of three bands a little more.
TEST(Opsins, tell_lamps_from_daylight) {
    EXPECT_NEAR(daylight_efficacy_ratio(Answer::melanopic, illuminant_a()), 0.496, 0.0015);
    EXPECT_NEAR(daylight_efficacy_ratio(Answer::melanopic, light("FL11")), 0.563, 0.004);
    EXPECT_NEAR(daylight_efficacy_ratio(Answer::melanopic, cie_daylight(10000)), 1.18, 0.03) << "a blue sky has more";
}

TEST(Observer, sees_illuminants_in_their_places) {
    // CIE 015:2018, tables 1 and T.
    for (const auto& [id, x, y] : {std::tuple{"A", 0.44758, 0.40745},
                                   {"D50", 0.34567, 0.35851},
                                   {"D55", 0.33243, 0.34744},
                                   {"D65", 0.31272, 0.32903},
                                   {"D75", 0.29903, 0.31488},
                                   {"FL11", 0.3805, 0.3769}}) {
        const auto [px, py] = chromaticity(light(id));
        // Lines of a lamp are told in steps of 5 nm, and were summed in such.
        const double digits = id == std::string("FL11") ? 3e-4 : 1.2e-4;
        EXPECT_NEAR(px, x, digits) << id;
        EXPECT_NEAR(py, y, digits) << id;
    }
    const auto [ex, ey] = chromaticity(flat(1));
    EXPECT_NEAR(ex, 1.0 / 3, 1e-4);
    EXPECT_NEAR(ey, 1.0 / 3, 1e-4);
}

TEST(Observer, finds_colour_temperatures_and_the_distance_from_the_locus) {
    for (const double kelvin : {2000.0, 2856.0, 4000.0, 6500.0, 10000.0, 20000.0}) {
        const auto found = colour_temperature(xyz_of_light(planckian(kelvin)));
        ASSERT_TRUE(found);
        EXPECT_NEAR(found->kelvin / kelvin, 1, 1e-4);
        EXPECT_NEAR(found->duv, 0, 1e-6);
    }
    // CIE 015: D65 6503 K, a little above the locus; FL11 4000 K.
    const auto day = colour_temperature(xyz_of_light(d65()));
    ASSERT_TRUE(day);
    EXPECT_NEAR(day->kelvin, 6503, 4);
    EXPECT_NEAR(day->duv, 0.0032, 1e-4);
    EXPECT_NEAR(colour_temperature(xyz_of_light(light("FL11")))->kelvin, 4000, 8);
    // Pure green has none, nor has the dark.
    Spectrum green = flat(0);
    green[30] = 1;
    EXPECT_FALSE(colour_temperature(xyz_of_light(green)));
    EXPECT_FALSE(colour_temperature({}));
}

TEST(Daylight, is_bluer_the_hotter_and_keeps_its_temperature) {
    double before = 0;
    for (const double kelvin : {4000.0, 5000.0, 6500.0, 9000.0, 15000.0, 25000.0}) {
        const Spectrum s = cie_daylight(kelvin);
        EXPECT_NEAR(at(s, 560), 100, 1e-9);
        EXPECT_GT(at(s, 450), before);
        before = at(s, 450);
        EXPECT_NEAR(colour_temperature(xyz_of_light(s))->kelvin / kelvin, 1, 0.02) << kelvin;
    }
    EXPECT_EQ(cie_daylight(1000), cie_daylight(4000)) << "the nearest end";
    // CIE D65 as the tables have it, at some places.
    for (const auto& [nm, value] : {std::pair{400.0, 82.7549},
                                    {450.0, 117.008},
                                    {500.0, 109.354},
                                    {600.0, 90.0062},
                                    {700.0, 71.6091},
                                    {780.0, 63.3828}})
        EXPECT_NEAR(at(d65(), nm), value, 0.02) << nm;
}
