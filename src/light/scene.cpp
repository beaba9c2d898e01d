// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/scene.h"

#include <pmmintrin.h>

#include <algorithm>
#include <bit>
#include <cmath>
#include <stdexcept>

#include "light/ray_context.h"

namespace wp::light {

namespace {

constexpr unsigned kSurfaces = 0, kPortals = 1, kPorous = 2;

// The smoothest mirror spreads the sun's picture to about two degrees: else no sun would ever be met in it.
constexpr double kSmoothest = 0.02;
float sharpness(double roughness) {
    // Facets whose slopes have that root mean square; the mirrored direction swings twice as far as they do.
    const double r = std::max(roughness, kSmoothest);
    return static_cast<float>(std::max(0.0, (2 / (r * r) - 2) / 4));
}

// Embree's device is costly to open and thread-safe: one for the process, opened at first use.
RTCDevice device() {
    struct Holder {
        RTCDevice device = rtcNewDevice(nullptr);
        ~Holder() { rtcReleaseDevice(device); }
    };
    static Holder holder;
    if (holder.device == nullptr) throw std::runtime_error("the ray kernels cannot be started");
    return holder.device;
}

void skip_one(const RTCFilterFunctionNArguments* args) {
    const auto* context = reinterpret_cast<const RayContext*>(args->context);
    if (args->valid[0] == -1 && RTCHitN_primID(args->hit, args->N, 0) == static_cast<unsigned>(context->skip))
        args->valid[0] = 0;
}

// A beam passes panes and is dimmed by each.
void dim_beam(const RTCFilterFunctionNArguments* args) {
    auto* context = reinterpret_cast<RayContext*>(args->context);
    if (args->valid[0] != -1 || context->stops_at_portals) return;
    const unsigned index = RTCHitN_primID(args->hit, args->N, 0);
    const ScenePortal& portal = context->portals[index];
    const Vec3f d{RTCRayN_dir_x(args->ray, args->N, 0), RTCRayN_dir_y(args->ray, args->N, 0),
                  RTCRayN_dir_z(args->ray, args->N, 0)};
    const float straight = portal.pass(d).straight;
    if (straight <= 0) return;
    if (index != context->last_portal) {
        context->beam.share *= straight;
        for (float& share : context->beam.states) share *= straight;
        if (!portal.tints.empty()) context->beam.states = context->beam.states * portal.mean_tint(d);
    }
    context->last_portal = index;
    if (portal.group >= 0) context->beam.portal = static_cast<int>(index);
    args->valid[0] = 0;
}

uint32_t mix(uint32_t h) {
    h ^= h >> 16;
    h *= 0x7feb352du;
    h ^= h >> 15;
    h *= 0x846ca68bu;
    return h ^ (h >> 16);
}

// Whether a ray goes through what is partly open: a throw that belongs to this ray and this face, so that it comes out
// the same however often the kernels ask.
void pass_some(const RTCFilterFunctionNArguments* args) {
    if (args->valid[0] != -1) return;
    const auto* context = reinterpret_cast<const RayContext*>(args->context);
    const unsigned face = RTCHitN_primID(args->hit, args->N, 0);
    uint32_t h = mix(face + 0x9e3779b9u);
    for (const float part : {RTCRayN_org_x(args->ray, args->N, 0), RTCRayN_org_y(args->ray, args->N, 0),
                             RTCRayN_org_z(args->ray, args->N, 0), RTCRayN_dir_x(args->ray, args->N, 0),
                             RTCRayN_dir_y(args->ray, args->N, 0), RTCRayN_dir_z(args->ray, args->N, 0)})
        h = mix(h ^ std::bit_cast<uint32_t>(part)) + 0x9e3779b9u;
    if (static_cast<float>(h >> 8) * 0x1p-24f >= context->openness[face].drawn) return;
    args->valid[0] = 0;
    if (context->passed != nullptr) context->passed->emplace_back(RTCRayN_tfar(args->ray, args->N, 0), face);
}

// A beam is dimmed by what is partly open.
void dim_by_holes(const RTCFilterFunctionNArguments* args) {
    if (args->valid[0] != -1) return;
    auto* context = reinterpret_cast<RayContext*>(args->context);
    const Openness& holes = context->openness[RTCHitN_primID(args->hit, args->N, 0)];
    if (holes.drawn <= 0) return;
    const float distance = RTCRayN_tfar(args->ray, args->N, 0);
    if (std::fabs(distance - context->last_hole) > 1e-5f * distance) {
        context->beam.share *= holes.open[0];
        context->beam.holes *= holes.open[0];
        context->beam.states = context->beam.states * holes.open;
    }
    context->last_hole = distance;
    args->valid[0] = 0;
}

RayContext new_context(const std::vector<ScenePortal>& portals, const std::vector<Openness>& openness, int skip) {
    RayContext context{};
    rtcInitIntersectContext(&context.base);
    context.portals = portals.data();
    context.openness = openness.data();
    context.skip = skip;
    context.stops_at_portals = false;
    context.beam = {1, -1, 1, kAllAlike};
    context.last_portal = 0xffffffffu;
    context.last_hole = -1;
    context.passed = nullptr;
    return context;
}

void put(float* to, Vec3f v) {
    to[0] = v.x;
    to[1] = v.y;
    to[2] = v.z;
}

}  // namespace

Scene::Scene(const geometry::Surfaces& surfaces, Blinds blinds, const State& state)
    : Scene(surfaces, layers_of(surfaces, blinds), state) {}

Scene::Scene(const geometry::Surfaces& surfaces, const BlindLayers& layers, const State& state)
    : Scene(surfaces, layers, std::span(&state, 1)) {}

Scene::Scene(const geometry::Surfaces& surfaces, const BlindLayers& layers, std::span<const State> states,
             const Tints* tints)
    : panes_(surfaces, layers, tints, std::clamp<size_t>(states.size(), 1, kMostStates)),
      groups_(static_cast<int>(surfaces.groups.size())),
      states_(std::clamp<size_t>(states.size(), 1, kMostStates)),
      ground_reflectance_(static_cast<float>(states[0].ground >= 0 ? states[0].ground : surfaces.ground_reflectance)) {
    portals_of_.resize(surfaces.spaces.size());
    for (size_t i = 0; i < surfaces.spaces.size(); ++i)
        airs_.push_back(surfaces.air.empty() ? static_cast<int>(i) : surfaces.air[i]);
    for (size_t i = 0; i < portals().size(); ++i)
        for (const int space : {portals()[i].inside, portals()[i].outside})
            if (space >= 0) add_portal_to(space, static_cast<int>(i), surfaces.air);
    scene_ = rtcNewScene(device());
    rtcSetSceneFlags(scene_, RTC_SCENE_FLAG_ROBUST);
    if (tints != nullptr)
        for (const auto& choice : tints->choices) shares_.push_back(choice.share);
    add_matters(surfaces, states.first(states_), tints);
    add_triangles(surfaces, false, states.first(states_));
    add_triangles(surfaces, true, states.first(states_));
    if (!portals().empty()) add_panes();
    rtcCommitScene(scene_);
}

Openness Scene::holes_of(const geometry::Surface& surface, std::span<const State> states) {
    Openness out;
    // Drawn between the states, so that none is met by rays that are rare among those drawn.
    for (size_t k = 0; k < states.size(); ++k) {
        out.open[k] =
            static_cast<float>(states[k].season == model::Season::in_leaf ? surface.openness : surface.bare_openness);
        out.drawn += out.open[k] / static_cast<float>(states.size());
    }
    return out;
}

namespace {

// Rays are drawn by the brightest of all bands, as far as its errors count: by less, paths would end that carry much in
// it, and the few that live on would carry too much each.
float most_of(const Tints& tints, size_t surface, size_t states) {
    float most = 1;
    for (size_t k = 1; k < states; ++k) {
        float mean = 0;
        for (const auto& choice : tints.choices)
            mean += choice.surfaces[surface][k] / static_cast<float>(tints.choices.size());
        most = std::max(most, mean * tints.counts[k]);
    }
    return most;
}

}  // namespace

void Scene::add_matters(const geometry::Surfaces& surfaces, std::span<const State> states, const Tints* tints) {
    for (size_t i = 0; i < surfaces.surfaces.size(); ++i) {
        const auto& s = surfaces.surfaces[i];
        const Openness holes = holes_of(s, states);
        const bool open_ground = s.element == geometry::Element::ground && states[0].ground >= 0;
        // Of the rays that are met: those that went through the holes are not among them.
        const float closed = std::max(1e-9f, 1 - holes.drawn);
        double ground = 0;
        for (const State& state : states) ground += state.ground / static_cast<double>(states.size());
        ByState sends = kAllAlike;
        for (size_t k = 0; k < states.size(); ++k) {
            sends[k] = closed / std::max(1e-9f, 1 - holes.open[k]);
            if (open_ground) sends[k] = ground > 0 ? static_cast<float>(states[k].ground / ground) : 0.0f;
        }
        float drawn = 1;
        if (tints != nullptr) {
            drawn = most_of(*tints, i, states.size());
            for (const auto& choice : tints->choices) {
                ByState tint = kAllAlike;
                for (size_t k = 0; k < states.size(); ++k) tint[k] = drawn > 0 ? choice.surfaces[i][k] / drawn : 0.0f;
                tints_.push_back(tint);
            }
        }
        matters_.push_back(
            {open_ground ? static_cast<float>(ground) * drawn : static_cast<float>(s.reflectance) / closed * drawn,
             static_cast<float>(s.specular) / closed * drawn, sharpness(s.roughness),
             static_cast<float>(s.through) / closed * drawn,
             s.element == geometry::Element::ground || s.element == geometry::Element::terrain, sends});
    }
}

void Scene::add_triangles(const geometry::Surfaces& surfaces, bool porous, std::span<const State> states) {
    std::vector<uint32_t> mine;
    for (size_t i = 0; i < surfaces.triangles.size(); ++i)
        if (surfaces.surfaces[surfaces.surface_of[i]].porous() == porous) mine.push_back(static_cast<uint32_t>(i));
    if (mine.empty()) return;
    RTCGeometry mesh = rtcNewGeometry(device(), RTC_GEOMETRY_TYPE_TRIANGLE);
    auto* vertices = static_cast<float*>(rtcSetNewGeometryBuffer(mesh, RTC_BUFFER_TYPE_VERTEX, 0, RTC_FORMAT_FLOAT3,
                                                                 3 * sizeof(float), 3 * mine.size()));
    auto* indices = static_cast<uint32_t*>(
        rtcSetNewGeometryBuffer(mesh, RTC_BUFFER_TYPE_INDEX, 0, RTC_FORMAT_UINT3, 3 * sizeof(uint32_t), mine.size()));
    auto& faces = porous ? porous_ : faces_;
    for (size_t i = 0; i < mine.size(); ++i) {
        const auto& t = surfaces.triangles[mine[i]];
        const Vec3 a = surfaces.vertices[t[0]], b = surfaces.vertices[t[1]], c = surfaces.vertices[t[2]];
        put(vertices + 9 * i, a.as<float>());
        put(vertices + 9 * i + 3, b.as<float>());
        put(vertices + 9 * i + 6, c.as<float>());
        for (size_t k = 0; k < 3; ++k) indices[3 * i + k] = static_cast<uint32_t>(3 * i + k);
        const Vec3 across = cross(b - a, c - a);
        const double twice_area = length(across);
        const uint32_t surface = surfaces.surface_of[mine[i]];
        const auto& s = surfaces.surfaces[surface];
        faces.push_back({twice_area > 0 ? (across * (1 / twice_area)).as<float>() : Vec3f{0, 0, 1}, surface, s.space});
        if (porous) openness_.push_back(holes_of(s, states));
    }
    if (porous) {
        rtcSetGeometryIntersectFilterFunction(mesh, pass_some);
        rtcSetGeometryOccludedFilterFunction(mesh, dim_by_holes);
    }
    rtcCommitGeometry(mesh);
    rtcAttachGeometryByID(scene_, mesh, porous ? kPorous : kSurfaces);
    rtcReleaseGeometry(mesh);
}

void Scene::add_panes() {
    RTCGeometry panes = rtcNewGeometry(device(), RTC_GEOMETRY_TYPE_QUAD);
    auto* corners = static_cast<float*>(rtcSetNewGeometryBuffer(panes, RTC_BUFFER_TYPE_VERTEX, 0, RTC_FORMAT_FLOAT3,
                                                                3 * sizeof(float), 4 * portals().size()));
    auto* quads = static_cast<uint32_t*>(rtcSetNewGeometryBuffer(panes, RTC_BUFFER_TYPE_INDEX, 0, RTC_FORMAT_UINT4,
                                                                 4 * sizeof(uint32_t), portals().size()));
    for (size_t i = 0; i < portals().size(); ++i) {
        const ScenePortal& p = portals()[i];
        put(corners + 12 * i, p.corner);
        put(corners + 12 * i + 3, p.corner + p.u);
        put(corners + 12 * i + 6, p.corner + p.u + p.v);
        put(corners + 12 * i + 9, p.corner + p.v);
        for (uint32_t k = 0; k < 4; ++k) quads[4 * i + k] = static_cast<uint32_t>(4 * i) + k;
    }
    rtcSetGeometryIntersectFilterFunction(panes, skip_one);
    rtcSetGeometryOccludedFilterFunction(panes, dim_beam);
    rtcCommitGeometry(panes);
    rtcAttachGeometryByID(scene_, panes, kPortals);
    rtcReleaseGeometry(panes);
}

// A portal is seen from all rooms of its air.
void Scene::add_portal_to(int space, int portal, const std::vector<int>& air) {
    const auto own = static_cast<size_t>(space);
    for (size_t other = 0; other < portals_of_.size(); ++other) {
        const bool same = other == own || (!air.empty() && air[other] == air[own]);
        auto& list = portals_of_[other];
        if (same && (list.empty() || list.back() != portal)) list.push_back(portal);
    }
}

Scene::~Scene() { rtcReleaseScene(scene_); }

const std::vector<int>& Scene::portals_of(int space) const {
    return space >= 0 && static_cast<size_t>(space) < portals_of_.size() ? portals_of_[static_cast<size_t>(space)]
                                                                         : no_portals_;
}

ByState Scene::likelihood(const std::vector<std::pair<float, unsigned>>& passed, float distance, int met) const {
    ByState out = kAllAlike;
    for (size_t i = 0; i < passed.size(); ++i) {
        // Beyond the hit nothing was passed; and of a face that is told of twice there was one throw.
        const auto [far, face] = passed[i];
        const auto same = [face = face](const auto& other) { return other.second == face; };
        if (far >= distance || std::any_of(passed.begin(), passed.begin() + static_cast<std::ptrdiff_t>(i), same))
            continue;
        for (size_t k = 0; k < states_; ++k) out[k] *= openness_[face].open[k] / openness_[face].drawn;
    }
    if (met >= 0)
        for (size_t k = 0; k < states_; ++k)
            out[k] *=
                (1 - openness_[static_cast<size_t>(met)].open[k]) / (1 - openness_[static_cast<size_t>(met)].drawn);
    return out;
}

Hit Scene::intersect(Vec3f origin, Vec3f direction, int skip_portal, size_t choice) const {
    static thread_local std::vector<std::pair<float, unsigned>> passed;
    RayContext context = new_context(portals(), openness_, skip_portal);
    if (states_ > 1) {
        passed.clear();
        context.passed = &passed;
    }
    RTCRayHit ray;
    ray.ray = {origin.x, origin.y, origin.z, 0, direction.x, direction.y, direction.z, 0, kFar, 0xffffffffu, 0, 0};
    ray.hit.geomID = RTC_INVALID_GEOMETRY_ID;
    ray.hit.instID[0] = RTC_INVALID_GEOMETRY_ID;
    rtcIntersect1(scene_, &context.base, &ray);
    Hit hit;
    if (states_ > 1) {
        const bool met = ray.hit.geomID == kPorous;
        if (met || !passed.empty())
            hit.arrives = likelihood(passed, ray.ray.tfar, met ? static_cast<int>(ray.hit.primID) : -1);
    }
    if (ray.hit.geomID == RTC_INVALID_GEOMETRY_ID) return hit;
    hit.distance = ray.ray.tfar;
    if (ray.hit.geomID == kPortals) {
        hit.what = Hit::What::portal;
        hit.portal = static_cast<int>(ray.hit.primID);
        return hit;
    }
    const Face& face = ray.hit.geomID == kPorous ? porous_[ray.hit.primID] : faces_[ray.hit.primID];
    const Matter& matter = matters_[face.matter];
    hit.what = Hit::What::surface;
    hit.lit_side = dot(face.normal, direction) < 0;
    hit.normal = hit.lit_side ? face.normal : -face.normal;
    hit.reflectance = matter.reflectance;
    hit.specular = matter.specular;
    hit.sharpness = matter.sharpness;
    hit.through = matter.through;
    hit.space = face.space;
    hit.ground = matter.ground;
    hit.source = face.matter;
    hit.sends = matter.sends;
    if (!tints_.empty()) hit.sends = hit.sends * tints_[face.matter * shares_.size() + choice];
    return hit;
}

bool Scene::leads_out(int space, Vec3f origin, Vec3f direction) const {
    if (space < 0) return true;
    constexpr float margin = 1e-3f;
    return std::ranges::any_of(portals_of(space), [&](int index) {
        const ScenePortal& p = portals()[static_cast<size_t>(index)];
        const Vec3f from = origin - p.corner;
        const float through = dot(direction, p.normal), height = -dot(from, p.normal);
        // In the portal's own plane there is nothing to compute with.
        if (std::fabs(through) < 1e-6f || std::fabs(height) < margin) return true;
        const float t = height / through;
        if (t < 0) return false;
        const float u = dot(from, p.unit_u) + t * dot(direction, p.unit_u),
                    v = dot(from, p.unit_v) + t * dot(direction, p.unit_v);
        return u > -margin && v > -margin && u < p.length_u + margin && v < p.length_v + margin;
    });
}

ByState Scene::between(Vec3f from, Vec3f to) const {
    RayContext context = new_context(portals(), openness_, -1);
    context.stops_at_portals = true;
    const Vec3f d = to - from;
    // Both ends stand off their surfaces.
    RTCRay ray{from.x, from.y, from.z, 0, d.x, d.y, d.z, 0, 1, 0xffffffffu, 0, 0};
    rtcOccluded1(scene_, &context.base, &ray);
    return ray.tfar < 0 ? ByState{} : context.beam.states;
}

ByState Scene::seen_through(Vec3f from, Vec3f to, float short_of) const {
    RayContext context = new_context(portals(), openness_, -1);
    const Vec3f way = to - from;
    const float far = length(way);
    if (!(far > short_of)) return kAllAlike;
    const Vec3f d = way * (1 / far);
    RTCRay ray{from.x, from.y, from.z, 0, d.x, d.y, d.z, 0, far - short_of, 0xffffffffu, 0, 0};
    rtcOccluded1(scene_, &context.base, &ray);
    return ray.tfar < 0 ? ByState{} : context.beam.states;
}

Scene::Beam Scene::beam(Vec3f origin, Vec3f direction) const {
    RayContext context = new_context(portals(), openness_, -1);
    RTCRay ray{origin.x, origin.y, origin.z, 0, direction.x, direction.y, direction.z, 0, kFar, 0xffffffffu, 0, 0};
    rtcOccluded1(scene_, &context.base, &ray);
    return ray.tfar < 0 ? Beam{0, -1, 0, {}} : context.beam;
}

}  // namespace wp::light
