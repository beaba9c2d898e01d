// SPDX-License-Identifier: GPL-3.0-or-later
// Unbiased path tracing from where light is wanted back to where it comes from.
//
// At every vertex in a space two directions are drawn: one towards the space's openings, uniform in solid angle, and
// one by the cosine of the surface itself. What both could have found is weighted by the balance heuristic (E. Veach,
// "Robust Monte Carlo Methods for Light Transport Simulation", Stanford 1997, ch. 9), so nothing is counted twice and
// nothing is missed. Paths end by Russian roulette on what they still carry. What a path finds goes to a sink:
//
//   void sky(Vec3f direction, float weight, const Trail&)  the open sky in that direction
//   void ground(float weight, const Trail&)                ground beyond the modelled disc
//   void vertex(const LitPlace&, float weight, const Trail&, Stream&)
//                                                          a lit place: weight times its irradiance is a contribution;
//                                                          light onto a veil counts by the angle it comes from
//                                                          (veil_share)
//   void gloss(const LitPlace&, const GlossLobe&, float weight, const Trail&, Stream&)
//                                                          a glossy place: weight times the lobe's density towards a
//                                                          narrow source times its illuminance normal to it is a
//                                                          contribution
//   bool ends_at(const LitPlace&, float weight, const Trail&)
//                                                          a veil that is seen from indoors; as of a vertex. True: the
//                                                          path ends there, and is not told as one
//   bool remembers(const LitPlace&, float weight, const Trail&, Stream&)
//                                                          likewise of a surface
// The sum of weight times luminance is an estimate of irradiance at the first vertex.
//
// A sink with a type LooksIntoReveals has the first vertex draw towards the mouths of openings, where reveals begin,
// and not only towards panes: reveals are bright, and are met by the cosine too seldom for an eye.
#pragma once
#include <array>
#include <cmath>
#include <cstdint>
#include <optional>
#include <vector>

#include "base/random.h"
#include "light/directions.h"
#include "light/portal_sampling.h"
#include "light/scene.h"
#include "light/trail.h"

namespace wp::light {

/// Below this throughput a path lives on by roulette. Chosen by the least product of squared error and rays on a
/// side-lit storey and on the demo's rooms, blinds open and closed: higher, and the few rays that fetch light from the
/// ground outside carry too much each; lower, and rays are spent on what hardly counts.
inline constexpr float kRoulette = 0.2f;
/// Outdoors a path is soon over, so that little is saved by giving it up.
inline constexpr float kRouletteOutdoors = 0.01f;
/// Samples towards the openings at the first vertex and at the later ones: the first sees them best.
inline constexpr int kFirstSamples = 4;

/// Further reflections, or panes and mirrors met on end, than this hardly lose light any more: each ends some of the
/// paths, so that every path has an end, between mirrors and in a room that absorbs nothing too. Of surfaces few, so
/// that rooms of a reflectance up to 0.99 keep a spread that settles.
inline constexpr int kLongChain = 64;
inline constexpr float kChainLives = 0.95f, kReflectionLives = 0.98f;

template <class Stream, class Sink>
class Tracer {
 public:
    Tracer(const Scene& scene, Sink& sink, Guidance guidance) : scene_(scene), sink_(sink), guidance_(guidance) {}

    /// One path tree from a point that faces a unit normal in a space; weight scales all it finds.
    void from_point(Vec3f at, Vec3f normal, int space, float weight, Stream stream) {
        ++tally_.paths;
        pending_.push_back({{at, normal, space}, weight, begin(), stream});
        run();
    }
    /// One path tree along a ray: estimates luminance towards the origin. Up to the first matt place every way that
    /// light can take is followed, none is drawn: what is seen straight, through panes or in mirrors, is as it is.
    /// splits false: one of the ways is drawn, the yardstick of the benches.
    void from_ray(Vec3f origin, Vec3f direction, float weight, Stream stream, bool splits = true) {
        ++tally_.paths;
        splits_ = splits;
        arrive(origin, direction, weight, begin(), stream, -1);
        follow();
        splits_ = false;
        first_order_ = splits ? 1 : 0;
        run();
        first_order_ = 0;
    }
    /// One path from the outer face of a veil: estimates what falls onto it, each direction by the veil's share of it.
    void from_veil(Vec3f at, Vec3f normal, int portal, Stream stream) {
        ++tally_.paths;
        pending_.push_back({{at, normal, geometry::kOutdoors, portal}, 1, begin().scattered(portal), stream});
        run();
    }
    const Tally& tally() const { return tally_; }
    /// Of wavelengths, where the scene's states are bands of them: of the paths to come.
    void choose(size_t choice) { choice_ = choice; }
    /// Of points to come: what lies between these sines of height over the line of sight counts. None: all does.
    void see_between(const std::optional<SeenBetween>& sines) { seen_ = sines; }

 private:
    Trail begin() const {
        Trail out;
        if (scene_.choices() > 0) out.states = scene_.share_of(choice_);
        return out;
    }

    // Eyes see reveals: their sinks say so.
    static constexpr bool kIntoReveals = requires { typename Sink::LooksIntoReveals; };

    struct Vertex : LitPlace {
        float weight;  ///< times the irradiance here is the contribution
        Trail trail;
        Stream stream;
    };

    // A ray on its way: past a pane, off a mirror.
    struct Ray {
        Vec3f origin, direction;
        float weight;
        Trail trail;
        Stream stream;
        int leaving;  ///< the portal on whose plane it starts; -1: none
    };

    void run() {
        while (!pending_.empty()) {
            const Vertex vertex = pending_.back();
            pending_.pop_back();
            gather(vertex);
        }
    }
    // Step by step, not each ray from within the one before: a chain between panes may be of any length.
    void follow() {
        for (int steps = 0; next_ || !aside_.empty(); ++steps) {
            if (!next_) {
                next_ = aside_.back();
                aside_.pop_back();
            }
            Ray ray = *next_;
            next_.reset();
            if (steps > kLongChain && !lives_on(ray.stream, kChainLives, ray.weight)) continue;
            ++tally_.rays;
            const Hit hit = scene_.intersect(ray.origin, ray.direction, ray.leaving, choice_);
            continue_with(hit, ray.origin, ray.direction, ray.weight, arrived(hit, ray.trail), ray.stream);
        }
    }
    static bool lives_on(Stream& stream, float share, float& weight) {
        if (stream.next().u >= share) return false;
        weight *= 1 / share;
        return true;
    }

    // Of an eye's ray, whether both ways are followed; what carries little goes one of them.
    bool splits(float weight) const { return splits_ && weight > kRoulette / 8; }

    // What a portal lets a ray do, and how often a ray that is drawn by cosine goes straight on and is not mirrored.
    // What it scatters through is what is seen of light from everywhere: the angle at which light comes counts beyond
    // it (veil_share).
    struct Crossing : PaneResponse {
        float pass_chance = 0;
    };
    static Crossing crossing(const ScenePortal& portal, Vec3f direction) {
        Crossing c{portal.pass(direction), 0};
        c.through = portal.scatter_seen(direction);
        if (c.straight > 0) c.pass_chance = c.straight / (c.straight + c.mirror);
        return c;
    }

    float portal_chances(const Vertex& x, const std::vector<int>& portals) {
        // All paths of a point begin at the same vertex: what was found for it is kept.
        const bool first = x.trail.order == 0;
        if (first && first_known_ && first_at_ == x.at && first_normal_ == x.normal) {
            chances_ = first_chances_;
            return first_sum_;
        }
        chances_.clear();
        float sum = 0;
        for (const int k : portals) {
            chances_.push_back(portal_chance(scene_.portals()[static_cast<size_t>(k)], x.at, x.normal));
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
        x.at = x.at + x.normal * (x.trail.order == 0 ? kFirstLift : kLift);
        Stream stream = x.stream;
        if constexpr (requires { sink_.vertex(x, x.weight, x.trail, stream); })
            sink_.vertex(x, x.weight, x.trail, stream);
        static const std::vector<int> none;
        const std::vector<int>& portals = guidance_ == Guidance::openings ? scene_.portals_of(x.space) : none;
        const bool guided = !portals.empty() && portal_chances(x, portals) > 0;
        const Stream cosine_stream = stream.branch(), portal_stream = stream.branch();
        x.trail.from_matt = true;
        gather_by_cosine(x, cosine_stream, portals, guided);
        follow();
        if (!guided) return;
        const int samples = portal_samples(x.trail.order);
        for (int k = 0; k < samples; ++k) {
            gather_through_portal(x, portal_stream.split(static_cast<uint32_t>(k), static_cast<uint32_t>(samples)),
                                  portals);
            follow();
        }
    }

    int portal_samples(int order) const { return order <= first_order_ ? kFirstSamples : 1; }

    // Where rays are drawn towards the mouths of openings: what lies in a mouth, reveals and panes, is found by these
    // and by the cosine.
    bool into_reveals(const Vertex& x) const { return kIntoReveals && x.trail.order <= first_order_; }
    // Density by solid angle with which the mouths but one are drawn in that direction.
    float towards_mouths(const Vertex& x, Vec3f direction, const std::vector<int>& portals, size_t but) const {
        float out = 0;
        for (size_t i = 0; i < portals.size(); ++i) {
            if (i == but || chances_[i] <= 0) continue;
            const ScenePortal& portal = scene_.portals()[static_cast<size_t>(portals[i])];
            const Vec3f from = x.at + to_mouth(portal, x.at);
            if (const float distance = way_to_rectangle(portal, from, direction); distance < kFar)
                out += chances_[i] * PortalView(portal, from).density(direction, distance);
        }
        return out;
    }

    // What an eye's brow and cheek hide of a point's own half space.
    bool is_hidden(const Vertex& x, Vec3f direction) const {
        if (!seen_ || x.trail.order > 0) return false;
        const float up = dot(direction, seen_->up);
        return up > seen_->most || up < seen_->least;
    }

    void gather_through_portal(const Vertex& x, Stream stream, const std::vector<int>& portals) {
        // One pair picks the portal and, with what is left of it, the place in the portal: so that all openings
        // together are covered as evenly as one.
        random::Pair dice = stream.next();
        size_t pick = 0;
        while (pick + 1 < portals.size() && (dice.u >= chances_[pick] || chances_[pick] == 0))
            dice.u -= chances_[pick++];
        if (chances_[pick] <= 0) return;
        dice.u = std::min(dice.u / chances_[pick], 0x1.fffffep-1f);
        const int k = portals[pick];
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(k)];
        const Vec3f from = into_reveals(x) ? x.at + to_mouth(portal, x.at) : x.at;
        const PortalView view(portal, from);
        const Vec3f to = view.point(dice) - from;
        const float distance = length(to);
        if (!(distance > 0)) return;
        const Vec3f direction = to * (1 / distance);
        if (dot(direction, x.normal) <= 0 || is_hidden(x, direction)) return;
        float density = chances_[pick] * view.density(direction, distance);
        if (!(density > 0)) return;
        if (into_reveals(x)) density += towards_mouths(x, direction, portals, pick);
        const float pane = into_reveals(x) ? way_to_rectangle(portal, x.at, direction) : distance;
        ++tally_.rays;
        const Hit hit = scene_.intersect(x.at, direction, pane < kFar ? k : -1, choice_);
        const Drawn drawn = drawn_towards(x, direction, density);
        if (hit.distance >= pane - 2 * kLift && pane < kFar)
            pass_pane(x, k, pane, direction, drawn, hit, stream);
        else if (into_reveals(x))
            come_upon(x, direction, drawn, hit, stream);
    }

    // Of a direction that is drawn towards openings: what is carried times cosine, and how densely it is drawn in both
    // ways.
    struct Drawn {
        float taken, guided, by_cosine;
    };
    Drawn drawn_towards(const Vertex& x, Vec3f direction, float density) const {
        const float cosine = dot(direction, x.normal);
        return {x.weight * cosine * veil_share(scene_, x.veil, direction),
                static_cast<float>(portal_samples(x.trail.order)) * density, cosine * static_cast<float>(1 / kPi)};
    }
    // hit: what is met beyond the pane.
    void pass_pane(const Vertex& x, int k, float distance, Vec3f direction, const Drawn& drawn, const Hit& hit,
                   Stream& stream) {
        const Trail trail = arrived(hit, x.trail);
        const float straight = scatter_drawn(x, k, distance, direction, drawn, trail, stream);
        if (straight > 0) continue_with(hit, x.at, direction, straight, past(trail, k, direction), stream);
    }
    // A ray into a mouth met something else than its pane: its reveal mostly.
    void come_upon(const Vertex& x, Vec3f direction, const Drawn& drawn, const Hit& hit, Stream& stream) {
        const Trail trail = arrived(hit, x.trail);
        if (hit.what != Hit::What::portal)
            return continue_with(hit, x.at, direction, drawn.taken / (drawn.guided + drawn.by_cosine), trail, stream,
                                 x.veil < 0 ? drawn.by_cosine : 0.0f);
        const float straight = scatter_drawn(x, hit.portal, hit.distance, direction, drawn, trail, stream);
        arrive(x.at + direction * hit.distance, direction, straight, past(trail, hit.portal, direction), stream,
               hit.portal);
    }
    // What a pane scatters of a ray that was drawn towards it; the weight of what goes straight on. Scattered light is
    // found by every cosine ray that meets the portal, light that passes straight only by some of them.
    float scatter_drawn(const Vertex& x, int k, float distance, Vec3f direction, const Drawn& drawn, const Trail& trail,
                        Stream& stream) {
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(k)];
        const Crossing at = crossing(portal, direction);
        if (at.through > 0)
            scatter_through(portal, k, x.at + direction * distance, direction,
                            drawn.taken * at.through / (drawn.guided + drawn.by_cosine), trail, stream.branch());
        return at.straight > 0 ? drawn.taken * at.straight / (drawn.guided + drawn.by_cosine * at.pass_chance) : 0.0f;
    }

    void gather_by_cosine(const Vertex& x, Stream stream, const std::vector<int>& portals, bool guided) {
        const Vec3f local = cosine_direction(stream.next());
        const Vec3f direction = Frame(x.normal).out(local);
        if (is_hidden(x, direction)) return;
        const float carried = x.weight * veil_share(scene_, x.veil, direction),
                    full = carried * static_cast<float>(kPi);
        ++tally_.rays;
        const Hit hit = scene_.intersect(x.at, direction, -1, choice_);
        const Trail trail = arrived(hit, x.trail);
        const float by_cosine = local.z * static_cast<float>(1 / kPi);
        // The other way of drawing could have found this too.
        const float towards =
            guided ? static_cast<float>(portal_samples(x.trail.order)) * towards_hit(x, direction, hit, portals) : 0;
        if (hit.what != Hit::What::portal) {
            const float share = towards > 0 ? by_cosine / (towards + by_cosine) : 1;
            return continue_with(hit, x.at, direction, full * share, trail, stream, x.veil < 0 ? by_cosine : 0.0f);
        }
        if (!(towards > 0)) return continue_with(hit, x.at, direction, full, trail, stream);
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(hit.portal)];
        const Crossing at = crossing(portal, direction);
        const Vec3f at_portal = x.at + direction * hit.distance;
        // What is sent back cannot be drawn towards the portal.
        if (at.through > 0)
            scatter_through(portal, hit.portal, at_portal, direction,
                            carried * local.z * at.through / (towards + by_cosine), trail, stream.branch());
        if (at.back > 0) scatter_back(portal, at_portal, direction, full * at.back, trail, stream.branch());
        if (at.straight + at.mirror <= 0) return;
        if (stream.next().u < at.pass_chance) {
            const float weight = carried * local.z * at.straight / (towards + by_cosine * at.pass_chance);
            return arrive(at_portal, direction, weight, past(trail, hit.portal, direction), stream, hit.portal);
        }
        mirror(portal, at_portal, direction, full * (at.straight + at.mirror), trail, stream, hit.portal);
    }

    // Density by solid angle with which the other way of drawing leads to what a ray met.
    float towards_hit(const Vertex& x, Vec3f direction, const Hit& hit, const std::vector<int>& portals) const {
        if (into_reveals(x)) return towards_mouths(x, direction, portals, portals.size());
        if (hit.what != Hit::What::portal) return 0;
        size_t pick = 0;
        while (pick < portals.size() && portals[pick] != hit.portal) ++pick;
        if (pick == portals.size() || chances_[pick] <= 0) return 0;
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(hit.portal)];
        return chances_[pick] * PortalView(portal, x.at).density(direction, hit.distance);
    }

    // The portal to remember after passing one: only those that lead to the open count.
    int beyond(const ScenePortal& portal, int index, Vec3f direction, int before) const {
        const bool outward = dot(direction, portal.normal) > 0;
        return (outward ? portal.outside : portal.inside) == geometry::kOutdoors ? index : before;
    }
    Trail past(const Trail& trail, int index, Vec3f direction) const {
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(index)];
        const int remembered = beyond(portal, index, direction, trail.portal);
        return tinted(portal, direction, trail)
            .past(remembered, remembered == index ? std::fabs(dot(direction, portal.normal)) : trail.slant);
    }
    static bool is_coloured(const ScenePortal& portal) {
        return !portal.tints.empty() || portal.blind_tints != nullptr;
    }
    // In bands of wavelength panes pass more or less than of all light.
    Trail tinted(const ScenePortal& portal, Vec3f direction, const Trail& trail) const {
        return portal.tints.empty() ? trail : trail.weighed(portal.tint(direction, choice_));
    }

    // The ray that is followed next: each ray leads to one at most. One that starts on a portal's plane looks through
    // that one portal.
    void arrive(Vec3f origin, Vec3f direction, float weight, const Trail& trail, Stream stream, int leaving) {
        if (weight > 0) next_.emplace(Ray{origin, direction, weight, trail, stream, leaving});
    }
    // States in which a ray would have come here more or less often are given more or less of what it finds.
    Trail arrived(const Hit& hit, const Trail& trail) const {
        return scene_.states() > 1 ? trail.weighed(hit.arrives) : trail;
    }

    static Trail mirrored(const Trail& trail, int space) {
        Trail out = trail.reflected(way_off(space, false));
        out.order = trail.order;
        return out;
    }
    void mirror(const ScenePortal& portal, Vec3f at, Vec3f direction, float weight, const Trail& trail, Stream stream,
                int index) {
        const Vec3f away = direction - portal.normal * (2 * dot(direction, portal.normal));
        const int space = dot(direction, portal.normal) > 0 ? portal.inside : portal.outside;
        // A mirrored ray counts no reflection of its own: orders are those of surfaces.
        const Trail after = portal.tints.empty() ? trail : trail.weighed(portal.mirror_tint(direction, choice_));
        arrive(at, away, weight, mirrored(after, space), stream, index);
    }

    // Scattered light leaves evenly, to the other side of the portal or back to the side it was seen from.
    void scatter_through(const ScenePortal& portal, int index, Vec3f at, Vec3f direction, float weight,
                         const Trail& trail, Stream stream) {
        const bool outward = dot(direction, portal.normal) > 0;
        const LitPlace place{at, outward ? portal.normal : -portal.normal, outward ? portal.outside : portal.inside,
                             index};
        const float carried = weight * static_cast<float>(1 / kPi);
        const Trail after = (is_coloured(portal) ? trail.weighed(portal.through_tint(direction, choice_)) : trail)
                                .scattered(beyond(portal, index, direction, trail.portal));
        if constexpr (requires { sink_.ends_at(place, carried, after); })
            if (sink_.ends_at(place, carried, after)) return;
        live_on({place, carried, after, stream});
    }
    void scatter_back(const ScenePortal& portal, Vec3f at, Vec3f direction, float weight, const Trail& trail,
                      Stream stream) {
        const bool outward = dot(direction, portal.normal) > 0;
        const int space = outward ? portal.inside : portal.outside;
        const Trail after = is_coloured(portal) ? trail.weighed(portal.back_tint(direction, choice_)) : trail;
        live_on({{at, outward ? -portal.normal : portal.normal, space},
                 weight * static_cast<float>(1 / kPi),
                 after.reflected(way_off(space, false)),
                 stream});
    }

    // by_cosine: how densely the direction was drawn, where it was drawn from a matt place; else 0.
    void continue_with(const Hit& hit, Vec3f origin, Vec3f direction, float weight, const Trail& trail, Stream& stream,
                       float by_cosine = 0) {
        if (!(weight > 0)) return;
        switch (hit.what) {
            case Hit::What::nothing:
                if (direction.z >= 0)
                    sink_.sky(direction, weight, trail);
                else
                    sink_.ground(weight, trail.reflected(Way::from_ground));
                return;
            case Hit::What::surface:
                return leave_surface(hit, origin + direction * hit.distance, direction, weight,
                                     scene_.states() > 1 ? trail.weighed(hit.sends) : trail, stream, by_cosine);
            case Hit::What::portal:
                return meet(hit, origin, direction, weight, trail, stream);
        }
    }

    void leave_surface(const Hit& hit, Vec3f at, Vec3f direction, float weight, const Trail& trail, Stream& stream,
                       float by_cosine) {
        Vec3f normal = hit.normal;
        const float drawn =
            hit.through > 0 ? 0.0f
                            : by_cosine * std::fabs(dot(direction, normal)) / (hit.distance * hit.distance + 1e-12f);
        if (hit.specular + hit.through > 0 && splits(weight)) {
            Stream way = stream.branch();
            if (hit.specular > 0) gloss(hit, at, direction, weight * hit.specular, trail, way, drawn);
            if (hit.through > 0) leave_matt(hit, at, -normal, weight * hit.through, trail, drawn, stream.branch());
            weight *= hit.reflectance;
        } else if (hit.specular + hit.through > 0) {
            // One of the three ways is drawn, as often as light takes it.
            const float all = hit.reflectance + hit.specular + hit.through;
            const float dice = stream.next().u * all;
            weight *= all;
            if (dice < hit.specular) return gloss(hit, at, direction, weight, trail, stream, drawn);
            if (dice < hit.specular + hit.through) normal = -normal;
        } else {
            weight *= hit.reflectance;
        }
        leave_matt(hit, at, normal, weight, trail, drawn, stream.branch());
    }
    void leave_matt(const Hit& hit, Vec3f at, Vec3f normal, float weight, const Trail& trail, float drawn,
                    Stream stream) {
        const LitPlace place{at, normal, hit.space, -1, hit.distance, drawn};
        const float carried = weight * static_cast<float>(1 / kPi);
        const Trail after = trail.reflected(way_off(hit.space, hit.ground));
        if constexpr (requires { sink_.remembers(place, carried, after, stream); })
            if (carried > 0 && sink_.remembers(place, carried, after, stream)) return;
        live_on({place, carried, after, stream});
    }

    // Around the mirrored direction: the power of a cosine, what would go into the surface folded back out of it, so
    // that nothing is lost however rough it is.
    void gloss(const Hit& hit, Vec3f at, Vec3f direction, float weight, const Trail& trail, Stream& stream,
               float drawn) {
        const Trail after = trail.reflected(way_off(hit.space, hit.ground));
        if (trail.order > kLongChain && !lives_on(stream, kChainLives, weight)) return;  // two mirrors face to face
        const Vec3f away = direction - hit.normal * (2 * dot(direction, hit.normal));
        const Vec3f from = at + hit.normal * kLift;
        const LitPlace place{from, hit.normal, hit.space, -1, hit.distance, drawn};
        if constexpr (requires { sink_.gloss(place, GlossLobe{}, weight, after, stream); })
            sink_.gloss(place, GlossLobe{hit.normal, away, hit.sharpness}, weight, after, stream);
        const random::Pair pair = stream.next();
        const float cosine = std::pow(1 - pair.u, 1 / (hit.sharpness + 1)),
                    sine = std::sqrt(std::max(0.0f, 1 - cosine * cosine));
        const float angle = static_cast<float>(2 * kPi) * pair.v;
        Vec3f out = Frame(away).out({sine * std::cos(angle), sine * std::sin(angle), cosine});
        const float above = dot(out, hit.normal);
        if (above < 0) out = out - hit.normal * (2 * above);
        arrive(from, out, weight, after, stream.branch(), -1);
    }

    void meet(const Hit& hit, Vec3f origin, Vec3f direction, float weight, const Trail& trail, Stream& stream) {
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(hit.portal)];
        const Vec3f at = origin + direction * hit.distance;
        const Crossing c = crossing(portal, direction);
        if (c.through > 0)
            scatter_through(portal, hit.portal, at, direction, weight * c.through, trail, stream.branch());
        if (c.back > 0) scatter_back(portal, at, direction, weight * c.back, trail, stream.branch());
        const float both = c.straight + c.mirror;
        if (both <= 0) return;
        if (splits(weight)) {
            if (c.mirror > 0) {
                mirror(portal, at, direction, weight * c.mirror, trail, stream.branch(), hit.portal);
                aside_.push_back(*next_);
                next_.reset();
            }
            return arrive(at, direction, weight * c.straight, past(trail, hit.portal, direction), stream, hit.portal);
        }
        if (stream.next().u < c.pass_chance)
            return arrive(at, direction, weight * both, past(trail, hit.portal, direction), stream, hit.portal);
        if (c.mirror > 0) mirror(portal, at, direction, weight * both, trail, stream, hit.portal);
    }

    void live_on(Vertex vertex) {
        if (!(vertex.weight > 0)) return;
        const float least = vertex.space == geometry::kOutdoors ? kRouletteOutdoors : kRoulette;
        if (vertex.weight < least) {
            if (vertex.stream.next().u * least >= vertex.weight) return;
            vertex.weight = least;
        }
        if (vertex.trail.order > kLongChain && !lives_on(vertex.stream, kReflectionLives, vertex.weight)) return;
        pending_.push_back(vertex);
    }

    const Scene& scene_;
    Sink& sink_;
    Guidance guidance_;
    Tally tally_;
    std::vector<Vertex> pending_;
    std::optional<Ray> next_;
    std::vector<Ray> aside_;  // that wait for it to end
    bool splits_ = false;
    size_t choice_ = 0;
    std::optional<SeenBetween> seen_;
    int first_order_ = 0;  // of the vertices that are the first of their path
    std::vector<float> chances_;
    bool first_known_ = false;
    Vec3f first_at_{}, first_normal_{};
    std::vector<float> first_chances_;
    float first_sum_ = 0;
};

}  // namespace wp::light
