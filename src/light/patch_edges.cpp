// SPDX-License-Identifier: GPL-3.0-or-later
// Beams that no spot of a patch found, though the same patch has one shortly before or after: the sun's edge may lie
// between its spots.
#include <algorithm>

#include "base/parallel.h"
#include "light/patches.h"

namespace wp::light {

namespace {

/// Suns further apart than this are of two days.
constexpr float kNeighbours = 0.9f;

bool faces(std::span<const PatchSpot> spots, Vec3f to) {
    return std::ranges::any_of(spots, [&](const PatchSpot& s) { return dot(s.normal, to) > 0; });
}

// Of one patch, in the order of suns.
class Neighbours {
 public:
    Neighbours(std::span<const Sunlit::Beam> beams, std::span<const PatchSpot> spots, std::span<const SunLook> suns)
        : beams_(beams), spots_(spots), suns_(suns) {}

    std::vector<Sunlit::Beam> with_edges() const {
        std::vector<Sunlit::Beam> out(beams_.begin(), beams_.end());
        for (size_t b = 0; b < beams_.size(); ++b) {
            if (beams_[b].sun > 0 && (b == 0 || beams_[b - 1].sun + 1 < beams_[b].sun)) add(beams_[b], -1, out);
            if (b + 1 == beams_.size() || beams_[b].sun + 1 < beams_[b + 1].sun) add(beams_[b], 1, out);
        }
        std::ranges::stable_sort(out, {}, &Sunlit::Beam::sun);
        // An hour between two lit ones is told once.
        out.erase(std::unique(out.begin(), out.end(),
                              [](const auto& a, const auto& b) { return a.sun == b.sun && a.lit == 0 && b.lit == 0; }),
                  out.end());
        return out;
    }

 private:
    void add(const Sunlit::Beam& lit, int step, std::vector<Sunlit::Beam>& to) const {
        const auto sun = static_cast<size_t>(lit.sun + step);
        if (sun >= suns_.size() || dot(suns_[sun].to, suns_[lit.sun].to) < kNeighbours) return;
        if (!faces(spots_, suns_[sun].to)) return;
        Sunlit::Beam edge = lit;
        edge.sun = static_cast<uint16_t>(sun);
        edge.share = lit.share * static_cast<float>(lit.of) / static_cast<float>(lit.lit);
        edge.lit = 0;
        to.push_back(edge);
    }

    std::span<const Sunlit::Beam> beams_;
    std::span<const PatchSpot> spots_;
    std::span<const SunLook> suns_;
};

}  // namespace

void add_edges(Sunlit& sunlit, const PatchSet& set, std::span<const SunLook> suns) {
    std::vector<std::vector<Sunlit::Beam>> all(set.count());
    parallel_for(
        set.count(), [&](size_t p) { all[p] = Neighbours(sunlit.on(p), set.spots_of(p), suns).with_edges(); }, 64);
    sunlit.beams.clear();
    for (size_t p = 0; p < all.size(); ++p) {
        sunlit.beams.insert(sunlit.beams.end(), all[p].begin(), all[p].end());
        sunlit.first[p + 1] = static_cast<uint32_t>(sunlit.beams.size());
    }
}

}  // namespace wp::light
