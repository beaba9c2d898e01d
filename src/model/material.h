// SPDX-License-Identifier: GPL-3.0-or-later
// What things are made of, and what parts of a building take it. Shares from 0 to 1, metres, degrees.
#pragma once
#include <string>
#include <vector>

namespace wp::model {

/// A name unique within its list, stable across edits; what files and answers refer to.
using Id = std::string;

/// Unknown keys of a project file, kept as JSON text so that a newer program's additions survive a round trip.
using Extra = std::string;

struct Material {
    enum class Kind {
        opaque,   ///< surfaces
        glazing,  ///< panes, clear or diffusing
        fabric,   ///< textile, mesh and perforated sheet: holes, and what the threads scatter
        slats,    ///< a venetian blind, computed by the geometry of its slats
    };
    Id id;
    std::string name;
    Kind kind = Kind::opaque;
    std::string colour;  ///< "#rrggbb", of drawings and pictures only; empty: grey by its reflectance

    double reflectance =
        0.5;              ///< visible, both ways of reflection together; of a slat's faces; of a fabric with its holes
    double specular = 0;  ///< opaque: how much of the reflectance is mirrored, at most all of it
    double roughness = 0.1;  ///< opaque: root mean square slope of what mirrors; 0 a mirror, 0.3 silk gloss

    double transmittance =
        0.7;             ///< glazing: visible, normal incidence. Fabric: what scatters through, besides its openness
    double diffuse = 0;  ///< glazing: which part of the transmitted light is scattered; 1 is opal glass
    double reflectance_out =
        0;                      ///< glazing: visible, normal incidence, seen from outside; 0: as uncoated panes reflect
    double reflectance_in = 0;  ///< the same from inside
    double solar_factor = 0;    ///< glazing: total solar energy transmittance (EN 410); 0: not known. For the record
    int panes = 2;              ///< glazing: 1 to 4

    double openness = 0.05;                          ///< fabric: share of it that is hole (EN 14500)
    double slat_width = 0.08, slat_spacing = 0.072;  ///< slats
    double slat_tilt = 45;                           ///< slats: degrees from square to the pane, the outer edge down
    bool slats_upright = false;                      ///< vertical slats, turned instead of tilted

    /// By wavelength, 380 to 780 nm in steps of 5 nm; empty: grey. What its figure says in light of D65 stays as it is:
    /// the spectrum tells how that share is spread.
    std::vector<double>
        spectrum;  ///< reflectance, of slats that of a face; of glazing transmittance, of fabric all it passes

    /// Its colour where it has no spectrum: C*ab and h*ab of CIE 1976 in daylight, degrees, its lightness that of its
    /// figure. Chroma 0: grey.
    double chroma = 0, hue = 0;

    bool assumed = false;      ///< nobody has measured or chosen it yet: listed as an assumption
    double low = 0, high = 0;  ///< the range in which real ones lie; both 0: not told
    std::string source;        ///< where the figures come from
    Extra extra;
    bool operator==(const Material&) const;
};

/// The figure that a material is given by: reflectance, or all that it passes.
inline double figure_of(const Material& m) {
    if (m.kind == Material::Kind::fabric) return m.openness + m.transmittance;
    return m.kind == Material::Kind::glazing ? m.transmittance : m.reflectance;
}

/// Whether it does other things to some wavelengths than to others.
inline bool is_coloured(const Material& m) { return !m.spectrum.empty() || m.chroma > 0; }

/// Materials whose figures cannot be: a reflectance beyond any real surface, or more light given back than came.
/// Empty where nothing is wrong; else one sentence without the material's name.
std::string impossible(const Material& material);

/// The nearest material that is not impossible.
Material brought_back(Material material);

/// The same with figures clipped until nothing more comes out than goes in, for the engine.
Material possible(Material material);

/// Kinds of building part that take a material by type.
enum class Part {
    floor,
    wall,
    ceiling,
    partition,
    reveal,
    frame,
    door,
    facade,
    roof,
    glazing,
    rooflight,
    furniture,
    stair,
    shading,
    block,
    tree,
    fence,
    terrain
};
inline constexpr int kParts = 18;
/// The word of a part in files.
const char* part_word(Part part);
/// What people call it.
const char* part_name(Part part);
/// The kind of material a part takes. Parts of opaque material may be asked for a fabric (shading, fences) too.
bool takes(Part part, Material::Kind kind);

}  // namespace wp::model
