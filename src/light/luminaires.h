// SPDX-License-Identifier: GPL-3.0-or-later
// Luminaires in their places, and the light that comes from them straight or by one mirroring in a pane. Their bodies
// stand in nobody's way: what they hide of their own light, their photometry tells.
#pragma once
#include <memory>
#include <optional>
#include <vector>

#include "base/random.h"
#include "geometry/surfaces.h"
#include "light/scene.h"
#include "light/trail.h"
#include "photometry/distribution.h"

namespace wp::light {

struct PlacedLuminaire {
    std::shared_ptr<const photometry::Distribution> light;
    Vec3 at;                                  ///< the middle of what shines
    Vec3 x{1, 0, 0}, y{0, 1, 0}, z{0, 0, 1};  ///< its own axes, unit
    double by = 1;                            ///< of its light: maintenance, tilt
    model::LuminaireType::Opening opening = model::LuminaireType::Opening::rectangle;
    double size_x = 0, size_y = 0, depth = 0;  ///< of what shines
    size_t source = 0;                         ///< what it is told with
    int space = geometry::kOutdoors;
    double reach() const { return std::sqrt(size_x * size_x + size_y * size_y + depth * depth) / 2; }
    Vec3 own(Vec3 direction) const { return {dot(direction, x), dot(direction, y), dot(direction, z)}; }
    /// cd towards a unit direction.
    double candela(Vec3 away) const { return by * light->candela(own(away)); }
    /// Where a ray meets what shines, metres along it; a round one with sides is met as the box around it. None of a
    /// point.
    std::optional<double> meets(Vec3 from, Vec3 along) const;
    /// cd/m2 of that, towards a unit direction: so that all of it sends what its intensity is.
    double luminance(Vec3 away) const;
    /// A place of what shines, u, v and w in [0, 1): all are alike.
    Vec3 place(double u, double v, double w) const;
};

/// How light counts at a place, by the direction it comes from: the cosine to the plane's normal, or for cylindrical
/// illuminance its mean over all upright planes (EN 12464-1, annex: sine of the angle to the vertical, over pi).
struct Receiver {
    Vec3 normal{0, 0, 1};
    bool cylindrical = false;
    double least = -1, most = 1;  ///< sines of the height over the line of sight, of eyes with brow and cheek
    Vec3 up{0, 0, 1};
    double share(Vec3 towards) const;
};

class Luminaires {
 public:
    /// scene must outlive it; luminaires of the same source stand together.
    Luminaires(const Scene& scene, std::vector<PlacedLuminaire> all);

    const std::vector<PlacedLuminaire>& all() const { return all_; }
    size_t sources() const { return sources_; }

    /// Light that comes straight, or mirrored once by a pane, by source; by so much the quadrature over what shines
    /// may be wrong. Lux of the luminaires as they are, by state of the scene.
    struct Direct {
        std::vector<ByState> lux;
        std::vector<double> doubt;
    };
    Direct direct(Vec3 at, int space, const Receiver& receiver, Tally& tally) const;

    /// What is seen of luminaires along a ray: cd/m2 by state, by source; see takes source and luminance.
    template <class See>
    void seen(Vec3 from, Vec3 along, See&& see) const;

    /// A few looks towards luminaires from a place that a path met: see takes source and share, whose expected sum is
    /// the illuminance there by states (of a glossy place: times the density of its lobe).
    template <class Weigh, class See>
    void look(Vec3f at, int space, Weigh&& weigh, random::Stream& stream, size_t choice, Tally& tally, See&& see) const;

    /// What of the light of a place in a luminaire reaches a place by the straight way; image: mirrored in that plane.
    ByState passes(Vec3 from, Vec3 to, int image, size_t choice, Tally& tally) const;

 private:
    // Panes in one plane, which may mirror.
    struct Mirror {
        Vec3 point, normal;
        std::vector<int> panes;
    };
    struct Candidate {
        int luminaire, image;  // image: index into mirrors_; -1: straight
    };
    /// How bright a luminaire is from a place, about: a few intensities by direction. Nowhere nought.
    struct Glance {
        Vec3f at, x, y, z;
        float near;                                         ///< square of the distance below which it grows no more
        std::shared_ptr<const std::vector<float>> candela;  ///< by octahedral cells
        float worth(Vec3f from) const;
    };
    static constexpr size_t kMostLooks = 2;
    void find_glances();
    void find_mirrors();
    void find_candidates();
    const std::vector<Candidate>& seen_from(int space) const;
    Vec3 mirrored(Vec3 at, int image) const;
    int plane_of(const ScenePortal& portal) const;
    /// The pane of a mirror that a way crosses at a place; -1: none.
    int pane_at(const Mirror& mirror, Vec3f place, float margin = 0) const;
    /// Whether a place may see any of a luminaire mirrored.
    bool may_mirror(const PlacedLuminaire& l, Vec3 at, const Mirror& mirror) const;
    /// Lux from one candidate; parts: into how many what shines is cut along its sizes.
    ByState sum(const Candidate& c, Vec3 at, const Receiver& receiver, double fineness, bool& partly, double& coarse,
                Tally& tally) const;

    const Scene& scene_;
    std::vector<PlacedLuminaire> all_;
    size_t sources_ = 0;
    std::vector<Glance> glances_;
    std::vector<Mirror> mirrors_;
    std::vector<std::vector<Candidate>> candidates_;  // by space, outdoors last
};

template <class See>
void Luminaires::seen(Vec3 from, Vec3 along, See&& see) const {
    for (const PlacedLuminaire& l : all_) {
        const auto meets = l.meets(from, along);
        if (!meets) continue;
        const double luminance = l.luminance(-along);
        if (!(luminance > 0)) continue;
        const Vec3 place = from + along * *meets;
        see(l.source, scene_.seen_through(from.as<float>(), place.as<float>(), 1e-3f) * static_cast<float>(luminance));
    }
}

template <class Weigh, class See>
void Luminaires::look(Vec3f at_f, int space, Weigh&& weigh, random::Stream& stream, size_t choice, Tally& tally,
                      See&& see) const {
    const auto& candidates = seen_from(space);
    if (candidates.empty()) return;
    static thread_local std::vector<float> worth, of_source;
    worth.assign(candidates.size(), 0.0f);
    of_source.assign(sources_, 0.0f);
    const Vec3 at = at_f.as<double>();
    for (size_t k = 0; k < candidates.size(); ++k) {
        const auto index = static_cast<size_t>(candidates[k].luminaire);
        const int image = candidates[k].image;
        if (image >= 0 && !may_mirror(all_[index], at, mirrors_[static_cast<size_t>(image)])) continue;
        worth[k] = glances_[index].worth(mirrored(at, image).as<float>()) * (image >= 0 ? 0.15f : 1.0f);
        of_source[all_[index].source] += worth[k];
    }
    // Sources that give little here are still looked at: they may be asked for alone.
    float all = 0;
    size_t seen_sources = 0;
    for (float& s : of_source) {
        if (s <= 0) continue;
        all += std::sqrt(s);
        s = 1 / std::sqrt(s);
        ++seen_sources;
    }
    if (!(all > 0)) return;
    const auto looks = static_cast<float>(std::clamp<size_t>(seen_sources, 1, kMostLooks));
    const random::Pair dice = stream.next(), where = stream.next();
    float next = dice.u, sum = 0;
    for (size_t k = 0; k < candidates.size(); ++k) {
        if (!(worth[k] > 0)) continue;
        const PlacedLuminaire& l = all_[static_cast<size_t>(candidates[k].luminaire)];
        const float expected = worth[k] * of_source[l.source] / all * looks;
        sum += expected;
        int hits = 0;
        while (next < sum) {
            next += 1;
            ++hits;
        }
        if (hits == 0) continue;
        const int image = candidates[k].image;
        const Vec3 place =
                       l.place(static_cast<double>(where.u), static_cast<double>(where.v), static_cast<double>(dice.v)),
                   way = place - mirrored(at, image);
        const double square = dot(way, way);
        if (!(square > 1e-8)) continue;
        const Vec3 towards = way * (1 / std::sqrt(square));
        // Of an image the light arrives by the pane: its direction is the mirrored one.
        const Vec3 arrives = image >= 0 ? normalized(mirrored(place, image) - at) : towards;
        const double share = weigh(arrives.as<float>());
        if (!(share > 0)) continue;
        const double lux = l.candela(-towards) / square * share * hits / static_cast<double>(expected);
        if (!(lux > 0)) continue;
        see(l.source, passes(place, at, image, choice, tally) * static_cast<float>(lux));
    }
}

}  // namespace wp::light
