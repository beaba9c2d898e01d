// SPDX-License-Identifier: GPL-3.0-or-later
// Matter by wavelength: from files, from colours, through panes, in bands.
#include <gtest/gtest.h>

#include <rapidcheck/gtest.h>
#include <cmath>
#include <numeric>

#include "spectrum/colour.h"
#include "spectrum/light_source.h"
#include "spectrum/observer.h"
#include "spectrum/panes.h"
#include "spectrum/smoothest.h"
#include "spectrum/spectral_table.h"

using namespace wp;
using namespace wp::spectrum;

namespace {

Spectrum edge(double nm, double below, double above) {
    Spectrum out;
    for (size_t i = 0; i < kWavelengths; ++i) out[i] = wavelength(i) < nm ? below : above;
    return out;
}
SpectralTable parsed(const std::string& text) {
    auto table = parse_spectral_table(text, "x.csv");
    EXPECT_TRUE(table) << table.fault().line();
    return table ? *table : SpectralTable();
}
std::string fault_of(const std::string& text) {
    auto table = parse_spectral_table(text, "x.csv");
    if (!table) return table.fault().line();
    auto matter = matter_of(*table, 0, "x.csv");
    return matter ? std::string() : matter.fault().line();
}

}  // namespace

TEST(Bins, hold_all_of_a_spectrum_however_many_they_are) {
    const Spectrum s = illuminant_a();
    const double all = Bins(1).integrals(s)[0];
    for (const size_t n : {3u, 9u, 15u, 27u, 81u}) {
        const Bins bins(n);
        EXPECT_EQ(bins.count(), n);
        const auto parts = bins.integrals(s);
        EXPECT_NEAR(std::accumulate(parts.begin(), parts.end(), 0.0) / all, 1, 1e-12) << n;
        for (const double v : bins.means(flat(0.3))) EXPECT_NEAR(v, 0.3, 1e-12);
        const Spectrum weight = d65();
        for (const double v : bins.means(flat(0.3), &weight)) EXPECT_NEAR(v, 0.3, 1e-12);
    }
    EXPECT_EQ(Bins(1000).count(), 81u);
    EXPECT_EQ(Bins(0).count(), 1u);
}

TEST(Bins, mean_over_a_band_is_the_bands_own) {
    const auto means = Bins(4).means(edge(580, 0.1, 0.7));
    EXPECT_NEAR(means[0], 0.1, 1e-12);
    EXPECT_NEAR(means[1], 0.1, 0.02) << "the edge takes half a step";
    EXPECT_NEAR(means[3], 0.7, 1e-12);
}

TEST(Colour, of_grey_matter_is_the_lights_own) {
    for (const auto& light : illuminants()) {
        const Xyz white = xyz_of_matter(flat(1), light.spectrum()), grey = xyz_of_matter(flat(0.4), light.spectrum());
        EXPECT_NEAR(grey.y, 0.4, 1e-12);
        EXPECT_NEAR(lab(grey, white).a, 0, 1e-9);
        EXPECT_NEAR(lab(grey, white).b, 0, 1e-9);
        const Srgb seen = look_of(flat(0.4), light.spectrum());
        EXPECT_NEAR(seen.r, seen.g, 2e-3) << "an eye used to the light sees grey: " << light.id;
        EXPECT_NEAR(seen.g, seen.b, 2e-3);
    }
}

TEST(Colour, difference_is_that_of_the_published_test_pairs) {
    // G. Sharma, W. Wu, E. Dalal, Color Research and Application 30 (2005) 21-30, table 1, pairs 1, 7, 9, 13, 17, 20,
    // 25, 31 and 34.
    const struct {
        Lab a, b;
        double e;
    } pairs[] = {{{50, 2.6772, -79.7751}, {50, 0, -82.7485}, 2.0425},
                 {{50, 0, 0}, {50, -1, 2}, 2.3669},
                 {{50, 2.49, -0.001}, {50, -2.49, 0.0009}, 7.1792},
                 {{50, -0.001, 2.49}, {50, 0.0009, -2.49}, 4.8045},
                 {{50, 2.5, 0}, {73, 25, -18}, 27.1492},
                 {{50, 2.5, 0}, {58, 24, 15}, 19.4535},
                 {{60.2574, -34.0099, 36.2677}, {60.4626, -34.1751, 39.4387}, 1.2644},
                 {{22.7233, 20.0904, -46.694}, {23.0331, 14.973, -42.5619}, 2.0373},
                 {{2.0776, 0.0795, -1.135}, {0.9033, -0.0636, -0.5514}, 0.9082}};
    for (const auto& p : pairs) {
        EXPECT_NEAR(difference(p.a, p.b), p.e, 1e-4);
        EXPECT_NEAR(difference(p.b, p.a), p.e, 1e-4);
    }
}

TEST(Colour, goes_to_screens_and_back) {
    for (const char* hex : {"#f4f1ea", "#b0885f", "#1040c0", "#000000", "#ffffff"}) {
        const auto colour = srgb_of_hex(hex);
        ASSERT_TRUE(colour);
        EXPECT_EQ(colour->hex(), hex);
        EXPECT_EQ(srgb(xyz_of_srgb(*colour)).hex(), hex);
    }
    EXPECT_FALSE(srgb_of_hex("#12345"));
    EXPECT_FALSE(srgb_of_hex("#12345g"));
    const Xyz white = xyz_of_light(d65()), c{20, 30, 10};
    const Xyz again = xyz_of_lab(lab(c, white), white);
    EXPECT_NEAR(again.x, c.x, 1e-9);
    EXPECT_NEAR(again.z, c.z, 1e-9);
}

// Every colour of a screen is some matter's but the utmost: the spectrum has that colour, and lies within 0 and 1.
RC_GTEST_PROP(Smoothest, has_the_colour_that_was_asked_for, ()) {
    const auto part = [] { return 0.05 + 0.9 * *rc::gen::inRange(0, 1000) / 999.0; };
    const Srgb colour{part(), part(), part()};
    const Xyz wanted = xyz_of_srgb(colour);
    const auto found = smoothest(wanted);
    RC_ASSERT(found.has_value());
    const Xyz got = xyz_of_matter(*found, d65());
    RC_ASSERT(std::fabs(got.x - wanted.x) < 1e-6 && std::fabs(got.y - wanted.y) < 1e-6 &&
              std::fabs(got.z - wanted.z) < 1e-6);
    for (const double v : *found) RC_ASSERT(v > 0 && v < 1);
}

TEST(Smoothest, of_grey_is_flat_and_of_what_cannot_be_is_none) {
    for (const double share : {0.02, 0.5, 0.95}) {
        const auto grey = smoothest(xyz_of_matter(flat(share), d65()));
        ASSERT_TRUE(grey);
        for (const double v : *grey) EXPECT_NEAR(v, share, 1e-6);
    }
    EXPECT_FALSE(smoothest({0.5, 1.2, 0.5})) << "brighter than white";
    EXPECT_FALSE(smoothest({0.1, 0.9, 0.05})) << "more saturated than any so bright";
    EXPECT_FALSE(smoothest({0, 0, 0}));
}

TEST(SpectralTable, is_read_in_whatever_columns_it_comes) {
    const char* same[] = {"nm,rho\n380,0.2\n580,0.4\n780,0.8\n",
                          "# a note\nwavelength;reflectance\r\n380;0,2\r\n580;0,4\r\n780;0,8\r\n",
                          "0.380 20\n0.580 40\n0.780 80\n", "{ Units }\n380\t0.2\n580\t0.4\n780\t0.8\n",
                          "\xef\xbb\xbf\"nm\",\"%\"\n380,20\n580,40\n780,80\n"};
    for (const char* text : same) {
        auto table = parsed(text);
        const auto s = matter_of(table, 0, "x.csv");
        ASSERT_TRUE(s) << text;
        EXPECT_NEAR(at(*s, 380), 0.2, 1e-9) << text;
        EXPECT_NEAR(at(*s, 480), 0.3, 1e-9) << text;
        EXPECT_NEAR(at(*s, 780), 0.8, 1e-9) << text;
    }
    EXPECT_EQ(parsed("nm,front side,back side\n400,1,2\n700,1,2\n").heads,
              (std::vector<std::string>{"front side", "back side"}));
}

TEST(SpectralTable, says_what_it_took_for_granted) {
    auto table = parsed("0.4 20\n0.7 40\n");
    ASSERT_TRUE(matter_of(table, 0, "x"));
    ASSERT_EQ(table.notes.size(), 3u);
    EXPECT_NE(table.notes[1].find("400 to 700"), std::string::npos);
}

TEST(SpectralTable, of_fine_steps_keeps_what_lies_between_ours) {
    std::string text;
    for (int nm = 380; nm <= 780; ++nm)
        text += std::to_string(nm) + "," + (nm % 5 == 2 || nm % 5 == 3 ? "1" : "0") + "\n";
    auto table = parsed(text);
    const auto s = matter_of(table, 0, "x");
    ASSERT_TRUE(s);
    EXPECT_NEAR(at(*s, 500), 0.4, 0.11) << "teeth that every fifth nanometre would miss";
}

TEST(SpectralTable, that_is_damaged_says_where) {
    EXPECT_NE(fault_of("nm,rho\n380,0.2\n370,0.3\n").find("line 3"), std::string::npos);
    EXPECT_NE(fault_of("380,0.2\n390,x\n").find("no number"), std::string::npos);
    EXPECT_NE(fault_of("380,0.2\n390\n").find("fields"), std::string::npos);
    EXPECT_NE(fault_of("words only\n").find("no figures"), std::string::npos);
    EXPECT_NE(fault_of("1000,0.2\n2000,0.3\n").find("380 and 780"), std::string::npos);
    EXPECT_NE(fault_of("380,0.2\n390,-0.5\n").find("cannot be"), std::string::npos);
    EXPECT_NE(fault_of("380,inf\n").find("no number"), std::string::npos);
    EXPECT_FALSE(fault_of("").empty());
    EXPECT_NE(fault_of("380" +
                       [] {
                           std::string many;
                           for (int i = 0; i < 300; ++i) many += ",1";
                           return many;
                       }())
                  .find("200 columns"),
              std::string::npos);
}

TEST(SpectralTable, written_is_read_again) {
    const Spectrum a = edge(500, 0.2, 0.9), b = flat(0.123456);
    auto table = parsed(spectra_csv({"a, first", "b"}, std::array{a, b}));
    EXPECT_EQ(table.nm.size(), 81u);
    const auto again = matter_of(table, 1, "x");
    ASSERT_TRUE(again);
    EXPECT_NEAR((*again)[40], 0.123456, 1e-9);
}

// Two panes: the series summed term by term, to and fro.
TEST(Panes, in_series_send_light_to_and_fro) {
    const Pane a{edge(550, 0.8, 0.5), flat(0.1), flat(0.3)}, b{flat(0.6), flat(0.2), flat(0.05)};
    const Pane both = in_series(std::array{a, b});
    for (const size_t i : {0u, 40u, 80u}) {
        double through = 0, back = a.reflectance_front[i], inward = a.transmittance[i];
        for (int n = 0; n < 60; ++n) {
            through += inward * b.transmittance[i];
            const double returned = inward * b.reflectance_front[i];
            back += returned * a.transmittance[i];
            inward = returned * a.reflectance_back[i];
        }
        EXPECT_NEAR(both.transmittance[i], through, 1e-12);
        EXPECT_NEAR(both.reflectance_front[i], back, 1e-12);
    }
    const Pane turned = in_series(std::array{Pane{b.transmittance, b.reflectance_back, b.reflectance_front},
                                             Pane{a.transmittance, a.reflectance_back, a.reflectance_front}});
    EXPECT_NEAR(turned.transmittance[10], both.transmittance[10], 1e-12) << "the same both ways";
    EXPECT_NEAR(turned.reflectance_front[10], both.reflectance_back[10], 1e-12);
}
