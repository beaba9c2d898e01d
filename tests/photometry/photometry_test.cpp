// SPDX-License-Identifier: GPL-3.0-or-later
// Luminaires from files: what they say of themselves is what their intensities come to, whatever planes and symmetry
// they are given in; what is damaged is refused with line and remedy.
#include <gtest/gtest.h>

#include <cmath>
#include <filesystem>
#include <map>

#include "base/file.h"
#include "photometry/distribution.h"
#include "photometry/photometry_file.h"

using namespace wp;
using namespace wp::photometry;
using model::LuminaireType;

namespace {

std::filesystem::path sample(const std::string& name) {
    return std::filesystem::path(WARMPANE_SOURCE) / "data/luminaires" / name;
}
std::string text_of(const std::string& name) { return *read_file(sample(name)); }

// Quadrature that knows nothing of planes: places spread evenly over the sphere along a spiral.
double flux_by_spiral(const Distribution& d, int places = 200000) {
    const double golden = kPi * (3 - std::sqrt(5.0));
    double sum = 0;
    for (int i = 0; i < places; ++i) {
        const double z = 1 - 2 * (i + 0.5) / places, r = std::sqrt(1 - z * z);
        sum += d.candela({r * std::cos(golden * i), r * std::sin(golden * i), z});
    }
    return 4 * kPi * sum / places;
}

// An LM-63 file of a few numbers.
std::string lm63(const std::string& first, const std::string& figures, const std::string& rest,
                 const std::string& tilt = "TILT=NONE") {
    return first + "\n" + tilt + "\n" + figures + "\n" + rest + "\n";
}

}  // namespace

TEST(Photometry, every_sample_gives_the_flux_that_it_says) {
    // Of EULUMDAT lamps' flux times light output ratio; of absolute files what they were made for.
    const std::map<std::string, double> lumens = {
        {"tern-pendant.ldt", 4800 * 0.92}, {"tern-panel.ldt", 3600 * 0.95}, {"tern-wall-washer.ldt", 2400 * 0.8},
        {"tern-downlight.ies", 1100},      {"tern-linear.ies", 5200},       {"tern-desk-lamp.ies", 620},
        {"tern-floodlight.ies", 8000}};
    size_t seen = 0;
    for (const auto& entry : std::filesystem::directory_iterator(sample(""))) {
        const std::string name = entry.path().filename();
        if (!name.ends_with(".ies") && !name.ends_with(".ldt")) continue;
        ++seen;
        ASSERT_TRUE(lumens.contains(name)) << name;
        const auto file = read_photometry(entry.path());
        ASSERT_TRUE(file) << file.fault().line();
        const Distribution d(file->type);
        EXPECT_NEAR(d.flux(), lumens.at(name), 0.005 * lumens.at(name)) << name;
        EXPECT_NEAR(flux_by_spiral(d), lumens.at(name), 0.005 * lumens.at(name)) << name;
        EXPECT_NEAR(d.flux_below(kPi), d.flux(), 0.001 * d.flux()) << name;
        EXPECT_GT(file->type.power, 0) << name;
        EXPECT_FALSE(file->type.name.empty()) << name;
    }
    EXPECT_EQ(seen, lumens.size());
}

TEST(Photometry, light_goes_where_the_luminaire_looks) {
    // The pendant sends a third up; the washer to C 0; the desk lamp is brightest 20 degrees towards C 0.
    const auto pendant = read_photometry(sample("tern-pendant.ldt"));
    const Distribution p(pendant->type);
    EXPECT_NEAR(1 - p.flux_below(kPi / 2) / p.flux(), 0.325, 0.01);
    EXPECT_EQ(pendant->type.kelvin, 4000);
    EXPECT_EQ(pendant->type.ra, 90);
    const Distribution w(read_photometry(sample("tern-wall-washer.ldt"))->type);
    EXPECT_GT(w.candela_at(0, radians(50)), 10 * w.candela_at(kPi, radians(50)));
    EXPECT_NEAR(w.candela_at(radians(70), 0.8), w.candela_at(radians(-70), 0.8), 1e-3);
    const Distribution desk(read_photometry(sample("tern-desk-lamp.ies"))->type);
    EXPECT_NEAR(desk.candela_at(0, radians(20)), desk.most(), 1e-3);
    EXPECT_LT(desk.candela_at(kPi, radians(20)), 0.6 * desk.most());
    // Lengths: of EULUMDAT along C 90, of LM-63 along C 0.
    EXPECT_NEAR(pendant->type.size_y, 1.18, 1e-9);
    EXPECT_NEAR(pendant->type.size_x, 0.06, 1e-9);
    const auto linear = read_photometry(sample("tern-linear.ies"));
    EXPECT_NEAR(linear->type.size_x, 1.48, 1e-9);
    EXPECT_NEAR(linear->type.size_y, 0.06, 1e-9);
}

TEST(Photometry, planes_A_B_and_C_of_one_beam_are_one_beam) {
    // A beam of a power of the cosine around straight down is the same in all three, and turns the way each does.
    const auto type_of = [](LuminaireType::Planes planes) {
        LuminaireType t;
        t.planes = planes;
        const bool c = planes == LuminaireType::Planes::c_gamma;
        for (double h = c ? 0 : -90; h <= (c ? 360 : 90); h += 2) t.horizontals.push_back(h);
        for (double v = c ? 0 : -90; v <= 90; v += 2) t.verticals.push_back(v);
        for (const double h : t.horizontals)
            for (const double v : t.verticals) {
                // Brightest 30 degrees from straight down towards C 0 and 10 towards C 270.
                const Vec3 aim = normalized(Vec3{std::tan(radians(30)), -std::tan(radians(10)), -1});
                const double a = radians(h), b = radians(v);
                Vec3 d;
                if (c)
                    d = {std::sin(b) * std::cos(a), std::sin(b) * std::sin(a), -std::cos(b)};
                else if (planes == LuminaireType::Planes::b_beta)
                    d = {std::cos(a) * std::sin(b), -std::sin(a), -std::cos(a) * std::cos(b)};
                else
                    d = {std::sin(b), -std::cos(b) * std::sin(a), -std::cos(b) * std::cos(a)};
                t.candela.push_back(d.z > 0 ? 0 : 1000 * std::pow(std::max(0.0, dot(d, aim)), 8));
            }
        return t;
    };
    const Distribution c(type_of(LuminaireType::Planes::c_gamma)), b(type_of(LuminaireType::Planes::b_beta)),
        a(type_of(LuminaireType::Planes::a_alpha));
    EXPECT_NEAR(b.flux() / c.flux(), 1, 2e-3);
    EXPECT_NEAR(a.flux() / c.flux(), 1, 2e-3);
    for (int i = 0; i < 200; ++i) {
        const double azimuth = i * 0.7, gamma = radians(0.4 * i);
        EXPECT_NEAR(a.candela_at(azimuth, gamma), c.candela_at(azimuth, gamma), 4) << i;
        EXPECT_NEAR(b.candela_at(azimuth, gamma), c.candela_at(azimuth, gamma), 4) << i;
    }
}

TEST(Photometry, symmetry_is_told_by_where_planes_end) {
    const auto with = [](const std::string& planes, int count, const std::string& candela) {
        return parse_lm63(lm63("IESNA:LM-63-2002", "1 -1 1 2 " + std::to_string(count) + " 1 2 0 0 0 1 1 10",
                               "0 90 " + planes + " " + candela),
                          "a.ies");
    };
    // A quarter, two halves, all round.
    const Distribution quarter(with("0 90", 2, "100 100 200 200")->type);
    for (const double c : {90, 270}) EXPECT_NEAR(quarter.candela_at(radians(c), 0.5), 200, 1e-6);
    EXPECT_NEAR(quarter.candela_at(radians(135), 0.5), 150, 1e-6);
    const Distribution half(with("0 180", 2, "100 100 200 200")->type);
    EXPECT_NEAR(half.candela_at(radians(270), 0.5), 150, 1e-6);
    const Distribution other(with("90 270", 2, "100 100 200 200")->type);
    EXPECT_NEAR(other.candela_at(0, 0.5), 150, 1e-6);
    EXPECT_NEAR(other.candela_at(radians(180), 0.5), 150, 1e-6);
    EXPECT_NEAR(other.candela_at(radians(270), 0.5), 200, 1e-6);
    const Distribution round(with("0 120 240", 3, "100 100 200 200 300 300")->type);
    EXPECT_NEAR(round.candela_at(radians(300), 0.5), 200, 1e-6);
    EXPECT_NEAR(round.candela_at(radians(60), 0.5), 150, 1e-6);
    // Beyond the last angle there is no light; straight up and all round 100 cd make 2 pi times as many lumens.
    EXPECT_EQ(round.candela_at(0, radians(91)), 0);
    EXPECT_NEAR(Distribution(with("0", 1, "100 100")->type).flux(), 200 * kPi, 1e-6);
}

TEST(Photometry, editions_differ_in_what_the_tenth_figure_says) {
    const auto power_of = [](const std::string& first, const std::string& tenth) {
        const auto file =
            parse_lm63(lm63(first, "2 1000 0.5 2 1 1 1 1 2 0 0.9 " + tenth + " 40", "0 90 0 100 100"), "a.ies");
        EXPECT_TRUE(file) << file.fault().line();
        return file->type.candela[0];
    };
    EXPECT_NEAR(power_of("label of 1986", "0.8"), 100 * 0.5 * 0.9 * 0.8, 1e-9);
    EXPECT_NEAR(power_of("IESNA91", "0.8"), 100 * 0.5 * 0.9 * 0.8, 1e-9);
    EXPECT_NEAR(power_of("IESNA:LM-63-1995", "0.8"), 100 * 0.5 * 0.9 * 0.8, 1e-9);
    EXPECT_NEAR(power_of("IESNA:LM-63-2002", "1"), 100 * 0.5 * 0.9, 1e-9);
    EXPECT_NEAR(power_of("IES:LM-63-2019", "1.10000"), 100 * 0.5 * 0.9, 1e-9);
    const auto file = parse_lm63(lm63("IESNA91", "2 1000 1 2 1 1 1 1 2 0.5 1 1 40", "0 90 0 100 100"), "a.ies");
    EXPECT_NEAR(file->type.size_y, 0.3048, 1e-9);  // feet
    EXPECT_NEAR(file->type.size_x, 0.6096, 1e-9);
    EXPECT_NEAR(file->type.depth, 0.1524, 1e-9);
    EXPECT_EQ(file->type.lamp_lumens, 2000);
}

TEST(Photometry, openings_are_what_their_signs_say) {
    const auto with = [](const std::string& sizes) {
        return parse_lm63(lm63("IESNA:LM-63-2002", "1 -1 1 2 1 1 2 " + sizes + " 1 1 40", "0 90 0 100 100"), "a.ies")
            ->type;
    };
    using Opening = LuminaireType::Opening;
    EXPECT_EQ(with("0.3 0.6 0").opening, Opening::rectangle);
    EXPECT_EQ(with("-0.3 -0.3 0").opening, Opening::ellipse);
    EXPECT_EQ(with("-0.3 -0.3 -0.3").opening, Opening::ball);
    EXPECT_EQ(with("-0.3 0 0").opening, Opening::ellipse);
    EXPECT_EQ(with("-0.3 0 0").size_x, 0.3);
    // What shines towards a direction: of a box its lid and its sides, of a disc less the flatter it is seen.
    EXPECT_NEAR(luminous_area(with("0.3 0.6 0.1"), {0, 0, -1}), 0.18, 1e-9);
    EXPECT_NEAR(luminous_area(with("0.3 0.6 0.1"), {1, 0, 0}), 0.03, 1e-9);
    EXPECT_NEAR(luminous_area(with("0.3 0.6 0.1"), {0, 1, 0}), 0.06, 1e-9);
    EXPECT_NEAR(luminous_area(with("-0.3 -0.3 0"), {std::sqrt(0.75), 0, -0.5}), 0.5 * kPi * 0.09 / 4, 1e-9);
    EXPECT_NEAR(luminous_area(with("-0.3 -0.3 0.2"), {0.6, 0.8, 0}), 0.06, 1e-9);
    EXPECT_NEAR(luminous_area(with("-0.3 -0.3 -0.3"), {0, 0.6, 0.8}), kPi * 0.09 / 4, 1e-9);
}

TEST(Photometry, tilt_dims_a_lamp_that_minds_it) {
    const auto file = parse_lm63(lm63("IESNA:LM-63-1995", "1 3 0 45 90 1 0.9 0.7 1 1000 1 2 1 1 2 0 0 0 1 1 40",
                                      "0 90 0 100 100", "TILT=INCLUDE"),
                                 "a.ies");
    ASSERT_TRUE(file) << file.fault().line();
    EXPECT_NEAR(tilt_factor(file->type, 0), 1, 1e-12);
    EXPECT_NEAR(tilt_factor(file->type, 22.5), 0.95, 1e-12);
    EXPECT_NEAR(tilt_factor(file->type, 120), 0.7, 1e-12);
    const auto other =
        parse_lm63(lm63("IESNA91", "1 1000 1 2 1 1 2 0 0 0 1 1 40", "0 90 0 1 1", "TILT=lamp.tlt"), "a.ies");
    ASSERT_FALSE(other);
    EXPECT_NE(other.fault().line().find("line 2"), std::string::npos);
}

TEST(Photometry, a_file_broken_in_any_field_is_refused_with_line_and_remedy) {
    for (const char* name : {"tern-downlight.ies", "tern-panel.ldt", "tern-wall-washer.ldt", "tern-floodlight.ies"}) {
        const std::string whole = text_of(name);
        ASSERT_TRUE(parse_photometry(whole, name));
        const bool eulumdat = std::string(name).ends_with(".ldt");
        const size_t head = eulumdat ? 0 : whole.find("TILT=NONE") + 9;
        size_t broken = 0;
        // Each number in turn is no number, cannot be, or is missing.
        for (size_t at = head; at < whole.size();) {
            const size_t from = whole.find_first_of("0123456789-", at);
            if (from == std::string::npos) break;
            size_t to = whole.find_first_of(" \r\n", from);
            if (to == std::string::npos) to = whole.size();
            at = to;
            const bool starts = from == 0 || whole[from - 1] == ' ' || whole[from - 1] == '\n';
            if (!starts || whole.substr(from, to - from).find_first_not_of("0123456789.-") != std::string::npos)
                continue;
            if (whole.substr(from, to - from) == "-") continue;  // a text of one sign
            // EULUMDAT has texts of numbers, which may be anything.
            const auto line = static_cast<size_t>(std::ranges::count(whole.substr(0, from), '\n')) + 1;
            const bool may_be_text =
                eulumdat && (line <= 1 || (line >= 8 && line <= 12) || line == 28 || line == 30 || line == 31);
            for (const std::string instead : {"x9", "1e300", "nan", "-7e7"}) {
                const auto result = parse_photometry(whole.substr(0, from) + instead + whole.substr(to), name);
                if (may_be_text) continue;
                ASSERT_FALSE(result) << name << ", line " << line << ": " << instead;
                EXPECT_NE(result.fault().place.find("line "), std::string::npos) << result.fault().line();
                EXPECT_FALSE(result.fault().remedy.empty());
                ++broken;
            }
            if (!eulumdat) {
                EXPECT_FALSE(parse_photometry(whole.substr(0, from) + whole.substr(to), name))
                    << name << ", line " << line;
                EXPECT_FALSE(parse_photometry(whole.substr(0, from) + "1 1" + whole.substr(to), name))
                    << name << ", line " << line;
            }
        }
        EXPECT_GT(broken, 200u) << name;
        // Cut off anywhere, and with more than there should be.
        for (size_t keep = 0; keep + 3 < whole.size(); keep += 7)
            if (const auto cut = parse_photometry(whole.substr(0, keep), name); cut)
                EXPECT_GT(keep, whole.size() - 12) << name;  // within the last number
        EXPECT_FALSE(parse_photometry(whole + "17\n", name));
    }
    EXPECT_FALSE(parse_photometry("", "empty.ies"));
    EXPECT_FALSE(parse_photometry("IESNA:LM-63-2002\n[TEST] x\n", "head.ies"));
}

TEST(Photometry, commas_may_be_decimal_in_eulumdat) {
    std::string text = text_of("tern-panel.ldt");
    const auto plain = parse_photometry(text, "a.ldt");
    std::ranges::replace(text, '.', ',');
    const auto comma = parse_photometry(text, "a.ldt");
    ASSERT_TRUE(comma) << comma.fault().line();
    EXPECT_EQ(comma->type.candela, plain->type.candela);
    // What the lamps give and what leaves the luminaire are told apart.
    EXPECT_NEAR(output_ratio(plain->type), 0.95, 0.005);
}

TEST(Photometry, all_symmetries_of_eulumdat_come_to_the_same_luminaire) {
    // Four quarters alike, given by a quarter, by either half, whole; and a round one by a single plane.
    const auto text = [](int symmetry, const std::vector<int>& given) {
        std::string out =
            "made up\n2\n" + std::to_string(symmetry) +
            "\n8\n45\n3\n45\nr\nname\n-"
            "\nf\nd\n600\n300\n50\n600\n300\n0\n0\n0\n0\n100\n100\n1\n0\n1\n1\nLED\n1000\n3000K\n80\n20\n";
        for (int i = 0; i < 10; ++i) out += "0\n";
        for (int i = 0; i < 8; ++i) out += std::to_string(45 * i) + "\n";
        out += "0\n45\n90\n";
        for (const int plane : given) {
            const int folded = plane % 180 > 90 ? 180 - plane % 180 : plane % 180;
            for (const int g : {0, 45, 90}) out += std::to_string(300 + (g == 0 ? 0 : folded) - 2 * g) + "\n";
        }
        return out;
    };
    const auto read = [&](int symmetry, const std::vector<int>& given) {
        const auto file = parse_eulumdat(text(symmetry, given), "s.ldt");
        EXPECT_TRUE(file) << symmetry << ": " << file.fault().line();
        return Distribution(file->type);
    };
    const Distribution whole = read(0, {0, 45, 90, 135, 180, 225, 270, 315});
    for (const Distribution& other :
         {read(2, {0, 45, 90, 135, 180}), read(3, {270, 315, 0, 45, 90}), read(4, {0, 45, 90})}) {
        EXPECT_NEAR(other.flux(), whole.flux(), 1e-6 * whole.flux());
        for (int c = 0; c < 360; c += 20)
            EXPECT_NEAR(other.candela_at(radians(c), 1), whole.candela_at(radians(c), 1), 1e-6) << c;
    }
    EXPECT_NEAR(read(1, {0}).candela_at(2, radians(45)), 210, 1e-6);
    const auto wrong = parse_eulumdat(text(4, {0, 45}), "s.ldt");
    ASSERT_FALSE(wrong);
}
