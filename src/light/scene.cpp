// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/scene.h"

#include <embree3/rtcore.h>
#include <pmmintrin.h>

#include <algorithm>
#include <bit>
#include <cmath>
#include <stdexcept>

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

struct Context {
    RTCIntersectContext base;
    const ScenePortal* portals;
    const float* openness;
    int skip;
    Scene::Beam beam;
    // What a beam went through last: on the seam between two triangles the kernels tell of both.
    unsigned last_portal;
    float last_hole;
};

void skip_one(const RTCFilterFunctionNArguments* args) {
    const auto* context = reinterpret_cast<const Context*>(args->context);
    if (args->valid[0] == -1 && RTCHitN_primID(args->hit, args->N, 0) == static_cast<unsigned>(context->skip))
        args->valid[0] = 0;
}

// A beam passes panes and is dimmed by each.
void dim_beam(const RTCFilterFunctionNArguments* args) {
    auto* context = reinterpret_cast<Context*>(args->context);
    if (args->valid[0] != -1) return;
    const unsigned index = RTCHitN_primID(args->hit, args->N, 0);
    const ScenePortal& portal = context->portals[index];
    const Vec3f d{RTCRayN_dir_x(args->ray, args->N, 0), RTCRayN_dir_y(args->ray, args->N, 0),
                  RTCRayN_dir_z(args->ray, args->N, 0)};
    const float straight = portal.pass(d).straight;
    if (straight <= 0) return;
    if (index != context->last_portal) context->beam.share *= straight;
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
    const auto* context = reinterpret_cast<const Context*>(args->context);
    const unsigned face = RTCHitN_primID(args->hit, args->N, 0);
    uint32_t h = mix(face + 0x9e3779b9u);
    for (const float part : {RTCRayN_org_x(args->ray, args->N, 0), RTCRayN_org_y(args->ray, args->N, 0), RTCRayN_org_z(args->ray, args->N, 0),
                             RTCRayN_dir_x(args->ray, args->N, 0), RTCRayN_dir_y(args->ray, args->N, 0), RTCRayN_dir_z(args->ray, args->N, 0)})
        h = mix(h ^ std::bit_cast<uint32_t>(part)) + 0x9e3779b9u;
    if (static_cast<float>(h >> 8) * 0x1p-24f < context->openness[face]) args->valid[0] = 0;
}

// A beam is dimmed by what is partly open.
void dim_by_holes(const RTCFilterFunctionNArguments* args) {
    if (args->valid[0] != -1) return;
    auto* context = reinterpret_cast<Context*>(args->context);
    const float open = context->openness[RTCHitN_primID(args->hit, args->N, 0)];
    if (open <= 0) return;
    const float distance = RTCRayN_tfar(args->ray, args->N, 0);
    if (std::fabs(distance - context->last_hole) > 1e-5f * distance) {
        context->beam.share *= open;
        context->beam.holes *= open;
    }
    context->last_hole = distance;
    args->valid[0] = 0;
}

Context new_context(const std::vector<ScenePortal>& portals, const std::vector<float>& openness, int skip) {
    Context context{};
    rtcInitIntersectContext(&context.base);
    context.portals = portals.data();
    context.openness = openness.data();
    context.skip = skip;
    context.beam = {1, -1, 1};
    context.last_portal = 0xffffffffu;
    context.last_hole = -1;
    return context;
}

void put(float* to, Vec3f v) {
    to[0] = v.x;
    to[1] = v.y;
    to[2] = v.z;
}

}  // namespace

Scene::Scene(const geometry::Surfaces& surfaces, Blinds blinds, const State& state) : Scene(surfaces, layers_of(surfaces, blinds), state) {}

Scene::Scene(const geometry::Surfaces& surfaces, const BlindLayers& layers, const State& state)
    : panes_(surfaces, layers), groups_(static_cast<int>(surfaces.groups.size())), ground_reflectance_(static_cast<float>(state.ground >= 0 ? state.ground : surfaces.ground_reflectance)) {
    const model::Season season = state.season;
    portals_of_.resize(surfaces.spaces.size());
    for (size_t i = 0; i < portals().size(); ++i)
        for (const int space : {portals()[i].inside, portals()[i].outside})
            if (space >= 0) add_portal_to(space, static_cast<int>(i), surfaces.air);
    scene_ = rtcNewScene(device());
    rtcSetSceneFlags(scene_, RTC_SCENE_FLAG_ROBUST);
    for (const auto& s : surfaces.surfaces) {
        const double open = season == model::Season::in_leaf ? s.openness : s.bare_openness, closed = std::max(1e-9, 1 - open);
        // Of the rays that are met: those that went through the holes are not among them.
        const bool open_ground = state.ground >= 0 && s.element == geometry::Element::ground;
        matters_.push_back({open_ground ? ground_reflectance_ : static_cast<float>(s.reflectance / closed), static_cast<float>(s.specular / closed), sharpness(s.roughness), static_cast<float>(s.through / closed),
                           s.element == geometry::Element::ground || s.element == geometry::Element::terrain});
    }
    add_triangles(surfaces, false, season);
    add_triangles(surfaces, true, season);
    if (!portals().empty()) add_panes();
    rtcCommitScene(scene_);
}

void Scene::add_triangles(const geometry::Surfaces& surfaces, bool porous, model::Season season) {
    std::vector<uint32_t> mine;
    for (size_t i = 0; i < surfaces.triangles.size(); ++i)
        if (surfaces.surfaces[surfaces.surface_of[i]].porous() == porous) mine.push_back(static_cast<uint32_t>(i));
    if (mine.empty()) return;
    RTCGeometry mesh = rtcNewGeometry(device(), RTC_GEOMETRY_TYPE_TRIANGLE);
    auto* vertices = static_cast<float*>(rtcSetNewGeometryBuffer(mesh, RTC_BUFFER_TYPE_VERTEX, 0, RTC_FORMAT_FLOAT3, 3 * sizeof(float), 3 * mine.size()));
    auto* indices = static_cast<uint32_t*>(rtcSetNewGeometryBuffer(mesh, RTC_BUFFER_TYPE_INDEX, 0, RTC_FORMAT_UINT3, 3 * sizeof(uint32_t), mine.size()));
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
        if (porous) openness_.push_back(static_cast<float>(season == model::Season::in_leaf ? s.openness : s.bare_openness));
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
    return space >= 0 && static_cast<size_t>(space) < portals_of_.size() ? portals_of_[static_cast<size_t>(space)] : no_portals_;
}

Hit Scene::intersect(Vec3f origin, Vec3f direction, int skip_portal) const {
    Context context = new_context(portals(), openness_, skip_portal);
    RTCRayHit ray;
    ray.ray = {origin.x, origin.y, origin.z, 0, direction.x, direction.y, direction.z, 0, kFar, 0xffffffffu, 0, 0};
    ray.hit.geomID = RTC_INVALID_GEOMETRY_ID;
    ray.hit.instID[0] = RTC_INVALID_GEOMETRY_ID;
    rtcIntersect1(scene_, &context.base, &ray);
    Hit hit;
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
    return hit;
}

Scene::Beam Scene::beam(Vec3f origin, Vec3f direction) const {
    Context context = new_context(portals(), openness_, -1);
    RTCRay ray{origin.x, origin.y, origin.z, 0, direction.x, direction.y, direction.z, 0, kFar, 0xffffffffu, 0, 0};
    rtcOccluded1(scene_, &context.base, &ray);
    return ray.tfar < 0 ? Beam{0, -1, 0} : context.beam;
}

}  // namespace wp::light
