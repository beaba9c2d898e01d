// SPDX-License-Identifier: GPL-3.0-or-later
// What panes and the blinds before them do with light, portal by portal: all of a scene that can change without a ray.
#pragma once
#include <memory>
#include <vector>

#include "base/vec.h"
#include "geometry/surfaces.h"
#include "light/glass.h"
#include "light/slats.h"
#include "light/state.h"

namespace wp::light {

/// What a portal does with a ray: shares of it. Scattered light leaves evenly on its side.
struct PaneResponse {
    float straight = 0, mirror = 0;  ///< unchanged, and as from a mirror
    float through = 0, back = 0;     ///< scattered to the other side, and to the side the ray came from
};

/// What the engine knows of a portal.
struct ScenePortal {
    Vec3f corner, u, v;            ///< rectangle corner + s u + t v
    Vec3f unit_u, unit_v, normal;  ///< normal points from inside to outside
    Vec3f centre;
    float length_u, length_v, area;
    int inside, outside;          ///< spaces
    int group;                    ///< window group, -1 for portals between rooms
    const GlassCurve* glass;      ///< null: a hole
    float diffuse;                ///< of the glass: which part is scattered
    float free_share;             ///< what frame and dirt leave
    float reveal_in, reveal_out;  ///< how deep it lies within the wall on both sides, metres
    // A closed blind on the inside; null and 0 where there is none.
    const SlatCurve* slats;
    float blind_openness, blind_through, blind_back;
    bool blind_closed;
    bool slats_upright;

    // Where states are bands of wavelength: the pane in each choice of wavelengths and each of them. Empty: it is grey.
    std::vector<const GlassCurve*> tints;
    size_t states = 1;
    const std::vector<ByState>* shares = nullptr;       // of the choices
    const std::vector<ByState>* blind_tints = nullptr;  // of the closed blind, by choice; null: it is grey
    /// What passes it along a unit direction in each state, over what pass gives: of one choice, and of all together.
    ByState tint(Vec3f direction, size_t choice) const;
    ByState mean_tint(Vec3f direction) const;
    /// The same of what the pane mirrors, and of what is scattered to the other side and back: by a closed blind, once
    /// (light that goes to and fro between its slats takes its colour no further), or by the pane.
    ByState mirror_tint(Vec3f direction, size_t choice) const;
    ByState through_tint(Vec3f direction, size_t choice) const;
    ByState back_tint(Vec3f direction, size_t choice) const;

    // Of what comes evenly from outside and from inside, what is scattered through.
    float scatters_from_outside = 0, scatters_from_inside = 0;

    /// Finds the two; after everything else is set.
    void note_scatter();

    /// Of a ray along a unit direction that meets it; light that comes from that direction is told alike.
    PaneResponse pass(Vec3f direction) const;
    struct Layer {
        float open, through, back;
    };
    /// Of the blind alone, for a ray; without one all is open.
    Layer blind_at(Vec3f direction) const;
    /// Of light that comes from a unit direction, what leaves scattered on the other side: the layer it meets first
    /// takes it at its angle.
    float scatters(Vec3f towards) const;
    /// Its mean over light that comes evenly from the side of that direction, and what it is over that mean there.
    float scatter_mean(Vec3f towards) const {
        return dot(towards, normal) > 0 ? scatters_from_outside : scatters_from_inside;
    }
    /// What of light that comes evenly from behind is seen along a unit direction, scattered. A blind sends it on
    /// evenly; a pane that scatters does in every direction as much less as it takes from there, so that it sends to a
    /// place what that place would send through it.
    float scatter_seen(Vec3f direction) const { return blind_closed ? scatter_mean(direction) : scatters(direction); }
    float scatter_share(Vec3f towards) const {
        const float mean = scatter_mean(towards);
        return mean > 0 ? scatters(towards) / mean : 0.0f;
    }
    /// Mean of what pass gives over evenly spread light that travels to one side.
    template <class Of>
    float evenly(bool outwards, Of&& of) const;
    /// What it lets through, straight and scattered, of evenly spread light from outside.
    float passes_evenly() const;
    /// What it sends back, scattered and mirrored, of evenly spread light from inside.
    float sends_back_evenly() const;
};

/// Of each portal the blind that hangs closed before it: an index into Surfaces::blinds, or one of these.
using BlindLayers = std::vector<int>;
inline constexpr int kNoBlind = -2, kPlainBlind = -1;
/// All windows' own blinds open, or all closed.
enum class Blinds { open, closed };
BlindLayers layers_of(const geometry::Surfaces& surfaces, Blinds blinds);

/// Only surfaces' portals, glazings and blinds are looked at.
class Panes {
 public:
    Panes(const geometry::Surfaces& surfaces, const BlindLayers& layers, const Tints* tints = nullptr,
          size_t states = 1);
    const std::vector<ScenePortal>& portals() const { return portals_; }

 private:
    void close_blind(ScenePortal& portal, const geometry::Surfaces& surfaces, int layer);
    std::vector<ScenePortal> portals_;
    std::vector<std::unique_ptr<GlassCurve>> glasses_;
    std::vector<std::vector<std::unique_ptr<GlassCurve>>> tinted_;  // by glazing, choice of wavelengths and state
    std::unique_ptr<std::vector<ByState>> shares_;
    std::vector<std::vector<ByState>> blind_tints_;  // by blind, then choice
    std::vector<std::unique_ptr<SlatCurve>> slats_;
};

}  // namespace wp::light
