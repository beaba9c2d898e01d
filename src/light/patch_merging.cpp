// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/patch_merging.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace wp::light {

namespace {

constexpr uint32_t kWidest = 12;
/// Of one patch: a beam counts them in a byte.
constexpr float kMostSpots = 250;
/// Of glossy patches each looks elsewhere: they are taken together less. What falls onto a pane is much the same all over it.
constexpr float kGlossShare = 0.25f, kVeilShare = 3;

// A square in the making.
struct Node {
    const Patch* patch = nullptr;          // any of them
    const PatchSpot* spot = nullptr;       // any of it
    float worth = 0;
    std::vector<PatchKey> parts;           // patches of the sets that it is made of
};

// Along a curve on which neighbours follow each other.
uint64_t order_of(Vec3f at) {
    uint64_t out = 0;
    const uint64_t parts[3] = {static_cast<uint64_t>((at.x + 32768) * 16), static_cast<uint64_t>((at.y + 32768) * 16), static_cast<uint64_t>((at.z + 32768) * 16)};
    for (unsigned bit = 0; bit < 21; ++bit)
        for (unsigned k = 0; k < 3; ++k) out |= (parts[k] >> bit & 1) << (3 * bit + k);
    return out;
}

class Merging {
 public:
    Merging(std::span<const WeighedPatches> sets, const PatchSize& size, const PatchBudget& budget) : sets_(sets), size_(size), budget_(budget) {}

    MergedPatches run() {
        gather();
        for (uint32_t level = 0; level < kWidest; ++level) merge(level);
        MergedPatches out;
        std::unordered_map<PatchKey, uint32_t> place;
        make(out.set, place);
        for (const auto& [set, weight] : sets_) {
            out.place.emplace_back();
            if (set == nullptr) continue;
            for (const Patch& p : set->patches) out.place.back().push_back(place.at(p.key));
        }
        return out;
    }

 private:
    void gather() {
        for (const auto& [set, weight] : sets_) {
            if (set == nullptr) continue;
            for (size_t i = 0; i < set->count(); ++i) {
                const Patch& p = set->patches[i];
                auto& node = levels_[p.level][p.key];
                if (node.patch == nullptr) {
                    node.patch = &p;
                    node.spot = &set->spots[p.first];
                    node.parts = {p.key};
                }
                node.worth = std::max(node.worth, weight * p.worth);
                for (const PatchSpot& spot : set->spots_of(i)) add_spot(p.key, spot);
            }
        }
    }
    void add_spot(PatchKey patch, const PatchSpot& spot) {
        auto& list = spots_[patch];
        const auto known = std::find_if(list.begin(), list.end(), [&](const PatchSpot& s) { return s.part == spot.part; });
        if (known == list.end()) list.push_back(spot);
        else join_spot(*known, spot);
    }

    float share_of(const Node& node) const {
        const float share = node.patch->space >= 0 ? budget_.indoors : budget_.outdoors;
        return node.patch->veil >= 0 ? share * kVeilShare : node.spot->sharpness < 0 ? share : share * kGlossShare;
    }

    // Squares of one level into those of the next, where all that would be one is not worth more than a share.
    void merge(uint32_t level) {
        auto here = levels_.find(level);
        if (here == levels_.end()) return;
        std::map<PatchKey, std::vector<PatchKey>> by_parent;
        for (const auto& [key, node] : here->second) by_parent[key_at(*node.patch, *node.spot, size_, level + 1)].push_back(key);
        auto& next = levels_[level + 1];
        for (const auto& [parent, children] : by_parent) {
            float worth = 0;
            for (const PatchKey key : children) worth += here->second.at(key).worth;
            const auto known = next.find(parent);
            if (known != next.end()) worth += known->second.worth;
            if (worth > share_of(here->second.at(children.front()))) continue;
            Node& to = next[parent];
            for (const PatchKey key : children) {
                Node& from = here->second.at(key);
                if (to.patch == nullptr) to.patch = from.patch, to.spot = from.spot;
                to.parts.insert(to.parts.end(), from.parts.begin(), from.parts.end());
                here->second.erase(key);
            }
            to.worth = worth;
        }
    }

    void make(PatchSet& out, std::unordered_map<PatchKey, uint32_t>& place) {
        struct Made {
            PatchKey key;
            uint32_t level;
            const Node* node;
        };
        std::vector<Made> all;
        for (const auto& [level, nodes] : levels_)
            for (const auto& [key, node] : nodes) all.push_back({key, level, &node});
        std::sort(all.begin(), all.end(), [](const Made& a, const Made& b) { return std::pair{a.node->patch->space, a.key} < std::pair{b.node->patch->space, b.key}; });
        for (const Made& made : all) {
            const auto first = static_cast<uint32_t>(out.spots.size());
            choose(*made.node, made.key, out.spots);
            for (const PatchKey part : made.node->parts) place[part] = static_cast<uint32_t>(out.patches.size());
            out.patches.push_back({made.key, made.node->patch->space, made.node->patch->veil, first, static_cast<uint32_t>(out.spots.size()), made.level, made.node->worth});
        }
    }

    // Evenly along the curve, each in proportion to how often its place was met.
    void choose(const Node& node, PatchKey key, std::vector<PatchSpot>& to) {
        std::vector<PatchSpot> all;
        for (const PatchKey part : node.parts) {
            const auto& list = spots_.at(part);
            all.insert(all.end(), list.begin(), list.end());
        }
        std::sort(all.begin(), all.end(), [](const PatchSpot& a, const PatchSpot& b) { return std::pair{order_of(a.at), a.part} < std::pair{order_of(b.at), b.part}; });
        const float wanted = (node.patch->space >= 0 ? budget_.spots_indoors : budget_.spots_outdoors) * node.worth / share_of(node);
        const auto n = static_cast<size_t>(std::clamp(std::ceil(wanted), 1.0f, kMostSpots));
        if (all.size() <= n) {
            to.insert(to.end(), all.begin(), all.end());
            return;
        }
        double sum = 0;
        for (const PatchSpot& s : all) sum += s.hits;
        const double step = sum / static_cast<double>(n);
        double next = step * static_cast<double>(random::unit(random::hash(static_cast<uint32_t>(key), static_cast<uint32_t>(key >> 32)))), passed = 0;
        for (PatchSpot& s : all) {
            passed += s.hits;
            s.hits = 0;
            for (; next < passed; next += step) ++s.hits;
            if (s.hits > 0) to.push_back(s);
        }
    }

    std::span<const WeighedPatches> sets_;
    const PatchSize& size_;
    const PatchBudget& budget_;
    std::map<uint32_t, std::map<PatchKey, Node>> levels_;
    std::unordered_map<PatchKey, std::vector<PatchSpot>> spots_;
};

}  // namespace

PatchBudget patch_budget(double accuracy) {
    PatchBudget out;
    const auto finer = static_cast<float>(std::clamp(accuracy, 0.005, 0.2) / 0.1);
    out.indoors *= finer;
    out.outdoors *= finer;
    return out;
}

MergedPatches merge_patches(std::span<const WeighedPatches> sets, const PatchSize& size, const PatchBudget& budget) { return Merging(sets, size, budget).run(); }

}  // namespace wp::light
