// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/scene.h"

#include <embree3/rtcore.h>
#include <pmmintrin.h>

#include <stdexcept>

namespace wp::light {

namespace {

constexpr unsigned kSurfaces = 0, kPortals = 1;

/// Reflectance assumed for the room side and the outer side of a closed blind.
constexpr float kBlindReflectance = 0.5f;

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
    int skip;
    Scene::Beam beam;
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
    if (portal.closed()) return;
    const Vec3f d{RTCRayN_dir_x(args->ray, args->N, 0), RTCRayN_dir_y(args->ray, args->N, 0),
                  RTCRayN_dir_z(args->ray, args->N, 0)};
    context->beam.share *= portal.transmittance(std::fabs(dot(d, portal.normal)));
    if (portal.group >= 0) context->beam.portal = static_cast<int>(index);
    args->valid[0] = 0;
}

Context new_context(const std::vector<ScenePortal>& portals, int skip) {
    Context context{};
    rtcInitIntersectContext(&context.base);
    context.portals = portals.data();
    context.skip = skip;
    context.beam = {1, -1};
    return context;
}

void put(float* to, Vec3f v) {
    to[0] = v.x;
    to[1] = v.y;
    to[2] = v.z;
}

ScenePortal make_portal(const geometry::Portal& p, const std::vector<std::unique_ptr<GlassCurve>>& glasses) {
    ScenePortal out{};
    out.corner = p.corner.as<float>();
    out.u = p.u.as<float>();
    out.v = p.v.as<float>();
    out.length_u = length(out.u);
    out.length_v = length(out.v);
    out.unit_u = out.u * (1 / out.length_u);
    out.unit_v = out.v * (1 / out.length_v);
    out.normal = cross(out.unit_u, out.unit_v);
    out.centre = out.corner + (out.u + out.v) * 0.5f;
    out.area = out.length_u * out.length_v;
    out.inside = p.inside;
    out.outside = p.outside;
    out.group = p.group;
    out.glass = p.glazing >= 0 ? glasses[static_cast<size_t>(p.glazing)].get() : nullptr;
    out.free_share = static_cast<float>(p.free_share);
    return out;
}

}  // namespace

Scene::Scene(const geometry::Surfaces& surfaces, Blinds blinds)
    : groups_(static_cast<int>(surfaces.groups.size())), ground_reflectance_(static_cast<float>(surfaces.ground_reflectance)) {
    for (const auto& g : surfaces.glazings) glasses_.push_back(std::make_unique<GlassCurve>(g.transmittance, g.panes));
    portals_of_.resize(surfaces.spaces.size());
    for (const auto& p : surfaces.portals) {
        ScenePortal portal = make_portal(p, glasses_);
        if (blinds == Blinds::closed && p.blind) {
            // Behind glass: what the pane passes of evenly spread light, then the fabric.
            const float pane = portal.free_share * (portal.glass != nullptr ? portal.glass->hemispherical() : 1.0f);
            portal.diffuse_transmittance = pane * static_cast<float>(surfaces.blind_transmittance);
            portal.diffuse_reflectance = kBlindReflectance;
        }
        const int index = static_cast<int>(portals_.size());
        for (const int space : {portal.inside, portal.outside})
            if (space >= 0) add_portal_to(space, index, surfaces.air);
        portals_.push_back(portal);
    }

    scene_ = rtcNewScene(device());
    rtcSetSceneFlags(scene_, RTC_SCENE_FLAG_ROBUST);
    RTCGeometry mesh = rtcNewGeometry(device(), RTC_GEOMETRY_TYPE_TRIANGLE);
    auto* vertices = static_cast<float*>(rtcSetNewGeometryBuffer(mesh, RTC_BUFFER_TYPE_VERTEX, 0, RTC_FORMAT_FLOAT3,
                                                                 3 * sizeof(float), surfaces.vertices.size()));
    auto* indices = static_cast<uint32_t*>(rtcSetNewGeometryBuffer(mesh, RTC_BUFFER_TYPE_INDEX, 0, RTC_FORMAT_UINT3,
                                                                   3 * sizeof(uint32_t), surfaces.triangles.size()));
    for (size_t i = 0; i < surfaces.vertices.size(); ++i) put(vertices + 3 * i, surfaces.vertices[i].as<float>());
    for (size_t i = 0; i < surfaces.triangles.size(); ++i) {
        const auto& t = surfaces.triangles[i];
        for (size_t k = 0; k < 3; ++k) indices[3 * i + k] = t[k];
        const Vec3 a = surfaces.vertices[t[0]], b = surfaces.vertices[t[1]], c = surfaces.vertices[t[2]];
        const Vec3 across = cross(b - a, c - a);
        const double twice_area = length(across);
        const auto& surface = surfaces.surfaces[surfaces.surface_of[i]];
        faces_.push_back({twice_area > 0 ? (across * (1 / twice_area)).as<float>() : Vec3f{0, 0, 1},
                          static_cast<float>(surface.reflectance), surface.space});
    }
    rtcCommitGeometry(mesh);
    rtcAttachGeometryByID(scene_, mesh, kSurfaces);
    rtcReleaseGeometry(mesh);

    if (!portals_.empty()) {
        RTCGeometry panes = rtcNewGeometry(device(), RTC_GEOMETRY_TYPE_QUAD);
        auto* corners = static_cast<float*>(rtcSetNewGeometryBuffer(panes, RTC_BUFFER_TYPE_VERTEX, 0, RTC_FORMAT_FLOAT3,
                                                                    3 * sizeof(float), 4 * portals_.size()));
        auto* quads = static_cast<uint32_t*>(rtcSetNewGeometryBuffer(panes, RTC_BUFFER_TYPE_INDEX, 0, RTC_FORMAT_UINT4,
                                                                     4 * sizeof(uint32_t), portals_.size()));
        for (size_t i = 0; i < portals_.size(); ++i) {
            const ScenePortal& p = portals_[i];
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
    rtcCommitScene(scene_);
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
    Context context = new_context(portals_, skip_portal);
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
    const Face& face = faces_[ray.hit.primID];
    hit.what = Hit::What::surface;
    hit.lit_side = dot(face.normal, direction) < 0;
    hit.normal = hit.lit_side ? face.normal : -face.normal;
    hit.reflectance = face.reflectance;
    hit.space = face.space;
    return hit;
}

Scene::Beam Scene::beam(Vec3f origin, Vec3f direction) const {
    Context context = new_context(portals_, -1);
    RTCRay ray{origin.x, origin.y, origin.z, 0, direction.x, direction.y, direction.z, 0, kFar, 0xffffffffu, 0, 0};
    rtcOccluded1(scene_, &context.base, &ray);
    return ray.tfar < 0 ? Beam{} : context.beam;
}

}  // namespace wp::light
