// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/material.h"

#include <fmt/core.h>

#include <algorithm>

namespace wp::model {

namespace {

struct Words {
    const char *word, *name;
};
constexpr Words kWords[kParts] = {
    {"floor", "Floors"},
    {"wall", "Walls"},
    {"ceiling", "Ceilings"},
    {"partition", "Partitions"},
    {"reveal", "Reveals"},
    {"frame", "Frames"},
    {"door", "Doors and panels"},
    {"facade", "Facades"},
    {"roof", "Roofs"},
    {"glazing", "Windows"},
    {"rooflight", "Rooflights"},
    {"furniture", "Furniture"},
    {"stair", "Stairs and ramps"},
    {"shading", "Shading"},
    {"block", "Neighbouring blocks"},
    {"tree", "Trees"},
    {"fence", "Fences"},
    {"terrain", "Terrain"},
};
// Fresh white plaster and the whitest tiles come to about this much, silvered mirrors to the next, a single low-iron
// pane to the last.
constexpr double kBrightest = 0.9, kBestMirror = 0.99, kClearest = 0.93;
bool is_mirror(const Material& m) { return m.specular >= 0.5 * m.reflectance; }

}  // namespace

const char* part_word(Part part) { return kWords[static_cast<int>(part)].word; }
const char* part_name(Part part) { return kWords[static_cast<int>(part)].name; }

bool takes(Part part, Material::Kind kind) {
    switch (part) {
        case Part::glazing:
        case Part::rooflight:
            return kind == Material::Kind::glazing;
        case Part::door:
            return kind == Material::Kind::opaque || kind == Material::Kind::glazing;
        case Part::shading:
        case Part::fence:
            return kind == Material::Kind::opaque || kind == Material::Kind::fabric;
        default:
            return kind == Material::Kind::opaque;
    }
}

std::string impossible(const Material& m) {
    const auto percent = [](double v) { return fmt::format("{:.0f} %", 100 * v); };
    switch (m.kind) {
        case Material::Kind::opaque:
            if (m.reflectance > kBrightest && !is_mirror(m))
                return "reflects " + percent(m.reflectance) + ", more than any lasting finish";
            if (m.reflectance > kBestMirror) return "reflects " + percent(m.reflectance) + ", more than any mirror";
            if (m.specular > m.reflectance + 1e-9)
                return "mirrors " + percent(m.specular) + ", more than all it reflects";
            break;
        case Material::Kind::glazing:
            if (m.transmittance + std::max(m.reflectance_in, m.reflectance_out) > 1 + 1e-9)
                return "passes " + percent(m.transmittance) + " and reflects " +
                       percent(std::max(m.reflectance_in, m.reflectance_out)) + ": more than all the light";
            if (m.transmittance > kClearest) return "passes " + percent(m.transmittance) + ", more than any pane";
            break;
        case Material::Kind::fabric:
            if (m.openness + m.transmittance + m.reflectance > 1 + 1e-9)
                return "passes " + percent(m.openness + m.transmittance) + " and reflects " + percent(m.reflectance) +
                       ": more than all the light";
            break;
        case Material::Kind::slats:
            if (m.reflectance > kBrightest)
                return "has slats that reflect " + percent(m.reflectance) + ", more than any lasting finish";
            if (m.slat_spacing > 1.0001 * m.slat_width && std::abs(m.slat_tilt) > 85)
                return "never closes: its slats are further apart than they are wide";
            break;
    }
    return {};
}

Material brought_back(Material m) {
    m = possible(m);
    if (m.kind == Material::Kind::opaque)
        m.reflectance = std::min(m.reflectance, is_mirror(m) ? kBestMirror : kBrightest);
    if (m.kind == Material::Kind::slats) {
        m.reflectance = std::min(m.reflectance, kBrightest);
        m.slat_spacing = std::min(m.slat_spacing, 0.95 * m.slat_width);
    }
    if (m.kind == Material::Kind::glazing) m.transmittance = std::min(m.transmittance, kClearest);
    return possible(m);
}

Material possible(Material m) {
    m.specular = std::min(m.specular, m.reflectance);
    if (m.kind == Material::Kind::glazing) {
        m.reflectance_in = std::min(m.reflectance_in, 1 - m.transmittance);
        m.reflectance_out = std::min(m.reflectance_out, 1 - m.transmittance);
    }
    if (m.kind == Material::Kind::fabric) {
        m.transmittance = std::min(m.transmittance, 1 - m.openness);
        m.reflectance = std::min(m.reflectance, 1 - m.openness - m.transmittance);
    }
    return m;
}

}  // namespace wp::model
