// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/ifc_lamp.h"

#include <algorithm>
#include <cmath>

#include "base/vec.h"

namespace wp::incoming {
using model::LuminaireType;

namespace {

constexpr double kUsualFlux = 3000;  // lm, of what tells nothing
constexpr size_t kMostPlanes = 2000, kMostAngles = 2000;

// Even luminance downwards.
void shine_evenly(LuminaireType& type, double flux) {
    type.planes = LuminaireType::Planes::c_gamma;
    type.horizontals = {0};
    type.verticals.clear();
    type.candela.clear();
    for (double gamma = 0; gamma <= 90; gamma += 5) {
        type.verticals.push_back(gamma);
        type.candela.push_back(flux / kPi * std::max(0.0, std::cos(radians(gamma))));
    }
    type.size_x = type.size_y = 0.3;
}

// One plane of IfcLightIntensityDistribution.
struct PlaneOfLight {
    double at = 0;
    std::vector<double> angles, candela;
};

std::vector<double> numbers(const StepValue& list) {
    std::vector<double> out;
    for (const StepValue& item : list.items)
        if (const auto value = item.as_number(); value && std::isfinite(*value)) out.push_back(*value);
    return out;
}

bool rises(const std::vector<double>& list) {
    return std::ranges::adjacent_find(list, std::greater_equal<>()) == list.end();
}

// False where it is not sound.
bool take_distribution(LuminaireType& type, const StepFile& file, const StepInstance& distribution, double by) {
    std::vector<PlaneOfLight> planes;
    for (const uint64_t id : distribution.at(1).as_references()) {
        const auto data = file.get(id);
        PlaneOfLight plane{data.at(0).as_number().value_or(0), numbers(data.at(1)), numbers(data.at(2))};
        if (plane.angles.size() < 2 || plane.angles.size() != plane.candela.size() ||
            plane.angles.size() > kMostAngles || !rises(plane.angles) || plane.angles.front() < -180 ||
            plane.angles.back() > 180 || !(plane.at >= -180 && plane.at <= 360) ||
            std::ranges::any_of(plane.candela, [&](double cd) { return cd < 0 || cd * by > 1e8; }))
            return false;
        planes.push_back(std::move(plane));
        if (planes.size() > kMostPlanes) return false;
    }
    if (planes.empty()) return false;
    std::ranges::sort(planes, {}, &PlaneOfLight::at);
    const StepValue& curve = distribution.at(0);
    type.planes = curve.is_word("TYPE_A")   ? LuminaireType::Planes::a_alpha
                  : curve.is_word("TYPE_B") ? LuminaireType::Planes::b_beta
                                            : LuminaireType::Planes::c_gamma;
    type.verticals = planes.front().angles;
    type.horizontals.clear();
    type.candela.clear();
    for (const PlaneOfLight& plane : planes) {
        if (plane.angles != type.verticals) return false;
        if (!type.horizontals.empty() && plane.at <= type.horizontals.back()) return false;
        type.horizontals.push_back(plane.at);
        for (const double cd : plane.candela) type.candela.push_back(cd * by);
    }
    return std::ranges::any_of(type.candela, [](double cd) { return cd > 0; });
}

}  // namespace

LampLight::LampLight() : is_assumed(true) { shine_evenly(type, kUsualFlux); }

LampLight lamp_light(const StepFile& file, uint64_t source) {
    const auto light = file.get(source);
    LampLight out;
    out.type.name = light.at(0).as_text();
    out.position = light.at(4).as_reference();
    const double flux = std::clamp(light.at(7).as_number().value_or(0), 0.0, 1e7);
    if (const auto kelvin = light.at(6).as_number(); kelvin && *kelvin >= 1000 && *kelvin <= 25000)
        out.type.kelvin = *kelvin;
    out.type.maintenance = 0.8;
    out.type.power = 0;
    const auto distribution = file.get(light.at(9).as_reference());
    // Intensities are candela for each lumen of the lamps in some files (cd/lm), candela in others: who tells a flux
    // and values that come to a few lumens means the former.
    if (distribution.type == "IFCLIGHTINTENSITYDISTRIBUTION" && take_distribution(out.type, file, distribution, 1)) {
        const double most = *std::ranges::max_element(out.type.candela);
        if (flux > 0 && most < 0.01 * flux)
            for (double& cd : out.type.candela) cd = std::min(1e8, cd * flux);
        out.is_assumed = false;
        return out;
    }
    shine_evenly(out.type, flux > 0 ? flux : kUsualFlux);
    return out;
}

}  // namespace wp::incoming
