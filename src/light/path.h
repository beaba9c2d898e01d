// SPDX-License-Identifier: GPL-3.0-or-later
// Unbiased path tracing from where light is wanted back to where it comes from.
//
// At every vertex in a space two directions are drawn: one towards the space's openings, uniform in solid angle, and one
// by the cosine of the surface itself. What both could have found is weighted by the balance heuristic (E. Veach, "Robust
// Monte Carlo Methods for Light Transport Simulation", Stanford 1997, ch. 9), so nothing is counted twice and nothing is
// missed. Paths end by Russian roulette on what they still carry. What a path finds goes to a sink:
//
//   void sky(Vec3f direction, float weight, int portal)    the open sky in that direction, seen last through the portal
//   void ground(float weight, int portal)                  ground beyond the modelled disc
//   void vertex(Vec3f at, Vec3f normal, float weight, int portal, int order, Stream&)   at: just off the surface
//                                                          a lit place: weight times its irradiance is a contribution
// The sum of weight times luminance is an estimate of irradiance at the first vertex. order counts reflections.
#pragma once
#include <array>
#include <cmath>
#include <cstdint>
#include <vector>

#include "base/random.h"
#include "light/portal_sampling.h"
#include "light/scene.h"

namespace wp::light {

/// Which directions are drawn. by_cosine is the plain method, kept as the yardstick of the benches and of brute force.
enum class Guidance { openings, by_cosine };

/// Rays cast, for the record.
struct Tally {
    uint64_t rays = 0, paths = 0;
    Tally& operator+=(const Tally& other) {
        rays += other.rays;
        paths += other.paths;
        return *this;
    }
};

/// Below this throughput a path lives on by roulette. Chosen by the least product of squared error and rays on a side-lit
/// storey: higher, and the few rays that fetch light from the ground outside carry too much each; lower, and rays are
/// spent on what hardly counts.
inline constexpr float kRoulette = 0.05f;
/// Outdoors a path is soon over, so that little is saved by giving it up.
inline constexpr float kRouletteOutdoors = 0.01f;
/// Samples towards the openings at the first vertex and at the later ones: the first sees them best.
inline constexpr int kFirstSamples = 4;

struct Frame {
    Vec3f t, b, n;
    /// Duff et al., "Building an Orthonormal Basis, Revisited", Journal of Computer Graphics Techniques 6(1), 2017.
    explicit Frame(Vec3f normal) : n(normal) {
        const float sign = std::copysign(1.0f, n.z), a = -1.0f / (sign + n.z), c = n.x * n.y * a;
        t = {1.0f + sign * n.x * n.x * a, sign * c, -sign * n.x};
        b = {c, sign + n.y * n.y * a, -n.y};
    }
    Vec3f out(Vec3f local) const { return t * local.x + b * local.y + n * local.z; }
};

/// Cosine-weighted direction of the unit hemisphere around +z.
inline Vec3f cosine_direction(random::Pair pair) {
    const float r = std::sqrt(pair.u), angle = static_cast<float>(2 * kPi) * pair.v;
    return {r * std::cos(angle), r * std::sin(angle), std::sqrt(std::max(0.0f, 1 - pair.u))};
}

template <class Stream, class Sink>
class Tracer {
 public:
    Tracer(const Scene& scene, Sink& sink, Guidance guidance) : scene_(scene), sink_(sink), guidance_(guidance) {}

    /// One path tree from a point that faces a unit normal in a space; weight scales all it finds.
    void from_point(Vec3f at, Vec3f normal, int space, float weight, Stream stream) {
        ++tally_.paths;
        pending_.push_back({at, normal, space, weight, -1, 0, stream});
        run();
    }
    /// One path along a ray: estimates luminance towards the origin.
    void from_ray(Vec3f origin, Vec3f direction, float weight, Stream stream) {
        ++tally_.paths;
        arrive(origin, direction, weight, -1, 0, stream, -1);
        run();
    }
    const Tally& tally() const { return tally_; }

 private:
    struct Vertex {
        Vec3f at, normal;
        int space;
        float weight;   ///< times the irradiance here is the contribution
        int portal;     ///< last portal crossed to the open
        int order;
        Stream stream;
    };

    void run() {
        while (!pending_.empty()) {
            const Vertex vertex = pending_.back();
            pending_.pop_back();
            gather(vertex);
        }
    }

    // What a portal lets a ray do: pass, mirror, or (blind closed) scatter.
    struct Crossing {
        float transmittance, reflectance, pass_chance;
    };
    static Crossing crossing(const ScenePortal& portal, Vec3f direction) {
        if (portal.closed()) return {portal.diffuse_transmittance, portal.diffuse_reflectance, 1.0f};
        const float cosine = std::fabs(dot(direction, portal.normal));
        const float t = portal.transmittance(cosine), r = portal.reflectance(cosine);
        return {t, r, t + r > 0 ? t / (t + r) : 0.0f};
    }

    // How likely each portal of the space is chosen from here: about by what it could send. Exact zeros only where no
    // direction above the surface leads through it.
    static float portal_chance(const ScenePortal& p, const Vertex& x) {
        const Vec3f to = p.centre - x.at;
        const float height = dot(to, x.normal);
        const float reach = 0.5f * (std::fabs(dot(p.u, x.normal)) + std::fabs(dot(p.v, x.normal)));
        if (height + reach <= 1e-6f) return 0;
        const float inverse = 1 / std::sqrt(dot(to, to) + 0.5f * p.area);
        const float facing = std::fabs(dot(to, p.normal)) * inverse;
        const float up = std::max(height + 0.5f * reach, 0.3f * reach) * inverse;
        // Light from another room is dimmer than light from the sky.
        const float worth = p.inside >= 0 && p.outside >= 0 ? 0.25f : 1.0f;
        return worth * p.free_share * p.area * (facing + 0.05f) * up * inverse * inverse;
    }

    float portal_chances(const Vertex& x, const std::vector<int>& portals) {
        // All paths of a point begin at the same vertex: what was found for it is kept.
        const bool first = x.order == 0;
        if (first && first_known_ && first_at_ == x.at && first_normal_ == x.normal) {
            chances_ = first_chances_;
            return first_sum_;
        }
        chances_.clear();
        float sum = 0;
        for (const int k : portals) {
            chances_.push_back(portal_chance(scene_.portals()[static_cast<size_t>(k)], x));
            sum += chances_.back();
        }
        if (sum > 0) {
            const float inverse = 1 / sum;
            for (float& c : chances_) c *= inverse;
        }
        if (first) {
            first_known_ = true;
            first_at_ = x.at;
            first_normal_ = x.normal;
            first_chances_ = chances_;
            first_sum_ = sum;
        }
        return sum;
    }

    void gather(Vertex x) {
        // From here on the vertex is where its rays start: directions, densities and rays must agree on the place.
        x.at = x.at + x.normal * (x.order == 0 ? kFirstLift : kLift);
        Stream stream = x.stream;
        if constexpr (requires { sink_.vertex(x.at, x.normal, x.weight, x.portal, x.order, stream); })
            sink_.vertex(x.at, x.normal, x.weight, x.portal, x.order, stream);
        static const std::vector<int> none;
        const std::vector<int>& portals = guidance_ == Guidance::openings ? scene_.portals_of(x.space) : none;
        const bool guided = !portals.empty() && portal_chances(x, portals) > 0;
        const Stream cosine_stream = stream.branch(), portal_stream = stream.branch();
        gather_by_cosine(x, cosine_stream, portals, guided);
        if (!guided) return;
        const int samples = portal_samples(x.order);
        for (int k = 0; k < samples; ++k)
            gather_through_portal(x, portal_stream.split(static_cast<uint32_t>(k), static_cast<uint32_t>(samples)), portals);
    }

    static int portal_samples(int order) { return order == 0 ? kFirstSamples : 1; }

    void gather_through_portal(const Vertex& x, Stream stream, const std::vector<int>& portals) {
        // One pair picks the portal and, with what is left of it, the place in the portal: so that all openings together
        // are covered as evenly as one.
        random::Pair dice = stream.next();
        size_t pick = 0;
        while (pick + 1 < portals.size() && (dice.u >= chances_[pick] || chances_[pick] == 0)) dice.u -= chances_[pick++];
        if (chances_[pick] <= 0) return;
        dice.u = std::min(dice.u / chances_[pick], 0x1.fffffep-1f);
        const int k = portals[pick];
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(k)];
        const PortalView view(portal, x.at);
        const Vec3f to = view.point(dice) - x.at;
        const float distance = length(to);
        if (!(distance > 0)) return;
        const Vec3f direction = to * (1 / distance);
        const float cosine = dot(direction, x.normal);
        if (cosine <= 0) return;
        const Crossing at = crossing(portal, direction);
        const float density = static_cast<float>(portal_samples(x.order)) * chances_[pick] * view.density(direction, distance) +
                              cosine * static_cast<float>(1 / kPi) * at.pass_chance;
        if (!(density > 0)) return;
        const float weight = x.weight * cosine / density;
        ++tally_.rays;
        const Hit hit = scene_.intersect(x.at, direction, k);
        if (hit.distance < distance - 2 * kLift) return;  // something stands before the opening
        if (portal.closed())
            return pass_blind(portal, k, x.at + direction * distance, direction, weight, x.portal, x.order, stream.branch());
        continue_with(hit, x.at, direction, weight * at.transmittance, beyond(portal, k, direction, x.portal), x.order, stream);
    }

    void gather_by_cosine(const Vertex& x, Stream stream, const std::vector<int>& portals, bool guided) {
        const Vec3f local = cosine_direction(stream.next());
        const Vec3f direction = Frame(x.normal).out(local);
        const float full = x.weight * static_cast<float>(kPi);
        ++tally_.rays;
        const Hit hit = scene_.intersect(x.at, direction);
        if (hit.what != Hit::What::portal || !guided)
            return continue_with(hit, x.at, direction, full, x.portal, x.order, stream);
        // The other way of drawing could have found this portal too.
        size_t pick = 0;
        while (pick < portals.size() && portals[pick] != hit.portal) ++pick;
        if (pick == portals.size() || chances_[pick] <= 0)
            return continue_with(hit, x.at, direction, full, x.portal, x.order, stream);
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(hit.portal)];
        const Crossing at = crossing(portal, direction);
        const float pass_density = local.z * static_cast<float>(1 / kPi) * at.pass_chance;
        const float density = static_cast<float>(portal_samples(x.order)) * chances_[pick] *
                                  PortalView(portal, x.at).density(direction, hit.distance) + pass_density;
        const Vec3f at_portal = x.at + direction * hit.distance;
        if (portal.closed()) {
            // Only what passes can be drawn both ways.
            pass_blind(portal, hit.portal, at_portal, direction, x.weight * local.z / density, x.portal, x.order, stream.branch());
            return leave_blind(portal, at_portal, direction, full, x.portal, x.order, stream.branch());
        }
        if (stream.next().u < at.pass_chance) {
            const float weight = x.weight * local.z * at.transmittance / density;
            return arrive(at_portal, direction, weight, beyond(portal, hit.portal, direction, x.portal),
                          x.order, stream, hit.portal);
        }
        mirror(portal, at_portal, direction, full * (at.transmittance + at.reflectance), x.portal,
               x.order, stream, hit.portal);
    }

    // The portal to remember after passing one: only those that lead to the open count.
    int beyond(const ScenePortal& portal, int index, Vec3f direction, int before) const {
        const bool outward = dot(direction, portal.normal) > 0;
        return (outward ? portal.outside : portal.inside) == geometry::kOutdoors ? index : before;
    }

    // A ray that starts on a portal's plane looks through that one portal.
    void arrive(Vec3f origin, Vec3f direction, float weight, int portal, int order, Stream stream, int leaving) {
        ++tally_.rays;
        continue_with(scene_.intersect(origin, direction, leaving), origin, direction, weight, portal, order, stream);
    }

    void mirror(const ScenePortal& portal, Vec3f at, Vec3f direction, float weight, int last, int order, Stream stream, int index) {
        const Vec3f away = direction - portal.normal * (2 * dot(direction, portal.normal));
        arrive(at, away, weight, last, order, stream, index);
    }

    // A closed blind sends light on evenly: through it, and back to the side it was seen from.
    void pass_blind(const ScenePortal& portal, int index, Vec3f at, Vec3f direction, float weight, int last, int order, Stream stream) {
        const bool outward = dot(direction, portal.normal) > 0;
        live_on({at, outward ? portal.normal : -portal.normal, outward ? portal.outside : portal.inside,
                 weight * portal.diffuse_transmittance * static_cast<float>(1 / kPi), beyond(portal, index, direction, last),
                 order + 1, stream});
    }
    void leave_blind(const ScenePortal& portal, Vec3f at, Vec3f direction, float weight, int last, int order, Stream stream) {
        const bool outward = dot(direction, portal.normal) > 0;
        live_on({at, outward ? -portal.normal : portal.normal, outward ? portal.inside : portal.outside,
                 weight * portal.diffuse_reflectance * static_cast<float>(1 / kPi), last, order + 1, stream});
    }

    void continue_with(const Hit& hit, Vec3f origin, Vec3f direction, float weight, int portal, int order, Stream& stream) {
        if (!(weight > 0)) return;
        switch (hit.what) {
            case Hit::What::nothing:
                if (direction.z >= 0) sink_.sky(direction, weight, portal);
                else sink_.ground(weight, portal);
                return;
            case Hit::What::surface:
                return live_on({origin + direction * hit.distance, hit.normal, hit.space,
                                weight * hit.reflectance * static_cast<float>(1 / kPi), portal, order + 1, stream.branch()});
            case Hit::What::portal: return meet(hit, origin, direction, weight, portal, order, stream);
        }
    }

    void meet(const Hit& hit, Vec3f origin, Vec3f direction, float weight, int last, int order, Stream& stream) {
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(hit.portal)];
        const Vec3f at = origin + direction * hit.distance;
        if (portal.closed()) {
            pass_blind(portal, hit.portal, at, direction, weight, last, order, stream.branch());
            return leave_blind(portal, at, direction, weight, last, order, stream.branch());
        }
        const Crossing c = crossing(portal, direction);
        const float both = c.transmittance + c.reflectance;
        if (stream.next().u < c.pass_chance)
            return arrive(at, direction, weight * both, beyond(portal, hit.portal, direction, last), order, stream, hit.portal);
        if (c.reflectance > 0) mirror(portal, at, direction, weight * both, last, order, stream, hit.portal);
    }

    void live_on(Vertex vertex) {
        if (!(vertex.weight > 0)) return;
        const float least = vertex.space == geometry::kOutdoors ? kRouletteOutdoors : kRoulette;
        if (vertex.weight < least) {
            if (vertex.stream.next().u * least >= vertex.weight) return;
            vertex.weight = least;
        }
        pending_.push_back(vertex);
    }

    const Scene& scene_;
    Sink& sink_;
    Guidance guidance_;
    Tally tally_;
    std::vector<Vertex> pending_;
    std::vector<float> chances_;
    bool first_known_ = false;
    Vec3f first_at_{}, first_normal_{};
    std::vector<float> first_chances_;
    float first_sum_ = 0;
};

}  // namespace wp::light
