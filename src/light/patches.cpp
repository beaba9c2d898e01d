// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/patches.h"

#include <algorithm>
#include <atomic>
#include <bit>
#include <cmath>

#include "base/parallel.h"
#include "light/plain_bytes.h"

namespace wp::light {

namespace {

// No surface of a building that is drawn to the millimetre lies between two squares.
constexpr Vec3f kOffset{0.0137213f, 0.0071931f, 0.0193717f};
/// Patches are cut coarser where there would be more of them than this.
constexpr double kMostIndoors = 24000;

uint64_t mix(uint64_t h) {
    h += 0x9e3779b97f4a7c15ull;
    h = (h ^ (h >> 30)) * 0xbf58476d1ce4e5b9ull;
    h = (h ^ (h >> 27)) * 0x94d049bb133111ebull;
    return h ^ (h >> 31);
}

uint64_t coarse(Vec3f unit, float steps) {
    const auto part = [&](float v) { return static_cast<uint64_t>(std::lround(v * steps) + 32) & 63; };
    return part(unit.x) | part(unit.y) << 6 | part(unit.z) << 12;
}

PatchKey key_of(uint64_t what, Vec3f at, float edge, uint64_t level) {
    const auto part = [&](float v) { return static_cast<uint64_t>(static_cast<int64_t>(std::floor(v / edge))) & 0x1fffff; };
    const uint64_t place = part(at.x) | part(at.y) << 21 | part(at.z) << 42;
    return mix(mix(place) ^ what ^ level << 58);
}

}  // namespace

PatchSize patch_size(double accuracy, const geometry::Surfaces& surfaces) {
    PatchSize out;
    const double fine = std::sqrt(std::clamp(accuracy, 0.005, 0.1) / 0.1);
    out.indoors = fine > 0.6 ? 0.25f : 0.125f;
    out.outdoors = static_cast<float>(std::clamp(0.2 * fine, 0.07, 0.2));
    double area = 0;
    for (size_t i = 0; i < surfaces.triangles.size(); ++i) {
        if (surfaces.surfaces[surfaces.surface_of[i]].space == geometry::kOutdoors) continue;
        const auto& t = surfaces.triangles[i];
        area += length(cross(surfaces.vertices[t[1]] - surfaces.vertices[t[0]], surfaces.vertices[t[2]] - surfaces.vertices[t[0]])) / 2;
    }
    while (area / static_cast<double>(out.indoors * out.indoors) > kMostIndoors) out.indoors *= 2;
    return out;
}

namespace {

// What sets patches of one place apart.
uint64_t what_of(int space, int veil, Vec3f normal, Vec3f mirror, float sharpness) {
    uint64_t what = static_cast<uint64_t>(space + 1) & 0xffff;
    what |= (static_cast<uint64_t>(veil + 1) & 0xffff) << 16;
    what = mix(what | coarse(normal, 3) << 32);
    return sharpness < 0 ? what : mix(what ^ coarse(mirror, 4) ^ static_cast<uint64_t>(std::bit_cast<uint32_t>(sharpness)) << 24);
}

float edge_of(const PatchSize& size, uint32_t level) { return size.indoors * std::exp2(static_cast<float>(level) - 1); }

}  // namespace

PatchKeys keys_of(const LitPlace& place, const PatchSize& size, const GlossLobe* lobe) {
    constexpr uint32_t widest = 16;
    uint32_t level = 1;
    float edge = size.indoors;
    if (place.space < 0 && place.veil < 0)
        for (; level < widest && edge * 2 <= size.outdoors * place.reach; ++level) edge *= 2;
    // A glossy place is told by where it mirrors to.
    if (lobe != nullptr) ++level, edge *= 2;
    const uint64_t what = what_of(place.space, place.veil, place.normal, lobe != nullptr ? lobe->mirror : Vec3f{}, lobe != nullptr ? lobe->sharpness : -1);
    const Vec3f at = place.at + kOffset;
    return {key_of(what, at, edge, level), key_of(what, at, edge / 2, level - 1), level};
}

PatchKey key_at(const Patch& patch, const PatchSpot& spot, const PatchSize& size, uint32_t level) {
    return key_of(what_of(patch.space, patch.veil, spot.normal, spot.mirror, spot.sharpness), spot.at + kOffset, edge_of(size, level), level);
}

void PatchSums::grow() {
    slots_.assign(std::max<size_t>(256, slots_.size() * 2), 0);
    for (uint32_t i = 0; i < sums_.size(); ++i) {
        size_t at = mix(sums_[i].key ^ sums_[i].row) & (slots_.size() - 1);
        while (slots_[at] != 0) at = (at + 1) & (slots_.size() - 1);
        slots_[at] = i + 1;
    }
}

void PatchSums::add(PatchKey key, uint32_t row, float weight) {
    if (sums_.size() * 2 >= slots_.size()) grow();
    size_t at = mix(key ^ row) & (slots_.size() - 1);
    while (slots_[at] != 0 && (sums_[slots_[at] - 1].key != key || sums_[slots_[at] - 1].row != row)) at = (at + 1) & (slots_.size() - 1);
    if (slots_[at] == 0) {
        sums_.push_back({key, row, kUnknown, 0, 0});
        slots_[at] = static_cast<uint32_t>(sums_.size());
    }
    Sum& sum = sums_[slots_[at] - 1];
    sum.weight += weight;
    sum.square += weight * weight;
}

void join_spot(PatchSpot& known, const PatchSpot& other) {
    // Of two with one dice the place decides.
    const auto order = [](const PatchSpot& s) { return std::tuple{s.dice, s.at.x, s.at.y, s.at.z, s.mirror.x, s.mirror.y, s.mirror.z}; };
    const uint32_t hits = known.hits + other.hits;
    if (order(other) < order(known)) known = other;
    known.hits = hits;
}

void PatchGatherer::add(const Met& met) {
    if (parts_.size() * 2 >= slots_.size()) grow();
    // Keys are mixed well already.
    size_t at = met.spot.part & (slots_.size() - 1);
    while (slots_[at] != 0 && parts_[slots_[at] - 1].spot.part != met.spot.part) at = (at + 1) & (slots_.size() - 1);
    if (slots_[at] == 0) {
        parts_.push_back(met);
        slots_[at] = static_cast<uint32_t>(parts_.size());
        return;
    }
    join_spot(parts_[slots_[at] - 1].spot, met.spot);
}

void PatchGatherer::grow() {
    slots_.assign(std::max<size_t>(1024, slots_.size() * 2), 0);
    for (uint32_t i = 0; i < parts_.size(); ++i) {
        size_t at = parts_[i].spot.part & (slots_.size() - 1);
        while (slots_[at] != 0) at = (at + 1) & (slots_.size() - 1);
        slots_[at] = i + 1;
    }
}

void PatchGatherer::add(const PatchGatherer& other) {
    for (const Met& met : other.parts_) add(met);
}

PatchSet PatchGatherer::take() const {
    std::vector<const Met*> all;
    for (const Met& met : parts_) all.push_back(&met);
    std::sort(all.begin(), all.end(), [](const Met* a, const Met* b) { return std::tuple{a->space, a->patch, a->spot.part} < std::tuple{b->space, b->patch, b->spot.part}; });
    PatchSet out;
    for (const Met* met : all) {
        if (out.patches.empty() || out.patches.back().key != met->patch || out.patches.back().space != met->space)
            out.patches.push_back({met->patch, met->space, met->veil, static_cast<uint32_t>(out.spots.size()), 0, met->level, 0});
        out.spots.push_back(met->spot);
        out.patches.back().last = static_cast<uint32_t>(out.spots.size());
    }
    return out;
}

namespace {

// Suns in arrays, and where the way to each leads along every portal: what a patch far from all of these need not ask the rays.
class Culling {
 public:
    Culling(std::span<const SunLook> suns, const std::vector<ScenePortal>& portals) : n_(suns.size()) {
        for (const ScenePortal& p : portals) {
            Axes a;
            for (auto* list : {&a.inverse, &a.u, &a.v}) list->assign(n_, 0.0f);
            for (size_t i = 0; i < n_; ++i) {
                const Vec3f d = suns[i].to;
                const float through = dot(d, p.normal);
                if (d.z <= 0 || (p.outside < 0 && p.inside >= 0 && through <= 0) || (p.inside < 0 && p.outside >= 0 && through >= 0)) continue;
                // Along the plane there is no meeting: the look along it decides.
                a.inverse[i] = std::fabs(through) > 1e-4f ? 1 / through : 1e4f;
                a.u[i] = dot(d, p.unit_u);
                a.v[i] = dot(d, p.unit_v);
            }
            axes_.push_back(std::move(a));
        }
    }
    // Marks suns whose beam may come through the portal to a place within radius of at.
    void mark(const ScenePortal& p, size_t index, Vec3f at, float radius, std::vector<uint8_t>& marks) const {
        const Vec3f from = at - p.corner;
        pass(axes_[index], -dot(from, p.normal), dot(from, p.unit_u), dot(from, p.unit_v), p.length_u, p.length_v, radius, marks.data());
    }

 private:
    struct Axes {
        std::vector<float> inverse, u, v;
    };
    [[gnu::target_clones("avx2", "default")]] void pass(const Axes& a, float height, float u0, float v0, float length_u, float length_v, float radius, uint8_t* __restrict marks) const {
        const float *inverse = a.inverse.data(), *au = a.u.data(), *av = a.v.data();
        for (size_t i = 0; i < n_; ++i) {
            const float t = height * inverse[i], u = u0 + t * au[i], v = v0 + t * av[i], slack = radius * (1 + std::fabs(inverse[i]));
            const bool may = (inverse[i] != 0) & (t > -slack) & (u > -slack) & (v > -slack) & (u < length_u + slack) & (v < length_v + slack);
            marks[i] = static_cast<uint8_t>(marks[i] | static_cast<uint8_t>(may));
        }
    }
    size_t n_;
    std::vector<Axes> axes_;
};

/// Of a lobe's height, below which it is not looked along.
constexpr float kLobeFoot = 1e-3f, kLogLobeFoot = -6.9077553f;

// What a spot takes of a beam from a direction, before what stands between.
float taken(const PatchSpot& spot, Vec3f to) {
    const float cosine = dot(to, spot.normal);
    if (cosine <= 0 || spot.sharpness < 0) return std::max(cosine, 0.0f);
    const float along = dot(to, spot.mirror);
    // cos^s is below exp(-s (1 - cos)).
    if (along <= 0 || spot.sharpness * (1 - along) > -kLogLobeFoot || std::pow(along, spot.sharpness) < kLobeFoot) return 0;
    return GlossLobe{spot.normal, spot.mirror, spot.sharpness}.density(to);
}

struct Found {
    uint32_t sun;
    Sunlit::Beam beam;
};

class Looking {
 public:
    Looking(const PatchSet& set, std::span<const SunLook> suns) : set_(set), suns_(suns), scene_(*suns.front().scene), culling_(suns, scene_.portals()) {}

    uint64_t look(size_t index, std::vector<Found>& to) const {
        const Patch& patch = set_.patches[index];
        const auto spots = set_.spots_of(index);
        static thread_local std::vector<uint8_t> marks;
        marks.assign(suns_.size(), patch.space < 0 ? 1 : 0);
        if (patch.space >= 0) mark(patch, spots, marks);
        uint64_t rays = 0;
        for (size_t s = 0; s < suns_.size(); ++s)
            if (marks[s] != 0 && suns_[s].to.z > 0) rays += look_at(patch, spots, static_cast<uint32_t>(index), static_cast<uint32_t>(s), to);
        return rays;
    }

 private:
    void mark(const Patch& patch, std::span<const PatchSpot> spots, std::vector<uint8_t>& marks) const {
        Vec3f low = spots[0].at, high = low;
        for (const PatchSpot& s : spots) {
            low = {std::min(low.x, s.at.x), std::min(low.y, s.at.y), std::min(low.z, s.at.z)};
            high = {std::max(high.x, s.at.x), std::max(high.y, s.at.y), std::max(high.z, s.at.z)};
        }
        const Vec3f middle = (low + high) * 0.5f;
        const float radius = length(high - low) * 0.5f + 2e-3f;
        for (const int p : scene_.portals_of(patch.space)) culling_.mark(scene_.portals()[static_cast<size_t>(p)], static_cast<size_t>(p), middle, radius, marks);
    }

    uint64_t look_at(const Patch& patch, std::span<const PatchSpot> spots, uint32_t index, uint32_t s, std::vector<Found>& to) const {
        const SunLook& sun = suns_[s];
        // Few portals light one patch at once.
        static thread_local std::vector<Sunlit::Beam> here;
        here.clear();
        uint64_t rays = 0;
        float hits = 0;
        for (const PatchSpot& spot : spots) {
            hits += static_cast<float>(spot.hits);
            const float takes = taken(spot, sun.to);
            if (takes <= 0 || !sun.scene->leads_out(patch.space, spot.at, sun.to)) continue;
            ++rays;
            const auto beam = sun.scene->beam(spot.at, sun.to);
            const float share = takes * beam.states[sun.state];
            if (share <= 0) continue;
            auto known = std::find_if(here.begin(), here.end(), [&](const auto& b) { return b.portal == beam.portal; });
            if (known == here.end()) known = here.insert(here.end(), {index, static_cast<int16_t>(beam.portal), 0, static_cast<uint8_t>(spots.size()), 0});
            ++known->lit;
            known->share += share * static_cast<float>(spot.hits);
        }
        for (auto& beam : here) {
            beam.share /= hits;
            to.push_back({s, beam});
        }
        return rays;
    }

    const PatchSet& set_;
    std::span<const SunLook> suns_;
    const Scene& scene_;
    Culling culling_;
};

}  // namespace

std::string Sunlit::write() const {
    ByteWriter w;
    w.put(first);
    w.put(beams);
    w.put(panes);
    return w.take();
}

Result<Sunlit> Sunlit::read(std::string_view bytes, size_t suns, size_t spaces, size_t patches, size_t portals) {
    Sunlit out;
    ByteReader r(bytes);
    out.spaces = spaces;
    if (!r.take(out.first) || !r.take(out.beams) || !r.take(out.panes) || !r.done() || out.first.size() != suns * (spaces + 1) + 1 || !ascending(out.first, out.beams.size())) return kDamaged;
    for (const Beam& b : out.beams)
        if (b.patch >= patches || b.portal < -1 || b.portal >= static_cast<int>(portals) || b.of == 0 || b.lit > b.of || !std::isfinite(b.share)) return kDamaged;
    return out;
}

float doubt_of(const Sunlit::Beam& beam) {
    if (beam.lit == 0) return 0;
    // Few spots that agree prove little: the edge may run between them (H. Jeffreys' prior of a share).
    const auto lit = static_cast<float>(beam.lit), of = static_cast<float>(beam.of);
    const float whole = beam.share * of / lit, part = (lit + 0.5f) / (of + 1);
    return 0.5f * whole * whole * part * (1 - part) / of;
}

Sunlit look_for_suns(const PatchSet& set, std::span<const SunLook> suns, size_t spaces, const std::function<bool()>& cancelled) {
    Sunlit out;
    out.spaces = spaces;
    out.first.assign(suns.size() * (spaces + 1) + 1, 0);
    if (suns.empty() || set.count() == 0) return out;
    const Looking looking(set, suns);
    std::vector<std::vector<Found>> found(set.count());
    std::atomic<uint64_t> rays{0};
    parallel_for(set.count(), [&](size_t i) {
        if (!cancelled || !cancelled()) rays += looking.look(i, found[i]);
    }, 8);
    out.rays = rays;
    const auto slot = [&](const Found& f) { return f.sun * (spaces + 1) + static_cast<size_t>(set.patches[f.beam.patch].space + 1); };
    for (const auto& list : found)
        for (const Found& f : list) ++out.first[slot(f) + 1];
    for (size_t i = 1; i < out.first.size(); ++i) out.first[i] += out.first[i - 1];
    out.beams.resize(out.first.back());
    auto next = out.first;
    for (const auto& list : found)
        for (const Found& f : list) out.beams[next[slot(f)]++] = f.beam;
    return out;
}

}  // namespace wp::light
