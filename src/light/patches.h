// SPDX-License-Identifier: GPL-3.0-or-later
// Sunlight that is reflected before it comes to a point, in two halves. How much of what falls onto a place comes to
// the point is smooth from place to place: paths find it, and it is summed by patch, a small square of a surface. Which
// patches the sun reaches at a moment is sharp: that is looked for with the true sun of that moment, from spots that
// paths met, past every edge. What is left of interpolation is that all of a patch counts alike.
#pragma once
#include <array>
#include <cstdint>
#include <functional>
#include <span>
#include <string>
#include <string_view>
#include <unordered_map>
#include <vector>

#include "base/random.h"
#include "base/result.h"
#include "light/scene.h"
#include "light/trail.h"

namespace wp::light {

struct GlossLobe;

/// A place on a surface by square, direction of its normal and side; of a glossy one also by where it mirrors to.
using PatchKey = uint64_t;

/// Who asks for no more than this accuracy (a share) wants a first look, soon: bigger patches, fewer samples.
inline constexpr double kFirstLook = 0.4;

/// How surfaces are cut into squares.
struct PatchSize {
    float indoors = 0.25f;   ///< edge of a square indoors and on panes, metres
    float outdoors = 0.15f;  ///< the same outdoors, over the distance it is seen from
};
/// Fine enough for an accuracy (a share), coarse enough for the size of the building.
PatchSize patch_size(double accuracy, const geometry::Surfaces& surfaces);

struct PatchKeys {
    PatchKey patch = 0, part = 0;  ///< part: the square half as wide
    uint32_t level = 1;  ///< squares of every level are twice as wide as those of the one before; those of the first as
                         ///< PatchSize says
};
/// lobe: null for matt places.
PatchKeys keys_of(const LitPlace& place, const PatchSize& size, const GlossLobe* lobe);

/// Where the sun is looked for: one place that paths met of a part of a patch, and how often that part was met.
struct PatchSpot {
    Vec3f at, normal;
    Vec3f mirror{};               ///< of a glossy place
    float sharpness = -1;         ///< below 0: matt
    uint32_t dice = 0, hits = 0;  ///< of all that were met the one of the least dice stands
    PatchKey part = 0;
};

/// Of two spots of one part the one of the lesser dice stands; of two with one dice the place decides.
bool stands_before(const PatchSpot& a, const PatchSpot& b);
/// For the hits of both; the same whichever was told first.
void join_spot(PatchSpot& known, const PatchSpot& other);

struct Patch {
    PatchKey key = 0;
    int32_t space = geometry::kOutdoors, veil = -1;
    uint32_t first = 0, last = 0;  ///< of its spots
    uint32_t level = 1;
    float worth = 0;  ///< share of a plane's typical light that comes off it, about
};

/// Patches in the order of their spaces, outdoors first, then of their keys.
class PatchSet {
 public:
    std::vector<Patch> patches;
    std::vector<PatchSpot> spots;
    std::span<const PatchSpot> spots_of(size_t patch) const {
        return {spots.data() + patches[patch].first, spots.data() + patches[patch].last};
    }
    size_t count() const { return patches.size(); }
    size_t bytes() const { return patches.size() * sizeof(Patch) + spots.size() * sizeof(PatchSpot); }
    /// Those from one to before another, with their spots.
    PatchSet part(size_t from, size_t to) const;
    /// For another process; what comes from there is checked.
    std::string write() const;
    static Result<PatchSet> read(std::string_view bytes);
};

/// Sums by patch and row of what a point takes of light that falls onto patches, in each state of a scene: what paths
/// carry, and of its square.
class PatchSums {
 public:
    explicit PatchSums(size_t states = 1) : states_(states) {}
    struct Sum {
        PatchKey key = 0;
        uint32_t row = 0;
        uint32_t number = kUnknown;  ///< of the patch, for whoever counts them
    };
    static constexpr uint32_t kUnknown = 0xffffffffu;
    /// Of one path: weight times what each state has of it.
    void add(PatchKey key, uint32_t row, float weight, const float* by_state);
    /// Of one state.
    Sum& add(PatchKey key, uint32_t row, size_t state, float weight, float square);
    const std::vector<Sum>& all() const { return sums_; }
    std::vector<Sum>& all() { return sums_; }
    /// Of the i-th of all.
    float weight(size_t i, size_t state = 0) const { return values_[(i * states_ + state) * 2]; }
    float square(size_t i, size_t state = 0) const { return values_[(i * states_ + state) * 2 + 1]; }
    void clear() { sums_ = {}, values_ = {}, slots_ = {}; }

 private:
    size_t place_of(PatchKey key, uint32_t row);
    void grow();
    size_t states_;
    std::vector<Sum> sums_;
    std::vector<float> values_;    // of each and each state: weight, square
    std::vector<uint32_t> slots_;  // place in sums_ + 1
};

/// Gathers what paths meet into patches. The same whatever the order in which it is told.
class PatchGatherer {
 public:
    struct Met {
        PatchKey patch = 0;
        int32_t space = geometry::kOutdoors, veil = -1;
        uint32_t level = 1;
        PatchSpot spot;
    };
    void add(const Met& met);
    void add(const PatchGatherer& other);
    PatchSet take() const;
    const std::vector<Met>& all() const { return parts_; }

 private:
    void grow();
    std::vector<Met> parts_;
    std::vector<uint32_t> slots_;  // place in parts_ + 1
};

/// The key of the square of some level that holds a spot of a patch.
PatchKey key_at(const Patch& patch, const PatchSpot& spot, const PatchSize& size, uint32_t level);

/// A sun that is looked for: unit direction in the model's axes, and in which state of which scene. Below the horizon
/// there is nothing to see.
struct SunLook {
    static constexpr uint32_t kItself = 0xffffffffu;
    Vec3f to;
    const Scene* scene = nullptr;
    size_t state = 0;
    /// Suns of the same scene whose way to a spot stands for this one's; each spot takes one of the three, so that on
    /// average an edge lies where it is.
    std::array<uint32_t, 3> seen_as{kItself, kItself, kItself};
};

/// Which of some suns, at most 65536, reach each patch.
struct Sunlit {
    struct Beam {
        uint16_t sun = 0;
        int16_t portal = -1;      ///< that leads to the open; -1: none
        uint8_t lit = 0, of = 0;  ///< spots that it reaches, and all
        float share = 0;  ///< of the beam: illuminance of the patch for a beam of one lux; of glossy patches the lobe's
                          ///< density times the beam, of veils before what these take. Where no spot is lit, what it
                          ///< would bring onto all of them
    };
    std::vector<uint32_t> first{0};  ///< by patch
    std::vector<Beam> beams;         ///< of each patch in the order of suns
    std::span<const Beam> on(size_t patch) const {
        return {beams.data() + first[patch], beams.data() + first[patch + 1]};
    }
    /// Of suns from one to before another.
    std::span<const Beam> on(size_t patch, uint32_t from, uint32_t to) const {
        return {beams.data() + from_sun(patch, from), beams.data() + from_sun(patch, to)};
    }
    /// Place among beams of the first of a patch whose sun is that one or later.
    uint32_t from_sun(size_t patch, uint32_t sun) const;
    uint64_t rays = 0;
    std::vector<float>
        panes;  ///< figures of the panes that the sun was looked for through (see compact.h), for whoever keeps it
    /// Adds further patches with their beams.
    void append(const Sunlit& next);
    /// For the disk; what comes from there is checked.
    std::string write() const;
    static Result<Sunlit> read(std::string_view bytes, size_t suns, size_t patches, size_t portals);
};
/// Square of the standard error of what a beam brings, so much light, because the sun's edge may run through the patch:
/// its spots lie evenly over it, so that they err by less than chance would; and few that agree prove little (H.
/// Jeffreys' prior of a share). Where no spot is lit: of what the beam would bring.
float doubt_of(const Sunlit::Beam& beam, float lux);
/// All suns that share a scene's geometry of portals: it is the same in all of them. Same bits for any number of
/// threads.
Sunlit look_for_suns(const PatchSet& set, std::span<const SunLook> suns, const std::function<bool()>& cancelled = {});
/// Adds beams that no spot found, before and behind those that some did: of suns in the order of time. They bring no
/// light, only doubt.
void add_edges(Sunlit& sunlit, const PatchSet& set, std::span<const SunLook> suns);

}  // namespace wp::light
