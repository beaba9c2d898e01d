// SPDX-License-Identifier: GPL-3.0-or-later
#include "metric/glare_index.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace wp::metric {

double GlareView::direct_lux() const {
    double out = 0;
    for (const GlareSource& s : sources) out += s.luminance * s.solid_angle * std::max(0.0, s.direction.z);
    return out;
}

double GlareView::background() const { return std::max(0.0, vertical_lux - direct_lux()) / kPi; }

std::optional<double> unified_glare_rating(double contrast, double background) {
    if (!(contrast > 0) || !(background > 0)) return {};
    return 8 * std::log10(0.25 / background * contrast);
}

namespace {

using Value = std::optional<double>;
constexpr double kNoEnd = std::numeric_limits<double>::infinity();
// Words of Wienold 2009; the ends of the older indices as they were put beside DGP.
constexpr GlareClass kDgp[] = {
    {0.35, "imperceptible"}, {0.40, "perceptible"}, {0.45, "disturbing"}, {kNoEnd, "intolerable"}};
constexpr GlareClass kDgi[] = {{18, "imperceptible"}, {24, "perceptible"}, {31, "disturbing"}, {kNoEnd, "intolerable"}};
constexpr GlareClass kUgr[] = {{13, "imperceptible"}, {22, "perceptible"}, {28, "disturbing"}, {kNoEnd, "intolerable"}};
constexpr GlareClass kComfort[] = {
    {80, "imperceptible"}, {60, "perceptible"}, {40, "disturbing"}, {-kNoEnd, "intolerable"}};

double contrast_of(const GlareView& view) {
    double out = 0;
    for (const GlareSource& s : view.sources) out += s.contrast();
    return out;
}

Value dgp(const GlareView& view) {
    return view.vertical_lux > 0 ? Value(daylight_glare_probability(view.vertical_lux, view.sources)) : Value();
}

Value dgp_by_illuminance(const GlareView& view) {
    return view.vertical_lux > 0 ? Value(std::min(1.0, 6.22e-5 * view.vertical_lux + 0.184)) : Value();
}

Value dgi(const GlareView& view) {
    const double background = view.background();
    double sum = 0;
    for (const GlareSource& s : view.sources) {
        const double weighed = s.solid_angle / (s.position * s.position),
                     under = background + 0.07 * std::sqrt(s.solid_angle) * s.luminance;
        if (under > 0) sum += 0.478 * std::pow(s.luminance, 1.6) * std::pow(weighed, 0.8) / under;
    }
    return sum > 0 ? Value(10 * std::log10(sum)) : Value();
}

Value ugr(const GlareView& view) { return unified_glare_rating(contrast_of(view), view.background()); }

Value cgi(const GlareView& view) {
    const double direct = view.direct_lux(), sum = contrast_of(view);
    return view.vertical_lux > 0 && sum > 0 ? Value(8 * std::log10(2 * (1 + direct / 500) / view.vertical_lux * sum))
                                            : Value();
}

Value comfort_probability(const GlareView& view) {
    if (view.mean_luminance <= 0 || view.sources.empty()) return {};
    double sum = 0;
    for (const GlareSource& s : view.sources) {
        const double q = 20.4 * s.solid_angle + 1.52 * std::pow(s.solid_angle, 0.2) - 0.075;
        sum += 0.5 * s.luminance * std::max(0.0, q) / (s.position * std::pow(view.mean_luminance, 0.44));
    }
    if (sum <= 0) return {};
    const double rating = std::pow(sum, std::pow(static_cast<double>(view.sources.size()), -0.0914));
    // The share of people below the normal deviate 6.374 - 1.3227 ln DGR.
    return 100 * 0.5 * std::erfc(-(6.374 - 1.3227 * std::log(rating)) / std::sqrt(2.0));
}

constexpr GlareIndex kIndices[] = {
    {"dgp", "DGP", "Daylight glare probability", "Share of people whom the view disturbs.",
     "J. Wienold, J. Christoffersen, Energy and Buildings 38 (2006) 743-757; low light: Wienold 2009",
     "Side-lit rooms with daylight; above 380 lx at the eye, values of 0.2 to 0.8", true, kDgp, dgp},
    {"dgp_by_illuminance", "DGPs", "DGP by illuminance alone",
     "DGP where no single source stands out: from the light at the eye alone.", "J. Wienold, Building Simulation 2007",
     "Views without direct sun and without its mirror images", true, kDgp, dgp_by_illuminance},
    {"dgi", "DGI", "Daylight glare index", "Glare of large sources, such as the sky through windows.",
     "R. G. Hopkinson, Applied Ergonomics 3 (1972) 206-215; P. Chauvel and others, Lighting Research and Technology 14 "
     "(1982) 31-46",
     "Sky through windows, without direct sun", true, kDgi, dgi},
    {"ugr", "UGR", "Unified glare rating", "Glare of luminaires.", "CIE 117-1995", "Luminaires of 0.0003 to 0.1 sr",
     true, kUgr, ugr},
    {"cgi", "CGI", "CIE glare index", "Glare of luminaires, with what they add to the adaptation.",
     "H. D. Einhorn, Lighting Research and Technology 11 (1979) 90-94", "Electric light", true, kUgr, cgi},
    {"visual_comfort", "VCP", "Visual comfort probability",
     "Share of people, in percent, who find the view comfortable.",
     "S. K. Guth, Illuminating Engineering 58 (1963) 351-364; IES RQQ 1966", "Luminaires with lenses under the ceiling",
     false, kComfort, comfort_probability},
};

}  // namespace

std::span<const GlareIndex> glare_indices() { return kIndices; }

const GlareIndex* find_glare_index(std::string_view id) {
    const auto it = std::ranges::find(kIndices, id, [](const GlareIndex& i) { return std::string_view(i.id); });
    return it != std::end(kIndices) ? &*it : nullptr;
}

const GlareClass& class_of(const GlareIndex& index, double value) {
    for (const GlareClass& c : index.classes)
        if (index.rises ? value <= c.end : value >= c.end) return c;
    return index.classes.back();
}

}  // namespace wp::metric
