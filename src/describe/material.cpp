// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using model::Material;

namespace {

using Kind = Material::Kind;
constexpr Word kKinds[] = {{"opaque", Kind::opaque, "Surface"},
                           {"glazing", Kind::glazing, "Glazing"},
                           {"fabric", Kind::fabric, "Fabric"},
                           {"slats", Kind::slats, "Slats"}};

Field share(const char* key, const char* label, const char* meaning, Need need = Need::optional) {
    return {.key = key, .label = label, .meaning = meaning, .unit = unit::share, .low = 0, .high = 1, .need = need};
}

bool is_colour(const std::string& text) {
    return text.empty() || (text.size() == 7 && text[0] == '#' &&
                            text.find_first_not_of("0123456789abcdefABCDEF", 1) == std::string::npos);
}

void describe_glazing(Describer& d, Material& m) {
    d.number(share("transmittance", "Transmittance", "visible, at normal incidence", Need::required), m.transmittance);
    d.number(share("diffuse", "Scattered", "which part of the transmitted light is scattered; 1 is opal glass"),
             m.diffuse);
    d.number(share("reflectance_out", "Reflectance, outside",
                   "visible, at normal incidence, seen from outside; 0: as uncoated panes reflect"),
             m.reflectance_out);
    d.number(share("reflectance_in", "Reflectance, inside", "the same seen from inside"), m.reflectance_in);
    Field solar = share("solar_factor", "Solar factor",
                        "total solar energy transmittance (EN 410); 0: not known. For the record");
    solar.bears = bears::nothing;
    d.number(solar, m.solar_factor);
    d.whole({.key = "panes", .label = "Panes", .low = 1, .high = 4, .need = Need::required}, m.panes);
}

void describe_slats(Describer& d, Material& m) {
    const auto size = [](const char* key, const char* label) {
        return Field{.key = key, .label = label, .unit = unit::metre, .low = 0.001, .high = 1, .need = Need::required};
    };
    d.number(size("slat_width", "Slat width"), m.slat_width);
    d.number(size("slat_spacing", "Slat spacing"), m.slat_spacing);
    d.number({.key = "slat_tilt",
              .label = "Slat tilt",
              .meaning = "from square to the pane, the outer edge down",
              .unit = unit::degree,
              .low = -90,
              .high = 90,
              .need = Need::required},
             m.slat_tilt);
    d.flag({.key = "slats_upright", .label = "Upright", .meaning = "vertical slats, turned instead of tilted"},
           m.slats_upright);
}

}  // namespace

void describe(Describer& d, Material& m) {
    const auto of = [&](std::initializer_list<Kind> kinds) { return when("kind", m.kind, kKinds, kinds); };
    describe_id(d, m.id);
    describe_name(d, m.name);
    d.choice({.key = "kind", .label = "Kind", .need = Need::required}, m.kind, kKinds);
    d.text({.key = "colour",
            .label = "Colour",
            .meaning = "#rrggbb, of drawings and pictures only",
            .bears = bears::nothing},
           m.colour);
    d.rule("colour", is_colour(m.colour), "\"" + m.colour.substr(0, 20) + "\" is no colour", "Give it as #rrggbb");
    d.only(of({Kind::opaque, Kind::fabric, Kind::slats}), [&] {
        d.number(share("reflectance", "Reflectance", "visible, mirrored light included; of a fabric with its holes",
                       Need::required),
                 m.reflectance);
    });
    d.only(of({Kind::opaque}), [&] {
        d.number(share("specular", "Mirrored", "how much of the reflectance is mirrored"), m.specular);
        d.number(share("roughness", "Roughness", "root mean square slope of what mirrors; 0 a mirror"), m.roughness);
    });
    d.only(of({Kind::glazing}), [&] { describe_glazing(d, m); });
    d.only(of({Kind::fabric}), [&] {
        d.number(share("openness", "Openness", "share of it that is hole (EN 14500)", Need::required), m.openness);
        d.number(share("transmittance", "Transmittance", "what scatters through, besides its openness", Need::required),
                 m.transmittance);
    });
    d.only(of({Kind::slats}), [&] { describe_slats(d, m); });
    d.only(of({Kind::opaque, Kind::glazing, Kind::fabric, Kind::slats}), [&] {
        d.numbers({.key = "spectrum",
                   .meaning = "reflectance, of glazing transmittance, of fabric all it passes, at 380 nm and every 5 "
                              "nm to 780; none: grey. The "
                              "figure itself says how much of D65 it is",
                   .unit = unit::share,
                   .low = 0,
                   .high = 1,
                   .bears = bears::colours,
                   .most = 81},
                  m.spectrum);
        d.number(
            {.key = "chroma",
             .label = "Chroma",
             .meaning = "C*ab in daylight (CIE 1976), of what has no spectrum: of the smoothest one of this colour; 0: "
                        "grey",
             .low = 0,
             .high = 150,
             .bears = bears::colours,
             .unless_zero = true},
            m.chroma);
        d.number({.key = "hue",
                  .label = "Hue",
                  .meaning = "h*ab in daylight, with chroma: 0 red, 90 yellow, 180 green, 270 blue",
                  .unit = unit::degree,
                  .low = 0,
                  .high = 360,
                  .bears = bears::colours,
                  .unless_zero = true},
                 m.hue);
        d.rule("spectrum", m.spectrum.empty() || m.spectrum.size() == 81,
               std::to_string(m.spectrum.size()) + " values are no spectrum", "Give 81 values, 380 to 780 nm, or none");
    });
    d.flag({.key = "assumed",
            .label = "Assumed",
            .meaning = "nobody has measured or chosen it yet",
            .bears = bears::nothing},
           m.assumed);
    for (const auto& [key, value] : {std::pair{"low", &m.low}, {"high", &m.high}}) {
        Field f = share(key, "", "end of the range in which real ones lie; both 0: not told");
        f.bears = bears::nothing;
        d.number(f, *value);
    }
    d.text({.key = "source", .label = "Source", .meaning = "where the figures come from", .bears = bears::nothing},
           m.source);
    d.rest(m.extra);
}

}  // namespace wp::describe
