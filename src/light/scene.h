// SPDX-License-Identifier: GPL-3.0-or-later
// Surfaces as triangles in a ray accelerator. Immutable and shared between threads.
#pragma once
#include <algorithm>
#include <cstdint>
#include <memory>
#include <span>
#include <vector>

#include "base/vec.h"
#include "geometry/surfaces.h"
#include "light/panes.h"
#include "light/state.h"

struct RTCSceneTy;

namespace wp::light {

inline constexpr float kFar = 1e8f;
/// Rays start this far off the surface they leave, metres; those of a point that is asked for, ten times less, so that
/// its light is that of its own place to a part in 100 000.
inline constexpr float kLift = 1e-4f, kFirstLift = 1e-5f;

struct Hit {
    enum class What { nothing, surface, portal };
    What what = What::nothing;
    float distance = kFar;
    Vec3f normal;                     ///< unit, towards the side the ray came from
    float reflectance = 0;            ///< surface only: diffuse
    float specular = 0;               ///< surface only: mirrored
    float sharpness = 0;              ///< surface only: exponent of the lobe around the mirrored direction
    float through = 0;                ///< surface only: scattered to the other side
    int space = geometry::kOutdoors;  ///< surface only
    int portal = -1;
    uint32_t source = 0;   ///< surface only: its index in Surfaces::surfaces
    bool ground = false;   ///< surface only: open ground or terrain
    bool lit_side = true;  ///< the ray met the side the surface is meant to be seen from
    // Of a scene in several states, over what is drawn: how often each state would have let the ray come here, and,
    // surface only, what it sends on from there.
    ByState arrives = kAllAlike, sends = kAllAlike;
};

/// What a porous face lets through: of rays that are drawn, and in each state.
struct Openness {
    float drawn = 0;
    ByState open{};
};

class Scene {
 public:
    explicit Scene(const geometry::Surfaces& surfaces, Blinds blinds = Blinds::open, const State& state = {});
    Scene(const geometry::Surfaces& surfaces, const BlindLayers& layers, const State& state = {});
    /// In up to kMostStates states at once: rays go by what is common to them, and tell by how much each departs from
    /// it. One path thus serves all; of each state it is an unbiased estimate.
    /// tints: where states are bands of wavelength; null: they are not.
    Scene(const geometry::Surfaces& surfaces, const BlindLayers& layers, std::span<const State> states,
          const Tints* tints = nullptr);
    ~Scene();
    Scene(const Scene&) = delete;
    Scene& operator=(const Scene&) = delete;

    /// The nearest thing along a unit direction. skip_portal is looked through. Sheets with holes and canopies of trees
    /// are met as often as they are closed, each ray by a throw of its own; what they do with it is then given for
    /// those that are met.
    /// choice: of wavelengths, where states are bands of them.
    Hit intersect(Vec3f origin, Vec3f direction, int skip_portal = -1, size_t choice = 0) const;
    /// What is left of a narrow beam that leaves origin along a unit direction for the open.
    struct Beam {
        float share =
            0;  ///< 0 where something solid stands; dimmed by panes, and by what has holes (in the first state)
        int portal = -1;   ///< the portal it passes to the open
        float holes = 1;   ///< of that, what canopies and fabric outdoors leave
        ByState states{};  ///< share by state
        bool passes() const {
            return std::ranges::any_of(states, [](float share) { return share > 0; });
        }
    };
    Beam beam(Vec3f origin, Vec3f direction) const;
    /// What of the straight way between two places is open, by state of the scene: 0 where something solid or a portal
    /// stands between them.
    ByState between(Vec3f from, Vec3f to) const;
    /// The same with panes that are passed, and dim what passes them. short_of: metres before the end that do not
    /// count.
    ByState seen_through(Vec3f from, Vec3f to, float short_of) const;
    /// False: a beam along a unit direction cannot leave the space, for it meets none of its openings' rectangles.
    /// Outdoors always true.
    bool leads_out(int space, Vec3f origin, Vec3f direction) const;

    const std::vector<ScenePortal>& portals() const { return panes_.portals(); }
    /// Spaces of one air are of one number; outdoors -1.
    int air_of(int space) const { return space < 0 ? -1 : airs_[static_cast<size_t>(space)]; }
    /// Portals that a space looks at; empty outdoors.
    const std::vector<int>& portals_of(int space) const;
    int groups() const { return groups_; }
    size_t spaces() const { return airs_.size(); }
    /// How many states it is in at once.
    size_t states() const { return states_; }
    /// Of wavelengths in every band, where its states are bands; 0: they are not.
    size_t choices() const { return shares_.size(); }
    /// How much of each band's light is of a choice, over an even share.
    const ByState& share_of(size_t choice) const { return shares_[choice]; }
    /// What a surface sends on in each state, over what is drawn, where states are bands of wavelength; else 1.
    ByState sends_of(uint32_t source, size_t choice) const {
        return tints_.empty() ? kAllAlike : tints_[source * shares_.size() + choice];
    }
    float ground_reflectance() const { return ground_reflectance_; }
    RTCSceneTy* kernel() const { return scene_; }

 private:
    struct Face {
        Vec3f normal;
        uint32_t matter;
        int space;
    };
    struct Matter {
        float reflectance, specular, sharpness, through;
        bool ground;
        ByState sends;
    };
    void add_matters(const geometry::Surfaces& surfaces, std::span<const State> states, const Tints* tints);
    void add_triangles(const geometry::Surfaces& surfaces, bool porous, std::span<const State> states);
    static Openness holes_of(const geometry::Surface& surface, std::span<const State> states);
    // How often each state would have let a ray pass the faces that this one passed before its hit, and meet the one it
    // met.
    ByState likelihood(const std::vector<std::pair<float, unsigned>>& passed, float distance, int met) const;
    void add_panes();
    void add_portal_to(int space, int portal, const std::vector<int>& air);
    RTCSceneTy* scene_ = nullptr;
    std::vector<Face> faces_, porous_;
    std::vector<Openness> openness_;  // of each porous face
    std::vector<Matter> matters_;
    Panes panes_;
    std::vector<std::vector<int>> portals_of_;
    std::vector<int> airs_;
    std::vector<int> no_portals_;
    int groups_ = 0;
    size_t states_ = 1;
    std::vector<ByState> shares_;  // by choice of wavelengths
    std::vector<ByState> tints_;   // by matter and choice, over what is drawn
    float ground_reflectance_ = 0.2f;
};

}  // namespace wp::light
