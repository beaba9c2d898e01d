// SPDX-License-Identifier: GPL-3.0-or-later
// The palettes as people with other eyes see them. Simulation: G. Machado, M. Oliveira and L. Fernandes, "A
// Physiologically-based Model for Simulation of Color Vision Deficiency", IEEE TVCG 15(6), 2009, severity 1.
// Differences: CIE 1976 L*a*b*, CIE 15. docs/guide/colours.md carries the figures that this prints.
#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <cstdio>

#include "report/palette.h"

namespace wp::report {
namespace {

using Triple = std::array<double, 3>;
using Matrix = std::array<Triple, 3>;

struct Eye {
    const char* name;
    Matrix matrix;
};
constexpr Eye kEyes[] = {
    {"usual", {{{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}}},
    {"protanopia",
     {{{0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216}, {-0.003882, -0.048116, 1.051998}}}},
    {"deuteranopia",
     {{{0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413}, {-0.011820, 0.042940, 0.968881}}}},
    {"tritanopia",
     {{{1.255528, -0.076749, -0.178779}, {-0.078411, 0.930809, 0.147602}, {0.004733, 0.691367, 0.303900}}}},
};

double linear(double c) { return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4); }

Triple lab(const QColor& colour, const Eye& eye) {
    const Triple in{linear(colour.redF()), linear(colour.greenF()), linear(colour.blueF())};
    Triple rgb{};
    for (size_t i = 0; i < 3; ++i) {
        for (size_t k = 0; k < 3; ++k) rgb[i] += eye.matrix[i][k] * in[k];
        rgb[i] = std::min(1.0, std::max(0.0, rgb[i]));
    }
    const double x = (0.4124564 * rgb[0] + 0.3575761 * rgb[1] + 0.1804375 * rgb[2]) / 0.95047,
                 y = 0.2126729 * rgb[0] + 0.7151522 * rgb[1] + 0.0721750 * rgb[2],
                 z = (0.0193339 * rgb[0] + 0.1191920 * rgb[1] + 0.9503041 * rgb[2]) / 1.08883;
    const auto f = [](double t) { return t > 216.0 / 24389 ? std::cbrt(t) : (24389.0 / 27 * t + 16) / 116; };
    return {116 * f(y) - 16, 500 * (f(x) - f(y)), 200 * (f(y) - f(z))};
}

double apart(const Triple& a, const Triple& b) {
    return std::sqrt(std::pow(a[0] - b[0], 2) + std::pow(a[1] - b[1], 2) + std::pow(a[2] - b[2], 2));
}

TEST(Palettes, of_light_grow_lighter_all_the_way_for_every_eye) {
    for (const Eye& eye : kEyes) {
        double before = -1, least = 1e9;
        for (int i = 0; i <= 20; ++i) {
            const double lightness = lab(light_colour(i / 20.0), eye)[0];
            EXPECT_GT(lightness, before) << eye.name << " at " << i;
            if (i > 0) least = std::min(least, lightness - before);
            before = lightness;
        }
        std::printf("light palette, %s: L* from %.0f to %.0f, least of 20 steps %.1f\n", eye.name,
                    lab(light_colour(0), eye)[0], lab(light_colour(1), eye)[0], least);
        EXPECT_GT(lab(light_colour(1), eye)[0] - lab(light_colour(0), eye)[0], 70) << eye.name;
    }
}

TEST(Palettes, in_ten_steps_can_be_told_apart_by_every_eye) {
    for (const Eye& eye : kEyes) {
        const Scale scale{0, 1, false, 10};
        double least = 1e9;
        for (int a = 0; a < 10; ++a)
            for (int b = 0; b < a; ++b)
                least = std::min(least,
                                 apart(lab(scale.colour((a + 0.5) / 10), eye), lab(scale.colour((b + 0.5) / 10), eye)));
        std::printf("ten steps, %s: least difference of any two %.1f\n", eye.name, least);
        EXPECT_GT(least, 5) << eye.name;
    }
}

TEST(Palettes, more_and_less_are_never_mistaken_for_each_other) {
    for (const Eye& eye : kEyes) {
        double least = 1e9;
        for (int i = 3; i <= 10; ++i)
            for (int k = 3; k <= 10; ++k)
                least = std::min(least,
                                 apart(lab(difference_colour(i / 10.0), eye), lab(difference_colour(-k / 10.0), eye)));
        std::printf("differences, %s: least between more and less, from 30 %% on, %.1f\n", eye.name, least);
        EXPECT_GT(least, 12) << eye.name;
    }
}

TEST(Scales, in_steps_give_one_colour_to_each_band) {
    const Scale scale{0, 10, false, 5};
    EXPECT_EQ(scale.colour(0.1), scale.colour(1.9));
    EXPECT_NE(scale.colour(1.9), scale.colour(2.1));
    EXPECT_EQ(scale.colour(10), scale.colour(8.1));
    EXPECT_EQ(scale.colour(25), scale.colour(9));
    EXPECT_EQ(marks_of(scale), (std::vector<double>{0, 2, 4, 6, 8, 10}));
}

TEST(Scales, name_their_ends_and_what_is_easy_between) {
    EXPECT_EQ(marks_of({1, 1000, true}), (std::vector<double>{1, 3, 10, 30, 100, 300, 1000}));
    const auto odd = marks_of({40, 2500, true});
    EXPECT_EQ(odd.front(), 40);
    EXPECT_EQ(odd.back(), 2500);
    for (const double value : {0.0, 0.25, 0.5, 1.0}) {
        const Scale scale{2, 8, false};
        EXPECT_NEAR(scale.place(scale.value_at(value)), value, 1e-12);
        const Scale decades{10, 10000, true};
        EXPECT_NEAR(decades.place(decades.value_at(value)), value, 1e-12);
    }
}

TEST(Scales, of_differences_have_nought_in_the_middle) {
    const Scale scale{-4, 4, false, 0, true};
    EXPECT_EQ(scale.colour(0), difference_colour(0));
    EXPECT_EQ(scale.colour(-4), difference_colour(-1));
    EXPECT_EQ(scale.colour(4), difference_colour(1));
}

}  // namespace
}  // namespace wp::report
