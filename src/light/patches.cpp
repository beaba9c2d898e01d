// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/patches.h"

#include <algorithm>
#include <atomic>
#include <bit>
#include <cmath>

#include "base/parallel.h"
#include "light/path.h"
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
    const auto part = [&](float v) {
        return static_cast<uint64_t>(static_cast<int64_t>(std::floor(v / edge))) & 0x1fffff;
    };
    const uint64_t place = part(at.x) | part(at.y) << 21 | part(at.z) << 42;
    return mix(mix(place) ^ what ^ level << 58);
}

}  // namespace

PatchSize patch_size(double accuracy, const geometry::Surfaces& surfaces) {
    PatchSize out;
    const double fine = std::sqrt(std::clamp(accuracy, 0.005, 0.1) / 0.1);
    out.indoors = fine > 0.6 ? 0.25f : 0.125f;
    out.outdoors = static_cast<float>(std::clamp(0.2 * fine, 0.07, 0.2));
    // For a first look: what the sun's edges then leave open is stated with the hours.
    if (accuracy > kFirstLook) {
        out.indoors *= 2;
        out.outdoors *= 2;
    }
    double area = 0;
    for (size_t i = 0; i < surfaces.triangles.size(); ++i) {
        if (surfaces.surfaces[surfaces.surface_of[i]].space == geometry::kOutdoors) continue;
        const auto& t = surfaces.triangles[i];
        area += length(cross(surfaces.vertices[t[1]] - surfaces.vertices[t[0]],
                             surfaces.vertices[t[2]] - surfaces.vertices[t[0]])) /
                2;
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
    return sharpness < 0
               ? what
               : mix(what ^ coarse(mirror, 4) ^ static_cast<uint64_t>(std::bit_cast<uint32_t>(sharpness)) << 24);
}

float edge_of(const PatchSize& size, uint32_t level) { return size.indoors * std::exp2(static_cast<float>(level) - 1); }

}  // namespace

PatchKeys keys_of(const LitPlace& place, const PatchSize& size, const GlossLobe* lobe) {
    constexpr uint32_t widest = 16;
    uint32_t level = 1;
    float edge = size.indoors;
    if (place.space < 0 && place.veil < 0)
        for (; level < widest && edge * 2 <= size.outdoors * place.reach; ++level) edge *= 2;
    // A glossy place is given by where it mirrors to.
    if (lobe != nullptr) ++level, edge *= 2;
    const uint64_t what = what_of(place.space, place.veil, place.normal, lobe != nullptr ? lobe->mirror : Vec3f{},
                                  lobe != nullptr ? lobe->sharpness : -1);
    const Vec3f at = place.at + kOffset;
    return {key_of(what, at, edge, level), key_of(what, at, edge / 2, level - 1), level};
}

PatchKey key_at(const Patch& patch, const PatchSpot& spot, const PatchSize& size, uint32_t level) {
    return key_of(what_of(patch.space, patch.veil, spot.normal, spot.mirror, spot.sharpness), spot.at + kOffset,
                  edge_of(size, level), level);
}

void PatchSums::grow() {
    slots_.assign(std::max<size_t>(256, slots_.size() * 2), 0);
    for (uint32_t i = 0; i < sums_.size(); ++i) {
        size_t at = mix(sums_[i].key ^ sums_[i].row) & (slots_.size() - 1);
        while (slots_[at] != 0) at = (at + 1) & (slots_.size() - 1);
        slots_[at] = i + 1;
    }
}

size_t PatchSums::place_of(PatchKey key, uint32_t row) {
    if (sums_.size() * 2 >= slots_.size()) grow();
    size_t at = mix(key ^ row) & (slots_.size() - 1);
    while (slots_[at] != 0 && (sums_[slots_[at] - 1].key != key || sums_[slots_[at] - 1].row != row))
        at = (at + 1) & (slots_.size() - 1);
    if (slots_[at] == 0) {
        sums_.push_back({key, row, kUnknown});
        values_.resize(values_.size() + 2 * states_, 0.0f);
        slots_[at] = static_cast<uint32_t>(sums_.size());
    }
    return slots_[at] - 1;
}

void PatchSums::add(PatchKey key, uint32_t row, float weight, const float* by_state) {
    const size_t place = place_of(key, row);
    float* to = values_.data() + 2 * states_ * place;
    for (size_t k = 0; k < states_; ++k) {
        const float carried = weight * by_state[k];
        to[2 * k] += carried;
        to[2 * k + 1] += carried * carried;
    }
}

PatchSums::Sum& PatchSums::add(PatchKey key, uint32_t row, size_t state, float weight, float square) {
    const size_t place = place_of(key, row);
    float* to = values_.data() + 2 * (place * states_ + state);
    to[0] += weight;
    to[1] += square;
    return sums_[place];
}

bool stands_before(const PatchSpot& a, const PatchSpot& b) {
    const auto order = [](const PatchSpot& s) {
        return std::tuple{s.dice, s.at.x, s.at.y, s.at.z, s.mirror.x, s.mirror.y, s.mirror.z};
    };
    return order(a) < order(b);
}

void join_spot(PatchSpot& known, const PatchSpot& other) {
    const uint32_t hits = known.hits + other.hits;
    if (stands_before(other, known)) known = other;
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
    std::sort(all.begin(), all.end(), [](const Met* a, const Met* b) {
        return std::tuple{a->space, a->patch, a->spot.part} < std::tuple{b->space, b->patch, b->spot.part};
    });
    PatchSet out;
    for (const Met* met : all) {
        if (out.patches.empty() || out.patches.back().key != met->patch || out.patches.back().space != met->space)
            out.patches.push_back(
                {met->patch, met->space, met->veil, static_cast<uint32_t>(out.spots.size()), 0, met->level, 0});
        out.spots.push_back(met->spot);
        out.patches.back().last = static_cast<uint32_t>(out.spots.size());
    }
    return out;
}

namespace {

// Suns in arrays, and where the way to each leads along every portal: what a patch far from all of these need not ask
// the rays.
class Culling {
 public:
    Culling(std::span<const SunLook> suns, const std::vector<ScenePortal>& portals) : n_(suns.size()) {
        for (const ScenePortal& p : portals) {
            Axes a;
            for (auto* list : {&a.inverse, &a.u, &a.v}) list->assign(n_, 0.0f);
            for (size_t i = 0; i < n_; ++i) {
                const Vec3f d = suns[i].to;
                const float through = dot(d, p.normal);
                if (d.z <= 0 || (p.outside < 0 && p.inside >= 0 && through <= 0) ||
                    (p.inside < 0 && p.outside >= 0 && through >= 0))
                    continue;
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
        static const bool wide = __builtin_cpu_supports("avx2");
        (wide ? mark_wide : mark_narrow)(
            axes_[index], n_,
            {-dot(from, p.normal), dot(from, p.unit_u), dot(from, p.unit_v), p.length_u, p.length_v, radius},
            marks.data());
    }

 private:
    struct Axes {
        std::vector<float> inverse, u, v;
    };
    struct Place {
        float height, u, v, length_u, length_v, radius;
    };
    [[gnu::always_inline]] static inline void mark_all(const Axes& a, size_t n, const Place& p,
                                                       uint8_t* __restrict marks) {
        const float *inverse = a.inverse.data(), *au = a.u.data(), *av = a.v.data();
        for (size_t i = 0; i < n; ++i) {
            const float t = p.height * inverse[i], u = p.u + t * au[i], v = p.v + t * av[i],
                        slack = p.radius * (1 + std::fabs(inverse[i]));
            const bool may = (inverse[i] != 0) & (t > -slack) & (u > -slack) & (v > -slack) & (u < p.length_u + slack) &
                             (v < p.length_v + slack);
            marks[i] = static_cast<uint8_t>(marks[i] | static_cast<uint8_t>(may));
        }
    }
    // Of one function for two machines: chosen here, since what the loader chooses runs before a sanitizer is there.
    static void mark_narrow(const Axes& a, size_t n, const Place& p, uint8_t* marks) { mark_all(a, n, p, marks); }
    [[gnu::target("avx2")]] static void mark_wide(const Axes& a, size_t n, const Place& p, uint8_t* marks) {
        mark_all(a, n, p, marks);
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
    if (along <= 0 || spot.sharpness * (1 - along) > -kLogLobeFoot || std::pow(along, spot.sharpness) < kLobeFoot)
        return 0;
    return GlossLobe{spot.normal, spot.mirror, spot.sharpness}.density(to);
}

// Of one patch: which suns may reach it, what was found on the way to each from one spot, and what all spots found.
struct Lookout {
    static constexpr uint32_t kNone = 0xffffffffu;
    struct Way {
        uint64_t spot = 0;  // of which it is known
        Scene::Beam beam;
    };
    struct Made {
        Sunlit::Beam beam;
        uint32_t next;  // of the same sun
    };
    std::vector<uint8_t> marks;
    std::vector<uint32_t> active, first;  // first: of made, by sun
    std::vector<Way> ways;                // by sun
    std::vector<Made> made;
    uint64_t spot = 0;  // ways are told apart by it, and need not be cleared

    void begin(size_t suns, uint8_t mark) {
        marks.assign(suns, mark);
        ways.resize(suns);
        first.assign(suns, kNone);
        active.clear();
        made.clear();
    }
    // Few portals light one patch at once.
    Sunlit::Beam& beam(const Sunlit::Beam& fresh) {
        uint32_t* at = &first[fresh.sun];
        while (*at != kNone && made[*at].beam.portal != fresh.portal) at = &made[*at].next;
        if (*at != kNone) return made[*at].beam;
        *at = static_cast<uint32_t>(made.size());
        made.push_back({fresh, kNone});
        return made.back().beam;
    }
};

class Looking {
 public:
    Looking(const PatchSet& set, std::span<const SunLook> suns)
        : set_(set), suns_(suns), scene_(*suns.front().scene), culling_(suns, scene_.portals()) {
        for (auto& list : seen_as_) list.resize(suns.size());
        for (uint32_t s = 0; s < suns.size(); ++s)
            for (size_t k = 0; k < seen_as_.size(); ++k)
                seen_as_[k][s] = suns[s].seen_as[k] == SunLook::kItself ? s : suns[s].seen_as[k];
    }

    uint64_t look(size_t index, std::vector<Sunlit::Beam>& to) const {
        const Patch& patch = set_.patches[index];
        const auto spots = set_.spots_of(index);
        static thread_local Lookout here;
        here.begin(suns_.size(), patch.space < 0 ? 1 : 0);
        if (patch.space >= 0) mark(patch, spots, here.marks);
        for (uint32_t s = 0; s < suns_.size(); ++s) {
            const bool may =
                (here.marks[seen_as_[0][s]] | here.marks[seen_as_[1][s]] | here.marks[seen_as_[2][s]]) != 0;
            if (may && suns_[s].to.z > 0) here.active.push_back(s);
        }
        uint64_t rays = 0;
        float hits = 0;
        for (const PatchSpot& spot : spots) {
            hits += static_cast<float>(spot.hits);
            rays += look_from(spot, patch.space, static_cast<uint8_t>(spots.size()), here);
        }
        for (const uint32_t s : here.active)
            for (uint32_t at = here.first[s]; at != Lookout::kNone; at = here.made[at].next) {
                to.push_back(here.made[at].beam);
                to.back().share /= hits;
            }
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
        for (const int p : scene_.portals_of(patch.space))
            culling_.mark(scene_.portals()[static_cast<size_t>(p)], static_cast<size_t>(p), middle, radius, marks);
    }

    uint64_t look_from(const PatchSpot& spot, int space, uint8_t spots, Lookout& here) const {
        const auto& seen_as = seen_as_[spot.part % seen_as_.size()];
        ++here.spot;
        uint64_t rays = 0;
        for (const uint32_t s : here.active) {
            const uint32_t stand_in = seen_as[s];
            if (here.marks[stand_in] == 0) continue;
            const float takes = taken(spot, suns_[s].to);
            if (takes <= 0) continue;
            auto& way = here.ways[stand_in];
            if (way.spot != here.spot) rays += go(spot.at, space, suns_[stand_in], way), way.spot = here.spot;
            const float share = takes * way.beam.states[suns_[s].state];
            if (share <= 0) continue;
            Sunlit::Beam& beam =
                here.beam({static_cast<uint16_t>(s), static_cast<int16_t>(way.beam.portal), 0, spots, 0});
            ++beam.lit;
            beam.share += share * static_cast<float>(spot.hits);
        }
        return rays;
    }

    static uint64_t go(Vec3f at, int space, const SunLook& sun, Lookout::Way& way) {
        way.beam = {};
        way.beam.states = {};
        if (!sun.scene->leads_out(space, at, sun.to)) return 0;
        way.beam = sun.scene->beam(at, sun.to);
        return 1;
    }

    const PatchSet& set_;
    std::span<const SunLook> suns_;
    const Scene& scene_;
    Culling culling_;
    std::array<std::vector<uint32_t>, 3> seen_as_;
};

}  // namespace

PatchSet PatchSet::part(size_t from, size_t to) const {
    PatchSet out;
    for (size_t p = from; p < to; ++p) {
        const auto own = spots_of(p);
        out.patches.push_back(patches[p]);
        out.patches.back().first = static_cast<uint32_t>(out.spots.size());
        out.spots.insert(out.spots.end(), own.begin(), own.end());
        out.patches.back().last = static_cast<uint32_t>(out.spots.size());
    }
    return out;
}

std::string PatchSet::write() const {
    ByteWriter w;
    w.put(patches);
    w.put(spots);
    return w.take();
}

Result<PatchSet> PatchSet::read(std::string_view bytes) {
    PatchSet out;
    ByteReader r(bytes);
    if (!r.take(out.patches) || !r.take(out.spots) || !r.done()) return kDamaged;
    for (const Patch& p : out.patches)
        if (p.first > p.last || p.last > out.spots.size()) return kDamaged;
    return out;
}

void Sunlit::append(const Sunlit& next) {
    const auto before = static_cast<uint32_t>(beams.size());
    beams.insert(beams.end(), next.beams.begin(), next.beams.end());
    for (size_t p = 1; p < next.first.size(); ++p) first.push_back(before + next.first[p]);
    rays += next.rays;
}

std::string Sunlit::write() const {
    ByteWriter w;
    w.put(first);
    w.put(beams);
    w.put(panes);
    return w.take();
}

uint32_t Sunlit::from_sun(size_t patch, uint32_t sun) const {
    const auto all = on(patch);
    return first[patch] +
           static_cast<uint32_t>(std::ranges::lower_bound(all, sun, {}, [](const Beam& b) { return uint32_t{b.sun}; }) -
                                 all.begin());
}

Result<Sunlit> Sunlit::read(std::string_view bytes, size_t suns, size_t patches, size_t portals) {
    Sunlit out;
    ByteReader r(bytes);
    if (!r.take(out.first) || !r.take(out.beams) || !r.take(out.panes) || !r.done() ||
        out.first.size() != patches + 1 || !ascending(out.first, out.beams.size()))
        return kDamaged;
    for (const Beam& b : out.beams)
        if (b.sun >= suns || b.portal < -1 || b.portal >= static_cast<int>(portals) || b.of == 0 || b.lit > b.of ||
            !std::isfinite(b.share))
            return kDamaged;
    for (size_t p = 0; p < patches; ++p)
        if (!std::ranges::is_sorted(out.on(p), {}, &Beam::sun)) return kDamaged;
    return out;
}

float doubt_of(const Sunlit::Beam& beam, float lux) {
    const auto lit = static_cast<float>(beam.lit), of = static_cast<float>(beam.of);
    const float whole = beam.lit > 0 ? lux * of / lit : lux, part = (lit + 0.5f) / (of + 1);
    return 0.5f * whole * whole * part * (1 - part) / of;
}

Sunlit look_for_suns(const PatchSet& set, std::span<const SunLook> suns, const std::function<bool()>& cancelled) {
    Sunlit out;
    out.first.assign(set.count() + 1, 0);
    if (suns.empty() || set.count() == 0) return out;
    const Looking looking(set, suns);
    std::vector<std::vector<Sunlit::Beam>> found(set.count());
    std::atomic<uint64_t> rays{0};
    parallel_for(
        set.count(),
        [&](size_t i) {
            if (!cancelled || !cancelled()) rays += looking.look(i, found[i]);
        },
        8);
    out.rays = rays;
    for (size_t i = 0; i < found.size(); ++i) out.first[i + 1] = out.first[i] + static_cast<uint32_t>(found[i].size());
    out.beams.reserve(out.first.back());
    for (auto& list : found) {
        out.beams.insert(out.beams.end(), list.begin(), list.end());
        std::vector<Sunlit::Beam>().swap(list);
    }
    return out;
}

}  // namespace wp::light
