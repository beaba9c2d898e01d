// SPDX-License-Identifier: GPL-3.0-or-later
// Light by wavelength: bands that are traced together are what tracing each alone gives; walls of one reflectance and
// two colours; few bands against many.
#include "question/spectral.h"

#include <gtest/gtest.h>

#include <cmath>
#include <map>
#include <numeric>

#include "analysis/analysis.h"
#include "question/ask.h"
#include "spectrum/light_source.h"
#include "spectrum/smoothest.h"
#include "support.h"

using namespace wp;
using namespace wp::question;
using spectrum::Answer;

namespace {

using model::Project;

std::vector<double> values(const spectrum::Spectrum& s) { return {s.begin(), s.end()}; }
spectrum::Spectrum edge(double nm, double below, double above) {
    spectrum::Spectrum out;
    for (size_t i = 0; i < out.size(); ++i) out[i] = spectrum::wavelength(i) < nm ? below : above;
    return out;
}

// All of the room of one matter.
Project room_of(const std::vector<double>& rho, const std::vector<double>& tau = {}) {
    auto p = test::one_room();
    p.materials[0].reflectance = 0.4;
    p.materials[0].spectrum = rho;
    p.materials[1].spectrum = tau;
    return p;
}

Outdoors clear_day(const Project& p, bool sun = true) {
    model::SkyChoice choice;
    choice.shape = model::SkyChoice::Shape::cie;
    choice.amount = model::SkyChoice::Amount::illuminance;
    choice.type = sun ? 12 : 1;
    choice.diffuse = 12000;
    choice.direct = sun ? 60000 : 0;
    return *outdoors_at(p.site, choice, {3, 21, 11}, {});
}

struct Asked {
    Project project;
    geometry::Surfaces surfaces;
    std::vector<geometry::PlanePoints> points;
    Effort effort;
    explicit Asked(Project p, double accuracy = 0.02)
        : project(std::move(p)), surfaces(geometry::build_surfaces(project, project.options[0])) {
        points = *points_of(project, project.options[0], project.questions[0], surfaces);
        effort.accuracy = accuracy;
    }
    FieldTask task() const { return field_task(project, surfaces, points, {}); }
    SpectralField field(size_t bins) const { return trace_spectral_field(project, task(), bins, effort); }
};

double mean_lux(const MomentAnswer& m) {
    return std::accumulate(m.planes[0].lux.begin(), m.planes[0].lux.end(), 0.0) /
           static_cast<double>(m.planes[0].lux.size());
}
template <class Of>
double mean_of(const SpectralMoment& m, Of&& of) {
    double sum = 0;
    for (const auto& point : m.planes[0].points) sum += of(point);
    return sum / static_cast<double>(m.planes[0].points.size());
}
double edi(const SpectralMoment& m) {
    return mean_of(m, [](const PointSpectrum& p) {
        return spectrum::equivalent_daylight_illuminance(Answer::melanopic, p.irradiance);
    });
}
double lux(const SpectralMoment& m) {
    return mean_of(m, [](const PointSpectrum& p) { return spectrum::illuminance(p.irradiance); });
}

}  // namespace

// A yardstick that knows no bands: the same room, grey, as reflecting and as clear as at that wavelength; summed up
// over the band for itself.
TEST(Spectral, bands_traced_together_are_what_their_wavelengths_are_alone) {
    const auto rho = edge(560, 0.15, 0.75), tau = edge(520, 0.35, 0.85);
    const Asked asked(room_of(values(rho), values(tau)), 0.015);
    const auto field = asked.field(9);
    ASSERT_EQ(field.bands.size(), 10u);
    const auto day = clear_day(asked.project, false);
    const auto r = matter_of(asked.project.materials[0]), t = matter_of(asked.project.materials[1]);
    std::map<std::pair<double, double>, double> known;
    const auto alone = [&](double nm) {
        const std::pair matter(spectrum::at(r, nm), spectrum::at(t, nm));
        auto [at, fresh] = known.try_emplace(matter, 0.0);
        if (!fresh) return at->second;
        auto grey = asked.project;
        for (auto& m : grey.materials) m.spectrum.clear();
        grey.materials[0].reflectance = matter.first;
        grey.materials[1].transmittance = matter.second;
        const Asked one(grey, 0.015);
        return at->second = mean_lux(light_at(trace_light_field(one.task(), one.effort), day));
    };
    for (const size_t band : {0u, 3u, 4u, 8u}) {
        double sum = 0, weight = 0;
        for (double nm = field.bins.from(band) + 1; nm < field.bins.to(band); nm += 2) {
            const double light = spectrum::at(spectrum::d65(), nm);
            sum += light * alone(nm), weight += light;
        }
        const double found = mean_lux(light_at(field.bands[band + 1], day));
        EXPECT_NEAR(found / (sum / weight), 1, 0.03) << "band " << band;
    }
}

TEST(Spectral, the_light_of_all_wavelengths_is_what_is_found_without_them) {
    const Asked asked(room_of(values(edge(560, 0.15, 0.75)), values(edge(520, 0.5, 0.99))), 0.01);
    const auto day = clear_day(asked.project);
    const double plain = mean_lux(light_at(trace_light_field(asked.task(), asked.effort), day));
    const auto field = asked.field(9);
    EXPECT_NEAR(mean_lux(light_at(field.all(), day)) / plain, 1, 0.02);
    // Summed over bands it is brighter or darker by what interreflections make of colour, a little.
    EXPECT_NEAR(lux(spectrum_at(field, day, model::SkyColour::d65)) / plain, 1, 0.12);
}

TEST(Spectral, grey_rooms_under_d65_have_as_much_melanopic_light_as_lux) {
    const Asked asked(room_of({}), 0.02);
    const auto field = asked.field(9);
    for (const bool sun : {true, false}) {
        const auto m = spectrum_at(field, clear_day(asked.project, sun), model::SkyColour::d65);
        EXPECT_NEAR(edi(m) / lux(m), 1, 1e-3);
        EXPECT_NEAR(lux(m) / mean_lux(light_at(field.all(), m.outdoors)), 1, 1e-3)
            << "all bands together are all light";
        const auto kelvin = spectrum::colour_temperature(spectrum::xyz_of_light(m.planes[0].points[0].irradiance));
        ASSERT_TRUE(kelvin);
        EXPECT_NEAR(kelvin->kelvin, 6503, 30);
    }
}

// Red and blue of the same reflectance: as bright, but not as waking.
TEST(Spectral, a_blue_room_wakes_more_than_a_red_one_that_is_as_bright) {
    const auto paint = [](const char* hex) {
        const auto found = spectrum::smoothest(spectrum::xyz_of_srgb(*spectrum::srgb_of_hex(hex)));
        return values(*found);
    };
    const auto of = [&](const char* hex) {
        const Asked asked(room_of(paint(hex)), 0.12);
        return spectrum_at(asked.field(9), clear_day(asked.project, false), model::SkyColour::d65);
    };
    const auto red = of("#c02020"), blue = of("#2040c0");
    EXPECT_GT(edi(blue) / lux(blue), 1.1);
    EXPECT_LT(edi(red) / lux(red), 0.9);
    EXPECT_GT(edi(blue), 1.25 * edi(red));
    for (const auto* m : {&red, &blue})
        for (const auto& p : m->planes[0].points)
            for (const double v : p.irradiance) EXPECT_GE(v, 0);
}

// What few bands make of rooms that are painted in strong colours, by all 81 of them: the walls, below a white ceiling.
TEST(Spectral, few_bands_are_near_enough_to_all_eighty_one) {
    for (const char* hex : {"#c02020", "#2040c0"}) {
        auto project = room_of({}, values(edge(490, 0.6, 0.8)));
        auto paint = project.materials[0];
        paint.id = paint.name = "paint";
        paint.spectrum = values(*spectrum::smoothest(spectrum::xyz_of_srgb(*spectrum::srgb_of_hex(hex))));
        project.materials.push_back(paint);
        project.options[0].storeys[0].rooms[0].walls = "paint";
        const Asked asked(project, 0.03);
        const auto day = clear_day(asked.project);
        const auto all = spectrum_at(asked.field(81), day, model::SkyColour::by_luminance);
        for (const auto& [bins, most] : {std::pair<size_t, double>{3, 0.08}, {9, 0.02}, {27, 0.015}}) {
            const auto few = spectrum_at(asked.field(bins), day, model::SkyColour::by_luminance);
            EXPECT_NEAR(edi(few) / edi(all), 1, most) << hex << " " << bins;
            EXPECT_NEAR(lux(few) / lux(all), 1, most) << hex << " " << bins;
            printf("%s %zu bands: edi %.4f, lux %.4f of 81\n", hex, bins, edi(few) / edi(all), lux(few) / lux(all));
        }
    }
}

TEST(Spectral, a_clear_sky_by_its_luminance_is_bluer_than_d65_and_a_low_sun_redder) {
    const Asked asked(room_of({}), 0.05);
    const auto field = asked.field(9);
    const auto plain = spectrum_at(field, clear_day(asked.project), model::SkyColour::d65),
               coloured = spectrum_at(field, clear_day(asked.project), model::SkyColour::by_luminance);
    EXPECT_NEAR(lux(coloured) / lux(plain), 1, 0.01) << "the same light, of other colour";
    const auto sky = spectrum::colour_temperature(spectrum::xyz_of_light(coloured.sky));
    ASSERT_TRUE(sky);
    EXPECT_GT(sky->kelvin, 8000);
    const auto sun = spectrum::colour_temperature(spectrum::xyz_of_light(coloured.sun));
    ASSERT_TRUE(sun);
    EXPECT_LT(sun->kelvin, 5800);
    const auto cloudy = spectrum_at(field, clear_day(asked.project, false), model::SkyColour::by_luminance);
    EXPECT_NEAR(edi(cloudy) / lux(cloudy), 1, 1e-3) << "clouds are grey";
}

TEST(Spectral, stated_errors_hold_what_other_dice_find) {
    int within = 0, all = 0;
    auto asked = Asked(room_of(values(edge(560, 0.15, 0.75))), 0.05);
    asked.effort.seed = 99;
    const auto day = clear_day(asked.project);
    auto fine = asked;
    fine.effort.accuracy = 0.008;
    const auto truth = spectrum_at(fine.field(9), day, model::SkyColour::d65);
    for (unsigned seed = 1; seed <= 4; ++seed) {
        asked.effort.seed = seed;
        const auto found = spectrum_at(asked.field(9), day, model::SkyColour::d65);
        const spectrum::Bins bins(9);
        for (size_t i = 0; i < found.planes[0].points.size(); ++i, ++all) {
            const auto &p = found.planes[0].points[i], &t = truth.planes[0].points[i];
            const double off = std::fabs(spectrum::opic_irradiance(Answer::melanopic, p.irradiance) -
                                         spectrum::opic_irradiance(Answer::melanopic, t.irradiance));
            if (off <= p.half_width_of(Answer::melanopic, bins) + t.half_width_of(Answer::melanopic, bins)) ++within;
        }
    }
    EXPECT_GE(within, all * 93 / 100) << within << " of " << all;
}

// The whole way: asked at eyes, as columns.
TEST(Spectral, is_asked_at_the_eyes_as_they_look) {
    auto project = room_of({});
    project.options[0].observers[0].others = {0};
    model::Question q;
    q.id = q.name = "eyes";
    q.kind = model::Question::Kind::spectrum;
    q.at = model::Question::At::eyes;
    q.moments = {{3, 21, 11}};
    q.sky.shape = model::SkyChoice::Shape::cie;
    q.sky.amount = model::SkyChoice::Amount::illuminance;
    q.sky.type = 1;
    q.sky.diffuse = 10000;
    q.accuracy = 0.05;
    const auto answer = analysis::ask(project, project.options[0], q, nullptr, effort_of(q));
    ASSERT_TRUE(answer) << answer.fault().line();
    ASSERT_EQ(answer->table.planes.size(), 2u) << "two ways of looking";
    EXPECT_EQ(answer->table.planes[0].plane, "eye");
    EXPECT_EQ(answer->table.planes[1].plane, "eye@1");
    const auto& main = answer->table.columns.front();
    EXPECT_EQ(main.id, "melanopic_edi_lx_0321_1100");
    EXPECT_GT(main.value[0][0], 3 * main.value[1][0]) << "towards the window, and with the back to it";
    EXPECT_GT(main.standard_error[0][0], 0);
    EXPECT_EQ(answer->main_columns, answer->table.columns.size());
    // Nobody there: said so.
    project.options[0].observers.clear();
    EXPECT_TRUE(can_be_asked(project.options[0], q));
}

TEST(Spectral, matter_keeps_its_figure_whatever_its_spectrum) {
    model::Material m;
    m.reflectance = 0.3;
    m.spectrum = values(edge(600, 0.05, 0.9));
    EXPECT_NEAR(spectrum::visible(matter_of(m)), 0.3, 1e-5);
    m.reflectance = 0.9;
    for (const double v : matter_of(m)) EXPECT_LE(v, 1);
    EXPECT_NEAR(spectrum::visible(matter_of(m)), 0.9, 0.02);
    m.spectrum.clear();
    EXPECT_EQ(matter_of(m), spectrum::flat(0.9));
    m.spectrum.assign(81, 0.0);
    EXPECT_EQ(matter_of(m), spectrum::flat(0.9)) << "black has no shape";
}

// Told by lightness, chroma and hue, a material has that colour in daylight.
TEST(Spectral, matter_by_hue_and_chroma_has_that_colour_and_its_figure) {
    model::Material m;
    m.reflectance = 0.4;
    m.chroma = 30;
    const auto white = spectrum::xyz_of_matter(spectrum::flat(1), spectrum::d65());
    for (const double hue : {20.0, 100.0, 190.0, 280.0}) {
        m.hue = hue;
        ASSERT_TRUE(model::is_coloured(m));
        const auto seen = spectrum::lab(spectrum::xyz_of_matter(matter_of(m), spectrum::d65()), white);
        EXPECT_NEAR(std::hypot(seen.a, seen.b), 30, 0.5) << hue;
        EXPECT_NEAR(std::fmod(degrees(std::atan2(seen.b, seen.a)) + 360, 360), hue, 1);
        EXPECT_NEAR(spectrum::visible(matter_of(m)), 0.4, 1e-4);
    }
    // So strong and so bright nothing is: as strong as can be.
    m.chroma = 150;
    const auto most = spectrum::lab(spectrum::xyz_of_matter(matter_of(m), spectrum::d65()), white);
    EXPECT_GT(std::hypot(most.a, most.b), 30);
    EXPECT_NEAR(spectrum::visible(matter_of(m)), 0.4, 1e-4);
    m.chroma = 0;
    EXPECT_EQ(matter_of(m), spectrum::flat(0.4));
    EXPECT_FALSE(model::is_coloured(m));
}

TEST(Spectral, a_curve_of_ones_own_weighs_as_the_standards_do) {
    auto project = room_of({});
    model::EyeCurve curve;
    curve.id = "old";
    curve.name = "Old curve";
    curve.values = values(spectrum::curve(Answer::melanopic));
    project.eye_curves = {curve};
    model::Question q;
    q.kind = model::Question::Kind::spectrum;
    q.at = model::Question::At::eyes;
    q.moments = {{3, 21, 11}};
    q.sky.shape = model::SkyChoice::Shape::uniform;
    q.sky.amount = model::SkyChoice::Amount::illuminance;
    q.accuracy = 0.1;
    const auto answer = *analysis::ask(project, project.options[0], q, nullptr, effort_of(q));
    const auto value = [&](const std::string& id) {
        for (const auto& c : answer.table.columns)
            if (c.id == id) return c.value[0][0];
        return 0.0;
    };
    EXPECT_GT(value("melanopic_mw_m2_0321_1100"), 100);
    EXPECT_NEAR(value("curve_old_mw_m2_0321_1100") / value("melanopic_mw_m2_0321_1100"), 1, 0.01);
}
